"""Lines pushed off what they touch: most where they are nearest, less and less along them."""

from __future__ import annotations

from collections.abc import Collection

import numpy as np
from numpy.typing import NDArray

from jotsk.core.marks import Stroke
from jotsk.core.mend.brush import shifted_by
from jotsk.core.mend.snip import strokes_of
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced

APART = 2.5  # times as far as what counts as touching
REACH_GAPS, REACH_RADII = 4.0, 8.0  # along a line, beyond what touches


def pushed_off(
    page: Page, *, uids: Collection[int], at: NDArray[np.float64], way: NDArray[np.float64], within_px: float,
    reach_px: float,
) -> Page:  # fmt: skip
    """The strokes with some uids moved `way` (2,), a unit vector, where they come nearest to a place (2,), so that they
    no longer count as touching within so many px. They are moved along so much of them, and a little beyond."""
    for layer in page.layers:
        if not isinstance(layer, InkLayer):
            continue
        strokes = [stroke for stroke in strokes_of(layer) if stroke.uid in uids]
        pairs = [(stroke, _pushed(stroke, at, APART * within_px * way, within_px, reach_px)) for stroke in strokes]
        if pairs:
            page = with_all_replaced(page, layer.uid, pairs)
    return page


def _pushed(
    stroke: Stroke, at: NDArray[np.float64], by: NDArray[np.float64], within_px: float, reach_px: float
) -> Stroke:
    points = stroke.own_ribbon.points.astype(np.float64)
    nearest = points[np.hypot(*(points[:, :2] - at).T).argmin()]
    reach = reach_px + REACH_GAPS * within_px + REACH_RADII * nearest[2]
    share = np.maximum(0.0, 1 - (np.hypot(*(points[:, :2] - nearest[:2]).T) / reach) ** 2) ** 2
    return shifted_by(stroke, stroke.own_ribbon.times, share[:, None] * by)
