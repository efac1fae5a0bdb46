"""Closing while one draws: an end that comes near its own start, another end or a line is led there."""

from __future__ import annotations

import math
from collections.abc import Sequence

import numpy as np

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend.join import End, bridge, ends_of, straight_bridge
from jotsk.core.mend.snip import strokes_near
from jotsk.core.page import InkLayer, Page

REACHES_SHARE = 0.5  # an end this far inside another line, in its radii, is closed already


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
