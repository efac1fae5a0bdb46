"""Contours of what covers tiles, compiled: marching squares (Lorensen and Cline 1987, in the plane), with the corners
of a saddle joined as their mean says."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

BITS = 7
SIDE = 1 << BITS  # of a tile


def contours(tiles: NDArray[np.uint8], index: NDArray[np.int32], level: float) -> list[NDArray[np.float64]]:
    """Return the closed contours at `level`, 0 < level <= 255, each as (N, 2) places.

    `tiles` (K, 128, 128) lie where `index` (rows, columns) says; -1 is a tile of zeros. Places are px from the corner
    of the whole, a px's value being that of its middle. What is inside lies to the right of the direction of travel.
    """
    inside = tiles >= np.uint8(np.ceil(level))
    rising = inside.copy()
    rising[:, :, 1:] &= ~inside[:, :, :-1]
    rows, columns = np.nonzero(index >= 0)
    corners = np.zeros((len(tiles), 2), np.int64)
    corners[index[rows, columns]] = np.column_stack([columns, rows]) * SIDE
    at = np.flatnonzero(rising)
    begins = corners[at >> 2 * BITS] + np.column_stack([at & SIDE - 1, at >> BITS & SIDE - 1])
    been = np.zeros(tiles.shape, np.uint8)
    places, starts = _traced(tiles, index, level, begins, been)
    return [places[a:b] for a, b in zip(starts[:-1].tolist(), starts[1:].tolist(), strict=True)]


@njit(cache=True, nogil=True)
def _traced(tiles, index, level, begins, been):
    """The contours through the edges left of the px `begins`, (N, 2); `been` marks those that were crossed."""
    places = np.empty((1024, 2), np.float64)
    starts = np.zeros(len(begins) + 1, np.int64)
    count = n = 0
    for b in range(len(begins)):
        x, y = begins[b, 0], begins[b, 1]
        if _value(tiles, index, x - 1, y) >= level:  # in the tile beside it
            continue
        # Upwards across the edge between (x - 1, y) and (x, y).
        cx, cy, way = x - 1, y - 1, 0
        while True:
            ax, ay, bx, by = _edge(cx, cy, way)
            if way == 0:
                k = index[by >> BITS, bx >> BITS]
                if been[k, by & SIDE - 1, bx & SIDE - 1]:
                    break
                been[k, by & SIDE - 1, bx & SIDE - 1] = 1
            if n == len(places):
                larger = np.empty((2 * n, 2), np.float64)
                larger[:n] = places
                places = larger
            low, high = _value(tiles, index, ax, ay), _value(tiles, index, bx, by)
            share = (level - low) / (high - low)
            places[n, 0] = ax + (bx - ax) * share + 0.5
            places[n, 1] = ay + (by - ay) * share + 0.5
            n += 1
            far_left, far_right = _corner(tiles, index, cx, cy, way), _corner(tiles, index, cx, cy, way + 1)
            if far_right < level:
                turn = 1
                if far_left >= level and (far_left + far_right + low + high) / 4 >= level:
                    turn = 3
            elif far_left < level:
                turn = 0
            else:
                turn = 3
            way = (way + turn) % 4
            cx += (way == 1) - (way == 3)
            cy += (way == 2) - (way == 0)
        if n > starts[count]:
            count += 1
            starts[count] = n
    return places[:n], starts[: count + 1]


@njit(cache=True, nogil=True)
def _value(tiles, index, x, y):
    column, row = x >> BITS, y >> BITS
    if x < 0 or y < 0 or row >= index.shape[0] or column >= index.shape[1]:
        return 0.0
    k = index[row, column]
    return 0.0 if k < 0 else float(tiles[k, y & SIDE - 1, x & SIDE - 1])


@njit(cache=True, nogil=True)
def _corner(tiles, index, cx, cy, number):
    """A cell's corner: 0 above left, and on clockwise."""
    number = number % 4
    return _value(tiles, index, cx + (number == 1 or number == 2), cy + (number >= 2))


@njit(cache=True, nogil=True)
def _edge(cx, cy, way):
    """The edge by which a cell is entered, going up, right, down or left: its px on the left and on the right."""
    if way == 0:
        return cx, cy + 1, cx + 1, cy + 1
    if way == 1:
        return cx, cy, cx, cy + 1
    if way == 2:
        return cx + 1, cy, cx, cy
    return cx + 1, cy + 1, cx + 1, cy
