"""Tiles that are nothing but plain ink on paper, as most of a page of line art: many flattened in one compiled call."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from numpy.typing import NDArray

from jotsk.core.cores import THREADS, in_shares
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import address_of
from jotsk.core.page.compositing import Node
from jotsk.core.page.flat_kernel import flatten_into
from jotsk.core.page.former_tiles import Place
from jotsk.core.page.tiles import InkTile, Stored

Ink = list[tuple[int, ...]]  # rows as `ink_tiles_into` wants them
Shown = NDArray[np.uint8]  # (128, 128, 4) B, G, R, A: as a screen wants it


class PlainInk:
    """What layers put down, the lowest first."""

    def __init__(self, nodes: Sequence[Node]) -> None:
        self._nodes = nodes
        self._is_plain = all(node.is_plain_ink for node in nodes)
        self._rows: dict[int, list[tuple[Callable[[int], Stored | None], tuple[int, int, int]]]] = {}

    def on(self, place: Place) -> Ink | None:
        """All that is put down on a tile; None if it is more than plain ink."""
        if not self._is_plain:
            return None
        _, column, row = place
        if row not in self._rows:
            self._rows[row] = [(node.tiles.row(row).get, node.manner) for node in self._nodes]
        ink: Ink = []
        for tile_at, manner in self._rows[row]:
            tile = tile_at(column)
            if isinstance(tile, InkTile):
                ink.append((tile.address, int(tile.color), *manner))
            elif tile is not None:
                return None
        return ink


def flattened_together(paper: np.uint32, inks: Sequence[Ink], *, in_threads: bool) -> list[Shown]:
    """Flatten tiles of plain ink: each core does its share in one go, without the interpreter."""
    made = [np.empty((TILE, TILE, 4), np.uint8) for _ in inks]

    def flatten(part: slice) -> None:
        few = inks[part]
        shown = np.array([address_of(tile) for tile in made[part]], np.int64)
        starts = np.cumsum([0, *(len(ink) for ink in few)])
        tiles = np.array([row for ink in few for row in ink], np.int64).reshape(-1, 5)
        flatten_into(shown, TILE, paper, tiles, starts)

    if in_threads:
        in_shares(flatten, [slice(k, None, THREADS) for k in range(THREADS)])
    elif inks:
        flatten(slice(None))
    return made
