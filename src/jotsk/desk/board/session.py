"""One stroke, from the touch of the pen to its lift."""

from __future__ import annotations

import math
import time

import numpy as np

from jotsk.core.geometry import Rect
from jotsk.core.hand import ResponseCurve, Sample, SpeedWeight, cleaned
from jotsk.core.ink import Color, Cut, Pen, Stroke, WetInk
from jotsk.core.ink.blend_kernel import INKS, RUBS
from jotsk.core.ink.stroke import packed
from jotsk.core.page import WetLayer
from jotsk.desk.hand import Hold


class Session:
    """Takes samples, grows wet ink, and ends as a stroke or a cut."""

    def __init__(
        self,
        pen: Pen,
        hold: Hold,
        color: Color,
        uid: int,
        scale: float,
        *,
        has_pressure: bool,
        feel: ResponseCurve | None = None,
    ) -> None:
        self.pen, self.color = pen, pen.own_color or color
        self._hold = Hold(hold.size_px, hold.steady_now, hold.steady_after)
        self._scale = scale
        self._ink = WetInk(pen, hold.size_px, hold.steady_now, scale)
        self._weight = None if has_pressure else SpeedWeight(scale)
        self._feel = _table(feel) if feel is not None and has_pressure else None
        self._clock = EventClock()
        self._samples: list[Sample] = []
        self.area = Rect(0, 0, 0, 0)  # page px that ever showed wet ink
        self.wet = WetLayer(uid, self._ink.alpha, packed(self.color), RUBS if pen.rubs else INKS)

    def push(self, t_ms: float, x: float, y: float, pressure: float, tilt_x: float = 0.0, tilt_y: float = 0.0) -> bool:
        """Take one report of the device, page px; False if it says nothing that can be used."""
        if not (math.isfinite(x) and math.isfinite(y)):
            return False
        if not math.isfinite(pressure):
            pressure = self._samples[-1].pressure if self._samples else 1.0
        pressure = min(1.0, max(0.0, pressure))
        if self._feel is not None:
            pressure = self._feel[round(pressure * FEEL_STEPS)]
        sample = Sample(self._clock.read(t_ms), x, y, pressure, tilt_x, tilt_y)
        if self._weight is not None:
            sample = self._weight.weighed(sample)
        self._samples.append(sample)
        self._ink.take(sample)
        return True

    def paint(self) -> Rect:
        """Paint the samples taken since the last time; return the page rectangle whose ink changed."""
        changed = self._ink.paint()
        self.area |= changed
        return changed

    @property
    def cells(self) -> set[tuple[int, int]]:
        """(column, row) of the tiles that ever showed wet ink."""
        return self._ink.cells

    @property
    def towed_at(self) -> tuple[float, float] | None:
        """Where the ink is on its rope, page px; None if it is not towed."""
        towed = self.pen.way == "tow" and self._hold.steady_now > 0 and self._samples
        return self._ink.ink_at if towed else None

    def lift(self, t_ms: float, x: float, y: float) -> None:
        """The pen left at (x, y): the line ends there. A lift has no pressure of its own, so the last one holds."""
        last = self._samples[-1] if self._samples else None
        if last is not None and (last.x, last.y) != (x, y):
            felt, self._feel = self._feel, None  # the last pressure was felt already
            self.push(t_ms, x, y, last.pressure, last.tilt_x, last.tilt_y)
            self._feel = felt

    def stroke(self) -> Stroke | None:
        """The finished stroke; None if no sample came."""
        trace = cleaned(self._samples)
        if not len(trace):
            return None
        hold = self._hold
        return Stroke(trace, self.pen, hold.size_px, self.color, hold.steady_now, hold.steady_after, self._scale)

    def cut(self) -> Cut | None:
        stroke = self.stroke()
        return None if stroke is None else Cut(stroke.ribbon, self.pen.shells)


FEEL_STEPS = 4096


def _table(feel: ResponseCurve) -> list[float]:
    """The feel at even steps of pressure, so that a sample costs one look."""
    return feel(np.linspace(0.0, 1.0, FEEL_STEPS + 1)).tolist()


class EventClock:
    """Seconds since the first event, from the device's own times; where those stall, from the computer's clock."""

    def __init__(self) -> None:
        self._first: float | None = None
        self._last_ms = 0.0
        self._last_s = 0.0
        self._seen = 0.0

    def read(self, t_ms: float) -> float:
        now = time.monotonic()
        if self._first is None:
            self._first = t_ms
        elif t_ms > self._last_ms:
            self._last_s += (t_ms - self._last_ms) / 1000
        else:
            self._last_s += max(1e-4, now - self._seen)
        self._last_ms = max(t_ms, self._last_ms) if self._seen else t_ms
        self._seen = now
        return self._last_s
