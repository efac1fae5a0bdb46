"""Kept pages on disks that are full, or can only be read, or come back; saves that are overtaken."""

from __future__ import annotations

import os
import resource
import shutil
import signal
import sqlite3
import subprocess
import sys
import tempfile
import threading
import time
import traceback
from contextlib import closing
from pathlib import Path

import numpy as np
import pytest
import shiboken6
from PySide6.QtWidgets import QApplication, QMessageBox

from jotsk.core.errors import CannotRead, CannotWrite, LaterVersion
from jotsk.core.files.openraster import OURS, read_page
from jotsk.core.files.openraster_writing import PageWriter, write_page
from jotsk.core.files.store import PageStore
from jotsk.core.files.writing import PART, PREFIX, signature, whole_file
from jotsk.core.page import InkLayer, blank_page, edits
from jotsk.core.runtime.memory import share_of_memory
from jotsk.desk.app.window import Window
from jotsk.desk.commands import page_commands
from jotsk.desk.dialogs import RecentSheet
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.journal import RETRY_S, Kept
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from tests.conftest import stroke_along
from tests.core.test_json_text import with_record


@pytest.fixture
def page():
    return edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))


@pytest.fixture
def left(page, tmp_path):
    """A page on the shelf with work in no file; its journal and that one's log, as a kill leaves them."""
    script = (
        "import os, sys\n"
        "from jotsk.desk.recovery.recovery_folder import RecoveryFolder\n"
        "from jotsk.desk.recovery.journal import Kept\n"
        "from jotsk.core.page import blank_page, edits\n"
        "from tests.conftest import stroke_along\n"
        "page = edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))\n"
        "journal = RecoveryFolder(__import__('pathlib').Path(sys.argv[1])).begin()\n"
        "journal.write(Kept(page, None, 'harbour'))\n"
        "assert journal.flush(20) is None\n"
        "os.kill(os.getpid(), 9)\n"
    )
    root = Path(__file__).parents[2]
    env = dict(os.environ) | {"PYTHONPATH": f"{root}:{root / 'src'}"}
    subprocess.run([sys.executable, "-c", script, str(tmp_path / "state")], check=False, env=env, cwd=root)
    (journal,) = (tmp_path / "state" / "journal").glob("*.journal")
    return journal


def marks_of(kept):
    return len(kept.page.active.marks)


@pytest.fixture
def full_disk():
    """No file can grow, as on a full disk: a real limit of the system, so that SQLite meets real errors."""
    before = resource.getrlimit(resource.RLIMIT_FSIZE)
    handler = signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
    resource.setrlimit(resource.RLIMIT_FSIZE, (0, before[1]))
    yield
    resource.setrlimit(resource.RLIMIT_FSIZE, before)
    signal.signal(signal.SIGXFSZ, handler)


def test_on_a_full_disk_kept_work_stays_where_it_is_and_is_offered_later(left, tmp_path, request):
    files = {p.name for p in left.parent.iterdir()} - {f"{left.stem}.lock", f"{left.name}-shm"}
    shelf = RecoveryFolder(tmp_path / "state")
    request.getfixturevalue("full_disk")
    found, trouble = shelf.notes(), shelf.trouble
    resource.setrlimit(resource.RLIMIT_FSIZE, (resource.RLIM_INFINITY, resource.getrlimit(resource.RLIMIT_FSIZE)[1]))
    assert found or "cannot be read just now" in trouble
    assert files <= {p.name for p in left.parent.iterdir()} and not list(left.parent.glob("*.damaged*"))
    (note,) = shelf.notes()
    assert shelf.trouble is None and marks_of(shelf.look(note.slot)) == 1


@pytest.mark.parametrize(
    ("code", "words"),
    [
        (sqlite3.SQLITE_FULL, "database or disk is full"),
        (sqlite3.SQLITE_CANTOPEN, "unable to open database file"),
        (sqlite3.SQLITE_IOERR, "disk I/O error"),
        (sqlite3.SQLITE_READONLY, "attempt to write a readonly database"),
        (sqlite3.SQLITE_BUSY, "database is locked"),
    ],
)
def test_what_is_no_damage_is_told_and_tried_again(left, make_window, settle, monkeypatch, qtbot, code, words):
    """With no room elsewhere either, for a copy that could be read."""

    def refused(*_: object, **__: object):
        error = sqlite3.OperationalError(words)
        error.sqlite_errorcode = code
        raise error

    def no_room(*_: object) -> None:
        raise OSError(28, "No space left on device")

    window = make_window()
    with monkeypatch.context() as patch:
        patch.setattr("jotsk.core.files.store.sqlite3.connect", refused)
        patch.setattr("jotsk.desk.recovery.recovery_folder.shutil.copyfile", no_room)
        window.pages._again.setInterval(50)
        window.pages.take_up_kept()
        settle(window)
        assert "cannot be read just now" in window.status.text
    qtbot.waitUntil(
        lambda: (
            isinstance(window.document.page_when_dry().active, InkLayer)
            and len(window.document.page_when_dry().active.marks) == 1
        )
    )
    assert "as you left it" in window.status.text and not list(left.parent.glob("*.damaged*"))
    assert page_commands.AGAIN_MS > 5000


def test_a_kept_page_of_a_later_version_waits_for_it(left, tmp_path):
    store = PageStore(left)
    store.set_notes(format="7")
    store.close()
    shelf = RecoveryFolder(tmp_path / "state")
    assert shelf.notes() == [] and left.exists()
    with pytest.raises(LaterVersion, match="stays as it is"):
        shelf.look(left.stem)
    assert left.exists()


def test_a_folder_that_can_only_be_read_shows_its_pages(left, tmp_path):
    """As another user, to whom the permissions apply; root may write anywhere."""
    folder = Path(tempfile.mkdtemp())
    shutil.copytree(tmp_path / "state", folder / "state")
    for path in (folder, *folder.rglob("*")):
        path.chmod(0o555 if path.is_dir() else 0o444)
    child = os.fork()
    if child == 0:
        status = 1
        try:
            if os.getuid() == 0:
                os.setgroups([])
                os.setuid(65534)
            shelf = RecoveryFolder(folder / "state")
            (note,) = shelf.notes()
            kept = shelf.lock(note.slot, lambda _: None)
            status = 0 if kept is not None and marks_of(kept) == 1 else 2
        except BaseException:
            traceback.print_exc()
        finally:
            os._exit(status)
    _, outcome = os.waitpid(child, 0)
    for path in (folder, *folder.rglob("*")):
        path.chmod(0o755 if path.is_dir() else 0o644)
    names = {path.name for path in (folder / "state" / "journal").iterdir()}
    shutil.rmtree(folder)
    assert os.waitstatus_to_exitcode(outcome) == 0 and left.name in names


def test_the_recent_pages_open_though_the_shelf_cannot_be_read(window, left, monkeypatch, settle):
    def refused(*_: object) -> None:
        raise CannotRead(left, "the disk can only be read")

    shown = []
    monkeypatch.setattr(RecoveryFolder, "_locked", refused)
    monkeypatch.setattr(RecentSheet, "exec", lambda self: shown.append(self) and 0)
    window.pages.ask_recent()
    settle(window)
    assert shown and "the disk can only be read" in window.status.text and "fault" not in window.status.text


def test_what_came_while_a_write_failed_is_written_when_there_is_room(page, tmp_path, monkeypatch):
    put, fails, waiting = PageStore.put, [True], []
    shelf = RecoveryFolder(tmp_path)
    journal = shelf.begin()
    newer = edits.with_mark(page, stroke_along([(20, 180), (280, 20)]))

    def full(store, *arguments, **more):
        if fails[0]:
            if not waiting:
                waiting.append(True)
                journal.write(Kept(newer, None, "harbour"))  # while this one fails
            raise CannotWrite("x.journal", "the disk is full")
        return put(store, *arguments, **more)

    monkeypatch.setattr(PageStore, "put", full)
    journal.write(Kept(page, None, "harbour"))
    told = journal.flush(20)
    assert told == "Work in progress cannot be kept: the disk is full. It is tried again; save often."
    fails[0] = False
    until = time.monotonic() + 3 * RETRY_S
    while journal.flush(20) is not None and time.monotonic() < until:
        time.sleep(0.05)
    assert journal.flush(20) is None, "without another edit"
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    (note,) = shelf.notes()
    assert marks_of(shelf.look(note.slot)) == 2


def test_a_commit_that_the_disk_refuses_is_not_believed(page, tmp_path, monkeypatch):
    store = PageStore(tmp_path / "a.journal")
    store.put(page, kind="step")
    more = edits.with_mark(page, stroke_along([(20, 180), (280, 20)]))

    class Refusing:
        def __init__(self, db):
            self._db = db

        def __getattr__(self, name):
            return getattr(self._db, name)

        def execute(self, sql, *parameters):
            if sql == "COMMIT":
                error = sqlite3.OperationalError("database or disk is full")
                error.sqlite_errorcode = sqlite3.SQLITE_FULL
                raise error
            return self._db.execute(sql, *parameters)

    whole, store._db = store._db, Refusing(store._db)
    with pytest.raises(CannotWrite, match="the disk is full"):
        store.put(more, kind="step", instead_of="step")
    store._db = whole
    (state,) = store.states()
    assert len(store.get(state.id).active.marks) == 1
    store.put(more, kind="step", instead_of="step")
    (state,) = store.states()
    assert len(store.get(state.id).active.marks) == 2
    store.close()


# -- saves ---------------------------------------------------------------------------------------


@pytest.fixture
def slow_save(monkeypatch):
    """Saving waits until `go` is set."""
    write, go = PageWriter.write, threading.Event()

    def slow(self, path, page, **more):
        assert go.wait(20)
        return write(self, path, page, **more)

    monkeypatch.setattr(PageWriter, "write", slow)
    return go


def test_a_page_that_comes_while_another_is_saved_does_not_take_over_its_file(window, pen, tmp_path, settle, slow_save):
    path = tmp_path / "harbour.ora"
    for k in range(5):
        window.document.ink.add_stroke(stroke_along([(100, 100 + 50 * k), (900, 700)]))
    window.filing.save(path)
    window.document.take(blank_page(400, 300), path=None, title="New page", saved=True)
    window.document.ink.add_stroke(stroke_along([(20, 20), (280, 180)]))
    slow_save.set()
    settle(window)
    assert window.document.path is None and window.document.is_unsaved and window.document.title == "New page"
    assert len(read_page(path).active.marks) == 5
    assert not [n for n in RecoveryFolder(tmp_path / "state").notes() if n.title != "New page"], (
        "what is saved is not kept too"
    )


def test_another_layer_chosen_while_it_is_saved_leaves_the_page_saved(window, tmp_path, settle, slow_save):
    window.document.layers.add()
    first = window.document.page_when_dry().layers[0].uid
    window.filing.save(tmp_path / "harbour.ora")
    window.document.layers.choose(first)
    slow_save.set()
    settle(window)
    assert not window.document.is_unsaved


def test_a_file_that_another_program_writes_meanwhile_is_asked_about(
    window, pen, tmp_path, settle, slow_save, monkeypatch, qtbot
):
    path = tmp_path / "harbour.ora"
    path.write_bytes(b"as it was")
    asked = []
    monkeypatch.setattr(QMessageBox, "exec", lambda box: asked.append(box.text()) or 0)
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    window.filing.save(path)
    path.write_bytes(b"somebody else's")
    slow_save.set()
    settle(window)
    qtbot.waitUntil(lambda: bool(asked))
    assert path.read_bytes() == b"somebody else's" and window.document.is_unsaved and "another program" in asked[0]


def test_closing_while_a_page_is_saved_shows_how_far_it_is_and_then_closes(window, tmp_path, slow_save, qtbot):
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    window.filing.save(tmp_path / "harbour.ora")
    start = time.perf_counter()
    assert not window.close() and time.perf_counter() - start < 1.0
    assert "then the window closes" in window.status.text and window.isVisible()
    slow_save.set()
    qtbot.waitUntil(lambda: not window.isVisible())
    assert len(read_page(tmp_path / "harbour.ora").active.marks) == 1
    assert RecoveryFolder(tmp_path / "state").notes() == []


def test_a_window_that_goes_while_it_is_about_to_close_is_not_asked_to_any_more(tmp_path, slow_save, qtbot):
    window = Window(Settings(tmp_path / "settings.json"), RecoveryFolder(tmp_path / "state"))
    window.document.ink.add_stroke(stroke_along([(100, 100), (900, 700)]))
    window.filing.save(tmp_path / "harbour.ora")
    assert not window.close()
    slow_save.set()
    with qtbot.captureExceptions() as faults:
        window.filing.jobs.emptied.emit()
        shiboken6.delete(window)
        QApplication.processEvents()
    assert faults == []


def test_strokes_of_another_version_are_never_saved_away(window, tmp_path, settle, page):
    path = tmp_path / "harbour.ora"
    write_page(path, page)
    with_record(path, lambda data: data.replace(b'"format": 2', b'"format": 3'))
    before = path.read_bytes()
    window.filing.open(path)
    settle(window)
    assert window.document.path is None and "another version of Jotsk" in window.status.text
    window.filing.save(path)
    settle(window)
    assert path.read_bytes() == before and "Save under another name" in window.status.text
    assert OURS.encode() in before


@pytest.mark.parametrize("nameless", [True, False])
def test_a_writer_that_is_killed_leaves_nothing_behind(tmp_path, monkeypatch, nameless):
    path = tmp_path / "harbour.ora"
    path.write_bytes(b"as it was")
    child = os.fork()
    if child == 0:
        if not nameless:
            monkeypatch.setattr("jotsk.core.files.writing._nameless", lambda folder: None)
        with whole_file(path) as stream:
            stream.write(b"half of it")
            stream.flush()
            os.kill(os.getpid(), signal.SIGKILL)
    os.waitpid(child, 0)
    left = [p.name for p in tmp_path.iterdir() if p.name.startswith(PREFIX) and p.name.endswith(PART)]
    assert len(left) == (0 if nameless else 1) and path.read_bytes() == b"as it was"
    with whole_file(path, instead_of=signature(path)) as stream:
        stream.write(np.zeros(9, np.uint8).tobytes())
    assert [p.name for p in tmp_path.iterdir()] == ["harbour.ora"], "the next writer clears away"


def test_the_journal_is_swept_though_the_hand_never_rests(tmp_path, monkeypatch, qtbot):
    for name in ("SWEEP_EVERY", "MOST_UNSWEPT"):
        monkeypatch.setattr(f"jotsk.desk.recovery.journal.{name}", 8)
    monkeypatch.setattr("jotsk.desk.recovery.journal.REST_S", 1000.0)
    shelf, page = RecoveryFolder(tmp_path), blank_page(400, 300)
    journal = shelf.begin()
    counts = []
    for k in range(60):  # each stroke alone on the page: what the one before left is needed by nobody
        journal.write(
            Kept(edits.with_mark(page, stroke_along([(10, 4 * k), (390, 4 * k + 20)], size=3)), None, "harbour")
        )
        assert journal.flush(20) is None
        time.sleep(0.03)
        with closing(sqlite3.connect(tmp_path / "journal" / f"{journal.slot}.journal")) as db:
            counts.append(db.execute("SELECT count(*) FROM blobs").fetchone()[0])
    journal.close(keep=True)
    assert journal.wait_for_end(20)
    assert max(counts) < 60 * (counts[1] - counts[0]) / 2, "most of what was written is gone again"
    assert marks_of(shelf.look(journal.slot)) == 1


def test_the_history_takes_its_share_of_the_memory_within_bounds(monkeypatch):
    """As `sysconf` tells it (POSIX.1-2017)."""
    pages = {"SC_PHYS_PAGES": 4 << 20, "SC_PAGE_SIZE": 4096}  # 16 GB
    monkeypatch.setattr("jotsk.core.runtime.memory.os.sysconf", pages.__getitem__)
    assert share_of_memory(1 / 64, 128 << 20, 384 << 20) == 256 << 20
    pages["SC_PHYS_PAGES"] = 1 << 18
    assert share_of_memory(1 / 64, 128 << 20, 384 << 20) == 128 << 20
