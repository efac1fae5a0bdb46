"""The rose of a hand: how far off its lines are in each direction; the shorter a petal, the steadier."""

from __future__ import annotations

import math
from collections.abc import Sequence

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from jotsk.core.check.practice.advice import Spoke
from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted

SIDE, MARGIN, PETAL_DEG = 240, 30.0, 15.0


class Rose(QWidget):
    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumSize(QSize(SIDE, SIDE))
        self.setAccessibleName(tr("Rose of directions"))
        self._spokes: Sequence[Spoke] = ()
        self._best: float | None = None

    def show_spokes(self, spokes: Sequence[Spoke], best: float | None) -> None:
        self._spokes, self._best = spokes, best
        known = [
            tr("{direction:.0f}° {off:.2f} mm", direction=spoke.direction, off=spoke.off)
            for spoke in spokes
            if spoke.count
        ]
        self.setAccessibleDescription("; ".join(known) or tr("Nothing was drawn yet"))
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle = QPointF(self.width() / 2, self.height() / 2)
        radius = min(self.width(), self.height()) / 2 - MARGIN
        offs = [spoke.off for spoke in self._spokes if spoke.count]
        top = max(offs, default=1.0) * 1.1
        painter.setPen(QPen(QColor(theme.hairline), 1))
        for share in (0.5, 1.0):
            painter.drawEllipse(middle, radius * share, radius * share)
        painter.setFont(font(SMALL_PX))
        for spoke in self._spokes:
            way = _way(spoke.direction)
            painter.setPen(QPen(QColor(theme.hairline), 1))
            painter.drawLine(middle, middle + way * radius)
            if spoke.count:
                is_best = spoke.direction == self._best
                color = QColor(theme.accent if is_best else theme.quiet)
                reach = radius * spoke.off / top
                petal = [middle] + [middle + _way(spoke.direction + PETAL_DEG * k / 4) * reach for k in range(-4, 5)]
                painter.setPen(QPen(color, 1.4))
                color.setAlpha(150 if is_best else 90)
                painter.setBrush(color)
                painter.drawPolygon(QPolygonF(petal))
                painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QColor(theme.text if spoke.direction == self._best else theme.quiet))
            at = middle + way * (radius + 14)
            words = f"{spoke.off:.2f}" if spoke.count else "–"
            painter.drawText(QRectF(at.x() - 24, at.y() - 9, 48, 18), Qt.AlignmentFlag.AlignCenter, words)
        painter.setPen(QColor(theme.quiet))
        painter.drawText(
            QRectF(0, self.height() - 16, self.width(), 16), Qt.AlignmentFlag.AlignLeft, tr("mm off the line")
        )


def _way(degrees: float) -> QPointF:
    turn = math.radians(degrees)
    return QPointF(math.cos(turn), -math.sin(turn))
