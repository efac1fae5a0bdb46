"""From what the hand did to width and ink at every sample: of a whole line, and of one that still grows."""

from __future__ import annotations

import math
from collections import deque
from dataclasses import dataclass
from typing import TypeVar

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import Sample, Trace
from jotsk.core.ink.pens import Pen

HALF_SPEED_PX_S = 900.0
SPEED_HALF_WINDOW_S = 0.03
FLAT_DEG = 60.0  # as far as most pens can be tilted (common practice)
LEAST_MOVE_PX = 4.0
NIB_ANGLE_RAD = float(np.radians(45.0))
STEPS = 1024  # of the tables for one sample
AMOUNTS = np.linspace(0.0, 1.0, STEPS + 1)


V = TypeVar("V", float, NDArray[np.float64])  # one value, or one for every sample


@dataclass(frozen=True, slots=True, eq=False)
class HandState:
    """Driver values 0..1 at every sample; a driver no one asked for is 1."""

    pressure: NDArray[np.float64]
    speed: NDArray[np.float64]
    tilt: NDArray[np.float64]
    direction: NDArray[np.float64]

    def value(self, driver: str) -> NDArray[np.float64]:
        return np.ones_like(self.pressure) if driver == "nothing" else getattr(self, driver)


def state_of(line: Trace, pen: Pen, scale: float) -> HandState:
    """Return what drives `pen` along a line; `scale` is screen px per page px."""
    drivers, ones = pen.drivers, np.ones(len(line))
    speed = slowness(speeds(line) * scale) if "speed" in drivers else ones
    tilt = tiltedness(line.samples[:, 4], line.samples[:, 5]) if "tilt" in drivers else ones
    direction = broadness(line) if "direction" in drivers else ones
    return HandState(line.pressure, speed, tilt, direction)


def speeds(line: Trace) -> NDArray[np.float64]:
    """Speed in px a second at every sample, over 60 ms around it."""
    if len(line) < 2:
        return np.zeros(len(line))
    along, t = arc_lengths(line.xy), line.t
    early, late = np.maximum(t - SPEED_HALF_WINDOW_S, t[0]), np.minimum(t + SPEED_HALF_WINDOW_S, t[-1])
    return (np.interp(late, t, along) - np.interp(early, t, along)) / np.maximum(late - early, 1e-6)


def slowness(speed: V) -> V:
    """1 at rest, 1/2 at 900 px a second, towards 0 beyond."""
    return 1 / (1 + (speed / HALF_SPEED_PX_S) ** 2)


def tiltedness(tilt_x: ArrayLike, tilt_y: ArrayLike) -> NDArray[np.float64]:
    """0 upright, 1 lying as flat as a pen can."""
    return np.minimum(1.0, np.hypot(tilt_x, tilt_y) / FLAT_DEG)


def across_nib(dx: ArrayLike, dy: ArrayLike) -> NDArray[np.float64]:
    """1 where a motion (dx, dy) runs across a nib held at 45 degrees, 0 where it runs along it."""
    return np.abs(np.sin(np.arctan2(-np.asarray(dy), dx) - NIB_ANGLE_RAD))


def broadness(line: Trace) -> NDArray[np.float64]:
    """How far the line runs across the nib at every sample: `across_nib` over 60 ms around it."""
    if len(line) < 2:
        return np.ones(len(line))
    along, t = line.xy, line.t
    early, late = np.maximum(t - SPEED_HALF_WINDOW_S, t[0]), np.minimum(t + SPEED_HALF_WINDOW_S, t[-1])
    d = np.column_stack([np.interp(late, t, c) - np.interp(early, t, c) for c in along.T])
    broad = across_nib(*d.T)
    # A hand at rest has no direction: it has that of the nearest moment at which it moved.
    moving = np.flatnonzero(np.hypot(*d.T) >= LEAST_MOVE_PX)
    return np.interp(np.arange(len(line)), moving, broad[moving]) if len(moving) else broad


def widths_and_ink(state: HandState, pen: Pen, size_px: float) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Radius in px and ink 0..255 at every sample."""
    return _tilted(
        pen, 0.5 * size_px * pen.width(state.value(pen.width.by)), 255.0 * pen.ink(state.value(pen.ink.by)), state.tilt
    )


def _tilted(pen: Pen, radius: V, ink: V, tilt: V) -> tuple[V, V]:
    return radius * (1 + (pen.tilt_widens - 1) * tilt), ink * (1 - pen.tilt_softens * tilt)


class LiveDynamics:
    """`widths_and_ink` for one sample after another, from tables.

    Speed and direction are those of the 60 ms before a sample: what comes after it is not known yet.
    """

    def __init__(self, pen: Pen, size_px: float, scale: float) -> None:
        self._pen, self._scale = pen, scale
        self._widths = (0.5 * size_px * pen.width(AMOUNTS)).tolist()
        self._inks = (255.0 * pen.ink(AMOUNTS)).tolist()
        self._pressure_only = pen.drivers <= {"pressure"}
        self._recent: deque[tuple[float, float, float, float]] = deque()  # t, x, y, length up to there
        self._broad = 1.0

    def at(self, s: Sample) -> tuple[float, float]:
        """Radius in px and ink 0..255."""
        pen = self._pen
        if self._pressure_only:
            k = int(s.pressure * STEPS + 0.5)
            return (
                self._widths[k if pen.width.by == "pressure" else STEPS],
                self._inks[k if pen.ink.by == "pressure" else STEPS],
            )
        speed, dx, dy = self._motion(s)
        if math.hypot(dx, dy) >= LEAST_MOVE_PX:
            self._broad = float(across_nib(dx, dy))
        tilt = float(tiltedness(s.tilt_x, s.tilt_y))
        values = {
            "pressure": s.pressure, "speed": slowness(speed * self._scale), "tilt": tilt, "direction": self._broad,
            "nothing": 1.0,
        }  # fmt: skip
        radius = self._widths[int(values[pen.width.by] * STEPS + 0.5)]
        return _tilted(pen, radius, self._inks[int(values[pen.ink.by] * STEPS + 0.5)], tilt)

    def _motion(self, s: Sample) -> tuple[float, float, float]:
        """Speed in px a second along the line, and how far it came, over the last 60 ms."""
        recent, along = self._recent, 0.0
        if recent:
            _, x, y, before = recent[-1]
            along = before + math.hypot(s.x - x, s.y - y)
        recent.append((s.t, s.x, s.y, along))
        while len(recent) > 2 and recent[1][0] <= s.t - 2 * SPEED_HALF_WINDOW_S:
            recent.popleft()
        t, x, y, before = recent[0]
        return (along - before) / max(s.t - t, 1e-6), s.x - x, s.y - y
