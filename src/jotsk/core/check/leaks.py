"""Leaks: gaps between ends and lines through which an area would flood another."""

from __future__ import annotations

import math
from collections.abc import Sequence
from functools import partial
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import USUAL, Finding
from jotsk.core.check.ink_index import InkIndex, lie_in
from jotsk.core.fill.clear import clear_px
from jotsk.core.fill.region_kernel import go_downhill
from jotsk.core.fill.regions import distance_of, halved, halvings
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks.area import Pour
from jotsk.core.mend.join import End, straight_way, stroke_along, way_between
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.words import tr

MOST_PX = 9_000_000  # of the picture regions are told apart on
LEAST_MM2 = 1.5  # what would flood is smaller than anybody sees
ROOM_PX, LEAST_PX, HALF_STEP_PX = 3.0, 0.6, 1.5
BESIDE_BRIDGE_PX = 4  # that are looked at for a way through a gap
AROUND_PX = 400  # of a part of the page that is looked at again


def leaks(
    page: Page, gap_px: float = USUAL.leak_px, *, index: InkIndex | None = None, area: Rect | None = None
) -> list[Finding]:
    """Every gap of up to `gap_px` that parts two areas of the ink, the one that would flood most first; only those in
    an `area`, if there is one. Ends of hatching leave no gap: it is drawn with open ends."""
    index = index or InkIndex(page)
    regions: _Regions | None = None
    found: list[Finding] = []
    taken: list[tuple[float, float]] = []
    for number, end, near in taking_turns(_candidates(index, gap_px, area)):
        gap = _nearest(index, near, number, end, gap_px)
        if gap is None:
            continue
        width, way, last_radius, at, beyond = gap
        if any(math.dist(at, before) < gap_px for before in taken) or (area is not None and not area.holds(*at)):
            continue
        regions = regions or _regions(page, gap_px, area)
        flood = _flooded(regions, way, (end.radius + last_radius) / 2)
        if flood is None:
            continue
        mm2 = flood.px * (regions.k / page.dpi * MM_PER_INCH) ** 2
        if mm2 < LEAST_MM2 or _is_closed(page, way, flood.sides) or _is_whisker(index, number, end, beyond, gap_px):
            continue
        taken.append(at)
        layer, stroke = index.layers[number], index.strokes[number]
        words = tr("A gap of {width:.0f} px: {size} would run out here.", width=width, size=_size(mm2))
        mend = partial(with_inserted, uid=layer.uid, below=None, new=[stroke_along(end, way, last_radius)])
        found.append(Finding("leak", at, width, layer.name, words, mm2, mend, stroke.uid))
    return sorted(found, key=lambda finding: -finding.weight)


def _candidates(index: InkIndex, gap_px: float, area: Rect | None) -> list[tuple[int, End, NDArray[np.int64]]]:
    """The ends, at an area if there is one, that touch nothing and have something within a gap: the number of their
    stroke, the end, and the places that are so near, of other strokes and of the ends of its own."""
    owners, places = index.tips
    if not len(owners):
        return []
    hatching = index.hatching
    tips, radii = index.xy[places], index.radii[places]
    of_any, of_met = index.open_px(gap_px + HALF_STEP_PX)
    is_tip = np.zeros(len(index.xy), np.bool_)
    is_tip[places] = True
    found = []
    is_open = (of_any > LEAST_PX) & np.isfinite(of_met)
    if area is not None:
        is_open &= lie_in(tips, area, radii + gap_px)
    for k in taking_turns(np.flatnonzero(is_open).tolist()):
        number = int(owners[k])
        near = index.around(tips[k], gap_px + radii[k] + index.thickest + LEAST_PX)
        open_px = np.hypot(*(index.xy[near] - tips[k]).T) - index.radii[near] - radii[k]
        strange = index.owners[near] != number
        close = open_px <= gap_px + HALF_STEP_PX
        others = np.unique(index.owners[near[close & strange]])
        if _touches(index, others[~hatching[others]], tips[k], float(radii[k])):
            continue
        met = near[close & ((strange & ~hatching[index.owners[near]]) | (is_tip[near] & (near != places[k])))]
        end = index.end_at(int(places[k]))
        if len(met) and end is not None:
            found.append((number, end, met))
    return found


def _touches(index: InkIndex, others: NDArray[np.int64], tip: NDArray[np.float64], radius: float) -> bool:
    """Whether an end lies at others between two of their places."""
    x, y = tip.tolist()
    return any(index.strokes[other].gap_to(x, y) <= radius + LEAST_PX for other in others)


def _size(mm2: float) -> str:
    return tr("{mm2:.1f} cm²", mm2=mm2 / 100) if mm2 >= 50 else tr("{mm2:.0f} mm²", mm2=mm2)


class _Regions(NamedTuple):
    """The regions between the lines, every gap closed, `k` px of the page to one; how large each is; and the page px
    where their picture begins."""

    labels: NDArray[np.int32]
    k: int
    sizes: NDArray[np.int64]
    corner: tuple[int, int]


def _regions(page: Page, gap_px: float, area: Rect | None = None) -> _Regions:
    times = halvings(page.width * page.height, MOST_PX)  # a part is looked at as the whole is
    k = 1 << times
    window = page.bounds
    if area is not None:
        around = area.grown(AROUND_PX) & page.bounds
        window = Rect(around.x0 // k * k, around.y0 // k * k, around.x1, around.y1)
    free = halved(clear_px(page, Pour((0.0, 0.0)), window), times)
    distance = distance_of(free)
    half = (gap_px / k + 1) / 2 + 0.5
    _, labels = cv2.connectedComponents((distance > half).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    go_downhill(labels, distance)
    return _Regions(labels, k, np.bincount(labels.ravel()), (window.x0, window.y0))


class _Gap(NamedTuple):
    """How wide it is, what would bridge it, (N, 2) places and the radius at their end, where it is, and the number of
    the stroke beyond."""

    px: float
    way: NDArray[np.float64]
    last_radius: float
    at: tuple[float, float]
    beyond: int


def _nearest(index: InkIndex, near: NDArray[np.int64], number: int, end: End, gap_px: float) -> _Gap | None:
    """The gap from an end of a stroke to what lies ahead of it, among places that are near."""
    tip = end.tip
    best: _Gap | None = None
    away = index.xy[near] - tip
    far = np.hypot(*away.T)
    open_px = far - index.radii[near] - end.tip_radius
    some = np.flatnonzero((open_px > LEAST_PX) & (open_px <= gap_px))
    for k in some[np.argsort(open_px[some], kind="stable")].tolist():
        other = index.end_at(int(near[k]))
        if other is None or (other.stroke is end.stroke and other.is_last == end.is_last):
            continue
        way = way_between(end, other)
        if way is not None:
            middle = (tip + other.tip) / 2
            beyond = int(index.owners[near[k]])
            best = _Gap(float(open_px[k]), way, other.radius, (float(middle[0]), float(middle[1])), beyond)
            break
    ahead = (index.owners[near] != number) & (open_px <= gap_px) & (away @ end.towards > 0.4 * far)
    if ahead.any():
        k = int(np.where(ahead, open_px, np.inf).argmin())
        gap = float(open_px[k])
        if gap > LEAST_PX and (best is None or gap < best.px):
            middle = tip + away[k] * ((end.tip_radius + gap / 2) / max(1e-6, far[k]))
            way = straight_way(end, index.xy[near[k]])
            beyond = int(index.owners[near[k]])
            best = _Gap(gap, way, end.radius, (float(middle[0]), float(middle[1])), beyond)
    return best


def _is_whisker(index: InkIndex, number: int, end: End, beyond: int, gap_px: float) -> bool:
    """Whether a stroke goes over another just before its end, which stands out like a whisker: over any within the
    width of a gap, and over the one beyond the gap within twice that."""
    own = index.xy[index.starts[number] : index.starts[number + 1]]
    away = np.hypot(*(own - end.tip).T)
    last, away = own[away <= 2 * gap_px], away[away <= 2 * gap_px]
    near = index.around(end.tip, 2 * gap_px + index.thickest)
    near = near[index.owners[near] != number]
    far = np.hypot(*(last[:, None] - index.xy[near]).transpose(2, 0, 1))
    within = np.where(index.owners[near] == beyond, 2 * gap_px, gap_px)
    return bool(((far <= index.radii[near]) & (away[:, None] <= within)).any())


class _Flood(NamedTuple):
    """How large the smaller of the regions on both sides of a bridge is, px, and a place on each side, page px."""

    px: int
    sides: list[tuple[float, float]]


def _flooded(regions: _Regions, bridge: NDArray[np.float64], radius: float) -> _Flood | None:
    """What would flood through a gap; None if its bridge parts nothing."""
    labels, k, areas, corner = regions
    middle, way = bridge[len(bridge) // 2], bridge[-1] - bridge[0]
    length = float(np.hypot(*way))
    if length < 1e-6:
        return None
    side = np.array([-way[1], way[0]]) / length
    found, sides = [], []
    for sign in (1, -1):
        for reach in (radius + ROOM_PX * k, radius + 2.5 * ROOM_PX * k, radius + 5 * ROOM_PX * k):
            place = middle + sign * reach * side
            x, y = ((place - corner) / k).astype(int).tolist()
            if 0 <= y < labels.shape[0] and 0 <= x < labels.shape[1] and labels[y, x]:
                found.append(int(labels[y, x]))
                sides.append((float(place[0]), float(place[1])))
                break
    if len(found) < 2 or found[0] == found[1]:
        return None
    return _Flood(int(min(areas[found[0]], areas[found[1]])), sides)


def _is_closed(page: Page, way: NDArray[np.float64], sides: Sequence[tuple[float, float]]) -> bool:
    """Whether what is poured on one side of a bridge does not reach the other there: px that are at least half covered
    part both already."""
    window = rect_around(np.concatenate([way, sides]), BESIDE_BRIDGE_PX) & page.bounds
    free = clear_px(page, Pour((0.0, 0.0)), window).view(np.uint8)
    _, labels = cv2.connectedComponents(free, connectivity=4)
    one, other = (labels[int(y) - window.y0, int(x) - window.x0] for x, y in sides)
    return bool(one and other and one != other)
