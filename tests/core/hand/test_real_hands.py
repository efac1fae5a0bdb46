"""The finished line on motions nobody here made: the recordings of PyPI `cursory`, the letters of `Hershey-Fonts`.

The odd-numbered recordings, which no constant was found with. The figures are a little looser than the bench's, for few.
"""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from bench.hands import hatch, length, off, rms, scallops, stroke
from bench.real_hands import letters, recordings, reported
from jotsk.core.hand import Trace, TremorMeter, cleaned, steady_after, steady_now, trace_from
from jotsk.core.hand.simulated_pen import minimum_jerk
from jotsk.core.hand.steady_after import METHOD, MOST_OF_KNOWN, USUAL_TREMOR_PX, Steadier, even_steps
from jotsk.core.hand.tremor_meter import slow_part
from tests.conftest import circle_path, line_path, shaky


@cache
def recorded(size):
    return list(recordings(size, every=60, first=1))


@pytest.mark.parametrize(("size", "farthest"), [(100, 2.0), (300, 2.0), (700, 2.0), (1500, 2.5)])
def test_a_quick_motion_keeps_its_shape_though_nothing_is_known_of_the_hand(size, farthest):
    far = [off(stroke(reported(motion)).line.xy, motion[1]).max() for motion in recorded(size)]
    assert np.percentile(far, 95) <= farthest
    assert max(off(stroke(reported(m)).line.xy, reported(m).xy).max() for m in recorded(size)) <= 3.0


@pytest.mark.parametrize(("size", "most"), [(100, 0.5), (300, 0.75), (700, 0.9), (1500, 1.0)])
def test_tremor_goes_that_was_learnt_from_the_strokes_before(size, most):
    meter, left = TremorMeter(), []
    for k, motion in enumerate(recorded(size)):
        trace = reported(motion, tremor_px=1.0, seed=k)
        line = stroke(trace, tremor_px=meter.judged(trace)).line.xy
        left.append(rms(off(line, motion[1])) / rms(off(trace.xy, motion[1])))
    assert np.mean(left) <= most


@pytest.mark.parametrize(("height", "seconds", "farthest"), [(30, 0.35, 1.2), (45, 0.35, 1.3), (60, 0.25, 1.8)])
def test_written_letters_stay_letters(height, seconds, farthest):
    far, lost = [], []
    for k, motion in enumerate(letters(height, seconds)):
        line = stroke(reported(motion, tremor_px=0.5, seed=k)).line.xy
        far.append(off(line, motion[1]).max())
        lost.append(1 - length(line) / length(motion[1]))
    assert np.median(far) <= farthest and np.mean(lost) <= 0.05


@pytest.mark.parametrize(("size", "seconds"), [(60.0, 0.14), (25.0, 0.11)])
def test_hatching_and_fur_keep_the_weight_of_every_line(size, seconds):
    trace = hatch(size, seconds)
    meant = stroke(trace, "quill-nib", 7.0, 0.0, 0.0).ribbon.points[:, 2].max()
    assert stroke(trace, "quill-nib", 7.0).ribbon.points[:, 2].max() >= 0.9 * meant


def test_scallops_keep_their_height_and_their_cusps():
    trace, _ = scallops(15.0, 2.5)
    line = stroke(trace).line.xy
    tops = [line[np.abs(line[:, 0] - (115 + 30 * k)) < 4, 1].min() for k in range(6)]
    assert np.mean(200 - np.array(tops)) >= 0.92 * 15
    assert max(np.hypot(*(line - (100 + 30 * k, 200)).T).min() for k in range(1, 6)) <= 1.0


@pytest.mark.parametrize("size", [7.0, 20.0])
def test_a_tap_is_as_wide_as_its_pressure_says_and_a_stroke_grows_out_of_it(size):
    widths = []
    for reach in np.linspace(0.0, 6 * size, 60):
        u = np.linspace(0, 1, 40)
        press = np.minimum(1.0, 4 * np.minimum(u, 1 - u))
        trace = trace_from(0.2 * u, 100 + reach * minimum_jerk(u), 100 + 0 * u, press)
        widths.append(2 * float(stroke(trace, "quill-nib", size).ribbon.points[:, 2].max()))
    assert widths[0] >= 0.8 * size
    assert np.abs(np.diff(widths)).max() < 0.12 * size, "without a jump"


@pytest.mark.parametrize("pen", ["quill-nib", "mapping-nib"])
def test_a_taper_ends_in_a_point_at_every_size(pen):
    for size in (4.0, 10.0, 30.0):
        trace = trace_from(np.linspace(0, 1, 200), np.linspace(100, 900, 200), np.full(200, 100.0), 1.0)
        points = stroke(trace, pen, size).ribbon.points
        assert 2 * points[0, 2] < 0.05 * size and 2 * points[-1, 2] < 0.05 * size


def test_an_accent_of_40_ms_keeps_nine_tenths_of_its_extra_width():
    t = np.arange(0, 1.5, 0.005)
    pressure = 0.4 + 0.4 * np.exp(-(((t - 0.75) / 0.017) ** 2))
    line = stroke(trace_from(t, 100 + 200 * t, 100 + 0 * t, pressure)).line
    assert line.pressure.max() - 0.4 >= 0.9 * 0.4


@pytest.mark.parametrize(
    ("strength", "low", "high"), [(10, 0.33, 0.6), (30, 0.03, 0.12), (60, 0.0, 0.045), (100, 0.0, 0.03)]
)
def test_the_scale_means_something_all_the_way(strength, low, high):
    """What is left of the wobble of a slow line, its first and last 12 px apart."""
    path, left = line_path((50, 100), (450, 130)), []
    for seed in range(40, 46):
        trace = shaky(path, 6.0, seed)
        line = steady_after(trace, strength, tremor_px=1.5).xy
        inside = np.minimum(np.hypot(*(line - line[0]).T), np.hypot(*(line - line[-1]).T)) > 12
        left.append(rms(off(line[inside], path)) / rms(off(trace.xy, path)))
    assert low <= np.mean(left) <= high


def test_where_strength_is_withheld_to_keep_the_shape_it_is_said():
    slow, quick = shaky(line_path((50, 100), (450, 130)), 6.0, 1), shaky(circle_path(40), 0.6, 1)
    assert Steadier(slow, tremor_px=1.5).withheld(60) < 0.2
    assert Steadier(quick, tremor_px=1.5).withheld(60) > 0.8
    assert Steadier(slow).withheld(0) == 0.0


@pytest.mark.parametrize("tremor_px", [0.3, 0.6, 1.0, 1.5])
def test_the_tremor_of_a_hand_is_learnt_from_what_it_draws(tremor_px):
    meter = TremorMeter()
    for k, motion in enumerate(recorded(100)):
        meter.judged(reported(motion, tremor_px=tremor_px, seed=k))
    assert meter.tremor_px == pytest.approx(tremor_px, rel=0.35)
    assert TremorMeter(meter.found).tremor_px == meter.tremor_px


def test_a_quick_stroke_says_nothing_of_the_hand_and_an_unknown_one_is_as_usual():
    assert slow_part(hatch(60.0, 0.14)) is None
    assert TremorMeter().judged(hatch(60.0, 0.14)) == USUAL_TREMOR_PX
    assert METHOD == 2


def test_a_rest_of_minutes_says_nothing_of_the_hand():
    """It had counted as a slow line without any tremor, and took as long to measure as one."""
    drawn = shaky(line_path((50, 100), (450, 130)), 6.0, 1)
    rested = drawn.samples.copy()
    rested[len(rested) // 2 :, 0] += 300.0
    without, with_rest = slow_part(drawn), slow_part(Trace(rested))
    assert with_rest.tremor_px == pytest.approx(without.tremor_px, rel=0.2)
    assert with_rest.duration_s < without.duration_s + 1.5


samples = st.lists(
    st.tuples(
        st.one_of(st.floats(0, 1e-4), st.floats(0, 0.05), st.floats(0, 1e4)),
        st.floats(-500, 500), st.floats(-500, 500), st.floats(0, 1),
    ),
    min_size=1, max_size=40,
)  # fmt: skip


@settings(max_examples=150)
@given(samples, st.floats(0.5, 100))
def test_whatever_the_times_the_line_is_finite_and_ends_where_the_hand_did(rows, strength):
    """No time step, however small or large, breaks it; and it stays near the hand."""
    t = np.cumsum([row[0] for row in rows])
    trace = cleaned(np.column_stack([t, *(np.array([row[k] for row in rows]) for k in (1, 2, 3)), 0 * t, 0 * t]))
    for line in (steady_after(trace, strength), steady_now(trace, strength)):
        assert np.isfinite(line.samples).all()
        assert np.allclose(line.xy[-1], trace.xy[-1], atol=1e-6)
    assert np.allclose(steady_after(trace, strength).xy[0], trace.xy[0])


@settings(max_examples=100)
@given(st.lists(st.tuples(st.floats(-500, 500), st.floats(-500, 500)), min_size=5, max_size=60), st.floats(1, 100))
def test_whatever_the_motion_the_line_stays_near_the_hand(places, strength):
    """No farther than about three of its tremors, and what the strength asks for."""
    x, y = np.array(places).T
    trace = trace_from(0.008 * np.arange(len(x)), x, y, 0.5 + 0 * x)
    line, hand = steady_after(trace, strength), even_steps(trace)[1]
    far = np.hypot(*(line.xy - hand[:, :2]).T).max()
    assert far <= 3 * 2**0.5 * MOST_OF_KNOWN * USUAL_TREMOR_PX + 2.0 * strength / 100 + 1e-6


def test_a_rest_of_minutes_within_a_stroke_costs_nothing_and_keeps_its_time():
    t = np.concatenate([np.arange(50), 120_000 + np.arange(50)]) * 0.005
    line = steady_after(trace_from(t, 3.0 * np.arange(100), 20 * np.sin(np.arange(100) / 9), np.full(100, 0.5)), 45)
    assert len(line) < 1000
    assert line.t[-1] == pytest.approx(t[-1])


def test_a_corner_before_a_long_pause_is_no_fault():
    """The hand turns, rests, and goes far: what is remembered of it then begins after the corner."""
    for seed in range(40):
        rng = np.random.default_rng(seed)
        t = np.cumsum(rng.choice([0.004, 0.02, 0.1, 0.4, 0.6, 3.0], 60, p=[0.3, 0.3, 0.2, 0.1, 0.05, 0.05]))
        xy = np.cumsum(rng.normal(0, 40, (60, 2)), axis=0)
        line = steady_now(trace_from(t, *xy.T, np.full(60, 0.5)), 20)
        assert np.allclose(line.xy[-1], xy[-1])


def test_three_samples_within_a_tenth_of_a_millisecond_are_no_fault():
    trace = Trace(np.array([[0, 1, 1, 0.5, 0, 0], [4e-5, 2, 1, 0.5, 0, 0], [9e-5, 3, 1, 0.5, 0, 0]]))
    assert len(stroke(trace).ribbon.points)
