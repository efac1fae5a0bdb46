"""Cords: a line of two inked edges with nothing between them, that lies over whatever it crosses, itself too.

A pixel is visited by a stretch of the line, left, and perhaps visited again. Of each visit the most that the whole
width covers and the most that the inside covers are found; then the visit is put over those before it,
    ink = ink (1 - outer) + outer - inner,
or, where the line goes under itself, beneath them.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def paint_cord(ink, covered, x0, y0, ribbon, levels, along, is_under, starts, edge):
    """Put a cord into `ink` and `covered`, float32 (H, W) 0..1, whose corner lies at page px (x0, y0).

    `ribbon` is (N, 3) x, y, radius, `along` (N,) its length so far, `is_under` (N,) whether it goes under itself there,
    `starts` (N,) whether a piece begins; `edge` is how thick an edge is, as a share of the whole width. What is there
    already counts as one visit before these.
    """
    h, w = ink.shape
    outer = np.zeros((h, w), np.float32)
    inner = np.zeros((h, w), np.float32)
    level = np.zeros((h, w), np.float32)
    last = np.full((h, w), -1e18)
    under = np.zeros((h, w), np.bool_)
    n = len(ribbon)
    for k in range(n):
        m = k + 1
        if m == n or starts[m]:
            if n > 1 and not starts[k]:
                continue
            m = k  # a dot
        xa = ribbon[k, 0] - x0
        ya = ribbon[k, 1] - y0
        ra = ribbon[k, 2]
        dx = ribbon[m, 0] - ribbon[k, 0]
        dy = ribbon[m, 1] - ribbon[k, 1]
        dr = ribbon[m, 2] - ra
        square = dx * dx + dy * dy
        reach = max(ra, ra + dr) + 1.0
        top = max(0, int(math.floor(min(ya, ya + dy) - reach)))
        bottom = min(h, int(math.ceil(max(ya, ya + dy) + reach)))
        left = max(0, int(math.floor(min(xa, xa + dx) - reach)))
        right = min(w, int(math.ceil(max(xa, xa + dx) + reach)))
        far = max(4.0, 2.0 * ra)  # after so much of the line it is another visit
        for i in range(top, bottom):
            py = i + 0.5 - ya
            for j in range(left, right):
                px = j + 0.5 - xa
                u = min(1.0, max(0.0, (px * dx + py * dy) / square)) if square > 0.0 else 0.0
                r = ra + u * dr
                d = math.sqrt((px - u * dx) ** 2 + (py - u * dy) ** 2)
                out = min(1.0, max(0.0, r - d + 0.5))
                if out <= 0.0:
                    continue
                if along[k] - last[i, j] > far:
                    lay(ink, covered, outer, inner, level, under, i, j)
                r_in = r * (1.0 - 2.0 * edge)
                outer[i, j] = max(outer[i, j], out)
                inner[i, j] = max(inner[i, j], min(1.0, max(0.0, r_in - d + 0.5)) if r_in > 0.0 else 0.0)
                level[i, j] = max(level[i, j], levels[k] / 255.0)
                under[i, j] = under[i, j] or is_under[k]
                last[i, j] = along[m]
    for i in range(h):
        for j in range(w):
            if outer[i, j] > 0.0:
                lay(ink, covered, outer, inner, level, under, i, j)


@njit(**OPTIONS)
def lay(ink, covered, outer, inner, level, under, i, j):
    """Put the visit of a pixel down, and begin the next."""
    out = outer[i, j]
    if out > 0.0:
        edge = max(0.0, out - inner[i, j]) * level[i, j]
        if under[i, j]:
            ink[i, j] += edge * (1.0 - covered[i, j])
        else:
            ink[i, j] = ink[i, j] * (1.0 - out) + edge
        covered[i, j] += out * (1.0 - covered[i, j])
    outer[i, j] = 0.0
    inner[i, j] = 0.0
    level[i, j] = 0.0
    under[i, j] = False
