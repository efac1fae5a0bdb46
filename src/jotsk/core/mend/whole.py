"""What is done to whole strokes: fewer points, another place, another pen."""

from __future__ import annotations

from collections.abc import Callable, Sequence
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
from jotsk.core.mend.brush import changed, check_weight
from jotsk.core.mend.snip import ink_layer
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.words import tr

FARTHEST_PX, LEAST_SIZE, LARGEST_SIZE = 1e6, 0.01, 1e4


def simplified(page: Page, strokes: Sequence[Stroke], tolerance_px: float, uid: int | None = None) -> tuple[Page, int]:
    """Hold strokes to a smooth curve through as few points as keep it within a tolerance of them; weight and texture
    stay those of the hand."""
    if not tolerance_px > 0:
        raise Refused(tr("A tolerance is more than 0 px."))
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
    return changed(page, strokes, lambda stroke: placed_stroke(stroke, by, scaled=scaled), uid)


def placed_stroke(stroke: Stroke, by: Map, *, scaled: bool = True) -> Stroke:
    """One stroke so moved. Raises Refused where it would leave all sight."""
    places = placed_places([by], stroke.own_ribbon.points[:, :2].astype(np.float64))
    if not np.isfinite(places).all() or np.abs(places).max(initial=0.0) > FARTHEST_PX:
        raise Refused(tr("That would move a line out of all sight; the page is as it was."))
    return stroke.mended(stroke.mends.with_placement(by, scaled=scaled))


def copied(
    page: Page, strokes: Sequence[Stroke], by: Map, *, scaled: bool = True, uid: int | None = None
) -> tuple[Page, list[Stroke]]:
    """Copies of strokes, moved, above the last of them on their layer; also the copies."""
    layer = ink_layer(page, uid)
    copies = [placed_stroke(stroke, by, scaled=scaled).as_another() for stroke in strokes]
    known = {id(stroke) for stroke in strokes}
    top = next((mark for mark in reversed(list(layer.marks)) if id(mark) in known), None)
    return with_inserted(page, layer.uid, top, copies), copies


def recast(page: Page, strokes: Sequence[Stroke], uid: int | None = None, **values: Any) -> tuple[Page, int]:
    """Give strokes another `pen`, `size_px`, `color` or `steady_after`."""
    return changed(page, strokes, lambda stroke: recast_stroke(stroke, **values), uid)


def recast_stroke(stroke: Stroke, **values: Any) -> Stroke:
    same = all(getattr(stroke, name) == value for name, value in values.items())
    return stroke if same else replace(stroke, **values)


def line_weights_scaled(page: Page, by: float, report: Callable[[float], None] = lambda _: None) -> tuple[Page, int]:
    """Every line of every ink layer so many times as thick, so that another print size keeps its line weights; also
    how many there were. Locked layers too: it is the page that is prepared."""
    check_weight(by)
    count = 0
    layers = [layer for layer in page.layers if isinstance(layer, InkLayer) and not layer.is_sketch]
    for k, layer in enumerate(layers):
        report(k / len(layers))
        strokes = [mark for mark in layer.marks if isinstance(mark, Stroke)]
        pairs = [(s, replace(s, size_px=min(LARGEST_SIZE, max(LEAST_SIZE, s.size_px * by)))) for s in strokes]
        if pairs and by != 1.0:
            page, count = with_all_replaced(page, layer.uid, pairs), count + len(pairs)
    return page, count
