"""The area one holds by hand, to be filled, cleared or copied."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from jotsk.core.fill import by_hand
from jotsk.core.fill.by_hand import NO_RUNS, Loop
from jotsk.core.marks.runs import Runs
from jotsk.core.page import Page
from jotsk.core.words import tr

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

MOST_BEFORE = 50


class HeldArea(QObject):
    """Belongs to no page and to no file; it has an undo of its own."""

    changed = Signal()

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.runs: Runs = NO_RUNS
        self.loops: list[Loop] = []
        self._before: list[tuple[Runs, list[Loop]]] = []
        document.taken.connect(self.drop)

    @property
    def is_there(self) -> bool:
        return bool(len(self.runs))

    @property
    def can_undo(self) -> bool:
        return bool(self._before)

    def hold(self, find: Callable[[Page, Runs], Runs]) -> None:
        """Hold what `find` makes of the page and of what is held."""
        page, before = self._document.page_for_job(), self.runs

        def work(progress: Callable[[float], None]) -> tuple[Runs, list[Loop]]:
            runs = find(page(progress), before)
            progress(0.7)
            return runs, by_hand.loops_of(runs)

        def done(found: tuple[Runs, list[Loop]]) -> None:
            self._before = [*self._before, (self.runs, self.loops)][-MOST_BEFORE:]
            self._show(*found)

        self._document.slow.emit(tr("Finding the area"), work, done)

    def undo(self) -> None:
        if self._before:
            self._show(*self._before.pop())

    def drop(self) -> None:
        """Hold nothing any more."""
        self._before = []
        self._show(NO_RUNS, [])

    def _show(self, runs: Runs, loops: list[Loop]) -> None:
        self.runs, self.loops = runs, loops
        self.changed.emit()
