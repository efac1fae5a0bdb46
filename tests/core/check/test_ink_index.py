"""Places near each other, against SciPy's k-d tree and NumPy over all pairs; and lines side by side."""

from __future__ import annotations

import math

import numpy as np
import pytest
import shapely
from hypothesis import given
from hypothesis import strategies as st
from scipy.spatial import KDTree

from jotsk.core.check.beside_kernel import all_go_into, grid_of, longest_beside, open_px, places_around, places_beside
from jotsk.core.check.ink_index import InkIndex
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along


def scattered(seed, count=600):
    rng = np.random.default_rng(seed)
    angles = rng.uniform(0, 2 * np.pi, count)
    xy = rng.uniform(0, 300, (count, 2))
    xy[0] = 1e9, -40.0  # a glitch far off the page
    ways = np.column_stack([np.cos(angles), np.sin(angles)])
    return xy, rng.uniform(0.2, 9.0, count), ways, np.sort(rng.integers(0, 40, count))


@pytest.mark.parametrize("seed", range(8))
@pytest.mark.parametrize("cell", [0.5, 7.0, 900.0])
def test_what_lies_around_a_place_is_what_scipys_tree_finds(seed, cell):
    xy, *_ = scattered(seed)
    grid, tree = grid_of(xy, cell), KDTree(xy)
    for x, y in (*xy[:20].tolist(), (-500.0, 20.0), (1e12, 0.0)):
        assert sorted(places_around(grid, xy, x, y, 33.0)) == sorted(tree.query_ball_point((x, y), 33.0))


@pytest.mark.parametrize("seed", range(8))
def test_places_beside_each_other_are_all_pairs_that_numpy_finds(seed):
    xy, radii, ways, owners = scattered(seed)
    found = {tuple(pair) for pair in places_beside(grid_of(xy, 12.0), xy, radii, ways, owners, 5.0, 0.9).tolist()}
    far = np.hypot(*(xy[:, None] - xy[None]).transpose(2, 0, 1)) - radii[:, None] - radii[None]
    wanted = (far <= 5.0) & (np.abs(ways @ ways.T) >= 0.9) & (owners[:, None] < owners[None])
    assert found == {(i, j) for i, j in np.argwhere(wanted).tolist()}
    assert len(found) > 50


@pytest.mark.parametrize("seed", range(8))
def test_tips_are_as_far_from_others_as_numpy_says(seed):
    xy, radii, _, owners = scattered(seed)
    tips = np.concatenate([np.flatnonzero(np.diff(owners, prepend=-1)), np.flatnonzero(np.diff(owners, append=99))])
    left_out = np.arange(40) % 5 == 3
    of_any, of_met = open_px(grid_of(xy, 9.0), xy, radii, owners, tips, left_out, 4.0, radii.max())
    for n, tip in enumerate(tips.tolist()):
        gaps = np.hypot(*(xy - xy[tip]).T) - radii - radii[tip]
        gaps[gaps > 4.0] = np.inf
        strange = owners != owners[tip]
        own_tips = np.isin(np.arange(len(xy)), tips) & ~strange & (np.arange(len(xy)) != tip)
        is_out = left_out[owners[tip]]
        assert of_any[n] == (np.inf if is_out else pytest.approx(gaps[strange].min()))
        met = (strange & ~left_out[owners]) | own_tips
        assert of_met[n] == (np.inf if is_out else pytest.approx(gaps[met].min()))


def test_the_longest_stretch_beside_another_line_and_its_gap():
    x = np.arange(0.0, 201.0)
    line = np.column_stack([x, np.zeros(201), np.full(201, 3.0)])
    other = np.column_stack([x, np.where((x > 50) & (x < 151), 8.0, 60.0), np.full(201, 3.0)])
    first, last, length, gap = longest_beside(line, other, 2.5, 0.97)
    assert (first, last, length) == (52, 150, 97.0)  # at its steps the other turns away
    assert gap == pytest.approx(2.0)
    assert longest_beside(line, other + (0, 90, 0), 2.5, 0.97)[2] == 0.0


def test_parallel_strokes_are_hatching_and_a_lone_one_is_not():
    page = blank_page(600, 400)
    for k in range(5):
        page = edits.with_mark(page, stroke_along([(50 + 12 * k, 300), (150 + 12 * k, 100)], size=4.0))
    page = edits.with_mark(page, stroke_along([(400, 100), (560, 320)], size=4.0))
    index = InkIndex(page)
    assert index.hatching.tolist() == [True] * 5 + [False]
    apart = 12 * math.sin(math.atan2(200, 100))  # of their middle lines
    assert len(index.pairs_beside(apart - 4.0 - 1.0, 6.0, 6.0).numbers)  # within a step, to be looked at more closely
    assert not len(index.pairs_beside(apart - 4.0 - 7.0, 6.0, 6.0).numbers)


@given(st.integers(0, 10_000), st.floats(0.5, 12.0))
def test_a_line_goes_into_another_where_shapely_says(seed, radius):
    """Shapely's hull of the discs of every two places that follow each other; not asked where they just touch."""
    rng = np.random.default_rng(seed)
    ways = np.cumsum(rng.normal(0, 0.4, (2, 12)), axis=1) + rng.uniform(0, 7, (2, 1))
    one, other = (np.cumsum(2.0 * np.column_stack([np.cos(way), np.sin(way)]), axis=0) for way in ways)
    other += rng.uniform(-25, 25, 2)
    points = np.concatenate([np.column_stack([line, np.full(len(line), radius)]) for line in (one, other)])
    away = shapely.LineString(one).distance(shapely.LineString(other)) - radius
    (goes,) = all_go_into(points, np.array([[0, 12, 12, 24]]))
    if abs(away) > 0.7:  # its places are 2 px apart
        assert goes == (away < 0)
