"""Files, jobs, dialogs of files, messages."""

from __future__ import annotations

import threading
import weakref

import png
import pytest
from PIL import Image
from PySide6.QtCore import QEvent, QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QKeyEvent, QWheelEvent
from PySide6.QtWidgets import QApplication, QFileDialog, QInputDialog, QMessageBox

from jotsk import folders as places
from jotsk.core.errors import CannotWrite, DamagedFile, Refused
from jotsk.core.files import openraster_writing
from jotsk.core.files.openraster import read_page, read_thumbnail
from jotsk.core.files.store import PageStore
from jotsk.core.runtime.warm import stamp
from jotsk.desk.app.warming import SENTENCE, Warming
from jotsk.desk.dialogs import ExportSheet, KeySheet, RecentSheet
from jotsk.desk.icons import icon
from jotsk.desk.inout.jobs import Job
from jotsk.desk.recovery import journal
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.theme import DAY
from jotsk.desk.trays.layer_row import alone, card_of, described
from jotsk.desk.trays.top import build_menu
from jotsk.desk.widgets import Track, TrackKind
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.progress_bar import ProgressBar
from tests.desk.conftest import across


def answers(monkeypatch, path) -> None:
    """File dialogs give `path`."""
    for name in ("getOpenFileName", "getSaveFileName"):
        monkeypatch.setattr(QFileDialog, name, lambda *_: (str(path) if path else "", ""))


# -- jobs ----------------------------------------------------------------------------------------


def outcome(qtbot, qapp, work) -> tuple[str, object]:
    """How a job ends, and with what."""
    job = Job("A test", work, qapp)
    seen: list[tuple[str, object]] = []
    job.done.connect(lambda value: seen.append(("done", value)))
    job.failed.connect(lambda sentence: seen.append(("failed", sentence)))
    job.stopped.connect(lambda: seen.append(("stopped", None)))
    with qtbot.waitSignal(job.ended):
        job.start()
    qtbot.waitUntil(lambda: bool(seen))
    return seen[0]


def test_progress_is_painted_with_everything_else_and_not_for_every_value(qtbot):
    painted = []

    class Watched(ProgressBar):
        def paintEvent(self, event) -> None:
            painted.append(self.value())
            super().paintEvent(event)

    bar = Watched(maximum=1000, textVisible=False)
    qtbot.addWidget(bar)
    bar.show()
    qtbot.waitUntil(lambda: bool(painted))
    painted.clear()
    for value in range(100, 1000, 100):
        bar.setValue(value)
    assert not painted
    qtbot.waitUntil(lambda: bool(painted))
    assert set(painted) == {900}


def test_a_job_brings_its_result_to_the_interface(qtbot, qapp):
    assert outcome(qtbot, qapp, lambda progress: threading.current_thread().name) == ("done", "jobs: A test")


def test_a_job_that_has_ended_holds_nothing(qtbot, qapp):
    held = {1}
    alive = weakref.ref(held)
    assert outcome(qtbot, qapp, lambda progress, held=held: len(held)) == ("done", 1)
    del held
    qtbot.waitUntil(lambda: alive() is None)
    qtbot.waitUntil(lambda: not [job for job in qapp.findChildren(Job) if job.title == "A test"])


def test_what_goes_wrong_in_a_job_is_one_sentence(qtbot, qapp, caplog):
    def refuse(progress):
        raise Refused("Not just now.")

    def fault(progress):
        raise KeyError("inner workings")

    def starve(progress):
        raise MemoryError

    assert outcome(qtbot, qapp, refuse) == ("failed", "Not just now.")
    kind, sentence = outcome(qtbot, qapp, fault)
    assert kind == "failed" and "inner workings" not in sentence and "fault in Jotsk" in sentence
    assert "inner workings" in caplog.text, "the log has the rest"
    assert "memory" in outcome(qtbot, qapp, starve)[1]


def test_a_job_is_stopped_at_its_next_report(qtbot, qapp):
    begun, go_on = threading.Event(), threading.Event()

    def work(progress):
        begun.set()
        go_on.wait(5)
        progress(0.5)
        return "never"

    job = Job("A test", work, qapp)
    job.start()
    assert begun.wait(5)
    job.stop()
    with qtbot.waitSignal(job.stopped):
        go_on.set()


# -- dialogs -------------------------------------------------------------------------------------


def test_saving_a_new_page_asks_for_a_name_and_adds_the_suffix(window, pen, tmp_path, monkeypatch, settle):
    pen.draw(across(window))
    answers(monkeypatch, tmp_path / "harbour")
    window.actions_by_id["page.save"].trigger()
    settle(window)
    assert len(read_page(tmp_path / "harbour.ora").active.marks) == 1
    assert window.document.path == tmp_path / "harbour.ora" and "Saved" in window.status.text
    pen.draw(across(window, y=0.6))
    answers(monkeypatch, None)
    window.actions_by_id["page.save"].trigger()
    settle(window)
    assert len(read_page(tmp_path / "harbour.ora").active.marks) == 2, "now it has a name"


@pytest.mark.parametrize("agrees", [False, True])
def test_a_file_whose_suffix_was_not_typed_is_replaced_only_if_that_was_agreed_to(
    window, pen, tmp_path, monkeypatch, settle, agrees
):
    """The dialog of the desktop asked about “harbour”, which was not there."""
    pen.draw(across(window))
    there = tmp_path / "harbour.ora"
    there.write_bytes(b"the work of a week")
    answers(monkeypatch, tmp_path / "harbour")
    button = QMessageBox.StandardButton.Yes if agrees else QMessageBox.StandardButton.No
    monkeypatch.setattr(QMessageBox, "question", lambda *_: button)
    window.actions_by_id["page.save"].trigger()
    settle(window)
    assert (there.read_bytes() != b"the work of a week") == agrees and window.document.is_unsaved != agrees


def test_a_dialog_that_is_cancelled_changes_nothing(window, pen, monkeypatch):
    pen.draw(across(window))
    page = window.document.page_when_dry()
    answers(monkeypatch, None)
    monkeypatch.setattr(ExportSheet, "exec", lambda sheet: False)
    for entry in ("page.open", "page.save_as", "page.export"):
        window.actions_by_id[entry].trigger()
    assert window.document.page_when_dry() is page and window.document.path is None and not window.filing.jobs.is_busy


def test_exporting_asks_for_a_place_and_adds_the_suffix(window, pen, tmp_path, monkeypatch, settle):
    pen.draw(across(window))
    answers(monkeypatch, tmp_path / "page")
    monkeypatch.setattr(ExportSheet, "exec", lambda sheet: True)
    window.actions_by_id["page.export"].trigger()
    settle(window)
    assert png.Reader(bytes=(tmp_path / "page.png").read_bytes()).read()[:2] == (2480, 3508)
    assert window.document.is_unsaved, "a picture is no place to keep a page"


def test_opening_remembers_the_folder(window, tmp_path, monkeypatch, settle):
    folder = tmp_path / "sketches"
    folder.mkdir()
    Image.new("L", (60, 40), 200).save(folder / "a.png")
    answers(monkeypatch, folder / "a.png")
    window.actions_by_id["page.open"].trigger()
    settle(window)
    assert window.document.title == "a" and window.pages.last_folder.path == str(folder)


@pytest.fixture
def slow_save(monkeypatch):
    """Saves wait for this event."""
    go_on, whole = threading.Event(), openraster_writing.PageWriter.write

    def slow(*arguments, **more):
        go_on.wait(5)
        whole(*arguments, **more)

    monkeypatch.setattr(openraster_writing.PageWriter, "write", slow)
    return go_on


def test_files_wait_for_each_other(window, tmp_path, slow_save, settle):
    window.filing.save(tmp_path / "a.ora")
    window.filing.save(tmp_path / "b.ora")
    assert window.filing.jobs.is_busy and "a.ora" in window.status.text
    slow_save.set()
    settle(window)
    assert (tmp_path / "a.ora").exists() and (tmp_path / "b.ora").exists()
    assert window.document.path == tmp_path / "b.ora"


def test_a_file_that_is_written_holds_up_no_change_of_the_page(window, pen, tmp_path, slow_save, settle, qtbot):
    window.filing.save(tmp_path / "a.ora")
    pen.draw(across(window))
    window.document.layers.add_flat_copy()
    qtbot.waitUntil(lambda: window.document.undo_label == "Flat copy" and len(window.filing.jobs.jobs) == 1)
    window.document.undo()
    assert window.document.undo_label == "Stroke" and window.filing.jobs.is_busy
    assert "a.ora" in window.status.text, "what is still under way is shown again"
    slow_save.set()
    settle(window)
    assert window.document.is_unsaved and (tmp_path / "a.ora").exists()


def test_a_save_can_be_stopped_and_leaves_the_old_file(window, pen, tmp_path, monkeypatch, settle, qtbot):
    path = tmp_path / "a.ora"
    window.filing.save(path)
    settle(window)
    before = path.read_bytes()
    pen.draw(across(window))
    begun, go_on = threading.Event(), threading.Event()
    real = openraster_writing._paper_png

    def slow(*arguments):
        begun.set()
        go_on.wait(5)
        return real(*arguments)

    monkeypatch.setattr(openraster_writing, "_paper_png", slow)
    window.filing.save(path)
    assert begun.wait(5)
    window.filing.jobs.stop()
    go_on.set()
    settle(window)
    qtbot.waitUntil(lambda: "was stopped" in window.status.text)
    assert path.read_bytes() == before and window.document.is_unsaved


def test_drawing_goes_on_while_a_page_is_saved(window, pen, tmp_path, monkeypatch, settle):
    begun, go_on = threading.Event(), threading.Event()
    real = openraster_writing._paper_png

    def slow(*arguments):
        begun.set()
        go_on.wait(5)
        return real(*arguments)

    pen.draw(across(window))
    monkeypatch.setattr(openraster_writing, "_paper_png", slow)
    window.filing.save(tmp_path / "a.ora")
    assert begun.wait(5)
    pen.draw(across(window, y=0.7))
    go_on.set()
    settle(window)
    assert len(read_page(tmp_path / "a.ora").active.marks) == 1, "the page as it was when saving began"
    assert window.document.is_unsaved, "the stroke drawn since is not in the file"


def test_only_files_are_taken_from_a_drag(window):
    copy, left, none = Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    for url, taken in ((QUrl.fromLocalFile("/tmp/a.png"), True), (QUrl("https://example.org/a.png"), False)):
        mime = QMimeData()
        mime.setUrls([url])
        event = QDragEnterEvent(QPoint(400, 300), copy, mime, left, none)
        event.setAccepted(False)
        window.dragEnterEvent(event)
        assert event.isAccepted() is taken


# -- kept work -----------------------------------------------------------------------------------


def choosing(monkeypatch, row: int) -> list:
    """The sheet of recent pages opens, and this one of them is taken; returns what the sheets said."""
    seen: list = []

    def run(sheet) -> bool:
        seen.append([sheet.list.item(k).text() for k in range(sheet.list.count())])
        sheet.list.setCurrentRow(row)
        sheet.accept()
        return sheet.list.count() > 0

    monkeypatch.setattr(RecentSheet, "exec", run)
    return seen


def test_kept_work_and_recent_pages_are_chosen_by_their_pictures(window, pen, monkeypatch, tmp_path, settle, qtbot):
    seen = choosing(monkeypatch, 0)
    window.actions_by_id["page.recent"].trigger()
    settle(window)
    assert seen == [[]] and not window.filing.jobs.is_busy
    pen.draw(across(window))
    window.filing.save(tmp_path / "harbour.ora")
    settle(window)
    Image.new("L", (60, 40), 200).save(tmp_path / "other.png")
    window.open(tmp_path / "other.png")
    settle(window)
    pen.draw(across(window))
    window.document.title = "sketchy"
    window.document.layers.add()
    window.pages.take_up_kept("none of that name")
    settle(window)
    assert "no longer there" in window.status.text
    goes_on = threading.Event()
    monkeypatch.setattr(
        journal, "thumbnail_png", lambda *args, take=journal.thumbnail_png: (goes_on.wait(20), take(*args))[1]
    )
    window.open(tmp_path / "harbour.ora")
    settle(window)
    assert len(window.document.page_when_dry().active.marks) == 1
    (aside,) = window.pages.open_pages.aside
    window.pages.open_pages._let_go(aside)  # as when too many are open: it is among the recent ones alone
    window.actions_by_id["page.recent"].trigger()
    assert len(seen) == 1 and "still being kept" in window.status.text
    goes_on.set()
    qtbot.waitUntil(lambda: len(seen) == 2)
    settle(window)
    assert [text.split("\n")[0] for text in seen[-1]] == ["sketchy", "harbour"] and "not saved" in seen[-1][0]
    assert window.document.title == "sketchy" and "as you left it" in window.status.text
    seen = choosing(monkeypatch, 0)
    window.actions_by_id["page.recent"].trigger()
    qtbot.waitUntil(lambda: len(seen) == 1)
    settle(window)
    assert window.document.path == tmp_path / "harbour.ora"
    assert read_thumbnail(tmp_path / "harbour.ora").startswith(b"\x89PNG")
    assert read_thumbnail(tmp_path / "other.png") is None


def test_a_damaged_kept_page_is_put_aside_and_never_met_again(tmp_path):
    shelf = RecoveryFolder(tmp_path)
    (tmp_path / "journal").mkdir()
    (tmp_path / "journal" / "a.journal").write_bytes(b"nothing, and more of it " * 40)
    (tmp_path / "journal" / "b.journal").write_bytes(b"nothing, and more of it " * 40)
    (tmp_path / "journal" / "a.journal-wal").write_bytes(b"and the latest of it")
    with pytest.raises(DamagedFile, match="kept beside"):
        shelf.look("a")
    assert shelf.notes() == []
    aside = {p.name for p in (tmp_path / "journal").glob("*.damaged*")}
    assert aside == {"a.damaged", "a.damaged-wal", "b.damaged"}


def test_when_work_cannot_be_kept_the_user_decides(window, pen, monkeypatch, tmp_path, qtbot):
    pen.draw(across(window))

    def full(store, page, **more):
        raise CannotWrite("kept", "the disk is full")

    monkeypatch.setattr(PageStore, "put", full)
    pen.draw(across(window, y=0.6))
    said = []

    def stay(box):
        said.append(box.text())
        monkeypatch.setattr(box, "clickedButton", lambda: box.defaultButton(), raising=False)
        return 0

    monkeypatch.setattr(QMessageBox, "exec", stay)
    assert not window.close(), "the window stays"
    assert "disk is full" in said[0] and len(window.document.page_when_dry().active.marks) == 2
    qtbot.waitUntil(lambda: "disk is full" in window.status.text)


# -- small parts ---------------------------------------------------------------------------------


def test_the_menu_and_the_key_sheet_hold_every_action(window, qtbot):
    from jotsk.desk.actions import MENUS, TABLE

    menu = build_menu(window.actions_by_id, window)
    assert [a.text() for a in menu.actions()] == [each.name for each in MENUS]
    assert sum(len(a.menu().actions()) for a in menu.actions()) == len(TABLE)
    sheet = KeySheet(window.key_map, window)
    qtbot.addWidget(sheet)
    for entry in TABLE:
        assert bool(sheet.key_shown(entry.id)) == bool(entry.keys or entry.also)


def test_a_track_is_moved_by_keys_and_wheel(qtbot):
    track = Track("Steady", TrackKind.STEADINESS, 0, 100)
    qtbot.addWidget(track)
    track.show()
    track.set_value(50)
    got = []
    track.changed.connect(lambda value, finished: got.append((value, finished)))
    for key in (Qt.Key.Key_Right, Qt.Key.Key_Left, Qt.Key.Key_Left):
        QApplication.sendEvent(track.bar, QKeyEvent(QEvent.Type.KeyPress, key, Qt.KeyboardModifier.NoModifier))
    assert got == [(51, False), (50, False), (49, False)]
    qtbot.waitUntil(lambda: got[-1] == (49, True))  # all of them were one change
    at = QPointF(20, 10)
    wheel = QWheelEvent(at, at, QPoint(), QPoint(0, 120), Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
                        Qt.ScrollPhase.NoScrollPhase, False)  # fmt: skip
    QApplication.sendEvent(track.bar, wheel)
    assert got[-1] == (51, False)
    track.bar.end_steps()
    assert got[-1] == (51, True)


@pytest.mark.parametrize("value", [0.5, 1.3, 7, 42, 199])
def test_a_size_goes_to_its_place_on_the_wedge_and_back(qtbot, value):
    track = Track("Size", TrackKind.SIZE, 0.5, 200, unit="px")
    qtbot.addWidget(track)
    assert track._at(track._share(value)) == pytest.approx(value, abs=0.26)


def test_a_layer_is_described_in_a_few_words(window, pen):
    from dataclasses import replace

    layer = window.document.page_when_dry().active
    assert described(window.document.page_when_dry(), layer) == "ink · empty"
    pen.draw(across(window))
    layer = window.document.page_when_dry().active
    assert described(window.document.page_when_dry(), layer) == "ink · 1 stroke"
    assert described(window.document.page_when_dry(), replace(layer, is_sketch=True, opacity=0.3)) == "sketch · 30 %"


def test_a_thumbnail_shows_its_own_layer_alone(window, pen):
    window.hand.set_size(200)
    pen.draw(across(window))
    window.document.layers.add()
    lower, upper = window.document.page_when_dry().layers
    darkest = [
        min(image.pixelColor(x, image.height() // 2).lightness() for x in range(image.width()))
        for image in (card_of(alone(window.document.page_when_dry(), layer)) for layer in (lower, upper))
    ]
    assert darkest[0] < 120 and darkest[1] == 255


def test_layer_opacity_is_dragged_as_one_step(window):
    before = window.document.page_when_dry()
    for value in (80.0, 60.0):
        window.layers.opacity.changed.emit(value, False)
    window.layers.opacity.changed.emit(40.0, True)
    assert window.document.page_when_dry().active.opacity == 0.4
    window.document.undo()
    assert window.document.page_when_dry() is before


def test_a_layer_is_renamed(window, monkeypatch):
    monkeypatch.setattr(QInputDialog, "getText", lambda *a, **k: ("  Keeper ", True))
    window.layers.rows[0].renamed.emit(window.layers.rows[0].layer.uid)
    assert window.document.page_when_dry().active.name == "Keeper"


def test_view_fields_take_typed_numbers(window, qtbot):
    import math

    top = window.top
    for field, text in ((top.zoom, "50"), (top.angle, "-20")):
        field.selectAll()
        qtbot.keyClicks(field, text)
        qtbot.keyClick(field, Qt.Key.Key_Return)
    assert window.board.view.zoom == pytest.approx(0.5)
    assert math.degrees(window.board.view.angle_rad) == pytest.approx(-20)
    top.zoom.selectAll()
    qtbot.keyClicks(top.zoom, "much")
    qtbot.keyClick(top.zoom, Qt.Key.Key_Return)
    assert window.board.view.zoom == pytest.approx(0.5) and top.zoom.text() == "50 %"


def test_icons_are_drawn_in_the_colour_asked_for(qapp):
    image = icon("eye", "#FF0000", 24).pixmap(24, 24).toImage()
    strong = [
        image.pixelColor(x, y)
        for x in range(image.width())
        for y in range(image.height())
        if image.pixelColor(x, y).alpha() > 200
    ]
    assert strong and all(c.red() > 200 and c.green() < 60 for c in strong)


def test_folders_follow_the_xdg_variables(monkeypatch, tmp_path):
    # XDG Base Directory Specification: relative paths are ignored.
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    monkeypatch.setenv("XDG_CACHE_HOME", "not/absolute")
    assert places.state_folder() == tmp_path / "jotsk"
    assert places.cache_folder().is_absolute() and places.cache_folder().parts[-2:] == (".cache", "jotsk")


def test_the_window_waits_for_its_kernels_and_is_there_meanwhile(window, tmp_path, monkeypatch, qtbot):
    """In place of the compiling, which every setup does for real, a program that is done when it is told to be."""
    cache, is_told = tmp_path / "cache", tmp_path / "told"
    program = tmp_path / "compile"
    program.write_text(
        f'#!/bin/sh\n[ "$*" = "-m jotsk.core.runtime.warm {cache} $PPID" ] || exit 1\n'
        f"while [ ! -e {is_told} ]; do sleep 0.02; done\nmkdir {cache} && touch {stamp(cache)}\n"
    )
    program.chmod(0o755)
    monkeypatch.setattr("jotsk.desk.app.warming.sys.executable", str(program))
    begun = []
    waiting = Warming(cache, window)
    waiting.when_ready(lambda: begun.append(1))
    assert window.board.notice == SENTENCE and not window.board.isEnabled() and window.top.isEnabled()
    qtbot.wait(100)
    assert not begun

    def middle():
        board = window.board
        return board.grab().toImage().pixelColor(board.width() // 2, board.height() // 4).name().upper()

    assert middle() == DAY.board and DRAWN.is_held, "nothing is shown that would be compiled here"
    window.board.zoom_by(1.3)
    assert middle() == DAY.board
    is_told.touch()
    qtbot.waitUntil(lambda: bool(begun))
    assert stamp(cache).exists()
    assert window.board.isEnabled() and middle() == "#FFFFFF" and not DRAWN.is_held
    Warming(tmp_path / "cache", window).when_ready(lambda: begun.append(2))
    qtbot.waitUntil(lambda: begun == [1, 2])


def test_the_board_is_there_though_the_kernels_cannot_be_compiled_ahead(window, tmp_path, monkeypatch, qtbot, caplog):
    monkeypatch.setattr("jotsk.desk.app.warming.sys.executable", str(tmp_path / "nothing"))
    monkeypatch.setattr("jotsk.desk.app.warming.load_ahead", lambda: None)
    begun = []
    Warming(tmp_path / "cache", window).when_ready(lambda: begun.append(1))
    qtbot.waitUntil(lambda: begun == [1])
    assert window.board.isEnabled() and "cannot be prepared" in caplog.text
