"""Small pictures of a page, to know it again by."""

from __future__ import annotations

import io

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.page.compose.flat_tiles import FlatTiles
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.tiles import MOST_HALVINGS


def thumbnail(page: Page, most_px: int, area: Rect | None = None) -> NDArray[np.uint8]:
    """Return the page on its paper, or an `area` of it, (H, W, 3) RGB, the longer side at most `most_px`."""
    area = (area or page.bounds) & page.bounds
    level = 0
    while max(area.width, area.height) >> level > 2 * most_px and level < MOST_HALVINGS:
        level += 1
    rect = area.halved(level)
    flat, cells = FlatTiles(), list(rect.cells(TILE))
    flat.set_page(page)
    (x0, y0), (x1, y1) = cells[0], cells[-1]
    tiles = np.empty(((y1 - y0 + 1) * TILE, (x1 - x0 + 1) * TILE, 4), np.uint8)
    flat.copy_into(tiles, (x0 * TILE, y0 * TILE), [(level, *cell) for cell in cells])
    top, left = rect.y0 - y0 * TILE, rect.x0 - x0 * TILE
    pixels = tiles[top : top + rect.height, left : left + rect.width]
    scale = min(1.0, most_px / max(rect.width, rect.height))
    size = max(1, round(rect.width * scale)), max(1, round(rect.height * scale))
    return np.ascontiguousarray(cv2.resize(pixels, size, interpolation=cv2.INTER_AREA)[..., 2::-1])


def thumbnail_png(page: Page, most_px: int) -> bytes:
    """`thumbnail` as the bytes of a PNG."""
    from PIL import Image  # here: it takes long to import

    buffer = io.BytesIO()
    Image.fromarray(thumbnail(page, most_px)).save(buffer, "PNG", compress_level=1)
    return buffer.getvalue()
