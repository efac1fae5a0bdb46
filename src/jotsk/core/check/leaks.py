"""Leaks: gaps between ends and lines through which an area would flood another."""

from __future__ import annotations

import math
from functools import partial

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import Finding
from jotsk.core.fill.pour import clear_px
from jotsk.core.fill.region_kernel import go_downhill
from jotsk.core.fill.regions import distance_of, halved
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.marks.area import Pour
from jotsk.core.mend.join import End, bridge, ends_of, straight_bridge
from jotsk.core.mend.snip import shown_ink, strokes_near
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.frames import MM_PER_INCH

MOST_PX = 9_000_000  # of the picture regions are told apart on
LEAST_MM2 = 1.5  # what would flood is smaller than anybody sees
ROOM_PX, LEAST_PX = 3.0, 0.6


def leaks(page: Page, gap_px: float = 8.0) -> list[Finding]:
    """Every gap of up to `gap_px` that parts two areas of the ink, the one that would flood most first."""
    labels, k, areas = _regions(page, gap_px)
    layers = shown_ink(page)
    found: list[Finding] = []
    taken: list[tuple[float, float]] = []
    for layer in layers:
        for stroke in (mark for mark in layer.marks if isinstance(mark, Stroke)):
            for end in ends_of(stroke):
                gap = _nearest(layers, end, gap_px)
                if gap is None:
                    continue
                width, made, at = gap
                if any(math.dist(at, other) < gap_px for other in taken):
                    continue
                flood = _flooded(labels, areas, k, made)
                if flood is None:
                    continue
                mm2 = flood * (k / page.dpi * MM_PER_INCH) ** 2
                if mm2 < LEAST_MM2:
                    continue
                taken.append(at)
                words = f"A gap of {width:.0f} px: {_size(mm2)} would run out here."
                mend = partial(_bridged, uid=layer.uid, made=made)
                found.append(Finding("leak", at, width, layer.name, words, mm2, mend, stroke.uid))
    return sorted(found, key=lambda finding: -finding.weight)


def _size(mm2: float) -> str:
    return f"{mm2 / 100:.1f} cm²" if mm2 >= 50 else f"{mm2:.0f} mm²"


def _bridged(page: Page, *, uid: int, made: Stroke) -> Page:
    return with_inserted(page, uid, None, [made])


def _regions(page: Page, gap_px: float) -> tuple[NDArray[np.int32], int, NDArray[np.int64]]:
    """The regions between the lines, every gap closed, on the page halved so often that it is small; how many px of it
    one is; and how large each region is."""
    free = clear_px(page, Pour((0.0, 0.0)), page.bounds)
    free, k = halved(free, MOST_PX)
    distance = distance_of(free)
    half = (gap_px / k + 1) / 2 + 0.5
    _, labels = cv2.connectedComponents((distance > half).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    go_downhill(labels, distance)
    return labels, k, np.bincount(labels.ravel())


def _nearest(layers: list[InkLayer], end: End, gap_px: float) -> tuple[float, Stroke, tuple[float, float]] | None:
    """The gap from an end to what lies ahead of it: how wide it is, what bridges it, and where it is."""
    tip = end.tip
    near = [s for layer in layers for s in strokes_near(layer, rect_around(tip[None], gap_px + 2 * end.radius + 2))]
    x, y = tip.tolist()
    own = end.stroke
    if any(s is not own and s.gap_to(x, y) <= _tip_radius(end) + LEAST_PX for s in near):
        return None  # it touches
    best: tuple[float, Stroke, tuple[float, float]] | None = None
    own_radius = _tip_radius(end)
    for stroke in near:
        for other in ends_of(stroke):
            if stroke is own and other.is_last == end.is_last:
                continue
            gap = math.dist(tip, other.tip) - own_radius - _tip_radius(other)
            if LEAST_PX < gap <= gap_px and (best is None or gap < best[0]):
                made = bridge(end, other)
                if made is not None:
                    middle = (tip + other.tip) / 2
                    best = gap, made, (float(middle[0]), float(middle[1]))
        if stroke is own:
            continue
        points = stroke.own_ribbon.points.astype(np.float64)
        away = points[:, :2] - tip
        far = np.hypot(*away.T)
        open_px = far - points[:, 2] - own_radius
        ahead = (open_px <= gap_px) & (away @ end.towards > 0.4 * far)
        if ahead.any():
            k = int(np.where(ahead, open_px, np.inf).argmin())
            gap = float(open_px[k])
            if gap > LEAST_PX and (best is None or gap < best[0]):
                made = straight_bridge(end, points[k, :2])
                middle = tip + away[k] * ((own_radius + gap / 2) / max(1e-6, far[k]))
                best = gap, made, (float(middle[0]), float(middle[1]))
    return best


def _tip_radius(end: End) -> float:
    points = end.stroke.own_ribbon.points
    return float(points[int(np.hypot(points[:, 0] - end.tip[0], points[:, 1] - end.tip[1]).argmin()), 2])


def _flooded(labels: NDArray[np.int32], areas: NDArray[np.int64], k: int, made: Stroke) -> int | None:
    """The smaller of the regions on both sides of a bridge, px; None if it parts none."""
    points = made.own_ribbon.points
    middle = points[len(points) // 2].astype(np.float64)
    way = (points[-1, :2] - points[0, :2]).astype(np.float64)
    length = float(np.hypot(*way))
    if length < 1e-6:
        return None
    side = np.array([-way[1], way[0]]) / length
    found = []
    for sign in (1, -1):
        own = 0
        for reach in (middle[2] + ROOM_PX * k, middle[2] + 2.5 * ROOM_PX * k, middle[2] + 5 * ROOM_PX * k):
            x, y = ((middle[:2] + sign * reach * side) / k).astype(int).tolist()
            if 0 <= y < labels.shape[0] and 0 <= x < labels.shape[1] and labels[y, x]:
                own = int(labels[y, x])
                break
        found.append(own)
    if not all(found) or found[0] == found[1]:
        return None
    return int(min(areas[found[0]], areas[found[1]]))
