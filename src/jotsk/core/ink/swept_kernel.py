"""Textured and building tips, swept along a ribbon, compiled.

A *textured* tip is a picture (v across, u along) drawn out along the line: at a pixel, v is its place across
the line in radii and u its place along it. On the outside of a bend a segment goes on until the next one begins.
Overlaps combine by maximum, so a stroke does not darken where it crosses itself.

A *building* tip leaves a deposit D, and covers 1 - exp(-D), so passes add up and low flow never stalls on whole
levels. A *soft* one lays k p(d / r) ds / r around the middle of every segment of length ds.
A *crisp* one is p = 1 / sqrt(1 - q^2), which leaves the same deposit from edge to edge. Its integral along a segment
is known: at u along and v across, with h^2 = r^2 - v^2, the part from s0 to s1 lays
asin((s1 - u) / h) - asin((s0 - u) / h), each held to -1..1, and neighbours add up without a seam.
"""

from __future__ import annotations

import math

import numpy as np

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True, "fastmath": True}


@njit(**OPTIONS)
def paint_textured(buf, x0, y0, ribbon, levels, along, first, last, tip, texels_per_px):
    """Raise `buf` (uint8) to the ink of a textured tip on segments `first` .. `last` - 1 of a (N, 3) ribbon.

    `along` (N,) is the length up to each point, px; `tip` uint8 (V, U), repeating along U.
    """
    h, w = buf.shape
    rows, columns = tip.shape
    n = ribbon.shape[0]
    for k in range(first, min(last, n - 1)):
        xa = float(ribbon[k, 0])
        ya = float(ribbon[k, 1])
        ra = float(ribbon[k, 2])
        xb = float(ribbon[k + 1, 0])
        yb = float(ribbon[k + 1, 1])
        rb = float(ribbon[k + 1, 2])
        dx = xb - xa
        dy = yb - ya
        length = math.sqrt(dx * dx + dy * dy)
        if length < 1e-6:
            continue
        ux = dx / length
        uy = dy / length
        joins = k + 2 < n
        next_x = float(ribbon[k + 2, 0]) - xb if joins else 0.0
        next_y = float(ribbon[k + 2, 1]) - yb if joins else 0.0
        next_length = math.sqrt(next_x * next_x + next_y * next_y)
        reach = max(ra, rb) + 1.0
        # How far before and beyond itself the segment is painted: a bend of an angle opens by its sine.
        back = 0.5 if k > 0 else reach
        forth = reach
        if joins and next_length > 0.0 and ux * next_x + uy * next_y > 0.0:
            forth = 0.5 + reach * abs(ux * next_y - uy * next_x) / next_length
        level = 0.5 * (float(levels[k]) + float(levels[k + 1]))
        for i in range(
            max(0, int(math.floor(min(ya, yb) - reach - y0))), min(h, int(math.ceil(max(ya, yb) + reach - y0)) + 1)
        ):
            py = y0 + i + 0.5 - ya
            left = min(xa, xb) - reach
            right = max(xa, xb) + reach
            if abs(ux) > 1e-3:
                one = xa + (-back - py * uy) / ux
                other = xa + (length + forth - py * uy) / ux
                left = max(left, min(one, other) - 1.0)
                right = min(right, max(one, other) + 1.0)
            for j in range(max(0, int(math.floor(left - x0))), min(w, int(math.ceil(right - x0)) + 1)):
                px = x0 + j + 0.5 - xa
                pu = px * ux + py * uy
                pv = py * ux - px * uy
                t = min(1.0, max(0.0, pu / length))
                # Ends are round only where the line ends; a joint is the business of the segment before it.
                if pu < -0.5 and k > 0:
                    continue
                if joins and pu > length + 0.5 and (px - dx) * next_x + (py - dy) * next_y > -0.5 * next_length:
                    continue
                r = ra + t * (rb - ra)
                du = pu - t * length
                d = math.sqrt(du * du + pv * pv)
                cover = r - d + 0.5
                if cover <= 0.0 or r <= 0.0:
                    continue
                cover = min(1.0, cover)
                # Between texels, or a tip larger than its picture would be made of squares.
                fv = min(rows - 1.0, max(0.0, (pv / max(r, 0.5) * 0.5 + 0.5) * rows - 0.5))
                fu = (along[k] + pu) * texels_per_px
                v = min(rows - 2, int(fv))
                u = int(math.floor(fu))
                fv -= v
                fu -= u
                u %= columns
                u1 = (u + 1) % columns
                near = float(tip[v, u]) + fu * (float(tip[v, u1]) - float(tip[v, u]))
                far = float(tip[v + 1, u]) + fu * (float(tip[v + 1, u1]) - float(tip[v + 1, u]))
                texel = near + fv * (far - near)
                value = np.uint8(level * cover * texel / 255.0 + 0.5)
                buf[i, j] = max(buf[i, j], value)


@njit(**OPTIONS)
def soft_deposit(buf, x0, y0, ribbon, levels, first, last, profile, strength):
    """Add to `buf` (float32) what segments `first` .. `last` - 1 lay down; `profile` is p at even steps of d / r."""
    h, w = buf.shape
    steps = profile.shape[0] - 1
    n = ribbon.shape[0]
    for k in range(first, min(last, max(1, n - 1))):
        b = min(k + 1, n - 1)
        x = 0.5 * (float(ribbon[k, 0]) + float(ribbon[b, 0]))
        y = 0.5 * (float(ribbon[k, 1]) + float(ribbon[b, 1]))
        r = 0.5 * (float(ribbon[k, 2]) + float(ribbon[b, 2]))
        if r <= 0.25:
            continue
        dx = float(ribbon[b, 0]) - float(ribbon[k, 0])
        dy = float(ribbon[b, 1]) - float(ribbon[k, 1])
        ds = math.sqrt(dx * dx + dy * dy)
        amount = strength * ds / r * 0.5 * (float(levels[k]) + float(levels[b])) / 255.0
        for i in range(max(0, int(math.floor(y - r - y0))), min(h, int(math.ceil(y + r - y0)) + 1)):
            py = y0 + i + 0.5 - y
            for j in range(max(0, int(math.floor(x - r - x0))), min(w, int(math.ceil(x + r - x0)) + 1)):
                px = x0 + j + 0.5 - x
                q = math.sqrt(px * px + py * py) / r
                if q < 1.0:
                    at = q * steps
                    c = int(at)
                    buf[i, j] += amount * (profile[c] + (at - c) * (profile[c + 1] - profile[c]))
    if n == 1:
        end_disc(buf, x0, y0, ribbon, levels, 0, 0.0, 0.0, strength)


@njit(**OPTIONS)
def crisp_deposit(buf, x0, y0, ribbon, levels, first, last, strength, starts, ends):
    """Add to `buf` (float32) what segments `first` .. `last` - 1 of a crisp line lay down.

    Where the line `starts` or `ends`, what would have come from beyond is laid down as well, so the end is a disc as
    even as the line.
    """
    h, w = buf.shape
    n = ribbon.shape[0]
    for k in range(first, min(last, n - 1)):
        xa = float(ribbon[k, 0])
        ya = float(ribbon[k, 1])
        r = 0.5 * (float(ribbon[k, 2]) + float(ribbon[k + 1, 2]))
        dx = float(ribbon[k + 1, 0]) - xa
        dy = float(ribbon[k + 1, 1]) - ya
        length = math.sqrt(dx * dx + dy * dy)
        if r <= 0.5 or length < 1e-6:
            continue
        ux = dx / length
        uy = dy / length
        amount = strength * 0.5 * (float(levels[k]) + float(levels[k + 1])) / 255.0
        reach = r + 1.0
        top = max(0, int(math.floor(min(ya, ya + dy) - reach - y0)))
        bottom = min(h, int(math.ceil(max(ya, ya + dy) + reach - y0)) + 1)
        left = max(0, int(math.floor(min(xa, xa + dx) - reach - x0)))
        right = min(w, int(math.ceil(max(xa, xa + dx) + reach - x0)) + 1)
        for i in range(top, bottom):
            py = y0 + i + 0.5 - ya
            for j in range(left, right):
                px = x0 + j + 0.5 - xa
                v = abs(py * ux - px * uy)
                if v >= r + 0.5:
                    continue
                inner = min(v, r - 0.5)
                half = math.sqrt(r * r - inner * inner)
                u = px * ux + py * uy
                laid = asin_held((length - u) / half) - asin_held(-u / half)
                buf[i, j] += amount * min(1.0, r + 0.5 - v) * laid
    if n == 1:
        end_disc(buf, x0, y0, ribbon, levels, 0, 0.0, 0.0, strength)
        return
    if first == 0 and starts:
        ux = float(ribbon[0, 0]) - float(ribbon[1, 0])
        uy = float(ribbon[0, 1]) - float(ribbon[1, 1])
        end_disc(buf, x0, y0, ribbon, levels, 0, ux, uy, strength)
    if last >= n - 1 and ends:
        ux = float(ribbon[n - 1, 0]) - float(ribbon[n - 2, 0])
        uy = float(ribbon[n - 1, 1]) - float(ribbon[n - 2, 1])
        end_disc(buf, x0, y0, ribbon, levels, n - 1, ux, uy, strength)


@njit(**OPTIONS)
def asin_held(v):
    """The arc sine of v held to -1..1, to 7e-5: Abramowitz and Stegun, "Handbook of Mathematical Functions", 4.4.45. It
    is asked for twice for every px of every segment, and the library's takes several times as long."""
    x = min(1.0, abs(v))
    arc = 0.5 * math.pi - math.sqrt(1.0 - x) * (1.5707288 + x * (-0.2121144 + x * (0.0742610 - 0.0187293 * x)))
    return arc if v >= 0.0 else -arc


@njit(**OPTIONS)
def end_disc(buf, x0, y0, ribbon, levels, k, ux, uy, strength):
    """What a crisp line lacks at its end, point `k`, which it left in direction (ux, uy); a whole dot if (0, 0)."""
    h, w = buf.shape
    x = float(ribbon[k, 0])
    y = float(ribbon[k, 1])
    r = float(ribbon[k, 2])
    if r <= 0.5:
        return
    length = math.sqrt(ux * ux + uy * uy)
    amount = strength * float(levels[k]) / 255.0
    reach = r + 1.0
    for i in range(max(0, int(math.floor(y - reach - y0))), min(h, int(math.ceil(y + reach - y0)) + 1)):
        py = y0 + i + 0.5 - y
        for j in range(max(0, int(math.floor(x - reach - x0))), min(w, int(math.ceil(x + reach - x0)) + 1)):
            px = x0 + j + 0.5 - x
            d = math.sqrt(px * px + py * py)
            if d >= r + 0.5:
                continue
            if length == 0.0:
                buf[i, j] += amount * math.pi * min(1.0, r + 0.5 - d)
                continue
            u = (px * ux + py * uy) / length
            v = abs(px * uy - py * ux) / length
            inner = min(v, r - 0.5)
            half = math.sqrt(r * r - inner * inner)
            # Beyond the end its edge is round; before it, straight as the line's.
            edge = r + 0.5 - (d if u > 0.0 else v)
            buf[i, j] += amount * min(1.0, edge) * (0.5 * math.pi + asin_held(u / half))


@njit(cache=True, nogil=True)
def covered_into(alpha, laid):
    """uint8 coverage 1 - exp(-D) of a deposit."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            if laid[i, j] > 0.0:
                alpha[i, j] = np.uint8((1.0 - math.exp(-laid[i, j])) * 255.0 + 0.5)


@njit(cache=True, nogil=True)
def finish_into(alpha, opacity, hard):
    """All or none if `hard`; then times `opacity` 0..255."""
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            a = np.uint32(alpha[i, j])
            if a:
                if hard:
                    a = np.uint32(255) if a >= np.uint32(128) else np.uint32(0)
                t = a * np.uint32(opacity) + np.uint32(128)
                alpha[i, j] = np.uint8((t + (t >> np.uint32(8))) >> np.uint32(8))
