"""Perspective against a camera of our own making, OpenCV's homography and worked cases."""

from __future__ import annotations

import cv2
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.guides import guide_from, holder
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.perspective import (
    circle_in,
    divided,
    focal_length,
    meeting_point,
    outside_cone,
    row,
    square_map,
)

F, CENTER = 1800.0, np.array([1240.0, 1750.0])


def seen(points, turn=0.6):
    """A pinhole camera (textbook): turned about the upright axis, focal length F px, principal point CENTER."""
    c, s = np.cos(turn), np.sin(turn)
    x, y, z = (np.asarray(points, float) @ np.array([[c, 0, s], [0, 1, 0], [-s, 0, c]]).T + (0, 0, 9)).T
    return np.column_stack([F * x / z, F * y / z]) + CENTER


FAR = 1e9
RIGHT, AWAY = (tuple(seen([d])[0]) for d in ((FAR, 0, 0), (0, 0, FAR)))


def test_edges_that_are_parallel_in_reality_meet_where_the_camera_says():
    edges = [tuple(map(tuple, seen([(-1, y, z), (1, y, z)]))) for y, z in ((-1, 0), (1, 0), (0.3, 2))]
    assert meeting_point(*edges[:2]) == pytest.approx(RIGHT, abs=0.01)


def test_vanishing_points_at_right_angles_give_the_focal_length():
    assert focal_length(RIGHT, AWAY, tuple(CENTER)) == pytest.approx(F, rel=1e-6)
    assert focal_length((100.0, 0.0), (200.0, 0.0), (0.0, 0.0)) is None


def test_the_cone_is_thirty_degrees_to_each_side():
    """Worked by hand: straight ahead f tan 30 = 0.57735 f."""
    edge = F * 0.5773502691896258
    points = CENTER + [[edge - 1, 0], [edge + 1, 0], [0, 0]]
    assert outside_cone(points, RIGHT, AWAY, tuple(CENTER)).tolist() == [False, True, False]


def test_a_row_of_posts_is_where_the_camera_sees_them():
    posts = seen([(1.0, 1.0, k * 0.8) for k in range(8)])
    found = row(tuple(posts[0]), tuple(posts[1]), AWAY, 6)
    assert np.array(found) == pytest.approx(posts[2:], abs=1e-3)


def cross_ratio(a, b, c, d):
    """(a, b; c, d) of four points on a line."""
    along = np.array(d) - np.array(a)
    ta, tb, tc, td = (float(np.array(p) @ along) for p in (a, b, c, d))
    return ((tc - ta) / (tc - tb)) / ((td - ta) / (td - tb))


@given(st.floats(0.01, 0.8), st.integers(3, 40))
def test_the_cross_ratio_of_a_row_is_constant(t1, count):
    first, vanishing = (10.0, 900.0), (2200.0, 300.0)
    second = tuple(np.array(first) + t1 * (np.array(vanishing) - first))
    posts = [first, second, *row(first, second, vanishing, count)]
    ratios = [cross_ratio(*posts[k : k + 3], vanishing) for k in range(len(posts) - 2)]
    assert ratios == pytest.approx([2.0] * len(ratios), rel=1e-9), "equal steps and infinity: (AC/BC)/1 = 2"


def test_a_post_level_with_the_eye_is_left_out():
    """Worked by hand: t1 = -1/2 puts the third post at 3 (-1/2) / (1 - 1), which is nowhere."""
    assert row((0.0, 0.0), (-50.0, 0.0), (100.0, 0.0), 2) == [(-200.0, 0.0)]


def test_a_wall_is_divided_into_equal_windows():
    posts = seen([(1.0, 1.0, k) for k in range(5)])
    assert np.array(divided(tuple(posts[0]), tuple(posts[4]), AWAY, 4)) == pytest.approx(posts[1:4], abs=1e-3)


def test_a_circle_on_the_floor_is_opencvs():
    corners = seen([(-1, 1, 0), (1, 1, 0), (1, 1, 2), (-1, 1, 2)])
    square = np.array([(-1, -1), (1, -1), (1, 1), (-1, 1)], np.float32)
    expected = cv2.getPerspectiveTransform(square, corners.astype(np.float32))
    assert square_map(corners) == pytest.approx(expected, rel=1e-3, abs=1e-6)
    ellipse = circle_in(corners)
    a = np.linspace(0, 2 * np.pi, 2000)
    dense = cv2.perspectiveTransform(np.column_stack([np.cos(a), np.sin(a)])[None], square_map(corners))[0]
    (x, y), (d1, d2), _ = cv2.fitEllipse(dense.astype(np.float32))
    assert ellipse.at == pytest.approx((x, y), abs=0.05)
    assert sorted(ellipse.radii) == pytest.approx(sorted((d1 / 2, d2 / 2)), rel=1e-3)
    assert np.hypot(*(ellipse.places(ellipse.measure(dense)) - dense).T).max() < 1e-6


@pytest.mark.parametrize(
    "what",
    [
        lambda: meeting_point(((0, 0), (1, 0)), ((0, 5), (1, 5))),
        lambda: meeting_point(((0, 0), (0, 0)), ((0, 5), (1, 5))),
        lambda: row((0, 0), (0, 0), (100, 0), 3),
        lambda: row((0, 0), (120, 0), (100, 0), 3),
        lambda: row((0, 0), (10, 0), (0, 0), 3),
        lambda: row((0, 0), (10, 0), (100, 0), 1000),
        lambda: divided((0, 0), (10, 0), (100, 0), 1),
        lambda: square_map([(0, 0), (1, 0), (2, 0), (3, 0)]),
        lambda: circle_in([(0, 0), (0, 0), (0, 0), (0, 0)]),
    ],
)
def test_what_has_no_answer_is_refused_with_a_sentence(what):
    with pytest.raises(Refused, match=r"[A-Z].*\."):
        what()


POSTS = [tuple(p) for k in (0, 1) for p in seen([(1.0, 1.0, k * 0.8), (1.0, -1.0, k * 0.8)])]


@pytest.mark.parametrize("count, parts", [(5, 1), (3, 2), (2, 4)])
def test_a_row_guide_has_the_posts_the_camera_sees(count, parts):
    guide = guide_from({"kind": "posts", "points": POSTS, "count": count, "parts": parts})
    depths = [0.0, 0.8, *(0.8 * k / parts for k in range(1, parts)), *(0.8 * k for k in range(2, count + 2))]
    expected = [seen([(1.0, 1.0, z), (1.0, -1.0, z)]) for z in depths]
    assert np.array(guide.posts()) == pytest.approx(np.array(expected), abs=0.01)


def test_a_row_seen_square_on_has_equal_steps():
    guide = guide_from({"kind": "posts", "points": [[0, 100], [0, 0], [30, 100], [30, 0]], "count": 2, "parts": 3})
    assert [round(foot[0], 6) for foot, _ in guide.posts()] == [0, 30, 10, 20, 60, 90]


def test_posts_and_circles_hold_a_stroke():
    circle = guide_from({"kind": "circle", "points": seen([(-1, 1, 0), (1, 1, 0), (1, 1, 2), (-1, 1, 2)]).tolist()})
    middle = circle_in(circle.points)
    held = holder([circle], tuple(middle.places(np.array([0.3]))[0] + 5), (1.0, 0.0))
    assert held.rail == middle
    row_of = guide_from({"kind": "posts", "points": POSTS, "count": 4})
    foot, head = row_of.posts()[4]
    rail = holder([row_of], (foot[0] + 3, foot[1]), (0.0, -1.0)).rail
    assert abs(np.cross([*rail.along, 0], [head[0] - foot[0], head[1] - foot[1], 0])[2]) < 1e-6 * np.hypot(
        *np.subtract(head, foot)
    )
    nowhere = guide_from({"kind": "circle", "points": [[0, 0], [1, 0], [2, 0], [3, 0]]})
    assert holder([nowhere], (0.0, 0.0), (1.0, 0.0)) is None and lines_of(nowhere, Rect(0, 0, 100, 100))
    with pytest.raises(ValueError, match="four points"):
        guide_from({"kind": "posts", "points": [[0, 0]]})
