"""A line of a pen that is pulled into shape: its ink, the places it is pulled at, and what a pull makes of the pen."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import lru_cache
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import ResponseCurve, Trace, trace_from
from jotsk.core.hand.simulated_pen import smooth_path, tremor
from jotsk.core.ink.pens import LARGEST_PX, SMALLEST_PX, Pen, Profile
from jotsk.core.ink.ribbon import NO_TAPER
from jotsk.core.marks.preview import inked
from jotsk.core.marks.stroke import Stroke
from jotsk.core.words import mark

COURSE = ((0.07, 0.62), (0.2, 0.42), (0.34, 0.36), (0.5, 0.5), (0.66, 0.62), (0.8, 0.52), (0.93, 0.34))
PRESSURE = (0.03, 0.06, 0.14, 0.3, 0.6, 0.95, 1.0, 0.9, 0.6, 0.3, 0.12, 0.04)
TREMOR_PX, RATE_HZ, SECONDS = 1.6, 250, 1.6
THICKEST_SHARE = 0.21  # of the sheet's height, that the line is shown at
MOST_ZOOM = 4.0
ROOM = 0.86  # of the sheet, for a line of one's own
AT = {"lightest": 0.24, "swell": 0.36, "thickest": 0.52, "opacity": 0.62, "steady": 0.74}  # along the line
PX_PER_STEP = 1.2  # of a pull that is not across the line, to one of 0..100
LEAST_OPACITY = 0.05
AROUND = 0.12  # of the input: nearer, a point of the response is moved, else another is put in


class Handle(NamedTuple):
    """Where a line is pulled, and what that changes."""

    at: tuple[float, float]
    out: tuple[float, float]  # away from the line, of length 1
    words: str
    value: str


@dataclass(frozen=True, eq=False)
class Specimen:
    """The line of a pen on a sheet of width x height px, shown at `zoom`."""

    pen: Pen
    stroke: Stroke
    zoom: float
    width: int
    height: int
    handles: dict[str, Handle]
    plain: NDArray[np.float64]  # (N, 3) x, y, radius without tapers, dashes and figures
    share: NDArray[np.float64]  # (N,) along it, 0..1
    pressure: NDArray[np.float64]  # (N,)

    def ink(self) -> NDArray[np.uint8]:
        """(height, width) uint8."""
        return inked(self.stroke, self.width, self.height)

    def pulled(self, handle: str, x: float, y: float, *, began: tuple[float, float] | None = None) -> Pen:
        """The pen after a handle was pulled to a place; `began` is where the pull began, the handle's own place if it
        is not given."""
        pen, size = self.pen, self.pen.size_px * self.zoom
        if handle in ("in", "out"):
            xy = self.plain[:, :2]
            near = int(np.hypot(*(xy - (x, y)).T).argmin())
            along = arc_lengths(xy)
            taper = getattr(pen, f"taper_{handle}")
            reach = float(along[near] if handle == "in" else along[-1] - along[near])
            length = max(0.0, reach / self.zoom - taper.share * float(along[-1]) / self.zoom)
            return replace(pen, **{f"taper_{handle}": replace(taper, length_px=round(length, 1))})
        if handle in ("steady", "opacity"):
            steps = ((self.handles[handle].at if began is None else began)[1] - y) / PX_PER_STEP
            if handle == "steady":
                return replace(pen, steady_after=float(round(min(100.0, max(0.0, pen.steady_after + steps)))))
            return replace(pen, opacity=round(min(1.0, max(LEAST_OPACITY, pen.opacity + steps / 100)), 2))
        k = self._place(AT[handle])
        cx, cy, radius = self.plain[k]
        half = float(np.hypot(x - cx, y - cy))
        now = max(1e-3, 2 * radius / max(size, 1e-6))  # the share of the width there
        if handle == "thickest":
            return replace(pen, size_px=round(min(LARGEST_PX, max(SMALLEST_PX, 2 * half / self.zoom / now)), 1))
        wanted = min(1.0, 2 * half / max(size, 1e-6))
        least = pen.width.least
        moved = min(1.0, max(0.0, (now - least) / max(1e-6, 1 - least)))  # by what moves the width, through its curve
        if handle == "lightest":
            least = (wanted - moved) / max(1e-6, 1 - moved)
            return replace(pen, width=replace(pen.width, least=round(min(1.0, max(0.0, least)), 2)))
        wanted = min(1.0, max(0.0, (wanted - least) / max(1e-6, 1 - least)))
        curve = with_point(pen.width.curve, float(self.pressure[k]), wanted)
        return replace(pen, width=replace(pen.width, curve=curve))

    def _place(self, share: float) -> int:
        return int(np.abs(self.share - share).argmin())


def with_point(curve: ResponseCurve, x: float, y: float) -> ResponseCurve:
    """The curve through one more place; a point of its inside that is near is moved there. It goes on rising."""
    x = round(min(0.95, max(0.05, x)), 2)
    points = list(curve.points)
    inner = [p for p in points[1:-1] if abs(p[0] - x) > AROUND]
    low = max(p[1] for p in [points[0], *(p for p in inner if p[0] < x)])
    high = min(p[1] for p in [points[-1], *(p for p in inner if p[0] > x)])
    inner.append((x, round(min(high, max(low, y)), 3)))
    return ResponseCurve((points[0], *sorted(inner), points[-1]))


@lru_cache(maxsize=8)
def reference_motion(width: int, height: int) -> Trace:
    """A hand's motion across a sheet: it swells and fades, and trembles a little."""
    path, rng = smooth_path(np.array(COURSE) * (width, height)), np.random.default_rng(4)
    n = int(SECONDS * RATE_HZ)
    share = np.linspace(0.0, 1.0, n)
    along = arc_lengths(path)
    x, y = (
        np.interp(share * along[-1], along, column) + tremor(n, RATE_HZ, TREMOR_PX, rng) for column in path.T
    )  # fmt: skip
    return trace_from(SECONDS * share, x, y, np.interp(share, np.linspace(0, 1, len(PRESSURE)), PRESSURE))


def laid_out(trace: Trace, width: int, height: int) -> Trace:
    """A motion of one's own in the middle of a sheet, made smaller if it has to be."""
    low, high = trace.xy.min(axis=0), trace.xy.max(axis=0)
    long = np.maximum(high - low, 1.0)
    zoom = min(1.0, ROOM * width / long[0], ROOM * height / long[1])
    samples = trace.samples.copy()
    samples[:, 1:3] = (samples[:, 1:3] - (low + high) / 2) * zoom + (width / 2, height / 2)
    return Trace(samples)


def specimen_of(pen: Pen, trace: Trace, width: int, height: int, *, zoom: float | None = None) -> Specimen:
    """The line that a pen makes of a motion on a sheet of width x height px; the same for every pen, but for the
    largest and the smallest, if no `zoom` is asked for."""
    if zoom is None:
        zoom = min(MOST_ZOOM, THICKEST_SHARE * height / pen.size_px)
    stroke = Stroke(trace, pen, pen.size_px * zoom, (0, 0, 0), pen.steady_now, pen.steady_after)
    bare = replace(
        pen, taper_in=NO_TAPER, taper_out=NO_TAPER, dash=(), motif="none", cord=0.0, profile=Profile(), closes_px=0.0
    )
    ribbon = replace(stroke, pen=bare).own_ribbon
    plain = ribbon.points.astype(np.float64)
    along = arc_lengths(plain[:, :2])
    total = max(1e-6, float(along[-1]))
    made = Specimen(
        pen, stroke, zoom, width, height, {}, plain, along / total,
        np.interp(ribbon.times, trace.t, trace.pressure),
    )  # fmt: skip
    made.handles.update(_handles(made, total))
    return made


def _handles(line: Specimen, total: float) -> dict[str, Handle]:
    pen, xy, radii = line.pen, line.plain[:, :2], line.plain[:, 2]
    way = np.gradient(xy, axis=0) if len(xy) > 1 else np.array([[1.0, 0.0]])
    way /= np.maximum(np.hypot(*way.T), 1e-9)[:, None]
    up = np.column_stack([way[:, 1], -way[:, 0]])  # to the left of the line as it runs on the screen

    def handle(share: float, side: float, words: str, value: str) -> Handle:
        k = line._place(share)
        out = up[k] * (side or 1.0)
        at = xy[k] + up[k] * (side * radii[k])
        return Handle((float(at[0]), float(at[1])), (float(out[0]), float(out[1])), words, value)

    ends = [
        min(0.48, (taper.length_px * line.zoom + taper.share * total) / total)
        for taper in (pen.taper_in, pen.taper_out)
    ]  # fmt: skip
    found = {
        "in": handle(ends[0], 1.0, mark("taper in"), f"{pen.taper_in.length_px:g} px"),
        "thickest": handle(AT["thickest"], 1.0, mark("thickest"), f"{pen.size_px:g} px"),
        "opacity": handle(AT["opacity"], 0.0, mark("opacity"), f"{100 * pen.opacity:.0f} %"),
        "steady": handle(AT["steady"], 0.0, mark("steady after"), f"{pen.steady_after:.0f}"),
        "out": handle(1.0 - ends[1], 1.0, mark("taper out"), f"{pen.taper_out.length_px:g} px"),
    }
    if pen.width.by != "nothing":
        found["lightest"] = handle(AT["lightest"], -1.0, mark("lightest"), f"{100 * pen.width.least:.0f} %")
    if pen.width.by == "pressure":
        k = line._place(AT["swell"])
        moved = float(pen.width.curve(line.pressure[k]))
        found["swell"] = handle(
            AT["swell"], 1.0, mark("swell"), f"{100 * moved:.0f} % at {100 * line.pressure[k]:.0f} %"
        )
    return found
