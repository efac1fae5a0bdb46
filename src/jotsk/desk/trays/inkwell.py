"""The colour in the hand."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QMimeData, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QDrag, QHelpEvent, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QPixmap
from PySide6.QtWidgets import QApplication, QSizePolicy, QToolTip, QWidget

from jotsk.core.files.palettes import Named
from jotsk.core.hex_color import hex_of
from jotsk.core.words import tr
from jotsk.desk.pens.hand import Hand
from jotsk.desk.pens.palette import DeskPalette
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import handled, painted

SPOT_PX = 24
SPOTS = 6


class Inkwell(QWidget):
    """A drop of the present colour, a small one of the colour before, and the first inks of the palette."""

    opened = Signal()
    picked = Signal(tuple)  # a colour of the palette

    def __init__(self, hand: Hand, palette: DeskPalette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand, self._palette = hand, palette
        self._pressed_at, self._opens = QPointF(), False
        self.setFixedHeight(3 * SPOT_PX + 16)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("Inkwell"))
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        hand.changed.connect(self.update)
        palette.changed.connect(self.update)

    def sizeHint(self) -> QSize:
        return QSize(112, self.height())

    def spots(self) -> list[tuple[QRectF, Named]]:
        """The first colours of the palette, and where they lie."""
        return [
            (QRectF(58 + (i % 2) * SPOT_PX, 8 + (i // 2) * SPOT_PX, SPOT_PX, SPOT_PX), named)
            for i, named in enumerate(self._palette.colors[:SPOTS])
        ]

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(QColor(theme.quiet), 1.2))
        painter.setBrush(QColor(*self._hand.previous_color))
        painter.drawPath(_drop(QPointF(15, 70), 7.0))
        painter.setBrush(QColor(*self._hand.color))
        painter.drawPath(_drop(QPointF(33, 44), 15.0))
        for box, (color, _) in self.spots():
            chosen = color == self._hand.color
            painter.setPen(QPen(QColor(theme.accent if chosen else theme.quiet), 2.0 if chosen else 1.0))
            painter.setBrush(QColor(*color))
            inset = 4.5 if chosen else 5.5
            painter.drawEllipse(box.adjusted(inset, inset, -inset, -inset))

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        self._pressed_at = at
        for box, (color, _) in self.spots():
            if box.contains(at):
                self._hand.set_color(color)
                self.picked.emit(color)
                return
        if at.x() < 26 and at.y() > 56:
            self._hand.set_color(self._hand.previous_color)
        elif at.x() < 56:
            self._opens = True

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        """The drop is dragged onto an area of the page."""
        away = (event.position() - self._pressed_at).manhattanLength()
        if event.buttons() & Qt.MouseButton.LeftButton and away >= QApplication.startDragDistance():
            self._opens = False
            drag, data = QDrag(self), QMimeData()
            data.setColorData(QColor(*self._hand.color))
            drag.setMimeData(data)
            drag.setPixmap(self._picture())
            drag.exec(Qt.DropAction.CopyAction)

    def _picture(self) -> QPixmap:
        """The drop under the pointer."""
        picture = QPixmap(QSize(32, 40))
        picture.fill(Qt.GlobalColor.transparent)
        with QPainter(picture) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(QColor(current().quiet), 1.2))
            painter.setBrush(QColor(*self._hand.color))
            painter.drawPath(_drop(QPointF(16, 26), 10.0))
        return picture

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        """A press that was no drag: the large drop opens the colours."""
        if self._opens:
            self._opens = False
            self.opened.emit()

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ToolTip:
            assert isinstance(event, QHelpEvent)
            QToolTip.showText(event.globalPos(), self._tip(QPointF(event.pos())), self)
            return True
        return super().event(event)

    def _tip(self, at: QPointF) -> str:
        for box, (color, name) in self.spots():
            if box.contains(at):
                return f"{name} {hex_of(color)}".strip()
        if at.x() < 26 and at.y() > 56:
            return tr("The colour before: {color}", color=hex_of(self._hand.previous_color))
        return tr(
            "Ink in the hand: {color}; press for any colour (hold C to pick from the page)",
            color=hex_of(self._hand.color),
        )


def _drop(center: QPointF, radius: float) -> QPainterPath:
    path = QPainterPath(center - QPointF(0, 2.1 * radius))
    x, y = center.x(), center.y()
    path.cubicTo(x + 0.35 * radius, y - 1.2 * radius, x + radius, y - 0.75 * radius, x + radius, y)
    path.arcTo(QRectF(x - radius, y - radius, 2 * radius, 2 * radius), 0, -180)
    path.cubicTo(x - radius, y - 0.75 * radius, x - 0.35 * radius, y - 1.2 * radius, x, y - 2.1 * radius)
    return path
