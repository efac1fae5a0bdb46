"""New pages, page size, crop, export and print, as a user goes through their sheets."""

from __future__ import annotations

import re

import numpy as np
import pikepdf
import pytest
from PIL import Image
from PySide6.QtCore import QPoint, Qt
from PySide6.QtPrintSupport import QPrinter
from PySide6.QtWidgets import QMessageBox

from jotsk.core.files.openraster import read_page
from jotsk.core.page import InkLayer, flattened, rgba
from jotsk.desk.dialogs import ExportSheet, NewPage, PageSize
from jotsk.desk.dialogs.page_forms import OWN_SIZE
from jotsk.desk.inout.jobs import Stopped
from jotsk.desk.inout.printing import print_page
from tests.conftest import stroke_along
from tests.core.files.test_press import simple_press
from tests.desk.conftest import across


def through(monkeypatch, sheet_class, use) -> None:
    """Whenever the sheet opens, `use` it, and accept."""

    def run(sheet) -> bool:
        use(sheet)
        return True

    monkeypatch.setattr(sheet_class, "exec", run)


def test_a_new_page_has_the_size_its_name_says(window, monkeypatch):
    def use(sheet: NewPage) -> None:
        sheet.sizes.setCurrentText("JIS B4")
        sheet.dpi.setValue(350)
        sheet.upright.setCurrentText("Lying")
        assert sheet.told.text() and sheet.make_button.isEnabled()

    through(monkeypatch, NewPage, use)
    window.actions_by_id["page.new"].trigger()
    page = window.document.page_when_dry()
    # JIS P 0138: B4 is 257 x 364 mm.
    assert (page.width, page.height, page.dpi) == (round(364 / 25.4 * 350), round(257 / 25.4 * 350), 350)
    assert not window.document.is_unsaved and window.document.title == "New page"


def test_a_size_of_ones_own_in_any_unit(window, monkeypatch):
    sheet = NewPage(window)
    sheet.dpi.setValue(254)
    sheet.measure.unit.setCurrentText("px")
    sheet.measure.unit.activated.emit(2)
    sheet.measure.width_box.setValue(1000)
    assert sheet.sizes.currentText() == OWN_SIZE
    sheet.measure.height_box.setValue(500)
    assert (sheet.page.width, sheet.page.height) == (1000, 500)
    sheet.measure.unit.setCurrentText("mm")
    sheet.measure.unit.activated.emit(0)
    assert (sheet.measure.width_box.value(), sheet.measure.height_box.value()) == (100, 50), "10 px a mm at 254 dpi"
    sheet.measure.width_box.setValue(60_000)
    assert not sheet.make_button.isEnabled() and "px" in sheet.told.text()


def test_a_page_grows_around_its_ink_and_shrinks_again_by_undo(window, pen, monkeypatch, settle):
    pen.draw(across(window))
    before = window.document.page_when_dry()
    stroke = before.active.marks.last

    def use(sheet: PageSize) -> None:
        sheet.measure.unit.setCurrentText("px")
        sheet.measure.unit.activated.emit(2)
        sheet.measure.width_box.setValue(before.width + 200)
        sheet.anchor = (1.0, 0.5)
        sheet.frames[0].setValue(5)

    through(monkeypatch, PageSize, use)
    window.actions_by_id["page.size"].trigger()
    settle(window)
    page = window.document.page_when_dry()
    assert (page.width, page.height, page.trim_mm) == (before.width + 200, before.height, 5)
    moved = page.active.marks.last.ribbon.points - stroke.ribbon.points
    assert moved[:, 0] == pytest.approx(200, abs=1e-3) and moved[:, 1] == pytest.approx(0, abs=1e-3)
    window.document.undo()
    assert window.document.page_when_dry().bounds == before.bounds


def test_another_resolution_renders_the_ink_anew(window, pen, monkeypatch, settle):
    pen.draw(across(window))
    before = window.document.page_when_dry()
    through(monkeypatch, PageSize, lambda sheet: sheet.dpi_box.setValue(before.dpi * 2))
    window.actions_by_id["page.size"].trigger()
    settle(window)
    page = window.document.page_when_dry()
    assert page.width == before.width * 2 and page.dpi == before.dpi * 2
    assert isinstance(page.active, InkLayer) and page.active.marks.last.size_px == before.active.marks.last.size_px * 2
    # Ink is as sharp as if it had been drawn there: as many half-covered px for twice the length, not four times.
    edge = [
        np.count_nonzero((a := rgba(flattened(p))[..., 0]) > 20) - np.count_nonzero(a > 235) for p in (before, page)
    ]
    assert edge[1] < 2.6 * edge[0]


def test_the_page_is_cropped_to_what_is_drawn_around(window, pen, mouse, settle, qtbot):
    pen.draw(across(window))
    board = window.board
    before = window.document.page_when_dry()
    window.actions_by_id["page.crop"].trigger()
    assert board.tool.id == "crop"
    a, b = (board.view.to_screen(before.width * s, before.height * s) for s in (0.25, 0.75))
    qtbot.mousePress(board, Qt.MouseButton.LeftButton, pos=QPoint(*map(round, a)))
    qtbot.mouseMove(board, QPoint(round(a[0]), round(b[1])))
    qtbot.mouseMove(board, QPoint(*map(round, b)))
    corners = board.tool.outline
    assert (corners[0].x(), corners[0].y()) == pytest.approx(a, abs=2), "the page to be is shown"
    assert (corners[2].x(), corners[2].y()) == pytest.approx(b, abs=2)
    qtbot.mouseRelease(board, Qt.MouseButton.LeftButton, pos=QPoint(*map(round, b)))
    settle(window)
    page = window.document.page_when_dry()
    reach = 3 / board.view.zoom + 8
    assert page.width == pytest.approx(before.width / 2, abs=reach)
    assert page.height == pytest.approx(before.height / 2, abs=reach)
    assert len(page.active.marks) == 1
    assert board.tool.id == "draw", "a crop is done once"
    window.document.undo()
    assert window.document.page_when_dry().bounds == before.bounds


def test_the_export_sheet_offers_what_a_kind_can_hold_and_writes_it(window, pen, tmp_path, monkeypatch, settle):
    pen.draw(across(window))

    def use(sheet: ExportSheet) -> None:
        sheet.kind.setCurrentIndex(sheet.kind.findData("jpeg"))
        assert [sheet.color.itemData(i) for i in range(sheet.color.count())] == ["rgb", "grey"]
        sheet.kind.setCurrentIndex(sheet.kind.findData("tiff"))
        sheet.color.setCurrentIndex(sheet.color.findData("bits"))
        sheet.scale.setValue(50)
        seen = sheet.part(300, 200, (0.5, 0.5))
        assert (seen.width(), seen.height()) == (300, 200)
        shades = {seen.pixelColor(x, y).value() for x in range(0, 300, 7) for y in range(200)}
        assert shades == {0, 255}, "the preview is the result"

    through(monkeypatch, ExportSheet, use)
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getSaveFileName", lambda *_: (str(tmp_path / "proof"), ""))
    window.actions_by_id["page.export"].trigger()
    settle(window)
    with Image.open(tmp_path / "proof.tif") as picture:
        assert (picture.mode, picture.size, picture.info["compression"]) == ("1", (1240, 1754), "group4")
        assert picture.info["dpi"] == pytest.approx((150, 150))


def test_chosen_layers_alone_are_exported(window, pen):
    window.document.layers.add()
    pen.draw(across(window))
    sheet = ExportSheet(window.document.page_when_dry(), window)
    sheet.kind.setCurrentIndex(sheet.kind.findData("png"))
    sheet.color.setCurrentIndex(sheet.color.findData("rgba"))
    sheet.transparent.setChecked(True)
    assert sheet.export.layers is None and sheet.export.transparent
    sheet.layers.item(0).setCheckState(Qt.CheckState.Unchecked)
    assert window.document.page_when_dry().active_uid not in sheet.export.layers
    seen = sheet.part(*sheet.pixel_size, (0.5, 0.5))
    assert not any(seen.pixelColor(x, seen.height() // 2).alpha() for x in range(0, seen.width(), 50))


def test_the_true_size_follows_the_drag_and_what_is_written(window, pen, qtbot):
    pen.draw(across(window))
    sheet = ExportSheet(window.document.page_when_dry(), window)
    sheet.show()
    view = sheet.view
    for change in (
        lambda: None,
        lambda: qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=QPoint(200, 200)),
        lambda: qtbot.mouseMove(view, QPoint(120, 150)),
        lambda: sheet.scale.setValue(50),
    ):
        change()
        wanted = sheet.part(view.width(), view.height(), view.middle or (0.5, 0.5))
        qtbot.waitUntil(lambda wanted=wanted: view._image is not None and view._image == wanted)
    assert view.middle is not None and view.middle[0] > 0.5 and view.middle[1] > 0.5
    sheet.close()


def test_printing_puts_the_page_on_paper_at_its_true_size(window, pen, tmp_path):
    pen.draw(across(window))
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(tmp_path / "p.pdf"))
    printer.setResolution(300)
    page = window.document.page_when_dry()
    print_page(page, printer)
    printed = np.zeros((page.height, page.width, 3), np.uint8)
    with pikepdf.open(tmp_path / "p.pdf") as pdf:
        (sheet,) = pdf.pages
        content, pictures = sheet.Contents.read_bytes().decode(), sheet.get_images()
        number = r"([-\d.]+)"
        unit = float(re.search(rf"{number} 0 0 -{number} 0 {number} cm", content)[1])  # pt of a px of the printer
        bands = re.findall(
            rf"{number} 0 0 {number} {number} {number} cm\n{number} 0 0 -{number} 0 {number} cm /(\w+)", content
        )
        top = float(bands[0][3])
        for x_scale, y_scale, _, y, width, height, _, name in bands:
            picture = pictures[f"/{name}"]
            assert picture.Filter == "/FlateDecode" and picture.Width == page.width
            # A px of 300 dpi is 0.24 pt wide (ISO 32000: a unit is 1/72 inch).
            assert float(width) * float(x_scale) * unit == pytest.approx(page.width * 0.24, rel=1e-3)
            assert float(height) * float(y_scale) * unit == pytest.approx(picture.Height * 0.24, rel=1e-3)
            row = round((float(y) - top) / float(y_scale))
            rows = np.asarray(pikepdf.PdfImage(picture).as_pil_image().convert("RGB"))
            assert not row or np.array_equal(printed[row], rows[0]), "bands overlap by a row, so that no seam shows"
            printed[row : row + len(rows)] = rows
    assert np.array_equal(printed, rgba(flattened(page))[..., :3])


def test_a_print_that_is_stopped_is_given_up(window, pen, tmp_path):
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(tmp_path / "p.pdf"))

    def stop(share: float) -> None:
        if share > 0.3:
            raise Stopped

    with pytest.raises(Stopped):
        print_page(window.document.page_when_dry(), printer, stop)
    assert printer.printerState() in (QPrinter.PrinterState.Aborted, QPrinter.PrinterState.Idle)


def test_a_file_changed_by_another_program_is_not_written_over(window, pen, tmp_path, monkeypatch, settle):
    pen.draw(across(window))
    path = tmp_path / "p.ora"
    window.filing.save(path)
    settle(window)
    path.write_bytes(b"somebody else wrote this")
    pen.draw(across(window, y=0.6))
    asked = []
    monkeypatch.setattr(QMessageBox, "exec", lambda box: asked.append(box.text()) or 0)
    monkeypatch.setattr(QMessageBox, "clickedButton", lambda box: box.buttons()[0])
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getSaveFileName", lambda *_: (str(tmp_path / "mine"), ""))
    window.actions_by_id["page.save"].trigger()
    settle(window)
    assert len(asked) == 1 and "another program" in asked[0]
    assert path.read_bytes() == b"somebody else wrote this"
    assert len(read_page(tmp_path / "mine.ora").active.marks) == 2


def test_the_inks_of_a_press_are_chosen_shown_and_written(window, tmp_path, monkeypatch):
    window.document.ink.add_stroke(stroke_along([(300, 300), (2000, 400)], size=80, color=(200, 60, 40)))
    path = tmp_path / "press.icc"
    path.write_bytes(simple_press())
    sheet = ExportSheet(window.document.page_when_dry(), window)
    sheet.kind.setCurrentIndex(sheet.kind.findData("tiff"))
    sheet.color.setCurrentIndex(sheet.color.findData("cmyk"))
    assert "Choose the ICC profile" in sheet.told.text() and not sheet.write.isEnabled()
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getOpenFileName", lambda *_: (str(path), ""))
    sheet.press.click()
    assert sheet.press.text() == "A press for tests" and sheet.write.isEnabled()
    assert sheet.export.profile is not None and sheet.choices["profile"] == str(path)
    path.write_bytes(b"no profile")
    sheet.press.click()
    assert "no ICC profile" in sheet.told.text() and sheet.export.profile is not None
    sheet.close()
