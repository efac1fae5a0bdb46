"""Small files of the application itself, written beside the interface.

Writing a file safely waits for the disk: a few ms, and a third of a second while a page is being saved.
"""

from __future__ import annotations

import logging
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import CannotWrite, JotskError
from jotsk.core.files.writing import why_unwritable

log = logging.getLogger(__name__)

_writer = ThreadPoolExecutor(1, thread_name_prefix="own files")


class OwnFile(QObject):
    """One such file. Of contents that wait to be written, only the newest is."""

    trouble = Signal(str)  # why it was not written

    def __init__(self, path: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.path = path
        self._waiting: list[Callable[[Path], None]] = []

    def write(self, work: Callable[[Path], None]) -> None:
        """Have `work` write the file soon. It is called on another thread, and may raise JotskError and OSError."""
        self._waiting.append(work)
        _writer.submit(self._write)

    def _write(self) -> None:
        waiting, self._waiting = self._waiting, []
        if not waiting:
            return
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            waiting[-1](self.path)
        except (JotskError, OSError) as error:
            log.exception("%s was not written", self.path)
            reason = error if isinstance(error, JotskError) else CannotWrite(self.path, why_unwritable(error))
            with suppress(RuntimeError):  # the window is gone
                self.trouble.emit(str(reason))


def finish_writing() -> None:
    """Wait until all that was to be written is."""
    _writer.submit(lambda: None).result()
