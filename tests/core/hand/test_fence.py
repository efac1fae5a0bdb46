from __future__ import annotations

from itertools import pairwise

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import LineString, box

from jotsk.core.geometry import Rect
from jotsk.core.hand import Sample
from jotsk.core.hand.fence import Fence

PAGE = Rect(0, 0, 400, 300)
coordinates = st.integers(-1_600_000, 1_600_000).map(lambda v: v / 16)
places = st.lists(st.tuples(coordinates, coordinates), min_size=2, max_size=8)


def held(points):
    fence = Fence.around(PAGE)
    samples = [fence.held(Sample(float(k), x, y, 0.5)) for k, (x, y) in enumerate(points)]
    return [sample for some in samples for sample in some]


def test_a_motion_on_and_about_the_page_stays_as_it_is():
    points = [(10.0, 20.0), (700.0, -250.0), (-390.0, 590.0)]
    assert [(s.x, s.y) for s in held(points)] == points


@given(places)
def test_inside_the_fence_the_line_is_the_hands_own(points):
    """Compared with shapely: what lies inside the area of the hand's line is part of the held one, times rise."""
    samples = held(points)
    area = box(-400, -300, 800, 600)
    if len(samples) > 1:
        ours = LineString([(s.x, s.y) for s in samples]).buffer(0.05)
        for way in pairwise(points):
            inside = LineString(way).intersection(area)
            assert inside.difference(ours).length < 0.1
    assert all(-400 <= s.x <= 800 and -300 <= s.y <= 600 for s in samples)
    assert (np.diff([s.t for s in samples]) >= 0).all()


def test_a_place_far_off_is_where_the_hand_left_and_comes_back():
    there = [(s.x, round(s.y, 2)) for s in held([(100, 100), (1e6, 100), (100, 200)])]
    assert there == [(100, 100), (800, 100), (800, 100), (800, 199.93), (100, 200)]
