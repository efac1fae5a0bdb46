"""Steadying, measured on the simulated hand: 1.5 px tremor at 8-12 Hz, 200 Hz, quarter-pixel steps."""

from __future__ import annotations

import itertools

import numpy as np
import pytest
import scipy.linalg
import shapely

from jotsk.core.hand import Sample, stabilizer, steady_after, steady_now, trace_from, wobble_px
from jotsk.core.hand.simulated_pen import minimum_jerk, tremor
from jotsk.core.hand.smoother_kernel import smoothed_away, solve
from jotsk.core.hand.steady_after import penalty
from jotsk.core.hand.steady_now import WAYS, Ease
from tests.conftest import SHAKY, circle_path, line_path, shaky

SEEDS = range(40, 46)
SLOW_LINE = line_path((50, 100), (450, 130))


def off_path_px(trace, path, *, ends_px: float = 4.0) -> float:
    """RMS distance from the meant path, at steps of 1 px along the line, without the ends: those stay by contract
    where the shaking pen touched and lifted, and are all that is left of the tremor on a slow line."""
    line = shapely.LineString(trace.xy)
    at = shapely.line_interpolate_point(line, np.arange(ends_px, line.length - ends_px, 1.0))
    return float(np.sqrt((shapely.distance(at, shapely.LineString(path)) ** 2).mean()))


def test_the_banded_solver_is_the_dense_one():
    rng = np.random.default_rng(0)
    y, w, p = rng.normal(size=(60, 3)), rng.uniform(0.5, 2, 60), rng.uniform(0, 1e4, 57)
    differences = np.diff(np.eye(60), 3, axis=0)
    dense = np.linalg.solve(np.diag(w) + differences.T @ np.diag(p) @ differences, w[:, None] * y)
    assert solve(y, w, p) == pytest.approx(dense, abs=1e-8)


def test_the_cut_off_halves_a_sine():
    t = np.arange(4000) * 0.004
    y = np.sin(2 * np.pi * 5.0 * t)[:, None]
    x = solve(y, np.ones(4000), np.full(3997, penalty(5.0, 0.004)))
    assert x[1000:3000].std() / y[1000:3000].std() == pytest.approx(0.5, abs=0.002)


@pytest.mark.parametrize(
    ("path", "duration", "strength", "most"),
    [
        (SLOW_LINE, 6.0, 30, 0.25),
        (SLOW_LINE, 6.0, 60, 0.12),
        (circle_path(100), 2.5, 60, 0.3),
        (circle_path(40), 0.6, 30, 0.8),
        (circle_path(40), 0.6, 100, 1.2),
    ],
)
def test_steady_after_takes_the_tremor_and_leaves_the_shape(path, duration, strength, most):
    errors = [off_path_px(steady_after(shaky(path, duration, seed), strength, tremor_px=1.5), path) for seed in SEEDS]
    assert np.mean(errors) <= most


@pytest.mark.parametrize("strength", [1, 30, 60, 100])
def test_the_ends_stay_where_they_were(strength):
    trace = shaky(circle_path(60), 1.2, seed=3)
    steadied = steady_after(trace, strength)
    assert steadied.xy[0].tolist() == trace.xy[0].tolist()
    assert steadied.xy[-1].tolist() == trace.xy[-1].tolist()


def test_strength_0_is_the_hand_as_it_was():
    trace = shaky(SLOW_LINE, 2.0, seed=1)
    assert steady_after(trace, 0) is trace


def square(seed: int, side: float = 200.0, side_s: float = 0.6):
    corners = np.array([[0, 0], [1, 0], [1, 1], [0, 1], [0, 0]]) * side + 100.0
    n = int(side_s * 200)
    share = minimum_jerk(np.arange(n) / n)[:, None]
    sides = [a + share * (b - a) for a, b in itertools.pairwise(corners)]
    xy = np.vstack([*sides, corners[-1:]])
    rng = np.random.default_rng(seed)
    xy += np.column_stack([tremor(len(xy), 200, SHAKY.tremor_px, rng) for _ in range(2)])
    return trace_from(np.arange(len(xy)) / 200, xy[:, 0], xy[:, 1]), corners[1:4]


def test_the_corners_of_a_square_survive():
    for seed in SEEDS:
        trace, corners = square(seed)
        line = shapely.LineString(steady_after(trace, 60).xy)
        assert max(line.distance(shapely.Point(c)) for c in corners) <= 1.5


@pytest.mark.parametrize(
    ("way", "now", "after"), [("ease", 0, 0), ("ease", 0, 45), *((w, 30, 0) for w in WAYS), ("average", 70, 45)]
)
def test_every_sampling_rate_gives_the_same_line(way, now, after):
    fine = shaky(circle_path(80), 1.5, seed=7, rate_hz=1000)
    lines = []
    for step in (8, 4, 2, 1):
        kept = fine.samples[::step]
        kept = kept if kept[-1, 0] == fine.t[-1] else np.vstack([kept, fine.samples[-1:]])
        trace = trace_from(*kept.T)
        lines.append(shapely.LineString(steady_after(steady_now(trace, now, way=way), after, tremor_px=1.5).xy))
    for one in lines:
        along = shapely.line_interpolate_point(one, np.arange(0, one.length, 1.0))
        for other in lines:
            assert shapely.distance(along, other).max() <= 0.5


def test_ease_at_30_trails_8_px_at_most_at_300_px_per_second():
    t = np.arange(0, 2, 0.005)
    trace = trace_from(t, 300 * t, np.zeros_like(t))
    line = steady_now(trace, 30)
    assert 300 * t[-1] - line.xy[len(t) - 1, 0] <= 8


def test_ease_at_30_leaves_a_third_of_the_wobble_of_a_slow_line():
    for seed in SEEDS:
        trace = shaky(SLOW_LINE, 6.0, seed)
        assert wobble_px(steady_now(trace, 30)) <= wobble_px(trace) / 3


@pytest.mark.parametrize("way", WAYS)
@pytest.mark.parametrize("strength", [5, 40, 100])
def test_a_line_ends_exactly_where_the_pen_lifted_without_a_hook(way, strength):
    filtered = stabilizer(way, strength)
    samples = [Sample(k * 0.005, 2.0 * k, 50.0, 0.7) for k in range(60)]
    drawn = [s for sample in samples for s in filtered.push(sample)] + filtered.finish()
    assert (drawn[-1].x, drawn[-1].y) == (samples[-1].x, samples[-1].y)
    assert all(b.x >= a.x - 1e-9 for a, b in itertools.pairwise(drawn)), "no hook"
    assert max(abs(s.y - 50.0) for s in drawn) < 1e-9


def test_on_a_rope_nothing_moves_until_it_is_taut():
    tow = stabilizer("tow", 50)  # a rope of 60 screen px
    assert [tow.push(Sample(0.01 * k, 5.0 * k, 0.0))[0].x for k in range(13)] == [0.0] * 13
    assert tow.push(Sample(0.2, 80.0, 0.0))[0].x == pytest.approx(20.0)
    zoomed = stabilizer("tow", 50, scale=4.0)
    zoomed.push(Sample(0, 0, 0))
    assert zoomed.push(Sample(0.1, 16.0, 0.0))[0].x == pytest.approx(1.0), (
        "zoomed in four times, it is a quarter as long"
    )


def test_an_average_is_the_mean_over_the_stretch():
    # At rest for long, then at constant speed: the mean over a stretch T trails by T/2 (any text on moving averages).
    average = stabilizer("average", 50, less_when_fast=False, corners=False)
    for k in range(400):
        (now,) = average.push(Sample(k * 0.005, 100.0 * k * 0.005, 0.0))
    stretch = 0.6 * 0.5**1.5
    assert 100.0 * 399 * 0.005 - now.x == pytest.approx(100.0 * stretch / 2, rel=1e-3)


@pytest.mark.parametrize("way", ["ease", "average"])
def test_the_corners_of_a_square_survive_while_drawing(way):
    kept, lost = [], []
    for seed in SEEDS:
        trace, corners = square(seed)
        for gaps, keeps in ((kept, True), (lost, False)):
            line = shapely.LineString(steady_now(trace, 60, way=way, corners=keeps).xy)
            gaps += [line.distance(shapely.Point(c)) for c in corners]
    assert np.mean(kept) <= 1.5 and np.mean(lost) >= 1.5 * np.mean(kept)


@pytest.mark.parametrize("way", ["ease", "average"])
def test_no_corner_is_seen_in_a_smooth_curve(way):
    for path, seconds in ((circle_path(40), 0.6), (circle_path(100), 2.5), (SLOW_LINE, 6.0)):
        trace = shaky(path, seconds, seed=11)
        with_corners = steady_now(trace, 50, way=way)
        assert np.allclose(with_corners.xy, steady_now(trace, 50, way=way, corners=False).xy)


def test_zoomed_in_the_same_motion_of_the_hand_is_steadied_the_same():
    trace = shaky(circle_path(80), 1.5, seed=2)
    zoomed = trace_from(trace.t, trace.xy[:, 0] / 4, trace.xy[:, 1] / 4, trace.pressure)
    for way in WAYS:
        on_page = steady_now(zoomed, 40, way=way, scale=4.0).xy * 4
        assert np.allclose(on_page, steady_now(trace, 40, way=way).xy, atol=1e-6)


def test_ease_is_the_first_order_filter_of_the_textbook():
    # A unit step held at rest: y = 1 - exp(-t / tau) once the speed has died away (any text on linear systems).
    ease = Ease(50)
    ease.push(Sample(0.0, 0.0, 0.0))
    ease.push(Sample(1e-6, 1e-3, 0.0))  # a step too small to count as speed
    (before,) = ease.push(Sample(3.0, 1e-3, 0.0))
    tau = 1.10 * 0.5**1.5
    (after,) = ease.push(Sample(3.0 + tau, 1e-3, 0.0))
    assert (1e-3 - after.x) / (1e-3 - before.x) == pytest.approx(np.exp(-1), rel=1e-3)


def test_wobble_of_a_known_shake():
    # A slow straight line with a 10 Hz sine of 1 px RMS across it: all of that is tremor, none of it is meant.
    t = np.arange(0, 4, 0.004)
    trace = trace_from(t, 100 * t, np.sqrt(2) * np.sin(2 * np.pi * 10 * t))
    assert wobble_px(trace) == pytest.approx(1.0, rel=0.03)


def test_a_corner_is_no_wobble():
    t = np.arange(0, 0.6, 0.005)
    u = minimum_jerk((t % 0.3) / 0.3)
    x, y = np.where(t < 0.3, 60 * u, 60 + 60 * u), np.where(t < 0.3, 100 * u, 100 - 100 * u)
    assert wobble_px(trace_from(t, x, y)) < 0.5, "a V drawn in 0.6 s"


@pytest.mark.parametrize("strength", [-1, 101, float("nan")])
def test_a_steadiness_that_is_none_is_refused(strength):
    with pytest.raises(ValueError, match=r"0\.\.100"):
        steady_after(shaky(SLOW_LINE, 1.0, 0), strength)
    with pytest.raises(ValueError, match=r"0\.\.100"):
        stabilizer("ease", strength)


@pytest.mark.parametrize("n", [0, 1, 2, 3])
def test_the_shortest_traces_come_through(n):
    trace = trace_from(np.arange(n) * 0.005, np.arange(n) * 1.0, np.zeros(n))
    assert len(steady_after(steady_now(trace, 40), 60)) >= min(n, 1)


def test_after_the_lift_too_the_hand_is_judged_on_the_screen():
    trace = shaky(circle_path(80), 1.5, seed=4)
    small = trace_from(trace.t, trace.xy[:, 0] * 6, trace.xy[:, 1] * 6, trace.pressure)  # drawn zoomed far out
    one, other = steady_after(trace, 70), steady_after(small, 70, scale=1 / 6)
    assert np.allclose(one.xy * 6, other.xy, atol=1e-6)


def test_what_a_smoothing_takes_away_is_told_as_numpy_and_scipy_tell_it():
    """Of even samples by NumPy, with the normal equations of the smoother solved by SciPy."""
    rng = np.random.default_rng(5)
    times = np.sort(rng.uniform(0.0, 0.9, 150))
    points = np.cumsum(rng.normal(0, 3, (150, 3)), axis=0).astype(np.float32)
    even = np.arange(times[0], times[-1], 0.008)
    line = np.column_stack([np.interp(even, times, points[:, k]) for k in (0, 1)])
    third = np.diff(np.eye(len(even)), 3, axis=0)
    smooth = scipy.linalg.solve(np.eye(len(even)) + 40.0 * third.T @ third, line, assume_a="pos")
    expected = np.sqrt(((line - smooth) ** 2).sum(axis=1).mean())
    assert smoothed_away(times, points, 0.008, 40.0) == pytest.approx(expected, rel=1e-6)
    assert smoothed_away(times[:5], points[:5], 0.008, 40.0) == np.inf
