"""Hand over: write the page as whoever gets it needs it."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

HAND_OVER = Stage(
    "hand-over",
    tr("Hand over"),
    tr("Write the page as whoever gets it needs it"),
    offers=("page.hand_over", "page.export", "page.drawn_again", "check.run"),
)
