"""Between straight and premultiplied alpha, compiled.

A premultiplied channel p <= a becomes s = round(255 p / a) and comes back as round(s a / 255). s differs from 255 p / a
by at most 1/2, so s a / 255 differs from p by at most a / 510, which is less than 1/2 for a < 255: nothing is lost.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

BAND = 256  # rows


def premultiplied_by_bands(
    width: int, height: int, straight_rows: Callable[[int, int], NDArray[np.uint8]]
) -> NDArray[np.uint32]:
    """As `premultiplied`, of rows that `straight_rows(start, stop)` makes, so that never all of them are held."""
    pixels = np.empty((height, width), np.uint32)
    for y in range(0, height, BAND):
        pixels[y : y + BAND] = premultiplied(straight_rows(y, min(height, y + BAND)))
    return pixels


@njit(cache=True, nogil=True)
def premultiplied(straight_rgba: NDArray[np.uint8]) -> NDArray[np.uint32]:
    """(H, W, 4) straight uint8 -> (H, W) premultiplied uint32, a new array."""
    h, w, _ = straight_rgba.shape
    out = np.empty((h, w), np.uint32)
    for i in range(h):
        for j in range(w):
            a = np.uint32(straight_rgba[i, j, 3])
            if a == 0:  # as most of a layer
                out[i, j] = np.uint32(0)
                continue
            v = a << np.uint32(24)
            for c in range(3):
                p = (np.uint32(straight_rgba[i, j, c]) * a + np.uint32(127)) // np.uint32(255)
                v |= p << np.uint32(8 * c)
            out[i, j] = v
    return out


@njit(cache=True, nogil=True)
def straight(pixels: NDArray[np.uint32]) -> NDArray[np.uint8]:
    """(H, W) premultiplied uint32 -> (H, W, 4) straight uint8, a new array."""
    h, w = pixels.shape
    out = np.empty((h, w, 4), np.uint8)
    for i in range(h):
        for j in range(w):
            v = pixels[i, j]
            a = v >> np.uint32(24)
            for c in range(3):
                p = (v >> np.uint32(8 * c)) & np.uint32(255)
                if a:
                    p = min(np.uint32(255), (p * np.uint32(255) + (a >> np.uint32(1))) // a)
                out[i, j, c] = np.uint8(p)
            out[i, j, 3] = np.uint8(a)
    return out
