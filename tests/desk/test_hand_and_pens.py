"""The roll, the pen maker, the feel pad, the inkwell, the last line's handles."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from jotsk.core.errors import Refused
from jotsk.core.hand import LINEAR, ResponseCurve
from jotsk.core.hand.simulated_pen import DEVICES, Hand, drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.page import color_at
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.commands import keys
from jotsk.desk.dialogs import FeelPad
from jotsk.desk.inout.own_files import finish_writing
from jotsk.desk.pens.palette import DeskPalette
from jotsk.desk.pens.pen_library import PenLibrary
from jotsk.desk.pens.pressure_curves import read_pressure_curves, write_pressure_curves
from jotsk.desk.widgets.curve_editor import CurveEditor
from tests.desk.conftest import across


@pytest.fixture
def roll(qapp, tmp_path):
    return PenLibrary(tmp_path / "library")


def press(widget, code: Qt.Key, kind=QEvent.Type.KeyPress) -> None:
    QApplication.sendEvent(widget, QKeyEvent(kind, code, Qt.KeyboardModifier.NoModifier))


# -- the roll ------------------------------------------------------------------------------------


def test_a_changed_pen_is_kept_and_set_back_to_as_shipped(roll, tmp_path):
    quill = pen_by_id("quill-nib")
    roll.put(replace(quill, size_px=33.0))
    finish_writing()
    assert PenLibrary(tmp_path / "library").pen("quill-nib").size_px == 33.0
    assert roll.is_changed("quill-nib")
    roll.restore("quill-nib")
    assert roll.pen("quill-nib") == quill and not roll.is_changed("quill-nib")


def test_saving_as_new_never_overwrites(roll):
    made = roll.put_as_new(pen_by_id("pencil"), "My pencil")
    assert made.id not in {"pencil"} and roll.pen(made.id).name == "My pencil"
    for name in ("My pencil", "my PENCIL", "Quill nib", "  "):
        with pytest.raises(Refused):
            roll.put_as_new(pen_by_id("pencil"), name)


def test_shipped_pens_stay_and_ones_own_can_go(roll):
    with pytest.raises(Refused, match="stay in the library"):
        roll.remove("pencil")
    made = roll.put_as_new(pen_by_id("pencil"), "Mine")
    roll.remove(made.id)
    assert made.id not in {p.id for p in roll.pens}
    assert roll.pen(made.id) is roll.pens[0], "a pen that is gone is replaced by the first"


def test_pens_are_found_by_name_and_tag(roll):
    assert {p.id for p in roll.found("brush")} >= {"brush-pen", "supple-brush", "dry-brush"}
    assert [p.id for p in roll.found("brush texture")] == ["dry-brush"]
    assert roll.found("feather") == []


def test_a_damaged_roll_is_put_aside_and_the_shipped_pens_are_there(tmp_path, qapp, make_window):
    folder = tmp_path / "state"
    folder.mkdir()
    (folder / "pens.json").write_text("{ not a roll")
    window = make_window()
    assert "shipped pens are here" in window.status.text
    assert len(window.hand.library.pens) >= 18
    assert (folder / "pens.damaged.json").read_text() == "{ not a roll"


def test_imported_pens_get_free_names(roll, tmp_path):
    from jotsk.core.files.penfiles import write_pens

    write_pens(tmp_path / "p.json", [pen_by_id("pencil"), pen_by_id("charcoal")])
    added = roll.take_in(tmp_path / "p.json")
    assert [p.name for p in added] == ["Pencil 2", "Charcoal 2"]


# -- the tray and the hand -----------------------------------------------------------------------


def test_searching_shortens_the_roll_and_says_when_nothing_is_left(window, qtbot):
    everything = len(window.pens.rows)
    qtbot.keyClicks(window.pens.search, "nib")
    assert 0 < len(window.pens.rows) < everything
    window.pens.search.setText("feather")
    assert window.pens.rows == [] and "No pen" in window.pens.sentence


def test_the_sketch_stage_puts_pencils_first(window):
    from jotsk.desk.stages import BY_ID

    window.show_stage(BY_ID["sketch"])
    assert "sketch" in window.pens.rows[0].pen.tags
    assert window.hand.pen.id == window.pens.rows[0].pen.id


def test_the_way_of_steadying_is_chosen_per_pen_and_remembered(window, make_window, pen):
    window.pen_settings._ways["tow"].trigger()
    window.pen_settings._options["keeps_corners"].trigger()
    assert (window.hand.pen.way, window.hand.pen.keeps_corners) == ("tow", False)
    assert make_window().hand.library.pen("quill-nib").way == "tow"
    window.hand.set_steady_now(40)
    pen.draw(across(window))
    assert window.document.last_line.when_dry().pen.way == "tow"


def test_a_towed_line_shows_its_rope(window, pen):
    from PySide6.QtCore import QCoreApplication

    window.hand.steady_by(way="tow")
    window.hand.set_steady_now(60)
    for _, event in list(pen._events_of(across(window)))[:110]:
        QCoreApplication.sendEvent(window.board, event)
    towed = window.board.view.to_screen(*window.board.session.towed_at)
    rope = np.hypot(*(np.array(towed) - across(window).xy[109]))
    assert rope == pytest.approx(72.0, abs=4.0), "60 of 100 is a rope of 72 screen px, taut"


@pytest.mark.parametrize(("code", "strength"), [(Qt.Key.Key_2, 100), (Qt.Key.Key_1, 0)])
def test_a_held_key_borrows_steadiness(window, pen, code, strength, monkeypatch):
    press(window, code)
    pen.draw(across(window))
    monkeypatch.setattr(keys, "TAP_S", 0.0)  # whatever time it took was a hold
    press(window, code, QEvent.Type.KeyRelease)
    assert window.document.last_line.when_dry().steady_now == strength
    pen.draw(across(window, y=0.6))
    assert window.document.last_line.when_dry().steady_now == 20


def test_the_white_nib_brings_its_own_ink(window, pen):
    window.hand.take(window.hand.library.pen("white-nib"))
    pen.draw(across(window))
    assert window.document.last_line.when_dry().color == (255, 255, 255)


def test_soft_and_hard_erasers_rub_out_differently(window, pen):
    window.hand.set_size(60)
    pen.draw(across(window))
    inked = window.document.page_when_dry()
    left = {}
    for eraser in ("eraser", "soft-eraser"):
        window.hand.take(window.hand.library.pen(eraser))
        assert window.hand.settings.steady_now == window.hand.settings.steady_after == 0, "steadying spoils an erasure"
        window.hand.set_size(40)
        pen.draw(across(window))
        alphas = np.concatenate(
            [t.view(np.uint8)[..., 3::4].ravel() for _, t in window.document.page_when_dry().active.tiles]
        )
        left[eraser] = np.count_nonzero((alphas > 20) & (alphas < 235))
        window.document.undo()
        assert window.document.page_when_dry() is inked
    assert left["soft-eraser"] > 1.5 * left["eraser"], "a soft one leaves more half tones"


# -- curves, feel --------------------------------------------------------------------------------


def mouse(widget, kind, at: QPointF) -> None:
    left = Qt.MouseButton.LeftButton
    QApplication.sendEvent(widget, QMouseEvent(kind, at, at, left, left, Qt.KeyboardModifier.NoModifier))


def drag(widget, start: QPointF, end: QPointF) -> None:
    mouse(widget, QEvent.Type.MouseButtonPress, start)
    mouse(widget, QEvent.Type.MouseMove, end)
    mouse(widget, QEvent.Type.MouseButtonRelease, end)


def test_points_of_a_response_are_added_dragged_and_taken_away_and_it_stays_monotone(qtbot):
    editor = CurveEditor(monotone=True, tooltip="Response")
    qtbot.addWidget(editor)
    editor.resize(220, 220)
    editor.show()
    drag(editor, editor._at(0.5, 0.8), editor._at(0.4, 0.9))
    assert len(editor.points) == 3 and editor.points[1] == pytest.approx((0.4, 0.9), abs=0.01)
    drag(editor, editor._at(0.4, 0.9), editor._at(0.2, -0.5))
    assert editor.points[1][1] >= 0
    drag(editor, editor._at(*editor.points[0]), editor._at(0.3, 0.7))
    assert editor.points[0][0] == 0 and ResponseCurve(editor.points)
    at = editor._at(*editor.points[1])
    drag(editor, at, at + QPointF(400, 0))
    assert len(editor.points) == 2


def test_the_feel_pad_fits_the_curve_to_three_scribbles(window, qtbot):
    pad = FeelPad(window.hand, window)
    qtbot.addWidget(pad)
    pad.show()
    pen = SimulatedPen(pad.pad, DEVICES["display"])
    share = np.linspace(0, 1, 200)
    for touch, force in (("light", 0.15), ("normal", 0.35), ("hard", 0.7)):
        pad.choose(touch)
        path = np.column_stack([60 + 300 * share, 120 + 40 * np.sin(30 * share)])
        pen.draw(drawn(path, 1.5, pressure=force, hand=Hand(0.5, 0.03), seed=1))
    assert pad.curve == LINEAR, "the curve stays until a fit is asked for"
    pad.fits.click()
    assert pad.device == "simulated display"
    light, normal, hard = pad.curve([0.15, 0.35, 0.7])
    assert (light, normal, hard) == pytest.approx((0.12, 0.5, 0.95), abs=0.08)
    assert pad.editor.histogram.max() == 1
    pad.reset()
    assert pad.curve == LINEAR


def test_the_feel_pad_opens_with_the_kept_curve_and_its_points_can_be_typed(window, qtbot):
    kept = ResponseCurve(((0.0, 0.0), (0.4, 0.7), (1.0, 1.0)))
    window.hand.feels.update({"a tablet": kept, "another": LINEAR})
    pad = FeelPad(window.hand, window, "a tablet")
    qtbot.addWidget(pad)
    assert pad.curve == kept and pad.devices.currentText() == "a tablet"
    assert [pad.devices.itemText(k) for k in range(pad.devices.count())] == ["a tablet", "another"]
    pad.show()
    QTest.mouseClick(pad.editor, Qt.MouseButton.LeftButton, pos=pad.editor.place_of(1).toPoint())
    assert [field.value() for field in pad.typed] == [40, 70]
    pad.typed[1].setValue(55)
    assert pad.curve.points[1] == (0.4, 0.55)
    pad.typed[0].setValue(100)
    assert pad.curve.points[1][0] < 1, "as far as its neighbours allow"
    pad.devices.setCurrentText("another")
    assert pad.curve == LINEAR
    pad.felt("a third", 0.5)
    assert pad.device == pad.devices.currentText() == "a third"


def test_a_feel_is_put_on_every_pressure_of_its_device_and_remembered(window, pen, make_window):
    half = ResponseCurve(((0.0, 0.0), (1.0, 0.5)))
    plain = across(window)
    window.hand.feels["simulated display"] = half
    pen.draw(plain)
    got = window.document.last_line.when_dry().trace.pressure
    assert got == pytest.approx(plain.pressure / 2, abs=0.001)
    write_pressure_curves(window.settings, window.hand.feels)
    assert make_window().hand.feels == {"simulated display": half}
    window.settings.set("hand/feels", {"x": [[0, 1], [1, 0]]})
    assert read_pressure_curves(window.settings) == {}


# -- colours -------------------------------------------------------------------------------------


def test_colours_are_typed_picked_gone_back_to_and_remembered(window, pen, qtbot):
    window.sheets.show_colors()
    sheet = window.sheets.colors
    sheet.hex.setText("#336699")
    sheet._typed()
    assert window.hand.color == (0x33, 0x66, 0x99)
    pen.draw(across(window))
    assert window.hand.recent[0] == (0x33, 0x66, 0x99)
    qtbot.mouseClick(sheet.plane, Qt.MouseButton.LeftButton, pos=QPoint(3, 3))
    assert min(window.hand.color) > 235, "the upper left of the plane is white"
    window.hand.set_color(window.hand.previous_color)
    assert window.hand.color == (0x33, 0x66, 0x99)
    sheet.hex.setText("blue")
    sheet._typed()
    assert "#rrggbb" in sheet.told.text()


def test_the_palette_is_kept_opened_and_saved(window, tmp_path, qapp):
    window.sheets.show_colors()
    window.desk_palette.add((1, 2, 3), "Night")
    finish_writing()
    assert ((1, 2, 3), "Night") in DeskPalette(tmp_path / "state").colors
    window.sheets.colors.save(tmp_path / "p.txt")
    window.desk_palette.remove((1, 2, 3))
    window.sheets.colors.open(tmp_path / "p.txt")
    assert ((1, 2, 3), "Night") in window.desk_palette.colors
    (tmp_path / "bad.txt").write_text("nonsense")
    window.sheets.colors.open(tmp_path / "bad.txt")
    assert "line 1" in window.sheets.colors.told.text()


def test_a_colour_is_picked_from_the_page(window, pen):
    window.hand.set_color((200, 30, 60))
    window.hand.set_size(60)
    pen.draw(across(window))
    window.hand.set_color((0, 0, 0))
    press(window, Qt.Key.Key_C)
    middle = QPointF(*across(window).xy.mean(axis=0))
    drag(window.board, middle, middle)
    press(window, Qt.Key.Key_C, QEvent.Type.KeyRelease)
    assert window.hand.color == (200, 30, 60)
    page = window.document.page_when_dry()
    assert color_at(page, 5, 5) == (255, 255, 255) and color_at(page, 5, 5, page.active_uid) is None
    assert color_at(page, -1, 5) is None


# -- the last line -------------------------------------------------------------------------------


def test_the_last_lines_handles_mend_that_line_alone(window, pen):
    pen.draw(across(window, y=0.4))
    first = window.document.last_line.when_dry()
    pen.draw(across(window, y=0.6))
    inked = window.document.page_when_dry()
    window.last_line.size_track.changed.emit(55.0, True)
    assert window.document.last_line.when_dry().size_px == 55.0
    assert next(iter(window.document.page_when_dry().active.marks)) is first
    handles = window.last_line.handles(window)
    handles.tapers["taper_out"].changed.emit(120.0, True)
    handles.response.changed.emit(((0.0, 0.0), (0.5, 0.9), (1.0, 1.0)))
    mended = window.document.last_line.when_dry()
    assert mended.pen.width.curve.points[1] == (0.5, 0.9)
    assert window.hand.library.pen("quill-nib") == pen_by_id("quill-nib"), "the pen in the library stays as it is"
    for _ in range(3):
        window.document.undo()
    assert window.document.page_when_dry() is inked
