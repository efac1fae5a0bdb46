"""Steadying after the pen lifts: strong, without lag, from the motion of the hand itself; ends, corners and cusps kept.

The line is smoothed in time by penalised least squares of third order (`smoother_kernel`), whose response to a sine of
frequency f is 1 / (1 + (f / cutoff)^6). Strength chooses the lowest cut-off. How low it may be is decided at each place
of the line: a bank of such smoothers is run over the raw motion, and the lowest is taken whose line agrees with those
of all higher ones within what the hand's tremor explains (Lepski 1991, "Asymptotically minimax adaptive estimation";
Goldenshluger and Nemirovski 1997, "On spatially adaptive estimation of nonparametric regression"). Two that both lie
below the band of tremor (8-12 Hz) must agree closely: what differs there is shape. At a cusp only the highest agree, so
no corner needs to be found.

A short stroke cannot tell its tremor from its shape; what the hand did before can. `tremor_px` is that.
"""

from __future__ import annotations

from collections.abc import Iterable
from functools import cache, cached_property, lru_cache

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand.bandwidth_kernel import lowest_agreeing, spread
from jotsk.core.hand.smoother_kernel import solve, solve_each
from jotsk.core.hand.trace import Trace

METHOD = 2  # that strokes are judged by; 1 smoothed the line as it came while drawing, held to a bound
STEP_S = 0.004
MOST_STEPS = 1 << 17
BANK_HZ = np.array([4.0, 4.8, 5.8, 7.0, 8.4, 10.2, 12.5, 15.5, 20.0, 28.0])
APART = 1.15  # neighbours in the bank, at least
# The share of tremor that is left is about 2/5 at strength 10, 1/14 at 30, 1/50 at 60; at 100 a French curve is left.
STRENGTHS, LOWEST_HZ = (0.0, 10.0, 30.0, 60.0, 100.0), (14.0, 8.9, 6.0, 4.8, 2.0)
TREMOR_HZ = np.linspace(8.0, 12.0, 41)
USUAL_TREMOR_PX = 0.6  # of a hand nothing is known of: RMS an axis, screen px
LEAST_TREMOR_PX = 0.05
IN_TREMOR_HZ = 7.5  # a cut-off above it takes tremor; below, what two lines differ in is shape
WINDOWS_S = (0.06, 0.10)  # over which two lines are compared, below and in the band of tremor
ALLOWED, ALLOWED_PX = (1.6, 2.6), 0.10  # how many of what tremor explains they may differ by, and beyond that
REACH_S, EASED_S = 0.03, 0.025  # a low cut-off gives way to a high one this long before and after
END_S, MOST_END_S = 0.04, 0.4  # how long a line is led to its exact end
END_LENGTHS, MOST_END_PX = 3.0, 2.0  # and how far: times the gap, screen px
MOST_TREMORS = 3 * 2**0.5  # three an axis: how far from the hand a line may be,
STRENGTH_PX = 2.0  # and so much farther at strength 100, screen px
MOST_REST_S = 1.0  # without a sample; what is longer counts as so long
SHORTEST_S = 0.02  # of a stroke that is steadied: no hand is so quick, but a driver may send such
PRESSURE_HZ = (14.0, 5.0)  # at strength 0 and 100, where nothing but noise is in it
TILT_HZ = (16.0, 5.0)
NOISE_S = 0.40  # around a place: four periods of tremor
PRESSURE_NOISE = 0.015, 0.25  # RMS, of a scale of 0..1: as is usual, and at most
MOST_OF_KNOWN = 1.3  # a stroke is judged by no more than so much of the tremor that is known


def penalty(cutoff_hz: float, dt: float) -> float:
    """Weight of the penalty at which a sine of `cutoff_hz`, sampled every `dt` s, is halved."""
    return float((2 - 2 * np.cos(2 * np.pi * cutoff_hz * dt)) ** -3)


def lowest_cutoff_hz(strength: float) -> float:
    """The cut-off where nothing but tremor is on the line."""
    return float(np.exp(np.interp(strength, STRENGTHS, np.log(LOWEST_HZ))))


def response(cutoff_hz: float, hz: NDArray[np.float64]) -> NDArray[np.float64]:
    """What is left of sines of `hz` by a smoother of this cut-off."""
    return 1 / (1 + (hz / cutoff_hz) ** 6)


def steady_after(
    trace: Trace, strength: float, *, scale: float = 1.0, tremor_px: float = USUAL_TREMOR_PX
) -> Trace:  # fmt: skip
    """Return `trace` steadied, at even steps of 4 ms but for long rests; ends stay exactly where they were.

    Parameters
    ----------
    strength : float
        0..100; 0 returns the trace as it is.
    scale : float
        Screen px per page px while drawing: how much of a line is tremor is judged on the screen, where the hand was.
    tremor_px : float
        RMS of the hand's tremor an axis, screen px, as far as it is known: `core.hand.tremor_meter`.
    """
    return Steadier(trace, scale=scale, tremor_px=tremor_px).line(strength)


class Steadier:
    """Steadies one trace by any strength; what does not depend on the strength is computed once."""

    def __init__(self, trace: Trace, *, scale: float = 1.0, tremor_px: float = USUAL_TREMOR_PX) -> None:
        self._trace, self._scale = trace, scale
        self._last: tuple[float, NDArray[np.float64]] | None = None  # what a handle showed is what is then kept
        self._is_too_short = len(trace) < 3 or not trace.duration_s > SHORTEST_S
        if self._is_too_short:
            return
        paced = without_rests(trace)
        self._grid, self._columns = even_steps(paced)
        self._times = self._grid if paced is trace else np.interp(self._grid, paced.t, trace.t)
        self._dt = float(self._grid[1] - self._grid[0])
        self._places = _Bank(np.ascontiguousarray(self._columns[:, :2] * scale), self._dt)
        self._tremor = self._places.tremor(tremor_px)

    def line(self, strength: float) -> Trace:
        """The steadied trace, at even steps of about 4 ms; the trace itself at strength 0."""
        if not 0 <= strength <= 100:
            raise ValueError(f"steadiness is 0..100, not {strength}")
        if strength == 0 or self._is_too_short:
            return self._trace
        steadied = np.empty_like(self._columns)
        steadied[:, :2] = self.places(strength)
        steadied[:, 2] = np.clip(self._eased_pressure(strength), 0, 1)
        n = len(self._grid)
        tilt_hz = min(_between(TILT_HZ, strength), _highest_hz(self._dt))
        steadied[:, 3:] = solve(
            np.ascontiguousarray(self._columns[:, 3:]), np.ones(n), np.full(n - 3, penalty(tilt_hz, self._dt))
        )
        return Trace(np.column_stack([self._times, steadied]))

    def farthest_px(self, strength: float) -> float:
        """No place of the steadied line lies farther than this from where the hand was at that moment, page px."""
        return (MOST_TREMORS * self._tremor + STRENGTH_PX * strength / 100) / self._scale

    def withheld(self, strength: float) -> float:
        """The share of the line, 0..1, where strength was withheld to keep its shape."""
        if strength == 0 or self._is_too_short:
            return 0.0
        lowest = lowest_cutoff_hz(strength)
        return float((self._places.cutoffs_hz(lowest, self._tremor) > APART * lowest).mean())

    def places(self, strength: float) -> NDArray[np.float64]:
        """Only where the steadied line runs, (N, 2) page px: enough to show it while a handle is dragged."""
        if strength == 0 or self._is_too_short:
            return self._trace.xy
        last = self._last  # another thread may ask for another strength meanwhile
        if last is None or last[0] != strength:
            line = self._places.steadied(lowest_cutoff_hz(strength), self._tremor) / self._scale
            line = _within(self.farthest_px(strength), line, self._columns[:, :2])
            line[0], line[-1] = self._trace.xy[0], self._trace.xy[-1]
            last = self._last = strength, line
        return last[1]

    @property
    def times(self) -> NDArray[np.float64]:
        """Of the places of a steadied line, (N,) s."""
        return self._trace.t if self._is_too_short else self._times

    @cached_property
    def _pressure(self) -> _Bank:
        return _Bank(np.ascontiguousarray(self._columns[:, 2:3]), self._dt)

    def _eased_pressure(self, strength: float) -> NDArray[np.float64]:
        """The pressure (N,), steadied as places are.

        A steep feel makes much of the tremor of a light hand, so its noise is judged around each place.
        """
        bank, lowest = self._pressure, _between(PRESSURE_HZ, strength)
        least, most = PRESSURE_NOISE
        hz = bank.cutoffs_hz(lowest, least)
        around = np.clip(bank.noise_around(), least, most)
        highest = float(around.max())
        if highest > 1.5 * least:
            share = np.log(around / least) / np.log(highest / least)
            hz = np.exp((1 - share) * np.log(hz) + share * np.log(bank.cutoffs_hz(lowest, highest)))
        return bank.solved(hz)[:, 0]


class _Bank:
    """A signal at even steps, and what smoothers of several cut-offs make of it."""

    def __init__(self, raw: NDArray[np.float64], dt: float) -> None:
        self._raw, self._dt = raw, dt
        self._highest = _highest_hz(dt)

    def _smooth(self, cutoffs_hz: Iterable[float]) -> NDArray[np.float64]:
        """Smoothed by each cut-off, (K, N, columns)."""
        return solve_each(self._raw, np.array([penalty(min(hz, self._highest), self._dt) for hz in cutoffs_hz]))

    @cached_property
    def _bank(self) -> NDArray[np.float64]:
        return self._smooth(BANK_HZ)

    def tremor(self, known: float) -> float:
        """The tremor of this signal, RMS a column: what it says of its own counts as far as it is long."""
        n, dt = len(self._raw), self._dt
        own = max(
            float(np.percentile(np.sqrt(mean_over(self._band_power, max(1, int(0.25 / dt)))), 40)), LEAST_TREMOR_PX
        )
        trust = float(np.clip(((n - 1) * dt - 0.5) / 1.5, 0, 1))
        judged = np.exp(trust * np.log(own) + (1 - trust) * np.log(min(own, known)))
        return float(max(LEAST_TREMOR_PX, min(judged, MOST_OF_KNOWN * known)))

    def noise_around(self) -> NDArray[np.float64]:
        """What goes to and fro around each place, RMS: of a sine the median of the square is half its greatest, and a
        single accent, shorter than half the stretch, does not count."""
        from scipy.ndimage import median_filter  # here: it takes long to import

        window = max(1, int(NOISE_S / self._dt)) | 1
        return np.sqrt(median_filter(self._band_power, window, mode="nearest"))

    @cached_property
    def _band_power(self) -> NDArray[np.float64]:
        """The mean square of the columns in the band of tremor."""
        high, low = self._smooth((14.0, 7.0))
        return ((high - low) ** 2).mean(axis=1) / _band_gain() ** 2

    def cutoffs_hz(self, lowest_hz: float, noise: float) -> NDArray[np.float64]:
        """The cut-off at each place, from `lowest_hz` up as the shape there needs it."""
        dt, n = self._dt, len(self._raw)
        bank, gains = _bank_from(lowest_hz)
        higher = self._bank[len(BANK_HZ) + 1 - len(bank) :]
        lines = np.concatenate([self._smooth((lowest_hz,)), higher])
        in_tremor = bank > IN_TREMOR_HZ
        windows = np.array([max(1, int(WINDOWS_S[int(t)] / dt)) | 1 for t in in_tremor])
        allowed = np.where(in_tremor, ALLOWED[1], ALLOWED[0])[None] * noise * gains + ALLOWED_PX * min(1.0, noise / 0.1)
        chosen = lowest_agreeing(lines, np.minimum(windows, n // 2 * 2 + 1), allowed)
        log_hz = spread(np.log(bank)[chosen], int(REACH_S / dt), max(0, int(EASED_S / dt)))
        return np.minimum(np.exp(log_hz), self._highest)

    def steadied(self, lowest_hz: float, noise: float) -> NDArray[np.float64]:
        """Smoothed as strongly at each place as its shape allows, with ends that stay."""
        return self.solved(self.cutoffs_hz(lowest_hz, noise))

    def solved(self, hz: NDArray[np.float64]) -> NDArray[np.float64]:
        """Smoothed with a cut-off for each place, with ends that stay."""
        dt, n = self._dt, len(self._raw)
        line = solve(self._raw, np.ones(n), (2 - 2 * np.cos(2 * np.pi * hz[1:-2] * dt)) ** -3.0)
        return _led_to_ends(line, self._raw[0], self._raw[-1], dt)


@lru_cache(maxsize=64)
def _bank_from(lowest_hz: float) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """The cut-offs (K,) that are tried from the lowest up, and by how much each two differ in what they leave of
    tremor, (K, K)."""
    bank = np.concatenate([[lowest_hz], BANK_HZ[APART * lowest_hz < BANK_HZ]])
    left = np.array([response(hz, TREMOR_HZ) for hz in bank])
    return bank, np.sqrt(2 * ((left[:, None] - left[None]) ** 2).mean(axis=2))


@cache
def _band_gain() -> float:
    """What the band between two smoothers holds of tremor."""
    return float(np.sqrt(np.mean((response(14.0, TREMOR_HZ) - response(7.0, TREMOR_HZ)) ** 2)))


def _highest_hz(dt: float) -> float:
    """A cut-off that steps of `dt` can carry."""
    return 0.4 / dt


def _between(range_hz: tuple[float, float], strength: float) -> float:
    return range_hz[0] * (range_hz[1] / range_hz[0]) ** (strength / 100)


def mean_over(values: NDArray[np.float64], window: int) -> NDArray[np.float64]:
    """The mean of `values` (N,) over `window` places around each; beyond its ends it counts as its ends do."""
    half = window // 2
    padded = np.concatenate([[0.0], np.cumsum(np.pad(values, half, "edge"))])
    return (padded[2 * half + 1 :] - padded[: -2 * half - 1]) / (2 * half + 1)


def _within(most_px: float, line: NDArray[np.float64], hand: NDArray[np.float64]) -> NDArray[np.float64]:
    """`line` with what is farther than `most_px` from the `hand`, (N, 2) each, moved so near."""
    off = line - hand
    far = np.hypot(*off.T)
    return hand + off * np.minimum(1.0, most_px / np.maximum(far, 1e-9))[:, None] if far.max() > most_px else line


def without_rests(trace: Trace) -> Trace:
    """The trace with no two times farther apart than `MOST_REST_S`: a pen held still for minutes is no long stroke."""
    t = trace.t
    steps = np.diff(t)
    if steps.max() <= MOST_REST_S:
        return trace
    clock = t[0] + np.concatenate([[0.0], np.cumsum(np.minimum(steps, MOST_REST_S))])
    return Trace(np.column_stack([clock, trace.samples[:, 1:]]))


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


def _led_to_ends(
    line: NDArray[np.float64], first: NDArray[np.float64], last: NDArray[np.float64], dt: float
) -> NDArray[np.float64]:
    """`line` moved, over the first and last moments only, so that it begins at `first` and ends at `last`.

    Fixing the ends in the fit itself would bend more of the line towards where a tremor happened to be.
    """
    share = _lead(line, first - line[0], dt)
    led = line + share[:, None] * (first - line[0])
    share = _lead(line[::-1], last - line[-1], dt)[::-1]
    return led + share[:, None] * (last - line[-1])


def _lead(line: NDArray[np.float64], by: NDArray[np.float64], dt: float) -> NDArray[np.float64]:
    """How much of `by` each place moves along with the first one: for `END_S`, and on a slow line until it is gone so
    far that it does not kink."""
    n = len(line)
    moments = int(END_S / dt)
    if line.shape[1] == 2:
        along = np.cumsum(np.hypot(*np.diff(line, axis=0).T))
        moments = max(moments, int(np.searchsorted(along, min(MOST_END_PX, END_LENGTHS * float(np.hypot(*by))))))
    moments = min(max(1, moments), max(1, n // 3), max(1, int(MOST_END_S / dt)))
    share = np.zeros(n)
    share[:moments] = (1 - np.arange(moments) / moments) ** 2
    return share
