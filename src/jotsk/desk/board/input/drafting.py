"""A line on its way: points are placed, moved and bent on the board, then inked with the pen in the hand."""

from __future__ import annotations

import math
from dataclasses import replace
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect, View
from jotsk.core.guides import Hold
from jotsk.core.guides.draft import ARC_BULGE, SIDES, Draft, ReadyShape, hand_along
from jotsk.core.guides.drawing import clipped, in_sight
from jotsk.core.guides.rails import Line, Point
from jotsk.core.guides.symmetry import copies
from jotsk.core.marks import Stroke
from jotsk.core.words import tr
from jotsk.desk.board.overlays.guide_overlay import seen_area
from jotsk.desk.document.document import Document
from jotsk.desk.guides.guiding import Guiding
from jotsk.desk.pens.hand import Hand
from jotsk.desk.theme import current
from jotsk.desk.widgets.polygon import SeenLine, draw_line, line_of

GRAB_PX, POINT_PX = 14.0, 5.0  # logical px
SHOWN = 400
MOST_HALOS = 40  # lines; a fan of many is seen without


class Drafting(QObject):
    """The draft, if there is one. It stays after it is inked, to be inked again with another pen."""

    changed = Signal()

    def __init__(self, document: Document, hand: Hand, guiding: Guiding, parent: QObject) -> None:
        super().__init__(parent)
        self._document, self._hand, self._guiding = document, hand, guiding
        self.draft = Draft()
        self.shape: str | None = None  # a ready shape is drawn by dragging
        self.ready: ReadyShape | None = None
        self.even, self.sides, self.bulge, self.upright = False, SIDES, ARC_BULGE, False  # of ready shapes
        self.turned_deg = 0.0  # of the view
        self.point = -1  # the number of the point that was pressed last
        self._is_inked = False  # the next press begins anew
        self._end: str | None = None  # of the ready shape, that is dragged
        self._held: int | None = None
        self._lines: tuple[object, list[list[SeenLine]]] = (None, [])  # as it was seen last

    @property
    def holds(self) -> list[Hold]:
        """What would be inked."""
        if self.ready is not None:
            return [hold] if (hold := self.ready.hold) is not None else []
        return self.draft.holds

    @property
    def is_empty(self) -> bool:
        return self.ready is None and not self.draft.points

    @property
    def can_undo(self) -> bool:
        """Whether there are points that are not inked yet."""
        return bool(self.draft.points) and not self._is_inked

    def press(self, at: Point, zoom: float) -> None:
        """Take hold of a point, bend the line where it is pressed, close it at its first point, or go on; what was
        inked is left, and another one begun. `zoom` is logical px for each page px.
        """
        at, reach = self._near_page(at), GRAB_PX / zoom
        if self.shape is not None:
            self._press_shape(at, reach)
            return
        self.ready = None
        if self._is_inked:
            self._set(replace(self.draft, points=(), closed=False, sharp=frozenset()))
        draft = self.draft
        near = draft.nearest(at, reach)
        if near == 0 and len(draft.points) > 2 and not (draft.closed or draft.fan):
            self._set(replace(draft, closed=True))
            self._held = 0
        elif near is not None:
            self._held = near
        elif not draft.fan and (bent := draft.bent_at(at, reach / 2)) is not None:
            self._set(bent[0])
            self._held = bent[1]
        elif not draft.closed:
            try:
                self._set(draft.extended(at))
            except Refused as error:
                self._document.refused.emit(str(error))
                return
            self._held = len(self.draft.points) - 1

    def _press_shape(self, at: Point, reach: float) -> None:
        """Take hold of an end of the ready shape, or begin another."""
        ready, self.draft = self.ready, Draft()
        ends = {"a": ready.a, "b": ready.b} if ready is not None and not self._is_inked else {}
        self._end = next((name for name, end in ends.items() if math.dist(end, at) <= reach), None)
        if self._end is None:
            assert self.shape is not None
            turned = self.turned_deg if self.upright else 0.0
            self.ready = ReadyShape(self.shape, at, at, self.even, self.sides, self.bulge, turned)
            self._end = "b"
        self._is_inked = False

    def change_ready(self, **values: Any) -> None:
        """Other proportions for ready shapes, and for the one that is there."""
        for name, value in values.items():
            setattr(self, name, value)
        if self.ready is not None:
            turned = self.turned_deg if self.upright else 0.0
            self.ready = replace(self.ready, even=self.even, sides=self.sides, bulge=self.bulge, turned_deg=turned)
        self.changed.emit()

    def _near_page(self, at: Point) -> Point:
        """A place, drawn in to a page's size from the page: far off, a line would take seconds to work out."""
        page = self._document.page.bounds
        far = max(page.width, page.height)
        return min(max(at[0], page.x0 - far), page.x1 + far), min(max(at[1], page.y0 - far), page.y1 + far)

    def drag(self, at: Point) -> None:
        at = self._near_page(at)
        if self._end is not None and self.ready is not None:
            self.ready = replace(self.ready, a=at) if self._end == "a" else replace(self.ready, b=at)
            self.changed.emit()
        elif self._held is not None:
            self._set(self.draft.moved(self._held, at))

    def release(self) -> None:
        if self._held is not None:
            self.point = self._held
            self.changed.emit()
        self._held = self._end = None
        if self.ready is not None and self.ready.hold is None:
            self.ready = None

    def set_corner(self, sharp: bool) -> None:
        """Make a corner of the point that was pressed last, or a smooth one again."""
        if 0 <= self.point < len(self.draft.points):
            self._set(self.draft.with_corner(self.point, sharp))

    def put_back(self, draft: Draft) -> None:
        """Go on with this draft; what the last press did was not meant."""
        self.ready = self._end = self._held = None
        self._set(draft)

    def remove_last(self) -> None:
        """Take the point away that was placed last; or open a closed line again."""
        draft = self.draft
        if draft.closed:
            self._set(replace(draft, closed=False))
        elif draft.points:
            self._set(draft.without(len(draft.points) - 1))

    def set_smooth(self, smooth: bool) -> None:
        self._set(replace(self.draft, smooth=smooth))

    def set_fan(self, fan: bool) -> None:
        self._set(replace(self.draft, fan=fan, closed=False))

    def set_closed(self, closed: bool) -> None:
        self._set(replace(self.draft, closed=closed and len(self.draft.points) > 2))

    def set_shape(self, shape: str | None) -> None:
        self.shape, self.ready = shape, None
        self.changed.emit()

    def give_up(self) -> None:
        self.put_back(Draft())

    def ink(self, scale: float) -> bool:
        """Draw the line with the pen in the hand; its width along the line is the pen's own."""
        holds, pen = self.holds, self._hand.as_set(self._hand.pen)
        if not holds or pen.rubs or not self._document.ink.can_draw():
            if pen.rubs:
                self._document.refused.emit(tr("An eraser leaves no line; take up a pen that inks."))
            return False
        guidance = self._guiding.guidance(self._document.page_as_arranged().active)
        maps = tuple(copies(guidance.guides)) if guidance.repeats else ()
        color = pen.own_color or self._hand.color
        size = self._hand.settings.size_px
        for hold in holds:
            stroke = Stroke(hand_along(hold), pen, size, color, 0.0, 0.0, scale, hold=hold, copies=maps)
            self._document.ink.dry(stroke, lambda: None, lambda: None)
        self._hand.used_color(color)
        self._is_inked = True
        self.changed.emit()
        return True

    def keep_as_curve(self) -> bool:
        """Keep the draft as a French curve among the guides."""
        draft = self.draft
        if draft.curve is None:
            return False
        self._guiding.add_curve(draft.points, closed=draft.curve.closed, smooth=draft.smooth)
        return True

    def draw(self, painter: QPainter, view: View, ratio: float, size: QSize) -> None:
        theme, m, area = current(), view.matrix / ratio, seen_area(view, ratio, size)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        pens = (QColor(255, 255, 255, 150), 3.5), (QColor(theme.guide), 1.4)
        seen_as = self.ready, self.draft, view, ratio, size
        if self._lines[0] != seen_as:  # not with every move of the pen beside it
            self._lines = seen_as, [_lines(hold, m, area) for hold in self.holds]
        for lines in self._lines[1]:
            for color, width in pens if len(self._lines[1]) <= MOST_HALOS else pens[1:]:
                painter.setPen(QPen(color, width))
                for line in lines:
                    draw_line(painter, line)
        points = [self.ready.a, self.ready.b] if self.ready is not None else list(self.draft.points)
        for k, point in enumerate([] if self._is_inked and self.ready is not None else points):
            x, y = m[:, :2] @ point + m[:, 2]
            painter.setPen(QPen(QColor(theme.guide), 1.6))
            painter.setBrush(QColor(theme.accent if k == self.point and self.ready is None else theme.raised))
            if self.ready is None and (k in self.draft.sharp or not self.draft.smooth):
                painter.drawRect(QRectF(x - POINT_PX, y - POINT_PX, 2 * POINT_PX, 2 * POINT_PX))
            else:
                painter.drawEllipse(QPointF(x, y), POINT_PX, POINT_PX)
        painter.setBrush(Qt.BrushStyle.NoBrush)

    def _set(self, draft: Draft) -> None:
        self.draft, self._is_inked = draft, False
        self.changed.emit()


def _lines(hold: Hold, m: NDArray[np.float64], area: Rect) -> list[SeenLine]:
    """What of a hold is seen on the board, corners included."""
    assert hold.span is not None
    if isinstance(hold.rail, Line):
        (a, b), seen = hold.rail.places(np.array(hold.span)).tolist(), area.grown(8)
        line = clipped((a[0], a[1]), (b[0], b[1]), seen)
        return [] if line is None else [line_of(line, m)]
    u = np.linspace(*hold.span, SHOWN)
    corners = hold.rail.corners
    if len(corners):
        u = np.unique(np.concatenate([u, corners[(corners > u[0]) & (corners < u[-1])]]))
    places = hold.rail.places(u)
    parts = in_sight(places[np.isfinite(places).all(axis=1)], area)
    return [line_of(part, m) for part in parts]
