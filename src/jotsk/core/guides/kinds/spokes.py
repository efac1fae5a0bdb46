"""Lines to one point."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import rays
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import AtPlace
from jotsk.core.guides.rails import Point, Rail, rail_to
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Spokes(AtPlace):
    kind = "spokes"
    offers = ((tr("Spokes"), {}),)
    sample = {"at": (50.0, 50.0), "density": 5}

    density: int = fields.count(12, 2, 60, tr("Lines"))

    def sparse(self, most: int, least_apart: float) -> Self:
        return replace(self, density=min(self.density, most))

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield rail_to(start, self.at, towards)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield from rays(self.at, area, self.density)
