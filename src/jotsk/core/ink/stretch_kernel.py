"""A stretch of a line that is being drawn, made ready for painting in one call, compiled.

With every pen event one or two short stretches are splined, measured and tapered; as separate calls on arrays of a
dozen points that costs more than painting them.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.geometry.spline_kernel import spline_between
from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}


@njit(**OPTIONS)
def stretch(window, first, last, joint, length, taper_in, amount, max_step, wide_step, most_off):
    """The line through `window` (N, 4: x, y, radius, ink) from point `first` to `last`, ready for the kernels.

    `joint` (K, 4) are points painted before it, put in front; `length` is that of the line up to point `first`, px,
    and `taper_in` the reach over which it begins narrow (`ribbon.taper_share`), as far as it does (`taper_amount`).
    Neighbours are as far apart as `spline_between` sets them.

    Returns points (float32 (M, 3)), ink (uint8), length along the line, the last point but one as the next joint,
    the length up to the last point, and the pixels it can touch as x0, y0, x1, y1.
    """
    dense = window[first : first + 1].copy()
    if last > first:
        dense = spline_between(window, first, last, max_step, wide_step, most_off)
    k = len(joint)
    n = k + len(dense)
    points = np.empty((n, 3), np.float32)
    ink = np.empty(n, np.uint8)
    along = np.empty(n)
    left = top = 1e30
    right = bottom = -1e30
    widest = 0.0
    for i in range(n):
        x, y, r, level = joint[i] if i < k else dense[i - k]
        points[i, 0] = x
        points[i, 1] = y
        points[i, 2] = r
        ink[i] = np.uint8(min(255.0, max(0.0, level + 0.5)))
        left = min(left, x)
        right = max(right, x)
        top = min(top, y)
        bottom = max(bottom, y)
        widest = max(widest, r)
    along[k] = length
    for i in range(k + 1, n):
        along[i] = along[i - 1] + gap(dense, i - k)
    for i in range(k - 1, -1, -1):
        after = joint[i + 1] if i + 1 < k else dense[0]
        along[i] = along[i + 1] - math.hypot(after[0] - joint[i, 0], after[1] - joint[i, 1])
    if length < taper_in:
        for i in range(n):
            share = min(1.0, max(0.0, along[i] / taper_in))
            points[i, 2] *= 1.0 - amount * (1.0 - share * (2.0 - share))
    reach = widest + 1.0
    return (
        points, ink, along, dense[-2:-1], along[-1],
        int(math.floor(left - reach)), int(math.floor(top - reach)),
        int(math.ceil(right + reach)), int(math.ceil(bottom + reach)),
    )  # fmt: skip


@njit(inline="always", **OPTIONS)
def gap(p, i):
    return math.hypot(p[i, 0] - p[i - 1, 0], p[i, 1] - p[i - 1, 1])
