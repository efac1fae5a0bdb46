"""The page as pixels on the screen, kept up to date patch by patch.

Two buffers. The *sheet* is the flattened page around what is visible, at the halving that fits the zoom, in
whole tiles. The *frame* is what the screen shows: the sheet turned, flipped and scaled onto the desk. A change
of the page costs the part of both that it touched.
"""

from __future__ import annotations

import math

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import EMPTY, rect_around
from jotsk.core.ink import TILE
from jotsk.core.ink.stroke import packed
from jotsk.core.page import Layer, Page, WetLayer, composite_into, rgba

MOST_LEVELS = 7
SHARP_ZOOM = 2.0  # from here on pixels are shown as clean squares


class BoardPicture:
    """Shows a page through a view. All sizes and rectangles of the screen are device px."""

    def __init__(self, board_color: str) -> None:
        self.page: Page | None = None
        self.view = View()
        self.wet: WetLayer | None = None
        self.hides_sketches = False
        self.only: set[int] | None = None  # the layers that alone are shown
        self.frame: NDArray[np.uint8] = np.zeros((1, 1, 4), np.uint8)
        self._sheet: NDArray[np.uint8] = np.zeros((0, 0, 4), np.uint8)
        self._sheet_rect = EMPTY  # in px of the halved page
        self._level = 0
        self._covered: tuple[View, int, int] | None = None  # the view the sheet was last made sure to hold
        self.set_board_color(board_color)

    def set_board_color(self, color: str) -> None:
        self._desk = (*(int(color[i : i + 2], 16) for i in (5, 3, 1)), 255)  # B, G, R, A
        self._sheet_rect, self._covered = EMPTY, None

    def resize(self, width: int, height: int) -> None:
        self.frame = np.zeros((max(1, height), max(1, width), 4), np.uint8)

    def set_page(self, page: Page) -> Rect:
        """Show another value of the page; return the rectangle of it that looks different."""
        before, self.page = self.page, page
        changed = page.bounds if before is None else changed_between(before, page)
        if before is None or before.bounds != page.bounds:
            self._sheet_rect, self._covered = EMPTY, None
        elif changed:
            self.refresh(changed)
        return changed

    def refresh(self, rect: Rect) -> None:
        """Flatten the page anew inside `rect` (page px)."""
        part = rect.halved(self._level) & self._sheet_rect & self._page_rect()
        if part:
            self._flatten(part)

    def draw(self, rect: Rect | None = None) -> None:
        """Bring the frame up to date inside `rect`, or all of it."""
        h, w = self.frame.shape[:2]
        rect = Rect(0, 0, w, h) if rect is None else rect & Rect(0, 0, w, h)
        if not rect:
            return
        if self.page is None:
            self.frame[rect.y0 : rect.y1, rect.x0 : rect.x1] = self._desk
            return
        self._cover_view()
        scale = float(1 << self._level)
        m = self.view.matrix.copy()
        m[:, 2] += m[:, :2] @ (np.array([self._sheet_rect.x0, self._sheet_rect.y0]) * scale)
        m[:, :2] *= scale
        m[:, 2] -= (rect.x0, rect.y0)
        m[:, 2] += m[:, :2] @ np.array([0.5, 0.5]) - 0.5  # OpenCV counts from pixel centres
        sharp = self.view.zoom >= SHARP_ZOOM or self._is_exact()
        patch = cv2.warpAffine(
            self._sheet, m, (rect.width, rect.height),
            flags=cv2.INTER_NEAREST if sharp else cv2.INTER_LINEAR,
            borderMode=cv2.BORDER_CONSTANT, borderValue=self._desk,
        )  # fmt: skip
        self.frame[rect.y0 : rect.y1, rect.x0 : rect.x1] = patch

    def on_screen(self, rect: Rect) -> Rect:
        """The device pixels that show page rectangle `rect`, with what filtering reaches."""
        corners = np.array([[x, y] for x in (rect.x0, rect.x1) for y in (rect.y0, rect.y1)], np.float64)
        m = self.view.matrix
        reach = 2.0 + self.view.zoom * (1 << self._level)
        return rect_around(corners @ m[:, :2].T + m[:, 2], reach)

    def _is_exact(self) -> bool:
        return self.view.zoom == 1.0 and self.view.angle_rad == 0.0

    def _page_rect(self) -> Rect:
        assert self.page is not None
        return self.page.bounds.halved(self._level)

    def _cover_view(self) -> None:
        """Make the sheet hold all that is visible, at the right halving."""
        h, w = self.frame.shape[:2]
        if self._covered == (self.view, w, h) and self._sheet_rect:
            return
        self._covered = (self.view, w, h)
        level = max(0, min(MOST_LEVELS, int(math.floor(math.log2(1.0 / self.view.zoom) + 1e-6))))
        m = self.view.inverse
        corners = np.array([[x, y] for x in (0, w) for y in (0, h)], np.float64) @ m[:, :2].T + m[:, 2]
        assert self.page is not None
        whole = self.page.bounds.halved(level)
        seen = rect_around(corners / (1 << level), 2.0) & whole
        if level == self._level and self._sheet_rect.contains(seen) and self._sheet_rect:
            return
        self._level = level
        # One tile more on every side, so that a small move needs nothing new.
        wide = seen.grown(TILE) & whole if seen else Rect(whole.x0, whole.y0, whole.x0 + 1, whole.y0 + 1)
        low_x, low_y = wide.x0 // TILE * TILE, wide.y0 // TILE * TILE
        self._sheet_rect = Rect(low_x, low_y, -(-wide.x1 // TILE) * TILE, -(-wide.y1 // TILE) * TILE)
        self._sheet = np.empty((self._sheet_rect.height, self._sheet_rect.width, 4), np.uint8)
        self._sheet[:] = self._desk
        self._flatten(self._sheet_rect & whole)

    def _flatten(self, part: Rect) -> None:
        assert self.page is not None
        pixels = np.full((part.height, part.width), packed(self.page.paper), np.uint32)
        composite_into(pixels, (part.x0, part.y0), self.page, part, level=self._level, wet=self.wet, shows=self._shows)
        x, y = part.x0 - self._sheet_rect.x0, part.y0 - self._sheet_rect.y0
        target = self._sheet[y : y + part.height, x : x + part.width]
        cv2.cvtColor(rgba(pixels), cv2.COLOR_RGBA2BGRA, dst=target)

    def _shows(self, layer: Layer) -> bool:
        if self.only is not None:
            return layer.uid in self.only
        return layer.visible and not (self.hides_sketches and layer.is_sketch)


def _manner(layer: Layer) -> object:
    """All that decides how a layer's pixels look."""
    return layer.visible, layer.opacity, layer.tint, layer.blend, layer.clips


def changed_between(before: Page, after: Page) -> Rect:
    """The page rectangle in which two values of a page look different; found by identity, no pixel is read."""
    if before is after:
        return EMPTY
    if before.bounds != after.bounds or before.paper != after.paper:
        return after.bounds
    if [(x.uid, x.parent) for x in before.layers] != [(x.uid, x.parent) for x in after.layers]:
        return after.bounds
    changed = EMPTY
    for old, new in zip(before.layers, after.layers, strict=True):
        if old is new:
            continue
        if _manner(old) != _manner(new):
            return after.bounds
        if (old.is_sketch, old.locked) == (new.is_sketch, new.locked) and old.tiles is new.tiles:
            continue
        for c, r in new.tiles.changed_since(old.tiles):
            changed |= Rect(c * TILE, r * TILE, (c + 1) * TILE, (r + 1) * TILE)
    return changed & after.bounds
