"""Guides over the page: rust hairlines with a light edge, so that they show on white, sketch and black ink."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from contextlib import contextmanager

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPolygonF

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import rect_around
from jotsk.core.guides import Guide
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.rails import Point
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import log_once

REACH_PX = 110.0  # screen px from the middle of a guide to the handle that turns it
HANDLE_PX, GRAB_PX = 6.0, 16.0
EDGE_PX = 12.0  # a handle out of sight waits so far inside the edge of the board
OFF_SHARE = 0.35
DASH_DOT = [10.0, 4.0, 1.5, 4.0]  # in widths of the line, as axes on a technical drawing


class GuideOverlay:
    """Draws the guides, and keeps the picture while nothing of it changes."""

    def __init__(self) -> None:
        self._kept: tuple[object, QImage] | None = None
        self.failed: set[int] = set()  # the guides that could not be drawn last time, by their places

    def draw(
        self, painter: QPainter, view: View, ratio: float, size: QSize, guides: Sequence[Guide | None],
        lit: int | None, in_hand: int | None, *, moving: bool,
    ) -> None:  # fmt: skip
        """`in_hand` shows its handles. While the view is `moving` nothing is kept."""
        self.failed = set()
        if not any(g is not None and g.shown for g in guides):
            return
        if moving:
            self._draw_all(painter, view, ratio, size, guides, lit, in_hand)
            return
        what = (view, ratio, size.width(), size.height(), tuple(guides), lit, in_hand, current())
        if self._kept is None or self._kept[0] != what:
            image = QImage(size * ratio, QImage.Format.Format_ARGB32_Premultiplied)
            image.setDevicePixelRatio(ratio)
            image.fill(Qt.GlobalColor.transparent)
            over = QPainter(image)
            try:
                self._draw_all(over, view, ratio, size, guides, lit, in_hand)
            finally:
                over.end()
            self._kept = what, image
        painter.drawImage(QPointF(0, 0), self._kept[1])

    def _draw_all(
        self, painter: QPainter, view: View, ratio: float, size: QSize, guides: Sequence[Guide | None],
        lit: int | None, in_hand: int | None,
    ) -> None:  # fmt: skip
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        area = seen_area(view, ratio, size)
        for index, guide in enumerate(guides):
            if guide is not None and guide.shown:
                with self._given_up(index, guide):
                    _draw_lines(painter, view, ratio, guide, area, is_lit=index == lit)
        chosen = guides[in_hand] if in_hand is not None and in_hand < len(guides) else None
        if in_hand is not None and chosen is not None and not chosen.locked:
            with self._given_up(in_hand, chosen):
                _draw_handles(painter, chosen, handle_places(chosen, view, ratio, size))

    @contextmanager
    def _given_up(self, index: int, guide: Guide) -> Iterator[None]:
        """A guide that cannot be drawn is noted, and the others are drawn all the same."""
        try:
            yield
        except Exception as error:
            log_once(f"guide {guide.kind}", error)
            self.failed.add(index)


def seen_area(view: View, ratio: float, size: QSize) -> Rect:
    """The part of the page, and of what lies around it, that the board shows; page px."""
    w, h = size.width() * ratio, size.height() * ratio
    return rect_around(np.array([view.to_page(x, y) for x in (0, w) for y in (0, h)]))


def handle_places(guide: Guide, view: View, ratio: float, size: QSize) -> dict[str, QPointF]:
    """Where the handles are on the board; one that is out of sight waits at the edge, towards where it is."""
    reach = REACH_PX * ratio / view.zoom
    return {name: _inside(_at(place, view, ratio), size) for name, place in guide.handles(reach).items()}


def draw_shape(painter: QPainter, shape: Guide, view: View, ratio: float, size: QSize) -> None:
    """A settled shape and its handles."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    _draw_lines(painter, view, ratio, shape, seen_area(view, ratio, size), is_lit=False)
    _draw_handles(painter, shape, handle_places(shape, view, ratio, size))


def _draw_lines(painter: QPainter, view: View, ratio: float, guide: Guide, area: Rect, *, is_lit: bool) -> None:
    theme, m = current(), view.matrix / ratio
    color = QColor(guide.color or theme.guide)
    if is_lit:
        color = QColor(theme.accent)
    painter.setOpacity(1.0 if is_lit else guide.opacity if guide.on else OFF_SHARE * guide.opacity)
    width = guide.thickness + (1.0 if is_lit else 0.0)
    shapes = [_polygon(line, m) for line in lines_of(guide, area)]
    for ink, thick in ((QColor(255, 255, 255, 110), width + 2.0), (color, width)):
        pen = QPen(ink, thick)
        if guide.repeats:
            pen.setDashPattern([share * width / thick for share in DASH_DOT])
        elif not guide.on:
            pen.setStyle(Qt.PenStyle.DotLine)
        painter.setPen(pen)
        for shape in shapes:
            painter.drawPolyline(shape)
    painter.setOpacity(1.0)


def _draw_handles(painter: QPainter, guide: Guide, places: dict[str, QPointF]) -> None:
    theme = current()
    middle = places.get("at")
    for color, width in ((QColor("#FFFFFF"), 3.5), (QColor(guide.color or theme.guide), 1.6)):
        painter.setPen(QPen(color, width))
        for name, at in places.items():
            if middle is not None and name != "at":
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawLine(middle, at)
        for at in places.values():
            painter.setBrush(QColor(theme.raised))
            painter.drawEllipse(at, HANDLE_PX, HANDLE_PX)
    painter.setBrush(Qt.BrushStyle.NoBrush)


def _polygon(line: NDArray[np.float64], m: NDArray[np.float64]) -> QPolygonF:
    return QPolygonF([QPointF(x, y) for x, y in (line @ m[:, :2].T + m[:, 2]).tolist()])


def _at(place: Point, view: View, ratio: float) -> QPointF:
    x, y = view.to_screen(*place)
    return QPointF(x / ratio, y / ratio)


def _inside(at: QPointF, size: QSize) -> QPointF:
    x, y = size.width() / 2, size.height() / 2
    dx, dy = at.x() - x, at.y() - y
    share = max(abs(dx) / max(1.0, x - EDGE_PX), abs(dy) / max(1.0, y - EDGE_PX), 1.0)
    return QPointF(x + dx / share, y + dy / share)
