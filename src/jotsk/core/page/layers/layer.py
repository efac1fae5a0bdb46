"""Layers: ink, which keeps its strokes, and paint, which is pixels."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, field, replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.ink.blend_kernel import (
    alpha_over_into,
    for_reading,
    ink_atop_into,
    ink_into,
    rub_into,
    scale_alpha_into,
)  # fmt: skip
from jotsk.core.ink.color import packed
from jotsk.core.marks import Mark
from jotsk.core.marks.sequence import Marks
from jotsk.core.page.compose.layer_kernel import layer_into
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.layers.effects import Effect, seen_tiles
from jotsk.core.page.layers.placing import Placement
from jotsk.core.page.tiles.tiles import InkTile, Key, Stored, Tiles, opened
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.runtime.parallel import on_all_cores

# At the 30 % of a sketch under ink this prints on white as #B2DDED, next to #A4DDED, the hue usually given for
# non-photo blue (from memory); that hue itself would vanish at 30 %.
NON_PHOTO_BLUE: Color = (0x00, 0x8E, 0xC3)


@dataclass(frozen=True, eq=False)
class Layer:
    """What every layer has. `uid` is unique on its page and stays the same through all edits.

    `parent` is the uid of the group it is in, 0 for none. A layer that `clips` shows only where the nearest layer
    below it that does not clip has ink. `locked` keeps everything, `locks_place` where it lies, `locks_alpha` which
    places have ink: drawing then only colours them. What is drawn on it is held by the page's guides if it
    `follows_guides`, and repeated if it `follows_symmetry`. `extras` are attributes from its file this program does
    not know, and `unknown` is JSON of what else it says of the layer.
    """

    uid: int
    name: str
    tiles: Tiles = field(default_factory=Tiles)
    visible: bool = True
    opacity: float = 1.0
    locked: bool = False
    tint: Color | None = None
    is_sketch: bool = False
    parent: int = 0
    blend: str = NORMAL
    clips: bool = False
    locks_place: bool = False
    locks_alpha: bool = False
    effects: tuple[Effect, ...] = ()
    follows_guides: bool = True
    follows_symmetry: bool = True
    extras: tuple[tuple[str, str], ...] = ()
    unknown: str = ""

    @property
    def is_plain(self) -> bool:
        """Whether it lies over what is below just as it is."""
        return (
            self.opacity == 1.0 and self.blend == NORMAL and self.tint is None and not self.clips and not self.effects
        )

    @property
    def seen(self) -> Tiles:
        """The tiles as the effects of the layer leave them."""
        return seen_tiles(self.uid, self.tiles, self.effects) if self.effects else self.tiles


Ink = tuple[dict[Key, NDArray[np.uint8]], dict[Key, NDArray[np.uint8]], dict[Key, NDArray[np.uint32]]]
FEW_TILES = 24  # whose ink is worked out sooner than threads have begun


@dataclass(frozen=True, eq=False)
class InkLayer(Layer):
    """Strokes; `tiles` are what `render(marks)` gives."""

    marks: Marks = field(default_factory=Marks)


@dataclass(frozen=True, eq=False)
class PaintLayer(Layer):
    """Pixels without strokes, such as a picture. While `tiles` are still `placed_tiles`, they are what `placed`, the
    picture at its own size, gives: it can be placed again without being resampled twice. Files do not keep it."""

    placed: Placement | None = None
    placed_tiles: Tiles | None = None


@dataclass(frozen=True, eq=False)
class GroupLayer(Layer):
    """Holds other layers and no pixels. Unless `isolated`, those inside blend with what lies below the group."""

    isolated: bool = True


def following_each_other(layers: tuple[Layer, ...]) -> tuple[Layer, ...]:
    """The layers of a page, those whose effects are moved by another one by that one as it is."""
    if not any(effect.source for layer in layers for effect in layer.effects):
        return layers
    tiles = {layer.uid: layer.tiles for layer in layers}
    out = []
    for layer in layers:
        effects = tuple(effect.following(tiles) for effect in layer.effects)
        is_same = all(a is b for a, b in zip(effects, layer.effects, strict=True))
        out.append(layer if is_same else replace(layer, effects=effects))
    return tuple(out)


def render(marks: Iterable[Mark], bounds: Rect) -> Tiles:
    """Return the tiles that `marks` give inside `bounds`, drawn in their order on nothing."""
    marks = list(marks)
    tiles: dict[Key, Stored | None] = dict.fromkeys(cells_of(marks, bounds))
    ink_marks_into(tiles, marks)
    return Tiles().with_tiles(tiles)


def cells_of(marks: Iterable[Mark], bounds: Rect) -> Iterator[Key]:
    """The tiles that any of `marks` may touch; those that are not worked out yet are."""
    return (key for mark in taking_turns(marks) for key in mark.cells_on(bounds))


def ink_marks_into(tiles: dict[Key, Stored | None], marks: Sequence[Mark]) -> None:
    """Put the ink of marks on `tiles`, in their order; what each leaves is worked out on all cores.

    What a tile was stays as it is: a new one is put in its place.
    """

    def ink_of(mark: Mark) -> Ink:
        pixels = mark.pixels(tiles)
        return {} if pixels else mark.alphas(tiles), mark.hides(tiles), pixels

    own: set[Key] = set()
    found = map(ink_of, marks) if len(tiles) <= FEW_TILES else on_all_cores(ink_of, marks)
    for mark, (of_mark, hidden, pixels) in zip(taking_turns(marks), found, strict=True):
        color = packed(mark.color)
        for key, gone in hidden.items():
            if tiles[key] is not None:
                tiles[key] = _rubbed(tiles[key], gone, is_own=key in own)
                own.add(key)
        for key, alpha in of_mark.items():
            tiles[key] = _inked(tiles[key], alpha, color, atop=mark.atop, is_own=key in own)
            own.add(key)
        for key, of_tile in pixels.items():
            below = tiles[key]
            tiles[key] = made = np.zeros_like(of_tile) if below is None else opened(below).copy()
            layer_into(made, for_reading(of_tile), 255, np.uint32(0), False)
            own.add(key)


def _rubbed(tile: Stored | None, gone: NDArray[np.uint8], *, is_own: bool) -> Stored | None:
    """A tile with less on it; one that `is_own` may be changed in place."""
    if isinstance(tile, InkTile):
        tile = tile if is_own else InkTile(tile.alpha.copy(), tile.color)
        scale_alpha_into(tile.alpha, gone)
        return tile
    if tile is None:
        return None
    pixels = tile if is_own else opened(tile).copy()
    rub_into(pixels, gone)
    return pixels


def _inked(
    tile: Stored | None, alpha: NDArray[np.uint8], color: np.uint32, *, atop: bool, is_own: bool
) -> Stored | None:
    """A tile with ink on it; one that `is_own` may be changed in place."""
    if tile is None:
        return None if atop else InkTile(alpha, color)
    if isinstance(tile, InkTile) and tile.color == color:
        if not atop:
            tile = tile if is_own else InkTile(tile.alpha.copy(), color)
            alpha_over_into(tile.alpha, for_reading(alpha))
        return tile
    alpha = for_reading(alpha)
    pixels = tile if is_own and not isinstance(tile, InkTile) else opened(tile).copy()
    if atop:
        ink_atop_into(pixels, alpha, color)
    else:
        ink_into(pixels, alpha, color)
    return pixels
