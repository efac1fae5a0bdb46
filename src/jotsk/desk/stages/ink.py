"""Ink: draw the lines that stay."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

INK = Stage(
    "ink",
    tr("Ink"),
    tr("Draw the lines that stay"),
    first=("nib", "brush", "even", "mouse"),
)
