"""A round hand over lines: their weight and their shape."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QPointF, Qt, QTimer
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend import brush
from jotsk.core.mend.bared import bared
from jotsk.core.words import tr
from jotsk.desk.document.latest import Latest
from jotsk.desk.theme import current
from jotsk.desk.tools.mending.swipe import Change, Places, Swipe, in_a_frame, middle_of
from jotsk.desk.widgets.polygon import polygon_of

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

BARED_MS = 80  # between two looks at what would be laid bare


class _Brush(Swipe):
    nothing = tr("No line lies there.")

    @property
    def firm(self) -> float:
        """Up to this share of its radius the hand works fully."""
        return 0.9 * (1.0 - self.board.hand.mending.softness)


class Weigh(_Brush):
    id, action = "weigh", "mend.weight"
    label = tr("Weight")

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._bared: list[Places] = []
        self._pairs: list[tuple[Stroke, Stroke]] = []
        self._look = QTimer(board, singleShot=True, interval=BARED_MS)
        self._look.timeout.connect(self._find_bared)
        self._finding = Latest("laid bare", board, brings_earlier=True)
        self._finding.came.connect(self._show_bared)

    def change_of(self, way: Places) -> Change:
        mending, along, firm = self.board.hand.mending, self._along(way), self.firm
        return lambda page: brush.weighed_along(page, along, mending.amount, how=mending.weight_way, firm=firm)

    def _along(self, way: Places) -> Places:
        """The swipe with the reach and the strength of the hand."""
        return np.column_stack([way, np.full(len(way), self.reach), self._strength[: len(way)]])

    def show(self) -> None:
        mending, along = self.board.hand.mending, self._along(np.array(self._way))
        pairs = [
            (old, brush.weighed_stroke(old, along, mending.amount, mending.weight_way, self.firm))
            for old in in_a_frame(self.touched(self.reach))
        ]
        self._pairs = [(old, new) for old, new in pairs if new is not old]
        self.board.show_preview([edge for _, new in self._pairs for edge in new.own_ribbon.edges()])
        if not self._look.isActive():
            self._look.start()

    def _find_bared(self) -> None:
        """Find what would show white beside flat colour."""
        layer = self.layer()
        if self._way and layer is not None:
            page, pairs, area = self.board.document.page, self._pairs, rect_around(np.array(self._way), self.reach)
            self._finding.ask(lambda: bared(page, layer, pairs, area))

    def _show_bared(self, found: list[Places]) -> None:
        self._bared = found
        self.board.update()

    def release(self, at: QPointF, t_ms: float) -> None:
        super().release(at, t_ms)
        self._show_no_more()

    def cancel(self) -> None:
        super().cancel()
        self._show_no_more()

    def _show_no_more(self) -> None:
        self._finding.drop()
        self._bared = []

    def draw(self, painter: QPainter, ratio: float) -> None:
        """Around what would be bare, in the colour of warnings."""
        m = self.board.view.matrix / ratio
        painter.setPen(QPen(QColor(current().warning), 2.0))
        color = QColor(current().warning)
        color.setAlpha(110)
        painter.setBrush(color)
        for outline in self._bared:
            painter.drawPolygon(polygon_of(outline, m))
        painter.setBrush(Qt.BrushStyle.NoBrush)


class Push(_Brush):
    """Begun on a line it moves the line's shape, begun beside all lines it pushes their edges."""

    id, action = "push", "mend.push"
    label = tr("Push")
    _is_beside = False

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._way = [self.on_page(at)]
        self._is_beside = brush.begins_beside(self.touched(self.reach), np.array(self._way))
        super().press(at, t_ms, pressure, has_pressure)

    def change_of(self, way: Places) -> Change:
        reach, how, firm = self.reach, self.board.hand.mending.push_way, self.firm
        return lambda page: brush.pushed_along(page, way, reach, how=how, firm=firm)

    def show(self) -> None:
        how, way = self.board.hand.mending.push_way, np.array(self._way)
        beside = how == "push" and self._is_beside
        ribbons = [
            brush.pushed_stroke(old, way, self.reach, how, beside=beside, firm=self.firm).own_ribbon
            for old in in_a_frame(self.touched(brush.swept_radius(way, self.reach)))
        ]
        if beside:
            self.board.show_preview([edge for ribbon in ribbons for edge in ribbon.edges()])
        else:
            self.board.show_preview([middle_of(ribbon) for ribbon in ribbons])
