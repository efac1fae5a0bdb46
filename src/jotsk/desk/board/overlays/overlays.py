"""What is drawn over the page and is not on it: footprint, rope, chosen lines, sentences."""

from __future__ import annotations

import math
from collections.abc import Sequence
from functools import lru_cache

from PySide6.QtCore import QLineF, QPointF, QRect, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPixmap

from jotsk.core.geometry import View
from jotsk.core.page import Page
from jotsk.core.page.frames import frame, has_frames
from jotsk.core.words import tr
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets.polygon import polygon_of

GRID_ZOOM, GRID_ALPHA = 8.0, 60
FRAMES = "#4A5A66"  # of slate, so that nobody takes them for guides
FRAME_LINES = {"bleed": Qt.PenStyle.DotLine, "trim": Qt.PenStyle.SolidLine, "safe": Qt.PenStyle.DashLine}


def draw_grid(painter: QPainter, view: View, ratio: float, page: Page, seen: QRect) -> None:
    """From 800 % on, a line between every two px of the page."""
    if view.zoom < GRID_ZOOM:
        return
    corners = [(x * ratio, y * ratio) for x in (seen.left(), seen.right() + 1) for y in (seen.top(), seen.bottom() + 1)]
    xs, ys = zip(*(view.to_page(x, y) for x, y in corners), strict=True)
    x0, x1 = max(0, math.floor(min(xs))), min(page.width, math.ceil(max(xs)))
    y0, y1 = max(0, math.floor(min(ys))), min(page.height, math.ceil(max(ys)))
    m = view.matrix / ratio
    shade = QColor(128, 128, 128, GRID_ALPHA)
    if not view.angle_rad:  # filled px are much faster than lines
        left, right = sorted((m[0, 0] * x0 + m[0, 2], m[0, 0] * x1 + m[0, 2]))
        top, bottom = m[1, 1] * y0 + m[1, 2], m[1, 1] * y1 + m[1, 2]
        for x in range(x0, x1 + 1):
            painter.fillRect(QRectF(round(m[0, 0] * x + m[0, 2]), top, 1, bottom - top), shade)
        for y in range(y0, y1 + 1):
            painter.fillRect(QRectF(left, round(m[1, 1] * y + m[1, 2]), right - left, 1), shade)
        return
    lines = []
    for ends in [((x, y0), (x, y1)) for x in range(x0, x1 + 1)] + [((x0, y), (x1, y)) for y in range(y0, y1 + 1)]:
        (ax, ay), (bx, by) = (m[:, :2] @ end + m[:, 2] for end in ends)
        lines.append(QLineF(ax, ay, bx, by))
    painter.setPen(QPen(shade, 0))
    painter.drawLines(lines)


def draw_frames(painter: QPainter, view: View, ratio: float, page: Page) -> None:
    """Bleed dotted, trim solid, safe dashed: no meaning rests on colour alone."""
    if not has_frames(page):
        return
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
    m = view.matrix / ratio
    for name, style in FRAME_LINES.items():
        if name == "safe" and page.safe_mm <= 0:
            continue
        area = frame(page, name)
        corners = ((area.x0, area.y0), (area.x1, area.y0), (area.x1, area.y1), (area.x0, area.y1))
        shape = polygon_of(corners, m)
        painter.setPen(QPen(QColor(255, 255, 255, 160), 2.0))
        painter.drawPolygon(shape)
        painter.setPen(QPen(QColor(FRAMES), 1.0, style))
        painter.drawPolygon(shape)


def draw_rope(painter: QPainter, view: View, ratio: float, towed_at: tuple[float, float], pointer: QPointF) -> None:
    """While the ink is towed: the rope from it to the pen."""
    x, y = view.to_screen(*towed_at)
    ink = QPointF(x / ratio, y / ratio)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(QColor(current().guide), 1.2))
    painter.drawLine(ink, pointer)
    painter.drawEllipse(ink, 3.0, 3.0)


def draw_rings(painter: QPainter, at: QPointF, radii: Sequence[float], ratio: float = 1.0) -> None:
    """Outlines of marks, dark inside light so that they show on anything."""
    for radius in radii:
        if radius > LARGEST_KEPT_PX:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            _ring_into(painter, at, radius)
            continue
        # Following the pen, the same ring is drawn hundreds of times a second: a picture of it, to a quarter px.
        x, y = (math.floor(4 * v * ratio) / 4 / ratio for v in (at.x(), at.y()))
        left, top = math.floor(x), math.floor(y)
        picture = _ring(round(4 * radius), round(4 * (x - left) * ratio), round(4 * (y - top) * ratio), ratio)
        half = picture.width() / ratio / 2
        painter.drawImage(QPointF(left - half, top - half), picture)


LARGEST_KEPT_PX = 128.0


@lru_cache(maxsize=64)
def _ring(radius4: int, x4: int, y4: int, ratio: float) -> QImage:
    """A ring of `radius4` quarter px, its middle (x4, y4) quarter device px from that of the picture."""
    half = math.ceil(radius4 / 4 + 3)
    side = math.ceil(2 * half * ratio)
    picture = QImage(side, side, QImage.Format.Format_ARGB32_Premultiplied)
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    _ring_into(painter, QPointF(side / ratio / 2 + x4 / 4 / ratio, side / ratio / 2 + y4 / 4 / ratio), radius4 / 4)
    painter.end()
    return picture


def _ring_into(painter: QPainter, at: QPointF, radius: float) -> None:
    for color, width in (("#FFFFFF", 2.5), ("#1D2A32", 1.0)):
        painter.setPen(QPen(QColor(color), width))
        painter.drawEllipse(at, radius, radius)


WELCOME = (
    tr("Drop your sketch here"),
    tr("paste it (Ctrl+V), or open it (Ctrl+O);"),
    tr("E dims it and puts ink above it. Or just draw."),
    tr("“Practice” in the menu warms the hand up."),
)
SIGN_PX, SIGN_AT_PX = 18, 12  # beside the middle of the pen


def sign_reach(count: int) -> int:
    """How far signs reach from the pen, logical px."""
    return SIGN_AT_PX + count * (SIGN_PX + 2) + 4 if count else 0


def draw_signs(painter: QPainter, at: QPointF, names: Sequence[str]) -> None:
    """What the pen does, as icons below and right of it, dark inside light."""
    for k, name in enumerate(names):
        left_top = at + QPointF(SIGN_AT_PX + k * (SIGN_PX + 2), SIGN_AT_PX)
        painter.drawPixmap(left_top, _sign(name))


@lru_cache(maxsize=32)
def _sign(name: str) -> QPixmap:
    size = QSize(SIGN_PX, SIGN_PX)
    light, dark = (icon(name, color, SIGN_PX).pixmap(size, 3.0) for color in ("#FFFFFF", "#1D2A32"))
    picture = QPixmap((SIGN_PX + 4) * 3, (SIGN_PX + 4) * 3)
    picture.setDevicePixelRatio(3)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    for dx in (0, 1, 2, 3):
        for dy in (0, 1, 2, 3):
            painter.drawPixmap(QPointF(dx, dy), light)
    painter.drawPixmap(QPointF(1.5, 1.5), dark)
    painter.end()
    return picture


def draw_welcome(painter: QPainter, room: QSize) -> None:
    """What an empty page waits for, in its middle."""
    painter.setFont(font(15, weight=font().Weight.DemiBold))
    box = QRectF(0, room.height() * 0.36, room.width(), 28)
    painter.setPen(QColor("#6B7780"))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, WELCOME[0])
    painter.setFont(font(13))
    for k, line in enumerate(WELCOME[1:]):
        painter.drawText(box.translated(0, 28 + 22 * k), Qt.AlignmentFlag.AlignCenter, line)


def draw_notice(painter: QPainter, room: QSize, sentence: str, at: QPointF) -> None:
    """A sentence beside the pen, kept inside the board."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    theme = current()
    flags = Qt.TextFlag.TextWordWrap | Qt.AlignmentFlag.AlignLeft
    box = QRectF(painter.fontMetrics().boundingRect(QRect(0, 0, 300, 200), flags, sentence)).adjusted(-12, -8, 12, 8)
    box.moveTopLeft(at + QPointF(18, 18))
    box.moveLeft(min(box.left(), room.width() - box.width() - 8))
    box.moveTop(min(box.top(), room.height() - box.height() - 8))
    painter.setPen(QPen(QColor(theme.hairline), 1))
    painter.setBrush(QColor(theme.raised))
    painter.drawRoundedRect(box, 5, 5)
    painter.setPen(QColor(theme.text))
    painter.drawText(box.adjusted(12, 8, -8, -8), flags, sentence)
    painter.setBrush(Qt.BrushStyle.NoBrush)
