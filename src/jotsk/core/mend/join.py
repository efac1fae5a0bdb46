"""Join: two ends within reach are bridged by a continuation of both."""

from __future__ import annotations

import math
from dataclasses import replace
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.geometry.rects import rect_around
from jotsk.core.hand import trace_from
from jotsk.core.ink.pens import ALWAYS
from jotsk.core.ink.ribbon import NO_TAPER
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import NONE
from jotsk.core.marks.record import new_uid
from jotsk.core.mend.snip import ink_layer, strokes_near, strokes_of
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_inserted

FULL_SHARE = 0.9  # of its widest nearby: where the taper of an end begins
NEARBY_WIDTHS, TANGENT_PX = 4.0, 6.0
MOST_TURN_DEG, MOST_ROUND_DEG = 100.0, 130.0  # at either end, and in all: a bridge that doubles back joins nothing
STEP_PX, PACE_PX_S = 2.0, 600.0
FEW = 64  # points that are looked at first


class End(NamedTuple):
    """An end of a stroke: where its full weight ends, which way it goes on, how thick it is; its very tip, and how
    thick that is."""

    stroke: Stroke
    is_last: bool
    at: NDArray[np.float64]
    towards: NDArray[np.float64]
    radius: float
    tip: NDArray[np.float64]
    tip_radius: float


def ends_of(stroke: Stroke) -> list[End]:
    """Both ends of a stroke's own line, and those of every piece that is kept."""
    return [_end(stroke, p, is_last=is_last) for p in _pieces_of(stroke) for is_last in (False, True)]


def _pieces_of(stroke: Stroke) -> list[NDArray[np.float32]]:
    """(N, 3) x, y, radius of every piece that has two ends."""
    ribbon = stroke.own_ribbon
    return [ribbon.points[start:stop] for start, stop in ribbon.pieces if stop - start >= 2]


def _end(stroke: Stroke, points: NDArray[np.float32], *, is_last: bool) -> End:
    reach = max(TANGENT_PX, NEARBY_WIDTHS * 2.0 * float(points[:, 2].max()))
    p, along = _first_of(points[::-1] if is_last else points, reach + TANGENT_PX)
    near = along <= reach
    full = int(np.argmax(p[near, 2] >= FULL_SHARE * p[near, 2].max()))
    back = min(len(p) - 1, max(full + 1, int(np.searchsorted(along, along[full] + TANGENT_PX))))
    towards = p[full, :2] - p[back, :2]
    towards = towards / max(1e-12, float(np.hypot(*towards)))
    return End(stroke, is_last, p[full, :2], towards, float(p[full, 2]), p[0, :2], float(p[0, 2]))


def _first_of(points: NDArray[np.float32], reach: float) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """The points (N, 3) up to so far along a line and one beyond, and how far along (N,) they lie."""
    count = FEW
    while True:
        first = points[:count].astype(np.float64)
        along = arc_lengths(first[:, :2])
        if len(first) == len(points) or along[-1] > reach:
            return first, along
        count *= 4


def bridge(a: End, b: End) -> Stroke | None:
    """A stroke that goes on from one end to the other, in direction and weight; None where that would double back."""
    xy = way_between(a, b)
    return None if xy is None else stroke_along(a, xy, b.radius)


def way_between(a: End, b: End) -> NDArray[np.float64] | None:
    """The places (N, 2) of a bridge from one end to the other.

    A cubic Hermite curve whose tangents are as long as the gap (as in de Boor, "A Practical Guide to Splines").
    """
    gap = b.at - a.at
    far = float(np.hypot(*gap))
    if far < 1e-6:
        return None
    least = math.cos(math.radians(MOST_TURN_DEG))
    if a.towards @ gap < least * far or b.towards @ -gap < least * far:
        return None
    if a.towards @ -b.towards < math.cos(math.radians(MOST_ROUND_DEG)):
        return None  # they run side by side
    u = np.linspace(0.0, 1.0, max(3, math.ceil(far / STEP_PX)))[:, None]
    return np.asarray(
        (2 * u**3 - 3 * u**2 + 1) * a.at + (u**3 - 2 * u**2 + u) * far * a.towards
        + (3 * u**2 - 2 * u**3) * b.at - (u**3 - u**2) * far * b.towards
    )  # fmt: skip


def straight_bridge(a: End, to: NDArray[np.float64]) -> Stroke:
    """A stroke from an end straight to a place, as thick as the end."""
    return stroke_along(a, straight_way(a, to), a.radius)


def straight_way(a: End, to: NDArray[np.float64]) -> NDArray[np.float64]:
    """The places (N, 2) of a bridge from an end straight to a place."""
    count = max(3, math.ceil(math.dist(a.at, to) / STEP_PX))
    return np.asarray(a.at + np.linspace(0.0, 1.0, count)[:, None] * (to - a.at))


def stroke_along(a: End, xy: NDArray[np.float64], last_radius: float) -> Stroke:
    """A stroke of the pen of an end along (N, 2) places, whose weight goes from that of the end to another."""
    radius = max(a.radius, last_radius)
    times = arc_lengths(xy) / PACE_PX_S
    pen = replace(a.stroke.pen, width=ALWAYS, taper_in=NO_TAPER, taper_out=NO_TAPER, dash=(), tilt_widens=1.0)
    weight = np.array([[times[0], a.radius / radius], [times[-1], last_radius / radius]])
    return replace(
        a.stroke, trace=trace_from(times, xy[:, 0], xy[:, 1], 1.0), pen=pen, size_px=2.0 * radius, steady_now=0.0,
        steady_after=0.0, hold=None, cuts=(), uid=new_uid(), mends=replace(NONE, weight=weight), parents=(),
    )  # fmt: skip


def joined(
    page: Page, within_px: float, uid: int | None = None, *, near: NDArray[np.float64] | None = None
) -> tuple[Page, int]:
    """Bridge all ends of the strokes on a layer that lie within reach of each other, the nearest first; also how many
    bridges were made. An end is bridged once. If a swipe is given, `near`, (N, 2), only ends within reach of it are."""
    layer = ink_layer(page, uid)
    made = bridges(layer, within_px, near)
    return (with_inserted(page, layer.uid, None, made) if made else page), len(made)


def bridges(layer: InkLayer, within_px: float, near: NDArray[np.float64] | None = None) -> list[Stroke]:
    """Those that `joined` makes."""
    from scipy.spatial import KDTree  # here: it takes long to import

    strokes = strokes_of(layer) if near is None else strokes_near(layer, rect_around(near, within_px))
    pieces = [(stroke, points) for stroke in strokes for points in _pieces_of(stroke)]
    if not pieces:
        return []
    tips = np.concatenate([points[[0, -1], :2] for _, points in pieces]).astype(np.float64)
    kept = np.arange(len(tips)) if near is None else np.flatnonzero(KDTree(near).query(tips)[0] <= within_px)
    if not len(kept):
        return []
    ends = [_end(*pieces[k // 2], is_last=k % 2 == 1) for k in kept.tolist()]
    close = KDTree(tips[kept]).query_pairs(within_px, output_type="ndarray")
    gaps = np.hypot(*(tips[kept[close[:, 0]]] - tips[kept[close[:, 1]]]).T)
    pairs = [(gap, i, j) for gap, (i, j) in zip(gaps.tolist(), close.tolist(), strict=True) if gap > 1e-6]
    used: set[int] = set()
    found: list[Stroke] = []
    for _, i, j in sorted(pairs):
        if i in used or j in used:
            continue
        made = bridge(ends[i], ends[j])
        if made is not None:
            used |= {i, j}
            found.append(made)
    return found
