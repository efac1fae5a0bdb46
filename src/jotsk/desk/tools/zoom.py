"""Zooming with the pen, about where it came down."""

from __future__ import annotations

import math

from PySide6.QtCore import QPointF

from jotsk.core.geometry import View
from jotsk.desk.tools.tool import Tool

DOUBLE_PX = 90.0  # so far the hand moves to see the page twice as large


class Zoom(Tool):
    id, action = "zoom", "hand.zoom"
    _from: tuple[QPointF, View] | None = None

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._from = at, self.board.view

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        if self._from is not None:
            start, before = self._from
            way = (at.x() - start.x()) - (at.y() - start.y())
            if math.isfinite(way):
                self.board.zoom_to(before.zoom * 2.0 ** (way / DOUBLE_PX), start)
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self._from = None

    def cancel(self) -> None:
        if self._from is not None:
            self.board.set_view(self._from[1])
            self._from = None
