"""What a screen reader is given: names, roles, values and what is chosen; and how large what one presses is."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import QAbstractButton, QAbstractSlider, QComboBox, QLineEdit, QScrollBar, QWidget

from jotsk.desk.stages import BY_ID, STAGES


def read(widget):
    return QAccessible.queryAccessibleInterface(widget)


def name_of(widget) -> str:
    return read(widget).text(QAccessible.Text.Name)


def test_everything_one_can_reach_has_a_name_in_every_stage(window, qtbot):
    window.actions_by_id["view.buttons"].trigger()
    nameless = []
    for stage in STAGES:
        window.top.stage_chosen.emit(stage)
        qtbot.wait(1)
        for widget in window.findChildren(QWidget):
            reached = widget.focusPolicy() & Qt.FocusPolicy.TabFocus or isinstance(widget, QAbstractButton)
            if widget.isVisible() and reached and not name_of(widget).strip():
                nameless.append((stage.id, type(widget).__name__, type(widget.parentWidget()).__name__))
    assert not nameless


def test_everything_one_presses_is_large_enough(window, qtbot):
    """WCAG 2.2, 2.5.8: 24 by 24 px; scroll bars are excepted."""
    window.actions_by_id["view.buttons"].trigger()
    small = []
    for stage in STAGES:
        window.top.stage_chosen.emit(stage)
        qtbot.wait(1)
        for kind in (QAbstractButton, QAbstractSlider, QLineEdit, QComboBox):
            for widget in window.findChildren(kind):
                is_small = min(widget.width(), widget.height()) < 24
                if widget.isVisible() and is_small and not isinstance(widget, QScrollBar):
                    small.append((stage.id, name_of(widget), widget.size()))
    assert not small


def test_a_track_is_a_slider_that_tells_and_takes_a_value(window):
    track = window.pen_settings.size_track
    interface = read(track.bar)
    assert interface.role() == QAccessible.Role.Slider and interface.text(QAccessible.Text.Name) == "Size"
    value = interface.valueInterface()
    window.hand.set_size(24.0)
    assert float(value.currentValue()) == 24
    value.setCurrentValue(31)
    assert window.hand.settings.size_px == 31 and track.number.text() == "31 px"


def test_what_is_chosen_is_told_and_can_be_chosen(window):
    fill = next(name for name in window.top.stages if name.stage is BY_ID["fill"])
    ink = next(name for name in window.top.stages if name.stage is BY_ID["ink"])
    assert read(ink).state().checked and not read(fill).state().checked
    action = read(fill).actionInterface()
    action.doAction(action.actionNames()[0])
    assert window.stage is BY_ID["fill"] and read(fill).state().checked and not read(ink).state().checked
    window.top.stage_chosen.emit(BY_ID["mend"])
    rows = window.tool_list.rows
    assert rows and [read(row).state().checked for row in rows].count(1) <= 1
    rows[1].setFocus()
    assert name_of(rows[1]) == rows[1].action.text()


def test_arrows_go_along_the_stages(window, qtbot):
    first, second = window.top.stages[:2]
    window.activateWindow()
    first.setFocus()
    qtbot.waitUntil(first.hasFocus)
    qtbot.keyClick(first, Qt.Key.Key_Right)
    assert second.hasFocus()
    qtbot.keyClick(second, Qt.Key.Key_Return)
    assert window.stage is second.stage


def test_f10_opens_the_menu(window, qtbot):
    menu, seen = window.top.menu_button.menu(), []

    def look() -> None:
        seen.append(menu.isVisible())
        menu.close()

    QTimer.singleShot(200, look)
    window.activateWindow()
    qtbot.keyClick(window, Qt.Key.Key_F10)
    qtbot.waitUntil(lambda: seen == [True])
