"""The feel of a device: its pressures, brought to what the hand means by light, normal and hard."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.hand.response import ResponseCurve

LIGHT_OUT, NORMAL_OUT, HARD_OUT = 0.12, 0.5, 0.95
FEWEST_SAMPLES = 20
CLOSEST = 0.05
LIGHTEST_IN = 0.005  # a hand may well touch so lightly; the curve still begins at 0


def fitted_feel(light: ArrayLike, normal: ArrayLike, hard: ArrayLike) -> ResponseCurve:
    """Return the curve that brings a hand's light, normal and hard pressures to 12, 50 and 95 %.

    Parameters
    ----------
    light, normal, hard : array_like
        Pressures 0..1 of scribbles made lightly, as always, and hard; in any order within each.

    Notes
    -----
    The light scribble counts by its lower quartile, the normal one by its median, the hard one by its upper
    quartile: touch-downs, lifts and a few spikes move none of them. A scribble of fewer than 20 samples counts as
    not made, and its place on the curve is left as it was.

    Raises
    ------
    ValueError
        If no scribble has enough samples, or they do not rise from light to hard.
    """
    wanted = ((light, 25, LIGHT_OUT), (normal, 50, NORMAL_OUT), (hard, 75, HARD_OUT))
    points = [(0.0, 0.0)]
    for samples, quantile, out in wanted:
        pressures = _usable(samples)
        if len(pressures) >= FEWEST_SAMPLES:
            points.append((max(LIGHTEST_IN, float(np.percentile(pressures, quantile))), out))
    if len(points) == 1:
        raise ValueError("scribble a little longer: there is not enough to judge by yet")
    inputs = [x for x, _ in points[1:]]
    if any(b - a < CLOSEST for a, b in pairwise(inputs)):
        raise ValueError("light, normal and hard came out alike; press more differently, or keep the even curve")
    last = points[-1][0]
    if last < 1 - CLOSEST:
        points.append((1.0, 1.0))
    else:
        points[-1] = (1.0, 1.0)
    return ResponseCurve(tuple(points))


def histogram(pressures: Sequence[float] | NDArray[np.float64], bins: int = 40) -> NDArray[np.float64]:
    """Return the share of samples in each of `bins` even steps of pressure, the largest scaled to 1."""
    counts, _ = np.histogram(_usable(pressures), bins=bins, range=(0.0, 1.0))
    return counts / max(1, counts.max())


def _usable(samples: ArrayLike) -> NDArray[np.float64]:
    values = np.asarray(samples, np.float64).ravel()
    return values[np.isfinite(values) & (values > 0) & (values <= 1)]
