"""Pen, mouse and finger on a page view, as one: pressed, moved, released."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QEventPoint, QMouseEvent, QPointingDevice, QTabletEvent
from PySide6.QtWidgets import QWidget

from jotsk.desk.board.page_view import PageView
from jotsk.desk.board.ways import Way


class PointedView(PageView):
    """What presses, moves and releases do is for those who build on it."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._eraser_end = False
        self._device_name = ""
        self._finger_draws = False

    def is_drawing(self) -> bool:
        """Whether a stroke is under the pen; it keeps the end of the pen it began with."""
        return False

    def _press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        raise NotImplementedError

    def _move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        raise NotImplementedError

    def _release(self, at: QPointF, t_ms: float) -> None:
        raise NotImplementedError

    def tabletEvent(self, event: QTabletEvent) -> None:
        event.accept()
        at = event.position()
        kind = event.type()
        if kind == QEvent.Type.TabletMove:  # first, and with as little as can be: they come by the thousand
            if not self.is_drawing():
                self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
            self._move(at, event.timestamp(), event.pressure(), event.xTilt(), event.yTilt())
            return
        self._device_name = event.pointingDevice().name()
        self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
        if kind == QEvent.Type.TabletPress and event.button() == Qt.MouseButton.LeftButton:
            has_pressure = bool(event.pointingDevice().capabilities() & QPointingDevice.Capability.Pressure)
            self._press(at, event.timestamp(), event.pressure(), has_pressure)
        elif kind == QEvent.Type.TabletPress:
            self.start_drag(at, Way.MOVE)
        elif kind == QEvent.Type.TabletRelease:
            self._release(at, event.timestamp())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._eraser_end = False
            self._press(event.position(), event.timestamp(), 1.0, has_pressure=False)
        elif event.button() == Qt.MouseButton.MiddleButton:
            self.start_drag(event.position(), Way.MOVE)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        self._move(event.position(), event.timestamp(), 1.0)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._release(event.position(), event.timestamp())

    def one_finger(self, state: QEventPoint.State, at: QPointF, t_ms: float) -> None:
        """A finger draws, unless a pen is drawing: then it is the hand that lies there."""
        self._eraser_end = False
        if state == QEventPoint.State.Pressed and not self.is_drawing():
            self._finger_draws = True
            self._press(at, t_ms, 1.0, has_pressure=False)
        elif self._finger_draws and state == QEventPoint.State.Released:
            self._finger_draws = False
            self._release(at, t_ms)
        elif self._finger_draws:
            self._move(at, t_ms, 1.0)

    def give_up_finger(self) -> None:
        super().give_up_finger()
        self._finger_draws = False
