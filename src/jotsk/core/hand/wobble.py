"""Wobble: how far a line strays from what was meant."""

from __future__ import annotations

import numpy as np

from jotsk.core.hand.steady_after import SHORTEST_S, USUAL_TREMOR_PX, Steadier
from jotsk.core.hand.trace import Trace
from jotsk.core.hand.tremor_meter import slow_part

MEANT_STRENGTH = 60.0


def wobble_px(trace: Trace, meant: Steadier | None = None) -> float:
    """RMS distance of a line from what was meant, measured across the line, in px.

    What is meant is the motion steadied strongly, with its shape kept: a corner or a quick curve is no wobble. `meant`
    steadies the motion the line comes from, at the same times; without it that of `trace` itself, judged by its own
    slow stretches.
    """
    if len(trace) < 3 or not trace.duration_s > SHORTEST_S:
        return 0.0
    if meant is None:
        part = slow_part(trace)
        meant = Steadier(trace, tremor_px=part.tremor_px if part else USUAL_TREMOR_PX)
    line = meant.places(MEANT_STRENGTH)
    xy = np.column_stack([np.interp(trace.t, meant.times, c) for c in line.T])
    along = np.gradient(xy, axis=0)
    length = np.maximum(np.hypot(*along.T), 1e-9)
    off = trace.xy - xy
    across = (along[:, 0] * off[:, 1] - along[:, 1] * off[:, 0]) / length
    return float(np.sqrt((across**2).mean()))
