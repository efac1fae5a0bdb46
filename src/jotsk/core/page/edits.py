"""Edits: functions from a page to a page."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE, Cut, Stroke
from jotsk.core.ink.blend_kernel import rub_into
from jotsk.core.ink.stroke import cells_on
from jotsk.core.page.layers import (
    InkLayer,
    Layer,
    cells_of,
    ink_strokes_into,
)
from jotsk.core.page.marks import Marks
from jotsk.core.page.page import Page
from jotsk.core.page.stacking import why_not_drawable
from jotsk.core.page.tiles import Key, Pixels, Stored


def drawable(page: Page) -> Layer:
    """Return the active layer, or raise Refused with the reason why nothing can be drawn on it."""
    layer = page.active
    if layer is None:
        raise Refused("There is no layer to draw on; add one with the plus above the layers.")
    why_not = why_not_drawable(page, layer)
    if why_not:
        raise Refused(why_not)
    return layer


def with_stroke(page: Page, stroke: Stroke) -> Page:
    """Add a stroke to the active layer; a paint layer keeps its pixels only."""
    layer = drawable(page)
    if layer.locks_alpha and not stroke.atop:
        stroke = replace(stroke, atop=True)
    changes = {key: layer.tiles.stored(*key) for key in stroke.cells_on(page.bounds)}
    ink_strokes_into(changes, [stroke])
    tiles = layer.tiles.with_tiles(changes)
    if isinstance(layer, InkLayer):
        return page.with_layer(replace(layer, tiles=tiles, marks=layer.marks.appended(stroke)))
    return page.with_layer(replace(layer, tiles=tiles))


def rubbed_out(page: Page, cut: Cut) -> Page:
    """Erase along `cut` on the active layer: from an ink layer as cuts of its strokes, from paint as pixels.

    A stroke that has nothing left is taken away. Returns the same page if nothing was there to erase.
    """
    layer = drawable(page)
    if layer.locks_alpha:
        raise Refused(f"The transparency of “{layer.name}” is locked; unlock it to rub out.")
    alphas = cut.alphas(cells_on(cut.ribbon, page.bounds))
    if not isinstance(layer, InkLayer):
        changes: dict[Key, Pixels] = {}
        for key, alpha in alphas.items():
            old = layer.tiles.get(*key)
            if old is not None and (old[alpha > 0] != 0).any():
                changes[key] = old.copy()
                rub_into(changes[key], alpha)
        return page.with_layer(replace(layer, tiles=layer.tiles.with_tiles(changes))) if changes else page
    swaps: dict[int, Stroke | None] = {}
    for stroke in layer.marks:
        if not stroke.may_touch(cut.bounds):
            continue
        inks = stroke.alphas(alphas)
        touched = any((ink[alphas[key] > 0] != 0).any() for key, ink in inks.items())
        if touched:
            cut_stroke = stroke.with_cut(cut)
            swaps[id(stroke)] = cut_stroke if _has_ink(page, cut_stroke) else None
    if not swaps:
        return page
    return _with_swaps(page, layer, swaps, set(alphas))


def with_replaced(page: Page, uid: int, old: Stroke, new: Stroke | None) -> Page:
    """Put `new` in the place of `old` on the ink layer `uid`, or take `old` away."""
    return with_all_replaced(page, uid, [(old, new)])


def with_all_replaced(page: Page, uid: int, pairs: Sequence[tuple[Stroke, Stroke | None]]) -> Page:
    """Put each new stroke in the place of its old one on the ink layer `uid`, or take the old one away."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer) or not layer.marks.hold_all([old for old, _ in pairs]):
        raise Refused("That line is no longer on the page.")
    changing = [stroke for pair in pairs for stroke in pair if stroke is not None]
    keys = set(cells_of(changing, page.bounds))
    return _with_swaps(page, layer, {id(old): new for old, new in pairs}, keys)


def _with_swaps(page: Page, layer: InkLayer, swaps: dict[int, Stroke | None], keys: set[Key]) -> Page:
    return _with_marks(page, layer, layer.marks.replaced(swaps), keys)


def with_copies_parted(page: Page, uid: int, strokes: Sequence[Stroke]) -> Page:
    """Make every copy of these strokes of the ink layer `uid` a stroke of its own, in the place of the one."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer) or not layer.marks.hold_all(strokes):
        raise Refused("That line is no longer on the page.")
    parting = {id(s) for s in strokes}
    marks = Marks(part for s in layer.marks for part in (s.parted() if id(s) in parting else [s]))
    return _with_marks(page, layer, marks, set(cells_of(strokes, page.bounds)))


def _with_marks(page: Page, layer: InkLayer, marks: Marks, keys: set[Key]) -> Page:
    """Other marks, which leave the same ink outside the tiles `keys`."""
    area = _area_of(keys)
    tiles: dict[Key, Stored | None] = dict.fromkeys(keys)
    ink_strokes_into(tiles, [stroke for stroke in marks if stroke.may_touch(area)])
    return page.with_layer(replace(layer, marks=marks, tiles=layer.tiles.with_tiles(tiles)))


def _area_of(keys: set[Key]) -> Rect:
    area = Rect(0, 0, 0, 0)
    for c, r in keys:
        area |= Rect(c * TILE, r * TILE, (c + 1) * TILE, (r + 1) * TILE)
    return area


def _has_ink(page: Page, stroke: Stroke) -> bool:
    return any(alpha.any() for alpha in stroke.alphas(stroke.cells_on(page.bounds)).values())
