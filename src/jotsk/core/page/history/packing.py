"""What two pages that follow each other differ by, compressed: either page is had from the other."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Literal

import zstandard

from jotsk.core.page.layers.layer import Layer
from jotsk.core.page.page import Page
from jotsk.core.page.tiles.identity import Pack, TileIdentity, give_name, name_of
from jotsk.core.page.tiles.tiles import Key, Stored, Tiles, tile_bytes, tile_from
from jotsk.core.runtime.giving_way import giving_way

LEVEL = 1  # three times as quick as Deflate's quickest, and smaller, on tiles of ink
CELL_BYTES = 320  # what a tile's place and pair take besides what they were compressed to
MANY, TOGETHER = 512, 32  # so many tiles are compressed so many at a time: that opens in two thirds of the time

BEFORE: Literal[0] = 0
AFTER: Literal[1] = 1
NO_TILES = Tiles()


Packed = TileIdentity | None  # a tile that is packed, or none


@dataclass(frozen=True, slots=True)
class PackedChange:
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


def packed_change(before: Page, after: Page) -> PackedChange:
    """Compress what differs, by the identity of layers and tiles. A tile that was packed before is not packed again."""
    layers: dict[int, tuple[Layer | None, Layer | None]] = {}
    differing: dict[int, dict[Key, tuple[Stored | None, Stored | None]]] = {}
    for uid in dict.fromkeys(layer.uid for layer in (*before.layers, *after.layers)):
        old, new = before.layer(uid), after.layer(uid)
        if old is new:
            continue
        old_tiles, new_tiles = (layer.tiles if layer is not None else NO_TILES for layer in (old, new))
        layers[uid] = _bare(old), _bare(new)
        differing[uid] = {
            key: (old_tiles.stored(*key), new_tiles.stored(*key))
            for key in giving_way(sorted(new_tiles.changed_since(old_tiles)))
        }
    for side in (BEFORE, AFTER):
        _pack(tile for pairs in differing.values() for pair in pairs.values() if (tile := pair[side]) is not None)
    tiles = {
        uid: {key: (_packed(old), _packed(new)) for key, (old, new) in giving_way(pairs.items())}
        for uid, pairs in differing.items()
    }
    names = (name for pairs in tiles.values() for _, name in giving_way(pairs.values()))
    packs = {_where(name)[0] for name in names if name is not None}
    cells = sum(map(len, tiles.values()))
    return PackedChange(layers, tiles, sum(len(pack.data) for pack in packs) + CELL_BYTES * cells)


def page_from(near: Page, changes: Iterable[PackedChange], side: Literal[0, 1], frame: Frame) -> Page:
    """The page of `frame`, which lies `changes` away from `near`: later ones if they are undone (side BEFORE), the
    last of them first. Only what the two differ by at last is opened."""
    layers: dict[int, Layer | None] = {}
    tiles: dict[int, dict[Key, Packed]] = {}
    for change in changes:
        for uid, pair in change.layers.items():
            layers[uid] = pair[side]
            tiles.setdefault(uid, {}).update((key, packed[side]) for key, packed in change.tiles[uid].items())

    def layer_of(uid: int) -> Layer:
        there = near.layer(uid)
        layer = layers.get(uid, there)
        assert layer is not None
        if uid not in layers:
            return layer
        base = there.tiles if there is not None else NO_TILES
        return replace(layer, tiles=base.with_stored(_opened(tiles[uid])))

    return replace(frame.page, layers=tuple(map(layer_of, frame.uids)))


def _pack(tiles: Iterable[Stored]) -> None:
    """Compress those of `tiles` that are not yet."""
    new = [tile for tile in giving_way(tiles) if name_of(tile).packed is None]
    together = TOGETHER if len(new) >= MANY else 1
    compress = zstandard.ZstdCompressor(level=LEVEL).compress
    by_size: dict[int, list[tuple[Stored, bytes]]] = {}

    def finish(alike: list[tuple[Stored, bytes]]) -> None:
        # What comes back lies in room for as much as went in, which few others would fit into; hence the copy.
        pack = Pack(bytes(memoryview(compress(b"".join(data for _, data in alike)))), len(alike))
        for place, (tile, _) in enumerate(alike):
            name_of(tile).packed = pack, place
        alike.clear()

    for tile in giving_way(new):
        data = tile_bytes(tile)
        alike = by_size.setdefault(len(data), [])
        alike.append((tile, data))
        if len(alike) == together:
            finish(alike)
    for alike in filter(None, by_size.values()):
        finish(alike)


def _packed(tile: Stored | None) -> Packed:
    return None if tile is None else name_of(tile)


def _where(name: TileIdentity) -> tuple[Pack, int]:
    assert name.packed is not None
    return name.packed


def _opened(packed: dict[Key, Packed]) -> dict[Key, Stored | None]:
    """Each pack is opened once; tiles of which most are asked for stay in the memory it is opened into."""
    tiles: dict[Key, Stored | None] = dict.fromkeys(key for key, name in packed.items() if name is None)
    asked: dict[Pack, list[tuple[Key, TileIdentity, int]]] = {}
    for key, name in packed.items():
        if name is not None:
            pack, place = _where(name)
            asked.setdefault(pack, []).append((key, name, place))
    decompress = zstandard.ZstdDecompressor().decompress
    for pack, places in asked.items():
        opened = memoryview(decompress(pack.data))
        size = len(opened) // pack.count
        stays = 2 * len(places) >= pack.count
        for key, name, place in giving_way(places):
            part = opened[place * size : (place + 1) * size]
            tile = tiles[key] = tile_from(part if stays else bytes(part))
            give_name(tile, name)
    return tiles


def _bare(layer: Layer | None) -> Layer | None:
    return None if layer is None else replace(layer, tiles=NO_TILES)
