"""Tiles of premultiplied RGBA uint8, blended, compiled.

A pixel is one uint32 whose bytes are R, G, B, A from the lowest. Two channels share a multiplication: with
t = a b + 128 per channel, (t + (t >> 8)) >> 8 is a b / 255 rounded, and fits its 16 bits.
*Source over* is from Porter and Duff, "Compositing digital images", SIGGRAPH 1984.
"""

from __future__ import annotations

from typing import Any

import numpy as np

from jotsk.core.runtime.kernels import Late, njit

OPTIONS = {"cache": True, "nogil": True}
EVEN = np.uint32(0x00FF00FF)
EIGHT = np.uint32(8)
SIXTEEN = np.uint32(16)
FULL = np.uint32(255)

carray: Any = Late("numba", "carray")
scaled: Any = Late("jotsk.core.ink.instructions", "scaled")
pointer: Any = Late("jotsk.core.ink.instructions", "pointer")


@njit(inline="always", **OPTIONS)
def over(source, below):
    return np.uint32(source + scaled(below, np.uint32(FULL - (source >> np.uint32(24)))))


@njit(inline="always", **OPTIONS)
def atop(source, below):
    return scaled(source, below >> np.uint32(24)) + scaled(below, FULL - (source >> np.uint32(24)))


@njit(inline="always", **OPTIONS)
def product(a, b):
    t = a * b + np.uint32(128)
    return (t + (t >> EIGHT)) >> EIGHT


@njit(inline="always", **OPTIONS)
def tinted(v, tint):
    """Pixel v with its darkness printed in `tint`: black becomes the tint, white stays white."""
    r = v & FULL
    g = (v >> EIGHT) & FULL
    b = (v >> SIXTEEN) & FULL
    a = v >> np.uint32(24)
    light = (np.uint32(54) * r + np.uint32(183) * g + np.uint32(19) * b + np.uint32(128)) >> EIGHT
    dark = a - min(light, a)
    light = a - dark
    tr = light + product(dark, tint & FULL)
    tg = light + product(dark, (tint >> EIGHT) & FULL)
    tb = light + product(dark, (tint >> SIXTEEN) & FULL)
    return tr | (tg << EIGHT) | (tb << SIXTEEN) | (a << np.uint32(24))


@njit(inline="always", **OPTIONS)
def inked(below, color, a):
    """Pixel `below` with ink of an opaque `color` at alpha a over it.

    On ink of the same colour only the alphas meet, so that it makes no difference whether pixels or alphas are kept.
    """
    b = below >> np.uint32(24)
    if below == scaled(color, b):
        return scaled(color, a + product(b, FULL - a))
    return over(scaled(color, a), below)


@njit(**OPTIONS)
def ink_into(below, alpha, color):
    """Put ink of one opaque `color` (uint32) over the tile `below` (uint32) where the tile `alpha` (uint8) says so."""
    eights = alpha.view(np.uint64)  # most of a tile is empty: eight pixels are passed over at once
    h, w = eights.shape
    for i in range(h):
        for k in range(w):
            if eights[i, k] == 0:
                continue
            for j in range(8 * k, 8 * k + 8):
                a = np.uint32(alpha[i, j])
                if a == FULL:
                    below[i, j] = color
                elif a:
                    below[i, j] = inked(below[i, j], color, a)


@njit(**OPTIONS)
def ink_atop_into(below, alpha, color):
    """Colour what is already on the tile `below`, and leave its transparency as it is."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            a = np.uint32(alpha[i, j])
            if a and below[i, j]:
                below[i, j] = atop(scaled(color, a), below[i, j])


@njit(**OPTIONS)
def is_clear(pixels):
    """Whether a tile (uint32) has no ink at all."""
    h, w = pixels.shape
    for i in range(h):
        for j in range(w):
            if pixels[i, j]:
                return False
    return True


@njit(**OPTIONS)
def rub_into(below, alpha):
    """Take the share `alpha` (uint8) of every pixel of `below` (uint32) away."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            a = np.uint32(alpha[i, j])
            if a:
                below[i, j] = scaled(below[i, j], FULL - a)


@njit(**OPTIONS)
def alpha_over_into(below, alpha):
    """Put ink of alpha `alpha` over ink of the same colour, of alpha `below`; both uint8."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            a = np.uint32(alpha[i, j])
            below[i, j] = np.uint8(a + product(np.uint32(below[i, j]), FULL - a))


@njit(**OPTIONS)
def color_of(pixels):
    """The opaque colour whose ink at some alpha every pixel of a tile (uint32) is; 0 if there is none."""
    h, w = pixels.shape
    color = np.uint32(0)
    for i in range(h):
        for j in range(w):
            if pixels[i, j] >> np.uint32(24) == FULL:
                color = pixels[i, j]
                break
        if color:
            break
    return color if color and is_of_color(pixels, color) else np.uint32(0)


@njit(**OPTIONS)
def is_of_color(pixels, color):
    """Whether every pixel of a tile is ink of `color` at some alpha."""
    h, w = pixels.shape
    for i in range(h):
        for j in range(w):
            v = pixels[i, j]
            if v != scaled(color, v >> np.uint32(24)):
                return False
    return True


@njit(**OPTIONS)
def alpha_into(alpha, pixels):
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            alpha[i, j] = np.uint8(pixels[i, j] >> np.uint32(24))


@njit(**OPTIONS)
def pixels_into(pixels, alpha, color):
    """Ink of an opaque `color` at `alpha` (uint8) as pixels (uint32)."""
    h, w = alpha.shape
    ink = np.uint32(color)
    for i in range(h):
        for j in range(w):
            pixels[i, j] = scaled(ink, np.uint32(alpha[i, j]))


BLOCK = 16  # px looked at together: without a branch for each, several are computed at once


@njit(inline="always", **OPTIONS)
def ink_row_into(below, alpha, ink, k, hue, is_tinted):
    whole = len(alpha) - len(alpha) % BLOCK
    for start in range(0, whole, BLOCK):
        if largest(alpha[start : start + BLOCK]):
            ink_block_into(below[start : start + BLOCK], alpha[start : start + BLOCK], ink, k, hue, is_tinted)
    for j in range(whole, len(alpha)):
        v = scaled(ink, np.uint32(alpha[j]))
        if is_tinted:
            v = tinted(v, hue)
        below[j] = over(scaled(v, k), below[j])


@njit(inline="always", **OPTIONS)
def ink_block_into(below, alpha, ink, k, hue, is_tinted):
    """BLOCK px of ink. Loops of a length that is known are computed without a look at where they end."""
    if is_tinted:
        for j in range(BLOCK):
            below[j] = over(scaled(tinted(scaled(ink, np.uint32(alpha[j])), hue), k), below[j])
    elif k != FULL:
        for j in range(BLOCK):
            below[j] = over(scaled(scaled(ink, np.uint32(alpha[j])), k), below[j])
    else:
        for j in range(BLOCK):
            below[j] = over(scaled(ink, np.uint32(alpha[j])), below[j])


def for_reading(array):
    """An array as it is given to a kernel that only reads it: of each that may be written too, numba would compile the
    kernel once more, while somebody waits."""
    view = array.view()
    view.setflags(write=False)
    return view


def address_of(array):
    """Of the first number of an array in memory, which the array keeps."""
    return int(array.__array_interface__["data"][0])


@njit(inline="always", **OPTIONS)
def largest(row):
    most = np.uint8(0)
    for j in range(len(row)):
        most = max(most, row[j])
    return most


@njit(**OPTIONS)
def scale_alpha_into(alpha, cut):
    """Take the share `cut` of `alpha` away, both uint8."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            c = np.uint32(cut[i, j])
            if c:
                alpha[i, j] = np.uint8(product(np.uint32(alpha[i, j]), FULL - c))


@njit(**OPTIONS)
def halve_alpha_into(small, large):
    """Mean of every 2 x 2 block of `large` (uint8) to `small`."""
    h, w = small.shape
    for i in range(h):
        for j in range(w):
            a = np.uint32(large[2 * i, 2 * j]) + np.uint32(large[2 * i, 2 * j + 1])
            b = np.uint32(large[2 * i + 1, 2 * j]) + np.uint32(large[2 * i + 1, 2 * j + 1])
            small[i, j] = np.uint8((a + b + np.uint32(2)) >> np.uint32(2))


@njit(**OPTIONS)
def halve_alpha_through(tiles, side, x0, y0, x1, y1):
    """Halve the part (x0, y0, x1, y1) of a tile (uint8) again and again, each time into the next of `tiles`.

    `tiles` (K,) int64 are addresses: the tile itself, then those of the picture halved once, twice ... that hold it.
    The part is in px of the whole picture, of which a tile is `side` px, a power of two of at least 2 ^ (K - 1).
    """
    for k in range(1, len(tiles)):
        large = carray(pointer(tiles[k - 1]), (side, side), np.uint8)
        small = carray(pointer(tiles[k]), (side, side), np.uint8)
        # Where the larger tile lies in the smaller one, which holds four.
        inside_x = (x0 >> (k - 1)) // side % 2 * (side // 2)
        inside_y = (y0 >> (k - 1)) // side % 2 * (side // 2)
        left, right = (x0 >> k) % (side // 2), (((x1 - 1) >> k) % (side // 2)) + 1
        top, bottom = (y0 >> k) % (side // 2), (((y1 - 1) >> k) % (side // 2)) + 1
        halve_alpha_into(
            small[inside_y + top : inside_y + bottom, inside_x + left : inside_x + right],
            large[2 * top : 2 * bottom, 2 * left : 2 * right],
        )


@njit(**OPTIONS)
def halve_four_alphas_into(small, a, b, c, d):
    """`halve_alpha_into` for four neighbouring tiles: a and b side by side, c and d below them."""
    h, w = small.shape
    halve_alpha_into(small[: h // 2, : w // 2], a)
    halve_alpha_into(small[: h // 2, w // 2 :], b)
    halve_alpha_into(small[h // 2 :, : w // 2], c)
    halve_alpha_into(small[h // 2 :, w // 2 :], d)


@njit(**OPTIONS)
def halve_alphas_at(side, table):
    """`halve_four_alphas_into` for many tiles at once, each `side` px, by their addresses.

    `table` (N, 5) int64: of the halved tile, and of the four it is made of; 0 stands for one without ink.
    """
    half = side // 2
    for n in range(len(table)):
        small = carray(pointer(table[n, 0]), (side, side), np.uint8)
        for k in range(4):
            y, x = k // 2 * half, k % 2 * half
            if table[n, 1 + k]:
                large = carray(pointer(table[n, 1 + k]), (side, side), np.uint8)
                halve_alpha_into(small[y : y + half, x : x + half], large)
            else:
                small[y : y + half, x : x + half] = 0


@njit(**OPTIONS)
def halve_four_into(small, a, b, c, d):
    """`halve_into` for four neighbouring tiles: a and b side by side, c and d below them."""
    h, w = small.shape
    halve_into(small[: h // 2, : w // 2], a)
    halve_into(small[: h // 2, w // 2 :], b)
    halve_into(small[h // 2 :, : w // 2], c)
    halve_into(small[h // 2 :, w // 2 :], d)


@njit(**OPTIONS)
def halve_into(small, large):
    """Mean of every 2 x 2 block of pixels of `large` to `small`, both uint32; premultiplied, so no fringe."""
    h, w = small.shape
    two = np.uint32(0x00020002)
    for i in range(h):
        for j in range(w):
            p = large[2 * i, 2 * j]
            q = large[2 * i, 2 * j + 1]
            r = large[2 * i + 1, 2 * j]
            s = large[2 * i + 1, 2 * j + 1]
            if p | q | r | s:
                rb = (p & EVEN) + (q & EVEN) + (r & EVEN) + (s & EVEN) + two
                ga = ((p >> EIGHT) & EVEN) + ((q >> EIGHT) & EVEN) + ((r >> EIGHT) & EVEN)
                ga += ((s >> EIGHT) & EVEN) + two
                small[i, j] = ((rb >> np.uint32(2)) & EVEN) | (((ga >> np.uint32(2)) & EVEN) << EIGHT)
            else:
                small[i, j] = np.uint32(0)
