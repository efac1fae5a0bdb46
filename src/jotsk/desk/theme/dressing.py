"""The style sheet, put on part by part: on all widgets at once it would hold the hand up for a quarter of a second."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer
from PySide6.QtWidgets import QWidget

from jotsk.desk.theme.style import style_sheet


class Dressing(QObject):
    """Keeps the parts of a window in the theme that is on; what opens over a part wears what the part wears."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._steps: list[Callable[[], object]] = []
        self._left: deque[Callable[[], object]] = deque()
        self._is_painting = False
        self._timer = QTimer(self, interval=0)
        self._timer.timeout.connect(self._go_on)

    @property
    def is_at_work(self) -> bool:
        return self._timer.isActive()

    def add(self, part: QWidget, *then: Callable[[], object]) -> None:
        """Dress a part, now and whenever the theme changes, and call `then` whenever it has changed."""
        self._steps += [lambda: part.setStyleSheet(style_sheet()), *then]
        part.setStyleSheet(style_sheet())

    def begin(self) -> None:
        """Dress all parts anew, in the order they were added; the desk is painted after each step."""
        self._left = deque(self._steps)
        self._is_painting = True  # in the colours that were changed just now
        self._timer.start()

    def finish(self) -> None:
        """Dress at once what is left."""
        while self._left:
            self._left.popleft()()
        self._timer.stop()

    def _go_on(self) -> None:
        if not self._left:
            self._timer.stop()
        elif not self._is_painting:
            self._left.popleft()()
        self._is_painting = not self._is_painting
