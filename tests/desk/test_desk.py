"""Keys, stages, themes, trays."""

from __future__ import annotations

import itertools
import math

import numpy as np
import pytest
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt, QTimer
from PySide6.QtGui import QKeyEvent, QMouseEvent, QWheelEvent
from PySide6.QtWidgets import QApplication, QDialog

from jotsk.core.page import flattened
from jotsk.desk.actions import BY_ID, TABLE, key_of
from jotsk.desk.commands import keys
from jotsk.desk.stages import STAGES
from jotsk.desk.theme import DAY, LAMP, contrast
from tests.desk.conftest import across


def clashes(entries=TABLE, *, left_handed=False):
    """Pairs of names that share a key."""
    seen = {}
    found = []
    for entry in entries:
        key = key_of(entry, left_handed=left_handed)
        if key and key in seen:
            found.append((seen[key], entry.name))
        seen.setdefault(key, entry.name)
    return found


def key(window, code: Qt.Key, kind: QEvent.Type) -> None:
    QApplication.sendEvent(window.board, QKeyEvent(kind, code, Qt.KeyboardModifier.NoModifier))


def drag(board, start: tuple[int, int], end: tuple[int, int]) -> None:
    left, none = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    for kind, at in (
        (QEvent.Type.MouseButtonPress, start), (QEvent.Type.MouseMove, end), (QEvent.Type.MouseButtonRelease, end),
    ):  # fmt: skip
        QApplication.sendEvent(board, QMouseEvent(kind, QPointF(*at), QPointF(*at), left, left, none))


def at_rest(qtbot, *windows) -> None:
    """Until all is dressed, and the board is exact."""
    for window in windows:
        window.board.setFocus()
        qtbot.waitUntil(lambda window=window: not window.dressing.is_at_work)
        qtbot.waitUntil(lambda window=window: not window.board._rest_timer.isActive())
    qtbot.wait(20)


@pytest.mark.parametrize("theme", [DAY, LAMP], ids=lambda t: t.name)
def test_text_and_marks_stand_out_as_wcag_asks(theme):
    # WCAG 2.2, 1.4.3: text 4.5 : 1; 1.4.11: marks 3 : 1, on what they stand on.
    for ground in (theme.chrome, theme.raised):
        for text in (theme.text, theme.quiet, theme.warning, theme.error):
            assert contrast(text, ground) >= 4.5
        for mark in (theme.accent, theme.guide):
            assert contrast(mark, ground) >= 3


def test_contrast_is_that_of_the_standard():
    # WCAG 2.2: black on white is 21 : 1; #767676 on white is the lightest grey that passes 4.5 (common practice).
    assert contrast("#000000", "#FFFFFF") == pytest.approx(21)
    assert contrast("#767676", "#FFFFFF") == pytest.approx(4.54, abs=0.01)


@pytest.mark.parametrize("left_handed", [False, True])
def test_no_two_actions_share_a_key(left_handed):
    assert clashes(left_handed=left_handed) == []


def test_a_shared_key_is_found_and_both_are_named():
    from dataclasses import replace

    table = (*TABLE, replace(BY_ID["hand.larger"], id="x", name="Other", keys="Q"))
    assert clashes(table) == [("Smaller pen", "Other")]


def test_every_action_has_a_name_and_a_tooltip_with_its_key(window):
    for entry in TABLE:
        action = window.actions_by_id[entry.id]
        assert action.text() and action.toolTip()
        if entry.keys:
            assert "(" in action.toolTip()
    assert "tap or hold" in window.actions_by_id["hand.rub"].toolTip()


def test_a_held_key_borrows_and_a_tapped_key_switches(window, monkeypatch):
    now = itertools.count()
    monkeypatch.setattr(keys.time, "monotonic", lambda: next(now) * 1.0)
    key(window, Qt.Key.Key_D, QEvent.Type.KeyPress)
    assert window.hand.pen.rubs
    key(window, Qt.Key.Key_D, QEvent.Type.KeyRelease)
    assert window.hand.pen.id == "quill-nib", "held for a second: given back"
    monkeypatch.setattr(keys.time, "monotonic", lambda: 0.0)
    key(window, Qt.Key.Key_D, QEvent.Type.KeyPress)
    key(window, Qt.Key.Key_D, QEvent.Type.KeyRelease)
    assert window.hand.pen.rubs, "tapped: stays"
    key(window, Qt.Key.Key_D, QEvent.Type.KeyPress)
    key(window, Qt.Key.Key_D, QEvent.Type.KeyRelease)
    assert window.hand.pen.id == "quill-nib", "tapped again: back"


def test_the_hold_keys_move_turn_and_resize(window):
    board = window.board
    before = board.view
    key(window, Qt.Key.Key_Space, QEvent.Type.KeyPress)
    drag(board, (300, 300), (340, 320))
    assert (board.view.shift_x - before.shift_x, board.view.shift_y - before.shift_y) == (40, 20)
    key(window, Qt.Key.Key_Space, QEvent.Type.KeyRelease)
    key(window, Qt.Key.Key_A, QEvent.Type.KeyPress)
    x, y = board.width() // 2, board.height() // 2
    drag(board, (x + 100, y), (x, y + 100))
    assert board.view.angle_rad == pytest.approx(math.pi / 2, abs=0.02)
    key(window, Qt.Key.Key_A, QEvent.Type.KeyRelease)
    key(window, Qt.Key.Key_S, QEvent.Type.KeyPress)
    drag(board, (300, 300), (340, 300))
    assert window.hand.settings.size_px == 30
    key(window, Qt.Key.Key_S, QEvent.Type.KeyRelease)
    assert board.tool and window.document.undo_label is None, "nothing was drawn"


def test_the_line_alone_hides_sketches_while_held(window, pen, monkeypatch, qtbot):
    pen.draw(across(window))
    window.actions_by_id["layer.trace_under"].trigger()
    qtbot.waitUntil(lambda: not window.board.is_moving)
    with_sketch = window.board.picture.frame.copy()
    key(window, Qt.Key.Key_F, QEvent.Type.KeyPress)
    assert not np.array_equal(window.board.picture.frame, with_sketch)
    monkeypatch.setattr(keys, "TAP_S", 0.0)  # whatever time it took was a hold
    key(window, Qt.Key.Key_F, QEvent.Type.KeyRelease)
    qtbot.waitUntil(lambda: not window.board.is_moving)
    assert np.array_equal(window.board.picture.frame, with_sketch)


def test_the_wheel_zooms_to_the_cursor(window):
    board = window.board
    at = QPointF(500, 200)
    page = board.view.to_page(at.x(), at.y())
    event = QWheelEvent(
        at, at, QPoint(), QPoint(0, 240), Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
        Qt.ScrollPhase.NoScrollPhase, False,
    )  # fmt: skip
    zoom = board.view.zoom
    QApplication.sendEvent(board, event)
    assert board.view.zoom == pytest.approx(zoom * 1.44)
    assert board.view.to_screen(*page) == pytest.approx((500, 200), abs=1.0)


def test_100_per_cent_shows_the_pages_own_pixels(window, pen, qtbot):
    pen.draw(across(window))
    window.actions_by_id["view.actual"].trigger()
    qtbot.waitUntil(lambda: not window.board.is_moving)
    board, page = window.board, window.document.page_when_dry()
    x, y = (round(-v) for v in (board.view.shift_x, board.view.shift_y))
    h, w = board.picture.frame.shape[:2]
    from jotsk.core.geometry import Rect
    from jotsk.core.page import rgba

    seen = rgba(flattened(page, Rect(x, y, x + w, y + h)))
    assert np.array_equal(board.picture.frame[..., 2::-1], seen[..., :3])


def test_view_actions(window):
    board, actions = window.board, window.actions_by_id
    actions["view.turn_right"].trigger()
    assert math.degrees(board.view.angle_rad) == pytest.approx(15)
    actions["view.reset_turn"].trigger()
    assert board.view.angle_rad == pytest.approx(0)
    actions["view.flip"].trigger()
    assert board.view.flipped and actions["view.flip"].isChecked()
    actions["view.flip"].trigger()
    assert not board.view.flipped
    actions["view.zoom_in"].trigger()
    actions["view.fit"].trigger()
    assert board.view.to_page(0, 0)[1] < 0, "the whole page is in sight"


@pytest.mark.parametrize("stage", STAGES, ids=lambda s: s.id)
def test_every_stage_puts_pens_in_the_hand_and_its_tools_or_what_is_looked_for_beside_them(window, stage, pen):
    window.show_stage(stage)
    assert window.pens.rows and not window.pens.sentence
    assert stage.has_pens or bool(stage.tools) != window.look_list.isVisible()
    pen.draw(across(window))
    assert window.document.undo_label in ("Stroke", None) and window.document.page_when_dry().active.marks.last, (
        "it locks nothing"
    )


def test_the_bare_board_and_back(window, qtbot):
    qtbot.waitUntil(lambda: window.board.width() < 1000)
    window.actions_by_id["view.bare"].trigger()
    qtbot.waitUntil(lambda: window.board.width() == window.width())
    assert window.top.isHidden() and window.foot.isHidden()
    window.actions_by_id["view.bare"].trigger()
    qtbot.waitUntil(lambda: window.board.width() < 1000)


def test_left_handed_mirrors_desk_and_keys(window, qtbot):
    window.actions_by_id["view.left_handed"].trigger()
    qtbot.waitUntil(lambda: window.hand_side.x() > window.board.x())
    key(window, Qt.Key.Key_J, QEvent.Type.KeyPress)
    assert window.hand.pen.rubs, "J lies where D does, mirrored"


def test_lamp_light_is_remembered_and_leaves_nothing_as_it_was_by_day(window, make_window, qtbot):
    at_rest(qtbot, window)
    day = window.grab().toImage()
    for name in ("view.overview", "view.history", "view.lamp"):
        window.actions_by_id[name].trigger()
    at_rest(qtbot, window)
    switched = window.grab().toImage()
    assert switched.pixelColor(3, window.height() - 3).lightness() < 60 < day.pixelColor(3, 797).lightness()
    other = make_window()
    assert other.actions_by_id["view.lamp"].isChecked()
    for name in ("view.overview", "view.history"):
        other.actions_by_id[name].trigger()
    at_rest(qtbot, window, other)
    assert window.grab().toImage() == other.grab().toImage(), "as if it had been opened by lamp light"
    window.actions_by_id["view.lamp"].trigger()
    window.actions_by_id["view.history"].trigger()
    window.actions_by_id["view.overview"].trigger()
    at_rest(qtbot, window)
    assert window.grab().toImage() == day


@pytest.mark.parametrize("ask", ["help.keys", "page.new", "page.size", "page.export", "page.milestones"])
def test_a_sheet_wears_the_theme_and_is_gone_once_it_was_read(window, qtbot, ask):
    window.actions_by_id["view.lamp"].trigger()
    qtbot.waitUntil(lambda: not window.dressing.is_at_work)
    seen = []

    def look():
        (sheet,) = window.findChildren(QDialog)
        if not sheet.isVisible():  # it is made, and not yet shown
            QTimer.singleShot(0, look)
            return
        seen.append(sheet.grab().toImage().pixelColor(2, 2).name().upper())
        sheet.reject()

    QTimer.singleShot(0, look)
    window.actions_by_id[ask].trigger()
    assert seen == [LAMP.chrome]
    qtbot.waitUntil(lambda: not window.findChildren(QDialog))


def test_sizes_are_typed_dragged_and_stepped(window, qtbot):
    size = window.pen_settings.size_track
    size.number.selectAll()
    qtbot.keyClicks(size.number, "33.5")
    qtbot.keyClick(size.number, Qt.Key.Key_Return)
    assert window.hand.settings.size_px == 33.5
    size.number.selectAll()
    qtbot.keyClicks(size.number, "wide")
    qtbot.keyClick(size.number, Qt.Key.Key_Return)
    assert window.hand.settings.size_px == 33.5 and size.number.text() == "33.5 px"
    window.actions_by_id["hand.larger"].trigger()
    assert window.hand.settings.size_px == 37
    bar = window.pen_settings.after.bar
    qtbot.mouseClick(bar, Qt.MouseButton.LeftButton, pos=QPoint(bar.width() - 2, 10))
    assert window.hand.settings.steady_after == 100


def test_each_pen_keeps_how_it_is_held(window):
    window.hand.set_size(44)
    window.pens.rows[1].chosen.emit(window.pens.rows[1].pen)
    assert window.hand.settings.size_px == window.hand.pen.size_px != 44
    window.pens.rows[0].chosen.emit(window.pens.rows[0].pen)
    assert window.hand.settings.size_px == 44


def test_the_last_line_is_told_and_laid_out(window, pen, qtbot):
    tray = window.last_line
    assert tray.size_track.number.text() == "", "no line has no size"
    pen.draw(across(window))
    qtbot.waitUntil(lambda: "quill nib" in tray._facts.text())
    assert "px" in tray.wobble.text() and "px" in tray.size_track.number.text()
    assert len(tray.ribbon._half) and tray.ribbon._half.max() > 0
    window.document.undo()
    qtbot.waitUntil(lambda: tray._facts.text() == "")
    assert tray.size_track.number.text() == tray.steadiness.number.text() == ""
    assert not tray.steadiness.isEnabled()


def test_undo_and_redo_are_named_after_what_they_do(window, pen):
    pen.draw(across(window))
    assert window.actions_by_id["edit.undo"].text() == "Undo stroke"
    window.document.undo()
    assert not window.actions_by_id["edit.undo"].isEnabled()
    assert window.actions_by_id["edit.redo"].text() == "Redo stroke"


def test_hints_are_dismissed_for_good(window, make_window):
    assert not window.hints.isHidden()
    window.hints.dismiss()
    assert make_window().hints.isHidden()


def test_the_inkwell_fills_the_pen(window, pen, qtbot):
    box = window.inkwell.spots()[2][0].center().toPoint()
    qtbot.mouseClick(window.inkwell, Qt.MouseButton.LeftButton, pos=box)
    pen.draw(across(window))
    assert window.document.last_line.when_dry().color == (0x86, 0x2C, 0x24)


def test_targets_are_large_enough(window):
    # WCAG 2.2, 2.5.8: at least 24 x 24 px.
    from PySide6.QtWidgets import QToolButton

    for button in window.findChildren(QToolButton):
        if button.isVisible():
            assert min(button.width(), button.height()) >= 24, button.accessibleName()


def test_keys_are_held_together_and_the_last_counts(window, monkeypatch):
    monkeypatch.setattr(keys, "TAP_S", 0.0)  # whatever time it took was a hold
    board, down, up = window.board, QEvent.Type.KeyPress, QEvent.Type.KeyRelease
    key(window, Qt.Key.Key_2, down)
    key(window, Qt.Key.Key_6, down)
    assert window.hand.borrowed_steadiness == 100.0 and board.guiding.is_off, "both work"
    key(window, Qt.Key.Key_G, down)
    key(window, Qt.Key.Key_Space, down)
    assert board.tool.id == "move"
    key(window, Qt.Key.Key_Space, up)
    assert board.tool.id == "choose" and board.guiding.is_off
    for code in (Qt.Key.Key_G, Qt.Key.Key_6, Qt.Key.Key_2):
        key(window, code, up)
    assert board.tool.id == "draw" and not board.guiding.is_off and window.hand.borrowed_steadiness is None
