"""Ends that stop exactly on another line: neither drawn into it nor short of it, so that one form seems to hang on the
other."""

from __future__ import annotations

import math
from functools import partial

import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import Finding
from jotsk.core.check.ink_index import InkIndex, lie_in
from jotsk.core.geometry import Rect
from jotsk.core.marks import Stroke
from jotsk.core.mend.join import End, straight_bridge
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.words import tr

TOUCH_PX = 0.6  # between a tip and an edge that look as if they touched
AHEAD_COS, ALONG_COS = 0.4, 0.8  # what an end points at; and what it runs along, rather than onto
STEP_PX = 3.0  # between two places of a line, at most
LEAST_WIDTHS = 4.0  # as long as a line is, for its end to matter


def stops(page: Page, *, index: InkIndex | None = None, area: Rect | None = None) -> list[Finding]:
    """Ends whose tip touches the edge of another line and goes no farther; only those in an `area`, if there is one.
    Hatching ends where it likes, and dashes are no line to stop on."""
    index = index or InkIndex(page, area)
    owners, places = index.tips
    if not len(owners):
        return []
    hatching, found = index.hatching, []
    tips, radii = index.xy[places], index.radii[places]
    _, of_met = index.open_px(TOUCH_PX + STEP_PX)
    touches = np.isfinite(of_met)
    if area is not None:
        touches &= lie_in(tips, area)
    for k in np.flatnonzero(touches).tolist():
        number = int(owners[k])
        stroke = index.strokes[number]
        if stroke.own_ribbon.length_px < LEAST_WIDTHS * stroke.size_px:
            continue
        near = index.around(tips[k], radii[k] + index.thickest + TOUCH_PX)
        others = np.unique(index.owners[near])
        others = others[(others != number) & ~hatching[others] & ~index.broken[others]]
        away = {other: index.strokes[other].gap_to(*tips[k].tolist()) for other in others.tolist()}
        touched = [index.strokes[other] for other, gap in away.items() if gap <= radii[k] + TOUCH_PX]
        if len(touched) != 1 or min(away.values()) < 0.0:  # it goes on in another
            continue
        end = index.end_at(int(places[k]))
        assert end is not None
        at = (float(tips[k][0]), float(tips[k][1]))
        place = _met(touched[0], end)
        if place is None:
            continue
        layer = index.layers[number]
        words = tr("This line stops exactly on another: draw it in, or end it before.")
        mend = partial(with_inserted, uid=layer.uid, below=None, new=[straight_bridge(end, place)])
        found.append(Finding("tangent", at, 0.0, layer.name, words, stroke.size_px, mend, stroke.uid))
    return found


def _met(other: Stroke, end: End) -> NDArray[np.float64] | None:
    """The place in the middle of a line that an end points at; None if it runs beside it."""
    points = other.own_ribbon.points.astype(np.float64)
    away = points[:, :2] - end.tip
    far = np.hypot(*away.T)
    k = int((far - points[:, 2]).argmin())
    a, b = points[max(0, k - 2), :2], points[min(len(points) - 1, k + 2), :2]
    way = (b - a) / max(1e-6, math.dist(a, b))
    if away[k] @ end.towards < AHEAD_COS * far[k] or abs(float(way @ end.towards)) > ALONG_COS:
        return None
    return np.asarray(points[k, :2])
