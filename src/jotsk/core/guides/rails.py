"""Rails: what one stroke is held to. A guide gives a stroke its rail, which it keeps, so it can be steadied anew."""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from functools import lru_cache
from itertools import pairwise
from typing import Any, Protocol

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import arc_lengths, catmull_rom
from jotsk.core.geometry.spline_kernel import spline_between
from jotsk.core.guides.rail_kernel import (
    REACH_RAD,
    ellipse_angle,
    ellipse_angles,
    followed_along,
    nearest_along,
    next_along,
    place_along,
)

Point = tuple[float, float]
FARTHEST = 1e9
LONGEST_CURVE_PX = 1_000_000
CURVE_STEP_PX = 1.0
MOST_POINTS = 2000
UNDER_THE_PEN_PX = 0.5


class Rail(Protocol):
    """A curve with a measure `u` along it, in which a hand's places become numbers and numbers places.

    `u` is a length in px on lines and curves, and an angle on an ellipse; it is unwound, so that a closed one may be
    gone round more than once.
    """

    def begin(self, x: float, y: float) -> float:
        """The u nearest to where the pen touches down."""

    def follow(self, x: float, y: float, before: float) -> float:
        """The u nearest to the pen, going on from the u before."""

    def measure(self, xy: NDArray[np.float64]) -> NDArray[np.float64]:
        """The u of all (N, 2) places of a hand, one going on from the other."""

    def places(self, u: NDArray[np.float64]) -> NDArray[np.float64]:
        """The (N, 2) places on the rail."""

    def place(self, u: float) -> Point:
        """One of them, quicker."""

    def finest(self, step_px: float) -> float:
        """How far apart two u may be for the rail between them to be at most `step_px` long."""

    @property
    def corners(self) -> NDArray[np.float64]:
        """The u, within one round, where the rail turns sharply."""

    @property
    def round(self) -> float:
        """How much u grows in one round of a closed rail; 0 of an open one."""

    def mapped(self, m: NDArray[np.float64]) -> Rail:
        """The rail on a page whose content was moved by the (2, 3) similarity `m`."""

    def record(self) -> dict[str, Any]: ...


@dataclass(frozen=True, slots=True)
class Line:
    """A straight line through a point, in a direction of length 1."""

    at: Point
    along: Point

    @staticmethod
    def through(a: Point, b: Point) -> Line | None:
        """The line from a to b, exact however far b is; None if they are one point."""
        dx, dy = b[0] - a[0], b[1] - a[1]
        length = math.hypot(dx, dy)
        return Line(a, (dx / length, dy / length)) if length > 1e-9 else None

    @staticmethod
    def at_angle(a: Point, degrees: float) -> Line:
        return Line(a, direction(degrees))

    def begin(self, x: float, y: float) -> float:
        return (x - self.at[0]) * self.along[0] + (y - self.at[1]) * self.along[1]

    def follow(self, x: float, y: float, before: float) -> float:
        return self.begin(x, y)

    def measure(self, xy: NDArray[np.float64]) -> NDArray[np.float64]:
        return (xy - self.at) @ np.array(self.along)

    def places(self, u: NDArray[np.float64]) -> NDArray[np.float64]:
        return np.array(self.at) + np.asarray(u)[:, None] * np.array(self.along)

    def place(self, u: float) -> Point:
        return self.at[0] + u * self.along[0], self.at[1] + u * self.along[1]

    def finest(self, step_px: float) -> float:
        return math.inf  # a straight piece needs no points between

    @property
    def corners(self) -> NDArray[np.float64]:
        return np.zeros(0)

    @property
    def round(self) -> float:
        return 0.0

    def mapped(self, m: NDArray[np.float64]) -> Line:
        at, along = m[:, :2] @ self.at + m[:, 2], m[:, :2] @ self.along
        along = along / np.hypot(*along)
        return Line((float(at[0]), float(at[1])), (float(along[0]), float(along[1])))

    def record(self) -> dict[str, Any]:
        return {"rail": "line", "at": list(self.at), "along": list(self.along)}


@dataclass(frozen=True, slots=True)
class Ellipse:
    """An ellipse by its middle, its two radii in px, and the angle of the first, degrees, 90 pointing up."""

    at: Point
    radii: Point
    angle: float = 0.0

    def _own(self, xy: NDArray[np.float64]) -> NDArray[np.float64]:
        c, s = direction(self.angle)
        d = xy - self.at
        return np.column_stack([d[:, 0] * c + d[:, 1] * s, d[:, 1] * c - d[:, 0] * s])

    def begin(self, x: float, y: float) -> float:
        return self._angle(x, y, 0.0, math.pi)

    def follow(self, x: float, y: float, before: float) -> float:
        return self._angle(x, y, before, REACH_RAD)

    def _angle(self, x: float, y: float, before: float, reach: float) -> float:
        c, s = direction(self.angle)
        x, y = x - self.at[0], y - self.at[1]
        return float(ellipse_angle(x * c + y * s, y * c - x * s, *self.radii, before, reach))

    def measure(self, xy: NDArray[np.float64]) -> NDArray[np.float64]:
        return ellipse_angles(self._own(np.asarray(xy, np.float64)), *self.radii)

    def places(self, u: NDArray[np.float64]) -> NDArray[np.float64]:
        c, s = direction(self.angle)
        x, y = self.radii[0] * np.cos(u), self.radii[1] * np.sin(u)
        return np.column_stack([self.at[0] + x * c - y * s, self.at[1] + x * s + y * c])

    def place(self, u: float) -> Point:
        c, s = direction(self.angle)
        x, y = self.radii[0] * math.cos(u), self.radii[1] * math.sin(u)
        return self.at[0] + x * c - y * s, self.at[1] + x * s + y * c

    def finest(self, step_px: float) -> float:
        return step_px / max(*self.radii, 1e-9)

    @property
    def corners(self) -> NDArray[np.float64]:
        return np.zeros(0)

    @property
    def round(self) -> float:
        return math.tau

    def angles_at(self, lengths: ArrayLike, start: float = 0.0) -> NDArray[np.float64]:
        """The angles at true arc `lengths` from the angle `start`, px; they may go round more than once.

        The length is summed by Simpson's rule over 1/2000 of a turn, and inverted between those.
        """
        table = _ellipse_lengths(*self.radii)
        per_round = table[-1]
        angles = np.linspace(0, math.tau, len(table))
        begin = np.interp(start % math.tau, angles, table) + per_round * math.floor(start / math.tau)
        at = begin + np.asarray(lengths, np.float64)
        turns = np.floor(at / per_round)
        return np.interp(at - turns * per_round, table, angles) + turns * math.tau

    @property
    def length(self) -> float:
        """All the way round, px."""
        return float(_ellipse_lengths(*self.radii)[-1])

    def mapped(self, m: NDArray[np.float64]) -> Ellipse:
        at, size = m[:, :2] @ self.at + m[:, 2], math.sqrt(abs(np.linalg.det(m[:, :2])))
        along = m[:, :2] @ direction(self.angle)
        return Ellipse(
            (float(at[0]), float(at[1])), (self.radii[0] * size, self.radii[1] * size), degrees_of(*along.tolist())
        )

    def record(self) -> dict[str, Any]:
        return {"rail": "ellipse", "at": list(self.at), "radii": list(self.radii), "angle": self.angle}


@dataclass(frozen=True, slots=True)
class Curve:
    """A curve through points: smooth (a centripetal Catmull-Rom spline) or with a corner at each; open or closed. A
    smooth one has a corner at the points whose numbers are in `sharp`."""

    points: tuple[Point, ...]
    closed: bool = False
    smooth: bool = True
    sharp: tuple[int, ...] = ()
    _kept: list[tuple[NDArray[np.float64], NDArray[np.float64]]] = field(
        default_factory=list, init=False, compare=False, repr=False
    )

    def begin(self, x: float, y: float) -> float:
        points, along = self.dense
        return float(nearest_along(float(x), float(y), points, along, self.closed, 0.5 * along[-1], along[-1]))

    def follow(self, x: float, y: float, before: float) -> float:
        points, along = self.dense
        return float(next_along(float(x), float(y), points, along, self.closed, float(before)))

    def measure(self, xy: NDArray[np.float64]) -> NDArray[np.float64]:
        if not len(xy):
            return np.zeros(0)
        points, along = self.dense
        first = self.begin(*xy[0].tolist())
        return followed_along(np.ascontiguousarray(xy, np.float64), points, along, self.closed, first)

    def places(self, u: NDArray[np.float64]) -> NDArray[np.float64]:
        points, along = self.dense
        if self.closed:
            u = np.mod(u, along[-1])
        return np.column_stack([np.interp(u, along, points[:, 0]), np.interp(u, along, points[:, 1])])

    def place(self, u: float) -> Point:
        points, along = self.dense
        x, y = place_along(u % along[-1] if self.closed else u, points, along)
        return float(x), float(y)

    def finest(self, step_px: float) -> float:
        return step_px

    @property
    def corners(self) -> NDArray[np.float64]:
        if self.smooth:
            return self.at_points()[list(self.sharp)] if self.sharp else np.zeros(0)
        return self.dense[1]

    @property
    def round(self) -> float:
        return self.length if self.closed else 0.0

    @property
    def length(self) -> float:
        return float(self.dense[1][-1])

    @property
    def dense(self) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        """(N, 2) points of it at most 1 px apart where it bends, and the length up to each; read-only."""
        if not self._kept:
            self._kept.append(_dense(self))
        return self._kept[0]

    def at_points(self) -> NDArray[np.float64]:
        """The u of each of its points."""
        dense, along = self.dense
        found, at = [0], 0
        for x, y in self.points[1:]:
            reach = 256
            while not len(hits := _equal_to(dense[at : at + reach], x, y)):
                if at + reach >= len(dense):
                    hits = np.array([np.hypot(*(dense[at:] - (x, y)).T).argmin()])
                    break
                reach *= 2
            at += int(hits[0])
            found.append(at)
        return along[found]

    def mapped(self, m: NDArray[np.float64]) -> Curve:
        points = np.array(self.points) @ m[:, :2].T + m[:, 2]
        return Curve(tuple((x, y) for x, y in points.tolist()), self.closed, self.smooth, self.sharp)

    def record(self) -> dict[str, Any]:
        points = [list(p) for p in self.points]
        record = {"rail": "curve", "points": points, "closed": self.closed, "smooth": self.smooth}
        return {**record, "sharp": list(self.sharp)} if self.sharp else record


def direction(degrees: float) -> Point:
    """(x, y) of length 1, y growing downward; exact at every quarter turn."""
    quarter, rest = divmod(degrees, 90.0)
    if rest == 0.0:
        return ((1.0, 0.0), (0.0, -1.0), (-1.0, 0.0), (0.0, 1.0))[int(quarter) % 4]
    return math.cos(math.radians(degrees)), -math.sin(math.radians(degrees))


def degrees_of(x: float, y: float) -> float:
    """The angle of a direction, degrees, 0 pointing right and 90 up."""
    return math.degrees(math.atan2(-y, x))


def rail_to(start: Point, point: Point, towards: Point) -> tuple[Rail, Point]:
    """The line to a point; a stroke that begins on it goes where the hand goes."""
    if math.dist(start, point) > UNDER_THE_PEN_PX:
        line = Line.through(start, point)
    else:
        line = Line(start, towards) if towards != (0.0, 0.0) else Line(start, (1.0, 0.0))
    assert line is not None
    return line, line.along


def with_direction(rail: Ellipse | Curve, start: Point) -> tuple[Rail, Point]:
    """A rail with its direction at the place nearest to `start`."""
    u = rail.begin(*start)
    step = rail.finest(0.5)
    a, b = rail.place(u - step), rail.place(u + step)
    length = math.dist(a, b)
    return rail, ((b[0] - a[0]) / length, (b[1] - a[1]) / length) if length > 0 else (0.0, 0.0)


def rail_from(record: Mapping[str, Any]) -> Rail:
    """Read what `record` wrote. Raises ValueError, KeyError or TypeError."""
    kind = record["rail"]
    if kind == "line":
        x, y = point_from(record["along"])
        line = Line.through((0.0, 0.0), (x, y))
        if line is None:
            raise ValueError("a line has no direction")
        return Line(point_from(record["at"]), line.along)
    if kind == "ellipse":
        p, q = point_from(record["radii"])
        if p <= 0 or q <= 0:
            raise ValueError("an ellipse has no size")
        return Ellipse(point_from(record["at"]), (p, q), number_from(record["angle"]))
    if kind == "curve":
        curve = curve_through(record["points"], closed=bool(record["closed"]), smooth=bool(record["smooth"]))
        sharp = tuple(sorted({int(k) for k in record.get("sharp", ())}))
        if sharp and not 0 <= sharp[0] <= sharp[-1] < len(curve.points):
            raise ValueError("a curve has a corner where it has no point")
        return replace(curve, sharp=sharp) if sharp else curve
    raise ValueError(f"there is no rail called {kind!r}")


def curve_through(points: Any, *, closed: bool = False, smooth: bool = True) -> Curve:
    """A curve through [[x, y], ...]; points that lie on each other count once. Raises ValueError."""
    kept: list[Point] = []
    if not isinstance(points, list | tuple) or len(points) > MOST_POINTS:
        raise ValueError(f"a curve needs a list of at most {MOST_POINTS} points")
    for value in points:
        p = point_from(value)
        if not kept or math.dist(p, kept[-1]) > 1e-6:
            kept.append(p)
    if closed and len(kept) > 1 and math.dist(kept[0], kept[-1]) <= 1e-6:
        kept.pop()
    if len(kept) < (3 if closed else 2):
        raise ValueError("a curve needs two points that are apart, and a closed one three")
    if sum(math.dist(p, q) for p, q in pairwise(kept)) > LONGEST_CURVE_PX:
        raise ValueError(f"a curve is at most {LONGEST_CURVE_PX:,} px long")
    return Curve(tuple(kept), closed, smooth)


def point_from(value: Any) -> Point:
    x, y = value
    return number_from(x), number_from(y)


def number_from(value: Any, low: float = -FARTHEST, high: float = FARTHEST) -> float:
    if isinstance(value, bool) or not isinstance(value, int | float):
        raise ValueError(f"{value!r} is not a number")
    if not low <= value <= high:
        raise ValueError(f"{value} is not between {low:g} and {high:g}")
    return float(value)


def _equal_to(points: NDArray[np.float64], x: float, y: float) -> NDArray[np.intp]:
    """The numbers of the points that lie just there."""
    found = np.flatnonzero(points[:, 0] == x)
    return found[points[found, 1] == y]


def _dense(curve: Curve) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    p = np.array(curve.points)
    if not curve.smooth:
        points = np.concatenate([p, p[:1]]) if curve.closed else p
    elif curve.sharp:
        points = _with_corners(p, curve.closed, curve.sharp)
    elif curve.closed:
        around = np.concatenate([p[-2:], p, p[:3]])  # so that the seam is as smooth as the rest
        points = spline_between(around, 2, len(p) + 2, CURVE_STEP_PX, 0.0, 0.0)
        points[-1] = points[0]
    else:
        points = catmull_rom(p, CURVE_STEP_PX)
    along = arc_lengths(points)
    for array in (points, along):
        array.setflags(write=False)
    return points, along


def _with_corners(p: NDArray[np.float64], closed: bool, sharp: tuple[int, ...]) -> NDArray[np.float64]:
    """Smooth from one corner to the next; a closed curve begins and ends at its first point all the same."""
    if closed:  # from the first corner all round, then turned back to begin at the first point
        turned = np.roll(p, -sharp[0], axis=0)
        stops = [k - sharp[0] for k in sharp] + [len(p)]
        runs = [np.concatenate([turned, turned[:1]])[a : b + 1] for a, b in pairwise(stops)]
    else:
        stops = sorted({0, *sharp, len(p) - 1})
        runs = [p[a : b + 1] for a, b in pairwise(stops)]
    pieces = [catmull_rom(run, CURVE_STEP_PX) if len(run) > 2 else run for run in runs]
    points = np.concatenate([pieces[0], *(piece[1:] for piece in pieces[1:])])
    if closed and sharp[0]:
        first = int(np.flatnonzero((points == p[0]).all(axis=1))[0])
        points = np.concatenate([points[first:-1], points[: first + 1]])
    return points


@lru_cache(maxsize=64)
def _ellipse_lengths(p: float, q: float) -> NDArray[np.float64]:
    """Arc length up to every 1/2000 of a turn."""
    u = np.linspace(0, math.tau, 4001)
    speed = np.hypot(p * np.sin(u), q * np.cos(u))
    pieces = (speed[:-2:2] + 4 * speed[1:-1:2] + speed[2::2]) * (u[1] - u[0]) / 3
    return np.concatenate([[0.0], np.cumsum(pieces)])
