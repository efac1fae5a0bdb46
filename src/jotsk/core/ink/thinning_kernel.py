"""Which samples of a line to keep so that neighbours are not closer than a pixel, and its shape stays, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

DEVIATION, NEAREST = 0.12, 0.3  # of the closest: what a dropped place may lie off, and how near one that matters may be


@njit(cache=True, nogil=True)
def kept_apart(columns: NDArray[np.float64], closest: float) -> tuple[NDArray[np.bool_], NDArray[np.float64]]:
    """Which rows of (N >= 3, 3+) x, y, radius ... to keep, both ends always; and every row's radius.

    Rows closer to the one kept before are dropped, unless they lie off the straight line to the next one: the tip of a
    cusp stays. Pressing harder without moving swells the spot: a row that is dropped leaves its radius to the one kept
    before it, if that is smaller.
    """
    n = columns.shape[0]
    kept = np.zeros(n, np.bool_)
    widest = columns[:, 2].copy()
    kept[0] = True
    last = 0
    i = 1
    while i < n:
        dx = columns[i, 0] - columns[last, 0]
        dy = columns[i, 1] - columns[last, 1]
        if dx * dx + dy * dy < closest * closest:
            i += 1
            continue
        far = _farthest_off(columns, last, i, closest)
        for j in range(last + 1, far if far > 0 else i):
            widest[last] = max(widest[last], columns[j, 2])
        last = far if far > 0 else i
        kept[last] = True
        i = last + 1
    for j in range(last + 1, n):
        widest[last] = max(widest[last], columns[j, 2])
    if last != n - 1:
        if last > 0 and _gap(columns, last, n - 1) < closest:
            kept[last] = False  # nearer to the end than a pixel: the end takes its place
            widest[n - 1] = max(widest[n - 1], widest[last])
        kept[n - 1] = True
    return kept, widest


@njit(cache=True, nogil=True)
def _farthest_off(columns: NDArray[np.float64], a: int, b: int, closest: float) -> int:
    """The row between a and b that lies farthest off the straight line between them, if that is too far; else -1."""
    dx = columns[b, 0] - columns[a, 0]
    dy = columns[b, 1] - columns[a, 1]
    square = max(dx * dx + dy * dy, 1e-18)
    found = -1
    most = DEVIATION * closest
    for j in range(a + 1, b):
        px = columns[j, 0] - columns[a, 0]
        py = columns[j, 1] - columns[a, 1]
        share = min(1.0, max(0.0, (px * dx + py * dy) / square))
        off = np.sqrt((px - share * dx) ** 2 + (py - share * dy) ** 2)
        if off > most and _gap(columns, a, j) >= NEAREST * closest:
            most = off
            found = j
    return found


@njit(cache=True, nogil=True)
def _gap(columns: NDArray[np.float64], a: int, b: int) -> float:
    return np.sqrt((columns[a, 0] - columns[b, 0]) ** 2 + (columns[a, 1] - columns[b, 1]) ** 2)
