"""Strokes: a trace and a recipe, and the ink that follows from them."""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.hand import Steadier, Trace, steady_now
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.painting import finished, new_buffer, paint, paint_shells
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
        parts = self.ribbon.cells.get((column, row))
        if parts is None:
            return None
        alpha = np.zeros((TILE, TILE), np.uint8)
        for start, stop, first, last in parts:
            piece = slice(start, stop)
            corner = float(column * TILE), float(row * TILE)
            paint_shells(self.shells, alpha, corner, self.ribbon.points[piece], self.ribbon.ink[piece], first, last)
        return alpha


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
        pen = self.pen
        return steady_now(
            self.trace, self.steady_now, way=pen.way, scale=self.scale if pen.by_screen else 1.0,
            less_when_fast=pen.less_when_fast, corners=pen.keeps_corners,
        )  # fmt: skip

    @cached_property
    def steadier(self) -> Steadier:
        return Steadier(self.drawn_line, scale=self.scale)

    @cached_property
    def line(self) -> Trace:
        """The centre line after the lift."""
        return self.steadier.line(self.steady_after)

    @cached_property
    def ribbon(self) -> Ribbon:
        return ribbon_of(self.line, self.pen, self.size_px, self.scale)

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    def cells_on(self, page: Rect) -> list[tuple[int, int]]:
        """(column, row) of the tiles inside `page` that the stroke can touch."""
        return cells_on(self.ribbon, page)

    def alpha(self, column: int, row: int) -> NDArray[np.uint8] | None:
        """Ink on one 128 x 128 tile as uint8, or None where the stroke leaves nothing."""
        parts = self.ribbon.cells.get((column, row))
        if parts is None:
            return None
        pen, ribbon = self.pen, self.ribbon
        buffer = new_buffer(pen, TILE, TILE)
        corner = column * TILE, row * TILE
        for start, stop, first, last in parts:
            piece = slice(start, stop)
            paint(
                pen, self.size_px, buffer, corner, ribbon.points[piece], ribbon.ink[piece], ribbon.along[piece],
                first, last,
            )  # fmt: skip
        alpha = finished(pen, buffer, corner)
        for cut in self.cuts:
            gone = cut.alpha(column, row)
            if gone is not None:
                scale_alpha_into(alpha, gone)
        return alpha if alpha.any() else None

    def resteadied(self, strength: float) -> Stroke:
        """The same stroke steadied by `strength` after the lift; its cuts stay where they are."""
        new = replace(self, steady_after=strength)
        for name in ("drawn_line", "steadier"):  # neither depends on what comes after the lift
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new

    def with_cut(self, cut: Cut) -> Stroke:
        new = replace(self, cuts=(*self.cuts, cut))
        for name in ("drawn_line", "steadier", "line", "ribbon"):  # a cut changes none of them
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new


def cells_on(ribbon: Ribbon, page: Rect) -> list[tuple[int, int]]:
    """(column, row) of the tiles inside `page` that a ribbon can touch."""
    return [
        (c, r)
        for c, r in ribbon.cells
        if c * TILE < page.x1 and r * TILE < page.y1 and (c + 1) * TILE > page.x0 and (r + 1) * TILE > page.y0
    ]


def packed(color: Color) -> np.uint32:
    """An opaque colour as one pixel, R in the lowest byte."""
    r, g, b = color
    return np.uint32(r | g << 8 | b << 16 | 0xFF000000)
