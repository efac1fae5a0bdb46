"""A stroke while the pen is down: its ink grows with every sample."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY, rect_around
from jotsk.core.geometry.spline_kernel import spline_between
from jotsk.core.hand import Ease, Sample
from jotsk.core.ink.blend_kernel import halve_alpha_into
from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.ink.grain_kernel import grain_into, paper
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import CLOSEST_PX, LONGEST_STEP_PX, TILE, dynamics
from jotsk.core.ink.stroke import shell

LEVELS = 8
PRESSURES = np.linspace(0.0, 1.0, 1025)


class WetInk:
    """Ink of the stroke under the pen, as alpha over tiles, ready at every halving of the page.

    The part of the line that can no longer change is painted once, and kept. From there to the pen goes a *tip* that is
    painted anew with every sample, so the ink always reaches the pen, however much the line is steadied.
    """

    def __init__(self, pen: Pen, size_px: float, strength: float, scale: float = 1.0) -> None:
        self.pen, self.size_px = pen, size_px
        self.ease = Ease(strength, scale)
        self._line: list[tuple[float, float, float, float]] = []  # x, y, radius, ink
        self._settled: dict[tuple[int, int], NDArray[np.uint8]] = {}
        self._levels: list[dict[tuple[int, int], NDArray[np.uint8]]] = [{} for _ in range(LEVELS)]
        self._fixed = 0  # segments of the line that are painted for good
        self._joint = np.zeros((0, 4))
        self._tip_rect = EMPTY
        self._stale = [EMPTY] * LEVELS
        self._radii, self._inks = (column.tolist() for column in dynamics(PRESSURES, pen, size_px))

    def push(self, sample: Sample) -> Rect:
        """Take one sample; return the page rectangle whose ink changed."""
        for steadied in self.ease.push(sample):
            self._append(steadied)
        changed = self._settle()
        tip = self._tip(sample)
        tip_rect = _reach(tip)
        dirty = changed | self._tip_rect | tip_rect
        self._refresh(dirty, tip)
        self._tip_rect = tip_rect
        return dirty

    def alpha(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """The ink on one tile of the page halved `level` times, or None. Halvings are made when asked for."""
        for k in range(1, level + 1):
            if self._stale[k]:
                self._halve(k, self._stale[k])
                self._stale[k] = EMPTY
        return self._levels[level].get((column, row))

    def _point(self, s: Sample) -> tuple[float, float, float, float]:
        k = int(s.pressure * (len(self._radii) - 1) + 0.5)
        return s.x, s.y, self._radii[k], self._inks[k]

    def _append(self, s: Sample) -> None:
        point = self._point(s)
        if self._line:
            x, y, r, _ = self._line[-1]
            if (s.x - x) ** 2 + (s.y - y) ** 2 < CLOSEST_PX**2:
                if len(self._line) == 1 and point[2] > r:
                    self._line[0] = (x, y, *point[2:])
                return
        self._line.append(point)

    def _settle(self) -> Rect:
        """Paint the segments whose spline is fixed, those with a point after them, once and for all."""
        fixed, end = self._fixed, len(self._line) - 2
        if end <= fixed:
            return EMPTY
        # From one point before the first new segment, for its tangent, to one after the last.
        start = max(0, fixed - 1)
        dense = self._spline(start, end + 2, fixed, end)
        # With the piece painted before it, whose joint could not be finished until now.
        points = np.concatenate([self._joint, dense])
        self._joint = dense[-2:-1]
        self._fixed = end
        rect = _reach(points)
        self._paint(self._settled, rect, points)
        return rect

    def _tip(self, sample: Sample) -> NDArray[np.float64]:
        """The rest of the line, to the pen itself."""
        end = self._point(sample)
        x, y = self._line[-1][:2]
        reaches = (end[0] - x) ** 2 + (end[1] - y) ** 2 >= CLOSEST_PX**2
        if reaches:
            self._line.append(end)
        last = len(self._line)
        tip = self._spline(max(0, self._fixed - 1), last, min(self._fixed, last - 1), last - 1)
        if reaches:
            self._line.pop()
        return tip

    def _spline(self, start: int, stop: int, first: int, last: int) -> NDArray[np.float64]:
        """Points from line point `first` to `last` of the curve through line points start .. stop - 1."""
        window = np.array(self._line[start:stop])
        if first == last:
            return window[first - start : first - start + 1]
        return spline_between(window, first - start, last - start, LONGEST_STEP_PX)

    def _paint(self, tiles: dict[tuple[int, int], NDArray[np.uint8]], rect: Rect, columns: NDArray[np.float64]) -> None:
        points, ink = _ribbon_columns(columns)
        for radius_share, ink_share in self.pen.shells:
            p, k = shell(points, ink, radius_share, ink_share)
            for column, row in rect.cells(TILE):
                tile = _tile(tiles, (column, row))
                paint_ribbon(tile, float(column * TILE), float(row * TILE), p, k, 0, len(p), False)

    def _refresh(self, rect: Rect, tip: NDArray[np.float64]) -> None:
        """Bring level 0 up to date inside `rect`, then the halvings above it."""
        points, ink = _ribbon_columns(tip)
        for column, row in rect.cells(TILE):
            x, y = column * TILE, row * TILE
            part = rect & Rect(x, y, x + TILE, y + TILE)
            rows, columns = slice(part.y0 - y, part.y1 - y), slice(part.x0 - x, part.x1 - x)
            settled = self._settled.get((column, row))
            if settled is None:
                fresh = np.zeros((part.height, part.width), np.uint8)
            else:
                fresh = settled[rows, columns].copy()
            for radius_share, ink_share in self.pen.shells:
                p, k = shell(points, ink, radius_share, ink_share)
                paint_ribbon(fresh, float(part.x0), float(part.y0), p, k, 0, len(p), False)
            if self.pen.grain:
                grain_into(fresh, part.x0, part.y0, paper(), self.pen.grain)
            _tile(self._levels[0], (column, row))[rows, columns] = fresh
        for level in range(1, LEVELS):
            self._stale[level] |= rect.halved(level)

    def _halve(self, level: int, rect: Rect) -> None:
        half = TILE // 2
        for column, row in rect.cells(half):  # half tiles: each comes from one tile below
            large = self._levels[level - 1].get((column, row))
            if large is None:
                continue
            x, y = column * half, row * half
            part = rect & Rect(x, y, x + half, y + half)
            small = _tile(self._levels[level], (column // 2, row // 2))
            oy, ox = part.y0 - (row // 2) * TILE, part.x0 - (column // 2) * TILE
            ly, lx = 2 * (part.y0 - y), 2 * (part.x0 - x)
            halve_alpha_into(
                small[oy : oy + part.height, ox : ox + part.width],
                large[ly : ly + 2 * part.height, lx : lx + 2 * part.width],
            )


def _tile(tiles: dict[tuple[int, int], NDArray[np.uint8]], key: tuple[int, int]) -> NDArray[np.uint8]:
    tile = tiles.get(key)
    if tile is None:
        tile = tiles[key] = np.zeros((TILE, TILE), np.uint8)
    return tile


def _reach(columns: NDArray[np.float64]) -> Rect:
    return rect_around(columns[:, :2], float(columns[:, 2].max()) + 1.0)


def _ribbon_columns(columns: NDArray[np.float64]) -> tuple[NDArray[np.float32], NDArray[np.uint8]]:
    return columns[:, :3].astype(np.float32), np.clip(columns[:, 3] + 0.5, 0, 255).astype(np.uint8)
