"""Where two states of a page differ."""

from __future__ import annotations

from collections.abc import Callable

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY, rect_of_cells
from jotsk.core.ink import TILE
from jotsk.core.page.layers.layer import InkLayer, Layer
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.tiles import Tiles


def ink_changed(before: Page, after: Page, counts: Callable[[Layer], bool] = lambda layer: True) -> Rect:
    """The part of the page in which the ink layers that count differ, in whole tiles."""
    area = EMPTY
    olds = {layer.uid: layer for layer in before.layers}
    for layer in after.layers:
        old = olds.get(layer.uid)
        if not isinstance(layer, InkLayer) or layer is old or not counts(layer):
            continue
        if old is not None and old.visible != layer.visible:
            area |= layer.tiles.bounds
            continue
        area |= rect_of_cells(layer.tiles.changed_since(old.tiles if old is not None else Tiles()), TILE)
    for uid, gone in olds.items():
        if isinstance(gone, InkLayer) and after.layer(uid) is None and counts(gone):
            area |= gone.tiles.bounds
    return area
