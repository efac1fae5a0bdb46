"""Memory is given back a little at a time: all of a large page at once would hold the interpreter for a fifth of a
second, and the hand with it."""

from __future__ import annotations

import threading
from collections.abc import Iterable
from itertools import chain

from jotsk.core.page.history.packing import PackedChange
from jotsk.core.page.layers.layer import InkLayer, Layer
from jotsk.core.page.page import Page
from jotsk.core.runtime.giving_way import give_way, giving_way
from jotsk.core.runtime.memory import give_back_memory

AFTER_S = 0.4  # what comes instead of them is looked at first
AT_A_TIME = 100  # tiles or strokes
TO_SYSTEM = 2000  # and so many until the allocator passes them on, which it does behind a lock: a few ms, not fifty

_left: list[Page | PackedChange] = []
_lock, _giving = threading.Lock(), threading.Lock()


def release_pages(pages: Iterable[Page | PackedChange]) -> None:
    """Give the memory of pages, and of packed changes, back that nobody else holds, soon, beside the hand."""
    with _lock:
        is_asked = bool(_left)
        _left.extend(pages)
        if is_asked or not _left:
            return
    timer = threading.Timer(AFTER_S, _give_back)
    timer.daemon = True  # a process that ends gives everything back
    timer.start()


def finish_releasing() -> None:
    """Wait until all of that memory is given back: for a thread that is about to take as much."""
    _give_back()


def _give_back() -> None:
    with _giving:
        with _lock:
            pages = _left[:]
            _left.clear()
        parts = _parts_of(pages)
        del pages
        if not parts:
            return
        while parts:
            for _ in range(0, TO_SYSTEM, AT_A_TIME):
                del parts[-AT_A_TIME:]
                give_way()
            give_back_memory()


def _parts_of(pages: list[Page | PackedChange]) -> list[object]:
    """All that they are made of, the smallest parts last."""
    parts: list[object] = []
    seen: set[int] = set()

    def hold(part: object, inside: Iterable[object]) -> None:
        if id(part) not in seen:
            seen.add(id(part))
            parts.append(part)
            parts.extend(inside)

    for page in pages:
        layers: Iterable[Layer | None] = page.layers if isinstance(page, Page) else chain(*page.layers.values())
        if isinstance(page, PackedChange):
            for cells in page.tiles.values():
                hold(cells, cells.values())
        for layer in filter(None, layers):
            for tiles in layer.tiles.halvings:
                hold(tiles, ())
                for row in giving_way(tiles.rows):
                    hold(tiles.row(row), tiles.row(row).values())
            if isinstance(layer, InkLayer):
                for chunk in giving_way(layer.marks.chunks):
                    hold(chunk, chunk)
    return parts
