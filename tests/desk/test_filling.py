"""Filling with the real window: pours, leaks and what is done about them, flats, and areas that follow their lines."""

from __future__ import annotations

import threading
from dataclasses import replace

import numpy as np
import pytest
from PIL import Image
from PySide6.QtCore import QMimeData, QPointF, Qt
from PySide6.QtGui import QColor, QDragEnterEvent, QDropEvent
from PySide6.QtTest import QTest

from jotsk.core.files.export import FORMATS, Export
from jotsk.core.files.opening import read_any
from jotsk.core.fill.filling import filled_at
from jotsk.core.fill.outline import mask_in
from jotsk.core.fill.pour import found_again, lost_areas
from jotsk.core.marks import Area, Marks
from jotsk.core.mend.bared import bared
from jotsk.core.page import Tiles, blank_page, flattened, render
from jotsk.core.runtime.lanes import BESIDE
from jotsk.desk.document import following
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.tools.filling import pour as pour_module
from jotsk.desk.tools.mending import brush as brush_module
from tests.conftest import stroke_along
from tests.desk.test_reshaping import drag, on_board

RED = (200, 60, 50)


def ring(first=0.0, last=360.0, x=1200.0, size=40):
    t = np.radians(np.linspace(first, last, 90))
    return stroke_along(list(zip(x + 400 * np.cos(t), 1700 + 400 * np.sin(t), strict=True)), size=size)


@pytest.fixture
def filling(window):
    window.document.ink.add_stroke(ring())
    window.top.stage_chosen.emit(STAGES["fill"])
    window.hand.set_color(RED)
    window.actions_by_id["fill.pour"].trigger()
    return window


def click(window, x, y):
    QTest.mouseClick(window.board, Qt.MouseButton.LeftButton, pos=on_board(window, x, y))


def areas(window):
    page = window.document.page_when_dry()
    for layer in page.layers:
        assert render(layer.marks, page.bounds) == layer.tiles
    return [mark for layer in page.layers for mark in layer.marks if isinstance(mark, Area)]


def color_at(window, x, y):
    pixel = int(flattened(window.document.page_when_dry())[y, x])
    return pixel & 0xFF, pixel >> 8 & 0xFF, pixel >> 16 & 0xFF


def test_a_press_fills_and_its_options_stand_where_size_does(filling, settle):
    assert filling.filling.isVisible() and not filling.last_line.isVisible()
    before = flattened(filling.document.page_when_dry())
    click(filling, 1200, 1700)
    settle(filling)
    assert color_at(filling, 1200, 1700) == RED and filling.document.undo_label == "Fill"
    assert filling.document.page_when_dry().active.name == "Ink", "one goes on where one drew"
    filling.hand.set_color((20, 90, 200))
    click(filling, 1300, 1800)
    settle(filling)
    (area,) = areas(filling)
    assert area.color == (20, 90, 200), "it is recoloured"
    filling.document.undo()
    filling.document.undo()
    assert np.array_equal(flattened(filling.document.page_when_dry()), before)


@pytest.fixture
def two_rings(filling, monkeypatch):
    """Pours go on when `goes_on` is set."""
    filling.document.ink.add_stroke(ring(x=2050))
    goes_on = threading.Event()
    monkeypatch.setattr(pour_module, "filled_at", lambda *a, **k: (goes_on.wait(10), filled_at(*a, **k))[1])
    yield filling, goes_on
    goes_on.set()


def test_pours_that_come_quickly_take_their_turn(two_rings, settle):
    window, goes_on = two_rings
    for x in (1200, 2050):
        click(window, x, 1700)
    goes_on.set()
    settle(window)
    assert [color_at(window, x, 1700) for x in (1200, 2050)] == [RED, RED] and len(areas(window)) == 2
    assert "try again" not in window.status.text
    window.document.undo()
    assert [color_at(window, x, 1700) == RED for x in (1200, 2050)] == [True, False]


def test_an_undo_takes_back_what_was_asked_for_last_though_it_is_not_there_yet(two_rings, settle):
    window, goes_on = two_rings
    document, before = window.document, window.document.page_when_dry()
    for x in (1200, 2050):
        click(window, x, 1700)
    document.undo()
    goes_on.set()
    settle(window)
    assert [color_at(window, x, 1700) == RED for x in (1200, 2050)] == [True, False]
    document.undo()
    assert document.page is before
    goes_on.clear()
    click(window, 2050, 1700)
    document.undo()
    goes_on.set()
    settle(window)
    assert document.page is before and not window.status.isVisible(), "nothing was done, and nothing is said"
    assert document.undo_label == "Stroke"


def test_a_pour_beside_which_a_stroke_comes_is_done_after_it_and_one_whose_page_was_left_never(two_rings, settle):
    window, goes_on = two_rings
    document = window.document
    click(window, 1100, 1700)
    click(window, 2050, 1700)
    document.ink.add_stroke(stroke_along([(1200, 1300), (1200, 2100)], size=40))  # it parts the first ring
    goes_on.set()
    settle(window)
    assert color_at(window, 1100, 1700) == color_at(window, 2050, 1700) and color_at(window, 1400, 1700) != RED
    assert [document.steps.label(k) for k in (3, 4, 5)] == ["Stroke", "Fill", "Fill"] and len(areas(window)) == 2
    goes_on.clear()
    click(window, 1400, 1700)
    click(window, 1400, 1800)
    other = blank_page(300, 200)
    document.take(other, path=None, title="Other", saved=True)
    goes_on.set()
    settle(window)
    assert document.page is other


def test_an_area_follows_its_line_in_the_same_step_and_freezes(filling, settle, qtbot):
    click(filling, 1200, 1700)
    settle(filling)
    (area,) = areas(filling)
    top = int(area.runs[0, 0])
    document = filling.document
    document.selection.choose([document.page_when_dry().active.marks.last])
    document.selection.mend(
        "Size of the line", lambda s: s.mended(s.mends.with_weight(np.array([[0.0, 0.25], [99.0, 0.25]])))
    )
    settle(filling)
    labels = document.undo_label
    qtbot.waitUntil(lambda: areas(filling)[0] is not area)
    assert document.undo_label == labels and document.page_when_dry().active.marks.last is not None
    assert abs(int(areas(filling)[0].runs[0, 0]) - top) <= 3, "to the middle of the thinner line"
    assert color_at(filling, 1200, 1700 - 400 + 12) == RED, "no white where the line was"
    document.undo()
    assert np.array_equal(areas(filling)[0].runs, area.runs)
    filling.actions_by_id["fill.freeze"].trigger()
    settle(filling)
    assert areas(filling)[0].rule is None


def test_areas_that_are_being_found_when_another_page_is_opened_leave_that_page_alone(
    filling, settle, qtbot, monkeypatch
):
    click(filling, 1200, 1700)
    settle(filling)
    document = filling.document
    page = document.page_when_dry()
    open_page = page.with_layer(replace(page.active, marks=Marks(), tiles=Tiles()))
    begun, goes_on = threading.Event(), threading.Event()
    monkeypatch.setattr(following, "found_again", lambda *what: (begun.set(), goes_on.wait(5), found_again(*what))[-1])
    document.ink.add_stroke(ring(size=60))
    qtbot.waitUntil(begun.is_set)
    told = []
    document.follower.told.connect(told.append)
    document.take(open_page, path=None, title="Other", saved=True)
    goes_on.set()
    BESIDE.queue("areas").finish()
    for _ in range(2):
        qtbot.wait(2 * following.REST_MS)
        BESIDE.queue("areas").finish()
    assert document.page is open_page and not told
    document.ink.add_stroke(ring(size=20))
    settle(filling)
    begun.clear()
    qtbot.waitUntil(begun.is_set)  # areas of this page are found when its lines change


def test_white_beside_flat_colour_is_marked_while_a_line_becomes_thinner(filling, settle, qtbot, monkeypatch):
    filling.hand.set_filling(grow_px=0.0)  # the colour ends where the line begins
    click(filling, 1200, 1700)
    settle(filling)
    threads, board = set(), filling.board
    monkeypatch.setattr(brush_module, "bared", lambda *args: (threads.add(threading.current_thread()), bared(*args))[1])
    filling.hand.set_mending(amount=0.3)
    filling.actions_by_id["mend.weight"].trigger()
    weigh = board.tools["weigh"]
    QTest.mousePress(board, Qt.MouseButton.LeftButton, pos=on_board(filling, 1100, 1300))
    for x in range(1110, 1310, 20):
        QTest.mouseMove(board, on_board(filling, x, 1300))
    qtbot.waitUntil(lambda: bool(weigh._bared))
    assert threading.main_thread() not in threads
    xy = np.concatenate(weigh._bared)
    assert (np.hypot(xy[:, 0] - 1200, xy[:, 1] - 1700) < 405).all(), "inside the ring, where its colour lies"
    before = board.grab().toImage()
    QTest.mouseRelease(board, Qt.MouseButton.LeftButton, pos=on_board(filling, 1310, 1300))
    settle(filling)
    assert not weigh._bared and board.grab().toImage() != before


def test_a_save_right_after_a_mend_holds_the_areas_found_again(filling, settle, qtbot, tmp_path):
    click(filling, 1200, 1700)
    settle(filling)
    document = filling.document
    before = areas(filling)[0].runs
    document.selection.choose([document.page_when_dry().active.marks.last])
    document.selection.mend(
        "Size of the line", lambda s: s.mended(s.mends.with_weight(np.array([[0.0, 0.25], [99.0, 0.25]])))
    )
    settle(filling)
    filling.filing.save(tmp_path / "kept.ora")
    filling.filing.export(tmp_path / "kept.png", Export(FORMATS["png"]))
    settle(filling)
    qtbot.waitUntil(lambda: not np.array_equal(areas(filling)[0].runs, before))
    saved = read_any(tmp_path / "kept.ora", "kept")
    (area,) = [mark for layer in saved.layers for mark in layer.marks if isinstance(mark, Area)]
    assert np.array_equal(area.runs, areas(filling)[0].runs)
    assert not document.is_unsaved, "what was found again after the save is in the file"
    picture = np.asarray(Image.open(tmp_path / "kept.png").convert("RGB"))
    assert tuple(picture[1700 - 400 + 12, 1200]) == RED


def test_an_area_that_opens_is_told_and_can_be_gone_to(filling, settle, qtbot):
    click(filling, 1200, 1700)
    settle(filling)
    filling.actions_by_id["fill.open"].trigger()
    assert "closed" in filling.board.notice
    document = filling.document
    line = document.page_when_dry().active.marks.last
    document.selection.choose([line])
    document.selection.mend("Cut", lambda s: s.mended(s.mends.without([(0.3, 1.6)], s.times)))
    settle(filling)
    qtbot.waitUntil(lambda: len(lost_areas(document.page)) == 1)
    assert "open now" in filling.status.text
    filling.actions_by_id["fill.open"].trigger()
    assert "do not close" in filling.board.notice


def test_a_leak_is_shown_and_bridged_closed_or_filled(window, settle):
    window.document.ink.add_stroke(ring(15, 350))
    window.top.stage_chosen.emit(STAGES["fill"])
    window.hand.set_color(RED)
    window.actions_by_id["fill.pour"].trigger()
    strip, tool = window.strips["pour"], window.board.tools["pour"]
    click(window, 1200, 1700)
    settle(window)
    assert not areas(window) and tool.leak is not None and strip.isVisible() and "run out here" in strip.words.text()
    QTest.keyClick(window.board, Qt.Key.Key_Escape)
    assert tool.leak is None and not strip.isVisible()
    click(window, 1200, 1700)
    settle(window)
    strip.close_now.click()
    settle(window)
    assert len(areas(window)) == 1 and len(window.document.page_when_dry().active.marks) == 1
    window.document.undo()
    click(window, 1200, 1700)
    settle(window)
    strip.join.click()
    settle(window)
    assert len(areas(window)) == 1 and len(window.document.page_when_dry().active.marks) == 2, "the gap is bridged"
    assert window.document.undo_label == "Join and fill"
    window.document.undo()
    click(window, 1200, 1700)
    settle(window)
    strip.fill_all.click()
    settle(window)
    assert color_at(window, 20, 20) == RED


def test_a_drag_fills_all_it_passes_and_a_swipe_joins_them(window, settle):
    for x in (700.0, 1700.0):
        window.document.ink.add_stroke(ring(x=x))
    window.top.stage_chosen.emit(STAGES["fill"])
    window.hand.set_color(RED)
    window.actions_by_id["fill.pour"].trigger()
    drag(window, (700, 1700), (1000, 1700), (1700, 1700))
    settle(window)
    assert len(areas(window)) == 2 and window.document.undo_label == "Fill areas"
    window.actions_by_id["fill.join"].trigger()
    drag(window, (700, 1750), (1200, 1750), (1700, 1750))
    settle(window)
    assert len(areas(window)) == 1 and window.document.undo_label == "Join areas"


def test_a_loop_fills_all_in_it_and_a_drop_of_ink_the_area_it_falls_on(window, settle):
    for x in (700.0, 1700.0):
        window.document.ink.add_stroke(ring(x=x))
    window.top.stage_chosen.emit(STAGES["fill"])
    window.actions_by_id["fill.pour"].trigger()
    drag(window, (250, 1250), (2150, 1250), (2150, 2150), (250, 2150), (250, 1300))
    settle(window)
    assert len(areas(window)) == 2 and window.document.undo_label == "Fill areas"
    data = QMimeData()
    data.setColorData(QColor(10, 120, 90))
    at = window.board.mapTo(window, on_board(window, 700, 1700))
    for kind in (QDragEnterEvent, QDropEvent):
        event = kind(
            at if kind is QDragEnterEvent else QPointF(at), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
            Qt.KeyboardModifier.NoModifier,
        )  # fmt: skip
        (window.dragEnterEvent if kind is QDragEnterEvent else window.dropEvent)(event)
        assert event.isAccepted()
    settle(window)
    assert color_at(window, 700, 1700) == (10, 120, 90) and len(areas(window)) == 2


def test_flats_come_at_once_and_a_lasso_is_filled_with_each_kind(window, settle):
    for x in (700.0, 1700.0):
        window.document.ink.add_stroke(ring(x=x))
    window.top.stage_chosen.emit(STAGES["fill"])
    QTest.mouseClick(window.tool_list.rows[3], Qt.MouseButton.LeftButton)
    settle(window)
    assert len(areas(window)) == 2 and window.document.undo_label == "Flats"
    window.document.undo()
    window.actions_by_id["fill.inside"].trigger()
    for kind in ("flat", "tone", "gradient", "black", "hatch", "contour", "stipple"):
        window.filling.kind.setCurrentIndex(window.filling.kind.findData(kind))
        window.filling.kind.activated.emit(window.filling.kind.currentIndex())
        window.hand.set_filling(spacing_px=40, weight_px=12)
        before = len(window.document.page_when_dry().active.marks)
        drag(window, (1000, 2300), (1500, 2300), (1500, 2800), (1000, 2800))
        settle(window)
        assert len(window.document.page_when_dry().active.marks) > before, kind
        areas(window)
        window.document.undo()
    window.document.layers.change("Lock", locked=True)
    drag(window, (1000, 2300), (1500, 2300), (1500, 2800))
    assert "locked" in window.board.notice


def test_a_pour_where_nothing_can_be_filled_says_so(filling, settle):
    click(filling, 1600, 1700)
    settle(filling)
    assert areas(filling) or "line" in filling.board.notice or filling.board.tools["pour"].leak is not None
    filling.hand.set_filling(kind="hatch")
    filling.document.layers.change("Lock", locked=True)
    click(filling, 1200, 1700)
    settle(filling)
    assert "locked" in filling.status.text + filling.board.notice


@pytest.fixture
def holding(filling):
    filling.actions_by_id["fill.by_hand"].trigger()
    return filling


def held_mask(window):
    return mask_in(window.document.held_area.runs, window.document.page.bounds)


def test_an_area_is_put_together_by_hand_and_taken_back(holding, settle):
    held, strip = holding.document.held_area, holding.strips["by_hand"]
    assert strip.isVisible() and not strip.fill.isEnabled() and holding.filling.outline.isVisible()
    holding.hand.set_filling(outline="box")
    drag(holding, (300, 300), (500, 400), (700, 600))
    settle(holding)
    assert strip.fill.isEnabled() and held_mask(holding).sum() == pytest.approx(400 * 300, rel=0.05)
    drag(holding, (600, 500), (900, 700), (1100, 900), modifier=Qt.KeyboardModifier.ShiftModifier)
    settle(holding)
    both = held_mask(holding).sum()
    assert both == pytest.approx(400 * 300 + 500 * 400 - 100 * 100, rel=0.05)
    holding.hand.set_filling(outline="ellipse", way="take")
    drag(holding, (350, 320), (500, 500), (650, 580))
    settle(holding)
    assert held_mask(holding).sum() == pytest.approx(both - np.pi * 150 * 130, rel=0.05)
    strip.larger.click()
    settle(holding)
    assert held_mask(holding).sum() > both - np.pi * 150 * 130
    for _ in range(2):
        holding.undo()
    assert held_mask(holding).sum() == both
    strip.invert.click()
    settle(holding)
    assert not held_mask(holding)[400, 400] and held_mask(holding)[100, 100]
    holding.actions_by_id["edit.drop"].trigger()
    assert not held.is_there and not strip.fill.isEnabled()


def test_corners_are_set_one_by_one_and_closed_by_enter_or_at_the_first(holding, settle):
    holding.hand.set_filling(outline="corners", way="new")
    for place in ((300, 300), (900, 300), (900, 900), (1000, 1000)):
        click(holding, *place)
    holding.undo()
    QTest.keyClick(holding.board, Qt.Key.Key_Return)
    settle(holding)
    assert held_mask(holding).sum() == pytest.approx(600 * 600 / 2, rel=0.05)
    holding.hand.set_filling(outline="curve")
    for place in ((300, 2300), (900, 2300), (900, 2900), (300, 2900), (300, 2300)):
        click(holding, *place)
    settle(holding)
    assert held_mask(holding).sum() > 600 * 600, "bulging between its corners"


def test_what_is_held_is_filled_cleared_copied_and_shown_alone(holding, settle):
    document, strip = holding.document, holding.strips["by_hand"]
    holding.hand.set_filling(outline="box", soften_px=0.0)
    drag(holding, (700, 1200), (1000, 1500), (1300, 2200))
    settle(holding)
    strip.fill.click()
    settle(holding)
    assert document.undo_label == "Fill the area" and color_at(holding, 1000, 1700) == RED
    strip.copy.click()
    settle(holding)
    copy = document.page_when_dry().active
    assert copy.name == "Ink copy" and document.undo_label == "Copy the area"
    document.undo()
    strip.clear.click()
    settle(holding)
    assert color_at(holding, 1000, 1700) == (255, 255, 255)
    document.undo()
    strip.only.click()
    settle(holding)
    assert document.page_when_dry().active.effects[-1].kind == "inside"
    assert color_at(holding, 1590, 1700) == (255, 255, 255), "the ring's right side is not shown"
    document.undo()
    QTest.keyClick(holding.board, Qt.Key.Key_Return)
    settle(holding)
    assert document.undo_label == "Fill the area"


def test_colours_lines_and_what_lies_around_are_held(holding, settle):
    document, strip = holding.document, holding.strips["by_hand"]
    holding.hand.set_filling(outline="color", way="new")
    click(holding, 1600, 1700)
    settle(holding)
    ink = held_mask(holding)
    assert ink.sum() == pytest.approx(2 * np.pi * 400 * 40, rel=0.1)
    strip.around.click()
    settle(holding)
    assert held_mask(holding)[50, 50] and not held_mask(holding)[1700, 1200]
    strip.under.click()
    settle(holding)
    assert "Choose lines" in holding.status.text
    document.selection.choose([document.page_when_dry().active.marks.last])
    strip.under.click()
    settle(holding)
    assert (held_mask(holding) != ink).mean() < 0.001


def test_a_pattern_is_made_of_what_is_held_and_a_line_is_pulled_for_a_gradient(holding, settle):
    strip = holding.strips["by_hand"]
    strip.pattern.isEnabled()
    holding.hand.set_filling(outline="box", way="new")
    drag(holding, (720, 1600), (800, 1650), (860, 1800))
    settle(holding)
    strip.pattern.click()
    assert holding.hand.filling.kind == "pattern" and not holding.document.held_area.is_there
    holding.actions_by_id["fill.pour"].trigger()
    click(holding, 1200, 1700)
    settle(holding)
    assert areas(holding)[0].fill.kind == "pattern"
    holding.hand.set_filling(kind="gradient", follows=True)
    drag(holding, (1000, 1700), (1200, 1500), (1400, 1700), (1400, 1900))
    settle(holding)
    assert len(areas(holding)[0].fill.way) == 4
    assert holding.filling.follows.isVisible() and holding.filling.light_at.isVisible()


def test_the_light_is_placed_turned_undone_and_shown_beside(filling, settle):
    filling.actions_by_id["fill.light"].trigger()
    drag(filling, (2000, 400), (2100, 300), (2200, 200))
    document = filling.document
    assert document.page.light.at == pytest.approx((2200, 200), abs=8) and document.undo_label == "Light of the page"
    assert filling.hand.filling.light == pytest.approx(document.page.light.angle)
    assert filling.filling.light_at.isVisible() and not filling.filling.kind.isVisible()
    filling.filling.light_at.changed.emit(200.0, True)
    assert document.page.light.at is None and document.page.light.angle == 200
    document.undo()
    assert document.page.light.at is not None
    document.undo()
    assert document.page.light is None
