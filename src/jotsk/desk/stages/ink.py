"""Ink: draw the lines that stay."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

INK = Stage(
    "ink",
    "Ink",
    "Draw the lines that stay",
    first=("nib", "brush", "even", "mouse"),
)
