"""The drawing drawn again on the board, at a chosen speed; a press or Escape ends it."""

from __future__ import annotations

import time
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QPointF, QTimer, Signal

from jotsk.core.errors import Refused
from jotsk.desk.board.strips.again_strip import AgainStrip
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.tools.tool import Tool

if TYPE_CHECKING:
    from jotsk.core.files.drawn_again import DrawnAgain
    from jotsk.desk.board.board import Board

TICK_MS = 40
SPEEDS = (1, 4, 16, 64, 256)  # times as fast as the hand
LONGEST_STEP_S = 0.2  # of the clock: a slow moment is no leap
WHOLE_S = 30.0  # how long a page takes at the speed that is chosen first


class Again(Tool):
    """Shows other pages than that of the document, which stays as it is."""

    id, action = "drawn_again", "page.drawn_again"

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.told = AgainTold(board)
        self.speed = SPEEDS[1]
        self.now_s, self.whole_s = 0.0, 0.0
        self._again: DrawnAgain | None = None
        self._seen = 0.0
        self._timer = QTimer(board, interval=TICK_MS)
        self._timer.timeout.connect(self._tick)
        board.document.changed.connect(self._page_changed)

    @property
    def is_playing(self) -> bool:
        return self._timer.isActive()

    def taken_up(self) -> None:
        from jotsk.core.files.drawn_again import DrawnAgain  # loaded when it is asked for first

        try:
            self._again = DrawnAgain(self.board.document.page_when_dry())
        except Refused as error:
            self.board.notify(str(error))
            return
        self.now_s, self.whole_s = 0.0, self._again.whole_s
        self.speed = min(SPEEDS, key=lambda speed: abs(self.whole_s / speed - WHOLE_S))
        self._seen = time.monotonic()
        self._timer.start()
        self._tick()

    def laid_down(self) -> None:
        self._timer.stop()
        if self._again is not None:
            self._again = None
            self.board.show_edit(self.board.document.page)
        self.told.changed.emit()

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self.board.done.emit()

    def drop(self) -> bool:
        was_on = self._again is not None
        if was_on:
            self.board.done.emit()
        return was_on

    def set_speed(self, speed: int) -> None:
        self.speed = speed
        self.told.changed.emit()

    def pause(self, paused: bool) -> None:
        if paused:
            self._timer.stop()
        elif self._again is not None:
            self._seen = time.monotonic()
            self._timer.start()
        self.told.changed.emit()

    def _tick(self) -> None:
        now = time.monotonic()
        if self._again is None:
            return
        self.now_s = min(self.whole_s, self.now_s + self.speed * min(LONGEST_STEP_S, now - self._seen))
        self._seen = now
        self.board.show_edit(self._again.at(self.now_s))
        if self.now_s >= self.whole_s:
            self._timer.stop()
        self.told.changed.emit()

    def _page_changed(self) -> None:
        if self._again is not None:
            self.board.done.emit()

    def strip(self) -> HeadStrip:
        return AgainStrip(self.board, self, SPEEDS)


class AgainTold(QObject):
    """Says when it went on, or ended."""

    changed = Signal()
