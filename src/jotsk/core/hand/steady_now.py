"""Steadying while the pen is down: light, so that the ink keeps up with the hand.

Three ways, by what they do. All count in seconds and in screen px, so the rate of the device and the zoom change
nothing.

*Ease* is a low-pass of first order that weakens as the hand speeds up, with the time constant

    tau = LONGEST * share^1.5 / (1 + (speed / LET_GO)^2),   share = strength / 100

so a slow line, where tremor shows, is held firmly, and a fast one trails by only a few px: the lag tau * speed is
largest at speed = LET_GO. Tying the cut-off to the speed is the idea of Casiez, Roussel, Vogel, "1 Euro filter", CHI
2012.

*Average* takes the mean place over a stretch of time that ends now.

*Tow* pulls the ink behind the pen on a rope: nothing moves until it is taut, so a corner can be turned exactly.
"""

from __future__ import annotations

import math
from collections import deque
from typing import Protocol

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand.trace import Sample, Trace
from jotsk.core.words import mark

WAYS = (mark("ease"), mark("average"), mark("tow"))

LONGEST_S = 1.10
LET_GO_PX_S = 110.0
VELOCITY_S, PEAK_S = 0.055, 0.150
PART_S, MOST_PARTS = 0.002, 16
LONGEST_AVERAGE_S = 0.6
AVERAGE_LET_GO_PX_S = 400.0
LONGEST_ROPE_PX = 120.0
ROPE_STEP_PX = 1.0
CATCH_UP_STEP_S = 0.004
CATCH_UP_S = 0.060
PRESSURE_S = 0.02
MOST_S = 2.0  # a pause longer than this counts as this long


class Stabilizer(Protocol):
    """Samples go in as they come; steadied samples come out; `finish` brings the line to where the pen lifted."""

    def push(self, sample: Sample) -> list[Sample]: ...

    def finish(self) -> list[Sample]: ...

    def restart(self, at: Sample) -> None:
        """Go on from `at` as if the line began there."""


def stabilizer(
    way: str, strength: float, *, scale: float = 1.0, less_when_fast: bool = True, corners: bool = True
) -> Stabilizer:
    """Return what steadies a line while it is drawn.

    Parameters
    ----------
    way : {"ease", "average", "tow"}
    strength : float
        0..100; 0 hands every sample on as it came.
    scale : float
        Screen px per page px: the hand is judged on the screen, so the same motion is steadied the same at any zoom,
        and a line drawn zoomed in, which is a slow one on the page, is not held more than the hand needs.
    less_when_fast : bool
        Ease and average weaken as the hand speeds up.
    corners : bool
        A sharp turn at low speed is reached exactly, and the line begins anew from it.
    """
    if not 0 <= strength <= 100:
        raise ValueError(f"steadiness is 0..100, not {strength}")
    if way not in WAYS:
        raise ValueError(f"the ways to steady a line are {', '.join(WAYS)}, not {way}")
    if strength == 0:
        return AsItIs()
    if way == "tow":
        return Tow(LONGEST_ROPE_PX * strength / 100 / scale, ROPE_STEP_PX / scale)
    inner: Stabilizer
    if way == "ease":
        inner = Ease(strength, scale, less_when_fast=less_when_fast)
    else:
        inner = Average(strength, scale, less_when_fast=less_when_fast)
    if not corners:
        return inner
    from jotsk.core.hand.corner_keeper import CornerKeeper

    return CornerKeeper(inner, scale)


def steady_now(
    trace: Trace, strength: float, *, way: str = "ease", scale: float = 1.0, less_when_fast: bool = True,
    corners: bool = True,
) -> Trace:  # fmt: skip
    """Run a whole trace through a stabilizer, as it would have gone while drawing."""
    if strength == 0 or not len(trace):
        return trace
    filtered = stabilizer(way, strength, scale=scale, less_when_fast=less_when_fast, corners=corners)
    out: list[Sample] = []
    for row in trace.samples.tolist():
        out += filtered.push(Sample(*row))
    return gathered([*out, *filtered.finish()])


def gathered(out: list[Sample]) -> Trace:
    """What came out of a stabilizer, to the end, as a trace."""
    samples: NDArray[np.float64] = np.array(out)
    # A corner is reached between two samples of the device; whatever it took, time goes on.
    samples[:, 0] = np.maximum.accumulate(samples[:, 0] - 1e-6 * np.arange(len(out))) + 1e-6 * np.arange(len(out))
    return Trace(samples)


class AsItIs:
    """No steadying."""

    def push(self, sample: Sample) -> list[Sample]:
        return [sample]

    def finish(self) -> list[Sample]:
        return []

    def restart(self, at: Sample) -> None:
        pass


class Haste:
    """How fast the hand goes, screen px a second, as the filters judge it: tremor is no haste, and a hand that turns
    round has not become slow.

    The velocity goes through a first-order filter, or tremor would count; of its size the peak holds on for a while,
    or to-and-fro motion, whose velocity cancels out, would pass for rest.
    """

    def __init__(self, scale: float) -> None:
        self._scale = scale
        self._vx = self._vy = self._peak = 0.0

    def measure(self, vx: float, vy: float, dt: float) -> float:
        """The hand goes at (vx, vy) page px a second for `dt` s."""
        k = 1 - math.exp(-dt / VELOCITY_S)
        self._vx += k * (vx - self._vx)
        self._vy += k * (vy - self._vy)
        now = math.hypot(self._vx, self._vy) * self._scale
        self._peak = max(now, self._peak * math.exp(-dt / PEAK_S))
        return self._peak


class _Follower:
    """What ease and tow share: a line at `_now` that follows the pen, which was last at `_last`."""

    def __init__(self) -> None:
        self._last: Sample | None = None
        self._now = Sample(0.0, 0.0, 0.0)

    def finish(self) -> list[Sample]:
        return [] if self._last is None else _caught_up(self._now, self._last)

    def restart(self, at: Sample) -> None:
        self._last = self._now = at


class Ease(_Follower):
    """The low-pass whose time constant falls with speed."""

    def __init__(self, strength: float, scale: float = 1.0, *, less_when_fast: bool = True) -> None:
        self._longest = LONGEST_S * (strength / 100) ** 1.5
        self._let_go = LET_GO_PX_S if less_when_fast else math.inf
        if not less_when_fast:
            self._longest /= 4  # held at every speed, it must trail less to be of use
        super().__init__()
        self._haste = Haste(scale)

    def push(self, sample: Sample) -> list[Sample]:
        last, self._last = self._last, sample
        if last is None:
            self._now = sample
            return [sample]
        dt = min(MOST_S, max(1e-6, sample.t - last.t))
        # In parts, or what the speed does between two samples of a slow device would be left out.
        parts = min(MOST_PARTS, math.ceil(dt / PART_S))
        h = dt / parts
        dx, dy, dp = (sample.x - last.x) / parts, (sample.y - last.y) / parts, (sample.pressure - last.pressure) / parts
        vx, vy = dx / h, dy / h
        x, y, pressure = self._now.x, self._now.y, self._now.pressure
        px, py, pp = last.x, last.y, last.pressure
        for _ in range(parts):
            tau = self._longest / (1 + (self._haste.measure(vx, vy, h) / self._let_go) ** 2)
            x, y = followed(x, px, px + dx, h, tau), followed(y, py, py + dy, h, tau)
            # Pressure is eased a little, never as much as the place: a swell must not come late.
            pressure = followed(pressure, pp, pp + dp, h, min(tau, PRESSURE_S))
            px, py, pp = px + dx, py + dy, pp + dp
        self._now = sample._replace(x=x, y=y, pressure=pressure)
        return [self._now]


class Average:
    """The mean place over the last moments, the path between samples taken as straight."""

    def __init__(self, strength: float, scale: float = 1.0, *, less_when_fast: bool = True) -> None:
        self._longest = LONGEST_AVERAGE_S * (strength / 100) ** 1.5
        self._let_go = AVERAGE_LET_GO_PX_S if less_when_fast else math.inf
        self._haste = Haste(scale)
        # Samples of the stretch, each with the integrals of x, y and pressure over the time up to it.
        self._recent: deque[tuple[Sample, float, float, float]] = deque()
        self._now = Sample(0.0, 0.0, 0.0)

    def push(self, sample: Sample) -> list[Sample]:
        if not self._recent:
            self.restart(sample)
            return [sample]
        last, ix, iy, ip = self._recent[-1]
        dt = min(MOST_S, max(1e-6, sample.t - last.t))
        haste = self._haste.measure((sample.x - last.x) / dt, (sample.y - last.y) / dt, dt)
        stretch = self._longest / (1 + (haste / self._let_go) ** 2)
        half = dt / 2
        ix, iy = ix + half * (last.x + sample.x), iy + half * (last.y + sample.y)
        ip += half * (last.pressure + sample.pressure)
        self._recent.append((sample, ix, iy, ip))
        begin = sample.t - stretch
        while len(self._recent) > 2 and self._recent[1][0].t <= begin:
            self._recent.popleft()
        bx, by, bp = self._integrals_at(begin)
        self._now = sample._replace(x=(ix - bx) / stretch, y=(iy - by) / stretch, pressure=(ip - bp) / stretch)
        return [self._now]

    def finish(self) -> list[Sample]:
        return _caught_up(self._now, self._recent[-1][0]) if self._recent else []

    def restart(self, at: Sample) -> None:
        self._recent = deque([(at, 0.0, 0.0, 0.0)])
        self._now = at

    def _integrals_at(self, t: float) -> tuple[float, float, float]:
        """The integrals at a moment between the first two samples kept, or before a line younger than its stretch,
        which counts as having waited at its start."""
        first, ix, iy, ip = self._recent[0]
        span = t - first.t
        if span <= 0:
            return ix + span * first.x, iy + span * first.y, ip + span * first.pressure
        second = self._recent[1][0]
        share = span / max(1e-9, second.t - first.t) / 2
        return (
            ix + span * (first.x + (second.x - first.x) * share),
            iy + span * (first.y + (second.y - first.y) * share),
            ip + span * (first.pressure + (second.pressure - first.pressure) * share),
        )


class Tow(_Follower):
    """The rope. Steps longer than a px are taken in parts, so that the rate of the device does not show."""

    def __init__(self, rope_px: float, step_px: float = ROPE_STEP_PX) -> None:
        super().__init__()
        self.rope_px, self._step_px = rope_px, step_px

    def push(self, sample: Sample) -> list[Sample]:
        last, self._last = self._last, sample
        if last is None:
            self._now = sample
            return [sample]
        parts = max(1, math.ceil(math.hypot(sample.x - last.x, sample.y - last.y) / self._step_px))
        parts = min(parts, 256)
        x, y = self._now.x, self._now.y
        for k in range(1, parts + 1):
            px, py = last.x + (sample.x - last.x) * k / parts, last.y + (sample.y - last.y) * k / parts
            dx, dy = px - x, py - y
            distance = math.hypot(dx, dy)
            if distance > self.rope_px:
                pull = 1 - self.rope_px / distance
                x, y = x + dx * pull, y + dy * pull
        self._now = sample._replace(x=x, y=y)
        return [self._now]


def followed(y: float, x0: float, x1: float, dt: float, tau: float) -> float:
    """First-order low-pass y after dt, its input going straight from x0 to x1: exact at any rate."""
    if tau < 1e-9:
        return x1
    slope = (x1 - x0) / dt
    return x1 - slope * tau + (y - x0 + slope * tau) * math.exp(-dt / tau)


def _caught_up(now: Sample, last: Sample) -> list[Sample]:
    """From `now` straight to `last`, slowing down: the gap closes as (1 - u)^2, so the line neither hooks nor blobs."""
    dx, dy = last.x - now.x, last.y - now.y
    if math.hypot(dx, dy) < 1e-9:
        return []
    steps = int(CATCH_UP_S / CATCH_UP_STEP_S)
    caught = []
    for k in range(1, steps + 1):
        left = (1 - k / steps) ** 2
        pressure = last.pressure + (now.pressure - last.pressure) * left
        t = last.t + k * CATCH_UP_STEP_S
        caught.append(last._replace(t=t, x=last.x - dx * left, y=last.y - dy * left, pressure=pressure))
    return caught
