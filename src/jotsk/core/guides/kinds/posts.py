"""A row of posts at equal depth."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Any, Self

import numpy as np

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.guide import Guide, Polyline
from jotsk.core.guides.kinds.in_perspective import FourPoints, last_perspective, on_the_way, points_at
from jotsk.core.guides.kinds.perspective import Perspective
from jotsk.core.guides.perspective import divided, meeting_point, row
from jotsk.core.guides.rails import Line, Point, Rail
from jotsk.core.words import tr


@dataclass(frozen=True, kw_only=True)
class Posts(FourPoints):
    """The points are foot and head of the first, foot and head of the second."""

    kind = "posts"
    offers = ((tr("Row of posts"), {"count": 5}),)
    sample = {"points": ((8.0, 95.0), (8.0, 5.0), (40.0, 85.0), (40.0, 20.0)), "count": 3}

    count: int = fields.count(6, 0, 32, tr("How many more"))
    parts: int = fields.count(1, 1, 32, tr("Parts between"))

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        """Two posts about a place, as the perspective that is there has them."""
        (x, y), size, plane = middle, min(seen.width, seen.height) / 4, last_perspective(others)
        vanishing = plane.points[0] if plane else (x + 6 * size, y - size / 2)
        foot, head = (x - size / 2, y + size), (x - size / 2, y - size)
        return cls(points=(foot, head, on_the_way(foot, vanishing, 0.12), on_the_way(head, vanishing, 0.12)), **values)

    def _followed(self, before: Perspective, after: Perspective) -> Self:
        foot, head, second_foot, second_head = self.points
        for old, new in zip(before.points, after.points, strict=False):
            if old != new and points_at(foot, second_foot, old) and points_at(head, second_head, old):
                share = math.dist(foot, second_foot) / math.dist(foot, old)
                return replace(self, points=(foot, head, on_the_way(foot, new, share), on_the_way(head, new, share)))
        return self

    def posts(self) -> list[tuple[Point, Point]]:
        """The posts (foot, head) that follow the two given ones at equal depth, and those that divide the way between.

        Raises Refused.
        """
        foot, head, second_foot, second_head = self.points
        try:
            vanishing = meeting_point((foot, second_foot), (head, second_head))
        except Refused:  # level with the picture: equal steps on the page
            vanishing = None
        lines = []
        for first, second in ((foot, second_foot), (head, second_head)):
            if vanishing is None:
                step = second[0] - first[0], second[1] - first[1]
                shares = [k / self.parts for k in range(1, self.parts)] + list(range(2, self.count + 2))
                lines.append([(first[0] + t * step[0], first[1] + t * step[1]) for t in shares])
            else:
                between = divided(first, second, vanishing, self.parts) if self.parts > 1 else []
                lines.append(between + (row(first, second, vanishing, self.count) if self.count else []))
        return [(foot, head), (second_foot, second_head), *zip(*lines, strict=False)]

    def rails(self, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
        """The nearest post; none where the points have no answer."""
        try:
            posts = self.posts()
        except Refused:
            return
        lines = [line for foot, head in posts if (line := Line.through(foot, head)) is not None]
        if lines:
            nearest = min(lines, key=lambda line: math.dist(line.place(line.begin(*start)), start))
            yield nearest, nearest.along

    def lines(self, area: Rect) -> Iterator[Polyline]:
        """The row with its heads and feet joined."""
        try:
            posts = np.array(self.posts())
        except Refused:  # only the points, to be moved to where there is an answer
            yield np.array(self.points)
            return
        yield from posts
        for side in (0, 1):
            line = posts[:, side]
            far = np.hypot(*(line - line[0]).T).argmax()
            yield line[[0, far]]
