"""Where a line is crossed, edge to edge: while its middle runs through the ink of another."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.marks import Stroke
from jotsk.core.mend.gap_kernel import STRETCH, edges, in_own_ink

MOST_EDGES = 10_000


class Crossing(NamedTuple):
    """The times at which the middle of a line enters the ink of another and leaves it."""

    enters: float
    leaves: float


def crossings(stroke: Stroke, others: Iterable[Stroke]) -> list[Crossing]:
    """All crossings of a stroke's own line with other strokes, in the order of their times; what touches is one."""
    return Crossed(stroke, Inked(others)).all()


class Inked:
    """The inked shapes of strokes, which lines are looked for crossings with."""

    def __init__(self, strokes: Iterable[Stroke]) -> None:
        shapes: list[NDArray[np.float32]] = []
        owners: list[int] = []
        for stroke in strokes:
            ribbon = stroke.ribbon
            for a, b in ribbon.pieces:
                if b > a:
                    shapes.append(ribbon.points[a:b])
                    owners.append(stroke.uid)
        lengths = np.array([len(shape) for shape in shapes], np.int64)
        self.shapes = np.concatenate(shapes).astype(np.float64) if shapes else np.zeros((0, 3))
        self.rows, self.boxes, counts = _stretches(self.shapes, lengths)
        self.owners = np.repeat(np.array(owners, np.int64), counts)


class Crossed:
    """A stroke among the inked shapes of others. If it is one of them itself, its own ink, away from where it is just
    going on, crosses it too."""

    def __init__(self, stroke: Stroke, inked: Inked) -> None:
        self._ribbon, self._shapes = stroke.own_ribbon, inked.shapes
        is_own = inked.owners == stroke.uid
        self._own = self_crossings(stroke) if is_own.any() else []
        area, boxes = self._ribbon.bounds, inked.boxes
        near = (boxes[:, :2] < (area.x1, area.y1)).all(axis=1) & (boxes[:, 2:] > (area.x0, area.y0)).all(axis=1)
        self._rows, self._boxes = inked.rows[near & ~is_own], boxes[near & ~is_own]

    def all(self) -> list[Crossing]:
        found = list(self._own)
        for start, stop in self._ribbon.pieces:
            if stop - start < 2:
                continue
            times = self._ribbon.times[start:stop]
            inside, at = self._edges(start, stop, 0.0, 1, MOST_EDGES)
            ends = [0.0] if inside else []
            ends += at.tolist()
            if len(ends) % 2:
                ends.append(float(stop - start - 1))
            moments = [_time(times, u) for u in ends]
            found += [Crossing(*pair) for pair in zip(moments[::2], moments[1::2], strict=True)]
        return _merged(found)

    def around(self, t: float) -> tuple[Crossing | None, Crossing | None]:
        """The last crossing that ends before a time, and the first that begins after it."""
        if len(self._ribbon.pieces) == 1 and not self._own and len(self._ribbon.points) > 1:
            return self._next(t, -1), self._next(t, 1)
        found = self.all()
        before, after = [c for c in found if c.leaves <= t], [c for c in found if c.enters >= t]
        return (before[-1] if before else None), (after[0] if after else None)

    def _next(self, t: float, way: int) -> Crossing | None:
        times = self._ribbon.times
        at = float(np.interp(t, times, np.arange(len(times))))
        inside, found = self._edges(0, len(times), at, way, 3)
        ends = [_time(times, u) for u in found[1 if inside else 0 :].tolist()][:2]
        if not ends:
            return None
        if len(ends) == 1:  # the line ends inside
            ends.append(float(times[-1] if way > 0 else times[0]))
        return Crossing(min(ends), max(ends))

    def _edges(self, start: int, stop: int, at: float, way: int, most: int) -> tuple[bool, NDArray[np.float64]]:
        if not len(self._boxes):
            return False, np.zeros(0)
        points = self._ribbon.points[start:stop, :2].astype(np.float64)
        return edges(points, at, way, most, self._shapes, self._rows, self._boxes)


def self_crossings(stroke: Stroke) -> list[Crossing]:
    """Where a line runs through its own ink again, away from where it is just going on."""
    line, found = stroke.own_ribbon, []
    for start, stop in line.pieces:
        points, times = line.points[start:stop].astype(np.float64), line.times[start:stop]
        along, reach = arc_lengths(points[:, :2]), 3.0 * float(points[:, 2].max()) + 6.0
        inside = in_own_ink(points, along, reach)
        found += [Crossing(float(times[a]), float(times[b])) for a, b in _runs(inside)]
    return found


def _merged(found: list[Crossing]) -> list[Crossing]:
    merged: list[Crossing] = []
    for one in sorted(found):
        if merged and one.enters <= merged[-1].leaves:
            merged[-1] = Crossing(merged[-1].enters, max(merged[-1].leaves, one.leaves))
        else:
            merged.append(one)
    return merged


def _stretches(
    shapes: NDArray[np.float64], lengths: NDArray[np.int64]
) -> tuple[NDArray[np.int64], NDArray[np.float64], NDArray[np.int64]]:
    """Every stretch of shapes of so many rows: its first row and the one after its last, which stretches share; its
    box; and how many each shape has."""
    counts = np.maximum(1, -(-(lengths - 1) // STRETCH))
    if not len(lengths):
        return np.zeros((0, 2), np.int64), np.zeros((0, 4)), counts
    ends = np.cumsum(lengths)
    within = np.arange(counts.sum()) - np.repeat(np.cumsum(counts) - counts, counts)
    starts = np.repeat(ends - lengths, counts) + within * STRETCH
    where = np.column_stack([starts, np.minimum(starts + STRETCH + 1, np.repeat(ends, counts))])
    low, high = shapes[:, :2] - shapes[:, 2:], shapes[:, :2] + shapes[:, 2:]
    last = where[:, 1] - 1
    low = np.minimum(np.minimum.reduceat(low, starts), low[last])
    high = np.maximum(np.maximum.reduceat(high, starts), high[last])
    return where, np.concatenate([low, high], axis=1), counts


def _time(times: NDArray[np.float64], u: float) -> float:
    return float(np.interp(u, np.arange(len(times)), times))


def _runs(inside: NDArray[np.bool_]) -> list[tuple[int, int]]:
    """First and last index of every run of True."""
    changes = np.flatnonzero(np.diff(np.concatenate([[False], inside, [False]]).astype(np.int8)))
    return [(int(a), int(b) - 1) for a, b in changes.reshape(-1, 2)]
