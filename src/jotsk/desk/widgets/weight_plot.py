"""How much line there is of each weight, as bars."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPolygonF
from PySide6.QtWidgets import QWidget

from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted


class WeightPlot(QWidget):
    """Bars: how long all lines of a weight are together."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.show_lengths(np.zeros(0), np.zeros(0))

    def show_lengths(self, edges: NDArray[np.float64], lengths: NDArray[np.float64]) -> None:
        """(N + 1,) weights, px, and how much line is between each two, (N,) px."""
        self._edges, self._lengths = edges, lengths
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, w, h = current(), self.width(), self.height() - 18
        top = float(self._lengths.max(initial=0.0)) or 1.0
        n = max(1, len(self._lengths))
        points = [QPointF(0, h)]
        for k, length in enumerate(self._lengths):
            y = h - float(length) / top * (h - 4)
            points += [QPointF(k * w / n, y), QPointF((k + 1) * w / n, y)]
        painter.setPen(QColor(theme.accent))
        painter.setBrush(QColor(theme.accent))
        painter.drawPolygon(QPolygonF([*points, QPointF(w, h)]))
        painter.setFont(font(SMALL_PX))
        painter.setPen(QColor(theme.quiet))
        last = float(self._edges[-1]) if len(self._edges) else 0.0
        painter.drawText(QRectF(0, h + 2, w, 16), Qt.AlignmentFlag.AlignLeft, tr("0 px"))
        painter.drawText(QRectF(0, h + 2, w, 16), Qt.AlignmentFlag.AlignRight, tr("{last:.0f} px", last=last))
