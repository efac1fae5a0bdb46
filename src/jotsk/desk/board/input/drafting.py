"""A line on its way: points are placed, moved and bent on the board, then inked with the pen in the hand."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QPointF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect, View
from jotsk.core.guides import Hold
from jotsk.core.guides.draft import Draft, hand_along, ready_shape
from jotsk.core.guides.drawing import in_sight
from jotsk.core.guides.rails import Point
from jotsk.core.guides.symmetry import copies
from jotsk.core.marks import Stroke
from jotsk.desk.board.overlays.guide_overlay import seen_area
from jotsk.desk.document.document import Document
from jotsk.desk.guides.guiding import Guiding
from jotsk.desk.pens.hand import Hand
from jotsk.desk.theme import current

GRAB_PX, POINT_PX = 14.0, 5.0  # logical px
SHOWN = 400


class Drafting(QObject):
    """The draft, if there is one. It stays after it is inked, to be inked again with another pen."""

    changed = Signal()

    def __init__(self, document: Document, hand: Hand, guiding: Guiding, parent: QObject) -> None:
        super().__init__(parent)
        self._document, self._hand, self._guiding = document, hand, guiding
        self.draft = Draft()
        self.shape: str | None = None  # a ready shape is drawn by dragging
        self._ready: Hold | None = None
        self._from: Point | None = None
        self._held: int | None = None

    @property
    def holds(self) -> list[Hold]:
        """What would be inked."""
        return [self._ready] if self._ready else self.draft.holds

    @property
    def is_empty(self) -> bool:
        return self._ready is None and not self.draft.points

    def press(self, at: Point, zoom: float) -> None:
        """Take hold of a point, bend the line where it is pressed, close it at its first point, or go on.

        `zoom` is logical px for each page px.
        """
        at, reach, draft = self._near_page(at), GRAB_PX / zoom, self.draft
        if self.shape is not None:
            self._from, self._ready, self.draft = at, None, Draft()
            return
        self._ready = None
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

    def _near_page(self, at: Point) -> Point:
        """A place, drawn in to a page's size from the page: far off, a line would take seconds to work out."""
        page = self._document.page_when_dry().bounds
        far = max(page.width, page.height)
        return min(max(at[0], page.x0 - far), page.x1 + far), min(max(at[1], page.y0 - far), page.y1 + far)

    def drag(self, at: Point) -> None:
        at = self._near_page(at)
        if self._from is not None and self.shape is not None:
            self._ready = ready_shape(self.shape, self._from, at)
            self.changed.emit()
        elif self._held is not None:
            self._set(self.draft.moved(self._held, at))

    def release(self) -> None:
        self._held = self._from = None

    def put_back(self, draft: Draft) -> None:
        """Go on with this draft; what the last press did was not meant."""
        self._ready = self._from = self._held = None
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
        self.shape, self._ready = shape, None
        self.changed.emit()

    def give_up(self) -> None:
        self.put_back(Draft())

    def ink(self, scale: float) -> bool:
        """Draw the line with the pen in the hand; its width along the line is the pen's own."""
        holds, pen = self.holds, self._hand.as_set(self._hand.pen)
        if not holds or pen.rubs or not self._document.can_draw():
            if pen.rubs:
                self._document.refused.emit("An eraser leaves no line; take up a pen that inks.")
            return False
        guidance = self._guiding.guidance(self._document.page_when_dry().active)
        maps = tuple(copies(guidance.guides)) if guidance.repeats else ()
        color = pen.own_color or self._hand.color
        size = self._hand.settings.size_px
        for hold in holds:
            self._document.add_stroke(
                Stroke(hand_along(hold), pen, size, color, 0.0, 0.0, scale, hold=hold, copies=maps)
            )  # fmt: skip
        self._hand.used_color(color)
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
        for hold in self.holds:
            lines = _polygons(hold, m, area)
            for color, width in ((QColor(255, 255, 255, 150), 3.5), (QColor(theme.guide), 1.4)):
                painter.setPen(QPen(color, width))
                for line in lines:
                    painter.drawPolyline(line)
        if self._ready is None:
            for k, point in enumerate(self.draft.points):
                x, y = m[:, :2] @ point + m[:, 2]
                painter.setPen(QPen(QColor(theme.guide), 1.6))
                painter.setBrush(QColor(theme.accent if k == self._held else theme.raised))
                painter.drawEllipse(QPointF(x, y), POINT_PX, POINT_PX)
            painter.setBrush(Qt.BrushStyle.NoBrush)

    def _set(self, draft: Draft) -> None:
        self.draft = draft
        self.changed.emit()


def _polygons(hold: Hold, m: NDArray[np.float64], area: Rect) -> list[QPolygonF]:
    """What of a hold is seen on the board, corners included."""
    assert hold.span is not None
    u = np.linspace(*hold.span, SHOWN)
    corners = hold.rail.corners
    if len(corners):
        u = np.unique(np.concatenate([u, corners[(corners > u[0]) & (corners < u[-1])]]))
    places = hold.rail.places(u)
    parts = in_sight(places[np.isfinite(places).all(axis=1)], area)
    return [QPolygonF([QPointF(x, y) for x, y in (part @ m[:, :2].T + m[:, 2]).tolist()]) for part in parts]
