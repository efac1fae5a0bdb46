"""A line that is placed point by point before it is inked, and ready shapes between two points."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np
from numpy.typing import ArrayLike

from jotsk.core.errors import Refused
from jotsk.core.geometry import arc_lengths
from jotsk.core.guides.few_points_kernel import few_indices
from jotsk.core.guides.holding import Hold
from jotsk.core.guides.rails import Curve, Ellipse, Line, Point, degrees_of, direction
from jotsk.core.hand import Trace, trace_from
from jotsk.core.runtime.computed import computed
from jotsk.core.words import tr

SHAPES = ("box", "circle", "polygon", "arc")
SIDES, LEAST_SIDES, MOST_SIDES = 6, 3, 24
LEAST_BULGE, MOST_BULGE = 0.02, 1.0
ENDS_PRESSURE, MIDDLE_PRESSURE, EVEN_PRESSURE = 0.3, 1.0, 0.75
PACE_PX_S = 600.0  # of the hand that would draw it, for what time is asked for
SAMPLE_PX = 6.0
SPARING_ROUNDS = 2
MOST_FEW = 300
MOST_POINTS, LONGEST_PX = 200, 200_000  # what is bent and inked at once
ARC_BULGE = 0.5  # height of a ready arc to half its chord


@dataclass(frozen=True)
class Draft:
    """Points in page px, joined smoothly or with a corner at each, open or closed; or all joined to the first. A smooth
    line has corners at the points in `sharp`."""

    points: tuple[Point, ...] = ()
    closed: bool = False
    smooth: bool = True
    fan: bool = False
    sharp: frozenset[int] = frozenset()

    @computed
    def curve(self) -> Curve | None:
        """The line through the points; None while there is none."""
        if len(self.points) < 2 or len(set(self.points)) < 2:
            return None
        closed = self.closed and len(self.points) > 2
        inner = [k for k in sorted(self.sharp) if closed or 0 < k < len(self.points) - 1]
        return Curve(self.points, closed, self.smooth, tuple(inner) if self.smooth else ())

    @property
    def holds(self) -> list[Hold]:
        """What the strokes that ink it are held to, each from end to end: one, or those of a fan."""
        curve = self.curve
        if curve is None:
            return []
        if not self.fan:
            return [Hold(curve, (0.0, curve.length))]
        first = self.points[0]
        lines = [(Line.through(first, p), math.dist(first, p)) for p in self.points[1:]]
        return [Hold(line, (0.0, far)) for line, far in lines if line is not None]

    def nearest(self, at: Point, within: float) -> int | None:
        """The point nearest to a place, at most `within` px away."""
        away = [(math.dist(p, at), k) for k, p in enumerate(self.points)]
        far, k = min(away, default=(math.inf, 0))
        return k if far <= within else None

    def extended(self, at: Point) -> Draft:
        """With one more point; raises Refused if it has as many as it can, or would be too long."""
        if len(self.points) >= MOST_POINTS:
            raise Refused(
                tr("A draft has at most {most_points} points; ink it, and go on from its end.", most_points=MOST_POINTS)
            )
        if sum(math.dist(a, b) for a, b in pairwise((*self.points, at))) > LONGEST_PX:
            raise Refused(
                tr("A draft is at most {longest_px:,} px long; ink it, and go on from its end.", longest_px=LONGEST_PX)
            )
        return replace(self, points=(*self.points, at))

    def moved(self, k: int, to: Point) -> Draft:
        return replace(self, points=(*self.points[:k], to, *self.points[k + 1 :]))

    def without(self, k: int) -> Draft:
        points = (*self.points[:k], *self.points[k + 1 :])
        sharp = frozenset(j - (j > k) for j in self.sharp if j != k)
        return replace(self, points=points, closed=self.closed and len(points) > 2, sharp=sharp)

    def with_corner(self, k: int, sharp: bool) -> Draft:
        """With a corner at a point, or smooth there."""
        return replace(self, sharp=self.sharp | {k} if sharp else self.sharp - {k})

    def bent_at(self, at: Point, within: float) -> tuple[Draft, int] | None:
        """With one more point where the line passes a place, and its number; None if it passes farther off."""
        curve = self.curve
        if curve is None:
            return None
        u = curve.begin(*at)
        x, y = curve.places(np.array([u]))[0].tolist()
        if math.dist((x, y), at) > within:
            return None
        k = 1 + int((curve.at_points()[1:] < u).sum())
        sharp = frozenset(j + (j >= k) for j in self.sharp)
        return replace(self, points=(*self.points[:k], (x, y), *self.points[k:]), sharp=sharp), k


@dataclass(frozen=True)
class ReadyShape:
    """A shape between two points, page px: a box or an arc from a to b, a circle or polygon about a.

    A box is square if `even`, and upright in a view turned by `turned_deg`; a polygon has so many `sides`; `bulge` is
    the height of an arc to half its chord.
    """

    kind: str
    a: Point
    b: Point
    even: bool = False
    sides: int = SIDES
    bulge: float = ARC_BULGE
    turned_deg: float = 0.0

    @property
    def hold(self) -> Hold | None:
        """What the stroke that inks it is held to; None if it is nothing."""
        if self.kind == "box":
            return _box(self.a, self.b, self.even, self.turned_deg)
        return ready_shape(self.kind, self.a, self.b, sides=self.sides, bulge=self.bulge)


def _box(a: Point, b: Point, even: bool, turned_deg: float) -> Hold | None:
    x, y = direction(turned_deg)
    dx, dy = b[0] - a[0], b[1] - a[1]
    across, down = dx * x + dy * y, dy * x - dx * y
    if even:
        side = max(abs(across), abs(down))
        across, down = math.copysign(side, across), math.copysign(side, down)
    if not turned_deg and not even:
        return ready_shape("box", a, b)
    if min(abs(across), abs(down)) < 1.0:
        return ready_shape("box", a, (a[0], b[1])) if abs(across) < 1.0 else None
    corners = ((0.0, 0.0), (across, 0.0), (across, down), (0.0, down))
    curve = Curve(tuple((a[0] + u * x - v * y, a[1] + u * y + v * x) for u, v in corners), True, False)
    return Hold(curve, (0.0, curve.length))


def ready_shape(kind: str, a: Point, b: Point, *, sides: int = SIDES, bulge: float = ARC_BULGE) -> Hold | None:
    """A shape by dragging: a box or an arc from a to b, a circle or polygon about a; None if that is nothing."""
    far = math.dist(a, b)
    if far < 1.0:
        return None
    angle = degrees_of(b[0] - a[0], b[1] - a[1])
    if kind == "circle":
        return Hold(Ellipse(a, (far, far), angle), (0.0, math.tau))
    if kind == "arc":
        half, height = far / 2, bulge * far / 2
        radius = (half * half + height * height) / (2 * height)
        middle = ((a[0] + b[0]) / 2, (a[1] + b[1]) / 2)
        x, y = direction(angle - 90.0)
        center = middle[0] + x * (radius - height), middle[1] + y * (radius - height)
        circle = Ellipse(center, (radius, radius))
        first = circle.begin(*a)
        turn = 2 * math.asin(half / radius)
        # The shorter way from a to b.
        second = first + math.remainder(circle.begin(*b) - first, math.tau)
        return Hold(circle, (first, first + math.copysign(turn, second - first)))
    if kind == "polygon":
        corners = [direction(angle + 360.0 * k / sides) for k in range(sides)]
        points = tuple((a[0] + far * x, a[1] + far * y) for x, y in corners)
    elif abs(b[0] - a[0]) < 1.0 or abs(b[1] - a[1]) < 1.0:
        line = Line.through(a, b)
        return Hold(line, (0.0, far)) if line else None
    else:
        points = (a, (b[0], a[1]), b, (a[0], b[1]))
    curve = Curve(points, True, False)
    return Hold(curve, (0.0, curve.length))


def hand_along(hold: Hold, pressure: float | None = None) -> Trace:
    """The motion of a hand that follows a hold from end to end at an even pace. Unless a pressure is given it swells
    from the ends to the middle; what is closed has no ends, and one pressure."""
    assert hold.span is not None
    rail = hold.rail
    first, last = hold.span
    rough = rail.places(np.linspace(first, last, 400))
    length = float(np.hypot(*np.diff(rough, axis=0).T).sum())
    n = max(2, min(20_000, math.ceil(length / SAMPLE_PX)))
    places = rail.places(np.linspace(first, last, n))
    if pressure is None:
        is_closed = bool(rail.round) and abs(last - first) >= rail.round * (1 - 1e-9)
        swell = np.sin(np.linspace(0, np.pi, n))
        force = EVEN_PRESSURE if is_closed else ENDS_PRESSURE + (MIDDLE_PRESSURE - ENDS_PRESSURE) * swell
    else:
        force = pressure
    return trace_from(np.linspace(0, max(0.05, length / PACE_PX_S), n), places[:, 0], places[:, 1], force)


def few_points(line: ArrayLike, off_px: float) -> tuple[Point, ...]:
    """As few points of a (N, 2) line as a smooth curve through them needs to stay within `off_px` of it."""
    p = np.ascontiguousarray(line, np.float64)
    if len(p) < 2:
        return tuple((x, y) for x, y in p.tolist())
    chosen = few_indices(p, arc_lengths(p), float(off_px), MOST_FEW, SPARING_ROUNDS)
    return tuple((x, y) for x, y in p[chosen].tolist())


def offset_curve(curve: Curve, by_px: float) -> tuple[Point, ...]:
    """Points of a curve beside another, `by_px` to the left as it runs (y grows downward), as few as are needed.

    Where the curve bends more tightly than that, its offset would turn back on itself; such pieces are left out.
    """
    dense, along = curve.dense
    u = np.linspace(0, along[-1], max(8, int(along[-1] / 4)))
    places = np.column_stack([np.interp(u, along, dense[:, k]) for k in (0, 1)])
    slope = np.gradient(places, axis=0)
    slope /= np.maximum(np.hypot(*slope.T), 1e-12)[:, None]
    beside = places + by_px * np.column_stack([slope[:, 1], -slope[:, 0]])
    forward = (np.diff(beside, axis=0) * slope[:-1]).sum(axis=1) > 0
    kept = beside[np.append(forward, True)]
    gap = np.array([np.hypot(*(places - p).T).min() for p in kept])
    return few_points(kept[gap > abs(by_px) - 0.5], 0.25)
