from __future__ import annotations

import time
import weakref

import numpy as np

from jotsk.core.page import History, Page, PaintLayer, flattened, letting_go, tiles_from
from jotsk.core.page import history as history_module
from jotsk.core.page.history import STAY_OPEN
from jotsk.core.page.tiles import TILE_BYTES


def page_with(seed: int, before: Page) -> Page:
    """One tile of noise more, somewhere."""
    from dataclasses import replace

    rng = np.random.default_rng(seed)
    tile = np.full((128, 128), 0xFF000000 | int(rng.integers(1 << 24)), np.uint32)
    tile[::7] = rng.integers(1, 1 << 24, tile[::7].shape, np.uint32) | 0xFF000000
    layer = before.layers[0]
    key = int(rng.integers(6)), int(rng.integers(6))
    return before.with_layer(replace(layer, tiles=layer.tiles.with_tiles({key: tile})))


def long_history(count: int, most_bytes: int) -> tuple[History, list[bytes]]:
    page = Page(768, 768, layers=(PaintLayer(1, "x", tiles_from(np.zeros((768, 768), np.uint32))),), active_uid=1)
    history, seen = History(page, most_bytes=most_bytes), [flattened(page).tobytes()]
    for k in range(count):
        page = page_with(k, page)
        history.push(page, f"step {k}")
        seen.append(flattened(page).tobytes())
    return history, seen


def test_steps_beyond_the_budget_are_packed_and_come_back_exactly():
    history, seen = long_history(120, 60 * TILE_BYTES)
    assert len(history) == 121 and history.page_at(0) is None
    assert history.bytes_used < 80 * TILE_BYTES
    for k in range(119, -1, -1):
        assert flattened(history.undo()).tobytes() == seen[k], k
    assert history.undo_label is None
    for k in range(1, 121):
        assert flattened(history.redo()).tobytes() == seen[k], k


def test_any_point_can_be_gone_to_at_once():
    history, seen = long_history(100, 50 * TILE_BYTES)
    for k in (3, 99, 40, 0, 100):
        assert flattened(history.go_to(k)).tobytes() == seen[k]
    assert history.labels[40] == "step 39"


def test_the_oldest_steps_go_when_even_packed_ones_are_too_many():
    history, seen = long_history(300, 10 * TILE_BYTES)
    assert STAY_OPEN < len(history) < 301
    assert history.bytes_used < (STAY_OPEN + 8) * TILE_BYTES * 4 / 3
    first = 301 - len(history)
    assert flattened(history.go_to(0)).tobytes() == seen[first]
    assert flattened(history.go_to(len(history) - 1)).tobytes() == seen[300]


def test_large_steps_are_packed_and_opened_beside_the_hand(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    history, seen = long_history(60, 20 * TILE_BYTES)
    page = history.page
    for k in range(60, 200):
        history_module._beside.submit(lambda: None).result()  # a hand is slower than this
        page = page_with(k, page)
        history.push(page, f"step {k}")
        seen.append(flattened(page).tobytes())
    first = len(seen) - len(history)
    assert history.page_at(0) is None and history.bytes_used < 60 * TILE_BYTES
    for k in (*range(len(history) - 2, 20, -1), len(history) - 1, 3, 40, 0):
        assert flattened(history.go_to(k)).tobytes() == seen[first + k], k
        assert history.bytes_used == sum(step.cost for step in history._steps)


def test_what_was_packed_against_a_step_that_is_gone_is_not_taken(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    history, seen = long_history(40, 20 * TILE_BYTES)  # packing has begun, and was not taken yet
    begun = [k for k, step in enumerate(history._steps) if step.packing is not None]
    assert begun
    wanted = seen[len(seen) - len(history) + begun[0]]
    history.go_to(begun[0])
    page = history.page
    for k in range(500, 540):
        history_module._beside.submit(lambda: None).result()
        page = page_with(k, page)
        history.push(page, "another way")
    first = next(k for k, step in enumerate(history._steps) if step.label == "another way")
    for _ in range(len(history) - first):
        history.undo()
    assert flattened(history.page).tobytes() == wanted


def test_what_a_history_held_is_given_back(monkeypatch):
    history, _ = long_history(40, 20 * TILE_BYTES)
    tiles = [weakref.ref(tile) for tile in history.page.layers[0].tiles.row(0).values()]
    assert tiles and all(tile() is not None for tile in tiles)
    monkeypatch.setattr(letting_go, "AFTER_S", 0.01)
    history.leave()
    until = time.monotonic() + 20
    while any(tile() is not None for tile in tiles) and time.monotonic() < until:
        time.sleep(0.01)
    assert not len(history) and not any(tile() is not None for tile in tiles)


def test_what_is_counted_is_what_the_steps_hold():
    history, _ = long_history(120, 60 * TILE_BYTES)
    for k in (10, 80, 119, 3, 120):
        history.go_to(k)
        history.picture_of(k)
        assert history.bytes_used == sum(step.cost for step in history._steps)
    history.go_to(60)
    history.push(page_with(999, history.page), "another way")
    assert len(history) == 62 and history.bytes_used == sum(step.cost for step in history._steps)
