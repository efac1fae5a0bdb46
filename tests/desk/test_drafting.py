"""Lines placed point by point, with the real window."""

from __future__ import annotations

import numpy as np
import pytest
import shapely
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest

from jotsk.core.errors import Refused
from jotsk.core.guides import Ellipse
from jotsk.core.guides.draft import MOST_POINTS, Draft, few_points, hand_along, ready_shape
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from tests.conftest import circle_path


@pytest.fixture
def drafting(window):
    window.hold_keys.switch("hand.draft")
    return window.board.drafting


def press(window, *places, drag=None):
    for at in places:
        QTest.mousePress(window.board, Qt.MouseButton.LeftButton, pos=QPoint(*at))
        if drag:
            QTest.mouseMove(window.board, QPoint(*at) + QPoint(*drag))
        QTest.mouseRelease(window.board, Qt.MouseButton.LeftButton, pos=QPoint(*at) + QPoint(*(drag or (0, 0))))


def test_points_are_placed_moved_bent_closed_inked_and_inked_again(window, drafting):
    board = window.board
    press(window, (200, 200), (400, 180), (380, 400))
    assert len(drafting.draft.points) == 3 and not window.strips["draft"].isHidden()
    press(window, (400, 180), drag=(30, 0))
    assert drafting.draft.points[1] == pytest.approx(board.view.to_page(430, 180))
    on_line = drafting.draft.curve.places(np.array([0.3 * drafting.draft.curve.length]))[0]
    at = tuple(round(v) for v in board.view.to_screen(*on_line))
    press(window, at, drag=(0, 20))
    assert len(drafting.draft.points) == 4 and drafting.draft.points[1] == pytest.approx(
        board.view.to_page(at[0], at[1] + 20)
    )
    press(window, (200, 200))
    assert drafting.draft.closed
    board.setFocus()
    QTest.keyClick(board, Qt.Key.Key_Return)
    window.hand.take(window.hand.library.pen("plain-round"))
    window.strips["draft"].ink.click()
    first, second = window.document.page_when_dry().active.marks
    assert (first.pen.id, second.pen.id) == ("quill-nib", "plain-round")
    points = second.ribbon.points
    assert points[0, :2] == pytest.approx(points[-1, :2], abs=0.01), "closed without a notch"
    curve = shapely.LineString(drafting.draft.curve.dense[0])
    assert max(curve.distance(shapely.Point(p)) for p in points[:, :2].astype(float)) < 0.05
    window.strips["draft"].keep.click()
    assert board.guiding.guides[-1].points == drafting.draft.points and board.guiding.guides[-1].closed
    QTest.keyClick(board, Qt.Key.Key_Backspace)
    assert not drafting.draft.closed, "opened again"
    QTest.keyClick(board, Qt.Key.Key_Backspace)
    assert len(drafting.draft.points) == 3
    window.actions_by_id["edit.drop"].trigger()
    assert drafting.is_empty and len(window.document.page_when_dry().active.marks) == 2
    window.hold_keys.switch("hand.draft")
    assert board.tool.id == "draw" and window.strips["draft"].isHidden()


def test_straight_pieces_join_without_a_notch(window, drafting):
    """Worked by hand: at a corner the outer edge of a 20 px line is round, no pixel of the corner itself is missing."""
    window.hand.take(window.hand.library.pen("plain-round"))
    drafting.set_smooth(False)
    press(window, (200, 200), (400, 200), (400, 400))
    window.strips["draft"].ink.click()
    stroke = window.document.last_line.when_dry()
    corner = drafting.draft.points[1]
    assert np.hypot(*(stroke.line.xy - corner).T).min() < 1e-6
    assert np.ptp(stroke.ribbon.points[2:-2, 2]) < 0.01 * window.hand.settings.size_px


def test_a_fan_joins_every_point_to_the_first(window, drafting):
    window.strips["draft"].fan.click()
    press(window, (200, 200), (400, 180), (420, 300), (300, 420))
    window.strips["draft"].ink.click()
    marks = list(window.document.page_when_dry().active.marks)
    assert len(marks) == 3
    for stroke, end in zip(marks, drafting.draft.points[1:], strict=True):
        assert stroke.ribbon.points[0, :2] == pytest.approx(drafting.draft.points[0], abs=0.05)
        assert stroke.ribbon.points[-1, :2] == pytest.approx(end, abs=0.05)


@pytest.mark.parametrize("shape", ["box", "circle", "polygon", "arc"])
def test_ready_shapes_are_drawn_by_dragging(window, drafting, shape):
    window.strips["draft"].shape.setCurrentIndex(window.strips["draft"].shape.findData(shape))
    window.strips["draft"].shape.activated.emit(window.strips["draft"].shape.currentIndex())
    press(window, (300, 200), drag=(150, 120))
    window.strips["draft"].ink.click()
    stroke, board = window.document.last_line.when_dry(), window.board
    a, b = (np.array(board.view.to_page(*p)) for p in ((300, 200), (450, 320)))
    points = stroke.ribbon.points[:, :2]
    if shape == "circle":
        assert np.hypot(*(points - a).T) == pytest.approx(np.hypot(*(b - a)), abs=0.05)
    elif shape == "box":
        assert points.min(axis=0) == pytest.approx(np.minimum(a, b), abs=0.2) and points.max(axis=0) == pytest.approx(
            np.maximum(a, b), abs=0.2
        )
    elif shape == "arc":
        assert points[0] == pytest.approx(a, abs=0.1) and points[-1] == pytest.approx(b, abs=0.1)
    else:
        assert np.hypot(*(points - a).T).max() == pytest.approx(np.hypot(*(b - a)), abs=0.1)
    window.document.undo()
    assert len(window.document.page_when_dry().active.marks) == 0


def test_an_eraser_inks_no_draft(window, drafting):
    press(window, (200, 200), (400, 180))
    window.hand.take(window.hand.eraser())
    window.strips["draft"].ink.click()
    assert len(window.document.page_when_dry().active.marks) == 0 and "eraser" in window.board.notice


def test_the_last_line_becomes_a_french_curve(window, pen):
    window.guide_commands.curve_of_line()
    assert "no line yet" in window.status.text
    w, h = window.board.width(), window.board.height()
    from jotsk.core.hand.simulated_pen import drawn

    pen.draw(drawn(circle_path(120, (w / 2, h / 2)), 1.5, pressure=0.7, seed=3))
    window.guide_commands.curve_of_line()
    guide, stroke = window.board.guiding.guides[-1], window.document.last_line.when_dry()
    assert guide.kind == "french-curve" and len(guide.points) < 60
    dense = shapely.LineString(Draft(guide.points, guide.closed).curve.dense[0])
    assert max(dense.distance(shapely.Point(p)) for p in stroke.own_ribbon.points[:, :2].astype(float)) < 3.0


def test_few_points_keep_a_circle_within_what_was_asked():
    points = few_points(circle_path(100.0), 0.3)
    dense = Draft(points).curve.dense[0]
    assert len(points) < 40 and np.abs(np.hypot(*(dense - 250).T) - 100).max() < 0.5


def test_nothing_comes_of_nothing():
    assert Draft().curve is None and Draft(((1.0, 1.0), (1.0, 1.0))).curve is None
    assert ready_shape("box", (5.0, 5.0), (5.2, 5.1)) is None
    assert ready_shape("box", (5.0, 5.0), (5.0, 90.0)).rail.at == (5.0, 5.0), "a box without width is a line"
    hold = ready_shape("circle", (50.0, 50.0), (90.0, 50.0))
    assert isinstance(hold.rail, Ellipse)
    stroke = Stroke(hand_along(hold), pen_by_id("plain-round"), 6.0, (0, 0, 0), 0.0, 0.0, hold=hold)
    assert stroke.ribbon.length_px == pytest.approx(2 * np.pi * 40, rel=1e-3)


def test_the_offset_of_a_curve_is_shapelys(window):
    points = [(100.0, 300.0), (250.0, 120.0), (420.0, 260.0), (640.0, 140.0)]
    window.board.guiding.add_curve(points, closed=False, smooth=True)
    dense = Draft(tuple(points)).curve.dense[0]
    for by in (15.0, -15.0):
        window.guide_commands.add_offset(window.board.guiding.guides[0], by)
        found = Draft(window.board.guiding.guides[-1].points).curve.dense[0]
        expected = shapely.LineString(dense).offset_curve(-by)  # y grows downward
        assert max(expected.distance(shapely.Point(p)) for p in found[5:-5]) < 0.6
    window.board.guiding.select(None)
    window.guide_commands.ask_offset()
    assert "French curve in hand" in window.status.text


def test_perspective_falls_out_of_two_edges_of_the_sketch(window):
    window.hold_keys.switch("guide.edges")
    assert "edge of the sketch" in window.board.notice
    for start, by in (((200, 200), (200, 40)), ((200, 400), (200, -40))):
        press(window, start, drag=by)
    guide = window.board.guiding.guides[-1]
    expected = window.board.view.to_page(200 + 200 * 2.5, 300)  # worked by hand: slopes of 1/5 meet after 500 px
    assert guide.kind == "perspective" and guide.points[0] == pytest.approx(expected, abs=2.0 / window.board.view.zoom)
    for start, by in (((600, 200), (-200, 40)), ((600, 400), (-200, -40))):
        press(window, start, drag=by)
    guide = window.board.guiding.guides[-1]
    assert len(guide.points) == 2 and guide.points[1][1] == guide.points[0][1], "the horizon is level"
    assert window.board.tool.id == "draw", "it ends by itself"
    window.hold_keys.switch("guide.edges")
    for start in ((200, 200), (200, 300)):
        press(window, start, drag=(100, 0))
    assert "parallel on the page" in window.board.notice and len(window.board.guiding.guides) == 1


def test_a_line_outside_the_cone_of_vision_is_said_once(window, pen):
    from jotsk.core.hand.simulated_pen import drawn

    w, h = window.document.page_when_dry().width, window.document.page_when_dry().height
    near = {"kind": "perspective", "points": [[w / 2 - 200, h / 2], [w / 2 + 200, h / 2]], "vertical": True}
    window.document.page_edits.set_guides("Guides", [near])
    W, H = window.board.width(), window.board.height()
    for _ in range(2):
        pen.draw(drawn(np.array([(0.3, 0.2), (0.3, 0.4)]) * (W, H), 0.5, pressure=0.7, seed=1))
        assert ("cone of vision" in window.board.notice) == (_ == 0)
        window.board._clear_notice()


def test_a_draft_of_many_points_is_bent_at_once_and_has_an_end(window):
    points = tuple((50.0 + 40 * (k % 2) + 5 * k, 60.0 + 300 * (k // 2 % 2)) for k in range(MOST_POINTS))
    for closed in (False, True):
        draft = Draft(points, closed=closed)
        curve = draft.curve
        assert np.allclose(curve.places(curve.at_points()), points, atol=1e-6)
        middle = tuple(curve.places(np.array([(curve.at_points()[7] + curve.at_points()[8]) / 2]))[0])
        bent, k = draft.bent_at(middle, 1.0)
        assert k == 8 and bent.points[8] == pytest.approx(middle, abs=1e-6)
    window.board.drafting.put_back(Draft(points))
    window.board.drafting.press((9.0, 700.0), 1.0)
    assert "at most" in window.board.notice and window.board.drafting.draft.points == points
    with pytest.raises(Refused, match="px long"):
        Draft(((0.0, 0.0), (150_000.0, 0.0))).extended((0.0, 0.0))
