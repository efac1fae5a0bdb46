"""The strip of a practice sheet: how far one is, and how it went."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton

from jotsk.core.check import practice
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.document.practice import Practice
from jotsk.desk.widgets.elided_label import ElidedLabel

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


class PracticeStrip(HeadStrip):
    """Lies at the head of the board while the page is a practice sheet."""

    def __init__(
        self, board: Board, practice: Practice, *, following: Callable[[], None], again: Callable[[], None],
        how: Callable[[], None],
    ) -> None:  # fmt: skip
        super().__init__(board)
        self._practice = practice
        self.words = ElidedLabel("")
        self.row.addWidget(self.words, 1)
        self.following = QPushButton(tr("Next sheet"), toolTip=tr("The next sheet of the warm-up"))
        self.again = QPushButton(
            tr("Once more without steadiness"),
            toolTip=tr("The same sheet, to compare what the steadiness does for you"),
        )
        self.how = QPushButton(
            tr("How I do…"), toolTip=tr("The hand over days, its steadiest direction, and other sheets")
        )
        for button, act in ((self.following, following), (self.again, again), (self.how, how)):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            button.clicked.connect(lambda _=False, do=act: do())
            self.row.addWidget(button)
        practice.changed.connect(self.refresh)
        board.resized.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        sheet = self._practice.sheet
        if sheet is not None:
            drawn, wanted = self._practice.share_done
            found = self._practice.summary()
            words = tr("draw from the dot to the ring")
            if found:
                words = self._practice.words(practice.figures.Figures(**found))  # type: ignore[arg-type]
            title = (
                tr("{title}, without steadiness", title=sheet.title) if self._practice.is_second_pass else sheet.title
            )
            compared = self._practice.comparison()
            told = compared if compared and drawn == wanted else words
            self.words.setText(
                tr("{title}: {drawn} of {wanted}. Median: {told}.", title=title, drawn=drawn, wanted=wanted, told=told)
                if found
                else f"{title}: {words}."
            )
            self.again.setVisible(self._practice.is_done_with_steadiness)
            self.following.setVisible(bool(self._practice.plan))
        if sheet is not None or self.isVisible():
            self.show_if(sheet is not None)
