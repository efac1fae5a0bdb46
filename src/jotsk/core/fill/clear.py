"""Which px an area may have: those without a line, or those of one colour."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.fill.bits import Mask
from jotsk.core.fill.clear_kernel import clear_into
from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.ink.oklch import to_oklab
from jotsk.core.marks.area import Pour
from jotsk.core.page import InkLayer, Page, flattened, rgba
from jotsk.core.page.compose.compositing import nodes_of, put_down
from jotsk.core.page.layers.layer import Layer
from jotsk.core.page.layers.tree import ancestors
from jotsk.core.page.tiles.tiles import InkTile
from jotsk.core.runtime.parallel import bands, in_shares

HALF_INK = np.uint32(128 << 24)  # premultiplied: alpha is the highest byte


def free_px(page: Page, rule: Pour, window: Rect) -> Mask:
    """Which px of a window an area around the seed can have: those without a line, or, where the rule looks at all,
    those of the seed's colour."""
    if rule.look == "all":
        x, y = int(rule.at[0]), int(rule.at[1])
        return _alike(flattened(page, window), flattened(page, Rect(x, y, x + 1, y + 1))[0, 0], rule.tolerance)
    return clear_px(page, rule, window)


def clear_px(page: Page, rule: Pour, window: Rect) -> Mask:
    """Which px of a window are less than half covered by the lines a rule looks at."""
    shown = {layer.uid for layer in looked_at(page, rule)}
    nodes = nodes_of(page.layers, 0, (), lambda layer: layer.uid in shown)
    free = np.ones((window.height, window.width), np.bool_)
    cells: list[tuple[int, int, int, int]] = []
    tiles: list[tuple[int, int]] = []
    for row in range(window.y0 // TILE, (window.y1 - 1) // TILE + 1):
        held = [(node, node.tiles.row(row)) for node in nodes]
        for column in range(window.x0 // TILE, (window.x1 - 1) // TILE + 1):
            there = [(node, of_row.get(column)) for node, of_row in held if column in of_row or not node.is_alone]
            x, y, before = column * TILE, row * TILE, len(tiles)
            if all(node.is_plain and isinstance(tile, InkTile) for node, tile in there):
                tiles += [(tile.address, node.opacity) for node, tile in there if isinstance(tile, InkTile)]
                if there:
                    cells.append((y - window.y0, x - window.x0, before, len(tiles)))
            else:  # what is clipped, or blended otherwise
                part = window & Rect(x, y, x + TILE, y + TILE)
                ink = np.zeros((part.height, part.width), np.uint32)
                nodes_there = [node for node, _ in there]
                put_down(nodes_there, ink, 0, (column, row), inside(part, Rect(x, y, x + TILE, y + TILE)))
                np.less(ink, HALF_INK, out=free[inside(part, window)])
    whole, of_tiles = np.array(cells, np.int64).reshape(-1, 4), np.array(tiles, np.int64).reshape(-1, 2)
    in_shares(lambda part: clear_into(free, TILE, whole, of_tiles, part.start, part.stop), bands(len(whole)))
    return free


def looked_at(page: Page, rule: Pour) -> list[Layer]:
    """The layers that make the lines of an area: one, or all ink that shows, without sketches and without areas that
    were poured; groups that hold them too."""
    layers = [
        layer for layer in page.layers
        if isinstance(layer, InkLayer)
        and (layer.uid == rule.layer if rule.look == "layer" else not layer.is_sketch and not holds_fills(layer))
        and layer.visible and all(group.visible for group in ancestors(page.layers, layer))
    ]  # fmt: skip
    return [*layers, *(group for layer in layers for group in ancestors(page.layers, layer))]


def holds_fills(layer: Layer) -> bool:
    return isinstance(layer, InkLayer) and layer.marks.follow_lines


def _alike(pixels: NDArray[np.uint32], own: np.uint32, tolerance: float) -> Mask:
    """Px whose colour is within a tolerance of one, in hundredths of OKLab."""
    colors, at = np.unique(pixels, return_inverse=True)
    channels = rgba(np.append(colors, np.uint32(own)).reshape(1, -1))[0].astype(np.float64) / 255
    over_white = channels[:, :3] + 1 - channels[:, 3:]
    lab = to_oklab(np.clip(over_white, 0, 1))
    near = np.hypot(np.hypot(*(lab[:-1, :2] - lab[-1, :2]).T), lab[:-1, 2] - lab[-1, 2]) * 100 <= tolerance
    return np.asarray(near[at].reshape(pixels.shape))


def inside(part: Rect, whole: Rect) -> tuple[slice, slice]:
    """Where a part lies in the picture of a whole."""
    return slice(part.y0 - whole.y0, part.y1 - whole.y0), slice(part.x0 - whole.x0, part.x1 - whole.x0)
