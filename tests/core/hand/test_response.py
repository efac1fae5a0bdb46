from __future__ import annotations

import numpy as np
import pytest
from hypothesis import example, given
from hypothesis import strategies as st
from scipy.interpolate import PchipInterpolator

from jotsk.core.hand import ResponseCurve


@st.composite
def curves(draw):
    n = draw(st.integers(2, 7))
    x = np.cumsum(draw(st.lists(st.floats(0.05, 1), min_size=n, max_size=n)))
    y = np.cumsum(draw(st.lists(st.floats(0, 1), min_size=n, max_size=n)))
    x, y = (x - x[0]) / (x[-1] - x[0]), y / max(1e-6, y[-1])
    return tuple(zip(x.tolist(), np.minimum(y, 1).tolist(), strict=True))


@given(curves())
def test_it_is_scipys_monotone_cubic(points):
    points = tuple((x, round(y, 12)) for x, y in points)  # SciPy's divides by any slope that is not 0
    u = np.linspace(0, 1, 101)
    assert ResponseCurve(points)(u) == pytest.approx(PchipInterpolator(*zip(*points, strict=True))(u), abs=1e-9)


@given(curves())
@example(((0.0, 0.0), (0.5, 2.225073858507e-311), (1.0, 1.0)))  # a slope too small to divide by
def test_it_never_falls_and_never_leaves_the_range(points):
    values = ResponseCurve(points)(np.linspace(-0.5, 1.5, 400))
    assert (np.diff(values) >= -1e-12).all()
    assert values.min() >= 0 and values.max() <= 1


@pytest.mark.parametrize(
    "points", [((0, 0),), ((0, 0), (0, 1)), ((0, 1), (1, 0)), ((0, 0), (1, 2)), ((0, 0), (float("nan"), 1))]
)
def test_points_that_are_no_response_are_refused(points):
    with pytest.raises(ValueError, match="response curve"):
        ResponseCurve(points)
