"""Flattened tiles that are not shown any more, kept for when the page is as it was: an undo, or a redo, brings it back.

What a tile looked like is known by the tiles of all layers there, which are the same objects in every value of a page
that shares them; so it is found again without reading a px. It holds only while no layer looks different in any other
way: whoever uses this empties it then.
"""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Sequence
from typing import Generic, TypeVar

from jotsk.core.page.tiles import Stored

Place = tuple[int, int, int]  # level, column, row
T = TypeVar("T")


class Content:
    """What every layer has at a place, the lowest first. Two are equal if that is the same objects."""

    __slots__ = ("_hash", "_held", "_ids")

    def __init__(self, tiles: Sequence[Stored | None]) -> None:
        self._held = tiles  # ids name nothing else as long as what they name lives
        self._ids = tuple(map(id, tiles))
        self._hash = hash(self._ids)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Content) and self._ids == other._ids

    def __hash__(self) -> int:
        return self._hash


class FormerTiles(Generic[T]):
    """At most `most` of them: those put away, or asked for, last."""

    def __init__(self, most: int) -> None:
        self._most = most
        self._kept: OrderedDict[tuple[Place, Content], T] = OrderedDict()

    def __len__(self) -> int:
        return len(self._kept)

    def keep(self, place: Place, content: Content, flat: T) -> None:
        key = place, content
        self._kept[key] = flat
        self._kept.move_to_end(key)
        if len(self._kept) > self._most:
            self._kept.popitem(last=False)

    def get(self, place: Place, content: Content) -> T | None:
        key = place, content
        flat = self._kept.get(key)
        if flat is not None:
            self._kept.move_to_end(key)
        return flat

    def emptied(self) -> OrderedDict[tuple[Place, Content], T]:
        """Nothing of what was kept holds any more; it is given out, for whoever has the time to let go of it."""
        kept, self._kept = self._kept, OrderedDict()
        return kept
