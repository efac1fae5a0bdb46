"""The line, on real hands: recorded motions, letters, quick strokes and the simulated hand, beside outside filters.

What the finished line of the shipped 20 / 45 has to do with the motion that was meant; `real_hands` says whose those
are. Numbers in brackets are what is wanted.
"""

from __future__ import annotations

import sys
import time
from collections.abc import Callable
from functools import cache

import numpy as np
import shapely
from numpy.typing import NDArray
from scipy.ndimage import uniform_filter1d
from scipy.signal import savgol_filter

from bench.real_hands import Motion, letters, recordings, reported
from bench.steadying import DEVICE, circle, columns, exponential, one_euro
from jotsk.core.hand import Trace, steady_after, steady_now, trace_from
from jotsk.core.hand.simulated_pen import Hand, drawn
from jotsk.core.hand.steady_after import USUAL_TREMOR_PX
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke

NOW, AFTER = 20.0, 45.0
EVERY = 16  # so many recordings are passed over; 2 are all even ones
SIZES = (100, 300, 700, 1500)

Way = Callable[[Trace, float], NDArray[np.float64]]


def ours(trace: Trace, tremor_px: float) -> NDArray[np.float64]:
    return stroke(trace, tremor_px=tremor_px).line.xy


def stroke(
    trace: Trace, pen: str = "plain-round", size: float = 8.0, now: float = NOW, after: float = AFTER,
    tremor_px: float = USUAL_TREMOR_PX,
) -> Stroke:  # fmt: skip
    return Stroke(trace, pen_by_id(pen), size, (0, 0, 0), now, after, tremor_px=tremor_px)


def plain(f: Callable[[Trace], Trace]) -> Way:
    return lambda trace, _: f(trace).xy


WAYS: dict[str, Way] = {
    "ours, 20 / 45": ours,
    "raw": lambda trace, _: trace.xy,
    "moving average 0.1 s (scipy)": plain(lambda t: columns(t, lambda v: uniform_filter1d(v, 21))),
    "Savitzky-Golay 0.2 s, cubic (scipy)": plain(
        lambda t: columns(t, lambda v: savgol_filter(v, min(41, (len(v) - 1) // 2 * 2 + 1), 3))
    ),
    "exponential 0.03 s (scipy)": plain(exponential(0.03)),
    "1-euro 1 Hz, beta 0.02": plain(one_euro(1.0, 0.02)),
}


def off(line: NDArray[np.float64], truth: NDArray[np.float64]) -> NDArray[np.float64]:
    """How far places of the line, 1 px apart, lie from the true path, px."""
    path = shapely.LineString(line)
    if path.length < 1e-6:
        return np.zeros(1)
    at = shapely.line_interpolate_point(path, np.linspace(0, path.length, max(2, int(path.length))))
    return shapely.distance(at, shapely.LineString(truth))


def length(xy: NDArray[np.float64]) -> float:
    return float(np.hypot(*np.diff(xy, axis=0).T).sum())


def rms(values: NDArray[np.float64]) -> float:
    return float(np.sqrt((values**2).mean()))


@cache
def recorded(size: int) -> list[Motion]:
    return list(recordings(size, every=EVERY))


def recorded_figures() -> None:
    print(
        "recordings, no tremor: the farthest place from the truth, 95th percentile [2, 2, 2, 2.5], and off the hand [3]"
    )
    for name, way in WAYS.items():
        cells = []
        for size in SIZES:
            traces = [reported(m) for m in recorded(size)]
            lines = [way(t, 0.1) for t in traces]
            far = [off(line, m[1]).max() for line, m in zip(lines, recorded(size), strict=True)]
            beyond = max(off(line, t.xy).max() for line, t in zip(lines, traces, strict=True))
            cells.append(f"{np.percentile(far, 95):6.2f} ({beyond:5.2f})")
        print(f"    {name:38}" + "".join(f"{c:>18}" for c in cells), flush=True)
    print("with 1 px of tremor: RMS left / raw [0.5, 0.7, 0.85, 0.98]")
    for name, way in WAYS.items():
        cells = []
        for size in SIZES:
            ratios = []
            for k, m in enumerate(recorded(size)):
                trace = reported(m, tremor_px=1.0, seed=k)
                ratios.append(rms(off(way(trace, 1.0), m[1])) / rms(off(trace.xy, m[1])))
            cells.append(f"{np.mean(ratios):6.2f}")
        print(f"    {name:38}" + "".join(f"{c:>18}" for c in cells), flush=True)


def letter_figures() -> None:
    print("letters, 0.5 px of tremor: median farthest place [1.2, 1.3, 1.8], length lost [5 %]")
    for name, way in WAYS.items():
        cells = []
        for height, seconds in ((30, 0.35), (45, 0.35), (60, 0.25)):
            far, lost = [], []
            for k, m in enumerate(letters(height, seconds)):
                line = way(reported(m, tremor_px=0.5, seed=k), 0.5)
                far.append(off(line, m[1]).max())
                lost.append(1 - length(line) / length(m[1]))
            cells.append(f"{np.median(far):5.2f} {np.mean(lost):5.0%}")
        print(f"    {name:38}" + "".join(f"{c:>18}" for c in cells), flush=True)


def hatch(length_px: float, seconds: float, rate: int = 200, *, accent: bool = True) -> Trace:
    """A quick straight stroke: minimum jerk along, pressure a swell."""
    n = max(4, int(seconds * rate) + 1)
    u = np.linspace(0, 1, n)
    s = 10 * u**3 - 15 * u**4 + 6 * u**5
    return trace_from(u * seconds, 100 + 0.7 * length_px * s, 100 - 0.7 * length_px * s, np.sin(np.pi * u) ** 0.8)


def scallops(height: float, per_s: float, count: int = 6) -> tuple[Trace, NDArray[np.float64]]:
    """Half circles in a row, as fur and lace are drawn: cusps between them."""
    t = np.arange(0, count / per_s, 0.005)
    phase = np.pi * (t * per_s % 1.0)
    k = np.floor(t * per_s)
    eased = np.pi * (phase / np.pi - 0.5 / np.pi * np.sin(2 * phase) * 0.6)
    xy = np.column_stack([100 + height * (2 * k + 1 - np.cos(eased)), 200 - height * np.sin(eased)])
    return trace_from(t, xy[:, 0], xy[:, 1], 0.6), xy


def quick_figures() -> None:
    print("quick strokes of the quill at 7 px: thickest width kept [90 %]")
    for name, seconds, size in (("hatching 0.14 s", 0.14, 60.0), ("fur 0.11 s", 0.11, 25.0)):
        trace = hatch(size, seconds)
        meant = stroke(trace, "quill-nib", 7.0, 0.0, 0.0).ribbon.points[:, 2].max()
        kept = stroke(trace, "quill-nib", 7.0).ribbon.points[:, 2].max()
        print(f"    {name:38}{kept / meant:18.0%}")
    trace, meant_xy = scallops(15.0, 2.5)
    line = stroke(trace).line.xy
    tops = [line[np.abs(line[:, 0] - (100 + 15 * (2 * k + 1))) < 4, 1].min() for k in range(6)]
    cusps = [np.hypot(*(line - (100 + 30 * k, 200)).T).min() for k in range(1, 6)]
    print(
        f"    scallops of 15 px: height kept {np.mean((200 - np.array(tops)) / 15):.0%} [92 %],"
        f" cusps within {max(cusps):.2f} px"
    )
    press = np.concatenate([np.linspace(0, 1, 6), np.ones(3), np.linspace(1, 0, 6)])
    tap = trace_from(np.arange(15) * 0.005, 100 + 0.2 * np.sin(np.arange(15)), np.full(15, 100.0), press)
    for size in (20.0, 7.0):
        width = 2 * stroke(tap, "quill-nib", size).ribbon.points[:, 2].max()
        print(f"    a full tap of the quill at {size:.0f} px: {width:.1f} px wide [80 %: {0.8 * size:.1f}]")
    t = np.arange(0, 1.5, 0.005)
    accent = trace_from(t, 100 + 200 * t, 100 + 0 * t, 0.4 + 0.4 * np.exp(-(((t - 0.75) / 0.017) ** 2)))
    line = stroke(accent).line
    print(f"    an accent of 40 ms keeps {(line.pressure.max() - 0.4) / 0.4:.0%} of its extra width [90 %]")


def simulated_figures() -> None:
    u = np.linspace(0, 1, 2000)
    slow = np.column_stack([50 + 400 * u, 100 + 30 * u])
    lobes = np.column_stack([100 + 300 * u, 200 + 25 * np.sin(6 * np.pi * u)])
    cases = {
        "slow line, its inside at 10 [0.72], 30 [0.12], 60 [0.05], 100": (slow, 6.0, (10, 30, 60, 100), 12.0),
        "circle r 100 in 2.5 s [0.3]": (circle(100), 2.5, (30, 45, 60, 100), 0.0),
        "circle r 40 in 0.6 s [0.8]": (circle(40), 0.6, (10, 45, 60, 100), 0.0),
        "lobes [0.4]": (lobes, 2.5, (30, 45, 60, 100), 0.0),
    }
    print("the simulated hand, 1.5 px of tremor: RMS px to the meant path")
    for name, (path, seconds, strengths, ends) in cases.items():
        cells = []
        for strength in strengths:
            values = []
            for seed in range(70, 78):
                trace = drawn(path, seconds, rate_hz=200, hand=Hand(1.5), device=DEVICE, seed=seed)
                line = stroke(trace, now=NOW, after=strength, tremor_px=1.5).line.xy
                inside = np.minimum(np.hypot(*(line - line[0]).T), np.hypot(*(line - line[-1]).T)) >= ends
                gaps = shapely.distance(shapely.points(line[inside]), shapely.LineString(path))
                values.append(rms(gaps))
            cells.append(f"{np.mean(values):8.3f}")
        print(f"    {name:66}" + "".join(cells), flush=True)


def rate_figures() -> None:
    print("125 against 1000 Hz, recordings of 900 px with 1 px of tremor: 95th percentile and farthest, px")
    for name, now, after, wanted in (("after 45", 0.0, 45.0, "[0.5, 1.5]"), ("live 40", 40.0, 0.0, "[1, 3]")):
        gaps = []
        for k, m in enumerate(recordings(900, every=2 * EVERY)):
            lines = []
            for rate in (125, 1000):
                trace = reported(m, tremor_px=1.0, seed=k, rate_hz=rate)
                lines.append(stroke(trace, now=now, after=after, tremor_px=1.0).line.xy)
            short = shapely.LineString(lines[0])
            inside = lines[1][np.hypot(*(lines[1] - lines[1][-1]).T) > 12]
            if len(inside):
                gaps.append(float(shapely.distance(shapely.points(inside), short).max()))
        print(f"    {name:38}{np.percentile(gaps, 95):8.2f}{max(gaps):8.2f}  {wanted}", flush=True)


def time_figures() -> None:
    u = np.linspace(0, 1, 2000)
    trace = drawn(np.column_stack([50 + 800 * u, 100 + 60 * np.sin(9 * u)]), 10.0, rate_hz=200, hand=Hand(1.0), seed=1)
    trace = Trace(trace.samples[:2000])
    for name, work in (
        ("steady after, 2,000 samples [8 ms]", lambda: steady_after(trace, 45.0)),
        ("steady now, 2,000 samples [40 ms]", lambda: steady_now(trace, 20.0)),
    ):
        work()
        times = []
        for _ in range(15):
            start = time.perf_counter()
            work()
            times.append((time.perf_counter() - start) * 1e3)
        print(f"    {name:38}{np.median(times):8.2f} ms median")


PARTS = {
    "recorded": recorded_figures, "letters": letter_figures, "quick": quick_figures, "simulated": simulated_figures,
    "rates": rate_figures, "times": time_figures,
}  # fmt: skip


def main() -> None:
    for part in PARTS.values():
        part()


if __name__ == "__main__":
    for name in sys.argv[1:] or PARTS:
        PARTS[name]()
