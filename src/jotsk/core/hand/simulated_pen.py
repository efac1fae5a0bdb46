"""A hand and a device, simulated: smooth motion along a path, tremor, and what a device makes of it.

The motion between two rests follows Flash and Hogan, "The coordination of arm movements", J. Neurosci.
5 (1985): the share of the path covered after the share u of the time is 10 u^3 - 15 u^4 + 6 u^5.
Tremor is noise limited to 8-12 Hz, the band of physiological tremor.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import arc_lengths, catmull_rom
from jotsk.core.hand.trace import Trace, trace_from

TREMOR_BAND_HZ = (8.0, 12.0)


@dataclass(frozen=True, slots=True)
class Device:
    """What a pointing device reports.

    `grid_px` is the step of its positions, `jitter_px` the noise of each, `levels` how many
    pressures it tells apart (0: it has no pressure and reports 1).
    """

    name: str
    grid_px: float
    jitter_px: float
    levels: int

    def reported(
        self, xy: NDArray[np.float64], pressure: NDArray[np.float64], rng: np.random.Generator
    ) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        xy = xy + rng.normal(0.0, self.jitter_px, xy.shape) if self.jitter_px else xy
        xy = np.round(xy / self.grid_px) * self.grid_px if self.grid_px else xy
        if self.levels == 0:
            return xy, np.ones(len(xy))
        return xy, np.round(np.clip(pressure, 0, 1) * (self.levels - 1)) / (self.levels - 1)


DEVICES = {
    "display": Device("display", grid_px=0.05, jitter_px=0.0, levels=8192),
    "tablet": Device("tablet", grid_px=0.25, jitter_px=0.15, levels=2048),
    "mouse": Device("mouse", grid_px=1.0, jitter_px=0.0, levels=0),
}


@dataclass(frozen=True, slots=True)
class Hand:
    """How steady a hand is: RMS tremor along each axis in px, and RMS noise of the pressure."""

    tremor_px: float = 0.6
    pressure_noise: float = 0.01


def minimum_jerk(u: ArrayLike) -> NDArray[np.float64]:
    """Return the share of the path covered at the share `u` of the time (Flash and Hogan 1985)."""
    u = np.clip(np.asarray(u, np.float64), 0.0, 1.0)
    return u**3 * (10 - 15 * u + 6 * u * u)


def tremor(n: int, rate_hz: float, rms: float, rng: np.random.Generator) -> NDArray[np.float64]:
    """Return (n,) band-limited noise of the given RMS at `rate_hz`, a sum of sines of random phase."""
    if rms == 0:
        return np.zeros(n)
    t = np.arange(n) / rate_hz
    frequencies = rng.uniform(*TREMOR_BAND_HZ, 12)
    phases = rng.uniform(0, 2 * np.pi, 12)
    return rms * np.sqrt(2 / 12) * np.sin(2 * np.pi * frequencies[:, None] * t + phases[:, None]).sum(axis=0)


def drawn(
    path: ArrayLike,
    duration_s: float,
    *,
    pressure: ArrayLike = 1.0,
    rate_hz: float = 250.0,
    hand: Hand | None = None,
    device: Device = DEVICES["display"],
    seed: int = 0,
    tilt: tuple[float, float] = (0.0, 0.0),
) -> Trace:
    """Return the trace of one stroke along `path`.

    Parameters
    ----------
    path : (N, 2) array_like of float
        The meant line, page px; drawn from its first to its last point at minimum jerk.
    duration_s : float
        Time from touch to lift, > 0.
    pressure : array_like
        Meant pressure 0..1, at even shares of the path's length; one value holds throughout.
    seed : int
        Two calls with the same arguments give the same trace.
    """
    path = np.asarray(path, np.float64)
    if path.ndim != 2 or path.shape[1] != 2 or len(path) < 1:
        raise ValueError(f"a path is (N, 2), not {path.shape}")
    if not duration_s > 0:
        raise ValueError(f"a stroke takes time, not {duration_s} s")
    hand = hand or Hand()
    rng = np.random.default_rng(seed)
    n = max(2, int(round(duration_s * rate_hz)) + 1)
    t = np.arange(n) / rate_hz
    share = minimum_jerk(t / t[-1])
    along = arc_lengths(path)
    where = share * along[-1]
    xy = np.column_stack([np.interp(where, along, path[:, k]) for k in (0, 1)])
    xy += np.column_stack([tremor(n, rate_hz, hand.tremor_px, rng) for _ in range(2)])
    levels = np.atleast_1d(np.asarray(pressure, np.float64))
    force = np.interp(share, np.linspace(0, 1, len(levels)), levels) if len(levels) > 1 else np.full(n, levels[0])
    force = force + tremor(n, rate_hz, hand.pressure_noise, rng)
    xy, force = device.reported(xy, force, rng)
    return trace_from(t, xy[:, 0], xy[:, 1], force, *tilt)


def smooth_path(points: ArrayLike, *, closed: bool = False) -> NDArray[np.float64]:
    """Return a dense (M, 2) path through a few control points, steps of at most 2 px."""
    p = np.asarray(points, np.float64)
    if not closed:
        return catmull_rom(p, 2.0)
    around = np.concatenate([p[-2:], p, p[:2]])
    dense = catmull_rom(around, 2.0)
    start = int(np.argmin(np.abs(dense - p[0]).sum(axis=1)[: len(dense) // 2]))
    end = len(dense) - 1 - int(np.argmin(np.abs(dense[::-1] - p[0]).sum(axis=1)[: len(dense) // 2]))
    return dense[start : end + 1]
