"""Layers over what is below: of pixels, of ink in one colour, and of ink that is still wet. Compiled with numba."""

from __future__ import annotations

import numpy as np

from jotsk.core.ink.blend_kernel import FULL, OPTIONS, atop, carray, ink_row_into, inked, over, pointer, scaled, tinted
from jotsk.core.runtime.kernels import njit

INKS, RUBS, INKS_ATOP = 0, 1, 2  # what wet ink does to the layer it lies on


@njit(**OPTIONS)
def layer_into(below, source, opacity, tint, is_tinted):
    """Put a layer's pixels over `below` (both uint32, 2-D), at `opacity` 0..255, tinted or not."""
    h, w = source.shape
    k = np.uint32(opacity)
    color = np.uint32(tint)
    for i in range(h):
        for j in range(w):
            v = source[i, j]
            if v:
                if is_tinted:
                    v = tinted(v, color)
                below[i, j] = over(scaled(v, k), below[i, j])


@njit(**OPTIONS)
def ink_layer_into(below, alpha, color, opacity, tint, is_tinted):
    """`layer_into` for a tile of ink of one opaque `color`, given as its alpha (uint8). Fast for contiguous arrays."""
    k = np.uint32(opacity)
    ink = np.uint32(color)
    hue = np.uint32(tint)
    for i in range(len(alpha)):
        ink_row_into(below[i], alpha[i], ink, k, hue, is_tinted)


@njit(**OPTIONS)
def ink_tiles_into(below, side, x0, y0, tiles):
    """`ink_layer_into` for the part at (x0, y0) of several tiles, the lowest first, in one call.

    `tiles` (N, 5) int64: the address of a tile's alpha (uint8, `side` x `side`, contiguous), colour, opacity, tint,
    whether tinted. A page has a dozen layers; with a call for each, the interpreter is what takes the time.
    """
    h, w = below.shape
    for n in range(len(tiles)):
        alpha = carray(pointer(tiles[n, 0]), (side, side), np.uint8)
        ink = np.uint32(tiles[n, 1])
        k = np.uint32(tiles[n, 2])
        hue = np.uint32(tiles[n, 3])
        is_tinted = tiles[n, 4] != 0
        for i in range(h):
            ink_row_into(below[i], alpha[y0 + i, x0 : x0 + w], ink, k, hue, is_tinted)


@njit(**OPTIONS)
def ink_layers_into(below, alphas, manner):
    """`ink_layer_into` for several layers, the lowest first.

    `alphas` (N, H, W) uint8; `manner` (N, 4) uint32: colour, opacity, tint, whether tinted.
    """
    for k in range(len(alphas)):
        ink_layer_into(below, alphas[k], manner[k, 0], manner[k, 1], manner[k, 2], manner[k, 3] != 0)


@njit(inline="always", **OPTIONS)
def wetted(v, a, ink, does):
    """Pixel v of a layer with wet ink of alpha a > 0 on it."""
    if does == RUBS:
        return scaled(v, FULL - a)
    if does == INKS_ATOP:
        return atop(scaled(ink, a), v)
    return inked(v, ink, a)


@njit(**OPTIONS)
def wetted_into(out, source, alpha, color, does):
    """Write to `out` the layer's pixels `source` with a stroke still wet on them."""
    h, w = alpha.shape
    ink = np.uint32(color)
    for i in range(h):
        for j in range(w):
            a = np.uint32(alpha[i, j])
            out[i, j] = wetted(source[i, j], a, ink, does) if a else source[i, j]


@njit(**OPTIONS)
def wet_layer_into(below, source, alpha, color, does, opacity, tint, is_tinted):
    """`layer_into` with a stroke still wet on top of `source`."""
    h, w = alpha.shape
    k = np.uint32(opacity)
    hue = np.uint32(tint)
    ink = np.uint32(color)
    for i in range(h):
        for j in range(w):
            v = source[i, j]
            a = np.uint32(alpha[i, j])
            if a:
                v = wetted(v, a, ink, does)
            if v:
                if is_tinted:
                    v = tinted(v, hue)
                below[i, j] = over(scaled(v, k), below[i, j])
