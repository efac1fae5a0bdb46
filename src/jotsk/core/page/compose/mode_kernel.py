"""Blending by the modes of W3C Compositing and Blending 1, compiled.

Simple alpha compositing after blending (sections 5.1 and 10), with straight colours Cb, Cs and alphas ab, as:
    over   co = (1 - ab) as Cs + (1 - as) ab Cb + as ab B(Cb, Cs)    ao = as + ab (1 - as)
    atop   co =                  (1 - as) ab Cb + as ab B(Cb, Cs)    ao = ab
Modes are numbered in the order of `modes.MODES`.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.ink.blend_kernel import tinted
from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
LEVEL = np.float32(1.0 / 255.0)
EIGHT = np.uint32(8)
SIXTEEN = np.uint32(16)
TWENTY_FOUR = np.uint32(24)
BYTE = np.uint32(255)


@njit(**OPTIONS)
def separable(mode, b, s):
    """B(Cb, Cs) for one channel, modes 0 .. 11."""
    if mode == 1:
        return b * s
    if mode == 2:
        return b + s - b * s
    if mode == 3:
        return separable_hard(s, b)
    if mode == 4:
        return min(b, s)
    if mode == 5:
        return max(b, s)
    if mode == 6:
        return 0.0 if b <= 0.0 else (1.0 if s >= 1.0 else min(1.0, b / (1.0 - s)))
    if mode == 7:
        return 1.0 if b >= 1.0 else (0.0 if s <= 0.0 else 1.0 - min(1.0, (1.0 - b) / s))
    if mode == 8:
        return separable_hard(b, s)
    if mode == 9:
        if s <= 0.5:
            return b - (1.0 - 2.0 * s) * b * (1.0 - b)
        d = ((16.0 * b - 12.0) * b + 4.0) * b if b <= 0.25 else math.sqrt(b)
        return b + (2.0 * s - 1.0) * (d - b)
    if mode == 10:
        return abs(b - s)
    if mode == 11:
        return b + s - 2.0 * b * s
    return s


@njit(**OPTIONS)
def separable_hard(b, s):
    return 2.0 * b * s if s <= 0.5 else b + (2.0 * s - 1.0) - b * (2.0 * s - 1.0)


@njit(**OPTIONS)
def luminosity(r, g, b):
    return 0.3 * r + 0.59 * g + 0.11 * b


@njit(**OPTIONS)
def saturation(r, g, b):
    return max(r, g, b) - min(r, g, b)


@njit(**OPTIONS)
def with_luminosity(r, g, b, target):
    """SetLum with ClipColor."""
    d = target - luminosity(r, g, b)
    r += d
    g += d
    b += d
    l = luminosity(r, g, b)
    n = min(r, g, b)
    x = max(r, g, b)
    if n < 0.0:
        k = l / (l - n)
        r = l + (r - l) * k
        g = l + (g - l) * k
        b = l + (b - l) * k
    if x > 1.0:
        k = (1.0 - l) / (x - l)
        r = l + (r - l) * k
        g = l + (g - l) * k
        b = l + (b - l) * k
    return r, g, b


@njit(**OPTIONS)
def with_saturation(r, g, b, target):
    """SetSat: the same order of channels, spread from 0 to `target`."""
    low = min(r, g, b)
    spread = max(r, g, b) - low
    if spread <= 0.0:
        return 0.0, 0.0, 0.0
    k = target / spread
    return (r - low) * k, (g - low) * k, (b - low) * k


@njit(**OPTIONS)
def nonseparable(mode, br, bg, bb, sr, sg, sb):
    """B(Cb, Cs), modes 12 hue, 13 saturation, 14 color, 15 luminosity."""
    lb = luminosity(br, bg, bb)
    if mode == 12:
        r, g, b = with_saturation(sr, sg, sb, saturation(br, bg, bb))
        return with_luminosity(r, g, b, lb)
    if mode == 13:
        r, g, b = with_saturation(br, bg, bb, saturation(sr, sg, sb))
        return with_luminosity(r, g, b, lb)
    if mode == 14:
        return with_luminosity(sr, sg, sb, lb)
    return with_luminosity(br, bg, bb, luminosity(sr, sg, sb))


@njit(**OPTIONS)
def blend_into(below, source, opacity, tint, is_tinted, mode, atop):
    """Blend a layer's pixels into `below` (both premultiplied uint32, 2-D) at `opacity` 0..255, over it or atop."""
    h, w = source.shape
    share = float(opacity) * LEVEL
    hue = np.uint32(tint)
    for i in range(h):
        for j in range(w):
            v = source[i, j]
            if v == 0:
                continue
            if is_tinted:
                v = tinted(v, hue)
            u = below[i, j]
            a_v = float(v >> TWENTY_FOUR) * LEVEL
            a_s = a_v * share
            a_b = float(u >> TWENTY_FOUR) * LEVEL
            if a_s == 0.0 or (atop and a_b == 0.0):
                continue
            to_s = LEVEL / a_v
            to_b = LEVEL / a_b if a_b > 0.0 else 0.0
            sr = float(v & BYTE) * to_s
            sg = float((v >> EIGHT) & BYTE) * to_s
            sb = float((v >> SIXTEEN) & BYTE) * to_s
            br = float(u & BYTE) * to_b
            bg = float((u >> EIGHT) & BYTE) * to_b
            bb = float((u >> SIXTEEN) & BYTE) * to_b
            if mode >= 12:
                r, g, b = nonseparable(mode, br, bg, bb, sr, sg, sb)
            else:
                r = separable(mode, br, sr)
                g = separable(mode, bg, sg)
                b = separable(mode, bb, sb)
            alone = 0.0 if atop else a_s * (1.0 - a_b)
            under = (1.0 - a_s) * a_b
            both = a_s * a_b
            a = a_b if atop else a_s + under
            top = int(a * 255.0 + 0.5)
            r = min(top, int((alone * sr + under * br + both * r) * 255.0 + 0.5))
            g = min(top, int((alone * sg + under * bg + both * g) * 255.0 + 0.5))
            b = min(top, int((alone * sb + under * bb + both * b) * 255.0 + 0.5))
            color = np.uint32(r) | (np.uint32(g) << EIGHT) | (np.uint32(b) << SIXTEEN)
            below[i, j] = color | (np.uint32(top) << TWENTY_FOUR)
