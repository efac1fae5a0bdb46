"""Taking pieces of lines away, giving them back, parting lines, and turning crossings over."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QPointF

from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import Span
from jotsk.core.mend import grow, over_under, snip
from jotsk.core.page import InkLayer
from jotsk.core.words import tr
from jotsk.desk.tools.mending.shown_beside import ShownBeside
from jotsk.desk.tools.mending.swipe import MOST_SHOWN, Change, Places, Pointed
from jotsk.desk.tools.pick import is_shift_down

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

CUT_REACH_PX, END_REACH_PX = 12.0, 16.0  # device px


class Snip(ShownBeside, Pointed):
    id, action = "snip", "mend.snip"
    label, nothing = tr("Snip"), tr("Nothing was crossed; swipe across the piece that is to go.")

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._gone: list[Places] = []

    def change_of(self, way: Places) -> Change:
        against, keep_px = self.board.hand.mending.against, self._keeps
        return lambda page: snip.snipped(page, way, against, keep_px=keep_px)

    @property
    def _keeps(self) -> float:
        """How many px of a line stay beyond what crosses it, page px."""
        return self.board.hand.mending.keep_px if is_shift_down() else 0.0

    def forget(self) -> None:
        super().forget()
        self._gone = []

    def find(self, layer: InkLayer, way: Places, looked: int) -> Callable[[], list[Places]]:
        """What the swipe crosses from where it was looked at last."""
        page, against, keep_px = self.board.document.page, self.board.hand.mending.against, self._keeps
        new = way[max(0, looked - 1) :]
        return lambda: _pieces(snip.gone_pieces(page, layer, new, against, keep_px))

    def show_found(self, found: list[Places]) -> None:
        self._gone += found
        self.board.show_preview(self._gone[-MOST_SHOWN:])


def _pieces(found: Iterable[tuple[Stroke, list[Span]]]) -> list[Places]:
    """The middles of lines at the times that are to go."""
    lines = (
        ribbon.points[(ribbon.times >= first) & (ribbon.times <= last), :2].astype(np.float64)
        for ribbon, gone in ((stroke.own_ribbon, gone) for stroke, gone in found)
        for first, last in gone
    )
    return [line for line in lines if len(line) > 1]


class GrowBack(Pointed):
    """Takes hold of a snipped end, and leads it out again along what was drawn."""

    id, action = "grow", "mend.grow"
    label, nothing = tr("Grow back"), tr("No snipped end lies there; pull one outwards where its line went on.")
    _end: tuple[Stroke, int, bool] | None = None

    @property
    def _reach(self) -> float:
        return END_REACH_PX / self.board.view.zoom

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        layer, place = self.layer(), self.on_page(at)
        page = self.board.document.page
        self._end = grow.snipped_end(page, place, self._reach) if layer is not None else None
        super().press(at, t_ms, pressure, has_pressure)

    def change_of(self, way: Places) -> Change:
        (x, y), (to_x, to_y), reach = way[0].tolist(), way[-1].tolist(), self._reach
        return lambda page: grow.grown_back(page, (x, y), (to_x, to_y), reach)

    def show(self) -> None:
        if self._end is not None:
            stroke, number, is_last = self._end
            longer = grow.pulled_out(stroke, number, self._way[-1], is_last=is_last)
            self.board.show_preview(longer.own_ribbon.edges())


class CutInTwo(Pointed):
    id, action = "cut", "mend.cut"
    label, nothing = tr("Cut in two"), tr("There is no line to cut there.")

    def change_of(self, way: Places) -> Change:
        (x, y), reach = way[-1].tolist(), CUT_REACH_PX / self.board.view.zoom
        return lambda page: snip.cut_in_two(page, x, y, reach_px=reach)


class OverUnder(Pointed):
    """A press turns a crossing of cords over."""

    id, action = "over", "mend.over"
    label, nothing = tr("Over or under"), over_under.NOTHING

    def change_of(self, way: Places) -> Change:
        (x, y), reach = way[-1].tolist(), CUT_REACH_PX / self.board.view.zoom / 2
        return lambda page: over_under.turned(page, (x, y), reach)
