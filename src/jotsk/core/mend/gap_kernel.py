"""How far places are from the inked shape of a ribbon, compiled."""

from __future__ import annotations

import numpy as np
from numba import njit
from numpy.typing import NDArray


@njit(cache=True, nogil=True)
def gaps(places: NDArray[np.float64], ribbon: NDArray[np.float64]) -> NDArray[np.float64]:
    """For each of (N, 2) places the distance to the union of tapered capsules along (M, 3) x, y, radius; less than 0
    inside. Of a capsule: the distance to its axis less the radius there, where a circle of the radii between touches.

    The hull of two circles is the union of all circles between them (radii linear along the axis), so the distance is
    the least, over the axis, of the distance to a point of it less the radius there; for h along an axis of length L
    and a slope k = (r1 - r0) / L that least is at h = x - y k / sqrt(1 - k k), cut to 0 .. L.
    """
    out = np.full(len(places), np.inf)
    for j in range(max(1, len(ribbon) - 1)):
        k = min(j + 1, len(ribbon) - 1)
        ax, ay, ar = ribbon[j, 0], ribbon[j, 1], ribbon[j, 2]
        dx, dy = ribbon[k, 0] - ax, ribbon[k, 1] - ay
        length = np.sqrt(dx * dx + dy * dy)
        slope = (ribbon[k, 2] - ar) / length if length > 1e-9 else 0.0
        lean = slope / np.sqrt(1.0 - slope * slope) if abs(slope) < 1.0 else 0.0
        for i in range(len(places)):
            px, py = places[i, 0] - ax, places[i, 1] - ay
            if length <= 1e-9:
                gap = np.sqrt(px * px + py * py) - max(ar, ribbon[k, 2])
            else:
                x = (px * dx + py * dy) / length
                y = abs(px * dy - py * dx) / length
                h = min(length, max(0.0, x + y * lean))
                if abs(slope) >= 1.0:  # one circle lies in the other
                    h = 0.0 if slope < 0 else length
                gap = np.sqrt((x - h) ** 2 + y * y) - (ar + slope * h)
            out[i] = min(out[i], gap)
    return out
