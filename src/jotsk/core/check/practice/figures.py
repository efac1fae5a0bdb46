"""What is measured on a stroke that was drawn for a task."""

from __future__ import annotations

import math
from dataclasses import dataclass, fields
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.practice.sheets import Task
from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import Trace
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.words import tr

WOBBLE_HZ = (3.0, 13.0)  # tremor of a hand lies at 8 to 12 Hz, its corrections from 3 Hz on
RATE_HZ = 200.0
DETREND = 6  # the degree of the polynomial that is no wobble but a bow
BEYOND_PX = 600.0  # of an end, where a curve goes on straight
FADED = 0.7  # of its weight in the middle: lighter, a line fades
MIDDLE = (0.3, 0.7)
REPEATED = 64  # places of a signature


@dataclass(frozen=True, slots=True)
class Figures:
    """Of one stroke, in mm, s and degrees; NaN where it does not apply. `off` is the RMS distance to what was to be
    drawn, `wobble` that part of it between 3 and 13 Hz, `beyond` how far the end lies past the middle of its zone
    (below 0: before it), `fade` how long the line is too light before its end, `speed` mm/s, `width_off` the RMS
    difference of its weight from what was wanted, `spacing` and `evenness` those of hatching: the standard deviation of
    the distances by their mean, and of the weights. `worst` is the place, page px, where it is farthest off."""

    off: float = math.nan
    wobble: float = math.nan
    beyond: float = math.nan
    fade: float = math.nan
    speed: float = math.nan
    width_off: float = math.nan
    spacing: float = math.nan
    evenness: float = math.nan
    direction: float = math.nan
    worst: tuple[float, float] = (math.nan, math.nan)


NUMBERS = tuple(field.name for field in fields(Figures) if field.name != "worst")
WORDS = {
    "off": (tr("off the line"), "mm"), "wobble": (tr("wobble"), "mm"), "beyond": (tr("past the end"), "mm"),
    "fade": (tr("fades"), "mm"), "speed": (tr("speed"), "mm/s"), "width_off": (tr("weight off"), "mm"),
    "spacing": (tr("spacing uneven by"), "%"), "evenness": (tr("weight uneven by"), "%"),
}  # fmt: skip


def measured(task: Task, trace: Trace, dpi: float, widths: NDArray[np.float64] | None = None) -> Figures:
    """Measure the motion of a stroke against its task. `widths`, (N,) px, is how thick the stroke became at even shares
    of its length, for the tasks that ask for a weight."""
    mm = MM_PER_INCH / dpi
    xy = trace.xy
    if task.kind == "dots" or len(xy) < 3:
        at = xy.mean(axis=0) if len(xy) else np.array([math.nan, math.nan])
        return Figures(off=mm * math.dist(at, task.path[0]), worst=(float(at[0]), float(at[1])))
    if task.kind == "signature":
        return Figures(speed=_speed(trace) * mm, direction=0.0)
    off, along = _deviation(task, xy)
    worst = int(np.abs(off).argmax())
    return Figures(
        off=mm * float(np.sqrt((off**2).mean())),
        wobble=mm * wobble_rms(trace.t, off),
        beyond=math.nan if task.is_closed or not task.zone else mm * float(along[-1] - task.length),
        fade=math.nan
        if task.widths is not None
        else mm * _fade(trace.pressure, np.maximum.accumulate(np.abs(along - along[0]))),
        speed=_speed(trace) * mm,
        width_off=math.nan if task.widths is None or widths is None else mm * _width_off(task.widths, widths),
        direction=math.nan if task.direction is None else task.direction,
        worst=(float(xy[worst, 0]), float(xy[worst, 1])),
    )


def _deviation(task: Task, xy: NDArray[np.float64]) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """How far each place lies across what was to be drawn, px, and how far along it; a straight line goes on beyond
    its ends."""
    path = task.path
    if task.direction is not None:
        way = path[-1] - path[0]
        way = way / np.hypot(*way)
        rest = xy - path[0]
        across = rest[:, 0] * way[1] - rest[:, 1] * way[0]
        if task.repeats > 1:
            across = across - across.mean()
        return across, rest @ way
    begin = 0.0
    if not task.is_closed:  # it goes on straight
        first, last = path[0] - path[1], path[-1] - path[-2]
        begin = BEYOND_PX
        path = np.vstack([
            path[0] + first / np.hypot(*first) * begin, path, path[-1] + last / np.hypot(*last) * begin,
        ])  # fmt: skip
    length = arc_lengths(path) - begin
    a, step = path[:-1], np.diff(path, axis=0)
    square = np.maximum((step**2).sum(axis=1), 1e-12)
    share = np.clip(((xy[:, None] - a[None]) * step[None]).sum(axis=2) / square, 0, 1)
    away = xy[:, None] - (a[None] + share[..., None] * step[None])
    far = np.hypot(away[..., 0], away[..., 1])
    k = far.argmin(axis=1)
    rows = np.arange(len(xy))
    side = np.sign(step[k, 0] * away[rows, k, 1] - step[k, 1] * away[rows, k, 0])
    along = length[k] + share[rows, k] * np.sqrt(square[k])
    return side * far[rows, k], np.unwrap(along, period=task.length) if task.is_closed else along


def wobble_rms(t: NDArray[np.float64], off: NDArray[np.float64]) -> float:
    """RMS of a deviation between 3 and 13 Hz: by the periodogram of even samples, without the polynomial fitted to them
    (Parseval's theorem)."""
    if t[-1] - t[0] < 1.0 / WOBBLE_HZ[0]:
        return math.nan
    even = np.arange(t[0], t[-1], 1.0 / RATE_HZ)
    values = np.interp(even, t, off)
    at = np.linspace(-1, 1, len(values))
    values = values - np.polynomial.Polynomial.fit(at, values, DETREND)(at)
    power = np.abs(np.fft.rfft(values)) ** 2
    hz = np.fft.rfftfreq(len(values), 1.0 / RATE_HZ)
    inside = (hz >= WOBBLE_HZ[0]) & (hz <= WOBBLE_HZ[1])
    return float(np.sqrt(2.0 * power[inside].sum()) / len(values))


def _fade(pressure: NDArray[np.float64], along: NDArray[np.float64]) -> float:
    """How long the end of a line is lighter than its middle, px."""
    if along[-1] <= 0:
        return 0.0
    share = along / along[-1]
    middle = pressure[(share >= MIDDLE[0]) & (share <= MIDDLE[1])]
    if not len(middle):
        return 0.0
    least = FADED * float(np.median(middle))
    full = np.flatnonzero(pressure >= least)
    if not len(full):
        return float(along[-1])
    k = int(full[-1])
    if k == len(pressure) - 1:
        return 0.0
    between = (pressure[k] - least) / max(1e-9, pressure[k] - pressure[k + 1])
    return float(along[-1] - along[k] - between * (along[k + 1] - along[k]))


def _speed(trace: Trace) -> float:
    """Px a second."""
    return float(arc_lengths(trace.xy)[-1]) / max(1e-6, trace.duration_s)


def _width_off(wanted: NDArray[np.float64], widths: NDArray[np.float64]) -> float:
    share = np.linspace(0, 1, len(widths))
    return float(np.sqrt(((np.interp(share, np.linspace(0, 1, len(wanted)), wanted) - widths) ** 2).mean()))


def evenness(task: Task, traces: list[Trace]) -> tuple[float, float]:
    """Of hatching: the standard deviation of the distances between neighbours by their mean, and of the weights by
    theirs, in per cent; NaN for fewer than three strokes."""
    if len(traces) < 3:
        return math.nan, math.nan
    way = task.path[-1] - task.path[0]
    way = way / np.hypot(*way)
    across = np.sort([float((t.xy[:, 1] * way[0] - t.xy[:, 0] * way[1]).mean()) for t in traces])
    gaps = np.diff(across)
    force = np.array([float(np.median(t.pressure)) for t in traces])
    return 100 * float(gaps.std(ddof=1) / gaps.mean()), 100 * float(force.std(ddof=1) / max(1e-9, force.mean()))


def unlikeness(traces: list[Trace]) -> float:
    """How unlike each other repeated signatures are: the RMS distance of like places of two in a row, moved and scaled
    onto each other, by their size, in per cent (full Procrustes distance without turning: Gower 1975)."""
    shapes = []
    for trace in traces:
        along = arc_lengths(trace.xy)
        if along[-1] <= 0:
            continue
        at = np.linspace(0, along[-1], REPEATED)
        places = np.column_stack([np.interp(at, along, trace.xy[:, k]) for k in (0, 1)])
        places -= places.mean(axis=0)
        shapes.append(places / np.sqrt((places**2).sum(axis=1).mean()))
    if len(shapes) < 2:
        return math.nan
    steps = [np.sqrt(((a - b) ** 2).sum(axis=1).mean()) for a, b in pairwise(shapes)]
    return 100 * float(np.mean(steps))
