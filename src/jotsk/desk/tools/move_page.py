"""Moving and turning the page under the pen."""

from __future__ import annotations

from typing import ClassVar

from PySide6.QtCore import QPointF

from jotsk.desk.tools.tool import Tool


class MovePage(Tool):
    id, action = "move", "hand.move"
    turns: ClassVar[bool] = False

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self.board.start_drag(at, turns=self.turns)

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        self.board.drag(at)
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self.board.end_drag()

    def cancel(self) -> None:
        self.board.end_drag()


class TurnPage(MovePage):
    id, action = "turn", "hand.turn"
    turns = True
