from __future__ import annotations

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jotsk.core.geometry import Rect, View

views = st.builds(
    View,
    st.floats(0.05, 20),
    st.floats(-math.pi, math.pi),
    st.booleans(),
    st.floats(-900, 900),
    st.floats(-900, 900),
)
places = st.floats(-2000, 2000)


@given(views, places, places)
def test_page_and_screen_are_inverse(view, x, y):
    assert view.to_page(*view.to_screen(x, y)) == pytest.approx((x, y), abs=1e-6)
    inverse = view.inverse
    sx, sy = view.to_screen(x, y)
    assert inverse[:, :2] @ [sx, sy] + inverse[:, 2] == pytest.approx([x, y], abs=1e-6)


@given(views, places, places, st.floats(0.3, 3), st.floats(-3, 3))
def test_zoom_turn_and_flip_keep_what_they_are_about(view, x, y, factor, angle):
    page = view.to_page(x, y)
    for changed in (view.zoomed(factor, x, y), view.turned(angle, x, y), view.mirrored(x, y)):
        assert changed.to_screen(*page) == pytest.approx((x, y), abs=1e-6)


def test_a_flip_mirrors_the_screen():
    view = View(0.7, 0.4, False, 120, 80)
    x, y = view.to_screen(300, 500)
    flipped_x, flipped_y = view.mirrored(400, 300).to_screen(300, 500)
    assert (flipped_x, flipped_y) == pytest.approx((800 - x, y))


def test_a_fitted_page_lies_inside_in_any_turn():
    for angle in np.linspace(-3, 3, 13):
        view = View.fitted(4961, 7016, 900, 660, View(angle_rad=angle))
        for x in (0, 4961):
            for y in (0, 7016):
                sx, sy = view.to_screen(x, y)
                assert 0 <= sx <= 900 and 0 <= sy <= 660


def test_rectangles():
    a, b = Rect(0, 0, 10, 10), Rect(5, 5, 20, 20)
    assert a & b == Rect(5, 5, 10, 10)
    assert a | b == Rect(0, 0, 20, 20)
    assert a | Rect(3, 3, 3, 9) == a
    assert Rect(3, 3, 7, 9).halved() == Rect(1, 1, 4, 5)
    assert list(Rect(120, 0, 130, 1).cells(128)) == [(0, 0), (1, 0)]
    assert not Rect(5, 5, 5, 9)
