"""A page on the screen, to be looked at: moved, zoomed, turned and flipped by mouse, wheel, trackpad and touch."""

from __future__ import annotations

import math

from PySide6.QtCore import QEvent, QPointF, QRect, Qt, QTimer, Signal
from PySide6.QtGui import (
    QEventPoint,
    QImage,
    QMouseEvent,
    QNativeGestureEvent,
    QPainter,
    QPaintEvent,
    QResizeEvent,
    QTouchEvent,
    QWheelEvent,
)  # fmt: skip
from PySide6.QtWidgets import QWidget

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.view import LARGEST_ZOOM, SMALLEST_ZOOM, soft_stopped
from jotsk.core.page import Page
from jotsk.desk.board.overlays import overlays
from jotsk.desk.board.view.eyes import Eyes
from jotsk.desk.board.view.screen_buffer import BoardPicture
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import handled, painted

WHEEL_STEP = 1.2
TURN_STEP_RAD = math.radians(5)
REST_MS = 70  # the view has come to rest
PAUSE_MS = 20  # between two edits: what is likely next is flattened ahead
SLICE_S = 0.006
SMALL_PAINT_PX = 300_000
SEEN_CALL_PX = 30_000  # what a call costs besides its px, where the page is seen otherwise
MARGIN_PX = 24.0  # around the page when all of it is shown


class PageView(QWidget):
    """Shows one value of a page. Dragging moves it."""

    view_changed = Signal()
    resized = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.picture = BoardPicture(current().board)
        self.shows_frames = True
        self.eyes = Eyes()
        self._image = QImage()
        self._ratio = self.devicePixelRatioF()  # device px to a logical one, where it was shown last
        self._fits = True  # the page is shown whole and stays so when the window changes
        self._drag_turns = False
        self._drag_at: QPointF | None = None
        self._loose_rad = 0.0  # how far the hand turned, where a soft stop holds the page back
        self.head_px = 0.0  # logical px at the head of the board that a page shown whole leaves free
        self._is_moving = False
        self._fingers: dict[int, QPointF] = {}
        self._rest_timer = QTimer(self, singleShot=True)
        self._rest_timer.timeout.connect(self._at_rest)
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.setAttribute(Qt.WidgetAttribute.WA_AcceptTouchEvents)
        self.setMinimumSize(120, 120)

    # -- the view ------------------------------------------------------------------------------

    @property
    def view(self) -> View:
        return self.picture.view

    @property
    def is_moving(self) -> bool:
        """Whether the picture is not yet all it will be at rest."""
        return self._is_moving or not self.picture.is_exact

    @property
    def page(self) -> Page | None:
        return self.picture.page

    def show_page(self, page: Page) -> None:
        """Show another value of the page, or another page, whole."""
        same_size = self.page is not None and self.page.bounds == page.bounds
        self.picture.set_page(page)
        if same_size:
            self._redraw()
        else:
            self.fit()

    def show_edit(self, page: Page) -> None:
        """Show another value of the same page, at once, and paint only what looks different."""
        was_rough = self.picture.is_rough
        parts = [self.picture.on_screen(rect) for rect in self.picture.set_page(page)]
        for part in parts:
            self.picture.draw(part, quick=True)
        if self.picture.is_rough != was_rough:
            self.update()
        else:
            for part in parts:
                self.update(self._logical(part))
        self._rest_timer.start(PAUSE_MS)

    def set_view(self, view: View) -> None:
        if abs(view.angle_rad) < 1e-9:
            # Unturned, the page lies on whole pixels, so that 100 % is exact.
            view = View(view.zoom, 0.0, view.flipped, round(view.shift_x), round(view.shift_y))
        self.picture.view = view
        self._redraw(quick=True)
        self.view_changed.emit()

    def fit(self) -> None:
        if self.page is not None:
            self._fits = True
            self.set_view(self._fitted(self.page.width, self.page.height))

    def refit(self) -> None:
        """The board has another size: the page is shown whole as before."""
        self.fit()

    def fit_width(self) -> None:
        """As large as the width allows, the present height in the middle."""
        if self.page is None:
            return
        w, h = self._device_size()
        _, y = self.view.to_page(w / 2, h / 2)
        fitted = self._fitted(self.page.width, 1)
        x, y = fitted.to_screen(self.page.width / 2, min(self.page.height, max(0.0, y)))
        self._fits = False
        self.set_view(fitted.panned(w / 2 - x, h / 2 - y))

    def _fitted(self, width: int, height: int) -> View:
        margin = MARGIN_PX * self.devicePixelRatioF()
        head = self.head_px * self.devicePixelRatioF()
        return View.fitted(width, height, *self._device_size(), self.view, margin=margin, head=head)

    def seen_as(self) -> tuple[float, float, bool, float, float]:
        """How the page is looked at, as a page keeps it."""
        w, h = self._device_size()
        view = self.view
        return (view.zoom, view.angle_rad, view.flipped, *view.to_page(w / 2, h / 2))

    def show_as_seen(self, seen: tuple[float, float, bool, float, float] | None) -> None:
        """Look at the page as somebody did before; the whole of it if that is not known."""
        if seen is None:
            self.fit()
            return
        zoom, angle, flipped, x, y = seen
        view = View(min(LARGEST_ZOOM, max(SMALLEST_ZOOM, zoom)), angle, flipped)
        self.picture.view = view
        self.center_on(x, y)

    def center_on(self, x: float, y: float) -> None:
        """Show page point (x, y) in the middle."""
        w, h = self._device_size()
        at = self.view.to_screen(x, y)
        self._fits = False
        self.set_view(self.view.panned(w / 2 - at[0], h / 2 - at[1]))

    def zoom_to(self, zoom: float, at: QPointF | None = None) -> None:
        x, y = self._device(at or QPointF(self.rect().center()))
        self._fits = False
        self.set_view(self.view.zoomed(zoom / self.view.zoom, x, y))

    def zoom_by(self, factor: float, at: QPointF | None = None) -> None:
        self.zoom_to(self.view.zoom * factor, at)

    def turn_by(self, angle_rad: float, at: QPointF | None = None) -> None:
        x, y = self._device(at or QPointF(self.rect().center()))
        self.set_view(self.view.turned(angle_rad, x, y))

    def turn_softly(self, by_rad: float, at: QPointF | None = None) -> None:
        """Turn as a hand does, a little at a time: near 0, 45, 90 ... degrees the page stays until it is pulled on."""
        held = math.remainder(soft_stopped(self._loose_rad) - self.view.angle_rad, math.tau)
        if abs(held) > 1e-9:
            self._loose_rad = self.view.angle_rad
        self._loose_rad += by_rad
        self.turn_by(soft_stopped(self._loose_rad) - self.view.angle_rad, at)

    def turn_by_degrees(self, degrees: float, at: QPointF | None = None) -> None:
        self.turn_by(math.radians(degrees), at)

    def reset_turn(self, at: QPointF | None = None) -> None:
        self.turn_by(-self.view.angle_rad, at)

    def flip(self, at: QPointF | None = None) -> None:
        """Flip left to right about what is under `at`, or in the middle of the view."""
        self.set_view(self.view.mirrored(*self._device(at or QPointF(self.rect().center()))))

    def flip_page(self) -> None:
        """Flip left to right about the middle of the page, which stays where it is."""
        if self.page is not None:
            self.set_view(self.view.mirrored(*self.view.to_screen(self.page.width / 2, self.page.height / 2)))

    def theme_changed(self) -> None:
        self.picture.set_board_color(current().board)
        self._redraw()

    # -- painting ------------------------------------------------------------------------------

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        ratio, all_of_it = self.devicePixelRatioF(), event.rect()
        if ratio != 1.0:  # px for px: exact, and the quickest way
            painter.save()
            painter.scale(1 / ratio, 1 / ratio)
        for rect in self._painted_parts(event):
            left, top = math.floor(rect.left() * ratio), math.floor(rect.top() * ratio)
            right, bottom = math.ceil((rect.right() + 1) * ratio), math.ceil((rect.bottom() + 1) * ratio)
            if self.eyes.are_plain:
                painter.drawImage(left, top, self._image, left, top, right - left, bottom - top)
            else:
                self._draw_seen(painter, Rect(left, top, right, bottom))
        if ratio != 1.0:
            painter.restore()
        if self.page is not None:
            if not self._is_moving:
                overlays.draw_grid(painter, self.view, ratio, self.page, all_of_it)
            if self.shows_frames:
                overlays.draw_frames(painter, self.view, ratio, self.page)
        self.draw_over(painter, ratio)

    def wait(self, waits: bool) -> None:
        """Show no page for now, or show it."""
        self.picture.waits = waits
        self._redraw()

    def look(self, eyes: Eyes) -> None:
        """Look at the page in another way."""
        self.eyes = eyes
        self.update()

    def _painted_parts(self, event: QPaintEvent) -> list[QRect]:
        """The rectangles to paint, or one around them where the px between them cost less than so many calls."""
        whole = event.rect()
        if whole.width() * whole.height() <= SMALL_PAINT_PX:
            return [whole]
        parts = list(event.region())
        if not self.eyes.are_plain:
            pad = 2 * self.eyes.reach_px(*self._device_size())
            cost = [(rect.width() + pad) * (rect.height() + pad) + SEEN_CALL_PX for rect in (whole, *parts)]
            if cost[0] <= sum(cost[1:]):
                return [whole]
        return parts

    def _draw_seen(self, painter: QPainter, part: Rect) -> None:
        h, w = self.picture.frame.shape[:2]
        part &= Rect(0, 0, w, h)
        if part:
            seen = self.eyes.seen(self.picture.frame, part)
            image = QImage(seen.data, part.width, part.height, seen.strides[0], QImage.Format.Format_RGB32)
            painter.drawImage(part.x0, part.y0, image)

    def draw_over(self, painter: QPainter, ratio: float) -> None:
        """What lies over the page; nothing here."""

    @handled
    def resizeEvent(self, event: QResizeEvent) -> None:
        self._take_size()

    def _take_size(self) -> None:
        """The board is of another size, or on another screen, where the page is as large as it was."""
        ratio, before = self.devicePixelRatioF(), self._ratio
        if ratio != before:
            self._ratio = ratio
            self.picture.view = self.view.on_screen_of(ratio / before)
        w, h = self._device_size()
        self.picture.resize(w, h)
        frame = self.picture.frame
        self._image = QImage(frame.data, w, h, frame.strides[0], QImage.Format.Format_RGB32)
        if self._fits:
            self.refit()
        else:
            self._redraw()
        self.resized.emit()

    def is_busy(self) -> bool:
        """Whether the hand is at work, so that nothing else may take time."""
        return self._drag_at is not None

    def _redraw(self, *, quick: bool = False) -> None:
        self._is_moving = quick
        self.picture.draw(quick=quick)
        self.update()
        self._rest_timer.start(REST_MS)

    def _at_rest(self) -> None:
        """Make the picture exact, then flatten ahead, a little at a time."""
        if self.picture.waits:
            return
        if self.is_busy() and not (self._drag_at is not None and not self.picture.is_exact):
            self._rest_timer.start(REST_MS)
            return
        outcome = self.picture.refine(SLICE_S)
        if outcome or self._is_moving:
            self._is_moving = False
            self.update()
        if outcome is not None:
            self._rest_timer.start(0)

    def _show_patch(self, page_rect: Rect, also: QRect | None = None) -> None:
        """Bring a part of the page up to date, and paint it with what else has changed on the board."""
        if page_rect:
            self.picture.refresh(page_rect)
            screen = self.picture.on_screen(page_rect)
            self.picture.draw(screen)
            logical = self._logical(screen)
            also = logical if also is None else logical.united(also)
        if also is not None:
            self.update(also)

    # -- input ---------------------------------------------------------------------------------

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.start_drag(event.position())

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag_at is not None:
            self.drag(event.position())

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self.end_drag()

    @handled
    def wheelEvent(self, event: QWheelEvent) -> None:
        event.accept()
        pixels = event.pixelDelta()
        zooms = event.modifiers() & Qt.KeyboardModifier.ControlModifier
        if not pixels.isNull() and not zooms:  # a trackpad
            self._pan(QPointF(pixels))
            return
        steps = (event.angleDelta().y() or event.angleDelta().x()) / 120
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self.turn_by(steps * TURN_STEP_RAD, event.position())
        else:
            self.zoom_by(WHEEL_STEP**steps, event.position())

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QNativeGestureEvent):
            self._gesture(event)
            return True
        if isinstance(event, QTouchEvent):
            self._touch(event)
            event.accept()
            return True
        if event.type() == QEvent.Type.DevicePixelRatioChange:
            self._take_size()
        return super().event(event)

    def one_finger(self, state: QEventPoint.State, at: QPointF, t_ms: float) -> None:
        """A single finger came, moved or went: it moves the page."""
        if state == QEventPoint.State.Pressed:
            self.start_drag(at)
        elif state == QEventPoint.State.Released:
            self.end_drag()
        elif self._drag_at is not None:
            self.drag(at)

    def give_up_finger(self) -> None:
        """A second finger came: what the first began was not meant."""
        self.end_drag()

    @handled
    def _gesture(self, event: QNativeGestureEvent) -> None:
        if event.gestureType() == Qt.NativeGestureType.ZoomNativeGesture:
            self.zoom_by(1 + event.value(), event.position())
        elif event.gestureType() == Qt.NativeGestureType.RotateNativeGesture:
            self.turn_softly(math.radians(event.value()), event.position())

    @handled
    def _touch(self, event: QTouchEvent) -> None:
        """Two fingers hold the page: it follows them."""
        points = event.points()
        now = {p.id(): p.position() for p in points if p.state() != QEventPoint.State.Released}
        before = self._fingers
        if event.type() == QEvent.Type.TouchCancel:
            now = {}
        if len(now) >= 2:
            if len(before) == 1:
                self.give_up_finger()
            both = [i for i in now if i in before][:2]
            if len(both) == 2:
                self._follow_fingers([before[i] for i in both], [now[i] for i in both])
        elif len(points) == 1 and len(before) <= 1:
            self.one_finger(points[0].state(), points[0].position(), event.timestamp())
        # After two fingers the one that stays behind does nothing.
        self._fingers = now if len(now) != 1 or len(before) <= 1 else {**now, -1: QPointF()}

    def _follow_fingers(self, before: list[QPointF], now: list[QPointF]) -> None:
        (a, b), (c, d) = before, now
        old, new = b - a, d - c
        old_length, new_length = math.hypot(old.x(), old.y()), math.hypot(new.x(), new.y())
        middle = (c + d) / 2
        self._pan(middle - (a + b) / 2)
        if old_length > 1 and new_length > 1:
            self.zoom_by(new_length / old_length, middle)
            turned = math.atan2(new.y(), new.x()) - math.atan2(old.y(), old.x())
            self.turn_softly(math.remainder(turned, math.tau), middle)

    def start_drag(self, at: QPointF, *, turns: bool = False) -> None:
        """Take hold of the page at a place of the board, to move or to turn it."""
        self._drag_turns, self._drag_at = turns, at

    def drag(self, at: QPointF) -> None:
        assert self._drag_at is not None
        before, self._drag_at = self._drag_at, at
        if self._drag_turns:
            middle = QPointF(self.width() / 2, self.height() / 2)
            old, new = before - middle, at - middle
            self.turn_softly(math.remainder(math.atan2(new.y(), new.x()) - math.atan2(old.y(), old.x()), math.tau))
        else:
            self._pan(at - before)

    def end_drag(self) -> None:
        self._drag_at = None

    def _pan(self, by: QPointF) -> None:
        ratio = self.devicePixelRatioF()
        self._fits = False
        self.set_view(self.view.panned(by.x() * ratio, by.y() * ratio))

    # -- coordinates ---------------------------------------------------------------------------

    def to_page(self, at: QPointF) -> tuple[float, float]:
        """Page px of a place of the board."""
        return self.view.to_page(*self._device(at))

    def _device(self, at: QPointF) -> tuple[float, float]:
        ratio = self.devicePixelRatioF()
        return at.x() * ratio, at.y() * ratio

    def _device_size(self) -> tuple[int, int]:
        ratio = self.devicePixelRatioF()
        return max(1, math.ceil(self.width() * ratio)), max(1, math.ceil(self.height() * ratio))

    def _logical(self, rect: Rect) -> QRect:
        ratio = self.devicePixelRatioF()
        x0, y0 = math.floor(rect.x0 / ratio), math.floor(rect.y0 / ratio)
        return QRect(x0, y0, math.ceil(rect.x1 / ratio) - x0, math.ceil(rect.y1 / ratio) - y0)
