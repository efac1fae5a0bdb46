"""Waiting for compiled kernels, with the window already there."""

from __future__ import annotations

import sys
import threading
from collections.abc import Callable
from importlib import import_module
from pathlib import Path

from PySide6.QtCore import QObject, QProcess, QTimer

from jotsk.core.warm import load, stamp
from jotsk.desk.window import Window

SENTENCE = "Preparing the pens; this happens once and takes a minute or two."


class Warming(QObject):
    """Compiles in another process: in this one, even on a thread, it would make the window stutter."""

    def __init__(self, folder: Path, window: Window) -> None:
        super().__init__(window)
        self._folder, self._window = folder, window
        self._process: QProcess | None = None

    def when_ready(self, begin: Callable[[], None]) -> None:
        """Call `begin` at once if the kernels are there, else when they are."""
        if stamp(self._folder).exists():
            QTimer.singleShot(0, lambda: self._ready(begin))
            return
        self._window.board.setEnabled(False)
        self._window.board.notify(SENTENCE)
        process = self._process = QProcess(self)
        process.finished.connect(lambda *_: self._ready(begin))
        process.start(sys.executable, ["-m", "jotsk.core.warm", str(self._folder)])

    def _ready(self, begin: Callable[[], None]) -> None:
        self._window.board.setEnabled(True)
        begin()
        threading.Thread(target=load_ahead, name="loading").start()


def load_ahead() -> None:
    """What takes longer than a frame to read from the disk: kernels, and the code of the sheets."""
    load()
    import_module("jotsk.desk.dialogs")
