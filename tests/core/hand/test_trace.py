from __future__ import annotations

import math

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.hand import cleaned, trace_from

anything = st.floats(allow_nan=True, allow_infinity=True)


@settings(max_examples=200)
@given(st.lists(st.tuples(*[anything] * 6), max_size=30))
def test_whatever_a_driver_sends_becomes_a_trace_that_can_be_trusted(rows):
    trace = cleaned(np.array(rows, np.float64).reshape(-1, 6))
    assert np.isfinite(trace.samples).all()
    assert (np.diff(trace.t) > 0).all()
    assert ((trace.pressure >= 0) & (trace.pressure <= 1)).all()


def test_a_clock_that_stalls_is_spread_up_to_the_next_reading():
    trace = cleaned(trace_from([0, 1, 1, 1, 4], np.arange(5), np.zeros(5)).samples)
    assert trace.t.tolist() == [0, 1, 2, 3, 4]


def test_a_clock_that_runs_backwards_is_not_believed():
    trace = cleaned(trace_from([5, 6, 2, 3, 7], np.arange(5), np.zeros(5)).samples)
    assert trace.t.tolist()[:2] == [5, 6] and trace.t[-1] == 7
    assert (np.diff(trace.t) > 0).all()


def test_a_clock_that_tells_nothing_ticks_at_50_hz():
    trace = cleaned(trace_from([math.nan] * 3, [1, 2, 3], [0, 0, 0]).samples)
    assert np.allclose(np.diff(trace.t), 0.02)


def test_lost_pressure_repeats_the_value_before():
    trace = cleaned(trace_from([0, 1, 2], [0, 1, 2], [0, 0, 0], [0.4, math.nan, 7.0]).samples)
    assert trace.pressure.tolist() == [0.4, 0.4, 1.0]
