"""Pen, mouse and finger on a page view, as one: pressed, moved, released.

One of them has the page at a time: the one that was pressed, until its button is released. What the others do meanwhile
is not meant: a mouse that is nudged, a hand that lies on the screen. A pen is always meant; it takes the page over.
"""

from __future__ import annotations

import time
from collections.abc import Callable
from enum import Enum

from PySide6.QtCore import QEvent, QPointF, QRect, QRectF, Qt, Signal
from PySide6.QtGui import QEventPoint, QMouseEvent, QPointingDevice, QTabletEvent, QTouchEvent
from PySide6.QtWidgets import QWidget

from jotsk.desk.board.view.page_view import PageView
from jotsk.desk.widgets.faults import handled

PEN_NEAR_S = 0.5  # after a pen was last heard of, a touch is the hand that holds it
PEN_GONE_S = 2.0  # and a pen that is down and silent for so long was taken away: no hand is that still


class Pointer(Enum):
    """What points at the page."""

    PEN = "pen"
    MOUSE = "mouse"
    FINGER = "finger"


class PointerInput(PageView):
    """What presses, moves and releases do is for those who build on it."""

    pen_seen = Signal()  # the first time

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.lifted_with = Qt.KeyboardModifier.NoModifier  # what was held at the last lift
        self.fingers_draw = True  # otherwise a finger moves the page
        self._eraser_end = False
        self._device_name = ""
        # What a side button of the pen does as it goes down and up; it says no if the page is to be moved.
        self.side_button: Callable[[Qt.MouseButton, bool], bool] = lambda button, down: False
        self._side_buttons: set[Qt.MouseButton] = set()  # that are down and do something of their own
        self._has_page: tuple[Pointer, Qt.MouseButton] | None = None  # which pointer, by which of its buttons
        self._last_at = QPointF()  # where that one was last
        self._reachable = QRectF(-1e5, -1e5, 2e5, 2e5)
        self._pen_heard_s = -PEN_GONE_S
        self._palm_is_down = False  # touches that are not meant: until none is left

    def is_drawing(self) -> bool:
        """Whether a stroke is under the pen; it keeps the end of the pen it began with."""
        return False

    @property
    def _finger_draws(self) -> bool:
        return self._has_page is not None and self._has_page[0] is Pointer.FINGER

    def _press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        raise NotImplementedError

    def _move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        raise NotImplementedError

    def _release(self, at: QPointF, t_ms: float) -> None:
        raise NotImplementedError

    def finish_stroke(self) -> None:
        """End what is under the pen where it is."""
        self._has_page = None

    def _known(self, at: QPointF) -> QPointF:
        """A place a driver reports, or the last one, if no pointer can be there."""
        return at if self._is_place(at) else self._last_at

    def _is_place(self, at: QPointF) -> bool:
        x, y = at.x(), at.y()
        return x == x and y == y and self._reachable.contains(at)  # which takes NaN for anything

    def _look_around(self) -> None:
        """Pointers can be on all screens and on the board, and by as much around them; the board's px."""
        screens = self.screen().virtualGeometry()
        place = QRectF(QRect(self.mapFromGlobal(screens.topLeft()), screens.size()).united(self.rect()))
        self._reachable = place.adjusted(-place.width(), -place.height(), place.width(), place.height())

    # -- pen -----------------------------------------------------------------------------------

    @handled
    def tabletEvent(self, event: QTabletEvent) -> None:
        self.lifted_with = event.modifiers()
        event.accept()
        at = event.position()
        kind = event.type()
        if kind == QEvent.Type.TabletPress:
            self._look_around()
        if self._pen_heard_s < 0:
            self.pen_seen.emit()
        self._pen_heard_s = time.monotonic()
        has_page = self._has_page
        if self._side_buttons:
            self._let_up(event.buttons())
        if kind == QEvent.Type.TabletMove:  # first, and with as little as can be: they come by the thousand
            if has_page is None:
                self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
            elif has_page[0] is not Pointer.PEN:
                if has_page[0] is Pointer.FINGER:
                    self._refuse_touches()
                return
            elif not event.buttons() & has_page[1]:
                self._lost_lift()
                return
            if self._is_place(at):
                self._last_at = at
                self._move(at, event.timestamp(), event.pressure(), event.xTilt(), event.yTilt())
            return
        at = self._known(at)
        if kind == QEvent.Type.TabletPress:
            self._pen_pressed(event, at)
        elif kind == QEvent.Type.TabletRelease and has_page == (Pointer.PEN, event.button()):
            self._has_page = None
            self._release(at, event.timestamp())

    def _pen_pressed(self, event: QTabletEvent, at: QPointF) -> None:
        button = event.button()
        if self._has_page is not None:
            if self._has_page[0] is Pointer.PEN and button != self._has_page[1] and event.buttons() & self._has_page[1]:
                return  # a side button while the tip is down
            if self._finger_draws:
                self._refuse_touches()
            else:
                self._lost_lift()
        self._refuse_touches()
        if button != Qt.MouseButton.LeftButton and self.side_button(button, True):
            self._side_buttons.add(button)
            return
        self._has_page, self._last_at = (Pointer.PEN, button), at
        self._device_name = event.pointingDevice().name()
        self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
        if button == Qt.MouseButton.LeftButton:
            has_pressure = bool(event.pointingDevice().capabilities() & QPointingDevice.Capability.Pressure)
            self._press(at, event.timestamp(), event.pressure(), has_pressure)
        else:
            self.start_drag(at)

    def _let_up(self, down: Qt.MouseButton) -> None:
        """Side buttons that are not down any more, whether their release came or not."""
        for button in [button for button in self._side_buttons if not button & down]:
            self._side_buttons.remove(button)
            self.side_button(button, False)

    def _lost_lift(self) -> None:
        """The release of what has the page never came: the pen left the tablet, another window took it, a driver
        failed. What it did ends where it was last seen."""
        self._has_page = None
        self._release(self._last_at, 0.0)

    # -- mouse ---------------------------------------------------------------------------------

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        button = event.button()
        if self._has_page is not None:
            pen_is_gone = time.monotonic() - self._pen_heard_s > PEN_GONE_S
            is_lost = pen_is_gone if self._has_page[0] is Pointer.PEN else not event.buttons() & self._has_page[1]
            if not is_lost and self._has_page != (Pointer.MOUSE, button):
                return
            self._lost_lift()
        if button not in (Qt.MouseButton.LeftButton, Qt.MouseButton.MiddleButton):
            return
        self._look_around()
        at = self._known(event.position())
        self._has_page, self._last_at = (Pointer.MOUSE, button), at
        self._eraser_end = False
        if button == Qt.MouseButton.LeftButton:
            self._press(at, event.timestamp(), 1.0, has_pressure=False)
        else:
            self.start_drag(at)

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        has_page = self._has_page
        if has_page is not None and has_page[0] is not Pointer.MOUSE:
            return
        if has_page is not None and not event.buttons() & has_page[1]:
            self._lost_lift()
        if self._is_place(event.position()):
            self._last_at = event.position()
            self._move(self._last_at, event.timestamp(), 1.0)

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self.lifted_with = event.modifiers()
        if self._has_page == (Pointer.MOUSE, event.button()):
            self._has_page = None
            self._release(self._known(event.position()), event.timestamp())

    # -- touch ---------------------------------------------------------------------------------

    @handled
    def _touch(self, event: QTouchEvent) -> None:
        """A touch while a pen is near, or while something else has the page, is the hand that lies there."""
        is_other = self._has_page is not None and not self._finger_draws
        if is_other or time.monotonic() - self._pen_heard_s < PEN_NEAR_S:
            self._palm_is_down = True
        if self._palm_is_down:
            are_all_up = all(p.state() == QEventPoint.State.Released for p in event.points())
            if are_all_up or event.type() in (QEvent.Type.TouchEnd, QEvent.Type.TouchCancel):
                self._palm_is_down = False
            self._fingers = {}
            return
        super()._touch(event)

    def _refuse_touches(self) -> None:
        """A pen came: what a finger has begun was the hand, lying down first."""
        if self._finger_draws:
            self.give_up_finger()
        if self._fingers:
            self._palm_is_down, self._fingers = True, {}

    def one_finger(self, state: QEventPoint.State, at: QPointF, t_ms: float) -> None:
        """A finger draws, or moves the page."""
        if not (self.fingers_draw or self._finger_draws):
            super().one_finger(state, at, t_ms)
        elif state == QEventPoint.State.Pressed and self._has_page is None:
            self._eraser_end = False
            self._has_page, self._last_at = (Pointer.FINGER, Qt.MouseButton.LeftButton), at
            self._press(at, t_ms, 1.0, has_pressure=False)
        elif self._finger_draws and state == QEventPoint.State.Released:
            self._has_page = None
            self._release(at, t_ms)
        elif self._finger_draws:
            self._last_at = at
            self._move(at, t_ms, 1.0)

    def give_up_finger(self) -> None:
        super().give_up_finger()
        if self._finger_draws:
            self._has_page = None
