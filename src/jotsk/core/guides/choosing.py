"""Which guide holds a stroke, if it means one; and when a stroke that was taken is free again.

A guide takes a stroke that begins within 20 degrees of one of its directions and, where it lies at a place, within
reach of it; of several, the one nearest in direction. A stroke that bends away is free as a whole. A guide that holds
alone takes everything, and keeps it.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Point, Rail

# All lengths in screen px.
LANDING_PX = 6.0  # a pen that lands may slip so far in any direction
FIRST_PX = 26.0  # what decides: over fewer, tremor of 1.5 px RMS is mistaken for a direction now and then
MOST_OFF_DEG, REACH_PX = 20.0, 40.0  # of a stroke that means a guide
BENT_PX, BENT_DEG, OVER_PX = 40.0, 30.0, 60.0  # sideways, or in direction over so much of its way
# At the lift, sideways against along: a straight stroke that began within 20 degrees goes 0.36; so little is tremor.
SPREAD_SHARE, LEAST_SPREAD_PX = 0.37, 12.0
STEPS = 65


@dataclass(frozen=True, slots=True)
class Held:
    """The guide that holds, by its place in the list, the rail it gives, and whether it keeps whatever it took."""

    index: int
    rail: Rail
    alone: bool = False


def first_motion(xy: NDArray[np.float64], scale: float = 1.0) -> tuple[Point, Point, bool]:
    """Where a stroke begins, in which direction (of length 1, or (0, 0) if it does not move), and if that is decided.

    `xy` (N, 2) are the hand's places, page px; `scale` screen px per page px. The direction is that of the straight
    line nearest to its first px, without the very first, in which a landing pen slips: so neither that nor tremor
    counts for much.
    """
    start = xy[0]
    distance = np.hypot(*(xy - start).T) * scale
    far = np.flatnonzero(distance >= FIRST_PX)
    first = xy[: far[0] + 1] if len(far) else xy
    if len(first) < 2 or not distance[: len(first)].any():
        return _point(start), (0.0, 0.0), False
    landed = np.flatnonzero(distance[: len(first)] >= LANDING_PX)
    few = first[landed[0] :] if len(landed) and len(first) - landed[0] >= 2 else first
    off = few - few.mean(axis=0)
    _, _, axes = np.linalg.svd(off, full_matrices=False)
    towards = axes[0] if axes[0] @ (few[-1] - few[0]) >= 0 else -axes[0]
    return _point(start), _point(towards), bool(len(far))


def can_hold(guides: Sequence[Guide | None]) -> bool:
    """Whether any guide that is on holds the hand."""
    return any(g is not None and g.on and not g.repeats for g in guides)


def holder(guides: Sequence[Guide | None], start: Point, towards: Point, scale: float = 1.0) -> Held | None:
    """The guide that a stroke from `start` on in direction `towards` means; None if it means none that is on.

    `scale` is screen px per page px.
    """
    on = [(k, g) for k, g in enumerate(guides) if g is not None and g.on and not g.repeats]
    alone = [(k, g) for k, g in on if g.alone]
    most_off = math.inf if alone else 1.0 - math.cos(math.radians(MOST_OFF_DEG))
    reach = math.inf if alone else REACH_PX / scale
    best: tuple[float, float, Held] | None = None
    for index, guide in alone or on:
        for rail, along in guide.rails(start, towards):
            off = 1.0 - abs(along[0] * towards[0] + along[1] * towards[1])
            away = math.dist(rail.place(rail.begin(*start)), start)
            if off <= most_off and away <= reach and (best is None or (round(off, 9), away) < best[:2]):
                best = round(off, 9), away, Held(index, rail, bool(alone))
    return best[2] if best else None


class Following:
    """Whether a stroke still follows the rail that took it, sample by sample."""

    def __init__(self, rail: Rail, scale: float) -> None:
        self._rail, self._scale = rail, scale
        self._u: float | None = None
        self._off_at_first = 0.0
        self._way = 0.0  # screen px so far
        self._last = (0.0, 0.0)
        self._window: list[tuple[float, Point, Point]] = []  # way, hand and rail, of the last px

    def bends_away(self, x: float, y: float) -> bool:
        """Take the next place, page px; whether the stroke has left its rail for good."""
        if self._u is None:
            self._u = self._rail.begin(x, y)
            self._last = x, y
        else:
            self._u = self._rail.follow(x, y, self._u)
        on_rail = self._rail.place(self._u)
        off = math.dist(on_rail, (x, y)) * self._scale
        if not self._window:
            self._off_at_first = off
        self._way += math.dist(self._last, (x, y)) * self._scale
        self._last = x, y
        self._window.append((self._way, (x, y), on_rail))
        while len(self._window) > 2 and self._way - self._window[1][0] >= OVER_PX:
            self._window.pop(0)
        return off > BENT_PX + self._off_at_first or self._turned_away()

    def _turned_away(self) -> bool:
        way, hand, rail = self._window[0]
        if self._way - way < OVER_PX:
            return False
        _, hand_now, rail_now = self._window[-1]
        moved = (hand_now[0] - hand[0]) * self._scale, (hand_now[1] - hand[1]) * self._scale
        along = math.dist(rail, rail_now) * self._scale
        length = math.hypot(*moved)
        # Going back on itself, as in hatching, it is on its way along the rail all the same.
        return length > OVER_PX / 2 and along < length * math.cos(math.radians(BENT_DEG))


def means(xy: NDArray[np.float64], rail: Rail, scale: float = 1.0) -> bool:
    """Whether a whole stroke, (N, 2) page px, follows the rail that took it: after the lift all of it decides."""
    following = Following(rail, scale)
    if any(following.bends_away(x, y) for x, y in xy.tolist()):
        return False
    u = rail.measure(np.ascontiguousarray(xy))
    held, step = rail.places(u), min(1.0, rail.finest(1.0))
    forward, away = rail.places(u + step) - rail.places(u - step), xy - held
    side = np.sign(forward[:, 0] * away[:, 1] - forward[:, 1] * away[:, 0])
    sideways = np.ptp(side * np.hypot(*away.T)) * scale
    along = arc_lengths(rail.places(np.linspace(u.min(), u.max(), STEPS)))[-1] * scale  # to and fro counts once
    return bool(sideways <= max(LEAST_SPREAD_PX, SPREAD_SHARE * along))


def _point(xy: NDArray[np.float64]) -> Point:
    return float(xy[0]), float(xy[1])
