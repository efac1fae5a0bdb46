"""The journal: every finished edit on disk before the next one, and pages found again after a crash or a close."""

from __future__ import annotations

import fcntl
import logging
import os
import threading
import time
from contextlib import suppress
from dataclasses import dataclass
from datetime import datetime
from pathlib import Path
from typing import IO

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import JotskError
from jotsk.core.files.store import PageStore
from jotsk.core.page import Page
from jotsk.core.page.miniature import miniature_png

log = logging.getLogger(__name__)

STEP = "step"
SWEEP_EVERY, REST_S = 50, 3.0  # steps whose old parts are cleared away when the hand rests so long
MOST_UNSWEPT = 4000  # and steps after which they are in any case
PICTURE_PX, PICTURE_EVERY_S = 240, 10.0
PAINTED_S = 0.015  # what was done is shown first, or the two threads take turns and both are late
SUFFIX = ".journal"


@dataclass(frozen=True, slots=True)
class Kept:
    """A page, the file it belongs to, its title, and whether it has work that is in no file."""

    page: Page
    path: Path | None
    title: str
    is_unsaved: bool = True


@dataclass(frozen=True, slots=True)
class KeptNote:
    """What is known of a kept page without opening it."""

    slot: str
    title: str
    when: datetime
    picture: bytes | None = None  # PNG


class Journal(QObject):
    """Writes the present state of one page to its slot, on a thread of its own.

    A page is a value, so only the newest matters: while one is written, those that come are not queued but replaced.
    Nothing is written in the few ms in which a change is painted, unless somebody waits for it.
    """

    trouble = Signal(str)

    def __init__(self, path: Path, lock: IO[str]) -> None:
        super().__init__()
        self.slot = path.stem
        self._path, self._lock = path, lock
        self._wanted: Kept | None = None
        self._not_before = 0.0
        self._is_awaited = False
        self._error: str | None = None
        self._is_closed = self._goes = False
        self._change = threading.Condition()
        self._is_busy = False
        self._thread = threading.Thread(target=self._run, name=f"journal {self.slot}", daemon=True)
        self._thread.start()

    def write(self, kept: Kept) -> None:
        """Have this state on disk soon."""
        with self._change:
            if self._wanted is None:
                self._not_before = time.monotonic() + PAINTED_S
            self._wanted = kept
            self._change.notify_all()

    def flush(self, timeout_s: float) -> str | None:
        """Wait until all is on disk; return why it is not, or None."""
        with self._change:
            self._is_awaited = True
            self._change.notify_all()
            done = self._change.wait_for(lambda: self._wanted is None and not self._is_busy, timeout_s)
            self._is_awaited = False
            return self._error if done else "The disk is slow; the work is not kept yet."

    def close(self, *, keep: bool, wait_s: float = 0.0) -> None:
        """End when all is written; the slot stays for the next start, or goes."""
        with self._change:
            self._is_closed, self._goes = True, not keep
            if not keep:
                self._wanted = None
            self._change.notify_all()
        self._thread.join(wait_s)

    def _run(self) -> None:
        store: PageStore | None = None
        unswept, picture, pictured_at = 0, b"", -PICTURE_EVERY_S
        while True:
            with self._change:
                self._is_busy = False
                self._change.notify_all()
                at_rest_s = REST_S if unswept >= SWEEP_EVERY else None
                self._change.wait_for(lambda: self._wanted is not None or self._is_closed, at_rest_s)
                while self._wanted is not None and not (self._is_awaited or self._is_closed):
                    wait_s = self._not_before - time.monotonic()
                    if wait_s <= 0:
                        break
                    self._change.wait(wait_s)
                if self._wanted is None and self._is_closed:
                    break
                kept, self._wanted, self._is_busy = self._wanted, None, True
            try:
                if kept is None or unswept >= MOST_UNSWEPT:
                    unswept = 0
                    if store is not None:
                        store.sweep()
                if kept is None:  # the hand rests
                    continue
                if store is None:
                    store = PageStore(self._path)
                notes = {
                    "title": kept.title, "path": str(kept.path or ""), "is_unsaved": "1" if kept.is_unsaved else "",
                }  # fmt: skip
                changed = {key: value for key, value in notes.items() if store.note(key) != value}
                if time.monotonic() - pictured_at > PICTURE_EVERY_S:
                    picture, pictured_at = miniature_png(kept.page, PICTURE_PX), time.monotonic()
                store.put(kept.page, kind=STEP, picture=picture, instead_of=STEP)
                if changed:
                    store.set_notes(**changed)
                unswept += 1
                error = None
            except JotskError as failure:
                error = str(failure)
            except Exception:
                log.exception("the journal failed")
                error = "The journal failed because of a fault in Jotsk; save the page to be safe."
            if error is not None and error != self._error:
                self.trouble.emit(error)
            self._error = error
        if store is not None:
            with suppress(Exception):
                store.close()
        if self._goes:
            _remove(self._path)
        self._lock.close()


class Shelf:
    """The journals in a folder: one file a page, and a lock while somebody works on it."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self._folder = folder / "journal"

    def begin(self, slot: str | None = None) -> Journal:
        """Start a journal, or go on with one that was kept. Raises OSError."""
        self._folder.mkdir(parents=True, exist_ok=True)
        slot = slot or f"{datetime.now():%Y%m%d-%H%M%S-%f}-{os.getpid()}"
        lock = self._locked(slot)
        if lock is None:
            raise OSError(f"the journal {slot} is in use")
        return Journal(self._path(slot), lock)

    def notes(self) -> list[KeptNote]:
        """Pages with work in no file that nobody is working on, the latest first. What is saved is cleared away."""
        found: list[KeptNote] = []
        for path in sorted(self._folder.glob(f"*{SUFFIX}")):
            lock = self._locked(path.stem)
            if lock is None:
                continue
            with lock:
                note = self._note(path)
                if note is not None:
                    found.append(note)
        return sorted(found, key=lambda note: note.when, reverse=True)

    def look(self, slot: str) -> Kept | None:
        """The page in a slot, or None. It stays there until `clear`: a crash on the way loses nothing."""
        path = self._path(slot)
        try:
            store = PageStore(path)
            try:
                states = store.states(STEP)
                if not states:
                    return None
                where = store.note("path")
                return Kept(store.get(states[0].id), Path(where) if where else None, store.note("title") or "Kept page")
            finally:
                store.close()
        except JotskError:
            self._put_aside(path)
            return None

    def clear(self, slot: str) -> None:
        _remove(self._path(slot))

    def _note(self, path: Path) -> KeptNote | None:
        try:
            store = PageStore(path)
            try:
                states, is_unsaved, title = store.states(STEP), store.note("is_unsaved"), store.note("title")
            finally:
                store.close()
        except JotskError:
            self._put_aside(path)
            return None
        if not states or not is_unsaved:
            _remove(path)
            return None
        when = datetime.fromtimestamp(states[0].at)
        return KeptNote(path.stem, title or "Kept page", when, states[0].picture)

    def _put_aside(self, path: Path) -> None:
        """Neither lost nor met again at every start."""
        log.exception("a journal is damaged")
        if path.exists():
            path.replace(path.with_suffix(".damaged"))

    def _locked(self, slot: str) -> IO[str] | None:
        """The open lock file of a slot; None while another holds it. The system lets go of it when a process dies."""
        lock = open(self._folder / f"{slot}.lock", "w")  # noqa: SIM115 (it is held open)
        try:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            lock.close()
            return None
        return lock

    def _path(self, slot: str) -> Path:
        return self._folder / f"{slot}{SUFFIX}"


def _remove(path: Path) -> None:
    for name in (path.name, f"{path.name}-wal", f"{path.name}-shm", f"{path.stem}.lock"):
        path.with_name(name).unlink(missing_ok=True)
