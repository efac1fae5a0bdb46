"""All settings on one sheet, in a file, and as shipped; and the buttons of a pen."""

from __future__ import annotations

import json
from dataclasses import replace

import pytest
from PySide6.QtCore import QEvent, QPointF, Qt
from PySide6.QtGui import QPointingDevice, QTabletEvent
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QFileDialog, QMessageBox

from jotsk.core.errors import DamagedFile
from jotsk.core.page.history.history import MOST_BYTES
from jotsk.desk.app.settings_room import give_out, settings_sheet, take_in
from jotsk.desk.inout.own_files import finish_writing
from jotsk.desk.inout.settings import Settings
from jotsk.desk.widgets.number_field import CountField, DecimalField

LOWER, UPPER, TIP = Qt.MouseButton.RightButton, Qt.MouseButton.MiddleButton, Qt.MouseButton.LeftButton
PEN = QPointingDevice("pen", 7, QPointingDevice.DeviceType.Stylus, QPointingDevice.PointerType.Pen,
                      QPointingDevice.Capability.Pressure, 1, 3)  # fmt: skip


@pytest.fixture
def sheet(window, qtbot):
    made = settings_sheet(window)
    qtbot.addWidget(made)
    made.show()
    return made


def field(sheet, words, kind):
    return next(each for each in sheet.findChildren(kind) if each.accessibleName() == words)


def test_a_setting_is_found_by_a_word(sheet):
    headings = lambda: [label.text() for label, _ in sheet._headings if label.isVisible()]  # noqa: E731
    assert headings() == ["Pen", "Fingers", "Keys", "View", "Files", "Memory"]
    sheet.search.setText("milestone clock")
    assert [row.searched.split(" minutes")[0] for row in sheet.rows if row.isVisible()] == [
        "files milestone by the clock"
    ]
    assert headings() == ["Files"]
    sheet.search.setText("nothing like that")
    assert headings() == [] and sheet._none.isVisible()
    sheet.search.setText("")
    assert len(headings()) == 6 and not sheet._none.isVisible()
    assert not sheet.grab().isNull()


def test_what_is_changed_holds_at_once_and_is_kept(window, sheet, tmp_path):
    field(sheet, "Left-handed", QCheckBox).setChecked(True)
    assert window.actions_by_id["view.left_handed"].isChecked()
    window.actions_by_id["view.left_handed"].trigger()
    assert not field(sheet, "Left-handed", QCheckBox).isChecked(), "both ways"
    field(sheet, "Time to settle", DecimalField).setValue(1.5)
    assert window.hand.settles_after_s == 1.5
    field(sheet, "Milestone by the clock", CountField).setValue(7)
    assert window.pages.milestones.minutes == 7
    field(sheet, "Measure pages at work", QCheckBox).setChecked(True)
    assert window.practice.at_work
    field(sheet, "Steps back", CountField).setValue(100)
    assert window.document._history._most == 100 << 20
    field(sheet, "Lower button of the pen", QComboBox).setCurrentText("Rub out")
    assert window.pen_buttons.does("lower") == "hand.rub" and window.pen_buttons.does("upper") == "drag"
    finish_writing()
    kept = Settings(tmp_path / "settings.json")
    assert kept.get("hand/settle_s", 0.0) == 1.5 and kept.get("pen/buttons", {}) == {"lower": "hand.rub"}


def test_all_settings_go_to_another_machine(window, make_window, tmp_path, sheet):
    own = replace(window.hand.pen, id="mine", name="Mine", size_px=33.0)
    window.hand.library.put(own)
    window.hand.take(own)
    window.hand.set_size(41.0)
    window.desk_palette.add((1, 2, 3), "Night")
    window.key_map.choose("view.flip", "Ctrl+Alt+V")
    field(sheet, "Milestone by the clock", CountField).setValue(7)
    give_out(window, tmp_path / "all.json")
    record = json.loads((tmp_path / "all.json").read_text())
    assert "desk/window" not in record["settings"], "where the window stands is this screen's"
    window.hand.library.remove("mine")
    window.desk_palette.remove((1, 2, 3))
    sheet._as_shipped()
    assert window.pages.milestones.minutes != 7 and window.key_map._own == {}
    assert window.hand.settings.size_px == window.hand.pen.size_px
    take_in(window, tmp_path / "all.json")
    assert window.hand.pen.name == "Mine" and window.hand.settings.size_px == 41.0
    assert ((1, 2, 3), "Night") in window.desk_palette.colors
    assert window.pages.milestones.minutes == 7
    assert window.actions_by_id["view.flip"].shortcut().toString() == "Ctrl+Alt+V"
    assert "all.json" in window.status.text


def test_as_shipped_is_asked_for_and_leaves_pens_and_pages(window, sheet, monkeypatch):
    window.settings.set("files/recent", ["/a.ora"])
    field(sheet, "Steps back", CountField).setValue(100)
    window.actions_by_id["view.lamp"].trigger()
    own = replace(window.hand.pen, id="mine", name="Mine")
    window.hand.library.put(own)
    monkeypatch.setattr(QMessageBox, "question", lambda *_: QMessageBox.StandardButton.No)
    sheet._ask_as_shipped()
    assert window.document._history._most == 100 << 20
    monkeypatch.setattr(QMessageBox, "question", lambda *_: QMessageBox.StandardButton.Yes)
    sheet._ask_as_shipped()
    assert window.document._history._most == MOST_BYTES and not window.actions_by_id["view.lamp"].isChecked()
    assert window.settings.get("files/recent", []) == ["/a.ora"] and window.hand.library.is_own("mine")


@pytest.mark.parametrize("text", ["", "[1]", '{"jotsk_settings": 2}', '{"jotsk_settings": 1, "settings": 5}',
                                  '{"jotsk_settings": 1, "settings": {}, "pens": [{"size_px": "wide"}]}'])  # fmt: skip
def test_a_file_that_makes_no_sense_changes_nothing(window, sheet, tmp_path, text, monkeypatch):
    bad = tmp_path / "bad.json"
    bad.write_text(text)
    before = window.settings.values
    with pytest.raises(DamagedFile):
        take_in(window, bad)
    assert window.settings.values == before
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_: (str(bad), ""))
    sheet._ask_take_in()
    assert "bad.json" in sheet.told.text() and sheet.isVisible()


def test_values_that_make_no_sense_are_left_out(window, tmp_path):
    values = {"pen/buttons": {"lower": "explode"}, "hand/settle_s": 1e9, "memory/history_mb": -5, "desk/lamp": "yes"}
    (tmp_path / "odd.json").write_text(json.dumps({"jotsk_settings": 1, "settings": values}))
    take_in(window, tmp_path / "odd.json")
    assert window.pen_buttons.does("lower") == "drag" and window.hand.settles_after_s == 3.0
    assert window.document._history._most == 64 << 20 and not window.actions_by_id["view.lamp"].isChecked()


# -- the buttons of a pen ------------------------------------------------------------------------


def send(window, kind, button, buttons, x=300.0, y=300.0):
    at = QPointF(x, y)
    event = QTabletEvent(
        kind, PEN, at, QPointF(window.board.mapToGlobal(at)), 0.5 if buttons & TIP else 0.0, 0, 0, 0, 0, 0,
        Qt.KeyboardModifier.NoModifier, button, buttons,
    )  # fmt: skip
    QApplication.sendEvent(window.board, event)


def test_a_side_button_holds_its_tool_while_the_tip_draws(window):
    window.pen_buttons.choose("lower", "hand.rub")
    press, move, release = QEvent.Type.TabletPress, QEvent.Type.TabletMove, QEvent.Type.TabletRelease
    send(window, press, LOWER, LOWER)
    assert window.hold_keys.on == ["hand.rub"] and window.hand.pen.rubs
    send(window, press, TIP, LOWER | TIP)
    send(window, move, Qt.MouseButton.NoButton, LOWER | TIP, 340.0)
    send(window, release, TIP, LOWER, 340.0)
    assert window.hold_keys.on == ["hand.rub"]
    send(window, release, LOWER, Qt.MouseButton.NoButton, 340.0)
    assert window.hold_keys.on == [] and not window.hand.pen.rubs, "however short: a button is no tap"


def test_a_release_that_never_came_lets_the_tool_go(window):
    window.pen_buttons.choose("upper", "hand.turn")
    send(window, QEvent.Type.TabletPress, UPPER, UPPER)
    assert window.hold_keys.on == ["hand.turn"]
    send(window, QEvent.Type.TabletMove, Qt.MouseButton.NoButton, Qt.MouseButton.NoButton)
    assert window.hold_keys.on == []


def test_a_side_button_takes_back_or_does_nothing_or_moves_the_page(window, pen):
    from jotsk.core.hand.simulated_pen import drawn

    pen.draw(drawn([(200, 200), (400, 260)], 0.4))
    assert len(window.document.page_when_dry().active.marks) == 1
    window.pen_buttons.choose("lower", "edit.undo")
    send(window, QEvent.Type.TabletPress, LOWER, LOWER)
    send(window, QEvent.Type.TabletRelease, LOWER, Qt.MouseButton.NoButton)
    assert len(window.document.page_when_dry().active.marks) == 0
    window.pen_buttons.choose("lower", "nothing")
    view = window.board.view
    send(window, QEvent.Type.TabletPress, LOWER, LOWER)
    send(window, QEvent.Type.TabletMove, Qt.MouseButton.NoButton, LOWER, 380.0)
    send(window, QEvent.Type.TabletRelease, LOWER, Qt.MouseButton.NoButton, 380.0)
    assert window.board.view == view
    window.pen_buttons.choose("lower", "drag")
    send(window, QEvent.Type.TabletPress, LOWER, LOWER)
    send(window, QEvent.Type.TabletMove, Qt.MouseButton.NoButton, LOWER, 380.0)
    send(window, QEvent.Type.TabletRelease, LOWER, Qt.MouseButton.NoButton, 380.0)
    assert window.board.view != view
