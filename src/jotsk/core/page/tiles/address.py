"""Where a tile lies: of the page, or of the page halved again and again."""

from __future__ import annotations

from collections.abc import Collection
from typing import TypeVar

from jotsk.core.page.tiles.tiles import Key

Place = tuple[int, int, int]  # level, column, row
T = TypeVar("T")


def taken_out(kept: dict[int, dict[Key, T]], cells: Collection[Key]) -> list[tuple[Place, T]]:
    """Take what shows one of the cells of the full size out of `kept`, by level; return it."""
    gone, here, at = [], set(cells), 0
    for level in sorted(kept) if cells else ():
        here, at = {(c >> (level - at), r >> (level - at)) for c, r in here}, level
        tiles = kept[level]
        gone += [((level, *key), tiles.pop(key)) for key in here if key in tiles]
    return gone
