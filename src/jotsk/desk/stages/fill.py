"""Fill: spot blacks and lay flats."""

from __future__ import annotations

from jotsk.core.words import tr
from jotsk.desk.stages.stage import Stage

FILL = Stage(
    "fill",
    tr("Fill"),
    tr("Spot blacks and lay flats"),
    tools=("fill.pour", "fill.inside", "fill.by_hand", "fill.flats", "fill.join", "fill.light"),
)
