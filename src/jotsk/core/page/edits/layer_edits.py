"""Edits of the stack: layers that come, go, move, join and merge."""

from __future__ import annotations

from collections.abc import Callable, Collection, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import for_reading, rub_into
from jotsk.core.marks import AreaCut, Mark, Marks
from jotsk.core.page.compose.compositing import composite_into
from jotsk.core.page.compose.layer_kernel import layer_into
from jotsk.core.page.layers.layer import NON_PHOTO_BLUE, GroupLayer, InkLayer, Layer, PaintLayer, ink_marks_into
from jotsk.core.page.layers.placing import Placement, put_down
from jotsk.core.page.layers.tree import ancestors, arranged, children, inside, outermost
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.tiles import Key, Pixels, Tiles, pixels_of
from jotsk.core.words import tr

UNDER_OPACITY = 0.3


def with_layer_above(page: Page, layer: Layer) -> Page:
    """Put a layer directly above the active one, in its group, and make it active."""
    active = page.active
    if active is None:
        return replace(page, layers=(*page.layers, layer), active_uid=layer.uid)
    at = page.index(active.uid) + 1
    layers = (*page.layers[:at], replace(layer, parent=active.parent), *page.layers[at:])
    return replace(page, layers=layers, active_uid=layer.uid)


def with_new_layer(page: Page, name: str | None = None) -> Page:
    """Add an empty ink layer above the active one and make it active."""
    return with_layer_above(page, InkLayer(page.next_uid(), name or free_name(page, tr("Ink"))))


def with_paint_layer(page: Page) -> Page:
    """Add an empty paint layer above the active one and make it active."""
    return with_layer_above(page, PaintLayer(page.next_uid(), free_name(page, tr("Paint"))))


def with_sketch_layer(page: Page) -> Page:
    """Add an empty sketch layer below all ink, and make it active."""
    sketch = InkLayer(page.next_uid(), free_name(page, tr("Sketch")), is_sketch=True)
    at = below_ink(page)
    return replace(page, layers=(*page.layers[:at], sketch, *page.layers[at:]), active_uid=sketch.uid)


def below_ink(page: Page) -> int:
    """The place in the list of layers directly below the lowest ink, above the sketches there; groups stay whole."""
    at = 0
    for k, layer in enumerate(page.layers):
        if layer.parent == 0:
            held = [page.layers[i] for i in range(at, k + 1)]
            if any(isinstance(x, InkLayer) and not x.is_sketch for x in held):
                return at
            at = k + 1
    return at


def with_picture_layer(page: Page, tiles: Tiles, name: str, *, is_sketch: bool = True) -> Page:
    """Add a picture as a layer above the active one."""
    return with_layer_above(page, PaintLayer(page.next_uid(), name, tiles, is_sketch=is_sketch))


def with_pictures(
    page: Page, placements: Sequence[Placement], progress: Callable[[float], None] = lambda _: None
) -> Page:
    """Put placed pictures down as sketches below the ink, each on a layer of its own above the one before. One goes on
    drawing on the layer that is active."""
    count, at = len(placements), below_ink(page)
    for number, placed in enumerate(placements):

        def so_far(share: float, number: int = number) -> None:
            progress((number + share) / count)

        layer = _picture_layer(page.next_uid(), placed, page, so_far)
        page = replace(page, layers=(*page.layers[: at + number], layer, *page.layers[at + number :]))
    return page


def _picture_layer(uid: int, placed: Placement, page: Page, progress: Callable[[float], None]) -> PaintLayer:
    tiles = put_down(placed, page.bounds, progress)
    return PaintLayer(uid, placed.name, tiles, is_sketch=True, placed=placed, placed_tiles=tiles)


def placement_of(page: Page, uid: int) -> Placement:
    """The picture on a layer, as it was placed; what was painted over, or read from a file, as it is now."""
    layer = _there(page, uid)
    if not isinstance(layer, PaintLayer):
        raise _no_picture(layer)
    if layer.locks_place:
        raise Refused(tr("The position of “{name}” is locked; unlock it to move it.", name=layer.name))
    if layer.placed is not None and layer.placed_tiles is layer.tiles:
        return layer.placed
    area = layer.tiles.bounds & page.bounds
    if not area:
        raise Refused(tr("There is nothing on “{name}” yet.", name=layer.name))
    return Placement(layer.name, pixels_of(layer.tiles, area), (area.x0 + area.x1) / 2, (area.y0 + area.y1) / 2)


def _no_picture(layer: Layer) -> Refused:
    return Refused(tr("“{name}” is no picture; only placed pictures and paint have handles.", name=layer.name))


def with_picture_placed(
    page: Page, uid: int, placed: Placement, progress: Callable[[float], None] = lambda _: None
) -> Page:
    """Put the picture of a layer elsewhere; it is resampled once, from the original."""
    layer = _there(page, uid)
    if not isinstance(layer, PaintLayer):
        raise _no_picture(layer)
    placed_there = _picture_layer(uid, placed, page, progress)
    return page.with_layer(replace(layer, tiles=placed_there.tiles, placed=placed, placed_tiles=placed_there.tiles))


def lifted(page: Page, uid: int, outline: NDArray[np.float64]) -> tuple[Page, Placement]:
    """Take the pixels of a paint layer that lie inside an outline, (N, 2) page px, off it: the page without them, and
    they themselves, as they were, to be placed elsewhere."""
    layer = _there(page, uid)
    if not isinstance(layer, PaintLayer):
        raise Refused(tr("“{name}” holds lines; choose parts of them, and move those.", name=layer.name))
    if why_not := why_not_drawable(page, layer):
        raise Refused(why_not)
    cut = AreaCut(outline)
    area = rect_around(outline) & page.bounds
    alphas = cut.alphas(cut.cells_on(page.bounds))
    changes: dict[Key, Pixels] = {}
    inside_out = np.zeros((area.height, area.width), np.uint32)
    for (column, row), alpha in alphas.items():
        tile = layer.tiles.get(column, row)
        if tile is None:
            continue
        changes[column, row] = rest = tile.copy()
        rub_into(rest, alpha)
        own = tile.copy()
        rub_into(own, 255 - alpha)
        whole = Rect.of_cell((column, row), TILE)
        part = area & whole
        inside_out[part.slices_in(area)] = own[part.slices_in(whole)]
    if not inside_out.any():
        raise Refused(tr("There is nothing of “{name}” in there.", name=layer.name))
    placed = Placement(layer.name, inside_out, (area.x0 + area.x1) / 2, (area.y0 + area.y1) / 2)
    return page.with_layer(replace(layer, tiles=layer.tiles.with_tiles(changes))), placed


def with_lifted_put_down(
    page: Page, uid: int, outline: NDArray[np.float64], placed: Placement,
    progress: Callable[[float], None] = lambda _: None,
) -> Page:  # fmt: skip
    """Put what lies inside an outline on a paint layer elsewhere on it, over what is there; resampled once."""
    page, _ = lifted(page, uid, outline)
    layer = _there(page, uid)
    there = put_down(placed, page.bounds, progress)
    changes: dict[Key, Pixels] = {}
    for (column, row), tile in there:
        below = layer.tiles.get(column, row)
        if below is None:
            changes[column, row] = tile
        else:
            changes[column, row] = made = below.copy()
            layer_into(made, for_reading(tile), 255, np.uint32(0), False)
    return page.with_layer(replace(layer, tiles=layer.tiles.with_tiles(changes)))


def without_layers(page: Page, uids: Collection[int]) -> Page:
    """Delete layers, groups with all that is in them; a neighbour becomes active if the active one goes."""
    gone = inside(page.layers, uids)
    left = tuple(layer for layer in page.layers if layer.uid not in gone)
    if not any(not isinstance(layer, GroupLayer) for layer in left):
        raise Refused(tr("A page keeps at least one layer; add another before deleting this one."))
    if page.active_uid not in gone:
        return replace(page, layers=left)
    at = min(page.index(uid) for uid in gone)
    return replace(page, layers=left, active_uid=left[max(0, min(at, len(left)) - 1)].uid)


def placed(page: Page, uids: Collection[int], parent: int, above: int | None) -> Page:
    """Move layers into the group `parent` (0: none), directly above its layer `above`, or lowest if that is None.

    Raises
    ------
    Refused
        If a group would go into itself.
    """
    moving = outermost(page.layers, uids)
    if parent in inside(page.layers, [layer.uid for layer in moving]):
        raise Refused(tr("A group cannot go into itself."))
    moved = [replace(layer, parent=parent) for layer in moving]
    gone = {layer.uid for layer in moving}
    if above in gone:  # dropped on itself: above what lies under it
        brothers = [layer.uid for layer in children(page.layers, parent)]
        lower = [uid for uid in brothers[: brothers.index(above)] if uid not in gone] if above in brothers else []
        above = lower[-1] if lower else None
    rest = [layer for layer in page.layers if layer.uid not in gone]
    at = 0 if above is None else next((i + 1 for i, layer in enumerate(rest) if layer.uid == above), len(rest))
    layers = arranged([*rest[:at], *moved, *rest[at:]])
    return page if _same_order(layers, page.layers) else replace(page, layers=layers)


def stepped(page: Page, uid: int, up: bool) -> Page:
    """Move a layer one place up or down among its brothers; at the end of a group, out of it."""
    layer = _there(page, uid)
    brothers = [other.uid for other in children(page.layers, layer.parent)]
    at = brothers.index(uid)
    if up and at + 1 < len(brothers):
        return placed(page, [uid], layer.parent, brothers[at + 1])
    if not up and at > 0:
        return placed(page, [uid], layer.parent, brothers[at - 2] if at > 1 else None)
    group = page.layer(layer.parent)
    if group is None:
        return page
    if up:
        return placed(page, [uid], group.parent, group.uid)
    outside = [other.uid for other in children(page.layers, group.parent)]
    under = outside.index(group.uid)
    return placed(page, [uid], group.parent, outside[under - 1] if under else None)


def grouped(page: Page, uids: Collection[int]) -> Page:
    """Put layers into a new group where the topmost of them lies."""
    members = outermost(page.layers, uids)
    if not members:
        raise Refused(tr("There is no layer to group."))
    top = members[-1]
    group = GroupLayer(page.next_uid(), free_name(page, tr("Group")), parent=top.parent)
    at = page.index(top.uid) + 1
    page = replace(page, layers=(*page.layers[:at], group, *page.layers[at:]))
    layers = [replace(x, parent=group.uid) if x.uid in {m.uid for m in members} else x for x in page.layers]
    return replace(page, layers=arranged(layers))


def ungrouped(page: Page, uid: int) -> Page:
    """Take a group apart; what was in it stays where it was."""
    group = _there(page, uid)
    if not isinstance(group, GroupLayer):
        raise Refused(tr("“{name}” is no group.", name=group.name))
    held = children(page.layers, uid)
    if not held:
        return without_layers(page, [uid])
    layers = [replace(x, parent=group.parent) if x.parent == uid else x for x in page.layers if x.uid != uid]
    active = held[-1].uid if page.active_uid == uid else page.active_uid
    return replace(page, layers=arranged(layers), active_uid=active)


def duplicated(page: Page, uids: Collection[int]) -> Page:
    """Add a copy of every layer given directly above it; copies share all pixels and strokes."""
    active = page.active_uid
    for layer in outermost(page.layers, uids):
        block = [x for x in page.layers if x.uid in inside(page.layers, [layer.uid])]
        first = page.next_uid()
        new = {x.uid: first + k for k, x in enumerate(block)}
        copies = [replace(x, uid=new[x.uid], parent=new.get(x.parent, x.parent)) for x in block]
        copies[-1] = replace(copies[-1], name=free_name(page, tr("{name} copy", name=layer.name)))
        at = page.index(layer.uid) + 1
        page = replace(page, layers=(*page.layers[:at], *copies, *page.layers[at:]))
        active = copies[-1].uid if layer.uid == active else active
    return replace(page, active_uid=active)


def traced_under(page: Page, uid: int) -> Page:
    """Make a layer the sketch to ink over: 30 %, non-photo blue, locked, a new active ink layer above."""
    layer = page.layer(uid)
    if layer is None:
        raise Refused(tr("There is no layer to trace; open a sketch first."))
    below = page.layers[page.index(uid) - 1] if page.index(uid) else None
    if isinstance(layer, InkLayer) and not len(layer.marks) and below is not None and below.is_sketch:
        return page  # it is there to be inked on
    under = replace(layer, opacity=UNDER_OPACITY, tint=NON_PHOTO_BLUE, locked=True, visible=True, is_sketch=True)
    return with_new_layer(replace(page.with_layer(under), active_uid=uid))


def merged_down(page: Page, uid: int) -> Page:
    """Merge a layer onto the one below it. Plain ink on ink keeps its strokes; all else becomes paint."""
    upper = _there(page, uid)
    brothers = children(page.layers, upper.parent)
    at = brothers.index(upper)
    if isinstance(upper, GroupLayer):
        return _as_one(page, [upper], upper.name)
    if at == 0:
        raise Refused(tr("There is nothing below “{name}” to merge it onto.", name=upper.name))
    lower = brothers[at - 1]
    if isinstance(lower, GroupLayer):
        raise Refused(
            tr("“{name}” below is a group; move the layer into it, or take the group apart.", name=lower.name)
        )
    for layer in (upper, lower):
        if layer.locked or not layer.visible:
            if layer.locked:
                raise Refused(tr("“{name}” is locked; it cannot be merged.", name=layer.name))
            raise Refused(tr("“{name}” is hidden; it cannot be merged.", name=layer.name))
    return _as_one(page, [lower, upper], lower.name)


def merged_visible(page: Page) -> Page:
    """Merge all visible layers outside hidden groups into one, which lies where the lowest of them lay."""
    shown = [layer for layer in children(page.layers, 0) if layer.visible]
    if len(shown) < 2 and not any(isinstance(layer, GroupLayer) for layer in shown):
        raise Refused(tr("There is only one visible layer; nothing to merge."))
    return _as_one(page, shown, shown[-1].name)


def with_flat_copy(page: Page) -> Page:
    """Add all that is visible as one paint layer on top of everything, and leave the rest as it is."""
    uid = page.next_uid()
    flat = PaintLayer(uid, free_name(page, tr("Flat copy")), tiles_of(page, [x for x in page.layers if x.parent == 0]))
    return replace(page, layers=(*page.layers, flat), active_uid=uid)


def tiles_of(page: Page, members: Sequence[Layer]) -> Tiles:
    """The pixels of some of the page's outermost layers together, on nothing."""
    keep = inside(page.layers, [layer.uid for layer in members])
    tops = {layer.uid for layer in members}
    layers = tuple(replace(x, parent=0) if x.uid in tops else x for x in page.layers if x.uid in keep)
    part = replace(page, layers=layers)
    keys = {key for layer in layers for key in layer.tiles.cells}
    made: dict[Key, Pixels] = {}
    for key in keys:
        pixels = np.zeros((TILE, TILE), np.uint32)
        area = Rect.of_cell(key, TILE)
        composite_into(pixels, (area.x0, area.y0), part, area)
        made[key] = pixels
    return Tiles().with_tiles(made)


def _as_one(page: Page, members: list[Layer], name: str) -> Page:
    """Put one layer in the place of several brothers."""
    lowest, top = members[0], members[-1]
    if all(isinstance(x, InkLayer) for x in members) and all(x.is_plain for x in members[1:]):
        assert isinstance(lowest, InkLayer)
        one: Layer = _one_ink_layer(lowest, [x for x in members[1:] if isinstance(x, InkLayer)])
    else:
        # What lay under it stays under it: the lowest one's way of blending and clipping becomes the whole's.
        flat = [replace(lowest, blend="normal", clips=False, visible=True), *members[1:]]
        tiles = tiles_of(replace(page, layers=tuple(flat[0] if x.uid == lowest.uid else x for x in page.layers)), flat)
        one = PaintLayer(lowest.uid, name, tiles, parent=lowest.parent, blend=lowest.blend, clips=lowest.clips)
    gone = inside(page.layers, [x.uid for x in members])
    layers = [replace(one, name=name) if x.uid == top.uid else x for x in page.layers if x.uid not in gone - {top.uid}]
    active = one.uid if page.active_uid in gone else page.active_uid
    return replace(page, layers=arranged(layers), active_uid=active)


def _one_ink_layer(lowest: InkLayer, others: list[InkLayer]) -> InkLayer:
    """All marks on one layer; one that was on two, as a copy of it, gets a uid of its own."""
    taken = {mark.uid for mark in lowest.marks}
    marks: list[Mark] = []
    for mark in (mark for layer in others for mark in layer.marks):
        marks.append(mark.as_another() if mark.uid in taken else mark)
        taken.add(mark.uid)
    tiles = {key: lowest.tiles.stored(*key) for layer in others for key in layer.tiles.cells}
    ink_marks_into(tiles, marks)
    return replace(lowest, marks=Marks([*lowest.marks, *marks]), tiles=lowest.tiles.with_tiles(tiles))


def why_not_drawable(page: Page, layer: Layer) -> str | None:
    """Why nothing can be drawn on a layer; None if it can."""
    if isinstance(layer, GroupLayer):
        return tr("“{name}” is a group; choose a layer in it to draw on.", name=layer.name)
    for holder in (layer, *ancestors(page.layers, layer)):
        if not holder.visible:
            return tr("“{name}” is hidden; show it to draw on it.", name=holder.name)
        if holder.locked:
            return tr("“{name}” is locked; unlock it, or choose another layer.", name=holder.name)
    return None


def free_name(page: Page, stem: str) -> str:
    names = {layer.name for layer in page.layers}
    if stem not in names:
        return stem
    number = 2
    while f"{stem} {number}" in names:
        number += 1
    return f"{stem} {number}"


def _there(page: Page, uid: int) -> Layer:
    layer = page.layer(uid)
    if layer is None:
        raise Refused(tr("That layer is no longer on the page."))
    return layer


def _same_order(a: Sequence[Layer], b: Sequence[Layer]) -> bool:
    return [(x.uid, x.parent) for x in a] == [(x.uid, x.parent) for x in b]
