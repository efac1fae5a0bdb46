"""What two pages that follow each other differ by, compressed: either page is had from the other."""

from __future__ import annotations

import weakref
from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Literal

import zstandard

from jotsk.core.page.layers import Layer
from jotsk.core.page.page import Page
from jotsk.core.page.tiles import Key, Stored, Tiles, tile_bytes, tile_from

LEVEL = 1  # three times as quick as Deflate's quickest, and smaller, on tiles of ink
CELL_BYTES = 320  # what a tile's place and pair take besides what they were compressed to

Packed = bytes | None  # a tile, or none
BEFORE: Literal[0] = 0
AFTER: Literal[1] = 1
NO_TILES = Tiles()


@dataclass(frozen=True, slots=True)
class Change:
    """By the uid of each layer that differs: itself without its tiles, and the tiles that differ; before and after."""

    layers: dict[int, tuple[Layer | None, Layer | None]]
    tiles: dict[int, dict[Key, tuple[Packed, Packed]]]
    cost: int  # bytes; those of the tiles before are the ones after an earlier change


@dataclass(frozen=True, slots=True)
class Frame:
    """A page without its layers, and which of them it has."""

    page: Page
    uids: tuple[int, ...]

    @classmethod
    def of(cls, page: Page) -> Frame:
        return cls(replace(page, layers=()), tuple(layer.uid for layer in page.layers))


def change_between(before: Page, after: Page) -> Change:
    """Compress what differs, by the identity of layers and tiles."""
    layers: dict[int, tuple[Layer | None, Layer | None]] = {}
    tiles: dict[int, dict[Key, tuple[Packed, Packed]]] = {}
    compress = zstandard.ZstdCompressor(level=LEVEL).compress
    cost = 0

    def packed(tile: Stored | None) -> Packed:
        if tile is None:
            return None
        data = _packed_as.get(tile)
        if data is None:
            # What comes back lies in room for as much as went in, which few others would fit into; hence the copy.
            data = bytes(memoryview(compress(tile_bytes(tile))))
            _packed_as.note(tile, data)
        return data

    for uid in dict.fromkeys(layer.uid for layer in (*before.layers, *after.layers)):
        old, new = before.layer(uid), after.layer(uid)
        if old is new:
            continue
        old_tiles, new_tiles = (layer.tiles if layer is not None else NO_TILES for layer in (old, new))
        layers[uid] = _bare(old), _bare(new)
        tiles[uid] = {
            key: (packed(old_tiles.stored(*key)), packed(new_tiles.stored(*key)))
            for key in new_tiles.changed_since(old_tiles)
        }
        cost += sum(len(pair[AFTER] or b"") + CELL_BYTES for pair in tiles[uid].values())
    return Change(layers, tiles, cost)


def page_from(near: Page, changes: Iterable[Change], side: Literal[0, 1], frame: Frame) -> Page:
    """The page of `frame`, which lies `changes` away from `near`: later ones if they are undone (side BEFORE), the
    last of them first. Only what the two differ by at last is opened."""
    layers: dict[int, Layer | None] = {}
    tiles: dict[int, dict[Key, Packed]] = {}
    for change in changes:
        for uid, pair in change.layers.items():
            layers[uid] = pair[side]
            tiles.setdefault(uid, {}).update((key, packed[side]) for key, packed in change.tiles[uid].items())
    decompress = zstandard.ZstdDecompressor().decompress

    def opened(data: Packed) -> Stored | None:
        if data is None:
            return None
        tile = tile_from(decompress(data))
        _packed_as.note(tile, data)
        return tile

    def layer_of(uid: int) -> Layer:
        there = near.layer(uid)
        layer = layers.get(uid, there)
        assert layer is not None
        if uid not in layers:
            return layer
        base = there.tiles if there is not None else NO_TILES
        return replace(layer, tiles=base.with_tiles({key: opened(data) for key, data in tiles[uid].items()}))

    return replace(frame.page, layers=tuple(map(layer_of, frame.uids)))


def _bare(layer: Layer | None) -> Layer | None:
    return None if layer is None else replace(layer, tiles=NO_TILES)


class _PackedAs(weakref.ref[Stored]):
    """What a tile was compressed to, for as long as it lives."""

    __slots__ = ("data", "key")
    data: bytes
    key: int


class _Remembered:
    """The same tile is not compressed, nor kept, twice."""

    def __init__(self) -> None:
        self._by_id: dict[int, _PackedAs] = {}

    def get(self, tile: Stored) -> bytes | None:
        found = self._by_id.get(id(tile))
        return found.data if found is not None and found() is tile else None

    def note(self, tile: Stored, data: bytes) -> None:
        noted = _PackedAs(tile, self._forget)
        noted.key, noted.data = id(tile), data
        self._by_id[noted.key] = noted

    def _forget(self, noted: weakref.ref[Stored]) -> None:
        if isinstance(noted, _PackedAs) and self._by_id.get(noted.key) is noted:
            del self._by_id[noted.key]


_packed_as = _Remembered()
