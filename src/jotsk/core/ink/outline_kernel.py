"""Coverage of closed outlines, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

LINES = 16  # scanned within each row of px; along a line, coverage is exact


@njit(cache=True, nogil=True)
def fill_outline(alpha: NDArray[np.uint8], outline: NDArray[np.float64], x0: float, y0: float) -> None:
    """Set (H, W) `alpha`, whose corner lies at (x0, y0), to how much of each px is inside the closed (N >= 3, 2)
    outline, by the even-odd rule; 255 is all of it."""
    height, width = alpha.shape
    n = outline.shape[0]
    crossings = np.empty(n)
    row = np.empty(width + 2)
    for i in range(height):
        row[:] = 0.0
        for line in range(LINES):
            y = y0 + i + (line + 0.5) / LINES
            count = 0
            for k in range(n):
                ax, ay = outline[k, 0], outline[k, 1]
                bx, by = outline[(k + 1) % n, 0], outline[(k + 1) % n, 1]
                if (ay <= y) != (by <= y):
                    crossings[count] = ax + (y - ay) * (bx - ax) / (by - ay) - x0
                    count += 1
            if count == 0:
                continue
            found = np.sort(crossings[:count])
            for k in range(0, count - 1, 2):
                a, b = max(0.0, found[k]), min(float(width), found[k + 1])
                if b > a:
                    _add_span(row, a, b)
        covered = 0.0
        for j in range(width):
            # `row` holds what a px has more than the whole px before it, and what is only its own.
            covered += row[j]
            alpha[i, j] = np.uint8(min(255.0, max(0.0, covered / LINES * 255.0 + 0.5)))


@njit(cache=True, nogil=True)
def _add_span(row: NDArray[np.float64], a: float, b: float) -> None:
    """Add the coverage of [a, b) as differences from px to px."""
    _add_step(row, a, 1.0)
    _add_step(row, b, -1.0)


@njit(cache=True, nogil=True)
def _add_step(row: NDArray[np.float64], at: float, sign: float) -> None:
    """From `at` on all is covered: its px by the share that lies after it, those that follow wholly."""
    j = int(at)
    share = j + 1.0 - at
    row[j] += sign * share
    row[j + 1] += sign * (1.0 - share)
