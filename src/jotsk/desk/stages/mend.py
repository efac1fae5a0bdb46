"""Mend: change lines that are there."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

MEND = Stage(
    "mend",
    tr("Mend"),
    tr("Change lines that are there"),
    tools=(
        "mend.snip",
        "mend.grow",
        "mend.cut",
        "mend.join",
        "mend.splice",
        "mend.weight",
        "mend.push",
        "mend.points",
        "mend.move",
        "mend.over",
    ),
)
