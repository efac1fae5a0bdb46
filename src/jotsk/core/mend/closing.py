"""Closing while one draws: an end that comes near its own start, another end or a line is led there."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend.join import End, bridge, ends_of, straight_bridge
from jotsk.core.mend.snip import strokes_near
from jotsk.core.mend.splice import splice
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_mark, with_replaced

ALONG_WIDTHS, ALONG_PX, ALONG_SHARE, ALONG_COS = 1.5, 6.0, 0.2, 0.8  # of a stroke that goes along another
REACHES_SHARE = 0.5  # an end this far inside another line, in its radii, is closed already


def with_stroke_closed(page: Page, stroke: Stroke, within_px: float, *, to_start: bool = False) -> Page:
    """The page with a new stroke on its active layer, and with what closes its ends: see `bridges_of`."""
    bridges = bridges_of(page, stroke, within_px, to_start=to_start)
    page = with_mark(page, stroke)
    for each in bridges:
        page = with_mark(page, each)
    return page


def with_stroke_spliced(page: Page, stroke: Stroke, last: Stroke) -> tuple[Page, Stroke]:
    """The page with one line in the place of its last one and a new stroke along it; also that line. A stroke that does
    not go along the last one is put down as it is."""
    layer = page.active
    if isinstance(layer, InkLayer) and layer.marks.holds(last) and goes_along(stroke, last):
        line = replace(splice([last, stroke]), parents=(*(last.parents or (last,)), stroke))
        return with_replaced(page, layer.uid, last, line), line
    return with_mark(page, stroke), stroke


def goes_along(stroke: Stroke, last: Stroke) -> bool:
    """Whether a stroke is of the pen and the colour of another, and begins or ends on it, running its way."""
    if stroke.pen.id != last.pen.id or stroke.color != last.color or stroke.atop or last.atop:
        return False
    new, old = stroke.own_ribbon.points.astype(float), last.own_ribbon.points.astype(float)
    if len(new) < 4 or len(old) < 4:
        return False
    away = np.hypot(new[:, None, 0] - old[None, :, 0], new[:, None, 1] - old[None, :, 1])[:: max(1, len(new) // 80)]
    nearest = away.argmin(axis=1)
    places = new[:: max(1, len(new) // 80)]
    beside = away.min(axis=1) <= ALONG_WIDTHS * 2 * old[nearest, 2] + ALONG_PX
    if beside.mean() < ALONG_SHARE:
        return False
    way, theirs = np.gradient(places[:, :2], axis=0), np.gradient(old[:, :2], axis=0)[nearest]
    turns = (way * theirs).sum(axis=1) / np.maximum(np.hypot(*way.T) * np.hypot(*theirs.T), 1e-9)
    return bool(np.abs(turns[beside]).mean() >= ALONG_COS)


def bridges_of(page: Page, stroke: Stroke, within_px: float, *, to_start: bool = False) -> list[Stroke]:
    """The strokes that close the ends of a new stroke of the active layer, if they come within so many px of its own
    start, of another end, or of a line; with `to_start` its end is led to its start however far that is."""
    ends = ends_of(stroke)
    if len(ends) < 2:
        return []
    first, last = ends[0], ends[-1]
    if to_start:
        return [bridge(last, first) or straight_bridge(last, first.at)]
    if within_px <= 0:
        return []
    gap = math.dist(first.tip, last.tip)
    if gap <= within_px:
        if gap < 1e-6 or stroke.own_ribbon.length_px < 3 * gap:
            return []  # a dot, or a line that is short itself
        return [bridge(last, first) or straight_bridge(last, first.at)]
    layer = page.active
    if not isinstance(layer, InkLayer):
        return []
    found = []
    for end in (first, last):
        near = strokes_near(layer, rect_around(end.tip[None], within_px))
        made = _closed(end, [other for other in near if other.uid != stroke.uid], within_px)
        if made is not None:
            found.append(made)
    return found


def _closed(end: End, others: Sequence[Stroke], within_px: float) -> Stroke | None:
    """The bridge from an end to the nearest other end, or else to the nearest line, within reach."""
    x, y = end.tip.tolist()
    if not others or any(other.gap_to(x, y) <= -REACHES_SHARE * end.radius for other in others):
        return None
    theirs = [other for stroke in others for other in ends_of(stroke)]
    near = sorted((math.dist(end.tip, other.tip), k) for k, other in enumerate(theirs))
    for gap, k in near:
        if gap > within_px:
            break
        made = bridge(end, theirs[k])
        if made is not None:
            return made
    ahead = [place for stroke in others if (place := _ahead(end, stroke, within_px)) is not None]
    if not ahead:
        return None
    return straight_bridge(end, min(ahead, key=lambda place: math.dist(place, end.tip)))


def _ahead(end: End, stroke: Stroke, within_px: float) -> np.ndarray | None:
    """The place on the middle of a line that lies ahead of an end, within reach of its edge; None if there is none."""
    points = stroke.own_ribbon.points.astype(np.float64)
    away = points[:, :2] - end.tip
    far = np.hypot(*away.T)
    reachable = (far - points[:, 2] <= within_px) & (away @ end.towards > 0.3 * far)
    if not reachable.any():
        return None
    return points[reachable, :2][int(far[reachable].argmin())]
