"""Pen, mouse and hand at once, lifts and keys that get lost, and a window that changes under the pen."""

from __future__ import annotations

import time

import numpy as np
import pytest
from PySide6.QtCore import QCoreApplication, QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QApplication

from jotsk.core.files.inkml import read_inkml
from jotsk.core.hand import trace_from
from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.core.page import blank_page, edits
from jotsk.desk.actions import BY_ID as ENTRIES
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from tests.desk.conftest import across
from tests.desk.test_looking import fingers  # noqa: F401 (a fixture)

LEFT, MIDDLE, NONE = Qt.MouseButton.LeftButton, Qt.MouseButton.MiddleButton, Qt.MouseButton.NoButton


def events(pen: SimulatedPen, trace):
    return [event for _, event in pen._events_of(trace)]


def send(window, some) -> None:
    for event in some:
        QCoreApplication.sendEvent(window.board, event)


def mouse(window, kind, at, button=NONE, buttons=NONE) -> None:
    place = QPointF(*at)
    event = QMouseEvent(kind, place, place, button, buttons, Qt.KeyboardModifier.NoModifier)
    QCoreApplication.sendEvent(window.board, event)


def strokes(window):
    return list(window.document.page_when_dry().active.marks)


def far_from(window, trace) -> float:
    """How far the last stroke's motion goes from what the pen did, page px."""
    meant = np.array([window.board.view.to_page(x, y) for x, y in trace.xy])
    xy = window.document.last_line.when_dry().trace.xy
    return float(np.hypot(*(xy[:, None] - meant[None]).transpose(2, 0, 1)).min(axis=1).max())


def test_a_hand_that_lies_down_before_its_pen_leaves_nothing_and_bends_nothing(window, pen, fingers):  # noqa: F811
    trace, view = across(window), window.board.view
    fingers([(500, 500)], [(505, 502)])
    some = events(pen, trace)
    send(window, some[:40])
    fingers([(505, 502)], [(520, 530)])
    fingers([(505, 502), (300, 200)], [(450, 530), (200, 100)])
    send(window, some[40:])
    assert window.board.view == view and len(strokes(window)) == 1
    assert far_from(window, trace) < 0.01


def test_a_mouse_that_is_nudged_or_clicked_leaves_the_pens_stroke_alone(window, pen):
    trace = across(window)
    some = events(pen, trace)
    send(window, some[:50])
    mouse(window, QEvent.Type.MouseMove, (30, 30))
    mouse(window, QEvent.Type.MouseButtonPress, (30, 30), LEFT, LEFT)
    mouse(window, QEvent.Type.MouseButtonRelease, (30, 30), LEFT)
    send(window, some[50:])
    assert len(strokes(window)) == 1 and far_from(window, trace) < 0.01


def test_a_second_button_of_the_mouse_neither_ends_the_stroke_nor_leaves_ink_hovering(window):
    mouse(window, QEvent.Type.MouseButtonPress, (300, 300), LEFT, LEFT)
    mouse(window, QEvent.Type.MouseMove, (340, 320), NONE, LEFT)
    mouse(window, QEvent.Type.MouseButtonPress, (340, 320), MIDDLE, LEFT | MIDDLE)
    mouse(window, QEvent.Type.MouseMove, (400, 330), NONE, LEFT | MIDDLE)
    mouse(window, QEvent.Type.MouseButtonRelease, (420, 330), LEFT, MIDDLE)
    assert len(strokes(window)) == 1 and not window.board.is_drawing()
    mouse(window, QEvent.Type.MouseMove, (600, 500), NONE, MIDDLE)
    mouse(window, QEvent.Type.MouseButtonRelease, (600, 500), MIDDLE)
    assert len(strokes(window)) == 1 and not window.board.is_busy()


def test_a_side_button_of_the_pen_does_not_end_its_stroke(window, pen):
    trace = across(window)
    some = events(pen, trace)
    send(window, some[:50])
    at = QPointF(*trace.xy[49])
    side = some[0].__class__
    for kind, buttons in (
        (QEvent.Type.TabletPress, LEFT | Qt.MouseButton.RightButton),
        (QEvent.Type.TabletRelease, LEFT),
    ):
        event = side(
            kind, pen._device, at, at, 0.5, 0, 0, 0.0, 0.0, 0.0, Qt.KeyboardModifier.NoModifier,
            Qt.MouseButton.RightButton, buttons,
        )  # fmt: skip
        QCoreApplication.sendEvent(window.board, event)
    send(window, some[50:])
    assert len(strokes(window)) == 1 and far_from(window, trace) < 0.01


@pytest.mark.parametrize("device", ["pen", "mouse"])
def test_after_a_lost_lift_nothing_is_drawn_with_no_button_down(window, pen, mouse_pen, device):
    simulated = pen if device == "pen" else mouse_pen
    trace = across(window)
    some = events(simulated, trace)
    send(window, some[:60])
    hovering = events(simulated, across(window, y=0.8))[1:-1]
    for event in hovering:
        kind = event.__class__
        at = event.position()
        if device == "pen":
            event = kind(QEvent.Type.TabletMove, pen._device, at, at, 0.0, 0, 0, 0.0, 0.0, 0.0,
                         Qt.KeyboardModifier.NoModifier, NONE, NONE)  # fmt: skip
        else:
            event = kind(QEvent.Type.MouseMove, at, at, NONE, NONE, Qt.KeyboardModifier.NoModifier)
        QCoreApplication.sendEvent(window.board, event)
    assert not window.board.is_drawing() and len(strokes(window)) == 1
    xy = window.document.last_line.when_dry().trace.xy
    assert xy[:, 1].max() < window.document.page_when_dry().height * 0.7, "none of what hovered"


@pytest.fixture
def mouse_pen(window):
    return SimulatedPen(window.board, DEVICES["mouse"])


@pytest.mark.parametrize("entry", ["hand.rub", "hand.turn", "hand.straight"])
def test_a_key_whose_release_is_lost_is_not_held_for_ever(window, pen, entry, monkeypatch):
    before = window.hand.pen
    window.hold_keys.borrow(ENTRIES[entry])
    time.sleep(0.3)
    monkeypatch.setattr(window, "isActiveWindow", lambda: False)
    QApplication.sendEvent(window, QEvent(QEvent.Type.ActivationChange))
    assert window.hand.pen is before and window.board.tool.id == "draw"
    pen.draw(across(window))
    assert len(strokes(window)) == 1 and not window.document.last_line.when_dry().pen.rubs
    window.hold_keys.give_back(entry)
    assert window.hand.pen is before and window.board.tool.id == "draw"


CHANGES = {
    "window": lambda w: w.resize(1000, 700),
    "fit": lambda w: w.board.fit(),
    "width": lambda w: w.board.fit_width(),
    "side": lambda w: w.actions_by_id["view.hand"].trigger(),
    "bare": lambda w: w.actions_by_id["view.bare"].trigger(),
    "zoom": lambda w: w.board.zoom_by(2.0),
    "turn": lambda w: w.board.turn_by_degrees(30),
    "flip": lambda w: w.board.flip_page(),
    "actual": lambda w: w.board.zoom_to(1.0),
}


@pytest.mark.parametrize("change", CHANGES)
def test_whatever_moves_under_the_pen_the_line_does_not_jump(window, pen, change):
    """The hand stays where it is on the desk, so the board's own place is taken off its events."""
    if change in ("actual", "fit", "width"):
        window.board.zoom_to(0.7)
    trace = across(window)
    some = events(pen, trace)
    send(window, some[:60])
    was = window.board.mapToGlobal(QPoint(0, 0))
    CHANGES[change](window)
    QApplication.processEvents()
    moved = window.board.mapToGlobal(QPoint(0, 0)) - was
    rest = trace_from(trace.t[59:] + 1.0, trace.xy[59:, 0] - moved.x(), trace.xy[59:, 1] - moved.y(), 0.5)
    send(window, events(pen, rest)[1:])
    (stroke,) = strokes(window)
    steps = np.hypot(*np.diff(stroke.trace.xy, axis=0).T)
    assert steps.max() < 4 * np.percentile(steps, 95) + 2 / min(1.0, window.board.view.zoom)
    if change in ("window", "fit", "side"):
        fitted = window.board._fitted(window.document.page_when_dry().width, window.document.page_when_dry().height)
        assert window.board.view.zoom == pytest.approx(fitted.zoom), "shown whole again after the lift"


def _cells(page):
    return set(page.bounds.cells(128))


@pytest.mark.parametrize("zoom", [0.01, 0.05, 0.2])
def test_a_stroke_across_the_board_far_beyond_the_page_costs_little(window, pen, zoom):
    window.board.zoom_to(zoom)
    n, w, h = 200, window.board.width(), window.board.height()
    u = np.linspace(0, 1, n)
    trace = trace_from(0.005 * np.arange(n), 20 + u * (w - 40), h / 2 + 0.4 * h * np.sin(40 * u), 0.6)
    some = events(pen, trace)
    send(window, some[:-1])
    reached = window.board.session.cells
    send(window, some[-1:])
    stroke, page = window.document.last_line.when_dry(), window.document.page_when_dry()
    low, high = stroke.trace.xy.min(axis=0), stroke.trace.xy.max(axis=0)
    assert (low >= (-page.width, -page.height)).all() and (high <= (2 * page.width, 2 * page.height)).all()
    assert all(tile in _cells(page) for tile in reached), "no ink is held outside of the page"


def test_a_place_no_pointer_can_be_at_is_left_out(window, pen):
    x = np.r_[np.linspace(300, 400, 20), 5000, np.linspace(405, 500, 19)]
    pen.draw(trace_from(0.005 * np.arange(40), x, x, 0.6))
    assert len(window.document.last_line.when_dry().trace) == 39


def test_a_page_that_comes_under_the_pen_gets_nothing_of_its_stroke(window, pen):
    before = window.document.page_when_dry()
    some = events(pen, across(window))
    send(window, some[:70])
    left = []
    window.document.changed.connect(lambda old, new: left.append(old))
    window.document.take(blank_page(800, 600), path=None, title="New page", saved=True)
    send(window, some[70:])
    assert len(strokes(window)) == 0 and window.document.page_when_dry().width == 800
    assert len(left[-1].layer(before.active_uid).marks) == 1, "it was finished on the page it was begun on"


def test_closing_with_the_pen_down_keeps_the_stroke(make_window, settle):
    window = make_window()
    some = events(SimulatedPen(window.board, DEVICES["display"]), across(window))
    send(window, some[:70])
    window.close()
    again = make_window()
    again.pages.take_up_kept()
    settle(again)
    assert len(strokes(again)) == 1


@pytest.mark.parametrize("samples", [60, 2000], ids=["at once", "beside the hand"])
def test_a_stroke_that_fails_to_dry_is_kept_as_a_motion_and_drawing_goes_on(
    window, pen, monkeypatch, tmp_path, samples
):
    trace = across(window)
    at = np.linspace(0, len(trace) - 1, samples)
    columns = [np.interp(at, np.arange(len(trace)), column) for column in trace.samples.T]
    long = trace_from(*columns)
    with monkeypatch.context() as patch:
        patch.setattr(edits, "with_mark", lambda *_: 1 // 0)
        pen.draw(long)
        window.document.finish_drying()
    assert not strokes(window) and not window.document.is_drying and not window.board.picture.wets
    assert "kept in" in window.status.text
    (path,) = (tmp_path / "state" / "motions").glob("*.inkml")
    (kept,) = read_inkml(path)
    assert len(kept) >= samples - 1 and kept.bounds.width > 100
    pen.draw(trace)
    assert len(strokes(window)) == 1


def test_once_a_pen_was_seen_fingers_move_the_page(window, make_window, pen, fingers, monkeypatch):  # noqa: F811
    page_down = [(300, 300)], [(340, 330)], [(350, 340)], []
    fingers(*page_down)
    assert len(strokes(window)) == 1, "without a pen they draw"
    pen.draw(across(window))
    monkeypatch.setattr(window.board, "_pen_heard_s", 1.0)  # long ago
    before = window.board.view
    fingers(*page_down)
    assert len(strokes(window)) == 2 and window.board.view != before
    again = make_window()
    assert not again.actions_by_id["hand.fingers"].isChecked() and not again.board.fingers_draw
    again.actions_by_id["hand.fingers"].trigger()
    SimulatedPen(again.board, DEVICES["display"]).draw(across(again))
    assert again.board.fingers_draw, "somebody wants them to"
