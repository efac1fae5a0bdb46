"""One thing worked out beside the interface; what was asked for before the latest is dropped."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress

from PySide6.QtCore import QObject, Signal

from jotsk.core.runtime.lanes import BESIDE


class Latest(QObject):
    came = Signal(object)

    _made = Signal(int, object)  # its turn, and what came of it

    def __init__(self, name: str, parent: QObject) -> None:
        super().__init__(parent)
        self._name, self._turn = name, 0
        self._made.connect(self._take)

    def ask(self, work: Callable[[], object]) -> None:
        self._turn += 1
        BESIDE.queue(self._name).go(self._work, self._turn, work)

    def drop(self) -> None:
        self._turn += 1

    def _work(self, turn: int, work: Callable[[], object]) -> None:
        if turn == self._turn:
            made = work()
            with suppress(RuntimeError):  # the window is gone
                self._made.emit(turn, made)

    def _take(self, turn: int, made: object) -> None:
        if turn == self._turn:
            self.came.emit(made)
