"""Tiles of ink at every halving of the page, each made when it is first asked for."""

from __future__ import annotations

from collections.abc import Callable, Iterable

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.blend_kernel import for_reading, halve_four_alphas_into
from jotsk.core.ink.ribbon import TILE, Key

Alpha = NDArray[np.uint8]  # (128, 128)

NO_INK = np.zeros((TILE, TILE), np.uint8)
NO_INK.setflags(write=False)


class Halvings:
    """What `ink` makes of a tile (level, (column, row)), kept until it is forgotten; level 0 is the page itself."""

    def __init__(self, ink: Callable[[int, Key], Alpha | None]) -> None:
        self._ink = ink
        self._levels: dict[int, dict[Key, Alpha | None]] = {}

    def tile(self, level: int, key: Key) -> Alpha | None:
        known = self._levels.setdefault(level, {})
        if key not in known:
            known[key] = self._ink(level, key)
        return known[key]

    def halved(self, level: int, key: Key) -> Alpha | None:
        """The mean of the four tiles below one."""
        four = [self.tile(level - 1, (2 * key[0] + dc, 2 * key[1] + dr)) for dr in range(2) for dc in range(2)]
        if all(each is None for each in four):
            return None
        small = np.empty((TILE, TILE), np.uint8)
        halve_four_alphas_into(small, *(for_reading(NO_INK if each is None else each) for each in four))
        return small

    def forget(self, cells: Iterable[Key]) -> None:
        """What shows these tiles of the page is made anew."""
        keys = set(cells)
        for level in range(max(self._levels, default=-1) + 1):
            tiles = self._levels.get(level, {})
            for key in keys:
                tiles.pop(key, None)
            keys = {(column // 2, row // 2) for column, row in keys}
