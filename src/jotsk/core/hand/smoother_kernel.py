"""The penalised least-squares smoother of third order, solved in its band, compiled.

For samples y at equal steps the smooth line x minimises
    sum_i w_i (y_i - x_i)^2 + sum_j p_j (x_j - 3 x_{j+1} + 3 x_{j+2} - x_{j+3})^2,
that is (W + D' P D) x = W y with a symmetric matrix of seven diagonals, here factored as L S L'
(Golub and Van Loan, Matrix Computations, 4.3) and solved for every column of y.
Eilers, "A perfect smoother", Anal. Chem. 75 (2003) 3631-3636; Whittaker 1923.
"""

from __future__ import annotations

import numpy as np
from numba import njit
from numpy.typing import NDArray

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def solve(y: NDArray[np.float64], w: NDArray[np.float64], p: NDArray[np.float64]) -> NDArray[np.float64]:
    """Return the smooth (N, K) columns of `y`, weights w (N,), penalties p (N - 3,)."""
    n, columns = y.shape
    d = (1.0, -3.0, 3.0, -1.0)
    band = np.zeros((n, 4))  # band[i, k] = A[i, i - k]
    for i in range(n):
        band[i, 0] = w[i]
    for j in range(n - 3):
        for a in range(4):
            for b in range(a + 1):
                band[j + a, a - b] += p[j] * d[a] * d[b]
    x = np.empty((n, columns))
    for i in range(n):
        for c in range(columns):
            x[i, c] = w[i] * y[i, c]
    # band[i, 0] becomes S[i]; band[i, k] becomes L[i, i - k].
    for i in range(n):
        for k in range(min(3, i), 0, -1):
            j = i - k
            v = band[i, k]
            for m in range(k + 1, min(3, i) + 1):
                if m - k <= 3 and m - k <= j:
                    v -= band[i, m] * band[j, m - k]
            band[i, k] = v  # L[i, j] S[j] until divided below
        for k in range(1, min(3, i) + 1):
            v = band[i, k]
            band[i, k] = v / band[i - k, 0]
            band[i, 0] -= band[i, k] * v
    for i in range(n):
        for k in range(1, min(3, i) + 1):
            for c in range(columns):
                x[i, c] -= band[i, k] * x[i - k, c]
    for i in range(n):
        for c in range(columns):
            x[i, c] /= band[i, 0]
    for i in range(n - 1, -1, -1):
        for k in range(1, min(3, n - 1 - i) + 1):
            for c in range(columns):
                x[i, c] -= band[i + k, k] * x[i + k, c]
    return x


@njit(**OPTIONS)
def bounded(
    y: NDArray[np.float64],
    light: NDArray[np.float64],
    strong: float,
    lightest: float,
    shape: float,
    broken: NDArray[np.bool_],
    allowed: float,
    reach: int,
    rounds: int,
) -> NDArray[np.float64]:
    """The smooth line of penalty `strong`, held to `light` by at most about `allowed`.

    After every solution the difference to `light` is smoothed itself, with the penalty `shape`, and where it is more
    than `allowed` the penalty is lowered within `reach` samples, down to `lightest`; then the line is solved again.
    `broken` third differences bind nothing.
    """
    n = y.shape[0]
    m = n - 3
    w = np.ones(n)
    logs = np.full(m, np.log(strong))
    floor = np.log(lightest)
    shapes = np.full(m, shape)
    p = np.empty(m)
    near = np.empty(m)
    for turn in range(rounds):
        for j in range(m):
            p[j] = 0.0 if broken[j] else np.exp(logs[j])
        line = solve(y, w, p)
        lost = solve(light - line, w, shapes)
        size = np.empty(n)
        for i in range(n):
            size[i] = np.sqrt(lost[i, 0] ** 2 + lost[i, 1] ** 2) / allowed
        most = 0.0
        for j in range(m):
            v = 0.0
            for i in range(max(0, j + 1 - reach), min(n, j + 2 + reach)):
                v = max(v, size[i])
            near[j] = v
            most = max(most, v)
        if most <= 1.05 or turn == rounds - 1:
            break
        for j in range(m):
            if near[j] > 1.0:
                logs[j] = max(floor, logs[j] - 2.5 * np.log(near[j]))
        smooth = np.empty(m)
        total = 0.0
        low = 0
        high = 0
        for j in range(m):
            while high < min(m, j + reach + 1):
                total += logs[high]
                high += 1
            while low < j - reach:
                total -= logs[low]
                low += 1
            smooth[j] = total / (high - low)
        logs = smooth
    return line
