"""Small files of the application itself, written beside the interface.

Writing a file safely waits for the disk: a few ms, and a third of a second while a page is being saved.
"""

from __future__ import annotations

import logging
import threading
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import CannotWrite, JotskError
from jotsk.core.files.writing import why_unwritable
from jotsk.core.runtime.lanes import DISK
from jotsk.desk.widgets.hand_over import hand_over

log = logging.getLogger(__name__)

_writer = DISK.queue("own files")


class OwnFile(QObject):
    """One such file. Of contents that wait to be written, only the newest is."""

    trouble = Signal(str)  # why it was not written

    def __init__(self, path: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.path = path
        self._newest: Callable[[Path], None] | None = None
        self._lock = threading.Lock()

    def write(self, work: Callable[[Path], None]) -> None:
        """Have `work` write the file soon. It is called on another thread, and may raise JotskError and OSError."""
        with self._lock:
            self._newest = work
        _writer.go(self._write)

    def _write(self) -> None:
        with self._lock:
            work, self._newest = self._newest, None
        if work is None:  # a later one has written it
            return
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            work(self.path)
        except (JotskError, OSError) as error:
            log.exception("%s was not written", self.path)
            reason = error if isinstance(error, JotskError) else CannotWrite(self.path, why_unwritable(error))
            hand_over(self, self._tell, str(reason))

    def _tell(self, reason: str) -> None:
        self.trouble.emit(reason)


def finish_writing() -> None:
    """Wait until all that was to be written is."""
    _writer.finish()
