"""Where a line is crossed, edge to edge: while its middle runs through the ink of another."""

from __future__ import annotations

from collections.abc import Iterable
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.ink.ribbon import Ribbon
from jotsk.core.marks import Stroke
from jotsk.core.mend.gap_kernel import gaps

ROUNDS = 24  # of halving, to a hundredth of a millionth of a step
CHUNK, NEAR_PX = 256, 3.0  # points looked at together; steps of a ribbon are no longer


class Crossing(NamedTuple):
    """The times at which the middle of a line enters the ink of another and leaves it."""

    enters: float
    leaves: float


def crossings(stroke: Stroke, others: Iterable[Stroke]) -> list[Crossing]:
    """All crossings of a stroke's own line with other strokes, in the order of their times; what touches is one."""
    found: list[Crossing] = []
    area = stroke.own_ribbon.bounds
    x0, y0, x1, y1 = area.x0, area.y0, area.x1, area.y1
    for other in others:
        if other.uid == stroke.uid:
            found += self_crossings(stroke)
            continue
        bounds = other.bounds  # compared one by one: of thousands nearly all lie elsewhere
        if bounds.x0 < x1 and bounds.x1 > x0 and bounds.y0 < y1 and bounds.y1 > y0:
            found += _with_ribbon(stroke.own_ribbon, other.ribbon)
    found.sort()
    merged: list[Crossing] = []
    for one in found:
        if merged and one.enters <= merged[-1].leaves:
            merged[-1] = Crossing(merged[-1].enters, max(merged[-1].leaves, one.leaves))
        else:
            merged.append(one)
    return merged


def _with_ribbon(line: Ribbon, other: Ribbon) -> list[Crossing]:
    found = []
    for start, stop in line.pieces:
        points, times = line.points[start:stop].astype(np.float64), line.times[start:stop]
        gap = np.full(len(points), np.inf)
        near = _near(points, other.points)
        if not near.any():
            continue
        shapes = [other.points[a:b].astype(np.float64) for a, b in other.pieces if b > a]
        for shape in shapes:
            gap[near] = np.minimum(gap[near], gaps(points[near, :2].copy(), shape))
        found += [
            Crossing(_edge(points, times, shapes, a, -1), _edge(points, times, shapes, b, +1))
            for a, b in _runs(gap < 0)
        ]
    return found


def self_crossings(stroke: Stroke) -> list[Crossing]:
    """Where a line runs through its own ink again, away from where it is just going on."""
    line, found = stroke.own_ribbon, []
    for start, stop in line.pieces:
        points, times = line.points[start:stop].astype(np.float64), line.times[start:stop]
        along, reach = arc_lengths(points[:, :2]), 3.0 * float(points[:, 2].max()) + 6.0
        inside = np.zeros(len(points), np.bool_)
        for k in _may_meet_again(points, along, reach):
            far = np.abs(along - along[k]) > reach
            for a, b in _runs(far):
                if b > a and gaps(points[k : k + 1, :2].copy(), points[a : b + 1].copy())[0] < 0:
                    inside[k] = True
        found += [Crossing(float(times[a]), float(times[b])) for a, b in _runs(inside)]
    return found


def _may_meet_again(points: NDArray[np.float64], along: NDArray[np.float64], reach: float) -> NDArray[np.intp]:
    """The points of a line that lie near one of it that is farther along than `reach`; most lines have none."""
    found = []
    for first in range(0, len(points), CHUNK):
        part = slice(first, first + CHUNK)
        gap = np.hypot(points[part, None, 0] - points[:, 0], points[part, None, 1] - points[:, 1]) - points[:, 2]
        far = np.abs(along[part, None] - along) > reach
        found.append(first + np.flatnonzero((far & (gap < NEAR_PX)).any(axis=1)))
    return np.concatenate(found) if found else np.zeros(0, np.intp)


def _near(points: NDArray[np.float64], other: NDArray[np.float32]) -> NDArray[np.bool_]:
    low, high = other[:, :2].min(axis=0) - other[:, 2].max(), other[:, :2].max(axis=0) + other[:, 2].max()
    return ((points[:, :2] >= low - 4.0) & (points[:, :2] <= high + 4.0)).all(axis=1)


def _runs(inside: NDArray[np.bool_]) -> list[tuple[int, int]]:
    """First and last index of every run of True."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], inside, [False]]).astype(np.int8)))
    return [(int(a), int(b) - 1) for a, b in edges.reshape(-1, 2)]


def _edge(
    points: NDArray[np.float64], times: NDArray[np.float64], shapes: list[NDArray[np.float64]], k: int, way: int
) -> float:
    """The time between point k, which is inside, and the next one that way, at which the edge is passed."""
    j = k + way
    if not 0 <= j < len(points):
        return float(times[k])
    low, high = 0.0, 1.0
    for _ in range(ROUNDS):
        share = (low + high) / 2
        place = (points[k] + share * (points[j] - points[k]))[None, :2].copy()
        if min(gaps(place, shape)[0] for shape in shapes) < 0:
            low = share
        else:
            high = share
    return float(times[k] + (low + high) / 2 * (times[j] - times[k]))
