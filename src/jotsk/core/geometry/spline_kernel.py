"""One segment of a centripetal Catmull-Rom spline, compiled.

Between p1 and p2 with neighbours p0 and p3 the knots are spaced by the square root of the chords
(Yuksel 2011). With d0, d1, d2 those spacings, the tangents at p1 and p2 over the unit interval are
    m1 = d1 ((p1 - p0)/d0 - (p2 - p0)/(d0 + d1) + (p2 - p1)/d1)
    m2 = d1 ((p2 - p1)/d1 - (p3 - p1)/(d1 + d2) + (p3 - p2)/d2)
and the segment is the cubic Hermite curve with these. A missing neighbour, or one that coincides
with its point, leaves the chord p2 - p1 as the tangent.
"""

from __future__ import annotations

import math

import numpy as np
from numba import njit
from numpy.typing import NDArray

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def chord(p: NDArray[np.float64], i: int, j: int) -> float:
    dx = p[j, 0] - p[i, 0]
    dy = p[j, 1] - p[i, 1]
    return math.sqrt(dx * dx + dy * dy)


@njit(**OPTIONS)
def pieces_between(p: NDArray[np.float64], i: int, max_step: float) -> int:
    """Into how many pieces segment i .. i+1 is cut so that none is longer than `max_step`.

    The curve is longer than its chord, and uneven in its parameter: up to 1.5 times the mean.
    """
    length = chord(p, i, i + 1)
    if length < 1.0:
        return 1
    return int(math.ceil(1.5 * length / max_step))


@njit(**OPTIONS)
def centripetal_into(out: NDArray[np.float64], at: int, p: NDArray[np.float64], i: int, count: int) -> None:
    """Write `count` points of segment i .. i+1, its first end included, to out[at:]."""
    n, width = p.shape
    d1 = math.sqrt(chord(p, i, i + 1))
    d0 = math.sqrt(chord(p, i - 1, i)) if i > 0 else 0.0
    d2 = math.sqrt(chord(p, i + 1, i + 2)) if i + 2 < n else 0.0
    for k in range(width):
        p1 = p[i, k]
        p2 = p[i + 1, k]
        m1 = p2 - p1
        m2 = p2 - p1
        if d1 > 1e-9:
            if d0 > 1e-9:
                p0 = p[i - 1, k]
                m1 = d1 * ((p1 - p0) / d0 - (p2 - p0) / (d0 + d1) + (p2 - p1) / d1)
            if d2 > 1e-9:
                p3 = p[i + 2, k]
                m2 = d1 * ((p2 - p1) / d1 - (p3 - p1) / (d1 + d2) + (p3 - p2) / d2)
        for j in range(count):
            u = j / count
            v = u * u * (3.0 - 2.0 * u)
            out[at + j, k] = p1 + v * (p2 - p1) + u * (1.0 - u) * ((1.0 - u) * m1 - u * m2)


@njit(**OPTIONS)
def spline_between(p: NDArray[np.float64], first: int, last: int, max_step: float) -> NDArray[np.float64]:
    """The part of the curve through `p` (N, K) from point `first` to point `last` > first, both included."""
    total = 1
    for i in range(first, last):
        total += pieces_between(p, i, max_step)
    out = np.empty((total, p.shape[1]))
    at = 0
    for i in range(first, last):
        count = pieces_between(p, i, max_step)
        centripetal_into(out, at, p, i, count)
        at += count
    out[at] = p[last]
    return out
