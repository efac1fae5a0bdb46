"""Mend: change lines that are there."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

MEND = Stage(
    "mend",
    "Mend",
    "Change lines that are there",
    sentence="Here you will trim a line between its crossings, join lines, and make them thicker or thinner.",
)
