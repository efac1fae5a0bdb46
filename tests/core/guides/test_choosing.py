"""Which of several guides holds."""

from __future__ import annotations

import math

import numpy as np
import pytest

from jotsk.core.guides import first_motion, guide_from, holder
from jotsk.core.guides.choosing import means
from jotsk.core.hand.simulated_pen import DEVICES, Hand, drawn, smooth_path
from tests.conftest import line_path, shaky


def guides(*records):
    return [guide_from(r) for r in records]


ACROSS = {"kind": "parallel", "angle": 0}
UP = {"kind": "parallel", "angle": 90}
SLANT = {"kind": "straightedge", "at": [100, 120], "angle": 30}


@pytest.mark.parametrize("seed", range(20))
@pytest.mark.parametrize("end, index", [((300, 104), 0), ((98, -100), 1), ((280, 0), 2)])
def test_the_nearest_in_direction_to_the_first_px_holds_a_shaking_hand(end, index, seed):
    trace = shaky(line_path((100, 100), end), 1.0, seed=seed)
    start, towards, decided = first_motion(trace.xy)
    assert decided and holder(guides(ACROSS, UP, SLANT), start, towards).index == index


def test_what_is_off_does_not_hold_and_what_is_alone_does():
    start, towards = (0.0, 0.0), (1.0, 0.0)
    assert holder(guides({**ACROSS, "on": False}, UP), start, towards) is None
    assert holder(guides(ACROSS, {**UP, "alone": True}), start, towards).index == 1
    assert holder(guides({**ACROSS, "shown": False}), start, towards).index == 0, "a hidden guide can hold"
    assert holder(guides({"kind": "mirror", "at": [0, 0], "angle": 90}), start, towards) is None
    assert holder([None, *guides(ACROSS)], start, towards).index == 1, "one that is not understood keeps its place"


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


# -- only what means it --------------------------------------------------------------------------


@pytest.mark.parametrize(
    "angle, taken", [(0, True), (18, True), (-18, True), (22, False), (45, False), (158, False), (162, True)]
)
def test_a_guide_takes_what_begins_within_twenty_degrees(angle, taken):
    towards = math.cos(math.radians(angle)), math.sin(math.radians(angle))
    assert (holder(guides(ACROSS), (50.0, 50.0), towards) is not None) == taken
    assert holder(guides({**ACROSS, "alone": True}), (50.0, 50.0), towards) is not None, "alone it takes everything"


@pytest.mark.parametrize(
    "record",
    [
        {"kind": "straightedge", "at": [0, 0], "angle": 0},
        {"kind": "french-curve", "points": [[-500, 0], [0, 0], [500, 0]]},
    ],
)
@pytest.mark.parametrize("scale", [0.5, 1.0, 3.0])
def test_what_lies_at_a_place_has_a_reach_of_forty_px_of_the_screen(record, scale):
    for off, taken in ((38, True), (42, False)):
        held = holder(guides(record), (10.0, off / scale), (1.0, 0.0), scale)
        assert (held is not None) == taken


@pytest.mark.parametrize("seed", range(30))
def test_a_hook_where_the_pen_lands_does_not_count(seed):
    angle = np.radians(12 * seed)
    hook = np.array([100.0, 100.0]) + 6 * np.array([np.cos(angle), np.sin(angle)])
    path = np.array([[100.0, 100.0], hook, hook + (240, 0)])
    trace = drawn(path, 0.7, pressure=0.5, hand=Hand(0.5, 0.0), device=DEVICES["display"], seed=seed)
    _, towards, decided = first_motion(trace.xy)
    assert decided and holder(guides(ACROSS, UP), *first_motion(trace.xy)[:2]).index == 0
    assert abs(math.degrees(math.atan2(towards[1], towards[0]))) < 12


@pytest.mark.parametrize("y", [200.0, 203.0, 196.0])
def test_near_the_horizon_a_level_line_is_taken_and_stays_level(y):
    held = holder(guides({"kind": "perspective", "points": [[-700, 200], [900, 200]]}), (100.0, y), (1.0, 0.02))
    assert held is not None and abs(held.rail.along[1]) < 0.01


PERSPECTIVE = {"kind": "perspective", "points": [[-3000, 200], [3000, 200]]}


@pytest.mark.parametrize("turn", range(0, 360, 15))
@pytest.mark.parametrize("radius", [14, 40, 160])
def test_a_circle_is_a_circle_wherever_it_begins(turn, radius):
    angle = np.radians(turn) + np.linspace(0, 2 * np.pi, 200)
    path = 300 + radius * np.column_stack([np.cos(angle), np.sin(angle)])
    xy = shaky(path, 0.5 + radius / 100, seed=turn).xy
    start, towards, _ = first_motion(xy)
    held = holder(guides(PERSPECTIVE), start, towards)
    assert held is None or not means(xy, held.rail)


@pytest.mark.parametrize("off", [0.0, 6.0, 14.0])
@pytest.mark.parametrize("length", [20, 60, 400])
def test_a_straight_stroke_that_means_it_stays_held(off, length):
    if length * math.tan(math.radians(off)) > 40:
        pytest.skip("more than 40 px sideways")
    end = 300 + length * math.cos(math.radians(off)), 300 + length * math.sin(math.radians(off))
    for seed in range(8):
        xy = shaky(line_path((300, 300), end), 0.2 + length / 600, seed=seed).xy
        assert means(xy, holder(guides(ACROSS), (300.0, 300.0), (1.0, 0.0)).rail)


def test_hatching_there_and_back_and_a_ring_all_round_stay_held():
    there_and_back = np.array([[100.0, 100.0], [300, 102], [120, 99], [310, 101]])
    assert means(shaky(smooth_path(there_and_back), 1.2, seed=1).xy, holder(guides(ACROSS), (100, 100), (1, 0)).rail)
    rings = guides({"kind": "rings", "at": [300, 300]})
    angle = np.linspace(0, 2.1 * np.pi, 300)
    xy = shaky(300 + 120 * np.column_stack([np.cos(angle), np.sin(angle)]), 1.5, seed=2).xy
    assert means(xy, holder(rings, *first_motion(xy)[:2]).rail)


def test_a_stroke_that_bends_away_is_free():
    angle = np.linspace(0, np.pi / 2, 100)
    bend = np.concatenate([[[100, 300]], np.column_stack([250 + 100 * np.sin(angle), 200 + 100 * np.cos(angle)])])
    xy = shaky(smooth_path(bend), 1.0, seed=4).xy
    held = holder(guides(ACROSS), *first_motion(xy)[:2])
    assert held is not None and not means(xy, held.rail)
