"""A number over days: a line through its medians, with what each day was."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted

LEFT, BOTTOM, TOP, DOT_PX = 76.0, 20.0, 8.0, 3.0
MOST_DAYS = 60


class DayPlot(QWidget):
    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumSize(QSize(320, 130))
        self._days: Sequence[tuple[datetime, float]] = ()
        self._unit = ""

    def show_days(self, name: str, days: Sequence[tuple[datetime, float]], unit: str) -> None:
        self._days, self._unit = days[-MOST_DAYS:], unit
        self.setAccessibleName(name)
        self.setAccessibleDescription("; ".join(f"{day:%d %B} {value:.2f} {unit}" for day, value in self._days))
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(font(SMALL_PX))
        room = QRectF(LEFT, TOP, self.width() - LEFT - 8, self.height() - TOP - BOTTOM)
        painter.setPen(QPen(QColor(theme.hairline), 1))
        painter.drawLine(room.bottomLeft(), room.bottomRight())
        painter.setPen(QColor(theme.quiet))
        if not self._days:
            painter.drawText(room, Qt.AlignmentFlag.AlignCenter, "Nothing was measured yet.")
            return
        top = max(value for _, value in self._days) * 1.15 or 1.0
        first, last = self._days[0][0], self._days[-1][0]
        span = max(1.0, (last - first).total_seconds())
        places = [
            QPointF(
                room.left() + room.width() * ((day - first).total_seconds() / span if len(self._days) > 1 else 0.5),
                room.bottom() - room.height() * value / top,
            )
            for day, value in self._days
        ]
        painter.drawText(QRectF(0, TOP - 6, LEFT - 6, 14), Qt.AlignmentFlag.AlignRight, f"{top:.2g} {self._unit}")
        painter.drawText(QRectF(0, room.bottom() - 7, LEFT - 6, 14), Qt.AlignmentFlag.AlignRight, "0")
        below = QRectF(room.left(), room.bottom() + 4, room.width(), 16)
        painter.drawText(below, Qt.AlignmentFlag.AlignLeft, f"{first:%d %b}")
        if len(self._days) > 1:
            painter.drawText(below, Qt.AlignmentFlag.AlignRight, f"{last:%d %b}")
        painter.setPen(QPen(QColor(theme.accent), 1.8))
        painter.drawPolyline(QPolygonF(places))
        painter.setBrush(QColor(theme.accent))
        for place in places:
            painter.drawEllipse(place, DOT_PX, DOT_PX)
