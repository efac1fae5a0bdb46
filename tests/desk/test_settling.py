"""Strokes that settle, with the real window and a pen that rests."""

from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QCoreApplication, Qt
from PySide6.QtTest import QTest

from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import render

HOLD_S = 0.3


@pytest.fixture
def quick(window):
    """A window that settles sooner, so that nobody waits long."""
    window.hand.settles_after_s = HOLD_S
    window.hand.take(window.hand.library.pen("plain-round"))
    return window


def circle(window, *, share=1.0):
    w, h = window.board.width(), window.board.height()
    u = np.linspace(0, 2 * np.pi * share, 300)
    path = np.column_stack([w / 2 + 120 * np.cos(u), h / 2 + 120 * np.sin(u)])
    return drawn(path, 0.8, pressure=[0.3, 0.9, 0.5], device=DEVICES["display"], seed=4)


def press_and_rest(window, pen, trace: Trace, qtbot):
    """Draw without lifting, and wait until the line has settled; returns the lift that is yet to come."""
    events = list(pen._events_of(trace))
    for _, event in events[:-1]:
        QCoreApplication.sendEvent(window.board, event)
    qtbot.waitUntil(lambda: window.board.session.shape is not None)
    return events[-1][1]


def far_from_middle(stroke):
    points = stroke.ribbon.points[:, :2]
    return np.hypot(*(points - (points.min(axis=0) + points.max(axis=0)) / 2).T)


def test_a_circle_that_ends_at_rest_settles_and_is_undone_in_two_steps(quick, pen, qtbot):
    window = quick
    before = window.board.picture.frame.copy()
    lift = press_and_rest(window, pen, circle(window), qtbot)
    shown = window.board.picture.frame.copy()
    QCoreApplication.sendEvent(window.board, lift)
    stroke = window.document.last_line.when_dry()
    assert np.ptp(far_from_middle(stroke)) < 0.1 and window.document.undo_label == "Settle the line"
    assert np.abs(shown.astype(int) - window.board.picture.frame).max() <= 1, "the shape is shown as it will lie"
    window.document.undo()
    own = window.document.last_line.when_dry()
    assert np.ptp(far_from_middle(own)) > 0.5 and own.hold is None
    window.document.undo()
    assert len(window.document.page_when_dry().active.marks) == 0
    window.board.picture.draw()
    assert np.array_equal(window.board.picture.frame, before) and window.board.settler.offer is None
    window.document.redo()
    window.document.redo()
    layer = window.document.page_when_dry().active
    assert render(layer.marks, window.document.page_when_dry().bounds) == layer.tiles


def test_the_strip_offers_the_other_readings_until_the_next_stroke(quick, pen, qtbot):
    window = quick
    QCoreApplication.sendEvent(window.board, press_and_rest(window, pen, circle(window), qtbot))
    window.document.finish_drying()
    strip = window.strips["draw"]
    assert not strip.isHidden() and "circle" in strip.words.text()
    next(b for b in strip.buttons if b.text() == "Ellipse").click()
    assert all(b.width() >= b.sizeHint().width() for b in strip.buttons), "there is room for every word"
    assert window.board.settler.offer.reading.kind == "ellipse" and "ellipse" in strip.words.text()
    assert window.document.undo_label == "Settle the line"
    window.board.setFocus()
    QTest.keyClick(window.board, Qt.Key.Key_Return)
    assert strip.isHidden() and window.document.last_line.when_dry().hold is not None
    window.document.undo()
    assert window.document.last_line.when_dry().hold is None, "first the hand's own stroke, whatever it was read as"
    window.document.redo()
    QCoreApplication.sendEvent(window.board, press_and_rest(window, pen, circle(window), qtbot))
    window.document.finish_drying()
    next(b for b in strip.buttons if "own line" in b.text()).click()
    assert strip.isHidden() and window.document.last_line.when_dry().hold is None


def test_the_shape_is_dragged_by_its_handles_within_its_step(quick, pen, qtbot):
    from jotsk.desk.board.overlays.guide_overlay import handle_places

    window, board = quick, quick.board
    QCoreApplication.sendEvent(board, press_and_rest(window, pen, circle(window), qtbot))
    window.document.finish_drying()
    next(b for b in window.strips["draw"].buttons if b.text() == "Handles").click()
    places = handle_places(board.settler.shape, board.view, 1.0, board.size())
    start = places["second radius"].toPoint()
    middle = places["at"]
    to = (middle + (places["second radius"] - middle) * 1.6).toPoint()
    QTest.mousePress(board, Qt.MouseButton.LeftButton, pos=start)
    QTest.mouseMove(board, (start + to) / 2)
    QTest.mouseMove(board, to)
    QTest.mouseRelease(board, Qt.MouseButton.LeftButton, pos=to)
    stroke = window.document.last_line.when_dry()
    radii = stroke.hold.rail.radii
    assert (
        radii[1] == pytest.approx(1.6 * radii[0], rel=0.03) and len(window.document.page_when_dry().active.marks) == 1
    )
    assert stroke.ribbon.points[0, :2] == pytest.approx(stroke.ribbon.points[-1, :2], abs=0.05)
    window.document.undo()
    assert window.document.last_line.when_dry().hold is None, "the hand's own stroke, at once"
    assert board.settler.shape is None


def test_still_held_it_is_pulled_larger_and_made_regular(quick, pen, qtbot):
    window, board = quick, quick.board
    w, h = board.width(), board.height()
    corners = np.array([(0.3, 0.3), (0.55, 0.33), (0.52, 0.6), (0.3, 0.3)]) * (w, h)
    lift = press_and_rest(window, pen, drawn(corners, 0.9, pressure=0.8, device=DEVICES["display"], seed=1), qtbot)
    small = board.session.shape.reading.hold.rail.length
    middle = np.array(board.view.to_page(*(corners[:3].max(axis=0) + corners[:3].min(axis=0)) / 2))
    x, y = board.view.to_screen(*(middle + 1.5 * (np.array(board.view.to_page(*corners[0])) - middle)))
    board._move(board.rect().center().toPointF().__class__(x, y), 5000.0, 0.8)
    assert board.session.shape.reading.hold.rail.length == pytest.approx(1.5 * small, rel=0.05)
    board.set_course("straight")
    rail = board.session.shape.reading.hold.rail
    sides = np.hypot(*np.diff(np.array([*rail.points, rail.points[0]]), axis=0).T)
    assert sides == pytest.approx(np.full(3, sides.mean()), rel=1e-6), "equilateral"
    board.set_course("freely")
    QCoreApplication.sendEvent(board, lift)
    assert window.document.undo_label == "Settle the line"


def test_no_settling_where_it_is_switched_off_or_the_stroke_goes_on(quick, pen, qtbot):
    window = quick
    window.actions_by_id["guide.settle"].setChecked(False)
    events = list(pen._events_of(circle(window)))
    for _, event in events[:-1]:
        QCoreApplication.sendEvent(window.board, event)
    qtbot.wait(round(HOLD_S * 1000) + 250)
    assert window.board.session.shape is None
    QCoreApplication.sendEvent(window.board, events[-1][1])
    window.actions_by_id["guide.settle"].setChecked(True)
    assert window.hand.settles_after_s == 0.65
    pen.draw(circle(window))
    assert window.document.undo_label == "Stroke" and window.board.settler.offer is None


def test_a_rest_on_the_way_of_a_line_swallows_nothing_of_what_follows(quick, pen, qtbot):
    """An open shape that has settled: the pen goes on, and the line is the hand's own again, all of it."""
    window = quick
    w, h = window.board.width(), window.board.height()
    first = np.array([(0.25 * w, 0.3 * h), (0.6 * w, 0.3 * h)])
    lift = press_and_rest(window, pen, drawn(first, 0.6, pressure=0.6, device=DEVICES["display"], seed=1), qtbot)
    assert window.board.session.shape.reading.kind == "line" and lift is not None
    second = np.array([(0.6 * w, 0.3 * h), (0.65 * w, 0.75 * h)])
    rest = drawn(second, 0.6, pressure=0.6, device=DEVICES["display"], seed=2)
    for _, event in list(pen._events_of(rest))[1:]:
        QCoreApplication.sendEvent(window.board, event)
    window.document.finish_drying()
    stroke = window.document.last_line.when_dry()
    assert stroke.hold is None and len(window.document.page_when_dry().active.marks) == 1
    ends = [window.board.view.to_screen(*stroke.trace.xy[k]) for k in (0, -1)]
    assert np.hypot(*(np.array(ends[0]) - first[0])) < 3 and np.hypot(*(np.array(ends[1]) - second[1])) < 3
    assert np.ptp(stroke.ribbon.points[:, 1]) * window.board.view.zoom > 0.4 * h, "what followed is there"
