"""Perspective with one, two or three vanishing points."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Any, Self

from numpy.typing import ArrayLike

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import beside, horizon, rays, round_line
from jotsk.core.guides.guide import Guide, Polyline, name_of_point, point_of_name
from jotsk.core.guides.kinds.placed import OnPoints
from jotsk.core.guides.perspective import cone_radius, nearest_on_horizon, outside_cone
from jotsk.core.guides.rails import Ellipse, Line, Point, Rail, direction, rail_to
from jotsk.core.words import tr

HORIZON = "horizon"


@dataclass(frozen=True, kw_only=True)
class Perspective(OnPoints):
    kind = "perspective"
    offers = (
        (tr("Perspective, one point"), {"points": 1}),
        (tr("Perspective, two points"), {"points": 2}),
        (tr("Perspective, three points"), {"points": 3, "vertical": False}),
    )
    sample = {"points": ((0.0, 40.0), (100.0, 40.0)), "density": 3, "vertical": False}

    density: int = fields.count(12, 2, 60, tr("Lines"))
    vertical: bool = fields.switch(True, tr("Upright lines stay upright"))
    level: bool = fields.switch(True, tr("The horizon stays level"))
    cone: bool = fields.switch(False, tr("Show the cone of vision"))

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        (x, y), w, h = middle, seen.width, seen.height
        points = {
            1: ((x, y),),
            2: ((x - 0.8 * w, y), (x + 0.8 * w, y)),
            3: ((x - 0.9 * w, y - 0.2 * h), (x + 0.9 * w, y - 0.2 * h), (x, y + 1.4 * h)),
        }[values["points"]]
        return cls(**{**values, "points": points})

    def dragged(self, handle: str, to: Point, reach: float) -> Self:
        if handle == HORIZON:
            return self.moved(0.0, to[1] - self.points[0][1])
        moved = super().dragged(handle, to, reach)
        k = point_of_name(handle)
        if self.level and k is not None and k < 2 <= len(self.points):  # the other one goes up and down with it
            other = moved.points[1 - k][0], to[1]
            points = (moved.points[0], other) if k == 0 else (other, moved.points[1])
            return replace(moved, points=(*points, *moved.points[2:]))
        return moved

    def handle_of_line(self, index: int) -> str:
        return HORIZON if index == 0 else ""

    def with_point(self, point: Point) -> Self:
        """With one more vanishing point, level with the first if the horizon is to be; a third one is for what was
        upright. Of three the nearest goes there."""
        if self.level and len(self.points) == 1:
            point = point[0], self.points[0][1]
        if len(self.points) < 3:
            return replace(self, points=(*self.points, point), vertical=self.vertical and len(self.points) < 2)
        nearest = min(range(3), key=lambda k: math.dist(self.points[k], point))
        return self.dragged(name_of_point(nearest), point, 0.0)

    def check(self) -> None:
        if not 1 <= len(self.points) <= 3:
            raise ValueError("perspective has one, two or three vanishing points")

    def sparse(self, most: int, least_apart: float) -> Self:
        return replace(self, density=min(self.density, most))

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        for point in self.points:
            yield rail_to(start, point, towards)
        if self.vertical:
            yield Line.at_angle(start, 90.0), direction(90.0)
        if len(self.points) == 1:  # what lies square to the view stays level
            yield Line.at_angle(start, 0.0), direction(0.0)

    def lines(self, area: Rect) -> Iterator[Polyline]:
        yield horizon(self.points, area)
        for point in self.points:
            yield from rays(point, area, self.density)
        if self.vertical:
            middle = (area.x0 + area.x1) / 2, (area.y0 + area.y1) / 2
            yield from beside(middle, 90.0, area, area.width / self.density)

    def lines_of_page(self, page: Rect) -> Iterator[Polyline]:
        """The cone of vision, if it is to be shown."""
        if self.cone and len(self.points) > 1:
            first, second = self.points[:2]
            center = nearest_on_horizon(first, second, (page.width / 2, page.height / 2))
            radius = cone_radius(first, second, center)
            if radius is not None:
                yield round_line(Ellipse(center, (radius, radius)))

    def stretches(self, xy: ArrayLike, page: Rect) -> bool:
        if len(self.points) < 2:
            return False
        first, second = self.points[:2]
        center = nearest_on_horizon(first, second, (page.width / 2, page.height / 2))
        return bool(outside_cone(xy, first, second, center).any())
