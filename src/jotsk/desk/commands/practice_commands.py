"""Practice: its sheets, and turning the page for the next line."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import TYPE_CHECKING

import cv2
import numpy as np
from PySide6.QtCore import QObject

from jotsk.core.check import practice
from jotsk.core.geometry import Rect
from jotsk.core.page import flattened, rgba
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.board.overlays.kept_picture import KeptPicture
from jotsk.desk.board.overlays.sheet_overlay import draw_sheet
from jotsk.desk.board.strips.practice_strip import PracticeStrip
from jotsk.desk.commands.page_commands import PageCommands
from jotsk.desk.document.document import Document
from jotsk.desk.document.practice import Practice
from jotsk.desk.inout.settings import Settings
from jotsk.desk.theme import current
from jotsk.desk.widgets.modal import deleted_after

if TYPE_CHECKING:
    from PySide6.QtGui import QPainter

AT_WORK = "practice/at_work"
EDGE_PX, CLEAR_EDGE = 90, 0.35  # page px around the pen that a sketch's edge is looked for in; how clear it is, 0..1
SHORTEST_PX = 12.0  # of a stroke that shows a direction, screen px


class PracticeCommands(QObject):
    def __init__(
        self, document: Document, board: Board, pages: PageCommands, practice: Practice, settings: Settings,
        tell: Callable[[str], None],
    ) -> None:  # fmt: skip
        super().__init__(board)
        self._document, self._board, self._pages, self._tell = document, board, pages, tell
        self.practice, self._settings = practice, settings
        self._drawn: KeptPicture | None = None  # the lines of the sheet, until something of them changes
        self._before: float | None = None  # the angle of the view before it was turned for a line
        practice.at_work = bool(settings.get(AT_WORK, False))
        practice.told.connect(board.notify)
        practice.changed.connect(self._changed)
        board.under_tools = self._draw
        document.opened.connect(self._page_taken)

    def _changed(self) -> None:
        self._drawn = None
        self._board.update()

    def strip(self) -> PracticeStrip:
        return PracticeStrip(
            self._board, self.practice, following=self.next_sheet, again=self.once_more_without_steadiness, how=self.ask
        )

    def _draw(self, painter: QPainter, ratio: float) -> None:
        if self.practice.sheet is None:
            return
        results = self.practice.results
        worst = [result.figures.worst for _, result in results[-1:]]
        done = [result.task for _, result in results]
        sheet, view, size = self.practice.sheet, self._board.view, self._board.size()
        what = ratio, size.width(), size.height(), current()
        if self._drawn is None or not self._drawn.shows(what, view, size, moving=self._board.is_moving):
            self._drawn = KeptPicture.of(
                what, view, ratio, size, lambda over, whole, _: draw_sheet(over, whole, ratio, sheet, done, worst)
            )
        self._drawn.draw(painter, view)

    def ask(self) -> None:
        """Choose a sheet, or look at how the hand does."""
        from jotsk.desk.dialogs.practice_sheet import PracticeSheet  # loaded when it is opened first

        with deleted_after(PracticeSheet(self.practice, self._board)) as sheet:
            accepted = sheet.exec()
            self._settings.set(AT_WORK, self.practice.at_work)
            if not accepted:
                return
            if sheet.steadiness is not None:
                self._board.hand.set_steady_after(sheet.steadiness)
                self._tell(
                    tr(
                        "The pen in the hand now steadies its lines by {steadiness} after the lift.",
                        steadiness=sheet.steadiness,
                    )
                )
                return
            self.practice.plan = list(sheet.plan)
        self.next_sheet()

    def next_sheet(self) -> None:
        if self.practice.plan:
            kind, size = self.practice.plan.pop(0)
            self._pages.open_sheet(kind, size)
            self._board.fit()

    def once_more_without_steadiness(self) -> None:
        """The same sheet again; the hand draws without steadiness until another page is taken."""
        sheet = self.practice.sheet
        if sheet is None:
            return
        first, page = self.practice.first_pass(), self._document.page
        self._pages.open_sheet(sheet.kind, sheet.size)
        self._board.fit()
        if self._document.page is not page:  # not kept back by unsaved work
            self.practice.begin_second_pass(first)
            self._set_bare(True)
            self._tell(tr("Until this sheet is left, lines come as the hand draws them, whatever the pen is set to."))

    def _page_taken(self) -> None:
        self._set_bare(False)

    def _set_bare(self, is_bare: bool) -> None:
        hand = self._board.hand
        if hand.is_bare != is_bare:
            hand.is_bare = is_bare
            hand.changed.emit()

    # -- turning ---------------------------------------------------------------------------------

    def turn_for_line(self) -> None:
        """Turn the page so that the next line lies in the hand's best direction; the second time turn it back."""
        board = self._board
        if self._before is not None:
            board.turn_by(self._before - board.view.angle_rad, board.pointer)
            self._before = None
            return
        best = practice.advice.steadiest(self.practice.entries())
        if best is None:
            self._tell(
                tr("Draw a practice sheet of parallel lines first: then it is known which direction suits the hand.")
            )
            return
        line, what = self._next_line()
        if line is None:
            self._tell(tr("Show a direction first: by a guide, over an edge of the sketch, or with a short stroke."))
            return
        before = board.view.angle_rad
        by = practice.advice.turn_for(self.screen_angle(line), best, 0.0)
        board.turn_by(math.radians(-by), board.pointer)
        self._before = before
        self._tell(tr("Turned for {what}; the same key turns it back.", what=what))

    def screen_angle(self, page_deg: float) -> float:
        """The angle on the screen, degrees, of a direction of the page; both from the right, against the clock."""
        return screen_angle(self._board, page_deg)

    def _next_line(self) -> tuple[float | None, str]:
        """The direction on the page that the next line is likely to have, and what tells it."""
        guiding = self._board.guiding
        guide = guiding.guide(guiding.selected) if guiding.selected is not None else None
        if guide is not None and guide.on and guide.direction_deg is not None:
            return guide.direction_deg, tr("the guide")
        if (edge := self._edge_under_pen()) is not None:
            return edge, tr("the edge of the sketch under the pen")
        stroke = self._document.last_line.stroke
        if stroke is not None:
            chord = stroke.trace.xy[-1] - stroke.trace.xy[0]
            if float(np.hypot(*chord)) * self._board.view.zoom >= SHORTEST_PX:
                return math.degrees(math.atan2(-chord[1], chord[0])) % 360, tr("the direction of the last stroke")
        return None, ""

    def _edge_under_pen(self) -> float | None:
        """The direction of what the sketch shows around the pen, by its structure tensor (Bigun and Granlund 1987)."""
        board, page = self._board, self._document.page
        if board.pointer is None or not any(layer.is_sketch and layer.visible for layer in page.layers):
            return None
        x, y = (int(v) for v in board.to_page(board.pointer))
        area = Rect(x - EDGE_PX, y - EDGE_PX, x + EDGE_PX, y + EDGE_PX) & page.bounds
        if not area:
            return None
        pixels = rgba(flattened(page, area, transparent=True, shows=lambda layer: layer.visible and layer.is_sketch))
        ink = cv2.GaussianBlur(pixels[..., 3].astype(np.float32), (0, 0), 2.0)
        gx, gy = cv2.Sobel(ink, cv2.CV_32F, 1, 0), cv2.Sobel(ink, cv2.CV_32F, 0, 1)
        xx, yy, xy = float((gx * gx).sum()), float((gy * gy).sum()), float((gx * gy).sum())
        if xx + yy < 1.0 or math.hypot(xx - yy, 2 * xy) / (xx + yy) < CLEAR_EDGE:
            return None
        across = 0.5 * math.atan2(2 * xy, xx - yy)
        return math.degrees(-(across + math.pi / 2)) % 180


def screen_angle(board: Board, page_deg: float) -> float:
    turn = math.radians(page_deg)
    (ax, ay), (bx, by) = (board.view.to_screen(x, y) for x, y in ((0.0, 0.0), (math.cos(turn), -math.sin(turn))))
    return math.degrees(math.atan2(-(by - ay), bx - ax)) % 360
