"""Tiles of layers that lie over each other one by one, as on most pages: many flattened in one compiled call."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import address_of
from jotsk.core.page.compose.compositing import Node
from jotsk.core.page.compose.flat_kernel import PIXELS, flatten_into
from jotsk.core.page.tiles.address import Place
from jotsk.core.page.tiles.tiles import InkTile, Stored
from jotsk.core.runtime.parallel import THREADS, in_shares

Plain = list[tuple[int, ...]]  # rows as `flatten_into` wants them, the lowest first
Shown = NDArray[np.uint8]  # (128, 128, 4) B, G, R, A: as a screen wants it


class PlainStack:
    """What layers put down, the lowest first."""

    def __init__(self, nodes: Sequence[Node]) -> None:
        self._nodes = nodes
        self._is_plain = all(node.is_alone for node in nodes)
        self._rows: dict[int, list[tuple[Callable[[int], Stored | None], tuple[int, int, int, int]]]] = {}

    def on(self, place: Place) -> Plain | None:
        """All that is put down on a tile; None if some of it does not lie there by itself."""
        if not self._is_plain:
            return None
        _, column, row = place
        if row not in self._rows:
            self._rows[row] = [(node.tiles.row(row).get, (*node.manner, node.mode)) for node in self._nodes]
        plain: Plain = []
        for tile_at, manner in self._rows[row]:
            tile = tile_at(column)
            if isinstance(tile, InkTile):
                plain.append((tile.address, int(tile.color), *manner))
            elif tile is not None:
                if not tile.flags.c_contiguous:
                    return None
                plain.append((address_of(tile), PIXELS, *manner))
        return plain


def flattened_together(paper: np.uint32, stacks: Sequence[Plain], *, in_threads: bool) -> list[Shown]:
    """Flatten tiles: each core does its share in one go, without the interpreter. Those with nothing on them are paper,
    and need no kernel: a blank page is there before one is loaded."""
    made = [np.empty((TILE, TILE, 4), np.uint8) for _ in stacks]
    on_screen = np.array([paper], np.uint32).view(np.uint8)[[2, 1, 0, 3]].view(np.uint32)
    for tile, stack in zip(made, stacks, strict=True):
        if not stack:
            tile.view(np.uint32)[:] = on_screen
    inked = [(tile, stack) for tile, stack in zip(made, stacks, strict=True) if stack]

    def flatten(part: slice) -> None:
        few = [stack for _, stack in inked[part]]
        shown = np.array([address_of(tile) for tile, _ in inked[part]], np.int64)
        starts = np.cumsum([0, *(len(stack) for stack in few)])
        tiles = np.array([row for stack in few for row in stack], np.int64).reshape(-1, 6)
        flatten_into(shown, TILE, paper, tiles, starts)

    if in_threads and inked:
        in_shares(flatten, [slice(k, None, THREADS) for k in range(THREADS)])
    elif inked:
        flatten(slice(None))
    return made
