"""Layers, put over each other onto the paper."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE, Color
from jotsk.core.ink.blend_kernel import layer_into, wet_layer_into
from jotsk.core.ink.stroke import packed
from jotsk.core.page.layers import Layer
from jotsk.core.page.page import Page
from jotsk.core.page.tiles import CLEAR, Pixels

LayerChoice = Callable[[Layer], bool]


@dataclass(frozen=True, slots=True)
class WetLayer:
    """Ink that lies on layer `uid` but is not part of the page yet.

    `alpha(level, column, row)` gives its uint8 tile on the page halved `level` times, or None.
    """

    uid: int
    alpha: Callable[[int, int, int], NDArray[np.uint8] | None]
    color: np.uint32
    rubs: bool


def every_visible(layer: Layer) -> bool:
    return layer.visible


def composite_into(
    out: Pixels,
    corner: tuple[int, int],
    page: Page,
    rect: Rect,
    *,
    level: int = 0,
    wet: WetLayer | None = None,
    shows: LayerChoice = every_visible,
) -> None:
    """Put the layers of the page over what is in `out`, inside `rect`.

    `rect` and `corner`, the place of out[0, 0], are in px of the page halved `level` times.
    """
    for layer in page.layers:
        if not shows(layer) or layer.opacity <= 0:
            continue
        tiles = layer.tiles.at_level(level)
        opacity = round(layer.opacity * 255)
        tint = packed(layer.tint) if layer.tint else np.uint32(0)
        for column, row in rect.cells(TILE):
            source = tiles.get(column, row)
            alpha = wet.alpha(level, column, row) if wet and wet.uid == layer.uid else None
            if source is None and alpha is None:
                continue
            x, y = column * TILE, row * TILE
            part = rect & Rect(x, y, x + TILE, y + TILE)
            target = out[part.y0 - corner[1] : part.y1 - corner[1], part.x0 - corner[0] : part.x1 - corner[0]]
            inside = (slice(part.y0 - y, part.y1 - y), slice(part.x0 - x, part.x1 - x))
            if source is None:
                source = CLEAR
            if alpha is None:
                layer_into(target, source[inside], opacity, tint, layer.tint is not None)
            else:
                assert wet is not None
                wet_layer_into(
                    target, source[inside], alpha[inside], wet.color, wet.rubs,
                    opacity, tint, layer.tint is not None,
                )  # fmt: skip


def flattened(
    page: Page, rect: Rect | None = None, *, transparent: bool = False, shows: LayerChoice = every_visible
) -> Pixels:
    """Return the (H, W) premultiplied pixels of the page inside `rect`, on paper or on nothing."""
    rect = rect or page.bounds
    out = np.full((rect.height, rect.width), 0 if transparent else packed(page.paper), np.uint32)
    composite_into(out, (rect.x0, rect.y0), page, rect, shows=shows)
    return out


def color_at(page: Page, x: int, y: int, uid: int | None = None) -> Color | None:
    """The colour of a pixel of the page on its paper, or of one layer alone; None where there is none."""
    here = Rect(x, y, x + 1, y + 1)
    if not here & page.bounds:
        return None
    shows = every_visible if uid is None else lambda layer: layer.uid == uid
    pixel = int(flattened(page, here, transparent=uid is not None, shows=shows)[0, 0])
    alpha = pixel >> 24
    if alpha == 0:
        return None
    r, g, b = (min(255, round((pixel >> shift & 255) * 255 / alpha)) for shift in (0, 8, 16))
    return r, g, b
