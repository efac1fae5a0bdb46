"""Line icons (Lucide, ISC licence beside them), drawn in the colour asked for."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

from PySide6.QtCore import QByteArray, QRectF, Qt
from PySide6.QtGui import QIcon, QPainter, QPixmap
from PySide6.QtSvg import QSvgRenderer

FOLDER = Path(__file__).parent
SCALE = 3  # drawn larger and reduced, so that screens of any scale find enough pixels


def drawing(name: str, color: str, *, thick: float = 1.75) -> str:
    """The icon `name` in #rrggbb, as SVG of 24 px with lines so thick."""
    source = (FOLDER / f"{name}.svg").read_text()
    return source.replace("currentColor", color).replace('stroke-width="2"', f'stroke-width="{thick}"')


@lru_cache(maxsize=256)
def icon(name: str, color: str, size: int = 18) -> QIcon:
    """Return the icon `name` in #rrggbb."""
    renderer = QSvgRenderer(QByteArray(drawing(name, color).encode()))
    pixmap = QPixmap(size * SCALE, size * SCALE)
    pixmap.fill(Qt.GlobalColor.transparent)
    painter = QPainter(pixmap)
    renderer.render(painter, QRectF(0, 0, size * SCALE, size * SCALE))
    painter.end()
    pixmap.setDevicePixelRatio(SCALE)
    return QIcon(pixmap)
