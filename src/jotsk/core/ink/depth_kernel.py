"""How deep px lie within a ribbon, compiled: the field whose contour is its outline.

The contour of coverage would be one too, but how much of a px is covered depends on the slope of the edge as well, so
it has to be looked at on a much finer picture.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True, "fastmath": True}
EDGE, PER_PX = 128, 80.0  # the value on the edge, and by how much it rises with each px of depth
REACH = 1.5  # px from the edge up to which the values lie between none and all


@njit(**OPTIONS)
def deepen_segment(buf, x0, y0, xa, ya, ra, xb, yb, rb):
    """Raise `buf` (uint8), whose corner lies at page px (x0, y0), to how deep the middle of each px lies in the hull of
    circles A and B: how deep it lies in the circle that is nearest of all between them, as in `gap_to`. Numbers of four
    bytes, and no branches: eight px are done at once."""
    h, w = buf.shape
    dx, dy = xb - xa, yb - ya
    length = math.sqrt(dx * dx + dy * dy)
    ux, uy, slope, lean = np.float32(1.0), np.float32(0.0), np.float32(0.0), np.float32(0.0)
    if length <= abs(ra - rb) + 1e-6:  # one circle holds the other
        if rb > ra:
            xa, ya, ra = xb, yb, rb
        xb, yb, rb, length = xa, ya, ra, 0.0
    else:
        ux, uy, slope = np.float32(dx / length), np.float32(dy / length), np.float32((rb - ra) / length)
        lean = np.float32(slope / math.sqrt(1.0 - slope * slope))
    first = max(0, int(math.floor(min(xa - ra, xb - rb) - REACH - x0)))
    last = min(w, int(math.ceil(max(xa + ra, xb + rb) + REACH - x0)) + 1)
    top = max(0, int(math.floor(min(ya - ra, yb - rb) - REACH - y0)))
    bottom = min(h, int(math.ceil(max(ya + ra, yb + rb) + REACH - y0)) + 1)
    end, radius = np.float32(length), np.float32(ra)
    none, all_, edge, per_px = np.float32(0.0), np.float32(255.0), np.float32(EDGE + 0.5), np.float32(PER_PX)
    qx = np.float32(x0 + first + 0.5 - xa)
    for i in range(top, bottom):
        qy = np.float32(y0 + i + 0.5 - ya)
        row = buf[i, first:last]
        from_along, from_across = qx * ux + qy * uy, qy * ux - qx * uy
        for j in range(len(row)):
            along = from_along + np.float32(j) * ux
            across = abs(from_across - np.float32(j) * uy)
            at = min(max(along + across * lean, none), end)
            beyond = along - at
            depth = radius + slope * at - np.sqrt(beyond * beyond + across * across)
            row[j] = max(row[j], np.uint8(min(max(edge + per_px * depth, none), all_)))


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
