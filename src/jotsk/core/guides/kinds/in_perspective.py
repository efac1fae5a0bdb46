"""Four points that lie in a plane seen in perspective: what rows of posts and circles share."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.kinds.perspective import Perspective
from jotsk.core.guides.kinds.placed import OnPoints
from jotsk.core.guides.rails import Point


@dataclass(frozen=True, kw_only=True)
class FourPoints(OnPoints):
    def check(self) -> None:
        if len(self.points) != 4:
            raise ValueError("it has four points: the ends of two posts, or the corners of a square")


def last_perspective(guides: Sequence[Guide | None]) -> Perspective | None:
    """The perspective that was placed last."""
    return next((g for g in reversed(guides) if isinstance(g, Perspective)), None)


def on_the_way(a: Point, b: Point, share: float) -> Point:
    """The place so far on the way from one to the other."""
    return a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])
