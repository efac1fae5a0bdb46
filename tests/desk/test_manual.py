"""The manual opens at the stage's page, is searched, and follows its links."""

from __future__ import annotations

import re

import pytest
from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QImage, QTextDocument

from jotsk.core.page import blank_page
from jotsk.desk.dialogs import ExportSheet, manual
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.dialogs.manual import PAGES, Manual, fitted, manual_folder
from jotsk.desk.dialogs.page_forms import PageSize
from jotsk.desk.stages import BY_ID as STAGES

PICTURE = "\ufffc"  # U+FFFC, the object replacement character, stands for one in a text of Qt


def shown(sheet):
    return sheet.pages.currentItem().data(Qt.ItemDataRole.UserRole)


def test_it_opens_at_the_page_of_the_stage_beside_the_window(window):
    window.top.stage_chosen.emit(STAGES["fill"])
    window.actions_by_id["help.manual"].trigger()
    sheet = window.findChild(Manual)
    assert sheet.isVisible() and not sheet.isModal() and shown(sheet) == "filling"
    assert "Pour" in sheet.text.toPlainText() and "|" not in sheet.text.toPlainText().split("\n\n")[0]
    window.top.stage_chosen.emit(STAGES["mend"])
    window.actions_by_id["help.manual"].trigger()
    assert window.findChildren(Manual) == [sheet] and shown(sheet) == "mending"
    sheet.close()


def test_it_is_searched_and_links_lead_to_its_pages(qtbot):
    sheet = Manual()
    qtbot.addWidget(sheet)
    sheet.search.setText("blue noise")
    left = [name for k, name in enumerate(PAGES) if not sheet.pages.item(k).isHidden()]
    assert "filling" in left and "guides" not in left and shown(sheet) in left
    assert sheet.text.textCursor().selectedText().lower() == "blue noise"
    sheet.search.setText("zzz nowhere")
    assert "does not stand" in sheet.told.text()
    sheet.search.clear()
    sheet.text.anchorClicked.emit(QUrl("steps.md"))
    assert shown(sheet) == "steps"


def test_every_page_is_there_with_its_pictures(qtbot):
    folder = manual_folder()
    assert folder is not None
    for name in PAGES:
        text = (folder / f"{name}.md").read_text()
        for picture in re.findall(r"!\[[^\]]*\]\(([^)]+)\)", text):
            assert (folder / picture).exists(), picture
        assert "![" not in fitted(text, folder)
    sheet = Manual("mending")
    qtbot.addWidget(sheet)
    assert sheet.text.document().toHtml().count("<img") >= 2


def test_a_picture_stands_below_the_title(qtbot):
    sheet = Manual("drawing")
    qtbot.addWidget(sheet)
    title = sheet.text.document().begin()
    assert title.text() == "Drawing" and PICTURE in title.next().text()


def test_lines_of_japanese_are_joined_without_a_space(tmp_path):
    assert fitted("履歴と\n見え方を保ちます。\nF1 で\n\n次", tmp_path) == "履歴と見え方を保ちます。\nF1 で\n\n次"


def test_pictures_of_a_page_come_one_after_the_other_and_leave_the_text_where_it_is(qtbot):
    sheet = Manual("mending")
    qtbot.addWidget(sheet)
    sheet.show()
    document = sheet.text.document()
    height = document.size().height()
    assert sheet.text.is_loading
    names = [QUrl(name) for name in re.findall(r'<img src="([^"]+)"', document.toHtml())]
    qtbot.waitUntil(lambda: not sheet.text.is_loading)
    kind = QTextDocument.ResourceType.ImageResource.value
    pictures = [document.resource(kind, name) for name in names]
    assert all(picture.width() == manual.WIDEST_PX * picture.devicePixelRatio() for picture in pictures)
    assert all(picture.format() != QImage.Format.Format_Alpha8 and not picture.isNull() for picture in pictures)
    assert document.size().height() == height
    assert len(names) > 1


def test_without_the_documents_it_says_where_they_are(qtbot, tmp_path, monkeypatch):
    monkeypatch.setattr(manual, "PLACES", (tmp_path,))
    sheet = Manual()
    qtbot.addWidget(sheet)
    assert "comes with the source" in sheet.text.toPlainText()


@pytest.mark.parametrize(
    ("make", "page"),
    [(lambda: PageSize(blank_page(400, 300)), "drawing"), (lambda: ExportSheet(blank_page(400, 300)), "handing-over")],
)
def test_a_question_mark_leads_from_a_sheet_to_its_page(qtbot, make, page):
    sheet = make()
    qtbot.addWidget(sheet)
    sheet.show()
    (mark,) = sheet.findChildren(QuestionMark)
    mark.click()
    mark.click()
    (book,) = sheet.findChildren(Manual)
    assert book.isVisible() and shown(book) == page
