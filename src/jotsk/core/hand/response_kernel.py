"""A piecewise cubic at many places, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit


@njit(cache=True, nogil=True)
def cubic_at(
    values: NDArray[np.float64], x: NDArray[np.float64], y: NDArray[np.float64], m: NDArray[np.float64]
) -> NDArray[np.float64]:
    """The Hermite curve through points (x, y), tangents m, all (K,), at `values` (N,); level outside."""
    out = np.empty(len(values))
    last = len(x) - 2
    for n in range(len(values)):
        v = min(max(values[n], x[0]), x[last + 1])
        i = 0
        while i < last and v >= x[i + 1]:
            i += 1
        h = x[i + 1] - x[i]
        u = (v - x[i]) / h
        rise = y[i + 1] - y[i]
        out[n] = y[i] + u * u * (3 - 2 * u) * rise + h * u * (1 - u) * ((1 - u) * m[i] - u * m[i + 1])
    return out
