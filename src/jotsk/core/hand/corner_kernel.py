"""The search for corners, compiled: see `corners`."""

from __future__ import annotations

import numpy as np
from numba import njit
from numpy.typing import NDArray

FARTHEST = 256  # steps either side: about a second holds the reach of any hand that is drawing, not resting


@njit(cache=True, nogil=True)
def first_beyond(xy: NDArray[np.float64], c: int, step: int, distance: float) -> int:
    """Index of the first place, going from `c` by `step`, farther than `distance` from it; -1 if none is."""
    i = c + step
    while 0 <= i < xy.shape[0] and abs(i - c) <= FARTHEST:
        if (xy[i, 0] - xy[c, 0]) ** 2 + (xy[i, 1] - xy[c, 1]) ** 2 > distance * distance:
            return i
        i += step
    return -1


@njit(cache=True, nogil=True)
def corners_into(
    found: NDArray[np.bool_], xy: NDArray[np.float64], dt: float, window: int, reach: float, turn_cos: float,
    slow_share: float,
) -> None:  # fmt: skip
    """Mark in `found` (N,) the corners of `xy` (N, 2), given at even steps of `dt` s."""
    n = xy.shape[0]
    speed = np.empty(n)
    for i in range(n):
        a = max(0, i - 1)
        b = min(n - 1, i + 1)
        speed[i] = np.sqrt((xy[b, 0] - xy[a, 0]) ** 2 + (xy[b, 1] - xy[a, 1]) ** 2) / ((b - a) * dt)
    last = -window - 1
    for c in range(2, n - 2):
        if c - last <= window:
            continue
        slowest = True
        for i in range(max(0, c - window), min(n, c + window + 1)):
            if speed[i] < speed[c]:
                slowest = False
                break
        if not slowest:
            continue
        near_b = first_beyond(xy, c, -1, reach / 3)
        far_b = first_beyond(xy, c, -1, reach)
        near_a = first_beyond(xy, c, 1, reach / 3)
        far_a = first_beyond(xy, c, 1, reach)
        if near_b < 0 or far_b < 0 or near_a < 0 or far_a < 0 or near_b == far_b or near_a == far_a:
            continue
        ix = xy[near_b, 0] - xy[far_b, 0]
        iy = xy[near_b, 1] - xy[far_b, 1]
        ox = xy[far_a, 0] - xy[near_a, 0]
        oy = xy[far_a, 1] - xy[near_a, 1]
        lengths = np.sqrt((ix * ix + iy * iy) * (ox * ox + oy * oy))
        if ix * ox + iy * oy > turn_cos * lengths:
            continue
        if speed[c] < slow_share * min(speed[far_b:c].mean(), speed[c + 1 : far_a + 1].mean()):
            found[c] = True
            last = c
