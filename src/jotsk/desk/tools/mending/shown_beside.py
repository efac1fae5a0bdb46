"""A swipe whose preview may take long: it is worked out beside the interface, up to where the swipe was by then."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Any

import numpy as np
from PySide6.QtCore import QPointF

from jotsk.core.page import InkLayer
from jotsk.desk.document.latest import Latest
from jotsk.desk.tools.mending.swipe import Places, Swipe

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


class ShownBeside(Swipe):
    """Shows what is found while the pen is down; one search runs at a time."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._looked = 0  # how many places of the swipe were looked at
        self._finding = Latest(f"preview: {self.id}", board)
        self._finding.came.connect(self._take)

    def find(self, layer: InkLayer, way: Places, looked: int) -> Callable[[], Any]:
        """What is called beside the interface, to find what to show for a swipe along (N, 2) page px; `looked` of its
        places were looked at before."""
        raise NotImplementedError

    def show_found(self, found: Any) -> None:
        """Show what `find` came to."""
        raise NotImplementedError

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self.forget()
        super().press(at, t_ms, pressure, has_pressure)

    def release(self, at: QPointF, t_ms: float) -> None:
        self.forget()
        super().release(at, t_ms)

    def cancel(self) -> None:
        self.forget()
        super().cancel()

    def forget(self) -> None:
        """What was found belongs to a swipe that has ended."""
        self._looked = 0
        self._finding.drop()

    def show(self) -> None:
        count, layer = len(self._way), self.layer()
        if layer is not None and count > self._looked and not self._finding.is_awaited:
            find = self.find(layer, np.array(self._way), self._looked)
            self._finding.ask(lambda: (count, find()))

    def _take(self, outcome: tuple[int, Any]) -> None:
        self._looked, found = outcome
        self.show_found(found)
        self.show()
