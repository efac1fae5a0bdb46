"""The pen maker: a line that is pulled, what moves what, the pictures, the fields, the library."""

from __future__ import annotations

import json
import threading

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QCheckBox, QComboBox, QDoubleSpinBox, QLineEdit

from jotsk.core.files.penfiles import read_pens
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks.specimen import Specimen
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.dialogs import PenMaker
from jotsk.desk.theme import DAY
from jotsk.desk.widgets.ink_mark import alpha_image


@pytest.fixture
def maker(window, qtbot):
    made = PenMaker(window.hand, window)
    qtbot.addWidget(made)
    made.show()
    return made


def test_what_is_changed_is_tried_on_the_scratch_pad_and_not_on_the_page(window, maker):
    before = window.document.page_when_dry()
    maker.change(size_px=44.0)
    SimulatedPen(maker.pad, DEVICES["display"]).draw(drawn(np.array([[50, 60], [300, 90]]), 0.4, pressure=1.0))
    stroke = maker.pad.document.last_line.when_dry()
    assert stroke.size_px == 44.0
    assert window.document.page_when_dry() is before and window.hand.pen.size_px == 20.0
    maker.pad.clear()
    assert len(maker.pad.document.page_when_dry().active.marks) == 0


def test_keep_changes_the_pen_in_the_hand_too(window, maker):
    maker.change(size_px=27.0, tip="bristle")
    maker.keep()
    assert (window.hand.pen.size_px, window.hand.pen.tip, window.hand.settings.size_px) == (27.0, "bristle", 27.0)
    maker._restore()
    assert window.hand.pen.size_px == 20.0


def test_save_as_new_refuses_a_name_that_is_taken(window, maker):
    maker.change(opacity=0.5)
    maker.save_as_new("Pencil")
    assert "already" in maker.told.text()
    maker.save_as_new("Pale quill")
    assert window.hand.pen.name == "Pale quill" and window.hand.pen.opacity == 0.5
    assert window.hand.library.pen("quill-nib").opacity == 1.0
    maker._remove()
    assert window.hand.pen.id == "quill-nib"


def test_every_field_of_the_form_shows_and_changes_the_recipe(window, maker, qtbot):
    for pen in window.hand.library.pens:
        maker.show_pen(pen)
        assert maker.pen == pen, "to show a pen changes nothing"
    maker.show_pen(pen_by_id("quill-nib"))
    by_name = {box.accessibleName(): box for box in maker.findChildren(QDoubleSpinBox)}
    by_name["Opacity"].setValue(40.0)
    by_name["Taper in"].setValue(77.0)
    assert (maker.pen.opacity, maker.pen.taper_in.length_px) == (0.4, 77.0)
    combos = {box.accessibleName(): box for box in maker.findChildren(QComboBox)}
    combos["Way"].setCurrentText("average")
    assert maker.pen.way == "average"
    switches = {box.text(): box for box in maker.findChildren(QCheckBox)}
    switches["Favourite: among the first of the library"].setChecked(True)
    assert "favourite" in maker.pen.tags
    maker.fields.own_dash("3, 1, two")
    assert "numbers" in maker.told.text()
    maker.fields.own_hue("blue")
    assert "#0E6B62" in maker.told.text() and maker.pen.hue == ""


def test_a_favourite_comes_first_in_the_tray(window, maker):
    maker.show_pen(pen_by_id("sponge"))
    maker.change(tags=("favourite", "texture"))
    maker.keep()
    assert window.pens.rows[0].pen.id == "sponge"


def test_pens_go_out_and_come_in_as_json(maker, tmp_path):
    maker.give_out(tmp_path / "one.json")
    assert read_pens(tmp_path / "one.json") == [maker.pen]
    maker.take_in(tmp_path / "one.json")
    assert maker.told.text() == "1 pen added."
    (tmp_path / "bad.json").write_text(json.dumps({"jotsk_pens": 1, "pens": [{"size_px": "wide"}]}))
    count = len(maker._library.pens)
    maker.take_in(tmp_path / "bad.json")
    assert "pen 1" in maker.told.text() and len(maker._library.pens) == count


# -- pulling -------------------------------------------------------------------------------------


def pull(maker, name, dx, dy):
    """A handle of the line, with the mouse."""
    sheet = maker.specimen
    at = QPointF(*sheet.line.handles[name].at)
    QTest.mousePress(sheet, Qt.MouseButton.LeftButton, pos=at.toPoint())
    for share in (0.5, 1.0):
        QTest.mouseMove(sheet, (at + QPointF(dx, dy) * share).toPoint())
    QTest.mouseRelease(sheet, Qt.MouseButton.LeftButton, pos=(at + QPointF(dx, dy)).toPoint())


def test_the_line_is_pulled_at_its_handles(maker):
    assert maker.pen.id == "quill-nib" and not maker.keep_button.isEnabled()
    pull(maker, "thickest", 3, -20)
    assert maker.pen.size_px > 25 and maker.state.text() == "changed, not kept" and maker.keep_button.isEnabled()
    assert maker.trial.settings.size_px == maker.pen.size_px, "the pad draws with it"
    before = maker.pen
    pull(maker, "in", 60, -10)
    pull(maker, "out", -70, 0)
    assert maker.pen.taper_in.length_px > before.taper_in.length_px + 10
    assert maker.pen.taper_out.length_px > before.taper_out.length_px + 10
    pull(maker, "lightest", 0, 12)
    assert maker.pen.width.least > before.width.least
    pull(maker, "swell", -4, -8)
    assert maker.pen.width.curve != before.width.curve
    pull(maker, "steady", 0, -24)
    assert maker.pen.steady_after == before.steady_after + 20
    pull(maker, "opacity", 0, 36)
    assert maker.pen.opacity == pytest.approx(0.7)
    assert "opacity 70 %" in maker.specimen.accessibleDescription()
    assert maker.fields.pen == maker.pen, "the typed numbers follow"
    assert not maker.grab().isNull()


def test_a_line_is_inked_beside_the_interface_and_as_it_was_pulled_last(maker, qtbot, monkeypatch):
    threads, inked = set(), Specimen.ink

    def ink(line):
        threads.add(threading.current_thread())
        return inked(line)

    monkeypatch.setattr(Specimen, "ink", ink)
    maker.fields.pictures["Figure"].pictures["rope"].choose()
    pull(maker, "thickest", 3, -20)
    assert not maker.specimen.is_inked and not maker.grab().isNull()
    qtbot.waitUntil(lambda: maker.specimen.is_inked)
    assert threads and threading.main_thread() not in threads
    as_pulled = inked(maker.specimen.line)
    assert as_pulled.any() and maker.specimen._ink == alpha_image(as_pulled, DAY.text, 1)


def test_pressing_beside_the_handles_changes_nothing(maker):
    before = maker.pen
    QTest.mouseClick(maker.specimen, Qt.MouseButton.LeftButton, pos=QPoint(20, 160))
    QTest.mouseMove(maker.specimen, QPoint(200, 20))
    assert maker.pen == before


def test_a_cell_of_the_table_lets_something_else_move_the_width(maker, qtbot):
    movers = maker.movers
    movers.cells["speed", "width"].choose()
    assert maker.pen.width.by == "speed" and movers.cells["speed", "width"].curve is not None
    assert movers.cells["pressure", "width"].curve is None and "swell" not in maker.specimen.line.handles
    movers.least.setValue(33.0)
    assert maker.pen.width.least == 0.33
    movers.points.setText("0 0; 50 80; 100 100")
    movers.points.editingFinished.emit()
    assert maker.pen.width.curve.points == ((0, 0), (0.5, 0.8), (1, 1))
    movers.points.setText("50 80; 20 100")
    movers.points.editingFinished.emit()
    assert "rising" in maker.told.text() and movers.points.text() == "0 0; 50 80; 100 100"
    movers.cells["tilt", "softness"].choose()
    movers.number.setValue(40.0)
    assert maker.pen.tilt_softens == 0.4 and movers.cells["tilt", "softness"].words == "40 %"
    movers.cells["tilt", "width"].choose()
    movers.number.setValue(3.0)
    assert maker.pen.tilt_widens == 3.0 and maker.pen.width.by == "speed"
    movers.none.click()
    assert maker.pen.width.by == "tilt"
    movers.none.click()
    assert maker.pen.width.by == "nothing" and "lightest" not in maker.specimen.line.handles


def test_a_field_that_is_hidden_says_its_number_to_no_other_cell(maker):
    maker.activateWindow()
    movers = maker.movers
    movers.cells["speed", "ink"].choose()
    movers.points.setFocus()
    movers.points.setText("0 0; 40 90; 100 100")
    QTest.keyClick(movers.points, Qt.Key.Key_Return)
    assert maker.pen.ink.curve.points == ((0, 0), (0.4, 0.9), (1, 1))
    before = maker.pen.width
    for cell in (("tilt", "softness"), ("tilt", "width")):
        movers.cells["speed", "ink"].choose()
        movers.points.setFocus()
        assert movers.points.hasFocus()
        movers.cells[cell].choose()
        assert not movers.points.isVisible() and maker.pen.width == before
    movers.number.setFocus()
    movers.number.lineEdit().setText("2.5")
    movers.cells["pressure", "width"].choose()
    assert not movers.number.isVisible() and maker.pen.width.by == "pressure"


def test_only_a_motif_has_spacing_and_turning(maker):
    maker.show()
    assert not maker.movers.cells["pressure", "spaced_by"].isVisible()
    maker.fields.pictures["Figure"].pictures["rope"].choose()
    assert maker.pen.motif == "rope" and maker.movers.cells["pressure", "spaced_by"].isVisible()
    maker.movers.cells["speed", "turned_by"].choose()
    assert maker.pen.turned_by.by == "speed"
    maker.fields.pictures["Figure"].pictures["a line"].choose()
    assert maker.pen.motif == "none" and maker.movers.open_cell[1] == "width"


def test_what_else_a_pen_can_be_is_chosen_among_pictures_of_its_line(maker):
    pictures = maker.fields.pictures
    pictures["Tip"].pictures["bristle"].choose()
    pictures["Paper"].pictures["rough paper"].choose()
    pictures["Dashes"].pictures["dash-dot"].choose()
    pictures["Ends"].pictures["round ends"].choose()
    pen = maker.pen
    assert (pen.tip, pen.grain, pen.dash, pen.taper_out.length_px) == ("bristle", 0.8, (24, 3, 0.5, 3), 0.0)
    chosen = {heading: [w for w, p in group.pictures.items() if p.is_chosen] for heading, group in pictures.items()}
    assert chosen == {
        "Tip": ["bristle"], "Paper": ["rough paper"], "Dashes": ["dash-dot"], "Ends": ["round ends"],
        "Figure": ["a line"],
    }  # fmt: skip


def test_the_line_is_drawn_by_ones_own_motion_and_beside_another_pen(maker, qtbot):
    assert not maker.own_line.isEnabled()
    SimulatedPen(maker.pad, DEVICES["display"]).draw(drawn(np.array([[50, 60], [300, 90]]), 0.4, pressure=1.0))
    maker.pad.document.last_line.when_dry()
    reference = maker.specimen.motion
    maker.own_line.setChecked(True)
    assert len(maker.specimen.motion) != len(reference) and not maker.grab().isNull()
    maker.own_line.setChecked(False)
    qtbot.waitUntil(lambda: maker.specimen.is_inked)
    alone = maker.specimen.grab().toImage()
    maker.beside.setCurrentIndex(maker.beside.findText("Marker"))
    maker.beside.activated.emit(maker.beside.currentIndex())
    qtbot.waitUntil(lambda: maker.specimen.is_inked)
    assert maker.specimen.grab().toImage() != alone
    maker.change(size_px=44.0)
    maker.beside.setCurrentIndex(1)
    maker.beside.activated.emit(1)
    assert maker.beside.currentText() == "As shipped"


def test_it_follows_the_roll_and_drops_nothing(window, maker):
    window.hand.take(pen_by_id("pencil"))
    assert maker.pen.id == "pencil"
    maker.change(size_px=61.0)
    window.hand.take(pen_by_id("marker"))
    assert maker.pen.id == "marker" and maker.state.text() == ""
    window.hand.take(pen_by_id("pencil"))
    assert maker.pen.size_px == 61.0 and maker.state.text() == "changed, not kept"
    assert window.hand.library.pen("pencil").size_px != 61.0
    maker.drop.click()
    assert maker.pen == window.hand.library.pen("pencil") and not maker.drop.isEnabled()
    maker.change(size_px=62.0)
    maker.keep()
    assert maker.drafts == {} and window.hand.library.pen("pencil").size_px == 62.0


def test_what_was_not_kept_is_there_at_the_next_start(window, make_window):
    window.actions_by_id["hand.maker"].trigger()
    made = window.sheets.maker
    made.change(size_px=44.0)
    made.close()
    window.settings.set("pens/drafts", window.settings.get("pens/drafts", {}) | {"pencil": {"size_px": "wide"}})
    other = make_window()
    other.actions_by_id["hand.maker"].trigger()
    again = other.sheets.maker
    assert again.pen.id == made.pen.id and again.pen.size_px == 44.0 and list(again.drafts) == [made.pen.id]
    assert other.hand.pen.size_px == 20.0, "the pen itself is as it was"
    again.drop.click()
    again.close()
    assert other.settings.get("pens/drafts", None or {}) == {}


def test_a_pen_of_ones_own_is_renamed(window, maker):
    assert maker.name.isReadOnly(), "a shipped one is not"
    maker.save_as_new("Hair nib")
    assert not maker.name.isReadOnly()
    maker.name.setText("Pencil")
    maker.name.editingFinished.emit()
    assert "already" in maker.told.text() and maker.pen.name == "Hair nib"
    maker.name.setText("Fine hair nib")
    maker.name.editingFinished.emit()
    maker.keep()
    assert window.hand.pen.name == "Fine hair nib"


def test_pressing_a_pen_twice_opens_it(window):
    row = next(row for row in window.pens.rows if row.pen.id == "brush-pen")
    QTest.mouseClick(row, Qt.MouseButton.LeftButton)
    QTest.mouseDClick(row, Qt.MouseButton.LeftButton)
    made = window.sheets.maker
    assert made.isVisible() and made.pen.id == "brush-pen" == window.hand.pen.id
    made.close()


def test_points_of_a_curve_are_typed_too_and_nonsense_is_put_back(maker):
    (field,) = (
        f for f in maker.findChildren(QLineEdit) if f.accessibleName() == "Response, points" and f.isVisibleTo(maker)
    )
    assert field.text() == "0 0; 25 10; 50 42; 75 84; 100 100"
    field.setText("0 0; 40 80; 100 100")
    field.editingFinished.emit()
    assert maker.pen.width.curve.points == ((0.0, 0.0), (0.4, 0.8), (1.0, 1.0))
    for nonsense in ("0 0; 40", "50 80; 40 20", "here and there"):
        field.setText(nonsense)
        field.editingFinished.emit()
        assert field.text() == "0 0; 40 80; 100 100" and "pairs in per cent" in maker.told.text()
