"""Orders in the window: chosen, changed, kept, and written at once."""

from __future__ import annotations

import numpy as np
import pytest
from PIL import Image
from PySide6.QtCore import QMimeData, Qt, QUrl
from PySide6.QtWidgets import QFileDialog, QMessageBox

from jotsk.core.files.openraster import read_page
from jotsk.core.files.orders import USUAL
from jotsk.core.page import blank_page, flattened
from jotsk.desk.dialogs import OrdersSheet
from tests.conftest import stroke_along
from tests.core.files.test_svg_lines import CHART
from tests.desk.conftest import across
from tests.desk.test_page_sheets import through


@pytest.fixture
def folder(tmp_path, monkeypatch):
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getExistingDirectory", lambda *_: str(tmp_path / "out"))
    (tmp_path / "out").mkdir()
    return tmp_path / "out"


def tick(sheet: OrdersSheet, *names: str) -> None:
    for order, item in zip(sheet.orders, sheet._items(), strict=True):
        item.setCheckState(Qt.CheckState.Checked if order.name in names else Qt.CheckState.Unchecked)


def test_ticked_orders_are_written_into_a_folder(window, pen, folder, settle, monkeypatch):
    pen.draw(across(window))

    def use(sheet: OrdersSheet) -> None:
        tick(sheet, "For the web", "With its layers")
        assert sheet.write.text() == "Write 2 files…" and sheet.write.isEnabled()

    through(monkeypatch, OrdersSheet, use)
    window.actions_by_id["page.hand_over"].trigger()
    settle(window)
    assert sorted(file.name for file in folder.iterdir()) == ["New page-layers.ora", "New page-web.png"]
    with Image.open(folder / "New page-web.png") as picture:
        assert max(picture.size) == 2000 and picture.convert("L").getextrema()[0] < 60
    assert len(read_page(folder / "New page-layers.ora").active.marks) == 1
    # Once more: nothing is replaced unasked.
    before = (folder / "New page-web.png").stat().st_ino
    monkeypatch.setattr(QMessageBox, "question", lambda *_: QMessageBox.StandardButton.No)
    window.actions_by_id["page.hand_over"].trigger()
    settle(window)
    assert (folder / "New page-web.png").stat().st_ino == before


def test_orders_of_ones_own_are_kept(window, monkeypatch):
    def change(sheet: OrdersSheet) -> None:
        sheet.add.click()
        sheet.name.setText("For the colourist")
        sheet.name.textEdited.emit("For the colourist")
        sheet.kind.setCurrentIndex(sheet.kind.findData("tiff"))
        sheet.color.setCurrentIndex(sheet.color.findData("rgba"))
        sheet.transparent.setChecked(True)
        sheet.ending.setText("-co/lour")
        sheet.ending.textEdited.emit("-co/lour")
        sheet.list.setCurrentRow(0)
        sheet.remove.click()

    monkeypatch.setattr(OrdersSheet, "exec", lambda sheet: change(sheet) or False)
    window.actions_by_id["page.hand_over"].trigger()

    def look(sheet: OrdersSheet) -> None:
        assert [order.name for order in sheet.orders] == [*(o.name for o in USUAL[1:]), "For the colourist"]
        own = sheet.orders[-1]
        assert (own.kind, own.color, own.transparent, own.ending) == ("tiff", "rgb", False, "-colour")
        assert "For the colourist" in sheet.names
        sheet.usual.click()
        assert [order.name for order in sheet.orders] == [*(o.name for o in USUAL), "For the colourist"]

    monkeypatch.setattr(OrdersSheet, "exec", lambda sheet: look(sheet) or False)
    window.actions_by_id["page.hand_over"].trigger()


def test_what_cannot_be_written_is_said(window, qtbot):
    page = window.document.page_when_dry()
    sheet = OrdersSheet(page, USUAL, ["For the web"], "", window)
    qtbot.addWidget(sheet)
    assert "Nothing is to be seen on it." in sheet.told.text() and sheet.is_drawing
    qtbot.waitUntil(lambda: not sheet.is_drawing)
    pictures = [sheet.list.item(k).icon().pixmap(74, 90).toImage() for k in range(len(USUAL))]
    assert all(picture.pixelColor(37, 45).lightness() == 255 for picture in pictures), "the paper of an empty page"
    sheet.list.setCurrentRow(1)
    sheet.copy.click()
    assert sheet.orders[-1].name == "For the web 2" and sheet.write.text() == "Write 2 files…"
    sheet.ending.setText("-web")
    sheet.ending.textEdited.emit("-web")
    assert not sheet.write.isEnabled() and "endings of their own" in sheet.told.text()
    tick(sheet)
    assert not sheet.write.isEnabled()
    for _ in range(len(sheet.orders)):
        sheet.remove.click()
    assert not sheet.orders and "No orders" in sheet.told.text()


def test_the_lines_of_an_svg_are_brought_in_dropped_and_opened(window, settle, tmp_path, monkeypatch):
    path = tmp_path / "chart.svg"
    path.write_text(CHART)
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_: (str(path), ""))
    window.actions_by_id["page.lines"].trigger()
    settle(window)
    document = window.document
    assert document.page.active.name == "chart" and len(document.page.active.marks) == 6
    assert document.undo_label == "Bring in lines"
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(path))])
    assert window.pages.take(data, may_open=True)
    settle(window)
    assert document.page.active.name.startswith("chart") and len(document.page.layers) == 3
    window.open(path)
    settle(window)
    assert (document.page.width, document.page.height) == (400, 300) and document.path is None
    path.write_text("<svg")
    window.pages.add_lines(path)
    settle(window)
    assert "well-formed" in window.status.text + window.board.notice


def test_the_page_is_drawn_again_on_the_board_and_stopped(window, qtbot):
    for k in range(4):
        window.document.ink.add_stroke(stroke_along([(400, 600 + 300 * k), (2000, 700 + 300 * k)], size=60))
    page = window.document.page_when_dry()
    tool, strip = window.board.tools["drawn_again"], window.strips["drawn_again"]
    window.actions_by_id["page.drawn_again"].trigger()
    assert strip.isVisible() and tool.is_playing
    assert len(window.board.picture.page.active.marks) < 4, "it begins with an empty page"
    assert window.document.page is page, "the page itself stays"
    tool.pause(True)
    at = tool.now_s
    qtbot.wait(90)
    assert tool.now_s == at and not tool.is_playing
    tool.set_speed(256)
    tool.pause(False)
    qtbot.waitUntil(lambda: tool.now_s == tool.whole_s)
    assert np.array_equal(flattened(window.board.picture.page), flattened(page))
    window.actions_by_id["edit.drop"].trigger()
    assert window.board.tool is not tool and window.board.picture.page is page and not strip.isVisible()
    window.actions_by_id["page.drawn_again"].trigger()
    window.document.undo()
    assert window.board.tool is not tool and len(window.board.picture.page.active.marks) == 3
    window.document.take(blank_page(100, 100), path=None, title="x", saved=True)
    window.actions_by_id["page.drawn_again"].trigger()
    assert "no line" in window.board.notice and not tool.is_playing
