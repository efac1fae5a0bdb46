"""Placing pictures on the page; beside them the page is moved. It is in use for as long as there are any."""

from __future__ import annotations

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPainter

from jotsk.core.page.layers.placing import Placement
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.board.strips.placing_strip import PlacingStrip
from jotsk.desk.tools.move_page import MovePage
from jotsk.desk.tools.pick import is_shift_down
from jotsk.desk.tools.tool import is_enter

FAR_PX = 10
NUDGES: dict[int, tuple[int, int]] = {
    Qt.Key.Key_Left: (-1, 0),
    Qt.Key.Key_Right: (1, 0),
    Qt.Key.Key_Up: (0, -1),
    Qt.Key.Key_Down: (0, 1),
}


class Pictures(MovePage):
    id, action = "pictures", ""
    _before: tuple[Placement, ...] | None = None  # what was there when one was taken hold of

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        board, placing = self.board, self.board.pictures.placing
        assert placing is not None
        before = tuple(placing.placements)
        if placing.press(*self.on_page(at), board.view.zoom / board.devicePixelRatioF()):
            self._before = before
            board.update()
        else:
            self._before = None
            super().press(at, t_ms, pressure, has_pressure)

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        placing = self.board.pictures.placing
        if self._before is None:
            return super().move(at, t_ms, pressure, tilt_x, tilt_y)
        if placing is not None:
            placing.drag(*self.on_page(at))
            self.board.pictures.moved.emit()
            self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        if self._before is None:
            super().release(at, t_ms)
        elif self.board.pictures.placing is not None:
            self.board.pictures.placing.release()

    def cancel(self) -> None:
        placing = self.board.pictures.placing
        if self._before is None:
            super().cancel()
        elif placing is not None:
            placing.placements[:] = self._before
            placing.release()
            self.board.pictures.moved.emit()
            self.board.update()

    def key(self, key: int) -> bool:
        if is_enter(key):
            self.board.pictures.put_down()
        elif key in NUDGES:
            step = FAR_PX if is_shift_down() else 1
            dx, dy = NUDGES[key]
            self.board.pictures.change(lambda placed: placed.moved(dx * step, dy * step))
        else:
            return False
        return True

    @property
    def can_undo(self) -> bool:
        return self.board.pictures.placing is not None

    def undo(self) -> None:
        self.board.pictures.undo()

    def draw(self, painter: QPainter, ratio: float) -> None:
        if self.board.pictures.placing is not None:
            self.board.pictures.placing.draw(painter, self.board.view, ratio)

    def strip(self) -> HeadStrip:
        return PlacingStrip(self.board)
