"""Masks kept as runs of px, put into tiles, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
RECENT = 32  # stretches of tiles: the rows of an area come back to the same ones


@njit(**OPTIONS)
def runs_between(runs: NDArray[np.int32], y0: int, y1: int) -> tuple[int, int]:
    """Which of the runs, (N, 3) y, from x, up to x, by rows, lie in rows y0 .. y1 - 1: the first, and the last + 1."""
    found = np.zeros(2, np.int64)
    for k in range(2):
        low, high, y = 0, len(runs), y0 if k == 0 else y1
        while low < high:
            middle = (low + high) // 2
            if runs[middle, 0] < y:
                low = middle + 1
            else:
                high = middle
        found[k] = low
    return found[0], found[1]


@njit(**OPTIONS)
def runs_into(tile: NDArray[np.uint8], runs: NDArray[np.int32], first: int, last: int, x0: int, y0: int) -> None:
    """Set the px of `tile`, whose corner lies at (x0, y0), that lie in runs `first` .. `last` - 1 to 255; the runs are
    (N, 3) y, from x, up to x."""
    h, w = tile.shape
    for n in range(first, last):
        i = runs[n, 0] - y0
        start, stop = max(0, runs[n, 1] - x0), min(w, runs[n, 2] - x0)
        if 0 <= i < h and start < stop:
            tile[i, start:stop] = np.uint8(255)


@njit(**OPTIONS)
def stretches_of(runs: NDArray[np.int32], pad: int, side: int) -> NDArray[np.int64]:
    """(M, 3) row, first column, last column of the tiles of `side` px that runs reach, `pad` px around them included;
    some of them more than once."""
    out = np.empty((64, 3), np.int64)
    count = 0
    for n in range(len(runs)):
        a, b = (runs[n, 1] - pad) // side, (runs[n, 2] - 1 + pad) // side
        for row in range((runs[n, 0] - pad) // side, (runs[n, 0] + pad) // side + 1):
            known = False
            for m in range(count - 1, max(-1, count - 1 - RECENT), -1):
                known = known or (out[m, 0] == row and out[m, 1] == a and out[m, 2] == b)
            if known:
                continue
            if count == len(out):
                larger = np.empty((2 * count, 3), np.int64)
                larger[:count] = out
                out = larger
            out[count, 0], out[count, 1], out[count, 2] = row, a, b
            count += 1
    return out[:count]


@njit(**OPTIONS)
def softened_into(out: NDArray[np.uint8], padded: NDArray[np.uint8]) -> None:
    """The binomial mean over 3 x 3 px of a picture one px larger on every side: a hard edge becomes an even one."""
    h, w = out.shape
    column = np.empty(w + 2, np.uint16)  # down first, then across: whole rows at once
    for i in range(h):
        for j in range(w + 2):
            above, here, below = np.uint16(padded[i, j]), np.uint16(padded[i + 1, j]), np.uint16(padded[i + 2, j])
            column[j] = above + here + here + below
        for j in range(w):
            total = column[j] + column[j + 1] + column[j + 1] + column[j + 2]
            out[i, j] = np.uint8((total + np.uint16(8)) >> np.uint16(4))


@njit(**OPTIONS)
def even_edged_into(out: NDArray[np.uint8], runs: NDArray[np.int32], x0: int, y0: int) -> None:
    """Write to `out`, whose corner lies at (x0, y0), what runs cover with their edges evened over a px."""
    h, w = out.shape
    padded = np.zeros((h + 2, w + 2), np.uint8)
    first, last = runs_between(runs, y0 - 1, y0 + h + 1)
    runs_into(padded, runs, first, last, x0 - 1, y0 - 1)
    softened_into(out, padded)
