"""How far places are from the inked shape of ribbons, and where a line passes its edge, compiled."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

LEAST_STEP_PX = 0.25  # of a walk along a line: ink thinner than that, met at its very rim, may be passed over
STRETCH = 12  # segments of a ribbon that share a box
ROUNDS = 20  # of halving, to a millionth of a step


@njit(cache=True, nogil=True)
def gap_to(x: float, y: float, ribbon: NDArray[np.float64], start: int, stop: int) -> float:
    """The distance of a place to the union of tapered capsules along (M, 3) x, y, radius, from row `start` to before
    `stop`; less than 0 inside. Of a capsule: the distance to its axis less the radius there, where a circle of the
    radii between touches.

    The hull of two circles is the union of all circles between them (radii linear along the axis), so the distance is
    the least, over the axis, of the distance to a point of it less the radius there; for h along an axis of length L
    and a slope k = (r1 - r0) / L that least is at h = x - y k / sqrt(1 - k k), cut to 0 .. L.
    """
    best = np.inf
    for j in range(start, max(start + 1, stop - 1)):
        k = min(j + 1, stop - 1)
        ax, ay, ar = ribbon[j, 0], ribbon[j, 1], ribbon[j, 2]
        dx, dy = ribbon[k, 0] - ax, ribbon[k, 1] - ay
        px, py = x - ax, y - ay
        length = np.sqrt(dx * dx + dy * dy)
        if length <= 1e-9:
            gap = np.sqrt(px * px + py * py) - max(ar, ribbon[k, 2])
        else:
            slope = (ribbon[k, 2] - ar) / length
            u = (px * dx + py * dy) / length
            v = abs(px * dy - py * dx) / length
            if abs(slope) >= 1.0:  # one circle lies in the other
                h = 0.0 if slope < 0 else length
            else:
                h = min(length, max(0.0, u + v * slope / np.sqrt(1.0 - slope * slope)))
            gap = np.sqrt((u - h) ** 2 + v * v) - (ar + slope * h)
        best = min(best, gap)
    return best


@njit(cache=True, nogil=True)
def gaps(places: NDArray[np.float64], ribbon: NDArray[np.float64]) -> NDArray[np.float64]:
    """`gap_to` a whole ribbon for each of (N, 2) places."""
    out = np.empty(len(places))
    for i in range(len(places)):
        out[i] = gap_to(places[i, 0], places[i, 1], ribbon, 0, len(ribbon))
    return out


@njit(cache=True, nogil=True)
def in_own_ink(ribbon: NDArray[np.float64], along: NDArray[np.float64], reach: float) -> NDArray[np.bool_]:
    """Which points of (N, 3) x, y, radius lie in the ink of a stretch of it that is more than `reach` px on along the
    line, `along` (N,) being its length up to each."""
    count = max(0, len(ribbon) - 1)
    boxes = np.empty((-(-count // STRETCH), 4))  # of so many segments each
    for c in range(len(boxes)):
        part = ribbon[c * STRETCH : (c + 1) * STRETCH + 1]
        boxes[c, 0], boxes[c, 1] = (part[:, 0] - part[:, 2]).min(), (part[:, 1] - part[:, 2]).min()
        boxes[c, 2], boxes[c, 3] = (part[:, 0] + part[:, 2]).max(), (part[:, 1] + part[:, 2]).max()
    out = np.zeros(len(ribbon), np.bool_)
    for i in range(len(ribbon)):
        x, y = ribbon[i, 0], ribbon[i, 1]
        for c in range(len(boxes)):
            if x < boxes[c, 0] or y < boxes[c, 1] or x > boxes[c, 2] or y > boxes[c, 3]:
                continue
            for j in range(c * STRETCH, min(count, (c + 1) * STRETCH)):
                is_far = abs(along[i] - along[j]) > reach and abs(along[i] - along[j + 1]) > reach
                if is_far and gap_to(x, y, ribbon, j, j + 2) < 0.0:
                    out[i] = True
                    break
            if out[i]:
                break
    return out


@njit(cache=True, nogil=True)
def union_gap(
    x: float, y: float, shapes: NDArray[np.float64], rows: NDArray[np.int64], boxes: NDArray[np.float64], most: float
) -> float:
    """The distance of a place to many stretches of ribbon, each from one row of `shapes` to before another (`rows`, two
    columns) and inside its box (x0, y0, x1, y1); known to be `most` at the most."""
    best = most
    for r in range(len(boxes)):
        dx = max(boxes[r, 0] - x, 0.0, x - boxes[r, 2])
        dy = max(boxes[r, 1] - y, 0.0, y - boxes[r, 3])
        if (best > 0.0 and dx * dx + dy * dy < best * best) or (dx == 0.0 and dy == 0.0):
            best = min(best, gap_to(x, y, shapes, rows[r, 0], rows[r, 1]))
    return best


@njit(cache=True, nogil=True)
def edges(
    points: NDArray[np.float64], at: float, way: int, most: int, shapes: NDArray[np.float64],
    rows: NDArray[np.int64], boxes: NDArray[np.float64],
) -> tuple[bool, NDArray[np.float64]]:  # fmt: skip
    """Walk along a line, (N, 2) points, from place `at` (an index with its fraction) forwards (`way` 1) or backwards
    (-1). Return whether it begins inside the ribbons, and the places where it passes their edge, `most` at the most.

    The walk goes on by the distance to the edge, or to the depth below it, in which no edge can lie: sphere tracing,
    Hart, "Sphere tracing", The Visual Computer 12 (1996).
    """
    found, count, last = np.empty(most), 0, float(len(points) - 1)
    u = min(max(at, 0.0), last)
    gap = _gap_at(points, u, shapes, rows, boxes, np.inf)
    inside = gap < 0.0
    begins_inside = inside
    while count < most and (u < last if way > 0 else u > 0.0):
        step = max(abs(gap), LEAST_STEP_PX)
        v = _moved(points, u, way, step)
        gap = _gap_at(points, v, shapes, rows, boxes, max(gap, 0.0) + step + 1e-6)
        if (gap < 0.0) != inside:
            low, high = u, v
            for _ in range(ROUNDS):
                middle = (low + high) / 2
                if (_gap_at(points, middle, shapes, rows, boxes, step + LEAST_STEP_PX) < 0.0) == inside:
                    low = middle
                else:
                    high = middle
            found[count] = (low + high) / 2
            count += 1
            inside = not inside
        u = v
    return begins_inside, found[:count]


@njit(cache=True, nogil=True)
def _gap_at(
    points: NDArray[np.float64], u: float, shapes: NDArray[np.float64], rows: NDArray[np.int64],
    boxes: NDArray[np.float64], most: float,
) -> float:  # fmt: skip
    k = min(int(u), max(0, len(points) - 2))
    j = min(k + 1, len(points) - 1)
    share = u - k
    x = points[k, 0] + share * (points[j, 0] - points[k, 0])
    y = points[k, 1] + share * (points[j, 1] - points[k, 1])
    return union_gap(x, y, shapes, rows, boxes, most)


@njit(cache=True, nogil=True)
def _moved(points: NDArray[np.float64], u: float, way: int, px: float) -> float:
    """The place so many px on from another; the end of the line if that is nearer."""
    last = float(len(points) - 1)
    while True:
        if way > 0:
            k = min(int(u), len(points) - 2)
            end = float(k + 1)
        else:
            k = max(0, int(np.ceil(u)) - 1)
            end = float(k)
        dx, dy = points[k + 1, 0] - points[k, 0], points[k + 1, 1] - points[k, 1]
        length = np.sqrt(dx * dx + dy * dy)
        rest = abs(end - u) * length
        if rest > px:
            return u + way * px / length
        px -= rest
        u = end
        if (way > 0 and u >= last) or (way < 0 and u <= 0.0):
            return u


@njit(cache=True, nogil=True)
def times_crossed(
    line: NDArray[np.float64], times: NDArray[np.float64], swipe: NDArray[np.float64]
) -> NDArray[np.float64]:
    """The times at which a (N, 2) line, at (N,) times, is crossed by a (M, 2) swipe."""
    found = np.empty(max(1, (len(line) - 1) * (len(swipe) - 1)))
    count = 0
    for i in range(len(line) - 1):
        ax, ay = line[i, 0], line[i, 1]
        dx, dy = line[i + 1, 0] - ax, line[i + 1, 1] - ay
        for j in range(len(swipe) - 1):
            cx, cy = swipe[j, 0] - ax, swipe[j, 1] - ay
            ex, ey = swipe[j + 1, 0] - swipe[j, 0], swipe[j + 1, 1] - swipe[j, 1]
            cross = dx * ey - dy * ex
            if cross == 0.0:
                continue
            u, v = (cx * ey - cy * ex) / cross, (cx * dy - cy * dx) / cross
            if 0.0 <= u <= 1.0 and 0.0 <= v <= 1.0:
                found[count] = times[i] + u * (times[i + 1] - times[i])
                count += 1
    return found[:count]
