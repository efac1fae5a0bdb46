"""Steadying: distance to the meant path beside outside filters, and time per sample.

The hand: minimum-jerk motion, 8-12 Hz tremor of 1.5 px RMS an axis, 200 Hz, quarter-pixel steps; eight seeds.
"""

from __future__ import annotations

import time
from collections.abc import Callable

import numpy as np
import shapely
from numpy.typing import NDArray
from scipy.ndimage import uniform_filter1d
from scipy.signal import lfilter, savgol_filter

from jotsk.core.hand import Trace, steady_after, steady_now, trace_from
from jotsk.core.hand.simulated_pen import Device, Hand, drawn

DEVICE = Device("quarter", 0.25, 0.0, 2048)


def circle(radius: float) -> NDArray[np.float64]:
    a = np.linspace(0, 2 * np.pi, 3000)
    return np.column_stack([250 + radius * np.cos(a), 250 + radius * np.sin(a)])


SHARE = np.linspace(0, 1, 2000)
MOTIONS = {
    "slow line, 67 px/s": (np.column_stack([50 + 400 * SHARE, 100 + 30 * SHARE]), 6.0),
    "circle r 100 in 2.5 s": (circle(100), 2.5),
    "S of 300 px in 1.5 s": (np.column_stack([50 + 300 * SHARE, 200 + 60 * np.sin(2 * np.pi * SHARE)]), 1.5),
    "circle r 40 in 0.6 s": (circle(40), 0.6),
}


def columns(trace: Trace, f: Callable[[NDArray[np.float64]], NDArray[np.float64]]) -> Trace:
    return trace_from(trace.t, f(trace.xy[:, 0]), f(trace.xy[:, 1]), trace.pressure)


def exponential(tau: float) -> Callable[[Trace], Trace]:
    k = 1 - np.exp(-0.005 / tau)
    return lambda trace: columns(trace, lambda v: lfilter([k], [1, k - 1], v, zi=[v[0] * (1 - k)])[0])


WAYS: dict[str, Callable[[Trace], Trace]] = {
    "raw": lambda t: t,
    "steady after 30": lambda t: steady_after(t, 30),
    "steady after 60": lambda t: steady_after(t, 60),
    "steady after 100": lambda t: steady_after(t, 100),
    "moving average 0.1 s, centred (scipy)": lambda t: columns(t, lambda v: uniform_filter1d(v, 21)),
    "Savitzky-Golay 0.2 s, cubic (scipy)": lambda t: columns(
        t, lambda v: savgol_filter(v, min(41, len(v) // 2 * 2 - 1), 3)
    ),
    "steady now 30, live": lambda t: steady_now(t, 30),
    "exponential 0.03 s, live (scipy)": exponential(0.03),
    "exponential 0.08 s, live (scipy)": exponential(0.08),
}


def off_path(trace: Trace, path: NDArray[np.float64]) -> float:
    gap = shapely.distance(shapely.points(trace.xy), shapely.LineString(path))
    return float(np.sqrt((gap**2).mean()))


def main() -> None:
    print("RMS px to the meant path, over time; ends included, and fixed where the shaking pen touched and lifted")
    print(f"{'':40}" + "".join(f"{name:>24}" for name in MOTIONS))
    traces = {
        name: [drawn(path, s, rate_hz=200, hand=Hand(1.5), device=DEVICE, seed=seed) for seed in range(70, 78)]
        for name, (path, s) in MOTIONS.items()
    }
    for way, steadied in WAYS.items():
        cells = [np.mean([off_path(steadied(t), MOTIONS[name][0]) for t in traces[name]]) for name in MOTIONS]
        print(f"{way:40}" + "".join(f"{cell:24.2f}" for cell in cells))
    t = np.arange(0, 2, 0.005)
    line = trace_from(t, 300 * t, 0 * t)
    print("\nlag at 300 px/s")
    for way in ("steady now 30, live", "exponential 0.03 s, live (scipy)", "exponential 0.08 s, live (scipy)"):
        print(f"{way:40}{300 * t[-1] - WAYS[way](line).xy[len(t) - 1, 0]:8.1f} px")
    long = drawn(MOTIONS["slow line, 67 px/s"][0], 10.0, rate_hz=200, hand=Hand(1.5), seed=1)
    print(f"\ntime, {len(long)} samples")
    for way in ("steady after 60", "steady after 100", "steady now 30, live", "Savitzky-Golay 0.2 s, cubic (scipy)"):
        best = min(_seconds(lambda w=way: WAYS[w](long)) for _ in range(9))
        print(f"{way:40}{best * 1e3:8.2f} ms {best / len(long) * 1e6:8.2f} us a sample")


def _seconds(work: Callable[[], object]) -> float:
    start = time.perf_counter()
    work()
    return time.perf_counter() - start
