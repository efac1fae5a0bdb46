"""Hand over: write the page as whoever gets it needs it."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

HAND_OVER = Stage(
    "hand-over",
    "Hand over",
    "Write the page as whoever gets it needs it",
    sentence="Here you will choose frame, resolution and format; Export in the menu writes the page already.",
    offers=("page.export",),
)
