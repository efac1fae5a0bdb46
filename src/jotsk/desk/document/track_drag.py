"""What a track changes, while it is dragged: at rest the page is shown with it, as part of one step."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QObject, QTimer

from jotsk.core.page import Page
from jotsk.core.page.page import prepared
from jotsk.core.runtime.lanes import BESIDE
from jotsk.desk.widgets.hand_over import hand_over

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document, Progress

REST_MS = 80


class _Wanted(NamedTuple):
    change: Callable[[Page], Page]
    label: str
    is_finished: bool


class TrackDrag(QObject):
    """The newest of what is wanted is worked out beside the interface, one at a time: of a large page that takes a
    while. What was worked out for a page that has changed meanwhile is worked out again if the drag has ended, or else
    dropped."""

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self._wanted: _Wanted | None = None
        self._is_at_work = False
        self._turn = 0  # what was worked out for an earlier one is dropped
        self._rest = QTimer(self, singleShot=True, interval=REST_MS)
        self._rest.timeout.connect(self._begin)
        document.opened.connect(self._forget)

    def _forget(self) -> None:
        """Another page is taken."""
        self._wanted = None
        self._turn += 1

    def set(self, change: Callable[[Page], Page], label: str, *, finished: bool) -> None:
        """Change the page, on a thread beside; not `finished` while the track is dragged."""
        self._wanted = _Wanted(change, label, finished)
        if finished:
            self._rest.stop()
            self._begin()
        else:
            self._rest.start()

    def _begin(self) -> None:
        if self._wanted is None or self._is_at_work:
            return
        wanted, self._wanted = self._wanted, None
        self._is_at_work = True
        BESIDE.queue("dragged").go(self._work, self._turn, wanted, self._document.page_for_job())

    def _work(self, turn: int, wanted: _Wanted, page_for_job: Callable[[Progress], Page]) -> None:
        page = after = None
        try:
            page = page_for_job(lambda share: None)
            after = prepared(wanted.change(page))
        finally:  # or nothing would ever be worked out again
            hand_over(self, self._take, turn, wanted, page, after)

    def _take(self, turn: int, wanted: _Wanted, before: Page | None, after: Page | None) -> None:
        self._is_at_work = False
        if turn != self._turn:
            pass
        elif after is before:
            if wanted.is_finished:
                self._document.end_step()
        elif after is not None and before is not None and self._document.is_still(before):
            self._document.step(after, wanted.label, finished=wanted.is_finished)
        elif wanted.is_finished and (after is not None or before is None) and self._wanted is None:
            self._wanted = wanted
        if not self._rest.isActive():
            self._begin()
