"""What mending would do to the finding one came to, shown before it is done."""

from __future__ import annotations

from contextlib import suppress
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, Signal

from jotsk.core.check.finding import Finding
from jotsk.core.page import Page
from jotsk.core.runtime.lanes import BESIDE

if TYPE_CHECKING:
    from jotsk.desk.document.checks import PageChecks
    from jotsk.desk.document.document import Document

Lines = list[NDArray[np.float64]]


class Proposals(QObject):
    changed = Signal()

    _made = Signal(int, object)  # its turn, and the lines

    def __init__(self, document: Document, checks: PageChecks) -> None:
        super().__init__(checks)
        self._document, self._checks = document, checks
        self.lines: Lines = []  # (N, 2) page px: the edges of lines as they would be, crosses over those that would go
        self._of: tuple[Page | None, Finding | None] = None, None  # what the lines are of
        self._turn = 0  # what was worked out for an earlier one is dropped
        self._made.connect(self._take)
        checks.changed.connect(self._follow)
        document.changed.connect(self._follow)

    def _follow(self) -> None:
        """Work out what is shown, beside the interface."""
        page: Page | None = self._document.page
        finding = self._checks.present
        if finding is None or finding.mend is None:
            page = finding = None
        if page is self._of[0] and finding is self._of[1]:
            return
        self._turn += 1
        self.lines, self._of = [], (page, finding)
        if page is not None and finding is not None:
            BESIDE.queue("proposals").go(self._work, self._turn, page, finding)
        self.changed.emit()

    def _work(self, turn: int, page: Page, finding: Finding) -> None:
        from jotsk.core.check.proposal import mended, proposed

        if turn == self._turn:
            lines = proposed(page, mended(page, [finding]))
            with suppress(RuntimeError):  # the window is gone
                self._made.emit(turn, lines)

    def _take(self, turn: int, lines: Lines) -> None:
        if turn == self._turn:
            self.lines = lines
            self.changed.emit()
