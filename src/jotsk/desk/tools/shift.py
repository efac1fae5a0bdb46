"""Moving what is on the chosen layers; while it moves, its lines are shown."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF

from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.layers.tree import inside
from jotsk.desk.tools.tool import Tool

MOST_SHOWN = 400  # lines


class Shift(Tool):
    id, action = "shift", "layer.shift"
    _lines: list[NDArray[np.float64]]
    _start = (0.0, 0.0)

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        document = self.board.document
        page, self._start = document.page, self.on_page(at)
        self._lines = _lines_of(page, inside(page.layers, document.layers.chosen))

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        by = self._by(at)
        self.board.show_preview([line + by for line in self._lines])
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self.cancel()
        self.board.document.layers.shift(*self._by(at))

    def cancel(self) -> None:
        self.board.show_preview([])

    def _by(self, at: QPointF) -> tuple[int, int]:
        """How far it was moved, in whole px; not at all if the pen left the board."""
        x, y = self.on_page(at)
        dx, dy = x - self._start[0], y - self._start[1]
        return (round(dx), round(dy)) if math.isfinite(dx + dy) else (0, 0)


def _lines_of(page: Page, uids: set[int]) -> list[NDArray[np.float64]]:
    """The centre lines of layers, or the motion of the hand where those are still to be worked out; the bounds of those
    that have none; page px."""
    lines: list[NDArray[np.float64]] = []
    for layer in page.layers:
        if layer.uid not in uids:
            continue
        if isinstance(layer, InkLayer):
            for stroke in [mark for mark in layer.marks if isinstance(mark, Stroke)][-MOST_SHOWN:]:
                if stroke.has_shape:
                    lines += [points[:, :2].astype(np.float64) for points, _ in stroke.ribbon.each_turn()]
                else:
                    lines.append(stroke.trace.xy)
        elif layer.tiles.bounds:
            r = layer.tiles.bounds & page.bounds
            lines.append(np.array([(r.x0, r.y0), (r.x1, r.y0), (r.x1, r.y1), (r.x0, r.y1), (r.x0, r.y0)], float))
    return lines[-MOST_SHOWN:]
