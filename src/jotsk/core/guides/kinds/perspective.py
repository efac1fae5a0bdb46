"""Perspective with one, two or three vanishing points."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any, Self

from numpy.typing import ArrayLike

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.drawing import beside, horizon, rays
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.placed import OnPoints
from jotsk.core.guides.perspective import nearest_on_horizon, outside_cone
from jotsk.core.guides.rails import Line, Point, Rail, direction, rail_to


@dataclass(frozen=True, kw_only=True)
class Perspective(OnPoints):
    kind = "perspective"
    offers = (
        ("Perspective, one point", {"points": 1}),
        ("Perspective, two points", {"points": 2}),
        ("Perspective, three points", {"points": 3, "vertical": False}),
    )
    sample = {"points": ((0.0, 40.0), (100.0, 40.0)), "density": 3, "vertical": False}

    density: int = fields.count(12, 2, 60, "Lines")
    vertical: bool = fields.switch(True, "Upright lines stay upright")

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        (x, y), w, h = middle, seen.width, seen.height
        points = {
            1: ((x, y),),
            2: ((x - 0.8 * w, y), (x + 0.8 * w, y)),
            3: ((x - 0.9 * w, y - 0.2 * h), (x + 0.9 * w, y - 0.2 * h), (x, y + 1.4 * h)),
        }[values["points"]]
        return cls(**{**values, "points": points})

    def check(self) -> None:
        if not 1 <= len(self.points) <= 3:
            raise ValueError("perspective has one, two or three vanishing points")

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

    def stretches(self, xy: ArrayLike, page: Rect) -> bool:
        """Whether any of (N, 2) places lies where things look stretched, seen from the middle of the page."""
        if len(self.points) < 2:
            return False
        first, second = self.points[:2]
        center = nearest_on_horizon(first, second, (page.width / 2, page.height / 2))
        return bool(outside_cone(xy, first, second, center).any())
