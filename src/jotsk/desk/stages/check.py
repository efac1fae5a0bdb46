"""Check: find leaks and weak lines before the printer does."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

CHECK = Stage(
    "check",
    tr("Check"),
    tr("Find leaks and weak lines before the printer does"),
    offers=("check.run", "check.heat", "view.grey", "view.squint", "view.print_size", "page.milestones"),
)
