"""Whole numbers as text, compiled: an outline has thousands of them."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

MOST_DIGITS = 20


@njit(cache=True, nogil=True)
def numbers_text(values: NDArray[np.int64], operator: int) -> NDArray[np.uint8]:
    """(N,) numbers in ASCII with blanks between them; after each two of them an operator, a letter, if it is not 0."""
    out = np.empty(len(values) * (MOST_DIGITS + 4), np.uint8)
    n = 0
    for k in range(len(values)):
        rest = values[k]
        if rest < 0:
            out[n] = 45  # -
            n += 1
            rest = -rest
        first = n
        while True:
            out[n] = 48 + rest % 10
            n += 1
            rest //= 10
            if rest == 0:
                break
        last = n - 1
        while first < last:
            out[first], out[last] = out[last], out[first]
            first += 1
            last -= 1
        out[n] = 32
        n += 1
        if operator and k % 2 == 1:
            out[n], out[n + 1] = operator, 32
            n += 2
    return out[: max(0, n - 1)]
