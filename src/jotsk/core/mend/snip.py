"""Snip: take away the pieces of lines that a swipe crosses, each up to its next crossing."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect, arc_lengths
from jotsk.core.geometry.rects import EMPTY, rect_around
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import Span
from jotsk.core.mend.crossings import Crossed, Crossing, Inked
from jotsk.core.mend.gap_kernel import times_crossed
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.page.edits.selection import stroke_at
from jotsk.core.page.layers.tree import ancestors
from jotsk.core.words import tr

AGAINST = ("layer", "visible", "self")
REACH_PX = 2.0  # beside a line, within which a swipe crosses it


def ink_layer(page: Page, uid: int | None = None) -> InkLayer:
    """The active ink layer, or one by its uid. Raises Refused with the reason where nothing can be mended on it."""
    layer = page.layer(page.active_uid if uid is None else uid)
    if not isinstance(layer, InkLayer):
        raise Refused(tr("There are no strokes to mend here; choose an ink layer."))
    if layer.locked:
        raise Refused(tr("“{name}” is locked; unlock it to mend its lines.", name=layer.name))
    return layer


def strokes_of(layer: InkLayer) -> list[Stroke]:
    return [mark for mark in layer.marks if isinstance(mark, Stroke)]


def strokes_near(layer: InkLayer, area: Rect) -> list[Stroke]:
    """Those that can have ink in `area`."""
    return [mark for mark in layer.marks.touching(area) if isinstance(mark, Stroke)]


def shown_ink(page: Page) -> list[InkLayer]:
    """The ink layers that show."""
    return [
        layer for layer in page.layers
        if isinstance(layer, InkLayer) and not layer.is_sketch and layer.visible
        and all(group.visible for group in ancestors(page.layers, layer))
    ]  # fmt: skip


def _inked_around(page: Page, layer: InkLayer, strokes: Sequence[Stroke], against: str) -> Inked:
    """The ink that may end pieces of strokes of a layer."""
    area = EMPTY
    for stroke in strokes:
        area |= stroke.own_ribbon.bounds
    if against == "layer":
        return Inked(strokes_near(layer, area))
    return Inked(other for each in shown_ink(page) for other in strokes_near(each, area))


def snipped(
    page: Page, along: ArrayLike, against: str = "layer", uid: int | None = None, *, keep_px: float = 0.0
) -> tuple[Page, int]:
    """Take away what the swipe `along`, (N, 2) page px, crosses of the strokes on a layer; also how many it changed.

    A new end lies in the middle of what crosses there, so that no whisker is left and no notch shows; or it stands out
    from there by `keep_px`.
    """
    layer, swipe = ink_layer(page, uid), np.asarray(along, np.float64).reshape(-1, 2)
    found = gone_pieces(page, layer, swipe, against, keep_px)
    pairs = [(stroke, without(stroke, gone)) for stroke, gone in found]
    return (with_all_replaced(page, layer.uid, pairs) if pairs else page), len(pairs)


def gone_pieces(
    page: Page, layer: InkLayer, swipe: NDArray[np.float64], against: str = "layer", keep_px: float = 0.0
) -> list[tuple[Stroke, list[Span]]]:
    """The strokes that a swipe, (N, 2) page px, crosses, each with the times that are to go."""
    near = strokes_near(layer, rect_around(swipe, REACH_PX))
    hits = [(stroke, at) for stroke in near if (at := _hits(stroke, swipe))]
    inked = None if against == "self" else _inked_around(page, layer, [stroke for stroke, _ in hits], against)
    found = []
    for stroke, at in hits:
        crossed = Crossed(stroke, inked or Inked([stroke]))
        if gone := _gone(stroke, at, crossed, keep_px):
            found.append((stroke, gone))
    return found


def _gone(stroke: Stroke, hits: Sequence[float], crossed: Crossed, keep_px: float) -> list[Span]:
    """From the crossing before each of these times to the one after it."""
    first, last = stroke.times
    gone: list[Span] = []
    for t in hits:
        before, after = crossed.around(t)
        a = _end_in(stroke, before, keep_px, later=False) if before else first - 1.0
        b = _end_in(stroke, after, keep_px, later=True) if after else last + 1.0
        if b > a:
            gone.append((a, b))
    return gone


def without(stroke: Stroke, gone: Sequence[Span]) -> Stroke | None:
    """The stroke without those times; None if nothing is left."""
    mended = stroke.mended(stroke.mends.without(gone, stroke.times))
    spans = mended.mends.spans or ()
    return mended if any(b > a for a, b in spans) and len(mended.own_ribbon.points) else None


def cut_in_two(page: Page, x: float, y: float, uid: int | None = None, reach_px: float = 12.0) -> tuple[Page, int]:
    """Make two strokes of the one that lies at a place, parted there. Raises Refused if none does."""
    layer = ink_layer(page, uid)
    stroke = stroke_at(layer, x, y, reach_px)
    if stroke is None:
        raise Refused(tr("There is no line to cut there."))
    ribbon = stroke.own_ribbon
    k = int(np.hypot(ribbon.points[:, 0] - x, ribbon.points[:, 1] - y).argmin())
    t, (first, last) = float(ribbon.times[k]), stroke.times
    early, late = without(stroke, [(t, last + 1.0)]), without(stroke, [(first - 1.0, t)])
    if early is None or late is None:
        raise Refused(tr("The line ends there; there is nothing to part."))
    page = with_all_replaced(page, layer.uid, [(stroke, early)])
    return with_inserted(page, layer.uid, early, [late.as_another()]), 1


def _hits(stroke: Stroke, swipe: NDArray[np.float64]) -> list[float]:
    """The times at which the swipe passes over the stroke's line."""
    ribbon = stroke.own_ribbon
    hits: list[float] = []
    for start, stop in ribbon.pieces:
        p = ribbon.points[start:stop, :2].astype(np.float64)
        radius, times = ribbon.points[start:stop, 2], ribbon.times[start:stop]
        if len(swipe) == 1 or np.ptp(swipe, axis=0).max() < 1e-9:
            away = np.hypot(*(p - swipe[0]).T) - radius if len(p) else np.zeros(0)
            if len(away) and away.min() <= REACH_PX:
                hits.append(float(times[int(away.argmin())]))
            continue
        hits += times_crossed(p, times, swipe).tolist()
    return hits


def _end_in(stroke: Stroke, crossing: Crossing, keep_px: float, *, later: bool) -> float:
    """The time of a new end inside what crosses: in its middle, or as far from its farther edge as the round end is
    thick; or `keep_px` beyond its nearer edge. The kept piece follows on what goes (`later`), or comes before it."""
    ribbon = stroke.own_ribbon
    order = np.argsort(ribbon.times, kind="stable")
    times, points = ribbon.times[order], ribbon.points[order].astype(np.float64)
    along = arc_lengths(points[:, :2])
    near, far = (float(np.interp(t, times, along)) for t in crossing)
    middle, radius = (near + far) / 2, float(np.interp(sum(crossing) / 2, times, points[:, 2]))
    if keep_px > 0:
        return float(np.interp(near - keep_px if later else far + keep_px, along, times))
    at = max(middle, near + radius) if later else min(middle, far - radius)
    return float(np.interp(min(far, max(near, at)), along, times))
