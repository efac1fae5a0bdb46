"""A whole stroke shown as wet ink: a shape it has settled into, before it is on the page."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink.blend_kernel import for_reading, halve_four_alphas_into
from jotsk.core.ink.painting import Key
from jotsk.core.ink.ribbon import TILE
from jotsk.core.marks.stroke import Stroke

NO_INK = np.zeros((TILE, TILE), np.uint8)
NO_INK.setflags(write=False)


class ShownInk:
    """The ink of a stroke as alpha over tiles, and what it hides, at every halving of the page that is asked for."""

    def __init__(self, stroke: Stroke, page: Rect) -> None:
        keys = stroke.cells_on(page)
        self._ink, self._hidden = _Halvings(stroke.alphas(keys)), _Halvings(stroke.hides(keys))

    @property
    def cells(self) -> set[Key]:
        """(column, row) of the tiles that have ink."""
        return self._ink.cells

    def alpha(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """The ink on one tile of the page halved `level` times, or None."""
        return self._ink.tile(level, (column, row))

    def hidden(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """What a cord hides there, or None."""
        return self._hidden.tile(level, (column, row))


class _Halvings:
    """Tiles of alpha, halved when asked for."""

    def __init__(self, tiles: dict[Key, NDArray[np.uint8]]) -> None:
        self._levels = [tiles]

    @property
    def cells(self) -> set[Key]:
        return set(self._levels[0])

    def tile(self, level: int, key: Key) -> NDArray[np.uint8] | None:
        while len(self._levels) <= level:
            below = self._levels[-1]
            halved: dict[Key, NDArray[np.uint8]] = {}
            for c, r in {(c // 2, r // 2) for c, r in below}:
                small = halved[c, r] = np.empty((TILE, TILE), np.uint8)
                four = (for_reading(below.get((2 * c + dc, 2 * r + dr), NO_INK)) for dr in range(2) for dc in range(2))
                halve_four_alphas_into(small, *four)
            self._levels.append(halved)
        return self._levels[level].get(key)
