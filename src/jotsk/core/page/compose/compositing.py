"""Layers, put over each other onto the paper."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE, Color
from jotsk.core.ink.blend_kernel import for_reading, rub_into
from jotsk.core.ink.color import packed
from jotsk.core.page.compose.layer_kernel import ink_tiles_into, layer_into, wet_layer_into, wetted_into
from jotsk.core.page.compose.mode_kernel import blend_into
from jotsk.core.page.compose.modes import NORMAL, NUMBER
from jotsk.core.page.layers.layer import GroupLayer, Layer
from jotsk.core.page.layers.tree import ROOT, children
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.tiles import CLEAR, InkTile, Pixels, Tiles, opened

LayerChoice = Callable[[Layer], bool]
AlphaOfTile = Callable[[int, int, int], NDArray[np.uint8] | None]


@dataclass(frozen=True, slots=True)
class WetLayer:
    """Ink that lies on layer `uid` but is not part of the page yet.

    `alpha(level, column, row)` gives its uint8 tile on the page halved `level` times, or None; `does` is one of INKS,
    RUBS and INKS_ATOP of `blend_kernel`. `hides`, as `alpha`, is what it takes away of the layer beneath it first.
    """

    uid: int
    alpha: AlphaOfTile
    color: np.uint32
    does: int
    hides: AlphaOfTile | None = None


@dataclass(slots=True)
class Node:
    """A layer as it is put down: with what clips to it, or what it holds."""

    layer: Layer
    tiles: Tiles
    opacity: int
    tint: np.uint32
    mode: int
    wets: tuple[WetLayer, ...] = ()  # the lowest first
    inside: list[Node] = field(default_factory=list)
    clipped: list[Node] = field(default_factory=list)

    @property
    def manner(self) -> tuple[int, int, int]:
        """Opacity, tint, whether tinted: as `ink_tiles_into` wants them."""
        return self.opacity, int(self.tint), int(self.layer.tint is not None)

    @property
    def is_plain(self) -> bool:
        """Whether it is put down with source over, alone, and holds nothing but its own tiles."""
        return not self.mode and self.is_alone

    @property
    def is_alone(self) -> bool:
        """Whether it is put down alone, and holds nothing but its own tiles."""
        return not (self.clipped or self.inside or self.wets)

    @property
    def is_simple(self) -> bool:
        """Whether it is put down with source over, alone."""
        return not self.mode and not self.clipped

    def wets_on(self, level: int, column: int, row: int) -> list[tuple[WetLayer, NDArray[np.uint8]]]:
        """The ink that is wet on a tile, with its alpha, the lowest first."""
        found = [(wet, wet.alpha(level, column, row)) for wet in self.wets]
        return [(wet, alpha) for wet, alpha in found if alpha is not None]


def every_visible(layer: Layer) -> bool:
    return layer.visible


def composite_into(
    out: Pixels,
    corner: tuple[int, int],
    page: Page,
    rect: Rect,
    *,
    level: int = 0,
    wets: Sequence[WetLayer] = (),
    shows: LayerChoice = every_visible,
) -> None:
    """Put the layers of the page over what is in `out`, inside `rect`.

    `rect` and `corner`, the place of out[0, 0], are in px of the page halved `level` times. A group is blended as one
    picture; one that is not isolated is as if its layers lay where it is.
    """
    nodes = nodes_of(page.layers, level, wets, shows)
    if not nodes:
        return
    for column, row in rect.cells(TILE):
        tile = Rect.of_cell((column, row), TILE)
        part = rect & tile
        target = out[part.y0 - corner[1] : part.y1 - corner[1], part.x0 - corner[0] : part.x1 - corner[0]]
        work = np.ascontiguousarray(target)
        if put_down(nodes, work, level, (column, row), part.slices_in(tile)):
            target[:] = work


def nodes_of(layers: Sequence[Layer], level: int, wets: Sequence[WetLayer], shows: LayerChoice) -> list[Node]:
    """What is put down, the lowest first."""
    return _nodes(layers, ROOT, level, wets, shows)


def _nodes(
    layers: Sequence[Layer], parent: int, level: int, wets: Sequence[WetLayer], shows: LayerChoice
) -> list[Node]:
    nodes: list[Node] = []
    base: Node | None = None  # what the next layers that clip are clipped to
    base_is_hidden = False
    for layer in children(layers, parent):
        if layer.clips and (base is not None or base_is_hidden):
            into = base.clipped if base is not None else None
        else:
            into, base, base_is_hidden = nodes, None, True
        if not shows(layer) or layer.opacity <= 0 or into is None:
            continue
        is_group = isinstance(layer, GroupLayer)
        if is_group and not layer.isolated and layer.is_plain and into is nodes:  # type: ignore[attr-defined]
            nodes += _nodes(layers, layer.uid, level, wets, shows)
            base_is_hidden = False
            continue
        node = Node(
            layer,
            layer.tiles if is_group else layer.seen.at_level(level),
            round(layer.opacity * 255),
            packed(layer.tint) if layer.tint else np.uint32(0),
            NUMBER.get(layer.blend, 0),
            tuple(wet for wet in wets if wet.uid == layer.uid),
        )
        if is_group:
            node.inside = _nodes(layers, layer.uid, level, wets, shows)
            if not node.inside:
                continue
        into.append(node)
        if into is nodes:
            base, base_is_hidden = node, False
    return nodes


def put_down(
    nodes: list[Node], target: Pixels, level: int, key: tuple[int, int], inside: tuple[slice, slice],
    *, atop: bool = False,
) -> bool:  # fmt: skip
    """Blend what the nodes have on one tile (level, key) into `target`, contiguous, which is the part `inside` of it.

    Returns whether they had anything.
    """
    had_ink = False
    run: list[tuple[Node, InkTile]] = []  # of plain ink, put down together
    for node in nodes:
        if not atop and node.is_plain:
            tile = node.tiles.stored(*key)
            if tile is None:
                continue
            if isinstance(tile, InkTile):
                run.append((node, tile))
                had_ink = True
                continue
        _put_run_down(run, target, inside)
        layer, is_tinted = node.layer, node.layer.tint is not None
        is_simple = node.is_simple and not atop
        wets = node.wets_on(level, *key) if node.wets else []
        if node.inside:
            made = np.zeros(target.shape, np.uint32)
            if not put_down(node.inside, made, level, key, inside):
                continue
            source = for_reading(made)
        else:
            tile = node.tiles.stored(*key)
            if tile is None and not wets:
                continue
            if isinstance(tile, InkTile):
                source = for_reading(opened(tile.part(inside)))
            else:
                source = for_reading(np.ascontiguousarray((CLEAR if tile is None else tile)[inside]))
            last = wets.pop() if wets and is_simple else None
            for wet, whole in wets:
                source = _less_hidden(source, wet, (level, *key), inside)
                made = np.empty(target.shape, np.uint32)
                wetted_into(made, source, _part(whole, inside), wet.color, wet.does)
                source = for_reading(made)
            if last is not None:
                wet, whole = last
                source = _less_hidden(source, wet, (level, *key), inside)
                wet_layer_into(
                    target, source, _part(whole, inside), wet.color, wet.does, node.opacity, node.tint, is_tinted
                )
                had_ink = True
                continue
        had_ink = True
        if is_simple:
            layer_into(target, source, node.opacity, node.tint, is_tinted)
            continue
        if node.clipped:
            made = np.zeros(target.shape, np.uint32)
            layer_into(made, source, 255, node.tint, is_tinted)
            put_down(node.clipped, made, level, key, inside, atop=True)
            source = for_reading(made)
            is_tinted = False
        if layer.blend == NORMAL and not atop:
            layer_into(target, source, node.opacity, node.tint, is_tinted)
        else:
            blend_into(target, source, node.opacity, node.tint, is_tinted, node.mode, atop)
    _put_run_down(run, target, inside)
    return had_ink


def _part(alpha: NDArray[np.uint8], inside: tuple[slice, slice]) -> NDArray[np.uint8]:
    return for_reading(np.ascontiguousarray(alpha[inside]))


def _less_hidden(source: Pixels, wet: WetLayer, place: tuple[int, int, int], inside: tuple[slice, slice]) -> Pixels:
    """The part `inside` of a layer's tile, without what wet ink hides of it."""
    gone = wet.hides(*place) if wet.hides is not None else None
    if gone is None:
        return source
    shown = source.copy()
    rub_into(shown, np.ascontiguousarray(gone[inside]))
    return for_reading(shown)


def _put_run_down(run: list[tuple[Node, InkTile]], target: Pixels, inside: tuple[slice, slice]) -> None:
    """Put down tiles of plain ink that lie over each other, and empty the list."""
    if run:
        rows = np.array([(tile.address, int(tile.color), *node.manner) for node, tile in run], np.int64)
        ink_tiles_into(target, TILE, inside[1].start, inside[0].start, rows)
        run.clear()


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
    if uid is None:
        pixel = int(flattened(page, here)[0, 0])
    else:
        layer = page.layer(uid)
        tile = layer.seen.get(x // TILE, y // TILE) if layer else None
        pixel = 0 if tile is None else int(tile[y % TILE, x % TILE])
    alpha = pixel >> 24
    if alpha == 0:
        return None
    r, g, b = (min(255, round((pixel >> shift & 255) * 255 / alpha)) for shift in (0, 8, 16))
    return r, g, b
