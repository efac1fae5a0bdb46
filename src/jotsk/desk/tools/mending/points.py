"""Points: a line led by as few of them as it needs."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.marks import Stroke
from jotsk.core.mend import points as shaping
from jotsk.core.mend import whole
from jotsk.core.mend.brush import changed
from jotsk.core.mend.points import Point
from jotsk.core.page import Page
from jotsk.core.page.edits.selection import stroke_at
from jotsk.core.words import tr
from jotsk.desk.theme import current
from jotsk.desk.tools.pick import is_alt_down, is_shift_down
from jotsk.desk.tools.tool import Tool, is_enter
from jotsk.desk.widgets.at_pause import AtPause

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

HANDLE_PX, GRAB_PX, WEIGHT_PX = 4.5, 12.0, 10.0  # logical px
FIGURES_MS = 80
REACH_PX = 10.0  # device px, within which a press finds a line
Place = tuple[float, float]
Change = Callable[[Stroke], Stroke]


class Points(Tool):
    """Drag a point to move it, the bars beside the chosen one to change its weight; press the line to add one. With
    Shift a press makes a corner or smooths it, with Alt it takes a point away."""

    id, action = "points", "mend.points"
    words = tr(
        "Drag points; press the line for another, with Alt to take one away, with Shift for a corner; bars are weight."
    )

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.told = PointsTold(board)
        self._times: list[float] = []
        self._sharp: set[int] = set()  # points at corners, by their place among the times
        self._of: tuple[int, float] = (0, 0.0)  # the line they belong to, and the tolerance
        self._soon = AtPause(self.told.changed.emit, lambda: board.tool is not self, FIGURES_MS, board)
        board.hand.changed.connect(self._ask)
        board.document.selection.changed.connect(self._ask)
        self.at = -1  # the chosen point
        self._drags_weight = False
        self._from: Place | None = None
        self._change: Change | None = None

    def taken_up(self) -> None:
        super().taken_up()
        self.told.changed.emit()
        if self.line is None:
            self.board.notify(tr("Press a line to see its points."))

    def _ask(self) -> None:
        if self.board.tool is self:
            self._soon.ask()

    @property
    def line(self) -> Stroke | None:
        """The line whose points are shown."""
        lines = self.board.document.selection.at_work
        return lines[-1] if lines else None

    @property
    def tolerance_px(self) -> float:
        """Page px."""
        return self.board.hand.mending.tolerance_px / self.board.view.zoom

    @property
    def points(self) -> list[Point]:
        """Of the line, where they are now."""
        line = self.line
        if line is None or not len(line.own_ribbon.points):
            return []
        of = line.uid, self.board.hand.mending.tolerance_px
        if of != self._of:
            self._of, self._sharp, self.at = of, set(), -1
            self._times = [point.t for point in shaping.points_of(line, self.tolerance_px)]
        return [shaping.point_at(line, t) for t in self._times]

    @property
    def figures(self) -> str:
        """How many points there are, and how far the line moves if it runs smoothly through them."""
        line, points = self.line, self.points
        if line is None or not points:
            return tr("no line")
        moves = shaping.led_by(line, points) * self.board.view.zoom
        return tr("{count} points, moves {moves:.1f} px", count=len(points), moves=moves)

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        place, zoom = self.on_page(at), self.board.view.zoom
        reach = GRAB_PX * self.board.devicePixelRatioF() / zoom
        self._from, self._change, self._drags_weight = place, None, False
        points = self.points
        if 0 <= self.at < len(points) and min(math.dist(bar, place) for bar in self._bars(points)) <= reach:
            self._drags_weight = True
            return
        near = min(range(len(points)), key=lambda k: math.dist(points[k][1:3], place), default=-1)
        if near >= 0 and math.dist(points[near][1:3], place) <= reach:
            self.at = near
            if is_alt_down():
                self._remove(near)
            elif is_shift_down():
                self._turn_corner(near)
            self.board.update()
            return
        line = self.line
        if line is not None and line.gap_to(*place) <= REACH_PX / zoom:
            self._add(shaping.nearest(line, place))
            return
        self._from, self.at = None, -1
        selection = self.board.document.selection
        near_lines = (stroke_at(layer, *place, REACH_PX / zoom) for layer in reversed(selection.layers()))
        found = next((stroke for stroke in near_lines if stroke is not None), None)
        selection.choose([found] if found is not None else [])
        self.told.changed.emit()

    def _add(self, point: Point) -> None:
        self._times = sorted({*self._times, point.t})
        self.at = self._times.index(point.t)
        self._sharp = {k + (k >= self.at) for k in self._sharp}
        self.told.changed.emit()
        self.board.update()

    def _remove(self, index: int) -> None:
        points = self.points
        self._from = None
        if not 0 < index < len(points) - 1:
            self.board.notify(tr("The ends of a line stay; snip it to make it shorter."))
            return
        self._do(tr("Take a point away"), lambda stroke: shaping.without_point(stroke, points, index))
        del self._times[index]
        self._sharp = {k - (k > index) for k in self._sharp if k != index}
        self.at = -1

    def _turn_corner(self, index: int) -> None:
        points = self.points
        self._from = None
        if index in self._sharp:
            self._sharp.discard(index)
            self._do(tr("Smooth the point"), lambda stroke: shaping.smoothed_at(stroke, points, index))
        else:
            self._sharp.add(index)
            self._do(tr("Corner at the point"), lambda stroke: shaping.sharpened_at(stroke, points, index))

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        line, points, to = self.line, self.points, self.on_page(at)
        if self._from is None or line is None or not 0 <= self.at < len(points) or not all(map(math.isfinite, to)):
            return False
        index, point = self.at, points[self.at]
        if self._drags_weight:
            by = max(0.1, math.dist(to, point[1:3]) - self._bar_gap) / max(0.1, point.radius)
            self._change = lambda stroke: shaping.with_point_weighed(stroke, points, index, by)
        else:
            end = point.x + to[0] - self._from[0], point.y + to[1] - self._from[1]
            sharp = index in self._sharp
            self._change = lambda stroke: shaping.with_point_moved(stroke, points, index, end, sharp=sharp)
        self.board.show_preview(self._change(line).own_ribbon.edges())
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        change, self._change, self._from = self._change, None, None
        self.board.show_preview([])
        if change is not None:
            self._do(tr("Weight of the point") if self._drags_weight else tr("Move the point"), change)

    def cancel(self) -> None:
        self._change = self._from = None
        self.board.show_preview([])

    def key(self, key: int) -> bool:
        if is_enter(key):
            self.simplify()
            return True
        return False

    def simplify(self) -> None:
        """Have the line run smoothly through its points."""
        tolerance = self.tolerance_px

        def simplify(page: Page, lines: list[Stroke], uid: int) -> tuple[Page, int]:
            return whole.simplified(page, lines, tolerance, uid)

        self.board.document.selection.mend_lines(
            tr("Simplify the line"), simplify, tr("The line has too few points for that.")
        )
        self._of = 0, 0.0

    def _do(self, label: str, change: Change) -> None:
        line = self.line

        def mend(page: Page, lines: list[Stroke], uid: int) -> tuple[Page, int]:
            return changed(page, [each for each in lines if each.uid == line.uid], change, uid)

        self.board.document.selection.mend_lines(label, mend, tr("That changes nothing."))
        self.told.changed.emit()

    @property
    def _bar_gap(self) -> float:
        """From the edge of the line to the bars of its weight, page px."""
        return WEIGHT_PX * self.board.devicePixelRatioF() / self.board.view.zoom

    def _bars(self, points: list[Point]) -> list[Place]:
        """Where the weight of the chosen point is taken hold of: beside the line, on both sides."""
        line, point = self.line, points[self.at]
        if line is None:
            return []
        ribbon, step = line.own_ribbon, 1e-3 + 0.004 * (line.times[1] - line.times[0])
        ends = [
            np.array([np.interp(t, ribbon.times, ribbon.points[:, k]) for k in (0, 1)])
            for t in (point.t - step, point.t + step)
        ]
        along = ends[1] - ends[0]
        along /= max(1e-9, float(np.hypot(*along)))
        out = (point.radius + self._bar_gap) * np.array([-along[1], along[0]])
        return [(point.x + float(out[0]), point.y + float(out[1])), (point.x - float(out[0]), point.y - float(out[1]))]

    def draw(self, painter: QPainter, ratio: float) -> None:
        points = self.points
        theme, m = current(), self.board.view.matrix / ratio

        def seen(place: Place) -> QPointF:
            return QPointF(*(m[:, :2] @ place + m[:, 2]))

        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for color, width in ((QColor(255, 255, 255, 210), 3.0), (QColor(theme.accent), 1.3)):
            painter.setPen(QPen(color, width))
            for k, point in enumerate(points):
                at = seen(point[1:3])
                painter.setBrush(QColor(theme.accent if k == self.at else theme.raised))
                if k in self._sharp:
                    painter.drawRect(QRectF(at.x() - HANDLE_PX, at.y() - HANDLE_PX, 2 * HANDLE_PX, 2 * HANDLE_PX))
                else:
                    painter.drawEllipse(at, HANDLE_PX, HANDLE_PX)
            if 0 <= self.at < len(points):
                a, b = (seen(bar) for bar in self._bars(points))
                side = QPointF(b.y() - a.y(), a.x() - b.x())
                side *= 6.0 / max(1e-9, math.hypot(side.x(), side.y()))
                for bar in (a, b):
                    painter.drawLine(bar - side, bar + side)
        painter.setBrush(Qt.BrushStyle.NoBrush)


class PointsTold(QObject):
    """Says when other points are shown."""

    changed = Signal()
