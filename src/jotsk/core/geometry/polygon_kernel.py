"""Points and polygons, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit


def inside(points: NDArray[np.floating], polygon: NDArray[np.floating]) -> NDArray[np.bool_]:
    """Which of (N, 2) points lie in a closed (M, 2) polygon: crossings of a ray to the right, even-odd rule."""
    if len(polygon) < 3:
        return np.zeros(len(points), np.bool_)
    return _inside(np.ascontiguousarray(points, np.float64), np.ascontiguousarray(polygon, np.float64))


@njit(cache=True, nogil=True)
def _inside(points: NDArray[np.float64], polygon: NDArray[np.float64]) -> NDArray[np.bool_]:
    is_inside = np.zeros(len(points), np.bool_)
    for i in range(len(points)):
        x, y = points[i]
        before = len(polygon) - 1
        for k in range(len(polygon)):
            x0, y0 = polygon[before]
            x1, y1 = polygon[k]
            before = k
            if (y0 > y) != (y1 > y) and x < x0 + (y - y0) * (x1 - x0) / (y1 - y0):
                is_inside[i] = not is_inside[i]
    return is_inside
