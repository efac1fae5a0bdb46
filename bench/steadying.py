"""Steadying: distance to the meant path beside outside filters, and time per sample.

The hand: minimum-jerk motion, 8-12 Hz tremor of 1.5 px RMS an axis, 200 Hz, quarter-pixel steps; eight seeds.
"""

from __future__ import annotations

import time
from collections.abc import Callable

import numpy as np
import shapely
from numpy.typing import NDArray
from OneEuroFilter import OneEuroFilter
from scipy.ndimage import uniform_filter1d
from scipy.signal import lfilter, savgol_filter

from jotsk.core.hand import Trace, steady_after, steady_now, trace_from, wobble_px
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


def one_euro(mincutoff: float, beta: float) -> Callable[[Trace], Trace]:
    """The 1-euro filter of its authors' own implementation, with the times of the trace."""

    def run(trace: Trace) -> Trace:
        filters = [OneEuroFilter(200.0, mincutoff, beta) for _ in range(2)]
        xy = [
            [f(v, t) for f, v in zip(filters, row, strict=True)]
            for t, row in zip(trace.t + 1.0, trace.xy.tolist(), strict=True)
        ]
        return trace_from(trace.t, *np.array(xy).T, trace.pressure)

    return run


def centred(seconds: float) -> Callable[[Trace], Trace]:
    return lambda t: columns(t, lambda v: uniform_filter1d(v, int(seconds / 0.005) | 1))


WAYS: dict[str, Callable[[Trace], Trace]] = {
    "raw": lambda t: t,
    "steady after 30": lambda t: steady_after(t, 30),
    "steady after 60": lambda t: steady_after(t, 60),
    "steady after 100": lambda t: steady_after(t, 100),
    "moving average 0.1 s, centred (scipy)": centred(0.1),
    "moving average 0.2 s, centred (scipy)": centred(0.2),
    "Savitzky-Golay 0.2 s, cubic (scipy)": lambda t: columns(
        t, lambda v: savgol_filter(v, min(41, len(v) // 2 * 2 - 1), 3)
    ),
    "steady now 30, live": lambda t: steady_now(t, 30),
    "steady now 30, average": lambda t: steady_now(t, 30, way="average"),
    "steady now 30, tow": lambda t: steady_now(t, 30, way="tow"),
    "1-euro 1 Hz, beta 0.02, live": one_euro(1.0, 0.02),
    "1-euro 0.5 Hz, beta 0.01, live": one_euro(0.5, 0.01),
    "exponential 0.03 s, live (scipy)": exponential(0.03),
    "exponential 0.08 s, live (scipy)": exponential(0.08),
}


def off_path(trace: Trace, path: NDArray[np.float64]) -> float:
    gap = shapely.distance(shapely.points(trace.xy), shapely.LineString(path))
    return float(np.sqrt((gap**2).mean()))


def wobble_share(way: Callable[[Trace], Trace], traces: list[Trace]) -> float:
    return float(np.mean([wobble_px(way(t)) / wobble_px(t) for t in traces]))


def main() -> None:
    traces = {
        name: [drawn(path, s, rate_hz=200, hand=Hand(1.5), device=DEVICE, seed=seed) for seed in range(70, 78)]
        for name, (path, s) in MOTIONS.items()
    }
    t = np.arange(0, 2, 0.005)
    line = trace_from(t, 300 * t, 0 * t)
    print("RMS px to the meant path, over time, ends included and fixed; wobble left on the slow line; lag at 300 px/s")
    print(f"{'':40}" + "".join(f"{name:>24}" for name in MOTIONS) + f"{'wobble':>9}{'lag':>9}")
    for way, steadied in WAYS.items():
        cells = [np.mean([off_path(steadied(t), MOTIONS[name][0]) for t in traces[name]]) for name in MOTIONS]
        lag = (
            300 * t[-1] - steadied(line).xy[len(t) - 1, 0]
            if "after" not in way and "centred" not in way and "Gol" not in way
            else 0
        )
        wobble = wobble_share(steadied, traces["slow line, 67 px/s"])
        print(f"{way:40}" + "".join(f"{cell:24.2f}" for cell in cells) + f"{wobble:8.0%}{lag:7.1f} px")
    long = drawn(MOTIONS["slow line, 67 px/s"][0], 10.0, rate_hz=200, hand=Hand(1.5), seed=1)
    print(f"\ntime, {len(long)} samples")
    for way in ("steady after 60", "steady after 100", *LIVE, "Savitzky-Golay 0.2 s, cubic (scipy)"):
        best = min(_seconds(lambda w=way: WAYS[w](long)) for _ in range(9))
        print(f"{way:40}{best * 1e3:8.2f} ms {best / len(long) * 1e6:8.2f} us a sample")


LIVE = ("steady now 30, live", "steady now 30, average", "steady now 30, tow", "1-euro 1 Hz, beta 0.02, live")


def _seconds(work: Callable[[], object]) -> float:
    start = time.perf_counter()
    work()
    return time.perf_counter() - start
