"""Points of a line: as few as it needs within a tolerance, each of which can be moved, added, taken away, made sharp,
or given another weight. Between its neighbours the line follows; elsewhere neither shape nor weight changes."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.guides.draft import few_points
from jotsk.core.guides.rails import Curve
from jotsk.core.marks import Stroke
from jotsk.core.mend.brush import HEAVIEST, LIGHTEST, shifted_by

KNOTS = 24  # of a curve between two points
Place = tuple[float, float]


class Point(NamedTuple):
    """A point of a line: when the line is there, where that is, and how thick it is."""

    t: float
    x: float
    y: float
    radius: float


def points_of(stroke: Stroke, tolerance_px: float) -> list[Point]:
    """As few as a smooth curve through them needs to stay within a tolerance of the line; its ends are among them."""
    ribbon = stroke.own_ribbon
    line = ribbon.points[:, :2].astype(np.float64)
    if len(line) < 2:
        return [point_at(stroke, float(t)) for t in ribbon.times]
    found, start = [], 0
    for x, y in few_points(line, tolerance_px) if len(line) > 3 else line[[0, -1]].tolist():
        start += int(np.hypot(line[start:, 0] - x, line[start:, 1] - y).argmin())
        found.append(Point(float(ribbon.times[start]), *ribbon.points[start].tolist()))
    return [point for k, point in enumerate(found) if not k or point.t > found[k - 1].t]


def led_by(stroke: Stroke, points: Sequence[Point]) -> float:
    """How far a line would move, px at most, if it ran smoothly through its points."""
    line = stroke.own_ribbon.points[:, :2].astype(np.float64)
    places = tuple(dict.fromkeys((point.x, point.y) for point in points))
    if len(line) < 2 or len(places) < 2:
        return 0.0
    curve = Curve(places)
    return float(np.hypot(*(curve.places(curve.measure(line)) - line).T).max())


def point_at(stroke: Stroke, t: float) -> Point:
    """The point of a line at a time."""
    ribbon = stroke.own_ribbon
    return Point(t, *(float(np.interp(t, ribbon.times, ribbon.points[:, k])) for k in range(3)))


def nearest(stroke: Stroke, at: Place) -> Point:
    """The point of a line that is nearest to a place."""
    points = stroke.own_ribbon.points
    k = int(np.hypot(points[:, 0] - at[0], points[:, 1] - at[1]).argmin())
    return point_at(stroke, float(stroke.own_ribbon.times[k]))


def with_point_moved(stroke: Stroke, points: Sequence[Point], index: int, to: Place, *, sharp: bool = False) -> Stroke:
    """The line pulled to a place at one of its points, and less and less up to the points beside it. At a `sharp` one
    it turns a corner, at others it stays smooth."""
    point = points[index]
    by = np.array([to[0] - point.x, to[1] - point.y])
    times, share = _between(stroke, points, index, sharp=sharp)
    return shifted_by(stroke, times, share[:, None] * by)


def with_point_weighed(stroke: Stroke, points: Sequence[Point], index: int, by: float) -> Stroke:
    """The line so many times as thick at one of its points, and less and less up to the points beside it."""
    times, share = _between(stroke, points, index, sharp=False)
    curve = np.column_stack([times, np.clip(by, LIGHTEST, HEAVIEST) ** share])
    return stroke.mended(stroke.mends.with_weight(curve))


def without_point(stroke: Stroke, points: Sequence[Point], index: int) -> Stroke:
    """The line without one of its points: between those beside it, it runs as a smooth curve through the others does.
    The ends are not taken away."""
    if not 0 < index < len(points) - 1:
        return stroke
    before, after = points[index - 1], points[index + 1]
    rest = [p for k, p in enumerate(points) if k != index]
    return _led_along(stroke, rest, before.t, after.t)


def smoothed_at(stroke: Stroke, points: Sequence[Point], index: int) -> Stroke:
    """The line without the corner at one of its points: it runs through the points as a smooth curve."""
    first, last = points[max(0, index - 1)], points[min(len(points) - 1, index + 1)]
    return _led_along(stroke, points, first.t, last.t)


def sharpened_at(stroke: Stroke, points: Sequence[Point], index: int) -> Stroke:
    """The line with a corner at one of its points: it runs straight to those beside it."""
    first, last = points[max(0, index - 1)], points[min(len(points) - 1, index + 1)]
    corner = [first, points[index], last]
    return _moved_onto(stroke, first.t, last.t, np.array([[p.t, p.x, p.y] for p in dict.fromkeys(corner)]))


def _between(
    stroke: Stroke, points: Sequence[Point], index: int, *, sharp: bool
) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Times from the point before to the one after, and the share 0..1 of a change at the point itself."""
    at = points[index].t
    times, share = [], []
    for other, rising in ((index - 1, True), (index + 1, False)):
        if not 0 <= other < len(points):
            continue
        along = np.linspace(0.0, 1.0, KNOTS)
        t = at + (points[other].t - at) * (1 - along) if rising else at + (points[other].t - at) * along
        u = along if rising else 1 - along
        times.append(t)
        share.append(u if sharp else u * u * (3 - 2 * u))
    whole_t, whole_share = np.concatenate(times), np.concatenate(share)
    order = np.unique(whole_t, return_index=True)[1]
    return whole_t[order], whole_share[order]


def _led_along(stroke: Stroke, points: Sequence[Point], first_t: float, last_t: float) -> Stroke:
    """The line led along a Catmull-Rom spline through points, between two of their times."""
    rows = np.array([[p.t, p.x, p.y] for p in points])
    times = np.linspace(first_t, last_t, 2 * KNOTS)
    slopes = np.gradient(rows[:, 1:], rows[:, 0], axis=0) if len(rows) > 1 else np.zeros_like(rows[:, 1:])
    k = np.clip(np.searchsorted(rows[:, 0], times, side="right") - 1, 0, len(rows) - 2)
    h = rows[k + 1, 0] - rows[k, 0]
    u = ((times - rows[k, 0]) / h)[:, None]
    spline = (
        (2 * u**3 - 3 * u**2 + 1) * rows[k, 1:] + (u**3 - 2 * u**2 + u) * h[:, None] * slopes[k]
        + (3 * u**2 - 2 * u**3) * rows[k + 1, 1:] + (u**3 - u**2) * h[:, None] * slopes[k + 1]
    )  # fmt: skip
    return _moved_onto(stroke, first_t, last_t, np.column_stack([times, spline]))


def _moved_onto(stroke: Stroke, first_t: float, last_t: float, rows: NDArray[np.float64]) -> Stroke:
    """The line moved onto a polyline, (N, 3) t, x, y, between two times, where it is by the share of its own length."""
    ribbon = stroke.own_ribbon
    inside = (ribbon.times > first_t) & (ribbon.times < last_t)
    times = np.concatenate([[first_t], ribbon.times[inside], [last_t]])
    now = np.column_stack([np.interp(times, ribbon.times, ribbon.points[:, k]) for k in (0, 1)])
    along, target = arc_lengths(now), arc_lengths(rows[:, 1:])
    # Each stretch between two rows that the line passes at their very times keeps them.
    marks = np.interp(rows[:, 0], times, along)
    at = np.interp(along, marks, target) if marks[-1] > marks[0] else target[0] + 0 * along
    places = np.column_stack([np.interp(at, target, rows[:, k]) for k in (1, 2)])
    return shifted_by(stroke, times, places - now)
