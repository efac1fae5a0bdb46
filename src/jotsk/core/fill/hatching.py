"""Hatching, stipple, and strokes that a black runs out in: all of them strokes, which can be mended."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.dots_kernel import scattered
from jotsk.core.hand import trace_from
from jotsk.core.ink import Color, Pen
from jotsk.core.ink.mask_kernel import runs_into
from jotsk.core.ink.pens import Taper
from jotsk.core.marks import Stroke
from jotsk.core.marks.runs import Runs
from jotsk.core.words import tr

STEP_PX, LEAST_PX, PACE_PX_S = 4.0, 6.0, 900.0
MOST_STROKES = 20_000
Light = tuple[float, float]  # where it stands, page px
Point = tuple[float, float]


def mask_of(runs: Runs) -> tuple[NDArray[np.bool_], int, int]:
    """The px of an area and where their corner lies."""
    if not len(runs):
        raise Refused(tr("There is no area there."))
    y0, x0 = int(runs[0, 0]), int(runs[:, 1].min())
    mask = np.zeros((int(runs[-1, 0]) + 1 - y0, int(runs[:, 2].max()) - x0), np.uint8)
    runs_into(mask, runs, 0, len(runs), x0, y0)
    return mask > 0, x0, y0


def hatched(
    runs: Runs, pen: Pen, color: Color, *, size_px: float, spacing_px: float, angles: Sequence[float] = (45.0,),
    light: Light | None = None, irregular: float = 0.3, seed: int = 1, way: Sequence[Point] | None = None,
) -> list[Stroke]:  # fmt: skip
    """Parallel strokes over an area in one or more directions, degrees; or all of them bent as a drawn `way` is, which
    one of them lies on. Away from a `light` they are full, towards it
    they run out; without one they are even. `irregular` is how much of a hand there is in them, 0..1."""
    mask, x0, y0 = mask_of(runs)
    ramp = _ramp(mask, x0, y0, light)
    rng = np.random.default_rng(seed)
    pen = replace(pen, taper_in=Taper(share=0.08), taper_out=Taper(share=0.35 if light else 0.12))
    strokes: list[Stroke] = []
    h, w = mask.shape
    if way is not None:
        return _led(way, mask, ramp, (x0, y0), pen, color, size_px, spacing_px, irregular, rng)
    for angle in angles:
        along = np.array([math.cos(math.radians(angle)), -math.sin(math.radians(angle))])
        across = np.array([-along[1], along[0]])
        corners = np.array([(0, 0), (w, 0), (0, h), (w, h)], np.float64)
        low, high = (corners @ across).min(), (corners @ across).max()
        first, last = (corners @ along).min(), (corners @ along).max()
        at = np.arange(first, last, STEP_PX)
        count = int((high - low) / spacing_px) + 1
        if len(strokes) + count > MOST_STROKES:
            raise Refused(tr("That would be more strokes than a page can hold; space them wider."))
        for k in range(count):
            off = low + (k + 0.5 + irregular * rng.uniform(-0.25, 0.25)) * spacing_px
            bow = irregular * rng.normal(0, 0.05) * spacing_px
            sway = off + bow * np.sin((at - first) / max(1.0, last - first) * math.pi)
            places = at[:, None] * along + sway[:, None] * across
            strokes += _kept(places, mask, ramp, (x0, y0), pen, color, size_px, irregular, rng)
    return strokes


def _led(
    way: Sequence[Point], mask: NDArray[np.bool_], ramp: NDArray[np.float32], corner: tuple[int, int], pen: Pen,
    color: Color, size_px: float, spacing_px: float, irregular: float, rng: np.random.Generator,
) -> list[Stroke]:  # fmt: skip
    """Strokes as a way is bent, side by side across the line from its first place to its last; beyond those they go on
    straight."""
    h, w = mask.shape
    drawn = np.array(way, np.float64) - corner
    chord = drawn[-1] - drawn[0]
    if np.hypot(*chord) < 1e-6:
        raise Refused(tr("Draw the line that the hatching is to follow from one place to another."))
    along = chord / np.hypot(*chord)
    across = np.array([-along[1], along[0]])
    far = np.hypot(h, w) + np.abs(drawn).max()
    whole = np.concatenate([[drawn[0] - far * along], drawn, [drawn[-1] + far * along]])
    length = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(whole, axis=0).T))])
    at = np.arange(0.0, length[-1], STEP_PX)
    line = np.column_stack([np.interp(at, length, whole[:, k]) for k in (0, 1)])
    corners = np.array([(0, 0), (w, 0), (0, h), (w, h)], np.float64)
    reach = line @ across
    low, high = (corners @ across).min() - reach.max(), (corners @ across).max() - reach.min()
    first, last = int(np.floor(low / spacing_px)), int(np.ceil(high / spacing_px))
    if last - first > MOST_STROKES:
        raise Refused(tr("That would be more strokes than a page can hold; space them wider."))
    strokes: list[Stroke] = []
    for k in range(first, last + 1):
        off = (k + irregular * rng.uniform(-0.25, 0.25)) * spacing_px
        strokes += _kept(line + off * across, mask, ramp, corner, pen, color, size_px, irregular, rng)
    return strokes


def along_outline(
    runs: Runs, pen: Pen, color: Color, *, size_px: float, spacing_px: float, rows: int = 6
) -> list[Stroke]:
    """Strokes that follow the area's own outline, one inside the other."""
    mask, x0, y0 = mask_of(runs)
    distance = cv2.distanceTransform(np.pad(mask, 1).view(np.uint8), cv2.DIST_L2, 5)[1:-1, 1:-1]
    strokes: list[Stroke] = []
    for row in range(rows):
        level = (distance > spacing_px * (row + 0.5)).astype(np.uint8)
        outlines, _ = cv2.findContours(level, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
        for outline in outlines:
            places = outline[:: int(STEP_PX), 0].astype(np.float64) + (x0 + 0.5, y0 + 0.5)
            if len(places) > 3:
                places = np.concatenate([places, places[:1]])
                strokes.append(_stroke(places, np.full(len(places), 0.8), pen, color, size_px))
    return strokes


def stippled(
    runs: Runs, pen: Pen, color: Color, *, size_px: float, spacing_px: float, light: Light | None = None, seed: int = 1
) -> list[Stroke]:  # fmt: skip
    """Dots over an area, none nearer to another than `spacing_px`; towards a `light` they are farther apart. Such dots
    have blue noise: R. Cook, "Stochastic sampling in computer graphics" (1986)."""
    mask, x0, y0 = mask_of(runs)
    ramp = _ramp(mask, x0, y0, light)
    reach = (spacing_px * (1 + 2.5 * (1 - ramp))).astype(np.float32)
    if mask.sum() / spacing_px**2 > MOST_STROKES:
        raise Refused(tr("That would be more dots than a page can hold; space them wider."))
    rng = np.random.default_rng(seed)
    places = scattered(mask, reach, float(spacing_px), rng)
    sizes = size_px * rng.uniform(0.75, 1.15, len(places))
    dot = replace(pen, taper_in=Taper(), taper_out=Taper())
    return [
        Stroke(trace_from([0.0], [x + x0], [y + y0], [0.8]), dot, float(size), color, 0.0, 0.0)
        for (x, y), size in zip(places.tolist(), sizes, strict=True)
    ]


def run_out(
    runs: Runs, pen: Pen, color: Color, *, size_px: float, spacing_px: float, length_px: float, light: Light,
    seed: int = 1,
) -> list[Stroke]:  # fmt: skip
    """Tapered strokes that a black ends in where its edge faces the light: out of the black, towards it."""
    mask, x0, y0 = mask_of(runs)
    smooth = cv2.GaussianBlur(np.pad(mask, 3).astype(np.float32), (0, 0), 2.0)
    outlines, _ = cv2.findContours(np.pad(mask, 3).view(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    gx, gy = np.gradient(smooth, axis=1), np.gradient(smooth, axis=0)
    rng, strokes = np.random.default_rng(seed), []
    pen = replace(pen, taper_in=Taper(), taper_out=Taper(share=0.95), profile=type(pen.profile)())
    for outline in outlines:
        places = outline[:, 0].astype(np.float64)
        along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(places, axis=0).T))])
        for s in np.arange(0, along[-1], spacing_px):
            at = places[min(len(places) - 1, int(np.searchsorted(along, s + rng.uniform(-0.3, 0.3) * spacing_px)))]
            x, y = (int(v) for v in at)
            out = -np.array([gx[y, x], gy[y, x]])
            out /= max(1e-9, float(np.hypot(*out)))
            here = at - 3 + (x0 + 0.5, y0 + 0.5)
            towards = np.array(light) - here
            towards /= max(1e-9, float(np.hypot(*towards)))
            if out @ towards < 0.25:
                continue
            length = length_px * rng.uniform(0.6, 1.1)
            way = towards + 0.15 * out
            steps = np.linspace(-2 * size_px, length, max(4, int(length / STEP_PX)))
            strokes.append(_stroke(here + steps[:, None] * way, np.full(len(steps), 0.9), pen, color, size_px))
    return strokes[:MOST_STROKES]


def _ramp(mask: NDArray[np.bool_], x0: int, y0: int, light: Light | None) -> NDArray[np.float32]:
    """How dark each px is, 0..1: 1 on the side away from the light; everywhere without one."""
    h, w = mask.shape
    if light is None:
        return np.ones((h, w), np.float32)
    x, y = np.arange(w) + x0 + 0.5 - light[0], (np.arange(h) + y0 + 0.5 - light[1])[:, None]
    away = np.hypot(x, y)
    inside = away[mask]
    low, high = float(inside.min()), float(inside.max())
    return np.asarray(np.clip((away - low) / max(1e-6, high - low), 0, 1), np.float32)


def _kept(
    places: NDArray[np.float64], mask: NDArray[np.bool_], ramp: NDArray[np.float32], corner: tuple[int, int], pen: Pen,
    color: Color, size_px: float, irregular: float, rng: np.random.Generator,
) -> list[Stroke]:  # fmt: skip
    """What of a line lies in an area and is dark enough there."""
    h, w = mask.shape
    x, y = places[:, 0].astype(np.int64), places[:, 1].astype(np.int64)
    on = (x >= 0) & (x < w) & (y >= 0) & (y < h)
    inside = np.zeros(len(places), np.bool_)
    inside[on] = mask[y[on], x[on]]
    dark = np.zeros(len(places))
    dark[on] = ramp[y[on], x[on]]
    inside &= dark > 0.12 + irregular * rng.uniform(-0.1, 0.1)
    strokes = []
    edges = np.flatnonzero(np.diff(np.concatenate([[False], inside, [False]]).astype(np.int8))).reshape(-1, 2)
    for a, b in edges.tolist():
        if (b - a) * STEP_PX < LEAST_PX:
            continue
        part = places[a:b] + corner
        force = np.clip(0.25 + 0.75 * dark[a:b] + irregular * rng.normal(0, 0.06), 0.05, 1.0)
        if rng.random() < 0.5:
            part, force = part[::-1], force[::-1]
        strokes.append(_stroke(part, force, pen, color, size_px))
    return strokes


def _stroke(places: NDArray[np.float64], force: NDArray[np.float64], pen: Pen, color: Color, size_px: float) -> Stroke:
    along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(places, axis=0).T))])
    keep = np.concatenate([[True], np.diff(along) > 1e-6])
    times = along[keep] / PACE_PX_S
    trace = trace_from(times, places[keep, 0], places[keep, 1], force[keep])
    return Stroke(trace, pen, size_px, color, 0.0, 0.0)
