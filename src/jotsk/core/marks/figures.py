"""What can be said of a stroke in numbers."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import wobble_px
from jotsk.core.marks.stroke import Stroke


@dataclass(frozen=True, slots=True)
class StrokeFigures:
    """Samples as they came; length and full widths in px along the finished line; wobble as the RMS distance of the
    hand's own line, and of the finished line, from what was meant; `withheld` is the share of the line, 0..1, that was
    steadied less to keep its shape."""

    samples: int
    duration_s: float
    length_px: float
    width_min_px: float
    width_median_px: float
    width_max_px: float
    wobble_before_px: float
    wobble_after_px: float
    withheld: float


# Strokes are values, so what was measured once stays true; undo and redo show the same few again and again.
@lru_cache(maxsize=128)
def figures_of(stroke: Stroke) -> StrokeFigures:
    """Measure a stroke."""
    ribbon = stroke.own_ribbon
    widths = 2.0 * ribbon.points[:, 2].astype(np.float64)
    return StrokeFigures(
        samples=len(stroke.trace),
        duration_s=stroke.trace.duration_s,
        length_px=ribbon.length_px,
        width_min_px=float(widths.min()),
        width_median_px=float(np.median(widths)),
        width_max_px=float(widths.max()),
        wobble_before_px=wobble_px(stroke.trace, stroke.steadier),
        wobble_after_px=wobble_px(stroke.line),
        withheld=stroke.steadier.withheld(stroke.steady_after),
    )


@dataclass(frozen=True, slots=True, eq=False)
class Unrolled:
    """A stroke laid out straight: at even shares of its length, its half width and the hand's way off it, px."""

    half_width_px: np.ndarray
    off_px: np.ndarray


@lru_cache(maxsize=128)
def unrolled(stroke: Stroke, count: int) -> Unrolled:
    """Lay a stroke out at `count` even shares of its length.

    `off_px` is how far the hand's own trace lay to the left (negative) or right of the finished line.
    """
    ribbon = stroke.own_ribbon
    along = arc_lengths(ribbon.points)
    at = np.linspace(0.0, along[-1], count)
    half = np.interp(at, along, ribbon.points[:, 2])
    if len(ribbon) < 2 or along[-1] <= 0:
        return Unrolled(half, np.zeros(count))
    x, y = (np.interp(at, along, ribbon.points[:, k]) for k in (0, 1))
    times = np.interp(at, along, ribbon.times)
    raw = [np.interp(times, stroke.trace.t, stroke.trace.xy[:, k]) for k in (0, 1)]
    dx, dy = np.gradient(x), np.gradient(y)
    length = np.maximum(np.hypot(dx, dy), 1e-9)
    off = (dx * (raw[1] - y) - dy * (raw[0] - x)) / length
    return Unrolled(half, off)
