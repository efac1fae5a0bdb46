"""Finding strokes by where they are."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.page.layers.layer import InkLayer, Layer

MOST_LASSO = 600  # places of a lasso, which are enough to tell what lies in it


def strokes_inside(layer: Layer | None, lasso: NDArray[np.float64]) -> list[Stroke]:
    """Strokes of which at least half the centre line lies in a lasso, (N, 2) page px, closed of itself."""
    if not isinstance(layer, InkLayer) or len(lasso) < 3:
        return []
    area, corners = rect_around(lasso), lasso[:: -(-len(lasso) // MOST_LASSO)]
    return [s for s in layer.marks.touching(area) if isinstance(s, Stroke) and s.share_inside(corners) >= 0.5]


def stroke_at(layer: Layer | None, x: float, y: float, reach_px: float) -> Stroke | None:
    """The stroke nearest to a place, its width counted, within `reach_px`; of equals the one drawn last."""
    if not isinstance(layer, InkLayer):
        return None
    area = rect_around(np.array([[x, y]]), reach_px)
    best, nearest = None, reach_px
    for stroke in layer.marks.touching(area):
        if isinstance(stroke, Stroke) and stroke.bounds & area:
            gap = stroke.gap_to(x, y)
            if gap <= nearest:
                best, nearest = stroke, max(gap, 0.0)
    return best


def strokes_across(layer: Layer | None, way: NDArray[np.float64]) -> list[Stroke]:
    """The strokes whose ink a line, (N, 2) page px, passes over."""
    if not isinstance(layer, InkLayer) or not len(way):
        return []
    along = arc_lengths(way)
    at = np.linspace(0, along[-1], int(along[-1]) + 2)
    places = np.column_stack([np.interp(at, along, way[:, k]) for k in (0, 1)]) if along[-1] > 0 else way[:1]
    from scipy.spatial import KDTree  # here: it takes long to import

    near, passed = layer.marks.touching(rect_around(way, 1.0)), KDTree(places)
    return [s for s in near if isinstance(s, Stroke) and s.gap_to_any(passed, 1.0) <= 0]
