"""The log of a store is brought to the disk beside the work, so that a slow disk holds up nobody."""

from __future__ import annotations

import os
import sqlite3
import threading
from contextlib import closing, suppress
from pathlib import Path

from jotsk.core.files.store import BUSY_S
from jotsk.core.runtime.lanes import DISK
from jotsk.core.words import tr

INTO_FILE_EVERY = 50  # states, after which the log is copied into the file


class Flusher:
    """Flushes what a `PageStore(path, flushes=False)` has written, on a thread of its own.

    What the store has written outlives the process, whatever becomes of it; once it is flushed, a loss of power too.
    """

    def __init__(self, path: Path) -> None:
        self._path = path
        self._others: list[Path] = []
        self._asked = self._done = 0
        self.error: str | None = None  # why the disk did not take the last of it
        self._is_closed = False
        self._change = threading.Condition()
        self._thread = DISK.start(f"flush {path.stem}", self._run)

    def ask(self, *others: Path) -> None:
        """Have all that is written flushed soon, and other files too."""
        with self._change:
            self._others += others
            self._asked += 1
            self._change.notify_all()

    def wait(self, timeout_s: float) -> bool:
        """Wait until everything is flushed; return whether it is."""
        with self._change:
            return self._change.wait_for(lambda: self._done == self._asked, timeout_s)

    def close(self) -> None:
        """Flush what was asked for, and end."""
        with self._change:
            self._is_closed = True
            self._change.notify_all()
        self._thread.join()

    def _run(self) -> None:
        since = 0
        while True:
            with self._change:
                self._change.wait_for(lambda: self._done != self._asked or self._is_closed)
                if self._done == self._asked:
                    return
                asked = self._asked
                files, self._others = [*self._others, self._path.with_name(self._path.name + "-wal")], []
            error = None
            try:
                for file in files:
                    with suppress(FileNotFoundError):
                        _flush(file)
                if asked - since >= INTO_FILE_EVERY:
                    since = asked
                    with closing(sqlite3.connect(self._path, timeout=BUSY_S)) as db:
                        db.execute("PRAGMA wal_checkpoint(PASSIVE)")
            except (OSError, sqlite3.Error) as failure:
                reason = getattr(failure, "strerror", None) or failure
                error = tr("The disk does not take the work in progress: {reason}. Save the page.", reason=reason)
            with self._change:
                self._done, self.error = asked, error
                self._change.notify_all()


def _flush(file: Path) -> None:
    handle = os.open(file, os.O_RDONLY)
    try:
        os.fsync(handle)
    finally:
        os.close(handle)
