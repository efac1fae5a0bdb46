"""Edits: functions from a page to a page."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from jotsk.core.errors import Refused
from jotsk.core.geometry.rects import rect_of_cells
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import rub_into
from jotsk.core.marks import AnyCut, Mark
from jotsk.core.marks.sequence import Marks
from jotsk.core.page.edits.layer_edits import why_not_drawable
from jotsk.core.page.layers.layer import (
    InkLayer,
    Layer,
    cells_of,
    ink_marks_into,
)
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.tiles import Key, Pixels, Stored
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.words import tr


def drawable(page: Page) -> Layer:
    """Return the active layer, or raise Refused with the reason why nothing can be drawn on it."""
    layer = page.active
    if layer is None:
        raise Refused(tr("There is no layer to draw on; add one with the plus above the layers."))
    why_not = why_not_drawable(page, layer)
    if why_not:
        raise Refused(why_not)
    return layer


def with_mark(page: Page, mark: Mark) -> Page:
    """Add a mark to the active layer; a paint layer keeps its pixels only. One wholly off the page adds nothing."""
    layer = drawable(page)
    if not mark.reach & page.bounds:
        return page
    if layer.locks_alpha:
        mark = mark.as_atop()
    changes = {key: layer.tiles.stored(*key) for key in mark.cells_on(page.bounds)}
    ink_marks_into(changes, [mark])
    tiles = layer.tiles.with_tiles(changes)
    if isinstance(layer, InkLayer):
        return page.with_layer(replace(layer, tiles=tiles, marks=layer.marks.appended(mark)))
    return page.with_layer(replace(layer, tiles=tiles))


def rubbed_out(page: Page, cut: AnyCut) -> Page:
    """Erase along or inside `cut` on the active layer: from an ink layer as cuts of its marks, from paint as pixels.

    A mark that has nothing left is taken away. Returns the same page if nothing was there to erase.
    """
    layer = drawable(page)
    if layer.locks_alpha:
        raise Refused(tr("The transparency of “{name}” is locked; unlock it to rub out.", name=layer.name))
    inked = layer.tiles.cells
    alphas = cut.alphas([key for key in cut.cells_on(page.bounds) if key in inked])
    if not isinstance(layer, InkLayer):
        changes: dict[Key, Pixels] = {}
        for key, alpha in alphas.items():
            old = layer.tiles.get(*key)
            if old is not None and (old[alpha > 0] != 0).any():
                changes[key] = old.copy()
                rub_into(changes[key], alpha)
        return page.with_layer(replace(layer, tiles=layer.tiles.with_tiles(changes))) if changes else page
    swaps: dict[int, Mark | None] = {}
    for mark in layer.marks.touching(cut.bounds):
        inks = mark.alphas(alphas)
        touched = any((ink[alphas[key] > 0] != 0).any() for key, ink in inks.items())
        if touched:
            less = mark.with_cut(cut)
            swaps[id(mark)] = less if _has_ink(page, less) else None
    if not swaps:
        return page
    return _with_swaps(page, layer, swaps, set(alphas))


def with_replaced(page: Page, uid: int, old: Mark, new: Mark | None) -> Page:
    """Put `new` in the place of `old` on the ink layer `uid`, or take `old` away."""
    return with_all_replaced(page, uid, [(old, new)])


def with_all_replaced(page: Page, uid: int, pairs: Sequence[tuple[Mark, Mark | None]]) -> Page:
    """Put each new mark in the place of its old one on the ink layer `uid`, or take the old one away."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer) or not layer.marks.hold_all([old for old, _ in pairs]):
        raise Refused(tr("That line is no longer on the page."))
    keys: set[Key] = set()
    for old, new in taking_turns(pairs):
        keys.update(old.cells_on(page.bounds) if new is None else old.cells_unlike(new, page.bounds))
    return _with_swaps(page, layer, {id(old): new for old, new in pairs}, keys)


def with_inserted(page: Page, uid: int, below: Mark | None, new: Sequence[Mark]) -> Page:
    """Put marks directly above one of the ink layer `uid`, or above all."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer):
        raise Refused(tr("That layer is no longer on the page."))
    return _with_marks(page, layer, layer.marks.inserted(new, above=below), set(cells_of(new, page.bounds)))


def _with_swaps(page: Page, layer: InkLayer, swaps: dict[int, Mark | None], keys: set[Key]) -> Page:
    return _with_marks(page, layer, layer.marks.replaced(swaps), keys)


def with_copies_parted(page: Page, uid: int, parted: Sequence[Mark]) -> Page:
    """Make every copy of these marks of the ink layer `uid` a mark of its own, in the place of the one."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer) or not layer.marks.hold_all(parted):
        raise Refused(tr("That line is no longer on the page."))
    parting = {id(s) for s in parted}
    marks = Marks(part for s in layer.marks for part in (s.parted() if id(s) in parting else [s]))
    return _with_marks(page, layer, marks, set(cells_of(parted, page.bounds)))


def _with_marks(page: Page, layer: InkLayer, marks: Marks, keys: set[Key]) -> Page:
    """Other marks, which leave the same ink outside the tiles `keys`."""
    tiles: dict[Key, Stored | None] = dict.fromkeys(keys)
    ink_marks_into(tiles, marks.touching(rect_of_cells(keys, TILE)))
    return page.with_layer(replace(layer, marks=marks, tiles=layer.tiles.with_tiles(tiles)))


def _has_ink(page: Page, mark: Mark) -> bool:
    return any(alpha.any() for alpha in mark.alphas(mark.cells_on(page.bounds)).values())
