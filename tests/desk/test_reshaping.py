"""Points, meshes, copies, parts, recast and cords with the real window."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QInputDialog

from jotsk.core.mend.connected import connected
from jotsk.core.page import flattened, render
from jotsk.desk.dialogs.recast_sheet import RecastSheet
from jotsk.desk.stages import BY_ID as STAGES
from tests.conftest import stroke_along

NONE, SHIFT, CONTROL, ALT = (
    Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier,
    Qt.KeyboardModifier.AltModifier,
)  # fmt: skip
WAVE = [(600 + 12 * k, 1500 + 200 * float(np.sin(k / 14))) for k in range(100)]


@pytest.fixture
def wave(window):
    """One bent line and an upright one, in the Mend stage."""
    window.document.ink.add_stroke(stroke_along([(900, 2200), (900, 2900)], size=30))
    window.document.ink.add_stroke(stroke_along(WAVE, size=20))
    window.top.stage_chosen.emit(STAGES["mend"])
    return window


def on_board(window, x, y):
    ratio = window.board.devicePixelRatioF()
    return QPoint(*(round(v / ratio) for v in window.board.view.to_screen(x, y)))


def drag(window, *places, modifier=NONE):
    at = [on_board(window, *place) for place in places]
    QTest.mousePress(window.board, Qt.MouseButton.LeftButton, modifier, at[0])
    for place in at[1:]:
        QTest.mouseMove(window.board, place)
    QTest.mouseRelease(window.board, Qt.MouseButton.LeftButton, modifier, at[-1])


def own(window):
    page = window.document.page_when_dry()
    assert render(page.active.marks, page.bounds) == page.active.tiles
    return list(page.active.marks)


def test_points_are_moved_added_weighed_and_taken_away(wave, settle):
    tool, document = wave.board.tools["points"], wave.document
    wave.actions_by_id["mend.points"].trigger()
    first = flattened(document.page_when_dry())
    assert wave.mending.isVisible() and wave.mending.tolerance.isVisible() and not wave.mending.reach.isVisible()
    before = tool.points
    k = len(before) // 2
    drag(wave, before[k][1:3], (before[k].x + 40, before[k].y + 80), (before[k].x + 60, before[k].y + 160))
    settle(wave)
    assert document.undo_label == "Move the point" and tool.at == k
    assert tool.points[k].y == pytest.approx(before[k].y + 160, abs=12) and len(tool.points) == len(before)
    bar = tool._bars(tool.points)[0]
    point = tool.points[k]
    out = (bar[0] - point.x, bar[1] - point.y)
    drag(wave, bar, (bar[0] + out[0] / 2, bar[1] + out[1] / 2), (bar[0] + out[0], bar[1] + out[1]))
    settle(wave)
    assert document.undo_label == "Weight of the point" and tool.points[k].radius > 1.5 * point.radius
    between = tool.points[k].t + (tool.points[k + 1].t - tool.points[k].t) / 2
    spot = np.array([np.interp(between, tool.line.own_ribbon.times, tool.line.own_ribbon.points[:, c]) for c in (0, 1)])
    QTest.mouseClick(wave.board, Qt.MouseButton.LeftButton, NONE, on_board(wave, *spot))
    assert len(tool.points) == len(before) + 1 and tool.at == k + 1
    count = len(tool.points)
    QTest.mouseClick(wave.board, Qt.MouseButton.LeftButton, ALT, on_board(wave, *tool.points[k][1:3]))
    settle(wave)
    assert len(tool.points) == count - 1 and document.undo_label == "Take a point away"
    QTest.mouseClick(wave.board, Qt.MouseButton.LeftButton, SHIFT, on_board(wave, *tool.points[2][1:3]))
    settle(wave)
    assert document.undo_label == "Corner at the point" and 2 in tool._sharp
    QTest.mouseClick(wave.board, Qt.MouseButton.LeftButton, ALT, on_board(wave, *tool.points[0][1:3]))
    assert "ends of a line stay" in wave.board.notice
    assert "points, moves" in tool.figures
    wave.mending.simplify.click()
    settle(wave)
    assert document.undo_label == "Simplify the line"
    own(wave)
    for _ in range(5):
        document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), first)


def test_a_mesh_is_dragged_taken_back_put_down_and_folded_corners_are_refused(wave, settle):
    tool, document = wave.board.tools["move_lines"], wave.document
    document.selection.choose([own(wave)[1]])
    wave.hand.set_mending(frame="mesh", rows=2, columns=2)
    wave.actions_by_id["mend.move"].trigger()
    node = tool._grid_of(tool.frame)[1, 1]
    drag(wave, node, node + (30, 100), node + (60, 200))
    assert tool.is_under_way and wave.strips["move_lines"].put_down.isEnabled()
    assert wave.actions_by_id["edit.undo"].isEnabled()
    wave.undo()
    assert not tool.is_under_way
    drag(wave, node, node + (30, 100), node + (60, 200))
    before = own(wave)[1]
    QTest.keyClick(wave.board, Qt.Key.Key_Return)
    settle(wave)
    assert not tool.is_under_way and document.undo_label == "Move the lines"
    assert own(wave)[1].own_ribbon.bounds != before.own_ribbon.bounds
    wave.hand.set_mending(frame="corners")
    corners = tool._grid_of(tool.frame)
    far = corners[1, 1] + (500, 500)
    drag(wave, corners[0, 0], far - (100, 100), far)
    assert "folded" in wave.board.notice
    QTest.keyClick(wave.board, Qt.Key.Key_Escape)
    assert not tool.is_under_way
    drag(wave, corners[0, 0], corners[0, 0] - (50, 50), corners[0, 0] - (100, 100))
    wave.actions_by_id["mend.snip"].trigger()
    settle(wave)
    assert document.undo_label == "Move the lines", "laid down, it is put down"


def test_copies_are_left_by_control_by_numbers_and_once_more(wave, settle):
    document = wave.document
    document.selection.choose([own(wave)[0]])
    wave.actions_by_id["mend.move"].trigger()
    drag(wave, (900, 2550), (1000, 2550), (1100, 2550), modifier=CONTROL)
    settle(wave)
    assert document.undo_label == "Copy the lines" and len(own(wave)) == 3
    assert document.selection.lines[0].own_ribbon.points[0, 0] == pytest.approx(1100, abs=12)
    wave.actions_by_id["mend.again"].trigger()
    settle(wave)
    assert document.selection.lines[0].own_ribbon.points[0, 0] == pytest.approx(1300, abs=24) and len(own(wave)) == 4
    strip = wave.strips["move_lines"]
    strip.right.setValue(-200)
    strip.scale.setValue(50)
    strip.by_numbers.click()
    settle(wave)
    line = document.selection.lines[0].own_ribbon
    assert np.ptp(line.points[:, 1]) == pytest.approx(350, abs=4) and line.points[:, 2].max() == pytest.approx(
        7.5, abs=0.1
    )
    wave.mending.scales.click()
    strip.copy.click()
    settle(wave)
    assert len(own(wave)) == 5 and document.selection.lines[0].own_ribbon.points[:, 2].max() == pytest.approx(
        7.5, abs=0.1
    )


def test_lines_are_chosen_across_by_part_connected_and_on_all_layers(wave, settle):
    document, selection = wave.document, wave.document.selection
    wave.actions_by_id["hand.choose_across"].trigger()
    drag(wave, (800, 1400), (900, 2000), (890, 2600))
    assert len(selection.lines) == 2
    wave.actions_by_id["hand.choose_parts"].trigger()
    drag(wave, (800, 1200), (1100, 1200), (1100, 1900), (800, 1900))
    settle(wave)
    (part,) = selection.lines
    x = part.own_ribbon.points[:, 0]
    assert len(own(wave)) == 3 and x.min() > 780 and x.max() < 1120
    wave.actions_by_id["edit.connected"].trigger()
    assert len(selection.lines) == 3 - 1, "the parts touch each other; the upright line is apart"
    document.layers.add()
    document.ink.add_stroke(stroke_along([(600, 2500), (1400, 2500)], size=20))
    wave.actions_by_id["edit.all"].trigger()
    assert len(selection.lines) == 1
    wave.actions_by_id["edit.all_layers"].trigger()
    wave.actions_by_id["edit.all"].trigger()
    assert len(selection.lines) == 4 and len(selection.by_layer()) == 2
    before = flattened(document.page_when_dry())
    selection.recolor((200, 30, 30))
    settle(wave)
    assert all(line.color == (200, 30, 30) for line in selection.lines) and len(selection.lines) == 4
    document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), before), "of both layers in one step"


def test_lines_that_hang_together_are_found_beside_the_window_where_there_are_many(wave, settle, monkeypatch):
    monkeypatch.setattr("jotsk.desk.document.selection.MANY_SAMPLES", 0)
    document = wave.document
    first, expected = own(wave)[0], connected(document.page.active, own(wave)[:1], wave.hand.mending.connect_px)
    document.selection.choose([first])
    wave.actions_by_id["edit.connected"].trigger()
    assert document.selection.lines == (first,), "it was not waited for"
    settle(wave)
    assert list(document.selection.lines) == expected


def test_lines_are_recast_with_a_live_picture_and_all_weights_scaled(wave, settle, monkeypatch, qtbot):
    document = wave.document
    document.selection.choose(own(wave))
    seen = []

    def accept(sheet):
        assert sheet.picture.pixmap().isNull(), "many lines are drawn beside the window"
        qtbot.waitUntil(lambda: not sheet.picture.pixmap().isNull())
        first = sheet.picture.pixmap().toImage()
        sheet.pen.setCurrentIndex(sheet.pen.findText("Brush pen"))
        sheet.size_field.setValue(200)
        sheet.color.setCurrentIndex(1)
        sheet.steadiness.setValue(30)
        qtbot.waitUntil(lambda: sheet.picture.pixmap().toImage() != first)
        seen.append(sheet.pen.currentText())
        return 1

    monkeypatch.setattr(RecastSheet, "exec", accept)
    wave.hand.set_color((10, 90, 160))
    wave.actions_by_id["mend.recast"].trigger()
    settle(wave)
    assert seen == ["Brush pen"]
    for line, size in zip(own(wave), (60, 40), strict=True):
        assert (line.pen.id, line.size_px, line.color, line.steady_after) == ("brush-pen", size, (10, 90, 160), 30)
    monkeypatch.setattr(QInputDialog, "getDouble", lambda *_: (50.0, True))
    wave.actions_by_id["mend.weights"].trigger()
    settle(wave)
    assert [line.size_px for line in own(wave)] == [30, 20] and document.undo_label == "Line weights of the page"


def test_a_pen_closes_its_strokes_and_alt_keeps_a_mouth_open(window, settle):
    window.hand.library.put(
        window.hand.pen.__class__(**{**vars(window.hand.library.pen("plain-round")), "closes_px": 150.0})
    )
    window.hand.take(window.hand.library.pen("plain-round"))
    window.hand.set_steady_now(0)
    angle = np.radians(np.linspace(0, 345, 40))
    ring = [(1200 + 400 * np.cos(a), 1700 + 400 * np.sin(a)) for a in angle]
    drag(window, *ring)
    settle(window)
    assert len(own(window)) == 2 and window.document.undo_label == "Stroke"
    window.document.undo()
    assert not own(window), "one step with the stroke"
    drag(window, *ring, modifier=ALT)
    settle(window)
    assert len(own(window)) == 1
    window.document.undo()
    drag(window, *ring[:30], modifier=SHIFT)
    settle(window)
    assert len(own(window)) == 2, "Shift at the lift leads it to its start"


def test_a_line_so_long_that_it_dries_beside_the_hand_is_closed_and_spliced_too(window, settle, monkeypatch):
    monkeypatch.setattr("jotsk.desk.document.background_step.MANY_CELLS", 0)
    library = window.hand.library
    library.put(replace(library.pen("plain-round"), closes_px=150.0))
    window.hand.take(library.pen("plain-round"))
    window.hand.set_steady_now(0)
    drag(window, *((1200 + 400 * np.cos(a), 1700 + 400 * np.sin(a)) for a in np.radians(np.linspace(0, 345, 40))))
    assert window.document.is_drying
    settle(window)
    assert len(own(window)) == 2 and window.document.undo_label == "Stroke"
    window.document.undo()
    library.put(replace(library.pen("plain-round"), closes_px=0.0, splices=True))
    window.hand.take(library.pen("plain-round"))
    for first in (700, 900):
        drag(window, *((first + 15 * k, 1700) for k in range(40)))
        settle(window)
    line = own(window)[-1]
    assert len(own(window)) == 1 and len(line.parents) == 2
    assert window.document.last_line.stroke is line, "the last line is what became of it"


@pytest.mark.parametrize("zoom", [1.0, 0.2])
def test_a_cord_hides_while_it_is_wet_what_it_hides_when_dry(window, settle, zoom):
    for x in (1000, 1200):
        window.document.ink.add_stroke(stroke_along([(x, 1200), (x, 2200)], size=30))
    window.hand.take(window.hand.library.pen("cord"))
    window.hand.set_size(120)
    window.hand.set_steady_now(0)
    window.hand.set_steady_after(0)
    window.board.set_view(
        window.board.view.zoomed(zoom / window.board.view.zoom, *window.board.view.to_screen(1200, 1700))
    )
    places = [on_board(window, 1100 + 5 * k, 1700 + 2 * (k % 2)) for k in range(60)]
    QTest.mousePress(window.board, Qt.MouseButton.LeftButton, NONE, places[0])
    for place in places[1:]:
        QTest.mouseMove(window.board, place)
    window.board.tools["draw"].paint()
    window.board.grab()
    wet = window.board.picture.frame.copy()
    QTest.mouseRelease(window.board, Qt.MouseButton.LeftButton, NONE, places[-1])
    settle(window)
    window.board.grab()
    dry = window.board.picture.frame
    x, y = places[len(places) // 2].toTuple()
    bar = on_board(window, 1200, 1700)
    assert wet[bar.y(), bar.x(), 0] > 200 and dry[bar.y(), bar.x(), 0] > 200, "the bar is hidden"
    around = (
        slice(y - round(40 * zoom), y + round(40 * zoom)),
        slice(bar.x() - round(20 * zoom), bar.x() + round(20 * zoom)),
    )
    assert np.abs(wet[around].astype(int) - dry[around]).mean() < 3


def test_a_cord_is_drawn_hides_and_is_turned_under_by_a_press(window, settle):
    window.document.ink.add_stroke(stroke_along([(1200, 1200), (1200, 2200)], size=30))
    window.hand.take(window.hand.library.pen("cord"))
    window.hand.set_size(120)
    drag(window, (800, 1700), (1000, 1702), (1300, 1699), (1600, 1700))
    settle(window)
    page = window.document.page_when_dry()
    assert (int(flattened(page)[1700, 1200]) & 0xFF) > 200, "the bar is hidden"
    assert own(window)[-1].pen.cord > 0
    window.actions_by_id["mend.over"].trigger()
    QTest.mouseClick(window.board, Qt.MouseButton.LeftButton, NONE, on_board(window, 1200, 1700))
    settle(window)
    assert (int(flattened(window.document.page_when_dry())[1700, 1200]) & 0xFF) < 60
    QTest.mouseClick(window.board, Qt.MouseButton.LeftButton, NONE, on_board(window, 1200, 1300))
    settle(window)
    assert "No cord" in window.status.text


def test_tries_that_were_spliced_are_given_back(window, settle):
    for dy in (0, 8):
        window.document.ink.add_stroke(stroke_along([(700, 1500 + dy), (1500, 1500 + dy)], size=12))
    first = flattened(window.document.page_when_dry())
    window.hand.set_mending(reach_px=60.0)
    window.actions_by_id["mend.splice"].trigger()
    drag(window, (750, 1504), (1100, 1504), (1400, 1504))
    settle(window)
    assert len(own(window)) == 1
    window.document.selection.choose(own(window))
    window.actions_by_id["mend.unsplice"].trigger()
    settle(window)
    assert len(own(window)) == 2 and np.array_equal(flattened(window.document.page_when_dry()), first)
    window.actions_by_id["mend.unsplice"].trigger()
    settle(window)
    assert "None of these lines was spliced" in window.status.text


def test_pixels_inside_a_lasso_are_moved_and_lie_over_what_was_there(window, settle):
    document = window.document
    window.actions_by_id["layer.lift"].trigger()
    drag(window, (600, 600), (1200, 600), (1200, 1200), (600, 1200))
    assert "holds lines" in window.board.notice
    document.layers.add_paint()
    document.ink.add_stroke(stroke_along([(700, 900), (1100, 900)], size=60))
    before = flattened(document.page_when_dry())
    window.actions_by_id["layer.lift"].trigger()
    drag(window, (600, 600), (900, 600), (900, 1200), (600, 1200))
    placing = window.board.pictures.placing
    assert placing is not None and placing.in_hand.scale == 1.0
    window.board.pictures.change(lambda placed: placed.moved(0, 600))
    window.board.pictures.put_down()
    settle(window)
    after = flattened(document.page_when_dry())
    half = before[840:960, 660:880]
    assert np.array_equal(after[1440:1560, 660:880], half), "px for px, from the original"
    assert (after[840:960, 660:880] == 0xFFFFFFFF).all() and np.array_equal(
        after[800:1000, 930:], before[800:1000, 930:]
    )
    assert document.undo_label == "Move what is inside"
    document.undo()
    assert np.array_equal(flattened(document.page_when_dry()), before)
    window.actions_by_id["layer.lift"].trigger()
    drag(window, (600, 2600), (900, 2600), (900, 2900), (600, 2900))
    assert "nothing of" in window.board.notice
