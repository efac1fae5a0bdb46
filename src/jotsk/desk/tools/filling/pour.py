"""Pouring into areas, and making one of several."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import QObject, QPointF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.errors import Refused
from jotsk.core.fill.filling import filled_at
from jotsk.core.fill.flats import joined, seeds_along, seeds_inside
from jotsk.core.fill.pour import Leak, Leaks, area_at
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.marks import Area, Stroke
from jotsk.core.marks.area import Pour as Rule
from jotsk.core.mend.join import End, bridge, ends_of, straight_bridge
from jotsk.core.mend.snip import shown_ink, strokes_near
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.board.strips.leak_strip import LeakStrip
from jotsk.desk.theme import current
from jotsk.desk.tools.tool import Tool
from jotsk.desk.widgets.polygon import draw_line, line_of

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

NEAR_PX, RING_PX = 8.0, 12.0  # logical px
LOOP_SHARE = 0.25  # of its size: a drag that ends so near its beginning is a loop
WIDER_PX = 2.0  # than a gap, that is closed for one pour
Place = tuple[float, float]


class Pour(Tool):
    """A press fills the area there, a drag all areas it passes, a loop all areas in it; for a gradient, and for
    hatching that follows a line, the drag is that line."""

    id, action = "pour", "fill.pour"
    label = tr("Fill")

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.told = LeakTold(board)
        self.leak: Leak | None = None
        self._at: Place = (0.0, 0.0)  # where it would run out
        self._way: list[Place] = []
        board.document.changed.connect(self._page_changed)

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._forget()
        self._way = [self.on_page(at)]

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        place = self.on_page(at)
        if self._way and np.isfinite(place).all():
            self._way.append(place)
            self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        way, self._way = self._way, []
        if not way:
            return
        far = np.ptp(np.array(way), axis=0).max() * self.board.view.zoom
        filling = self.board.hand.filling
        if far < NEAR_PX or filling.is_led:
            line = way if filling.follows else [way[0], way[-1]]
            self.fill(way[0], line=line if far >= NEAR_PX else None)
        else:
            places = np.array(way)
            is_loop = np.hypot(*(places[-1] - places[0])) < LOOP_SHARE * np.ptp(places, axis=0).max()
            if is_loop:
                self._fill_areas(places[0], lambda page, rule: seeds_inside(page, places, rule))
            else:
                self._fill_areas(places[0], lambda page, rule: seeds_along(page, places, rule))
        self.board.update()

    def cancel(self) -> None:
        self._way = []

    def drop(self) -> bool:
        had_leak = self.leak is not None
        self._forget()
        return had_leak

    @property
    def _seen(self) -> Rect:
        """What of the page is seen."""
        board, ratio = self.board, self.board.devicePixelRatioF()
        w, h = board.width() * ratio, board.height() * ratio
        corners = np.array([board.view.to_page(x, y) for x in (0, w) for y in (0, h)])
        return rect_around(corners) & board.document.page.bounds

    def fill(
        self, at: Place, *, line: list[Place] | None = None, may_leak: bool = False, gap_px: float | None = None
    ) -> None:
        """Fill the area around a place; where it would run out, show how."""
        hand, seen = self.board.hand, self._seen
        how, inks = hand.filling, hand.inks

        def fill(page: Page, _: object) -> Page:
            return filled_at(page, at, how, inks, line=line, seen=seen, may_leak=may_leak, gap_px=gap_px)

        self._forget()
        self._edit(self.label, fill, at)

    def _fill_areas(self, first: np.ndarray, find: Callable[[Page, Rule], list[Place]]) -> None:
        """Every area that one of the places found lies in."""
        hand, seen = self.board.hand, self._seen
        how, inks = hand.filling, hand.inks
        at = float(first[0]), float(first[1])

        def fill(page: Page, _: object) -> Page:
            done: list[Area] = []
            why: Refused | None = None
            for x, y in find(page, how.rule(at, page.active_uid)):
                if any(area.gap_to(x, y) <= 0 for area in done):
                    continue
                try:
                    page = filled_at(page, (x, y), how, inks, seen=seen)
                except Refused as error:
                    why = why or error
                    continue
                if (there := area_at(page, x, y)) is not None:
                    done.append(there[1])
            if not done:
                raise why or Refused(tr("No closed area lies in there."))
            return page

        self._edit(tr("Fill areas"), fill, at)

    def _edit(self, label: str, change: Callable[[Page, object], Page], at: Place) -> None:
        failed = partial(self._failed, at)
        self.board.document.edit_slowly(label, change, of_lines=True, failed=failed, in_turn=True)

    def _failed(self, at: Place, error: Exception) -> bool:
        """A leak is shown instead of told."""
        if isinstance(error, Leaks) and error.leak is not None:
            self.leak, self._at = error.leak, at
            self.told.changed.emit()
            self.board.update()
            return True
        return False

    def _page_changed(self) -> None:
        if self.leak is not None:
            self._forget()

    def _forget(self) -> None:
        had_leak, self.leak = self.leak is not None, None
        if had_leak:
            self.told.changed.emit()
            self.board.update()

    # -- what can be done about a leak -----------------------------------------------------------

    def join_lines(self) -> None:
        """Bridge the gap it would run out through, and fill."""
        leak, at = self.leak, self._at
        if leak is None:
            return
        hand, seen = self.board.hand, self._seen
        how, inks = hand.filling, hand.inks

        def close(page: Page, _: object) -> Page:
            return filled_at(with_gap_bridged(page, leak), at, how, inks, seen=seen)

        self._forget()
        self._edit(tr("Join and fill"), close, at)

    def close_for_now(self) -> None:
        if self.leak is not None:
            self.fill(self._at, gap_px=self.leak.width_px + WIDER_PX)

    def fill_all(self) -> None:
        self.fill(self._at, may_leak=True)

    # -- what is shown ---------------------------------------------------------------------------

    def draw(self, painter: QPainter, ratio: float) -> None:
        m, theme = self.board.view.matrix / ratio, current()

        def seen(place: Place) -> QPointF:
            return QPointF(*(m[:, :2] @ place + m[:, 2]))

        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if len(self._way) > 1:
            painter.setPen(QPen(QColor(theme.accent), 1.6, Qt.PenStyle.DashLine))
            draw_line(painter, line_of(self._way, m))
        if self.leak is None:
            return
        way = line_of(self.leak.way, m)
        for color, width in ((QColor(255, 255, 255, 200), 4.0), (QColor(theme.guide), 2.0)):
            painter.setPen(QPen(color, width))
            draw_line(painter, way)
            painter.drawEllipse(seen(self.leak.at), RING_PX, RING_PX)

    def strip(self) -> HeadStrip:
        return LeakStrip(self.board, self)


class LeakTold(QObject):
    """Says when a leak was found, or is shown no longer."""

    changed = Signal()


def with_gap_bridged(page: Page, leak: Leak) -> Page:
    """The page with a stroke across the gap of a leak, of the line that ends nearest to it."""
    area = rect_around(np.array(leak.sides), leak.width_px + 4.0)
    best: tuple[float, int, End] | None = None
    for layer in shown_ink(page):
        for end in (end for stroke in strokes_near(layer, area) for end in ends_of(stroke)):
            away = min(float(np.hypot(*(end.at - side))) - end.radius for side in leak.sides)
            if best is None or away < best[0]:
                best = away, layer.uid, end
    if best is None:
        raise Refused(tr("There is no line to join there; close the gap by hand."))
    _, uid, end = best
    others = [
        other for layer in shown_ink(page) for stroke in strokes_near(layer, area) for other in ends_of(stroke)
        if not (other.stroke is end.stroke and other.is_last == end.is_last)
    ]  # fmt: skip
    reach = leak.width_px + 3 * end.radius + 4.0
    near = sorted(
        (o for o in others if np.hypot(*(o.tip - end.tip)) <= reach), key=lambda o: np.hypot(*(o.tip - end.tip))
    )
    made: Stroke | None = next((b for o in near if (b := bridge(end, o)) is not None), None)
    if made is None:
        far = max(leak.sides, key=lambda side: float(np.hypot(*(end.at - side))))
        made = straight_bridge(end, np.array(far, np.float64))
    return with_inserted(page, uid, None, [made])


class JoinAreas(Tool):
    """A swipe makes one area of all it passes."""

    id, action = "join_areas", "fill.join"

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._way: list[Place] = []

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        self._way = [self.on_page(at)]

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        place = self.on_page(at)
        if self._way and np.isfinite(place).all():
            self._way.append(place)
            self.board.update()
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        way, self._way = np.array(self._way), []
        if len(way):
            self.board.document.mend(
                tr("Join areas"), lambda page: _joined(page, way), tr("Swipe over two areas or more.")
            )

    def cancel(self) -> None:
        self._way = []

    def draw(self, painter: QPainter, ratio: float) -> None:
        m = self.board.view.matrix / ratio
        painter.setPen(QPen(QColor(current().accent), 1.6, Qt.PenStyle.DashLine))
        draw_line(painter, line_of(self._way, m))


def _joined(page: Page, way: np.ndarray) -> tuple[Page, int]:
    length = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(way, axis=0).T))])
    at = np.arange(0.0, length[-1] + 3.0, 3.0)
    found: dict[int, tuple[int, Area]] = {}
    for x, y in zip(*(np.interp(at, length, way[:, k]).tolist() for k in (0, 1)), strict=True):
        if (there := area_at(page, x, y)) is not None:
            found.setdefault(there[1].uid, there)
    return joined(page, list(found.values()))
