"""Which px of many tiles have no line, compiled: a page has thousands of tiles of ink."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.blend_kernel import OPTIONS, carray, pointer
from jotsk.core.runtime.kernels import njit


@njit(**OPTIONS)
def clear_into(
    free: NDArray[np.uint64], side: int, cells: NDArray[np.int64], tiles: NDArray[np.int64], first: int, last: int
) -> None:
    """Write to `free` (H, N), a bit a px, which px of the cells `first` .. `last` are less than half covered; what lies
    beyond its sides is left out.

    `cells` (C, 4): y of a tile's corner in the picture, its first word there, and which of `tiles` lie on it, from and
    up to; `tiles` (M, 2): the address of the alpha of one (uint8, `side` x `side`, contiguous) and the opacity of its
    layer, 0..255.
    """
    h, n = free.shape
    through = np.empty((side, side), np.float32)  # how much of what is beneath is seen
    for c in range(first, last):
        y, x, start, stop = cells[c, 0], cells[c, 1], cells[c, 2], cells[c, 3]
        through[:] = np.float32(1)
        for k in range(start, stop):
            alpha = carray(pointer(tiles[k, 0]), (side, side), np.uint8)
            share = np.float32(tiles[k, 1] / 65025.0)
            for i in range(side):
                for j in range(side):
                    through[i, j] *= np.float32(1) - share * np.float32(alpha[i, j])
        for i in range(max(0, -y), min(side, h - y)):
            for word in range(side // 64):
                if x + word < 0 or x + word >= n:
                    continue
                bits = np.uint64(0)
                for b in range(64):
                    bits |= np.uint64(through[i, 64 * word + b] > np.float32(0.5)) << np.uint64(b)
                free[y + i, x + word] &= bits
