"""The journal: every finished edit on disk before the next one."""

from __future__ import annotations

import logging
import shutil
import threading
import time
import weakref
from collections.abc import Callable, Iterator
from contextlib import suppress
from dataclasses import dataclass, field
from pathlib import Path
from typing import IO

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import JotskError
from jotsk.core.files.fsync import Flusher
from jotsk.core.files.opening import PAGE_SUFFIX, Origin, is_picture
from jotsk.core.files.store import PageStore
from jotsk.core.files.stored_parts import Known
from jotsk.core.page import Page
from jotsk.core.page.compose.thumbnail import thumbnail_png
from jotsk.core.page.history.release import release_pages
from jotsk.core.runtime.lanes import DISK
from jotsk.core.words import tr

log = logging.getLogger(__name__)

Progress = Callable[[float], None]

STEP = "step"
SWEEP_EVERY, REST_S = 50, 3.0  # steps whose old parts are cleared away when the hand rests so long
MOST_UNSWEPT = 300  # and steps after which they are in any case, beside a hand that never rests
AHEAD_TOLD_S = 0.1
PAUSE_S = 0.02
SLOW = tr("The disk is slow; the work is not kept yet.")
RETRY_S = 2.0  # after which the disk may take what it did not
PICTURE_PX, PICTURE_EVERY_S, PICTURE_REST_S = 240, 10.0, 0.4
SUFFIX, BASE = ".journal", ".base"


@dataclass(frozen=True, slots=True)
class Kept:
    """A page, the file it belongs to, its title, and whether it has work that is in no file."""

    page: Page
    path: Path | None
    title: str
    is_unsaved: bool = True
    known: Known | None = field(default=None, compare=False)  # where its parts lie in its slot, if it comes from one


@dataclass(frozen=True, slots=True)
class Start:
    """What a journal need not write: parts it has already, or the page `page` as it was read from `origin`."""

    known: Known | None = None
    page: Page | None = None
    origin: Origin | None = None


@dataclass(slots=True)
class _Ahead:
    """A page that will be the present one, and the share of its tiles that is kept."""

    page: Page
    steps: Iterator[float] | None = None
    share: float = 0.0
    is_over: bool = False


class Journal(QObject):
    """Writes the present state of one page to its slot, on a thread of its own.

    A page is a value, so only the newest matters: while one is written, those that come are not queued but replaced.
    Whatever takes longer than a stroke is done in small parts, and a state that comes is written between them. What the
    history may bring back stays in the slot: to take back a change of all layers is kept as quickly as a stroke.

    A large page that was opened from a file is not written at all: the journal takes a copy of the file and leans on
    that, so that the very first stroke is on disk in a few ms.
    """

    trouble = Signal(str)
    begun = Signal()  # it knows the page it starts from

    def __init__(self, path: Path, take_lock: Callable[[], IO[bytes]], start: Start | None = None) -> None:
        """`take_lock` gives the open file that keeps others off, or raises JotskError; it is called on the thread."""
        super().__init__()
        self.slot = path.stem
        self._start = start or Start()
        self._path, self._take_lock = path, take_lock
        self._lock: IO[bytes] | None = None
        self._wanted: Kept | None = None
        self._failed: Kept | None = None  # what the disk did not take; it is tried again
        self._error: str | None = None
        self._is_closed = self._goes = False
        self._page: Page | None = None  # of the state that was written last
        self._state, self._unswept = 0, 0
        self._is_overdue = False  # the sweep under way does not wait for the hand to rest
        self._ahead: _Ahead | None = None
        self._sweeping: Iterator[int] | None = None
        self._touched_at = 0.0  # when the hand was last heard of
        self._thumbnail_of: weakref.ref[Page] | None = (
            None  # what the picture shows; it does not need the page any more
        )
        self._png: bytes | None = None
        self._thumbnail_at = -PICTURE_EVERY_S
        self._change = threading.Condition()
        self._is_busy = False
        self._flusher = Flusher(path)
        self._thread = DISK.start(f"journal {self.slot}", self._run)

    def write(self, kept: Kept) -> None:
        """Have this state on disk soon."""
        with self._change:
            self._wanted, self._failed, self._touched_at = kept, None, time.monotonic()
            self._change.notify_all()

    def write_ahead(self, page: Page, progress: Callable[[float], None]) -> None:
        """Have the tiles of a page kept that will be the present one, and wait: its state is then written in no time.

        For a thread that is neither the interface's nor the journal's. What `progress` raises ends it.
        """
        ahead = _Ahead(page)
        with self._change:
            self._ahead = ahead
            self._change.notify_all()
        try:
            while not ahead.is_over:
                progress(ahead.share)
                with self._change:
                    self._change.wait_for(lambda: ahead.is_over or self._is_closed, AHEAD_TOLD_S)
                    ahead.is_over |= self._is_closed
        finally:
            with self._change:
                self._ahead = None

    def flush(self, timeout_s: float) -> str | None:
        """Wait until all is on disk; return why it is not, or None."""
        self._touched_at = time.monotonic()
        until = self._touched_at + timeout_s
        with self._change:
            done = self._change.wait_for(lambda: self._wanted is None and not self._is_busy, timeout_s)
        if done and self._error is None:
            done = self._flusher.wait(max(0.0, until - time.monotonic()))
        return self._error or self._flusher.error if done else SLOW

    def close(self, *, keep: bool) -> None:
        """End when all is written; the slot stays for the next start, or goes."""
        with self._change:
            self._is_closed, self._goes = True, not keep
            if not keep:
                self._wanted = self._failed = None
            self._change.notify_all()

    def wait_for_end(self, timeout_s: float) -> bool:
        """After `close`: wait until all is written, and return whether it is."""
        self._thread.join(timeout_s)
        return not self._thread.is_alive()

    def _run(self) -> None:
        store: PageStore | None = None
        told: str | None = None
        while True:
            with self._change:
                self._is_busy = False
                self._change.notify_all()
                self._change.wait_for(lambda: self._wanted or self._ahead or self._is_closed, self._rest_s())
                if self._wanted is None:
                    self._wanted, self._failed = self._failed, None  # once more, also at the end
                if self._wanted is None and self._is_closed:
                    break
            kept = None
            try:
                if self._lock is None:
                    self._lock = self._take_lock()
                if store is None:
                    store = PageStore(self._path, flushes=False)
                    self._flusher.ask(*_begin(store, self._start))
                    self._start = Start()  # undone, all of that page would be kept for this alone
                    self.begun.emit()
                kept = self._newest()
                if kept is not None:
                    self._put(store, kept)
                elif self._flusher.error is not None:
                    self._flusher.ask()  # once more
                    self._flusher.wait(RETRY_S)
                elif self._ahead is not None:
                    self._go_ahead(store, self._ahead)
                elif self._sweeping is not None:
                    self._sweep()
                elif self._unswept >= MOST_UNSWEPT:
                    self._begin_sweep(store, is_overdue=True)
                elif self._needs_picture:
                    self._picture(store)
                elif self._unswept >= SWEEP_EVERY:
                    self._begin_sweep(store, is_overdue=False)
                error = self._flusher.error
            except JotskError as failure:
                error = _why_not_kept(failure)
                self._give_up(kept, error)
            except Exception:
                error = tr("The journal failed because of a fault in Jotsk; save the page to be safe.")
                if error != told:
                    log.exception("the journal failed")
                self._give_up(kept, error)
            if error is not None and error != told:
                self.trouble.emit(error)
            self._error = told = error
        self._flusher.close()
        if store is not None:
            with suppress(Exception):
                if not self._goes:
                    self._picture(store)
                store.close()
        if self._lock is None and self._goes:  # nothing was written, but the slot may be an old one
            with suppress(JotskError):
                self._lock = self._take_lock()
        if self._lock is not None:
            if self._goes:
                remove_journal(self._path)
            self._lock.close()
        if self._page is not None:
            release_pages([self._page])  # or it would go with the journal, on the interface's thread
        self._page, self._start = None, Start()

    def _newest(self) -> Kept | None:
        """What is to be written now; None if nothing is."""
        with self._change:
            kept, self._wanted = self._wanted, None
            self._is_busy = kept is not None
            return kept

    def _give_up(self, kept: Kept | None, error: str) -> None:
        """What was not written is tried again in a while, unless a newer state came meanwhile; who waits is told."""
        with self._change:
            newest = self._wanted or kept
            self._wanted, self._failed = None, None if self._is_closed else newest
            self._error = error
        self._sweeping, self._is_overdue = None, False
        if self._ahead is not None:
            self._go_on(self._ahead, None)

    def _put(self, store: PageStore, kept: Kept) -> None:
        notes = {
            "title": kept.title, "path": str(kept.path or ""), "is_unsaved": "1" if kept.is_unsaved else "",
        }  # fmt: skip
        changed = {key: value for key, value in notes.items() if store.note(key) != value}
        self._state = store.put(kept.page, kind=STEP, picture=self._png, instead_of=STEP)
        if changed:
            store.set_notes(**changed)
        self._flusher.ask()
        if self._page is not None and _differ_much(self._page, kept.page):
            release_pages([self._page])
        self._page = kept.page
        self._unswept += 1

    def _go_ahead(self, store: PageStore, ahead: _Ahead) -> None:
        """Write a few more tiles of a page that comes."""
        if ahead.steps is None:
            self._sweeping, self._is_overdue = None, False
            ahead.steps = store.putting_tiles(ahead.page)
        self._go_on(ahead, next(ahead.steps, None))

    def _go_on(self, ahead: _Ahead, share: float | None) -> None:
        with self._change:
            if share is not None:
                ahead.share = share
                return
            ahead.is_over, self._ahead = True, None
            self._change.notify_all()

    def _rest_s(self) -> float | None:
        """How long the hand has to rest until there is something else to do."""
        now = time.monotonic()
        if self._failed is not None or self._flusher.error is not None:
            return RETRY_S
        if self._unswept >= MOST_UNSWEPT or self._is_overdue:
            return PAUSE_S  # between the small parts of it, in which a state that comes is written
        if self._sweeping is None and self._needs_picture:
            return max(PICTURE_REST_S, self._thumbnail_at + PICTURE_EVERY_S - now)
        if self._sweeping is not None or self._unswept >= SWEEP_EVERY:
            return max(0.0, self._touched_at + REST_S - now)
        return None

    def _begin_sweep(self, store: PageStore, *, is_overdue: bool) -> None:
        self._is_overdue = is_overdue
        self._unswept, self._sweeping = 0, store.sweeping(all_known=True)

    def _sweep(self) -> None:
        """Clear a few more old parts away."""
        if self._sweeping is not None and next(self._sweeping, None) is None:
            self._sweeping, self._is_overdue = None, False
            self._flusher.ask()

    @property
    def _needs_picture(self) -> bool:
        return self._page is not None and (self._thumbnail_of is None or self._thumbnail_of() is not self._page)

    def _picture(self, store: PageStore) -> None:
        if self._page is not None and self._needs_picture:
            self._png, self._thumbnail_of = thumbnail_png(self._page, PICTURE_PX), weakref.ref(self._page)
            self._thumbnail_at = time.monotonic()
            store.set_picture(self._state, self._png)


def _begin(store: PageStore, start: Start) -> list[Path]:
    """Tell the store what it need not write; return the files it leans on."""
    if start.known is not None:
        store.recall(start.known)
    elif start.page is not None and start.origin is not None:
        original = start.origin.path
        suffix = original.suffix.lower() if is_picture(original) else PAGE_SUFFIX
        copy = store.path.with_name(store.path.stem + BASE + suffix)
        try:
            shutil.copyfile(original, copy)
        except OSError:
            is_the_same = False
        else:
            is_the_same = start.origin.is_unchanged
        if is_the_same:
            store.set_notes(base=original.stem)
            store.lean_on(start.page)
            return [copy]
        copy.unlink(missing_ok=True)  # all of the page is written
    return []


def bases_of(path: Path) -> list[Path]:
    """The file that a journal leans on, if it does."""
    return list(path.parent.glob(f"{path.stem}{BASE}.*"))


def remove_journal(path: Path) -> None:
    for base in bases_of(path):
        base.unlink(missing_ok=True)
    for name in (path.name, f"{path.name}-wal", f"{path.name}-shm", f"{path.stem}.lock"):
        path.with_name(name).unlink(missing_ok=True)


def _why_not_kept(error: JotskError) -> str:
    """What to say, in the words of somebody who knows of no journal."""
    reason = getattr(error, "reason", None)
    return (
        str(error)
        if reason is None
        else tr("Work in progress cannot be kept: {reason}. It is tried again; save often.", reason=reason)
    )


def _differ_much(page: Page, next_page: Page) -> bool:
    """Whether more went than one layer: thousands of tiles at once."""
    return sum(layer is not next_page.layer(layer.uid) for layer in page.layers) > 1
