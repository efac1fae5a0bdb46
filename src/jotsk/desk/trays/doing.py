"""What the hand does now: drawing, or what is borrowed and switched on."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

from jotsk.core.words import tr
from jotsk.desk.actions import Entry
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import handled, painted

HEIGHT_PX, ICON_PX, LEFT_PX = 30, 16, 14
PLAIN = tr("Drawing")
BACK = tr("Press to go back to drawing (Esc)")


class Doing(QWidget):
    """One line of fixed height, so that nothing below it moves: the icons of all that is on, the name of the last."""

    ended = Signal()  # go back to drawing

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(HEIGHT_PX)
        self.entries: list[tuple[str, str]] = []  # icon and name
        self._show()

    def show_entries(self, entries: Sequence[Entry], others: Sequence[tuple[str, str]] = ()) -> None:
        """`others` are icons and names of what has no entry of its own."""
        self.entries = [*((entry.icon, entry.name.removesuffix("…")) for entry in entries), *others]
        self._show()

    @property
    def text(self) -> str:
        return ", ".join(name for _, name in self.entries) or PLAIN

    def _show(self) -> None:
        self.setAccessibleName(tr("The hand: {text}", text=self.text))
        self.setToolTip(f"{self.text}. {BACK}" if self.entries else tr("The pen draws"))
        self.setCursor(Qt.CursorShape.PointingHandCursor if self.entries else Qt.CursorShape.ArrowCursor)
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(112, HEIGHT_PX)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, x = current(), LEFT_PX
        if self.entries:
            painter.fillRect(self.rect(), QColor(theme.sunken))
        for name, _ in self.entries:
            icon(name, theme.accent, ICON_PX).paint(painter, x, (HEIGHT_PX - ICON_PX) // 2, ICON_PX, ICON_PX)
            x += ICON_PX + 4
        painter.setFont(font(SMALL_PX, weight=font().Weight.DemiBold if self.entries else font().Weight.Normal))
        painter.setPen(QColor(theme.text if self.entries else theme.quiet))
        words = self.entries[-1][1] if self.entries else PLAIN
        room = QRectF(x, 0, self.width() - x - 4, HEIGHT_PX)
        shown = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
        painter.drawText(room, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, shown)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self.entries:
            self.ended.emit()
