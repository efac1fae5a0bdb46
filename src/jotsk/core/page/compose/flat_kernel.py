"""Tiles flattened for the screen in one call each, or many in one, compiled.

Pixels are as in `ink.blend_kernel`; the screen wants B, G, R, A. While the pen is down a few dozen px are flattened
with every event, and where a whole view is flattened anew two threads share it: in both a call for each step would cost
more than the steps.
"""

from __future__ import annotations

import numpy as np

from jotsk.core.ink.blend_kernel import (
    BLOCK,
    FULL,
    OPTIONS,
    SIXTEEN,
    carray,
    ink_block_into,
    largest,
    over,
    pointer,
    scaled,
    tinted,
)
from jotsk.core.page.compose.layer_kernel import wetted
from jotsk.core.page.compose.mode_kernel import blend_into
from jotsk.core.runtime.kernels import njit

NOTHING, INK, PIXELS = 0, 1, 2  # what the active layer has on the tile
GREEN_AND_ALPHA = np.uint32(0xFF00FF00)


@njit(**OPTIONS)
def between_into(
    out, at, part, under, kind, alpha, color, pixels, opacity, tint, is_tinted, wet, wet_color, does, above, manner
):
    """Write `part` (x0, y0, x1, y1) of a tile to `out` (uint32, B G R A), the part's corner at `at` (x, y).

    `under` is uint32 (128, 128). The active layer is `alpha` (uint8) in `color` or `pixels` (uint32), as `kind` says,
    with `opacity` 0..255 and `tint`; on it lies the `wet` ink (uint8, or without a row where there is none), which
    `does` something in `wet_color`. `above` (N, 128, 128) uint8 and `manner` (N, 4) are as for `ink_layers_into`.
    """
    x0, y0, x1, y1 = part
    k = np.uint32(opacity)
    hue = np.uint32(tint)
    ink = np.uint32(color)
    wet_ink = np.uint32(wet_color)
    width = x1 - x0
    v = np.zeros(width, np.uint32)
    work = np.empty(width, np.uint32)
    for i in range(y0, y1):  # row by row in loops without branches: several px are computed at once
        work[:] = under[i, x0:x1]
        if kind == INK:
            row_alpha = alpha[i, x0:x1]
            for j in range(width):
                v[j] = scaled(ink, np.uint32(row_alpha[j]))
        elif kind == PIXELS:
            v[:] = pixels[i, x0:x1]
        else:
            v[:] = np.uint32(0)
        if len(wet) and largest(wet[i, x0:x1]):
            row_wet = wet[i, x0:x1]
            for j in range(width):
                if row_wet[j]:
                    v[j] = wetted(v[j], np.uint32(row_wet[j]), wet_ink, does)
        if is_tinted:
            for j in range(width):
                v[j] = tinted(v[j], hue)
        for j in range(width):
            work[j] = over(scaled(v[j], k), work[j])
        for n in range(len(above)):
            lay_ink_into(work, above[n, i, x0:x1], manner[n])
        row = out[at[1] + i - y0, at[0] : at[0] + width]
        for j in range(width):
            row[j] = for_screen(work[j])


@njit(inline="always", **OPTIONS)
def layer_row_into(work, pixels, k, hue, is_tinted):
    """A layer's pixels over others. No branch for those that are empty: several are computed at once."""
    if is_tinted:
        for j in range(len(work)):
            work[j] = over(scaled(tinted(pixels[j], hue), k), work[j])
    elif k != FULL:
        for j in range(len(work)):
            work[j] = over(scaled(pixels[j], k), work[j])
    else:
        for j in range(len(work)):
            work[j] = over(pixels[j], work[j])


@njit(inline="always", **OPTIONS)
def lay_ink_into(work, alpha, manner):
    """A row of a layer's ink over a row of pixels."""
    if not largest(alpha):
        return
    color = manner[0]
    k = manner[1]
    hue = manner[2]
    if manner[3] != 0:
        for j in range(len(work)):
            work[j] = over(scaled(tinted(scaled(color, np.uint32(alpha[j])), hue), k), work[j])
    else:
        for j in range(len(work)):
            work[j] = over(scaled(scaled(color, np.uint32(alpha[j])), k), work[j])


@njit(inline="always", **OPTIONS)
def for_screen(p):
    return np.uint32((p & GREEN_AND_ALPHA) | ((p & FULL) << SIXTEEN) | ((p >> SIXTEEN) & FULL))


@njit(**OPTIONS)
def flatten_into(shown, side, paper, tiles, starts):
    """Flatten layers on `paper` (uint32): K tiles of `side` px, given by their addresses `shown` (int64).

    Tile k is made of rows starts[k] .. starts[k + 1] - 1 of `tiles`, which are as for `blend_kernel.ink_tiles_into`,
    followed by the number of a blend mode; or their colour is PIXELS, which no ink has, and what lies at the address is
    (side, side) uint32.
    """
    n = side * side
    some = np.empty((1, BLOCK), np.uint32)
    for k in range(len(shown)):
        out = carray(pointer(shown[k]), (n,), np.uint32)
        for j in range(n):
            out[j] = paper
        for t in range(starts[k], starts[k + 1]):
            mode = tiles[t, 5]
            if tiles[t, 1] == PIXELS:
                pixels = carray(pointer(tiles[t, 0]), (n,), np.uint32)
                opacity = np.uint32(tiles[t, 2])
                hue = np.uint32(tiles[t, 3])
                if mode:
                    blend_into(out.reshape(1, n), pixels.reshape(1, n), opacity, hue, tiles[t, 4] != 0, mode, False)
                else:
                    layer_row_into(out, pixels, opacity, hue, tiles[t, 4] != 0)
                continue
            alpha = carray(pointer(tiles[t, 0]), (n,), np.uint8)
            eights = carray(pointer(tiles[t, 0]), (n // 8,), np.uint64)
            ink = np.uint32(tiles[t, 1])
            opacity = np.uint32(tiles[t, 2])
            hue = np.uint32(tiles[t, 3])
            is_tinted = tiles[t, 4] != 0
            for b in range(n // BLOCK):
                if eights[2 * b] | eights[2 * b + 1]:  # most of a tile of line art is empty
                    part = slice(b * BLOCK, (b + 1) * BLOCK)
                    if mode:
                        for j in range(BLOCK):
                            some[0, j] = scaled(ink, np.uint32(alpha[b * BLOCK + j]))
                        blend_into(out[part].reshape(1, BLOCK), some, opacity, hue, is_tinted, mode, False)
                    else:
                        ink_block_into(out[part], alpha[part], ink, opacity, hue, is_tinted)
        for j in range(n):
            out[j] = for_screen(out[j])
