"""From other threads to that of the interface.

A thread must emit no signal of an object that may be deleted in that very moment, such as one of a window that closes:
Qt would read what is no more.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Signal
from shiboken6 import isValid


class _Bridge(QObject):
    """Lives as long as the process."""

    handed = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        self.handed.connect(self._call)

    def _call(self, call: Callable[[], object]) -> None:
        call()


_BRIDGE = _Bridge()


def hand_over(owner: QObject, take: Callable[..., object], *arguments: Any) -> None:
    """Have `take(*arguments)` called on the interface's thread, soon; never, if its owner is gone by then."""

    def call() -> None:
        if isValid(owner):
            take(*arguments)

    _BRIDGE.handed.emit(call)
