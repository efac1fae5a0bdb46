"""From what the hand did to width and ink at every sample."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import Trace
from jotsk.core.ink.pens import Drive, Pen

HALF_SPEED_PX_S = 900.0
SPEED_HALF_WINDOW_S = 0.03
FLAT_DEG = 60.0  # as far as most pens can be tilted (common practice)
LEAST_MOVE_PX = 4.0
NIB_ANGLE_RAD = float(np.radians(45.0))


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


def slowness(speed: NDArray[np.float64]) -> NDArray[np.float64]:
    """1 at rest, 1/2 at 900 px a second, towards 0 beyond."""
    return 1 / (1 + (speed / HALF_SPEED_PX_S) ** 2)


def tiltedness(tilt_x: NDArray[np.float64], tilt_y: NDArray[np.float64]) -> NDArray[np.float64]:
    """0 upright, 1 lying as flat as a pen can."""
    return np.minimum(1.0, np.hypot(tilt_x, tilt_y) / FLAT_DEG)


def broadness(line: Trace) -> NDArray[np.float64]:
    """1 where the line runs across a nib held at 45 degrees, 0 where it runs along it."""
    if len(line) < 2:
        return np.ones(len(line))
    along, t = line.xy, line.t
    early, late = np.maximum(t - SPEED_HALF_WINDOW_S, t[0]), np.minimum(t + SPEED_HALF_WINDOW_S, t[-1])
    d = np.column_stack([np.interp(late, t, c) - np.interp(early, t, c) for c in along.T])
    broad = np.abs(np.sin(np.arctan2(-d[:, 1], d[:, 0]) - NIB_ANGLE_RAD))
    # A hand at rest has no direction: it has that of the nearest moment at which it moved.
    moving = np.flatnonzero(np.hypot(*d.T) >= LEAST_MOVE_PX)
    return np.interp(np.arange(len(line)), moving, broad[moving]) if len(moving) else broad


def widths_and_ink(state: HandState, pen: Pen, size_px: float) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Radius in px and ink 0..255 at every sample."""
    radius = 0.5 * size_px * _share(pen.width, state)
    ink = 255.0 * _share(pen.ink, state)
    if "tilt" in pen.drivers:
        radius = radius * (1 + (pen.tilt_widens - 1) * state.tilt)
        ink = ink * (1 - pen.tilt_softens * state.tilt)
    return radius, ink


def _share(drive: Drive, state: HandState) -> NDArray[np.float64]:
    return drive(state.value(drive.by))
