"""Practice with the real window: sheets drawn by the simulated pen, the diary, and the page turned for a line."""

from __future__ import annotations

import math

import numpy as np
import pytest
from PySide6.QtCore import QPointF

from jotsk.core.check.practice import advice, diary
from jotsk.core.check.practice.figures import Figures
from jotsk.core.check.practice.sheets import DIRECTIONS, sheet_of
from jotsk.core.check.practice.simulated import SKILLS, drawn_sheet
from jotsk.core.hand import Trace
from jotsk.core.page import blank_page
from jotsk.desk.commands import practice_commands
from jotsk.desk.dialogs.practice_sheet import PracticeSheet
from tests.conftest import stroke_along
from tests.core.check.test_practice import entries
from tests.desk.conftest import offer


@pytest.fixture
def practising(window):
    window.pages.open_sheet("lines", "medium")
    window.hand.take(window.hand.library.pen("plain-round"))
    return window


def draw(window, pen, each):
    """A stroke of the simulated hand, on the screen."""
    places = np.array([window.board.view.to_screen(x, y) for x, y in each.trace.xy])
    samples = each.trace.samples.copy()
    samples[:, 1:3] = places
    pen.draw(Trace(samples))


def test_lines_are_measured_as_they_dry_shown_taken_back_and_kept(practising, pen, qtbot):
    practice, strip = practising.practice, practising.strips["practice"]
    assert strip.isVisible() and "draw from the dot" in strip.words.toolTip() + strip.words.text()
    strokes = drawn_sheet(sheet_of("lines"), SKILLS["practised"], 300.0)[:5]
    for each in strokes:
        draw(practising, pen, each)
    assert practice.share_done == (5, 32) and "5 of 32" in strip.words.text()
    found = [result.figures for _, result in practice.results]
    for figures, each in zip(found, strokes, strict=True):
        assert figures.off == pytest.approx(each.truth.off, rel=0.1, abs=0.05)  # the screen's px are coarser
        assert figures.beyond == pytest.approx(each.truth.beyond, abs=0.25)
    assert "off the line" in practising.board.notice or "Off the line" in practising.board.notice
    qtbot.waitUntil(lambda: len(diary.read(practice.path)) == 5)
    practising.document.undo()
    assert practice.share_done == (4, 32)
    practising.document.redo()
    assert practice.share_done == (5, 32)
    assert len(diary.read(practice.path)) == 5, "a line is kept once"
    assert not practising.board.grab().isNull()


def test_the_lines_of_a_sheet_are_a_picture_that_moves_with_the_view(practising, monkeypatch, qtbot):
    board, drawn = practising.board, []
    draw_sheet = practice_commands.draw_sheet
    monkeypatch.setattr(practice_commands, "draw_sheet", lambda *what: drawn.append(what[1]) or draw_sheet(*what))
    practising.practice.changed.emit()
    qtbot.waitUntil(lambda: not board.is_moving)
    board.grab()
    board.grab()
    board.set_view(board.view.panned(30, 20))
    board.grab()
    assert len(drawn) == 1, "kept while nothing changes, and while the view moves"
    qtbot.waitUntil(lambda: not board.is_moving)
    board.grab()
    assert len(drawn) == 2 and drawn[0] != drawn[1]


def test_a_sheet_is_drawn_once_more_without_steadiness_and_compared(window, pen, qtbot):
    window.pages.open_sheet("circles", "medium")
    window.hand.take(window.hand.library.pen("plain-round"))
    window.hand.set_steady_now(20)
    window.hand.set_steady_after(60)
    strip, practice = window.strips["practice"], window.practice
    strokes = drawn_sheet(sheet_of("circles"), SKILLS["practised"], 300.0)
    for each in strokes[:-1]:
        draw(window, pen, each)
    assert not strip.again.isVisible()
    draw(window, pen, strokes[-1])
    assert strip.again.isVisible()
    first = practice.summary()
    strip.again.click()
    assert practice.share_done == (0, 8) and "without steadiness" in strip.words.text()
    for each in drawn_sheet(sheet_of("circles"), SKILLS["beginner"], 300.0):
        draw(window, pen, each)
    drawn = [stroke for stroke, _ in practice.results]
    assert len(drawn) == 8 and all(stroke.steady_now == stroke.steady_after == 0 for stroke in drawn)
    off = practice.summary()["off"]
    assert f"off the line {off:.2f} mm, with steadiness {first['off']:.2f} (its ink " in strip.words.text()
    assert not strip.again.isVisible(), "both passes are drawn"
    qtbot.waitUntil(lambda: [e.steadied for e in diary.read(practice.path)] == [True] * 8 + [False] * 8)
    sheet = PracticeSheet(practice, window)
    assert f"the hand is {first['off']:.2f} mm off with steadiness, {off:.2f} mm without" in sheet.words.text()
    assert (
        "with steadiness: " in sheet.plot.accessibleDescription() and "without: " in sheet.plot.accessibleDescription()
    )
    sheet.close()
    window.pages.open_sheet("dots", "small")
    assert not window.hand.is_bare and window.hand.settings_for_stroke(window.hand.pen).steady_after == 60


def test_a_sheet_is_measured_again_when_it_is_opened_from_its_file(practising, pen, tmp_path, settle):
    for each in drawn_sheet(sheet_of("lines"), SKILLS["expert"], 300.0)[:3]:
        draw(practising, pen, each)
    before = practising.practice.summary()
    practising.filing.save(tmp_path / "sheet.ora")
    settle(practising)
    practising.pages.open_sheet("circles", "small")
    assert practising.practice.share_done == (0, 8)
    practising.open(tmp_path / "sheet.ora")
    settle(practising)
    assert practising.practice.share_done == (3, 32)
    assert practising.practice.summary() == pytest.approx(before, rel=1e-6)
    practising.document.take(blank_page(100, 100), path=None, title="x", saved=True)
    assert practising.practice.sheet is None and not practising.strips["practice"].isVisible()


def test_pages_at_work_are_measured_only_if_one_allows_it(window, qtbot):
    window.document.ink.add_stroke(stroke_along([(300 + 8 * k, 900) for k in range(100)]))
    assert not window.practice.path.exists()
    window.practice.at_work = True
    window.document.ink.add_stroke(stroke_along([(300 + 8 * k, 1200) for k in range(100)]))
    qtbot.waitUntil(lambda: len(diary.read(window.practice.path)) == 1)
    (entry,) = diary.read(window.practice.path)
    assert entry.sheet == "page" and entry.figures.wobble == pytest.approx(0.0, abs=0.01)
    assert math.isnan(entry.figures.off) and entry.figures.direction == pytest.approx(0.0)


def test_the_page_is_turned_for_the_next_line_and_back(window, tmp_path):
    key, board = window.actions_by_id["view.turn_for_line"], window.board
    window.document.ink.add_stroke(stroke_along([(800, 1700), (1300, 1700)]))
    key.trigger()
    assert "parallel lines first" in window.status.text and board.view.angle_rad == 0
    offs = dict.fromkeys(DIRECTIONS, 0.6) | {225.0: 0.1}
    diary.append(window.practice.path, entries(offs))
    key.trigger()
    assert window.practice_commands.screen_angle(0.0) % 180 == pytest.approx(45.0), "a level line now rises as 225 does"
    assert "last stroke" in window.status.text
    key.trigger()
    assert board.view.angle_rad == pytest.approx(0.0)
    board.flip_page()
    key.trigger()
    assert window.practice_commands.screen_angle(0.0) % 180 == pytest.approx(45.0), "flipped too"
    key.trigger()
    board.flip_page()
    board.guiding.add(offer("Straightedge"), window.document.page.bounds)
    guide = board.guiding.guide(board.guiding.selected)
    key.trigger()
    assert window.practice_commands.screen_angle(guide.angle) % 180 == pytest.approx(45.0)
    assert "guide" in window.status.text


def test_the_edge_of_the_sketch_under_the_pen_tells_the_direction(window):
    board, document = window.board, window.document
    diary.append(window.practice.path, entries(dict.fromkeys(DIRECTIONS, 0.6) | {90.0: 0.1}))
    document.layers.add_sketch()
    document.ink.add_stroke(stroke_along([(900, 1500), (1500, 1900)], size=8))
    ratio = board.devicePixelRatioF()
    x, y = board.view.to_screen(1200, 1700)
    board.point_at(QPointF(x / ratio, y / ratio))
    window.actions_by_id["view.turn_for_line"].trigger()
    slope = math.degrees(math.atan2(-400, 600))
    assert "sketch" in window.status.text
    assert window.practice_commands.screen_angle(slope) % 180 == pytest.approx(90.0, abs=3)


def test_the_dialog_shows_the_hand_and_begins_sheets_and_warm_ups(window, monkeypatch):
    sheet = PracticeSheet(window.practice, window)
    assert "Draw a sheet of parallel lines" in sheet.words.text() and not sheet.take.isVisible()
    assert not sheet.rose.grab().isNull() and not sheet.plot.grab().isNull()
    sheet.close()
    diary.append(window.practice.path, entries(dict.fromkeys(DIRECTIONS, 0.6) | {90.0: 0.1}, wobble=0.3))
    sheet = PracticeSheet(window.practice, window)
    assert "steadiest at 90" in sheet.words.text() and "90° 0.10 mm" in sheet.rose.accessibleDescription()
    assert "01 March 0.60 mm" in sheet.plot.accessibleDescription()
    sheet.kinds.setCurrentRow(3)
    sheet.size_box.setCurrentIndex(0)
    sheet.begin.click()
    assert sheet.plan == [("circles", "small")]
    sheet = PracticeSheet(window.practice, window)
    sheet.warm_up.click()
    assert len(sheet.plan) == 5 and sheet.plan[0][0] == advice.warm_up(window.practice.entries())[0][0]
    monkeypatch.setattr(PracticeSheet, "exec", lambda self: (self.warm_up.click(), 1)[1])
    window.actions_by_id["page.practice"].trigger()
    first = window.practice.sheet.kind
    assert window.document.title.startswith("Practice") and window.strips["practice"].following.isVisible()
    window.strips["practice"].following.click()
    assert window.practice.sheet.kind != first
    monkeypatch.setattr(PracticeSheet, "exec", lambda self: (self.take.click(), 1)[1])
    window.actions_by_id["page.practice"].trigger()
    assert window.hand.settings.steady_after == advice.steadiness_for(window.practice.entries()) > 60


def test_ramps_signatures_and_hatching_are_measured_on_the_board(window, pen):
    window.hand.take(window.hand.library.pen("plain-round"))
    for kind, name in (("ramps", "width_off"), ("hatching", "spacing"), ("signature", "evenness"), ("dots", "off")):
        window.pages.open_sheet(kind, "medium")
        for each in drawn_sheet(sheet_of(kind), SKILLS["practised"], 300.0)[:4]:
            draw(window, pen, each)
        assert name in window.practice.summary(), kind
        assert not window.board.grab().isNull()
    assert window.practice.words(Figures(beyond=-1.3, off=0.4)) == "off the line 0.40 mm, before the end 1.3 mm"
