"""The strip that says how pictures are placed, and puts them down."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QPushButton

from jotsk.desk.board.strips.head_strip import HeadStrip

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

WORDS = "Drag to move, a corner to scale, the ring to turn."


class PlacingStrip(HeadStrip):
    """Lies at the head of the board while there is something to place."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.put_down = QPushButton("Put down", toolTip="Put the pictures onto the page, each on a layer (Enter)")
        self.give_up = QPushButton("Give up", toolTip="Leave the page as it is (Esc)")
        self.row.addWidget(QLabel(WORDS))
        self.row.addWidget(self.put_down)
        self.row.addWidget(self.give_up)
        for button in (self.put_down, self.give_up):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.put_down.clicked.connect(board.put_down_pictures)
        self.give_up.clicked.connect(board.drop_pictures)
        board.placing_changed.connect(self.place)
        board.resized.connect(self.place)

    def place(self) -> None:
        self.show_if(self._board.placing is not None)
