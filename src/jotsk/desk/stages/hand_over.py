"""Hand over: write the page as whoever gets it needs it."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

HAND_OVER = Stage(
    "hand-over",
    tr("Hand over"),
    tr("Write the page as whoever gets it needs it"),
    sentence=tr("Orders say what the printer, the web or a colourist gets; all that are ticked are written at once."),
    offers=("page.hand_over", "page.export", "page.drawn_again", "check.run"),
)
