"""What can be said of a stroke in numbers."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from jotsk.core.hand import wobble_px
from jotsk.core.ink.stroke import Stroke


@dataclass(frozen=True, slots=True)
class StrokeFigures:
    """Samples as they came; length and full widths in px along the finished line; wobble as the RMS distance of the
    hand's own line, and of the finished line, from their motion below 7 Hz."""

    samples: int
    duration_s: float
    length_px: float
    width_min_px: float
    width_median_px: float
    width_max_px: float
    wobble_before_px: float
    wobble_after_px: float


def figures_of(stroke: Stroke) -> StrokeFigures:
    """Measure a stroke."""
    ribbon = stroke.ribbon
    widths = 2.0 * ribbon.points[:, 2].astype(np.float64)
    return StrokeFigures(
        samples=len(stroke.trace),
        duration_s=stroke.trace.duration_s,
        length_px=ribbon.length_px,
        width_min_px=float(widths.min()),
        width_median_px=float(np.median(widths)),
        width_max_px=float(widths.max()),
        wobble_before_px=wobble_px(stroke.trace),
        wobble_after_px=wobble_px(stroke.line),
    )
