"""Which px an area may have: those without a line, or those of one colour."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.fill.bits import PX, Bits, Mask
from jotsk.core.fill.clear_kernel import clear_into, distinct
from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import for_reading
from jotsk.core.ink.oklch import to_oklab
from jotsk.core.ink.painting import Key
from jotsk.core.marks.area import Pour
from jotsk.core.page import InkLayer, Page, flattened, rgba
from jotsk.core.page.compose.compositing import Node, nodes_of, put_down
from jotsk.core.page.layers.layer import Layer
from jotsk.core.page.layers.tree import ancestors
from jotsk.core.page.tiles.tiles import InkTile
from jotsk.core.runtime.parallel import bands, in_shares

HALF_INK = np.uint32(128 << 24)  # premultiplied: alpha is the highest byte


def free_px(page: Page, rule: Pour, window: Rect) -> Bits:
    """Which px of a window an area around the seed can have: those without a line, or, where the rule looks at all,
    those of the seed's colour. The window begins at a word."""
    if rule.look == "all":
        x, y = int(rule.at[0]), int(rule.at[1])
        own = flattened(page, Rect(x, y, x + 1, y + 1))[0, 0]
        return Bits.of(_alike(flattened(page, window), own, rule.tolerance))
    return _clear(page, rule, window)


def clear_px(page: Page, rule: Pour, window: Rect) -> Mask:
    """Which px of a window are less than half covered by the lines a rule looks at."""
    wide = Rect(window.x0 // PX * PX, window.y0, window.x1, window.y1)
    return np.ascontiguousarray(_clear(page, rule, wide).mask()[:, window.x0 - wide.x0 :])


def _clear(page: Page, rule: Pour, window: Rect) -> Bits:
    """As `clear_px`, where the window begins at a word."""
    shown = {layer.uid for layer in looked_at(page, rule)}
    nodes = nodes_of(page.layers, 0, (), lambda layer: layer.uid in shown)
    free = Bits.full(window.height, window.width)
    cells, tiles, others = _cells(nodes, window)
    in_shares(lambda part: clear_into(free.words, TILE, cells, tiles, part.start, part.stop), bands(len(cells)))
    in_shares(lambda key: _clear_one(free, nodes, key, window), others)
    return free


def _cells(nodes: list[Node], window: Rect) -> tuple[NDArray[np.int64], NDArray[np.int64], list[Key]]:
    """The cells and the tiles of plain ink in a window, as `clear_into` takes them, and the keys of the cells that have
    more on them: what is clipped, blended otherwise, or of several colours."""
    top, bottom = window.y0 // TILE, (window.y1 - 1) // TILE + 1
    left, right = window.x0 // TILE, (window.x1 - 1) // TILE + 1
    columns: list[int] = []
    addresses: list[int] = []  # 0 of a tile of several colours
    counts: list[tuple[int, int, int]] = []  # of the tiles of a layer in a row; the row, and the layer's opacity
    for node in nodes:
        for row in range(top, bottom):
            of_row = node.tiles.row(row)
            columns += of_row.keys()
            addresses += [tile.address if isinstance(tile, InkTile) else 0 for tile in of_row.values()]
            counts.append((len(of_row), row, node.opacity if node.is_plain else -1))
    many, rows, opacities = np.array(counts, np.int64).reshape(-1, 3).T
    column = np.array(columns, np.int64)
    seen = (column >= left) & (column < right)
    cell = ((np.repeat(rows, many) - top) * (right - left) + column - left)[seen]
    tiles = np.column_stack([np.array(addresses, np.int64), np.repeat(opacities, many)])[seen]
    is_odd = np.full((bottom - top) * (right - left), any(node.inside for node in nodes))
    is_odd[cell[(tiles[:, 0] == 0) | (tiles[:, 1] < 0)]] = True
    kept = ~is_odd[cell]
    order = np.argsort(cell[kept], kind="stable")
    cells, each = np.unique(cell[kept], return_counts=True)
    y, x = np.divmod(cells, right - left)
    stops = np.cumsum(each)
    corners = (y + top) * TILE - window.y0, ((x + left) * TILE - window.x0) // PX
    others = [(left + int(k) % (right - left), top + int(k) // (right - left)) for k in np.flatnonzero(is_odd)]
    return np.column_stack([*corners, stops - each, stops]), tiles[kept][order], others


def _clear_one(free: Bits, nodes: list[Node], key: Key, window: Rect) -> None:
    """Write to `free` what all layers together leave of a tile."""
    tile = Rect.of_cell(key, TILE)
    part = tile & window
    ink = np.zeros((part.height, part.width), np.uint32)
    put_down(nodes, ink, 0, key, part.slices_in(tile))
    rows, columns = part.slices_in(window)
    words = Bits.of(ink < HALF_INK).words
    free.words[rows, columns.start // PX : columns.start // PX + words.shape[1]] = words


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
    colors, at = distinct(for_reading(pixels))
    channels = rgba(np.append(colors, np.uint32(own)).reshape(1, -1))[0].astype(np.float64) / 255
    over_white = channels[:, :3] + 1 - channels[:, 3:]
    lab = to_oklab(np.clip(over_white, 0, 1))
    near = np.hypot(np.hypot(*(lab[:-1, :2] - lab[-1, :2]).T), lab[:-1, 2] - lab[-1, 2]) * 100 <= tolerance
    return np.asarray(near[at])
