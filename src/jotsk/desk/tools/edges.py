"""Two edges of the sketch that are parallel in reality: their vanishing point falls out of them."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QPointF
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.errors import Refused
from jotsk.core.guides.perspective import meeting_point
from jotsk.core.guides.rails import Point
from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.tools.tool import Tool


class Edges(Tool):
    """Lines that are dragged over the sketch, page px; every second one gives a vanishing point."""

    id, action = "edges", "guide.edges"
    words = tr("Drag a line over an edge of the sketch, then over another that is parallel to it in reality.")
    _lines: tuple[tuple[Point, Point], ...] = ()

    def laid_down(self) -> None:
        self._lines = ()

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        place = self.on_page(at)
        self._lines = (*self._lines, (place, place))

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        if self._lines:
            self._lines = (*self._lines[:-1], (self._lines[-1][0], self.on_page(at)))
        self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self.board.update()
        if len(self._lines) < 2:
            return
        (first, second), self._lines = self._lines[-2:], ()
        try:
            point = meeting_point(first, second)
        except Refused as error:
            self.board.document.refused.emit(str(error))
            return
        if self.board.guiding.add_vanishing_point(point) > 1:
            self.board.done.emit()
        else:
            self.board.notify(tr("One vanishing point. Two more edges give the second; Esc ends."))

    def cancel(self) -> None:
        self._lines = ()

    def draw(self, painter: QPainter, ratio: float) -> None:
        theme, m = current(), self.board.view.matrix / ratio
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for a, b in self._lines:
            ends = [QPointF(*(m[:, :2] @ np.array(p) + m[:, 2])) for p in (a, b)]
            for color, width in ((QColor(255, 255, 255, 150), 4.0), (QColor(theme.guide), 1.8)):
                painter.setPen(QPen(color, width))
                painter.drawLine(*ends)
