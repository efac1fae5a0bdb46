"""A circle in a square that is seen in perspective."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Any, Self

import numpy as np

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import round_line
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.in_perspective import FourPoints, last_perspective, on_the_way, points_at
from jotsk.core.guides.kinds.perspective import Perspective
from jotsk.core.guides.perspective import circle_in, meeting_point
from jotsk.core.guides.rails import Point, Rail, with_direction
from jotsk.core.words import tr

LEVEL_FAR_PX = 1e6


@dataclass(frozen=True, kw_only=True)
class Circle(FourPoints):
    """The points are the corners of the square, in order round it."""

    kind = "circle"
    offers = ((tr("Circle in perspective"), {}),)
    sample = {"points": ((5.0, 70.0), (40.0, 35.0), (95.0, 45.0), (70.0, 95.0))}

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        """In a square that lies about a place, as the perspective that is there has it."""
        (x, y), size, plane = middle, min(seen.width, seen.height) / 4, last_perspective(others)
        points = plane.points if plane else ((x + 6 * size, y - size), (x - 6 * size, y - size))
        first = points[0]
        if abs(y - first[1]) < size:  # level with the eye it would be a line
            y = first[1] + size
            middle = x, y
        # It lies on the ground: with one vanishing point, level lines stay level.
        second = points[1] if len(points) > 1 else (x - LEVEL_FAR_PX, y)
        right = on_the_way(middle, first, min(0.4, size / max(1.0, math.dist(middle, first))))
        left = on_the_way(middle, second, min(0.4, size / max(1.0, math.dist(middle, second))))
        try:
            return cls(points=(middle, right, meeting_point((right, second), (left, first)), left))
        except Refused:
            return cls(points=(middle, (x + size, y), (x + size, y - size), (x, y - size)))

    def _followed(self, before: Perspective, after: Perspective) -> Self:
        """The corner opposite the first is where the two sides from its neighbours meet."""
        corner, right, far, left = self.points
        new = dict(zip(before.points, after.points, strict=False))
        ends = []
        for end, opposite in ((right, left), (left, right)):
            target = next((v for v in new if points_at(corner, end, v)), None)
            ends.append((end, opposite, target))
        if all(target is None or new[target] == target for _, _, target in ends):
            return self
        moved = [
            on_the_way(corner, new[v], math.dist(corner, end) / math.dist(corner, v)) if v is not None else end
            for end, _, v in ends
        ]
        lines = []
        for k, (_, _, v) in enumerate(ends):  # the side from the other end goes the same way
            other = moved[1 - k]
            towards = (
                new[v] if v is not None else (other[0] + moved[k][0] - corner[0], other[1] + moved[k][1] - corner[1])
            )
            lines.append((other, towards))
        try:
            far = meeting_point(*lines)
        except Refused:
            return self
        return replace(self, points=(corner, moved[0], far, moved[1]))

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
