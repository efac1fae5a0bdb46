"""How deep px lie within a ribbon, compiled: the field whose contour is its outline.

The contour of coverage would be one too, but how much of a px is covered depends on the slope of the edge as well, so
it has to be looked at on a much finer picture.
"""

from __future__ import annotations

import math

from jotsk.core.ink.coverage_kernel import row_span
from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True, "fastmath": True}
EDGE, PER_PX = 128, 80.0  # the value on the edge, and by how much it rises with each px of depth
REACH = 1.5  # px from the edge up to which the values lie between none and all


@njit(**OPTIONS)
def deepen_segment(buf, x0, y0, xa, ya, ra, xb, yb, rb):
    """Raise `buf` (uint8), whose corner lies at page px (x0, y0), to how deep the middle of each px lies in the hull of
    circles A and B. The frame is that of `coverage_kernel`."""
    h, w = buf.shape
    dx = xb - xa
    dy = yb - ya
    length = math.sqrt(dx * dx + dy * dy)
    if length <= abs(ra - rb) + 1e-6:  # one circle holds the other
        if rb > ra:
            xa, ya, ra = xb, yb, rb
        rb = ra
        length = dx = dy = s = 0.0
        ux, uy = 1.0, 0.0
    else:
        ux, uy, s = dx / length, dy / length, (ra - rb) / length
    c = math.sqrt(1.0 - s * s)
    body = c * length
    n1x, n1y = s * ux - c * uy, s * uy + c * ux
    n2x, n2y = s * ux + c * uy, s * uy - c * ux
    top = max(0, int(math.floor(min(ya - ra, ya + dy - rb) - REACH - y0)))
    bottom = min(h, int(math.ceil(max(ya + ra, ya + dy + rb) + REACH - y0)) + 1)
    column = xa - x0 - 0.5  # of A's centre
    for i in range(top, bottom):
        qy = y0 + i + 0.5 - ya
        low, high = row_span(qy, 0.0, 0.0, ra + REACH, dx, dy, rb + REACH, n1x, n1y, n2x, n2y)
        if low > high:
            continue
        first = max(0, int(math.ceil(low + column)))
        last = min(w, int(math.floor(high + column)) + 1)
        solid0 = solid1 = last  # solid0 .. solid1: deeper than any value tells
        if ra > REACH and rb > REACH:
            low, high = row_span(qy, 0.0, 0.0, ra - REACH, dx, dy, rb - REACH, n1x, n1y, n2x, n2y)
            if low < high:
                solid0 = min(last, max(first, int(math.ceil(low + column))))
                solid1 = max(solid0, min(last, int(math.floor(high + column)) + 1))
        for j in range(solid0, solid1):
            buf[i, j] = 255
        for side in range(2):
            for j in range(first if side == 0 else solid1, solid0 if side == 0 else last):
                qx = j - column
                along = qx * ux + qy * uy
                across = abs(qy * ux - qx * uy)
                tau = c * along - s * across
                if tau < 0.0 or length == 0.0:
                    depth = ra - math.sqrt(qx * qx + qy * qy)
                elif tau > body:
                    depth = rb - math.sqrt((qx - dx) * (qx - dx) + (qy - dy) * (qy - dy))
                else:
                    depth = ra - s * along - c * across
                value = EDGE + PER_PX * depth
                if value > buf[i, j]:
                    buf[i, j] = min(255, int(value + 0.5))


@njit(**OPTIONS)
def deepen_tiles(bufs, points, parts):
    """Raise tiles `bufs` (K, H, W) to the depths in parts of a ribbon of (N, 3) `points`. `parts` (M, 7): the number of
    the tile, its corner x, y, start and stop of a piece, and the first and last + 1 segment of that."""
    w = bufs.shape[2]
    for m in range(parts.shape[0]):
        k, x0, y0, start, stop, first, last = parts[m]
        for n in range(start + first, start + last):
            a, b = points[n], points[min(n + 1, stop - 1)]
            if max(a[0] + a[2], b[0] + b[2]) + REACH > x0 and min(a[0] - a[2], b[0] - b[2]) - REACH < x0 + w:
                deepen_segment(
                    bufs[k], float(x0), float(y0), float(a[0]), float(a[1]), float(a[2]), float(b[0]), float(b[1]),
                    float(b[2]),
                )  # fmt: skip
