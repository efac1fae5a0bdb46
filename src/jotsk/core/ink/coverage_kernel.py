"""Anti-aliased coverage of one ribbon segment, the hull of two circles (a tapered capsule), compiled.

Frame: u runs from the centre of circle A to that of B, v is u turned by -90 degrees. With s = (ra - rb) / L and
c = sqrt(1 - s^2) the two straight sides have the outward unit normals n1 = s u - c u', n2 = s u + c u' (u' = u
turned by +90 degrees), and for a pixel at (pu, pv) from A
    tau = c pu - s |pv|        place along the nearer side; the body is 0 <= tau <= c L, beyond it lie the caps
    t   = s pu + c |pv| - ra   signed distance to the nearer side
    t2  = ra - s pu + c |pv|   the same to the farther side, negated.
In the body the pixel's coverage is the exact area on the inner side of one straight line, less that of the
other where the line is thin. In a cap it is that area for the tangent, less the sliver between tangent and arc,
whose area over a chord from lo to hi is (hi^3 - lo^3) / 6R. Ends thinner than 2 px are integrated in 16 exact
rows instead.

Several segments of a stroke go into one buffer by maximum. At a joint both neighbours take the curvature of
their cap off the pixels there, which shows on thin lines; so the cap is painted once more, flat, up to where
the successor begins.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True, "fastmath": True}

REACH = 0.75  # no pixel centre farther than this from an edge is partly covered (half a diagonal is 0.7072)
CONTINUES, JOINS = 1, 2  # flags: A was painted before as an end of a segment; B goes on in a known direction


@njit(**OPTIONS)
def inner_area(t, nx, ny):
    """Area of the unit pixel whose centre lies `t` outside a half-plane with unit normal (nx, ny)."""
    a = max(abs(nx), abs(ny))
    b = min(abs(nx), abs(ny))
    d = abs(t)
    reach = 0.5 * (a + b)
    if d >= reach:
        outside = 0.0
    elif d <= 0.5 * (a - b):
        outside = 0.5 - d / a
    else:
        outside = (reach - d) * (reach - d) / (2.0 * a * b)
    return outside if t > 0 else 1.0 - outside


@njit(**OPTIONS)
def row_span(py, xa, ya, ra, xb, yb, rb, n1x, n1y, n2x, n2y):
    """The x-interval of the hull at height `py`; empty as (1e30, -1e30)."""
    low = 1e30
    high = -1e30
    q = ra * ra - (py - ya) * (py - ya)
    if ra > 0 and q > 0:
        q = math.sqrt(q)
        low = min(low, xa - q)
        high = max(high, xa + q)
    q = rb * rb - (py - yb) * (py - yb)
    if rb > 0 and q > 0:
        q = math.sqrt(q)
        low = min(low, xb - q)
        high = max(high, xb + q)
    for side in range(2):
        nx = n1x if side == 0 else n2x
        ny = n1y if side == 0 else n2y
        p = ya + ra * ny
        q = yb + rb * ny
        if (p - py) * (q - py) < 0.0:
            x = xa + ra * nx
            x += (py - p) * (xb + rb * nx - x) / (q - p)
            low = min(low, x)
            high = max(high, x)
    return low, high


@njit(**OPTIONS)
def thin_pixel(px, py, dx, dy, ra, rb, n1x, n1y, n2x, n2y, steep):
    """Coverage of the pixel at (px, py) from A: exact across the line, 16 midpoints along it."""
    total = 0.0
    for k in range(16):
        at = (k + 0.5) / 16 - 0.5
        if steep:
            low, high = row_span(py + at, 0.0, 0.0, ra, dx, dy, rb, n1x, n1y, n2x, n2y)
            total += max(0.0, min(high, px + 0.5) - max(low, px - 0.5))
        else:
            low, high = row_span(px + at, 0.0, 0.0, ra, dy, dx, rb, n1y, n1x, n2y, n2x)
            total += max(0.0, min(high, py + 0.5) - max(low, py - 0.5))
    return total / 16


@njit(**OPTIONS)
def cap_area(d, radius, nx, ny, curved):
    """Coverage of a pixel `d` outside a circle, n the direction from its centre; flat if not `curved`."""
    covered = inner_area(d, nx, ny)
    if not (curved and radius < 14.0 and abs(d) < 0.7072):
        return max(covered, 0.0)
    low = -2.0
    high = 2.0
    if abs(ny) > 1e-6:
        p = (-0.5 - d * nx) / ny
        q = (0.5 - d * nx) / ny
        low = max(low, min(p, q))
        high = min(high, max(p, q))
    if abs(nx) > 1e-6:
        p = (d * ny - 0.5) / nx
        q = (d * ny + 0.5) / nx
        low = max(low, min(p, q))
        high = min(high, max(p, q))
    if high > low:
        covered -= (high * high * high - low * low * low) / (6.0 * radius)
    return max(covered, 0.0)


@njit(**OPTIONS)
def paint_segment(buf, x0, y0, xa, ya, ra, xb, yb, rb, flags, next_x, next_y, next_r, level):
    """Raise `buf` (uint8) to `level` x the coverage of the hull of circles A and B.

    (x0, y0) is the page position of the buffer's corner. See the top of the file for `flags`; (next_x, next_y)
    leads from B to the next point, whose radius is next_r, if it JOINS.
    """
    h, w = buf.shape
    dx = xb - xa
    dy = yb - ya
    length = math.sqrt(dx * dx + dy * dy)
    continues = (flags & CONTINUES) != 0
    closed = (flags & JOINS) == 0
    if length <= abs(ra - rb) + 1e-6:  # one circle holds the other
        if rb <= ra and continues:
            return
        if rb > ra:
            xa = xb
            ya = yb
            ra = rb
        rb = ra
        length = 0.0
        dx = 0.0
        dy = 0.0
        continues = False
        closed = True
        ux = 1.0
        uy = 0.0
        s = 0.0
        xb = xa
        yb = ya
    else:
        ux = dx / length
        uy = dy / length
        s = (ra - rb) / length
    c = math.sqrt(1.0 - s * s)
    body = c * length
    n1x = s * ux - c * uy
    n1y = s * uy + c * ux
    n2x = s * ux + c * uy
    n2y = s * uy - c * ux
    steep = abs(ux) <= abs(uy)
    full = np.uint8(level)
    next_length = math.sqrt(next_x * next_x + next_y * next_y)
    next_s = 0.0
    if next_length > abs(rb - next_r) + 1e-6:
        next_x /= next_length
        next_y /= next_length
        next_s = (rb - next_r) / next_length
    else:
        closed = True
    next_c = math.sqrt(1.0 - next_s * next_s)
    top = max(0, int(math.floor(min(ya - ra, yb - rb) - REACH - y0)))
    bottom = min(h, int(math.ceil(max(ya + ra, yb + rb) + REACH - y0)) + 1)
    column = xa - x0 - 0.5  # of A's centre
    for i in range(top, bottom):
        qy = y0 + i + 0.5 - ya
        low, high = row_span(qy, 0.0, 0.0, ra + REACH, dx, dy, rb + REACH, n1x, n1y, n2x, n2y)
        if low > high:
            continue
        first = max(0, int(math.ceil(low + column)))
        last = min(w, int(math.floor(high + column)) + 1)
        solid0 = last  # solid0 .. solid1: surely inside, no arithmetic per pixel
        solid1 = last
        if ra > REACH and rb > REACH:
            low, high = row_span(qy, 0.0, 0.0, ra - REACH, dx, dy, rb - REACH, n1x, n1y, n2x, n2y)
            if low < high:
                solid0 = min(last, max(first, int(math.ceil(low + column))))
                solid1 = max(solid0, min(last, int(math.floor(high + column)) + 1))
        for j in range(solid0, solid1):
            buf[i, j] = max(buf[i, j], full)
        j = first - 1
        while True:
            j += 1
            if j == solid0:
                j = solid1
            if j >= last:
                break
            if buf[i, j] >= full:
                continue
            qx = j - column
            pu = qx * ux + qy * uy
            pv = qy * ux - qx * uy
            av = abs(pv)
            tau = c * pu - s * av
            if tau < 0.0 and continues:
                continue
            if 0.0 <= tau <= body and length > 0.0:
                near_end = (tau < REACH and not continues) or (tau > body - REACH and closed)
                if ra + rb < 4.0 and near_end:
                    v = thin_pixel(qx, qy, dx, dy, ra, rb, n1x, n1y, n2x, n2y, steep)
                else:
                    t = s * pu + c * av - ra
                    t2 = ra - s * pu + c * av
                    if pv > 0:
                        v = inner_area(t, n1x, n1y)
                        if t2 < REACH:
                            v -= inner_area(t2, n2x, n2y)
                    else:
                        v = inner_area(t, n2x, n2y)
                        if t2 < REACH:
                            v -= inner_area(t2, n1x, n1y)
            else:
                at_b = tau > body
                joint = at_b and not closed
                radius = rb if at_b else ra
                ex = qx - dx if at_b else qx
                ey = qy - dy if at_b else qy
                if joint:
                    across = abs(ey * next_x - ex * next_y)
                    if next_c * (ex * next_x + ey * next_y) - next_s * across > 0.0:
                        continue  # the next segment paints it
                if radius < 2.0 and not joint:
                    v = thin_pixel(qx, qy, dx, dy, ra, rb, n1x, n1y, n2x, n2y, steep)
                else:
                    g = math.sqrt(ex * ex + ey * ey)
                    nx = ex / g if g > 1e-9 else 1.0
                    ny = ey / g if g > 1e-9 else 0.0
                    v = cap_area(g - radius, radius, nx, ny, not joint)
                    if g + radius < REACH:
                        v -= inner_area(g + radius, nx, ny)
            value = np.uint8(min(1.0, max(0.0, v)) * level + 0.5)
            buf[i, j] = max(buf[i, j], value)


@njit(**OPTIONS)
def paint_ribbon(buf, x0, y0, ribbon, levels, first, last, ends_open):
    """Paint segments `first` .. `last` - 1 of a (N, 3) ribbon; segment k joins points k and k + 1.

    `levels` (N,) is the ink at each point, 0..255. With `ends_open` the last segment is left for
    more to follow. Returns whether anything was inside the buffer.
    """
    h, w = buf.shape
    n = ribbon.shape[0]
    touched = False
    if n == 1 and first == 0:
        x = float(ribbon[0, 0])
        y = float(ribbon[0, 1])
        r = float(ribbon[0, 2])
        paint_segment(buf, x0, y0, x, y, r, x, y, r, 0, 0.0, 0.0, r, float(levels[0]))
        return True
    for k in range(first, min(last, n - 1)):
        xa = float(ribbon[k, 0])
        ya = float(ribbon[k, 1])
        ra = float(ribbon[k, 2])
        xb = float(ribbon[k + 1, 0])
        yb = float(ribbon[k + 1, 1])
        rb = float(ribbon[k + 1, 2])
        if max(xa + ra, xb + rb) + 1.0 < x0 or min(xa - ra, xb - rb) - 1.0 > x0 + w:
            continue
        if max(ya + ra, yb + rb) + 1.0 < y0 or min(ya - ra, yb - rb) - 1.0 > y0 + h:
            continue
        touched = True
        flags = CONTINUES if k > 0 else 0
        level = 0.5 * (float(levels[k]) + float(levels[k + 1]))
        if k + 2 < n:
            nx = float(ribbon[k + 2, 0]) - xb
            ny = float(ribbon[k + 2, 1]) - yb
            nr = float(ribbon[k + 2, 2])
            paint_segment(buf, x0, y0, xa, ya, ra, xb, yb, rb, flags | JOINS, nx, ny, nr, level)
        elif k + 2 < n or not ends_open:
            paint_segment(buf, x0, y0, xa, ya, ra, xb, yb, rb, flags, 0.0, 0.0, rb, level)
    return touched


@njit(**OPTIONS)
def paint_tiles(bufs, ribbon, levels, parts):
    """Paint each of `parts` (M, 5) into a tile of `bufs` (K, H, W): index, corner x, y, first and last + 1 segment."""
    for m in range(parts.shape[0]):
        k, x0, y0, first, last = parts[m]
        paint_ribbon(bufs[k], float(x0), float(y0), ribbon, levels, first, last, False)


@njit(**OPTIONS)
def touched_cells(ribbon, pieces, size, column0, row0, columns, rows):
    """Return (M, 6): column, row, start, stop of the piece, its first and last + 1 segment, for every cell of a grid
    that each of the `pieces` (P, 2) of a ribbon can touch.

    Cells are `size` px; the grid begins at cell (column0, row0). A lone point counts as segment 0.
    """
    place = np.full((rows, columns), -1, np.int64)  # of a cell's row in `cells`, if the piece at hand has one
    cells = np.empty((max(64, 2 * len(pieces)), 6), np.int64)
    count = 0
    for start, stop in pieces:
        began = count
        for k in range(max(1, stop - start - 1)):
            i, j = start + k, min(start + k + 1, stop - 1)
            r = max(ribbon[i, 2], ribbon[j, 2]) + 1.0
            x0 = int(math.floor((min(ribbon[i, 0], ribbon[j, 0]) - r) / size)) - column0
            x1 = int(math.floor((max(ribbon[i, 0], ribbon[j, 0]) + r) / size)) - column0
            y0 = int(math.floor((min(ribbon[i, 1], ribbon[j, 1]) - r) / size)) - row0
            y1 = int(math.floor((max(ribbon[i, 1], ribbon[j, 1]) + r) / size)) - row0
            for y in range(max(0, y0), min(rows - 1, y1) + 1):
                for x in range(max(0, x0), min(columns - 1, x1) + 1):
                    at = place[y, x]
                    if at < began:
                        if count == len(cells):
                            more = np.empty((2 * count, 6), np.int64)
                            more[:count] = cells
                            cells = more
                        at = count
                        place[y, x] = at
                        cells[at, 0] = column0 + x
                        cells[at, 1] = row0 + y
                        cells[at, 2] = start
                        cells[at, 3] = stop
                        cells[at, 4] = k
                        count += 1
                    cells[at, 5] = k + 1
    return cells[:count].copy()
