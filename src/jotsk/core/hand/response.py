"""Response curves: from what the device reports to what the pen does."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.hand.response_kernel import cubic_at
from jotsk.core.runtime.computed import computed

FLAT = 1e-200  # less steep than this is level, and too little to divide by


@dataclass(frozen=True)
class ResponseCurve:
    """A monotone cubic through (input, output) points, both in 0..1.

    Parameters
    ----------
    points : tuple of (float, float)
        At least two, with rising inputs and outputs that never fall. Before the first and after
        the last point the curve is level.

    References
    ----------
    Fritsch and Butland, "A method for constructing local monotone piecewise cubic interpolants",
    SIAM J. Sci. Stat. Comput. 5 (1984) 300-304: tangents by the weighted harmonic mean.
    """

    points: tuple[tuple[float, float], ...] = ((0.0, 0.0), (1.0, 1.0))

    def __post_init__(self) -> None:
        p = np.asarray(self.points, np.float64)
        if p.ndim != 2 or p.shape[1] != 2 or len(p) < 2:
            raise ValueError(f"a response curve needs two or more (input, output) points, not {self.points}")
        if not (np.isfinite(p).all() and p.min() >= 0.0 and p.max() <= 1.0):
            raise ValueError(f"points of a response curve lie in 0..1, not {self.points}")
        if (np.diff(p[:, 0]) <= 0).any() or (np.diff(p[:, 1]) < 0).any():
            raise ValueError(f"a response curve rises from point to point, not {self.points}")

    @computed
    def _xy(self) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        x, y = np.ascontiguousarray(np.asarray(self.points, np.float64).T)
        return x, y

    @computed
    def _tangents(self) -> NDArray[np.float64]:
        x, y = self._xy
        h, slope = np.diff(x), np.diff(y) / np.diff(x)
        m = np.zeros(len(x))
        if len(x) == 2:
            return np.full(2, slope[0])
        a, b = slope[:-1], slope[1:]
        w1, w2 = 2 * h[1:] + h[:-1], h[1:] + 2 * h[:-1]
        both = (a > FLAT) & (b > FLAT)
        m[1:-1][both] = ((w1 + w2) / (w1 / np.where(both, a, 1) + w2 / np.where(both, b, 1)))[both]
        m[0] = _end_tangent(h[0], h[1], slope[0], slope[1])
        m[-1] = _end_tangent(h[-1], h[-2], slope[-1], slope[-2])
        return m

    def __call__(self, values: ArrayLike) -> NDArray[np.float64]:
        """Return the curve at `values` (any shape), a new array."""
        v = np.array(values, np.float64)
        return cubic_at(v.reshape(-1), *self._xy, self._tangents).reshape(v.shape)


def _end_tangent(h0: float, h1: float, s0: float, s1: float) -> float:
    """Three-point end tangent, limited so that the curve stays monotone (as in SLATEC's PCHIM)."""
    m = ((2 * h0 + h1) * s0 - h0 * s1) / (h0 + h1)
    if m * s0 <= 0:
        return 0.0
    return min(m, 3 * s0)


LINEAR = ResponseCurve()
