"""Two edges of the sketch that are parallel in reality: their vanishing point falls out of them."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QObject, QPointF
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.errors import Refused
from jotsk.core.geometry import View
from jotsk.core.guides.perspective import meeting_point
from jotsk.core.guides.rails import Point
from jotsk.desk.document import Document
from jotsk.desk.guiding import Guiding
from jotsk.desk.theme import current

WORDS = "Drag a line over an edge of the sketch, then over another that is parallel to it in reality."


class Edges(QObject):
    """Lines that are dragged over the sketch, page px; every second one gives a vanishing point."""

    def __init__(self, document: Document, guiding: Guiding, parent: QObject) -> None:
        super().__init__(parent)
        self._document, self._guiding = document, guiding
        self._lines: list[tuple[Point, Point]] = []

    def press(self, at: Point) -> None:
        self._lines.append((at, at))

    def drag(self, at: Point) -> None:
        if self._lines:
            self._lines[-1] = self._lines[-1][0], at

    def release(self) -> None:
        if len(self._lines) < 2:
            return
        (first, second), self._lines = self._lines[-2:], []
        try:
            point = meeting_point(first, second)
        except Refused as error:
            self._document.refused.emit(str(error))
            return
        self._guiding.add_vanishing_point(point)

    def give_up(self) -> None:
        self._lines = []

    def draw(self, painter: QPainter, view: View, ratio: float) -> None:
        if not self._lines:
            return
        theme, m = current(), view.matrix / ratio
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for a, b in self._lines:
            ends = [QPointF(*(m[:, :2] @ np.array(p) + m[:, 2])) for p in (a, b)]
            for color, width in ((QColor(255, 255, 255, 150), 4.0), (QColor(theme.guide), 1.8)):
                painter.setPen(QPen(color, width))
                painter.drawLine(*ends)
