"""A number over days: lines through its medians, with what each day was."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import datetime

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.dates import on_day
from jotsk.desk.widgets.faults import painted

LEFT, BOTTOM, TOP, DOT_PX = 76.0, 20.0, 8.0, 3.0
MOST_DAYS = 60

Days = Sequence[tuple[datetime, float]]


class DayPlot(QWidget):
    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setMinimumSize(QSize(320, 130))
        self._lines: dict[str, Days] = {}
        self._unit = ""

    def show_days(self, name: str, lines: Mapping[str, Days], unit: str) -> None:
        """Show up to two lines by their names; a line without days is left out."""
        self._lines = {words: days[-MOST_DAYS:] for words, days in lines.items() if days}
        self._unit = unit
        self.setAccessibleName(name)
        told = [
            f"{words}: " + "; ".join(f"{on_day(day)} {value:.2f} {unit}" for day, value in days)
            for words, days in self._lines.items()
        ]
        self.setAccessibleDescription(". ".join(told))
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
        if not self._lines:
            painter.drawText(room, Qt.AlignmentFlag.AlignCenter, tr("Nothing was measured yet."))
            return
        top = max(value for days in self._lines.values() for _, value in days) * 1.15 or 1.0
        first = min(days[0][0] for days in self._lines.values())
        last = max(days[-1][0] for days in self._lines.values())
        span = (last - first).total_seconds()
        painter.drawText(QRectF(0, TOP - 6, LEFT - 6, 14), Qt.AlignmentFlag.AlignRight, f"{top:.2g} {self._unit}")
        painter.drawText(QRectF(0, room.bottom() - 7, LEFT - 6, 14), Qt.AlignmentFlag.AlignRight, "0")
        below = QRectF(room.left(), room.bottom() + 4, room.width(), 16)
        painter.drawText(below, Qt.AlignmentFlag.AlignLeft, on_day(first, short=True))
        if span > 0:
            painter.drawText(below, Qt.AlignmentFlag.AlignRight, on_day(last, short=True))
        for number, (words, days) in enumerate(self._lines.items()):
            share = [(day - first).total_seconds() / span if span > 0 else 0.5 for day, _ in days]
            places = [
                QPointF(room.left() + room.width() * along, room.bottom() - room.height() * value / top)
                for along, (_, value) in zip(share, days, strict=True)
            ]
            color = QColor((theme.accent, theme.text)[number])
            painter.setPen(QPen(color, 1.8, (Qt.PenStyle.SolidLine, Qt.PenStyle.DashLine)[number]))
            painter.drawPolyline(QPolygonF(places))
            if len(self._lines) > 1:
                key = room.bottom() - 14 - 16 * number
                painter.drawLine(QPointF(room.left() + 8, key), QPointF(room.left() + 32, key))
                painter.setPen(QColor(theme.quiet))
                painter.drawText(QPointF(room.left() + 38, key + 4), words)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(color)
            for place in places:
                painter.drawEllipse(place, DOT_PX, DOT_PX)
