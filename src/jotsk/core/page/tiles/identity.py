"""What a tile is known by while it lives, open or packed: one that is opened again is the one it was."""

from __future__ import annotations

import threading
import weakref
from dataclasses import dataclass

from jotsk.core.page.tiles.tiles import Stored


@dataclass(frozen=True, slots=True, eq=False)
class Pack:
    """Tiles of the same size, one after the other, as one Zstandard frame."""

    data: bytes
    count: int


class TileIdentity:
    """Equal only to itself; with the pack that the tile is in, and its place there, once it is packed."""

    __slots__ = ("__weakref__", "packed")

    def __init__(self) -> None:
        self.packed: tuple[Pack, int] | None = None


class _Named(weakref.ref[Stored]):
    """The name of a tile that is open."""

    __slots__ = ("key", "name")
    key: int
    name: TileIdentity


_named: dict[int, _Named] = {}  # by the identity of the tile
_lock = threading.Lock()


def name_of(tile: Stored) -> TileIdentity:
    """The name of a tile, given to it when it is first asked for. Any thread may ask."""
    found = _named.get(id(tile))
    if found is not None and found() is tile:
        return found.name
    with _lock:
        found = _named.get(id(tile))
        return found.name if found is not None and found() is tile else give_name(tile, TileIdentity())


def give_name(tile: Stored, name: TileIdentity) -> TileIdentity:
    """A tile that was opened again has the name it had."""
    named = _Named(tile, _forget)
    named.key, named.name = id(tile), name
    _named[named.key] = named
    return name


def _forget(named: weakref.ref[Stored]) -> None:
    if isinstance(named, _Named) and _named.get(named.key) is named:
        del _named[named.key]
