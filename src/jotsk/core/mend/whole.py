"""What is done to whole strokes: fewer points, another place, another pen."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import Any

import numpy as np

from jotsk.core.errors import Refused
from jotsk.core.geometry.placement import Map
from jotsk.core.geometry.placement import placed as placed_places
from jotsk.core.guides.draft import few_points
from jotsk.core.guides.holding import Hold
from jotsk.core.guides.rails import Curve
from jotsk.core.marks import Stroke
from jotsk.core.mend.brush import changed
from jotsk.core.page import Page

FARTHEST_PX = 1e6


def simplified(page: Page, strokes: Sequence[Stroke], tolerance_px: float, uid: int | None = None) -> tuple[Page, int]:
    """Hold strokes to a smooth curve through as few points as keep it within a tolerance of them; weight and texture
    stay those of the hand."""
    if not tolerance_px > 0:
        raise Refused("A tolerance is more than 0 px.")
    return changed(page, strokes, lambda stroke: simplified_stroke(stroke, tolerance_px), uid)


def simplified_stroke(stroke: Stroke, tolerance_px: float) -> Stroke:
    """The same stroke if it has too few points to lose any."""
    line = stroke.mends.shifted(stroke.line.t, stroke.line.xy)
    if len(line) < 4:
        return stroke
    points = few_points(line, tolerance_px)
    if len(points) < 2 or len(set(points)) < 2:
        return stroke
    curve = Curve(points)
    held = stroke.settled(Hold(curve, (0.0, curve.length)))
    return held.mended(replace(held.mends, shift=None))  # it is in the curve now


def placed(
    page: Page, strokes: Sequence[Stroke], by: Map, *, scaled: bool = True, uid: int | None = None
) -> tuple[Page, int]:
    """Move strokes by a projective map, (3, 3) page px, or a mesh; weights are `scaled` with it or kept."""

    def move(stroke: Stroke) -> Stroke:
        places = placed_places([by], stroke.own_ribbon.points[:, :2].astype(np.float64))
        if not np.isfinite(places).all() or np.abs(places).max(initial=0.0) > FARTHEST_PX:
            raise Refused("That would move a line out of all sight; the page is as it was.")
        return stroke.mended(stroke.mends.with_placement(by, scaled=scaled))

    return changed(page, strokes, move, uid)


def recast(page: Page, strokes: Sequence[Stroke], uid: int | None = None, **values: Any) -> tuple[Page, int]:
    """Give strokes another `pen`, `size_px`, `color` or `steady_after`."""

    def cast(stroke: Stroke) -> Stroke:
        same = all(getattr(stroke, name) == value for name, value in values.items())
        return stroke if same else replace(stroke, **values)

    return changed(page, strokes, cast, uid)
