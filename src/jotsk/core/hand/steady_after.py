"""Steadying after the pen lifts: strong, without lag, ends and corners kept.

The line is smoothed in time by penalised least squares of third order (`smoother_kernel`), whose response to a
sine of frequency f is 1 / (1 + (f / cutoff)^6). Strength chooses the cut-off, from just below the band of tremor
(8-12 Hz) down to 2 Hz. A cut-off that low would also take the shape of a fast small curve, so the result is held to a
line that was smoothed lightly: wherever the two differ by more than the hand's tremor explains, the penalty is lowered
around that place and the line solved again. The difference is first smoothed itself, because what tremor leaves
in it changes sign, while a lost shape does not.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand.corners import corner_indices
from jotsk.core.hand.smoother_kernel import bounded, solve
from jotsk.core.hand.trace import Trace

STEP_S = 0.004
MOST_STEPS = 1 << 17
LIGHT_HZ = 7.5
GENTLEST_HZ, STRONGEST_HZ = 9.0, 2.0
PRESSURE_HZ = (16.0, 5.0)
SHAPE_HZ = 4.0  # differences slower than this are shape, not tremor
ALLOWED_TREMORS, ALLOWED_PX = 0.15, 0.10
REACH_S = 0.06
ROUNDS = 6
END_S = 0.04
MOST_TREMOR_PX = 2.0


def penalty(cutoff_hz: float, dt: float) -> float:
    """Weight of the penalty at which a sine of `cutoff_hz`, sampled every `dt` s, is halved."""
    return float((2 - 2 * np.cos(2 * np.pi * cutoff_hz * dt)) ** -3)


def steady_after(trace: Trace, strength: float, *, scale: float = 1.0) -> Trace:
    """Return `trace` steadied, at even steps of 4 ms; ends stay exactly where they were.

    Parameters
    ----------
    strength : float
        0..100; 0 returns the trace as it is.
    scale : float
        Screen px per page px while drawing: how much of a line is tremor is judged on the screen, where the hand was.
    """
    return Steadier(trace, scale=scale).line(strength)


class Steadier:
    """Steadies one trace by any strength; what does not depend on the strength is computed once."""

    def __init__(self, trace: Trace, *, scale: float = 1.0) -> None:
        self._trace, self._scale = trace, scale
        self._last: tuple[float, NDArray[np.float64]] | None = None  # what a handle showed is what is then kept
        self._is_too_short = len(trace) < 3 or trace.duration_s <= 0
        if self._is_too_short:
            return
        self._grid, self._columns = even_steps(trace)
        self._dt = float(self._grid[1] - self._grid[0])
        self._xy = np.ascontiguousarray(self._columns[:, :2] * scale)
        self._lightest, light, self._tremor = _light(self._xy, self._dt)
        n = len(self._xy)
        self._broken = _straddling(corner_indices(light, self._dt, tremor_px=self._tremor), n)
        self._light = solve(self._xy, np.ones(n), np.where(self._broken, 0.0, self._lightest))

    def line(self, strength: float) -> Trace:
        """The steadied trace, at even steps of about 4 ms; the trace itself at strength 0."""
        if not 0 <= strength <= 100:
            raise ValueError(f"steadiness is 0..100, not {strength}")
        if strength == 0 or self._is_too_short:
            return self._trace
        n, dt = len(self._grid), self._dt
        steadied = np.empty_like(self._columns)
        steadied[:, :2] = self.places(strength)
        cutoff = PRESSURE_HZ[0] * (PRESSURE_HZ[1] / PRESSURE_HZ[0]) ** (strength / 100)
        steadied[:, 2:] = solve(self._columns[:, 2:], np.ones(n), np.full(n - 3, penalty(cutoff, dt)))
        steadied[:, 2] = np.clip(steadied[:, 2], 0, 1)
        return Trace(np.column_stack([self._grid, steadied]))

    def places(self, strength: float) -> NDArray[np.float64]:
        """Only where the steadied line runs, (N, 2) page px: enough to show it while a handle is dragged."""
        if strength == 0 or self._is_too_short:
            return self._trace.xy
        if self._last is None or self._last[0] != strength:
            self._last = strength, self._placed(strength)
        return self._last[1]

    def _placed(self, strength: float) -> NDArray[np.float64]:
        dt = self._dt
        cutoff = GENTLEST_HZ * (STRONGEST_HZ / GENTLEST_HZ) ** (strength / 100)
        line = bounded(
            self._xy, self._light, penalty(cutoff, dt), self._lightest, penalty(SHAPE_HZ, dt), self._broken,
            ALLOWED_TREMORS * self._tremor + ALLOWED_PX, max(1, int(REACH_S / dt)), ROUNDS,
        )  # fmt: skip
        led = _led_to_ends(line, self._xy[0], self._xy[-1], dt) / self._scale
        led[0], led[-1] = self._trace.xy[0], self._trace.xy[-1]
        return led


def wobble_px(trace: Trace) -> float:
    """RMS distance of a line from its own motion below 7 Hz, measured across the line, in px.

    Below 7 Hz lies what the hand means, above it tremor; about 0.85 of a tremor at 10 Hz is seen.
    """
    if len(trace) < 3 or trace.duration_s <= 0:
        return 0.0
    grid, columns = even_steps(trace)
    dt, xy = grid[1] - grid[0], np.ascontiguousarray(columns[:, :2])
    meant = solve(xy, np.ones(len(xy)), np.full(len(xy) - 3, penalty(7.0, dt)))
    along = np.gradient(meant, axis=0)
    length = np.maximum(np.hypot(*along.T), 1e-9)
    off = xy - meant
    across = (along[:, 0] * off[:, 1] - along[:, 1] * off[:, 0]) / length
    return float(np.sqrt((across**2).mean()))


def even_steps(trace: Trace) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Return times (M,) at even steps of about 4 ms and the other five columns (M, 5) there.

    Where the device is faster than the grid its samples are averaged over a step; M is at least 8.
    """
    t, rest = trace.t, trace.samples[:, 1:]
    n = int(np.clip(round(trace.duration_s / STEP_S) + 1, 8, MOST_STEPS))
    grid = np.linspace(t[0], t[-1], n)
    if len(t) < 1.5 * n:
        return grid, np.column_stack([np.interp(grid, t, c) for c in rest.T])
    # Mean over [g - dt/2, g + dt/2] of the piecewise linear signal, by its integral.
    half = (grid[1] - grid[0]) / 2
    low, high = np.maximum(grid - half, t[0]), np.minimum(grid + half, t[-1])
    pieces = np.diff(t)[:, None] * (rest[1:] + rest[:-1]) / 2
    integral = np.vstack([np.zeros(rest.shape[1]), np.cumsum(pieces, axis=0)])
    edges = [np.column_stack([np.interp(e, t, c) for c in integral.T]) for e in (low, high)]
    means = (edges[1] - edges[0]) / (high - low)[:, None]
    means[0], means[-1] = rest[0], rest[-1]
    return grid, means


def _light(xy: NDArray[np.float64], dt: float) -> tuple[float, NDArray[np.float64], float]:
    """The penalty, the line and the RMS remainder (px an axis) of the lightest smoothing that passes for tremor."""
    n, hz = len(xy), LIGHT_HZ
    while True:
        lightest = penalty(hz, dt)
        line = solve(xy, np.ones(n), np.full(n - 3, lightest))
        tremor = float(np.sqrt(((xy - line) ** 2).mean()))
        if tremor <= MOST_TREMOR_PX or hz > 10 * LIGHT_HZ:
            return lightest, line, tremor
        hz *= 1.5  # no hand shakes that much: what was taken off is the shape of a very fast line


def _led_to_ends(
    line: NDArray[np.float64], first: NDArray[np.float64], last: NDArray[np.float64], dt: float
) -> NDArray[np.float64]:
    """`line` moved, over the first and last moments only, so that it begins at `first` and ends at `last`.

    Fixing the ends in the fit itself would bend more of the line towards where a tremor happened to be.
    """
    n = len(line)
    moments = int(np.clip(END_S / dt, 1, max(1, n // 3)))
    share = np.zeros(n)
    share[:moments] = (1 - np.arange(moments) / moments) ** 2
    led = line + share[:, None] * (first - line[0])
    return led + share[::-1, None] * (last - line[-1])


def _straddling(corners: list[int], n: int) -> NDArray[np.bool_]:
    """Which third differences j .. j+3 have a corner strictly inside: those bind nothing."""
    broken = np.zeros(n - 3, np.bool_)
    for c in corners:
        broken[max(0, c - 2) : c] = True
    return broken
