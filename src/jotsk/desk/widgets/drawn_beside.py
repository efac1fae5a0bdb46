"""Small pictures that the engine draws: worked out beside the interface, and shown once they are there."""

from __future__ import annotations

from collections.abc import Callable, Hashable
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.runtime.lanes import BESIDE

MOST = 512  # pictures kept


class DrawnBeside(QObject):
    """Asks the engine for pictures, each once."""

    came = Signal()  # one or more pictures that were missing are there

    def __init__(self) -> None:
        super().__init__()
        self._known: dict[tuple[Any, ...], NDArray[np.uint8] | None] = {}
        self.is_held = False  # nothing is to be drawn that kernels are needed for

    def get(self, draw: Callable[..., NDArray[np.uint8]], *what: Hashable) -> NDArray[np.uint8] | None:
        """What `draw(*what)` returns, or None while it is not there yet; `came` says when."""
        key = (draw, *what)
        if key not in self._known:
            if len(self._known) >= MOST:
                self._known = {k: picture for k, picture in self._known.items() if picture is None}
            self._known[key] = None
            if not self.is_held:
                self._ask(key)
        return self._known[key]

    @property
    def is_at_work(self) -> bool:
        return any(picture is None for picture in self._known.values())

    def hold(self) -> None:
        """Draw nothing for now: the kernels are still being compiled elsewhere."""
        self.is_held = True

    def release(self) -> None:
        """Draw what was asked for meanwhile."""
        self.is_held = False
        for key in [key for key, picture in self._known.items() if picture is None]:
            self._ask(key)

    def _ask(self, key: tuple[Any, ...]) -> None:
        """Have it drawn once what is being painted now is on the screen: at a start that is the window."""
        QTimer.singleShot(0, self, lambda: BESIDE.queue("pictures").go(self._draw, key))

    def _draw(self, key: tuple[Any, ...]) -> None:
        draw, *what = key
        self._known[key] = draw(*what)
        self.came.emit()


DRAWN = DrawnBeside()
