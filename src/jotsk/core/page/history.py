"""Undo and redo over page values, as deep as memory allows."""

from __future__ import annotations

import zlib
from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.page.flat_tiles import change_between
from jotsk.core.page.layers import Layer
from jotsk.core.page.letting_go import let_go
from jotsk.core.page.miniature import miniature
from jotsk.core.page.page import Page
from jotsk.core.page.tiles import TILE_BYTES, Key, Stored, Tiles, tile_bytes, tile_from, unshared_bytes

MOST_BYTES = 768 << 20
STAY_OPEN = 24  # steps on either side of the present that are never packed
PICTURE_PX = 64
AT_A_TIME = 2  # steps packed with each new one: a few ms at most
LARGE_BYTES = 4 << 20  # what a step costs that takes longer, and is packed and opened beside the hand

_beside = ThreadPoolExecutor(1, thread_name_prefix="history")


@dataclass(slots=True)
class Step:
    """A page and what made it so. While `page` is None it is packed, as the tiles in which it differs from the next."""

    label: str
    page: Page | None
    cost: int = 0
    packed: _Packed | None = None
    picture: NDArray[np.uint8] | None = None  # (H, W, 3) RGB, if one was taken
    packing: _Packing | None = None
    opening: Future[tuple[Page, int]] | None = None


@dataclass(frozen=True, slots=True)
class _Packed:
    page: Page  # every layer without the tiles it does not share
    tiles: dict[int, dict[Key, bytes | None]]  # by uid: what the next page's tiles are to be changed to
    cost: int
    size_open: int  # of the tiles as they were


@dataclass(frozen=True, slots=True)
class _Packing:
    page: Page
    next_page: Page
    done: Future[_Packed]


class History:
    """The steps up to now, and those taken back. Values are kept whole: they share what did not change.

    Beyond `most_bytes` of tiles, the oldest steps are compressed, then given up; never the present page. What a step
    costs is what it does not share with the step before it.
    """

    def __init__(self, page: Page, *, most_bytes: int = MOST_BYTES) -> None:
        self._steps = [Step("", page)]
        self._at = 0
        self._used = 0
        self._first = 0
        self._most = most_bytes

    def __len__(self) -> int:
        return len(self._steps)

    def leave(self) -> None:
        """Give the memory back that nobody else needs, beside the hand. The history is empty from now on."""
        let_go([step.page for step in self._steps if step.page is not None])
        self._steps = []

    @property
    def at(self) -> int:
        return self._at

    @property
    def labels(self) -> list[str]:
        return [step.label for step in self._steps]

    def label_of(self, index: int) -> str:
        return self._steps[index].label

    @property
    def page(self) -> Page:
        page = self._steps[self._at].page
        assert page is not None
        return page

    @property
    def bytes_used(self) -> int:
        return self._used

    @property
    def undo_label(self) -> str | None:
        return self._steps[self._at].label if self._at else None

    @property
    def redo_label(self) -> str | None:
        return self._steps[self._at + 1].label if self._at + 1 < len(self._steps) else None

    def page_at(self, index: int) -> Page | None:
        """The page of a step, if it is not packed."""
        return self._steps[index].page

    def picture_of(self, index: int) -> NDArray[np.uint8] | None:
        """A small picture of what a step changed: taken when first asked for; None if it is packed and none was."""
        step = self._steps[index]
        if step.picture is None and step.page is not None:
            before = self._steps[index - 1].page if index else None
            step.picture = miniature(step.page, PICTURE_PX, _around_change(before, step.page))
            step.cost += step.picture.nbytes
            self._used += step.picture.nbytes
        return step.picture

    def push(self, page: Page, label: str, cost: int | None = None) -> None:
        """Take a new page as the present; what had been undone is gone. `cost` is its `step_cost`, if that is known."""
        self._forget_undone()
        self._steps.append(Step(label, page, step_cost(self.page, page) if cost is None else cost))
        self._used += self._steps[-1].cost
        self._at += 1
        self._make_room()

    def amend(self, page: Page) -> None:
        """Replace the present without a step of its own: for a handle still being dragged."""
        self._forget_undone()
        before = self._steps[self._at - 1].page if self._at else None
        cost = step_cost(before, page) if before is not None else 0
        self._used += cost - self._steps[self._at].cost
        self._steps[self._at] = Step(self._steps[self._at].label, page, cost)

    def _forget_undone(self) -> None:
        self._used -= sum(step.cost for step in self._steps[self._at + 1 :])
        del self._steps[self._at + 1 :]

    def choose(self, uid: int) -> None:
        """Change which layer is active, here and now: no step, and what was undone can still be redone."""
        step = self._steps[self._at]
        assert step.page is not None
        step.page = replace(step.page, active_uid=uid)

    def undo(self) -> Page:
        return self.go_to(self._at - 1)

    def redo(self) -> Page:
        return self.go_to(self._at + 1)

    def go_to(self, index: int) -> Page:
        """Make a step the present; unpack what lies on the way, and a few steps beyond."""
        index = min(max(0, index), len(self._steps) - 1)
        lowest = max(0, index - STAY_OPEN // 2)
        if self._steps[index].page is None:
            for k in range(self._first_open() - 1, lowest - 1, -1):
                if k < index and self._is_large(k):
                    break
                self._unpack(k)
        self._at = index
        self._open_ahead()
        return self.page

    def _open_ahead(self) -> None:
        """Open the step before; begin with a large one as soon as a few undos would bring it."""
        k = self._first_open() - 1
        if k < max(0, self._at - STAY_OPEN // 2):
            return
        step, next_page = self._steps[k], self._steps[k + 1].page
        assert step.packed is not None and next_page is not None
        if not self._is_large(k):
            if k == self._at - 1:
                self._unpack(k)
        elif step.opening is None:
            step.opening = _beside.submit(_opened, step.packed, next_page)
        elif step.opening.done():
            self._unpack(k)

    def _is_large(self, k: int) -> bool:
        packed = self._steps[k].packed
        return packed is not None and packed.size_open > LARGE_BYTES

    def _first_open(self) -> int:
        """The packed ones come first; found from where that was the last time."""
        k = min(self._first, len(self._steps) - 1)
        while k and self._steps[k - 1].page is not None:
            k -= 1
        while self._steps[k].page is None:
            k += 1
        self._first = k
        return k

    def _make_room(self) -> None:
        first, waits = self._first_open(), False
        for k in range(first, min(first + 2 * AT_A_TIME, self._at - STAY_OPEN)):
            if self._used <= self._most:
                return
            waits |= k >= first + AT_A_TIME
            waits |= not self._pack(k, begins_only=waits)
        if self._first_open() < self._at - STAY_OPEN:
            return  # packing what is left makes room; nothing need be given up yet
        while self._used > self._most and self._steps[0].packed is not None:
            self._used -= self._steps[0].cost
            del self._steps[0]
            self._at -= 1

    def _pack(self, k: int, *, begins_only: bool = False) -> bool:
        """Compress step k against the step after it; False: that is going on, or waits for the step before it."""
        step, next_page = self._steps[k], self._steps[k + 1].page
        assert step.page is not None and next_page is not None
        if max(step.cost, self._steps[k + 1].cost) <= LARGE_BYTES:
            if begins_only:
                return False
            packed = _packed(step.page, next_page)
        else:
            under_way = step.packing
            if under_way is None or under_way.page is not step.page or under_way.next_page is not next_page:
                done = _beside.submit(_packed, step.page, next_page)
                under_way = step.packing = _Packing(step.page, next_page, done)
            if begins_only or not under_way.done.done():
                return False
            packed, step.packing = under_way.done.result(), None
            let_go([step.page])
        step.packed, step.page = packed, None
        self._cost_is(step, packed.cost)
        return True

    def _unpack(self, k: int) -> None:
        step, next_page = self._steps[k], self._steps[k + 1].page
        if step.packed is None:
            return
        assert next_page is not None
        page, cost = step.opening.result() if step.opening is not None else _opened(step.packed, next_page)
        step.page, step.packed, step.opening = page, None, None
        self._cost_is(step, cost)

    def _cost_is(self, step: Step, tiles: int) -> None:
        before, step.cost = step.cost, tiles + (step.picture.nbytes if step.picture is not None else 0)
        self._used += step.cost - before


def _around_change(before: Page | None, after: Page) -> Rect:
    """An upright part of the page with all that changed in it, a quarter of the page at least."""
    change = change_between(before, after).bounds if before is not None else after.bounds
    if not change:
        return after.bounds
    share = max(0.25, 1.1 * change.width / after.width, 1.1 * change.height / after.height)
    if share >= 1:
        return after.bounds
    w, h = round(share * after.width), round(share * after.height)
    x = min(after.width - w, max(0, (change.x0 + change.x1 - w) // 2))
    y = min(after.height - h, max(0, (change.y0 + change.y1 - h) // 2))
    return Rect(x, y, x + w, y + h)


def step_cost(before: Page, after: Page) -> int:
    """Bytes of tiles that `after` does not share with `before`. Where all tiles differ, finding it takes a while."""
    total = 0
    for layer in after.layers:
        old = before.layer(layer.uid)
        if old is not layer:
            total += unshared_bytes(layer.tiles, old.tiles if old is not None else None)
    return total


def _packed(page: Page, next_page: Page) -> _Packed:
    changes: dict[int, dict[Key, bytes | None]] = {}
    layers: list[Layer] = []
    for layer in page.layers:
        later = next_page.layer(layer.uid)
        if later is layer:
            layers.append(layer)
            continue
        base = later.tiles if later is not None else Tiles()
        changes[layer.uid] = {key: _packed_tile(layer.tiles.stored(*key)) for key in layer.tiles.changed_since(base)}
        layers.append(replace(layer, tiles=Tiles()))
    packed = [data for tiles in changes.values() for data in tiles.values() if data]
    return _Packed(replace(page, layers=tuple(layers)), changes, sum(map(len, packed)), len(packed) * TILE_BYTES)


def _opened(packed: _Packed, next_page: Page) -> tuple[Page, int]:
    """The page as it was, and what it costs."""
    layers: list[Layer] = []
    for layer in packed.page.layers:
        if layer.uid not in packed.tiles:
            layers.append(layer)
            continue
        later = next_page.layer(layer.uid)
        base = later.tiles if later is not None else Tiles()
        opened = {key: _opened_tile(data) for key, data in packed.tiles[layer.uid].items()}
        layers.append(replace(layer, tiles=base.with_tiles(opened)))
    page = replace(packed.page, layers=tuple(layers))
    return page, step_cost(next_page, page)


def _packed_tile(tile: Stored | None) -> bytes | None:
    return None if tile is None else zlib.compress(tile_bytes(tile), 1)


def _opened_tile(data: bytes | None) -> Stored | None:
    return None if data is None else tile_from(zlib.decompress(data))
