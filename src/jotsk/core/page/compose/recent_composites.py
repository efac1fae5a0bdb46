"""Flattened tiles that are not shown any more, kept for when the page is as it was: an undo, or a redo, brings it back.

What a tile looked like is known by the tiles of all layers there, which are the same objects in every value of a page
that shares them; so it is found again without reading a px. It holds only while no layer looks different in any other
way: whoever uses this empties it then.
"""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Sequence
from typing import Generic, TypeVar

from jotsk.core.page.tiles.address import Place
from jotsk.core.page.tiles.tiles import Stored

T = TypeVar("T")


class Content:
    """What every layer has at a place, the lowest first. Two are the same if their `ids` are equal."""

    __slots__ = ("_held", "ids")

    def __init__(self, tiles: Sequence[Stored | None]) -> None:
        self._held = tiles  # ids name nothing else as long as what they name lives
        self.ids = tuple(map(id, tiles))


class RecentComposites(Generic[T]):
    """About `most`: those put away, or asked for, last. To give memory back takes time, so it waits for rest."""

    def __init__(self, most: int) -> None:
        self._most = most
        self._kept: OrderedDict[tuple[Place, tuple[int, ...]], tuple[Content, T]] = OrderedDict()

    def __len__(self) -> int:
        return len(self._kept)

    def keep(self, place: Place, content: Content, flat: T) -> None:
        key = place, content.ids
        self._kept[key] = content, flat
        self._kept.move_to_end(key)
        if len(self._kept) > 2 * self._most:  # the hand does not rest
            self._kept.popitem(last=False)

    def tidy(self) -> bool:
        """Drop the oldest if there are more than should be; whether there still are."""
        if len(self._kept) > self._most:
            self._kept.popitem(last=False)
        return len(self._kept) > self._most

    def get(self, place: Place, content: Content) -> T | None:
        key = place, content.ids
        kept = self._kept.get(key)
        if kept is None:
            return None
        self._kept.move_to_end(key)
        return kept[1]

    def emptied(self) -> OrderedDict[tuple[Place, tuple[int, ...]], tuple[Content, T]]:
        """Forget all; what was kept is returned, so that a thread with time to spare frees its memory."""
        kept, self._kept = self._kept, OrderedDict()
        return kept
