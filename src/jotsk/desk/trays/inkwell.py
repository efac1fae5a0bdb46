"""The colour in the hand."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen
from PySide6.QtWidgets import QColorDialog, QSizePolicy, QWidget

from jotsk.core.ink import Color
from jotsk.desk.hand import BLACK, Hand
from jotsk.desk.theme import current

SWATCHES: tuple[tuple[str, Color], ...] = (
    ("Black", BLACK), ("Sepia", (0x5A, 0x41, 0x33)), ("Oxblood", (0x86, 0x2C, 0x24)),
    ("Prussian", (0x1F, 0x3D, 0x5C)), ("Pine", (0x2A, 0x5A, 0x48)), ("White", (0xFF, 0xFF, 0xFF)),
)  # fmt: skip
SPOT_PX = 24


class Inkwell(QWidget):
    """A drop of the present colour, and six inks beside it."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        self.setFixedHeight(3 * SPOT_PX + 16)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setToolTip("The ink in the hand; press the drop for any colour")
        self.setAccessibleName("Inkwell")
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        hand.changed.connect(self.update)

    def sizeHint(self) -> QSize:
        return QSize(112, self.height())

    def paintEvent(self, event: QPaintEvent) -> None:
        theme = current()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(QColor(theme.quiet), 1.2))
        painter.setBrush(QColor(*self._hand.color))
        painter.drawPath(_drop(QPointF(31, 44), 15.0))
        for (_, color), box in zip(SWATCHES, self._spots(), strict=True):
            chosen = color == self._hand.color
            painter.setPen(QPen(QColor(theme.accent if chosen else theme.quiet), 2.0 if chosen else 1.0))
            painter.setBrush(QColor(*color))
            inset = 4.5 if chosen else 5.5
            painter.drawEllipse(box.adjusted(inset, inset, -inset, -inset))
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        for (_, color), box in zip(SWATCHES, self._spots(), strict=True):
            if box.contains(event.position()):
                self._hand.set_color(color)
                return
        if event.position().x() < 56:
            self._choose()

    def _choose(self) -> None:
        chosen = QColorDialog.getColor(QColor(*self._hand.color), self, "Ink colour")
        if chosen.isValid():
            self._hand.set_color((chosen.red(), chosen.green(), chosen.blue()))

    def _spots(self) -> list[QRectF]:
        return [QRectF(58 + (i % 2) * SPOT_PX, 8 + (i // 2) * SPOT_PX, SPOT_PX, SPOT_PX) for i in range(len(SWATCHES))]


def _drop(center: QPointF, radius: float) -> QPainterPath:
    path = QPainterPath(center - QPointF(0, 2.1 * radius))
    x, y = center.x(), center.y()
    path.cubicTo(x + 0.35 * radius, y - 1.2 * radius, x + radius, y - 0.75 * radius, x + radius, y)
    path.arcTo(QRectF(x - radius, y - radius, 2 * radius, 2 * radius), 0, -180)
    path.cubicTo(x - radius, y - 0.75 * radius, x - 0.35 * radius, y - 1.2 * radius, x, y - 2.1 * radius)
    return path
