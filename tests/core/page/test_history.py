from __future__ import annotations

import gc
import threading
import time
import weakref
from dataclasses import replace

import numpy as np
import pytest
import zstandard

from jotsk.core.page import History, Page, PaintLayer, blank_page, edits, flattened, prepared, tiles_from
from jotsk.core.page.edits import layer_edits, resizing
from jotsk.core.page.history import history as history_module
from jotsk.core.page.history import packing
from jotsk.core.page.history import release as letting_go
from jotsk.core.page.history.history import STAY_OPEN
from jotsk.core.page.tiles.tiles import MOST_HALVINGS, TILE_BYTES, InkTile
from jotsk.core.runtime.lanes import BESIDE
from tests.conftest import stroke_along

SIDE = 384
STEP_BYTES = 8 * TILE_BYTES  # of a step that changes one tile, and with it one of each of its halvings


@pytest.fixture(autouse=True)
def at_once(monkeypatch):
    monkeypatch.setattr(history_module, "PAINTED_S", 0.0)


def page_with(seed: int, before: Page) -> Page:
    """One tile of noise more, somewhere on the lowest layer."""
    rng = np.random.default_rng(seed)
    tile = np.full((128, 128), 0xFF000000 | int(rng.integers(1 << 24)), np.uint32)
    tile[::7] = rng.integers(1, 1 << 24, tile[::7].shape, np.uint32) | 0xFF000000
    layer = before.layers[0]
    key = int(rng.integers(SIDE // 128)), int(rng.integers(SIDE // 128))
    return before.with_layer(replace(layer, tiles=layer.tiles.with_tiles({key: tile})))


def clear_page() -> Page:
    return prepared(
        Page(SIDE, SIDE, layers=(PaintLayer(1, "x", tiles_from(np.zeros((SIDE, SIDE), np.uint32))),), active_uid=1)
    )


def look(page: Page) -> tuple[object, ...]:
    """All that can be told of a page."""
    layers = [(layer.uid, layer.name, layer.opacity, len(layer.tiles)) for layer in page.layers]
    return flattened(page).tobytes(), layers, page.active_uid, page.dpi


def long_history(count: int, most_bytes: int) -> tuple[History, list[tuple[object, ...]]]:
    page = clear_page()
    history, seen = History(page, most_bytes=most_bytes), [look(page)]
    for k in range(count):
        page = page_with(k, page)
        history.push(page, f"step {k}")
        seen.append(look(page))
    return history, seen


def held_by(history: History) -> int:
    """Bytes of tiles that are alive because of the history, but for one open page, and of what is packed."""
    open_pages = [step.page for step in history._steps if step.page is not None]
    tiles = {
        id(tile): tile.nbytes for page in open_pages for layer in page.layers for half in layer.tiles.halvings
        for row in half.rows for tile in half.row(row).values()
    }  # fmt: skip
    present = sum(half.nbytes for layer in history.page.layers for half in layer.tiles.halvings)
    packed = {
        id(name.packed[0]): len(name.packed[0].data) for step in history._steps if step.change is not None
        for cells in step.change.tiles.values() for pair in cells.values() for name in pair if name is not None
    }  # fmt: skip
    pictures = sum(step.picture.nbytes for step in history._steps if step.picture is not None)
    return sum(tiles.values()) - present + sum(packed.values()) + pictures


def test_steps_beyond_the_budget_are_packed_and_come_back_exactly():
    history, seen = long_history(120, 60 * TILE_BYTES)
    assert len(history) == 121 and history.page_at(0) is None
    assert history.bytes_used < 80 * TILE_BYTES
    for k in range(119, -1, -1):
        assert look(history.undo()) == seen[k], k
    assert history.undo_label is None
    for k in range(1, 121):
        assert look(history.redo()) == seen[k], k


def test_any_point_can_be_gone_to_at_once(monkeypatch):
    history, seen = long_history(100, 50 * TILE_BYTES)
    for k in (3, 99, 40, 0, 100):
        assert look(history.go_to(k)) == seen[k]
    assert history.labels[40] == "step 39"
    opened = []
    tile_from = packing.tile_from
    monkeypatch.setattr(packing, "tile_from", lambda data: (opened.append(data), tile_from(data))[1])
    history.go_to(1)
    assert len(opened) <= 3 * 9, "of all the tiles on the way, those in which the page and its neighbours differ"


def test_the_oldest_steps_go_when_even_packed_ones_are_too_many():
    history, seen = long_history(300, 10 * TILE_BYTES)
    assert 10 < len(history) < 301
    assert history.bytes_used <= 10 * TILE_BYTES
    first = 301 - len(history)
    assert look(history.go_to(0)) == seen[first]
    assert look(history.go_to(len(history) - 1)) == seen[300]


def test_going_back_to_the_start_holds_no_more_than_going_on():
    most = 60 * TILE_BYTES
    history, seen = long_history(400, most)
    first = 401 - len(history)
    for k in range(len(history) - 2, -1, -1):
        assert look(history.undo()) == seen[first + k]
        assert max(history.bytes_used, held_by(history)) < most + 2 * STEP_BYTES
    assert sum(step.page is not None for step in history._steps) < 2 * STAY_OPEN


@pytest.mark.parametrize("seed", range(4))
def test_whatever_is_done_every_step_is_what_it_was(monkeypatch, seed):
    """Beside a plain list of pages, with layers that come, go and change; some steps are packed beside the hand."""
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    rng = np.random.default_rng(seed)
    history = History(clear_page(), most_bytes=8 * TILE_BYTES)
    pages, at, most_packed = [look(history.page)], 0, 0

    def changed(page: Page) -> Page:
        uid = int(rng.choice([layer.uid for layer in page.layers]))
        match rng.integers(7):
            case 0:
                return layer_edits.with_paint_layer(page)
            case 1 if len(page.layers) > 1:
                return layer_edits.without_layers(page, {uid})
            case 2:
                return page.with_layer(replace(page.layer(uid), opacity=float(rng.random())))
            case 3:
                return layer_edits.duplicated(page, {uid}) if len(page.layers) < 6 else page_with(7, page)
            case 4:
                return replace(layer_edits.stepped(page, uid, True), dpi=float(rng.integers(72, 600)))
            case _:
                return page_with(int(rng.integers(1 << 30)), replace(page, layers=(*page.layers[1:], page.layers[0])))

    for number in range(300):
        match rng.integers(12):
            case 0 if number % 4 == 0:
                at = min(len(history) - 1, max(0, at + int(rng.integers(-30, 31))))
                page = history.go_to(at)
            case 1 | 2 if at:
                at -= 1
                page = history.undo()
            case 3 if at + 1 < len(history):
                at += 1
                page = history.redo()
            case 4 if at:
                page = changed(history.page)
                history.amend(page)
                pages[at:] = [look(page)]
            case 5:
                uid = int(rng.choice([layer.uid for layer in history.page.layers]))
                history.alter(active_uid=uid)
                page = history.page
                pages[at] = look(page)
            case _:
                page = changed(history.page)
                history.push(page, str(number))
                pages[at + 1 :] = [look(page)]
                at += 1
        gone = len(pages) - len(history)
        pages, at = pages[gone:], at - gone
        assert history.at == at and look(history.page) == look(page) == pages[at]
        most_packed = max(most_packed, sum(step.page is None for step in history._steps))
        if number % 40 == 39:
            for k in rng.permutation(len(history))[:8]:
                assert look(history.go_to(int(k))) == pages[k]
            history.go_to(at)
    assert most_packed > 10


def test_large_steps_are_packed_and_opened_beside_the_hand(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    history, seen = long_history(60, 20 * TILE_BYTES)
    page = history.page
    for k in range(60, 200):
        BESIDE.queue("packing history").finish()  # a hand is slower than this
        page = page_with(k, page)
        history.push(page, f"step {k}")
        seen.append(look(page))
    first = len(seen) - len(history)
    assert history.page_at(0) is None and history.bytes_used < 20 * TILE_BYTES + 2 * STEP_BYTES
    last = len(history) - 1
    assert last > 12
    for k in (*range(last - 1, 8, -1), last, 3, last // 2, 0):
        assert look(history.go_to(k)) == seen[first + k], k
    wait = history.opening(last)
    assert history.page_at(last) is None and wait is not None
    wait.result(20)
    monkeypatch.setattr(packing, "page_from", lambda *_: pytest.fail("opened twice"))
    assert look(history.go_to(last)) == seen[-1]
    assert history.opening(last) is None


def test_a_few_changes_of_the_whole_page_are_not_all_held_open():
    """Of the steps that are near, as many are open as half the budget takes, and the nearest one in any case."""
    rng = np.random.default_rng(3)
    page = clear_page()
    history, seen = History(page, most_bytes=72 * TILE_BYTES), [look(page)]
    for k in range(6):
        pixels = rng.integers(0, 4, (SIDE, SIDE), np.uint32) * 0x050505 + np.uint32(0xFF000000)
        page = page.with_layer(replace(page.layers[0], tiles=tiles_from(pixels)))
        history.push(page, f"all of it {k}")
        seen.append(look(page))
        BESIDE.queue("packing history").finish()
    history.push(page_with(5, page), "a stroke")
    BESIDE.queue("packing history").finish()
    history.push(page_with(6, history.page), "a stroke")
    assert held_by(history) < 1.2 * 72 * TILE_BYTES
    for k in (5, 4, 3, 2, 1, 0):
        assert look(history.go_to(k)) == seen[k]


def plain_page(tone: int) -> Page:
    """All of it of one colour, which packs to next to nothing."""
    return Page(
        SIDE, SIDE, layers=(PaintLayer(1, "x", tiles_from(np.full((SIDE, SIDE), 0xFF000000 + tone, np.uint32))),)
    )


WHOLE_BYTES = 9 * TILE_BYTES // 4  # of a step that changes all of it


def whole_changes(count: int, most_bytes: int) -> tuple[History, list[tuple[object, ...]]]:
    """Steps that each change all of the page, as far from it packed as they are to be."""
    history = History(plain_page(0), most_bytes=most_bytes)
    seen = [look(history.page)]
    for k in range(1, count + 1):
        history.push(plain_page(k), f"all of it {k}")
        seen.append(look(history.page))
        settled(history)
    return history, seen


def settled(history: History) -> None:
    until = time.monotonic() + 20
    while history.rebalance() and time.monotonic() < until:
        time.sleep(0.001)


def open_ones(history: History) -> list[int]:
    return [k for k in range(len(history)) if history.page_at(k) is not None]


@pytest.mark.parametrize(("room", "near"), [(1.5, [0, 1]), (2.5, [0, 1, 2])])
def test_a_large_step_is_opened_ahead_only_if_there_is_room_for_it(monkeypatch, room, near):
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    history, seen = whole_changes(5, int(room * WHOLE_BYTES))
    for k in (0, 1):
        assert look(history.go_to(k)) == seen[k]
        settled(history)
    assert open_ones(history) == near
    for k in (4, 3, 2, 1, 0, 5):
        assert look(history.go_to(k)) == seen[k]
        settled(history)
        assert history.bytes_used < (max(room, 2) + 0.2) * WHOLE_BYTES, "with what is packed"


def test_a_step_that_was_asked_for_and_not_gone_to_is_given_back_beside_the_hand(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    history, seen = whole_changes(5, int(1.5 * WHOLE_BYTES))
    opened = history.opening(0).result(20)
    given_back = []
    monkeypatch.setattr(history_module, "release_pages", given_back.extend)
    settled(history)
    assert given_back == [opened] and open_ones(history) == [4, 5]
    assert history.go_to(0, opened) is opened and look(opened) == seen[0]


def test_a_large_step_is_opened_once_the_memory_of_another_is_given_back(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    history, seen = whole_changes(4, int(1.5 * WHOLE_BYTES))
    assert open_ones(history) == [3, 4]
    packing = threading.Event()
    BESIDE.queue("packing history").submit(packing.wait, 20)
    history.push(plain_page(9), "all of it")
    assert history.rebalance(), "what is packed waits for the other"
    gone = weakref.ref(history.page_at(3))
    opening = history.opening(1)
    time.sleep(0.05)
    assert opening is not None and not opening.done() and gone() is not None
    packing.set()
    settled(history)
    assert look(opening.result(20)) == seen[1] and gone() is None
    assert look(history.go_to(1)) == seen[1]


def test_a_large_change_begins_once_there_is_room_for_it(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    history, _ = whole_changes(4, int(1.5 * WHOLE_BYTES))
    history.wait_for_room(pytest.fail)
    goes_on, told = threading.Event(), []
    BESIDE.queue("packing history").submit(goes_on.wait, 20)
    history.push(plain_page(9), "all of it")
    assert history.rebalance(), "what is packed waits for the other"
    gone = weakref.ref(history.page_at(3))
    waiting = threading.Thread(target=history.wait_for_room, args=(told.append,))
    waiting.start()
    until = time.monotonic() + 20
    while not told and time.monotonic() < until:
        time.sleep(0.001)
    assert told and waiting.is_alive() and gone() is not None
    goes_on.set()
    settled(history)
    waiting.join(20)
    assert not waiting.is_alive() and gone() is None


def test_a_large_step_that_is_opened_is_halved_beside_the_hand(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", TILE_BYTES)
    history = History(plain_page(0), most_bytes=int(1.5 * WHOLE_BYTES))
    two = prepared(replace(plain_page(1), layers=(*plain_page(1).layers, replace(plain_page(2).layers[0], uid=2))))
    for page in (two, *map(plain_page, range(3, 7))):
        history.push(page, "all of it")
        settled(history)
    assert history.page_at(1) is None
    opened = history.opening(1).result(20)
    assert [len(list(layer.tiles.halvings)) for layer in opened.layers] == [MOST_HALVINGS + 1] * 2


@pytest.mark.parametrize("undone", [0, 2])
def test_what_is_still_to_be_packed_is_told_until_it_is(monkeypatch, undone):
    """Also of the very first step, and of the last one that was taken back."""
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    page = clear_page()
    history = History(page)
    for k in range(2):
        history.push(page_with(k, history.page), "step")
    for _ in range(undone):
        history.undo()
    history._most = STEP_BYTES
    goes_on = threading.Event()
    BESIDE.queue("packing history").submit(goes_on.wait, 20)
    assert history.rebalance() > 0 and history.rebalance() > 0
    goes_on.set()
    BESIDE.queue("packing history").finish()
    assert history.rebalance() == 0 and history.page_at(undone and 2) is None


def test_what_is_packed_holds_no_tiles_of_layers_that_stayed_as_they_were():
    page = clear_page()
    page = page_with(1, page)
    other = PaintLayer(2, "y", tiles_from(np.full((SIDE, SIDE), 0xFF123456, np.uint32)))
    page = replace(page, layers=(*page.layers, other))
    tiles = [weakref.ref(tile) for tile in other.tiles.row(0).values()]
    history = History(page, most_bytes=20 * TILE_BYTES)
    del other
    for k in range(60):
        page = page_with(k, page)
        if k == 30:
            page = replace(page, layers=page.layers[:1])
        history.push(page, "step")
    gc.collect()
    assert len(tiles) == 3 and all(tile() is None for tile in tiles)
    assert len(history.go_to(0).layer(2).tiles) == 9


def test_what_was_packed_against_a_step_that_is_gone_is_not_taken(monkeypatch):
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    goes_on = threading.Event()
    BESIDE.queue("packing history").submit(goes_on.wait, 20)
    history, seen = long_history(40, 40 * TILE_BYTES)  # packing has begun, and is not done yet
    goes_on.set()
    begun = [k for k, step in enumerate(history._steps) if step.packing is not None]
    assert begun
    wanted = seen[len(seen) - len(history) + begun[0]]
    history.go_to(begun[0])
    page = history.page
    for k in range(500, 512):
        BESIDE.queue("packing history").finish()
        page = page_with(k, page)
        history.push(page, "another way")
    first = next(k for k, step in enumerate(history._steps) if step.label == "another way")
    for _ in range(len(history) - first):
        history.undo()
    assert look(history.page) == wanted


def test_what_a_history_held_is_given_back_beside_the_hand(monkeypatch):
    history, _ = long_history(40, 20 * TILE_BYTES)
    held = [weakref.ref(tile) for tile in history.page.layers[0].tiles.row(0).values()]
    held += [
        weakref.ref(name) for step in history._steps if step.change is not None
        for cells in step.change.tiles.values() for pair in cells.values() for name in pair if name is not None
    ]  # fmt: skip
    assert len(held) > 40 and all(part() is not None for part in held)
    monkeypatch.setattr(letting_go, "AFTER_S", 0.01)
    with letting_go._giving:  # what was released before may be given back just now, and this with it
        history.leave()
        assert not len(history) and all(part() is not None for part in held), "not by whoever leaves it"
    until = time.monotonic() + 20
    while any(part() is not None for part in held) and time.monotonic() < until:
        time.sleep(0.01)
    assert not any(part() is not None for part in held)


def test_what_is_counted_is_what_the_steps_hold():
    history, _ = long_history(120, 60 * TILE_BYTES)
    for k in (10, 80, 119, 3, 120):
        history.go_to(k)
        history.picture_of(k)
    for _ in range(40):
        history.undo()
        assert history.bytes_used == pytest.approx(held_by(history), rel=0.2)
    history.push(page_with(999, history.page), "another way")
    assert len(history) == 82 and history.bytes_used == pytest.approx(held_by(history), rel=0.2)


def mixed_page(width: int, height: int, seed: int) -> Page:
    """Layers of ink of one colour, of opaque paint, and of both with gaps."""
    rng = np.random.default_rng(seed)
    ink = rng.integers(0, 256, (height, width), np.uint32) << 24
    paint = rng.integers(0, 1 << 24, (height, width), np.uint32) | 0xFF000000
    both = np.where(np.arange(width) // 128 % 2, ink, paint).astype(np.uint32)
    both[::256] = 0
    return Page(
        width, height, layers=tuple(PaintLayer(k, "x", tiles_from(p)) for k, p in enumerate((ink, paint, both)))
    )


@pytest.mark.parametrize("side", [3 * 128, 24 * 128])
def test_a_tile_is_packed_in_a_zstandard_frame_once(side):
    """A few each alone, many together."""
    before, after = mixed_page(side, side, 1), mixed_page(side, side, 2)
    change = packing.packed_change(before, after)
    packs = set()
    for uid, cells in change.tiles.items():
        for key, pair in cells.items():
            for page, name in zip((before, after), pair, strict=True):
                pack, place = name.packed
                data = zstandard.ZstdDecompressor().decompress(pack.data)
                tile = packing.tile_bytes(page.layer(uid).tiles.stored(*key))
                assert data[place * len(tile) : (place + 1) * len(tile)] == tile
                packs.add(pack)
    count = 3 * (side // 128) ** 2
    assert len(packs) == 2 * count if side < 1000 else 2 * count / 32 <= len(packs) <= 2 * count / 32 + 4
    back = packing.packed_change(after, before)
    assert all(pair[0] is change.tiles[uid][key][1] for uid, cells in back.tiles.items() for key, pair in cells.items())
    frame = packing.Frame.of(before)
    opened = packing.page_from(after, [change], packing.BEFORE, frame)
    assert flattened(opened).tobytes() == flattened(before).tobytes()
    for layer in opened.layers:
        for row in layer.tiles.rows:
            for tile in layer.tiles.row(row).values():
                assert not (tile.alpha if isinstance(tile, InkTile) else tile).flags.writeable
    assert packing.page_from(opened, [change], packing.AFTER, frame).layers[2].tiles == after.layers[2].tiles


def test_a_few_tiles_of_many_do_not_hold_the_memory_of_all():
    before, after = mixed_page(24 * 128, 24 * 128, 1), mixed_page(24 * 128, 24 * 128, 2)
    change = packing.packed_change(before, after)
    layer = after.layers[0]
    key = next(iter(layer.tiles.cells))
    nearly = after.with_layer(
        replace(layer, tiles=layer.tiles.with_stored({key: before.layers[0].tiles.stored(*key)}))
    )  # fmt: skip
    back = packing.packed_change(nearly, after)
    opened = packing.page_from(after, [back], packing.BEFORE, packing.Frame.of(nearly))
    held: object = opened.layers[0].tiles.stored(*key).alpha
    while isinstance(held, np.ndarray | memoryview):
        held = held.base if isinstance(held, np.ndarray) else held.obj
    assert change.cost and len(held) < 2 * 128 * 128


def test_strokes_that_only_older_steps_have_are_counted():
    page = blank_page(300, 200)
    for k in range(70):
        page = edits.with_mark(page, stroke_along([(20, 20 + k), (280, 180)]))
    history = History(page)
    history.push(edits.with_mark(page, stroke_along([(5, 5), (90, 90)])), "Stroke")
    before = history.bytes_used
    moved = resizing.shifted(history.page, {1}, 5, 3)
    assert all("ribbon" not in stroke.__dict__ for stroke in moved.active.marks), "what can be computed is let go"
    history.push(moved, "Move", history_module.step_cost(history.page, moved)._replace(tiles=0))
    assert history.bytes_used - before == sum(s.trace.samples.nbytes for s in page.active.marks) + (
        history.page_at(1).active.marks.last.trace.samples.nbytes
    )


def test_what_a_step_takes_away_counts_as_much_as_what_it_brings():
    page = page_with(1, clear_page())
    full = replace(
        page, layers=(*page.layers, PaintLayer(2, "y", tiles_from(np.full((SIDE, SIDE), 0xFF123456, np.uint32))))
    )
    for before, after in ((page, full), (full, page)):
        history = History(before)
        history.push(after, "step")
        assert history.bytes_used == sum(half.nbytes for half in full.layers[1].tiles.halvings)


def test_without_memory_to_pack_or_open_beside_the_hand_nothing_is_lost(monkeypatch):
    def starve(*_: object) -> None:
        raise MemoryError

    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    with monkeypatch.context() as patch:
        patch.setattr(history_module, "packed_change", starve)
        history, seen = long_history(40, 4 * STEP_BYTES)
        BESIDE.queue("packing history").finish()
        history.push(page_with(99, history.page), "one more")
        assert all(step.page is not None for step in history._steps)
    for k in range(3):
        history.go_to(40 - k)
    for k in (20, 0):
        assert look(history.go_to(k)) == seen[k]
    history, seen = long_history(40, 40 * STEP_BYTES)
    history._most = 1
    while history.rebalance():
        BESIDE.queue("packing history").finish()
    first = len(seen) - len(history)
    with monkeypatch.context() as patch:
        patch.setattr(history_module, "page_from", starve)
        waits = history.opening(0)
        assert waits is not None and isinstance(waits.exception(20), MemoryError)
    again = history.opening(0)
    assert again is not None and again.exception(20) is None
    assert look(history.go_to(0)) == seen[first]
