"""The strip of the findings: which one this is, and what can be done about it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton

from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.elided_label import ElidedLabel

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


class CheckStrip(HeadStrip):
    """Lies at the head of the board while there are findings."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        checks = self._checks = board.document.checks
        self.words = ElidedLabel("")
        self.row.addWidget(self.words, 1)
        self.back = QPushButton(tr("Back"), toolTip=tr("The finding before (Shift+F8)"))
        self.forth = QPushButton(tr("Next"), toolTip=tr("The next finding (F8)"))
        self.mend = QPushButton(tr("Mend"), toolTip=tr("Mend this one (F7)"))
        self.mend_all = QPushButton(
            tr("All of these…"), toolTip=tr("Show how every one of this kind would be mended, before it is done")
        )
        self.let_be = QPushButton(tr("Let be"), toolTip=tr("It is meant so"))
        self.put_away = QPushButton(
            tr("Put away"), toolTip=tr("Show no findings any more, until the page is checked again")
        )
        for button, act in (
            (self.back, lambda: checks.step(-1)), (self.forth, lambda: checks.step(1)), (self.mend, checks.mend),
            (self.mend_all, checks.ask_all), (self.let_be, checks.let_be), (self.put_away, checks.put_away),
        ):  # fmt: skip
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            button.clicked.connect(lambda _=False, do=act: do())
            self.row.addWidget(button)
        checks.changed.connect(self.refresh)
        board.resized.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        checks, finding = self._checks, self._checks.present
        if finding is not None:
            self.words.setText(
                tr(
                    "{at} of {count}: {sentence}",
                    at=checks.at + 1,
                    count=len(checks.findings),
                    sentence=finding.sentence,
                )
            )
            self.mend.setEnabled(finding.mend is not None)
            self.mend_all.setEnabled(any(each.mend is not None for each in checks.alike))
        if finding is not None or self.isVisible():
            self.show_if(finding is not None)
