"""Python's own housekeeping, kept out of the way of the hand.

While the journal writes, two threads take turns with the interpreter. The hand's thread releases it in every compiled
kernel, and at Python's usual 5 ms before the other gives it back, one event could wait a hundred times over; so they
take turns every fifth of a millisecond.

A full collection walks over every object there is; after thousands of strokes that takes longer than a frame. So what
has survived is set aside (`gc.freeze`) whenever the hand rests, and collections only ever see what is new. What is set
aside still goes when nothing refers to it; only a ring of objects that forms later would stay, a closed sheet at worst.
"""

from __future__ import annotations

import gc
import sys
from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer

EVERY_MS, AGAIN_MS = 8_000, 400
NEVER = 1_000_000
TURN_S = 0.0002


class GcPauses(QObject):
    """Runs while the window lives, whenever `is_busy` says that the hand rests."""

    def __init__(self, is_busy: Callable[[], bool], parent: QObject) -> None:
        super().__init__(parent)
        self._is_busy = is_busy
        gc.set_threshold(700, 10, NEVER)
        sys.setswitchinterval(TURN_S)
        self._timer = QTimer(self, singleShot=True, interval=EVERY_MS)
        self._timer.timeout.connect(self.tidy)
        self._timer.start()

    def set_aside(self) -> None:
        """Nothing that is there now is walked over again: a page of thousands of strokes was opened, or changed."""
        gc.freeze()

    def tidy(self) -> None:
        if self._is_busy():
            self._timer.start(AGAIN_MS)
            return
        self._timer.start(EVERY_MS)  # first: what is collected may be the window itself
        gc.collect()
        gc.freeze()
