"""A cord or a motif while the pen is down: its line is worked out whole with every event, and a tile is inked when it
is shown, at the size it is shown at. A lock of hair changes from end to end with every sample."""

from __future__ import annotations

import threading
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.hand import Sample, Trace
from jotsk.core.ink.halvings import Halvings
from jotsk.core.ink.painting import WHOLE, inked_tiles, shelled_tiles
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE, Ribbon, ribbon_of
from jotsk.core.ink.wet import Key, WetInk


class WetFigure(WetInk):
    """As `WetInk`, for pens whose line is more than a ribbon of ink."""

    def __init__(self, pen: Pen, size_px: float, strength: float, scale: float = 1.0, **options: Any) -> None:
        super().__init__(pen, size_px, strength, scale, **options)
        self._places: list[Sample] = []
        self._lines = {
            0: ribbon_of(Trace(np.zeros((0, 6))), pen, size_px)
        }  # the line, on the page halved so many times
        self._scaling = threading.Lock()
        self._ever: set[Key] = set()  # the tiles that ever had ink
        self._inked, self._hidden = Halvings(self._ink_of), Halvings(self._width_of)

    @property
    def cells(self) -> set[Key]:
        return set(self._ever)

    def _append(self, s: Sample) -> None:
        super()._append(s)
        self._places.append(s)

    def paint(self) -> list[Rect]:
        """Work out the line with what was taken; return the page rectangles whose ink changed."""
        newest = self._live.peek(self._newest) if self._live else self._newest
        places = list(self._places)
        if self._reaches and (not places or newest.t > places[-1].t):
            places.append(newest)
        rows = np.array(places, np.float64).reshape(-1, 6)
        rows = rows[np.concatenate([[True], np.diff(rows[:, 0]) > 0])] if len(rows) else rows
        line = ribbon_of(Trace(rows), self.pen, self.size_px, self._scale).repeated(self._copies)
        changed = line.cells_unlike(self._lines[0])
        self._lines = {0: line}
        self._ever.update(line.cells)
        for tiles in (self._inked, self._hidden):
            tiles.forget(changed)
        rects = (Rect.of_cell(key, TILE) & self._page for key in changed)
        return [rect for rect in rects if rect]

    def alpha(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        return self._inked.tile(level, (column, row))

    def hidden(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        return self._hidden.tile(level, (column, row)) if self.pen.cord > 0 else None

    def _ink_of(self, level: int, key: Key) -> NDArray[np.uint8] | None:
        if level and not (self._is_plain and self.pen.tip == "smooth"):
            return self._inked.halved(level, key)  # paper and tips are as large as the page
        line = self._line_at(level)
        return inked_tiles(self.pen, self.size_px / (1 << level), line, [key])[0] if key in line.cells else None

    def _width_of(self, level: int, key: Key) -> NDArray[np.uint8] | None:
        line = self._line_at(level)
        return shelled_tiles(WHOLE, line, [key])[0] if key in line.cells else None

    def _line_at(self, level: int) -> Ribbon:
        """The line on the page halved so many times; whichever thread asks first works it out."""
        with self._scaling:
            line = self._lines.get(level)
            if line is None:
                line = self._lines[level] = self._lines[0].scaled(0.5**level)
            assert line.cells is not None  # for all threads
        return line


def wet_ink(pen: Pen, size_px: float, strength: float, scale: float = 1.0, **options: Any) -> WetInk:
    """The ink of a pen while it is down, as `WetInk` takes it."""
    return (WetFigure if pen.is_figure else WetInk)(pen, size_px, strength, scale, **options)
