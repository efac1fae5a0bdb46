"""Milestones: kept states of the page, beside it, by hand and by the clock."""

from __future__ import annotations

import shutil
import time
import weakref
from collections.abc import Callable
from pathlib import Path
from typing import TypeVar

from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.files.retention import too_close
from jotsk.core.files.state_reader import Opened
from jotsk.core.files.store import PageStore, State
from jotsk.core.page import Page, prepared
from jotsk.core.page.compose.thumbnail import thumbnail_png
from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.inout.jobs import Job

SUFFIX = ".milestones"
BY_HAND, BY_CLOCK = "hand", "clock"
PICTURE_PX = 240
MINUTES = 15
LOOK_EVERY_MS = 30_000

T = TypeVar("T")


class Milestones(QObject):
    """What was kept of the present page. States share what they have in common, so that one costs what changed."""

    changed = Signal()
    trouble = Signal(str)

    def __init__(
        self, document: Document, folder: Path, parent: QObject | None = None, *,
        clock: Callable[[], float] = time.time,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self._document, self._folder, self._clock = document, folder, clock
        self.minutes = MINUTES  # of work between two that are kept by the clock; 0: none are
        self._jobs: list[Job] = []
        self._unnamed: Path | None = None  # where those of a page without a file are
        self._opened = Opened()
        self._kept = weakref.ref(document.page_when_dry())  # the state that was kept last
        self._since: float | None = None  # when work began that no milestone has
        self._timer = QTimer(self, interval=LOOK_EVERY_MS)
        self._timer.timeout.connect(self.look_at_clock)
        self._timer.start()
        document.taken.connect(self._taken)
        document.saved.connect(self._saved)
        document.changed.connect(self._worked)

    @property
    def path(self) -> Path:
        """The file of the present page's milestones, whether there is one or not."""
        if self._document.path is not None:
            return self._document.path.with_suffix(SUFFIX)
        if self._unnamed is None:
            self._unnamed = self._folder / "milestones" / f"{time.strftime('%Y%m%d-%H%M%S')}-{id(self)}{SUFFIX}"
        return self._unnamed

    @property
    def is_busy(self) -> bool:
        return bool(self._jobs)

    def keep(self, name: str = "", kind: str = BY_HAND) -> None:
        """Keep the present state, off the interface's thread."""
        page, path = self._document.page_when_dry(), self.path
        self._kept, self._since = weakref.ref(page), None

        def work(_: object) -> None:
            path.parent.mkdir(parents=True, exist_ok=True)
            store = PageStore(path, self._clock)
            try:
                store.put(page, kind=kind, name=name, picture=thumbnail_png(page, PICTURE_PX))
                gone = too_close(store.states(), self._clock(), BY_CLOCK)
                if gone:
                    store.forget(gone)
            finally:
                store.close()

        self._run(tr("Keeping a milestone"), work)

    def states(self) -> list[State]:
        """What is kept, the latest first. Raises JotskError for a damaged file."""
        return self._with_store(lambda store: store.states(), [])

    def reading(self, state: int) -> Job:
        """To be started: reads a kept state off the interface's thread. It is done with (state, its page)."""
        path, opened = self.path, self._opened

        def work(_: object) -> tuple[int, Page]:
            store = PageStore(path)
            try:
                return state, prepared(store.get(state, opened=opened))
            finally:
                store.close()

        return Job(tr("Reading a milestone"), work, self)

    def rename(self, state: int, name: str) -> None:
        self._change(lambda store: store.rename(state, name))

    def forget(self, states: list[int]) -> None:
        """Give kept states up, and the room they took."""

        def change(store: PageStore) -> None:
            store.forget(states)
            store.sweep()

        self._change(change)

    def thin_out(self) -> None:
        """Give up those kept by the clock that others stand for, and the room they took."""

        def change(store: PageStore) -> None:
            store.forget(too_close(store.states(), self._clock(), BY_CLOCK))
            store.sweep()

        self._change(change)

    def go_back(self, page: Page) -> None:
        """Make a kept state the present one, as a step that can be undone."""
        self._document.edit_slowly(tr("Back to a milestone"), lambda _, __: page)

    def look_at_clock(self) -> None:
        """Keep a milestone if there was work for long enough that none has."""
        if self.minutes and self._since is not None and self._clock() - self._since >= 60 * self.minutes:
            self._document.when_dry(lambda: self.keep(kind=BY_CLOCK))

    def _worked(self, before: Page, after: Page) -> None:
        if self._since is None and after is not self._kept() and after.layers is not before.layers:
            self._since = self._clock()

    def _taken(self) -> None:
        self._kept, self._since, self._unnamed = weakref.ref(self._document.page_when_dry()), None, None
        self._opened = Opened()
        self.changed.emit()

    def _saved(self) -> None:
        """The page has a file now: what was kept of it before comes to lie beside it."""
        unnamed, self._unnamed = self._unnamed, None
        if unnamed is not None and unnamed.exists() and not self.path.exists():
            try:
                shutil.move(unnamed, self.path)
            except OSError as error:
                self._unnamed = unnamed
                self.trouble.emit(
                    tr("The milestones could not be put beside the page: {reason}.", reason=error.strerror or error)
                )

    def _change(self, change: Callable[[PageStore], object]) -> None:
        self._run(tr("Milestones"), lambda _: self._with_store(change, None))

    def _with_store(self, use: Callable[[PageStore], T], otherwise: T) -> T:
        if not self.path.exists():
            return otherwise
        store = PageStore(self.path)
        try:
            return use(store)
        finally:
            store.close()

    def _run(self, title: str, work: Callable[[object], object]) -> None:
        job = Job(title, work, self)
        job.failed.connect(self.trouble)
        job.ended.connect(lambda: self._ended(job))
        self._jobs.append(job)
        job.start()

    def _ended(self, job: Job) -> None:
        self._jobs.remove(job)
        self._opened = Opened()  # the numbers of what was swept may stand for something else now
        self.changed.emit()
