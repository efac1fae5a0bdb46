"""One thing worked out beside the interface; what was asked for before the latest need not be."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject, Signal

from jotsk.core.runtime.lanes import BESIDE
from jotsk.desk.widgets.hand_over import hand_over


class Latest(QObject):
    came = Signal(object)

    def __init__(self, name: str, parent: QObject, *, brings_earlier: bool = False) -> None:
        """`brings_earlier`: what was being worked out when more was asked for comes too, so that something does while
        one pulls."""
        super().__init__(parent)
        self._name, self._turn, self._came, self._brings_earlier = name, 0, 0, brings_earlier

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
        if turn != self._turn:
            return
        try:
            made = work()
        except Exception:
            hand_over(self, self._fail, turn)
            raise
        hand_over(self, self._take, turn, made)

    def _fail(self, turn: int) -> None:
        """Nothing comes of this one, and nothing is awaited if it was the latest."""
        self._came = max(self._came, turn)

    def _take(self, turn: int, made: object) -> None:
        if turn == self._turn or (self._brings_earlier and turn > self._came):
            self._came = turn
            self.came.emit(made)
