"""A process that is killed while somebody draws loses at most the stroke under the pen."""

from __future__ import annotations

import sqlite3
import time
from contextlib import closing

import numpy as np
import pytest

from jotsk.core.errors import CannotWrite
from jotsk.core.files.opening import Origin
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.pictures import write_png
from jotsk.core.files.store import PageStore
from jotsk.core.ink import TILE
from jotsk.core.page import blank_page, edits, flattened
from jotsk.core.page.edits.layer_edits import with_new_layer
from jotsk.core.page.edits.resizing import shifted
from jotsk.core.page.layers.placing import Placement
from jotsk.desk.document.document import CHANGE_SHARE
from jotsk.desk.recovery.journal import Kept, Start
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from tests.conftest import stroke_along


def test_after_a_crash_the_page_is_simply_there_again_and_goes_on_in_its_slot(make_window, settle, tmp_path):
    shelf = RecoveryFolder(tmp_path / "state")
    window = make_window()
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    assert window.autosave.keep() is None
    slot = window.autosave.slot
    assert slot is not None and shelf.notes() == [], "in use"
    # As if the process had died: the system lets go of its lock, nothing else happens.
    window.autosave._journal._lock.close()
    again = make_window()
    again.pages.take_up_kept()
    settle(again)
    assert len(again.document.page_when_dry().active.marks) == 1 and "as you left it" in again.status.text
    again.document.ink.add_stroke(stroke_along([(100, 200), (900, 900)]))
    assert again.autosave.slot == slot


def test_a_page_left_for_another_is_kept_though_the_window_closes_at_once(make_window, tmp_path, monkeypatch):
    put = PageStore.put

    def slow(*arguments, **more):
        time.sleep(0.3)
        return put(*arguments, **more)

    monkeypatch.setattr(PageStore, "put", slow)
    window = make_window()
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    window.document.take(blank_page(400, 300), path=None, title="New page", saved=True)
    window.autosave.end()
    shelf = RecoveryFolder(tmp_path / "state")
    (note,) = shelf.notes()
    assert len(shelf.look(note.slot).page.active.marks) == 1


@pytest.fixture
def left(make_window):
    """A page with work in no file, as a crash leaves it; its slot."""
    window = make_window()
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    assert window.autosave.keep() is None
    window.autosave._journal._lock.close()
    return window.autosave.slot


def test_what_is_begun_while_a_page_is_put_back_stays_under_the_hand(left, make_window, settle):
    again = make_window()
    again.pages.take_up_kept()
    again.document.layers.add()  # a hand that does not wait
    settle(again)
    assert len(again.document.page_when_dry().layers) == 2 and "among the recent pages" in again.status.text
    again.pages.take_up_kept(left)  # asked for, it comes
    settle(again)
    assert len(again.document.page_when_dry().active.marks) == 1 and again.autosave.slot == left


def test_a_page_that_one_window_puts_back_no_other_takes(left, make_window, settle, tmp_path):
    one, other = make_window(), make_window()
    one.pages.take_up_kept()
    one.filing.jobs.jobs[-1].wait()  # it is read, and not yet shown
    assert RecoveryFolder(tmp_path / "state").notes() == []
    other.pages.take_up_kept(left)
    settle(other)
    assert "another window has it" in other.status.text and not len(other.document.page_when_dry().active.marks)
    settle(one)
    assert len(one.document.page_when_dry().active.marks) == 1 and one.autosave.slot == left


def test_putting_a_page_back_can_be_stopped_and_loses_nothing(left, make_window, settle, tmp_path):
    again = make_window()
    again.pages.take_up_kept()
    again.filing.jobs.stop()
    settle(again)
    assert not len(again.document.page_when_dry().active.marks) and "was stopped" in again.status.text
    assert [note.slot for note in RecoveryFolder(tmp_path / "state").notes()] == [left]


def test_a_page_from_a_file_is_there_again_without_having_been_written(make_window, settle, tmp_path):
    """The journal leans on a copy of the file, whatever becomes of the file itself."""
    page = blank_page(900, 700)
    for k in range(12):
        page = edits.with_mark(page, stroke_along([(20, 20 + 50 * k), (880, 60 + 50 * k)], size=9))
    path = tmp_path / "harbour"  # whatever its name says
    write_page(path, page)
    window = make_window()
    window.filing.open(path)
    settle(window)
    window.document.ink.add_stroke(stroke_along([(100, 100), (800, 600)]))
    assert window.autosave.keep() is None
    (base,) = (tmp_path / "state" / "journal").glob("*.base.ora")
    journal = base.with_name(base.name.replace(".base.ora", ".journal"))
    with closing(sqlite3.connect(journal)) as db, db:
        assert db.execute("SELECT count(*) FROM blobs").fetchone()[0] < 30
    path.write_bytes(b"somebody else's")
    window.autosave._journal._lock.close()  # as if the process had died
    again = make_window()
    again.pages.take_up_kept()
    settle(again)
    assert np.array_equal(flattened(again.document.page_when_dry()), flattened(window.document.page_when_dry()))
    assert len(again.document.page_when_dry().active.marks) == 13
    again.document.undo()
    again.document.ink.add_stroke(stroke_along([(100, 200), (900, 900)]))
    assert again.autosave.keep() is None
    assert len(RecoveryFolder(tmp_path / "state").look(again.autosave.slot).page.active.marks) == 14
    again.document.was_saved(again.document.snapshot(), path)
    again.autosave.end()
    assert not list(base.parent.glob(f"{base.name[:15]}*")), "all of it is in a file now"


def test_a_picture_opened_as_a_page_is_there_again_without_having_been_written(make_window, settle, tmp_path):
    path = tmp_path / "harbour sketch.PNG"
    pixels = np.random.default_rng(3).integers(0, 255, (700, 900), np.uint32) * np.uint32(0x010101) | np.uint32(
        255 << 24
    )
    write_png(path, pixels, dpi=240.0, opaque=True)
    window = make_window()
    window.filing.open(path)
    settle(window)
    before = window.document.page_when_dry()
    window.document.layers.add()
    window.document.ink.add_stroke(stroke_along([(100, 100), (800, 600)]))
    window.document.layers.change_one(before.layers[0].uid, "dim", opacity=0.4)
    assert window.autosave.keep() is None
    (base,) = (tmp_path / "state" / "journal").glob("*.base.png")
    (journal,) = base.parent.glob("*.journal")
    assert journal.stat().st_size + journal.with_name(journal.name + "-wal").stat().st_size < base.stat().st_size / 2
    window.autosave._journal._lock.close()  # as if the process had died
    kept = RecoveryFolder(tmp_path / "state").look(RecoveryFolder(tmp_path / "state").notes()[0].slot)
    assert [layer.name for layer in kept.page.layers] == [
        "harbour sketch",
        window.document.page_when_dry().layers[1].name,
    ]
    assert np.array_equal(flattened(kept.page), flattened(window.document.page_when_dry()))
    assert (kept.page.dpi, kept.path, kept.title) == (before.dpi, None, "harbour sketch")


def test_a_large_change_is_finished_when_it_is_kept(make_window, settle, tmp_path):
    """What is drawn next is kept in no time, for nothing of the change is left to be written."""
    window = make_window()
    pixels = np.random.default_rng(3).integers(1 << 24, 1 << 32, (1500, 2000), np.uint32) | np.uint32(0xFF000000)
    tiles_there = []

    def look() -> None:
        (journal,) = (tmp_path / "state" / "journal").glob("*.journal")
        with closing(sqlite3.connect(journal)) as db, db:
            tiles_there.append(db.execute("SELECT count(*) FROM blobs WHERE length(data) > 40000").fetchone()[0])

    window.document.changed.connect(look)
    window.document.page_edits.put_down_pictures([Placement("harbour", pixels, 1000.0, 750.0)])
    settle(window)
    picture = window.document.page_when_dry().layers[0]
    whole = sum((c + 1) * TILE <= 2000 and (r + 1) * TILE <= 1500 for c, r in picture.tiles.cells)
    assert tiles_there and tiles_there[0] >= whole > 100
    assert window.autosave.keep() is None
    kept = RecoveryFolder(tmp_path / "state").look(window.autosave.slot)
    assert np.array_equal(flattened(kept.page), flattened(window.document.page_when_dry()))


def test_a_large_change_that_is_stopped_while_it_is_written_changes_nothing(make_window, settle, tmp_path):
    window = make_window()
    before = window.document.page_when_dry()
    pixels = np.random.default_rng(3).integers(1 << 24, 1 << 32, (2500, 2400), np.uint32) | np.uint32(0xFF000000)
    window.filing.jobs.began.connect(
        lambda job: job.progressed.connect(lambda share: share > CHANGE_SHARE and job.stop())
    )
    window.document.page_edits.put_down_pictures([Placement("harbour", pixels, 1200.0, 1250.0)])
    settle(window)
    assert window.document.page_when_dry() is before and "was stopped" in window.status.text
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    assert window.autosave.keep() is None
    assert len(RecoveryFolder(tmp_path / "state").look(window.autosave.slot).page.layers) == len(before.layers)


def test_a_disk_that_refuses_is_told_and_the_large_change_is_made(make_window, settle, monkeypatch):
    window = make_window()

    def full(*_: object) -> None:
        raise CannotWrite("harbour.journal", "the disk is full")

    monkeypatch.setattr("jotsk.core.files.store.Blobs.put_all", full)
    pixels = np.full((300, 300), 0xFF336699, np.uint32)
    window.document.page_edits.put_down_pictures([Placement("harbour", pixels, 400.0, 400.0)])
    settle(window)
    assert window.document.page_when_dry().layers[0].name == "harbour"


def test_a_file_that_changed_while_it_was_read_is_not_leaned_on(tmp_path):
    page = edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))
    path = tmp_path / "harbour.ora"
    write_page(path, page)
    origin = Origin.of(path)
    write_page(path, blank_page(30, 20))
    shelf = RecoveryFolder(tmp_path / "state")
    journal = shelf.begin(start=Start(page=page, origin=origin))
    journal.write(Kept(page, path, "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    assert np.array_equal(flattened(shelf.look(shelf.notes()[0].slot).page), flattened(page))
    assert not list((tmp_path / "state" / "journal").glob("*.base.*"))


def test_a_file_that_cannot_be_copied_is_written_into_the_journal(tmp_path, monkeypatch):
    page = edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))
    write_page(tmp_path / "harbour.ora", page)

    def full(*_: object) -> None:
        raise OSError(28, "No space left on device")

    monkeypatch.setattr("jotsk.desk.recovery.journal.shutil.copyfile", full)
    shelf = RecoveryFolder(tmp_path / "state")
    journal = shelf.begin(start=Start(page=page, origin=Origin.of(tmp_path / "harbour.ora")))
    journal.write(Kept(page, None, "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    kept = shelf.look(shelf.notes()[0].slot)
    assert np.array_equal(flattened(kept.page), flattened(page)) and kept.known is not None
    assert not list((tmp_path / "state" / "journal").glob("*.base.*"))


def test_a_journal_that_fails_says_so_once_and_goes_on_when_it_can(qtbot, tmp_path, monkeypatch):
    page, told = blank_page(300, 200), []
    journal = RecoveryFolder(tmp_path).begin()
    journal.trouble.connect(told.append)
    with monkeypatch.context() as patch:
        patch.setattr(
            "jotsk.desk.recovery.journal.PageStore", lambda path, **_: (_ for _ in ()).throw(CannotWrite(path, "it is"))
        )
        for _ in range(3):
            journal.write(Kept(page, None, "harbour"))
            assert journal.flush(20) == "Work in progress cannot be kept: it is. It is tried again; save often."
    journal.write(Kept(page, None, "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    qtbot.waitUntil(lambda: len(told) == 1)
    (note,) = RecoveryFolder(tmp_path).notes()
    assert note.picture is not None, "taken at the end, if the hand never rested"


def test_a_folder_that_cannot_be_used_is_said_once_and_tried_again(qtbot, tmp_path):
    (tmp_path / "journal").write_text("a file where the folder should be")
    page, told = blank_page(300, 200), []
    journal = RecoveryFolder(tmp_path).begin()
    journal.trouble.connect(told.append)
    for _ in range(2):
        journal.write(Kept(page, None, "harbour"))
        assert journal.flush(20).startswith("Work in progress cannot be kept: File exists")
    (tmp_path / "journal").unlink()
    journal.write(Kept(page, None, "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    qtbot.waitUntil(lambda: len(told) == 1)
    assert len(RecoveryFolder(tmp_path).notes()) == 1


def test_a_page_that_another_window_has_is_left_to_it(tmp_path):
    page, shelf = blank_page(300, 200), RecoveryFolder(tmp_path)
    first = shelf.begin()
    first.write(Kept(page, None, "harbour"))
    assert first.flush(20) is None
    second = shelf.begin(first.slot)
    second.write(Kept(page, None, "harbour", is_unsaved=False))
    assert "another window has this page" in second.flush(20)
    second.close(keep=False)
    assert second.wait_for_end(20)
    first.close(keep=True)
    assert first.wait_for_end(20)
    assert [note.slot for note in shelf.notes()] == [first.slot]


def test_what_a_change_of_all_layers_leaves_behind_is_given_back_beside_the_hand(tmp_path, monkeypatch):
    left: list[object] = []
    monkeypatch.setattr("jotsk.desk.recovery.journal.release_pages", lambda pages: left.extend(pages))
    page = with_new_layer(edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)])))
    with_line = edits.with_mark(page, stroke_along([(20, 180), (280, 20)]))
    moved = shifted(with_line, {layer.uid for layer in with_line.layers}, 5, 5)
    journal = RecoveryFolder(tmp_path).begin()
    for state in (page, with_line, moved):
        journal.write(Kept(state, None, "harbour"))
        assert journal.flush(20) is None
    assert left == [with_line]
    journal.close(keep=True)
    assert journal.wait_for_end(20)


def test_only_the_newest_of_many_states_is_written(tmp_path):
    shelf, page = RecoveryFolder(tmp_path), blank_page(400, 300)
    journal = shelf.begin()
    for k in range(40):
        page = edits.with_mark(page, stroke_along([(10, 7 * k), (390, 7 * k)], size=3))
        journal.write(Kept(page, tmp_path / "harbour.ora", "harbour"))
    assert journal.flush(20) is None
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    (note,) = shelf.notes()
    kept = shelf.look(note.slot)
    assert (kept.title, kept.path, len(kept.page.active.marks)) == ("harbour", tmp_path / "harbour.ora", 40)
    journal = shelf.begin(note.slot)
    journal.write(Kept(page, None, "harbour", is_unsaved=False))
    journal.close(keep=False)
    assert journal.wait_for_end(20)
    assert not list((tmp_path / "journal").iterdir())
