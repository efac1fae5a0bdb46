"""The desk at every size: nothing is cut, what is needed is at hand, and what was said goes when it is past."""

from __future__ import annotations

from dataclasses import replace

import pytest
from PySide6.QtCore import QPoint, QRect, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLabel, QPushButton, QToolButton, QWidget

from jotsk.core.guides import guide_from
from jotsk.core.guides.numbers import rows_of
from jotsk.desk.dialogs import ExportSheet, FeelPad, KeySheet, MilestoneSheet, NewPage, PenMaker
from jotsk.desk.dialogs.guide_sheet import GuideSheet
from jotsk.desk.stages import STAGES
from jotsk.desk.trays.pens import GROUPS
from tests.desk.conftest import across

ICON_ONLY = Qt.ToolButtonStyle.ToolButtonIconOnly
SIZES = [(1024, 700), (1280, 800), (1920, 1080), (2560, 1440)]


def outside(widget: QWidget, room: QWidget) -> list[str]:
    """The visible parts of a widget that reach beyond it."""
    found = []
    for part in widget.findChildren(QWidget):
        if not part.isVisibleTo(widget) or part.window() is not room.window():
            continue
        box = QRect(part.mapTo(room, QPoint()), part.size())
        if part.parentWidget() is widget and not room.rect().contains(box):
            found.append(f"{type(part).__name__} {part.accessibleName()} {box}")
    return found


@pytest.mark.parametrize("size", SIZES)
def test_nothing_is_cut_at_any_size(window, pen, qtbot, size):
    window.document.title = "The harbour at dusk, seen from the second floor of the old customs house"
    window.resize(*size)
    window.refresh_title()
    window.document.state_changed.emit()
    pen.draw(across(window))
    window.status.tell("A sentence that is long enough to go on for more than one line of a narrow window, " * 2)
    for strip in ("draft", "pictures"):
        window.strips[strip].show_if(True)
    qtbot.wait(30)  # layouts
    assert (window.width(), window.height()) == size, "no name and no number widens the window"
    for stage in reversed(STAGES):
        window.top.stage_chosen.emit(stage)
        qtbot.wait(20)
        for part in (window, window.top, window.foot, window.hand_side, window.page_side, window.board):
            assert outside(part, part) == []
        assert (window.width(), window.height()) == size, f"{stage.name} does not widen it"
    tools = [b for b in window.findChildren(QToolButton) if b.toolButtonStyle() is not ICON_ONLY]
    for button in (*window.findChildren(QPushButton), *tools):
        if button.isVisibleTo(window) and button.text():
            assert button.width() >= button.fontMetrics().horizontalAdvance(button.text()), button.text()
    assert window.top.name.shown.endswith("…") == (size[0] < 1900) and "customs house" in window.top.name.toolTip()


def test_a_strip_lies_beside_the_head_of_a_page_that_is_shown_whole(window):
    window.board.fit()
    top = window.board.view.to_screen(0, 0)[1] / window.board.devicePixelRatioF()
    window.hold_keys.switch("hand.draft")
    strip = window.strips["draft"]
    assert strip.isVisible() and strip.geometry().bottom() <= top and strip.width() <= window.board.width()


def test_every_sheet_fits_a_small_screen(window, qtbot):
    board = window.board
    for sheet in (
        ExportSheet(window.document.page, board), NewPage(board), KeySheet(window.key_map, board),
        FeelPad(window.hand, board), PenMaker(window.hand, board), GuideSheet(board.guiding, board),
        MilestoneSheet(window.pages.milestones, window.document, board),
    ):  # fmt: skip
        qtbot.addWidget(sheet)
        sheet.show()
        assert sheet.height() <= 700 and sheet.width() <= 1024, type(sheet).__name__
        sheet.close()


def test_the_numbers_of_another_guide_do_not_lie_over_those_before(window, qtbot):
    guiding = window.board.guiding
    records = [{"kind": "perspective", "points": [[0, 0], [900, 0]]}, {"kind": "spokes", "at": [5, 5]}]
    window.document.page_edits.set_guides("Guides", [guide_from(r).record() for r in records])
    sheet = GuideSheet(guiding, window.board)
    qtbot.addWidget(sheet)
    sheet.show()
    for k in (0, 1, 0):
        guiding.select(k)
        qtbot.wait(20)
        shown = [label.text() for label in sheet.findChildren(QLabel) if label.isVisible()]
        assert ("Point 2 across" in shown) == (k == 0)


@pytest.mark.parametrize(
    "other", [{"kind": "perspective", "points": [[0, 0], [900, 0]]}, {"kind": "spokes", "at": [5, 5]}]
)
def test_a_number_that_is_still_being_typed_does_not_go_to_the_guide_that_comes(window, qtbot, other):
    guiding = window.board.guiding
    records = [{"kind": "straightedge", "at": [9, 9], "angle": 20}, other]
    window.document.page_edits.set_guides("Guides", [guide_from(r).record() for r in records])
    guiding.select(0)
    sheet = GuideSheet(guiding, window.board)
    qtbot.addWidget(sheet)
    sheet.show()
    sheet.activateWindow()
    field = sheet.fields["at 0"]
    field.setFocus()
    qtbot.waitUntil(field.hasFocus)
    QTest.keyClicks(field, "77")
    field.lineEdit().setText("77")
    before = guiding.guide(1)
    guiding.select(1)
    assert guiding.guide(1) == before and guiding.guide(0).at == (9, 9)
    assert {key for key, _ in rows_of(before)} == set(sheet.fields)


# -- at hand -------------------------------------------------------------------------------------


def test_open_save_undo_and_redo_are_one_press_away(window, pen, monkeypatch):
    asked = []
    monkeypatch.setattr(window.pages, "ask_open", lambda: asked.append("open"))
    undo, redo = (window.top.at_hand[name] for name in ("undo-2", "redo-2"))
    assert not undo.isEnabled() and not redo.isEnabled()
    pen.draw(across(window))
    QTest.mouseClick(undo, Qt.MouseButton.LeftButton)
    assert not len(window.document.page.active.marks) and redo.isEnabled()
    QTest.mouseClick(redo, Qt.MouseButton.LeftButton)
    assert len(window.document.page.active.marks) == 1
    tips = " ".join(button.toolTip() for button in window.top.at_hand.values())
    assert all(key in tips for key in ("Ctrl+O", "Ctrl+S", "Ctrl+Z"))


def test_an_empty_page_says_first_how_a_sketch_comes_in(window, pen):
    board = window.board
    empty = board.grab().toImage()
    board.shows_welcome = False
    assert board.grab().toImage() != empty
    board.shows_welcome = True
    pen.draw(across(window))
    inked = board.grab().toImage()
    board.shows_welcome = False
    assert board.grab().toImage() == inked, "a page with something on it says nothing"


def test_what_was_said_beside_the_pen_goes_when_it_is_past(window, pen):
    window.document.layers.change("Hide", visible=False)
    pen.draw(across(window))
    assert "hidden" in window.board.notice
    window.document.layers.change("Show", visible=True)
    assert window.board.notice == ""


def test_pens_lie_close_in_groups_and_those_of_the_stage_come_first(window):
    window.resize(1280, 800)
    for stage in STAGES:
        window.show_stage(stage)
        pens = [row.pen for row in window.pens.rows]
        assert len(pens) == len(window.hand.library.pens), "every stage has the pens"
        if stage.has_pens:
            assert stage.is_for(pens[0])
        places = {}
        for k, row in enumerate(window.pens.rows):
            places.setdefault(window.pens.group_of(row.pen), []).append(k)
        assert all(found == list(range(found[0], found[-1] + 1)) for found in places.values()), "none is torn apart"
    window.show_stage(STAGES[1])
    QApplication.processEvents()
    shown = window.pens.height() / window.pens.rows[0].height()
    assert shown > 11 and set(places) <= {*GROUPS.values(), "Others", "Erasers"}


def test_a_favourite_is_found_under_that_heading_alone(window):
    pen = window.hand.library.pen("brush-pen")
    window.hand.library.put(replace(pen, tags=("favourite", *pen.tags)))
    assert window.pens.rows[0].pen.id == "brush-pen"
    assert sum(row.pen.id == "brush-pen" for row in window.pens.rows) == 1


def test_the_last_stage_is_called_hand_over(window):
    assert [widget.stage.name for widget in window.top.stages][-1] == "Hand over"
