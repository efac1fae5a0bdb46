"""Dots scattered with a least distance between them, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

TRIES = 12  # for each cell of the grid


@njit(cache=True, nogil=True)
def scattered(
    mask: NDArray[np.bool_], reach: NDArray[np.float32], least: float, rng: np.random.Generator
) -> NDArray[np.float64]:
    """(N, 2) places inside a mask, each farther than `reach` there from every other; `least` is the least of that.

    Darts are thrown cell by cell in a random order and kept where none is too near.
    """
    h, w = mask.shape
    cell = least / np.sqrt(2.0)
    rows, columns = int(h / cell) + 1, int(w / cell) + 1
    held = np.full((rows, columns), -1, np.int64)
    found = np.empty((rows * columns, 2))
    count = 0
    order = rng.permutation(rows * columns)
    for _ in range(TRIES):
        for at in order:
            row, column = at // columns, at % columns
            if held[row, column] >= 0:
                continue
            x = (column + rng.random()) * cell
            y = (row + rng.random()) * cell
            i, j = int(y), int(x)
            if i >= h or j >= w or not mask[i, j]:
                continue
            far = reach[i, j]
            k = int(far / cell) + 1
            good = True
            for r in range(max(0, row - k), min(rows, row + k + 1)):
                for c in range(max(0, column - k), min(columns, column + k + 1)):
                    n = held[r, c]
                    if n >= 0 and (found[n, 0] - x) ** 2 + (found[n, 1] - y) ** 2 < far * far:
                        good = False
                        break
                if not good:
                    break
            if good:
                found[count, 0], found[count, 1] = x, y
                held[row, column] = count
                count += 1
    return found[:count]
