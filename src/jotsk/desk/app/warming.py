"""Waiting for compiled kernels, with the window already there."""

from __future__ import annotations

import logging
import os
import sys
from collections.abc import Callable
from importlib import import_module
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.runtime.warm import load, stamp, warm_up
from jotsk.core.words import tr
from jotsk.desk.app.window import Window
from jotsk.desk.dialogs import ROOMS
from jotsk.desk.widgets.drawn_beside import DRAWN

if TYPE_CHECKING:
    from PySide6.QtCore import QProcess

log = logging.getLogger(__name__)

PAINTED_MS = 50  # until the window is on the screen: what is loaded meanwhile would be in its way
SENTENCE = tr("Preparing the pens; this happens once and takes a minute or two.")


class Warming(QObject):
    """Compiles in another process: in this one, even on a thread, it would make the window stutter. Until the kernels
    are there the window shows nothing that needs them; it is to be made before the window is shown."""

    def __init__(self, folder: Path, window: Window) -> None:
        super().__init__(window)
        self._folder, self._window = folder, window
        self._process: QProcess | None = None
        self.is_cold = not stamp(folder).exists()
        if self.is_cold:
            DRAWN.hold()
            window.board.wait(True)
            window.board.setEnabled(False)
            window.board.notify(SENTENCE)

    def when_ready(self, begin: Callable[[], None]) -> None:
        """Call `begin` at once if the kernels are there, else when they are."""
        if not self.is_cold:
            QTimer.singleShot(0, self, lambda: self._ready(begin))
            return
        from PySide6.QtCore import QProcess  # here: a warm start needs none

        process = self._process = QProcess(self)
        process.finished.connect(lambda *_: self._ready(begin))
        process.errorOccurred.connect(lambda error: self._failed(error, begin))
        process.start(sys.executable, ["-m", "jotsk.core.runtime.warm", str(self._folder), str(os.getpid())])

    def _failed(self, error: QProcess.ProcessError, begin: Callable[[], None]) -> None:
        """Draw all the same when the process cannot start: each kernel is compiled when it is first used."""
        from PySide6.QtCore import QProcess

        if error == QProcess.ProcessError.FailedToStart:
            log.warning("the pens cannot be prepared: %s", self._process.errorString() if self._process else "")
            self._ready(begin)

    def _ready(self, begin: Callable[[], None]) -> None:
        if self.is_cold:
            DRAWN.release()
            self._window.board.wait(False)
            self._window.board.setEnabled(True)
        begin()
        QTimer.singleShot(PAINTED_MS, self, lambda: BESIDE.queue("loading").go(load_ahead))


def load_ahead() -> None:
    """Read from the disk what takes longer than a frame: kernels, those of the first stroke first, the sheets, and what
    is imported where it is used."""
    load()
    warm_up()
    for name in ("manual", *set(ROOMS.values())):
        import_module(f"jotsk.desk.dialogs.{name}")
    for name in (
        "jotsk.core.guides.kinds", "jotsk.core.files.clippings", "jotsk.core.files.orders", "scipy.ndimage",
        "scipy.spatial", "jotsk.demo.gull_and_lantern",
    ):  # fmt: skip
        import_module(name)
