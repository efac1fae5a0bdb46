"""The sign of a chosen thing: a tapered ink stroke, rendered by our own engine."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter

from jotsk.core.geometry import catmull_rom
from jotsk.core.ink.coverage_kernel import paint_ribbon

SCALE = 3


def draw_ink_mark(painter: QPainter, box: QRectF, color: str) -> None:
    """Draw the mark along the longer side of `box`, as thick as the shorter one."""
    upright = box.height() > box.width()
    length, width = max(box.width(), box.height()), min(box.width(), box.height())
    image = _mark(round(length), round(width), upright, color)
    painter.drawImage(QRectF(box.topLeft(), image.deviceIndependentSize()), image)


@lru_cache(maxsize=64)
def _mark(length: int, width: int, upright: bool, color: str) -> QImage:
    w, h = length * SCALE, width * SCALE
    x = np.array([0.03, 0.3, 0.65, 0.97]) * w
    y = np.array([0.62, 0.5, 0.44, 0.5]) * h
    r = np.array([0.06, 0.42, 0.34, 0.04]) * h * 0.9
    ribbon = catmull_rom(np.column_stack([x, y, np.maximum(r, 0.3)]), 3.0).astype(np.float32)
    coverage = np.zeros((h, w), np.uint8)
    paint_ribbon(coverage, 0, 0, ribbon, np.full(len(ribbon), 255, np.uint8), 0, len(ribbon), False)
    return alpha_image(np.ascontiguousarray(coverage.T) if upright else coverage, color, SCALE)


def alpha_image(alpha: np.ndarray, color: str, scale: float) -> QImage:
    """An image of one colour whose alpha is the (H, W) uint8 array."""
    h, w = alpha.shape
    pixels = np.empty((h, w, 4), np.uint8)
    hue = QColor(color)
    pixels[..., 0], pixels[..., 1], pixels[..., 2] = hue.red(), hue.green(), hue.blue()
    pixels[..., 3] = alpha
    image = QImage(pixels.data, w, h, w * 4, QImage.Format.Format_RGBA8888).copy()
    image.setDevicePixelRatio(scale)
    return image


def draw_ring_handle(painter: QPainter, at: QPointF, fill: str, edge: str, radius: float = 6.5) -> None:
    """The handle of every slider: a ring."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(edge))
    painter.drawEllipse(at, radius, radius)
    painter.setBrush(QColor(fill))
    painter.drawEllipse(at, radius - 2, radius - 2)
    painter.setBrush(Qt.BrushStyle.NoBrush)
