"""Contours of what covers tiles, compiled: marching squares (Lorensen and Cline 1987, in the plane), with the corners
of a saddle joined as their mean says."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

BITS = 7
SIDE = 1 << BITS  # of a tile
WORDS = SIDE // 8  # of eight px, to a row of a tile
NONE, EACH, BYTE, LAST_BYTE = np.uint64(0), np.uint64(0x0101_0101_0101_0101), np.uint64(8), np.uint64(56)
FIRST, HIGH, LOW = np.uint64(0x80), np.uint64(0x8080_8080_8080_8080), np.uint64(0x7F7F_7F7F_7F7F_7F7F)


def contours(tiles: NDArray[np.uint8], cells: NDArray[np.int64], level: float) -> list[NDArray[np.float64]]:
    """Return the closed contours at `level`, 0 < level <= 255, each as (N, 2) places.

    `tiles` (K, 128, 128) lie in the columns and rows `cells` (K, 2) of a grid; where there is none, all is 0. Places
    are px of that grid, a px's value being that of its middle. What is inside lies to the right of the direction of
    travel.
    """
    if not len(cells):
        return []
    left, top = cells.min(axis=0) - 1  # with a rim of none around
    columns, rows = cells.max(axis=0) + 2 - (left, top)
    begins = np.full((rows, columns), -1, np.int64)  # of a tile in the px
    begins[cells[:, 1] - top, cells[:, 0] - left] = np.arange(len(cells)) << 2 * BITS
    px = tiles.reshape(-1)
    some = _entered(px.view(np.uint64), int(np.ceil(level)))
    places, starts = _traced(px, begins.reshape(-1), columns, level, some, np.ascontiguousarray(cells - (left, top)))
    places += np.array((left, top)) << BITS
    return [places[a:b] for a, b in zip(starts[:-1].tolist(), starts[1:].tolist(), strict=True)]


@njit(cache=True, nogil=True)
def _entered(words, least):
    """The px of at least so much whose left neighbour is less; of a row's first that is not known here. Each of `words`
    is eight px, and eight are compared at once: the highest bit of each byte says whether it is inside (bytes are added
    within a word as in Warren, "Hacker's Delight", chapter 2)."""
    more = EACH * np.uint64(128 - least if least <= 128 else 256 - least)
    found = np.empty(4 * len(words), np.int64)
    count, before = 0, NONE
    for word in range(len(words)):
        eight = words[word]
        inside = (eight & LOW) + more
        inside = (eight | inside) & HIGH if least <= 128 else eight & inside & HIGH
        if (word & WORDS - 1) == 0:
            before = NONE
        entered = inside & ~(inside << BYTE | before)
        before = inside >> LAST_BYTE
        at = 8 * word
        while entered != NONE:
            if entered & FIRST != NONE:
                found[count] = at
                count += 1
            entered >>= BYTE
            at += 1
    return found[:count].copy()


@njit(cache=True, nogil=True)
def _traced(px, begins, across, level, some, cells):
    """The contours that go in at `some` px, one after the other, and where each begins."""
    been = np.zeros(len(px), np.bool_)  # px whose left side a contour has crossed upwards
    places = np.empty((1024, 2), np.float64)
    starts = np.zeros(64, np.int64)
    count = n = 0
    for at in some:
        if been[at]:
            continue
        k = at >> 2 * BITS
        x = (cells[k, 0] << BITS) + (at & SIDE - 1)
        y = (cells[k, 1] << BITS) + (at >> BITS & SIDE - 1)
        if _value(px, begins, across, x - 1, y) >= level:
            continue
        places, n = _followed(px, begins, across, level, been, x, y, places, n)
        count += 1
        if count == len(starts):
            starts = np.append(starts, np.zeros(count, np.int64))
        starts[count] = n
    return places[:n], starts[: count + 1]


@njit(cache=True, nogil=True)
def _followed(px, begins, across, level, been, bx, by, places, n):
    """Append the contour that goes upwards between px (bx - 1, by) and (bx, by) to the `n` places there are."""
    # It goes along between px a on its left, that are outside, and b on its right.
    ax, ay, way = bx - 1, by, 0  # up, right, down, left
    dx, dy = 0, -1
    low, high = _value(px, begins, across, ax, ay), _value(px, begins, across, bx, by)
    while True:
        if way == 0:
            at = _place(begins, across, bx, by)
            if been[at]:
                return places, n
            been[at] = True
        if n == len(places):
            larger = np.empty((2 * n, 2), np.float64)
            larger[:n] = places
            places = larger
        share = (level - low) / (high - low)
        places[n, 0] = ax + (bx - ax) * share + 0.5
        places[n, 1] = ay + (by - ay) * share + 0.5
        n += 1
        left = _value(px, begins, across, ax + dx, ay + dy)  # ahead
        right = _value(px, begins, across, bx + dx, by + dy)
        if right < level and not (left >= level and (left + right + low + high) / 4 >= level):
            ax, ay, low = bx + dx, by + dy, right
            way, dx, dy = way + 1 & 3, -dy, dx
        elif left < level <= right:
            ax, ay, low = ax + dx, ay + dy, left
            bx, by, high = bx + dx, by + dy, right
        else:
            bx, by, high = ax + dx, ay + dy, left
            way, dx, dy = way + 3 & 3, dy, -dx


@njit(inline="always", cache=True, nogil=True)
def _value(px, begins, across, x, y):
    at = _place(begins, across, x, y)
    return 0.0 if at < 0 else float(px[at])


@njit(inline="always", cache=True, nogil=True)
def _place(begins, across, x, y):
    """Of a px in all the tiles; -1 where there is no tile."""
    begin = begins[(y >> BITS) * across + (x >> BITS)]
    return -1 if begin < 0 else begin + ((y & SIDE - 1) << BITS) + (x & SIDE - 1)
