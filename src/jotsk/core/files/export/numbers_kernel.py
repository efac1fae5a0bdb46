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
        n = _put(out, n, values[k])
        if operator and k % 2 == 1:
            out[n], out[n + 1] = operator, 32
            n += 2
    return out[: max(0, n - 1)]


@njit(cache=True, nogil=True)
def closed_path(ring: NDArray[np.float32], scale: float) -> NDArray[np.uint8]:
    """A closed polygon of (N >= 1, 2) places as the data of an SVG path, in ASCII: the first place times `scale`, in
    whole numbers, and the steps to the others that are not nothing."""
    out = np.empty((2 * len(ring) + 2) * (MOST_DIGITS + 1) + 3, np.uint8)
    x, y = np.int64(np.rint(ring[0, 0] * scale)), np.int64(np.rint(ring[0, 1] * scale))
    out[0] = 77  # M
    n = _put(out, _put(out, 1, x), y)
    out[n - 1] = 108  # l
    for k in range(1, len(ring)):
        to_x, to_y = np.int64(np.rint(ring[k, 0] * scale)), np.int64(np.rint(ring[k, 1] * scale))
        if to_x != x or to_y != y:
            n = _put(out, _put(out, n, to_x - x), to_y - y)
            x, y = to_x, to_y
    out[n - 1] = 122  # z
    return out[:n]


@njit(cache=True, nogil=True)
def _put(out: NDArray[np.uint8], n: int, value: int) -> int:
    """Write a number and a blank at place `n`; return the place after them."""
    if value < 0:
        out[n] = 45  # -
        n += 1
        value = -value
    first = n
    while True:
        out[n] = 48 + value % 10
        n += 1
        value //= 10
        if value == 0:
            break
    last = n - 1
    while first < last:
        out[first], out[last] = out[last], out[first]
        first += 1
        last -= 1
    out[n] = 32
    return n + 1
