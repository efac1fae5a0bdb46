"""Ways of looking: history, overview, grid, frames, fingers, soft stops, flips and widths."""

from __future__ import annotations

import math
import threading
from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QPointingDevice
from PySide6.QtTest import QTest

from jotsk.core.geometry import View
from jotsk.core.geometry.view import soft_stopped
from jotsk.core.guides import guide_from
from jotsk.core.page import flattened
from jotsk.core.page.history import history as history_module
from jotsk.core.page.layers.placing import Picture
from jotsk.core.runtime.lanes import BESIDE
from tests.conftest import stroke_along
from tests.desk.conftest import across


def grabbed(board) -> np.ndarray:
    board.point_at(None)  # a window that opens under the pointer is told of it
    image = board.grab().toImage().convertToFormat(board.grab().toImage().Format.Format_RGB32)
    return np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.width(), 4)[..., :3].astype(int)


def test_the_history_goes_back_to_any_point_and_forward_again(window, pen, qtbot):
    window.actions_by_id["view.history"].trigger()
    seen = [flattened(window.document.page_when_dry())]
    for k in range(4):
        pen.draw(across(window, y=0.2 + 0.15 * k))
        seen.append(flattened(window.document.page_when_dry()))
    tray = window.history
    qtbot.waitUntil(lambda: tray.list.steps.rowCount() == 5)
    assert tray.list.steps.index(0).data() == "As it was opened" and tray.list.steps.index(2).data() == "Stroke"
    for k in (1, 4, 0, 3):
        index = tray.list.steps.index(k)
        tray.list.scrollTo(index)
        qtbot.mouseClick(
            tray.list.viewport(), Qt.MouseButton.LeftButton, pos=tray.list.visualRect(index).center()
        )  # fmt: skip
        assert np.array_equal(flattened(window.document.page_when_dry()), seen[k])
        assert window.document.steps.at == k
    pictures = [window.document.steps.picture(k) for k in range(5)]
    assert all(max(p.shape[:2]) == 64 for p in pictures)
    assert all((p < 200).any() for p in pictures[1:]), "the line is seen"
    assert len({p.tobytes() for p in pictures}) == 5, "each shows what its step made"


@pytest.fixture
def packed(window, monkeypatch, qtbot):
    """Forty strokes on a page that was saved before them, most of which are packed and count as large."""
    document, history = window.document, window.document._history
    monkeypatch.setattr(history_module, "LARGE_BYTES", 0)
    monkeypatch.setattr(history_module, "PAINTED_S", 0.0)
    for k in range(40):
        document.ink.add_stroke(stroke_along([(100, 100 + 60 * k), (2300, 300 + 60 * k)], size=20))
    history._most = 1
    document._packing.start(5)
    qtbot.waitUntil(lambda: not document._packing.isActive() and history.page_at(30) is None)
    history._most = history_module.MOST_BYTES
    return window


def test_a_step_that_is_packed_is_gone_to_beside_the_interface(packed, settle):
    document, began, kept = packed.document, [], []
    keep_ahead = document.keep_ahead
    document.keep_ahead = lambda page, progress: (kept.append((page, document.steps.at)), keep_ahead(page, progress))
    packed.filing.jobs.began.connect(lambda job: began.append(job.title))
    assert document.is_unsaved
    document.go_to_step(0)
    assert document.steps.at == 40 and began == ["Going through the history"], "the hand does not wait"
    settle(packed)
    assert document.steps.at == 0 and not len(document.page_when_dry().active.marks)
    assert kept == [(document.page_when_dry(), 40)], "it was kept before it became the present page"
    assert not document.is_unsaved, "it is the page that was saved, though it was packed since"
    document.go_to_step(40)
    settle(packed)
    assert document.steps.at == 40 and len(document.page_when_dry().active.marks) == 40 and document.is_unsaved


def test_what_is_drawn_while_a_packed_step_is_opened_stays(packed, settle):
    document = packed.document
    document.go_to_step(0)
    document.ink.add_stroke(stroke_along([(300, 2500), (2000, 300)]))
    settle(packed)
    assert document.steps.at == 41 and len(document.page_when_dry().active.marks) == 41
    assert "changed meanwhile" in packed.board.notice


def test_without_memory_for_a_packed_step_the_page_is_as_it_was(packed, settle, monkeypatch):
    with monkeypatch.context() as patch:
        patch.setattr(history_module, "page_from", lambda *_: (_ for _ in ()).throw(MemoryError()))
        packed.document.go_to_step(0)
        settle(packed)
        assert packed.document.steps.at == 40 and "not enough memory" in packed.status.text
    packed.document.go_to_step(0)
    settle(packed)
    assert packed.document.steps.at == 0


def test_going_through_the_history_can_be_stopped(packed, settle):
    goes_on = threading.Event()
    BESIDE.queue("opening history").submit(goes_on.wait, 20)
    packed.document.go_to_step(0)
    packed.filing.jobs.stop()
    settle(packed)
    goes_on.set()
    assert packed.document.steps.at == 40 and "was stopped" in packed.status.text


def test_a_change_of_view_is_no_step(window, pen):
    pen.draw(across(window))
    count = len(window.document.steps)
    for entry in ("view.flip", "view.turn_left", "view.zoom_in", "view.width", "hand.larger", "view.overview"):
        window.actions_by_id[entry].trigger()
    assert len(window.document.steps) == count


def _lightness(image, x, y):
    """At a share of its width and height."""
    return image.pixelColor(int(x * image.width()), int(y * image.height())).lightness()


def test_the_overview_shows_the_view_and_moves_it(window, qtbot):
    window.actions_by_id["view.overview"].trigger()
    board, overview = window.board, window.overview
    assert overview.isVisible() and overview.seen.boundingRect().width() > 150, "fitted: all of the page"
    window.document.ink.add_stroke(stroke_along([(300, 400), (2000, 3000)], size=90))
    share = 1150 / window.document.page.width, 1700 / window.document.page.height
    qtbot.waitUntil(lambda: _lightness(overview._image, *share) < 60)
    board.zoom_to(1.0)
    small = overview.seen.boundingRect()
    assert small.width() < 100
    page = window.document.page_when_dry()
    scale, corner = overview._place()
    at = corner + QPointF(page.width * 0.25, page.height * 0.75) * scale
    qtbot.mousePress(overview, Qt.MouseButton.LeftButton, pos=at.toPoint())
    middle = board.view.to_page(board.width() / 2, board.height() / 2)
    assert middle == pytest.approx((page.width * 0.25, page.height * 0.75), abs=1.5 / scale)
    assert overview.seen.boundingRect().center().x() == pytest.approx(at.x(), abs=2)
    qtbot.mouseRelease(overview, Qt.MouseButton.LeftButton)


def test_from_800_per_cent_on_px_are_told_apart_by_a_grid(window, qtbot):
    board = window.board
    board.zoom_to(7.9)
    qtbot.waitUntil(lambda: not board.is_moving)
    assert np.ptp(grabbed(board)[100:200, 100:200]) == 0, "white paper"
    for turned in (False, True):
        board.zoom_to(16.0)
        board.turn_by(math.pi / 2 if turned else 0.0)
        qtbot.waitUntil(lambda: not board.is_moving)
        part = grabbed(board)[100:260, 100:260, 0]
        dark_rows = (part < 250).all(axis=1).sum()
        dark_columns = (part < 250).all(axis=0).sum()
        assert dark_rows == dark_columns == 10, "a line for each 16 px"


def test_frames_are_drawn_over_the_page_and_can_be_hidden(window, qtbot):
    page = window.document.page_when_dry()
    window.document.edit("frames", lambda p: replace(p, trim_mm=10.0, bleed_mm=3.0, safe_mm=5.0))
    board = window.board
    qtbot.waitUntil(lambda: not board.is_moving)
    with_frames = grabbed(board)
    window.actions_by_id["view.frames"].trigger()
    without = grabbed(board)
    different = (with_frames != without).any(axis=2)
    trim_px = 10 / 25.4 * page.dpi
    x, y = board.view.to_screen(trim_px, page.height / 2)
    assert different[round(y) - 20 : round(y) + 20, round(x) - 2 : round(x) + 3].any(axis=1).all(), "solid at the trim"
    x, _ = board.view.to_screen(page.width / 2, page.height / 2)
    assert not different[round(y) - 20 : round(y) + 20, round(x) - 20 : round(x) + 20].any()


def test_a_slow_turn_stops_softly_at_every_45_degrees_and_goes_on(window):
    board, angles = window.board, []
    for _ in range(100):
        board.turn_softly(math.radians(1))
        angles.append(math.degrees(board.view.angle_rad))
    assert sum(abs(a - 45) < 1e-6 for a in angles) in (6, 7), "from 42 to 48 degrees it stays"
    assert sum(abs(a - 90) < 1e-6 for a in angles) in (6, 7)
    assert any(abs(a - 30) < 1e-6 for a in angles) and angles[-1] == pytest.approx(100)
    assert soft_stopped(math.radians(-136)) == pytest.approx(math.radians(-135))


def test_flipping_keeps_what_is_under_the_pen_or_the_page_where_it_is(window, qtbot):
    board, page = window.board, window.document.page_when_dry()
    board.zoom_to(0.4)
    at = QPoint(200, 300)
    qtbot.mouseMove(board, at)
    there = board.view.to_page(at.x(), at.y())
    window.actions_by_id["view.flip"].trigger()
    assert board.view.flipped and board.view.to_page(at.x(), at.y()) == pytest.approx(there, abs=2)
    window.actions_by_id["view.flip"].trigger()
    middle = board.view.to_screen(page.width / 2, page.height / 2)
    window.actions_by_id["view.flip_page"].trigger()
    assert board.view.flipped and board.view.to_screen(page.width / 2, page.height / 2) == pytest.approx(middle, abs=1)


def test_page_width_fills_the_board_from_side_to_side(window):
    board, page = window.board, window.document.page_when_dry()
    window.actions_by_id["view.width"].trigger()
    left, right = board.view.to_screen(0, 0)[0], board.view.to_screen(page.width, 0)[0]
    assert 0 < left < 30 and board.width() - 30 < right < board.width()


@pytest.fixture
def fingers(window):
    device = QTest.createTouchDevice(QPointingDevice.DeviceType.TouchScreen)

    def touch(*moves: list[tuple[int, int]]) -> None:
        """Each move gives the place of every finger; a finger that is left out is lifted."""
        down: set[int] = set()
        for places in moves:
            event = QTest.touchEvent(window.board, device)
            for k, place in enumerate(places):
                (event.move if k in down else event.press)(k, QPoint(*place), window.board)
            for k in down - set(range(len(places))):
                event.release(k, QPoint(*moves[-2][k]), window.board)
            down = set(range(len(places)))
            event.commit()

    return touch


def test_two_fingers_move_zoom_and_turn_the_page_with_them(window, fingers):
    board = window.board
    board.set_view(View(0.3, 0.0, False, 100, 50))
    a, b = board.view.to_page(300, 300), board.view.to_page(500, 300)
    fingers([(300, 300), (500, 300)], [(290, 280), (520, 330)], [(280, 250), (560, 400)], [])
    assert board.view.to_screen(*a) == pytest.approx((280, 250), abs=2)
    assert board.view.to_screen(*b) == pytest.approx((560, 400), abs=2)
    assert not len(window.document.page_when_dry().active.marks)


def test_one_finger_draws_and_a_second_one_takes_that_back(window, fingers):
    fingers([(300, 300)], [(340, 310)], [(400, 320)], [])
    assert len(window.document.page_when_dry().active.marks) == 1
    fingers([(300, 400)], [(340, 410)], [(340, 410), (500, 400)], [(350, 430), (520, 420)], [])
    assert len(window.document.page_when_dry().active.marks) == 1 and window.board.session is None


def test_a_pinch_leaves_pictures_on_their_way_where_they_are(window, fingers):
    board = window.board
    board.pictures.add([Picture.of("sketch", np.full((2000, 2000), 0xFF808080, np.uint32))])
    at, zoom = board.pictures.placing.in_hand, board.view.zoom
    x, y = map(round, board.view.to_screen(at.x, at.y))
    fingers([(x, y)], [(x + 40, y + 10)], [(x + 40, y + 10), (x + 240, y)], [(x + 40, y + 10), (x + 180, y)], [])
    assert board.pictures.placing is not None and board.pictures.placing.in_hand == at and board.view.zoom < 0.9 * zoom
    x, y = map(round, board.view.to_screen(at.x, at.y))
    fingers([(x, y)], [(x + 40, y + 10)], [])
    assert board.pictures.placing.in_hand.x > at.x, "one finger alone moves it"


def test_a_pinch_leaves_a_draft_and_a_guide_as_they_were(window, fingers):
    board = window.board
    window.hold_keys.switch("hand.draft")
    fingers([(200, 200)], [])
    fingers([(400, 220)], [])
    points = board.drafting.draft.points
    fingers([(300, 300)], [(340, 310)], [(340, 310), (600, 400)], [(350, 330), (560, 380)], [])
    assert board.drafting.draft.points == points and len(points) == 2
    x, y = board.view.to_page(300, 300)
    guides = (guide_from({"kind": "straightedge", "at": [x, y], "angle": 10}).record(),)
    window.document.page_edits.set_guides("Guides", guides)
    board.take_up("guides")
    moved = []
    window.document.changed.connect(lambda before, after: moved.append(after.guides != guides))
    fingers([(300, 300)], [(340, 310)], [(340, 310), (600, 400)], [])
    assert any(moved) and window.document.page_when_dry().guides == guides and board._in_use is None


def test_what_is_held_when_a_lift_never_comes_is_let_go_where_it_was_last(window, pen, qtbot):
    pen.draw(across(window))
    board = window.board
    window.actions_by_id["layer.shift"].trigger()
    qtbot.mousePress(board, Qt.MouseButton.LeftButton, pos=QPoint(300, 300))
    qtbot.mouseMove(board, QPoint(340, 350))
    qtbot.mousePress(board, Qt.MouseButton.LeftButton, pos=QPoint(100, 100))
    qtbot.waitUntil(lambda: window.document.undo_label == "Move what is on the layer")
    assert len(board._preview) == 0 and board._in_use is not None
    qtbot.keyClick(board, Qt.Key.Key_Escape)
    assert board._in_use is None and window.document.undo_label == "Move what is on the layer"
