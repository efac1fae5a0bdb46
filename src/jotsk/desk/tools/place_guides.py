"""Dragging guides by their handles and lines; beside them the page is moved. With Shift, points of a French curve are
added and taken away."""

from __future__ import annotations

from PySide6.QtCore import QPointF

from jotsk.core.words import tr
from jotsk.desk.board.input.guide_handles import GuideHandles
from jotsk.desk.tools.move_page import MovePage
from jotsk.desk.tools.pick import is_shift_down


class PlaceGuides(MovePage):
    id, action = "guides", "guide.place"
    _handles: GuideHandles | None = None

    def taken_up(self) -> None:
        if not self.board.guiding.guides:
            self.board.notify(tr("There are no guides to place yet; the plus beside “Guides” adds them."))

    @property
    def is_held(self) -> bool:
        """Whether a guide is under the pen."""
        return self._handles is not None

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        board, handles = self.board, GuideHandles(self.board.guiding)
        if handles.take(at, board.view, board.devicePixelRatioF(), board.size(), points=is_shift_down()):
            self._handles = handles
        else:
            super().press(at, t_ms, pressure, has_pressure)

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        if self._handles is None:
            return super().move(at, t_ms, pressure, tilt_x, tilt_y)
        self._handles.drag(self.on_page(at), self.board.view, self.board.devicePixelRatioF())
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        handles, self._handles = self._handles, None
        if handles is None:
            super().release(at, t_ms)
        else:
            handles.release()
            self.board.update()

    def cancel(self) -> None:
        handles, self._handles = self._handles, None
        if handles is None:
            super().cancel()
        else:
            handles.give_up()
