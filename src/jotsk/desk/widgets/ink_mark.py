"""The sign of a chosen thing: a tapered ink stroke."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPolygonF

SCALE = 3
# Along the stroke: where, its middle and its half width, as shares of the box; four points of a cubic.
_MIDDLE = np.poly1d(np.polyfit((0.03, 0.3, 0.65, 0.97), (0.62, 0.5, 0.44, 0.5), 3))
_HALF_WIDTH = np.poly1d(np.polyfit((0.03, 0.3, 0.65, 0.97), (0.05, 0.38, 0.31, 0.04), 3))


def draw_ink_mark(painter: QPainter, box: QRectF, color: str) -> None:
    """Draw the mark along the longer side of `box`, as thick as the shorter one."""
    t = np.linspace(0.03, 0.97, 25)
    middle, half = _MIDDLE(t), np.maximum(_HALF_WIDTH(t), 0.02)
    along, across = np.concatenate([t, t[::-1]]), np.concatenate([middle - half, (middle + half)[::-1]])
    x, y = (across, along) if box.height() > box.width() else (along, across)
    corners = zip(box.x() + box.width() * x, box.y() + box.height() * y, strict=True)
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(color))
    painter.drawPolygon(QPolygonF([QPointF(a, b) for a, b in corners]))
    painter.restore()


def alpha_image(alpha: np.ndarray, color: str, scale: float) -> QImage:
    """An image of one colour whose alpha is the (H, W) uint8 array."""
    h, w = alpha.shape
    hue, levels = QColor(color), np.arange(256, dtype=np.uint32)
    red, green, blue = ((levels * part + 127) // 255 for part in (hue.red(), hue.green(), hue.blue()))
    pixels = (levels << 24 | red << 16 | green << 8 | blue)[alpha]
    image = QImage(pixels.data, w, h, w * 4, QImage.Format.Format_ARGB32_Premultiplied).copy()
    image.setDevicePixelRatio(scale)
    return image


def pixels_image(pixels: np.ndarray) -> QImage:
    """A copy of premultiplied pixels of the core, (H, W) uint32 or (H, W, 4) uint8, as Qt paints them."""
    h, w = pixels.shape[:2]
    return QImage(pixels.data, w, h, pixels.strides[0], QImage.Format.Format_RGBA8888_Premultiplied).copy()


def draw_ring_handle(painter: QPainter, at: QPointF, fill: str, edge: str, radius: float = 6.5) -> None:
    """The handle of every slider: a ring."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(edge))
    painter.drawEllipse(at, radius, radius)
    painter.setBrush(QColor(fill))
    painter.drawEllipse(at, radius - 2, radius - 2)
    painter.setBrush(Qt.BrushStyle.NoBrush)
