"""Weight and push: a round hand that passes over lines, soft at its edge."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import pairwise

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend.snip import ink_layer, strokes_of
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_all_replaced

Places = NDArray[np.float64]
LEAST_CHANGE = 1e-3
STEP_SHARE = 0.1  # of the radius, between two places at which a hand that moves is looked at


def soft(share: Places) -> Places:
    """How strongly a hand works at a share of its radius: 1 in the middle, 0 at its edge, without a kink."""
    inside = np.clip(1.0 - share * share, 0.0, 1.0)
    return inside * inside


def weighed(page: Page, strokes: Sequence[Stroke], by: float, uid: int | None = None) -> tuple[Page, int]:
    """Whole strokes `by` times as thick."""
    if not 0.01 <= by <= 100:
        raise Refused(f"A line becomes 0.01 to 100 times as thick, not {by:g}.")
    return changed(
        page,
        strokes,
        lambda s: s.mended(s.mends.with_weight(np.array([[s.times[0], by], [s.times[1] + 1e-3, by]]))),
        uid,
    )


def weighed_along(page: Page, along: ArrayLike, by: float, uid: int | None = None) -> tuple[Page, int]:
    """Where the hand passes `along`, (N, 3) x, y, radius in page px, lines become up to `by` times as thick."""
    layer, way = ink_layer(page, uid), np.asarray(along, np.float64).reshape(-1, 3)
    if not 0.01 <= by <= 100:
        raise Refused(f"A line becomes 0.01 to 100 times as thick, not {by:g}.")
    area = rect_around(way[:, :2], float(way[:, 2].max()))

    def heavier(stroke: Stroke) -> Stroke:
        ribbon = stroke.own_ribbon
        amount = _touch(ribbon.points[:, :2].astype(np.float64), way)
        if amount.max(initial=0.0) < LEAST_CHANGE:
            return stroke
        return stroke.mended(stroke.mends.with_weight(_by_time(ribbon.times, by**amount)))

    return changed(page, [s for s in strokes_of(layer) if s.may_touch(area)], heavier, uid)


def pushed(
    page: Page, start: tuple[float, float], end: tuple[float, float], radius_px: float, uid: int | None = None
) -> tuple[Page, int]:
    """Push lines with a round hand from one place to another: what is in its middle goes along, less towards its
    edge."""
    layer, way = ink_layer(page, uid), np.array([*start, *end], np.float64).reshape(2, 2)
    if radius_px <= 0:
        raise Refused("A hand that pushes has a size.")
    area = rect_around(way, radius_px)
    return changed(
        page, [s for s in strokes_of(layer) if s.may_touch(area)], lambda s: pushed_stroke(s, way, radius_px), uid
    )


def pushed_stroke(stroke: Stroke, way: Places, radius_px: float) -> Stroke:
    """A stroke pushed along (N, 2) places; the same one if the hand did not touch it."""
    ribbon = stroke.own_ribbon
    first = ribbon.points[:, :2].astype(np.float64)
    places = first.copy()
    for a, b in pairwise(way):
        far = float(np.hypot(*(b - a)))
        count = max(1, int(np.ceil(far / (STEP_SHARE * radius_px))))
        for k in range(count):
            at, step = a + k / count * (b - a), (b - a) / count
            places += soft(np.hypot(*(places - at).T) / radius_px)[:, None] * step
    by = places - first
    if not len(by) or np.abs(by).max() < LEAST_CHANGE:
        return stroke
    if stroke.mends.placement is not None:  # pushed on the page, kept as it was before it was placed
        by = by @ np.linalg.inv(stroke.mends.placement[:2, :2]).T
    return stroke.mended(stroke.mends.with_shift(_by_time(ribbon.times, by)))


def changed(
    page: Page, strokes: Sequence[Stroke], change: Callable[[Stroke], Stroke], uid: int | None = None
) -> tuple[Page, int]:
    """Change strokes of a layer each by itself; also how many came out different."""
    layer = ink_layer(page, uid)
    pairs = [(old, new) for old in strokes if (new := change(old)) is not old]
    return (with_all_replaced(page, layer.uid, pairs) if pairs else page), len(pairs)


def _touch(places: Places, way: Places) -> Places:
    """How strongly the hand worked at each place: the most of all it passed."""
    amount = np.zeros(len(places))
    for k in range(max(1, len(way) - 1)):
        a, b = way[k], way[min(k + 1, len(way) - 1)]
        count = max(1, int(np.ceil(float(np.hypot(*(b - a)[:2])) / max(1e-6, STEP_SHARE * min(a[2], b[2])))))
        for x, y, radius in (a + share * (b - a) for share in np.linspace(0, 1, count + 1)):
            amount = np.maximum(amount, soft(np.hypot(*(places - (x, y)).T) / max(1e-6, radius)))
    return amount


def _by_time(times: Places, values: Places) -> Places:
    """A curve over the trace's time, its times rising."""
    order = np.unique(times, return_index=True)[1]
    return np.column_stack([times[order], values[order]])
