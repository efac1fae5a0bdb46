"""A slider whose track shows what it does, with a number that can be typed."""

from __future__ import annotations

import math
from enum import Enum

import numpy as np
from PySide6.QtCore import QEvent, QPointF, QRectF, QSignalBlocker, QSize, Qt, QTimer, Signal
from PySide6.QtGui import (
    QColor,
    QFocusEvent,
    QKeyEvent,
    QLinearGradient,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
    QWheelEvent,
)
from PySide6.QtWidgets import QAbstractSlider, QHBoxLayout, QLabel, QLineEdit, QSizePolicy, QVBoxLayout, QWidget

from jotsk.desk.theme import current
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import draw_ring_handle
from jotsk.desk.widgets.number_field import say_range
from jotsk.desk.widgets.pixmap_cache import cached_pixmap

MARGIN = 8
NUMBER_PX = 58
STEPS_END_MS = 700  # after the last notch of the wheel or press of an arrow, all of them were one change


class TrackKind(Enum):
    SIZE = "size"
    STEADINESS = "steadiness"
    OPACITY = "opacity"


class Track(QWidget):
    """Title and number above, the track below, a quiet remark under it.

    `changed(value, finished)`: finished is False while the handle is dragged, or moved on step by step.
    """

    changed = Signal(float, bool)

    def __init__(
        self, title: str, kind: TrackKind, low: float, high: float, *, unit: str = "", tooltip: str = "",
        remark: bool = True, parent: QWidget | None = None,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self._low, self._high, self._unit = low, high, unit
        self._logarithmic = kind is TrackKind.SIZE
        self._value = low
        self.setToolTip(tooltip)
        self._title = QLabel(title)
        self.number = QLineEdit()
        self.number.setAccessibleName(title)
        self.number.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        self.number.setFixedWidth(NUMBER_PX)
        self.number.setStyleSheet("font-weight: 600;")
        self.number.editingFinished.connect(self._typed)
        self.bar = TrackBar(kind, self)
        self.bar.setAccessibleName(title)
        self.bar.setRange(round(low), round(high))
        self.bar.dragged.connect(self._dragged)
        self.bar.valueChanged.connect(self._set_from_outside)
        self.remark = ElidedLabel()
        self.remark.setProperty("role", "quiet")
        self.head = QHBoxLayout()
        self.head.setSpacing(2)
        self.head.addWidget(self._title)
        self.head.addStretch()
        self.head.addWidget(self.number)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(1)
        layout.addLayout(self.head)
        layout.addWidget(self.bar)
        if remark:
            layout.addWidget(self.remark)
        self.set_value(low)

    @property
    def value(self) -> float:
        return self._value

    def set_value(self, value: float) -> None:
        """Show a value; says nothing back."""
        self._value = min(self._high, max(self._low, value))
        with QSignalBlocker(self.bar):
            self.bar.setValue(round(self._value))
        share = self._share(self._value)
        if share != self.bar.share:
            self.bar.share = share
            self.bar.update()
        if not self.number.hasFocus() or not self.number.isModified():
            self.number.setText(self._text(self._value))

    @handled
    def changeEvent(self, event: QEvent) -> None:
        """A track of nothing, such as the last line where there is none, has no number and no handle."""
        super().changeEvent(event)
        if event.type() == QEvent.Type.EnabledChange:
            self.number.setText(self._text(self._value))

    def _share(self, value: float) -> float:
        if self._logarithmic:
            return math.log(value / self._low) / math.log(self._high / self._low)
        return (value - self._low) / (self._high - self._low)

    def _at(self, share: float) -> float:
        if self._logarithmic:
            value = self._low * (self._high / self._low) ** share
            return round(value * 2) / 2 if value >= 2 else round(value, 1)
        return float(round(self._low + share * (self._high - self._low)))

    def _text(self, value: float) -> str:
        if not self.isEnabled():
            return ""
        return f"{value:.1f}".removesuffix(".0") + (f" {self._unit}" if self._unit else "")

    def _dragged(self, share: float, finished: bool) -> None:
        self.set_value(self._at(share))
        self.number.setText(self._text(self._value))
        self.changed.emit(self._value, finished)

    def _set_from_outside(self, value: int) -> None:
        """A screen reader has moved the slider."""
        self.set_value(value)
        self.changed.emit(self._value, True)

    def _typed(self) -> None:
        if not self.number.isModified():
            return
        text = self.number.text().removesuffix(self._unit).strip().replace(",", ".")
        self.number.setModified(False)
        try:
            value = float(text)
        except ValueError:
            value = math.nan
        if math.isfinite(value):
            if not self._low <= value <= self._high:
                say_range(self.number, self._low, self._high, self._unit)
            self.set_value(value)
            self.changed.emit(self._value, True)
        self.number.setText(self._text(self._value))


class TrackBar(QAbstractSlider):
    """The track itself and its handle; arrows and the wheel move it too. To a screen reader it is a slider, of whole
    numbers."""

    dragged = Signal(float, bool)

    def __init__(self, kind: TrackKind, parent: QWidget) -> None:
        super().__init__(parent)
        self._kind = kind
        self.share = 0.0
        self.setFixedHeight(28)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self._steps = QTimer(self, singleShot=True, interval=STEPS_END_MS)
        self._steps.timeout.connect(lambda: self.dragged.emit(self.share, True))

    def sizeHint(self) -> QSize:
        return QSize(140, 28)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        theme = current()
        box = QRectF(MARGIN, 4, self.width() - 2 * MARGIN, self.height() - 8)
        at = box.left() + self.share * box.width() if self.isEnabled() else box.left()
        {TrackKind.SIZE: self._wedge, TrackKind.STEADINESS: self._shaky, TrackKind.OPACITY: self._fade}[self._kind](
            painter, box, at
        )
        if self.isEnabled():
            edge = theme.accent if self.hasFocus() else theme.text
            draw_ring_handle(painter, QPointF(at, box.center().y()), theme.raised, edge)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._drag(event.position().x(), False)

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self._drag(event.position().x(), False)

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._drag(event.position().x(), True)

    @handled
    def wheelEvent(self, event: QWheelEvent) -> None:
        self._step(0.02 if event.angleDelta().y() > 0 else -0.02)
        event.accept()

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: -0.01, Qt.Key.Key_Down: -0.01, Qt.Key.Key_Right: 0.01, Qt.Key.Key_Up: 0.01}
        step = steps.get(Qt.Key(event.key()))
        if step is None:
            super().keyPressEvent(event)
        else:
            self._step(step)

    def _step(self, by: float) -> None:
        self.share = min(1.0, max(0.0, self.share + by))
        self._steps.start()
        self.dragged.emit(self.share, False)

    @handled
    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self.end_steps()

    def end_steps(self) -> None:
        """What comes next is a change of its own."""
        if self._steps.isActive():
            self._steps.stop()
            self.dragged.emit(self.share, True)

    def _drag(self, x: float, finished: bool) -> None:
        self._steps.stop()
        self.share = min(1.0, max(0.0, (x - MARGIN) / max(1, self.width() - 2 * MARGIN)))
        self.dragged.emit(self.share, finished)

    def _wedge(self, painter: QPainter, box: QRectF, at: float) -> None:
        theme, middle = current(), box.center().y()
        half = 6.0
        whole = QPolygonF(
            [
                QPointF(box.left(), middle),
                QPointF(box.right(), middle - half),
                QPointF(box.right(), middle + half),
            ]
        )
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.hairline))
        painter.drawPolygon(whole)
        painter.setClipRect(QRectF(box.left(), 0, at - box.left(), self.height()))
        painter.setBrush(QColor(theme.text))
        painter.drawPolygon(whole)
        painter.setClipping(False)

    def _shaky(self, painter: QPainter, box: QRectF, at: float) -> None:
        theme, ratio = current(), self.devicePixelRatioF()
        for color, left, right in ((theme.text, box.left(), at), (theme.quiet, at, box.right())):
            painter.setClipRect(QRectF(left, 0, right - left, self.height()))
            what = (box.left(), box.right(), box.center().y())
            painter.drawPixmap(0, 0, cached_pixmap(_draw_shake, self.width(), self.height(), ratio, color, *what))
        painter.setClipping(False)

    def _fade(self, painter: QPainter, box: QRectF, at: float) -> None:
        theme = current()
        bar = QRectF(box.left(), box.center().y() - 4, box.width(), 8)
        fade = QLinearGradient(bar.topLeft(), bar.topRight())
        clear = QColor(theme.text)
        clear.setAlpha(16)
        fade.setColorAt(0, clear)
        fade.setColorAt(1, QColor(theme.text))
        painter.setPen(QPen(QColor(theme.hairline), 1))
        painter.setBrush(fade)
        painter.drawRect(bar)


def _draw_shake(painter: QPainter, left: float, right: float, middle: float) -> None:
    x = np.linspace(left, right, max(8, int((right - left) / 2)))
    painter.setPen(QPen(Qt.GlobalColor.black, 1.4))
    painter.drawPolyline([QPointF(px, middle + dy) for px, dy in zip(x, _shake(len(x)), strict=True)])


def _shake(n: int) -> np.ndarray:
    """Offsets that go from a shaky hand to a still one."""
    at = np.arange(n)
    noise = (
        np.sin(1.9 * at + 1.0) + np.sin(0.83 * at) + np.sin(0.37 * at + 2.0)
    ) / 2  # numpy.random takes 40 ms to load
    return noise * 5.5 * np.linspace(1.0, 0.0, n) ** 1.6
