"""What is on some layers, shown as its lines while it is moved by hand."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.page import InkLayer, Page

MOST_SHOWN = 400  # lines


class Shifting:
    """Taken hold of at one place, dragged to another; page px."""

    def __init__(self, page: Page, uids: set[int], start: tuple[float, float]) -> None:
        self._start = start
        lines: list[NDArray[np.float64]] = []
        for layer in page.layers:
            if layer.uid not in uids:
                continue
            if isinstance(layer, InkLayer):
                ribbons = (stroke.ribbon for stroke in layer.marks)
                lines += [points[:, :2].astype(np.float64) for r in ribbons for points, _ in r.each_turn()]
            elif layer.tiles.bounds:
                r = layer.tiles.bounds & page.bounds
                lines.append(np.array([(r.x0, r.y0), (r.x1, r.y0), (r.x1, r.y1), (r.x0, r.y1), (r.x0, r.y0)], float))
        self._lines = lines[-MOST_SHOWN:]

    def by(self, to: tuple[float, float]) -> tuple[int, int]:
        """How far it was moved, in whole px; not at all if the pen left the board."""
        dx, dy = to[0] - self._start[0], to[1] - self._start[1]
        return (round(dx), round(dy)) if math.isfinite(dx + dy) else (0, 0)

    def lines_at(self, to: tuple[float, float]) -> list[NDArray[np.float64]]:
        return [line + self.by(to) for line in self._lines]
