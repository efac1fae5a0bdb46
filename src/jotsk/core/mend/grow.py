"""Grow back: what was snipped from the end of a line returns, as far as it was drawn."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import Span
from jotsk.core.mend.brush import changed
from jotsk.core.mend.snip import ink_layer, strokes_near
from jotsk.core.page import Page

Place = tuple[float, float]


def grown_back(page: Page, at: Place, to: Place, reach_px: float = 12.0, uid: int | None = None) -> tuple[Page, int]:
    """Pull the snipped end nearest to a place, within reach of it, out to another: the line returns that far."""
    end = snipped_end(page, at, reach_px, uid)
    if end is None:
        return page, 0
    stroke, number, is_last = end
    return changed(page, [stroke], lambda s: pulled_out(s, number, to, is_last=is_last), uid)


def snipped_end(page: Page, at: Place, reach_px: float, uid: int | None = None) -> tuple[Stroke, int, bool] | None:
    """The stroke, the number of its kept span, and whether that span's last end is meant; None if no snipped end lies
    within reach."""
    layer = ink_layer(page, uid)
    best: tuple[float, Stroke, int, bool] | None = None
    for stroke in strokes_near(layer, rect_around(np.array([at]), reach_px)):
        whole = whole_of(stroke).own_ribbon
        first, last = stroke.times
        for number, span in enumerate(stroke.mends.spans or ()):
            for is_last, t in ((False, span[0]), (True, span[1])):
                if not first < t < last:
                    continue  # it was never longer
                x, y = (float(np.interp(t, whole.times, whole.points[:, k])) for k in (0, 1))
                gap = float(np.hypot(x - at[0], y - at[1])) - stroke.size_px / 2
                if gap <= reach_px and (best is None or gap < best[0]):
                    best = gap, stroke, number, is_last
    return None if best is None else best[1:]


def whole_of(stroke: Stroke) -> Stroke:
    """The stroke as if nothing had been snipped from it."""
    return stroke.mended(replace(stroke.mends, spans=None))


def pulled_out(stroke: Stroke, number: int, to: Place, *, is_last: bool) -> Stroke:
    """The stroke whose span `number` goes on, or back, to where it is nearest to a place; spans that meet are one."""
    spans = list(stroke.mends.spans or ())
    whole, (first, last) = whole_of(stroke).own_ribbon, stroke.times
    own = spans[number]
    bounds = (own[0] + 1e-6, last) if is_last else (first, own[1] - 1e-6)
    within = (whole.times >= bounds[0]) & (whole.times <= bounds[1])
    if not within.any():
        return stroke
    away = np.hypot(whole.points[within, 0] - to[0], whole.points[within, 1] - to[1])
    t = float(whole.times[within][int(away.argmin())])
    spans[number] = (own[0], t) if is_last else (t, own[1])
    merged = _merged(spans)
    if len(merged) == 1 and merged[0][0] <= first and merged[0][1] >= last:
        return whole_of(stroke)
    return stroke.mended(replace(stroke.mends, spans=tuple(merged)))


def _merged(spans: list[Span]) -> list[Span]:
    merged: list[Span] = []
    for a, b in sorted(spans):
        if merged and a <= merged[-1][1]:
            merged[-1] = merged[-1][0], max(merged[-1][1], b)
        else:
            merged.append((a, b))
    return merged
