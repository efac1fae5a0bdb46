"""A steadied line held to a rail: the sideways motion is taken away, the motion along it and the pressure stay."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.guides.rails import Curve, Ellipse, Rail, number_from, rail_from
from jotsk.core.hand import Sample, Trace

STEP_PX = 2.0  # a spline through places this close on a bend of 10 px stays within 0.05 px of it
CLOSES_SHARE = 0.03  # a closed rail gone round but for so much of it, or so much too far, closes
MOST_STEPS = 200_000


@dataclass(frozen=True, slots=True)
class Hold:
    """A rail, and how a line comes to lie on it.

    Without `span` each place goes to the nearest of the rail. With it the line is laid out along u from span[0] to
    span[1] in the proportions of its length: a shape that a stroke settled into.
    """

    rail: Rail
    span: tuple[float, float] | None = None

    def mapped(self, m: NDArray[np.float64]) -> Hold:
        """The hold on a page whose content was moved by the (2, 3) similarity `m`."""
        rail = self.rail.mapped(m)
        span = self.span
        if span is not None and isinstance(rail, Curve) and isinstance(self.rail, Curve):
            share = rail.length / self.rail.length
            span = span[0] * share, span[1] * share
        return Hold(rail, span)

    def record(self) -> dict[str, Any]:
        return {**self.rail.record(), "span": list(self.span) if self.span else None}


def hold_from(record: Mapping[str, Any]) -> Hold:
    """Read what `record` wrote. Raises ValueError, KeyError or TypeError."""
    span = record.get("span")
    if span is None:
        return Hold(rail_from(record))
    first, last = (number_from(v) for v in span)
    return Hold(rail_from(record), (first, last))


def held_line(line: Trace, hold: Hold) -> Trace:
    """Return `line` on its rail, with samples close enough for the line between them to lie on it too.

    Times, pressure and tilt are those of the hand, and linear between its samples.
    """
    n = len(line)
    if not n:
        return line
    rail, rows = hold.rail, line.samples
    if hold.span is None:
        u = rail.measure(np.ascontiguousarray(line.xy))
        _close_into(u, rail.round)
    else:
        u = _laid_out(line.xy, rail, *hold.span)
    at = _stops(u, rail)
    index = np.arange(n)
    columns = [np.interp(at, index, column) for column in (line.t, *rows[:, 3:].T)]
    places = rail.places(np.interp(at, index, u))
    return Trace(np.column_stack([columns[0], places, *columns[1:]]))


def _laid_out(xy: NDArray[np.float64], rail: Rail, first: float, last: float) -> NDArray[np.float64]:
    along = arc_lengths(xy)
    share = along / along[-1] if along[-1] > 0 else np.linspace(0, 1, len(along))
    if isinstance(rail, Ellipse):  # equal shares of its length are not equal angles
        begin = rail.angles_at(0.0, first)
        total = _ellipse_length(rail, float(begin), last - first + float(begin))
        return rail.angles_at(share * total, first)
    return first + share * (last - first)


def _ellipse_length(rail: Ellipse, first: float, last: float) -> float:
    """Arc length from one angle to another, negative backwards."""
    u = np.linspace(first, last, 2001)
    return float(np.sign(last - first) * arc_lengths(rail.places(u))[-1])


def _close_into(u: NDArray[np.float64], full: float) -> None:
    """Let a line that goes once round a closed rail, or almost, end exactly where it began."""
    if full and abs(abs(u[-1] - u[0]) - full) <= CLOSES_SHARE * full:
        wanted = np.copysign(full, u[-1] - u[0])
        u[:] = u[0] + (u - u[0]) * (wanted / (u[-1] - u[0]))


def _stops(u: NDArray[np.float64], rail: Rail) -> NDArray[np.float64]:
    """Where along the samples (as a fractional index) the held line has a sample: at each, at corners, and between."""
    n = len(u)
    if n < 2:
        return np.zeros(n)
    steps = np.abs(np.diff(u))
    finest = max(rail.finest(STEP_PX), steps.sum() / MOST_STEPS)
    counts = np.maximum(1, np.ceil(steps / finest)).astype(np.int64) if np.isfinite(finest) else np.ones(n - 1, int)
    first = np.repeat(np.arange(n - 1), counts)
    part = np.arange(len(first)) - np.repeat(np.cumsum(counts) - counts, counts)
    at = np.append(first + part / counts[first], n - 1.0)
    corners = rail.corners
    if len(corners):
        full = rail.round
        if full:
            turns = np.arange(np.floor(u.min() / full), np.floor(u.max() / full) + 1)
            corners = (corners[None, :] + full * turns[:, None]).ravel()
        at = np.unique(np.concatenate([at, *(_crossings(u, c) for c in np.unique(corners))]))
    return at


def _crossings(u: NDArray[np.float64], corner: float) -> NDArray[np.float64]:
    """The fractional indices at which the line passes `corner`."""
    a, b = u[:-1] - corner, u[1:] - corner
    passes = np.flatnonzero((a * b < 0) & (a != b))
    return passes + a[passes] / (a[passes] - b[passes])


class LiveHold:
    """`held_line` sample by sample while the pen is down."""

    def __init__(self, rail: Rail) -> None:
        self._rail = rail
        self._u: float | None = None
        self._last: Sample | None = None

    def push(self, sample: Sample) -> list[Sample]:
        """The held samples up to the one that came."""
        u = self._at(sample)
        before, last = self._u, self._last
        self._u, self._last = u, sample
        finest = self._rail.finest(STEP_PX)
        if before is None or last is None or abs(u - before) <= finest:
            return [self._placed(sample, u)]
        count = min(1000, int(abs(u - before) / finest) + 1)
        held = []
        for k in range(1, count + 1):
            share = k / count
            x, y = self._rail.place(before + share * (u - before))
            between = [a + share * (b - a) for a, b in zip(last, sample, strict=True)]
            held.append(Sample(between[0], x, y, *between[3:]))
        return held

    def peek(self, sample: Sample) -> Sample:
        """Where the pen is on the rail; nothing is remembered."""
        return self._placed(sample, self._at(sample))

    def _at(self, sample: Sample) -> float:
        if self._u is None:
            return self._rail.begin(sample.x, sample.y)
        return self._rail.follow(sample.x, sample.y, self._u)

    def _placed(self, sample: Sample, u: float) -> Sample:
        x, y = self._rail.place(u)
        return Sample(sample.t, x, y, sample.pressure, sample.tilt_x, sample.tilt_y)
