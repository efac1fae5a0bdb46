"""Half-open pixel rectangles."""

from __future__ import annotations

import math
from collections.abc import Collection, Iterator
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray


class Rect(NamedTuple):
    """Pixels with x0 <= x < x1 and y0 <= y < y1. A named tuple, because every pen event makes dozens of them."""

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
        x0, y0, x1, y1 = self
        return x1 > x0 and y1 > y0

    def __and__(self, other: Rect) -> Rect:
        ax0, ay0, ax1, ay1 = self
        bx0, by0, bx1, by1 = other
        return Rect(
            ax0 if ax0 > bx0 else bx0, ay0 if ay0 > by0 else by0, ax1 if ax1 < bx1 else bx1, ay1 if ay1 < by1 else by1
        )

    def __or__(self, other: Rect) -> Rect:
        """Smallest rectangle that holds both; an empty one adds nothing."""
        if not self:
            return other
        if not other:
            return self
        ax0, ay0, ax1, ay1 = self
        bx0, by0, bx1, by1 = other
        return Rect(
            ax0 if ax0 < bx0 else bx0, ay0 if ay0 < by0 else by0, ax1 if ax1 > bx1 else bx1, ay1 if ay1 > by1 else by1
        )

    def contains(self, other: Rect) -> bool:
        return self.x0 <= other.x0 and self.y0 <= other.y0 and self.x1 >= other.x1 and self.y1 >= other.y1

    def holds(self, x: float, y: float) -> bool:
        """Whether a place lies in it; its right and lower edges are not of it."""
        return self.x0 <= x < self.x1 and self.y0 <= y < self.y1

    def grown(self, by: int) -> Rect:
        return Rect(self.x0 - by, self.y0 - by, self.x1 + by, self.y1 + by)

    def slices_in(self, whole: Rect) -> tuple[slice, slice]:
        """The rows and columns that it is in a picture of a `whole` around it."""
        return slice(self.y0 - whole.y0, self.y1 - whole.y0), slice(self.x0 - whole.x0, self.x1 - whole.x0)

    @staticmethod
    def of_cell(cell: tuple[int, int], size: int) -> Rect:
        """A cell, (column, row), of a grid of `size` px."""
        column, row = cell
        return Rect(column * size, row * size, (column + 1) * size, (row + 1) * size)

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


def rect_of_cells(cells: Collection[tuple[int, int]], size: int) -> Rect:
    """Return the smallest rectangle that holds cells, (column, row), of a grid of `size` px."""
    if not cells:
        return EMPTY
    columns, rows = {column for column, _ in cells}, {row for _, row in cells}
    return Rect(min(columns) * size, min(rows) * size, (max(columns) + 1) * size, (max(rows) + 1) * size)


def rect_around(points: NDArray[np.floating], margin: float = 0.0) -> Rect:
    """Return the whole pixels covered by (N, 2) `points` grown by `margin` px."""
    if len(points) == 0:
        return EMPTY
    xs, ys = points[:, 0], points[:, 1]  # each for itself: along rows it takes ten times as long
    x0, y0, x1, y1 = float(xs.min()), float(ys.min()), float(xs.max()), float(ys.max())
    return Rect(math.floor(x0 - margin), math.floor(y0 - margin), math.ceil(x1 + margin), math.ceil(y1 + margin))
