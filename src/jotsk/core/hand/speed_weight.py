"""Weight from speed, for devices without pressure: a slow line is heavy, a fast one light."""

from __future__ import annotations

import math

from jotsk.core.hand.trace import Sample

HALF_PX_S = 900.0  # screen speed at which half the swing is gone
LIGHTEST = 0.3
SETTLE_S = 0.05


class SpeedWeight:
    """Gives every sample a pressure of 0.3 .. 1 by the speed of the hand on the screen, smoothed over 50 ms."""

    def __init__(self, scale: float = 1.0) -> None:
        self._scale = scale
        self._last: Sample | None = None
        self._pressure = 0.65

    def weighed(self, sample: Sample) -> Sample:
        last, self._last = self._last, sample
        if last is not None and sample.t > last.t:
            dt = sample.t - last.t
            speed = math.hypot(sample.x - last.x, sample.y - last.y) * self._scale / dt
            wanted = LIGHTEST + (1 - LIGHTEST) / (1 + (speed / HALF_PX_S) ** 2)
            self._pressure += (wanted - self._pressure) * (1 - math.exp(-dt / SETTLE_S))
        return sample._replace(pressure=self._pressure)
