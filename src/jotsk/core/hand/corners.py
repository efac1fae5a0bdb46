"""Corners: places where the hand slowed down and left in clearly another direction."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand.corner_kernel import corners_into

REACH_PX = 14.0  # how far from the corner the directions are taken
SMALLEST_TURN_COS = float(np.cos(np.radians(40.0)))
SLOW_SHARE = 0.45  # of the speed on the way in and on the way out
WINDOW_S = 0.06


def corner_indices(xy: NDArray[np.float64], dt: float, *, tremor_px: float = 0.0) -> list[int]:
    """Return the indices of the corners of a lightly smoothed path, ends not counted.

    Parameters
    ----------
    xy : (N, 2) ndarray of float64
        Places at even steps of `dt` seconds.
    tremor_px : float
        RMS of what the smoothing took off; directions are taken farther away from a shakier corner.

    Notes
    -----
    A place counts when it is the slowest within 60 ms, slower than `SLOW_SHARE` of the mean speed on both
    sides, and the directions between 1/3 and 3/3 of the reach before and after it differ by 40 degrees or
    more. The near third is left out because the hand rests there, and a resting hand has no direction.
    """
    found = np.zeros(len(xy), np.bool_)
    if len(xy) >= 8:
        reach = max(REACH_PX, 6.0 * tremor_px)
        window = max(1, int(WINDOW_S / dt))
        corners_into(found, np.ascontiguousarray(xy), dt, window, reach, SMALLEST_TURN_COS, SLOW_SHARE)
    return np.flatnonzero(found).tolist()
