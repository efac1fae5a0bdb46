"""One straight line."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import through
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import Turned
from jotsk.core.guides.rails import Line, Point, Rail, direction
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Straightedge(Turned):
    kind = "straightedge"
    offers = ((tr("Straightedge"), {}),)
    sample = {"at": (50.0, 50.0), "angle": 30.0}

    @property
    def direction_deg(self) -> float:
        return self.angle

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield Line.at_angle(self.at, self.angle), direction(self.angle)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield through(self.at, self.angle, area)
