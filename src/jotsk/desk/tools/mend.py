"""The mending tools: each gathers a swipe, and changes the lines of the active layer when the pen lifts."""

from __future__ import annotations

from functools import partial
from itertools import pairwise
from typing import TYPE_CHECKING, ClassVar

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF

from jotsk.core.errors import Refused
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Stroke
from jotsk.core.mend import brush, join, snip, splice
from jotsk.core.page import Page
from jotsk.desk.tools.pick import is_shift_down
from jotsk.desk.tools.tool import Tool

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

Places = NDArray[np.float64]  # (N, 2) page px
MOST_SHOWN = 200  # lines
CUT_REACH_PX = 12.0  # device px


class _Swipe(Tool):
    """`label` of its step; what it found nothing for is told with `nothing`."""

    label: ClassVar[str]
    nothing: ClassVar[str]

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._way: list[tuple[float, float]] = []

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._way = [self.on_page(at)]
        self._show()

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        self._way.append(self.on_page(at))
        self._show()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        way, self._way = np.array(self._way), []
        self.board.show_preview([])
        if len(way) and np.isfinite(way).all():
            self.board.document.mend(self.label, lambda page: self.mended(page, way), self.nothing)

    def cancel(self) -> None:
        self._way = []
        self.board.show_preview([])

    @property
    def reach(self) -> float:
        """How far the hand reaches, page px."""
        return self.board.hand.mending.reach_px

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return at, [self.reach * self.board.view.zoom / self.board.devicePixelRatioF()]

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        raise NotImplementedError

    def _show(self) -> None:
        """Show where lines would run."""

    def _touched(self, reach: float) -> list[Stroke]:
        """The lines of the active layer near the swipe."""
        try:
            layer = snip.ink_layer(self.board.document.page_when_dry())
        except Refused:
            return []
        area = rect_around(np.array(self._way), reach)
        return snip.strokes_near(layer, area)[:MOST_SHOWN]


class Snip(_Swipe):
    id, action = "snip", "mend.snip"
    label, nothing = "Snip", "Nothing was crossed; swipe across the piece that is to go."

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._gone: list[Places] = []

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        return snip.snipped(page, way, self.board.hand.mending.against, keep_px=self._keeps)

    @property
    def _keeps(self) -> float:
        """How many px of a line stay beyond what crosses it, page px."""
        return self.board.hand.mending.keep_px if is_shift_down() else 0.0

    def _show(self) -> None:
        """What will go: that of the swipe's last step, and what was found before."""
        page, step = self.board.document.page_when_dry(), np.array(self._way[-2:])
        try:
            found = snip.gone_pieces(page, snip.ink_layer(page), step, self.board.hand.mending.against, self._keeps)
        except Refused:
            return
        for stroke, gone in found if len(step) > 1 else ():
            for first, last in gone:
                ribbon = stroke.own_ribbon
                line = ribbon.points[(ribbon.times >= first) & (ribbon.times <= last), :2].astype(np.float64)
                if len(line) > 1:
                    self._gone.append(line)
        self.board.show_preview(self._gone[-MOST_SHOWN:])

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._gone = []
        super().press(at, t_ms, pressure, has_pressure)

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return Tool.footprint(self, at)


class CutInTwo(_Swipe):
    id, action = "cut", "mend.cut"
    label, nothing = "Cut in two", "There is no line to cut there."

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        x, y = way[-1].tolist()
        return snip.cut_in_two(page, x, y, reach_px=CUT_REACH_PX / self.board.view.zoom)

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return Tool.footprint(self, at)


class JoinEnds(_Swipe):
    id, action = "join", "mend.join"
    label, nothing = "Join", "There are no two ends near enough; swipe over the gap, or let the hand reach farther."

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        return join.joined(page, self.reach, near=_dense(way, self.reach / 2))


class Splice(_Swipe):
    id, action = "splice", "mend.splice"
    label, nothing = "Splice", "A splice takes two lines or more; swipe along the tries that are to become one."

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        strokes = self._passed(page, way)
        return splice.spliced(page, strokes) if len(strokes) > 1 else (page, 0)

    def _passed(self, page: Page, way: Places) -> list[Stroke]:
        """The lines that the hand passed over."""
        near = _dense(way, self.reach / 4)
        found = snip.strokes_near(snip.ink_layer(page), rect_around(way, self.reach))
        return [s for s in found if any(s.gap_to(x, y) <= self.reach / 2 for x, y in near.tolist())]

    def _show(self) -> None:
        page, way = self.board.document.page_when_dry(), np.array(self._way)
        try:
            passed = self._passed(page, way)
        except Refused:
            return
        self.board.show_preview([s.own_ribbon.points[:, :2].astype(np.float64) for s in passed[:MOST_SHOWN]])


class Weigh(_Swipe):
    id, action = "weigh", "mend.weight"
    label, nothing = "Weight", "No line lies there."

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        by = self.board.hand.mending.amount
        return brush.weighed_along(page, np.column_stack([way, np.full(len(way), self.reach)]), by)


class Push(_Swipe):
    id, action = "push", "mend.push"
    label, nothing = "Push", "No line lies there."

    def mended(self, page: Page, way: Places) -> tuple[Page, int]:
        return brush.changed(page, self._near(page, way), partial(brush.pushed_stroke, way=way, radius_px=self.reach))

    def _near(self, page: Page, way: Places) -> list[Stroke]:
        area = rect_around(way, self.reach)
        return snip.strokes_near(snip.ink_layer(page), area)

    def _show(self) -> None:
        way = np.array(self._way)
        pushed = (brush.pushed_stroke(stroke, way, self.reach) for stroke in self._touched(self.reach))
        self.board.show_preview([s.own_ribbon.points[:, :2].astype(np.float64) for s in pushed])


def _dense(way: Places, step: float) -> Places:
    """The swipe with places close enough to tell what lies beside it."""
    parts = [way[:1]]
    for a, b in pairwise(way):
        count = max(1, int(np.ceil(np.hypot(*(b - a)) / max(1e-6, step))))
        parts.append(a + (b - a) * np.linspace(1 / count, 1, count)[:, None])
    return np.concatenate(parts)
