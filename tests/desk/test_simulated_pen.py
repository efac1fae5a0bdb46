from __future__ import annotations

import numpy as np
import pytest
from PySide6.QtCore import QEvent

from jotsk.core.hand.simulated_pen import DEVICES, Hand, drawn, minimum_jerk, tremor
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from tests.desk.conftest import across


@pytest.mark.parametrize("rate", [125, 250, 1000])
def test_every_sample_arrives_exactly_where_and_when_it_was(window, rate):
    path = np.array([[200.0, 200.0], [500.0, 420.0]])
    trace = drawn(path, 0.5, pressure=[0.2, 1.0], rate_hz=rate, device=DEVICES["display"], seed=3)
    SimulatedPen(window.board, DEVICES["display"]).draw(trace)
    got = window.document.last_line.when_dry().trace
    assert len(got) == len(trace)
    view = window.board.view
    assert np.abs(np.array([view.to_screen(*p) for p in got.xy]) - trace.xy).max() < 1e-6
    assert got.pressure == pytest.approx(trace.pressure, abs=1e-6)
    assert got.t == pytest.approx(trace.t, abs=0.0011)


def test_played_at_the_pace_of_a_hand_every_stroke_arrives(window, qtbot):
    pen = SimulatedPen(window.board, DEVICES["display"])
    with qtbot.waitSignal(pen.finished):
        pen.play([across(window, y=y) for y in (0.3, 0.5, 0.7)], speed=20.0)
    assert len(window.document.page_when_dry().active.marks) == 3


def test_a_mouse_sends_mouse_events_only(window):
    kinds = {event.type() for _, event in SimulatedPen(window.board, DEVICES["mouse"])._events_of(across(window))}
    assert kinds == {QEvent.Type.MouseButtonPress, QEvent.Type.MouseMove, QEvent.Type.MouseButtonRelease}


def test_the_hand_moves_at_minimum_jerk():
    # Flash and Hogan 1985: half the way at half the time, peak speed 15/8 of the mean.
    u = np.linspace(0, 1, 10_001)
    s = minimum_jerk(u)
    assert s[5000] == pytest.approx(0.5)
    assert np.gradient(s, u).max() == pytest.approx(15 / 8, rel=1e-4)


def test_tremor_lies_between_8_and_12_hz():
    x = tremor(20_000, 200.0, 1.5, np.random.default_rng(0))
    power = np.abs(np.fft.rfft(x)) ** 2
    f = np.fft.rfftfreq(len(x), 1 / 200)
    assert power[(f > 7.9) & (f < 12.1)].sum() / power.sum() > 0.99
    assert x.std() == pytest.approx(1.5, rel=0.05)


def test_a_device_rounds_places_and_pressure():
    trace = drawn(np.array([[0, 0], [100, 50]]), 0.5, pressure=[0, 1], device=DEVICES["tablet"], seed=1)
    assert np.allclose(trace.xy * 4, np.round(trace.xy * 4))
    assert np.allclose(trace.pressure * 2047, np.round(trace.pressure * 2047))
    assert (drawn(np.array([[0, 0], [9, 9]]), 0.2, device=DEVICES["mouse"]).pressure == 1).all()


def test_the_same_seed_is_the_same_hand():
    path = np.array([[0, 0], [300, 50]])
    one, two, three = (drawn(path, 0.5, hand=Hand(1.0), seed=s).xy for s in (1, 1, 2))
    assert np.array_equal(one, two) and not np.array_equal(one, three)
