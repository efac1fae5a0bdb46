"""A curve through points that are dragged, added by pressing beside it, and taken away by dragging them out."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from jotsk.core.hand import ResponseCurve
from jotsk.core.ink import Profile
from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import draw_ring_handle

MARGIN = 10
NEAR_PX = 14
APART = 0.02
MOST_POINTS = 10

Points = tuple[tuple[float, float], ...]


class CurveEditor(QWidget):
    """Edits a response curve (`monotone`) or a width profile. `changed` brings the points, all in 0..1."""

    changed = Signal(tuple)
    chosen = Signal()  # another point, or it has moved

    def __init__(self, *, monotone: bool, tooltip: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._monotone = monotone
        self._points: list[tuple[float, float]] = [(0.0, 0.0), (1.0, 1.0)]
        self._held: int | None = None
        self._chosen = 0
        self.histogram: NDArray[np.float64] | None = None
        self.setToolTip(
            tr(
                "{tooltip}\nDrag points; press beside the line for another; drag one out to take it away",
                tooltip=tooltip,
            )
        )
        self.setAccessibleName(tooltip)
        self.setMinimumSize(140, 110)
        self.setCursor(Qt.CursorShape.CrossCursor)

    def sizeHint(self) -> QSize:
        return QSize(180, 130)

    @property
    def points(self) -> Points:
        return tuple(self._points)

    def set_points(self, points: Points) -> None:
        """Show points; says nothing back."""
        self._points = list(points) if points else [(0.0, 1.0), (1.0, 1.0)]
        self._choose(self._chosen)
        self.update()

    def place_of(self, index: int) -> QPointF:
        """Where a point lies in the widget."""
        return self._at(*self._points[index])

    @property
    def chosen_point(self) -> tuple[float, float]:
        """The point that was pressed last, whose numbers can be typed."""
        return self._points[self._chosen]

    def put_chosen(self, x: float, y: float) -> None:
        """Move that point to where it was typed, as far as its neighbours allow."""
        self._move(self._chosen, x, y)
        self._tell()

    def _choose(self, index: int) -> None:
        self._chosen = min(max(0, index), len(self._points) - 1)
        self.chosen.emit()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, box = current(), self._box()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(theme.raised))
        if self.histogram is not None and self.histogram.any():
            painter.setPen(Qt.PenStyle.NoPen)
            bars = QColor(theme.quiet)
            bars.setAlphaF(0.55)
            painter.setBrush(bars)
            step = box.width() / len(self.histogram)
            for k, share in enumerate(self.histogram):
                painter.drawRect(
                    QRectF(box.left() + k * step, box.bottom() - share * box.height(), step - 1, share * box.height())
                )
        painter.setPen(QPen(QColor(theme.hairline), 1))
        for k in range(5):
            x, y = box.left() + k * box.width() / 4, box.top() + k * box.height() / 4
            painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()))
            painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y))
        share = np.linspace(0, 1, 120)
        values = ResponseCurve(self.points)(share) if self._monotone else Profile(self.points)(share)
        painter.setPen(QPen(QColor(theme.text), 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        xs, ys = box.left() + share * box.width(), box.bottom() - values * box.height()
        painter.drawPolyline([QPointF(x, y) for x, y in zip(xs.tolist(), ys.tolist(), strict=True)])
        for k, (x, y) in enumerate(self._points):
            inside = theme.accent if k == self._chosen else theme.raised
            draw_ring_handle(painter, self._at(x, y), inside, theme.accent, 5.5)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        gaps = [QPointF(self._at(x, y) - at).manhattanLength() for x, y in self._points]
        nearest = int(np.argmin(gaps))
        if gaps[nearest] <= NEAR_PX:
            self._held = nearest
            self._choose(nearest)
            self.update()
        elif len(self._points) < MOST_POINTS:
            self._add(*self._value(at))

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._held is None:
            return
        at = event.position()
        inner = 0 < self._held < len(self._points) - 1
        if inner and not QRectF(self.rect()).adjusted(-20, -20, 20, 20).contains(at):
            del self._points[self._held]
            self._held = None
            self._choose(self._chosen)
        else:
            self._move(self._held, *self._value(at))
        self._tell()

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._held = None

    def _add(self, x: float, y: float) -> None:
        at = next((i for i, (px, _) in enumerate(self._points) if px > x), len(self._points))
        if 0 < at < len(self._points):
            self._points.insert(at, (x, y))
            self._held = at
            self._choose(at)
            self._move(at, x, y)
            self._tell()

    def _move(self, i: int, x: float, y: float) -> None:
        """Put point i as near to (x, y) as its neighbours allow; the first and the last keep their places along."""
        points = self._points
        if i == 0:
            x = points[0][0]
        elif i == len(points) - 1:
            x = points[-1][0]
        else:
            x = min(max(x, points[i - 1][0] + APART), points[i + 1][0] - APART)
        if self._monotone:
            low = points[i - 1][1] if i > 0 else 0.0
            high = points[i + 1][1] if i < len(points) - 1 else 1.0
            y = min(max(y, low), high)
        points[i] = (x, y)

    def _tell(self) -> None:
        self.update()
        self.chosen.emit()
        self.changed.emit(self.points)

    def _box(self) -> QRectF:
        return QRectF(self.rect()).adjusted(MARGIN, MARGIN, -MARGIN, -MARGIN)

    def _at(self, x: float, y: float) -> QPointF:
        box = self._box()
        return QPointF(box.left() + x * box.width(), box.bottom() - y * box.height())

    def _value(self, at: QPointF) -> tuple[float, float]:
        box = self._box()
        x, y = (at.x() - box.left()) / box.width(), (box.bottom() - at.y()) / box.height()
        return min(1.0, max(0.0, x)), min(1.0, max(0.0, y))
