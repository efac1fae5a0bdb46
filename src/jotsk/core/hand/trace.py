"""The raw motion of the hand."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around

COLUMNS = ("t", "x", "y", "pressure", "tilt_x", "tilt_y")
SLOWEST_DEVICE_S = 0.02  # assumed time between samples whose clock tells nothing: a 50 Hz device
SHORTEST_S = 1e-6
LATEST_S = 1e9
FARTHEST_PX = 1e7  # no page is as large; a driver that says so is wrong


class Sample(NamedTuple):
    """One report of the device: seconds, page px, pressure 0..1, tilt in degrees."""

    t: float
    x: float
    y: float
    pressure: float = 1.0
    tilt_x: float = 0.0
    tilt_y: float = 0.0


@dataclass(frozen=True, slots=True, eq=False)
class Trace:
    """The samples of one stroke as a read-only (N, 6) float64 array with the columns `COLUMNS`."""

    samples: NDArray[np.float64]

    def __post_init__(self) -> None:
        samples = np.array(self.samples, np.float64).reshape(-1, 6)
        samples.setflags(write=False)
        object.__setattr__(self, "samples", samples)

    def __len__(self) -> int:
        return len(self.samples)

    @property
    def t(self) -> NDArray[np.float64]:
        return self.samples[:, 0]

    @property
    def xy(self) -> NDArray[np.float64]:
        return self.samples[:, 1:3]

    @property
    def pressure(self) -> NDArray[np.float64]:
        return self.samples[:, 3]

    @property
    def duration_s(self) -> float:
        return float(self.t[-1] - self.t[0]) if len(self) else 0.0

    @property
    def bounds(self) -> Rect:
        return rect_around(self.xy)


def trace_from(
    t: ArrayLike,
    x: ArrayLike,
    y: ArrayLike,
    pressure: ArrayLike = 1.0,
    tilt_x: ArrayLike = 0.0,
    tilt_y: ArrayLike = 0.0,
) -> Trace:
    """Build a trace from columns of one length; single values are repeated."""
    columns = np.broadcast_arrays(t, x, y, pressure, tilt_x, tilt_y)
    return Trace(np.column_stack([np.atleast_1d(c) for c in columns]))


def cleaned(samples: Iterable[Sample] | NDArray[np.float64]) -> Trace:
    """Return a trace that later steps can trust, from whatever a driver sent.

    Samples with a place that is not finite, or beyond any page, are dropped. Pressure that is not
    finite repeats the value before it (1 if there was none) and all is clipped to 0..1; tilt is
    clipped to +-90 degrees. Where the clock stalls, repeats, runs backwards or is not finite,
    samples are spread evenly up to the next later reading, or at 20 ms if there is none.
    """
    raw = np.array(list(samples) if not isinstance(samples, np.ndarray) else samples, np.float64)
    raw = raw.reshape(-1, 6)
    usable = np.isfinite(raw[:, 1:3]).all(axis=1) & (np.abs(raw[:, 1:3]) < FARTHEST_PX).all(axis=1)
    raw = raw[usable]
    if not len(raw):
        return Trace(raw)
    raw[:, 3] = np.clip(_carried(raw[:, 3], 1.0), 0.0, 1.0)
    raw[:, 4:6] = np.clip(np.nan_to_num(raw[:, 4:6], nan=0.0, posinf=0.0, neginf=0.0), -90.0, 90.0)
    raw[:, 0] = _rising(raw[:, 0])
    return Trace(raw)


def _carried(values: NDArray[np.float64], first: float) -> NDArray[np.float64]:
    """`values` with every non-finite one replaced by the last finite one before it."""
    good = np.isfinite(values)
    index = np.maximum.accumulate(np.where(good, np.arange(len(values)), -1))
    return np.where(index >= 0, values[np.maximum(index, 0)], first)


def _rising(t: NDArray[np.float64]) -> NDArray[np.float64]:
    """`t` made strictly rising, starting at its first finite reading."""
    believed = np.isfinite(t) & (np.abs(t) < LATEST_S)
    if believed.all() and (np.diff(t) >= SHORTEST_S).all():
        return t  # to the last bit
    if not believed.any():
        return np.arange(len(t), dtype=np.float64) * SLOWEST_DEVICE_S
    # A reading counts if it goes beyond every one before it; the samples between two such are spread evenly.
    farthest = np.maximum.accumulate(np.where(believed, t, -LATEST_S))
    before_it = np.concatenate([[-LATEST_S], farthest[:-1]])
    fresh = np.flatnonzero(believed & (t > before_it))
    where = np.arange(len(t), dtype=np.float64)
    rising = np.interp(where, fresh, t[fresh])
    after, before = where > fresh[-1], where < fresh[0]
    rising[after] = t[fresh[-1]] + (where[after] - fresh[-1]) * SLOWEST_DEVICE_S
    rising[before] = t[fresh[0]] - (fresh[0] - where[before]) * SLOWEST_DEVICE_S
    # However close two readings were, time goes on.
    ticks = np.arange(len(t)) * SHORTEST_S
    return np.asarray(np.maximum.accumulate(rising - ticks) + ticks, np.float64)
