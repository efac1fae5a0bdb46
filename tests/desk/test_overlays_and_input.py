"""What is drawn over the page, and the ways in: wheel, trackpad, gestures, devices, odd screens."""

from __future__ import annotations

import itertools
import math

import numpy as np
import pytest
from PySide6.QtCore import QCoreApplication, QEvent, QPoint, QPointF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QMouseEvent, QNativeGestureEvent, QPainter, QPointingDevice, QWheelEvent
from PySide6.QtWidgets import QApplication

from jotsk.core.geometry import View
from jotsk.core.hand import Sample, SpeedWeight
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.board.input.stroke_session import EventClock
from jotsk.desk.board.overlays import overlays
from jotsk.desk.board.overlays.chosen_lines import ChosenLines
from tests.conftest import stroke_along
from tests.desk.conftest import across


def drawn_by(draw, size: int = 200, ground: str = "#FFFFFF") -> np.ndarray:
    """(H, W, 3) of what a drawing function leaves on a coloured ground."""
    image = QImage(size, size, QImage.Format.Format_RGB32)
    image.fill(QColor(ground))
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    draw(painter)
    painter.end()
    return np.frombuffer(image.constBits(), np.uint8).reshape(size, size, 4)[..., 2::-1].astype(int).copy()


# -- overlays ------------------------------------------------------------------------------------


@pytest.mark.parametrize("ground", ["#FFFFFF", "#000000", "#808080", "#A4DDED"])
def test_the_footprint_shows_on_any_ground(qapp, ground):
    bare = drawn_by(lambda p: None, ground=ground)
    ringed = drawn_by(lambda p: overlays.draw_rings(p, QPointF(100, 100), [40.0]), ground=ground)
    y, x = np.nonzero((np.abs(ringed - bare) > 40).any(axis=2))
    radius = np.hypot(x + 0.5 - 100, y + 0.5 - 100)
    assert len(x) > 150 and radius.min() > 37 and radius.max() < 43


def test_a_rope_runs_from_the_ink_to_the_pen(qapp):
    def draw(painter):
        overlays.draw_rope(painter, View(2.0, 0.0, False, 10, 20), 1.0, (20.0, 30.0), QPointF(150, 80))

    picture = drawn_by(draw)
    y, x = np.nonzero((picture < 200).any(axis=2))
    assert (x.min(), y.min()) == (pytest.approx(46, abs=3), pytest.approx(78, abs=3))
    assert x.max() == pytest.approx(150, abs=2)


def test_chosen_lines_lie_on_their_ink_in_any_view(qapp):
    stroke = stroke_along([(20, 20), (80, 60)])
    view = View(1.5, 0.3, True, 170, 30)
    picture = drawn_by(lambda p: ChosenLines().draw(p, view, 1.0, [stroke], [], []))
    m = view.matrix
    line = stroke.ribbon.points[:, :2] @ m[:, :2].T + m[:, 2]
    y, x = np.nonzero((picture < 230).any(axis=2))
    gap = np.hypot(x[:, None] + 0.5 - line[:, 0], y[:, None] + 0.5 - line[:, 1]).min(axis=1)
    assert len(x) > 100 and gap.max() < 3


def test_lines_that_are_not_worked_out_yet_are_shown_by_their_motion_and_then_as_they_are(qapp, qtbot):
    trace = drawn(np.array([[20, 20], [180, 60], [30, 150]]), 1.0, pressure=0.5, device=DEVICES["mouse"], seed=3)
    strokes = (Stroke(trace, pen_by_id("quill-nib"), 8.0, (0, 0, 0), 60.0, 100.0),)
    lines = ChosenLines()
    with qtbot.waitSignal(lines.worked_out):
        first = drawn_by(lambda p: lines.draw(p, View(), 1.0, strokes, [], []))
    assert (first < 230).any() and strokes[0].is_worked_out
    then = drawn_by(lambda p: lines.draw(p, View(), 1.0, strokes, [], []))
    assert (then != first).any() and "ribbon" in strokes[0].__dict__
    kept = lines._places[0][1]
    assert np.array_equal(drawn_by(lambda p: lines.draw(p, View(), 1.0, strokes, [], [])), then)
    assert lines._places[0][1] is kept, "the same picture while nothing moves"
    moved = drawn_by(lambda p: lines.draw(p, View(1.0, 0.0, False, 5, 0), 1.0, strokes, [], []))
    assert np.array_equal(moved[:, 5:], then[:, :-5])


def test_a_preview_takes_the_place_of_the_chosen_lines(qapp):
    stroke = stroke_along([(20, 20), (80, 20)])
    moved = [np.array([[20.0, 120.0], [80.0, 120.0]])]
    picture = drawn_by(lambda p: ChosenLines().draw(p, View(), 1.0, [stroke], moved, []))
    assert (picture[10:30] == 255).all() and (picture[118:123] < 230).any()


@pytest.mark.parametrize("at", [(0, 0), (190, 190), (190, 5), (100, 180)])
def test_a_sentence_stays_on_the_board(qapp, at):
    words = "“Pencils” is locked; unlock it, or choose another layer."

    def draw(painter):
        overlays.draw_notice(painter, QSize(400, 200), words, QPointF(*at))

    picture = drawn_by(draw, 400)
    y, x = np.nonzero((picture < 240).any(axis=2))
    assert x.max() < 400 and y.max() < 200 and len(x) > 300


def test_the_footprint_is_as_large_as_the_largest_mark_at_every_zoom(window):
    board = window.board
    window.hand.set_size(40)
    for zoom in (0.25, 1.0, 3.0):
        board.zoom_to(zoom)
        assert board.footprint(QPointF(50, 50))[1] == [pytest.approx(20 * zoom)]
    board.take_up("resize")
    largest, smallest = board.footprint(QPointF(50, 50))[1]
    assert smallest == pytest.approx(0.15 * largest), "the quill's lightest touch is 15 %"


# -- ways in -------------------------------------------------------------------------------------


def wheel(board, angle: int, modifiers=Qt.KeyboardModifier.NoModifier, pixels: QPoint | None = None) -> None:
    at = QPointF(400, 300)
    event = QWheelEvent(at, at, pixels or QPoint(), QPoint(0, angle), Qt.MouseButton.NoButton, modifiers,
                        Qt.ScrollPhase.NoScrollPhase, False)  # fmt: skip
    QApplication.sendEvent(board, event)


def test_shift_and_the_wheel_turn_and_a_trackpad_pans(window):
    board = window.board
    wheel(board, 120, Qt.KeyboardModifier.ShiftModifier)
    assert math.degrees(board.view.angle_rad) == pytest.approx(5)
    board.reset_turn()
    before = board.view
    wheel(board, 0, pixels=QPoint(12, -30))
    assert (board.view.shift_x - before.shift_x, board.view.shift_y - before.shift_y) == (12, -30)
    wheel(board, 120, Qt.KeyboardModifier.ControlModifier, QPoint(0, 40))
    assert board.view.zoom > before.zoom, "with Control a trackpad zooms too"


def test_a_pinch_zooms_and_a_twist_turns(window):
    board = window.board
    device = QPointingDevice.primaryPointingDevice()
    at = QPointF(300, 200)
    page = board.view.to_page(300, 200)
    zoom = board.view.zoom
    for kind, value in (
        (Qt.NativeGestureType.ZoomNativeGesture, 0.5),
        (Qt.NativeGestureType.RotateNativeGesture, 20.0),
    ):
        QCoreApplication.sendEvent(board, QNativeGestureEvent(kind, device, 2, at, at, at, value, QPointF()))
    assert board.view.zoom == pytest.approx(1.5 * zoom)
    assert math.degrees(board.view.angle_rad) == pytest.approx(20)
    assert board.view.to_screen(*page) == pytest.approx((300, 200), abs=1.5)


def test_the_middle_button_moves_the_page_and_draws_nothing(window):
    board, before = window.board, window.board.view
    middle, none = Qt.MouseButton.MiddleButton, Qt.KeyboardModifier.NoModifier
    for kind, at in (
        (QEvent.Type.MouseButtonPress, QPointF(300, 300)), (QEvent.Type.MouseMove, QPointF(350, 280)),
        (QEvent.Type.MouseButtonRelease, QPointF(350, 280)),
    ):  # fmt: skip
        QApplication.sendEvent(board, QMouseEvent(kind, at, at, middle, middle, none))
    assert (board.view.shift_x - before.shift_x, board.view.shift_y - before.shift_y) == (50, -20)
    assert window.document.undo_label is None


def test_zoom_has_limits_and_the_page_is_never_lost(window):
    for _ in range(60):
        window.actions_by_id["view.zoom_in"].trigger()
    assert window.board.view.zoom == 64.0
    for _ in range(120):
        window.actions_by_id["view.zoom_out"].trigger()
    assert window.board.view.zoom == 0.01
    window.actions_by_id["view.fit"].trigger()
    assert 0.1 < window.board.view.zoom < 1.0


def test_a_fitted_page_stays_fitted_when_the_window_changes_and_a_placed_one_stays_put(window, qtbot):
    board = window.board
    zoom = board.view.zoom
    window.resize(1000, 620)
    qtbot.waitUntil(lambda: board.view.zoom != zoom)
    board.zoom_to(1.0)
    view = board.view
    window.resize(1280, 800)
    qtbot.waitUntil(lambda: board.width() > 900)
    assert board.view == view


def test_a_layer_can_be_drawn_on_beyond_the_edge_of_the_page(window, pen):
    board = window.board
    x0, y0 = board.view.to_screen(-200, 1500)
    x1, y1 = board.view.to_screen(600, 1500)
    from jotsk.core.hand.simulated_pen import drawn

    pen.draw(drawn(np.array([[x0, y0], [x1, y1]]), 0.5, pressure=0.8))
    stroke = window.document.last_line.when_dry()
    assert stroke.trace.xy[:, 0].min() < -150, "the hand's motion is kept whole"
    assert window.document.page_when_dry().active.tiles.bounds.x0 >= 0


# -- clocks and weight ---------------------------------------------------------------------------


def test_a_clock_that_stalls_or_runs_backwards_still_goes_on():
    clock = EventClock()
    times = [clock.read(t) for t in (1000, 1005, 1005, 1005, 990, 1010)]
    assert times[0] == 0 and times[1] == pytest.approx(0.005)
    assert all(b > a for a, b in itertools.pairwise(times))


def test_weight_from_speed_is_heavy_when_slow_and_the_same_at_any_rate():
    def weights(speed: float, rate: float) -> float:
        weight = SpeedWeight()
        for k in range(int(rate)):
            last = weight.weighed(Sample(k / rate, speed * k / rate, 0.0))
        return last.pressure

    assert weights(20, 250) > 0.98 and weights(5000, 250) < 0.35
    assert weights(900, 250) == pytest.approx(0.65, abs=0.01), "half the swing at 900 px a second"
    assert weights(700, 125) == pytest.approx(weights(700, 1000), abs=0.01)


@pytest.mark.parametrize("device", DEVICES.values(), ids=lambda d: d.name)
def test_every_kind_of_device_leaves_a_line(window, device):
    SimulatedPen(window.board, device).draw(across(window))
    stroke = window.document.last_line.when_dry()
    assert len(stroke.trace) > 50 and stroke.ribbon.length_px > 500
    assert np.isfinite(stroke.ribbon.points).all()
