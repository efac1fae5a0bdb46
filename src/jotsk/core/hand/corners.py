"""Corners: places where the hand slowed down and left in clearly another direction."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

REACH_PX = 14.0  # how far from the corner the directions are taken
SMALLEST_TURN_RAD = np.radians(40.0)
SLOW_SHARE = 0.45  # of the speed on the way in and on the way out


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
    A place counts when it is the slowest within 60 ms, slower than `SLOW_SHARE` of the mean speed on both sides,
    and the directions between 1/3 and 3/3 of the reach before and after it differ by 40 degrees or more.
    The near third is left out because the hand rests there, and a resting hand has no direction.
    """
    n = len(xy)
    if n < 8:
        return []
    velocity = np.gradient(xy, dt, axis=0)
    speed = np.hypot(*velocity.T)
    window = max(1, int(0.06 / dt))
    padded = np.pad(speed, window, mode="edge")
    lowest = np.lib.stride_tricks.sliding_window_view(padded, 2 * window + 1).min(axis=1)
    candidates = np.flatnonzero((speed <= lowest) & (np.arange(n) > 1) & (np.arange(n) < n - 2))
    reach = max(REACH_PX, 6.0 * tremor_px)
    found: list[int] = []
    for c in candidates:
        if found and c - found[-1] <= window:
            continue
        if _turns(xy, speed, int(c), reach):
            found.append(int(c))
    return found


def _turns(xy: NDArray[np.float64], speed: NDArray[np.float64], c: int, reach: float) -> bool:
    # 256 grid steps (about a second) hold the reach of any hand that is drawing rather than resting.
    before, after = xy[max(0, c - 256) : c + 1][::-1], xy[c : c + 257]
    near_b, far_b = _first_beyond(before, reach / 3), _first_beyond(before, reach)
    near_a, far_a = _first_beyond(after, reach / 3), _first_beyond(after, reach)
    if min(near_b, far_b, near_a, far_a) < 0 or near_b == far_b or near_a == far_a:
        return False
    way_in, way_out = before[near_b] - before[far_b], after[far_a] - after[near_a]
    cross = way_in[0] * way_out[1] - way_in[1] * way_out[0]
    turn = abs(np.arctan2(cross, way_in @ way_out))
    if turn < SMALLEST_TURN_RAD:
        return False
    arriving, leaving = speed[c - far_b : c].mean(), speed[c + 1 : c + far_a + 1].mean()
    return bool(speed[c] < SLOW_SHARE * min(arriving, leaving))


def _first_beyond(points: NDArray[np.float64], distance: float) -> int:
    """Index of the first of `points` farther than `distance` from points[0]; -1 if none is."""
    far = np.hypot(*(points - points[0]).T) > distance
    return int(far.argmax()) if far.any() else -1
