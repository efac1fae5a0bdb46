"""Which guide holds a stroke: of those that are on, the one nearest in direction to the stroke's first few px."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.perspective import circle_in, posts_of
from jotsk.core.guides.rails import Curve, Ellipse, Line, Point, Rail, direction

FIRST_PX = 20.0  # screen px that decide: over fewer, tremor of 1.5 px RMS is mistaken for a direction now and then
UNDER_THE_PEN_PX = 0.5


@dataclass(frozen=True, slots=True)
class Held:
    """The guide that holds, by its place in the list, and the rail it gives."""

    index: int
    rail: Rail


def first_motion(xy: NDArray[np.float64], scale: float = 1.0) -> tuple[Point, Point, bool]:
    """Where a stroke begins, in which direction (of length 1, or (0, 0) if it does not move), and if that is decided.

    `xy` (N, 2) are the hand's places, page px; `scale` screen px per page px. The direction is that of the straight
    line nearest to all of its first px, so that tremor counts little.
    """
    start = xy[0]
    distance = np.hypot(*(xy - start).T) * scale
    far = np.flatnonzero(distance >= FIRST_PX)
    few = xy[: far[0] + 1] if len(far) else xy
    if len(few) < 2 or not distance[: len(few)].any():
        return _point(start), (0.0, 0.0), False
    off = few - few.mean(axis=0)
    _, _, axes = np.linalg.svd(off, full_matrices=False)
    towards = axes[0] if axes[0] @ (few[-1] - start) >= 0 else -axes[0]
    return _point(start), _point(towards), bool(len(far))


def can_hold(guides: Sequence[Guide | None]) -> bool:
    """Whether any guide that is on holds the hand."""
    return any(g is not None and g.on and not g.repeats for g in guides)


def holder(guides: Sequence[Guide | None], start: Point, towards: Point) -> Held | None:
    """The guide that holds a stroke from `start` on in direction `towards`; None if none is on."""
    on = [(k, g) for k, g in enumerate(guides) if g is not None and g.on and not g.repeats]
    alone = [(k, g) for k, g in on if g.alone]
    best: tuple[float, float, Held] | None = None
    for index, guide in alone or on:
        for rail, along in rails_at(guide, start, towards):
            off = 1.0 - abs(along[0] * towards[0] + along[1] * towards[1])
            u = rail.begin(*start)
            away = math.dist(rail.place(u), start)
            if best is None or (round(off, 9), away) < best[:2]:
                best = round(off, 9), away, Held(index, rail)
    return best[2] if best else None


def rails_at(guide: Guide, start: Point, towards: Point) -> Iterator[tuple[Rail, Point]]:
    """The rails a guide has for a stroke from `start`, each with its direction there."""
    if guide.kind == "straightedge":
        yield Line.at_angle(guide.at, guide.angle), direction(guide.angle)
    elif guide.kind == "parallel":
        yield Line.at_angle(start, guide.angle), direction(guide.angle)
    elif guide.kind == "cross":
        for angle in (guide.angle, guide.angle + guide.between):
            yield Line.at_angle(start, angle), direction(angle)
    elif guide.kind == "spokes":
        yield _to(start, guide.at, towards)
    elif guide.kind == "rings":
        yield _ring(guide, start)
    elif guide.kind == "ellipse":
        yield _with_direction(Ellipse(guide.at, guide.radii, guide.angle), start)
    elif guide.kind == "french-curve":
        yield _with_direction(Curve(guide.points, guide.closed, guide.smooth), start)
    elif guide.kind in ("posts", "circle"):
        yield from _in_perspective(guide, start)
    elif guide.kind == "perspective":
        for point in guide.points:
            yield _to(start, point, towards)
        if guide.vertical:
            yield Line.at_angle(start, 90.0), direction(90.0)
        if len(guide.points) == 1:  # what lies square to the view stays level
            yield Line.at_angle(start, 0.0), direction(0.0)


def ring_through(guide: Guide, point: Point) -> Ellipse | None:
    """The ring that passes through a point; None at the middle, where there is none."""
    c, s = direction(guide.angle)
    dx, dy = point[0] - guide.at[0], point[1] - guide.at[1]
    radius = math.hypot(dx * c + dy * s, (dy * c - dx * s) / guide.ratio)
    return Ellipse(guide.at, (radius, radius * guide.ratio), guide.angle) if radius > UNDER_THE_PEN_PX else None


def _in_perspective(guide: Guide, start: Point) -> Iterator[tuple[Rail, Point]]:
    """The nearest post of a row, or the circle; none where the points have no answer."""
    try:
        if guide.kind == "circle":
            yield _with_direction(circle_in(guide.points), start)
            return
        posts = posts_of(guide)
    except Refused:
        return
    lines = [line for foot, head in posts if (line := Line.through(foot, head)) is not None]
    if lines:
        nearest = min(lines, key=lambda line: math.dist(line.place(line.begin(*start)), start))
        yield nearest, nearest.along


def _ring(guide: Guide, start: Point) -> tuple[Rail, Point]:
    """The ring through the pen; from the very middle, the smallest there is."""
    ring = ring_through(guide, start) or Ellipse(
        guide.at, (UNDER_THE_PEN_PX, UNDER_THE_PEN_PX * guide.ratio), guide.angle
    )
    return _with_direction(ring, start)


def _to(start: Point, point: Point, towards: Point) -> tuple[Rail, Point]:
    """The line to a point; a stroke that begins on it goes where the hand goes."""
    if math.dist(start, point) > UNDER_THE_PEN_PX:
        line = Line.through(start, point)
    else:
        line = Line(start, towards) if towards != (0.0, 0.0) else Line(start, (1.0, 0.0))
    assert line is not None
    return line, line.along


def _with_direction(rail: Ellipse | Curve, start: Point) -> tuple[Rail, Point]:
    """A rail with its direction at the place nearest to `start`."""
    u = rail.begin(*start)
    step = rail.finest(0.5)
    a, b = rail.place(u - step), rail.place(u + step)
    length = math.dist(a, b)
    return rail, ((b[0] - a[0]) / length, (b[1] - a[1]) / length) if length > 0 else (0.0, 0.0)


def _point(xy: NDArray[np.float64]) -> Point:
    return float(xy[0]), float(xy[1])
