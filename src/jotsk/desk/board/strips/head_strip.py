"""A strip at the head of the board, with what can be done just now."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QHideEvent, QShowEvent
from PySide6.QtWidgets import QHBoxLayout, QWidget

from jotsk.desk.widgets.faults import handled

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


FROM_TOP_PX = 10


class HeadStrip(QWidget):
    """Lies in the middle; `row` is for its words and buttons."""

    changed = Signal()  # it is shown, or hidden

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._board = board
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self.row = QHBoxLayout(self)
        self.row.setContentsMargins(14, 6, 8, 6)
        self.row.setSpacing(8)
        self.hide()

    def show_if(self, wanted: bool) -> None:
        """Show or hide it, as wide as it needs to be."""
        self.setVisible(wanted)
        self.row.activate()
        self.resize(min(self.sizeHint().width(), self._board.width() - 2 * FROM_TOP_PX), self.sizeHint().height())
        self.move(max(0, (self._board.width() - self.width()) // 2), FROM_TOP_PX)
        self.raise_()

    @handled
    def showEvent(self, event: QShowEvent) -> None:
        self.changed.emit()

    @handled
    def hideEvent(self, event: QHideEvent) -> None:
        self.changed.emit()
