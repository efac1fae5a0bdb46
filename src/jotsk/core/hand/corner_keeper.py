"""Corners, kept while the line is still being drawn.

A steadied line trails behind the hand, so when the hand has turned a corner the ink has not been there yet. That is the
chance: as soon as the turn is certain, the ink is led to the corner itself, and steadied anew from there on.
"""

from __future__ import annotations

import math
from collections import deque

from jotsk.core.hand.steady_now import Stabilizer, followed
from jotsk.core.hand.trace import Sample

REACH_PX = 14.0  # screen px the hand must have gone on either side
SMALLEST_TURN_COS = math.cos(math.radians(50.0))
SLOW_SHARE = 0.4
MEMORY_S = 0.5
SMOOTH_S, STEP_S = 0.03, 0.004

Moment = tuple[Sample, float, float, float]  # a sample, its smoothed x and y, the speed there


class CornerKeeper:
    """Passes samples to a stabilizer, and leads its line through every corner."""

    def __init__(self, inner: Stabilizer, scale: float = 1.0) -> None:
        self._inner = inner
        self._reach = REACH_PX / scale
        self._recent: deque[Moment] = deque()
        self._slowest: Moment | None = None  # since the last corner, or since the hand last went far without one
        self._ink: Sample | None = None  # where the line is
        self._last: Sample | None = None  # what the device reported
        self._next_s = 0.0  # when the next moment is

    def push(self, sample: Sample) -> list[Sample]:
        corner = None
        for moment in self._moments_up_to(sample):
            self._recent.append(moment)
            while moment[0].t - self._recent[0][0].t > MEMORY_S:
                self._recent.popleft()
            found = self._corner()
            corner = corner if found is None else self._recent[found]
        if corner is not None and corner[0].t < self._recent[0][0].t:
            corner = None  # a pause came after it, and it is forgotten
        out = self._inner.push(sample) if corner is None else self._through(corner, sample)
        self._ink = out[-1]
        return out

    def finish(self) -> list[Sample]:
        return self._inner.finish()

    def restart(self, at: Sample) -> None:
        self._recent.clear()
        self._slowest = self._last = None
        self._inner.restart(at)
        self._ink = at

    def _moments_up_to(self, sample: Sample) -> list[Moment]:
        """What the hand did since the last sample, lightly smoothed, for tremor has corners of its own: at even steps,
        so that the rate of the device does not show."""
        last, self._last = self._last, sample
        if last is None:
            self._next_s = sample.t + STEP_S
            return [(sample, sample.x, sample.y, 0.0)]
        self._next_s = max(self._next_s, sample.t - MEMORY_S)  # after a pause
        moments: list[Moment] = []
        before, x, y, _ = self._recent[-1]
        while self._next_s <= sample.t:
            share = (self._next_s - last.t) / max(1e-9, sample.t - last.t)
            at = last._replace(
                t=self._next_s, x=last.x + share * (sample.x - last.x), y=last.y + share * (sample.y - last.y),
                pressure=last.pressure + share * (sample.pressure - last.pressure),
            )  # fmt: skip
            sx = followed(x, before.x, at.x, STEP_S, SMOOTH_S)
            sy = followed(y, before.y, at.y, STEP_S, SMOOTH_S)
            moments.append((at, sx, sy, math.hypot(sx - x, sy - y) / STEP_S))
            before, x, y = at, sx, sy
            self._next_s += STEP_S
        return moments

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

    def _through(self, corner: Moment, sample: Sample) -> list[Sample]:
        """The ink goes straight to the corner, and what came after it is steadied from there."""
        at = next(k for k, moment in enumerate(self._recent) if moment is corner)
        after = [moment[0] for moment in list(self._recent)[at + 1 :]]
        place = corner[0]._replace(x=corner[1], y=corner[2])
        ink = self._ink or place
        out = [place._replace(t=ink.t + 1e-4)]
        self._inner.restart(place)
        later: list[Sample] = []
        for moment in after:
            later += self._inner.push(moment)
        if not after or sample.t > after[-1].t:
            later += self._inner.push(sample)
        span = max(1e-6, sample.t - ink.t - 1e-4)
        # All of it happens between the last sample and this one.
        out += [s._replace(t=ink.t + 1e-4 + span * (k + 1) / len(later)) for k, s in enumerate(later)]
        for _ in range(at):
            self._recent.popleft()
        return out
