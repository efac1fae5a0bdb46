"""Parts of lines: a loop parts the lines it crosses, so that what is inside can be chosen by itself."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry.polygon_kernel import inside
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import Span
from jotsk.core.mend.snip import ink_layer, strokes_near
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted


def parted(page: Page, loop: NDArray[np.float64], uid: int | None = None) -> tuple[Page, list[Stroke]]:
    """Part the strokes of a layer where a loop, (N, 2) page px, crosses their middles; also the strokes that lie
    inside it now. One that the loop does not cross stays as it is."""
    layer, found = ink_layer(page, uid), []
    for stroke in strokes_near(layer, rect_around(loop)):
        within = spans_inside(stroke, loop)
        if not within:
            continue
        part = kept(stroke, within)
        if part is None:
            continue
        rest = stroke.mended(stroke.mends.without(within, stroke.times))
        if not len(rest.own_ribbon.points):
            found.append(stroke)
            continue
        part = part.as_another()
        found.append(part)
        page = with_all_replaced(page, layer.uid, [(stroke, rest)])
        page = with_inserted(page, layer.uid, rest, [part])
    return page, found


def kept(stroke: Stroke, spans: Sequence[Span]) -> Stroke | None:
    """Only those times of what a stroke has; None if nothing is left."""
    before = stroke.mends.spans or (stroke.times,)
    both = [(max(a, c), min(b, d)) for a, b in before for c, d in spans if min(b, d) > max(a, c)]
    return stroke.mended(replace(stroke.mends, spans=tuple(both))) if both else None


def spans_inside(stroke: Stroke, loop: NDArray[np.float64]) -> list[Span]:
    """The times at which the middle of a line lies inside a loop; ends of the line are open, so that its caps stay."""
    ribbon, spans = stroke.own_ribbon, []
    first, last = stroke.times
    for start, stop in ribbon.pieces:
        within = inside(ribbon.points[start:stop, :2].astype(np.float64), loop)
        times = ribbon.times[start:stop]
        edges = np.flatnonzero(np.diff(np.concatenate([[False], within, [False]]).astype(np.int8))).reshape(-1, 2)
        for a, b in edges.tolist():
            begin = (times[a - 1] + times[a]) / 2 if a else min(first, times[0])
            end = (times[b - 1] + times[b]) / 2 if b < len(times) else max(last, times[-1])
            spans.append((float(begin), float(end)))
    return spans
