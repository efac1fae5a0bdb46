"""What the pen takes hold of on the board, other than the ink of a stroke: every way has its own."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, Qt
from PySide6.QtWidgets import QApplication

from jotsk.core.page import color_at
from jotsk.core.page.stack import inside
from jotsk.desk.board.guide_handles import GuideHandles
from jotsk.desk.board.lasso import choose_by, crop_by, cropped_area
from jotsk.desk.board.placing import Placing
from jotsk.desk.board.shifting import Shifting
from jotsk.desk.board.ways import Way

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board


@dataclass(frozen=True, slots=True)
class Held:
    """What becomes of it with every move of the pen and when the pen lifts, both at a place of the board; and if it was
    not meant, when all is as it was before the press."""

    drag: Callable[[QPointF], None] = lambda at: None
    let_go: Callable[[QPointF], None] = lambda at: None
    give_up: Callable[[], None] = lambda: None


class Holding:
    """At most one thing is held."""

    def __init__(self, board: Board) -> None:
        self._board = board
        self._handles = GuideHandles(board.guiding)
        self._held: Held | None = None
        self._at = QPointF()
        self._loop: list[QPointF] = []  # a line on its way around something
        self._takes = {
            Way.CHOOSE: self._go_round,
            Way.CROP: self._go_round,
            Way.DRAFT: self._draft,
            Way.EDGES: self._edge,
            Way.GUIDE: self._guide,
            Way.PICK: self._color,
            Way.SHIFT: self._layers,
        }

    @property
    def is_held(self) -> bool:
        return self._held is not None

    @property
    def is_guide(self) -> bool:
        return self._handles.is_held

    @property
    def outline(self) -> list[QPointF]:
        """On the board: what goes around something, or the page as it would be cropped."""
        board = self._board
        if board.way is not Way.CROP or not self._loop:
            return self._loop
        area, ratio = cropped_area(board.document, self._on_page(self._loop)), board.devicePixelRatioF()
        corners = ((area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1))
        return [QPointF(*board.view.to_screen(x, y)) / ratio for x, y in corners]

    def take(self, at: QPointF) -> bool:
        """Take hold of what is pressed at a place of the board; False where ink begins."""
        if self._held is not None:  # the lift never came
            self.let_go(self._at)
        board, self._at = self._board, at
        if board.placing is not None:
            self._held = self._picture(board.placing, at)
        elif board.way in self._takes:
            self._held = self._takes[board.way](at)
        elif board.way is not Way.DRAW:
            self._held = self._view(at, board.way)
        elif board.settler.take_handle(at, board.view, board.devicePixelRatioF(), board.size()):
            self._held = self._settled_shape()
        else:
            return False
        return True

    def drag(self, at: QPointF) -> None:
        self._at = at
        if self._held is not None:
            self._held.drag(at)

    def let_go(self, at: QPointF) -> None:
        held, self._held = self._held, None
        if held is not None:
            held.let_go(at)

    def give_up(self) -> None:
        """It was not meant."""
        held, self._held = self._held, None
        if held is not None:
            held.give_up()

    # -- what each way takes hold of -----------------------------------------------------------

    def _view(self, at: QPointF, way: Way = Way.MOVE) -> Held:
        board = self._board
        board.start_drag(at, way)
        return Held(board.drag, lambda at: board.end_drag(), board.end_drag)

    def _picture(self, placing: Placing, at: QPointF) -> Held:
        board, before = self._board, list(placing.placements)
        if not placing.press(*board.to_page(at), board.view.zoom / board.devicePixelRatioF()):
            return self._view(at)

        def drag(at: QPointF) -> None:
            placing.drag(*board.to_page(at))
            board.update()

        def give_up() -> None:
            placing.release()
            placing.placements[:] = before
            board.update()

        board.update()
        return Held(drag, lambda at: placing.release(), give_up)

    def _layers(self, at: QPointF) -> Held:
        board = self._board
        page = board.document.page
        shifting = Shifting(page, inside(page.layers, board.document.chosen_layers), board.to_page(at))

        def let_go(at: QPointF) -> None:
            board.show_preview([])
            board.document.shift_layers(*shifting.by(board.to_page(at)))

        def drag(at: QPointF) -> None:
            board.show_preview(shifting.lines_at(board.to_page(at)))

        return Held(drag, let_go, lambda: board.show_preview([]))

    def _color(self, at: QPointF) -> Held:
        """Take the colour the page has here, or with Shift the active layer alone."""
        board = self._board
        page = board.document.page
        x, y = (math.floor(v) for v in board.to_page(at))
        color = color_at(page, x, y, page.active_uid if _is_shift_down() else None)
        if color is not None:
            board.hand.set_color(color)
        return Held()

    def _draft(self, at: QPointF) -> Held:
        board, drafting = self._board, self._board.drafting
        before = drafting.draft
        drafting.press(board.to_page(at), board.view.zoom / board.devicePixelRatioF())
        return Held(
            lambda at: drafting.drag(board.to_page(at)),
            lambda at: drafting.release(),
            lambda: drafting.put_back(before),
        )

    def _edge(self, at: QPointF) -> Held:
        board, edges = self._board, self._board.edges

        def drag(at: QPointF) -> None:
            edges.drag(board.to_page(at))
            board.update()

        def let_go(at: QPointF) -> None:
            edges.release()
            board.update()

        edges.press(board.to_page(at))
        return Held(drag, let_go, edges.give_up)

    def _guide(self, at: QPointF) -> Held:
        board, handles = self._board, self._handles
        if not handles.take(at, board.view, board.devicePixelRatioF(), board.size()):
            return self._view(at)

        def drag(at: QPointF) -> None:
            handles.drag(board.to_page(at), board.view, board.devicePixelRatioF())

        def let_go(at: QPointF) -> None:
            handles.let_go()
            board.update()

        return Held(drag, let_go, handles.give_up)

    def _settled_shape(self) -> Held:
        board = self._board

        def drag(at: QPointF, *, finished: bool = False) -> None:
            ratio = board.devicePixelRatioF()
            board.settler.drag_handle(board.to_page(at), board.view, ratio, finished=finished)
            board.update()

        return Held(drag, lambda at: drag(at, finished=True))

    def _go_round(self, at: QPointF) -> Held:
        """Choose what a line goes around, or crop the page to it."""
        board, way = self._board, self._board.way
        self._loop = [at]

        def drag(at: QPointF) -> None:
            self._loop.append(at)
            board.update()

        def give_up() -> None:
            self._loop = []

        def let_go(at: QPointF) -> None:
            places = self._on_page(self._loop)
            give_up()
            if way is not Way.CROP:
                choose_by(board.document, places, board.view.zoom, more=_is_shift_down())
            elif crop_by(board.document, places, board.view.zoom):
                board.done.emit()
            board.update()

        return Held(drag, let_go, give_up)

    def _on_page(self, points: list[QPointF]) -> NDArray[np.float64]:
        return np.array([self._board.to_page(at) for at in points])


def _is_shift_down() -> bool:
    return bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ShiftModifier)
