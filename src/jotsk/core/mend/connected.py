"""Strokes that hang together: each within reach of one that does."""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np

from jotsk.core.marks import Stroke
from jotsk.core.mend.gap_kernel import gaps
from jotsk.core.mend.snip import strokes_near
from jotsk.core.page import InkLayer


def connected(layer: InkLayer, strokes: Iterable[Stroke], within_px: float) -> list[Stroke]:
    """These strokes of a layer and all whose ink is within so many px of theirs, or of one found so, in the order of
    the layer."""
    found = {stroke.uid: stroke for stroke in strokes}
    waiting = list(found.values())
    while waiting:
        stroke = waiting.pop()
        for other in strokes_near(layer, stroke.bounds.grown(int(within_px) + 1)):
            if other.uid not in found and _gap(stroke, other) <= within_px:
                found[other.uid] = other
                waiting.append(other)
    return [mark for mark in layer.marks if isinstance(mark, Stroke) and mark.uid in found]


def _gap(a: Stroke, b: Stroke) -> float:
    """The least distance of two inked shapes; below 0 where they overlap."""
    points = a.ribbon.points.astype(np.float64)
    least = np.inf
    for start, stop in b.ribbon.pieces:
        if stop > start:
            away = gaps(points[:, :2].copy(), b.ribbon.points[start:stop].astype(np.float64))
            least = min(least, float((away - points[:, 2]).min()))
    return least
