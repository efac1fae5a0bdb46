"""Keys that are held, tapped and changed; the focus; what the hand does, and where that is seen."""

from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox

from jotsk.core.errors import Refused
from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.marks import AreaCut
from jotsk.core.page import flattened
from jotsk.desk.actions import BY_ID
from jotsk.desk.commands import keys
from jotsk.desk.dialogs import KeySheet
from jotsk.desk.dialogs.key_sheet import NOTHING
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.trays.on_screen import OnScreenButtons
from tests.conftest import stroke_along
from tests.desk.conftest import across

NONE, CTRL, SHIFT = (getattr(Qt.KeyboardModifier, f"{n}Modifier") for n in ("No", "Control", "Shift"))


def down(window, key: Qt.Key, modifier=NONE) -> None:
    QTest.keyPress(window.board, key, modifier)


def up(window, key: Qt.Key, modifier=NONE) -> None:
    QTest.keyRelease(window.board, key, modifier)


@pytest.fixture
def no_taps(monkeypatch):
    """However short, keys are held."""
    monkeypatch.setattr(keys, "TAP_S", 0.0)


def strokes(window) -> list:
    return list(window.document.page_when_dry().active.marks)


def loop(window, *places: tuple[float, float]) -> Trace:
    """A drag through places in shares of the page."""
    page, view = window.document.page_when_dry(), window.board.view
    ends = [view.to_screen(page.width * x, page.height * y) for x, y in places]
    return drawn(np.array(ends), 0.4, pressure=[0.5, 0.5], device=DEVICES["display"], seed=1)


# -- who has the keys ----------------------------------------------------------------------------


def test_after_a_number_field_the_keys_are_the_pens_again(window, pen, qtbot):
    size, field = window.hand.settings.size_px, window.top.zoom
    for ended_by in (Qt.Key.Key_Return, Qt.Key.Key_Escape):
        field.setFocus()
        QTest.keyClicks(field, "250")
        QTest.keyClick(field, ended_by)
        qtbot.waitUntil(window.board.hasFocus)
    QTest.keyClick(window.focusWidget(), Qt.Key.Key_W)
    assert window.hand.settings.size_px > size and "w" not in field.text()
    field.setFocus()
    pen.draw(across(window))
    assert window.board.hasFocus() and len(strokes(window)) == 1


def test_after_a_choice_in_a_list_or_a_press_on_a_button_too(window, qtbot):
    box = window.layers.findChild(QComboBox)
    box.setFocus()
    box.activated.emit(1)
    assert window.board.hasFocus()
    button = window.top.zoom_in
    QTest.mouseClick(button, Qt.MouseButton.LeftButton)
    qtbot.waitUntil(window.board.hasFocus)


# -- held together -------------------------------------------------------------------------------


def test_rubbing_and_straight_are_held_together(window, pen, no_taps):
    pen.draw(across(window))
    down(window, Qt.Key.Key_D)
    down(window, Qt.Key.Key_H)
    assert window.hand.pen.rubs and window.hold_keys.on == ["hand.rub", "hand.straight"]
    assert window.doing.text == "Rub out, Straight line" and window.board.signs == ("eraser", "slash")
    pen.draw(loop(window, (0.5, 0.4), (0.53, 0.52), (0.5, 0.6)))
    up(window, Qt.Key.Key_D)
    assert not window.hand.pen.rubs and window.hold_keys.on == ["hand.straight"]
    up(window, Qt.Key.Key_H)
    (stroke,) = strokes(window)
    line = stroke.cuts[0].ribbon.points[:, :2]
    away = line - line[0]
    along = away[-1] / np.hypot(*away[-1])
    assert np.abs(away @ (-along[1], along[0])).max() < 0.5, "rubbed out straight"
    assert window.doing.text == "Drawing" and window.board.signs == ()


@pytest.mark.parametrize("first", [Qt.Key.Key_F, Qt.Key.Key_2])
def test_the_page_is_moved_while_another_key_is_down(window, pen, first, no_taps):
    before = window.board.view
    down(window, first)
    down(window, Qt.Key.Key_Space)
    pen.draw(across(window))
    assert not strokes(window) and window.board.view != before
    up(window, first)
    up(window, Qt.Key.Key_Space)
    assert window.board.tool.id == "draw" and window.hold_keys.on == []


def test_a_release_counts_whatever_modifier_came_meanwhile(window, no_taps):
    down(window, Qt.Key.Key_D)
    up(window, Qt.Key.Key_D, CTRL)
    assert window.hold_keys.on == []


def test_ctrl_and_space_never_ink(window, pen, no_taps):
    down(window, Qt.Key.Key_Space, CTRL)
    pen.draw(across(window))
    up(window, Qt.Key.Key_Space, CTRL)
    assert not strokes(window)


def test_a_tap_switches_only_if_nothing_was_done_meanwhile(window, pen, monkeypatch):
    monkeypatch.setattr(keys, "TAP_S", 60.0)
    down(window, Qt.Key.Key_D)
    pen.draw(across(window))
    up(window, Qt.Key.Key_D)
    assert not window.hand.pen.rubs, "it rubbed out: that was a hold"
    down(window, Qt.Key.Key_D)
    QTest.keyClick(window.board, Qt.Key.Key_W)
    up(window, Qt.Key.Key_D)
    assert not window.hand.pen.rubs
    QTest.keyClick(window.board, Qt.Key.Key_D)
    assert window.hand.pen.rubs, "a tap switches"
    QTest.keyClick(window.board, Qt.Key.Key_Escape)
    assert not window.hand.pen.rubs, "Esc leads back to drawing"


@pytest.mark.parametrize("entry", ["hand.choose", "hand.move", "layer.shift", "guide.off", "hand.stepped", "page.crop"])
def test_escape_and_a_press_in_the_left_place_lead_back_to_drawing(window, entry):
    for back in (
        lambda: QTest.keyClick(window.board, Qt.Key.Key_Escape),
        lambda: QTest.mouseClick(window.doing, Qt.MouseButton.LeftButton, pos=QPoint(20, 15)),
    ):
        window.actions_by_id[entry].trigger()
        assert window.doing.text == BY_ID[entry].name and window.board.signs == (BY_ID[entry].icon,)
        back()
        assert window.doing.text == "Drawing" and window.board.tool.id == "draw" and window.board.signs == ()


# -- the view ------------------------------------------------------------------------------------


def test_the_page_is_zoomed_by_a_drag_about_where_the_pen_came_down(window, pen, no_taps):
    board = window.board
    at = QPointF(300, 260)
    board.point_at(at)
    place, zoom = board.to_page(at), board.view.zoom
    down(window, Qt.Key.Key_T)
    assert window.doing.text == "Zoom"
    places = np.array([(300, 260), (390, 260)], float)
    pen.draw(drawn(places, 0.3, pressure=[0.5, 0.5], device=DEVICES["display"], seed=2))
    up(window, Qt.Key.Key_T)
    assert board.view.zoom == pytest.approx(2 * zoom, rel=0.1) and not strokes(window)
    assert board.to_page(at) == pytest.approx(place, abs=3 / zoom)


def test_keys_zoom_and_turn_about_the_pen(window):
    board, at = window.board, QPointF(200, 150)
    board.point_at(at)
    place = board.to_page(at)
    for key, modifier in (
        (Qt.Key.Key_Plus, CTRL), (Qt.Key.Key_Equal, CTRL), (Qt.Key.Key_X, NONE), (Qt.Key.Key_Minus, CTRL),
        (Qt.Key.Key_Z, NONE), (Qt.Key.Key_1, CTRL),
    ):  # fmt: skip
        before = board.view
        QTest.keyClick(board, key, modifier)
        assert board.view != before and board.to_page(at) == pytest.approx(
            place, abs=1 / min(before.zoom, board.view.zoom)
        )


def test_ctrl_y_does_again(window, pen):
    pen.draw(across(window))
    QTest.keyClick(window.board, Qt.Key.Key_Z, CTRL)
    QTest.keyClick(window.board, Qt.Key.Key_Y, CTRL)
    assert len(strokes(window)) == 1


# -- the eraser ----------------------------------------------------------------------------------


def test_rubbing_brings_the_eraser_used_last_and_its_size_has_keys(window, pen, no_taps):
    window.show_stage(STAGES["ink"])
    erasers = [p for p in window.hand.library.pens if p.rubs]
    inking, soft = window.hand.pen, erasers[-1]
    window.hand.take(soft)
    window.hand.take(inking)
    at = window.pens.scroll_position
    down(window, Qt.Key.Key_D)
    assert window.hand.pen.id == soft.id and window.pens.scroll_position == at, "and the list stays where it is"
    size, inking_size = window.hand.settings.size_px, window.hand.settings_of(inking).size_px
    QTest.keyClick(window.board, Qt.Key.Key_W)
    larger = window.hand.settings_of(soft).size_px
    assert larger > size and window.hand.settings_of(inking).size_px == inking_size
    down(window, Qt.Key.Key_S)
    pen.draw(across(window))
    up(window, Qt.Key.Key_S)
    assert window.hand.settings_of(soft).size_px > larger
    up(window, Qt.Key.Key_D)
    assert window.hand.pen.id == inking.id


def test_what_is_inside_a_loop_goes_and_strokes_are_cut_there(window, pen, qtbot, no_taps):
    pen.draw(across(window))
    before = window.document.page_when_dry()
    down(window, Qt.Key.Key_D, SHIFT)
    pen.draw(loop(window, (0.45, 0.45), (0.55, 0.45), (0.55, 0.55), (0.45, 0.55), (0.45, 0.45)))
    up(window, Qt.Key.Key_D, SHIFT)
    (stroke,) = strokes(window)
    assert isinstance(stroke.cuts[0], AreaCut)
    page = window.document.page_when_dry()
    dark = flattened(page) != 0xFFFFFFFF
    columns = np.flatnonzero(dark.any(axis=0)) / page.width
    assert not ((columns > 0.47) & (columns < 0.53)).any() and (columns < 0.43).any() and (columns > 0.57).any()
    window.document.undo()
    assert np.array_equal(flattened(window.document.page_when_dry()), flattened(before))


# -- keys of one's own ---------------------------------------------------------------------------


def test_a_key_is_changed_kept_and_set_back(make_window, qtbot):
    window = make_window()
    sheet = KeySheet(window.key_map, window)
    qtbot.addWidget(sheet)
    sheet.begin("hand.rub")
    QTest.keyClick(sheet.list, Qt.Key.Key_F6)
    assert sheet.key_shown("hand.rub") == "F6, tap or hold"
    down(window, Qt.Key.Key_F6)
    assert window.hand.pen.rubs
    up(window, Qt.Key.Key_F6)
    sheet.begin("edit.redo")
    QTest.keyClick(sheet.list, Qt.Key.Key_W)
    assert "“Larger pen”" in sheet.told.text() and "Ctrl+Shift+Z" in sheet.key_shown("edit.redo")
    sheet.begin("hand.smaller")
    QTest.keyClick(sheet.list, Qt.Key.Key_Escape)
    assert sheet.key_shown("hand.smaller") == "Q"
    again = make_window()
    assert again.key_map.key(BY_ID["hand.rub"]) == "F6"
    again.actions_by_id["view.left_handed"].trigger()
    left = again.key_map
    assert left.key(BY_ID["hand.rub"]) == "F6" and left.key(BY_ID["hand.smaller"]) == "P"
    assert left.shipped(BY_ID["hand.move"]) == "Space" and left.key(BY_ID["hand.steadiest"]) == "9"
    assert left.shipped(BY_ID["view.line_only"]) == "H" and left.key(BY_ID["view.line_only"]) == "H"
    again.actions_by_id["view.left_handed"].trigger()
    left.choose("view.bare", "0")  # no steadiness has it as shipped to the left-handed
    again.actions_by_id["view.left_handed"].trigger()
    assert left.key(BY_ID["view.bare"]) == "0"
    assert left.key(BY_ID["hand.unsteadied"]) == "", "a key of one's own goes before one as shipped"
    left.restore_all()
    assert left.key(BY_ID["hand.rub"]) == "J"


def test_a_key_that_was_given_away_cannot_be_set_back_unasked(window):
    key_map = window.key_map
    key_map.choose("hand.rub", "F6")
    key_map.choose("view.bare", "D")
    with pytest.raises(Refused, match="Bare board"):
        key_map.restore("hand.rub")
    key_map.choose("view.bare", "")
    key_map.restore("hand.rub")
    assert key_map.key(BY_ID["hand.rub"]) == "D" and window.actions_by_id["view.bare"].shortcut().isEmpty()


def test_keys_are_found_by_name_and_key(window, qtbot):
    sheet = KeySheet(window.key_map, window)
    qtbot.addWidget(sheet)
    sheet.search.setText("rub out")
    assert not sheet.is_hidden("hand.rub") and sheet.is_hidden("edit.undo")
    sheet.search.setText("ctrl+y")
    assert not sheet.is_hidden("edit.redo") and sheet.is_hidden("edit.undo")
    sheet.search.setText("feather")
    assert sheet.told.text() == NOTHING


# -- the edge of the page ------------------------------------------------------------------------


def test_a_stroke_off_the_page_adds_nothing(window, pen):
    board = window.board
    assert board.to_page(QPointF(4, 4))[0] < -30
    pen.draw(drawn(np.array([(4.0, 20.0), (4.0, 300.0)]), 0.3, pressure=[0.5, 0.5], device=DEVICES["display"], seed=3))
    assert window.document.undo_label is None and window.document.last_line.when_dry() is None


def test_a_flipped_view_shows_in_the_top_bar(window):
    QTest.keyClick(window.board, Qt.Key.Key_V)
    assert window.top.flip.text() == "flipped"
    QTest.keyClick(window.board, Qt.Key.Key_V)
    assert window.top.flip.text() == ""


def test_placing_guides_where_there_are_none_says_so(window):
    QTest.keyClick(window.board, Qt.Key.Key_5)
    assert "no guides to place" in window.board.notice


def test_buttons_on_the_board_do_what_keys_do_and_are_moved(make_window, qtbot):
    window = make_window()
    buttons = window.board.findChild(OnScreenButtons)
    assert not buttons.isVisible()
    window.actions_by_id["view.buttons"].trigger()
    assert buttons.isVisible() and all(b.width() >= 32 <= b.height() for b in buttons.buttons.values())
    window.document.ink.add_stroke(stroke_along([(300, 300), (900, 900)]))
    QTest.mouseClick(buttons.buttons["edit.undo"], Qt.MouseButton.LeftButton)
    assert not len(window.document.page_when_dry().active.marks) and not buttons.buttons["edit.undo"].isEnabled()
    QTest.mouseClick(buttons.buttons["edit.redo"], Qt.MouseButton.LeftButton)
    assert len(window.document.page_when_dry().active.marks) == 1
    rub, zoom = buttons.buttons["hand.rub"], window.board.view.zoom
    QTest.mouseClick(rub, Qt.MouseButton.LeftButton)
    assert window.board.pen_in_use.rubs and rub.isChecked(), "tapped, it stays on"
    QTest.mouseClick(rub, Qt.MouseButton.LeftButton)
    assert not window.board.pen_in_use.rubs and not rub.isChecked()
    QTest.mousePress(rub, Qt.MouseButton.LeftButton)
    window.hold_keys.use()
    assert window.board.pen_in_use.rubs
    QTest.mouseRelease(rub, Qt.MouseButton.LeftButton)
    assert not window.board.pen_in_use.rubs, "held, it is borrowed"
    QTest.mouseClick(buttons.buttons["view.zoom_in"], Qt.MouseButton.LeftButton)
    assert window.board.view.zoom > zoom
    grip = buttons.layout().itemAt(0).widget()
    QTest.mousePress(grip, Qt.MouseButton.LeftButton, pos=QPoint(10, 8))
    QTest.mouseMove(grip, QPoint(210, -92))
    QTest.mouseRelease(grip, Qt.MouseButton.LeftButton, pos=QPoint(10, 8))
    at, size = buttons.pos(), window.size()
    assert at.x() > 150 and window.board.rect().contains(buttons.geometry())
    window.actions_by_id["view.lamp"].trigger()
    window.close()
    again = make_window()
    again.resize(size)
    other = again.board.findChild(OnScreenButtons)
    assert other.isVisible()
    qtbot.waitUntil(lambda: (other.pos() - at).manhattanLength() < 6)  # where they were left
