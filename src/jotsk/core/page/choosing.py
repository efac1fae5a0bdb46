"""Finding strokes by where they are."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry.polygons import inside
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import Stroke
from jotsk.core.page.layers import InkLayer, Layer

MOST_LASSO, MOST_PLACES = 600, 200  # of a lasso, and of each line that may lie in it: enough to tell half of it


def strokes_inside(layer: Layer | None, lasso: NDArray[np.float64]) -> list[Stroke]:
    """Strokes of which at least half the centre line lies in a lasso, (N, 2) page px, closed of itself."""
    if not isinstance(layer, InkLayer) or len(lasso) < 3:
        return []
    area, corners = rect_around(lasso), _few(lasso, MOST_LASSO)
    return [
        s for s in layer.marks
        if s.bounds & area and inside(_few(s.ribbon.points[:, :2], MOST_PLACES), corners).mean() >= 0.5
    ]  # fmt: skip


def _few(places: NDArray[np.floating], most: int) -> NDArray[np.floating]:
    """At most so many of (N, 2) places, spread over all of them."""
    return places[:: -(-len(places) // most)] if len(places) > most else places


def stroke_at(layer: Layer | None, x: float, y: float, reach_px: float) -> Stroke | None:
    """The stroke nearest to a place, its width counted, within `reach_px`; of equals the one drawn last."""
    if not isinstance(layer, InkLayer):
        return None
    area = rect_around(np.array([[x, y]]), reach_px)
    best, nearest = None, reach_px
    for stroke in layer.marks:
        if stroke.bounds & area:
            points = stroke.ribbon.points
            gap = float((np.hypot(points[:, 0] - x, points[:, 1] - y) - points[:, 2]).min())
            if gap <= nearest:
                best, nearest = stroke, max(gap, 0.0)
    return best
