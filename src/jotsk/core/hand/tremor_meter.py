"""How much a hand trembles, learnt from what it draws.

A short quick stroke cannot tell its tremor from its shape. A slow stretch can: what it has in the band of tremor is
hardly ever meant. So the tremor is measured there, and remembered for the strokes that follow.
"""

from __future__ import annotations

from collections import deque
from collections.abc import Iterable
from dataclasses import dataclass

import numpy as np

from jotsk.core.hand.smoother_kernel import solve
from jotsk.core.hand.steady_after import (
    TREMOR_HZ,
    USUAL_TREMOR_PX,
    even_steps,
    mean_over,
    penalty,
    response,
    without_rests,
)
from jotsk.core.hand.trace import Trace

BAND_HZ = (7.0, 14.0)
SLOW_PX_S = 180.0  # of the screen: a hand that follows a contour, not one that throws a line
LEAST_S, WINDOW_S = 0.35, 0.25
BELIEVED_S = 2.0  # a slow stretch of so long says all there is to say of itself
REMEMBERED = 40  # strokes: a minute of drawing
TRUSTED_AFTER = 3.0  # strokes, until then what is usual counts too
LEAST_PX, MOST_PX = 0.1, 3.0


@dataclass(frozen=True, slots=True)
class SlowPart:
    """What the slow stretches of a stroke say of the hand."""

    tremor_px: float  # RMS an axis, screen px
    duration_s: float


def slow_part(trace: Trace, scale: float = 1.0) -> SlowPart | None:
    """Measure the tremor of a stroke drawn at `scale` screen px a page px; None if too little of it is slow."""
    if len(trace) < 8 or trace.duration_s < LEAST_S:
        return None
    grid, columns = even_steps(without_rests(trace))
    dt = float(grid[1] - grid[0])
    xy = np.ascontiguousarray(columns[:, :2] * scale)
    n = len(xy)
    low, high = (solve(xy, np.ones(n), np.full(n - 3, penalty(hz, dt))) for hz in BAND_HZ)
    window = max(1, int(WINDOW_S / dt))
    power = mean_over(((high - low) ** 2).mean(axis=1), window)
    speed = mean_over(np.hypot(*np.gradient(low, dt, axis=0).T), window)
    slow = speed < SLOW_PX_S
    duration_s = float(slow.sum() * dt)
    if duration_s < LEAST_S:
        return None
    gain = np.sqrt(np.mean((response(BAND_HZ[1], TREMOR_HZ) - response(BAND_HZ[0], TREMOR_HZ)) ** 2))
    return SlowPart(float(np.clip(np.sqrt(np.median(power[slow])) / gain, LEAST_PX, MOST_PX)), duration_s)


class TremorMeter:
    """What is known of the tremor of one hand with one device, screen px."""

    def __init__(self, found: Iterable[float] = ()) -> None:
        self._found: deque[float] = deque((min(MOST_PX, max(LEAST_PX, v)) for v in found), REMEMBERED)

    def judged(self, trace: Trace, scale: float = 1.0) -> float:
        """Learn from a stroke; return the tremor it is to be judged by: its own, as far as it is slow for long."""
        part = slow_part(trace, scale)
        if part is None:
            return self.tremor_px
        self._found.append(part.tremor_px)
        share = min(1.0, part.duration_s / BELIEVED_S)
        return float(np.exp(share * np.log(part.tremor_px) + (1 - share) * np.log(self.tremor_px)))

    @property
    def found(self) -> list[float]:
        """What the last strokes said, to be kept."""
        return list(self._found)

    @property
    def tremor_px(self) -> float:
        """The median of what the last strokes said; while they are few, drawn towards what is usual."""
        if not self._found:
            return USUAL_TREMOR_PX
        share = len(self._found) / (len(self._found) + TRUSTED_AFTER)
        return float(np.exp(share * np.log(np.median(self._found)) + (1 - share) * np.log(USUAL_TREMOR_PX)))
