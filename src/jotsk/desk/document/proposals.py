"""What mending would do to the finding one came to, shown before it is done."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, Signal

from jotsk.core.check.finding import Finding
from jotsk.core.errors import Refused
from jotsk.core.page import Page
from jotsk.desk.document.latest import Latest

if TYPE_CHECKING:
    from jotsk.desk.document.checks import PageChecks
    from jotsk.desk.document.document import Document

Lines = list[NDArray[np.float64]]


class Proposals(QObject):
    changed = Signal()

    def __init__(self, document: Document, checks: PageChecks) -> None:
        super().__init__(checks)
        self._document, self._checks = document, checks
        self.lines: Lines = []  # (N, 2) page px: the edges of lines as they would be, crosses over those that would go
        self._of: tuple[Page | None, Finding | None] = None, None  # what the lines are of
        self._latest = Latest("proposals", self)
        self._latest.came.connect(self._show)
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
        self._of = page, finding
        self._latest.drop()
        self._show([])
        if page is not None and finding is not None:
            self._latest.ask(partial(lines_of, page, finding))

    def _show(self, lines: Lines) -> None:
        self.lines = lines
        self.changed.emit()


def lines_of(page: Page, finding: Finding) -> Lines:
    """The edges of what mending a finding would draw; none where it cannot be mended any more."""
    from jotsk.core.check.proposal import mended, proposed  # loaded when it is asked for first

    try:
        return proposed(page, mended(page, [finding]))
    except Refused:  # its layer has gone meanwhile
        return []
