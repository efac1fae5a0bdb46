"""The board: shows the page, and turns what pen, mouse and wheel do into strokes and views."""

from __future__ import annotations

import math
import time
from enum import Enum

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QEvent, QPointF, QRect, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QEnterEvent,
    QFocusEvent,
    QImage,
    QMouseEvent,
    QNativeGestureEvent,
    QPainter,
    QPaintEvent,
    QPointingDevice,
    QResizeEvent,
    QTabletEvent,
    QWheelEvent,
)  # fmt: skip
from PySide6.QtWidgets import QApplication, QWidget

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.view import LARGEST_ZOOM, SMALLEST_ZOOM
from jotsk.core.page import Page, color_at
from jotsk.core.page.choosing import stroke_at, strokes_inside
from jotsk.desk.board import overlays
from jotsk.desk.board.picture import BoardPicture
from jotsk.desk.board.session import Session
from jotsk.desk.document import Document
from jotsk.desk.hand import Hand
from jotsk.desk.theme import current

WHEEL_STEP = 1.2
TURN_STEP_RAD = math.radians(5)
NOTICE_MS = 4000
PRESS_PX = 8.0  # device px within which a drag is a press, and a press finds a line
FASTEST_PAINT_S = 0.003
REST_SHARE = 6.0  # a tip that is slow to paint is painted less often, and leaves six sevenths of the time free
SIZE_PX_PER_PX = 0.25  # change of the pen's size for each px the hand moves while resizing


class Way(Enum):
    """What a drag on the board does."""

    DRAW = "draw"
    MOVE = "move"
    TURN = "turn"
    RESIZE = "resize"
    PICK = "pick"
    CHOOSE = "choose"


class Board(QWidget):
    """The page, and the pen on it."""

    view_changed = Signal()
    resized = Signal()
    touched = Signal()  # a stroke begins

    def __init__(self, document: Document, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("board")
        self.document, self.hand = document, hand
        self.picture = BoardPicture(current().board)
        self.picture.page = document.page
        self.way = Way.DRAW
        self.session: Session | None = None
        self._image = QImage()
        self._fits = True  # the page is shown whole and stays so when the window changes
        self._drag_from: tuple[QPointF, View, float] | None = None
        self._drag_way = Way.DRAW
        self._pointer: QPointF | None = None
        self._eraser_end = False
        self._device_name = ""
        self._shown = Rect(0, 0, 0, 0)  # what the last change of the page brought up to date
        self._notice = ""
        self._notice_at = QPointF()
        self._paint_again_at = 0.0
        self._drawn_to: QPointF | None = None
        self._lasso: list[QPointF] = []
        self._preview: list[NDArray[np.float64]] = []
        self._paint_timer = QTimer(self, singleShot=True)
        self._paint_timer.timeout.connect(self._paint_wet)
        self._notice_timer = QTimer(self, singleShot=True, interval=NOTICE_MS)
        self._notice_timer.timeout.connect(self._clear_notice)
        self.setMouseTracking(True)
        self.setTabletTracking(True)
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.BlankCursor)
        self.setMinimumSize(200, 200)
        document.changed.connect(self._page_changed)
        document.opened.connect(self.show_as_seen)
        document.refused.connect(self.notify)
        document.chosen_changed.connect(self.update)
        document.previewed.connect(self.show_preview)
        hand.changed.connect(self.update)

    # -- the view ------------------------------------------------------------------------------

    @property
    def view(self) -> View:
        return self.picture.view

    def set_view(self, view: View) -> None:
        if view.angle_rad == 0.0 or abs(view.angle_rad) < 1e-9:
            # Unturned, the page lies on whole pixels, so that 100 % is exact.
            view = View(view.zoom, 0.0, view.flipped, round(view.shift_x), round(view.shift_y))
        self.picture.view = view
        self._redraw()
        self.view_changed.emit()

    def fit(self) -> None:
        page, (w, h) = self.document.page, self._device_size()
        self._fits = True
        self.set_view(View.fitted(page.width, page.height, w, h, self.view))

    def seen_as(self) -> tuple[float, float, bool, float, float]:
        """How the page is looked at, as a page keeps it."""
        w, h = self._device_size()
        view = self.view
        return (view.zoom, view.angle_rad, view.flipped, *view.to_page(w / 2, h / 2))

    def show_as_seen(self) -> None:
        """Look at a page that was opened as it was when it was saved; the whole of it if that is not known."""
        seen = self.document.page.seen_as
        if seen is None:
            self.fit()
            return
        zoom, angle, flipped, x, y = seen
        w, h = self._device_size()
        view = View(min(LARGEST_ZOOM, max(SMALLEST_ZOOM, zoom)), angle, flipped)
        at = view.to_screen(x, y)
        self._fits = False
        self.set_view(view.panned(w / 2 - at[0], h / 2 - at[1]))

    def zoom_to(self, zoom: float, at: QPointF | None = None) -> None:
        x, y = self._device(at or QPointF(self.rect().center()))
        self._fits = False
        self.set_view(self.view.zoomed(zoom / self.view.zoom, x, y))

    def zoom_by(self, factor: float, at: QPointF | None = None) -> None:
        self.zoom_to(self.view.zoom * factor, at)

    def turn_by(self, angle_rad: float) -> None:
        w, h = self._device_size()
        self.set_view(self.view.turned(angle_rad, w / 2, h / 2))

    def turn_by_degrees(self, degrees: float) -> None:
        self.turn_by(math.radians(degrees))

    def reset_turn(self) -> None:
        self.turn_by(-self.view.angle_rad)

    def flip(self) -> None:
        w, h = self._device_size()
        self.set_view(self.view.mirrored(w / 2, h / 2))

    def hide_sketches(self, hidden: bool) -> None:
        if hidden != self.picture.hides_sketches:
            self.picture.hides_sketches = hidden
            self.picture.refresh(self.document.page.bounds)
            self._redraw()

    def show_only(self, uids: set[int] | None) -> None:
        """Show only these layers, or all again."""
        self.picture.only = uids
        self.picture.refresh(self.document.page.bounds)
        self._redraw()

    def theme_changed(self) -> None:
        self.picture.set_board_color(current().board)
        self._redraw()

    def set_way(self, way: Way) -> None:
        self.way = way
        self.update()

    def notify(self, sentence: str) -> None:
        """Show a sentence beside the pen for a while."""
        self._notice = sentence
        self._notice_at = self._pointer or QPointF(self.rect().center())
        self._notice_timer.start()
        self.update()

    @property
    def notice(self) -> str:
        return self._notice

    # -- painting ------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        ratio = self.devicePixelRatioF()
        for rect in event.region():
            source = QRectF(rect.x() * ratio, rect.y() * ratio, rect.width() * ratio, rect.height() * ratio)
            painter.drawImage(QRectF(rect), self._image, source)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        overlays.draw_chosen(painter, self.view, ratio, self.document.chosen, self._preview, self._lasso)
        if self.session is not None and self.session.towed_at is not None and self._pointer is not None:
            overlays.draw_rope(painter, self.view, ratio, self.session.towed_at, self._pointer)
        if self._pointer is not None:
            overlays.draw_rings(painter, *self._footprint(self._pointer))
        if self._notice:
            overlays.draw_notice(painter, self.size(), self._notice, self._notice_at)
        painter.end()

    def resizeEvent(self, event: QResizeEvent) -> None:
        w, h = self._device_size()
        self.picture.resize(w, h)
        frame = self.picture.frame
        self._image = QImage(frame.data, w, h, frame.strides[0], QImage.Format.Format_RGB32)
        if self._fits:
            self.fit()
        else:
            self._redraw()
        self.resized.emit()

    def _redraw(self) -> None:
        self.picture.draw()
        self.update()

    def _show_patch(self, page_rect: Rect) -> None:
        if not page_rect:
            return
        self.picture.refresh(page_rect)
        screen = self.picture.on_screen(page_rect)
        self.picture.draw(screen)
        self.update(self._logical(screen))

    def _page_changed(self, before: Page, after: Page) -> None:
        if before.bounds != after.bounds:
            self.picture.set_page(after)
            self.fit()
            return
        changed = self.picture.set_page(after)
        self._shown = changed
        if changed:
            screen = self.picture.on_screen(changed)
            self.picture.draw(screen)
            self.update(self._logical(screen))

    def _footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        """Where the footprint is drawn, and its radii: the largest mark's, and while resizing the smallest's too."""
        way = self._drag_way if self._drag_from else self.way
        if way in (Way.MOVE, Way.TURN, Way.PICK, Way.CHOOSE):
            return at, [6.0]
        pen = self.hand.eraser() if self._eraser_end else self.hand.pen
        radius = max(1.0, self.hand.hold_of(pen).size_px * self.view.zoom / self.devicePixelRatioF() / 2)
        if way is Way.RESIZE:
            return self._drag_from[0] if self._drag_from else at, [radius, max(0.5, radius * pen.width.least)]
        return at, [radius]

    def _clear_notice(self) -> None:
        self._notice = ""
        self.update()

    # -- input ---------------------------------------------------------------------------------

    def tabletEvent(self, event: QTabletEvent) -> None:
        event.accept()
        at = event.position()
        kind = event.type()
        if kind == QEvent.Type.TabletMove:  # first, and with as little as can be: they come by the thousand
            if self.session is None:
                self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
            self._move(at, event.timestamp(), event.pressure(), event.xTilt(), event.yTilt())
            return
        self._device_name = event.pointingDevice().name()
        self._eraser_end = event.pointerType() == QPointingDevice.PointerType.Eraser
        if kind == QEvent.Type.TabletPress and event.button() == Qt.MouseButton.LeftButton:
            has_pressure = bool(event.pointingDevice().capabilities() & QPointingDevice.Capability.Pressure)
            self._press(at, event.timestamp(), event.pressure(), has_pressure)
        elif kind == QEvent.Type.TabletPress:
            self._start_drag(at, Way.MOVE)
        elif kind == QEvent.Type.TabletRelease:
            self._release(at, event.timestamp())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._eraser_end = False
            self._press(event.position(), event.timestamp(), 1.0, has_pressure=False)
        elif event.button() == Qt.MouseButton.MiddleButton:
            self._start_drag(event.position(), Way.MOVE)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        self._move(event.position(), event.timestamp(), 1.0)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._release(event.position(), event.timestamp())

    def wheelEvent(self, event: QWheelEvent) -> None:
        event.accept()
        pixels = event.pixelDelta()
        zooms = event.modifiers() & Qt.KeyboardModifier.ControlModifier
        if not pixels.isNull() and not zooms:  # a trackpad
            ratio = self.devicePixelRatioF()
            self._fits = False
            self.set_view(self.view.panned(pixels.x() * ratio, pixels.y() * ratio))
            return
        steps = (event.angleDelta().y() or event.angleDelta().x()) / 120
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            x, y = self._device(event.position())
            self.set_view(self.view.turned(steps * TURN_STEP_RAD, x, y))
        else:
            self.zoom_by(WHEEL_STEP**steps, event.position())

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QNativeGestureEvent):
            self._gesture(event)
            return True
        return super().event(event)

    def enterEvent(self, event: QEnterEvent) -> None:
        self._point_at(event.position())

    def focusOutEvent(self, event: QFocusEvent) -> None:
        """Whatever took the focus, a stroke under the pen is finished where it is."""
        if self.session is not None:
            self._release(QPointF(math.nan, math.nan), 0.0)
        super().focusOutEvent(event)

    def leaveEvent(self, event: QEvent) -> None:
        self._point_at(None)

    def _gesture(self, event: QNativeGestureEvent) -> None:
        x, y = self._device(event.position())
        if event.gestureType() == Qt.NativeGestureType.ZoomNativeGesture:
            self._fits = False
            self.set_view(self.view.zoomed(1 + event.value(), x, y))
        elif event.gestureType() == Qt.NativeGestureType.RotateNativeGesture:
            self.set_view(self.view.turned(math.radians(event.value()), x, y))

    def _press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._point_at(at)
        if self.way is Way.PICK:
            self._pick(at)
            return
        if self.way is Way.CHOOSE:
            self._lasso = [at]
            return
        if self.way is not Way.DRAW:
            self._start_drag(at, self.way)
            return
        if self.session is not None:  # the lift never came: the pen left the tablet, or a driver lost it
            self._release(QPointF(math.nan, math.nan), t_ms)
        self.touched.emit()
        if self.document.can_draw():
            pen = self.hand.eraser() if self._eraser_end else self.hand.pen
            hold = self.hand.hold_for_stroke(pen)
            self.session = Session(
                pen, hold, self.hand.color, self.document.page.active_uid, self.view.zoom,
                has_pressure=has_pressure, feel=self.hand.feels.get(self._device_name),
            )  # fmt: skip
            self.picture.wet = self.session.wet
            self._drawn_to = at
            self._push(at, t_ms, pressure)

    def _move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        if self._lasso:
            self._lasso.append(at)
            self.update()
        elif self._drag_from is not None:
            self._drag(at)
        elif self.session is not None:
            self._drawn_to = at
            self._push(at, t_ms, pressure, tilt_x, tilt_y)
            return  # the footprint follows when the ink is painted
        self._point_at(at)

    def _push(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        assert self.session is not None
        x, y = self.view.to_page(*self._device(at))
        if not self.session.push(t_ms, x, y, pressure, tilt_x, tilt_y):
            return
        # Every event is painted at once, unless they come faster than any screen shows: then several together.
        wait_s = self._paint_again_at - time.perf_counter()
        if wait_s <= 0:
            self._paint_wet()
        elif not self._paint_timer.isActive():
            self._paint_timer.start(math.ceil(wait_s * 1000))

    def _paint_wet(self) -> None:
        self._paint_timer.stop()
        if self.session is None:
            return
        begin = time.perf_counter()
        self._show_patch(self.session.paint())
        self._point_at(self._drawn_to)
        if self.session.towed_at is not None:
            self.update()  # the rope may lie anywhere between ink and pen
        now = time.perf_counter()
        self._paint_again_at = now + max(FASTEST_PAINT_S, REST_SHARE * (now - begin))

    def _release(self, at: QPointF, t_ms: float) -> None:
        if self._lasso:
            self._close_lasso()
            return
        if self._drag_from is not None:
            self._drag_from = None
            self.update()
            return
        session, self.session = self.session, None
        if session is None:
            return
        self._paint_timer.stop()
        if math.isfinite(at.x()):
            session.lift(t_ms, *self.view.to_page(*self._device(at)))
        self.picture.wet = None
        self._shown = Rect(0, 0, 0, 0)
        if session.pen.rubs:
            cut = session.cut()
            if cut is not None:
                self.document.rub_out(cut)
        else:
            stroke = session.stroke()
            if stroke is not None:
                self.document.add_stroke(stroke)
                self.hand.used_color(stroke.color)
        if not self._shown.contains(session.area):
            self._show_patch(session.area)

    def _close_lasso(self) -> None:
        """Choose what the lasso holds; a lasso that went nowhere is a press on one line."""
        lasso, self._lasso = self._lasso, []
        places = np.array([self.view.to_page(*self._device(at)) for at in lasso])
        layer = self.document.page.active
        more = bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)
        if np.ptp(places, axis=0).max() * self.view.zoom < PRESS_PX:
            one = stroke_at(layer, *places[0], PRESS_PX / self.view.zoom)
            self.document.choose([one] if one is not None else [], more=more)
        else:
            self.document.choose(strokes_inside(layer, places), more=more)
        self.update()

    def show_preview(self, lines: list[NDArray[np.float64]]) -> None:
        """Show where lines would run, over the page."""
        self._preview = lines
        self.update()

    def _pick(self, at: QPointF) -> None:
        """Take the colour the page has here, or with Shift the active layer alone."""
        x, y = (math.floor(v) for v in self.view.to_page(*self._device(at)))
        alone = bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)
        color = color_at(self.document.page, x, y, self.document.page.active_uid if alone else None)
        if color is not None:
            self.hand.set_color(color)

    def drop_stroke(self) -> None:
        """Give the stroke under the pen up, as if it had not been begun."""
        session, self.session = self.session, None
        if session is None:
            self.document.choose(())
        else:
            self.picture.wet = None
            self._show_patch(session.area)

    def _start_drag(self, at: QPointF, way: Way) -> None:
        self._drag_way = way
        self._drag_from = (at, self.view, self.hand.hold.size_px)

    def _drag(self, at: QPointF) -> None:
        assert self._drag_from is not None
        start, view, size = self._drag_from
        x0, y0 = self._device(start)
        x1, y1 = self._device(at)
        if self._drag_way is Way.MOVE:
            self._fits = False
            self.set_view(view.panned(x1 - x0, y1 - y0))
        elif self._drag_way is Way.TURN:
            w, h = self._device_size()
            by = math.atan2(y1 - h / 2, x1 - w / 2) - math.atan2(y0 - h / 2, x0 - w / 2)
            self.set_view(view.turned(by, w / 2, h / 2))
        elif self._drag_way is Way.RESIZE:
            self.hand.set_size(round(2 * (size + (at.x() - start.x()) * SIZE_PX_PER_PX)) / 2)

    def _point_at(self, at: QPointF | None) -> None:
        if at is not None and not (math.isfinite(at.x()) and math.isfinite(at.y())):
            return
        reach = int(self.hand.hold.size_px * self.view.zoom / self.devicePixelRatioF() / 2) + 8
        for point in (self._pointer, at):
            if point is not None:
                self.update(QRect(int(point.x()) - reach, int(point.y()) - reach, 2 * reach, 2 * reach))
        self._pointer = at

    # -- coordinates ---------------------------------------------------------------------------

    def _device(self, at: QPointF) -> tuple[float, float]:
        ratio = self.devicePixelRatioF()
        return at.x() * ratio, at.y() * ratio

    def _device_size(self) -> tuple[int, int]:
        ratio = self.devicePixelRatioF()
        return max(1, round(self.width() * ratio)), max(1, round(self.height() * ratio))

    def _logical(self, rect: Rect) -> QRect:
        ratio = self.devicePixelRatioF()
        x0, y0 = math.floor(rect.x0 / ratio), math.floor(rect.y0 / ratio)
        return QRect(x0, y0, math.ceil(rect.x1 / ratio) - x0, math.ceil(rect.y1 / ratio) - y0)
