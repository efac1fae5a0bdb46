"""Where the parts of pages lie in a store, by their identity: what did not change is not looked at again."""

from __future__ import annotations

import struct
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from typing import Any, Generic, TypeVar
from weakref import WeakValueDictionary

from jotsk.core.ink import Pen
from jotsk.core.marks import Mark
from jotsk.core.page import InkLayer, Layer, Page
from jotsk.core.page.tiles.identity import name_of
from jotsk.core.page.tiles.tiles import Stored
from jotsk.core.runtime.giving_way import giving_way, taking_turns

T = TypeVar("T")
# The number of a blob; or a place in the base: of a tile uid, column, row, of a stroke uid, index.
Where = int | list[int]


class ByIdentity(Generic[T]):
    """Where things lie, for as long as what they are known by lives: themselves, or a name."""

    def __init__(self, name_of: Callable[[T], Any] = lambda thing: thing) -> None:
        self._name_of = name_of
        self._names: WeakValueDictionary[int, Any] = WeakValueDictionary()
        self._where: dict[int, Where] = {}

    def get(self, thing: T) -> Where | None:
        name = self._name_of(thing)
        return self._where[id(name)] if self._names.get(id(name)) is name else None

    def __setitem__(self, thing: T, where: Where) -> None:
        name = self._name_of(thing)
        self._names[id(name)] = name
        self._where[id(name)] = where

    @property
    def blobs(self) -> set[int]:
        keys = giving_way(list(self._names.keys()))
        return {where for key in keys if isinstance(where := self._where[key], int)}

    def keep(self, held: set[int]) -> None:
        """Forget the blobs that are not in `held`."""
        kept = {
            key: where for key, where in giving_way(self._where.items())
            if key in self._names and (not isinstance(where, int) or where in held)
        }  # fmt: skip
        for key in self._where.keys() - kept.keys():
            self._names.pop(key, None)
        self._where = kept


@dataclass(slots=True)
class LayerParts:
    """The blobs of a layer and of its rows and chunks. Those of the base are -uid, 0, and -1, -2 ... from the first."""

    layer: Layer
    blob: int = 0
    rows: dict[int, tuple[Mapping[int, Stored], int]] = field(default_factory=dict)
    chunks: dict[int, tuple[tuple[Mark, ...], int]] = field(default_factory=dict)  # by the identity of the chunk

    @classmethod
    def in_base(cls, layer: Layer) -> LayerParts:
        rows = {row: (layer.tiles.row(row), 0) for row in layer.tiles.rows}
        chunks = layer.marks.chunks if isinstance(layer, InkLayer) else ()
        return cls(layer, -layer.uid, rows, {id(chunk): (chunk, -k - 1) for k, chunk in enumerate(chunks)})


@dataclass(slots=True)
class Known:
    """Where everything lies that a store was given or gave back."""

    layers: dict[int, LayerParts] = field(default_factory=dict)  # of the state put last, by uid
    tiles: ByIdentity[Stored] = field(default_factory=lambda: ByIdentity(name_of))
    marks: ByIdentity[Mark] = field(default_factory=ByIdentity)
    pens: dict[Pen, int] = field(default_factory=dict)

    @classmethod
    def in_base(cls, base: Page) -> Known:
        """Of a page that is kept elsewhere."""
        known = cls({layer.uid: LayerParts.in_base(layer) for layer in base.layers})
        for layer in base.layers:
            known.add_base(layer)
        return known

    def add_base(self, layer: Layer) -> None:
        """The parts of a layer of the base."""
        for row in layer.tiles.rows:
            for column, tile in taking_turns(layer.tiles.row(row).items()):
                self.tiles[tile] = [layer.uid, column, row]
        for index, stroke in taking_turns(enumerate(layer.marks if isinstance(layer, InkLayer) else ())):
            self.marks[stroke] = [layer.uid, index]

    @property
    def blobs(self) -> set[int]:
        """Of tiles and strokes that may be put again, and of all pens."""
        return self.tiles.blobs | self.marks.blobs | set(self.pens.values())

    def keep(self, held: set[int]) -> None:
        """Forget the blobs that are not in `held`."""
        self.layers = {uid: parts for uid, parts in self.layers.items() if parts.blob < 0 or parts.blob in held}
        self.pens = {pen: blob for pen, blob in self.pens.items() if blob in held}
        self.tiles.keep(held)
        self.marks.keep(held)


NO_PEN = -1


def pens_ahead(pens: Sequence[int]) -> bytes:
    """The numbers of the blobs of a mark's pens, as they stand before it: an area has none, a line that was spliced
    has those of its tries."""
    if len(pens) == 1:
        return struct.pack("<q", pens[0])
    return struct.pack("<q", -len(pens) if pens else NO_PEN) + struct.pack(f"<{len(pens)}q", *pens)


def pens_of(raw: bytes) -> tuple[list[int], bytes]:
    """Those numbers, and the mark behind them. Raises struct.error."""
    (first,) = struct.unpack_from("<q", raw)
    if first >= NO_PEN:
        return ([first] if first != NO_PEN else []), raw[8:]
    return list(struct.unpack_from(f"<{-first}q", raw, 8)), raw[8 - 8 * first :]
