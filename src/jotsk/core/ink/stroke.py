"""Strokes: a trace and a recipe, and the ink that follows from them."""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.hand import Trace, steady_after, steady_now
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.ink.grain_kernel import grain_into, paper
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE, Ribbon, ribbon_of

Color = tuple[int, int, int]


@dataclass(frozen=True, eq=False)
class Cut:
    """An erasure: the ribbon of the eraser, in page px, belonging to one stroke."""

    ribbon: Ribbon
    shells: tuple[tuple[float, float], ...] = ((1.0, 1.0),)

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    def alpha(self, column: int, row: int) -> NDArray[np.uint8] | None:
        """What is taken away on one tile, uint8, or None where the eraser did not pass."""
        return _shells_alpha(self.ribbon, self.shells, column, row)


@dataclass(frozen=True, eq=False)
class Stroke:
    """Trace + pen + colour + cuts; `line`, `ribbon` and pixels are computed from them when first asked for.

    `scale` is how many screen px a page px had while drawing: the live filter judges speed on the screen.
    """

    trace: Trace
    pen: Pen
    size_px: float
    color: Color
    steady_now: float
    steady_after: float
    scale: float = 1.0
    cuts: tuple[Cut, ...] = field(default=())

    @cached_property
    def drawn_line(self) -> Trace:
        """The line as it came while drawing."""
        return steady_now(self.trace, self.steady_now, scale=self.scale)

    @cached_property
    def line(self) -> Trace:
        """The centre line after the lift."""
        return steady_after(self.drawn_line, self.steady_after)

    @cached_property
    def ribbon(self) -> Ribbon:
        return ribbon_of(self.line, self.pen, self.size_px)

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    def cells_on(self, page: Rect) -> list[tuple[int, int]]:
        """(column, row) of the tiles inside `page` that the stroke can touch."""
        return cells_on(self.ribbon, page)

    def alpha(self, column: int, row: int) -> NDArray[np.uint8] | None:
        """Ink on one 128 x 128 tile as uint8, or None where the stroke leaves nothing."""
        alpha = _shells_alpha(self.ribbon, self.pen.shells, column, row)
        if alpha is None:
            return None
        if self.pen.grain:
            grain_into(alpha, column * TILE, row * TILE, paper(), self.pen.grain)
        for cut in self.cuts:
            gone = cut.alpha(column, row)
            if gone is not None:
                scale_alpha_into(alpha, gone)
        return alpha if alpha.any() else None

    def resteadied(self, strength: float) -> Stroke:
        """The same stroke steadied by `strength` after the lift; its cuts stay where they are."""
        return replace(self, steady_after=strength)

    def with_cut(self, cut: Cut) -> Stroke:
        new = replace(self, cuts=(*self.cuts, cut))
        for name in ("drawn_line", "line", "ribbon"):  # a cut changes none of them
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new


def _shells_alpha(
    ribbon: Ribbon, shells: tuple[tuple[float, float], ...], column: int, row: int
) -> NDArray[np.uint8] | None:
    part = ribbon.cells.get((column, row))
    if part is None:
        return None
    buffer = np.zeros((TILE, TILE), np.uint8)
    x0, y0 = float(column * TILE), float(row * TILE)
    for radius_share, ink_share in shells:
        points, ink = shell(ribbon.points, ribbon.ink, radius_share, ink_share)
        paint_ribbon(buffer, x0, y0, points, ink, *part, False)
    return buffer


def cells_on(ribbon: Ribbon, page: Rect) -> list[tuple[int, int]]:
    """(column, row) of the tiles inside `page` that a ribbon can touch."""
    return [
        (c, r)
        for c, r in ribbon.cells
        if c * TILE < page.x1 and r * TILE < page.y1 and (c + 1) * TILE > page.x0 and (r + 1) * TILE > page.y0
    ]


def shell(
    points: NDArray[np.float32], ink: NDArray[np.uint8], radius_share: float, ink_share: float
) -> tuple[NDArray[np.float32], NDArray[np.uint8]]:
    """The ribbon with its radii and its ink scaled; the arrays themselves if nothing changes."""
    if radius_share != 1.0:
        points = points * np.array([1.0, 1.0, radius_share], np.float32)
    if ink_share != 1.0:
        ink = (ink * ink_share + 0.5).astype(np.uint8)
    return points, ink


def packed(color: Color) -> np.uint32:
    """An opaque colour as one pixel, R in the lowest byte."""
    r, g, b = color
    return np.uint32(r | g << 8 | b << 16 | 0xFF000000)
