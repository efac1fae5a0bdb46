"""Small pictures of a page, to know it again by."""

from __future__ import annotations

import io

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from jotsk.core.geometry import Rect
from jotsk.core.ink.stroke import packed
from jotsk.core.page.compositing import composite_into
from jotsk.core.page.page import Page
from jotsk.core.page.tiles import MOST_HALVINGS, rgba


def miniature(page: Page, most_px: int, area: Rect | None = None) -> NDArray[np.uint8]:
    """Return the page on its paper, or an `area` of it, (H, W, 3) RGB, the longer side at most `most_px`."""
    area = (area or page.bounds) & page.bounds
    level = 0
    while max(area.width, area.height) >> level > 2 * most_px and level < MOST_HALVINGS:
        level += 1
    rect = area.halved(level)
    pixels = np.full((rect.height, rect.width), packed(page.paper), np.uint32)
    composite_into(pixels, (rect.x0, rect.y0), page, rect, level=level)
    scale = min(1.0, most_px / max(rect.width, rect.height))
    size = max(1, round(rect.width * scale)), max(1, round(rect.height * scale))
    return np.ascontiguousarray(cv2.resize(rgba(pixels), size, interpolation=cv2.INTER_AREA)[..., :3])


def miniature_png(page: Page, most_px: int) -> bytes:
    """`miniature` as the bytes of a PNG."""
    buffer = io.BytesIO()
    Image.fromarray(miniature(page, most_px)).save(buffer, "PNG", compress_level=1)
    return buffer.getvalue()
