"""Half-open pixel rectangles."""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray


@dataclass(frozen=True, slots=True)
class Rect:
    """Pixels with x0 <= x < x1 and y0 <= y < y1."""

    x0: int
    y0: int
    x1: int
    y1: int

    @property
    def width(self) -> int:
        return max(0, self.x1 - self.x0)

    @property
    def height(self) -> int:
        return max(0, self.y1 - self.y0)

    def __bool__(self) -> bool:
        return self.x1 > self.x0 and self.y1 > self.y0

    def __and__(self, other: Rect) -> Rect:
        return Rect(max(self.x0, other.x0), max(self.y0, other.y0), min(self.x1, other.x1), min(self.y1, other.y1))

    def __or__(self, other: Rect) -> Rect:
        """Smallest rectangle that holds both; an empty one adds nothing."""
        if not self:
            return other
        if not other:
            return self
        return Rect(min(self.x0, other.x0), min(self.y0, other.y0), max(self.x1, other.x1), max(self.y1, other.y1))

    def contains(self, other: Rect) -> bool:
        return self.x0 <= other.x0 and self.y0 <= other.y0 and self.x1 >= other.x1 and self.y1 >= other.y1

    def grown(self, by: int) -> Rect:
        return Rect(self.x0 - by, self.y0 - by, self.x1 + by, self.y1 + by)

    def halved(self, times: int = 1) -> Rect:
        """The pixels of a picture `times` halvings smaller that this rectangle touches."""
        k = 1 << times
        return Rect(self.x0 // k, self.y0 // k, -(-self.x1 // k), -(-self.y1 // k))

    def cells(self, size: int) -> Iterator[tuple[int, int]]:
        """(column, row) of every `size` px grid cell touched."""
        if not self:
            return
        for row in range(self.y0 // size, (self.y1 - 1) // size + 1):
            for column in range(self.x0 // size, (self.x1 - 1) // size + 1):
                yield column, row


EMPTY = Rect(0, 0, 0, 0)


def rect_around(points: NDArray[np.floating], margin: float = 0.0) -> Rect:
    """Return the whole pixels covered by (N, 2) `points` grown by `margin` px."""
    if len(points) == 0:
        return EMPTY
    x0, y0 = points.min(axis=0).tolist()
    x1, y1 = points.max(axis=0).tolist()
    return Rect(math.floor(x0 - margin), math.floor(y0 - margin), math.ceil(x1 + margin), math.ceil(y1 + margin))
