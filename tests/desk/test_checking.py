"""Checking with the real window: findings are walked, mended and let be."""

from __future__ import annotations

import math

import numpy as np
import pytest
from scipy.ndimage import gaussian_filter

from jotsk.desk.dialogs.heat_sheet import HeatSheet, heat_of
from jotsk.desk.dialogs.screen_sheet import ScreenSheet
from jotsk.desk.stages import BY_ID as STAGES
from tests.conftest import stroke_along
from tests.core.check.test_checks import ring


@pytest.fixture
def checking(window, settle):
    for x, y, r, half in ((700.0, 900.0, 200.0, 2.3), (1700.0, 900.0, 300.0, 1.5)):
        window.document.add_stroke(ring(x, y, r, half, 360 - half))
    window.top.stage_chosen.emit(STAGES["check"])
    window.actions_by_id["check.run"].trigger()
    settle(window)
    return window


def test_findings_are_walked_to_mended_and_let_be(checking, settle):
    checks, strip = checking.document.checks, checking.strips["check"]
    assert [f.kind for f in checks.findings] == ["leak", "leak"] and strip.isVisible()
    assert "1 of 2" in strip.words.text() and checks.summary == "2 leaks"
    board, ratio = checking.board, checking.board.devicePixelRatioF()
    x, y = board.view.to_screen(*checks.present.at)
    assert math.dist((x / ratio, y / ratio), (board.width() / 2, board.height() / 2)) < 3, "it is in the middle"
    first = checks.present
    checking.actions_by_id["check.next"].trigger()
    assert checks.present is not first
    checking.actions_by_id["check.back"].trigger()
    assert checks.present is first
    strip.mend.click()
    settle(checking)
    assert len(checks.findings) == 1 and checking.document.undo_label == "Mend the leak"
    assert len(checking.document.page_when_dry().active.marks) == 3
    strip.let_be.click()
    assert not checks.findings and not strip.isVisible()
    assert len(checking.document.page_when_dry().let_be) == 1 and checking.document.undo_label == "Let be"
    checking.actions_by_id["check.run"].trigger()
    settle(checking)
    assert not checks.findings and "Nothing is wrong" in checking.status.text + checking.board.notice
    checking.document.undo()
    checking.actions_by_id["check.run"].trigger()
    settle(checking)
    assert len(checks.findings) == 1


def test_all_of_a_kind_are_mended_in_one_step_and_nothing_found_is_said(checking, settle, make_window):
    checking.strips["check"].mend_all.click()
    settle(checking)
    assert not checking.document.checks.findings and len(checking.document.page_when_dry().active.marks) == 4
    checking.document.undo()
    assert len(checking.document.page_when_dry().active.marks) == 2
    checking.actions_by_id["check.next"].trigger()
    assert "Nothing was found yet" in checking.board.notice


def test_weights_are_shown_in_colour(checking):
    sheet = HeatSheet(heat_of(checking.document.page_when_dry()), checking)
    assert sheet.picture.pixmap().width() > 300 and not sheet.plot.grab().isNull()
    sheet.close()


def test_the_heat_picture_is_made_beside_the_window(checking, settle, monkeypatch):
    shown = []
    monkeypatch.setattr(HeatSheet, "exec", lambda sheet: shown.append(sheet.picture.pixmap().width()))
    checking.actions_by_id["check.heat"].trigger()
    assert not shown and checking.filing.jobs.is_busy
    settle(checking)
    assert len(shown) == 1 and shown[0] > 300


def test_the_page_is_shown_at_print_size_on_a_screen_that_was_measured(window, monkeypatch):
    """A page of 300 dpi has 300 / 25.4 px a mm, so on a screen of 5 px a mm it is seen at 42.3 %."""
    window.actions_by_id["view.print_size"].trigger()
    assert "Measure the screen" in window.status.text
    monkeypatch.setattr(ScreenSheet, "exec", lambda sheet: sheet.slider.setValue(500) or True)
    window.actions_by_id["view.measure"].trigger()
    dpi = window.document.page_when_dry().dpi
    assert window.board.view.zoom == pytest.approx(5.0 * 25.4 / dpi)
    window.board.fit()
    window.actions_by_id["view.print_size"].trigger()
    assert window.board.view.zoom == pytest.approx(5.0 * 25.4 / dpi)


def test_every_screen_is_measured_for_itself(window, monkeypatch):
    monkeypatch.setattr(ScreenSheet, "exec", lambda sheet: sheet.slider.setValue(500) or True)
    window.actions_by_id["view.measure"].trigger()

    class Other:
        def physicalDotsPerInch(self) -> float:
            return 254.0

        def devicePixelRatio(self) -> float:
            return 1.0

        def manufacturer(self) -> str:
            return "Made up"

        def model(self) -> str:
            return "of another size"

        def serialNumber(self) -> str:
            return ""

    monkeypatch.setattr(type(window), "screen", lambda _: Other())
    window.actions_by_id["view.print_size"].trigger()
    dpi = window.document.page_when_dry().dpi
    assert window.board.view.zoom == pytest.approx(10.0 * 25.4 / dpi), "by what it says of itself"
    assert "Measure the screen" in window.status.text


def test_a_card_or_a_ruler_measures_the_screen(qtbot):
    """ISO/IEC 7810: an ID-1 card is 85.60 x 53.98 mm."""
    sheet = ScreenSheet(4.0)
    qtbot.addWidget(sheet)
    frame, ratio = sheet.card.frame, sheet.devicePixelRatioF()
    assert (frame.width() * ratio, frame.height() * ratio) == pytest.approx((342.4, 215.92))
    sheet.measured.setValue(107.0)  # the frame is 107 mm wide: fewer px are a mm
    sheet.measured.editingFinished.emit()
    assert sheet.px_per_mm == pytest.approx(3.2) and sheet.measured.value() == 85.6


def test_what_changes_after_a_check_is_checked_again_by_itself(checking, qtbot):
    document, checks = checking.document, checking.document.checks
    checks.step(1)
    other = checks.present
    document.add_stroke(ring(900.0, 2400.0, 260.0, 1.5, 358.5))
    qtbot.waitUntil(lambda: len(checks.findings) == 3, timeout=8000)
    assert checks.present.name == other.name, "one stays where one was"
    new = max(checks.findings, key=lambda finding: finding.at[1])
    assert new.kind == "leak" and math.dist(new.at, (1160.0, 2400.0)) < 15
    document.add_stroke(stroke_along([(1160, 2380), (1160, 2420)], size=14))
    qtbot.waitUntil(lambda: len(checks.findings) == 2, timeout=8000)
    document.undo()
    document.undo()
    qtbot.waitUntil(lambda: not checks._changed, timeout=8000)
    assert len(checks.findings) == 2


def test_the_page_is_seen_in_grey_and_squinted(window):
    window.document.add_stroke(stroke_along([(400, 1700), (2000, 1700)], size=60, color=(200, 30, 30)))
    board = window.board
    window.actions_by_id["view.grey"].trigger()
    x, y = (round(v) for v in board.view.to_screen(1200, 1700))
    seen = board.grab().toImage().pixelColor(x, y)
    assert seen.red() == seen.green() == seen.blue()
    assert seen.red() == pytest.approx(0.299 * 200 + 0.587 * 30 + 0.114 * 30, abs=2), "ITU-R BT.601"
    window.actions_by_id["view.grey"].trigger()
    window.actions_by_id["view.squint"].trigger()
    image = board.grab().toImage()
    pixels = np.array(image.bits()).reshape(image.height(), image.width(), 4)[..., :3]
    sharp = board.picture.frame[..., :3].astype(float)
    expected = gaussian_filter(sharp, (*2 * [0.008 * max(sharp.shape)], 0), truncate=2.5)
    part = slice(y - 60, y + 60), slice(x - 60, x + 60)
    assert np.abs(pixels[part] - expected[part]).max() < 6
    window.actions_by_id["view.squint"].trigger()
    assert board.eyes.are_plain and board.grab().toImage().pixelColor(x, y).red() == 200
