"""States of pages in a file: everything comes back, what is shared lies once, and damage gives one sentence."""

from __future__ import annotations

import gc
import sqlite3
import weakref
from contextlib import closing
from dataclasses import fields, replace
from functools import lru_cache

import numpy as np
import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st

from jotsk.core.errors import CannotWrite, DamagedFile, JotskError
from jotsk.core.files import store as store_module
from jotsk.core.files.state_reader import Opened
from jotsk.core.files.store import PageStore
from jotsk.core.files.stored_parts import Known, pens_ahead, pens_of
from jotsk.core.ink import pen_by_id
from jotsk.core.mend.splice import spliced
from jotsk.core.page import History, InkLayer, blank_page, edits, flattened, tiles_from
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.history.packing import AFTER, Frame, packed_change, page_from
from jotsk.core.page.tiles.tiles import pixels_of
from tests.conftest import stroke_along
from tests.core.files.test_openraster import sample_page, stacked_page


def same(a, b) -> None:
    assert (a.width, a.height, a.dpi, a.paper, a.active_uid, a.guides, a.seen_as, a.let_be, dict(a.extras)) == (
        b.width, b.height, b.dpi, b.paper, b.active_uid, b.guides, b.seen_as, b.let_be, dict(b.extras),
    )  # fmt: skip
    for one, other in zip(a.layers, b.layers, strict=True):
        for name in (f.name for f in fields(one) if f.name != "marks"):
            assert getattr(one, name) == getattr(other, name), name
        if isinstance(one, InkLayer):
            for s, t in zip(one.marks, other.marks, strict=True):
                assert np.array_equal(s.trace.samples, t.trace.samples)
                assert (s.pen, s.size_px, s.color, s.scale, s.atop) == (t.pen, t.size_px, t.color, t.scale, t.atop)
                assert len(s.cuts) == len(t.cuts)


@pytest.fixture
def store(tmp_path):
    store = PageStore(tmp_path / "a.db", clock=lambda: 1000.0)
    yield store
    store.close()


def blobs(store) -> int:
    with closing(sqlite3.connect(store.path)) as db, db:
        return db.execute("SELECT count(*) FROM blobs").fetchone()[0]


@pytest.mark.parametrize("make", [sample_page, stacked_page, lambda: replace(blank_page(90, 80), extras={"a/b": b"c"})])
def test_a_page_comes_back_as_it_was(store, make):
    page = make()
    same(store.get(store.put(page, kind="step", name="now")), page)
    (state,) = store.states("step")
    assert (state.at, state.name) == (1000.0, "now")


def test_a_state_costs_only_what_is_new(store):
    page = sample_page()
    store.put(page, kind="step")
    before = blobs(store)
    later = edits.with_mark(page, stroke_along([(10, 20), (60, 20)], size=4))
    number = store.put(later, kind="step")
    assert blobs(store) - before <= 6, "a tile, its row, a stroke, its chunk, the layer and the page"
    store.put(page, kind="step")  # as after an undo
    assert blobs(store) - before <= 6
    same(store.get(number), later)


def test_what_no_state_holds_is_swept_and_the_rest_is_whole(store):
    pages = [sample_page()]
    for k in range(5):
        pages.append(edits.with_mark(pages[-1], stroke_along([(10, 20 + 30 * k), (200, 20 + 30 * k)], size=4)))
    numbers = [store.put(page, kind="step") for page in pages]
    before = blobs(store)
    store.forget(numbers[1:5])
    assert store.sweep() > 4 and blobs(store) < before
    same(store.get(numbers[0]), pages[0])
    same(store.get(numbers[5]), pages[5])
    after = edits.with_mark(pages[5], stroke_along([(5, 5), (9, 90)]))
    same(store.get(store.put(after, kind="step", instead_of="step")), after)
    assert len(store.states()) == 1


def test_what_may_come_back_is_not_swept_and_what_nobody_has_any_more_is(store):
    page = sample_page()
    later = layer_edits.with_new_layer(page)
    for k in range(4):
        later = edits.with_mark(later, stroke_along([(10, 20 + 30 * k), (200, 20 + 30 * k)], size=4))
    for each in (later, page):
        store.put(each, kind="step", instead_of="step")
    sum(store.sweeping(all_known=True))
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(store_module, "tile_bytes", lambda _: pytest.fail("written again"))
        patch.setattr(store_module, "packed_marks", lambda *_: pytest.fail("written again"))
        same(store.get(store.put(later, kind="step", instead_of="step")), later)
    store.put(page, kind="step", instead_of="step")
    before = blobs(store)
    del later, each
    gc.collect()
    assert sum(store.sweeping(all_known=True)) > 4 and blobs(store) < before
    same(store.get(store.states()[0].id), page)


def test_a_store_that_leans_on_a_page_writes_only_what_is_not_on_it(store):
    page = page_of_70()
    store.lean_on(page)
    number = store.put(page, kind="step")
    assert blobs(store) == 1, "the page, which names its layers"
    later = edits.with_mark(page, stroke_along([(10, 20), (60, 20)], size=4))
    after = store.put(later, kind="step")
    assert blobs(store) <= 1 + 7, "a tile, its row, a stroke, its pen, its chunk, the layer and the page"
    same(store.get(number, base=page_of_70.__wrapped__), page)
    same(store.get(after, base=page_of_70.__wrapped__), later)
    with pytest.raises(DamagedFile):
        store.get(after)
    with pytest.raises(DamagedFile):
        store.get(after, base=lambda: blank_page(90, 80))


def test_tiles_written_ahead_are_not_written_with_the_state(store):
    page = sample_page()
    store.put(page, kind="step")
    noise = np.random.default_rng(1).integers(1, 1 << 32, (1000, 900), np.uint32)
    later = layer_edits.with_picture_layer(page, tiles_from(noise), "noise")
    shares = []
    for share in store.putting_tiles(later):
        shares.append(share)
        same(store.get(store.put(page, kind="step", instead_of="step")), page)
    assert shares == sorted(shares) and len(shares) > 1 and shares[-1] == 1.0
    before = blobs(store)
    same(store.get(store.put(later, kind="step")), later)
    assert blobs(store) - before <= 8 + 1 + 1, "its 8 rows, its layer, the page"
    store.forget([state.id for state in store.states()])
    assert store.sweep() > 60 and blobs(store) == 0
    same(store.get(store.put(later, kind="step")), later)


def test_a_copy_and_what_was_undone_cost_no_tile_and_no_stroke(store):
    page = page_of_70()
    store.put(page, kind="step", instead_of="step")
    copied = layer_edits.duplicated(page, [page.active_uid])
    put, put_all = store._blobs.put, store._blobs.put_all
    for later in (copied, layer_edits.without_layers(copied, {copied.active_uid}), copied):
        with pytest.MonkeyPatch.context() as patch:
            patch.setattr(store._blobs, "put_all", lambda *_: pytest.fail("written again") or put_all)
            patch.setattr(
                store._blobs, "put",
                lambda kind, data, **_: pytest.fail("written again") if kind in b"ts" else put(kind, data),
            )  # fmt: skip
            number = store.put(later, kind="step", instead_of="step")
        same(store.get(number), later)


def test_tiles_that_were_packed_and_opened_again_are_not_written_again(store):
    page = sample_page()
    layers = [replace(layer, tiles=tiles_from(pixels_of(layer.tiles, page.bounds))) for layer in page.layers]
    later = replace(page, layers=tuple(layers))
    store.put(later, kind="step")
    change, frame = packed_change(page, later), Frame.of(later)
    tile = weakref.ref(next(iter(layers[0].tiles.row(layers[0].tiles.rows[0]).values())))
    del layers, later
    store.put(page, kind="step")
    assert tile() is None
    opened = page_from(page, [change], AFTER, frame)
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(store_module, "tile_bytes", lambda _: pytest.fail("written again"))
        same(store.get(store.put(opened, kind="step")), opened)


def test_a_store_opened_again_knows_what_it_holds_of_the_page_it_gave(store):
    page = stacked_page()
    number = store.put(page, kind="step")
    known = Known()
    again = PageStore(store.path)
    page = again.get(number, known=known)
    again.recall(known)
    before = blobs(store)
    put = again._blobs.put
    again._blobs.put = lambda kind, data, **_: pytest.fail("written again") if kind in b"ts" else put(kind, data)
    same(again.get(again.put(page, kind="step")), page)
    again.close()
    assert blobs(store) == before


def test_copies_of_a_layer_share_their_pixels_again(store):
    page = layer_edits.duplicated(sample_page(), [1])
    again = store.get(store.put(page, kind="step"))
    first, copy = again.layers[0], again.layers[1]
    assert first.tiles.cells
    assert all(copy.tiles.stored(*key) is first.tiles.stored(*key) for key in first.tiles.cells)


def test_a_store_goes_on_where_another_program_run_left_it(tmp_path):
    page = sample_page()
    first = PageStore(tmp_path / "a.db")
    number = first.put(page, kind="step")
    first.set_notes(title="Harbour")
    first.close()
    again = PageStore(tmp_path / "a.db")
    same(again.get(number), page)
    assert again.note("title") == "Harbour" and again.note("other") is None
    again.close()


def test_a_folder_that_is_not_there_and_a_file_that_is_no_store_give_a_sentence(tmp_path):
    with pytest.raises(CannotWrite, match="folder does not exist"):
        PageStore(tmp_path / "none" / "a.db")
    (tmp_path / "text.db").write_text("not a database, " * 100)
    with pytest.raises(DamagedFile, match="damaged"):
        PageStore(tmp_path / "text.db")


def test_a_full_disk_gives_a_sentence_and_leaves_the_states_before(store):
    page = sample_page()
    number = store.put(page, kind="step")
    pages_used = store._db.execute("PRAGMA page_count").fetchone()[0]
    store._db.execute(f"PRAGMA max_page_count = {pages_used}")  # SQLite's own way of running out of room
    noise = np.random.default_rng(1).integers(1, 1 << 32, (256, 256), np.uint32)
    with pytest.raises(CannotWrite, match="disk is full"):
        store.put(layer_edits.with_picture_layer(page, tiles_from(noise), "noise"), kind="step")
    same(store.get(number), page)
    store._db.execute("PRAGMA max_page_count = 1000000")
    same(store.get(store.put(page, kind="step")), page)


_whole: list[bytes] = []


@settings(max_examples=60)
@given(data=st.data())
def test_no_damage_does_more_than_a_sentence(data, tmp_path_factory):
    if not _whole:
        path = tmp_path_factory.mktemp("whole") / "a.db"
        store = PageStore(path)
        store.put(sample_page(), kind="step")
        store.sweep()
        store.close()
        _whole.append(path.read_bytes())
    raw = bytearray(_whole[0])
    for _ in range(data.draw(st.integers(1, 4))):
        raw[data.draw(st.integers(0, len(raw) - 1))] ^= data.draw(st.integers(1, 255))
    path = tmp_path_factory.mktemp("damaged") / "a.db"
    path.write_bytes(bytes(raw[: data.draw(st.integers(1000, len(raw)))]))
    store = None
    try:
        store = PageStore(path)
        for state in store.states():
            assert flattened(store.get(state.id)).size
    except JotskError as error:
        assert "\n" not in str(error)
    finally:
        if store is not None:
            store.close()


@pytest.mark.parametrize("leans", [False, True])
@given(
    steps=st.lists(
        st.sampled_from(
            [
                "draw",
                "undo",
                "redo",
                "delete",
                "merge",
                "copy",
                "sweep",
                "sweep a little",
                "sweep dead",
                "ahead",
                "again",
            ]
        ),
        min_size=5,
        max_size=40,
    )
)
@example(steps=["sweep a little", "sweep a little", "draw", "sweep", "sweep a little"])
@example(steps=["draw", "delete", "undo", "sweep dead", "redo", "sweep", "undo", "draw", "sweep dead", "undo", "again"])
@settings(max_examples=25)
def test_whatever_is_drawn_taken_back_and_swept_between_the_last_state_is_the_page(tmp_path_factory, leans, steps):
    """Strokes of 70 and more fill several chunks; what a state shares with the one before is known by identity.

    A store that leans on the page as it was in the beginning is given that again to read, and so is one opened again.
    """
    history = History(page_of_70())
    store = PageStore(tmp_path_factory.mktemp("steps") / "a.db")
    base = history.page if leans else None
    if leans:
        store.lean_on(history.page)
    state, sweeping = store.put(history.page, kind="step"), iter(())
    for number, step in enumerate(steps):
        page = history.page
        if step == "draw":
            history.push(edits.with_mark(page, stroke_along([(5, number), (60, number + 3)], size=3)), step)
        elif step == "delete" and page.active.marks.last is not None:
            history.push(edits.with_replaced(page, page.active_uid, next(iter(page.active.marks)), None), step)
        elif step == "undo":
            history.undo()
        elif step == "redo":
            history.redo()
        elif step == "copy" and len(page.layers) < 4:
            history.push(layer_edits.duplicated(page, [page.active_uid]), step)
        elif step == "merge" and len(page.layers) > 1:
            history.push(layer_edits.merged_down(page, page.layers[1].uid), step)
        elif step == "sweep":
            store.sweep()
        elif step == "sweep a little" and next(sweeping, None) is None:
            sweeping = store.sweeping()
        elif step == "sweep dead":
            list(store.sweeping(all_known=True))
        elif step == "ahead":
            ahead = edits.with_mark(page, stroke_along([(20, number), (60, 70)], size=5))
            assert [*store.putting_tiles(ahead)][-1:] in ([], [1.0])
        elif step == "again":
            store.close()
            store, known, sweeping = PageStore(store.path), Known(), iter(())
            history = History(store.get(state, base=lambda: base, known=known))
            store.recall(known)
        state = store.put(history.page, kind="step", instead_of="step")
    same(store.get(state, base=lambda: base), history.page)
    store.close()


def test_of_states_read_one_after_the_other_what_they_share_is_read_once(tmp_path):
    page = layer_edits.with_new_layer(page_of_70())
    later = edits.with_mark(page, stroke_along([(5, 60), (75, 62)], size=3))
    store = PageStore(tmp_path / "a.db")
    states, opened = [store.put(page, kind="hand"), store.put(later, kind="hand")], Opened()
    one, two = (store.get(state, opened=opened) for state in states)
    assert two.layers[0] is one.layers[0] and two.layers[1] is not one.layers[1]
    same(one, page)
    same(two, later)
    del one, two
    gc.collect()
    assert not opened.layers and not opened.tiles, "and it holds nothing of its own"
    store.close()


def test_a_state_that_is_swept_while_it_is_read_is_read_whole(tmp_path, monkeypatch):
    page = page_of_70()
    store = PageStore(tmp_path / "a.db")
    state, other, reads = store.put(page, kind="hand"), PageStore(store.path), []
    read = store._blobs.get

    def swept_meanwhile(*asked):
        reads.append(asked)
        if len(reads) == 3:
            other.forget([state])
            assert other.sweep() > 70
        return read(*asked)

    monkeypatch.setattr(store._blobs, "get", swept_meanwhile)
    same(store.get(state), page)
    assert len(reads) > 3 and not store.states()
    other.close()
    store.close()


@lru_cache
def page_of_70():
    page = blank_page(80, 80)
    for k in range(70):
        page = edits.with_mark(page, stroke_along([(k, 5), (k, 70)], size=2))
    return page


def test_a_line_that_was_spliced_from_two_pens_is_kept_with_both(tmp_path):
    tries = [
        stroke_along([(40, 100), (200, 100), (360, 104)], size=8.0),
        replace(stroke_along([(300, 101), (480, 108), (640, 100)], size=8.0), pen=pen_by_id("brush-pen")),
    ]
    page = edits.with_mark(edits.with_mark(blank_page(700, 200), tries[0]), tries[1])
    page, count = spliced(page, tries)
    (line,) = page.active.marks
    assert count == 2 and {parent.pen.id for parent in line.parents} == {tries[0].pen.id, "brush-pen"}
    with closing(PageStore(tmp_path / "two.store")) as store:
        state = store.put(page, kind="step")
        store.sweep()
        store.put(edits.with_mark(page, stroke_along([(10, 10), (90, 60)])), kind="step", instead_of="step")
        store.put(page, kind="step", instead_of="step")
        store.sweep()
    with closing(PageStore(tmp_path / "two.store")) as store:
        (state,) = store.states("step")
        (again,) = store.get(state.id).active.marks
    assert [parent.pen for parent in again.parents] == [parent.pen for parent in line.parents]
    assert again.pen == line.pen and np.array_equal(again.trace.samples, line.trace.samples)


@pytest.mark.parametrize("pens", [[], [7], [7, 9], list(range(2, 30))])
def test_the_pens_of_a_mark_stand_before_it(pens):
    assert pens_of(pens_ahead(pens) + b"the mark") == (pens, b"the mark")
