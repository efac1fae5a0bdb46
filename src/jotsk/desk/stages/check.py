"""Check: find leaks and weak lines before the printer does."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

CHECK = Stage(
    "check",
    tr("Check"),
    tr("Find leaks and weak lines before the printer does"),
    sentence=tr(
        "Check looks for leaks, tangents, weak outlines, wobble and stray marks; then walk from one to the next."
    ),
    offers=("check.run", "check.heat", "view.grey", "view.squint", "view.print_size", "page.milestones"),
)
