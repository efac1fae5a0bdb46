"""An area by hand: drawn in one of several shapes, added to and taken from, until it is what one wants to fill."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen

from jotsk.core.errors import Refused
from jotsk.core.fill import by_hand
from jotsk.core.fill.filling import filled_runs
from jotsk.core.fill.patterns import pattern_of
from jotsk.core.marks import Stroke
from jotsk.core.marks.runs import Runs, bounds_of
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.board.strips.held_strip import HeldStrip
from jotsk.desk.theme import current
from jotsk.desk.tools.pick import is_alt_down, is_shift_down
from jotsk.desk.tools.tool import Tool, is_enter
from jotsk.desk.widgets.polygon import polygon_of

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

NEAR_PX, CORNER_PX, DASH_PX = 8.0, 3.5, 5.0  # logical px
SHADE = 46  # of 255, so that what is held is seen on black and on white
BY_CORNERS = ("corners", "curve")
Place = tuple[float, float]


class ByHand(Tool):
    """Shift adds what is drawn, Alt takes it away, both keep what lies in both."""

    id, action = "by_hand", "fill.by_hand"

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.held = board.document.held_area
        self.held.changed.connect(board.update)
        self._places: list[Place] = []
        self._is_down = False

    def laid_down(self) -> None:
        self._places = []
        self.held.drop()

    @property
    def _shape(self) -> str:
        return self.board.hand.filling.outline

    @property
    def _way(self) -> str:
        shift, alt = is_shift_down(), is_alt_down()
        if shift and alt:
            return "overlap"
        return "add" if shift else "take" if alt else self.board.hand.filling.way

    # -- drawing its outline ---------------------------------------------------------------------

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        place = self.on_page(at)
        self._is_down = True
        if self._shape not in BY_CORNERS:
            self._places = [place]
        elif len(self._places) > 2 and math.dist(place, self._places[0]) * self.board.view.zoom <= NEAR_PX:
            self._close()
        else:
            self._places.append(place)
        self.board.update()

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        place = self.on_page(at)
        if self._is_down and self._places and np.isfinite(place).all():
            if self._shape == "free":
                self._places.append(place)
            elif self._shape in BY_CORNERS:
                self._places[-1] = place
            else:
                self._places[1:] = [place]
            self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        if self._is_down and self._places and self._shape not in BY_CORNERS:
            self._close()
        self._is_down = False

    def cancel(self) -> None:
        self._places, self._is_down = [], False
        self.board.update()

    def _close(self) -> None:
        places, self._places, self._is_down = self._places, [], False
        shape, way, tolerance = self._shape, self._way, self.board.hand.filling.tolerance
        if shape == "color":
            self._hold(way, lambda page: by_hand.of_color(page, places[0], tolerance))
        elif np.ptp(np.array(places), axis=0).max() * self.board.view.zoom >= NEAR_PX:
            self._hold(way, lambda page: by_hand.inside_of(shape, places, page.bounds))
        else:
            self.held.drop()  # a press beside it
        self.board.update()

    def _hold(self, way: str, find: Callable[[Page], Runs]) -> None:
        self.held.hold(lambda page, before: by_hand.combined(before, find(page), way))

    # -- from what is there, and what is done with it: the strip ---------------------------------

    def under_lines(self) -> None:
        """The area beneath the chosen lines."""
        lines: list[Stroke] = list(self.board.document.selection.lines)
        self._hold(self._way, lambda page: by_hand.under(lines, page.bounds))

    def around_drawing(self) -> None:
        gap = self.board.hand.filling.gap_px
        self._hold(self._way, lambda page: by_hand.around_drawing(page, gap))

    def invert(self) -> None:
        self.held.hold(lambda page, before: by_hand.inverted(before, page.bounds))

    def resize(self, times: int) -> None:
        """Larger by the step that is set, or smaller."""
        by = times * self.board.hand.filling.step_px
        self.held.hold(lambda page, before: by_hand.resized(before, by, page.bounds))

    def fill(self) -> None:
        hand, runs = self.board.hand, self.held.runs
        how, inks = hand.filling, hand.inks
        hand.used_color(hand.color)
        self._do(tr("Fill the area"), lambda page: filled_runs(page, runs, how, inks, how.soften_px))

    def clear(self) -> None:
        runs, soften = self.held.runs, self.board.hand.filling.soften_px
        self._do(tr("Rub out the area"), lambda page: by_hand.cleared(page, runs, soften))

    def copy(self) -> None:
        runs, soften = self.held.runs, self.board.hand.filling.soften_px
        self._do(tr("Copy the area"), lambda page: by_hand.copied(page, runs, soften))

    def show_only(self) -> None:
        """Show the active layer only inside it: a live effect."""
        outline = by_hand.one_outline(self.held.runs)
        self.board.document.layers.show_inside([(x, y) for x, y in outline.tolist()], self.board.hand.filling.soften_px)

    def make_pattern(self) -> None:
        """What the page shows in it is what areas are filled with from now on."""
        board = self.board
        try:
            pattern = pattern_of(board.document.page_when_dry(), bounds_of(self.held.runs))
        except Refused as error:
            board.document.refused.emit(str(error))
            return
        board.hand.set_filling(kind="pattern", pattern=pattern)
        self.held.drop()
        board.notify(tr("Areas are filled with this pattern now."))

    def _do(self, label: str, change: Callable[[Page], Page]) -> None:
        if self.board.document.ink.can_draw() or label.startswith("Copy"):
            self.board.document.edit_slowly(label, lambda page, _: change(page), of_lines=True, in_turn=True)

    # -- keys ------------------------------------------------------------------------------------

    @property
    def can_undo(self) -> bool:
        return bool(self._places) or self.held.can_undo

    def undo(self) -> None:
        if self._places:
            self._places.pop()
            self.board.update()
        else:
            self.held.undo()

    def drop(self) -> bool:
        had = bool(self._places) or self.held.is_there
        self._places = []
        self.held.drop()
        return had

    def key(self, key: int) -> bool:
        if is_enter(key) and len(self._places) > 2:
            self._close()
        elif is_enter(key) and self.held.is_there:
            self.fill()
        else:
            return False
        return True

    # -- what is shown ---------------------------------------------------------------------------

    def draw(self, painter: QPainter, ratio: float) -> None:
        m, theme = self.board.view.matrix / ratio, current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)

        path = QPainterPath()
        for loop in self.held.loops:
            path.addPolygon(polygon_of(loop, m))
            path.closeSubpath()
        shade = QColor(theme.accent)
        shade.setAlpha(SHADE)
        painter.fillPath(path, shade)
        if len(self._places) > 1:
            path.addPolygon(polygon_of(by_hand.outline_of_shape(self._shape, self._places), m))
        for color, offset in ((theme.accent, 0.0), ("#FFFFFF", DASH_PX)):
            pen = QPen(QColor(color), 1.4)
            pen.setDashPattern([DASH_PX, DASH_PX])
            pen.setDashOffset(offset)
            painter.strokePath(path, pen)
        if self._shape in BY_CORNERS and self._places:
            painter.setPen(QPen(QColor(theme.accent), 1.4))
            painter.setBrush(QColor("#FFFFFF"))
            for place in self._places:
                painter.drawEllipse(QPointF(*(m[:, :2] @ place + m[:, 2])), CORNER_PX, CORNER_PX)
            painter.setBrush(Qt.BrushStyle.NoBrush)

    def strip(self) -> HeadStrip:
        return HeldStrip(self.board, self)
