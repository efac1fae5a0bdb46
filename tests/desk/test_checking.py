"""Checking with the real window: findings are walked, mended and let be."""

from __future__ import annotations

import math
import threading
from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QRegion
from scipy.ndimage import gaussian_filter

from jotsk.core.check import checks as checks_module
from jotsk.core.check.checks import checked
from jotsk.core.check.finding import USUAL
from jotsk.core.geometry import Rect
from jotsk.desk.board.view.eyes import Eyes
from jotsk.desk.dialogs.heat_sheet import HeatSheet, heat_of
from jotsk.desk.dialogs.mend_sheet import MendSheet
from jotsk.desk.dialogs.screen_sheet import ScreenSheet
from jotsk.desk.document.proposals import lines_of
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.trays.checking import kept_limits
from tests.conftest import stroke_along
from tests.core.check.test_checks import ring
from tests.desk.conftest import offer


@pytest.fixture
def checking(window, settle):
    for x, y, r, half in ((700.0, 900.0, 200.0, 2.3), (1700.0, 900.0, 300.0, 1.5)):
        window.document.ink.add_stroke(ring(x, y, r, half, 360 - half))
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


def test_all_of_a_kind_are_shown_then_mended_in_one_step_and_nothing_found_is_said(checking, settle, monkeypatch):
    document, checks, strip = checking.document, checking.document.checks, checking.strips["check"]
    shown = []

    def leave_one(sheet):
        assert len(document.page_when_dry().active.marks) == 2, "nothing is done yet"
        assert sheet.list.count() == 2 and sheet.do.text() == "Mend 2" and not sheet.grab().isNull()
        shown.append(sheet.list.item(0).icon().pixmap(300, 300).toImage())
        sheet.list.item(1).setSelected(False)
        assert sheet.do.text() == "Mend 1"
        return True

    monkeypatch.setattr(MendSheet, "exec", lambda sheet: False)
    strip.mend_all.click()
    settle(checking)
    assert len(document.page_when_dry().active.marks) == 2, "nothing is mended by looking"
    monkeypatch.setattr(MendSheet, "exec", leave_one)
    strip.mend_all.click()
    settle(checking)
    pixels = np.array(shown[0].bits()).reshape(shown[0].height(), shown[0].width(), 4).astype(int)
    assert ((pixels[..., 2] > 150) & (pixels[..., 0] < 90)).sum() > 100, "what would be done is drawn in red"
    assert len(document.page_when_dry().active.marks) == 3 and len(checks.findings) == 1
    monkeypatch.setattr(MendSheet, "exec", lambda sheet: True)
    checking.actions_by_id["check.mend_all"].trigger()
    settle(checking)
    assert not checks.findings and len(document.page_when_dry().active.marks) == 4
    document.undo()
    assert len(document.page_when_dry().active.marks) == 3
    checking.actions_by_id["check.next"].trigger()
    assert "Nothing was found yet" in checking.board.notice


@pytest.fixture
def held(monkeypatch):
    """A check of the whole page ends when `held` is set, or when it is stopped."""
    goes_on = threading.Event()

    def check(page, limits, report):
        while not goes_on.wait(0.01):
            report(0.5)
        return checked(page, limits, report=report)

    monkeypatch.setattr(checks_module, "checked", check)
    yield goes_on
    goes_on.set()


def test_nothing_waits_for_a_check_and_it_finds_what_was_changed_meanwhile(checking, held, settle, qtbot):
    document, checks = checking.document, checking.document.checks
    told = len(checks.findings)
    checking.actions_by_id["check.run"].trigger()
    checks.mend()
    qtbot.waitUntil(lambda: document.undo_label == "Mend the leak")
    assert checking.filing.jobs.is_busy and "try again" not in checking.status.text
    held.set()
    settle(checking)
    qtbot.waitUntil(lambda: len(checks.findings) == told - 1)


def test_a_second_check_takes_the_place_of_the_first_and_one_that_was_stopped_is_not_awaited(checking, held, qtbot):
    document, checks, jobs, said = checking.document, checking.document.checks, checking.filing.jobs, []
    jobs.told.connect(said.append)
    for _ in range(3):
        checks.run()
    qtbot.waitUntil(lambda: len(jobs.jobs) == 1)
    assert not said and checks.is_wanted
    document.take(document.page_when_dry(), path=None, title="Another", saved=True)
    checks.run()
    qtbot.waitUntil(lambda: len(jobs.jobs) == 1)
    jobs.stop()
    qtbot.waitUntil(lambda: not jobs.is_busy)
    qtbot.waitUntil(lambda: not checks.is_wanted)
    assert said == ["Checking the page was stopped; nothing was changed."]
    checks.run()
    assert not checking.close() and jobs.is_busy, "it waits for no more than the next report"
    qtbot.waitUntil(lambda: not checking.isVisible())


def test_a_page_that_is_cropped_is_checked_anew(checking, settle, qtbot):
    checks = checking.document.checks
    before = sorted(finding.at for finding in checks.findings)
    checking.document.page_edits.crop(Rect(100, 50, 2400, 3000))
    qtbot.waitUntil(lambda: not checks.findings)  # they lay elsewhere
    assert checks.is_wanted
    settle(checking)
    after = sorted(finding.at for finding in checks.findings)
    assert np.allclose(np.array(before) - np.array(after), (100, 50), atol=1)


def _away(line, at):
    return np.hypot(*(line - at).T).min()


def test_a_check_that_is_put_away_while_it_runs_shows_nothing(checking, qtbot):
    checks = checking.document.checks
    assert checks.findings
    checks.run()
    checks.put_away()
    qtbot.waitUntil(lambda: not checking.filing.jobs.is_busy)
    qtbot.wait(50)
    assert not checks.findings and not checks.is_checked
    checks.run()
    qtbot.waitUntil(lambda: bool(checks.findings))


def test_there_is_no_proposal_for_a_layer_that_has_gone(checking):
    checks = checking.document.checks
    bare = replace(checking.document.page, layers=())
    assert lines_of(checking.document.page, checks.present) and lines_of(bare, checks.present) == []


def test_a_proposal_is_seen_before_it_is_done_and_is_what_is_done(checking, settle, qtbot):
    document, checks = checking.document, checking.document.checks
    qtbot.waitUntil(lambda: bool(checks.proposals.lines))
    lines, at = checks.proposals.lines, checks.present.at
    assert len(lines) == 2 and all(_away(line, at) < 12 for line in lines), "both edges of the bridge"
    board = checking.board
    without = np.array(board.grab().toImage().bits()).astype(int)
    checks.proposals.lines = []
    board.update()
    assert (np.array(board.grab().toImage().bits()).astype(int) != without).sum() > 40, "it is seen on the board"
    qtbot.keyClick(board, Qt.Key.Key_F7)
    settle(checking)
    (bridge,) = [mark for mark in document.page_when_dry().active.marks if mark.steady_after == 0.0 and not mark.hold][
        -1:
    ]
    for edge, shown in zip(bridge.ribbon.edges(), lines, strict=True):
        assert np.allclose(edge, shown), "what was drawn is what was done"
    assert len(checks.findings) == 1
    qtbot.waitUntil(lambda: bool(checks.proposals.lines))
    checks.put_away()
    assert not checks.findings and not checks.proposals.lines and not checking.strips["check"].isVisible()
    document.ink.add_stroke(ring(900.0, 2400.0, 260.0, 1.5, 358.5))
    qtbot.wait(700)
    assert not checks.findings, "what changes later is not checked either"


def test_a_speck_that_would_go_is_crossed_out_and_kinds_are_walked_to(checking, settle, qtbot):
    document, checks = checking.document, checking.document.checks
    document.ink.add_stroke(stroke_along([(1200, 2000)], size=3))
    checking.actions_by_id["check.run"].trigger()
    settle(checking)
    rows = {row.kind: row for row in checking.look_list.rows}
    assert {kind: row.count for kind, row in rows.items()} == {
        "leak": 2,
        "tangent": 0,
        "weight": 0,
        "wobble": 0,
        "stray": 1,
    }
    rows["stray"].choose()
    assert checks.present.kind == "stray" and rows["stray"].is_chosen and not rows["leak"].is_chosen
    qtbot.waitUntil(lambda: len(checks.proposals.lines) == 2)
    assert all(line.min(axis=0).max() < 2000 and line.max(axis=0).max() > 2000 for line in checks.proposals.lines)
    rows["wobble"].choose()
    assert "Nothing of this kind" in checking.board.notice and checks.present.kind == "stray"
    rows["leak"].choose()
    first = checks.present
    rows["leak"].choose()
    assert first.kind == checks.present.kind == "leak" and checks.present is not first


@pytest.fixture
def weighing(window, settle, qtbot):
    """A figure with an outline as thick as what is inside; the stage Check."""
    for stroke in (
        ring(900, 900, 400, 90, 452, size=10),
        *(ring(900, 700 + 90 * k, 30, 90, 452, size=10) for k in range(5)),
    ):
        window.document.ink.add_stroke(stroke)
    settle(window)
    window.top.stage_chosen.emit(STAGES["check"])
    qtbot.waitUntil(lambda: window.document.line_weights.weights is not None)
    return window


def test_one_track_makes_the_outside_heavier_as_one_step(weighing, qtbot):
    window, document, tray = weighing, weighing.document, weighing.line_weights
    before = document.page_when_dry()
    assert tray.outside.value == pytest.approx(100, abs=3) and tray.outside.isEnabled() and tray.plot.isVisible()
    outer, *inner = before.active.marks
    for share in (0.5, 0.7, 0.9):
        tray.outside.bar.dragged.emit(share, False)
    qtbot.waitUntil(lambda: document.page is not before)
    assert tray.outside.value > 150, "what is measured beside does not move the handle under the hand"
    tray.outside.number.setText("200")
    tray.outside.number.setModified(True)
    tray.outside.number.editingFinished.emit()

    def width(number):
        return 2 * np.median(list(document.page.active.marks)[number].own_ribbon.points[:, 2])

    qtbot.waitUntil(lambda: abs(width(0) - 20) < 0.6)
    assert [width(k + 1) for k in range(5)] == pytest.approx([10] * 5, abs=0.3), "the inside stays"
    qtbot.waitUntil(lambda: document.line_weights.weights.times > 1.9)
    assert tray.outside.remark.text() == "stands out" and document.undo_label == "Weight of the outside"
    window.checking.outside.changed.emit(300, True)
    assert tray.outside.remark.text() == "300 % stands out"
    document.undo()
    assert document.page_when_dry() is before, "the whole drag is one step"
    window.top.stage_chosen.emit(STAGES["ink"])
    assert window.line_place.shown is window.last_line and not window.look_list.isVisible()


def test_the_track_is_still_where_there_is_no_outside_and_follows_a_weak_outline(weighing, qtbot, settle):
    window, document, tray = weighing, weighing.document, weighing.line_weights
    document.layers.add()
    qtbot.waitUntil(lambda: not tray.outside.isEnabled())
    assert "no lines yet" in tray._facts.text() and not tray.plot.isVisible()
    window.actions_by_id["check.run"].trigger()
    settle(window)
    document.checks.walk_to("weight")
    qtbot.waitUntil(tray.outside.isEnabled)
    tray.outside.bar.dragged.emit(0.9, True)
    qtbot.waitUntil(lambda: document.undo_label == "Weight of the outside")


def test_from_where_on_something_is_a_finding_is_chosen_kept_and_holds_for_the_next_check(
    checking, settle, make_window, tmp_path
):
    """The gap of 4.6 degrees on a radius of 200 px, between round tips of 6 px, is 4 px; that of 3 on 300 px too."""
    checks, tray = checking.document.checks, checking.checking
    assert checking.settings_place.shown is tray and tray.leaks.value == 8
    gaps = sorted(finding.size_px for finding in checks.findings)
    tray.leaks.bar.dragged.emit(0.1, False)
    assert checks.limits.leak_px == 8, "nothing is done under the hand"
    for limit, count in ((gaps[0] - 0.5, 0), (gaps[1] + 0.5, 2)):
        tray.leaks.changed.emit(limit, True)
        settle(checking)
        assert len(checks.findings) == count and checks.at == -1
        assert checking.look_list.rows[0].count == count
    tray.wobble.changed.emit(4.0, True)
    dpi = checking.document.page_when_dry().dpi
    assert checks.limits.wobble_mm == pytest.approx(4.0 / dpi * 25.4)
    assert checking.settings.get("check/limits", {})["leak_px"] == pytest.approx(gaps[1] + 0.5)
    checking.settings.set("check/limits", {"leak_px": 1e9, "tangent_px": "x", "wobble_mm": float("nan"), "other": 3.0})
    limits = kept_limits(checking.settings)
    assert limits.leak_px == 40 and limits._replace(leak_px=8.0) == USUAL, "what makes no sense is left out"


def test_the_stage_hand_over_shows_the_page_as_it_will_go_out_and_what_is_wrong_with_it(window, settle, qtbot):
    document, board = window.document, window.board
    document.ink.add_stroke(ring(700.0, 900.0, 200.0, 2.3, 357.7))
    document.layers.add_sketch()
    document.ink.add_stroke(stroke_along([(200, 2000), (2200, 2000)], size=60, color=(90, 170, 220)))
    board.guiding.add(offer("Straightedge"), document.page_when_dry().bounds)
    window.top.stage_chosen.emit(STAGES["ink"])
    board.point_at(None)

    def seen():
        """How much of the board is of a sketch, and of a guide."""
        settle(window)
        image = board.grab().toImage()
        blue, green, red = np.array(image.bits()).reshape(image.height(), image.width(), 4)[..., :3].T.astype(int)
        return int(((blue - red) > 40).sum()), int(((red - blue) > 60).sum())

    assert min(seen()) > 20, "the sketch and the guide are there"
    board.zoom_to(3.0)
    window.top.stage_chosen.emit(STAGES["hand-over"])
    assert seen() == (0, 0), "the page without them"
    assert board.view.to_page(0, 0)[1] < 0, "and the whole of it"
    assert window.look_list.isVisible() and window.look_list.rows[0].count == 1
    assert document.checks.present is None, "nobody is led away from the whole page"
    document.take(document.page_when_dry(), path=None, title="Another", saved=True)
    assert window.look_list.rows[0].count is None
    qtbot.waitUntil(lambda: window.look_list.rows[0].count == 1)  # a page opened there is checked too
    window.top.stage_chosen.emit(STAGES["ink"])
    assert min(seen()) > 20


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
    document.ink.add_stroke(ring(900.0, 2400.0, 260.0, 1.5, 358.5))
    qtbot.waitUntil(lambda: len(checks.findings) == 3)
    assert checks.present.name == other.name, "one stays where one was"
    new = max(checks.findings, key=lambda finding: finding.at[1])
    assert new.kind == "leak" and math.dist(new.at, (1160.0, 2400.0)) < 15
    document.ink.add_stroke(stroke_along([(1160, 2380), (1160, 2420)], size=14))
    qtbot.waitUntil(lambda: len(checks.findings) == 2)
    document.undo()
    document.undo()
    qtbot.waitUntil(lambda: not checks._changed)
    assert len(checks.findings) == 2


def _speckled(rect):
    """A place of 6 x 6 px in every 40."""
    region = QRegion()
    for y in range(0, rect.height(), 40):
        for x in range(0, rect.width(), 40):
            region += QRegion(x, y, 6, 6)
    return region


def test_the_page_is_seen_in_grey_and_squinted(window, monkeypatch):
    window.document.ink.add_stroke(stroke_along([(400, 1700), (2000, 1700)], size=60, color=(200, 30, 30)))
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
    seen, parts = Eyes.seen, []
    monkeypatch.setattr(Eyes, "seen", lambda *args: (parts.append(args[2]), seen(*args))[1])
    board.repaint(_speckled(board.rect()))
    assert len(parts) == 1, "one call for hundreds of small places"
    monkeypatch.undo()
    window.actions_by_id["view.squint"].trigger()
    assert board.eyes.are_plain and board.grab().toImage().pixelColor(x, y).red() == 200
