"""A French curve through any number of points."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Any, Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import near
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.placed import SMALLEST_PX, OnPoints, out
from jotsk.core.guides.rails import Curve, Point, Rail, curve_through, degrees_of, direction, with_direction
from jotsk.core.words import tr

MOVE, TURN = "move", "turn"


@dataclass(frozen=True, kw_only=True)
class FrenchCurve(OnPoints):
    kind = "french-curve"
    offers = ((tr("French curve"), {}),)
    flips = bends = True
    sample = {"points": ((4.0, 70.0), (35.0, 20.0), (60.0, 80.0), (96.0, 30.0))}

    points: tuple[Point, ...] = fields.points(typed=False)
    closed: bool = fields.switch(False, tr("Closed"))
    smooth: bool = fields.switch(True, tr("Smooth, without corners"))

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        (x, y), size = middle, min(seen.width, seen.height) / 4
        return cls(points=((x - size, y + size / 2), (x - size / 3, y - size / 2), (x + size, y)))

    @property
    def middle(self) -> Point:
        xs, ys = zip(*self.points, strict=True)
        return (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2

    def handles(self, reach: float) -> dict[str, Point]:
        return {**super().handles(reach), MOVE: self.middle, TURN: out(self.middle, 0.0, reach)}

    def dragged(self, handle: str, to: Point, reach: float) -> Self:
        x, y = self.middle
        if handle == MOVE:
            return self.moved(to[0] - x, to[1] - y)
        if handle == TURN:
            return self if math.dist(to, (x, y)) < SMALLEST_PX else self.turned(degrees_of(to[0] - x, to[1] - y))
        return super().dragged(handle, to, reach)

    def turned(self, degrees: float) -> Self:
        """Turned about its middle, against the clock."""
        c, s = direction(degrees)
        return self._with_offsets([(u * c - v * s, u * s + v * c) for u, v in self._offsets])

    def flipped(self, *, upside_down: bool) -> Self:
        return self._with_offsets([(u, -v) if upside_down else (-u, v) for u, v in self._offsets])

    @property
    def _offsets(self) -> list[Point]:
        x, y = self.middle
        return [(px - x, py - y) for px, py in self.points]

    def _with_offsets(self, offsets: list[Point]) -> Self:
        x, y = self.middle
        return replace(self, points=tuple((x + u, y + v) for u, v in offsets))

    def with_point_at(self, at: Point) -> tuple[Self, int]:
        curve = self.curve
        u = curve.begin(*at)
        k = 1 + int((curve.at_points()[1:] < u).sum())
        return replace(self, points=(*self.points[:k], curve.place(u), *self.points[k:])), k

    def without_point(self, k: int) -> Self:
        least = 3 if self.closed else 2
        return self if len(self.points) <= least else replace(self, points=(*self.points[:k], *self.points[k + 1 :]))

    @property
    def curve(self) -> Curve:
        return Curve(self.points, self.closed, self.smooth)

    def check(self) -> None:
        curve_through(list(self.points), closed=self.closed)

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        yield with_direction(self.curve, start)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield from near(*self.curve.dense, area)
