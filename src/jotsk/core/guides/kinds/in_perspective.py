"""Four points that lie in a plane seen in perspective: what rows of posts and circles share."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Self

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.kinds.perspective import Perspective
from jotsk.core.guides.kinds.placed import OnPoints
from jotsk.core.guides.rails import Point


@dataclass(frozen=True, kw_only=True)
class FourPoints(OnPoints):
    def check(self) -> None:
        if len(self.points) != 4:
            raise ValueError("it has four points: the ends of two posts, or the corners of a square")

    def followed(self, before: Guide, after: Guide) -> Self:
        if isinstance(before, Perspective) and isinstance(after, Perspective) and before.points != after.points:
            return self._followed(before, after)
        return self

    def _followed(self, before: Perspective, after: Perspective) -> Self:
        """After vanishing points moved: what went to one goes to where it is now, as much of the way there as it
        took."""
        raise NotImplementedError


def points_at(a: Point, b: Point, target: Point) -> bool:
    """Whether the way from a to b goes to the target, within a thousandth of it."""
    length, far = math.dist(a, b), math.dist(a, target)
    if length < 1e-6 or far < length:
        return False
    cross = (b[0] - a[0]) * (target[1] - a[1]) - (b[1] - a[1]) * (target[0] - a[0])
    along = (b[0] - a[0]) * (target[0] - a[0]) + (b[1] - a[1]) * (target[1] - a[1])
    return along > 0 and abs(cross) <= 1e-3 * length * far


def last_perspective(guides: Sequence[Guide | None]) -> Perspective | None:
    """The perspective that was placed last."""
    return next((g for g in reversed(guides) if isinstance(g, Perspective)), None)


def on_the_way(a: Point, b: Point, share: float) -> Point:
    """The place so far on the way from one to the other."""
    return a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])
