"""Which of several guides holds."""

from __future__ import annotations

import numpy as np
import pytest

from jotsk.core.guides import first_motion, guide_from, holder
from tests.conftest import line_path, shaky


def guides(*records):
    return [guide_from(r) for r in records]


ACROSS = {"kind": "parallel", "angle": 0}
UP = {"kind": "parallel", "angle": 90}
SLANT = {"kind": "straightedge", "at": [0, 0], "angle": 30}


@pytest.mark.parametrize("seed", range(20))
@pytest.mark.parametrize("end, index", [((300, 104), 0), ((98, -100), 1), ((280, 0), 2)])
def test_the_nearest_in_direction_to_the_first_px_holds_a_shaking_hand(end, index, seed):
    trace = shaky(line_path((100, 100), end), 1.0, seed=seed)
    start, towards, decided = first_motion(trace.xy)
    assert decided and holder(guides(ACROSS, UP, SLANT), start, towards).index == index


def test_what_is_off_does_not_hold_and_what_is_alone_does():
    start, towards = (0.0, 0.0), (1.0, 0.0)
    assert holder(guides({**ACROSS, "on": False}, UP), start, towards).index == 1
    assert holder(guides(ACROSS, {**UP, "alone": True}), start, towards).index == 1
    assert holder(guides({**ACROSS, "shown": False}), start, towards).index == 0, "a hidden guide can hold"
    assert holder(guides({"kind": "mirror", "at": [0, 0], "angle": 90}), start, towards) is None
    assert holder([None, *guides(UP)], start, towards).index == 1, "one that is not understood keeps its place"


def test_of_two_in_the_same_direction_the_nearer_holds():
    low, high = {"kind": "straightedge", "at": [0, 50], "angle": 0}, {"kind": "straightedge", "at": [0, 10], "angle": 0}
    assert holder(guides(low, high), (5.0, 14.0), (1.0, 0.0)).index == 1


@pytest.mark.parametrize("towards, target", [((1, 0.2), (900, 300)), ((-1, 0.1), (-700, 200)), ((0.05, 1), None)])
def test_a_stroke_goes_to_the_vanishing_point_it_points_at_or_upright(towards, target):
    points = [[-700, 200], [900, 300]]
    rail = holder(guides({"kind": "perspective", "points": points}), (100.0, 150.0), towards).rail
    expected = np.array(target) - (100, 150) if target else np.array([0, 1])
    assert abs(np.cross(np.append(expected, 0), np.append(rail.along, 0))[2]) < 1e-9 * np.hypot(*expected)


def test_a_dot_and_nan_free_direction():
    assert first_motion(np.array([[3.0, 4.0]])) == ((3.0, 4.0), (0.0, 0.0), False)
    assert first_motion(np.array([[3.0, 4.0]] * 5)) == ((3.0, 4.0), (0.0, 0.0), False)
