"""Lines in two directions, each through wherever the pen comes down."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import beside, through
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import Turned, at_least, out
from jotsk.core.guides.rails import Line, Point, Rail, degrees_of, direction
from jotsk.core.words import tr

LEAST_BETWEEN, MOST_BETWEEN = 1.0, 179.0


@dataclass(frozen=True, kw_only=True)
class Cross(Turned):
    kind = "cross"
    offers = ((tr("Cross"), {}),)
    sample = {"at": (50.0, 50.0), "angle": 20.0}

    at: Point = fields.place()
    between: float = fields.number(90.0, LEAST_BETWEEN, MOST_BETWEEN, tr("Between the two"), decimals=2, unit=" °")
    spacing: float = fields.number(0.0, 0.0, 1e5, tr("Spacing"), unit=" px")

    def sparse(self, most: int, least_apart: float) -> Self:
        return replace(self, spacing=at_least(self.spacing, least_apart))

    @property
    def direction_deg(self) -> float:
        return self.angle

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        for angle in (self.angle, self.angle + self.between):
            yield Line.at_angle(start, angle), direction(angle)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        for angle in (self.angle, self.angle + self.between):
            yield through(self.at, angle, area)
            if self.spacing > 0:
                yield from beside(self.at, angle, area, self.spacing)

    def handles(self, reach: float) -> dict[str, Point]:
        return {**super().handles(reach), "between": out(self.at, self.angle + self.between, reach)}

    def _turned_to(self, handle: str, dx: float, dy: float, reach: float) -> Self:
        if handle == "between":
            between = (degrees_of(dx, dy) - self.angle) % 180.0
            return replace(self, between=min(MOST_BETWEEN, max(LEAST_BETWEEN, between)))
        return super()._turned_to(handle, dx, dy, reach)
