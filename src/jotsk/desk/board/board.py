"""The board: shows the page, and turns what pen, mouse and wheel do into strokes and views."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QEvent, QPointF, QRect, Qt, QTimer, Signal
from PySide6.QtGui import QEnterEvent, QFocusEvent, QKeyEvent, QMoveEvent, QPainter
from PySide6.QtWidgets import QWidget

from jotsk.core.check.finding import Finding
from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink import Pen
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.board.input.drafting import Drafting
from jotsk.desk.board.input.pictures_in_hand import PicturesInHand
from jotsk.desk.board.input.pointer_input import Pointer, PointerInput
from jotsk.desk.board.input.settler import Settler
from jotsk.desk.board.input.stroke_session import StrokeSession
from jotsk.desk.board.overlays import overlays
from jotsk.desk.board.overlays.chosen_lines import ChosenLines
from jotsk.desk.board.overlays.findings import FindingsOverlay
from jotsk.desk.board.overlays.guide_overlay import GuideOverlay
from jotsk.desk.document.document import Document
from jotsk.desk.guides.guiding import Guiding
from jotsk.desk.pens.hand import Hand
from jotsk.desk.tools import TOOLS, Draw, Tool
from jotsk.desk.tools.place_guides import PlaceGuides
from jotsk.desk.tools.tool import SMALL_RING_PX
from jotsk.desk.widgets.faults import handled

NOTICE_MS = 4000
HEAD_PX = 44.0  # for the strips
FINDING_ZOOM = 0.8  # logical px for each px of the page, at which a finding is seen


class Board(PointerInput):
    """The page, and the pen on it."""

    touched = Signal()  # a stroke begins
    pressed = Signal()  # a tool is pressed, or the page taken hold of
    done = Signal()  # what a tool was borrowed for
    tool_changed = Signal()

    def __init__(self, document: Document, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("board")
        self.setAccessibleName(tr("Page"))
        self.document, self.hand = document, hand
        self.head_px = HEAD_PX
        self.shows_welcome = False  # on a page without anything on it
        self.picture.page = document.page_when_dry()
        self._line_alone = self._as_out = False  # without sketches; and without guides too
        self.pointer: QPointF | None = None  # where the pen is, on the board or above it
        self._notice = ""
        self._notice_at = QPointF()
        self.pictures = PicturesInHand(self)
        self._preview: list[NDArray[np.float64]] = []
        self.signs: tuple[str, ...] = ()  # icons beside the pen, of what it does but drawing
        self._chosen_lines = ChosenLines(self)
        self._findings = FindingsOverlay(document.checks, self)
        for lines in (self._chosen_lines, self._findings.lines):
            lines.worked_out.connect(self.update)
            lines.rendered.connect(self.update)
        self.guiding = Guiding(document, self)
        self.steps_of_page = False  # 15 degree steps are the page's; else the view's
        self._guide_overlay = GuideOverlay()
        self.drafting = Drafting(document, hand, self.guiding, self)
        self.settler = Settler(document, hand, lambda: self.session, self)
        self.draws = Draw(self)
        self.tools: dict[str, Tool] = {kind.id: self.draws if kind is Draw else kind(self) for kind in TOOLS}
        self._tool: Tool = self.draws
        self._in_use: Tool | None = None  # the one that was pressed
        self.settler.settled.connect(self.draws.paint)
        self.settler.offer_changed.connect(self.update)
        self._notice_timer = QTimer(self, singleShot=True, interval=NOTICE_MS)
        self._notice_timer.timeout.connect(self._clear_notice)
        self._failing = QTimer(self, singleShot=True, interval=0)
        self._failing.timeout.connect(self._give_up_guides)
        self.under_tools: Callable[[QPainter, float], None] | None = None  # draws over the page, under the tools
        self._fits_later = False  # the page is to be shown whole when the pen has lifted
        self.setMouseTracking(True)
        self.setTabletTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.BlankCursor)
        self.setMinimumSize(200, 200)
        document.changed.connect(self._page_changed)
        for is_past in (document.changed, self.touched):
            is_past.connect(self._clear_notice)  # what was told is no longer so
        document.leaving.connect(self.finish_stroke)
        document.taken.connect(self.pictures.drop)
        document.changed.connect(self.pictures.follow)
        document.taken.connect(self.picture.flat.leave)
        document.opened.connect(lambda: self.show_as_seen(document.page_when_dry().seen_as))
        document.refused.connect(self.notify)
        document.selection.changed.connect(self.update)
        for is_changed in (document.checks.changed, document.checks.proposals.changed):
            is_changed.connect(self.update)
        document.checks.walked.connect(self._go_to)
        document.selection.previewed.connect(self.show_preview)
        hand.changed.connect(self.update)
        self.guiding.changed.connect(self.update)
        self.drafting.changed.connect(self.update)

    # -- the view ------------------------------------------------------------------------------

    def set_view(self, view: View) -> None:
        """While a stroke is under the pen, what is under it stays there: moved with the page, the line would jump."""
        if self.session is not None and self.draws.drawn_to is not None:
            view = self._held_under_pen(view, self.to_page(self.draws.drawn_to))
        super().set_view(view)

    def _held_under_pen(self, view: View, page_at: tuple[float, float]) -> View:
        """The view moved so that a page point is where the pen draws."""
        assert self.draws.drawn_to is not None
        x, y = self._device(self.draws.drawn_to)
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
        if self.session is not None and self.draws.drawn_to is not None:
            by = QPointF(event.pos() - event.oldPos())
            page_at = self.to_page(self.draws.drawn_to)
            self.draws.drawn_to = self.draws.drawn_to - by
            self._last_at = self.draws.drawn_to
            super().set_view(self._held_under_pen(self.view, page_at))

    def flip_here(self) -> None:
        """Flip left to right about what is under the pen, which stays there."""
        self.flip(self.pointer)

    def hide_sketches(self, hidden: bool) -> None:
        self._line_alone = hidden
        self._show_sketches()

    def show_as_out(self, as_out: bool) -> None:
        """Show the page as it will go out: no sketches, no guides."""
        self._as_out = as_out
        self._show_sketches()
        self.update()

    def _show_sketches(self) -> None:
        hidden = self._line_alone or self._as_out
        if hidden != self.picture.hides_sketches:
            self.picture.hides_sketches = hidden
            self.picture.shows_others()
            self._redraw(quick=True)

    def show_only(self, uids: set[int] | None) -> None:
        """Show only these layers, or all again."""
        self.picture.only = uids
        self.picture.shows_others()
        self._redraw(quick=True)

    @property
    def session(self) -> StrokeSession | None:
        """The stroke under the pen."""
        return self.draws.session

    @property
    def tool(self) -> Tool:
        """The tool that the next press is for."""
        return self.tools["pictures"] if self.pictures.placing is not None else self._tool

    def take_up(self, tool_id: str) -> None:
        """Take up a tool by its id; what another has on its way is laid down."""
        tool = self.tools[tool_id]
        if tool is not self._tool:
            self._tool.laid_down()
            self._clear_notice()
            self._tool = tool
            tool.taken_up()
        self.update()
        self.tool_changed.emit()

    def ink_draft(self) -> None:
        """Draw the drafted line with the pen in the hand."""
        self.touched.emit()
        self.drafting.ink(self.view.zoom)

    def show_signs(self, icons: Sequence[str]) -> None:
        """Show beside the pen what it does."""
        self.signs = tuple(icons)
        self.update()

    def set_course(self, course: str) -> None:
        """How strokes run: as the hand goes, or straight from where they begin."""
        self.draws.set_course(course)

    def notify(self, sentence: str) -> None:
        """Show a sentence beside the pen for a while."""
        self._notice = sentence
        self._notice_at = self.pointer or QPointF(self.rect().center())
        self._notice_timer.start()
        self.update()

    @property
    def notice(self) -> str:
        return self._notice

    # -- painting ------------------------------------------------------------------------------

    def draw_over(self, painter: QPainter, ratio: float) -> None:
        guiding, guides = self.guiding, self.tools["guides"]
        assert isinstance(guides, PlaceGuides)
        if not self._as_out:
            self._guide_overlay.draw(
                painter, self.view, ratio, self.size(), self.document.page.bounds, guiding.guides, guiding.lit,
                guiding.selected, placing=self._tool is guides, moving=self._is_moving or guides.is_held,
            )  # fmt: skip
        if self._guide_overlay.failed and not self._failing.isActive():
            self._failing.start()  # not while it is painted
        if self.under_tools is not None:
            self.under_tools(painter, ratio)
        self._chosen_lines.draw(
            painter, self.view, ratio, self.document.selection.lines, self._preview, self.tool.outline
        )
        self.draws.draw(painter, ratio)
        if self.tool is not self.draws:
            self.tool.draw(painter, ratio)
        self._findings.draw(painter, self.view, ratio)
        if (
            self.shows_welcome
            and self.session is None
            and self.pictures.placing is None
            and self.document.page.is_blank
        ):
            overlays.draw_welcome(painter, self.size())
        if self.pointer is not None:
            overlays.draw_rings(painter, *self.footprint(self.pointer), ratio)
            overlays.draw_signs(painter, self.pointer, self.signs)
        if self._notice:
            overlays.draw_notice(painter, self.size(), self._notice, self._notice_at)

    def _go_to(self, finding: Finding) -> None:
        """Bring a finding to the middle of the board, near enough to see it."""
        ratio = self.devicePixelRatioF()
        view = replace(self.view, zoom=max(self.view.zoom, FINDING_ZOOM * ratio))
        x, y = view.to_screen(*finding.at)
        self.set_view(view.panned(self.width() * ratio / 2 - x, self.height() * ratio / 2 - y))

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

    @property
    def pen_in_use(self) -> Pen:
        """The pen in the hand, or the eraser while the pen is held by that end."""
        return self.hand.eraser() if self._eraser_end else self.hand.pen

    @property
    def pen_radius(self) -> float:
        """How large that pen's largest mark is on the board, logical px."""
        return max(1.0, self.hand.settings_of(self.pen_in_use).size_px * self.view.zoom / self.devicePixelRatioF() / 2)

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        """Where the rings at the pen are drawn, and their radii."""
        return (at, [SMALL_RING_PX]) if self._drag_at else self.tool.footprint(at)

    def _clear_notice(self) -> None:
        if self._notice:
            self._notice = ""
            self.update()

    # -- input ---------------------------------------------------------------------------------

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = event.key()
        if not (self.tool.key(key) or (self.tool is not self.draws and self.draws.key(key))):
            super().keyPressEvent(event)

    @handled
    def enterEvent(self, event: QEnterEvent) -> None:
        self.point_at(event.position())

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
        self.point_at(None)

    def give_up_finger(self) -> None:
        if self._finger_draws:
            self._cancel()
        super().give_up_finger()

    def is_drawing(self) -> bool:
        return self.session is not None

    def start_drag(self, at: QPointF, *, turns: bool = False) -> None:
        self.pressed.emit()
        super().start_drag(at, turns=turns)

    def _press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self.setFocus()  # a press takes the keys back from whatever field had them
        self.pressed.emit()
        self.point_at(at)
        if self._in_use is not None:  # the lift never came
            self._in_use.release(self._last_at, t_ms)
        self._in_use = self.tool
        self._in_use.press(at, t_ms, pressure, has_pressure)

    def _move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> None:
        if self._in_use is not None:
            if self._in_use.move(at, t_ms, pressure, tilt_x, tilt_y):
                return
        elif self._drag_at is not None:
            self.drag(at)
        self.point_at(at)

    def _release(self, at: QPointF, t_ms: float) -> None:
        tool, self._in_use = self._in_use, None
        if tool is not None:
            tool.release(at, t_ms)
        elif self._drag_at is not None:
            self.end_drag()

    def _cancel(self) -> None:
        """What was pressed was not meant."""
        tool, self._in_use = self._in_use, None
        if tool is not None:
            tool.cancel()
            self.update()

    @property
    def pointer_name(self) -> str:
        """The name of what draws: of a pen its own."""
        pointer = self._has_page[0] if self._has_page else Pointer.MOUSE
        return self._device_name if pointer is Pointer.PEN else pointer.value

    @property
    def device_name(self) -> str:
        """The name of the pen that was near last."""
        return self._device_name

    def show_ink(self, rects: Sequence[Rect], at: QPointF | None) -> None:
        """Bring parts of the page up to date, page px, and the footprint to the pen."""
        for rect in rects[:-1]:
            self._show_patch(rect)
        self._show_patch(rects[-1] if rects else EMPTY, self._moved_pointer(at))

    def ink_is_dry(self) -> None:
        """What was under the pen is on the page, or nothing came of it."""
        if self._fits_later and self._fits and not self.document.pen_is_down:
            self.fit()
        if self.picture.drying:
            self._page_changed(self.document.page, self.document.page)

    def show_preview(self, lines: list[NDArray[np.float64]]) -> None:
        """Show where lines would run, over the page."""
        self._preview = lines
        self.update()

    def drop_stroke(self) -> None:
        """Escape: give up what is under the pen, as if it had not been begun; else a draft, or pictures on their way.
        With none of these, choose nothing and go back to drawing."""
        if self._in_use is not None:
            self._cancel()
        elif self.tool.drop():
            return
        elif self.pictures.placing is not None:
            self.pictures.drop()
        else:
            self.document.selection.choose(())
            self.done.emit()

    def point_at(self, at: QPointF | None) -> None:
        changed = self._moved_pointer(at)
        if changed is not None:
            self.update(changed)

    def _moved_pointer(self, at: QPointF | None) -> QRect | None:
        """Put the footprint elsewhere; return what of the board looks different."""
        if at is not None and not (math.isfinite(at.x()) and math.isfinite(at.y())):
            return None
        before, self.pointer = self.pointer, at
        if self.guiding.guides and (lit := self._guide_overlay.light_moved(at)) is not None:
            self.update(lit)
        old, new = at if before is None else before, before if at is None else at
        if old is None or new is None:
            return None
        reach = int(self.hand.settings.size_px * self.view.zoom / self.devicePixelRatioF() / 2) + 8
        reach = max(reach, overlays.sign_reach(len(self.signs)))
        x0, y0, x1, y1 = int(old.x()), int(old.y()), int(new.x()), int(new.y())
        left, top = (x0 if x0 < x1 else x1) - reach, (y0 if y0 < y1 else y1) - reach
        return QRect(left, top, abs(x1 - x0) + 2 * reach, abs(y1 - y0) + 2 * reach)
