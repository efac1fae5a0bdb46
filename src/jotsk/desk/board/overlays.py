"""What is drawn over the page and is not on it: footprint, rope, chosen lines, sentences."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRect, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from jotsk.core.geometry import View
from jotsk.core.ink import Stroke
from jotsk.desk.theme import current

MOST_POINTS = 80  # of a chosen line: it is a mark beside the ink, not the ink


def draw_chosen(
    painter: QPainter, view: View, ratio: float, chosen: Iterable[Stroke], preview: list[NDArray[np.float64]],
    lasso: list[QPointF],
) -> None:  # fmt: skip
    """The chosen lines, or those that would come of them, and the lasso."""
    theme, m = current(), view.matrix / ratio
    shown = [] if preview else [stroke.ribbon.points[:, :2] for stroke in chosen]
    for lines, color, width in ((shown, theme.accent, 2.0), (preview, theme.guide, 1.6)):
        painter.setPen(QPen(QColor(color), width))
        for points in lines:
            few = points[:: max(1, len(points) // MOST_POINTS)]
            places = (few @ m[:, :2].T + m[:, 2]).tolist()
            painter.drawPolyline(QPolygonF([QPointF(x, y) for x, y in places]))
    if lasso:
        painter.setPen(QPen(QColor(theme.accent), 1.4, Qt.PenStyle.DashLine))
        painter.drawPolygon(QPolygonF(lasso))


def draw_rope(painter: QPainter, view: View, ratio: float, towed_at: tuple[float, float], pointer: QPointF) -> None:
    """While the ink is towed: the rope from it to the pen."""
    x, y = view.to_screen(*towed_at)
    ink = QPointF(x / ratio, y / ratio)
    painter.setPen(QPen(QColor(current().guide), 1.2))
    painter.drawLine(ink, pointer)
    painter.drawEllipse(ink, 3.0, 3.0)


def draw_rings(painter: QPainter, at: QPointF, radii: Sequence[float]) -> None:
    """Outlines of marks, dark inside light so that they show on anything."""
    for radius in radii:
        for color, width in (("#FFFFFF", 2.5), ("#1D2A32", 1.0)):
            painter.setPen(QPen(QColor(color), width))
            painter.drawEllipse(at, radius, radius)


def draw_notice(painter: QPainter, room: QSize, sentence: str, at: QPointF) -> None:
    """A sentence beside the pen, kept inside the board."""
    theme = current()
    flags = Qt.TextFlag.TextWordWrap | Qt.AlignmentFlag.AlignLeft
    box = QRectF(painter.fontMetrics().boundingRect(QRect(0, 0, 300, 200), flags, sentence)).adjusted(-12, -8, 12, 8)
    box.moveTopLeft(at + QPointF(18, 18))
    box.moveLeft(min(box.left(), room.width() - box.width() - 8))
    box.moveTop(min(box.top(), room.height() - box.height() - 8))
    painter.setPen(QPen(QColor(theme.hairline), 1))
    painter.setBrush(QColor(theme.raised))
    painter.drawRoundedRect(box, 5, 5)
    painter.setPen(QColor(theme.text))
    painter.drawText(box.adjusted(12, 8, -8, -8), flags, sentence)
    painter.setBrush(Qt.BrushStyle.NoBrush)
