"""Over and under: a cord lies over what was drawn before it, and at a crossing it can be turned beneath."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink.ribbon import Ribbon
from jotsk.core.marks import Cut, Stroke
from jotsk.core.marks.mends import Span
from jotsk.core.mend.brush import changed
from jotsk.core.mend.snip import ink_layer, strokes_near
from jotsk.core.page import Page
from jotsk.core.words import tr

NOTHING = tr("No cord crosses anything there.")
BEYOND = 1.3  # times as far as both are wide, a crossing reaches
Place = tuple[float, float]


def turned(page: Page, at: Place, reach_px: float = 2.0, uid: int | None = None) -> tuple[Page, int]:
    """Turn the crossing at a place over: what lay over goes under, or back again. Raises Refused if no cord crosses
    itself or another line there."""
    layer = ink_layer(page, uid)
    near = strokes_near(layer, rect_around(np.array([at]), reach_px))
    here = [stroke for stroke in near if stroke.gap_to(*at) <= reach_px]
    cords = [stroke for stroke in here if stroke.pen.cord > 0]
    if not cords:
        raise Refused(NOTHING)
    top = cords[-1]
    if len(visits := _visits(top, at, reach_px)) > 1:
        return changed(page, [top], lambda stroke: _under_itself(stroke, visits), uid)
    below = [stroke for stroke in here if stroke is not top]
    if not below:
        raise Refused(NOTHING)
    other = below[-1]
    return changed(page, [top], lambda stroke: _under_another(stroke, other, at), uid)


def _under_itself(stroke: Stroke, visits: list[Span]) -> Stroke:
    """The last of these visits under those before it; or over them again, if it is under."""
    first, last = visits[-1]
    unders = stroke.mends.unders
    kept = tuple(span for span in unders if span[1] < first or span[0] > last)
    if len(kept) == len(unders):
        kept = (*unders, (first, last))
    return stroke.mended(replace(stroke.mends, unders=kept))


def _visits(stroke: Stroke, at: Place, reach_px: float) -> list[Span]:
    """The times at which a line passes over a place, each as long as that crossing."""
    spans = []
    for points, times in stroke.ribbon.each_turn():
        away = np.hypot(points[:, 0] - at[0], points[:, 1] - at[1])
        near = away <= 2.0 * BEYOND * points[:, 2] + reach_px
        for start, stop in _runs(near):
            if (away[start:stop] - points[start:stop, 2]).min() <= reach_px:
                spans.append((float(times[start]), float(times[stop - 1])))
    return spans


def _under_another(stroke: Stroke, other: Stroke, at: Place) -> Stroke:
    """A stroke that leaves room for another one at a crossing; or covers it again, if it does."""
    kept = tuple(
        cut for cut in stroke.cuts
        if not (isinstance(cut, Cut) and cut.under == other.uid and _lies_at(cut.ribbon, at))
    )  # fmt: skip
    if len(kept) < len(stroke.cuts):
        return replace(stroke, cuts=kept)
    widest = float(stroke.ribbon.points[:, 2].max())
    best: Ribbon | None = None
    for points, times in other.ribbon.each_turn():
        away = np.hypot(points[:, 0] - at[0], points[:, 1] - at[1])
        near = away <= BEYOND * (widest + points[:, 2]) + 2.0
        for start, stop in _runs(near):
            if (away[start:stop] - points[start:stop, 2]).min() <= 2.0:
                ink = np.full(stop - start, 255, np.uint8)
                best = Ribbon(points[start:stop].copy(), ink, times[start:stop].copy())
    return stroke if best is None else replace(stroke, cuts=(*kept, Cut(best, under=other.uid)))


def _lies_at(ribbon: Ribbon, at: Place) -> bool:
    points = ribbon.points
    return bool((np.hypot(points[:, 0] - at[0], points[:, 1] - at[1]) - points[:, 2]).min() <= 2.0)


def _runs(near: NDArray[np.bool_]) -> list[tuple[int, int]]:
    """Where stretches of True start and stop."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], near, [False]]).astype(np.int8)))
    return [(int(a), int(b)) for a, b in edges.reshape(-1, 2)]
