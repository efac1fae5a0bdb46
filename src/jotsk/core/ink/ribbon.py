"""From a steadied line to the shape of the stroke."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect, arc_lengths, catmull_rom
from jotsk.core.geometry.rects import rect_around
from jotsk.core.hand.trace import Trace
from jotsk.core.ink.alike_kernel import alike_at_ends
from jotsk.core.ink.blend_kernel import for_reading
from jotsk.core.ink.coverage_kernel import touched_cells
from jotsk.core.ink.dynamics import HALF_SPEED_PX_S, speeds, state_of, widths_and_ink
from jotsk.core.ink.motifs import motif_ribbon
from jotsk.core.ink.pens import Pen, Taper
from jotsk.core.ink.thinning_kernel import kept_apart
from jotsk.core.runtime.computed import computed

TILE = 128
LONGEST_STEP_PX = 3.0
WIDE_STEP, MOST_OFF = 1 / 8, 1 / 500  # of a wide line's radius: a longer step, and how far it lies off the curve
MOST_CELLS = 4_000_000
GRAIN = 1024.0
NO_TAPER = Taper()
DOT_WIDTHS, LINE_WIDTHS = 0.5, 2.0  # a mark shorter than that is a dot, a longer one a line
CLOSEST_PX = 1.0  # closer samples make joints shorter than a pixel, where coverage by maximum is wrong

Key = tuple[int, int]


@dataclass(frozen=True, eq=False)
class Ribbon:
    """The shape of one stroke.

    `points` is read-only float32 (N, 3): x, y, radius in page px, in the order drawn. `ink` is uint8 (N,):
    how much ink each place takes, 255 all. `times` is float64 (N,), seconds. `along` is float64 (N,), the
    length up to each point, by which texture runs. A dashed stroke has several `pieces`, ranges of points;
    others have one. Of a stroke with copies the points are `turns` equal stretches, the stroke's own first.
    """

    points: NDArray[np.float32]
    ink: NDArray[np.uint8]
    times: NDArray[np.float64]
    pieces: tuple[tuple[int, int], ...] = ()
    turns: int = 1

    def __post_init__(self) -> None:
        for array in (self.points, self.ink, self.times):
            array.setflags(write=False)
        if not self.pieces:
            object.__setattr__(self, "pieces", ((0, len(self.points)),))

    def __len__(self) -> int:
        return len(self.points)

    @property
    def nbytes(self) -> int:
        return self.points.nbytes + self.ink.nbytes + self.times.nbytes

    @computed
    def along(self) -> NDArray[np.float64]:
        return np.tile(arc_lengths(self.points[: len(self.points) // self.turns]), self.turns)

    def repeated(self, maps: Sequence[NDArray[np.float64]]) -> Ribbon:
        """Followed by its images under (2, 3) isometries.

        Places are rounded to 1/1024 px, which float32 holds exactly on any page: then a mirror between px, or along
        their middles, gives the same px.
        """
        if not maps or not len(self.points):
            return self
        own = np.round(self.points[:, :2].astype(np.float64) * GRAIN) / GRAIN
        placed = [self._with_places(own), *(self._with_places(own @ m[:, :2].T + m[:, 2]) for m in maps)]
        n, times = len(self.points), len(maps) + 1
        pieces = tuple((start + k * n, stop + k * n) for k in range(times) for start, stop in self.pieces)
        whole = Ribbon(np.concatenate(placed), np.tile(self.ink, times), np.tile(self.times, times), pieces, times)
        return whole.measured(np.tile(self.along, times))

    def measured(self, along: NDArray[np.float64]) -> Ribbon:
        """This very ribbon, whose texture runs by these lengths: those of the line it is a part of."""
        self.__dict__["along"] = along
        return self

    def scaled(self, times: float, radius: float = 1.0) -> Ribbon:
        """It on a page `times` as large, and of so many times its radius there."""
        points = self.points * np.array([times, times, times * radius], np.float32)
        return Ribbon(points, self.ink, self.times, self.pieces, self.turns).measured(self.along * times)

    def edges(self) -> list[NDArray[np.float64]]:
        """Both edges of every piece, (N, 2) each."""
        edges: list[NDArray[np.float64]] = []
        for start, stop in self.pieces:
            points = self.points[start:stop].astype(np.float64)
            if len(points) < 2:
                continue
            along = np.gradient(points[:, :2], axis=0)
            along /= np.maximum(np.hypot(*along.T), 1e-9)[:, None]
            out = np.column_stack([-along[:, 1], along[:, 0]]) * points[:, 2:]
            edges += [points[:, :2] + out, points[:, :2] - out]
        return edges

    def each_turn(self) -> list[tuple[NDArray[np.float32], NDArray[np.float64]]]:
        """The points and times of the stroke's own line, then those of each copy."""
        points, times = self.points.reshape(self.turns, -1, 3), self.times.reshape(self.turns, -1)
        return list(zip(points, times, strict=True))

    def _with_places(self, places: NDArray[np.float64]) -> NDArray[np.float32]:
        return np.column_stack([places, self.points[:, 2]]).astype(np.float32)

    @computed
    def _piece_rows(self) -> NDArray[np.int64]:
        return np.array(self.pieces, np.int64)

    @computed
    def touched(self) -> NDArray[np.int64]:
        """(M, 6) as `touched_cells` returns it, by the cells' rows and columns."""
        if not len(self.points):
            return np.zeros((0, 6), np.int64)
        bounds = self.bounds
        column0, row0 = bounds.x0 // TILE, bounds.y0 // TILE
        columns, rows = (bounds.x1 - 1) // TILE - column0 + 1, (bounds.y1 - 1) // TILE - row0 + 1
        if columns * rows > MOST_CELLS:
            raise ValueError(f"a ribbon over {columns} x {rows} tiles is no stroke on any page")
        touched = touched_cells(self.points, self._piece_rows, TILE, column0, row0, columns, rows)
        return np.asarray(touched[np.lexsort((touched[:, 0], touched[:, 1]))])

    @property
    def begins_cell(self) -> NDArray[np.bool_]:
        """Which rows of `touched` are the first of their cell."""
        cells = self.touched[:, :2]
        is_first = np.ones(len(cells), np.bool_)
        is_first[1:] = (cells[1:] != cells[:-1]).any(axis=1)
        return is_first

    @computed
    def cells(self) -> dict[Key, NDArray[np.int64]]:
        """(column, row) of every 128 px tile the ribbon can touch -> the parts of it that can, (K, 4): points start ..
        stop of the ribbon, first and last + 1 segment of those."""
        touched = self.touched
        if not len(touched):
            return {}
        begin = np.flatnonzero(self.begins_cell)
        parts = np.split(touched[:, 2:], begin[1:])
        return {(column, row): part for (column, row), part in zip(touched[begin, :2].tolist(), parts, strict=True)}

    def cells_unlike(self, other: Ribbon) -> set[Key]:
        """The tiles on which both may differ: all but those with nothing than what is the same from the start of both
        on, or up to their end, a point beside it included."""
        if self.turns != other.turns or not len(self) or not len(other):
            return {*self.cells, *other.cells}
        early, late = alike_at_ends(*self._compared(), *other._compared(), self.turns)
        return self._reached_by(early, late) | other._reached_by(early, late)

    def _compared(self) -> tuple[NDArray[Any], ...]:
        """What `alike_at_ends` compares: points, their ink, their length along, and whether a piece starts (1) or stops
        (2) there."""
        ends = np.zeros(len(self), np.uint8)
        starts, stops = self._piece_rows.T
        ends[starts] += 1
        ends[stops - 1] += 2
        return for_reading(self.points), for_reading(self.ink), for_reading(self.along), ends

    def _reached_by(self, early: int, late: int) -> set[Key]:
        """The tiles of what lies neither within the first `early` nor the last `late` points of a turn."""
        n = len(self) // self.turns
        column, row, start, stop, first, last = self.touched.T
        turn = start // n * n
        low, high = start - turn + np.maximum(0, first - 2), np.minimum(stop - turn, start - turn + last + 2)
        is_other = (high > early) & (low < n - late)
        return set(zip(column[is_other].tolist(), row[is_other].tolist(), strict=True))

    @computed
    def bounds(self) -> Rect:
        """All pixels the ribbon can touch."""
        if not len(self.points):
            return Rect(0, 0, 0, 0)
        return rect_around(self.points[:, :2], float(self.points[:, 2].max()) + 1.0)

    @property
    def median_radius(self) -> float:
        """Of its points, px; of two in the middle the larger. Without the ceremony of numpy's own."""
        radii = self.points[:, 2]
        return float(np.partition(radii, len(radii) // 2)[len(radii) // 2])

    @property
    def length_px(self) -> float:
        own = self.points[: len(self.points) // self.turns]
        return float(arc_lengths(own)[-1]) if len(own) else 0.0


def ribbon_of(line: Trace, pen: Pen, size_px: float, scale: float = 1.0) -> Ribbon:
    """Return the ribbon a pen leaves along a steadied line.

    Samples closer than `CLOSEST_PX` are thinned (both ends stay), the rest is joined by a centripetal Catmull-Rom
    spline in steps of at most `LONGEST_STEP_PX`, or longer ones where it is wide (`wide_steps`).
    `scale` is screen px per page px, for what speed drives.
    """
    if not len(line):
        return Ribbon(np.zeros((0, 3), np.float32), np.zeros(0, np.uint8), np.zeros(0))
    state = state_of(line, pen, scale)
    radius, ink = widths_and_ink(state, pen, size_px)
    columns = np.column_stack([line.xy, radius, ink, line.t])
    columns = catmull_rom(thinned(columns, CLOSEST_PX), LONGEST_STEP_PX, *wide_steps(pen))
    along = arc_lengths(columns)
    if pen.profile.points and along[-1] > 0:
        columns[:, 2] *= pen.profile(along / along[-1])
    # A spline may overshoot its data; width and ink may not.
    columns[:, 2] = np.maximum(columns[:, 2], 0.0)
    if pen.taper_in != NO_TAPER or pen.taper_out != NO_TAPER:
        _taper_into(columns[:, 2], along, line, pen, size_px, scale)
    pieces: tuple[tuple[int, int], ...] = ()
    if pen.motif != "none" and along[-1] > 0:
        spacing, turn = (
            np.interp(columns[:, 4], line.t, by(state.value(by.by))) for by in (pen.spaced_by, pen.turned_by)
        )
        columns, pieces = motif_ribbon(columns, along, pen, spacing, np.radians(pen.motif_turn) * turn)
    elif pen.dash and along[-1] > 0:
        columns, pieces = dashed(columns, along, np.array(pen.dash) * size_px)
    points = columns[:, :3].astype(np.float32)
    levels = np.minimum(np.maximum(columns[:, 3] + 0.5, 0.0), 255.0).astype(np.uint8)
    return Ribbon(points, levels, columns[:, 4].copy(), pieces)


def wide_steps(pen: Pen) -> tuple[float, float]:
    """How long a step may be where a line is wide, and how far its chord may lie off the curve, as shares of the
    radius. A textured tip would show every joint of longer steps."""
    return (WIDE_STEP, MOST_OFF) if pen.tip == "smooth" else (0.0, 0.0)


def thinned(columns: NDArray[np.float64], closest: float) -> NDArray[np.float64]:
    """Keep samples at least `closest` px apart, widest of those that rest on one spot, both ends."""
    if len(columns) < 3:
        return columns
    kept, widest = kept_apart(columns, closest)
    out = columns.copy()
    out[:, 2] = widest
    return out[kept]


def dashed(
    columns: NDArray[np.float64], along: NDArray[np.float64], lengths: NDArray[np.float64]
) -> tuple[NDArray[np.float64], tuple[tuple[int, int], ...]]:
    """Cut a line into dashes: `lengths` px of dash, gap, dash, gap ... as seen, round caps included.

    A dash gives its caps from its own length, each as long as the line is thick there; one shorter than it is
    thick becomes a dot.
    """
    total = along[-1]
    edges = np.cumsum(np.tile(lengths, int(total / lengths.sum()) + 1))
    starts, stops = np.concatenate([[0.0], edges[1::2]])[: len(edges[::2])], edges[::2]
    parts: list[NDArray[np.float64]] = []
    pieces: list[tuple[int, int]] = []
    count = 0
    for begin, end in zip(starts, np.minimum(stops, total), strict=True):
        if begin >= total:
            break
        first, last = (float(np.interp(at, along, columns[:, 2])) for at in (begin, end))
        a = begin + first if begin > 0 else begin
        b = end - last if end < total else end
        if a >= b:
            a = b = (a + b) / 2
        at = np.concatenate([[a], along[(along > a) & (along < b)], [b]]) if b > a else np.array([a])
        part = np.column_stack([np.interp(at, along, c) for c in columns.T])
        parts.append(part)
        pieces.append((count, count + len(part)))
        count += len(part)
    return np.concatenate(parts), tuple(pieces)


def taper_share(distance: NDArray[np.float64], reach: float) -> NDArray[np.float64]:
    """Width share at a distance from an end that tapers over `reach` px: to a point, with the shoulders of a nib."""
    if reach <= 0:
        return np.ones_like(distance)
    u = np.clip(distance / reach, 0.0, 1.0)
    return u * (2.0 - u)


def _taper_into(
    radius: NDArray[np.float64], along: NDArray[np.float64], line: Trace, pen: Pen, size_px: float, scale: float
) -> None:
    """Narrow both ends of a line by its tapers, which scale with the size and never exceed half the line."""
    total = float(along[-1])
    if total <= 0:
        return
    early = late = 0.0
    if pen.taper_in.by_speed or pen.taper_out.by_speed:
        speed = speeds(line) * scale
        few = max(1, len(speed) // 5)
        early, late = float(speed[:few].max()), float(speed[-few:].max())
    start = min(total / 2, taper_reach(pen.taper_in, size_px / pen.size_px, total, early))
    end = min(total / 2, taper_reach(pen.taper_out, size_px / pen.size_px, total, late))
    first, last = np.searchsorted(along, (start, total - end))
    amount = taper_amount(total, 2.0 * float(radius.max()))
    radius[:first] *= 1.0 - amount * (1.0 - taper_share(along[:first], start))
    radius[last:] *= 1.0 - amount * (1.0 - taper_share(total - along[last:], end))


def taper_amount(total_px: float, width_px: float) -> float:
    """How far a line tapers at all, 0..1: a dot does not, a line twice as long as it is wide does, and one grows out
    of the other without a jump."""
    u = min(1.0, max(0.0, (total_px - DOT_WIDTHS * width_px) / ((LINE_WIDTHS - DOT_WIDTHS) * max(width_px, 1e-9))))
    return u * u * (3.0 - 2.0 * u)


def taper_reach(taper: Taper, size_scale: float, total_px: float, speed_px_s: float) -> float:
    """Length of a taper in px."""
    reach = taper.length_px * size_scale + taper.share * total_px
    return reach * (1 + speed_px_s**2 / (speed_px_s**2 + HALF_SPEED_PX_S**2)) if taper.by_speed else reach
