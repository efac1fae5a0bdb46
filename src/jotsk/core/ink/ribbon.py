"""From a steadied line to the shape of the stroke."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect, arc_lengths, catmull_rom
from jotsk.core.geometry.rects import rect_around
from jotsk.core.hand.trace import Trace
from jotsk.core.ink.coverage_kernel import cell_ranges
from jotsk.core.ink.pens import Pen

LONGEST_STEP_PX = 3.0
MOST_CELLS = 4_000_000
CLOSEST_PX = 1.0  # closer samples make joints shorter than a pixel, where coverage by maximum is wrong


TILE = 128


@dataclass(frozen=True, eq=False)
class Ribbon:
    """The shape of one stroke.

    `points` is read-only float32 (N, 3): x, y, radius in page px, in the order drawn. `ink` is uint8 (N,):
    how much ink each place takes, 255 all. `times` is float64 (N,), seconds.
    """

    points: NDArray[np.float32]
    ink: NDArray[np.uint8]
    times: NDArray[np.float64]

    def __post_init__(self) -> None:
        for array in (self.points, self.ink, self.times):
            array.setflags(write=False)

    def __len__(self) -> int:
        return len(self.points)

    @cached_property
    def cells(self) -> dict[tuple[int, int], tuple[int, int]]:
        """(column, row) of every 128 px tile the ribbon can touch -> its first and last + 1 segment there."""
        if not len(self.points):
            return {}
        bounds = self.bounds
        column0, row0 = bounds.x0 // TILE, bounds.y0 // TILE
        columns, rows = (bounds.x1 - 1) // TILE - column0 + 1, (bounds.y1 - 1) // TILE - row0 + 1
        if columns * rows > MOST_CELLS:
            raise ValueError(f"a ribbon over {columns} x {rows} tiles is no stroke on any page")
        first, last = cell_ranges(self.points, TILE, column0, row0, columns, rows)
        return {
            (column0 + x, row0 + y): (int(first[y, x]), int(last[y, x])) for y, x in np.argwhere(first >= 0).tolist()
        }

    @cached_property
    def bounds(self) -> Rect:
        """All pixels the ribbon can touch."""
        if not len(self.points):
            return Rect(0, 0, 0, 0)
        return rect_around(self.points[:, :2], float(self.points[:, 2].max()) + 1.0)

    @property
    def length_px(self) -> float:
        return float(arc_lengths(self.points)[-1]) if len(self.points) else 0.0


def dynamics(
    pressure: NDArray[np.float64], pen: Pen, size_px: float
) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Return radius in px and ink 0..255 at each pressure."""
    response = pen.response(pressure)
    radius = 0.5 * size_px * (pen.lightest + (1 - pen.lightest) * response)
    ink = 255.0 * pen.opacity * (pen.faintest + (1 - pen.faintest) * response)
    return radius, ink


def ribbon_of(line: Trace, pen: Pen, size_px: float) -> Ribbon:
    """Return the ribbon a pen leaves along a steadied line.

    Samples closer than `CLOSEST_PX` are thinned (both ends stay), the rest is joined by a centripetal Catmull-Rom
    spline in steps of at most `LONGEST_STEP_PX`.
    """
    if not len(line):
        return Ribbon(np.zeros((0, 3), np.float32), np.zeros(0, np.uint8), np.zeros(0))
    radius, ink = dynamics(line.pressure, pen, size_px)
    columns = np.column_stack([line.xy, radius, ink, line.t])
    columns = catmull_rom(thinned(columns, CLOSEST_PX), LONGEST_STEP_PX)
    # A spline may overshoot its data; width and ink may not.
    columns[:, 2] = np.maximum(columns[:, 2], 0.0) * _tapered(columns, pen, size_px)
    points = columns[:, :3].astype(np.float32)
    return Ribbon(points, np.clip(columns[:, 3] + 0.5, 0, 255).astype(np.uint8), columns[:, 4].copy())


def thinned(columns: NDArray[np.float64], closest: float) -> NDArray[np.float64]:
    """Keep samples at least `closest` px apart, widest of those that rest on one spot, both ends."""
    if len(columns) < 3:
        return columns
    kept = [0]
    widest = columns[:, 2].copy()
    xy = columns[:, :2].tolist()
    x, y = xy[0]
    for i in range(1, len(xy)):
        if (xy[i][0] - x) ** 2 + (xy[i][1] - y) ** 2 >= closest * closest:
            kept.append(i)
            x, y = xy[i]
        else:
            # Pressing harder without moving swells the spot; it must not be lost with the sample.
            widest[kept[-1]] = max(widest[kept[-1]], columns[i, 2])
    out = columns.copy()
    out[:, 2] = widest
    if kept[-1] != len(xy) - 1:
        last_x, last_y = xy[-1]
        near = (last_x - x) ** 2 + (last_y - y) ** 2 < closest * closest
        if near and len(kept) > 1:
            kept.pop()
        kept.append(len(xy) - 1)
    return out[kept]


def _tapered(columns: NDArray[np.float64], pen: Pen, size_px: float) -> NDArray[np.float64]:
    """Share of the width left by the tapers, which scale with the size and never exceed half the line."""
    along = arc_lengths(columns)
    total = along[-1]
    scale = size_px / pen.size_px
    share = np.ones(len(columns))
    if total <= 0:
        return share
    for length, distance in ((pen.taper_in_px, along), (pen.taper_out_px, total - along)):
        reach = min(length * scale, total / 2)
        if reach > 0:
            share *= np.sqrt(np.clip(distance / reach, 0.0, 1.0) * 0.98 + 0.02)
    return share
