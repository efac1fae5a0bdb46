"""Pixels of one layer as an immutable mapping of tiles that shares what did not change."""

from __future__ import annotations

import weakref
from collections.abc import Collection, Iterator, Mapping
from dataclasses import dataclass, field
from functools import partial
from types import MappingProxyType

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import (
    address_of,
    alpha_into,
    color_of,
    for_reading,
    halve_alphas_at,
    halve_four_into,
    is_clear,
    is_of_color,
    pixels_into,
)
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.runtime.parallel import THREADS, in_shares, on_all_cores

Pixels = NDArray[np.uint32]  # (128, 128), premultiplied, R in the lowest byte
Key = tuple[int, int]


@dataclass(frozen=True, slots=True, weakref_slot=True, eq=False)
class InkTile:
    """Ink of one opaque colour, as most tiles of a page hold: its alpha, (128, 128) uint8, in a quarter of the memory.

    The pixels are the colour times the alpha, rounded, as `blend_kernel.scaled` does.
    """

    alpha: NDArray[np.uint8]
    color: np.uint32
    address: int = field(init=False)  # of the alpha in memory, for kernels that take many tiles at once

    def __post_init__(self) -> None:
        object.__setattr__(self, "address", address_of(self.alpha))

    @property
    def nbytes(self) -> int:
        return self.alpha.nbytes

    def part(self, inside: tuple[slice, slice]) -> InkTile:
        return InkTile(np.ascontiguousarray(self.alpha[inside]), self.color)


Stored = Pixels | InkTile

TILE_BYTES = TILE * TILE * 4  # of pixels, open

CLEAR: Pixels = np.zeros((TILE, TILE), np.uint32)
CLEAR.setflags(write=False)
MOST_HALVINGS = 7  # of a page that is looked at
NO_COLOR = np.uint32(0)
WORTH_THREADS, QUICK = 64, 1024  # tiles that are worth a thread, and so many that a quick one would be busy for long
_NO_ROW: Mapping[int, Stored] = MappingProxyType({})


class Tiles:
    """(column, row) -> read-only (128, 128) uint32 pixels; an absent tile is transparent.

    Tiles are kept row by row, so that a change copies one row's small mapping and not the page's, and as an `InkTile`
    where they are of one colour. `rgba(tile)` shows the same memory as (128, 128, 4) uint8.
    """

    __slots__ = ("__weakref__", "_from", "_half", "_rows", "seen")

    def __init__(self, rows: Mapping[int, Mapping[int, Stored]] | None = None) -> None:
        self._rows = rows or {}
        self._half: Tiles | None = None
        self.seen: dict[object, Tiles] = {}  # as effects leave them
        self._from: tuple[weakref.ref[Tiles], tuple[Key, ...]] | None = (
            None  # what it was made of, and where it differs
        )

    def get(self, column: int, row: int) -> Pixels | None:
        tile = self.stored(column, row)
        return None if tile is None else opened(tile)

    def stored(self, column: int, row: int) -> Stored | None:
        """A tile as it is kept: the same object while it does not change."""
        return self._rows.get(row, _NO_ROW).get(column)

    def row(self, row: int) -> Mapping[int, Stored]:
        """The tiles of one row by column, as they are kept. While a row does not change it is this very mapping."""
        return self._rows.get(row, _NO_ROW)

    @property
    def rows(self) -> list[int]:
        return sorted(self._rows)

    def __iter__(self) -> Iterator[tuple[Key, Pixels]]:
        for row in sorted(self._rows):
            for column in sorted(self._rows[row]):
                yield (column, row), opened(self._rows[row][column])

    @property
    def is_empty(self) -> bool:
        return not any(self._rows.values())

    @property
    def cells(self) -> set[Key]:
        return {(column, row) for row, tiles in self._rows.items() for column in tiles}

    @property
    def nbytes(self) -> int:
        """Of the full size alone."""
        return sum(tile.nbytes for row in self._rows.values() for tile in row.values())

    @property
    def halvings(self) -> Iterator[Tiles]:
        """These tiles and, while they were made, their halvings."""
        tiles: Tiles | None = self
        while tiles is not None:
            yield tiles
            tiles = tiles._half

    def __len__(self) -> int:
        return sum(len(row) for row in self._rows.values())

    def __eq__(self, other: object) -> bool:
        if not isinstance(other, Tiles):
            return NotImplemented
        return all(_same(self.stored(*key), other.stored(*key)) for key in self.changed_since(other))

    __hash__ = None  # type: ignore[assignment]

    @property
    def bounds(self) -> Rect:
        """The smallest rectangle of whole tiles that holds every pixel."""
        if not self._rows:
            return Rect(0, 0, 0, 0)
        columns = [c for row in self._rows.values() for c in row]
        return Rect(
            min(columns) * TILE,
            min(self._rows) * TILE,
            (max(columns) + 1) * TILE,
            (max(self._rows) + 1) * TILE,
        )

    def with_tiles(self, changes: Mapping[Key, Stored | None]) -> Tiles:
        """New tiles with `changes`; None, or a tile without any ink, takes a tile away."""
        color = NO_COLOR
        looked_at: dict[Key, Stored | None] = {}
        for key, tile in taking_turns(changes.items()):
            kept = looked_at[key] = None if tile is None else _to_keep(tile, color)
            color = kept.color if isinstance(kept, InkTile) else color
        return self.with_stored(looked_at)

    def with_stored(self, changes: Mapping[Key, Stored | None]) -> Tiles:
        """As `with_tiles`, for tiles that were `stored` before: what is in them is known."""
        rows = dict(self._rows)
        fresh: dict[int, dict[int, Stored]] = {}
        for (column, row), tile in changes.items():
            if row not in fresh:
                fresh[row] = dict(rows.get(row, _NO_ROW))
            if tile is None:
                fresh[row].pop(column, None)
            else:
                fresh[row][column] = tile
        for row, mapping in fresh.items():
            if mapping:
                rows[row] = mapping
            else:
                rows.pop(row, None)
        new = Tiles(rows)
        new._from = weakref.ref(self), tuple(changes)
        if self._half is not None:
            parents = {(c // 2, r // 2) for c, r in changes}
            new._half = self._half.with_tiles(_halves(new, parents))
        return new

    @property
    def half(self) -> Tiles:
        """The same picture at half the size, each pixel the mean of 2 x 2; kept, and updated with every change."""
        if self._half is None:
            parents = {(c // 2, r // 2) for c, r in self.cells}
            self._half = Tiles().with_tiles(_halves(self, parents))
        return self._half

    def at_level(self, level: int) -> Tiles:
        tiles = self
        for _ in range(level):
            tiles = tiles.half
        return tiles

    def changed_since(self, other: Tiles) -> set[Key]:
        """Keys whose tiles are not the same objects, found without looking at shared rows."""
        for later, earlier in ((self, other), (other, self)):
            if later._from is not None and later._from[0]() is earlier:
                return {key for key in later._from[1] if later.stored(*key) is not earlier.stored(*key)}
        changed: set[Key] = set()
        for row in self._rows.keys() | other._rows.keys():
            mine, theirs = self._rows.get(row, _NO_ROW), other._rows.get(row, _NO_ROW)
            if mine is not theirs:
                now, then = mine.get, theirs.get
                changed.update(
                    (column, row) for column in mine.keys() | theirs.keys() if now(column) is not then(column)
                )
        return changed


def unshared_bytes(new: Tiles, old: Tiles | None) -> int:
    """Bytes of tiles, those of the halvings kept with them included, that `new` does not share with `old`.

    A short line changes only a few tiles, but one of every halving.
    """
    total = 0
    later: Tiles | None = new
    while later is not None and later is not old:
        before = old or Tiles()
        changed = (later.stored(*key) for key in later.changed_since(before))
        total += sum(tile.nbytes for tile in changed if tile is not None)
        later, old = later._half, before._half
    return total


def rgba(pixels: Pixels) -> NDArray[np.uint8]:
    """The same memory as (..., 4) uint8."""
    return pixels.view(np.uint8).reshape(*pixels.shape, 4)


def opened(tile: Stored) -> Pixels:
    """The pixels of a tile as it is kept."""
    if not isinstance(tile, InkTile):
        return tile
    pixels = np.empty(tile.alpha.shape, np.uint32)
    pixels_into(pixels, tile.alpha, tile.color)
    return pixels


def _to_keep(tile: Stored, likely: np.uint32) -> Stored | None:
    """The tile as it is kept: read-only, and by its alpha if it is of one colour; None if it is clear."""
    if isinstance(tile, InkTile):
        tile.alpha.setflags(write=False)
        return None if is_clear(tile.alpha.view(np.uint32)) else tile  # four px at a time, as one of uint32
    read = for_reading(tile)
    if is_clear(read):
        return None
    color = likely if likely and is_of_color(read, likely) else np.uint32(color_of(read))
    if color:
        alpha = np.empty(tile.shape, np.uint8)
        alpha_into(alpha, read)
        alpha.setflags(write=False)
        return InkTile(alpha, color)
    tile.setflags(write=False)
    return tile


def tile_bytes(tile: Stored) -> bytes:
    """A tile as it is kept, to be written; an InkTile with its colour in the last four.

    Of opaque px the green, and how far red and blue are from it: that packs better, and in half the time (the "subtract
    green" transform of WebP lossless, RFC 9649, 4.3).
    """
    if isinstance(tile, InkTile):
        return tile.alpha.tobytes() + int(tile.color).to_bytes(4, "little")
    red, green, blue, alpha = np.moveaxis(rgba(tile), 2, 0)
    if alpha[0, 0] == 255 and (alpha == 255).all():
        return np.stack([green, red - green, blue - green]).tobytes()
    return tile.tobytes()


def tile_from(data: bytes | memoryview) -> Stored:
    """What `tile_bytes` wrote, read-only, in the memory of `data` where that is possible. Raises ValueError."""
    if len(data) == TILE * TILE + 4:
        alpha = np.frombuffer(data, np.uint8, TILE * TILE).reshape(TILE, TILE)
        return InkTile(alpha, np.uint32(int.from_bytes(data[-4:], "little")))
    if len(data) == 3 * TILE * TILE:
        green, red, blue = np.frombuffer(data, np.uint8).reshape(3, TILE, TILE)
        channels = np.stack([red + green, green, blue + green, np.full_like(green, 255)], axis=2)
        pixels = channels.view(np.uint32)[..., 0]
        pixels.setflags(write=False)
        return pixels
    return np.frombuffer(data, np.uint32).reshape(TILE, TILE)


def tiles_from(pixels: Pixels, x: int = 0, y: int = 0) -> Tiles:
    """Cut (H, W) premultiplied uint32 pixels, whose corner lies at page (x, y), into tiles."""
    h, w = pixels.shape
    changes: dict[Key, Pixels | None] = {}
    for column, row in Rect(x, y, x + w, y + h).cells(TILE):
        left, top = column * TILE - x, row * TILE - y
        part = pixels[max(0, top) : top + TILE, max(0, left) : left + TILE]
        if part.any():
            tile = np.zeros((TILE, TILE), np.uint32)
            dy, dx = max(0, -top), max(0, -left)
            tile[dy : dy + part.shape[0], dx : dx + part.shape[1]] = part
            changes[column, row] = tile
    return Tiles().with_tiles(changes)


def pixels_of(tiles: Tiles, rect: Rect) -> Pixels:
    """Return the (H, W) pixels inside `rect`, a new array."""
    out = np.zeros((rect.height, rect.width), np.uint32)
    for column, row in rect.cells(TILE):
        tile = tiles.get(column, row)
        if tile is None:
            continue
        whole = Rect.of_cell((column, row), TILE)
        part = rect & whole
        out[part.slices_in(rect)] = tile[part.slices_in(whole)]
    return out


def _halves(tiles: Tiles, keys: Collection[Key]) -> dict[Key, Stored]:
    """The tiles of the halved picture; those of ink of one colour all in one call for each core."""
    made: dict[Key, Stored] = {}
    others: list[Key] = []
    table: list[tuple[int, ...]] = []
    for column, row in taking_turns(keys):
        four = [tiles.stored(2 * column + dc, 2 * row + dr) for dr in range(2) for dc in range(2)]
        colors = {tile.color if isinstance(tile, InkTile) else NO_COLOR for tile in four if tile is not None}
        if len(colors) != 1 or NO_COLOR in colors:
            others.append((column, row))
            continue
        small = made[column, row] = InkTile(np.empty((TILE, TILE), np.uint8), colors.pop())
        table.append((small.address, *(tile.address if isinstance(tile, InkTile) else 0 for tile in four)))
    if table:
        spread = in_shares if WORTH_THREADS <= len(table) <= QUICK else on_all_cores
        parts = THREADS if len(table) >= WORTH_THREADS else 1
        for _ in spread(partial(halve_alphas_at, TILE), [np.array(table[k::parts]) for k in range(parts)]):
            pass
    spread_others = on_all_cores if len(others) >= WORTH_THREADS else map
    return made | dict(zip(others, spread_others(lambda key: _halved(tiles, *key), others), strict=True))


def _halved(tiles: Tiles, column: int, row: int) -> Pixels:
    four = [tiles.stored(2 * column + dc, 2 * row + dr) for dr in range(2) for dc in range(2)]
    small = np.empty((TILE, TILE), np.uint32)
    halve_four_into(small, *(for_reading(CLEAR if tile is None else opened(tile)) for tile in four))
    return small


def _same(a: Stored | None, b: Stored | None) -> bool:
    return a is b or (a is not None and b is not None and np.array_equal(opened(a), opened(b)))
