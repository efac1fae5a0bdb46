"""A stroke while the pen is down: its ink grows with every sample."""

from __future__ import annotations

import math
import threading
from collections.abc import Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY, rect_around
from jotsk.core.guides import LiveHold, Rail
from jotsk.core.guides.symmetry import Map
from jotsk.core.hand import Sample, Trace, stabilizer
from jotsk.core.hand.steady_now import gathered
from jotsk.core.ink.blend_kernel import address_of, for_reading, halve_alpha_through
from jotsk.core.ink.coverage_kernel import touched_cells
from jotsk.core.ink.dynamics import LiveDynamics
from jotsk.core.ink.painting import WHOLE, finished, is_plain, new_buffer, paint
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import CLOSEST_PX, LONGEST_STEP_PX, TILE, taper_amount, taper_reach, wide_steps
from jotsk.core.ink.stretch_kernel import stretch
from jotsk.core.ink.wet_kernel import show_tip
from jotsk.core.runtime.parallel import in_shares

LEVELS = 8
NO_JOINT = np.zeros((0, 4))
FEW_CELLS = 6  # so many are not looked at one by one
MANY_CELLS = 12  # so many are painted on all cores
EVERYWHERE = Rect(-(1 << 40), -(1 << 40), 1 << 40, 1 << 40)

Key = tuple[int, int]
Point = tuple[float, float, float, float]  # x, y, radius, ink
Painted = tuple[Any, ...]  # points, ink and length along the line, as the kernels want them


class WetInk:
    """Ink of the stroke under the pen, as alpha over tiles, ready at every halving of the page.

    The part of the line that can no longer change is painted once, and kept. From there to the pen goes a *tip*
    that is painted anew with every sample, so the ink always reaches the pen, however much the line is steadied. The
    line is held to a `rail` if there is one, and painted again under each of the isometries `copies`. Nothing is
    painted outside of `page`, page px.
    """

    def __init__(
        self,
        pen: Pen,
        size_px: float,
        strength: float,
        scale: float = 1.0,
        *,
        rail: Rail | None = None,
        copies: Sequence[Map] = (),
        page: Rect | None = None,
    ) -> None:
        self.pen, self.size_px = pen, size_px
        self._scale = scale
        self._wide_steps = wide_steps(pen)
        self.stabilizer = stabilizer(
            pen.way, strength, scale=scale if pen.by_screen else 1.0,
            less_when_fast=pen.less_when_fast, corners=pen.keeps_corners,
        )  # fmt: skip
        self._live = LiveHold(rail) if rail is not None else None
        self._copies = tuple(copies)
        self._page = EVERYWHERE if page is None else page
        self._is_plain = is_plain(pen)
        self._is_one_line = self._is_plain and pen.tip == "smooth" and pen.shells == WHOLE and not copies
        self._reaches = pen.way != "tow"  # on a rope the ink is meant to stay behind
        self._strength = strength
        self._taken: list[Sample] = []
        self._steadied: list[Sample] = []
        self._line: list[Point] = []
        self._fixed_tiles: dict[Key, NDArray[Any]] = {}
        self._fixed_addresses: dict[Key, int] = {}
        self._levels: list[dict[Key, NDArray[np.uint8]]] = [{} for _ in range(LEVELS)]
        self._chains: dict[Key, NDArray[np.int64]] = {}  # addresses of a tile and of its halvings
        self._halvings = 0  # so many are kept up to date
        self._seen_at = 0  # the halving that was asked for last
        self._stale: list[Rect] = []  # page px whose halvings are not
        self._halving = threading.Lock()
        self._fixed = 0  # segments of the line that are painted for good
        self._length = 0.0  # of those
        self._joint = NO_JOINT
        self._tip_cells: set[Key] = set()  # the tiles of the tip that is shown
        self._fresh: set[Key] = set()  # those where something was painted for good since then
        self._reached: set[Key] = set()  # those that are to be brought up to date
        self._tip_rects = [EMPTY] * (1 + len(self._copies))
        self._taper_in = taper_reach(pen.taper_in, size_px / pen.size_px, 0.0, 0.0)
        self._taper_amount = 0.0  # a dot does not taper
        self._drawn_px, self._widest = 0.0, 0.0  # how long the line is, and its largest radius
        self._dynamics = LiveDynamics(pen, size_px, scale)
        self._newest = Sample(0.0, 0.0, 0.0)

    @property
    def ink_at(self) -> tuple[float, float]:
        """Where the steadied line ends now, page px."""
        return self._line[-1][0], self._line[-1][1]

    @property
    def cells(self) -> set[Key]:
        """(column, row) of the tiles that ever had wet ink."""
        return set(self._levels[0])

    def push(self, sample: Sample) -> list[Rect]:
        """Take one sample and paint; return the page rectangles whose ink changed, one for each copy of the line."""
        self.take(sample)
        return self.paint()

    def take(self, sample: Sample) -> None:
        """Take a sample that is painted with the ones after it: a fast device sends more than a screen can show."""
        self._taken.append(sample)
        for steadied in self.stabilizer.push(sample):
            self._steadied.append(steadied)
            for held in self._live.push(steadied) if self._live else (steadied,):
                self._append(held)
        self._newest = sample

    def paint(self) -> list[Rect]:
        """Paint what was taken; return the page rectangles whose ink changed."""
        changed = self._fix_certain()
        newest = self._live.peek(self._newest) if self._live else self._newest
        tips = self._tip(newest)
        rects = [rect for _, rect in tips]
        cells = {cell for (points, *_), rect in tips for cell in self._parts_of(points, rect)}
        self._reached, self._tip_cells = self._fresh | self._tip_cells | cells, cells
        self._fresh = set()
        dirty = [(a | b | c) & self._page for a, b, c in zip(changed, self._tip_rects, rects, strict=True)]
        for rect in dirty:
            self._refresh(rect, tips)
        self._tip_rects = rects
        return dirty

    def drawn_line(self, trace: Trace, strength: float) -> Trace | None:
        """What `steady_now` makes of `trace`, which the ink has gone through already; None if it was another motion."""
        if strength != self._strength or not np.array_equal(np.array(self._taken).reshape(-1, 6), trace.samples):
            return None
        return gathered([*self._steadied, *self.stabilizer.finish()]) if strength and len(trace) else trace

    def alpha(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """The ink on one tile of the page halved `level` times, or None. Halvings are made when asked for, by whichever
        thread asks first: the page is flattened on all cores."""
        self._seen_at = level
        if level > self._halvings or (level and self._stale):
            with self._halving:
                self._halve_up_to(level)
        return self._levels[level].get((column, row))

    def hidden(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """What a cord hides of a tile, or None."""
        return None

    def _halve_up_to(self, level: int) -> None:
        if level > self._halvings:
            self._stale = [Rect.of_cell(key, TILE) for key in self._levels[0]]
            self._halvings = level
        for rect in self._stale:
            self._halve(rect)
        self._stale = []

    def _append(self, s: Sample) -> None:
        point = s.x, s.y, *self._dynamics.at(s)
        if self._line:
            x, y, r, _ = self._line[-1]
            if (s.x - x) ** 2 + (s.y - y) ** 2 < CLOSEST_PX**2:
                if len(self._line) == 1 and point[2] > r:
                    self._line[0] = (x, y, *point[2:])
                    self._widest = max(self._widest, point[2])
                return
            self._drawn_px += math.hypot(s.x - x, s.y - y)
        self._widest = max(self._widest, point[2])
        self._line.append(point)

    def _fix_certain(self) -> list[Rect]:
        """Paint the segments whose spline is fixed, those with a point after them, once and for all."""
        fixed, end = self._fixed, len(self._line) - 2
        self._taper_amount = taper_amount(self._drawn_px, 2.0 * self._widest)
        if end <= fixed or (self._taper_in > 0.0 and self._taper_amount < 1.0):  # it may be a dot yet
            return [EMPTY] * len(self._tip_rects)
        # From one point before the first new segment, for its tangent, to one after the last.
        # With the piece painted before it, whose joint could not be finished until now.
        joint = self._joint
        *painted, self._joint, self._length, rect = self._stretch(
            max(0, fixed - 1), end + 2, fixed, end, LONGEST_STEP_PX, joint
        )
        turns = self._repeated(tuple(painted), rect)
        for turn, reached in turns:
            self._paint(reached, turn, len(joint))
        self._fixed = end
        return [reached for _, reached in turns]

    def _repeated(self, painted: Painted, rect: Rect) -> list[tuple[Painted, Rect]]:
        """A stretch and its copies, each with the pixels it can touch."""
        turns = [(painted, rect)]
        points, ink, along = painted
        for m in self._copies:
            placed = np.column_stack([points[:, :2] @ m[:, :2].T + m[:, 2], points[:, 2]]).astype(np.float32)
            reached = rect_around(placed[:, :2], float(placed[:, 2].max()) + 1.0)
            turns.append(((placed, ink, along), reached))
        return turns

    def _tip(self, sample: Sample) -> list[tuple[Painted, Rect]]:
        """The rest of the line, to the pen itself, and its copies, each with the pixels it can touch."""
        x, y, radius, ink = self._line[-1]
        reaches = self._reaches and (sample.x - x) ** 2 + (sample.y - y) ** 2 >= CLOSEST_PX**2
        if reaches:
            self._line.append((sample.x, sample.y, radius, ink))
        last = len(self._line)
        fixed, step_px = self._fixed, LONGEST_STEP_PX * (1 << self._seen_at)  # as fine as it is seen
        *painted, _, _, rect = self._stretch(max(0, fixed - 1), last, min(fixed, last - 1), last - 1, step_px)
        if reaches:
            self._line.pop()
        return self._repeated(tuple(painted), rect)

    def _stretch(
        self, start: int, stop: int, first: int, last: int, step_px: float, joint: NDArray[np.float64] = NO_JOINT
    ) -> tuple[NDArray[np.float32], NDArray[np.uint8], NDArray[np.float64], NDArray[np.float64], float, Rect]:
        """The curve from line point `first` to `last`, through line points start .. stop - 1: `stretch_kernel`."""
        window = np.array(self._line[start:stop])
        points, ink, along, end, length, *rect = stretch(
            window, first - start, last - start, joint, self._length, self._taper_in, self._taper_amount,
            step_px, *self._wide_steps,
        )  # fmt: skip
        if self.pen.dash:
            ink[_in_gap(along, np.array(self.pen.dash) * self.size_px)] = 0
        return points, ink, along, end, length, Rect(*rect)

    def _paint(self, rect: Rect, painted: Painted, repeated: int) -> None:
        """Put a fixed stretch down; its first `repeated` points were painted before."""
        points, ink, along = painted
        # A joint is painted over by maximum; what adds up must not be painted twice.
        first = 0 if self.pen.tip == "smooth" and not self.pen.builds else repeated
        parts = self._parts_of(points, rect)
        for column, row in parts:
            self._fresh.add((column, row))
            if (column, row) not in self._fixed_tiles:
                tile = self._fixed_tiles[column, row] = new_buffer(self.pen, TILE, TILE)
                self._fixed_addresses[column, row] = address_of(tile)

        def paint_on(part: tuple[Key, tuple[int, int]]) -> None:
            (column, row), (begin, end) = part
            paint(
                self.pen, self.size_px, self._fixed_tiles[column, row], (column * TILE, row * TILE), points, ink, along,
                max(first, begin), end, starts=not repeated, ends=False,
            )  # fmt: skip

        if len(parts) < MANY_CELLS:
            for part in parts.items():
                paint_on(part)
        else:
            in_shares(paint_on, list(parts.items()))

    def _parts_of(self, points: NDArray[np.float32], around: Rect) -> dict[Key, tuple[int, int]]:
        """The tiles that a line can touch inside its rectangle, each with the first and last + 1 segment that can: a
        far line passes few of those it spans."""
        rect = around & self._page
        if not rect:
            return {}
        column0, row0 = rect.x0 // TILE, rect.y0 // TILE
        columns, rows = (rect.x1 - 1) // TILE - column0 + 1, (rect.y1 - 1) // TILE - row0 + 1
        if columns * rows <= FEW_CELLS:
            return dict.fromkeys(rect.cells(TILE), (0, len(points)))
        whole = np.array([(0, len(points))])
        touched = touched_cells(for_reading(points), whole, TILE, column0, row0, columns, rows)
        return {(column, row): (first, last) for column, row, _, _, first, last in touched.tolist()}

    def _refresh(self, rect: Rect, tips: list[tuple[Painted, Rect]]) -> None:
        """Bring level 0 up to date inside `rect`; most pens' halvings above it are made when asked for."""
        cells = [cell for cell in rect.cells(TILE) if cell in self._reached]
        if self._is_one_line:
            (((points, ink, _), _),) = tips
            for column, row in cells:
                x, y = column * TILE, row * TILE
                part = rect & Rect(x, y, x + TILE, y + TILE)
                tiles, dry = self._addresses(column, row), self._fixed_addresses.get((column, row), 0)
                show_tip(tiles, TILE, dry, *part, points, ink)
            return
        starts = self._fixed == 0
        for column, row in cells:
            x, y = column * TILE, row * TILE
            part = rect & Rect(x, y, x + TILE, y + TILE)
            inside = slice(part.y0 - y, part.y1 - y), slice(part.x0 - x, part.x1 - x)
            fixed, shown = self._fixed_tiles.get((column, row)), _tile(self._levels[0], (column, row))
            if self._is_plain:  # what is fixed is shown just as it is, and a tip painted over it
                shown[inside] = 0 if fixed is None else fixed[inside]
                fresh, corner = shown, (x, y)
            else:
                size = part.height, part.width
                fresh = new_buffer(self.pen, *size) if fixed is None else fixed[inside].copy()
                corner = part.x0, part.y0
            for (points, ink, along), reached in tips:
                if reached & part:
                    last = len(points)
                    paint(self.pen, self.size_px, fresh, corner, points, ink, along, 0, last, starts=starts)
            if not self._is_plain:
                shown[inside] = finished(self.pen, fresh, corner)
        if rect and self._halvings:
            self._stale.append(rect)

    def _halve(self, rect: Rect) -> None:
        """Bring the halvings up to date inside `rect` (page px)."""
        for column, row in rect.cells(TILE):
            if (column, row) not in self._levels[0]:
                continue
            part = rect & Rect.of_cell((column, row), TILE)
            halve_alpha_through(self._addresses(column, row), TILE, *part)

    def _addresses(self, column: int, row: int) -> NDArray[np.int64]:
        """Where a tile is in memory, and those of the halvings that hold it."""
        known = self._chains.get((column, row))
        if known is None or len(known) <= self._halvings:
            tiles = [
                _tile(tiles, (column >> k, row >> k)) for k, tiles in enumerate(self._levels[: self._halvings + 1])
            ]
            known = self._chains[column, row] = np.array([address_of(tile) for tile in tiles], np.int64)
        return known


def _in_gap(along: NDArray[np.float64], lengths: NDArray[np.float64]) -> NDArray[np.bool_]:
    """Which places lie in a gap of a dash pattern."""
    edges = np.cumsum(lengths)
    return np.searchsorted(edges, np.mod(along, edges[-1]), side="right") % 2 == 1


def _tile(tiles: dict[Key, NDArray[np.uint8]], key: Key) -> NDArray[np.uint8]:
    tile = tiles.get(key)
    if tile is None:
        tile = tiles[key] = np.zeros((TILE, TILE), np.uint8)
    return tile
