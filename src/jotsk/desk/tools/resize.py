"""Dragging sideways makes the pen larger or smaller."""

from __future__ import annotations

from PySide6.QtCore import QPointF

from jotsk.desk.tools.tool import Tool

SIZE_PX_PER_PX = 0.25  # change of the pen's size for each px the hand moves


class Resize(Tool):
    id, action = "resize", "hand.resize"
    _from: tuple[QPointF, float] | None = None  # where it began, and the size then

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._from = at, self.board.hand.settings.size_px

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        if self._from is not None:
            start, size = self._from
            self.board.hand.set_size(round(2 * (size + (at.x() - start.x()) * SIZE_PX_PER_PX)) / 2)
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self._from = None
        self.board.update()

    def cancel(self) -> None:
        if self._from is not None:
            self.board.hand.set_size(self._from[1])
            self.release(self._from[0], 0.0)

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        """The largest mark of the pen, and the smallest."""
        radius = self.board.pen_radius
        smallest = max(0.5, radius * self.board.pen_in_use.width.least)
        return self._from[0] if self._from else at, [radius, smallest]
