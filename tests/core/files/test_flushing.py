"""What is written is flushed beside the work; and after a loss of power an earlier state is there, whole."""

from __future__ import annotations

import shutil
import sqlite3
import threading
from contextlib import closing

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.files import fsync as flushing
from jotsk.core.files.fsync import INTO_FILE_EVERY, Flusher
from jotsk.core.files.store import PageStore
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along

STATES = 12


def pages_of(count: int):
    page = blank_page(300, 200)
    for k in range(count):
        page = edits.with_mark(page, stroke_along([(5, 4 * k), (290, 4 * k + 30)], size=3))
        yield page


@pytest.fixture(scope="module")
def written(tmp_path_factory):
    """A store, and its log, as they are on the disk in the middle of the work."""
    folder = tmp_path_factory.mktemp("written")
    store = PageStore(folder / "a.db", flushes=False)
    for page in pages_of(STATES):
        store.put(page, kind="step")
    shutil.copy(store.path, folder / "left.db")
    shutil.copy(folder / "a.db-wal", folder / "left.db-wal")
    store.close()
    return folder


@given(data=st.data())
@settings(max_examples=60)
def test_of_a_log_that_reached_the_disk_in_part_the_states_before_are_whole(written, tmp_path_factory, data):
    """SQLite's file format, 4: a frame whose checksum, or any before it, does not fit is not part of the log."""
    folder = tmp_path_factory.mktemp("left")
    shutil.copy(written / "left.db", folder / "a.db")
    whole = (written / "left.db-wal").read_bytes()
    log = bytearray(whole)
    reached = data.draw(st.integers(0, len(log)), label="bytes that reached the disk")
    stale = data.draw(st.sampled_from(["cut", "zeros", "noise"]))
    rest = len(log) - reached
    noise = np.random.default_rng(reached).bytes(rest)
    log[reached:] = {"cut": b"", "zeros": bytes(rest), "noise": noise}[stale]
    (folder / "a.db-wal").write_bytes(log)
    store = PageStore(folder / "a.db")
    states = store.states()
    counts = [len(store.get(state.id).active.marks) for state in states]
    store.close()
    assert counts == list(range(len(states), 0, -1))
    assert len(states) == STATES or reached < len(whole)


def test_every_state_is_flushed_and_now_and_then_the_log_comes_into_the_file(tmp_path, monkeypatch):
    flushed: list[int] = []
    fsync = flushing.os.fsync
    monkeypatch.setattr(flushing.os, "fsync", lambda handle: flushed.append(handle) or fsync(handle))
    store = PageStore(tmp_path / "a.db", flushes=False)
    size, flusher = store.path.stat().st_size, Flusher(store.path)
    for page in pages_of(INTO_FILE_EVERY):
        assert store.path.stat().st_size == size
        store.put(page, kind="step")
        flusher.ask()
        assert flusher.wait(20)
    assert len(flushed) >= INTO_FILE_EVERY
    flusher.close()
    assert store.path.stat().st_size > size
    store.close()


def test_a_slow_disk_holds_up_neither_the_store_nor_who_asks(tmp_path, monkeypatch):
    goes_on = threading.Event()
    monkeypatch.setattr(flushing.os, "fsync", lambda _: goes_on.wait(20))
    store, flusher = PageStore(tmp_path / "a.db", flushes=False), Flusher(tmp_path / "a.db")
    for page in pages_of(5):
        store.put(page, kind="step")
        flusher.ask()
    with closing(sqlite3.connect(store.path)) as other, other:
        assert other.execute("SELECT count(*) FROM states").fetchone() == (5,), "there, though not flushed"
    assert not flusher.wait(0.01)
    goes_on.set()
    assert flusher.wait(20)
    flusher.close()
    store.close()


def test_a_disk_that_refuses_is_named_until_it_takes_the_rest(tmp_path, monkeypatch):
    store, flusher = PageStore(tmp_path / "a.db", flushes=False), Flusher(tmp_path / "a.db")
    with monkeypatch.context() as patch:

        def refuse(_: int) -> None:
            raise OSError(28, "No space left on device")

        patch.setattr(flushing.os, "fsync", refuse)
        flusher.ask()
        assert flusher.wait(20) and "No space left" in flusher.error
    flusher.ask(tmp_path / "gone.png")
    assert flusher.wait(20) and flusher.error is None, "a file that is gone needs no flush"
    flusher.close()
    store.close()
