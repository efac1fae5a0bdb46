"""Keeps the page being worked on in the journal, whatever is done to it."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from jotsk.core.files.store import Known
from jotsk.desk.document import Document
from jotsk.desk.keeping import Journal, Kept, Shelf, Start

BEFORE_STROKE_S = 0.045  # no hand waits longer: a step is on disk in a few ms, unless a large page was just opened
AT_THE_END_S = 120.0
LEAVING_S = 0.04


class Guard(QObject):
    """One journal at a time, for the present page."""

    trouble = Signal(str)

    def __init__(self, document: Document, shelf: Shelf, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._document, self._shelf = document, shelf
        self._journal: Journal | None = None
        self._last: Kept | None = None
        self._next: tuple[str | None, Known | None] = (None, None)
        document.taken.connect(self._leave)
        document.opened.connect(self._write)
        document.state_changed.connect(self._changed)

    @property
    def slot(self) -> str | None:
        return self._journal.slot if self._journal else None

    def take_up(self, slot: str, known: Known | None = None) -> None:
        """The next page that is taken comes from this slot, and goes on there; `known` of its parts are in it."""
        self._next = slot, known

    def before_stroke(self) -> None:
        """A stroke begins: what was done before it is on disk, unless the disk is slow."""
        if self._journal is not None:
            self._journal.flush(BEFORE_STROKE_S)

    def keep(self) -> str | None:
        """Wait until unsaved work is on disk; return why it is not, or None."""
        if not self._document.is_unsaved:
            return None
        self._write()
        if self._journal is None:
            return "The folder for work in progress cannot be used."
        return self._journal.flush(AT_THE_END_S)

    def end(self) -> None:
        """The window closes."""
        if self._journal is not None:
            self._journal.close(keep=self._document.is_unsaved, wait_s=AT_THE_END_S)
            self._journal = None

    def _leave(self) -> None:
        """Another page is taken: the one before stays on the shelf if it has work in no file."""
        if self._journal is not None:
            self._journal.close(keep=self._last is not None and self._last.is_unsaved, wait_s=LEAVING_S)
        self._journal = self._last = None

    def _changed(self) -> None:
        if self._journal is not None or self._document.is_unsaved:
            self._write()

    def _write(self) -> None:
        document = self._document
        kept = Kept(document.page, document.path, document.title, document.is_unsaved)
        if kept == self._last:
            return
        if self._journal is None:
            slot, known = self._next
            on_file = Start(document.page, document.path) if document.path and not document.is_unsaved else None
            try:
                self._journal = self._shelf.begin(slot, Start(known=known) if known is not None else on_file)
            except OSError as error:
                self.trouble.emit(f"Work in progress cannot be kept: {error.strerror or error}. Save often.")
                return
            self._next = None, None
            self._journal.trouble.connect(self.trouble)
        self._last = kept
        self._journal.write(kept)
