"""One thing worked out beside the interface; what was asked for before the latest need not be."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress

from PySide6.QtCore import QObject, Signal

from jotsk.core.runtime.lanes import BESIDE


class Latest(QObject):
    came = Signal(object)

    _made = Signal(int, object)  # its turn, and what came of it

    def __init__(self, name: str, parent: QObject, *, brings_earlier: bool = False) -> None:
        """`brings_earlier`: what was being worked out when more was asked for comes too, so that something does while
        one pulls."""
        super().__init__(parent)
        self._name, self._turn, self._came, self._brings_earlier = name, 0, 0, brings_earlier
        self._made.connect(self._take)

    @property
    def is_awaited(self) -> bool:
        return self._came != self._turn

    def ask(self, work: Callable[[], object]) -> None:
        self._turn += 1
        BESIDE.queue(self._name).go(self._work, self._turn, work)

    def drop(self) -> None:
        self._turn += 1
        self._came = self._turn

    def _work(self, turn: int, work: Callable[[], object]) -> None:
        if turn == self._turn:
            made = work()
            with suppress(RuntimeError):  # the window is gone
                self._made.emit(turn, made)

    def _take(self, turn: int, made: object) -> None:
        if turn == self._turn or (self._brings_earlier and turn > self._came):
            self._came = turn
            self.came.emit(made)
