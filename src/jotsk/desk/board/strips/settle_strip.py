"""The strip that says what a line settled into, and offers what else it could be."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QPushButton

from jotsk.core.words import capitalized, tr
from jotsk.desk.board.strips.head_strip import HeadStrip

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

MOST_OFFERED = 3
HANDS_OWN = tr("The hand's own line")


class SettleStrip(HeadStrip):
    """Lies at the head of the board from the lift to the next stroke."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.words = QLabel()
        self.buttons: list[QPushButton] = []
        self.row.addWidget(self.words)
        board.settler.offer_changed.connect(self.show_offer)
        board.resized.connect(self.place)

    def show_offer(self) -> None:
        for button in self.buttons:
            self.row.removeWidget(button)
            button.hide()
            button.deleteLater()
        self.buttons = []
        offer = self._board.settler.offer
        if offer is not None:
            self.words.setText(tr("Settled into: {kind}", kind=tr(offer.reading.kind)))
            others = [r.kind for r in offer.readings if r.kind != offer.reading.kind][:MOST_OFFERED]
            for kind in others:
                self._add(
                    capitalized(tr(kind)), tr("Make it: {kind}", kind=tr(kind)), partial(self._board.settler.take, kind)
                )
            self._add(tr("Handles"), tr("Drag the shape by its handles"), self._bend)
            self.buttons[-1].setCheckable(True)
            self.buttons[-1].setChecked(self._board.settler.is_bending)
            self._add(HANDS_OWN, tr("Undo the settling (Ctrl+Z)"), self._board.document.undo)
            self._add(tr("Keep"), tr("Keep the shape; so does drawing on (Enter)"), self._board.settler.accept)
        self.place()

    def _bend(self) -> None:
        self._board.settler.set_bending(not self._board.settler.is_bending)

    def place(self) -> None:
        self.show_if(self._board.settler.offer is not None)

    def _add(self, words: str, tooltip: str, act: Callable[[], object]) -> None:
        button = QPushButton(words, toolTip=tooltip)
        button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        button.clicked.connect(lambda: act())
        self.row.addWidget(button)
        button.show()  # at once, or a strip that is there already makes no room for it
        self.buttons.append(button)
