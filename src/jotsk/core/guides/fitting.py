"""Clean shapes through noisy places: line, circle, ellipse, polygon."""

from __future__ import annotations

import math
from itertools import pairwise

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.guides.rails import Ellipse, degrees_of

Places = NDArray[np.float64]


def fit_line(xy: ArrayLike) -> tuple[Places, Places]:
    """A point and the direction (length 1) of the line nearest to (N, 2) places: their first principal axis."""
    p = np.asarray(xy, np.float64)
    middle = p.mean(axis=0)
    _, _, axes = np.linalg.svd(p - middle, full_matrices=False)
    return middle, axes[0]


def fit_circle(xy: ArrayLike) -> tuple[Places, float]:
    """Middle and radius of the circle nearest to (N, 2) places.

    Begun by Taubin's algebraic fit, which short arcs do not shrink, and brought to least squares of the distances by
    Gauss and Newton.

    Raises
    ------
    ValueError
        If the places lie on one line.

    References
    ----------
    Taubin, "Estimation of planar curves, surfaces and nonplanar space curves", PAMI 13 (1991) 1115-1138, in the form of
    Chernov, "Circular and linear regression" (2010), chapter 5.
    """
    p = np.asarray(xy, np.float64)
    middle = p.mean(axis=0)
    x, y = (p - middle).T
    z = x * x + y * y
    mean = z.mean()
    if mean <= 0 or np.linalg.matrix_rank(np.column_stack([x, y]), tol=1e-9 * math.sqrt(mean * len(p))) < 2:
        raise ValueError("places on one line are on no circle")
    scaled = (z - mean) / (2 * math.sqrt(mean))
    _, _, v = np.linalg.svd(np.column_stack([scaled, x, y]), full_matrices=False)
    a, b, c = v[2]
    a0 = a / (2 * math.sqrt(mean))
    if abs(a0) < 1e-15:
        raise ValueError("places on one line are on no circle")
    at = np.array([-b, -c]) / (2 * a0)
    radius = math.sqrt(max(0.0, float(b * b + c * c - 4 * a0 * (-mean * a0)))) / abs(2 * a0)
    for _ in range(20):
        away = np.column_stack([x, y]) - at
        far = np.maximum(np.hypot(*away.T), 1e-12)
        slope = np.column_stack([-away / far[:, None], -np.ones(len(p))])
        step, *_ = np.linalg.lstsq(slope, -(far - radius), rcond=None)
        at, radius = at + step[:2], radius + float(step[2])
        if np.abs(step).max() < 1e-10 * radius:
            break
    return at + middle, abs(radius)


def fit_ellipse(xy: ArrayLike) -> Ellipse:
    """The ellipse nearest to five or more (N, 2) places (OpenCV's direct fit: Fitzgibbon and others, PAMI 21 (1999)).

    Raises ValueError where that is no ellipse.
    """
    p = np.asarray(xy, np.float64)
    if len(p) < 5:
        raise ValueError("an ellipse needs five places")
    middle, size = p.mean(axis=0), float(np.abs(p - p.mean(axis=0)).max())
    if size <= 0:
        raise ValueError("places on one spot are on no ellipse")
    (x, y), (first, second), turned = cv2.fitEllipseDirect(((p - middle) / size).astype(np.float32))
    radii = 0.5 * size * first, 0.5 * size * second
    if not all(math.isfinite(r) and 1e-3 * size < r < 1e3 * size for r in radii):
        raise ValueError("these places are on no ellipse")
    at = middle + size * np.array([x, y])
    return Ellipse((float(at[0]), float(at[1])), radii, degrees_of(*_at(turned)))


def distances_to(xy: Places, ellipse: Ellipse) -> Places:
    """How far (N, 2) places, one going on from the other, lie from an ellipse."""
    return np.hypot(*(ellipse.places(ellipse.measure(xy)) - xy).T)


def polygon_through(
    xy: Places, count: int, *, closed: bool, order: list[int] | None = None
) -> Places:  # fmt: skip
    """The (count, 2) corners of a polygon, or of a broken line with its ends, along (N, 2) places in their order.

    Corners begin where taking one away costs least area (Visvalingam and Whyatt 1993); each side is then the line
    nearest to the places between its corners, its ends left out, and neighbouring sides meet in the new corners.
    `order` is `corner_order(xy)`, where several counts are tried.
    """
    at = np.sort((corner_order(xy, closed=closed) if order is None else order)[:count])
    for _ in range(3):
        moved = _corners_of_sides(xy, at, closed=closed)
        if moved is None:
            return xy[at]
        nearest = np.array([int(np.hypot(*(xy - corner).T).argmin()) for corner in moved])
        if not closed:
            nearest[0], nearest[-1] = 0, len(xy) - 1
        if len(np.unique(nearest)) < count or (np.diff(np.roll(nearest, -int(nearest.argmin()))) <= 0).any():
            break
        at = np.sort(nearest)
    found = _corners_of_sides(xy, at, closed=closed)
    return xy[at] if found is None else found


def distances_to_polygon(xy: Places, corners: Places, *, closed: bool) -> Places:
    """How far (N, 2) places lie from the nearest side."""
    a = corners if closed else corners[:-1]
    b = np.roll(corners, -1, axis=0) if closed else corners[1:]
    along = b - a
    length = np.maximum((along**2).sum(axis=1), 1e-18)
    t = np.clip(((xy[:, None] - a) * along).sum(axis=2) / length, 0, 1)
    return np.hypot(*np.moveaxis(a + t[..., None] * along - xy[:, None], 2, 0)).min(axis=1)


def corner_order(xy: Places, *, closed: bool) -> list[int]:
    """The places from the likeliest corner to the least: from last to first taken away, by the area each costs."""
    points = xy.tolist()
    at = list(range(len(points)))

    def area(k: int) -> float:
        if not closed and k in (0, len(at) - 1):
            return math.inf
        (ax, ay), (bx, by), (cx, cy) = points[at[k - 1]], points[at[k]], points[at[(k + 1) % len(at)]]
        return abs((bx - ax) * (cy - ay) - (by - ay) * (cx - ax))

    areas = [area(k) for k in range(len(at))]
    gone: list[int] = []
    while len(at) > 2:
        k = areas.index(min(areas))
        gone.append(at[k])
        del at[k], areas[k]
        for j in ((k - 1) % len(at), k % len(at)):
            areas[j] = area(j)
    return at + gone[::-1]


def _corners_of_sides(xy: Places, at: NDArray[np.int64], *, closed: bool) -> Places | None:
    """Where the lines nearest to the stretches between corners meet; None if two neighbours are almost parallel."""
    ends = [(at[k], at[k + 1]) for k in range(len(at) - 1)]
    if closed:
        ends.append((at[-1], at[0] + len(xy)))
    sides = []
    for first, last in ends:
        off = max(1, (last - first) // 8)
        inside = np.arange(first + off, last - off + 1) % len(xy)
        if len(inside) < 2:
            inside = np.arange(first, last + 1) % len(xy)
        sides.append(fit_line(xy[inside]))
    corners = []
    pairs = zip(sides[-1:] + sides[:-1], sides, strict=True) if closed else pairwise(sides)
    for (p, d), (q, e) in pairs:
        cross = d[0] * e[1] - d[1] * e[0]
        if abs(cross) < math.sin(math.radians(8)):
            return None
        t = ((q[0] - p[0]) * e[1] - (q[1] - p[1]) * e[0]) / cross
        corners.append(p + t * d)
    if closed:
        return np.array(corners)
    (p, d), (q, e) = sides[0], sides[-1]
    return np.array([p + ((xy[0] - p) @ d) * d, *corners, q + ((xy[-1] - q) @ e) * e])


def _at(degrees: float) -> tuple[float, float]:
    return math.cos(math.radians(degrees)), math.sin(math.radians(degrees))
