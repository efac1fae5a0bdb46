"""The strip that says how pictures are placed, and settles them."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QWidget

from jotsk.desk.board.board import Board

WORDS = "Drag to move, a corner to scale, the ring to turn."


class PlacingStrip(QWidget):
    """Lies at the head of the board while there is something to settle."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._board = board
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self.settle = QPushButton("Settle", toolTip="Put the pictures onto the page, each on a layer (Enter)")
        self.give_up = QPushButton("Give up", toolTip="Leave the page as it is (Esc)")
        layout = QHBoxLayout(self)
        layout.setContentsMargins(14, 6, 8, 6)
        layout.setSpacing(8)
        layout.addWidget(QLabel(WORDS))
        layout.addWidget(self.settle)
        layout.addWidget(self.give_up)
        for button in (self.settle, self.give_up):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.settle.clicked.connect(board.settle_pictures)
        self.give_up.clicked.connect(board.drop_pictures)
        board.placing_changed.connect(self.place)
        board.resized.connect(self.place)
        self.hide()

    def place(self) -> None:
        self.setVisible(self._board.placing is not None)
        self.adjustSize()
        self.move((self._board.width() - self.width()) // 2, 10)
        self.raise_()
