"""What most mending tools are: a swipe is gathered, what it would do is shown, and the lift does it."""

from __future__ import annotations

import time
from collections.abc import Callable, Iterable, Iterator
from itertools import pairwise
from typing import TYPE_CHECKING, ClassVar

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF

from jotsk.core.errors import Refused
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink.ribbon import Ribbon
from jotsk.core.marks import Stroke
from jotsk.core.mend import snip
from jotsk.core.page import InkLayer, Page
from jotsk.desk.tools.tool import Tool

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

Places = NDArray[np.float64]  # (N, 2) page px
Change = Callable[[Page], tuple[Page, int]]  # the page after a swipe, and how many lines changed
MOST_SHOWN = 200  # lines
SHOWN_S = 0.03  # and what working them out may take of each movement
MOST_POINTS = 30_000  # of a line, whose change takes about as long


class Swipe(Tool):
    """`label` of its step; what it found nothing for is told with `nothing`."""

    label: ClassVar[str]
    nothing: ClassVar[str]

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._way: list[tuple[float, float]] = []
        self._strength: list[float] = []  # by the pressure of the pen, 0..1

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._has_pressure = has_pressure
        self._way, self._strength = [self.on_page(at)], [pressure if has_pressure else 1.0]
        self.show()

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        place = self.on_page(at)
        if np.isfinite(place).all():
            self._way.append(place)
            self._strength.append(pressure if self._has_pressure else 1.0)
            self.show()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        way, self._way = np.array(self._way), []
        self.board.show_preview([])
        if len(way) and np.isfinite(way).all():
            self.board.document.mend(self.label, self.change_of(way), self.nothing)

    def cancel(self) -> None:
        self._way = []
        self.board.show_preview([])

    @property
    def reach(self) -> float:
        """How far the hand reaches, page px."""
        return self.board.hand.mending.reach_px

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return at, [self.reach * self.board.view.zoom / self.board.devicePixelRatioF()]

    def change_of(self, way: Places) -> Change:
        """What a swipe along (N, 2) does, with what the tool is set to now. It is asked for when the pen lifts, and
        done when the page is free: perhaps in the next swipe."""
        raise NotImplementedError

    def show(self) -> None:
        """Show where lines would run."""

    def layer(self) -> InkLayer | None:
        """The active one, if its lines can be mended; none while one dries, which a preview does not wait for."""
        if self.board.document.is_drying:
            return None
        try:
            return snip.ink_layer(self.board.document.page)
        except Refused:
            return None

    def touched(self, reach: float) -> list[Stroke]:
        """The lines of the active layer near the swipe."""
        layer = self.layer()
        if layer is None:
            return []
        return snip.strokes_near(layer, rect_around(np.array(self._way), reach))[:MOST_SHOWN]


def in_a_frame(strokes: Iterable[Stroke]) -> Iterator[Stroke]:
    """As many of the lines as can be shown while the hand goes on; the lift changes all of them."""
    end = time.perf_counter() + SHOWN_S
    for stroke in strokes:
        if len(stroke.own_ribbon.points) > MOST_POINTS:
            continue
        yield stroke
        if time.perf_counter() > end:
            return


class Pointed(Swipe):
    """One whose hand is a point."""

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        return Tool.footprint(self, at)


def middle_of(ribbon: Ribbon) -> Places:
    return ribbon.points[:, :2].astype(np.float64)


def dense(way: Places, step: float) -> Places:
    """The swipe with places close enough to tell what lies beside it."""
    parts = [way[:1]]
    for a, b in pairwise(way):
        count = max(1, int(np.ceil(np.hypot(*(b - a)) / max(1e-6, step))))
        parts.append(a + (b - a) * np.linspace(1 / count, 1, count)[:, None])
    return np.concatenate(parts)
