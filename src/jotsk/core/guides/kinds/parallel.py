"""Lines in one direction, through wherever the pen comes down."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import beside, through
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import Turned
from jotsk.core.guides.rails import Line, Point, Rail, direction
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class ParallelRule(Turned):
    kind = "parallel"
    offers = ((tr("Parallel rule"), {}),)
    sample = {"at": (50.0, 50.0), "angle": 30.0}

    at: Point = fields.place()

    @property
    def direction_deg(self) -> float:
        return self.angle

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield Line.at_angle(start, self.angle), direction(self.angle)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield through(self.at, self.angle, area)
        yield from beside(self.at, self.angle, area, (area.width + area.height) / 16)
