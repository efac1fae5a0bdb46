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
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def chord(p: NDArray[np.float64], i: int, j: int) -> float:
    dx = p[j, 0] - p[i, 0]
    dy = p[j, 1] - p[i, 1]
    return math.sqrt(dx * dx + dy * dy)


@njit(**OPTIONS)
def lengths_along(p: NDArray[np.float64]) -> NDArray[np.float64]:
    """The length of the polyline p (N, 2+) up to each point."""
    out = np.zeros(p.shape[0])
    for i in range(1, p.shape[0]):
        dx = float(p[i, 0]) - float(p[i - 1, 0])
        dy = float(p[i, 1]) - float(p[i - 1, 1])
        out[i] = out[i - 1] + math.sqrt(dx * dx + dy * dy)
    return out


@njit(**OPTIONS)
def knots(p: NDArray[np.float64], i: int) -> tuple[float, float, float]:
    """d0, d1, d2 around segment i .. i+1; 0 where there is no neighbour."""
    n = p.shape[0]
    d0 = math.sqrt(chord(p, i - 1, i)) if i > 0 else 0.0
    d2 = math.sqrt(chord(p, i + 1, i + 2)) if i + 2 < n else 0.0
    return d0, math.sqrt(chord(p, i, i + 1)), d2


@njit(**OPTIONS)
def tangents(p: NDArray[np.float64], i: int, k: int, d0: float, d1: float, d2: float) -> tuple[float, float]:
    """m1 and m2 of segment i .. i+1 in column `k`."""
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
    return m1, m2


@njit(**OPTIONS)
def spline_between(
    p: NDArray[np.float64], first: int, last: int, max_step: float, wide_step: float, most_off: float
) -> NDArray[np.float64]:
    """The part of the curve through `p` (N, K) from point `first` to point `last` > first, both included.

    Neighbours of the result are at most `max_step` apart: the derivative of a cubic lies in the hull of three times its
    control polygon's legs, m1, 3 (p2 - p1) - m1 - m2 and m2, so the longest of them bounds every step. Where the third
    column, a radius, is so large that `wide_step` of it is more than that, steps may be so long, as far as the chord of
    none lies more than `most_off` of the radius off its curve in any of the first three columns: over a step h of the
    unit interval that is at most h^2 / 8 of the largest second derivative, which a cubic has at an end.
    """
    width = p.shape[1]
    counts = np.empty(last - first, np.int64)
    m = np.empty((last - first, width, 2))
    total = 1
    for i in range(first, last):
        d0, d1, d2 = knots(p, i)
        for k in range(width):
            m[i - first, k, 0], m[i - first, k, 1] = tangents(p, i, k, d0, d1, d2)
        fastest = 0.0
        for leg in range(3):
            square = 0.0
            for k in range(2):
                m1 = m[i - first, k, 0]
                m2 = m[i - first, k, 1]
                v = m1 if leg == 0 else m2 if leg == 1 else 3.0 * (p[i + 1, k] - p[i, k]) - m1 - m2
                square += v * v
            fastest = max(fastest, square)
        count = max(1, int(math.ceil(math.sqrt(fastest) / max_step)))
        narrowest = min(p[i, 2], p[i + 1, 2]) if wide_step > 0.0 else 0.0
        if narrowest * wide_step > max_step:
            bend = 0.0
            for k in range(3):
                leap = 6.0 * (p[i + 1, k] - p[i, k])
                m1 = m[i - first, k, 0]
                m2 = m[i - first, k, 1]
                bend = max(bend, abs(leap - 4.0 * m1 - 2.0 * m2), abs(2.0 * m1 + 4.0 * m2 - leap))
            least = math.sqrt(bend / (8.0 * most_off * narrowest))
            count = min(count, max(1, int(math.ceil(max(least, math.sqrt(fastest) / (narrowest * wide_step))))))
        counts[i - first] = count
        total += count
    out = np.empty((total, width))
    at = 0
    for i in range(first, last):
        count = counts[i - first]
        for j in range(count):
            u = j / count
            v = u * u * (3.0 - 2.0 * u)
            w1 = u * (1.0 - u) * (1.0 - u)
            w2 = u * u * (1.0 - u)
            for k in range(width):
                m1 = m[i - first, k, 0]
                m2 = m[i - first, k, 1]
                out[at + j, k] = p[i, k] + v * (p[i + 1, k] - p[i, k]) + w1 * m1 - w2 * m2
        at += count
    out[at] = p[last]
    return out
