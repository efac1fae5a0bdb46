"""Mending with the real window: each tool by swipes of the pen, undone, and told where it found nothing."""

from __future__ import annotations

import threading
import time
from types import SimpleNamespace

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest

from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.mend.samples import SAMPLES, sample
from jotsk.core.page import flattened, render
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.trays.tool_list import SAMPLE_OF
from tests.conftest import stroke_along
from tests.desk.test_reshaping import on_board


@pytest.fixture
def lines(window):
    """A level line with a gap, over two upright ones; the Mend stage."""
    for points, size in (
        ([(900, 1000), (900, 2000)], 30), ([(1700, 1000), (1700, 2000)], 30),
        ([(600 + 20 * k, 1500) for k in range(41)], 16), ([(1460 + 20 * k, 1500) for k in range(25)], 16),
    ):  # fmt: skip
        window.document.ink.add_stroke(stroke_along(points, size=size))
    window.top.stage_chosen.emit(STAGES["mend"])
    return window


def swipe(window, pen, *places):
    ends = np.array([window.board.view.to_screen(*place) for place in places])
    ends = np.concatenate([ends, ends[-1:] + 0.5]) if len(ends) == 1 else ends
    pen.draw(drawn(ends, 0.3, pressure=[0.5, 0.5], device=DEVICES["display"], seed=4))


MENDS = {
    "mend.snip": [(700, 1400), (700, 1600)],
    "mend.cut": [(1100, 1500)],
    "mend.join": [(1430, 1460), (1430, 1540)],
    "mend.splice": [(1300, 1500), (1560, 1500)],
    "mend.weight": [(1100, 1450), (1100, 1550)],
    "mend.push": [(1100, 1500), (1100, 1560)],
}


@pytest.mark.parametrize("entry", MENDS)
def test_every_tool_changes_what_it_passes_and_is_undone(lines, pen, settle, entry):
    document, before = lines.document, lines.document.page_when_dry()
    lines.actions_by_id[entry].trigger()
    lines.hand.set_mending(reach_px=80.0, amount=1.8)
    swipe(lines, pen, *MENDS[entry])
    settle(lines)
    after = document.page_when_dry()
    assert after is not before and render(after.active.marks, after.bounds) == after.active.tiles
    changed = np.argwhere(flattened(after) != flattened(before))
    if entry == "mend.cut":
        assert len(after.active.marks) == len(before.active.marks) + 1
    else:
        assert len(changed) and np.abs(changed[:, 0] - 1500).max() < 120, "only where the hand was"
    document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), flattened(before))
    document.redo()
    assert np.array_equal(flattened(document.page_when_dry()), flattened(after))


SHOWN = {  # a swipe, how many lines are shown, and from where to where
    "mend.snip": [(700, 1400), (700, 1600), 1, (600, 885)],  # up to the upright line
    "mend.join": [(1430, 1460), (1430, 1540), 2, (1400, 1460)],  # both edges of the bridge
    "mend.splice": [(1300, 1500), (1560, 1500), 2, (600, 1940)],
}


@pytest.mark.parametrize("entry", SHOWN)
def test_what_will_be_is_found_beside_the_window_and_shown_while_the_pen_is_down(lines, qtbot, settle, entry):
    *swiped, count, reaches = SHOWN[entry]
    lines.actions_by_id[entry].trigger()
    lines.hand.set_mending(reach_px=80.0)
    board, tool, shown, threads = lines.board, lines.board.tool, [], set()
    show, find = board.show_preview, tool.find

    def find_on(*what):
        found = find(*what)
        return lambda: (threads.add(threading.current_thread()), found())[1]

    board.show_preview, tool.find = lambda found: (shown.append(found), show(found))[1], find_on
    QTest.mousePress(board, Qt.MouseButton.LeftButton, pos=on_board(lines, *swiped[0]))
    for place in np.linspace(*swiped, 12):
        QTest.mouseMove(board, on_board(lines, *place))
    qtbot.waitUntil(lambda: any(shown) and len(shown[-1]) == count and not tool._finding.is_awaited)
    xy = np.concatenate([np.asarray(line) for line in shown[-1]])
    assert np.allclose([xy[:, 0].min(), xy[:, 0].max()], reaches, atol=35)
    assert threads and threading.main_thread() not in threads
    QTest.mouseRelease(board, Qt.MouseButton.LeftButton, pos=on_board(lines, *swiped[1]))
    settle(lines)
    assert shown[-1] == [], "nothing is left of it"


@pytest.mark.parametrize("entry", MENDS)
def test_where_nothing_lies_that_is_said_and_nothing_changes(lines, pen, settle, entry):
    before = lines.document.page_when_dry()
    lines.actions_by_id[entry].trigger()
    swipe(lines, pen, (1300, 2800), (1320, 2900))
    settle(lines)
    assert lines.document.page_when_dry() is before and lines.status.text
    lines.document.layers.change("Lock", locked=True)
    swipe(lines, pen, *MENDS[entry])
    settle(lines)
    assert "locked" in lines.status.text


def test_a_held_key_mends_from_the_ink_stage_and_options_stand_where_size_does(lines, pen, settle, monkeypatch):
    from jotsk.desk.commands import keys

    monkeypatch.setattr(keys, "TAP_S", 0.0)
    lines.top.stage_chosen.emit(STAGES["ink"])
    assert not lines.tool_list.isVisible() and lines.pen_settings.isVisible()
    QTest.keyPress(lines.board, Qt.Key.Key_J)
    assert lines.mending.isVisible() and lines.doing.text == "Snip"
    swipe(lines, pen, (700, 1400), (700, 1600))
    QTest.keyRelease(lines.board, Qt.Key.Key_J)
    settle(lines)
    assert lines.document.undo_label == "Snip" and lines.pen_settings.isVisible()


def test_the_left_place_lists_the_tools_as_what_they_do(lines):
    assert [row.entry_id for row in lines.tool_list.rows] == [name for name in SAMPLE_OF if name.startswith("mend.")]
    QTest.mouseClick(lines.tool_list.rows[5], Qt.MouseButton.LeftButton)
    assert lines.board.tool.id == "weigh" and [row.is_chosen for row in lines.tool_list.rows].index(True) == 5
    for name in SAMPLES:
        before, after = sample(name)
        assert (before != after).any() and before.max() == after.max() == 255
    lines.mending.against.setCurrentIndex(2)
    lines.mending.against.activated.emit(2)
    assert lines.hand.mending.against == "self"
    lines.mending.amount.changed.emit(70, True)
    assert lines.hand.mending.amount == 0.7 and lines.mending.amount.remark.text() == "thinner"


def test_swipes_as_quick_as_a_hand_makes_them_are_all_done(lines, pen, settle):
    """No event is seen to between them, so none of them is done when the next one comes."""
    before = lines.document.page_when_dry()
    lines.actions_by_id["mend.snip"].trigger()
    snip = lines.board.tool
    for x in (700, 1250, 1560):
        places = [QPointF(*lines.board.view.to_screen(x, y)) / lines.board.devicePixelRatioF() for y in (1400, 1600)]
        snip.press(places[0], 0.0, 1.0, True)
        snip.move(places[1], 8.0, 1.0, 0.0, 0.0)
        snip.release(places[1], 16.0)
    settle(lines)
    after = lines.document.page_when_dry()
    assert [lines.document.steps.label(k) for k in (5, 6, 7)] == 3 * ["Snip"] and "try again" not in lines.status.text
    gone = flattened(before) != flattened(after)
    assert all(gone[1490:1510, x - 20 : x + 20].any() for x in (700, 1250, 1560)) and not gone[:1400].any()


def test_a_swipe_is_done_as_it_was_when_the_pen_lifted(lines, monkeypatch):
    """A job may do it while the next swipe is made, with another strength and more places."""
    asked = []
    monkeypatch.setattr(lines.document, "mend", lambda label, change, nothing: asked.append(change))
    lines.actions_by_id["mend.weight"].trigger()
    weigh, board = lines.board.tool, lines.board
    on_board = [QPointF(*(v / board.devicePixelRatioF() for v in board.view.to_screen(1100, y))) for y in (1450, 1550)]
    page = lines.document.page_when_dry()

    def swipe_of(pressure: float, moves: int) -> None:
        weigh.press(on_board[0], 0.0, pressure, True)
        for k in range(moves):
            weigh.move(on_board[1], 8.0 * k, pressure, 0.0, 0.0)

    swipe_of(1.0, 3)
    weigh.release(on_board[1], 40.0)
    heavy, count = asked[0](page)
    swipe_of(0.1, 1)
    lines.hand.set_mending(amount=0.5)
    again, also = asked[0](page)
    weigh.cancel()
    assert count == also == 1
    widths = [max(m.ribbon.points[:, 2].max() for m in each.active.marks) for each in (heavy, again)]
    assert widths[0] == pytest.approx(widths[1])


@pytest.mark.parametrize("entry", MENDS)
def test_what_a_tool_is_set_to_at_the_lift_is_what_it_does_whenever_that_is_done(lines, pen, monkeypatch, entry):
    asked = []
    monkeypatch.setattr(lines.document, "mend", lambda label, change, nothing: asked.append(change))
    lines.actions_by_id[entry].trigger()
    swipe(lines, pen, *MENDS[entry])
    page = lines.document.page_when_dry()
    at_once, count = asked[0](page)
    lines.hand.set_mending(reach_px=5.0, softness=0.0, against="self", push_way="smooth", keep_px=60.0)
    lines.board.zoom_to(8.0)
    monkeypatch.setattr("jotsk.desk.tools.mending.snip.is_shift_down", lambda: True)
    later, also = asked[0](page)
    assert count == also > 0 and np.array_equal(flattened(at_once), flattened(later))


def test_escape_while_the_pen_is_down_changes_nothing(lines, pen, qtbot):
    before = lines.document.page_when_dry()
    lines.actions_by_id["mend.push"].trigger()
    ratio = lines.board.devicePixelRatioF()
    x, y = (v / ratio for v in lines.board.view.to_screen(1100, 1500))
    qtbot.mousePress(lines.board, Qt.MouseButton.LeftButton, pos=QPoint(round(x), round(y)))
    qtbot.mouseMove(lines.board, QPoint(round(x), round(y) + 30))
    QTest.keyClick(lines.board, Qt.Key.Key_Escape)
    qtbot.mouseRelease(lines.board, Qt.MouseButton.LeftButton, pos=QPoint(round(x), round(y) + 30))
    assert lines.document.page_when_dry() is before


# -- moving --------------------------------------------------------------------------------------


def frame_on_board(window):
    area = window.board.tools["move_lines"].frame
    ratio = window.board.devicePixelRatioF()
    low, high = (window.board.view.to_screen(*at) for at in ((area.x0, area.y0), (area.x1, area.y1)))
    return np.array(low) / ratio, np.array(high) / ratio


def drag(board, start, end, modifier=Qt.KeyboardModifier.NoModifier):
    QTest.mousePress(board, Qt.MouseButton.LeftButton, modifier, QPoint(*map(round, start)))
    QTest.mouseMove(board, QPoint(*map(round, (np.array(start) + end) / 2)))
    QTest.mouseMove(board, QPoint(*map(round, end)))
    QTest.mouseRelease(board, Qt.MouseButton.LeftButton, modifier, QPoint(*map(round, end)))


def test_chosen_lines_are_moved_scaled_turned_and_nudged(lines, settle):
    document, board = lines.document, lines.board
    two = list(document.page_when_dry().active.marks)[2:]
    document.selection.choose(two)
    lines.actions_by_id["mend.move"].trigger()
    first = document.page_when_dry()
    low, high = frame_on_board(lines)
    drag(board, (low + high) / 2, (low + high) / 2 + (30, 40))
    settle(lines)
    moved = list(document.selection.lines)
    by = moved[0].own_ribbon.points[:, :2] - two[0].own_ribbon.points[:, :2]
    assert by == pytest.approx(np.array([30, 40]) / board.view.zoom * np.ones_like(by), abs=1.5 / board.view.zoom)
    assert np.ptp(by, axis=0).max() < 0.01 and [s.uid for s in moved] == [s.uid for s in two], "still chosen"
    low, high = frame_on_board(lines)
    drag(board, high, high + (high - low) / 2)
    settle(lines)
    large = document.selection.lines[0].own_ribbon
    assert large.length_px == pytest.approx(2 * two[0].own_ribbon.length_px, rel=0.05)
    assert large.points[:, 2].max() == pytest.approx(2 * two[0].own_ribbon.points[:, 2].max(), rel=0.05)
    before = document.selection.lines[0].own_ribbon.points[0]
    for _ in range(4):  # as quickly as the key repeats
        lines.board.tool.key(Qt.Key.Key_Right)
    settle(lines)
    assert document.selection.lines[0].own_ribbon.points[0, 0] == pytest.approx(before[0] + 4, abs=0.01)
    page = document.page_when_dry()
    assert render(page.active.marks, page.bounds) == page.active.tiles
    for _ in range(6):
        document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), flattened(first))


def test_the_ring_turns_and_nothing_to_move_is_said(lines, settle, make_window):
    board, document = lines.board, lines.document
    document.selection.choose([list(document.page_when_dry().active.marks)[2]])
    lines.actions_by_id["mend.move"].trigger()
    low, high = frame_on_board(lines)
    middle = (low + high) / 2
    ring = (middle[0], low[1] - 30)
    drag(board, ring, (middle[0] + (middle[1] - ring[1]), middle[1]))
    settle(lines)
    points = document.selection.lines[0].own_ribbon.points
    assert np.ptp(points[:, 0]) < 1 and np.ptp(points[:, 1]) == pytest.approx(800, rel=0.02), "a quarter turn"
    empty = make_window()
    empty.actions_by_id["mend.move"].trigger()
    assert "no line to move" in empty.board.notice


def test_a_hand_over_many_lines_shows_what_a_frame_has_time_for():
    from jotsk.desk.tools.mending import swipe

    def of_points(count: int) -> SimpleNamespace:
        return SimpleNamespace(own_ribbon=SimpleNamespace(points=range(count)))

    taken, short, endless = [], of_points(9), of_points(swipe.MOST_POINTS + 1)
    for each in swipe.in_a_frame([short] * 1000):
        taken.append(each)
        time.sleep(swipe.SHOWN_S / 5)
    assert 1 <= len(taken) <= 6
    assert list(swipe.in_a_frame([short, endless, short])) == [short, short]
