"""A cord or a motif while the pen is down: worked out whole with every event, and inked anew where it changed."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

import numpy as np

from jotsk.core.geometry import Rect
from jotsk.core.hand import Sample, Trace
from jotsk.core.ink.painting import inked_tiles
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE, Ribbon, ribbon_of
from jotsk.core.ink.wet import WetInk


class WetFigure(WetInk):
    """As `WetInk`, for pens whose line is more than a ribbon of ink. What a cord hides is its `whole` width, inked."""

    def __init__(self, pen: Pen, size_px: float, strength: float, scale: float = 1.0, **options: Any) -> None:
        super().__init__(pen, size_px, strength, scale, **options)
        self._places: list[Sample] = []
        self._ribbon: Ribbon | None = None
        plain = replace(pen, cord=0.0, motif="none")
        self.whole = WetInk(plain, size_px, strength, scale, **options) if pen.cord > 0 else None

    def take(self, sample: Sample) -> None:
        super().take(sample)
        if self.whole is not None:
            self.whole.take(sample)

    def _append(self, s: Sample) -> None:
        super()._append(s)
        self._places.append(s)

    def paint(self) -> list[Rect]:
        """Paint what was taken; return the page rectangles whose ink changed."""
        newest = self._live.peek(self._newest) if self._live else self._newest
        places = list(self._places)
        if self._reaches and (not places or newest.t > places[-1].t):
            places.append(newest)
        rows = np.array(places, np.float64).reshape(-1, 6)
        rows = rows[np.concatenate([[True], np.diff(rows[:, 0]) > 0])] if len(rows) else rows
        before, self._ribbon = self._ribbon, ribbon_of(Trace(rows), self.pen, self.size_px, self._scale)
        self._ribbon = self._ribbon.repeated(self._copies)
        changed = set(self._ribbon.cells) if before is None else self._ribbon.cells_unlike(before)
        there = [key for key in changed if key in self._ribbon.cells]
        inked = dict(zip(there, inked_tiles(self.pen, self.size_px, self._ribbon, there), strict=True))
        rects = [] if self.whole is None else self.whole.paint()
        for column, row in changed:
            rect = Rect(column * TILE, row * TILE, (column + 1) * TILE, (row + 1) * TILE) & self._page
            if rect:
                shown = self._levels[0].setdefault((column, row), np.zeros((TILE, TILE), np.uint8))
                shown[:] = inked.get((column, row), 0)
                rects.append(rect)
                if self._halvings:
                    self._stale.append(rect)
        return rects


def wet_ink(pen: Pen, size_px: float, strength: float, scale: float = 1.0, **options: Any) -> WetInk:
    """The ink of a pen while it is down, as `WetInk` takes it."""
    return (WetFigure if pen.is_figure else WetInk)(pen, size_px, strength, scale, **options)
