"""Smooth curves through points."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry.spline_kernel import lengths_along, spline_between


def arc_lengths(points: ArrayLike) -> NDArray[np.float64]:
    """Return the (N,) length along the polyline at each of the (N, 2+) points, from 0."""
    return lengths_along(np.array(points, np.float64))


def catmull_rom(
    points: ArrayLike, max_step: float = 3.0, wide_step: float = 0.0, most_off: float = 0.0
) -> NDArray[np.float64]:
    """Return `points` with more points between them, on a centripetal Catmull-Rom spline.

    Parameters
    ----------
    points : (N, K) array_like of float, K >= 2
        The first two columns are x, y in px and decide the parameter; the others (radius,
        opacity, time) follow the same spline.
    max_step : float
        Largest distance between neighbours of the result, px, measured along the chords.
    wide_step, most_off : float
        Of a line with a radius in the third column: shares of it. Where the first of them is more than `max_step` px,
        neighbours may be so far apart, as far as no chord lies more than the second off the curve.

    Returns
    -------
    (M, K) ndarray of float64
        A new array that passes through every input point.

    References
    ----------
    Yuksel, Schaefer, Keyser, "Parameterization and applications of Catmull-Rom curves",
    CAD 43 (2011) 747-755: the centripetal parameter has no cusps or loops within a segment.
    """
    p = np.ascontiguousarray(points, np.float64)
    if p.ndim != 2 or p.shape[1] < 2:
        raise ValueError(f"points must be (N, 2 or more), not {p.shape}")
    if len(p) < 2:
        return p.copy()
    return spline_between(p, 0, len(p) - 1, float(max_step), wide_step, most_off)
