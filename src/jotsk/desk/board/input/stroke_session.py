"""One stroke, from the touch of the pen to its lift."""

from __future__ import annotations

import math
import time
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.guides import Hold, Line, Rail, first_motion, holder
from jotsk.core.guides.choosing import Following, can_hold, means
from jotsk.core.guides.guidance import FREELY, STEP_DEG, STEPPED, Guidance
from jotsk.core.guides.rails import degrees_of
from jotsk.core.guides.regular import pulled, regular
from jotsk.core.guides.settling import Reading, settled
from jotsk.core.guides.symmetry import copies
from jotsk.core.hand import ResponseCurve, Sample, SpeedWeight, Trace, TremorMeter, cleaned
from jotsk.core.hand.fence import Fence
from jotsk.core.ink import TILE, Color, Pen, WetInk
from jotsk.core.ink.color import packed
from jotsk.core.ink.wet_figure import wet_ink
from jotsk.core.marks import Cut, Stroke
from jotsk.core.marks.shown import ShownInk
from jotsk.core.page import WetLayer
from jotsk.core.page.compose.layer_kernel import INKS, RUBS
from jotsk.desk.document.background_step import takes_long
from jotsk.desk.pens.hand import PenSettings

GOES_ON_PX = 14.0  # screen px: a pen that leaves a settled open shape draws on
MOST_STRAIGHT = 60  # samples shown of a straight line while it is pulled: its middle hides nothing


class StrokeSession:
    """Takes samples, grows wet ink, and ends as a stroke or a cut."""

    def __init__(
        self,
        pen: Pen,
        settings: PenSettings,
        color: Color,
        uid: int,
        scale: float,
        *,
        has_pressure: bool,
        feel: ResponseCurve | None = None,
        guidance: Guidance | None = None,
        page: Rect | None = None,
        meter: TremorMeter | None = None,
    ) -> None:
        """`page` is where there can be ink, page px; `meter` learns the tremor of the hand."""
        self._meter = meter or TremorMeter()
        self.pen, self.color = pen, pen.own_color or color
        self._settings = replace(settings)  # as they are now
        self._scale = scale
        self._page = page
        self._fence = Fence.around(page) if page is not None else None
        self._guidance = guidance or Guidance()
        self._copies = tuple(copies(self._guidance.guides)) if self._guidance.repeats else ()
        self._rail: Rail | None = None
        self._is_decided = self._guidance.course == FREELY and not can_hold(self._guidance.guides)
        self.held_by: int | None = None  # the guide that holds, by its place in the list
        self._following: Following | None = None  # whether the stroke still means that guide
        self._ink = self._fresh_ink()
        self._given_up: list[Rect] = []  # where ink was shown on another rail
        self._weight = None if has_pressure else SpeedWeight(scale)
        self._feel = _table(feel) if feel is not None and has_pressure else None
        self._clock = EventClock()
        self._samples: list[Sample] = []
        self.area = Rect(0, 0, 0, 0)  # page px that ever showed wet ink
        self._cells: set[tuple[int, int]] = set()
        self.shape: SettledShape | None = None
        self._shown: ShownInk | None = None  # of the shape
        self._held_at = (0.0, 0.0)  # page px where the pen rested, and takes hold of the shape
        does = RUBS if pen.rubs else INKS
        self.wet = WetLayer(
            uid, lambda *tile: (self._shown or self._ink).alpha(*tile), packed(self.color), does,
            self._hidden if pen.cord > 0 and not pen.rubs else None,
        )  # fmt: skip

    def _hidden(self, level: int, column: int, row: int) -> NDArray[np.uint8] | None:
        """What the wet cord hides of a tile, at a halving of the page."""
        return (self._shown or self._ink).hidden(level, column, row)

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
        for held in (sample,) if self._fence is None else self._fence.held(sample):
            self._take(held)
        return True

    def _take(self, sample: Sample) -> None:
        self._samples.append(sample)
        if self.shape is not None:
            self._pull_shape(sample.x, sample.y)
        elif self._guidance.course != FREELY:
            self._pull_straight()
        elif self._following is not None and self._following.bends_away(sample.x, sample.y):
            self._release()
        elif self._is_decided or not self._choose():
            self._ink.take(sample)

    def paint(self) -> list[Rect]:
        """Paint the samples taken since the last time; return the page rectangles whose ink changed."""
        changed = (self._ink.paint() if self._shown is None else []) + self._given_up
        self._given_up = []
        for rect in changed:
            self.area |= rect
        return changed

    @property
    def cells(self) -> set[tuple[int, int]]:
        """(column, row) of the tiles that ever showed wet ink."""
        return self._cells | self._ink.cells

    @property
    def is_straight(self) -> bool:
        return self._guidance.course != FREELY and self.shape is None

    @property
    def is_long(self) -> bool:
        """Whether it is so long that it takes long to dry."""
        return takes_long(len(self._samples), len(self.cells), self.pen, self._settings.size_px)

    def set_course(self, course: str, turned_deg: float) -> None:
        """Run straight from where it began from now on, or as the hand goes again."""
        if course == self._guidance.course:
            return
        if self.shape is not None:  # a settled shape becomes regular instead
            self._guidance = replace(self._guidance, course=course, turned_deg=turned_deg)
            self._pull_shape(*self._held_at)
            return
        self._guidance = replace(self._guidance, course=course, turned_deg=turned_deg)
        self._is_decided = course == FREELY and not can_hold(self._guidance.guides)
        if not self._samples:
            return
        if course == FREELY:
            self._begin_anew(None, self._samples)
            if not self._is_decided:
                self._choose()
        else:
            self.held_by = self._following = None
            self._pull_straight()

    def settle(self, hold_s: float, page: Rect) -> bool:
        """If the pen has rested for `hold_s` seconds, become the shape the stroke resembles; whether it did."""
        if self.pen.rubs or self.shape is not None or self._rail is not None or len(self._samples) < 3:
            return False
        last = self._samples[-1]
        found = settled(cleaned([*self._samples, last._replace(t=self._clock.now())]), hold_s=hold_s, scale=self._scale)
        if found is None:
            return False
        motion, all_readings = found
        self.shape = SettledShape(motion, tuple(all_readings), all_readings[0], page)
        self._held_at = last.x, last.y
        self._show_shape(self.shape)
        return True

    def _pull_shape(self, x: float, y: float) -> None:
        """Turn and scale the shape with the pen, which holds it where it came to rest."""
        assert self.shape is not None
        reading = self.shape.readings[0]
        if reading.is_open and math.dist(self._held_at, (x, y)) * self._scale > GOES_ON_PX:
            self._go_on()
            return
        reading = replace(reading, hold=pulled(reading.hold, self._held_at, (x, y)))
        if self._guidance.course != FREELY:
            reading = regular(reading, self._guidance.turned_deg)
        self._show_shape(replace(self.shape, reading=reading))

    def _go_on(self) -> None:
        """The pen goes on from an open shape: it rested on its way, and the line is the hand's again."""
        assert self._shown is not None
        self._cells |= self._shown.cells
        self._given_up += [Rect.of_cell(key, TILE) for key in self._shown.cells]
        self.shape = self._shown = None
        self._begin_anew(self._rail, self._samples)

    def _show_shape(self, shape: SettledShape) -> None:
        self.shape = shape
        before = (self._shown or self._ink).cells
        drawn = self._stroke_of(shape.motion)
        self._shown = ShownInk(drawn.settled(shape.reading.hold), shape.page) if drawn else None
        after = self._shown.cells if self._shown else set()
        self._cells |= before | after
        self._given_up += [Rect.of_cell(key, TILE) for key in before | after]

    def _choose(self) -> bool:
        """Find the guide that the stroke means, as soon as there is enough of it to tell; whether the ink was begun
        anew on its rail. Until then the line is the hand's, so that it does not jump from rail to rail."""
        xy = np.array([(s.x, s.y) for s in self._samples])
        start, towards, self._is_decided = first_motion(xy, self._scale)
        held = holder(self._guidance.guides, start, towards, self._scale)
        if held is None or not (self._is_decided or held.alone) or held.rail == self._rail:
            return False
        self.held_by = held.index
        self._following = None
        if not held.alone:
            self._following = Following(held.rail, self._scale)
            for x, y in xy.tolist():
                self._following.bends_away(x, y)
        self._begin_anew(held.rail, self._samples)
        return True

    def _release(self) -> None:
        """The stroke has left its rail: all of it is as it was drawn."""
        self.held_by = self._following = None
        self._begin_anew(None, self._samples)

    def _decide_at_the_end(self) -> None:
        """The whole stroke decides: a short one takes its rail now, and one that was taken may be free after all."""
        if self._rail is None or self.shape is not None or self._guidance.course != FREELY or not self._samples:
            return
        if self._following is not None and not means(self.trace.xy, self._rail, self._scale):
            self._release()

    def _pull_straight(self) -> None:
        """The line from where the stroke began to the pen, as the only thing shown."""
        first, last = self._samples[0], self._samples[-1]
        rail = Line.through((first.x, first.y), (last.x, last.y))
        if rail is not None and self._guidance.course == STEPPED:
            turned = self._guidance.turned_deg
            angle = turned + STEP_DEG * round((degrees_of(*rail.along) - turned) / STEP_DEG)
            rail = Line.at_angle(rail.at, angle)
        few = self._samples[:: max(1, len(self._samples) // MOST_STRAIGHT)]
        self._begin_anew(rail, few if few[-1] is last else [*few, last])

    def _begin_anew(self, rail: Rail | None, samples: Sequence[Sample]) -> None:
        """Show other ink from now on: the same samples on another rail."""
        self._cells |= self._ink.cells
        self._given_up += [Rect.of_cell(key, TILE) for key in self._ink.cells]
        self._rail = rail
        self._ink = self._fresh_ink()
        for sample in samples:
            self._ink.take(sample)

    def _fresh_ink(self) -> WetInk:
        strength = 0.0 if self._guidance.course != FREELY else self._settings.steady_now
        return wet_ink(
            self.pen,
            self._settings.size_px,
            strength,
            self._scale,
            rail=self._rail,
            copies=self._copies,
            page=self._page,
        )

    @property
    def towed_at(self) -> tuple[float, float] | None:
        """Where the ink is on its rope, page px; None if it is not towed."""
        towed = self.pen.way == "tow" and self._settings.steady_now > 0 and self._samples
        return self._ink.ink_at if towed else None

    def lift(self, t_ms: float, x: float, y: float) -> None:
        """The pen left at (x, y): the line ends there. A lift has no pressure of its own, so the last one holds."""
        last = self._samples[-1] if self._samples else None
        if last is not None and (last.x, last.y) != (x, y):
            felt, self._feel = self._feel, None  # the last pressure was felt already
            self.push(t_ms, x, y, last.pressure, last.tilt_x, last.tilt_y)
            self._feel = felt

    @property
    def trace(self) -> Trace:
        """The motion so far."""
        return cleaned(self._samples)

    def stroke(self) -> Stroke | None:
        """The finished stroke; None if no sample came."""
        self._decide_at_the_end()
        trace = self.trace
        stroke = self._stroke_of(trace)
        if stroke is not None and not self.pen.rubs:
            stroke = replace(stroke, tremor_px=self._meter.judged(trace, self._scale))
        return stroke and stroke.drawn_as(self._ink.drawn_line(trace, self._settings.steady_now))

    def _stroke_of(self, trace: Trace) -> Stroke | None:
        if not len(trace):
            return None
        settings = self._settings
        return Stroke(
            trace, self.pen, settings.size_px, self.color, settings.steady_now, settings.steady_after, self._scale,
            hold=Hold(self._rail) if self._rail is not None else None, copies=self._copies,
            tremor_px=self._meter.tremor_px,
        )  # fmt: skip

    def cut(self) -> Cut | None:
        stroke = self.stroke()
        return None if stroke is None else Cut(stroke.ribbon, self.pen.shells)


@dataclass(frozen=True)
class SettledShape:
    """What a stroke settled into: its motion without the rest, all it can be read as, and as what it is shown."""

    motion: Trace
    readings: tuple[Reading, ...]
    reading: Reading
    page: Rect


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

    def now(self) -> float:
        """The time of something that happens without an event, such as a pen that rests."""
        return self._last_s + max(1e-4, time.monotonic() - self._seen)

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
