"""Moving the chosen lines, or the last one: by their whole frame, by its corners, or by a mesh over it."""

from __future__ import annotations

import math
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QPointF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.geometry import Rect
from jotsk.core.geometry import frame_drag as drags
from jotsk.core.geometry.placement import Map, Matrix, Mesh, placed, through_corners
from jotsk.core.guides.choosing import holder
from jotsk.core.marks import Stroke
from jotsk.core.mend import whole
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.board.strips.move_strip import MoveStrip
from jotsk.desk.theme import current
from jotsk.desk.tools.pick import is_control_down, is_shift_down
from jotsk.desk.tools.pictures import FAR_PX, NUDGES
from jotsk.desk.tools.tool import Tool, is_enter
from jotsk.desk.widgets.polygon import draw_line

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

HANDLE_PX, GRAB_PX, STALK_PX = 5.0, 16.0, 30.0  # logical px
MOVE, SCALE, TURN, SIDE, NODE = "move", "scale", "turn", "side", "node"
WHOLE, CORNERS, MESH = "whole", "corners", "mesh"
MOST_SHOWN, SHOWN_POINTS = 400, 25_000
EDGE_STEPS = 8  # of a field of a mesh
FOLLOW_PX = 8.0  # screen px, after which the way along a guide is clear
NOTHING = tr("There is no line to move; draw one, or choose some.")
Point = tuple[float, float]


class MoveLines(Tool):
    """With the whole frame every drag is a step. Corners and the nodes of a mesh are dragged as often as one likes,
    then put down."""

    id, action = "move_lines", "mend.move"
    words = tr(
        "Drag inside to move, a corner to scale, a side to stretch or skew, the ring to turn. Ctrl leaves a copy."
    )

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.told = Told(board)
        self._what, self._part = MOVE, 0
        self._from: Point | None = None
        self._m: Matrix = np.eye(3)
        self._nodes: NDArray[np.float64] | None = None  # (rows, columns, 2) page px: corners or mesh on their way
        self._before: list[NDArray[np.float64]] = []
        self._last: tuple[Map, bool, bool] | None = None  # map, weights scaled, copies: to be done once more
        self._manner = self.manner
        board.hand.changed.connect(self._hand_changed)
        self._framed: tuple[tuple[Stroke, ...], Rect | None] = ((), None)

    def taken_up(self) -> None:
        if not self._lines:
            self.board.notify(NOTHING)
        elif self.manner == WHOLE:  # the strip says how nodes are dragged
            super().taken_up()

    def laid_down(self) -> None:
        self.put_down()

    @property
    def _lines(self) -> tuple[Stroke, ...]:
        return self.board.document.selection.at_work

    @property
    def manner(self) -> str:
        return self.board.hand.mending.frame

    def _hand_changed(self) -> None:
        """What was dragged in one manner is given up in another."""
        if self.manner != self._manner:
            self._manner = self.manner
            self.give_up()

    @property
    def is_under_way(self) -> bool:
        """Whether corners or nodes were dragged and are not put down."""
        return self._nodes is not None

    @property
    def can_repeat(self) -> bool:
        return self._last is not None

    @property
    def frame(self) -> Rect | None:
        """Around all lines at work, page px."""
        lines = self._lines
        known = self._framed[0]
        if len(known) != len(lines) or any(a is not b for a, b in zip(known, lines, strict=True)):
            area: Rect | None = None
            for line in lines:
                bounds = line.own_ribbon.bounds
                area = bounds if area is None else area | bounds
            self._framed, self._nodes, self._before = (lines, area), None, []
        return self._framed[1]

    # -- by hand -------------------------------------------------------------------------------

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._from, self._m, frame = self.on_page(at), np.eye(3), self.frame
        if frame is None:
            return
        reach = GRAB_PX * self.board.devicePixelRatioF() / self.board.view.zoom
        if self.manner != WHOLE:
            nodes = self._grid_of(frame)
            away = np.hypot(*(nodes.reshape(-1, 2) - self._from).T)
            self._part = int(away.argmin())
            self._what = NODE if away[self._part] <= reach else MOVE
            self._before.append(nodes)
            return
        self._what, self._part = self._held_at(frame, self._from, reach)

    def _held_at(self, frame: Rect, at: Point, reach: float) -> tuple[str, int]:
        """What a press takes hold of, and which side; nearest its middle a small frame is moved too."""
        middle = (frame.x0 + frame.x1) / 2, (frame.y0 + frame.y1) / 2
        reach = min(reach, math.dist(at, middle))
        sides = _sides(frame)
        nearest = min(range(4), key=lambda k: math.dist(sides[k], at))
        if math.dist(self._ring(frame), at) < reach:
            return TURN, 0
        if min(math.dist(corner, at) for corner in _corners(frame)) < reach:
            return SCALE, 0
        return (SIDE, nearest) if math.dist(sides[nearest], at) < reach else (MOVE, 0)

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        frame, to = self.frame, self.on_page(at)
        if self._from is None or frame is None or not all(map(math.isfinite, to)):
            return False
        if self.manner == WHOLE:
            self._m = self._map_of(frame, self._from, to)
        else:
            nodes = self._before[-1].copy()
            by = np.array(to) - self._from
            if self._what == NODE:
                nodes.reshape(-1, 2)[self._part] += by
            else:
                nodes += by
            self._nodes = nodes
        self._show()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        began, self._from = self._from, None
        if began is None or self.frame is None:
            return
        if self.manner == WHOLE:
            m, self._m = self._m, np.eye(3)
            self.board.show_preview([])
            self.do(m, copies=is_control_down())
        elif self._nodes is None:  # it was only pressed
            self._before.pop()
        self.told.changed.emit()

    def cancel(self) -> None:
        self._from, self._m = None, np.eye(3)
        if self._before and self.manner != WHOLE:
            self._nodes = self._before.pop() if len(self._before) > 1 else None
            self._before = self._before if self._nodes is not None else []
        self._show()

    def drop(self) -> bool:
        was_under_way = self.is_under_way
        self.give_up()
        return was_under_way

    @property
    def can_undo(self) -> bool:
        return self.is_under_way

    def undo(self) -> None:
        """The last drag of a corner or a node."""
        self._nodes = self._before.pop() if self._before else None
        if not self._before:
            self._nodes = None
        self._show()
        self.told.changed.emit()

    def key(self, key: int) -> bool:
        if is_enter(key) and self.is_under_way:
            self.put_down()
            return True
        if key not in NUDGES or not self._lines:
            return False
        dx, dy = NUDGES[key]
        step = FAR_PX if is_shift_down() else 1
        self.do(drags.moved(dx * step, dy * step))
        return True

    def _map_of(self, frame: Rect, start: Point, to: Point) -> Matrix:
        middle = (frame.x0 + frame.x1) / 2, (frame.y0 + frame.y1) / 2
        if self._what == SCALE:
            return drags.scaled(middle, start, to)
        if self._what == TURN:
            return drags.turned(middle, start, to)
        by = to[0] - start[0], to[1] - start[1]
        if self._what == SIDE:
            return drags.side_dragged(frame, self._part, by)
        if self.board.hand.mending.along_guides:
            by = self._along_guide(start, by)
        return drags.moved(*by)

    def _along_guide(self, start: Point, by: Point) -> Point:
        """As far as a guide that runs this way goes with the hand; freely where there is none."""
        zoom, far = self.board.view.zoom, math.hypot(*by)
        if far * zoom < FOLLOW_PX:
            return by
        held = holder(self.board.guiding.guides, start, (by[0] / far, by[1] / far), zoom)
        if held is None:
            return by
        rail = held.rail
        u = rail.begin(*start)
        first, last = rail.place(u), rail.place(rail.follow(start[0] + by[0], start[1] + by[1], u))
        return last[0] - first[0], last[1] - first[1]

    # -- as steps ------------------------------------------------------------------------------

    def do(self, by: Map, *, copies: bool = False) -> None:
        """Move the lines, or copies of them, as one step."""
        if not isinstance(by, Mesh) and np.array_equal(by, np.eye(3)):
            return
        document, scaled = self.board.document, self.board.hand.mending.scales_weights
        if is_shift_down() and not isinstance(by, Mesh) and not np.allclose(by[:2, :2], np.eye(2)):
            scaled = not scaled
        self._last = by, scaled, copies
        made: list[Stroke] = []

        def move(page: Page, lines: list[Stroke], uid: int) -> tuple[Page, int]:
            if not copies:
                return whole.placed(page, lines, by, scaled=scaled, uid=uid)
            page, new = whole.copied(page, lines, by, scaled=scaled, uid=uid)
            made.extend(new)
            return page, len(new)

        document.selection.mend_lines(tr("Copy the lines") if copies else tr("Move the lines"), move, NOTHING, made)
        self.told.changed.emit()

    def again(self) -> None:
        """Once more what was done last, with the lines that are at work now."""
        if self._last is None:
            self.board.notify(tr("Nothing was moved yet that could be done once more."))
            return
        by, _, copies = self._last
        self.do(by, copies=copies)

    def put_down(self) -> None:
        """Move the lines to where corners or nodes were dragged."""
        by = self._pending()
        self.give_up()
        if by is not None:
            self.do(by)

    def give_up(self) -> None:
        self._nodes, self._before = None, []
        self.board.show_preview([])
        self.told.changed.emit()

    def _pending(self) -> Map | None:
        frame = self.frame
        if self._nodes is None or frame is None:
            return None
        if self.manner == MESH:
            rows, columns = self._nodes.shape[0] - 1, self._nodes.shape[1] - 1
            return Mesh(Mesh.over(frame, rows, columns).frame, self._nodes)
        try:
            return through_corners(frame, self._nodes.reshape(4, 2)[[0, 1, 3, 2]])
        except ValueError:
            return None

    def _grid_of(self, frame: Rect) -> NDArray[np.float64]:
        """Where the nodes are now."""
        mending = self.board.hand.mending
        rows, columns = (mending.rows, mending.columns) if self.manner == MESH else (1, 1)
        if self._nodes is None or self._nodes.shape[:2] != (rows + 1, columns + 1):
            self._before = []
            return Mesh.over(frame, rows, columns).grid
        return self._nodes

    # -- what is shown -------------------------------------------------------------------------

    def _show(self) -> None:
        by: Map | None = self._m if self.manner == WHOLE else self._pending()
        if by is None or not self._lines:
            self.board.show_preview([])
            if self._nodes is not None:
                self.board.notify(tr("Corners must not be folded over; drag them apart."))
            return
        lines = [s.own_ribbon.points[:, :2] for s in self._lines[:MOST_SHOWN]]
        every = max(1, sum(map(len, lines)) // SHOWN_POINTS)
        ends = np.cumsum([len(line[::every]) for line in lines])[:-1]
        whole_lines = placed([by], np.concatenate([line[::every] for line in lines]).astype(np.float64))
        self.board.show_preview(np.split(whole_lines, ends))

    def draw(self, painter: QPainter, ratio: float) -> None:
        frame = self.frame
        if frame is None:
            return
        m = self.board.view.matrix / ratio

        def seen(places: NDArray[np.float64]) -> list[QPointF]:
            return [QPointF(*p) for p in (places @ m[:, :2].T + m[:, 2]).tolist()]

        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if self.manner == WHOLE:
            corners = seen(placed([self._m], np.array(_corners(frame), np.float64)))
            middles = seen(placed([self._m], np.array(_sides(frame), np.float64)))
            (ring,) = seen(placed([self._m], np.array([self._ring(frame)], np.float64)))
            _draw(painter, [[*corners, corners[0]], [middles[0], ring]], [*corners, ring], middles)
            return
        nodes = self._grid_of(frame)
        by = Mesh(Mesh.over(frame, nodes.shape[0] - 1, nodes.shape[1] - 1).frame, nodes)
        lines = [seen(placed([by], edge)) for edge in _edges(frame, nodes.shape[0] - 1, nodes.shape[1] - 1)]
        _draw(painter, lines, seen(nodes.reshape(-1, 2)), [])

    def _ring(self, frame: Rect) -> Point:
        stalk = STALK_PX * self.board.devicePixelRatioF() / self.board.view.zoom
        return (frame.x0 + frame.x1) / 2, frame.y0 - stalk

    def strip(self) -> HeadStrip:
        return MoveStrip(self.board, self)


class Told(QObject):
    """Says when corners or nodes were dragged, put down or given up."""

    changed = Signal()


def _draw(painter: QPainter, lines: list[list[QPointF]], rings: list[QPointF], squares: list[QPointF]) -> None:
    theme = current()
    for color, width in ((QColor(255, 255, 255, 200), 3.0), (QColor(theme.accent), 1.3)):
        painter.setPen(QPen(color, width))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for line in lines:
            draw_line(painter, line)
        painter.setBrush(QColor(theme.raised))
        for at in rings:
            painter.drawEllipse(at, HANDLE_PX, HANDLE_PX)
        for at in squares:
            painter.drawEllipse(at, HANDLE_PX - 1.5, HANDLE_PX - 1.5)
    painter.setBrush(Qt.BrushStyle.NoBrush)


def _corners(frame: Rect) -> list[Point]:
    return [(frame.x0, frame.y0), (frame.x1, frame.y0), (frame.x1, frame.y1), (frame.x0, frame.y1)]


def _sides(frame: Rect) -> list[Point]:
    """The middles of its sides, from the upper one clockwise."""
    x, y = (frame.x0 + frame.x1) / 2, (frame.y0 + frame.y1) / 2
    return [(x, frame.y0), (frame.x1, y), (x, frame.y1), (frame.x0, y)]


def _edges(frame: Rect, rows: int, columns: int) -> list[NDArray[np.float64]]:
    """The lines of a mesh over a frame, each in small steps."""
    x, y = np.linspace(frame.x0, frame.x1, columns + 1), np.linspace(frame.y0, frame.y1, rows + 1)
    fine_x = np.linspace(frame.x0, frame.x1, columns * EDGE_STEPS + 1)
    fine_y = np.linspace(frame.y0, frame.y1, rows * EDGE_STEPS + 1)
    level = [np.column_stack([fine_x, np.full(len(fine_x), at)]) for at in y]
    return level + [np.column_stack([np.full(len(fine_y), at), fine_y]) for at in x]
