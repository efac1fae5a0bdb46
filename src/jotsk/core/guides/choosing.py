"""Which guide holds a stroke: of those that are on, the one nearest in direction to the stroke's first few px."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.guides.guide import Guide
from jotsk.core.guides.rails import Point, Rail

FIRST_PX = 20.0  # screen px that decide: over fewer, tremor of 1.5 px RMS is mistaken for a direction now and then


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
        for rail, along in guide.rails(start, towards):
            off = 1.0 - abs(along[0] * towards[0] + along[1] * towards[1])
            u = rail.begin(*start)
            away = math.dist(rail.place(u), start)
            if best is None or (round(off, 9), away) < best[:2]:
                best = round(off, 9), away, Held(index, rail)
    return best[2] if best else None


def _point(xy: NDArray[np.float64]) -> Point:
    return float(xy[0]), float(xy[1])
