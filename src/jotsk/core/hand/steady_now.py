"""Steadying while the pen is down: light, so that the ink keeps up with the hand.

*Ease* is a low-pass filter of first order that lets go as the hand speeds up. Its time constant is

    tau = LONGEST * share^1.5 / (1 + (speed / LET_GO)^2),   share = strength / 100

so a slow line, where tremor shows, is held firmly, and at speed the ink trails by only a few px:
the lag tau * speed has its largest value at speed = LET_GO. The speed itself is measured
through a first-order filter, or tremor would be taken for haste. The idea of tying the cut-off to the speed is
from Casiez, Roussel, Vogel, "1 Euro filter", CHI 2012.
"""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand.trace import Sample, Trace

LONGEST_S = 1.10
LET_GO_PX_S = 110.0
SPEED_WINDOW_S = 0.090
CATCH_UP_STEP_S = 0.004
CATCH_UP_S = 0.060
MOST_S = 2.0  # a pause longer than this counts as this long


class Ease:
    """Steadies samples one by one; `finish` brings the line to where the pen lifted.

    Parameters
    ----------
    strength : float
        0..100; 0 hands every sample on as it came.
    scale : float
        Screen px per page px: the hand's speed is judged on the screen, so a line drawn zoomed in
        is steadied as the same motion of the hand would be at 100 %.
    """

    def __init__(self, strength: float, scale: float = 1.0) -> None:
        if not 0 <= strength <= 100:
            raise ValueError(f"steadiness is 0..100, not {strength}")
        self._longest = LONGEST_S * (strength / 100) ** 1.5
        self._scale = scale
        self._last: Sample | None = None
        self._x = self._y = self._pressure = 0.0
        self._vx = self._vy = 0.0

    def push(self, sample: Sample) -> list[Sample]:
        last = self._last
        self._last = sample
        if last is None or self._longest == 0:
            self._x, self._y, self._pressure = sample.x, sample.y, sample.pressure
            return [sample]
        dt = min(MOST_S, max(1e-6, sample.t - last.t))
        self._measure_speed(sample, last, dt)
        tau = self._time_constant()
        self._x = _followed(self._x, last.x, sample.x, dt, tau)
        self._y = _followed(self._y, last.y, sample.y, dt, tau)
        # Pressure is eased a little, never as much as the place: a swell must not come late.
        self._pressure = _followed(self._pressure, last.pressure, sample.pressure, dt, min(tau, 0.02))
        return [self._steadied(sample.t)]

    def finish(self) -> list[Sample]:
        """The rest of the line, ending exactly where the last sample was."""
        last = self._last
        if last is None or self._longest == 0:
            return []
        dx, dy = last.x - self._x, last.y - self._y
        if math.hypot(dx, dy) < 1e-9:
            return []
        # Straight on, slowing down: the gap closes as (1 - u)^2, so the line neither hooks nor blobs.
        steps = int(CATCH_UP_S / CATCH_UP_STEP_S)
        caught = []
        for k in range(1, steps + 1):
            left = (1 - k / steps) ** 2
            caught.append(
                last._replace(
                    t=last.t + k * CATCH_UP_STEP_S,
                    x=last.x - dx * left,
                    y=last.y - dy * left,
                    pressure=last.pressure + (self._pressure - last.pressure) * left,
                )
            )
        return caught

    def _measure_speed(self, sample: Sample, last: Sample, dt: float) -> None:
        k = 1 - math.exp(-dt / SPEED_WINDOW_S)
        self._vx += k * ((sample.x - last.x) / dt - self._vx)
        self._vy += k * ((sample.y - last.y) / dt - self._vy)

    def _time_constant(self) -> float:
        speed = math.hypot(self._vx, self._vy) * self._scale
        return self._longest / (1 + (speed / LET_GO_PX_S) ** 2)

    def _steadied(self, t: float) -> Sample:
        assert self._last is not None
        return self._last._replace(t=t, x=self._x, y=self._y, pressure=self._pressure)


def _followed(y: float, x0: float, x1: float, dt: float, tau: float) -> float:
    """First-order low-pass y after dt, its input going straight from x0 to x1: exact at any rate."""
    if tau < 1e-9:
        return x1
    slope = (x1 - x0) / dt
    return x1 - slope * tau + (y - x0 + slope * tau) * math.exp(-dt / tau)


def steady_now(trace: Trace, strength: float, *, scale: float = 1.0) -> Trace:
    """Run a whole trace through `Ease`, as it would have gone while drawing."""
    if strength == 0 or not len(trace):
        return trace
    ease = Ease(strength, scale)
    out: list[Sample] = []
    for row in trace.samples.tolist():
        out += ease.push(Sample(*row))
    out += ease.finish()
    samples: NDArray[np.float64] = np.array(out)
    return Trace(samples)
