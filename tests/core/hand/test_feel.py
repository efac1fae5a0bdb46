from __future__ import annotations

import numpy as np
import pytest

from jotsk.core.hand.feel import fitted_feel, histogram


def scribble(middle: float, seed: int, spread: float = 0.04) -> np.ndarray:
    """Pressures of a scribble: around a middle, with touch-downs from nothing and two spikes."""
    rng = np.random.default_rng(seed)
    body = np.clip(rng.normal(middle, spread, 300), 0.01, 1)
    return np.concatenate([np.linspace(0.01, middle, 8), body, [1.0, 1.0]])


def test_light_normal_and_hard_come_to_where_they_are_meant():
    curve = fitted_feel(scribble(0.15, 1), scribble(0.35, 2), scribble(0.6, 3))
    light, normal, hard = curve([0.15, 0.35, 0.6])
    assert light == pytest.approx(0.12, abs=0.06)
    assert normal == pytest.approx(0.5, abs=0.03)
    assert hard == pytest.approx(0.95, abs=0.05)


def test_a_few_spikes_and_touch_downs_move_nothing():
    calm = [np.full(300, p) for p in (0.2, 0.4, 0.7)]
    spiky = [np.concatenate([c, [1.0] * 10, [0.01] * 10]) for c in calm]
    u = np.linspace(0, 1, 50)
    assert fitted_feel(*spiky)(u) == pytest.approx(fitted_feel(*calm)(u), abs=0.01)


def test_one_scribble_is_enough_to_begin_with():
    curve = fitted_feel([], scribble(0.3, 4), [])
    assert curve([0.3]) == pytest.approx([0.5], abs=0.03)
    assert curve([0.0, 1.0]).tolist() == [0, 1]


@pytest.mark.parametrize(
    "groups", [([], [], []), (scribble(0.5, 1), scribble(0.5, 2), scribble(0.5, 3)), ([np.nan] * 50, [], [])]
)
def test_what_tells_nothing_is_refused_with_a_sentence(groups):
    with pytest.raises(ValueError, match=r"scribble a little longer|came out alike"):
        fitted_feel(*groups)


def test_the_histogram_counts_the_hands_own_pressures():
    shares = histogram([0.1] * 10 + [0.9] * 5 + [0.0, np.nan, 2.0], bins=10)
    assert shares[1] == 1 and shares[9] == 0.5 and shares.sum() == 1.5


def test_a_very_light_hand_is_fitted_too():
    curve = fitted_feel(scribble(0.03, 1, 0.01), scribble(0.2, 2), scribble(0.6, 3))
    assert curve([0.03]) == pytest.approx([0.12], abs=0.06)
