"""A French curve through any number of points."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any, Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.placed import OnPoints
from jotsk.core.guides.rails import Curve, Point, Rail, curve_through, with_direction


@dataclass(frozen=True, kw_only=True)
class FrenchCurve(OnPoints):
    kind = "french-curve"
    offers = (("French curve", {}),)
    sample = {"points": ((4.0, 70.0), (35.0, 20.0), (60.0, 80.0), (96.0, 30.0))}

    points: tuple[Point, ...] = fields.points(typed=False)
    closed: bool = fields.switch(False, "Closed")
    smooth: bool = fields.switch(True, "Smooth, without corners")

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        (x, y), size = middle, min(seen.width, seen.height) / 4
        return cls(points=((x - size, y + size / 2), (x - size / 3, y - size / 2), (x + size, y)))

    @property
    def curve(self) -> Curve:
        return Curve(self.points, self.closed, self.smooth)

    def check(self) -> None:
        curve_through(list(self.points), closed=self.closed)

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield with_direction(self.curve, start)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield self.curve.dense[0]
