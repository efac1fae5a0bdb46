"""Strokes: a trace and a recipe, and the ink that follows from them."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field, replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.computed import computed
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.guides import Hold, held_line
from jotsk.core.guides.symmetry import Map, after, inverse
from jotsk.core.hand import Steadier, Trace, steady_now
from jotsk.core.hand.steady_after import METHOD, USUAL_TREMOR_PX
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.painting import Key, inked_tiles, shelled_tiles
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import NO_TAPER, TILE, Ribbon, ribbon_of

Color = tuple[int, int, int]


@dataclass(frozen=True, eq=False)
class Cut:
    """An erasure: the ribbon of the eraser, in page px, belonging to one stroke.

    `unknown` is JSON of what its file says beyond that; so it is for strokes.
    """

    ribbon: Ribbon
    shells: tuple[tuple[float, float], ...] = ((1.0, 1.0),)
    unknown: str = ""

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    def mapped(self, k: float, dx: float, dy: float) -> Cut:
        """The same erasure on a page whose content is k times as large and moved."""
        points = (self.ribbon.points * k + np.array([dx, dy, 0.0])).astype(np.float32)
        ribbon = Ribbon(points, self.ribbon.ink.copy(), self.ribbon.times.copy(), self.ribbon.pieces)
        return replace(self, ribbon=ribbon)

    def alphas(self, keys: Iterable[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What is taken away, uint8, on those of the tiles `keys` that the eraser can have touched."""
        touched = [key for key in keys if key in self.ribbon.cells]
        return dict(zip(touched, shelled_tiles(self.shells, self.ribbon, touched), strict=True))


@dataclass(frozen=True, eq=False)
class Stroke:
    """Trace + pen + colour + cuts; `line`, `ribbon` and pixels are computed from them when first asked for.

    `scale` is how many screen px a page px had while drawing: the live filter judges speed on the screen. A stroke
    that lies `atop` colours only the ink that was there before it. `hold` is the rail its line is held to, if any, and
    `copies` are the isometries (2, 3) that make its copies from it; all of them are this one stroke. `tremor_px` is the
    hand's tremor, RMS an axis in screen px, that it is judged by after the lift, and `method` the number of the way in
    which that is done.
    """

    trace: Trace
    pen: Pen
    size_px: float
    color: Color
    steady_now: float
    steady_after: float
    scale: float = 1.0
    cuts: tuple[Cut, ...] = field(default=())
    atop: bool = False
    hold: Hold | None = None
    copies: tuple[Map, ...] = ()
    unknown: str = ""
    tremor_px: float = USUAL_TREMOR_PX
    method: int = METHOD

    @computed
    def drawn_line(self) -> Trace:
        """The line as it came while drawing."""
        pen = self.pen
        return steady_now(
            self.trace, self.steady_now, way=pen.way, scale=self.scale if pen.by_screen else 1.0,
            less_when_fast=pen.less_when_fast, corners=pen.keeps_corners,
        )  # fmt: skip

    def drawn_as(self, line: Trace | None) -> Stroke:
        """The same stroke, whose `drawn_line` is known if it is given."""
        if line is not None:
            self.__dict__["drawn_line"] = line
        return self

    @computed
    def steadier(self) -> Steadier:
        motion = self.drawn_line if self.pen.way == "tow" else self.trace  # a rope makes a line of its own
        return Steadier(motion, scale=self.scale, tremor_px=self.tremor_px)

    @computed
    def line(self) -> Trace:
        """The centre line after the lift."""
        line = self.steadier.line(self.steady_after) if self.steady_after else self.drawn_line
        return held_line(line, self.hold) if self.hold else line

    @computed
    def ribbon(self) -> Ribbon:
        """The shape of the stroke, its copies included."""
        return self.own_ribbon.repeated(self.copies)

    @computed
    def own_ribbon(self) -> Ribbon:
        """Without its copies."""
        pen, line = self.pen, self.line
        if self.hold is not None and self.hold.rail.round and len(line) > 2 and np.allclose(line.xy[0], line.xy[-1]):
            pen = replace(pen, taper_in=NO_TAPER, taper_out=NO_TAPER)  # gone all the way round, it has no ends
        return ribbon_of(line, pen, self.size_px, self.scale)

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    def may_touch(self, area: Rect) -> bool:
        """Whether there can be ink in `area`; far from it, that is known without working the stroke out."""
        if "ribbon" not in self.__dict__ and self.hold is None and not self.copies:
            low, high = self.trace.xy.min(axis=0), self.trace.xy.max(axis=0)
            # Steadied, a line goes little beyond the hand's motion; no tip is larger than this.
            reach = float(np.hypot(*(high - low))) / 2 + self.size_px * max(1.0, self.pen.tilt_widens) + 2.0
            if not rect_around(np.array([low, high]), reach) & area:
                return False
        return bool(self.bounds & area)

    def cells_on(self, page: Rect) -> list[Key]:
        """(column, row) of the tiles inside `page` that the stroke can touch."""
        return cells_on(self.ribbon, page)

    def alphas(self, keys: Iterable[Key]) -> dict[Key, NDArray[np.uint8]]:
        """Ink, uint8 (128, 128), on those of the tiles `keys` that the stroke can touch."""
        touched = [key for key in keys if key in self.ribbon.cells]
        alphas = dict(zip(touched, inked_tiles(self.pen, self.size_px, self.ribbon, touched), strict=True))
        for cut in self.cuts:
            for key, gone in cut.alphas(touched).items():
                scale_alpha_into(alphas[key], gone)
        return alphas

    def alpha(self, column: int, row: int) -> NDArray[np.uint8] | None:
        """Ink on one tile, or None where the stroke leaves nothing."""
        alpha = self.alphas([(column, row)]).get((column, row))
        return alpha if alpha is not None and alpha.any() else None

    def settled(self, hold: Hold | None) -> Stroke:
        """The same stroke on another rail, or as the hand left it."""
        new = replace(self, hold=hold)
        for name in ("drawn_line", "steadier"):
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new

    def resteadied(self, strength: float) -> Stroke:
        """The same stroke steadied by `strength` after the lift; its cuts stay where they are."""
        new = replace(self, steady_after=strength, method=METHOD)
        for name in ("drawn_line", "steadier"):  # neither depends on what comes after the lift
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new

    @property
    def is_worked_out(self) -> bool:
        """Whether its line can be shown, and steadied anew, at once."""
        return "ribbon" in self.__dict__ and "steadier" in self.__dict__

    def lines_at(self, strength: float) -> list[NDArray[np.float64]]:
        """Only where the line and its copies would run, steadied by `strength`: (N, 2) page px each."""
        places = self.steadier.places(strength)
        if self.hold is not None:
            places = held_line(self.steadier.line(strength), self.hold).xy
        return [places, *(places @ m[:, :2].T + m[:, 2] for m in self.copies)]

    def let_go(self, *, shape: bool = False) -> None:
        """Forget what is only needed while the line is being mended, and its shape too; it is computed again when asked
        for."""
        for name in ("drawn_line", "steadier", "line", *(("own_ribbon", "ribbon") if shape else ())):
            self.__dict__.pop(name, None)

    @property
    def nbytes(self) -> int:
        """Of the motion and its cuts: what cannot be computed again."""
        return self.trace.samples.nbytes + sum(cut.ribbon.nbytes for cut in self.cuts)

    def mapped(self, k: float, dx: float, dy: float) -> Stroke:
        """The same stroke on a page whose content is k times as large and moved: a motion, not its pixels."""
        m = np.array([[k, 0.0, dx], [0.0, k, dy]])
        cuts = tuple(cut.mapped(k, dx, dy) for cut in self.cuts)
        there = inverse(m)
        copies = tuple(after(m, after(copy, there)) for copy in self.copies)
        return replace(self._moved(m), size_px=self.size_px * k, scale=self.scale / k, cuts=cuts, copies=copies)

    def parted(self) -> list[Stroke]:
        """The stroke and its copies, each a stroke of its own. What was rubbed out stays so in all of them."""
        alone = replace(self, copies=())
        return [alone, *(alone._moved(m) for m in self.copies)]

    def _moved(self, m: Map) -> Stroke:
        """The hand's motion elsewhere; cuts stay where they are."""
        samples = self.trace.samples.copy()
        samples[:, 1:3] = samples[:, 1:3] @ m[:, :2].T + m[:, 2]
        return replace(self, trace=Trace(samples), hold=self.hold.mapped(m) if self.hold else None)

    def with_cut(self, cut: Cut) -> Stroke:
        new = replace(self, cuts=(*self.cuts, cut))
        for name in ("drawn_line", "steadier", "line", "own_ribbon", "ribbon"):  # a cut changes none of them
            if name in self.__dict__:
                new.__dict__[name] = self.__dict__[name]
        return new


def cells_on(ribbon: Ribbon, page: Rect) -> list[Key]:
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
