"""Coverage of closed outlines, against Shapely's areas."""

from __future__ import annotations

import numpy as np
import shapely
from hypothesis import example, given
from hypothesis import strategies as st

from jotsk.core.ink.outline_kernel import fill_outline


def filled(outline, size=24, x0=0.0, y0=0.0):
    alpha = np.zeros((size, size), np.uint8)
    fill_outline(alpha, np.asarray(outline, np.float64), x0, y0)
    return alpha


@given(st.lists(st.tuples(st.floats(-8, 30), st.floats(-8, 30)), min_size=3, max_size=3))
@example([(2.0, 0.0), (1.0, -1.0), (2.2e-309, 2.2e-309)])
def test_a_triangle_covers_each_px_as_shapely_says(corners):
    alpha, shape = filled(corners), shapely.Polygon(np.round(corners, 9))  # GEOS goes wrong near 1e-309
    for y in range(0, 24, 3):
        for x in range(0, 24, 3):
            wanted = shape.intersection(shapely.box(x, y, x + 1, y + 1)).area
            assert abs(alpha[y, x] / 255 - wanted) <= 0.07, "of sixteen lines a row one is half in doubt at either end"


def test_what_an_outline_goes_around_twice_is_outside():
    star = [(12 + 11 * np.sin(k * 4 * np.pi / 5), 12 - 11 * np.cos(k * 4 * np.pi / 5)) for k in range(5)]
    alpha = filled(star)
    assert alpha[12, 12] == 0 and alpha[4, 12] == 255


def test_the_corner_of_the_tile_and_turning_the_outline_round_change_nothing():
    outline = np.array([(103.3, 52.1), (118.2, 57.5), (109.9, 70.2)])
    alpha = filled(outline, 24, 100, 50)
    assert np.array_equal(alpha, filled(outline - (100, 50))) and np.array_equal(
        alpha, filled(outline[::-1], 24, 100, 50)
    )
    mirrored = filled(np.column_stack([224 - outline[:, 0], outline[:, 1]]), 24, 100, 50)
    assert np.abs(mirrored[:, ::-1].astype(int) - alpha).max() <= 1
