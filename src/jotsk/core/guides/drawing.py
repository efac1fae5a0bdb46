"""How a guide looks: the lines that stand for it inside a part of the page, page px."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Ellipse, Point, direction

ELLIPSE_STEPS = 240
PIECE = 256  # points of a line that are looked at together
FEW = 1000  # points of a line that is drawn as it is
FINEST = 4000  # steps across what is shown: about a third of a px of the screen


def lines_of(guide: Guide, area: Rect) -> list[NDArray[np.float64]]:
    """Return (N, 2) polylines that show the guide inside `area`, page px. They reach little beyond it."""
    return [part for line in guide.lines(area) if line is not None for part in in_sight(line, area)]


def in_sight(line: NDArray[np.float64], area: Rect) -> list[NDArray[np.float64]]:
    """The parts of an (N, 2) polyline that lie in `area` or near it, without points that nobody could tell apart.

    A painter takes minutes to dash a line of 1e9 px, and seconds for one of a million points.
    """
    side = max(area.width, area.height)
    low = np.array((area.x0, area.y0)) - side / 4
    high = np.array((area.x1, area.y1)) + side / 4
    line = _thinned(line, side / FINEST)
    if (line >= low).all() and (line <= high).all():
        return [line]
    a, step = line[:-1], np.diff(line, axis=0)
    with np.errstate(divide="ignore", invalid="ignore"):  # Liang and Barsky 1984, for all segments at once
        sides = np.sort([(low - a) / step, (high - a) / step], axis=0)
    is_level = step == 0.0
    is_beside = (is_level & ((a < low) | (a > high))).any(axis=1)
    first = np.where(is_level, 0.0, sides[0]).max(axis=1).clip(0.0)
    last = np.where(is_level, 1.0, sides[1]).min(axis=1).clip(None, 1.0)
    seen = np.flatnonzero(~is_beside & (first < last))
    if not len(seen):
        return []
    begins, ends = a + first[:, None] * step, a + last[:, None] * step
    goes_on = (np.diff(seen) == 1) & (last[seen[:-1]] == 1.0) & (first[seen[1:]] == 0.0)
    return [np.concatenate([begins[run[:1]], ends[run]]) for run in np.split(seen, np.flatnonzero(~goes_on) + 1)]


def near(line: NDArray[np.float64], along: NDArray[np.float64], area: Rect) -> Iterator[NDArray[np.float64]]:
    """The parts of an (N, 2) polyline, of the lengths `along` up to each point, that can come near `area`: found by
    pieces, for a line of a million points."""
    starts = np.arange(0, len(line), PIECE)
    begins = line[starts]
    reach = along[np.minimum(starts + PIECE, len(line) - 1)] - along[starts] + max(area.width, area.height)
    beyond = np.maximum(np.array((area.x0, area.y0)) - begins, begins - np.array((area.x1, area.y1))).max(axis=1)
    seen = np.flatnonzero(beyond <= reach)
    for run in np.split(seen, np.flatnonzero(np.diff(seen) > 1) + 1):
        if len(run):
            yield line[run[0] * PIECE : (run[-1] + 1) * PIECE + 1]


def _thinned(line: NDArray[np.float64], step_px: float) -> NDArray[np.float64]:
    """The polyline with at most about one point on each `step_px` of its length, its ends included."""
    if len(line) < FEW:
        return line
    along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(line, axis=0).T))])
    kept = np.diff(np.floor(along / step_px), prepend=-1.0) > 0
    kept[-1] = True
    return line[kept]


def through(at: Point, degrees: float, area: Rect) -> NDArray[np.float64] | None:
    """The part inside `area` of the line through a point; None if it passes outside."""
    d = direction(degrees)
    return clipped(at, (at[0] + d[0], at[1] + d[1]), area, -math.inf, math.inf)


def clipped(
    a: Point, b: Point, area: Rect, first: float = 0.0, last: float = 1.0
) -> NDArray[np.float64] | None:  # fmt: skip
    """The part of a + t (b - a), first <= t <= last, inside `area` (Liang and Barsky 1984)."""
    for start, step, low, high in ((a[0], b[0] - a[0], area.x0, area.x1), (a[1], b[1] - a[1], area.y0, area.y1)):
        if step == 0.0:
            if not low <= start <= high:
                return None
            continue
        near, far = sorted(((low - start) / step, (high - start) / step))
        first, last = max(first, near), min(last, far)
    if not first < last or not math.isfinite(first + last):
        return None
    return np.array([[a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])] for t in (first, last)])


def beside(at: Point, degrees: float, area: Rect, spacing: float) -> Iterator[NDArray[np.float64] | None]:
    """Parallels on both sides of a line, at most 200 of them."""
    x, y = direction(degrees + 90.0)
    reach = min(100, int(math.hypot(area.width, area.height) / spacing) + 1)
    middle = ((area.x0 + area.x1) / 2 - at[0]) * x + ((area.y0 + area.y1) / 2 - at[1]) * y
    nearest = round(middle / spacing)
    for k in range(nearest - reach, nearest + reach + 1):
        if k:
            yield through((at[0] + k * spacing * x, at[1] + k * spacing * y), degrees, area)


def ray(at: Point, degrees: float, area: Rect) -> NDArray[np.float64] | None:
    """The part inside `area` of the ray from a point."""
    d = direction(degrees)
    return clipped(at, (at[0] + d[0], at[1] + d[1]), area, 0.0, math.inf)


def rays(at: Point, area: Rect, count: int) -> Iterator[NDArray[np.float64] | None]:
    """Rays from a point: all round if it is inside, else over the angle the area fills as seen from it."""
    if area.x0 <= at[0] <= area.x1 and area.y0 <= at[1] <= area.y1:
        for k in range(2 * count):
            yield ray(at, 180.0 * k / count, area)
        return
    corners = [(x, y) for x in (area.x0, area.x1) for y in (area.y0, area.y1)]
    middle = math.atan2((area.y0 + area.y1) / 2 - at[1], (area.x0 + area.x1) / 2 - at[0])
    seen = [math.remainder(math.atan2(y - at[1], x - at[0]) - middle, math.tau) for x, y in corners]
    for angle in np.linspace(min(seen), max(seen), count + 2)[1:-1].tolist():
        far = at[0] + math.cos(middle + angle), at[1] + math.sin(middle + angle)
        yield clipped(at, far, area, 0.0, math.inf)


def round_line(ellipse: Ellipse) -> NDArray[np.float64]:
    """An ellipse as a closed polyline."""
    return ellipse.places(np.linspace(0, math.tau, ELLIPSE_STEPS + 1))


def horizon(points: Sequence[Point], area: Rect) -> NDArray[np.float64] | None:
    """The line the vanishing points of level lines lie on."""
    if len(points) > 1 and math.dist(points[0], points[1]) > 1e-6:
        return clipped(points[0], points[1], area, -math.inf, math.inf)
    return through(points[0], 0.0, area)
