"""Rings about one middle, all of one shape: the one through wherever the pen comes down."""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import round_line
from jotsk.core.guides.guide import Polyline
from jotsk.core.guides.kinds.placed import Turned, at_least, out
from jotsk.core.guides.rails import UNDER_THE_PEN_PX, Ellipse, Point, Rail, direction, with_direction
from jotsk.core.words import tr

RINGS, MOST_RINGS = 10, 60
LEAST_RATIO, MOST_RATIO = 0.01, 100.0


@dataclass(frozen=True, kw_only=True)
class Rings(Turned):
    kind = "rings"
    offers = ((tr("Rings"), {}),)
    sample = {"at": (50.0, 50.0), "spacing": 16.0}

    angle: float = fields.angle()
    ratio: float = fields.number(1.0, LEAST_RATIO, MOST_RATIO, tr("Height to width"), decimals=3)
    spacing: float = fields.number(0.0, 0.0, 1e5, tr("Spacing"), unit=" px")

    def sparse(self, most: int, least_apart: float) -> Self:
        return replace(self, spacing=at_least(self.spacing, least_apart))

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        smallest = Ellipse(self.at, (UNDER_THE_PEN_PX, UNDER_THE_PEN_PX * self.ratio), self.angle)
        yield with_direction(self.through(start) or smallest, start)

    def through(self, point: Point) -> Ellipse | None:
        """The ring that passes through a point; None at the middle, where there is none."""
        c, s = direction(self.angle)
        dx, dy = point[0] - self.at[0], point[1] - self.at[1]
        radius = math.hypot(dx * c + dy * s, (dy * c - dx * s) / self.ratio)
        return Ellipse(self.at, (radius, radius * self.ratio), self.angle) if radius > UNDER_THE_PEN_PX else None

    def lines(self, area: Rect) -> Iterator[Polyline]:
        corners = [(float(x), float(y)) for x in (area.x0, area.x1) for y in (area.y0, area.y1)]
        rings = [ring for corner in corners if (ring := self.through(corner))]
        largest = max((ring.radii[0] for ring in rings), default=0.0)
        step = self.spacing or largest / RINGS
        count = min(MOST_RINGS, int(largest / step)) if step > 0 else 0
        for k in range(1, count + 1):
            yield round_line(Ellipse(self.at, (k * step, k * step * self.ratio), self.angle))

    def handles(self, reach: float) -> dict[str, Point]:
        return {**super().handles(reach), "ratio": out(self.at, self.angle + 90.0, reach * self.ratio)}

    def _turned_to(self, handle: str, dx: float, dy: float, reach: float) -> Self:
        if handle == "ratio":
            x, y = direction(self.angle + 90.0)
            return replace(self, ratio=min(MOST_RATIO, max(LEAST_RATIO, abs(dx * x + dy * y) / reach)))
        return super()._turned_to(handle, dx, dy, reach)
