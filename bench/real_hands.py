"""Motions that nobody here made, as devices would report them.

Recorded pointer motions: the PyPI package `cursory` (2,356 recordings of x, y in px and t in ms), scaled to a size and
low-passed at 12 Hz; what is left is the truth. Letters: single-line glyphs of the PyPI package `Hershey-Fonts` (A. V.
Hershey's fonts of 1967), drawn at the speed of the two-thirds power law (Lacquaniti, Terzuolo and Viviani 1983: speed
goes with the cube root of the radius of curvature), low-passed at 10 Hz.
"""

from __future__ import annotations

import gzip
import json
from collections.abc import Iterator
from functools import cache
from importlib import resources
from typing import Any

import numpy as np
from HersheyFonts import HersheyFonts
from numpy.typing import NDArray
from scipy.interpolate import PchipInterpolator
from scipy.signal import butter, filtfilt

from jotsk.core.hand import Trace, trace_from
from jotsk.core.hand.simulated_pen import tremor

FINE_HZ = 1000
RATE_HZ = 200
GRID_PX = 0.25
RECORDED_HZ, WRITTEN_HZ = 12.0, 10.0  # the truth is what lies below
SHORTEST_S = 0.25  # recordings that are over sooner, or go nowhere, tell nothing

Motion = tuple[NDArray[np.float64], NDArray[np.float64]]  # t (N,) s at FINE_HZ, and the true places (N, 2) px


@cache
def _recordings() -> list[dict[str, Any]]:
    data = (resources.files("cursory") / "trajectories.json.gz").read_bytes()
    return json.loads(gzip.decompress(data))


def recordings(size_px: float, *, every: int = 2, first: int = 0) -> Iterator[Motion]:
    """The even-numbered recordings, or every so many of them, each as large as `size_px` along its longer side."""
    for number in range(first, len(_recordings()), every):
        motion = recording(number, size_px)
        if motion is not None:
            yield motion


def recording(number: int, size_px: float) -> Motion | None:
    record = _recordings()[number]
    xy, t = np.array(record["points"], float), np.array(record["timing"], float) / 1000
    keep = np.concatenate([[True], np.diff(t) > 0])
    xy, t = xy[keep], t[keep] - t[0]
    extent = np.ptp(xy, axis=0).max() if len(xy) > 3 else 0.0
    if extent < 20 or t[-1] < SHORTEST_S:
        return None
    fine = np.arange(0, t[-1], 1 / FINE_HZ)
    places = PchipInterpolator(t, (xy - xy[0]) * size_px / extent)(fine)
    return fine, low_passed(places, RECORDED_HZ) + 100.0


def low_passed(xy: NDArray[np.float64], cutoff_hz: float) -> NDArray[np.float64]:
    b, a = butter(2, cutoff_hz / (FINE_HZ / 2))
    pad = min(len(xy) - 1, 300)
    return filtfilt(b, a, xy, axis=0, padlen=pad)


@cache
def glyphs(font: str = "scripts") -> tuple[NDArray[np.float64], ...]:
    """The lower-case letters that are one line, each as (N, 2) with a height of its x of about 1."""
    found = []
    letters = HersheyFonts()
    letters.load_default_font(font)
    for character in "abcdeghlmnoprsuvwyz":
        lines = [np.array(line, float) for line in letters.strokes_for_text(character)]
        longest = max(lines, key=len)
        found.append(longest)
    height = np.median([np.ptp(line[:, 1]) for line in found])
    return tuple((line - line[0]) / height for line in found)


def letters(height_px: float, seconds: float) -> Iterator[Motion]:
    """Each letter at the speed of the two-thirds power law, in so many seconds."""
    for glyph in glyphs():
        yield written(glyph * height_px, seconds)


def written(points: NDArray[np.float64], seconds: float) -> Motion:
    """A polyline drawn as a hand does: rounded, slow where it bends."""
    along = np.concatenate([[0], np.cumsum(np.hypot(*np.diff(points, axis=0).T))])
    keep = np.concatenate([[True], np.diff(along) > 0])
    s = np.linspace(0, along[-1], 1500)
    path = PchipInterpolator(along[keep], points[keep])(s)
    kernel = np.hanning(61) / np.hanning(61).sum()
    path = np.column_stack([np.convolve(np.pad(c, 30, "edge"), kernel, "valid") for c in path.T])
    d1 = np.gradient(path, s, axis=0)
    d2 = np.gradient(d1, s, axis=0)
    curvature = np.abs(d1[:, 0] * d2[:, 1] - d1[:, 1] * d2[:, 0]) / np.maximum(np.hypot(*d1.T), 1e-9) ** 3
    speed = (curvature + 2.0 / along[-1]) ** (-1 / 3)
    edge = np.minimum(1.0, np.minimum(s, s[-1] - s) / (0.08 * s[-1]) + 0.05)  # a hand starts and stops
    steps = np.hypot(*np.diff(path, axis=0).T) / (speed * edge)[1:]
    t = np.concatenate([[0], np.cumsum(np.maximum(steps, 1e-9))])
    fine = np.arange(0, seconds, 1 / FINE_HZ)
    places = np.column_stack([np.interp(fine, t * seconds / t[-1], c) for c in path.T])
    return fine, low_passed(places, WRITTEN_HZ) + 200.0


def reported(
    motion: Motion, *, tremor_px: float = 0.0, seed: int = 0, rate_hz: int = RATE_HZ, pressure: Any = 0.6
) -> Trace:
    """What a device of a quarter px tells of a motion, with so much tremor (RMS an axis) on it."""
    t, xy = motion
    if tremor_px:
        rng = np.random.default_rng(seed)
        xy = xy + np.column_stack([tremor(len(xy), FINE_HZ, tremor_px, rng) for _ in range(2)])
    kept = slice(None, None, FINE_HZ // rate_hz)
    places = np.round(xy[kept] / GRID_PX) * GRID_PX
    felt = pressure if np.isscalar(pressure) else np.asarray(pressure)[kept]
    return trace_from(t[kept], places[:, 0], places[:, 1], felt)
