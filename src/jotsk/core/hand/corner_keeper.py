"""Corners, kept while the line is still being drawn.

A steadied line trails behind the hand, so when the hand has turned a corner the ink has not been there yet. That is the
chance: as soon as the turn is certain, the ink is led to the corner itself, and steadied anew from there on.
"""

from __future__ import annotations

import math
from collections import deque

from jotsk.core.hand.steady_now import Stabilizer
from jotsk.core.hand.trace import Sample

REACH_PX = 14.0  # screen px the hand must have gone on either side
SMALLEST_TURN_COS = math.cos(math.radians(50.0))
SLOW_SHARE = 0.4
MEMORY_S = 0.5
SMOOTH_S = 0.03

Moment = tuple[Sample, float, float, float]  # a sample, its smoothed x and y, the speed there


class CornerKeeper:
    """Passes samples to a stabilizer, and leads its line through every corner."""

    def __init__(self, inner: Stabilizer, scale: float = 1.0) -> None:
        self._inner = inner
        self._reach = REACH_PX / scale
        self._recent: deque[Moment] = deque()
        self._slowest: Moment | None = None  # since the last corner, or since the hand last went far without one
        self._ink: Sample | None = None  # where the line is

    def push(self, sample: Sample) -> list[Sample]:
        self._remember(sample)
        corner = self._corner()
        if corner is None:
            out = self._inner.push(sample)
        else:
            out = self._through(corner)
        self._ink = out[-1]
        return out

    def finish(self) -> list[Sample]:
        return self._inner.finish()

    def restart(self, at: Sample) -> None:
        self._recent.clear()
        self._slowest = None
        self._inner.restart(at)
        self._ink = at

    def _remember(self, sample: Sample) -> None:
        """Keep a lightly smoothed copy of the last moments: tremor has corners of its own."""
        recent = self._recent
        if not recent:
            recent.append((sample, sample.x, sample.y, 0.0))
            return
        last, x, y, _ = recent[-1]
        dt = max(1e-6, sample.t - last.t)
        k = 1 - math.exp(-dt / SMOOTH_S)
        sx, sy = x + k * (sample.x - x), y + k * (sample.y - y)
        recent.append((sample, sx, sy, math.hypot(sx - x, sy - y) / dt))
        while sample.t - recent[0][0].t > MEMORY_S:
            recent.popleft()

    def _corner(self) -> int | None:
        """Index of a corner the hand has just left by the reach, or None."""
        _, x, y, speed = self._recent[-1]
        slowest = self._slowest
        if slowest is None or speed <= slowest[3]:
            self._slowest = self._recent[-1]
            return None
        out_x, out_y = x - slowest[1], y - slowest[2]
        out = math.hypot(out_x, out_y)
        if out < self._reach or (slowest[3] > SLOW_SHARE * speed and out < 2 * self._reach):
            return None
        self._slowest = self._recent[-1]
        if slowest[3] > SLOW_SHARE * speed:
            return None
        return self._turned_at(slowest, out_x / out, out_y / out)

    def _turned_at(self, slowest: Moment, out_x: float, out_y: float) -> int | None:
        """Whether the hand had come to its slowest moment from clearly another direction."""
        recent = self._recent
        at = next((k for k in range(len(recent) - 1, -1, -1) if recent[k] is slowest), -1)
        for j in range(at - 1, -1, -1):
            in_x, in_y = slowest[1] - recent[j][1], slowest[2] - recent[j][2]
            length = math.hypot(in_x, in_y)
            if length >= self._reach:
                arriving = length / max(1e-6, slowest[0].t - recent[j][0].t)
                turned = in_x * out_x + in_y * out_y < SMALLEST_TURN_COS * length
                return at if turned and slowest[3] < SLOW_SHARE * arriving else None
        return None

    def _through(self, at: int) -> list[Sample]:
        """The ink goes straight to the corner, and what came after it is steadied from there."""
        recent = list(self._recent)
        corner = recent[at][0]._replace(x=recent[at][1], y=recent[at][2])
        now = recent[-1][0].t
        ink = self._ink or corner
        out = [corner._replace(t=ink.t + 1e-4)]
        self._inner.restart(corner)
        later: list[Sample] = []
        for sample, *_ in recent[at + 1 :]:
            later += self._inner.push(sample)
        span = max(1e-6, now - ink.t - 1e-4)
        # All of it happens between the last sample and this one.
        out += [s._replace(t=ink.t + 1e-4 + span * (k + 1) / len(later)) for k, s in enumerate(later)]
        kept = self._recent[at]
        self._recent = deque([kept, *recent[at + 1 :]])
        return out
