"""Which px of many tiles have no line, compiled: a page has thousands of tiles of ink."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.blend_kernel import OPTIONS, carray, pointer
from jotsk.core.runtime.kernels import njit

GATHERS = np.uint64(0x0102040810204080)  # times eight bytes of 0 or 1: their bits, in the highest byte


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
    words = side // 64  # of a row of a tile
    through = np.empty((side, words, 64), np.float32)  # how much of what is beneath is seen
    is_inked = np.empty((side, words), np.bool_)
    flags = np.empty(64, np.uint8)
    eights = flags.view(np.uint64)
    for c in range(first, last):
        y, x, start, stop = cells[c, 0], cells[c, 1], cells[c, 2], cells[c, 3]
        is_inked[:] = False
        for k in range(start, stop):
            alpha = carray(pointer(tiles[k, 0]), (side, words, 64), np.uint8)
            alphas = carray(pointer(tiles[k, 0]), (side, words, 8), np.uint64)
            share = np.float32(tiles[k, 1] / 65025.0)
            for i in range(side):
                for word in range(words):
                    any_ink = np.uint64(0)
                    for b in range(8):
                        any_ink |= alphas[i, word, b]
                    if any_ink == 0:
                        continue
                    if not is_inked[i, word]:
                        is_inked[i, word] = True
                        for j in range(64):
                            through[i, word, j] = np.float32(1)
                    for j in range(64):
                        through[i, word, j] *= np.float32(1) - share * np.float32(alpha[i, word, j])
        for i in range(max(0, -y), min(side, h - y)):
            for word in range(max(0, -x), min(words, n - x)):
                if not is_inked[i, word]:
                    continue
                for j in range(64):
                    flags[j] = through[i, word, j] > np.float32(0.5)
                bits = np.uint64(0)
                for b in range(8):
                    bits |= (eights[b] * GATHERS >> np.uint64(56)) << np.uint64(8 * b)
                free[y + i, x + word] &= bits


@njit(**OPTIONS)
def distinct(pixels: NDArray[np.uint32]) -> tuple[NDArray[np.uint32], NDArray[np.int32]]:
    """The colours of a picture (H, W), and the number of each px in them: as `numpy.unique`, which sorts all px. By an
    open table of hashes (Knuth's multiplicative ones) that is at most half full."""
    h, w = pixels.shape
    at = np.empty((h, w), np.int32)
    colors = np.empty(1 << 12, np.uint32)
    table = np.full(1 << 13, -1, np.int32)
    count, shift = 0, np.uint32(32 - 13)
    before, own = np.uint32(0), -1
    for i in range(h):
        for j in range(w):
            pixel = pixels[i, j]
            if own < 0 or pixel != before:
                if 2 * count >= len(table):
                    shift -= np.uint32(2)
                    table = np.full(4 * len(table), -1, np.int32)
                    more = np.empty(4 * len(colors), np.uint32)
                    more[:count] = colors[:count]
                    colors = more
                    for k in range(count):
                        table[_place(table, colors, colors[k], shift)] = k
                place = _place(table, colors, pixel, shift)
                if table[place] < 0:
                    table[place] = count
                    colors[count] = pixel
                    count += 1
                before, own = pixel, table[place]
            at[i, j] = own
    return colors[:count].copy(), at


@njit(inline="always", **OPTIONS)
def _place(table: NDArray[np.int32], colors: NDArray[np.uint32], color: np.uint32, shift: np.uint32) -> np.int64:
    """Where a colour is in the table, or would be."""
    place = np.int64(np.uint32(color * np.uint32(2654435769)) >> shift)  # a product of two has 64 bits here
    while table[place] >= 0 and colors[table[place]] != color:
        place = (place + np.int64(1)) % np.int64(len(table))
    return place
