"""A whole stroke shown as wet ink: a shape it has settled into, before it is on the page."""

from __future__ import annotations

from jotsk.core.geometry import Rect
from jotsk.core.ink.halvings import Alpha, Halvings
from jotsk.core.ink.painting import Key
from jotsk.core.marks.stroke import Stroke


class ShownInk:
    """The ink of a stroke as alpha over tiles, and what it hides, at every halving of the page that is asked for."""

    def __init__(self, stroke: Stroke, page: Rect) -> None:
        keys = stroke.cells_on(page)
        self._alphas = stroke.alphas(keys)
        self._ink, self._hidden = _halvings(self._alphas), _halvings(stroke.hides(keys))

    @property
    def cells(self) -> set[Key]:
        """(column, row) of the tiles that have ink."""
        return set(self._alphas)

    def alpha(self, level: int, column: int, row: int) -> Alpha | None:
        """The ink on one tile of the page halved `level` times, or None."""
        return self._ink.tile(level, (column, row))

    def hidden(self, level: int, column: int, row: int) -> Alpha | None:
        """What a cord hides there, or None."""
        return self._hidden.tile(level, (column, row))


def _halvings(tiles: dict[Key, Alpha]) -> Halvings:
    made = Halvings(lambda level, key: made.halved(level, key) if level else tiles.get(key))
    return made
