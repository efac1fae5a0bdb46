"""What lies under and over the active layer, tile by tile, flattened apart: ink on that layer, and its undoing, then
cost one layer instead of all."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import for_reading
from jotsk.core.page.compose.compositing import Node, put_down
from jotsk.core.page.compose.flat_kernel import INK, NOTHING, PIXELS, between_into
from jotsk.core.page.compose.layer_kernel import ink_layers_into
from jotsk.core.page.tiles.address import Place, taken_out
from jotsk.core.page.tiles.tiles import InkTile, Key, Pixels, rgba

MOST_ACTIVE = 256
BLACK = np.uint32(0)
NO_WET = np.zeros((0, 0), np.uint8)
NO_ALPHA, NO_PIXELS = np.zeros((0, 0), np.uint8), np.zeros((0, 0), np.uint32)
for _nothing in (NO_ALPHA, NO_PIXELS):  # read-only like the tiles they stand for, or kernels are compiled twice
    _nothing.setflags(write=False)


@dataclass(slots=True)
class _UnderAndOver:
    under: Pixels
    above: NDArray[np.uint8] | None  # (N, 128, 128) ink, the lowest first; None if it is more than plain ink
    manner: NDArray[np.uint32]  # (N, 4): colour, opacity, tint, whether tinted


class ActiveLayerCache:
    """Those made last. `nodes` is what is put down at the level of the place, and `active` the one drawn on."""

    def __init__(self) -> None:
        self._kept: dict[int, dict[Key, _UnderAndOver]] = {}

    def has(self, place: Place) -> bool:
        return place[1:] in self._kept.get(place[0], ())

    def clear(self) -> None:
        self._kept.clear()

    def drop(self, cells: Collection[Key]) -> None:
        """Layers other than the active one changed on these cells of the full size."""
        taken_out(self._kept, cells)

    def make(self, place: Place, paper: np.uint32, nodes: list[Node], active: int) -> _UnderAndOver:
        level, column, row = place
        under = np.full((TILE, TILE), paper, np.uint32)
        put_down(nodes[:active], under, level, (column, row), (slice(0, TILE), slice(0, TILE)))
        above, manner = [], []
        is_plain = True
        for node in nodes[active + 1 :]:
            tile = node.tiles.stored(column, row)
            if node.is_simple and tile is None and not node.inside:
                continue
            if not node.is_simple or node.inside or not isinstance(tile, InkTile):
                is_plain = False
                break
            above.append(tile.alpha)
            manner.append((int(tile.color), node.opacity, int(node.tint), int(node.layer.tint is not None)))
        around = _UnderAndOver(
            under,
            np.array(above, np.uint8).reshape(-1, TILE, TILE) if is_plain else None,
            np.array(manner, np.uint32).reshape(-1, 4),
        )
        kept = self._kept.setdefault(level, {})
        if len(kept) >= MOST_ACTIVE:
            del kept[next(iter(kept))]
        kept[column, row] = around
        return around

    def put_into(
        self, target: NDArray[np.uint8], at: Key, place: Place, part: Rect,
        paper: np.uint32, nodes: list[Node], active: int,
    ) -> None:  # fmt: skip
        """Flatten `part` of a tile, its wet ink too, and write it to `target` (BGRA) at `at`; make what is missing."""
        level, column, row = place
        around = self._kept.get(level, {}).get((column, row)) or self.make(place, paper, nodes, active)
        node = nodes[active] if active < len(nodes) else None
        wets = node.wets_on(level, column, row) if node is not None else []
        lies_plain = not wets or (len(wets) == 1 and wets[0][0].hides is None)
        if node is not None and around.above is not None and node.is_simple and not node.inside and lies_plain:
            tile = node.tiles.stored(column, row)
            wet, alpha = wets[0] if wets else (None, NO_WET)
            is_ink = isinstance(tile, InkTile)
            between_into(
                target.view(np.uint32)[..., 0], at, part, around.under,
                NOTHING if tile is None else INK if is_ink else PIXELS,
                tile.alpha if isinstance(tile, InkTile) else NO_ALPHA,
                tile.color if isinstance(tile, InkTile) else BLACK,
                NO_PIXELS if tile is None or isinstance(tile, InkTile) else tile,
                node.opacity, node.tint, node.layer.tint is not None,
                alpha, wet.color if wet else BLACK, wet.does if wet else 0, around.above, around.manner,
            )  # fmt: skip
            return
        within = slice(part.y0, part.y1), slice(part.x0, part.x1)
        pixels = around.under[within].copy()
        put_down(nodes[active : active + 1], pixels, level, (column, row), within)
        if around.above is None:
            put_down(nodes[active + 1 :], pixels, level, (column, row), within)
        elif len(around.above):
            above = np.ascontiguousarray(around.above[:, within[0], within[1]])
            ink_layers_into(pixels, for_reading(above), around.manner)
        shown = target[at[1] : at[1] + part.height, at[0] : at[0] + part.width]
        cv2.cvtColor(rgba(pixels), cv2.COLOR_RGBA2BGRA, dst=shown)
