"""Drawing: a stroke under the pen, wet until it lifts."""

from __future__ import annotations

import logging
import math
import time
from typing import TYPE_CHECKING

from PySide6.QtCore import QLineF, QPointF, QTimer
from PySide6.QtGui import QPainter

from jotsk.core.guides.guidance import FREELY
from jotsk.core.marks import Cut, Stroke
from jotsk.core.mend.closing import with_stroke_closed, with_stroke_spliced
from jotsk.core.page import InkLayer, Page
from jotsk.desk.board.input.stroke_session import StrokeSession
from jotsk.desk.board.overlays import overlays
from jotsk.desk.board.overlays.guide_overlay import draw_shape
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.board.strips.settle_strip import SettleStrip
from jotsk.desk.document.ink_edits import PutDown, with_stroke
from jotsk.desk.guides.guiding import turned_steps
from jotsk.desk.tools.tool import Tool, is_enter

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

log = logging.getLogger(__name__)

FASTEST_PAINT_S = 0.004
CATCH_PX = 12.0  # logical px from the end of a straight line, within which the next one begins there
REST_SHARE = 7.0  # a tip that is slow to paint is painted less often, and leaves seven eighths of the time free
LONGEST_REST_S = 0.15  # the ink follows all the same after one slow moment


class Draw(Tool):
    id = "draw"

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.session: StrokeSession | None = None
        self.drawn_to: QPointF | None = None  # where the pen drew last
        self._course = FREELY
        self._straight_end: tuple[float, float] | None = None  # page px, of the straight line that was drawn last
        self._is_bending = False  # a settled shape, by one of its handles
        self._paint_again_at = 0.0
        self.paint_timer = QTimer(board, singleShot=True)
        self.paint_timer.timeout.connect(self.paint)

    @property
    def _turned_deg(self) -> float:
        view = self.board.view
        return 0.0 if self.board.steps_of_page else turned_steps(view.angle_rad, view.flipped)

    def set_course(self, course: str) -> None:
        """How strokes run: as the hand goes, or straight from where they begin."""
        self._course = course
        if self.session is not None:
            self.session.set_course(course, self._turned_deg)
            self.board.guiding.light(self.session.held_by)
            self.paint()

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        board = self.board
        document, hand = board.document, board.hand
        if board.settler.take_handle(at, board.view, board.devicePixelRatioF(), board.size()):
            self._is_bending = True
            return
        board.touched.emit()
        board.settler.begins()
        if document.ink.can_draw():
            pen, page = hand.as_set(board.pen_in_use), document.page
            if not pen.rubs:
                document.selection.choose(())  # drawing on ends the choice
            self.session = StrokeSession(
                pen, hand.settings_for_stroke(pen), hand.color, page.active_uid, board.view.zoom,
                has_pressure=has_pressure, feel=hand.feels.get(board.device_name),
                guidance=board.guiding.guidance(page.active, self._course, self._turned_deg, rubs=pen.rubs),
                page=page.bounds,
                meter=hand.tremor_meter(board.pointer_name),
            )  # fmt: skip
            document.pen_is_down = True
            board.picture.add_wet(self.session.wet)
            if self._course != FREELY:
                at = self._caught(at)
            self.drawn_to = at
            self._push(at, t_ms, pressure, 0.0, 0.0)

    def _caught(self, at: QPointF) -> QPointF:
        """Where a straight line begins: at the end of the one before, if it is near."""
        if self._straight_end is None:
            return at
        x, y = self.board.view.to_screen(*self._straight_end)
        end = QPointF(x, y) / self.board.devicePixelRatioF()
        return end if QLineF(at, end).length() <= CATCH_PX else at

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        if self._is_bending:
            self._bend(at)
        elif self.session is not None:
            self.drawn_to = at
            self._push(at, t_ms, pressure, tilt_x, tilt_y)
            return True  # the footprint follows when the ink is painted
        return False

    def _bend(self, at: QPointF, *, finished: bool = False) -> None:
        board = self.board
        board.settler.drag_handle(self.on_page(at), board.view, board.devicePixelRatioF(), finished=finished)
        board.update()

    def _push(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> None:
        assert self.session is not None
        x, y = self.on_page(at)
        if not self.session.push(t_ms, x, y, pressure, tilt_x, tilt_y):
            return
        self.board.guiding.light(self.session.held_by)
        self.board.settler.moved(at)
        # Every event is painted at once, unless they come faster than any screen shows: then several together.
        wait_s = self._paint_again_at - time.perf_counter()
        if wait_s <= 0:
            self.paint()
        elif not self.paint_timer.isActive():
            self.paint_timer.start(math.ceil(wait_s * 1000))

    def paint(self) -> None:
        """Bring the wet ink on the board up to date."""
        self.paint_timer.stop()
        board = self.board
        if self.session is None:
            return
        begin = time.perf_counter()
        board.show_ink(self.session.paint(), self.drawn_to)
        if self.session.towed_at is not None:
            board.update()  # the rope may lie anywhere between ink and pen
        now = time.perf_counter()
        self._paint_again_at = now + min(max(FASTEST_PAINT_S, REST_SHARE * (now - begin)), LONGEST_REST_S)

    def release(self, at: QPointF, t_ms: float) -> None:
        board = self.board
        if self._is_bending:
            self._is_bending = False
            self._bend(at, finished=True)
            return
        session, self.session = self.session, None
        if session is None:
            return
        board.document.pen_is_down = False
        board.guiding.light(None)
        self.paint_timer.stop()
        board.settler.stop()
        if math.isfinite(at.x()):
            board.point_at(at)
            if session.shape is None:
                session.lift(t_ms, *self.on_page(at))
        self._leave(session)

    def _leave(self, session: StrokeSession) -> None:
        """Put on the page what a finished stroke leaves."""
        document, mark = self.board.document, self._mark_of(session)
        # A rub may cross any number of strokes, and what comes after one that still dries waits for it there.
        if mark is not None and (session.is_long or session.pen.rubs or document.is_drying):
            document.ink.dry(
                mark, lambda: self._dries(session), lambda: self._dried(session, mark), self._way_to_put(),
                is_plain_ink=session.shape is None, shows=lambda is_wet: self._show_wet(session, is_wet),
            )  # fmt: skip
            QTimer.singleShot(0, self.board, lambda: self._paint_to_its_end(session))
        else:
            self._dries(session)
            if isinstance(mark, Cut):
                document.ink.rub_out(mark)
            elif mark is not None:
                document.ink.add_stroke(mark, self._way_to_put())
            self._dried(session, mark)
        if isinstance(mark, Stroke):  # the next one may begin there before this one is dry
            self._straight_end = tuple(mark.line.xy[-1].tolist()) if session.is_straight else None

    def _way_to_put(self) -> PutDown:
        """How the stroke of this lift is put on the page, on any thread: its ends closed, or itself spliced with the
        last one where its pen does that. Shift leads it to its start, Alt leaves it as it is."""
        document, held = self.board.document, self.board.lifted_with
        is_drying, last_dry = document.is_drying, document.last_line.stroke
        to_start, as_it_is = bool(held & held.ShiftModifier), bool(held & held.AltModifier)

        def put(page: Page, stroke: Stroke) -> tuple[Page, Stroke]:
            pen = stroke.pen
            if as_it_is or not isinstance(page.active, InkLayer) or not (pen.closes_px or pen.splices or to_start):
                return with_stroke(page, stroke)
            last = page.active.marks.last if is_drying else last_dry  # what still dried is the last of its layer
            if pen.splices and isinstance(last, Stroke) and not to_start:
                return with_stroke_spliced(page, stroke, last)
            return with_stroke_closed(page, stroke, pen.closes_px, to_start=to_start), stroke

        return put

    def _mark_of(self, session: StrokeSession) -> Stroke | Cut | None:
        """What a finished stroke leaves. What cannot be worked out is kept as the motion of the hand."""
        try:
            return session.cut() if session.pen.rubs else session.stroke()
        except Exception:
            log.exception("a stroke could not be worked out")
            if not session.pen.rubs:
                self.board.document.stroke_failed.emit(session.trace)
            return None

    def _dries(self, session: StrokeSession) -> None:
        """The page is about to have what was wet."""
        self.board.picture.remove_wet(session.wet)
        self.board.picture.drying |= session.cells

    def _paint_to_its_end(self, session: StrokeSession) -> None:
        """A stroke that dries is seen whole, however seldom its ink was painted."""
        if any(wet is session.wet for wet in self.board.picture.wets):
            self.board.show_ink(session.paint(), self.drawn_to)

    def _show_wet(self, session: StrokeSession, is_wet: bool) -> None:
        """A stroke is undone while it dries, or done again."""
        picture = self.board.picture
        (picture.add_wet if is_wet else picture.remove_wet)(session.wet)
        self.board.show_ink([session.area], self.drawn_to)

    def _dried(self, session: StrokeSession, mark: Stroke | Cut | None) -> None:
        board = self.board
        if isinstance(mark, Stroke):
            board.hand.used_color(mark.color)
            if board.document.last_line.stroke is mark:
                board.settler.lifted(session)
                board.guiding.warn_of_stretching(session.held_by, mark)
        board.ink_is_dry()

    def cancel(self) -> None:
        session, self.session = self.session, None
        self._is_bending = False
        self.board.document.pen_is_down = False
        if session is not None:
            self._show_wet(session, False)

    def key(self, key: int) -> bool:
        takes = is_enter(key) and self.board.settler.offer is not None
        if takes:
            self.board.settler.accept()
        return takes

    def draw(self, painter: QPainter, ratio: float) -> None:
        board = self.board
        if (shape := board.settler.shape) is not None:
            draw_shape(painter, shape, board.view, ratio, board.size())
        if self.session is not None and self.session.towed_at is not None and board.pointer is not None:
            overlays.draw_rope(painter, board.view, ratio, self.session.towed_at, board.pointer)

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return at, [self.board.pen_radius]

    def strip(self) -> HeadStrip:
        return SettleStrip(self.board)
