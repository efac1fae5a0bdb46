"""Fill: spot blacks and lay flats."""

from __future__ import annotations

from jotsk.desk.stages.stage import Stage

FILL = Stage(
    "fill",
    "Fill",
    "Spot blacks and lay flats",
    sentence="Here you will fill areas, close the gaps they leak through, and lay screen tones.",
)
