"""What only follows the page waits until the hand pauses."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer


class AtPause(QObject):
    """Calls `do` some ms after the last `ask`, as soon as the hand is not `busy`."""

    def __init__(self, do: Callable[[], None], busy: Callable[[], bool], wait_ms: int, parent: QObject) -> None:
        super().__init__(parent)
        self._do, self._busy = do, busy
        self._timer = QTimer(self, singleShot=True, interval=wait_ms)
        self._timer.timeout.connect(self._look)

    def ask(self) -> None:
        self._timer.start()

    def drop(self) -> None:
        """It is done already."""
        self._timer.stop()

    @property
    def is_asked(self) -> bool:
        return self._timer.isActive()

    def _look(self) -> None:
        if self._busy():
            self._timer.start()
        else:
            self._do()
