"""A circle in a square that is seen in perspective."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any, Self

import numpy as np

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import round_line
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.in_perspective import FourPoints, last_perspective, on_the_way
from jotsk.core.guides.perspective import circle_in, meeting_point
from jotsk.core.guides.rails import Point, Rail, with_direction

UPRIGHT_FAR_PX = 1e6


@dataclass(frozen=True, kw_only=True)
class Circle(FourPoints):
    """The points are the corners of the square, in order round it."""

    kind = "circle"
    offers = (("Circle in perspective", {}),)
    sample = {"points": ((5.0, 70.0), (40.0, 35.0), (95.0, 45.0), (70.0, 95.0))}

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        """In a square about a place, as the perspective that is there has it."""
        (x, y), size, plane = middle, min(seen.width, seen.height) / 4, last_perspective(others)
        first = plane.points[0] if plane else (x + 6 * size, y - size / 2)
        has_two = plane is not None and len(plane.points) > 1
        second = plane.points[1] if plane is not None and has_two else (x, y - UPRIGHT_FAR_PX)
        right, left = on_the_way(middle, first, 0.18), on_the_way(middle, second, 0.18 if has_two else 1e-3)
        try:
            return cls(points=(middle, right, meeting_point((right, second), (left, first)), left))
        except Refused:
            return cls(points=(middle, (x + size, y), (x + size, y - size), (x, y - size)))

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        try:
            yield with_direction(circle_in(self.points), start)
        except Refused:  # the points have no answer
            return

    def lines(self, area: Rect) -> Iterator[Polyline]:
        corners = np.array(self.points)
        try:
            circle = round_line(circle_in(corners))
        except Refused:  # only the points, to be moved to where there is an answer
            yield corners
            return
        yield np.concatenate([corners, corners[:1]])
        yield circle
