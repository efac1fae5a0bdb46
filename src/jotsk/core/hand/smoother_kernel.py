"""The penalised least-squares smoother of third order, solved in its band, compiled.

For samples y at equal steps the smooth line x minimises
    sum_i w_i (y_i - x_i)^2 + sum_j p_j (x_j - 3 x_{j+1} + 3 x_{j+2} - x_{j+3})^2,
that is (W + D' P D) x = W y with a symmetric matrix of seven diagonals, here factored as L S L'
(Golub and Van Loan, Matrix Computations, 4.3) and solved for every column of y.
Eilers, "A perfect smoother", Anal. Chem. 75 (2003) 3631-3636; Whittaker 1923.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def solve(y: NDArray[np.float64], w: NDArray[np.float64], p: NDArray[np.float64]) -> NDArray[np.float64]:
    """Return the smooth (N, K) columns of `y`, weights w (N,), penalties p (N - 3,)."""
    lower, inverse = factored(w, p)
    return substituted(lower, inverse, w, y)


@njit(**OPTIONS)
def solve_each(y: NDArray[np.float64], penalties: NDArray[np.float64]) -> NDArray[np.float64]:
    """The smooth (K, N, C) columns of `y` (N, C) by each of (K,) penalties that are the same all along, weights 1."""
    n, columns = y.shape
    w = np.ones(n)
    out = np.empty((len(penalties), n, columns))
    for k in range(len(penalties)):
        out[k] = solve(y, w, np.full(n - 3, penalties[k]))
    return out


@njit(**OPTIONS)
def smoothed_away(times: NDArray[np.float64], points: NDArray[np.float32], step: float, p: float) -> float:
    """RMS distance of a line, x and y the first columns of `points` (N, K) at `times` (N,), from itself smoothed by the
    penalty p at even steps; `inf` if it is too short to be smoothed."""
    n = int((times[-1] - times[0]) / step) + 1 if len(times) else 0
    if n < 8:
        return np.inf
    even = np.empty((n, 2))
    k = 0
    for i in range(n):
        at = times[0] + i * step
        while k < len(times) - 2 and times[k + 1] < at:
            k += 1
        share = min(1.0, max(0.0, (at - times[k]) / max(1e-9, times[k + 1] - times[k])))
        for c in range(2):
            even[i, c] = points[k, c] + share * (points[k + 1, c] - points[k, c])
    smooth = solve(even, np.ones(n), np.full(n - 3, p))
    total = 0.0
    for i in range(n):
        total += (even[i, 0] - smooth[i, 0]) ** 2 + (even[i, 1] - smooth[i, 1]) ** 2
    return np.sqrt(total / n)


@njit(**OPTIONS)
def factored(w: NDArray[np.float64], p: NDArray[np.float64]) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Return L and 1 / S of the matrix: lower[i + 3, k] = L[i, i - k] and inverse[i + 3] = 1 / S[i].

    Three rows of nothing before the first and after the last spare the loops their guards.
    """
    n = len(w)
    band = np.zeros((n + 6, 4))
    for i in range(n):
        band[i + 3, 0] = w[i]
    for j in range(n - 3):  # the outer product of (1, -3, 3, -1) with itself
        q = p[j]
        band[j + 3, 0] += q
        band[j + 4, 0] += 9.0 * q
        band[j + 4, 1] -= 3.0 * q
        band[j + 5, 0] += 9.0 * q
        band[j + 5, 1] -= 9.0 * q
        band[j + 5, 2] += 3.0 * q
        band[j + 6, 0] += q
        band[j + 6, 1] -= 3.0 * q
        band[j + 6, 2] += 3.0 * q
        band[j + 6, 3] -= q
    inverse = np.zeros(n + 6)
    for i in range(3, n + 3):
        v3 = band[i, 3]  # v: entries of L times S
        v2 = band[i, 2] - v3 * band[i - 2, 1]
        v1 = band[i, 1] - v2 * band[i - 1, 1] - v3 * band[i - 1, 2]
        band[i, 1] = v1 * inverse[i - 1]
        band[i, 2] = v2 * inverse[i - 2]
        band[i, 3] = v3 * inverse[i - 3]
        inverse[i] = 1.0 / (band[i, 0] - band[i, 1] * v1 - band[i, 2] * v2 - band[i, 3] * v3)
    return band, inverse


@njit(**OPTIONS)
def substituted(
    lower: NDArray[np.float64], inverse: NDArray[np.float64], w: NDArray[np.float64], y: NDArray[np.float64]
) -> NDArray[np.float64]:
    """Solve for the columns of `y` with the factors from `factored`."""
    n, columns = y.shape
    x = np.zeros((n + 6, columns))
    for i in range(3, n + 3):
        for c in range(columns):
            x[i, c] = (
                w[i - 3] * y[i - 3, c]
                - lower[i, 1] * x[i - 1, c]
                - lower[i, 2] * x[i - 2, c]
                - lower[i, 3] * x[i - 3, c]
            )
    for i in range(n + 2, 2, -1):
        for c in range(columns):
            x[i, c] = (
                x[i, c] * inverse[i]
                - lower[i + 1, 1] * x[i + 1, c]
                - lower[i + 2, 2] * x[i + 2, c]
                - lower[i + 3, 3] * x[i + 3, c]
            )
    return x[3 : n + 3].copy()
