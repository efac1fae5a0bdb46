from __future__ import annotations

import numpy as np
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.geometry.polygon_kernel import inside

THOUSANDTHS = st.integers(-50_000, 50_000).map(lambda k: k / 1000)  # shapely divides by what is nearer to 0


@settings(max_examples=40)
@given(
    st.lists(st.tuples(THOUSANDTHS, THOUSANDTHS), min_size=3, max_size=8, unique=True),
    st.integers(0, 999),
)
def test_inside_is_shapelys_answer(corners, seed):
    polygon = shapely.Polygon(corners)
    if not polygon.is_valid or polygon.area < 1:
        return
    points = np.random.default_rng(seed).uniform(-60, 60, (60, 2))
    away = shapely.distance(shapely.points(points), polygon.exterior) > 1e-6
    expected = shapely.contains_xy(polygon, points[:, 0], points[:, 1])
    assert np.array_equal(inside(points, np.array(corners))[away], expected[away])


def test_a_line_holds_nothing():
    assert not inside(np.array([[0.5, 0.5]]), np.array([[0, 0], [1, 1]])).any()
