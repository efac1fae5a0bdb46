"""Pages found again after a crash or a close."""

from __future__ import annotations

import fcntl
import logging
import os
import shutil
from collections.abc import Callable, Iterator
from contextlib import ExitStack, contextmanager, suppress
from dataclasses import dataclass
from datetime import datetime
from functools import partial
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import IO

from jotsk.core.errors import CannotRead, CannotWrite, DamagedFile, JotskError, LaterVersion, why_unreadable
from jotsk.core.files.opening import read_any
from jotsk.core.files.store import PageStore
from jotsk.core.files.stored_parts import Known
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.recovery.journal import STEP, SUFFIX, Journal, Kept, Start, bases_of, remove_journal

log = logging.getLogger(__name__)

Progress = Callable[[float], None]

ASIDE = ".damaged"
NOT_NOW = tr("Work that was kept cannot be read just now: {}. It stays where it is, and is tried again.")
BASE_SHARE = 0.8  # of the time reading a page takes, if it leans on a file


@dataclass(frozen=True, slots=True)
class KeptNote:
    """What is known of a kept page without opening it."""

    slot: str
    title: str
    when: datetime
    picture: bytes | None = None  # PNG


class RecoveryFolder:
    """The journals in a folder: one file a page, and a lock while somebody works on it."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self._folder = folder / "journal"
        self._held: dict[str, IO[bytes]] = {}  # locks of slots that are being taken up
        self.trouble: str | None = None  # why `notes` left pages out

    def begin(self, slot: str | None = None, start: Start | None = None) -> Journal:
        """Start a journal, or go on with one that was kept. It says itself if it cannot."""
        slot = slot or f"{datetime.now():%Y%m%d-%H%M%S-%f}-{os.getpid()}"
        return Journal(self._path(slot), partial(self._lock, slot, self._held.pop(slot, None)), start)

    def notes(self) -> list[KeptNote]:
        """Pages with work in no file that nobody is working on, the latest first. What is saved is cleared away.

        What cannot be read just now is left out, and stays; `trouble` says why.
        """
        found: list[KeptNote] = []
        self.trouble = None
        for path in sorted(self._folder.glob(f"*{SUFFIX}")):
            try:
                lock = self._locked(path.stem)
                if lock is None:
                    continue
                with lock:
                    note = self._note(path)
            except (CannotRead, CannotWrite) as error:
                log.exception("a kept page cannot be read")
                self.trouble = NOT_NOW.format(error.reason)
            else:
                if note is not None:
                    found.append(note)
        return sorted(found, key=lambda note: note.when, reverse=True)

    @property
    def may_hold_pages(self) -> bool:
        """Whether it is worth looking for `notes`, which takes a while."""
        return any(self._folder.glob(f"*{SUFFIX}"))

    def lock(self, slot: str, report: Progress) -> Kept | None:
        """As `look`, and nobody else can take the page up until `begin` or `unlock`; None if somebody has."""
        if not self._hold(slot):
            return None
        kept = None
        try:
            kept = self.look(slot, report)
        finally:
            if kept is None:
                self.unlock(slot)
        return kept

    def hold(self, slot: str) -> bool:
        """Keep others off a slot whose page is known, until `begin` or `unlock`; False if somebody has it, or it is
        gone."""
        try:
            return self._hold(slot)
        except CannotRead:
            return False

    def _hold(self, slot: str) -> bool:
        lock = self._locked(slot) if self._path(slot).exists() else None
        if lock is not None:
            self._held[slot] = lock
        return lock is not None

    def unlock(self, slot: str) -> None:
        """Leave a slot that was held to others."""
        self._held.pop(slot).close()

    def look(self, slot: str, report: Progress = lambda _: None) -> Kept | None:
        """The page in a slot, or None. It stays there until `clear`: a crash on the way loses nothing.

        A page at print size takes seconds, of which the share that went by is told to `report`.

        Raises
        ------
        DamagedFile
            The slot was put aside.
        JotskError
            Anything else that is in the way; the slot stays as it is.
        """
        path = self._path(slot)
        try:
            with _store(path) as store:
                states = store.states(STEP)
                if not states:
                    return None
                where = store.note("path")
                known = Known()
                base = store.note("base")
                first = BASE_SHARE if base is not None else 0.0
                page = store.get(
                    states[0].id, known=known, report=lambda share: report(first + share * (1 - first)),
                    base=lambda: _read_base(path, base, lambda share: report(share * first)),
                )  # fmt: skip
                return Kept(page, Path(where) if where else None, store.note("title") or tr("Kept page"), known=known)
        except DamagedFile as error:
            self._put_aside(path)
            raise DamagedFile(
                path, tr("it is damaged; what is left of the page is kept beside it as {aside}", aside=ASIDE)
            ) from error

    def clear(self, slot: str) -> None:
        remove_journal(self._path(slot))

    def _note(self, path: Path) -> KeptNote | None:
        try:
            with _store(path) as store:
                states, is_unsaved, title = store.states(STEP), store.note("is_unsaved"), store.note("title")
        except DamagedFile:
            self._put_aside(path)
            return None
        except LaterVersion:
            return None  # it waits for that version
        if not states or not is_unsaved:
            with suppress(OSError):
                remove_journal(path)
            return None
        when = datetime.fromtimestamp(states[0].at)
        return KeptNote(path.stem, title or tr("Kept page"), when, states[0].picture)

    def _put_aside(self, path: Path) -> None:
        """Neither lost nor met again at every start."""
        log.exception("a journal is damaged")
        log_part = path.with_name(f"{path.name}-wal")  # the latest of it, as SQLite names it
        for part, aside in (
            (path, path.with_suffix(ASIDE)), (log_part, path.with_suffix(f"{ASIDE}-wal")),
            *((base, base.with_suffix(ASIDE)) for base in bases_of(path)),
        ):  # fmt: skip
            with suppress(OSError):
                if part.exists():
                    part.replace(aside)

    def _lock(self, slot: str, held: IO[bytes] | None) -> IO[bytes]:
        """The lock of a journal that begins, on whose thread it waits for the disk. Raises JotskError."""
        try:
            self._folder.mkdir(parents=True, exist_ok=True)
            lock = held or self._locked(slot)
        except (OSError, CannotRead) as error:
            reason = error.reason if isinstance(error, CannotRead) else error.strerror or str(error)
            raise JotskError(tr("Work in progress cannot be kept: {reason}. Save often.", reason=reason)) from error
        if lock is None:
            raise JotskError(tr("Work in progress cannot be kept: another window has this page. Save often."))
        return lock

    def _locked(self, slot: str) -> IO[bytes] | None:
        """The open lock file of a slot; None while another holds it. The system releases it when a process dies.

        Where none can be made, on a disk that is full or only read, nobody can begin to work there: what there is of
        the slot is locked instead. Raises CannotRead.
        """
        lock = self._folder / f"{slot}.lock"
        try:
            opened: IO[bytes] = open(lock, "ab")  # noqa: SIM115 (it is held open)
        except OSError:
            try:
                opened = open(lock if lock.exists() else self._path(slot), "rb")  # noqa: SIM115
            except OSError as error:
                raise CannotRead(self._path(slot), why_unreadable(error)) from error
        try:
            fcntl.flock(opened, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            opened.close()
            return None
        return opened

    def _path(self, slot: str) -> Path:
        return self._folder / f"{slot}{SUFFIX}"


@contextmanager
def _store(path: Path) -> Iterator[PageStore]:
    """The store of a slot, to be read. SQLite needs to write beside a file to read it: on a disk that is full or only
    read, a copy elsewhere is read. Raises JotskError."""
    with ExitStack() as stack:
        try:
            store = PageStore(path)
        except (CannotRead, CannotWrite) as error:
            try:
                folder = Path(stack.enter_context(TemporaryDirectory(prefix="jotsk-")))
                for part in (path, path.with_name(f"{path.name}-wal")):
                    if part.exists():
                        shutil.copyfile(part, folder / part.name)
            except OSError:
                raise error from None
            store = PageStore(folder / path.name)
        stack.callback(store.close)
        yield store


def _read_base(path: Path, name: str | None, report: Progress) -> Page:
    copies = bases_of(path)
    if not copies:
        raise DamagedFile(path, tr("the file it leans on is gone"))
    try:
        copies[0].open("rb").close()
    except OSError as error:
        raise CannotRead(path, why_unreadable(error)) from error
    return read_any(copies[0], name or "", progress=report)
