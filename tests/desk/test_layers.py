"""The layer stack, worked as its users do."""

from __future__ import annotations

import weakref

import numpy as np
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QPushButton

from jotsk.core.page import GroupLayer, History, InkLayer, flattened
from jotsk.core.page.layers.layer import NON_PHOTO_BLUE
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.trays.layer_row import ROW_PX, LayerRow, described
from tests.desk.conftest import across

CONTROL = Qt.KeyboardModifier.ControlModifier


def names(window) -> list[str]:
    return [row.layer.name for row in window.layers.rows]


def click(qtbot, window, row: int, modifier=Qt.KeyboardModifier.NoModifier) -> None:
    qtbot.mouseClick(window.layers.rows[row], Qt.MouseButton.LeftButton, modifier, QPoint(100, 20))


def drag(qtbot, window, row: int, to_y: float) -> None:
    """Drag a row until the pen is at `to_y` px of the list."""
    QApplication.processEvents()  # rows find their places
    widget = window.layers.rows[row]
    end = QPoint(100, round(to_y - widget.y()))
    qtbot.mousePress(widget, Qt.MouseButton.LeftButton, pos=QPoint(100, 20))
    qtbot.mouseMove(widget, end)
    qtbot.mouseRelease(widget, Qt.MouseButton.LeftButton, pos=end)


def three_layers(window) -> None:
    for _ in range(2):
        window.actions_by_id["layer.add"].trigger()


def test_several_layers_are_chosen_grouped_folded_and_ungrouped(window, qtbot):
    three_layers(window)
    assert names(window) == ["Ink 3", "Ink 2", "Ink"]
    click(qtbot, window, 1, CONTROL)
    assert [row.is_selected for row in window.layers.rows] == [True, True, False]
    window.actions_by_id["layer.group"].trigger()
    assert names(window) == ["Group", "Ink 3", "Ink 2", "Ink"]
    assert [row.level for row in window.layers.rows] == [0, 1, 1, 0]
    group = window.layers.rows[0].layer
    assert described(window.document.page_when_dry(), group) == "group of 2"
    qtbot.mouseClick(window.layers.rows[0], Qt.MouseButton.LeftButton, pos=QPoint(22, 24))
    assert names(window) == ["Group", "Ink"], "folded"
    qtbot.mouseClick(window.layers.rows[0], Qt.MouseButton.LeftButton, pos=QPoint(22, 24))
    window.document.layers.choose(group.uid)
    window.actions_by_id["layer.ungroup"].trigger()
    assert names(window) == ["Ink 3", "Ink 2", "Ink"]
    window.document.undo()
    assert names(window) == ["Group", "Ink 3", "Ink 2", "Ink"]


def test_a_layer_is_dragged_into_a_group_and_out(window, qtbot):
    three_layers(window)
    window.actions_by_id["layer.group"].trigger()  # of the topmost alone
    assert names(window) == ["Group", "Ink 3", "Ink 2", "Ink"]
    drag(qtbot, window, 3, 0.5 * ROW_PX)
    assert names(window) == ["Group", "Ink", "Ink 3", "Ink 2"]
    assert window.layers.rows[1].level == 1
    drag(qtbot, window, 1, 4 * ROW_PX)
    assert names(window) == ["Group", "Ink 3", "Ink 2", "Ink"]
    assert window.layers.rows[3].level == 0


def test_a_line_on_its_own_layer_goes_down_with_one_key(window, pen, qtbot):
    pen.draw(across(window))
    window.actions_by_id["layer.add"].trigger()
    pen.draw(across(window))
    before = flattened(window.document.page_when_dry())
    window.actions_by_id["layer.merge_down"].trigger()
    qtbot.waitUntil(lambda: not window.filing.jobs.is_busy)
    page = window.document.page_when_dry()
    assert len(page.layers) == 1 and isinstance(page.active, InkLayer) and len(page.active.marks) == 2
    assert np.abs(flattened(page).view(np.uint8).astype(int) - before.view(np.uint8)).max() <= 2, "but for rounding"
    window.document.undo()
    assert len(window.document.page_when_dry().layers) == 2


def test_blend_clip_locks_and_tint_are_set_and_undone(window, qtbot):
    three_layers(window)
    tray, document = window.layers, window.document
    tray.blend.setCurrentIndex(tray.blend.findData("multiply"))
    tray.blend.activated.emit(tray.blend.currentIndex())
    for what in ("clips", "locks_alpha", "locks_place", "tint"):
        qtbot.mouseClick(tray.switches[what], Qt.MouseButton.LeftButton)
    layer = document.page_when_dry().active
    assert (layer.blend, layer.clips, layer.locks_alpha, layer.locks_place) == ("multiply", True, True, True)
    assert layer.tint == NON_PHOTO_BLUE
    assert "multiply" in described(document.page_when_dry(), layer)
    for _ in range(5):
        document.undo()
    assert document.page_when_dry().active.is_plain and not document.page_when_dry().active.locks_alpha
    assert tray.blend.currentData() == "normal"


def test_one_layer_is_shown_alone_without_changing_the_page(window, pen):
    pen.draw(across(window))
    window.actions_by_id["layer.add"].trigger()
    page = window.document.page_when_dry()
    window.actions_by_id["layer.solo"].trigger()
    assert window.board.picture.only == {page.active_uid} and window.document.page_when_dry() is page
    window.actions_by_id["layer.solo"].trigger()
    assert window.board.picture.only is None


def test_a_group_says_why_it_takes_no_ink(window, pen):
    window.actions_by_id["layer.group"].trigger()
    group = next(x for x in window.document.page_when_dry().layers if isinstance(x, GroupLayer))
    window.document.layers.choose(group.uid)
    pen.draw(across(window))
    assert "is a group" in window.board.notice


def test_a_row_holds_nothing_of_a_layer_as_it_was(window, pen, settle, qtbot, monkeypatch):
    """Or all of a large one would be given back on the interface's thread, once its thumbnail is drawn anew."""
    pen.draw(across(window, y=0.4))
    settle(window)
    row = window.layers.rows[0]
    qtbot.waitUntil(lambda: row.layer is window.document.page_when_dry().layers[0])
    row.draw_thumbnail()
    before = weakref.ref(row._alone)
    monkeypatch.setattr(LayerRow, "draw_thumbnail", lambda _: None)
    pen.draw(across(window, y=0.6))
    qtbot.waitUntil(lambda: before() is None)


def test_changes_of_lines_wait_for_no_room_as_changes_of_layers_do(window, pen, settle, monkeypatch):
    waits: list[object] = []
    monkeypatch.setattr(History, "wait_for_room", lambda _, tell: waits.append(tell))
    pen.draw(across(window))
    settle(window)
    window.document.selection.choose_all()
    window.document.selection.delete()
    settle(window)
    assert window.document.undo_label == "Delete lines" and waits == []
    window.document.layers.add_flat_copy()
    settle(window)
    assert window.document.undo_label == "Flat copy" and len(waits) == 1


# -- where one draws -----------------------------------------------------------------------------


def test_a_new_layer_ends_the_choice_of_several(window):
    layers = window.document.layers
    layers.add()
    layers.add()
    layers.choose_several({1, 2})
    QTest.keyClick(window.board, Qt.Key.Key_N)
    assert layers.chosen == {window.document.page.active_uid}
    layers.delete()
    assert len(window.document.page.layers) == 3


def test_keys_go_to_the_layer_above_and_below(window):
    document = window.document
    document.layers.add()
    upper = document.page.active_uid
    for key, uid in ((Qt.Key.Key_PageDown, 1), (Qt.Key.Key_PageDown, 1), (Qt.Key.Key_PageUp, upper)):
        QTest.keyClick(window.board, key)
        assert document.page.active_uid == uid


def test_undo_does_not_change_which_layer_is_active_unless_it_must(window, pen):
    document = window.document
    pen.draw(across(window))
    document.layers.add()
    upper = document.page.active_uid
    pen.draw(across(window))
    document.layers.choose(1)
    document.undo()
    assert document.page.active_uid == 1, "the stroke was on another"
    document.layers.choose(upper)
    document.undo()
    assert document.page.active_uid == 1, "that layer is gone"
    document.redo()
    assert document.page.active_uid == upper, "it comes back with it"
    document.redo()
    assert document.page.active_uid == upper and len(document.page.active.marks) == 1


def test_the_sketch_stage_offers_a_layer_below_the_ink_and_tracing_goes_on_in_ink(window, pen):
    document, hand = window.document, window.hand
    ink = hand.library.pen("brush-pen")
    hand.take(ink)
    pen.draw(across(window))
    window.top.stage_chosen.emit(STAGES["sketch"])
    offers = {button.text(): button for button in window.pens.findChildren(QPushButton)}
    offers["Add sketch layer"].click()
    page = document.page
    assert page.active.is_sketch and page.index(page.active_uid) == 0 and STAGES["sketch"].is_for(hand.pen)
    pen.draw(across(window))
    QTest.keyClick(window.board, Qt.Key.Key_E)
    assert hand.pen is ink and window.stage.id == "ink"
    traced = document.page
    assert traced.layers[0].opacity < 0.5 and traced.active.name == "Ink 2"
    QTest.keyClick(window.board, Qt.Key.Key_E)
    assert document.page is traced, "an empty ink layer above its sketch is not dimmed"
