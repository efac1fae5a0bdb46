"""Points and polygons."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray


def inside(points: NDArray[np.floating], polygon: NDArray[np.floating]) -> NDArray[np.bool_]:
    """Which of (N, 2) points lie in a closed (M, 2) polygon: crossings of a ray to the right, even-odd rule."""
    if len(polygon) < 3:
        return np.zeros(len(points), np.bool_)
    x, y = points[:, 0:1], points[:, 1:2]
    x0, y0 = polygon.T
    x1, y1 = np.roll(polygon, -1, axis=0).T
    spans = (y0 > y) != (y1 > y)
    with np.errstate(divide="ignore", invalid="ignore", over="ignore"):
        crossing = x < x0 + (y - y0) * (x1 - x0) / (y1 - y0)
    return np.asarray((spans & crossing).sum(axis=1) % 2 == 1, np.bool_)
