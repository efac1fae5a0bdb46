"""Placing a line point by point before it is inked."""

from __future__ import annotations

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPainter

from jotsk.core.guides.draft import Draft as DraftedLine
from jotsk.desk.board.strips.draft_strip import DraftStrip
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.guides.guiding import turned_steps
from jotsk.desk.tools.tool import Tool, is_enter


class Draft(Tool):
    id, action = "draft", "hand.draft"
    _before = DraftedLine()

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        board, drafting = self.board, self.board.drafting
        self._before = drafting.draft
        drafting.turned_deg = turned_steps(board.view.angle_rad, board.view.flipped)
        drafting.press(self.on_page(at), board.view.zoom / board.devicePixelRatioF())

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        self.board.drafting.drag(self.on_page(at))
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self.board.drafting.release()

    def cancel(self) -> None:
        self.board.drafting.put_back(self._before)

    def drop(self) -> bool:
        drafting = self.board.drafting
        has_some = not drafting.is_empty
        if has_some:
            drafting.give_up()
        return has_some

    def key(self, key: int) -> bool:
        if is_enter(key):
            self.board.ink_draft()
        elif key == Qt.Key.Key_Backspace:
            self.board.drafting.remove_last()
        else:
            return False
        return True

    @property
    def can_undo(self) -> bool:
        return self.board.drafting.can_undo

    def undo(self) -> None:
        self.board.drafting.remove_last()

    def draw(self, painter: QPainter, ratio: float) -> None:
        self.board.drafting.draw(painter, self.board.view, ratio, self.board.size())

    def strip(self) -> HeadStrip:
        return DraftStrip(self.board)
