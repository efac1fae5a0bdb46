"""Guides over the page: a dark hairline in a light one, or the other way round, to show on white, sketch and black."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from contextlib import contextmanager

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRect, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QRadialGradient

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import rect_around
from jotsk.core.guides import Guide
from jotsk.core.guides.drawing import in_sight, lines_of
from jotsk.core.guides.rails import Point
from jotsk.desk.board.overlays.kept_picture import KeptPicture
from jotsk.desk.theme import current
from jotsk.desk.theme.palette import luminance
from jotsk.desk.widgets.faults import log_once
from jotsk.desk.widgets.polygon import draw_line, line_of

REACH_PX = 110.0  # screen px from the middle of a guide to the handle that turns it
HANDLE_PX, GRAB_PX = 6.0, 16.0
EDGE_PX = 12.0  # a handle out of sight waits so far inside the edge of the board
OFF_SHARE = 0.35
EDGE_ALPHA, LIGHT_COLOR = 200, 0.22  # of the light hairline beside a dark line, or the dark one beside a light line
WHISPER = 0.2  # of full strength, away from the pen
LIGHT_PX = 200.0  # how far around the pen they are at full strength
LIGHT_STEP_PX = 24.0  # the pen's way until that follows
MOST_WHISPERED, LEAST_APART_PX = 8, 40.0  # lines of a guide, and screen px between them, while one draws
DASH_DOT = [10.0, 4.0, 1.5, 4.0]  # in widths of the line, as axes on a technical drawing


class GuideOverlay:
    """Draws the guides, and keeps the picture while nothing of it changes.

    They whisper: while one draws, only around the pen they are seen at full strength, elsewhere at a fifth of it, and
    dense ones with fewer lines. What is looked at is the drawing.
    """

    def __init__(self) -> None:
        self._kept: KeptPicture | None = None
        self._light: tuple[object, QImage] | None = None
        self.failed: set[int] = set()  # the guides that could not be drawn last time, by their places
        self._lit_at: QPointF | None = None

    def light_moved(self, at: QPointF | None) -> QRect | None:
        """Follow the pen, a good step at a time; return what of the board looks different, if anything does."""
        before = self._lit_at
        if at is None or (before is not None and QLineF(before, at).length() < LIGHT_STEP_PX):
            return None
        self._lit_at = at
        side = 2 * LIGHT_PX
        places = [at] if before is None else [before, at]
        rects = [
            QRect(int(p.x() - LIGHT_PX) - 1, int(p.y() - LIGHT_PX) - 1, int(side) + 3, int(side) + 3) for p in places
        ]
        return rects[0].united(rects[-1])

    def draw(
        self, painter: QPainter, view: View, ratio: float, size: QSize, page: Rect, guides: Sequence[Guide | None],
        lit: int | None, in_hand: int | None, *, placing: bool, moving: bool,
    ) -> None:  # fmt: skip
        """While they are `placing`, all show their handles, that `in_hand` also its name. While the view is `moving`
        their picture moves with it, as far as it reaches."""
        if not any(g is not None and g.shown for g in guides):
            self.failed = set()
            return
        if moving and placing:
            self._draw_all(painter, view, ratio, size, page, guides, lit, in_hand, placing=True)
            return
        what = (ratio, size.width(), size.height(), page, tuple(guides), lit, in_hand, placing, current())
        if self._kept is None or not self._kept.shows(what, view, size, moving=moving):
            self._kept = KeptPicture.of(
                what, view, ratio, size,
                lambda over, whole, around: self._draw_all(
                    over, whole, ratio, around, page, guides, lit, in_hand, placing=placing
                ),
                beyond=not placing,
            )  # fmt: skip
        kept = self._kept
        if placing:
            painter.drawImage(QPointF(0, 0), kept.image)
            return
        painter.setOpacity(WHISPER)
        kept.draw(painter, view)
        painter.setOpacity(1.0)
        if self._lit_at is not None:
            painter.drawImage(self._lit_at - QPointF(LIGHT_PX, LIGHT_PX), self._lit_part(kept, view, self._lit_at))

    def _lit_part(self, kept: KeptPicture, view: View, at: QPointF) -> QImage:
        """What is seen around the pen, fading outwards."""
        what = kept, view, at
        if self._light is not None and self._light[0] == what:
            return self._light[1]
        side = int(2 * LIGHT_PX)
        part = QImage(QSize(side, side) * kept.image.devicePixelRatio(), QImage.Format.Format_ARGB32_Premultiplied)
        part.setDevicePixelRatio(kept.image.devicePixelRatio())
        part.fill(Qt.GlobalColor.transparent)
        fade = QRadialGradient(QPointF(LIGHT_PX, LIGHT_PX), LIGHT_PX)
        for share, alpha in ((0.0, 1.0), (0.6, 1.0), (1.0, 0.0)):
            fade.setColorAt(share, QColor.fromRgbF(0, 0, 0, alpha))
        over = QPainter(part)
        try:
            over.translate(QPointF(LIGHT_PX, LIGHT_PX) - at)
            kept.draw(over, view)
            over.resetTransform()
            over.setCompositionMode(QPainter.CompositionMode.CompositionMode_DestinationIn)
            over.fillRect(QRectF(0, 0, side, side), fade)
        finally:
            over.end()
        self._light = what, part
        return part

    def _draw_all(
        self, painter: QPainter, view: View, ratio: float, size: QSize, page: Rect, guides: Sequence[Guide | None],
        lit: int | None, in_hand: int | None, *, placing: bool,
    ) -> None:  # fmt: skip
        self.failed = set()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        area = seen_area(view, ratio, size)
        for index, guide in enumerate(guides):
            if guide is not None and guide.shown:
                with self._given_up(index, guide):
                    shown = guide if placing else guide.sparse(MOST_WHISPERED, LEAST_APART_PX * ratio / view.zoom)
                    _draw_lines(painter, view, ratio, shown, area, page, is_lit=index == lit)
        if not placing:
            return
        for index, guide in enumerate(guides):
            if guide is not None and guide.shown and not guide.locked:
                with self._given_up(index, guide):
                    places = handle_places(guide, view, ratio, size)
                    _draw_handles(painter, guide, places)
                    if index == in_hand and guide.name:
                        _draw_name(painter, guide.name, next(iter(places.values())), size)

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
    _draw_lines(painter, view, ratio, shape, seen_area(view, ratio, size), None, is_lit=False)
    _draw_handles(painter, shape, handle_places(shape, view, ratio, size))


def _draw_lines(
    painter: QPainter, view: View, ratio: float, guide: Guide, area: Rect, page: Rect | None, *, is_lit: bool
) -> None:
    theme, m = current(), view.matrix / ratio
    color = QColor(guide.color or theme.guide)
    if is_lit:
        color = QColor(theme.accent)
    painter.setOpacity(1.0 if is_lit else guide.opacity if guide.on else OFF_SHARE * guide.opacity)
    width = guide.thickness + (1.0 if is_lit else 0.0)
    lines = lines_of(guide, area)
    if page is not None:
        lines += [part for line in guide.lines_of_page(page) if line is not None for part in in_sight(line, area)]
    shapes = [line_of(line, m) for line in lines]
    edge = QColor("#10181D" if luminance(color.name()) > LIGHT_COLOR else "#FFFFFF")
    edge.setAlpha(EDGE_ALPHA)
    for ink, thick in ((edge, width + 2.0), (color, width)):
        pen = QPen(ink, thick)
        if guide.repeats:
            pen.setDashPattern([share * width / thick for share in DASH_DOT])
        elif not guide.on:
            pen.setStyle(Qt.PenStyle.DotLine)
        painter.setPen(pen)
        for shape in shapes:
            draw_line(painter, shape)
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


def _draw_name(painter: QPainter, name: str, at: QPointF, size: QSize) -> None:
    """What the guide in hand is called, beside its first handle."""
    theme = current()
    box = QRectF(painter.fontMetrics().boundingRect(name)).adjusted(-7, -3, 7, 3)
    box.moveTopLeft(at + QPointF(12, 10))
    box.moveLeft(min(box.left(), size.width() - box.width() - 4))
    box.moveTop(min(box.top(), size.height() - box.height() - 4))
    painter.setPen(QPen(QColor(theme.hairline), 1))
    painter.setBrush(QColor(theme.raised))
    painter.drawRoundedRect(box, 4, 4)
    painter.setPen(QColor(theme.text))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, name)
    painter.setBrush(Qt.BrushStyle.NoBrush)


def _at(place: Point, view: View, ratio: float) -> QPointF:
    x, y = view.to_screen(*place)
    return QPointF(x / ratio, y / ratio)


def _inside(at: QPointF, size: QSize) -> QPointF:
    x, y = size.width() / 2, size.height() / 2
    dx, dy = at.x() - x, at.y() - y
    share = max(abs(dx) / max(1.0, x - EDGE_PX), abs(dy) / max(1.0, y - EDGE_PX), 1.0)
    return QPointF(x + dx / share, y + dy / share)
