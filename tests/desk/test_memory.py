"""What the desk remembers; numbers beyond their range; many small steps that are one change."""

from __future__ import annotations

import pytest
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QToolTip

from jotsk.core.page.edits import layer_edits
from jotsk.desk.dialogs import ExportSheet, NewPage
from jotsk.desk.dialogs.guide_sheet import GuideSheet
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.widgets.number_field import count_field, number_field
from tests.desk.conftest import across, offer


def test_the_hand_the_stage_and_the_window_come_back(make_window):
    window = make_window()
    brush = window.hand.library.pen("brush-pen")
    window.top.stage_chosen.emit(STAGES["sketch"])
    window.hand.take(brush)
    window.hand.set_size(33.5)
    window.hand.set_steady_after(12)
    window.hand.set_opacity(0.4)
    window.hand.set_color((134, 44, 36))
    window.actions_by_id["view.page"].trigger()
    window.resize(1100, 720)
    window.close()
    again = make_window()
    assert again.stage.id == "sketch" and again.hand.pen.id == "brush-pen" and again.hand.color == (134, 44, 36)
    settings = again.hand.settings
    assert (settings.size_px, settings.steady_after, settings.opacity) == (33.5, 12, 0.4)
    assert again.height() == 720 and again.page_side.isHidden()


@pytest.mark.parametrize(
    "kept",
    [
        {"pen": 3, "pens": {"brush-pen": {"size_px": "wide", "steady_after": 4000}}, "color": "reddish", "recent": "x"},
        {"pen": "gone", "pens": {"gone": {"size_px": 3}}, "recent": [3, "#FFFFFF"], "previous": None},
        {"pens": []},
    ],
)
def test_settings_that_make_no_sense_are_left_out(make_window, kept):
    window = make_window()
    plain = window.hand.record()
    for name, value in (
        ("desk/hand", kept),
        ("desk/stage", "nowhere"),
        ("desk/window", "%%"),
        ("desk/shown", {"x": 1}),
    ):
        window.settings.set(name, value)
    again = make_window()
    assert again.stage.id == "ink" and again.hand.pen.id == plain["pen"] and again.hand.color == window.hand.color
    brush = again.hand.library.pen("brush-pen")
    assert again.hand.settings_of(brush).size_px == brush.size_px


def test_opacity_on_the_desk_is_that_of_the_stroke(window, pen):
    window.pen_settings.opacity.changed.emit(40, True)
    pen.draw(across(window))
    stroke = window.document.last_line.when_dry()
    assert stroke.pen.opacity == pytest.approx(0.4)
    alpha = max(a.max() for a in stroke.alphas(stroke.cells_on(window.document.page.bounds)).values())
    assert alpha == pytest.approx(0.4 * 255, abs=2)
    assert window.hand.library.pen(stroke.pen.id).opacity == 1.0, "the pen in the library stays as it is"


def test_an_export_begins_as_the_last_one_did_and_without_sketches(window, qtbot, monkeypatch):
    document = window.document
    document.edit("Trace under", lambda page: layer_edits.traced_under(page, page.active_uid))
    sketch = next(x.uid for x in document.page.layers if x.is_sketch)
    sheet = ExportSheet(document.page, window)
    qtbot.addWidget(sheet)
    assert sketch not in sheet.export.layers
    sheet.kind.setCurrentIndex(sheet.kind.findData("jpeg"))
    sheet.scale.setValue(50)
    sheet.quality.setValue(71)
    sheet.sketches.setChecked(True)
    assert sheet.export.layers is None, "all that are visible"
    again = ExportSheet(document.page, window, sheet.choices)
    qtbot.addWidget(again)
    assert again.choices == sheet.choices and again.export == sheet.export
    window.settings.set("export/choices", {"kind": "x", "scale": "y", "threshold": 900, "color": 4})
    odd = ExportSheet(document.page, window, window.settings.get("export/choices", {}))
    qtbot.addWidget(odd)
    assert odd.export.scale == 1.0 and odd.export.threshold == 128


def test_a_new_page_begins_as_the_last_one_did(window, qtbot, monkeypatch):
    sheet = NewPage(window)
    qtbot.addWidget(sheet)
    sheet.measure.unit.setCurrentText("px")
    sheet.measure.unit.activated.emit(2)
    sheet.measure.width_box.setValue(640)
    sheet.measure.height_box.setValue(480)
    sheet.dpi.setValue(72)
    sheet.bleed.setValue(2)
    again = NewPage(window, sheet.choices)
    qtbot.addWidget(again)
    assert again.choices == sheet.choices
    assert (again.page.width, again.page.height, again.page.dpi) == (640, 480, 72)
    named = NewPage(window, {"size": "A5", "lies": True, "dpi": 300})
    qtbot.addWidget(named)
    assert named.page.width > named.page.height and named.page.width == pytest.approx(210 / 25.4 * 300, abs=1)


# -- ranges --------------------------------------------------------------------------------------


@pytest.mark.parametrize("make", [lambda: number_field(1, 800, 1, " %"), lambda: count_field(1, 800, " %")])
def test_a_number_beyond_its_range_says_the_range(make, qtbot):
    field = make()
    qtbot.addWidget(field)
    field.show()
    for text, becomes in (("5000", 800), ("0", 1), ("50", 50)):
        QToolTip.hideText()
        field.selectAll()
        QTest.keyClicks(field, text)
        QTest.keyClick(field, Qt.Key.Key_Return)
        assert field.value() == becomes
        if becomes != 50:
            assert QToolTip.text() == "From 1 to 800 %"


def test_so_do_the_tracks_and_the_zoom(window):
    for number, text, said in (
        (window.pen_settings.after.number, "700", "From 0 to 100"),
        (window.pen_settings.size_track.number, "0", "From 0.5 to 200 px"),
        (window.top.zoom, "99999", "From 1 to 6400 %"),
    ):
        number.setFocus()
        number.selectAll()
        QTest.keyClicks(number, text)
        QTest.keyClick(number, Qt.Key.Key_Return)
        assert QToolTip.text() == said


# -- one change ----------------------------------------------------------------------------------


def turn_wheel(widget, notches: int) -> None:
    at = QPointF(20, 10)
    for _ in range(abs(notches)):
        QApplication.sendEvent(
            widget,
            QWheelEvent(
                at, at, QPoint(), QPoint(0, 120 if notches > 0 else -120), Qt.MouseButton.NoButton,
                Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False,
            ),
        )  # fmt: skip


def test_notches_of_the_wheel_on_a_track_are_one_step(window):
    document = window.document
    turn_wheel(window.layers.opacity.bar, -5)
    window.layers.opacity.bar.end_steps()
    assert document.page.active.opacity == pytest.approx(0.9)
    turn_wheel(window.layers.opacity.bar, -2)
    window.layers.opacity.bar.end_steps()
    document.undo()
    assert document.page.active.opacity == pytest.approx(0.9), "after a pause another one"
    document.undo()
    assert document.page.active.opacity == 1.0 and document.undo_label is None


def test_arrows_in_one_field_of_a_guide_are_one_step(window, qtbot):
    guiding, document = window.board.guiding, window.document
    guiding.add(offer("Spokes"), document.page.bounds)
    before = document.page
    sheet = GuideSheet(guiding, window)
    qtbot.addWidget(sheet)
    fields = [box for box in sheet.fields.values() if hasattr(box, "stepUp")][:2]
    for box in fields:
        for _ in range(4):
            box.stepUp()
    document.undo()
    document.undo()
    assert document.page.guides == before.guides and document.page is before


def test_a_press_of_the_keyboard_moves_a_track_and_leaves_it(window):
    bar = window.pen_settings.after.bar
    bar.setFocus()
    QTest.keyClick(bar, Qt.Key.Key_Right)
    assert window.hand.settings.steady_after == 46
    QTest.keyClick(bar, Qt.Key.Key_Escape)
    QApplication.sendPostedEvents(None, QEvent.Type.MetaCall)
