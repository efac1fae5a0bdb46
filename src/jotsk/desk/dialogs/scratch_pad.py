"""A sheet of scratch paper with ink of its own: the same board and pens, never part of the page."""

from __future__ import annotations

from PySide6.QtWidgets import QWidget

from jotsk.core.geometry import View
from jotsk.core.page import blank_page
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.pens.hand import Hand

WIDTH, HEIGHT = 1400, 1000


class ScratchPad(Board):
    """A board on a page that is thrown away."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        document = Document(page=blank_page(WIDTH, HEIGHT))
        super().__init__(document, hand, parent)
        self._own_document = document  # the board does not keep its document alive
        self._look_straight()

    def clear(self) -> None:
        self.document.take(blank_page(WIDTH, HEIGHT), path=None, title=tr("Scratch"), saved=True)
        self._look_straight()

    def _look_straight(self) -> None:
        self._fits = False
        self.set_view(View())
