from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from hypothesis.extra.numpy import arrays

from jotsk.core.geometry import arc_lengths, catmull_rom


def barry_goldman(p: np.ndarray, u: float) -> np.ndarray:
    """The point at share u of the middle segment of four points, by the pyramid of Barry and Goldman (SIGGRAPH 1988),
    with centripetal knots (Yuksel 2011): another road to the same curve."""
    t = np.concatenate([[0], np.cumsum(np.sqrt(np.hypot(*np.diff(p, axis=0).T)))])
    x = t[1] + u * (t[2] - t[1])
    rows = list(p)
    for level in (1, 2, 3):
        for i in range(4 - level):
            a, b = t[i], t[i + level]
            if level == 3:
                a, b = t[1], t[2]
            rows[i] = ((b - x) * rows[i] + (x - a) * rows[i + 1]) / (b - a)
    return rows[0]


def test_a_segment_is_the_barry_goldman_pyramid():
    p = np.array([[0, 0], [10, 4], [13, 20], [40, 22]], np.float64)
    dense = catmull_rom(p, 0.5)
    i = int(np.abs(dense - p[1]).sum(axis=1).argmin())
    j = int(np.abs(dense - p[2]).sum(axis=1).argmin())
    for k in range(i, j + 1):
        assert dense[k] == pytest.approx(barry_goldman(p, (k - i) / (j - i)), abs=1e-9)


@settings(max_examples=50)
@given(arrays(np.float64, (7, 2), elements=st.floats(-500, 500)))
def test_the_curve_passes_through_every_point_in_short_steps(points):
    dense = catmull_rom(points, 3.0)
    gaps = np.hypot(*(dense[:, None] - points[None]).transpose(2, 0, 1)).min(axis=0)
    assert gaps.max() < 1e-9
    assert np.hypot(*np.diff(dense, axis=0).T).max() <= 3.0 + 1e-9
    assert np.isfinite(dense).all()


def test_uneven_points_make_no_loop():
    # Points that make a uniform Catmull-Rom curve loop back (Yuksel 2011, figure 3, from memory).
    dense = catmull_rom(np.array([[0, 0], [100, 0], [101, 1], [102, 100]], np.float64), 1.0)
    direction = np.diff(dense, axis=0)
    assert (direction[:, 0] > -0.2).all() and (direction[:, 1] > -0.2).all()


def test_arc_lengths_of_a_worked_case():
    assert arc_lengths([[0, 0], [3, 4], [3, 10]]).tolist() == [0, 5, 11]


def test_points_of_the_wrong_shape_are_refused():
    with pytest.raises(ValueError, match=r"points must be \(N, 2 or more\)"):
        catmull_rom(np.zeros(5))
