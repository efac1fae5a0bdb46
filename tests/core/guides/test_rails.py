"""Rails against brute force, scipy's elliptic integral and worked cases."""

from __future__ import annotations

from fractions import Fraction

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.special import ellipe, ellipeinc

from jotsk.core.guides import Curve, Ellipse, Line
from jotsk.core.guides.rail_kernel import nearest_along, next_along
from jotsk.core.guides.rails import curve_through, direction, rail_from

sizes = st.floats(1, 900)


@given(st.floats(-600, 600), st.floats(-600, 600), sizes, sizes)
def test_the_nearest_place_of_an_ellipse_is_nearer_than_any_of_20000(x, y, p, q):
    ellipse = Ellipse((0.0, 0.0), (p, q))
    found = ellipse.places(np.array([ellipse.begin(x, y)]))[0]
    u = np.linspace(0, 2 * np.pi, 20_001)
    least = np.hypot(p * np.cos(u) - x, q * np.sin(u) - y).min()
    assert np.hypot(*(found - (x, y))) <= least + 1e-6


@pytest.mark.parametrize("p, q", [(300.0, 150.0), (100.0, 100.0), (40.0, 400.0)])
def test_arc_length_of_an_ellipse_is_the_elliptic_integral(p, q):
    """scipy.special.ellipe: the circumference is 4 a E(m), m = 1 - (b/a)^2; along it, E(phi, m)."""
    ellipse = Ellipse((0.0, 0.0), (p, q))
    a, b = max(p, q), min(p, q)
    assert ellipse.length == pytest.approx(4 * a * ellipe(1 - (b / a) ** 2), rel=1e-10)
    if p <= q:  # from the end of the short radius the integral counts the angle itself
        lengths = np.linspace(0, 0.25 * ellipse.length, 9)
        angles = ellipse.angles_at(lengths)
        assert q * ellipeinc(angles, 1 - (p / q) ** 2) == pytest.approx(lengths, abs=1e-3 * q / 400)


def test_a_line_to_a_point_a_million_px_away_is_exact_to_the_last_bits():
    start, far = (123.25, 456.5), (1_000_123.0, -300_017.0)
    line = Line.through(start, far)
    place = line.places(np.array([5000.0]))[0]
    dx, dy = Fraction(far[0]) - Fraction(start[0]), Fraction(far[1]) - Fraction(start[1])
    x, y = Fraction(float(place[0])) - Fraction(start[0]), Fraction(float(place[1])) - Fraction(start[1])
    off = abs(float(dx * y - dy * x)) / float(np.hypot(float(dx), float(dy)))
    assert off < 1e-9


def test_a_hand_that_goes_twice_round_is_followed_twice_round():
    ellipse = Ellipse((50.0, 60.0), (200.0, 80.0), 25.0)
    u = np.linspace(0.3, 0.3 + 4 * np.pi, 300)
    measured = ellipse.measure(ellipse.places(u))
    assert measured - measured[0] == pytest.approx(u - u[0], abs=1e-9)


def test_a_hand_that_strays_across_the_middle_is_not_thrown_to_the_other_side():
    circle = Ellipse((0.0, 0.0), (100.0, 100.0))
    hand = np.column_stack([np.linspace(80, -5, 40), np.full(40, 10.0)])
    steps = np.diff(circle.measure(hand))
    assert np.abs(steps).max() < 0.7


def test_a_closed_curve_has_no_seam():
    curve = curve_through([[0, 0], [200, 40], [180, 220], [-20, 160]], closed=True)
    before, after = curve.places(np.array([curve.length - 1.0, curve.length + 1.0]))
    seam = curve.places(np.array([0.0]))[0]
    straight = (after - before) / np.hypot(*(after - before))
    assert np.hypot(*(seam - (before + after) / 2)) < 0.02, "the two sides meet in one direction"
    assert straight == pytest.approx((seam - before) / np.hypot(*(seam - before)), abs=0.02)


def test_a_curve_passes_through_its_points():
    points = [(0.0, 0.0), (120.0, 200.0), (300.0, 90.0), (520.0, 260.0)]
    for curve in (Curve(tuple(points)), Curve(tuple(points), smooth=False), Curve(tuple(points), closed=True)):
        for x, y in points:
            assert curve.places(np.array([curve.begin(x, y)]))[0] == pytest.approx((x, y), abs=1e-6)


@pytest.mark.parametrize(
    "degrees, expected", [(0, (1, 0)), (90, (0, -1)), (180, (-1, 0)), (-90, (0, 1)), (450, (0, -1))]
)
def test_quarter_turns_are_exact(degrees, expected):
    assert direction(degrees) == expected


@pytest.mark.parametrize(
    "rail",
    [
        Line((3.0, 4.0), (0.6, 0.8)),
        Ellipse((1.0, 2.0), (30.0, 20.0), 15.0),
        Curve(((0.0, 0.0), (9.0, 9.0), (20.0, 0.0)), True),
    ],
)
def test_rails_survive_being_written_and_moved(rail):
    assert rail_from(rail.record()) == rail
    m = np.array([[0.0, -2.0, 30.0], [2.0, 0.0, -10.0]])  # a quarter turn, twice as large
    u = np.linspace(0.1, 1.0, 7)
    moved = rail.places(u) @ m[:, :2].T + m[:, 2]
    assert rail.mapped(m).places(rail.mapped(m).measure(moved)) == pytest.approx(
        moved, abs=0.03
    )  # curves are dense again


@pytest.mark.parametrize(
    "record",
    [
        {"rail": "line", "at": [0, 0], "along": [0, 0]},
        {"rail": "ellipse", "at": [0, 0], "radii": [0, 5], "angle": 0},
        {"rail": "curve", "points": [[1, 1], [1, 1]], "closed": False, "smooth": True},
        {"rail": "tram"},
    ],
)
def test_a_rail_that_is_none_is_refused(record):
    with pytest.raises(ValueError):
        rail_from(record)


def test_a_place_in_whole_numbers_compiles_nothing_anew():
    curve = Curve(((0.0, 0.0), (50.0, 20.0), (90.0, 0.0)))
    curve.follow(3.0, 4.0, curve.begin(3.0, 4.0))
    before = len(nearest_along.signatures), len(next_along.signatures)
    curve.follow(3, 4, curve.begin(3, 4))
    assert (len(nearest_along.signatures), len(next_along.signatures)) == before
