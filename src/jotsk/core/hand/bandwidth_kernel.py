"""How strongly to smooth at each place of a line, compiled: see `bandwidth`."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def lowest_agreeing(
    lines: NDArray[np.float64], windows: NDArray[np.int64], allowed: NDArray[np.float64]
) -> NDArray[np.int64]:
    """For each place the first of `lines` (K, N, D) that agrees with all after it; the last agrees with itself.

    Line k agrees with line m where the mean square of their distance over `windows[m]` places around it is at most
    `allowed[k, m]` squared.
    """
    count, n, columns = lines.shape
    chosen = np.full(n, count - 1)
    square = np.empty(n)
    agrees = np.empty(n, np.bool_)
    for k in range(count - 2, -1, -1):
        agrees[:] = True
        for m in range(k + 1, count):
            for i in range(n):
                total = 0.0
                for c in range(columns):
                    total += (lines[k, i, c] - lines[m, i, c]) ** 2
                square[i] = total
            _both_sides_into(agrees, square, windows[m], allowed[k, m] ** 2)
        for i in range(n):
            if agrees[i]:
                chosen[i] = k
    return chosen


@njit(**OPTIONS)
def _both_sides_into(agrees: NDArray[np.bool_], square: NDArray[np.float64], window: int, most: float) -> None:
    """Clear `agrees` where the mean of `square` over `window` places around it is more than `most`.

    Beyond its ends the line counts as its ends do.
    """
    n = square.shape[0]
    half = window // 2
    total = 0.0
    for j in range(-half, half + 1):
        total += square[min(n - 1, max(0, j))]
    for i in range(n):
        if total > most * (2 * half + 1):
            agrees[i] = False
        total += square[min(n - 1, i + half + 1)] - square[max(0, i - half)]


@njit(**OPTIONS)
def spread(values: NDArray[np.float64], reach: int, smooth: int) -> NDArray[np.float64]:
    """The largest of `values` (N,) within `reach` places, then the mean of that over `smooth` places on either side."""
    n = values.shape[0]
    largest = np.empty(n)
    for i in range(n):
        most = values[i]
        for j in range(max(0, i - reach), min(n, i + reach + 1)):
            most = max(most, values[j])
        largest[i] = most
    out = np.empty(n)
    total = 0.0
    for j in range(-smooth, smooth + 1):
        total += largest[min(n - 1, max(0, j))]
    for i in range(n):
        out[i] = total / (2 * smooth + 1)
        total += largest[min(n - 1, i + smooth + 1)] - largest[max(0, i - smooth)]
    return out
