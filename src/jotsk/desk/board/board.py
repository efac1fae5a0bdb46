"""The board: shows the page, and turns what pen, mouse and wheel do into strokes and views."""

from __future__ import annotations

import logging
import math
import time

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QEvent, QPointF, QRect, Qt, QTimer, Signal
from PySide6.QtGui import QEnterEvent, QFocusEvent, QKeyEvent, QMoveEvent, QPainter
from PySide6.QtWidgets import QWidget

from jotsk.core.geometry import View
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.guides.guidance import FREELY
from jotsk.core.ink import Cut, Stroke
from jotsk.core.page import Page
from jotsk.core.page.placing import Picture
from jotsk.desk.board import overlays
from jotsk.desk.board.chosen_lines import ChosenLines
from jotsk.desk.board.drafting import Drafting
from jotsk.desk.board.edges import WORDS as EDGE_WORDS
from jotsk.desk.board.edges import Edges
from jotsk.desk.board.guide_overlay import GuideOverlay, draw_shape
from jotsk.desk.board.holding import Holding
from jotsk.desk.board.placing import Placing
from jotsk.desk.board.pointing import PointedView, Pointer
from jotsk.desk.board.session import Session
from jotsk.desk.board.settler import Settler
from jotsk.desk.board.ways import SMALL_CURSOR, Way
from jotsk.desk.document import Document
from jotsk.desk.guiding import Guiding, turned_steps
from jotsk.desk.hand import Hand
from jotsk.desk.widgets.faults import handled

log = logging.getLogger(__name__)

NOTICE_MS = 4000
FASTEST_PAINT_S = 0.004
REST_SHARE = 7.0  # a tip that is slow to paint is painted less often, and leaves seven eighths of the time free
SIZE_PX_PER_PX = 0.25  # change of the pen's size for each px the hand moves while resizing


class Board(PointedView):
    """The page, and the pen on it."""

    touched = Signal()  # a stroke begins
    done = Signal()  # what a way was borrowed for
    placing_changed = Signal()
    way_changed = Signal()

    def __init__(self, document: Document, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("board")
        self.document, self.hand = document, hand
        self.picture.page = document.page
        self.way = Way.DRAW
        self.session: Session | None = None
        self._resized_from: tuple[QPointF, float] | None = None  # where the pen's size was taken hold of, and the size
        self._pointer: QPointF | None = None
        self._notice = ""
        self._notice_at = QPointF()
        self._paint_again_at = 0.0
        self._drawn_to: QPointF | None = None
        self.placing: Placing | None = None  # pictures on their way onto the page
        self._preview: list[NDArray[np.float64]] = []
        self._chosen_lines = ChosenLines(self)
        self._chosen_lines.worked_out.connect(self.update)
        self._chosen_lines.pictured.connect(self.update)
        self.guiding = Guiding(document, self)
        self._course = FREELY
        self.steps_of_page = False  # 15 degree steps are the page's; else the view's
        self._guide_overlay = GuideOverlay()
        self.edges = Edges(document, self.guiding, self)
        self.drafting = Drafting(document, hand, self.guiding, self)
        self.holding = Holding(self)
        self._paint_timer = QTimer(self, singleShot=True)
        self._paint_timer.timeout.connect(self._paint_wet)
        self.settler = Settler(document, hand, lambda: self.session, self)
        self.settler.settled.connect(self._paint_wet)
        self.settler.offer_changed.connect(self.update)
        self._notice_timer = QTimer(self, singleShot=True, interval=NOTICE_MS)
        self._notice_timer.timeout.connect(self._clear_notice)
        self._failing = QTimer(self, singleShot=True, interval=0)
        self._failing.timeout.connect(self._give_up_guides)
        self._fits_later = False  # the page is to be shown whole when the pen has lifted
        self.setMouseTracking(True)
        self.setTabletTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.BlankCursor)
        self.setMinimumSize(200, 200)
        document.changed.connect(self._page_changed)
        document.leaving.connect(self.finish_stroke)
        document.taken.connect(self.drop_pictures)
        document.taken.connect(self.picture.flat.leave)
        document.opened.connect(lambda: self.show_as_seen(document.page.seen_as))
        document.refused.connect(self.notify)
        document.choice.changed.connect(self.update)
        document.choice.previewed.connect(self.show_preview)
        hand.changed.connect(self.update)
        self.guiding.changed.connect(self.update)
        self.drafting.changed.connect(self.update)

    # -- the view ------------------------------------------------------------------------------

    def set_view(self, view: View) -> None:
        """While a stroke is under the pen, what is under it stays there: moved with the page, the line would jump."""
        if self.session is not None and self._drawn_to is not None:
            view = self._held_under_pen(view, self.to_page(self._drawn_to))
        super().set_view(view)

    def _held_under_pen(self, view: View, page_at: tuple[float, float]) -> View:
        """The view moved so that a page point is where the pen draws."""
        assert self._drawn_to is not None
        x, y = self._device(self._drawn_to)
        now = view.to_screen(*page_at)
        return view.panned(x - now[0], y - now[1])

    def fit(self) -> None:
        self._fits_later = self.session is not None
        super().fit()

    def refit(self) -> None:
        """As soon as no stroke is under the pen."""
        self._fits_later = self.session is not None
        if self._fits_later:
            self._redraw()
        else:
            super().fit()

    @handled
    def moveEvent(self, event: QMoveEvent) -> None:
        """The board itself moves, as when a side folds away; the page stays where it is under the pen."""
        super().moveEvent(event)
        if self.session is not None and self._drawn_to is not None:
            by = QPointF(event.pos() - event.oldPos())
            page_at = self.to_page(self._drawn_to)
            self._drawn_to = self._drawn_to - by
            self._last_at = self._drawn_to
            super().set_view(self._held_under_pen(self.view, page_at))

    def flip_here(self) -> None:
        """Flip left to right about what is under the pen, which stays there."""
        self.flip(self._pointer)

    def hide_sketches(self, hidden: bool) -> None:
        if hidden != self.picture.hides_sketches:
            self.picture.hides_sketches = hidden
            self.picture.shows_others()
            self._redraw(quick=True)

    def show_only(self, uids: set[int] | None) -> None:
        """Show only these layers, or all again."""
        self.picture.only = uids
        self.picture.shows_others()
        self._redraw(quick=True)

    def set_way(self, way: Way) -> None:
        if way is Way.EDGES and self.way is not way:
            self.notify(EDGE_WORDS)
        self.way = way
        self.edges.give_up()
        self.update()
        self.way_changed.emit()

    def ink_draft(self) -> None:
        """Draw the drafted line with the pen in the hand."""
        self.touched.emit()
        self.drafting.ink(self.view.zoom)

    def set_course(self, course: str) -> None:
        """How strokes run: as the hand goes, or straight from where they begin."""
        self._course = course
        if self.session is not None:
            self.session.set_course(course, self._turned_deg)
            self._paint_wet()

    @property
    def _turned_deg(self) -> float:
        return 0.0 if self.steps_of_page else turned_steps(self.view.angle_rad, self.view.flipped)

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

    def draw_over(self, painter: QPainter, ratio: float) -> None:
        guiding, placing = self.guiding, self.way is Way.GUIDE
        self._guide_overlay.draw(
            painter, self.view, ratio, self.size(), guiding.guides, guiding.lit,
            guiding.selected if placing else None, moving=self._is_moving or self.holding.is_guide,
        )  # fmt: skip
        if self._guide_overlay.failed and not self._failing.isActive():
            self._failing.start()  # not while it is painted
        self._chosen_lines.draw(
            painter, self.view, ratio, self.document.choice.lines, self._preview, self.holding.outline
        )
        if (shape := self.settler.shape) is not None:
            draw_shape(painter, shape, self.view, ratio, self.size())
        if self.way is Way.DRAFT:
            self.drafting.draw(painter, self.view, ratio, self.size())
        self.edges.draw(painter, self.view, ratio)
        if self.placing is not None:
            self.placing.draw(painter, self.view, ratio)
        if self.session is not None and self.session.towed_at is not None and self._pointer is not None:
            overlays.draw_rope(painter, self.view, ratio, self.session.towed_at, self._pointer)
        if self._pointer is not None:
            overlays.draw_rings(painter, *self._footprint(self._pointer), ratio)
        if self._notice:
            overlays.draw_notice(painter, self.size(), self._notice, self._notice_at)

    def _give_up_guides(self) -> None:
        for index in sorted(self._guide_overlay.failed):
            self.guiding.give_up(index)

    def _page_changed(self, before: Page, after: Page) -> None:
        if before.bounds != after.bounds:
            self.picture.set_page(after)
            self.fit()
            return
        self.picture.expected = self.document.steps.pages_beside()
        self.show_edit(after)

    def is_busy(self) -> bool:
        return self.session is not None or self.document.is_drying or super().is_busy()

    def _footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        """Where the footprint is drawn, and its radii: the largest mark's, and while resizing the smallest's too."""
        way = self._drag_way if self._drag_at else self.way
        if way in SMALL_CURSOR:
            return at, [6.0]
        pen = self.hand.eraser() if self._eraser_end else self.hand.pen
        radius = max(1.0, self.hand.hold_of(pen).size_px * self.view.zoom / self.devicePixelRatioF() / 2)
        if way is Way.RESIZE:
            return self._resized_from[0] if self._resized_from else at, [radius, max(0.5, radius * pen.width.least)]
        return at, [radius]

    def _clear_notice(self) -> None:
        self._notice = ""
        self.update()

    # -- input ---------------------------------------------------------------------------------

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        if self.placing is not None and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.settle_pictures()
        elif self.way is Way.DRAFT and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.ink_draft()
        elif self.way is Way.DRAFT and event.key() == Qt.Key.Key_Backspace:
            self.drafting.remove_last()
        elif self.settler.offer is not None and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.settler.accept()
        else:
            super().keyPressEvent(event)

    @handled
    def enterEvent(self, event: QEnterEvent) -> None:
        self._point_at(event.position())

    @handled
    def focusOutEvent(self, event: QFocusEvent) -> None:
        """Whatever took the focus, a stroke under the pen is finished where it is."""
        self.finish_stroke()
        super().focusOutEvent(event)

    def finish_stroke(self) -> None:
        super().finish_stroke()
        if self.session is not None:
            self._release(QPointF(math.nan, math.nan), 0.0)

    @handled
    def leaveEvent(self, event: QEvent) -> None:
        self._point_at(None)

    def give_up_finger(self) -> None:
        if self._finger_draws and self.holding.is_held:
            self.holding.give_up()
        elif self._finger_draws:
            self.drop_stroke()
        super().give_up_finger()

    def is_drawing(self) -> bool:
        return self.session is not None

    def _press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._point_at(at)
        if self.holding.take(at):
            return
        self.document.finish_drying()
        self.touched.emit()
        self.settler.begins()
        if self.document.can_draw():
            pen = self.hand.eraser() if self._eraser_end else self.hand.pen
            hold, page = self.hand.hold_for_stroke(pen), self.document.page
            self.session = Session(
                pen, hold, self.hand.color, page.active_uid, self.view.zoom,
                has_pressure=has_pressure, feel=self.hand.feels.get(self._device_name),
                guidance=self.guiding.guidance(page.active, self._course, self._turned_deg), page=page.bounds,
                meter=self.hand.tremor_meter(self._pointer_name),
            )  # fmt: skip
            self.document.pen_is_down = True
            self.picture.wet = self.session.wet
            self._drawn_to = at
            self._push(at, t_ms, pressure)

    def _move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        if self.holding.is_held:
            self.holding.drag(at)
        elif self._drag_at is not None:
            self.drag(at)
        elif self.session is not None:
            self._drawn_to = at
            self._push(at, t_ms, pressure, tilt_x, tilt_y)
            return  # the footprint follows when the ink is painted
        self._point_at(at)

    def _push(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        assert self.session is not None
        x, y = self.to_page(at)
        if not self.session.push(t_ms, x, y, pressure, tilt_x, tilt_y):
            return
        self.settler.moved(at)
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
        self.guiding.light(self.session.held_by)
        for rect in (rects := self.session.paint())[:-1]:
            self._show_patch(rect)
        self._show_patch(rects[-1] if rects else EMPTY, self._moved_pointer(self._drawn_to))
        if self.session.towed_at is not None:
            self.update()  # the rope may lie anywhere between ink and pen
        now = time.perf_counter()
        self._paint_again_at = now + max(FASTEST_PAINT_S, REST_SHARE * (now - begin))

    def _release(self, at: QPointF, t_ms: float) -> None:
        if self.holding.is_held:
            self.holding.let_go(at)
            return
        if self._drag_at is not None:
            self.end_drag()
            return
        session, self.session = self.session, None
        if session is None:
            return
        self.document.pen_is_down = False
        self.guiding.light(None)
        self._paint_timer.stop()
        self.settler.stop()
        if math.isfinite(at.x()):
            self._point_at(at)
            if session.shape is None:
                session.lift(t_ms, *self.to_page(at))
        mark = self._mark_of(session)
        if mark is not None and (session.is_long or session.pen.rubs):  # a rub may cross any number of strokes
            self.document.dry(mark, lambda: self._dries(session), lambda: self._dried(session, mark))
            return
        self._dries(session)
        if isinstance(mark, Cut):
            self.document.rub_out(mark)
        elif mark is not None:
            self.document.add_stroke(mark)
        self._dried(session, mark)

    def _mark_of(self, session: Session) -> Stroke | Cut | None:
        """What a finished stroke leaves. What cannot be worked out is kept as the motion of the hand."""
        try:
            return session.cut() if session.pen.rubs else session.stroke()
        except Exception:
            log.exception("a stroke could not be worked out")
            if not session.pen.rubs:
                self.document.stroke_failed.emit(session.trace)
            return None

    @property
    def _pointer_name(self) -> str:
        """The name of what draws: of a pen its own."""
        pointer = self._has_page[0] if self._has_page else Pointer.MOUSE
        return self._device_name if pointer is Pointer.PEN else pointer.value

    def _dries(self, session: Session) -> None:
        """The page is about to have what was wet."""
        self.picture.wet = None
        self.picture.drying = session.cells

    def _dried(self, session: Session, mark: Stroke | Cut | None) -> None:
        if isinstance(mark, Stroke):
            self.hand.used_color(mark.color)
            if self.document.last_stroke is mark:
                self.settler.lifted(session)
                self.guiding.warn_of_stretching(session.held_by, mark)
        if self._fits_later and self._fits:
            self.fit()
        if self.picture.drying:  # nothing came of it
            self._page_changed(self.document.page, self.document.page)

    def show_preview(self, lines: list[NDArray[np.float64]]) -> None:
        """Show where lines would run, over the page."""
        self._preview = lines
        self.update()

    def place_pictures(self, pictures: list[Picture]) -> None:
        """Have pictures moved, scaled and turned before they settle; more may come to those that are there."""
        self.placing = self.placing or Placing()
        for picture in pictures:
            self.placing.add(picture, self.document.page.bounds)
        self.setFocus()  # Enter settles them
        self.placing_changed.emit()
        self.update()

    def settle_pictures(self) -> None:
        """Put the placed pictures onto the page."""
        placing, self.placing = self.placing, None
        if placing is not None:
            self.document.settle_pictures(placing.placements)
            self.placing_changed.emit()
            self.update()

    def drop_pictures(self) -> None:
        """Leave the page without them."""
        if self.placing is not None:
            self.placing = None
            self.placing_changed.emit()
            self.update()

    def drop_stroke(self) -> None:
        """Give up what is under the pen, as if it had not been begun; else a draft, or pictures on their way."""
        if self.holding.is_held:
            self.holding.give_up()
            self.update()
            return
        if self.way is Way.DRAFT and not self.drafting.is_empty:
            self.drafting.give_up()
            return
        if self.placing is not None:
            self.drop_pictures()
            return
        session, self.session = self.session, None
        self.document.pen_is_down = False
        if session is None:
            self.document.choice.choose(())
        else:
            self.picture.wet = None
            self._show_patch(session.area)

    def start_drag(self, at: QPointF, way: Way) -> None:
        super().start_drag(at, way)
        self._resized_from = (at, self.hand.hold.size_px) if way is Way.RESIZE else None

    def drag(self, at: QPointF) -> None:
        if self._resized_from is None:
            super().drag(at)
        else:
            start, size = self._resized_from
            self.hand.set_size(round(2 * (size + (at.x() - start.x()) * SIZE_PX_PER_PX)) / 2)

    def end_drag(self) -> None:
        super().end_drag()
        self._resized_from = None
        self.update()

    def _point_at(self, at: QPointF | None) -> None:
        changed = self._moved_pointer(at)
        if changed is not None:
            self.update(changed)

    def _moved_pointer(self, at: QPointF | None) -> QRect | None:
        """Put the footprint elsewhere; return what of the board looks different."""
        if at is not None and not (math.isfinite(at.x()) and math.isfinite(at.y())):
            return None
        before, self._pointer = self._pointer, at
        old, new = at if before is None else before, before if at is None else at
        if old is None or new is None:
            return None
        reach = int(self.hand.hold.size_px * self.view.zoom / self.devicePixelRatioF() / 2) + 8
        x0, y0, x1, y1 = int(old.x()), int(old.y()), int(new.x()), int(new.y())
        left, top = (x0 if x0 < x1 else x1) - reach, (y0 if y0 < y1 else y1) - reach
        return QRect(left, top, abs(x1 - x0) + 2 * reach, abs(y1 - y0) + 2 * reach)
