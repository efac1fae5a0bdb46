"""Moving the chosen lines, or the last one: inside their frame to move, by a corner to scale, by the ring to turn."""

from __future__ import annotations

import math
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from jotsk.core.geometry import Rect
from jotsk.core.geometry.placement import Matrix, projected
from jotsk.core.geometry.view import soft_stopped
from jotsk.core.marks import Stroke
from jotsk.core.mend import whole
from jotsk.desk.theme import current
from jotsk.desk.tools.pick import is_shift_down
from jotsk.desk.tools.pictures import FAR_PX, NUDGES
from jotsk.desk.tools.tool import Tool

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

HANDLE_PX, GRAB_PX, STALK_PX = 5.0, 16.0, 30.0  # logical px
MOVE, SCALE, TURN = "move", "scale", "turn"
MOST_SHOWN = 400
Point = tuple[float, float]


class MoveLines(Tool):
    id, action = "move_lines", "mend.move"
    words = "Drag inside the frame to move, a corner to scale, the ring to turn; arrows nudge. With Shift weights stay."

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._what = MOVE
        self._from: Point | None = None
        self._m: Matrix = np.eye(3)
        self._before: tuple[tuple[Stroke, ...], Rect | None] = ((), None)

    def taken_up(self) -> None:
        super().taken_up()
        if not self._lines:
            self.board.notify("There is no line to move; draw one, or choose some.")

    @property
    def _lines(self) -> tuple[Stroke, ...]:
        return self.board.document.selection.at_work

    @property
    def frame(self) -> Rect | None:
        """Around all lines at work, page px."""
        lines = self._lines
        if self._before[0] != lines:
            area: Rect | None = None
            for line in lines:
                bounds = line.own_ribbon.bounds
                area = bounds if area is None else area | bounds
            self._before = lines, area
        return self._before[1]

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._from, self._m, frame = self.on_page(at), np.eye(3), self.frame
        if frame is not None:
            reach = GRAB_PX * self.board.devicePixelRatioF() / self.board.view.zoom
            if math.dist(self._ring(frame), self._from) <= reach:
                self._what = TURN
            elif min(math.dist(corner, self._from) for corner in _corners(frame)) <= reach:
                self._what = SCALE
            else:
                self._what = MOVE

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        frame, to = self.frame, self.on_page(at)
        if self._from is not None and frame is not None and all(map(math.isfinite, to)):
            self._m = _map_of(self._what, frame, self._from, to)
            shown = (
                projected(self._m, s.own_ribbon.points[:, :2].astype(np.float64)) for s in self._lines[:MOST_SHOWN]
            )
            self.board.show_preview(list(shown))
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        self._from = None
        self.board.show_preview([])
        self._place(self._m)

    def cancel(self) -> None:
        self._from, self._m = None, np.eye(3)
        self.board.show_preview([])

    def key(self, key: int) -> bool:
        if key not in NUDGES or not self._lines:
            return False
        dx, dy = NUDGES[key]
        step = FAR_PX if is_shift_down() else 1
        self._place(np.array([[1.0, 0.0, dx * step], [0.0, 1.0, dy * step], [0.0, 0.0, 1.0]]), scaled=True)
        return True

    def _place(self, m: Matrix, *, scaled: bool | None = None) -> None:
        document, lines = self.board.document, self._lines
        if not lines or np.array_equal(m, np.eye(3)):
            return
        uid = document.selection.uid if document.selection.lines else document.last_line.uid
        keeps = not is_shift_down() if scaled is None else scaled
        document.mend("Move the line", lambda page: whole.placed(page, lines, m, scaled=keeps, uid=uid), "")

    def draw(self, painter: QPainter, ratio: float) -> None:
        frame = self.frame
        if frame is None:
            return
        m, theme = self.board.view.matrix / ratio, current()

        def seen(place: Point) -> QPointF:
            x, y = projected(self._m, np.array([place], np.float64))[0]
            return QPointF(*(m[:, :2] @ (x, y) + m[:, 2]))

        corners, ring = [seen(corner) for corner in _corners(frame)], seen(self._ring(frame))
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for color, width in ((QColor(255, 255, 255, 200), 3.0), (QColor(theme.accent), 1.3)):
            painter.setPen(QPen(color, width))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPolygon(QPolygonF(corners))
            painter.drawLine((corners[0] + corners[1]) / 2, ring)
            painter.setBrush(QColor(theme.raised))
            for corner in (*corners, ring):
                painter.drawEllipse(corner, HANDLE_PX, HANDLE_PX)
        painter.setBrush(Qt.BrushStyle.NoBrush)

    def _ring(self, frame: Rect) -> Point:
        stalk = STALK_PX * self.board.devicePixelRatioF() / self.board.view.zoom
        return (frame.x0 + frame.x1) / 2, frame.y0 - stalk


def _corners(frame: Rect) -> list[Point]:
    return [(frame.x0, frame.y0), (frame.x1, frame.y0), (frame.x1, frame.y1), (frame.x0, frame.y1)]


def _map_of(what: str, frame: Rect, start: Point, to: Point) -> NDArray[np.float64]:
    """What a drag from one place to another makes of what is in the frame."""
    middle = (frame.x0 + frame.x1) / 2, (frame.y0 + frame.y1) / 2
    a, b = (start[0] - middle[0], start[1] - middle[1]), (to[0] - middle[0], to[1] - middle[1])
    if what == MOVE:
        linear, by = np.eye(2), np.array([to[0] - start[0], to[1] - start[1]])
        return np.block([[linear, by[:, None]], [np.zeros((1, 2)), np.ones((1, 1))]])
    if what == SCALE:
        linear = np.eye(2) * max(0.02, math.hypot(*b) / max(1e-6, math.hypot(*a)))
    else:
        angle = soft_stopped(math.remainder(math.atan2(b[1], b[0]) - math.atan2(a[1], a[0]), math.tau))
        c, s = math.cos(angle), math.sin(angle)
        linear = np.array([[c, -s], [s, c]])
    by = np.array(middle) - linear @ middle
    return np.block([[linear, by[:, None]], [np.zeros((1, 2)), np.ones((1, 1))]])
