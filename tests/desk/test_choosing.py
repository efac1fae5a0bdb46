"""Choosing lines, and changing them together."""

from __future__ import annotations

import threading
from dataclasses import replace

import cv2
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QImage, QMouseEvent
from PySide6.QtWidgets import QApplication

from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.core.ink import pen_by_id
from jotsk.core.page import blank_page, edits, render
from jotsk.core.page.edits.selection import stroke_at, strokes_inside
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.board.overlays import chosen_lines
from jotsk.desk.board.overlays.chosen_lines import _fewer
from tests.conftest import stroke_along
from tests.desk.conftest import across


def mouse_path(board, *points: tuple[float, float]) -> None:
    left, none = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    kinds = [QEvent.Type.MouseButtonPress, *[QEvent.Type.MouseMove] * (len(points) - 1), QEvent.Type.MouseButtonRelease]
    for kind, (x, y) in zip(kinds, [*points, points[-1]], strict=True):
        QApplication.sendEvent(board, QMouseEvent(kind, QPointF(x, y), QPointF(x, y), left, left, none))


@pytest.fixture
def three(window, pen):
    """Three lines across the page, at 30, 50 and 70 % of its height."""
    for k, y in enumerate((0.3, 0.5, 0.7)):
        pen.draw(across(window, y=y, seed=k))
    return list(window.document.page_when_dry().active.marks)


def on_screen(window, x: float, y: float) -> tuple[float, float]:
    page = window.document.page_when_dry()
    return window.board.view.to_screen(page.width * x, page.height * y)


def box(window, x0: float, y0: float, x1: float, y1: float) -> list[tuple[float, float]]:
    return [on_screen(window, *c) for c in ((x0, y0), (x1, y0), (x1, y1), (x0, y1))]


def test_a_lasso_holds_strokes_of_which_half_lies_inside():
    page = blank_page(400, 300)
    for y in (50, 150, 250):
        page = edits.with_mark(page, stroke_along([(20, y), (380, y)]))
    upper, middle, lower = page.active.marks
    whole = np.array([[0, 0], [400, 0], [400, 200], [0, 200]], float)
    assert strokes_inside(page.active, whole) == [upper, middle]
    left = np.array([[0, 0], [150, 0], [150, 300], [0, 300]], float)
    assert strokes_inside(page.active, left) == []
    assert strokes_inside(page.active, left[:2]) == [] and strokes_inside(None, whole) == []


def test_a_press_finds_the_nearest_line_its_width_counted():
    page = edits.with_mark(blank_page(400, 300), stroke_along([(20, 100), (380, 100)], size=40))
    page = edits.with_mark(page, stroke_along([(20, 150), (380, 150)], size=4))
    thick, thin = page.active.marks
    assert stroke_at(page.active, 200, 122, 8) is thick
    assert stroke_at(page.active, 200, 146, 8) is thin
    assert stroke_at(page.active, 200, 250, 8) is None


def test_lines_are_chosen_by_drawing_around_them_and_dropped_by_escape(window, three):
    window.board.take_up("choose")
    mouse_path(window.board, *box(window, 0.2, 0.2, 0.8, 0.6))
    assert list(window.document.selection.lines) == three[:2]
    assert window.last_line.heading.text() == "2 lines chosen"
    mouse_path(window.board, on_screen(window, 0.5, 0.7))
    assert list(window.document.selection.lines) == three[2:]
    window.actions_by_id["edit.drop"].trigger()
    assert window.document.selection.lines == () and window.last_line.heading.text() == "Last line"
    assert list(window.document.page_when_dry().active.marks) == three, "to choose changes nothing"


@given(st.lists(st.tuples(st.integers(1, 90), st.floats(0, 900)), min_size=1, max_size=6), st.integers(0, 99))
def test_a_line_keeps_its_ends_and_its_way_with_fewer_points(lines, seed):
    """Arcs of so many points and so many px: what is left out is never further from what is drawn than half a px."""
    rng = np.random.default_rng(seed)
    arcs = []
    for count, length in lines:
        turn = np.linspace(0, rng.uniform(0.1, 3.0), count)
        radius = max(20.0, length)
        arcs.append(rng.uniform(0, 500, 2) + radius * np.column_stack([np.cos(turn), np.sin(turn)]))
    places, ends = _fewer(np.concatenate(arcs), np.array([len(arc) for arc in arcs]))
    assert ends[-1] == len(places)
    for arc, start, end in zip(arcs, [0, *ends[:-1]], ends, strict=True):
        line = places[start:end]
        assert np.array_equal(line[[0, -1]], arc[[0, -1]])
        gaps = [_gap(line, at) for at in arc]
        assert max(gaps) < 0.5


def _gap(line, at):
    """How far a point is from a line of points."""
    if len(line) == 1:
        return np.hypot(*(line[0] - at))
    along = np.diff(line, axis=0)
    share = np.clip(((at - line[:-1]) * along).sum(1) / np.maximum((along**2).sum(1), 1e-12), 0, 1)
    return np.hypot(*(line[:-1] + share[:, None] * along - at).T).min()


def test_chosen_lines_are_shown_on_the_board(window, three):
    def greens() -> int:
        image = window.board.grab().toImage()
        colors = [image.pixelColor(x, y) for x in range(350, 800, 2) for y in range(150, 550, 2)]
        return sum(c.green() > c.red() + 60 and c.green() > 80 for c in colors)

    before = greens()
    window.actions_by_id["edit.all"].trigger()
    assert len(window.document.selection.lines) == 3 and greens() > before + 50


def test_many_chosen_lines_follow_the_view_while_they_are_drawn_anew(window, three, monkeypatch, qtbot):
    lines, goes_on = window.board._chosen_lines, threading.Event()
    goes_on.set()
    draw = chosen_lines._picture
    monkeypatch.setattr(chosen_lines, "AT_ONCE", 0)
    monkeypatch.setattr(chosen_lines, "_picture", lambda wanted: (goes_on.wait(20), draw(wanted))[1])

    def greens() -> np.ndarray:
        image = window.board.grab().toImage().convertToFormat(QImage.Format.Format_RGBA8888)
        rgba = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.width(), 4).astype(int)
        return (rgba[..., 1] > rgba[..., 0] + 60) & (rgba[..., 1] > 80)

    without = greens()
    window.actions_by_id["edit.all"].trigger()
    greens()
    qtbot.waitUntil(lambda: not lines._is_drawing)
    assert (greens() & ~without).sum() > 200
    goes_on.clear()
    window.board.zoom_by(1.3)
    window.board.turn_by(0.2)
    moved = greens()
    assert lines._is_drawing
    goes_on.set()
    qtbot.waitUntil(lambda: not lines._is_drawing)
    greens()
    qtbot.waitUntil(lambda: not lines._is_drawing)
    anew = greens()
    near = cv2.dilate(anew.astype(np.uint8), np.ones((5, 5), np.uint8))
    assert anew.sum() > 200 and near[moved].mean() > 0.98 and moved.sum() > 0.5 * anew.sum()


def test_lines_that_are_not_worked_out_yet_join_the_preview_when_they_are(window, three, qtbot):
    for stroke in three[:2]:
        stroke.forget_computed()  # as a line that came from a file
    window.document.selection.choose(three)
    window.last_line.steadiness.changed.emit(70.0, False)
    assert len(window.board._preview) == 1, "nobody waits for the others"
    window.board.show_preview([])
    qtbot.waitUntil(lambda: all(stroke.is_worked_out for stroke in three))
    window.last_line.steadiness.changed.emit(70.0, False)
    assert len(window.board._preview) == 3


def test_chosen_lines_are_steadied_together_as_one_step(window, three, settle, qtbot):
    window.actions_by_id["edit.all"].trigger()
    inked = window.document.page_when_dry()
    window.last_line.steadiness.changed.emit(70.0, False)
    assert len(window.board._preview) == 3 and window.document.page_when_dry() is inked, "while dragging only shown"
    for line, stroke in zip(window.board._preview, three, strict=True):
        assert np.array_equal(line, stroke.resteadied(70.0).line.xy)
    window.last_line.steadiness.changed.emit(90.0, True)
    settle(window)
    qtbot.waitUntil(lambda: window.document.page_when_dry() is not inked)
    layer = window.document.page_when_dry().active
    assert [s.steady_after for s in layer.marks] == [90.0] * 3
    assert render(layer.marks, window.document.page_when_dry().bounds) == layer.tiles
    assert window.board._preview == [] and len(window.document.selection.lines) == 3
    assert window.document.undo_label == "Steady 3 lines"
    window.document.undo()
    assert window.document.page_when_dry() is inked
    assert list(window.document.selection.lines) == three, "they are still chosen, as they were"


@pytest.mark.parametrize("handle", ["size", "opacity", "pen", "color", "swatch", "taper", "response"])
def test_every_handle_changes_all_chosen_lines_also_of_a_page_that_was_opened(
    window, three, settle, qtbot, tmp_path, handle
):
    if handle in ("size", "color"):  # as any other day
        window.filing.save(tmp_path / "lines.ora")
        settle(window)
        window.open(tmp_path / "lines.ora")
        settle(window)
    before = window.document.page_when_dry()
    window.document.selection.choose_all()
    tray, red = window.last_line, (134, 44, 36)
    handles = tray.handles(window)
    act = {
        "size": lambda: tray.size_track.changed.emit(44.0, True),
        "opacity": lambda: handles.opacity.changed.emit(30.0, True),
        "pen": lambda: handles.pens.activated.emit(handles.pens.findText("Brush pen")),
        "color": lambda: (window.hand.set_color(red), handles.color.click()),
        "swatch": lambda: window.inkwell.picked.emit(red),
        "taper": lambda: handles.tapers["taper_in"].changed.emit(99.0, True),
        "response": lambda: handles.response.changed.emit(((0.0, 0.2), (1.0, 1.0))),
    }
    got = {
        "size": lambda s: s.size_px == 44, "opacity": lambda s: s.pen.opacity == 0.3,
        "pen": lambda s: s.pen.id == "brush-pen", "color": lambda s: s.color == red,
        "swatch": lambda s: s.color == red, "taper": lambda s: s.pen.taper_in.length_px == 99,
        "response": lambda s: s.pen.width.curve.points[0] == (0.0, 0.2),
    }  # fmt: skip
    act[handle]()
    settle(window)
    page = window.document.page_when_dry()
    assert len(page.active.marks) == 3 and all(got[handle](s) for s in page.active.marks)
    assert render(page.active.marks, page.bounds) == page.active.tiles
    window.document.undo()
    assert window.document.page_when_dry() is before


def test_lines_alike_and_the_others_are_chosen(window, three, monkeypatch):
    document, first = window.document, three[0]
    other = replace(three[1], size_px=99.0, color=(1, 2, 3), pen=pen_by_id("brush-pen"))
    document.edit("Change", lambda page: edits.with_replaced(page, page.active_uid, three[1], other))
    for entry in ("edit.alike_pen", "edit.alike_color", "edit.alike_weight"):
        document.selection.choose([first])
        window.actions_by_id[entry].trigger()
        assert list(document.selection.lines) == [first, three[2]], entry
    window.actions_by_id["edit.invert"].trigger()
    assert list(document.selection.lines) == [other]
    document.selection.choose_all()
    monkeypatch.setattr("jotsk.desk.tools.lasso.is_alt_down", lambda: True)
    window.board.take_up("choose")
    mouse_path(window.board, *box(window, 0.2, 0.2, 0.8, 0.4))
    assert first not in document.selection.lines and len(document.selection.lines) == 2


def test_drawing_on_ends_the_choice(window, three):
    window.document.selection.choose(three)
    SimulatedPen(window.board, DEVICES["display"]).draw(across(window))
    assert window.document.selection.lines == ()


def test_chosen_lines_are_deleted_and_come_back(window, three, settle, qtbot):
    window.document.selection.choose(three[:2])
    window.actions_by_id["edit.delete"].trigger()
    settle(window)
    qtbot.waitUntil(lambda: len(window.document.page_when_dry().active.marks) == 1)
    assert list(window.document.page_when_dry().active.marks) == three[2:]
    window.document.undo()
    assert list(window.document.page_when_dry().active.marks) == three
    window.document.selection.choose(())
    window.document.selection.delete()
    assert list(window.document.page_when_dry().active.marks) == three


def test_if_the_page_changed_meanwhile_nothing_is_overwritten(window, three, monkeypatch):
    later = []
    window.document.slow.disconnect()
    window.document.slow.connect(lambda title, work, done: later.append((work, done)))
    window.actions_by_id["edit.all"].trigger()
    window.document.selection.steady(100.0)
    window.document.layers.add()
    page = window.document.page_when_dry()
    work, done = later[0]
    done(work(lambda share: None))
    assert window.document.page_when_dry() is page and "meanwhile" in window.board.notice


def test_choosing_more_keeps_what_was_chosen(window, three):
    window.document.selection.choose(three[:1])
    window.document.selection.choose([three[2], three[0]], more=True)
    assert list(window.document.selection.lines) == [three[0], three[2]]
    window.document.layers.add()
    window.document.selection.choose_all()
    assert window.document.selection.lines == ()
