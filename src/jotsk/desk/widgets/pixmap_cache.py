"""Small pictures that are drawn once and shown often: an antialiased line of many points takes a millisecond."""

from __future__ import annotations

import math
from collections.abc import Callable, Hashable
from functools import lru_cache

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPixmap


@lru_cache(maxsize=256)
def cached_pixmap(
    draw: Callable[..., None], width: int, height: int, ratio: float, color: str, *what: Hashable
) -> QPixmap:  # fmt: skip
    """What `draw(painter, *what)` draws, in #rrggbb, as a clear picture of width x height px on a screen scaled by
    `ratio`."""
    picture = _shape(draw, width, height, ratio, *what).copy()
    painter = QPainter(picture)
    painter.setCompositionMode(QPainter.CompositionMode.CompositionMode_SourceIn)
    painter.fillRect(0, 0, width, height, QColor(color))
    painter.end()
    return picture


@lru_cache(maxsize=256)
def _shape(draw: Callable[..., None], width: int, height: int, ratio: float, *what: Hashable) -> QPixmap:
    picture = QPixmap(math.ceil(width * ratio), math.ceil(height * ratio))
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    draw(painter, *what)
    painter.end()
    return picture
