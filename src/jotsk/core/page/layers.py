"""Layers: ink, which keeps its strokes, and paint, which is pixels."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field

import numpy as np

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE, Color, Stroke
from jotsk.core.ink.blend_kernel import ink_into
from jotsk.core.ink.stroke import packed
from jotsk.core.page.marks import Marks
from jotsk.core.page.tiles import Key, Pixels, Tiles

# At the 30 % of a sketch under ink this prints on white as #B2DDED, next to #A4DDED, the hue usually given for
# non-photo blue (from memory); that hue itself would vanish at 30 %.
NON_PHOTO_BLUE: Color = (0x00, 0x8E, 0xC3)


@dataclass(frozen=True, eq=False)
class Layer:
    """What every layer has. `uid` is unique on its page and stays the same through all edits."""

    uid: int
    name: str
    tiles: Tiles = field(default_factory=Tiles)
    visible: bool = True
    opacity: float = 1.0
    locked: bool = False
    tint: Color | None = None
    is_sketch: bool = False


@dataclass(frozen=True, eq=False)
class InkLayer(Layer):
    """Strokes; `tiles` are what `render(marks)` gives."""

    marks: Marks = field(default_factory=Marks)


@dataclass(frozen=True, eq=False)
class PaintLayer(Layer):
    """Pixels without strokes, such as a picture that was opened."""


def render(strokes: Iterable[Stroke], bounds: Rect) -> Tiles:
    """Return the tiles that `strokes` give inside `bounds`, drawn in their order on nothing."""
    touching: dict[Key, list[Stroke]] = {}
    for stroke in strokes:
        for key in stroke.cells_on(bounds):
            touching.setdefault(key, []).append(stroke)
    return Tiles().with_tiles({key: render_tile(near, key) for key, near in touching.items()})


def render_tile(strokes: Iterable[Stroke], key: Key) -> Pixels:
    """Return one tile of the strokes, a new array."""
    pixels = np.zeros((TILE, TILE), np.uint32)
    for stroke in strokes:
        add_stroke(pixels, stroke, key)
    return pixels


def add_stroke(pixels: Pixels, stroke: Stroke, key: Key) -> None:
    """Put one stroke's ink on a tile, in place."""
    alpha = stroke.alpha(*key)
    if alpha is not None:
        ink_into(pixels, alpha, packed(stroke.color))
