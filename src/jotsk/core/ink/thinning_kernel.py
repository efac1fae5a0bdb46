"""Which samples of a line to keep so that neighbours are not closer than a pixel, compiled."""

from __future__ import annotations

import numpy as np
from numba import njit
from numpy.typing import NDArray


@njit(cache=True, nogil=True)
def kept_apart(columns: NDArray[np.float64], closest: float) -> tuple[NDArray[np.bool_], NDArray[np.float64]]:
    """Which rows of (N >= 3, 3+) x, y, radius ... to keep, both ends always; and every row's radius.

    Pressing harder without moving swells the spot: a row that is dropped leaves its radius to the one kept
    before it, if that is smaller.
    """
    n = columns.shape[0]
    kept = np.zeros(n, np.bool_)
    widest = columns[:, 2].copy()
    kept[0] = True
    last = 0
    for i in range(1, n):
        dx = columns[i, 0] - columns[last, 0]
        dy = columns[i, 1] - columns[last, 1]
        if dx * dx + dy * dy >= closest * closest:
            kept[i] = True
            last = i
        else:
            widest[last] = max(widest[last], columns[i, 2])
    if last != n - 1:
        if last > 0:
            kept[last] = False  # nearer to the end than a pixel: the end takes its place
        kept[n - 1] = True
    return kept, widest
