"""The whole first slice, by a real pen on the real window."""

from __future__ import annotations

import itertools

import numpy as np
import png
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt

from jotsk.core.files.export import FORMATS, Export
from jotsk.core.files.openraster import read_page
from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, flattened, render, rgba
from jotsk.core.page.compose.flat_tiles import change_between
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.board.input.stroke_session import StrokeSession
from jotsk.desk.theme import DAY
from jotsk.desk.tools import draw as draw_module
from tests.desk.conftest import across


def same_pixels(one, other) -> bool:
    return np.array_equal(flattened(one), flattened(other))


def traces_of(layer):
    return [mark.trace.samples.tobytes() for mark in layer.marks if isinstance(mark, Stroke)]


def test_a_page_is_inked_mended_undone_saved_opened_and_handed_over(window, settle, tmp_path, qtbot):
    window.pages.open_demo()
    settle(window)
    document, board = window.document, window.board
    sketch = document.page_when_dry().layers[0]
    assert sketch.is_sketch and len(sketch.marks) > 500

    # Trace under: the sketch is dimmed and locked, a new ink layer lies above it.
    document.layers.choose(sketch.uid)
    first = document.page_when_dry()
    window.actions_by_id["layer.trace_under"].trigger()
    traced = document.page_when_dry()
    assert traced.layer(sketch.uid).opacity == 0.3 and traced.layer(sketch.uid).locked
    assert isinstance(traced.active, InkLayer) and not len(traced.active.marks)

    # A stroke changes pixels where the pen went, and nowhere else.
    SimulatedPen(board, DEVICES["display"]).draw(across(window, y=0.3))
    drawn = document.page_when_dry()
    stroke = document.last_line.when_dry()
    difference = flattened(traced) != flattened(drawn)
    rows, columns = np.nonzero(difference)
    assert len(rows) > 1000
    points = stroke.ribbon.points
    gap = np.hypot(columns[:, None] + 0.5 - points[::4, 0], rows[:, None] + 0.5 - points[::4, 1]) - points[::4, 2]
    assert gap.min(axis=1).max() < 8

    # Steadied anew, it is another line in the same place; nothing else moved.
    window.last_line.steadiness.changed.emit(100.0, True)
    assert document.last_line.when_dry().steady_after == 100
    assert not same_pixels(drawn, document.page_when_dry())
    steadied = document.page_when_dry()
    for layer in drawn.layers:
        assert (steadied.layer(layer.uid).tiles is layer.tiles) == (layer.uid != drawn.active_uid)

    # Rubbed out in the middle: the cut belongs to the stroke.
    cross = across(window, y=0.3)
    xy = cross.xy.mean(axis=0)
    window.hand.take(window.hand.pen)
    rub = SimulatedPen(board, DEVICES["display"], eraser=True)
    from jotsk.core.hand import trace_from

    n = 30
    rub.draw(trace_from(np.arange(n) / 100, np.full(n, xy[0]), xy[1] + np.linspace(-40, 40, n), 0.8))
    assert len(document.last_line.when_dry().cuts) == 1
    assert document.page_when_dry().active.marks.last.cuts

    # Undone to the start, pixel for pixel; and done again.
    last = document.page_when_dry()
    while document.undo_label is not None:
        window.actions_by_id["edit.undo"].trigger()
    assert document.page_when_dry() is first or same_pixels(document.page_when_dry(), first)
    while document.redo_label is not None:
        window.actions_by_id["edit.redo"].trigger()
    assert document.page_when_dry() is last

    # Saved, and opened again: equal in pixels and in strokes.
    path = tmp_path / "page.ora"
    window.filing.save(path)
    settle(window)
    qtbot.waitUntil(lambda: not document.is_unsaved)
    again, last = read_page(path), document.page_when_dry()  # with the areas that follow the new line
    assert same_pixels(again, last)
    for one, other in zip(last.layers, again.layers, strict=True):
        assert traces_of(one) == traces_of(other)
    top = again.layer(last.active_uid)
    assert render(top.marks, again.bounds) == top.tiles

    # Handed over, and read by another library.
    window.filing.export(tmp_path / "page.png", Export(FORMATS["png"]))
    settle(window)
    width, height, rows, info = png.Reader(bytes=(tmp_path / "page.png").read_bytes()).asRGB()
    pixels = np.vstack([np.frombuffer(bytes(row), np.uint8) for row in rows]).reshape(height, width, 3)
    assert np.array_equal(pixels, rgba(flattened(last))[..., :3])
    assert info["physical"].x == 11811, "300 dpi is 11811 px per metre (ISO/IEC 15948)"


def test_wet_ink_shows_with_every_event_and_dries_in_place(window, pen, monkeypatch, qtbot):
    # The simulated pen is sent faster than any hand; at the pace of one, every event is painted.
    monkeypatch.setattr(draw_module, "FASTEST_PAINT_S", -1.0)
    monkeypatch.setattr(draw_module, "REST_SHARE", -1.0)
    board = window.board
    qtbot.waitUntil(lambda: not board.is_moving)
    before = board.picture.frame.copy()
    events = list(pen._events_of(across(window)))
    from PySide6.QtCore import QCoreApplication

    shown = []
    for _, event in events[:-1]:
        QCoreApplication.sendEvent(board, event)
        shown.append(int((board.picture.frame != before).any(axis=2).sum()))
    assert board.session is not None and not len(window.document.page_when_dry().active.marks)
    assert shown[0] > 0, "the first touch leaves a dot"
    assert sum(b > a for a, b in itertools.pairwise(shown)) > 0.7 * len(shown)
    QCoreApplication.sendEvent(board, events[-1][1])
    assert board.session is None and len(window.document.page_when_dry().active.marks) == 1
    live = board.picture.frame.copy()
    board.picture.set_board_color(DAY.board)  # forgets what was flattened
    board.picture.draw()
    off = np.abs(live.astype(int) - board.picture.frame)
    assert off.max() <= 1, "patches add up to the whole"


def test_samples_faster_than_a_screen_are_painted_together_and_none_is_lost(window, pen, qtbot, monkeypatch):
    from PySide6.QtCore import QCoreApplication

    events = list(pen._events_of(across(window)))
    paints = []
    real = StrokeSession.paint
    monkeypatch.setattr(StrokeSession, "paint", lambda session: (paints.append(1), real(session))[1])
    for _, event in events[:-1]:
        QCoreApplication.sendEvent(window.board, event)
    qtbot.waitUntil(lambda: not window.board.draws.paint_timer.isActive())
    assert 0 < len(paints) < len(events) / 2
    tip = window.board.session._ink._newest
    assert (tip.x, tip.y) == pytest.approx(window.board.view.to_page(*across(window).xy[-1]), abs=1e-6)
    QCoreApplication.sendEvent(window.board, events[-1][1])
    assert len(window.document.last_line.when_dry().trace) == len(events) - 1


def test_a_pen_that_leaves_without_a_lift_costs_no_stroke(window, pen):
    from PySide6.QtCore import QCoreApplication

    for y in (0.4, 0.6):
        for _, event in list(pen._events_of(across(window, y=y)))[:-1]:  # no release
            QCoreApplication.sendEvent(window.board, event)
    assert len(window.document.page_when_dry().active.marks) == 1 and window.board.session is not None
    window.board.clearFocus()
    assert len(window.document.page_when_dry().active.marks) == 2 and window.board.session is None


def test_the_eraser_end_rubs_out_whatever_pen_is_in_the_hand(window, pen, eraser):
    pen.draw(across(window))
    inked = window.document.page_when_dry()
    eraser.draw(across(window))
    assert window.hand.pen.id == "quill-nib"
    assert window.document.undo_label == "Rub out"
    assert not same_pixels(window.document.page_when_dry(), inked)


def test_a_mouse_has_no_pressure_and_speed_makes_the_weight(window, mouse):
    mouse.draw(across(window, seconds=0.25))
    fast = window.document.last_line.when_dry()
    window.document.undo()
    mouse.draw(across(window, seconds=3.0))
    slow = window.document.last_line.when_dry()
    assert np.median(fast.ribbon.points[:, 2]) < 0.8 * np.median(slow.ribbon.points[:, 2])


def test_a_locked_layer_refuses_with_a_sentence_at_the_cursor(window, pen):
    page = window.document.page_when_dry()
    window.document.layers.change_one(page.active_uid, "Lock layer", locked=True)
    before = window.document.page_when_dry()
    pen.draw(across(window))
    assert window.document.page_when_dry() is before
    assert "is locked" in window.board.notice


def test_what_a_broken_driver_sends_costs_no_stroke(window, pen):
    trace = across(window)
    samples = trace.samples.copy()
    samples[40, 1] = np.nan
    samples[50:60, 3] = np.nan
    samples[70:80, 0] = samples[70, 0]
    broken = object.__new__(type(trace))
    object.__setattr__(broken, "samples", samples)
    pen.draw(broken)
    stroke = window.document.last_line.when_dry()
    assert len(stroke.trace) == len(samples) - 1
    assert np.isfinite(stroke.ribbon.points).all()


def test_closing_with_unsaved_work_never_loses_it(make_window, settle, tmp_path):
    window = make_window()
    SimulatedPen(window.board, DEVICES["display"]).draw(across(window))
    kept = window.document.page_when_dry()
    assert window.isWindowModified() and window.close()
    again = make_window()
    again.pages.take_up_kept()
    settle(again)
    assert same_pixels(again.document.page_when_dry(), kept)
    assert len(again.document.page_when_dry().active.marks) == 1
    assert again.document.is_unsaved and "as you left it" in again.status.text
    assert again.recovery.notes() == [], "nobody else can take up what is being worked on"
    again.filing.save(tmp_path / "safe.ora")
    settle(again)
    again.close()
    assert again.recovery.notes() == [] and not list(again.recovery.folder.glob("journal/*"))


def test_leaving_one_page_for_another_keeps_both(make_window, tmp_path, settle):
    from PIL import Image

    window = make_window()
    Image.new("L", (200, 100), 90).save(tmp_path / "other.png")
    SimulatedPen(window.board, DEVICES["display"]).draw(across(window))
    first = window.document.page_when_dry()
    window.open(tmp_path / "other.png")
    settle(window)
    window.document.layers.add()
    window.close()
    again = make_window()
    assert {note.title for note in again.recovery.notes()} == {"other", "New page"}
    again.pages.take_up_kept(next(note.slot for note in again.recovery.notes() if note.title == "New page"))
    settle(again)
    assert same_pixels(again.document.page_when_dry(), first)


def test_the_title_tells_of_unsaved_work(window, pen, tmp_path, settle):
    assert not window.isWindowModified()
    pen.draw(across(window))
    assert window.isWindowModified() and "unsaved" in window.top.facts.text()
    window.filing.save(tmp_path / "gull.ora")
    settle(window)
    assert not window.isWindowModified() and window.windowTitle().startswith("gull")
    window.document.undo()
    assert window.isWindowModified()
    window.document.redo()
    assert not window.isWindowModified(), "the saved page is the saved page"


def test_a_damaged_file_leaves_the_page_and_says_so(window, pen, tmp_path, settle):
    pen.draw(across(window))
    page = window.document.page_when_dry()
    bad = tmp_path / "bad.ora"
    bad.write_bytes(b"PK\x03\x04 and nothing more")
    window.filing.open(bad)
    settle(window)
    assert window.document.page_when_dry() is page
    assert "bad.ora" in window.status.text and window.status.text.endswith(".")


def test_an_opened_picture_is_a_page_of_its_size(window, tmp_path, settle):
    from PIL import Image

    Image.new("RGB", (320, 200), (200, 10, 10)).save(tmp_path / "p.png", dpi=(150, 150))
    window.open(tmp_path / "p.png")
    settle(window)
    page = window.document.page_when_dry()
    assert (page.width, page.height, page.dpi) == (320, 200, 150)
    assert not window.document.is_unsaved


def test_a_save_that_fails_says_why_and_keeps_the_work_unsaved(window, pen, tmp_path, settle):
    pen.draw(across(window))
    window.filing.save(tmp_path / "nowhere" / "page.ora")
    settle(window)
    assert "folder does not exist" in window.status.text
    assert window.document.is_unsaved


def test_changes_are_found_by_identity(window, pen):
    before = window.document.page_when_dry()
    pen.draw(across(window, y=0.5))
    changed = change_between(before, window.document.page_when_dry()).bounds
    assert changed and changed.height < 600 and changed.y0 <= before.height * 0.5 <= changed.y1
    assert not change_between(before, before).bounds


def test_a_point_is_where_the_pen_was_in_a_turned_flipped_zoomed_view(window, pen):
    board = window.board
    board.zoom_to(0.7, QPointF(board.rect().center()))
    board.turn_by_degrees(33)
    board.flip()
    trace = across(window, seed=3)
    pen.draw(trace)
    meant = np.array([board.view.to_page(*p) for p in trace.xy])
    assert np.abs(window.document.last_line.when_dry().trace.xy - meant).max() < 1e-6


def test_escape_gives_the_stroke_up(window, pen):
    from PySide6.QtCore import QCoreApplication

    frame = window.board.picture.frame.copy()
    events = list(pen._events_of(across(window)))
    for _, event in events[:30]:
        QCoreApplication.sendEvent(window.board, event)
    window.actions_by_id["edit.drop"].trigger()
    assert window.board.session is None
    assert np.array_equal(window.board.picture.frame, frame)
    assert window.document.undo_label is None


def test_layers_are_dragged_toggled_and_deleted(window, qtbot):
    document = window.document
    for _ in range(2):
        window.actions_by_id["layer.add"].trigger()
    names = [layer.name for layer in document.page_when_dry().layers]
    assert names == ["Ink", "Ink 2", "Ink 3"]
    rows = window.layers.rows
    assert [row.layer.name for row in rows] == names[::-1]
    qtbot.mousePress(rows[0], Qt.MouseButton.LeftButton, pos=QPoint(60, 20))
    qtbot.mouseMove(rows[0], QPoint(60, 60))
    qtbot.mouseMove(rows[0], QPoint(60, 150))
    qtbot.mouseRelease(rows[0], Qt.MouseButton.LeftButton, pos=QPoint(60, 150))
    assert [layer.name for layer in document.page_when_dry().layers] == ["Ink 3", "Ink", "Ink 2"]
    qtbot.mouseClick(window.layers.rows[0].eye, Qt.MouseButton.LeftButton)
    assert not document.page_when_dry().layers[2].visible
    qtbot.mouseClick(window.layers.rows[1], Qt.MouseButton.LeftButton)
    assert document.page_when_dry().active.name == "Ink"
    window.actions_by_id["layer.delete"].trigger()
    assert [layer.name for layer in document.page_when_dry().layers] == ["Ink 3", "Ink 2"]


def test_dragging_a_handle_is_one_step_to_undo(window, pen):
    pen.draw(across(window))
    inked = window.document.page_when_dry()
    for value in (50, 60, 70):
        window.last_line.steadiness.changed.emit(float(value), False)
    window.last_line.steadiness.changed.emit(80.0, True)
    assert window.document.last_line.when_dry().steady_after == 80
    window.document.undo()
    assert window.document.page_when_dry() is inked
