"""Shapes by the simulated hand, which ends them at rest. The seeds here are not those the limits were found with."""

from __future__ import annotations

from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest
from skimage.measure import CircleModel, EllipseModel

from bench.real_hands import glyphs, reported, written
from jotsk.core.guides.fitting import fit_circle, fit_ellipse, polygon_through
from jotsk.core.guides.settling import HOLD_S, readings, resting_from, settled
from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import drawn, tremor
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from tests.conftest import QUARTER, SHAKY, line_path, shaky

RATE_HZ = 200.0
KINDS = ("line", "arc", "circle", "ellipse", "triangle", "rectangle", "quadrilateral", "polyline", "closed curve")


def turned(xy, rng):
    a = rng.uniform(0, 2 * np.pi)
    return xy @ np.array([[np.cos(a), -np.sin(a)], [np.sin(a), np.cos(a)]]) + rng.uniform(300, 900, 2)


def inner_angles(p):
    before, after = np.roll(p, 1, axis=0) - p, np.roll(p, -1, axis=0) - p
    cosines = (before * after).sum(axis=1) / np.hypot(*before.T) / np.hypot(*after.T)
    return np.degrees(np.arccos(np.clip(cosines, -1, 1)))


def polygon(count, rng):
    """Convex, no corner sharper than 35 degrees or flatter than 140, no side much shorter than the others."""
    while True:
        a = np.sort(rng.uniform(0, 2 * np.pi, count))
        p = np.column_stack([np.cos(a), np.sin(a)]) * rng.uniform(0.7, 1.3, (count, 1)) * rng.uniform(70, 250)
        sides = np.hypot(*(np.roll(p, -1, axis=0) - p).T)
        angles = inner_angles(p)
        gaps = np.diff(np.append(a, a[0] + 2 * np.pi))
        if gaps.max() < np.pi and angles.min() > 35 and angles.max() < 140 and sides.min() > 0.45 * sides.max():
            return p


def meant(kind, rng):
    """The path of a shape of this kind, as a hand may mean it."""
    if kind == "line":
        return turned(np.array([[0, 0], [rng.uniform(120, 700), 0]]), rng)
    if kind in ("arc", "circle", "ellipse"):
        r = rng.uniform(50, 260)
        a = rng.uniform(np.radians(60), np.radians(290)) if kind == "arc" else 2 * np.pi * rng.uniform(0.97, 1.03)
        u = np.linspace(0, a, 400)
        q = r * rng.uniform(0.35, 0.75) if kind == "ellipse" else r
        xy = np.column_stack([r * np.cos(u), q * np.sin(u)])[:: rng.choice([-1, 1])]
        return turned(xy, rng)
    if kind == "rectangle":
        w, h = rng.uniform(80, 400), rng.uniform(80, 400)
        p = np.array([[0, 0], [w, 0], [w, h], [0, h]])
    elif kind in ("triangle", "quadrilateral"):
        while True:
            p = polygon(3 if kind == "triangle" else 4, rng)
            if kind == "triangle" or np.abs(inner_angles(p) - 90).max() > 16:
                break
    elif kind == "polyline":
        while True:
            steps = rng.uniform(90, 260, int(rng.integers(2, 5)))
            headings = np.cumsum(
                rng.uniform(np.radians(35), np.radians(120), len(steps)) * rng.choice([-1, 1], len(steps))
            )
            p = np.vstack(
                [[0, 0], np.cumsum(steps[:, None] * np.column_stack([np.cos(headings), np.sin(headings)]), axis=0)]
            )
            if np.hypot(*(p[-1] - p[0])) > 0.25 * steps.sum():
                return turned(p, rng)
    else:
        u = np.linspace(0, 2 * np.pi, 400)
        lobes = int(rng.integers(2, 5))
        r = rng.uniform(90, 220) * (1 + rng.uniform(0.22, 0.4) * np.cos(lobes * u + rng.uniform(0, 6)))
        if lobes == 2:
            r *= 1 + 0.18 * np.cos(3 * u)
        return turned(np.column_stack([r * np.cos(u), r * np.sin(u)]), rng)
    p = p[:: rng.choice([-1, 1])]
    return turned(np.vstack([p, p[:1] + rng.uniform(-6, 6, (1, 2))]), rng)


def at_rest(trace: Trace, seconds: float, seed: int) -> Trace:
    """The pen stays where it is, trembling as before."""
    rng = np.random.default_rng(seed)
    n = int(seconds * RATE_HZ)
    rest = np.repeat(trace.samples[-1:], n, axis=0)
    rest[:, 0] += np.arange(1, n + 1) / RATE_HZ
    shake = np.column_stack([tremor(n, RATE_HZ, SHAKY.tremor_px, rng) for _ in range(2)])
    rest[:, 1:3] += shake - shake[0]
    return Trace(np.vstack([trace.samples, rest]))


def by_hand(kind, seed):
    rng = np.random.default_rng(seed)
    path = meant(kind, rng)
    length = np.hypot(*np.diff(path, axis=0).T).sum()
    trace = drawn(
        path,
        length / rng.uniform(250, 500),
        rate_hz=RATE_HZ,
        pressure=[0.3, 0.9, 0.5],
        hand=SHAKY,
        device=QUARTER,
        seed=seed,
    )
    return path, at_rest(trace, HOLD_S + 0.1, seed)


@pytest.mark.parametrize("kind", KINDS)
def test_97_of_100_shapes_of_each_kind_are_read_rightly(kind):
    right = 0
    for seed in range(5000, 5100):
        found = settled(by_hand(kind, seed)[1])
        right += found is not None and found[1][0].kind == kind
    assert right >= 97


def test_at_most_1_of_100_slow_freehand_strokes_is_taken_for_a_hold():
    mistaken = 0
    for seed in range(7000, 7100):
        rng = np.random.default_rng(seed)
        path = meant(KINDS[seed % len(KINDS)], rng)
        length = np.hypot(*np.diff(path, axis=0).T).sum()
        mistaken += resting_from(shaky(path, length / rng.uniform(60, 140), seed)) is not None
    assert mistaken <= 1


def test_a_rest_shorter_than_asked_for_is_none():
    trace = at_rest(shaky(line_path((0, 0), (300, 40)), 0.8, seed=1), 0.5, 1)
    assert resting_from(trace) is None and resting_from(trace, hold_s=0.4) is not None


@pytest.mark.parametrize("kind", KINDS)
def test_the_shape_lies_where_it_was_meant_with_the_hands_pressure(kind):
    path, trace = by_hand(kind, 5003)
    motion, (reading, *_) = settled(trace)
    stroke = Stroke(motion, pen_by_id("plain-round"), 10.0, (0, 0, 0), 0.0, 45.0)
    clean = stroke.settled(reading.hold)
    dense = np.column_stack(
        [np.interp(np.linspace(0, 1, 3000), np.linspace(0, 1, len(path)), path[:, k]) for k in (0, 1)]
    )
    off = np.array([np.hypot(*(dense - p).T).min() for p in clean.ribbon.points[:, :2]])
    assert off.max() < 25.0 and np.sqrt((off**2).mean()) < 3.5  # a circle closes a gap of up to 3 %
    widths = clean.ribbon.points[:, 2]
    assert widths[len(widths) // 2] > widths[0] and widths.max() == pytest.approx(
        stroke.ribbon.points[:, 2].max(), rel=0.1
    )
    if kind in ("circle", "ellipse", "triangle", "rectangle", "quadrilateral", "closed curve"):
        assert clean.ribbon.points[0, :2] == pytest.approx(clean.ribbon.points[-1, :2], abs=0.05)


@pytest.mark.parametrize("degrees", [40, 90, 200, 360])
def test_a_noisy_arc_is_fitted_as_well_as_scikit_images_circle(degrees):
    rng = np.random.default_rng(degrees)
    u = np.radians(np.linspace(0, degrees, 200))
    xy = np.column_stack([400 + 150 * np.cos(u), 300 + 150 * np.sin(u)]) + rng.normal(0, 1.5, (200, 2))
    at, radius = fit_circle(xy)
    model = CircleModel.from_estimate(xy)

    def rms(x, y, r):
        return np.sqrt(((np.hypot(xy[:, 0] - x, xy[:, 1] - y) - r) ** 2).mean())

    assert rms(*at, radius) <= rms(*model.center, model.radius) + 1e-9
    assert radius == pytest.approx(150, rel=0.12 if degrees < 90 else 0.02)


def test_a_noisy_ellipse_is_scikit_images():
    rng = np.random.default_rng(3)
    u = np.linspace(0, 2 * np.pi, 300)
    xy = np.column_stack([400 + 200 * np.cos(u), 300 + 90 * np.sin(u)]) + rng.normal(0, 1.5, (300, 2))
    found, model = fit_ellipse(xy), EllipseModel.from_estimate(xy)
    assert found.at == pytest.approx(tuple(model.center), abs=0.3)
    assert sorted(found.radii) == pytest.approx(sorted(model.axis_lengths), rel=0.01)


def test_corners_are_where_the_sides_meet():
    """Worked by hand: a square of 100 px, walked in steps of 5."""
    square = np.array([[0, 0], [100, 0], [100, 100], [0, 100], [0, 0]], float)
    xy = np.vstack([a + (b - a) * t for a, b in pairwise(square) for t in np.arange(0, 1, 0.05)])
    found = polygon_through(xy, 4, closed=True)
    for corner in square[:4]:
        assert np.hypot(*(found - corner).T).min() < 1e-6


def test_a_dot_a_scribble_and_nothing_settle_into_nothing_or_something_finite():
    dot = replace(shaky(line_path((50, 50), (50.5, 50)), 1.0, seed=1))
    assert readings(dot) == [] or all(np.isfinite(r.off_px) for r in readings(dot))
    assert readings(Trace(np.zeros((1, 6)))) == []
    rng = np.random.default_rng(0)
    scribble = shaky(rng.uniform(0, 400, (30, 2)), 4.0, seed=2)
    assert all(np.isfinite(r.off_px) for r in readings(scribble))


def written_and_rested(motion, seed: int) -> Trace:
    return at_rest(reported(motion, tremor_px=0.5, seed=seed), HOLD_S + 0.1, seed)


def test_writing_that_ends_with_a_pause_stays_writing():
    """Script letters of the Hershey fonts (PyPI `Hershey-Fonts`) as large as handwriting gets."""
    settles = []
    for font in ("scripts", "cursive"):
        for k, glyph in enumerate(glyphs(font)):
            for height, seconds in ((30, 0.35), (60, 0.5)):
                found = settled(written_and_rested(written(glyph * height, seconds), k))
                settles += [(font, k, height, found[1][0].kind)] if found else []
    assert len(settles) <= 1, settles


def s_curve(bends: float):
    u = np.linspace(0, 1, 400)
    return np.column_stack([200 + 400 * u, 300 + 90 * np.sin(bends * np.pi * u)])


def test_a_large_s_becomes_the_smooth_curve_it_is_and_a_scribble_nothing():
    trace = drawn(s_curve(2.0), 1.6, rate_hz=RATE_HZ, hand=SHAKY, device=QUARTER, seed=3)
    motion, found = settled(at_rest(trace, HOLD_S + 0.1, 3))
    assert found[0].kind == "open curve" and found[0].off_px < 3.0 and found[0].is_open
    for path in (s_curve(9.0), np.column_stack([300 + (20 + 12 * u) * np.cos(u) for u in [np.linspace(0, 12, 500)]] +
                                               [300 + (20 + 12 * u) * np.sin(u) for u in [np.linspace(0, 12, 500)]])):  # fmt: skip
        trace = drawn(path, 3.0, rate_hz=RATE_HZ, hand=SHAKY, device=QUARTER, seed=4)
        assert settled(at_rest(trace, HOLD_S + 0.1, 4)) is None


@pytest.mark.parametrize("count", [5, 6, 7, 8])
def test_regular_polygons_up_to_eight_sides_are_read_as_what_they_are(count):
    right = 0
    for seed in range(20):
        a = 2 * np.pi * np.arange(count + 1) / count + seed
        path = np.column_stack([500 + 170 * np.cos(a), 500 + 170 * np.sin(a)])
        sides = [
            drawn(path[k : k + 2], 0.35, rate_hz=RATE_HZ, hand=SHAKY, device=QUARTER, seed=seed + k)
            for k in range(count)
        ]
        rows = [side.samples + [0.36 * k, 0, 0, 0, 0, 0] for k, side in enumerate(sides)]
        found = settled(at_rest(Trace(np.vstack(rows)), HOLD_S + 0.1, seed))
        if found is not None:
            reading = found[1][0]
            right += reading.kind == "polyline" and len(reading.hold.rail.points) == count
    assert right >= 17
