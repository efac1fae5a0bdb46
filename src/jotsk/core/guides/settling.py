"""Settling: a stroke that ends at rest becomes the clean shape it resembles.

Whether it ends at rest is judged by where the pen was in its last moments: it stays within the reach of tremor and does
not drift. A slow careful stroke drifts until its very end; as the hand comes to a stop its distance from the end falls
with the third power of the time that is left (minimum jerk), so in the stretch before it moved about 8 times as far.
A hand that stops and holds had moved far more.
"""

from __future__ import annotations

import math
from dataclasses import dataclass
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.guides.fitting import (
    Places,
    corner_order,
    distances_to,
    distances_to_polygon,
    fit_circle,
    fit_ellipse,
    fit_line,
    polygon_through,
)
from jotsk.core.guides.holding import Hold
from jotsk.core.guides.rails import Curve, Ellipse, Line, curve_through
from jotsk.core.hand import Trace, wobble_px
from jotsk.core.words import mark

HOLD_S = 0.65
REST_PX = 6.5  # screen px: how far a resting pen trembles
STILL_PX, DRIFT_PX = 0.12, 1.5  # screen px its mean moves at rest; and at most, if it moved far before
STOPS_AT = 20.0  # times as far as in the stretch before
MEAN_S = 0.3  # over three periods of tremor a mean with soft ends knows nothing of it
EVEN = 160  # places a shape is read from
SIDES = 400  # of a polygon that stands for a smooth curve
CLOSED_SHARE = 0.12  # of the length: a gap smaller than this is meant to be closed
STRAIGHT_SHARE = 0.022  # a line bulges by no more of its length; an arc of 10 degrees does by 0.022
ROUND_RATIO = 0.86  # radii closer than this are those of a circle
RIGHT_DEG = 9.0
FITS_SHARE = 0.022  # of the size: how far from a shape its stroke lies, RMS, tremor apart
MOST_CORNERS = 8
HARMONICS = 7
SMALLEST_PX = 8.0  # screen px: less is a dot
# Screen px, half the diagonal: what is smaller is writing, and so are smaller polygons and free curves.
WRITING_PX, POLYGON_PX, CURVE_PX = 40.0, 60.0, 90.0
EVEN_SIDES = 0.5  # the shortest side of a polygon with many corners, as a share of the longest
STRAIGHT_SIDE = 0.075  # of their length: how far its sides bulge at most
MADE_FROM = {"circle": "ellipse", "rectangle": "quadrilateral"}  # what is more regular than its stroke, and from what
FITS_BEYOND = 0.019  # of the size: what a stroke may lie off a shape beyond its wobble, RMS
BULGE_SHARE = 0.105  # of a side's length
MOST_TURN, MOST_INFLECTIONS, CURVE_POINTS = math.radians(330.0), 2, 12


@dataclass(frozen=True, slots=True)
class Reading:
    """A shape that a stroke resembles: its kind, the hold that lays the stroke out along it, and the RMS distance."""

    kind: str
    hold: Hold
    off_px: float

    @property
    def is_open(self) -> bool:
        """Whether its ends lie apart, so that a line can go on from it."""
        rail = self.hold.rail
        return self.kind in ("line", "arc", "polyline", "open curve") and not (isinstance(rail, Curve) and rail.closed)


def resting_from(trace: Trace, *, hold_s: float = HOLD_S, scale: float = 1.0) -> int | None:
    """The first sample of the rest a stroke ends with; None if it does not rest for `hold_s` seconds.

    `scale` is screen px per page px, for what tremor is.
    """
    if trace.duration_s <= hold_s:
        return None
    t, xy = trace.t, trace.xy * scale
    middle = xy[t >= t[-1] - hold_s].mean(axis=0)
    if np.hypot(*(xy[t >= t[-1] - hold_s] - middle).T).max() > REST_PX:
        return None
    half = min(MEAN_S, hold_s / 2) / 2
    late, early = _soft_mean(t, xy, half, half), _soft_mean(t, xy, hold_s - half, half)
    drift = math.dist(late, early)
    if drift > DRIFT_PX:
        return None
    if drift > STILL_PX and trace.duration_s > 2 * hold_s:
        before = math.dist(_soft_mean(t, xy, hold_s + half, half), _soft_mean(t, xy, 2 * hold_s - half, half))
        if before < STOPS_AT * drift:
            return None
    away = np.flatnonzero(np.hypot(*(xy - middle).T) > REST_PX)
    return int(away[-1]) + 1 if len(away) else 0


def _soft_mean(t: NDArray[np.float64], xy: Places, before_s: float, half_s: float) -> tuple[float, float]:
    """Where the pen was `before_s` seconds before the end, a mean under a Hann window of twice `half_s`."""
    off = (t - (t[-1] - before_s)) / half_s
    weight = np.where(np.abs(off) < 1, 1 + np.cos(np.pi * off), 0.0)
    if not weight.any():  # a device that sends nothing while it rests
        weight = (np.arange(len(t)) == np.abs(off).argmin()).astype(np.float64)
    return _pair((weight[:, None] * xy).sum(axis=0) / weight.sum())


def settled(trace: Trace, *, hold_s: float = HOLD_S, scale: float = 1.0) -> tuple[Trace, list[Reading]] | None:
    """The stroke without its rest, and what it can become, the likeliest first; None if it does not rest.

    A stroke that resembles nothing is none either, nor is one as small as writing.
    """
    rest = resting_from(trace, hold_s=hold_s, scale=scale)
    if rest is None or rest < 2:
        return None
    motion = Trace(trace.samples[: rest + 1])
    found = readings(motion, scale=scale)
    if not found or _size(motion.xy) * scale < WRITING_PX:
        return None
    xy = _evenly(motion.xy)
    # A circle or a rectangle is more regular than what was drawn: that is judged by the shape it was made regular from.
    kinds = (found[0].kind, MADE_FROM.get(found[0].kind))
    if any(_fits(reading, xy, wobble_px(motion), scale) for reading in found if reading.kind in kinds):
        return motion, found
    curve = _open_curve(xy) if _size(motion.xy) * scale >= CURVE_PX else None
    return None if curve is None else (motion, [curve, *found])


def _fits(reading: Reading, xy: Places, noise: float, scale: float) -> bool:
    """Whether a stroke lies as near to a shape as one that means it: what tremor does not explain is little, and the
    sides of a polygon are straight."""
    beyond = math.sqrt(max(0.0, reading.off_px**2 - noise**2))
    if beyond > FITS_BEYOND * _size(xy):
        return False
    rail = reading.hold.rail
    if not isinstance(rail, Curve) or rail.smooth:
        return True
    if _size(xy) * scale < POLYGON_PX:
        return False
    return _bulge(xy, np.array(rail.points), closed=rail.closed) <= BULGE_SHARE


def _evenness(corners: Places) -> float:
    """The shortest side of a polygon as a share of the longest."""
    sides = np.hypot(*(np.roll(corners, -1, axis=0) - corners).T)
    return float(sides.min() / max(1e-9, float(sides.max())))


def _bulge(xy: Places, corners: Places, *, closed: bool) -> float:
    """How far the sides between corners bulge, as a share of their length; the largest."""
    n = len(xy)
    at = sorted(int(np.hypot(*(xy - corner).T).argmin()) for corner in corners)
    if closed:
        at.append(at[0] + n)
    else:
        at[0], at[-1] = 0, n - 1
    worst = 0.0
    for first, last in pairwise(at):
        off = max(1, (last - first) // 7)  # a hand rounds its corners
        side = xy[np.arange(first + off, last - off + 1) % n]
        if len(side) < 4:
            continue
        middle, along = fit_line(side)
        across = _smooth((side - middle) @ np.array([-along[1], along[0]]), 3)
        worst = max(worst, float(np.ptp(across)) / max(1e-9, float(np.ptp((side - middle) @ along))))
    return worst


def _open_curve(xy: Places) -> Reading | None:
    """A smooth curve from end to end, such as an S; None for what turns round and round, crosses itself, or bends to
    and fro, as writing does."""
    smooth = np.column_stack([_smooth(xy[:, k], 13) for k in (0, 1)])
    smooth[0], smooth[-1] = xy[0], xy[-1]
    steps = np.diff(smooth, axis=0)
    turns = np.diff(np.unwrap(np.arctan2(steps[:, 1], steps[:, 0])))
    eased = _smooth(turns, 9)
    bends = np.sign(eased[np.abs(eased) > 0.25 * np.abs(eased).max()])
    if np.abs(eased).sum() > MOST_TURN or int((np.diff(bends) != 0).sum()) > MOST_INFLECTIONS or _crosses(smooth[::4]):
        return None
    curve = _curve(smooth[:: max(1, len(smooth) // CURVE_POINTS)], closed=False, smooth=True)
    if curve is None:
        return None
    far = distances_to_polygon(xy, _sparse(curve.dense[0]), closed=False)
    return Reading(mark("open curve"), Hold(curve, (0.0, curve.length)), _rms(far))


def _crosses(xy: Places) -> bool:
    """Whether a line through places crosses itself."""
    a, d = xy[:-1], np.diff(xy, axis=0)
    for k in range(len(d) - 2):
        p, e = a[k + 2 :], d[k + 2 :]
        cross = d[k, 0] * e[:, 1] - d[k, 1] * e[:, 0]
        with np.errstate(divide="ignore", invalid="ignore"):
            t = ((p[:, 0] - a[k, 0]) * e[:, 1] - (p[:, 1] - a[k, 1]) * e[:, 0]) / cross
            u = ((p[:, 0] - a[k, 0]) * d[k, 1] - (p[:, 1] - a[k, 1]) * d[k, 0]) / cross
        if ((t > 0) & (t < 1) & (u > 0) & (u < 1)).any():
            return True
    return False


def readings(trace: Trace, *, scale: float = 1.0) -> list[Reading]:
    """What a stroke can be read as, the likeliest first, each kind once."""
    if len(trace) < 3:
        return []
    along = arc_lengths(trace.xy)
    noise = wobble_px(trace)
    if along[-1] * scale < SMALLEST_PX:
        return []
    xy = _evenly(trace.xy)
    # The length of a trembling line is too long; that of even places smoothed over their neighbours is about right.
    length = float(arc_lengths(xy)[-1])
    gap = math.dist(xy[0], xy[-1])
    found = _closed(xy, noise) if gap < CLOSED_SHARE * length else _open(xy, noise)
    best: dict[str, Reading] = {}
    for _, reading in sorted(found, key=lambda pair: pair[0]):
        best.setdefault(reading.kind, reading)
    return list(best.values())


Ranked = tuple[float, Reading]


def _open(xy: Places, noise: float) -> list[Ranked]:
    size = _size(xy)
    found: list[Ranked] = []
    middle, along = fit_line(xy)
    off = xy - middle
    across = off[:, 1] * along[0] - off[:, 0] * along[1]
    line = Line.through(_pair(middle + (off[0] @ along) * along), _pair(middle + (off[-1] @ along) * along))
    if line is not None:
        bulge = float(np.ptp(_smooth(across, 9))) / max(1e-9, float(np.ptp(off @ along)))
        is_straight = bulge <= STRAIGHT_SHARE + 1.6 * noise / size and _goes_one_way(off @ along)
        end = float(line.begin(*_pair(xy[-1])))
        reading = Reading(mark("line"), Hold(line, (0.0, end)), _rms(across))
        found.append((0.0 if is_straight else 3.0, reading))
    try:
        at, radius = fit_circle(xy)
    except ValueError:
        pass
    else:
        circle = Ellipse(_pair(at), (radius, radius))
        u = circle.measure(xy)
        far = np.abs(np.hypot(*(xy - at).T) - radius)
        cost = _cost(far, size, noise)
        if abs(u[-1] - u[0]) < 1.95 * math.pi and radius < 20 * size:
            found.append((1.0 + cost, Reading(mark("arc"), Hold(circle, (float(u[0]), float(u[-1]))), _rms(far))))
    order = corner_order(xy, closed=False)
    for count in range(3, MOST_CORNERS + 1):
        corners = polygon_through(xy, count, closed=False, order=order)
        far = distances_to_polygon(xy, corners, closed=False)
        cost = _cost(far, size, noise)
        curve = _curve(corners, closed=False, smooth=False)
        if curve is None:
            continue
        reading = Reading(mark("polyline"), Hold(curve, (0.0, curve.length)), _rms(far))
        found.append((1.35 + cost + 0.12 * (count - 3), reading))
        if cost < 1.0:
            break
    return found


def _closed(xy: Places, noise: float) -> list[Ranked]:
    size = _size(xy)
    found: list[Ranked] = []
    try:
        ellipse = fit_ellipse(xy)
        at, radius = fit_circle(xy)
    except (ValueError, np.linalg.LinAlgError):
        return _open(xy, noise)
    for kind, shape, extra in (
        (mark("circle"), Ellipse(_pair(at), (radius, radius)), 0.0),
        (mark("ellipse"), ellipse, 0.0),
    ):
        far = distances_to(xy, shape)
        is_round = min(ellipse.radii) >= ROUND_RATIO * max(ellipse.radii)
        cost = _cost(distances_to(xy, ellipse), size, noise) + (0.4 if (kind == "circle") != is_round else 0.0)
        found.append((cost + extra, Reading(kind, Hold(shape, _round_span(xy, shape)), _rms(far))))
    round_fits, fewer_fit = _cost(distances_to(xy, ellipse), size, noise), math.inf
    order = corner_order(xy, closed=True)
    for count in range(3, MOST_CORNERS + 1):
        corners = polygon_through(xy, count, closed=True, order=order)
        far = distances_to_polygon(xy, corners, closed=True)
        fits = _cost(far, size, noise)
        # Many corners fit anything round, and a rounded corner has two; but the sides of what is round bulge, and of a
        # rounded corner one is short.
        is_plain = (
            count > 4 and fewer_fit > max(0.5, 1.4 * fits) and fits < 0.85 * round_fits
            and _evenness(corners) >= EVEN_SIDES and _bulge(xy, corners, closed=True) <= STRAIGHT_SIDE
        )  # fmt: skip
        fewer_fit = fits
        cost = fits + (0.0 if is_plain else 0.18 * (count - 3) + (0.25 if count > 4 else 0.0))
        kind = {3: mark("triangle"), 4: mark("quadrilateral")}.get(count, "polyline")
        curve = _curve(corners, closed=True, smooth=False)
        if curve is None:
            continue
        found.append((cost, Reading(kind, Hold(curve, _polygon_span(xy, curve)), _rms(far))))
        if count == 4:
            right = _as_rectangle(corners)
            far = distances_to_polygon(xy, right, closed=True)
            is_right = max(abs(90.0 - angle) for angle in _angles(corners)) <= RIGHT_DEG
            rectangle = curve_through(right.tolist(), closed=True, smooth=False)
            reading = Reading(mark("rectangle"), Hold(rectangle, _polygon_span(xy, rectangle)), _rms(far))
            found.append((cost + (-0.05 if is_right else 0.5), reading))
    smooth = curve_through(_rounded(xy).tolist(), closed=True)
    far = distances_to_polygon(xy, _sparse(smooth.dense[0]), closed=True)
    found.append((1.0, Reading(mark("closed curve"), Hold(smooth, _polygon_span(xy, smooth, snaps=False)), _rms(far))))
    return found


def _cost(far: NDArray[np.float64], size: float, noise: float) -> float:
    """1 where a stroke lies as far from a shape as a hand that means it may."""
    return _rms(far) / (FITS_SHARE * size + 1.1 * noise)


def _sparse(dense: Places) -> Places:
    """A few hundred of the places of a smooth curve, with its ends: it lies beside their polygon by next to nothing."""
    every = max(1, len(dense) // SIDES)
    return np.concatenate([dense[:-1:every], dense[-1:]])


def _evenly(xy: Places) -> Places:
    """Places at even shares of the length, each the mean of the hand's places around it."""
    along = arc_lengths(xy)
    at = np.linspace(0, along[-1], 4 * EVEN)
    dense = np.column_stack([np.interp(at, along, xy[:, k]) for k in (0, 1)])
    smoothed = np.column_stack([_smooth(dense[:, k], 9) for k in (0, 1)])
    along = arc_lengths(smoothed)
    at = np.linspace(0, along[-1], EVEN)
    return np.column_stack([np.interp(at, along, smoothed[:, k]) for k in (0, 1)])


def _smooth(values: NDArray[np.float64], width: int) -> NDArray[np.float64]:
    padded = np.pad(values, width // 2, mode="edge")
    return np.convolve(padded, np.ones(width) / width, "valid")


def _size(xy: Places) -> float:
    """Half the diagonal of what a shape fills."""
    return max(1e-9, 0.5 * float(np.hypot(*np.ptp(xy, axis=0))))


def _goes_one_way(along: NDArray[np.float64]) -> bool:
    """Whether a line is not gone back upon by more than a tenth."""
    forward = along * math.copysign(1.0, along[-1] - along[0])
    back = float((np.maximum.accumulate(forward) - forward).max())
    return back <= 0.1 * abs(float(along[-1] - along[0]))


def _round_span(xy: Places, shape: Ellipse) -> tuple[float, float]:
    u = shape.measure(xy)
    start = float(u[0])
    return start, start + math.copysign(math.tau, u[-1] - u[0])


def _polygon_span(xy: Places, curve: Curve, *, snaps: bool = True) -> tuple[float, float]:
    """Once round from where the hand began, or from the corner it meant."""
    start = curve.begin(*_pair(xy[0]))
    if snaps:
        corners = curve.dense[1]
        nearest = float(corners[np.abs(corners - start).argmin()])
        if abs(nearest - start) < 0.06 * curve.length:
            start = nearest
    return start, start + curve.length


def _curve(corners: Places, *, closed: bool, smooth: bool) -> Curve | None:
    try:
        return curve_through(corners.tolist(), closed=closed, smooth=smooth)
    except ValueError:
        return None


def _angles(corners: Places) -> list[float]:
    """The inner angles of a polygon, degrees."""
    before, after = np.roll(corners, 1, axis=0) - corners, np.roll(corners, -1, axis=0) - corners
    cross = before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0]
    return np.degrees(np.abs(np.arctan2(cross, (before * after).sum(axis=1)))).tolist()


def _as_rectangle(corners: Places) -> Places:
    """The rectangle about the middle of four corners that is nearest in direction and size."""
    middle = corners.mean(axis=0)
    sides = np.roll(corners, -1, axis=0) - corners
    a = (sides[0] - sides[2]) / 2
    b = (sides[1] - sides[3]) / 2
    # One direction for both: b turned back by a quarter, weighted by length.
    turned = np.array([b[1], -b[0]])
    along = a + (turned if turned @ a > 0 else -turned)
    along = along / np.hypot(*along)
    across = np.array([-along[1], along[0]])
    half_a, half_b = abs(float(a @ along)) / 2, abs(float(b @ across)) / 2
    around = [(-1, -1), (1, -1), (1, 1), (-1, 1)]
    found = np.array([middle + i * half_a * along + j * half_b * across for i, j in around])
    area = float(np.sum(corners[:, 0] * np.roll(corners[:, 1], -1) - np.roll(corners[:, 0], -1) * corners[:, 1]))
    own = float(np.sum(found[:, 0] * np.roll(found[:, 1], -1) - np.roll(found[:, 0], -1) * found[:, 1]))
    return found if area * own > 0 else found[::-1]


def _rounded(xy: Places) -> Places:
    """A closed curve of a few harmonics through places that almost close."""
    n = len(xy)
    drift = (xy[-1] - xy[0]) * np.linspace(-0.5, 0.5, n)[:, None]
    z = ((xy - drift) @ np.array([1, 1j]))[:-1]
    spectrum = np.fft.fft(z)
    spectrum[HARMONICS + 1 : -HARMONICS] = 0
    curve = np.fft.ifft(spectrum)[:: max(1, (n - 1) // (4 * HARMONICS))]
    return np.column_stack([curve.real, curve.imag])


def _rms(values: NDArray[np.float64]) -> float:
    return float(np.sqrt((values**2).mean()))


def _pair(xy: Places) -> tuple[float, float]:
    return float(xy[0]), float(xy[1])
