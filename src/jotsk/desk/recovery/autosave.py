"""Keeps the page being worked on in the journal, whatever is done to it.

What was done is painted first: the journal's thread would take turns with the hand's, and both be late. It gets the
page a few ms later, when the event loop comes to its timers, or when a stroke begins.
"""

from __future__ import annotations

import time
from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.files.stored_parts import Known
from jotsk.core.page import Page
from jotsk.desk.document.document import Document
from jotsk.desk.recovery.journal import SLOW, Journal, Kept, Start
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.widgets.modal import turn_of_the_loop

BEFORE_STROKE_S = 0.045  # no hand waits longer: a step is on disk in a few ms, unless the disk is slow
PAINTED_MS = 5
AT_THE_END_S, TURN_S = 120.0, 0.05
MOST_LEFT = 8  # journals of pages before this one: what is being saved is among the latest


class Autosave(QObject):
    """One journal at a time, for the present page."""

    trouble = Signal(str)
    begun = Signal()

    def __init__(self, document: Document, recovery: RecoveryFolder, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._document, self._recovery = document, recovery
        self._journal: Journal | None = None
        self._left: list[tuple[Journal, Kept | None]] = []  # of pages before this one, that may still be writing
        self._last: Kept | None = None
        self._next: tuple[str | None, Known | None] = (None, None)
        self._pending: Kept | None = None
        self._painted = QTimer(self, singleShot=True, interval=PAINTED_MS)
        self._painted.timeout.connect(self._write)
        document.keep_ahead = self._keep_ahead
        document.slow.connect(self._begin)
        document.in_turn.connect(self._begin)
        document.taken.connect(self._leave)
        document.saved_late.connect(self._saved_late)
        document.opened.connect(self._opened)
        document.state_changed.connect(self._changed)

    @property
    def slot(self) -> str | None:
        return self._journal.slot if self._journal else None

    @property
    def is_leaving(self) -> bool:
        """Whether a page before this one is still being kept."""
        return not all(journal.wait_for_end(0) for journal, _ in self._left)

    def take_up(self, slot: str, known: Known | None = None) -> None:
        """The next page that is taken comes from this slot, and goes on there; `known` of its parts are in it."""
        self._next = slot, known
        self._left = [(journal, kept) for journal, kept in self._left if journal.slot != slot]  # what it held is old

    def wait_for(self, slot: str) -> None:
        """Until the journal of a page before this one is written to its end."""
        until = time.monotonic() + AT_THE_END_S
        for journal, _ in self._left:
            while journal.slot == slot and not journal.wait_for_end(TURN_S) and time.monotonic() < until:
                turn_of_the_loop()

    def before_stroke(self) -> None:
        """A stroke begins: what was done before it is on disk, unless the disk is slow."""
        if self._journal is None:
            self._begin()  # it is ready when the first stroke ends
            return
        self._write()
        self._journal.flush(BEFORE_STROKE_S)

    def keep(self) -> str | None:
        """Wait until unsaved work is on disk; return why it is not, or None."""
        if not self._document.is_unsaved:
            return None
        while not self._document.step_runner.is_done_within(TURN_S):
            turn_of_the_loop()  # the window is painted meanwhile
        self._pending = self._kept()
        self._write()
        journal, until = self._journal, time.monotonic() + AT_THE_END_S
        assert journal is not None
        while (trouble := journal.flush(TURN_S)) == SLOW and time.monotonic() < until:
            turn_of_the_loop()
        return trouble

    def end(self) -> None:
        """The window closes."""
        self._write()
        if self._journal is not None:
            self._journal.close(keep=self._document.is_unsaved)
            self._left.append((self._journal, self._last))
            self._journal = None
        until = time.monotonic() + AT_THE_END_S
        for journal, _ in self._left:
            journal.wait_for_end(max(0.0, until - time.monotonic()))

    def _leave(self) -> None:
        """Another page is taken: the one before stays in the recovery folder if it has work in no file."""
        self._write()
        if self._journal is not None:
            self._journal.close(keep=self._last is not None and self._last.is_unsaved)
            self._left = [*self._left[-MOST_LEFT:], (self._journal, self._last)]
        self._journal = self._last = None

    def _saved_late(self, page: Page) -> None:
        """A page that was left while it was being saved is in its file: it need not be kept, unless it was changed
        after that."""
        for journal, kept in self._left:
            if kept is not None and kept.page.layers is page.layers and kept.page.guides is page.guides:
                journal.close(keep=False)
                if journal.wait_for_end(0):
                    self._recovery.clear(journal.slot)

    def _opened(self) -> None:
        self._pending = self._kept()
        self._write()

    def _changed(self) -> None:
        if self._journal is not None or self._document.is_unsaved:
            self._pending = self._kept()
            self._painted.start()

    def _kept(self) -> Kept:
        """The page as it is; what is still drying changes it, and is kept then."""
        document = self._document
        return Kept(document.page, document.path, document.title, document.is_unsaved)

    def _begin(self) -> None:
        """A change begins that will want a journal."""
        self._pending = self._pending or self._kept()
        self._write()

    def _keep_ahead(self, page: Page, progress: Callable[[float], None]) -> None:
        """Called off the interface's thread."""
        journal = self._journal
        if journal is not None:
            journal.write_ahead(page, progress)

    def _write(self) -> None:
        kept, self._pending = self._pending, None
        if kept is None or kept == self._last:
            return
        if self._journal is None:
            slot, known = self._next
            start = Start(known) if kept.is_unsaved else Start(known, kept.page, self._document.origin)
            self._journal = self._recovery.begin(slot, start)
            self._next = None, None
            self._journal.trouble.connect(self.trouble)
            self._journal.begun.connect(self.begun)
        self._last = kept
        self._journal.write(kept)
