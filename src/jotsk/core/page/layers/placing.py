"""Pictures placed on a page: moved, scaled and turned, then put down as tiles."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import TILE
from jotsk.core.page.tiles.tiles import Key, Pixels, Tiles, rgba

LEAST_SCALE, LARGEST_SCALE = 0.005, 200.0
MUCH_SMALLER = 3.0  # times as large as a picture is what fits on the page
SMALL_PX = 1600  # the longer side of what is shown while a picture is placed


@dataclass(frozen=True, slots=True, eq=False)
class Picture:
    """A picture to be placed, and it in little: reducing a large one takes longer than a hand should wait."""

    name: str
    pixels: Pixels
    small: Pixels

    @classmethod
    def of(cls, name: str, pixels: Pixels) -> Picture:
        h, w = pixels.shape
        k = SMALL_PX / max(h, w)
        if k >= 1:
            return cls(name, pixels, pixels)
        size = max(1, round(w * k)), max(1, round(h * k))
        small = cv2.resize(rgba(pixels), size, interpolation=cv2.INTER_AREA)
        return cls(name, pixels, np.ascontiguousarray(small).view(np.uint32)[..., 0])


@dataclass(frozen=True, slots=True, eq=False)
class Placement:
    """A picture and where it lies: its middle (page px), page px for each of its px, turned clockwise."""

    name: str
    pixels: Pixels
    x: float
    y: float
    scale: float = 1.0
    angle_rad: float = 0.0

    @property
    def matrix(self) -> NDArray[np.float64]:
        """(2, 3) map from the picture's px to the page's."""
        h, w = self.pixels.shape
        c, s = math.cos(self.angle_rad) * self.scale, math.sin(self.angle_rad) * self.scale
        linear = np.array([[c, -s], [s, c]])
        return np.column_stack([linear, np.array([self.x, self.y]) - linear @ np.array([w / 2, h / 2])])

    @property
    def corners(self) -> NDArray[np.float64]:
        """(4, 2) page px: the picture's corners, clockwise from its upper left."""
        h, w = self.pixels.shape
        m = self.matrix
        return np.array([(0, 0), (w, 0), (w, h), (0, h)], np.float64) @ m[:, :2].T + m[:, 2]

    def holds(self, x: float, y: float) -> bool:
        """Whether page point (x, y) lies on the picture."""
        h, w = self.pixels.shape
        m = self.matrix
        px, py = np.linalg.solve(m[:, :2], np.array([x, y]) - m[:, 2])
        return bool(0 <= px <= w and 0 <= py <= h)

    def moved(self, dx: float, dy: float) -> Placement:
        return replace(self, x=self.x + dx, y=self.y + dy)

    def scaled(self, k: float) -> Placement:
        return replace(self, scale=min(LARGEST_SCALE, max(LEAST_SCALE, self.scale * k)))

    def turned(self, by_rad: float) -> Placement:
        return replace(self, angle_rad=math.remainder(self.angle_rad + by_rad, math.tau))


def first_placement(name: str, pixels: Pixels, page: Rect, number: int = 0) -> Placement:
    """In the middle of the page, the `number`-th a little lower than the last: at its own size, or as large as fits if
    it is larger than the page or much smaller."""
    h, w = pixels.shape
    fits = min(page.width / w, page.height / h)
    scale = fits if fits < 1 or fits > MUCH_SMALLER else 1.0
    scale = min(LARGEST_SCALE, scale)
    step = 0.04 * number * min(page.width, page.height)
    return Placement(name, pixels, (page.x0 + page.x1) / 2 + step, (page.y0 + page.y1) / 2 + step, scale)


def put_down(placed: Placement, page: Rect, progress: Callable[[float], None] = lambda _: None) -> Tiles:
    """The placed picture as tiles inside `page`, tile row by tile row.

    A reduced picture is halved by means of 2 x 2 first, down to less than twice its size, so that no line is lost;
    then bicubic, or nearest where only whole px are moved, which keeps it exact.
    """
    pixels, m = placed.pixels, placed.matrix
    scale = placed.scale
    while scale <= 0.5 and min(pixels.shape) >= 2:
        h, w = pixels.shape[0] // 2 * 2, pixels.shape[1] // 2 * 2
        small = cv2.resize(rgba(np.ascontiguousarray(pixels[:h, :w])), (w // 2, h // 2), interpolation=cv2.INTER_AREA)
        pixels = np.ascontiguousarray(small).view(np.uint32)[..., 0]
        m = np.column_stack([m[:, :2] * 2, m[:, 2]])
        scale *= 2
    exact = scale == 1.0 and placed.angle_rad == 0.0 and pixels is placed.pixels
    if exact:
        m = np.column_stack([m[:, :2], np.round(m[:, 2])])
    area = rect_around(placed.corners, 2.0) & page
    changes: dict[Key, Pixels | None] = {}
    rows = range(area.y0 // TILE, (area.y1 - 1) // TILE + 1) if area else range(0)
    left = area.x0 // TILE * TILE
    columns = range(area.x0 // TILE, (area.x1 - 1) // TILE + 1) if area else range(0)
    for number, row in enumerate(rows):
        progress(number / len(rows))
        to_band = m.copy()
        to_band[:, 2] -= (left, row * TILE)
        to_band[:, 2] += to_band[:, :2] @ np.array([0.5, 0.5]) - 0.5  # OpenCV counts from pixel centres
        band = cv2.warpAffine(
            rgba(pixels), to_band, (len(columns) * TILE, TILE),
            flags=cv2.INTER_NEAREST if exact else cv2.INTER_CUBIC, borderMode=cv2.BORDER_CONSTANT, borderValue=0,
        )  # fmt: skip
        band[..., :3] = np.minimum(band[..., :3], band[..., 3:])  # cubic overshoots
        whole = np.ascontiguousarray(band).view(np.uint32)[..., 0]
        y = row * TILE
        whole[: max(0, page.y0 - y)] = 0
        whole[max(0, page.y1 - y) :] = 0
        whole[:, max(0, page.x1 - left) :] = 0
        for column in columns:
            x = column * TILE - left
            changes[column, row] = np.ascontiguousarray(whole[:, x : x + TILE])
    progress(1.0)
    return Tiles().with_tiles(changes)
