"""What kinds share that lie at one place or on several points: handles, and where a new one begins."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Any, Self

from jotsk.core.geometry import Rect
from jotsk.core.guides import fields
from jotsk.core.guides.guide import Guide, name_of_point, point_of_name
from jotsk.core.guides.rails import Point, degrees_of, direction

SMALLEST_PX = 1.0


@dataclass(frozen=True, kw_only=True)
class AtPlace(Guide):
    """A guide at a place."""

    at: Point = fields.place(needed=True)

    @classmethod
    def begun(cls, values: dict[str, Any], middle: Point, seen: Rect, others: Sequence[Guide | None]) -> Self:
        return cls(at=middle, **values)

    def handles(self, reach: float) -> dict[str, Point]:
        return {"at": self.at}

    def dragged(self, handle: str, to: Point, reach: float) -> Self:
        if handle == "at":
            return replace(self, at=to)
        dx, dy = to[0] - self.at[0], to[1] - self.at[1]
        return self if math.hypot(dx, dy) < SMALLEST_PX else self._turned_to(handle, dx, dy, reach)

    def _turned_to(self, handle: str, dx: float, dy: float, reach: float) -> Self:
        """With a handle that lies around the middle (dx, dy) from it."""
        raise ValueError(f"there is no handle called {handle!r}")


@dataclass(frozen=True, kw_only=True)
class Turned(AtPlace):
    """A guide at a place, and turned."""

    angle: float = fields.angle(needed=True)

    def handles(self, reach: float) -> dict[str, Point]:
        return {"at": self.at, "turn": out(self.at, self.angle, reach)}

    def _turned_to(self, handle: str, dx: float, dy: float, reach: float) -> Self:
        if handle == "turn":
            return replace(self, angle=degrees_of(dx, dy))
        return super()._turned_to(handle, dx, dy, reach)


@dataclass(frozen=True, kw_only=True)
class OnPoints(Guide):
    """A guide on points, which are its handles."""

    points: tuple[Point, ...] = fields.points()

    def handles(self, reach: float) -> dict[str, Point]:
        return {name_of_point(k): point for k, point in enumerate(self.points)}

    def dragged(self, handle: str, to: Point, reach: float) -> Self:
        k = point_of_name(handle)
        if k is None:
            raise ValueError(f"there is no handle called {handle!r}")
        return replace(self, points=(*self.points[:k], to, *self.points[k + 1 :]))


def at_least(spacing: float, least: float) -> float:
    """A spacing so many times as wide that it is at least so wide; none stays none."""
    return spacing * math.ceil(least / spacing) if 0 < spacing < least else spacing


def out(at: Point, degrees: float, by: float) -> Point:
    """The place so far from another in a direction."""
    x, y = direction(degrees)
    return at[0] + by * x, at[1] + by * y
