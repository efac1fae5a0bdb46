"""A pen, shown as the stroke it makes."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand import trace_from
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE
from jotsk.core.marks.stroke import Stroke

SWELL = (0.10, 0.45, 0.85, 1.0, 0.75, 0.40, 0.12)


def preview(pen: Pen, width: int, height: int, largest_px: float) -> NDArray[np.uint8]:
    """Return (height, width) uint8 ink of one reference trace, the pen no wider than `largest_px`."""
    share = np.linspace(0.0, 1.0, 120)
    # One wave that climbs a little towards its end, as a hand writes it.
    x = width * (0.03 + 0.94 * share)
    y = height * (0.56 - 0.16 * share - 0.17 * np.sin(2 * np.pi * share))
    trace = trace_from(0.8 * share, x, y, np.interp(share, np.linspace(0, 1, len(SWELL)), SWELL))
    size = min(pen.size_px, largest_px)
    stroke = Stroke(trace, replace(pen, steady_now=0, steady_after=0), size, (0, 0, 0), 0.0, 0.0)
    return inked(stroke, width, height)


def inked(stroke: Stroke, width: int, height: int) -> NDArray[np.uint8]:
    """Return (height, width) uint8 ink of a stroke on the corner of a page."""
    out = np.zeros((-(-height // TILE) * TILE, -(-width // TILE) * TILE), np.uint8)
    for row in range(out.shape[0] // TILE):
        for column in range(out.shape[1] // TILE):
            alpha = stroke.alpha(column, row)
            if alpha is not None:
                out[row * TILE : (row + 1) * TILE, column * TILE : (column + 1) * TILE] = alpha
    return out[:height, :width].copy()
