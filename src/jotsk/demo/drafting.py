"""Lines of the demo page, and how a hand sketches and inks them."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.geometry.polygon_kernel import inside
from jotsk.core.hand.simulated_pen import Hand, drawn, smooth_path
from jotsk.core.ink import Pen, pen_by_id
from jotsk.core.marks import Stroke

Points = NDArray[np.float64]
INK = (0x14, 0x18, 0x1B)
GRAPHITE = (0x3A, 0x3D, 0x42)

PROFILES = {
    "even": (0.55, 0.75, 0.8, 0.72, 0.5),
    "swell": (0.12, 0.55, 1.0, 0.6, 0.12),
    "press": (0.95, 0.8, 0.6, 0.35, 0.1),
    "grow": (0.15, 0.4, 0.65, 0.85, 0.8),
    "flick": (0.8, 0.6, 0.35, 0.15, 0.03),
}
# weight -> pen, size in px, steadiness after the lift
WEIGHTS = {
    "heavy": ("quill-nib", 19.0, 60.0),
    "outline": ("quill-nib", 13.0, 55.0),
    "inside": ("mapping-nib", 17.0, 50.0),
    "fine": ("mapping-nib", 10.5, 45.0),
    "hatch": ("mapping-nib", 9.5, 25.0),
    "black": ("plain-round", 9.0, 40.0),
}
PX_PER_S = 1300.0


@dataclass(frozen=True)
class Line:
    """One meant line, page px. `drafted` lines stand in the sketch; construction lines are never inked."""

    points: Points
    weight: str = "inside"
    profile: str = "even"
    drafted: bool = True
    construction: bool = False


def straight(*points: Sequence[float], weight: str = "inside", profile: str = "even", **more: bool) -> Line:
    """A broken line through points."""
    return Line(_dense(np.array(points, np.float64)), weight, profile, **more)


def curve(
    points: ArrayLike, weight: str = "inside", profile: str = "swell", *, closed: bool = False, **more: bool
) -> Line:
    """A smooth line through points."""
    return Line(smooth_path(points, closed=closed), weight, profile, **more)


def ellipse(
    x: float, y: float, rx: float, ry: float, weight: str = "inside", profile: str = "even",
    *, start: float = 0.0, end: float = 360.0, turn: float = 0.0, **more: bool,
) -> Line:  # fmt: skip
    """Part of an ellipse, from `start` to `end` degrees, turned by `turn` degrees."""
    a = np.radians(np.linspace(start, end, max(16, int(abs(end - start) * max(rx, ry) / 120))))
    c, s = np.cos(np.radians(turn)), np.sin(np.radians(turn))
    px, py = rx * np.cos(a), ry * np.sin(a)
    return Line(np.column_stack([x + c * px - s * py, y + s * px + c * py]), weight, profile, **more)


def hatching(
    corner: Sequence[float], across: Sequence[float], along: Sequence[float], count: int, *, seed: int = 0,
    weight: str = "hatch", profile: str = "flick",
) -> list[Line]:  # fmt: skip
    """`count` short lines `along`, side by side over `across`, of uneven length as a hand leaves them."""
    rng = np.random.default_rng(seed)
    start, step, reach = (np.array(v, np.float64) for v in (corner, across, along))
    lines = []
    for k in range(count):
        at = start + step * (k + rng.uniform(-0.15, 0.15)) / max(1, count - 1)
        lines.append(straight(at, at + reach * rng.uniform(0.75, 1.0), weight=weight, profile=profile, drafted=False))
    return lines


def mirrored(lines: Iterable[Line], x: float) -> list[Line]:
    """The same lines reflected about the upright axis at `x`."""
    return [replace(line, points=line.points * (-1, 1) + (2 * x, 0)) for line in lines]


def behind(lines: Iterable[Line], *shapes: ArrayLike) -> list[Line]:
    """What is seen of lines that lie behind closed shapes."""
    seen = list(lines)
    for shape in shapes:
        polygon = np.asarray(shape, np.float64)
        seen = [part for line in seen for part in _runs(line, ~inside(line.points, polygon))]
    return seen


def within(lines: Iterable[Line], box: tuple[float, float, float, float]) -> list[Line]:
    """What is seen of lines inside a panel (x0, y0, x1, y1)."""
    x0, y0, x1, y1 = box
    kept = []
    for line in lines:
        x, y = line.points.T
        kept += _runs(line, (x > x0) & (x < x1) & (y > y0) & (y < y1))
    return kept


def inked(lines: Iterable[Line], *, seed: int = 0) -> list[Stroke]:
    """Strokes of a practised hand along lines."""
    hand = Hand(tremor_px=0.8, pressure_noise=0.015)
    strokes = []
    meant = [piece for whole in lines if not whole.construction for piece in _pieces(whole)]
    for k, line in enumerate(meant):
        pen_id, size, after = WEIGHTS[line.weight]
        strokes.append(_stroke(line, pen_id, size, after, hand, INK, seed * 10_000 + k))
    return strokes


def sketched(lines: Iterable[Line], *, seed: int = 0) -> list[Stroke]:
    """Strokes of a pencil that feels for the line: once or twice, a little beside it, a little too long."""
    rng = np.random.default_rng(seed)
    hand = Hand(tremor_px=1.1, pressure_noise=0.03)
    strokes = []
    for k, line in enumerate(piece for whole in lines if whole.drafted for piece in _pieces(whole)):
        for again in range(1 if line.construction or rng.random() < 0.6 else 2):
            loose = replace(line, points=_loosened(line.points, rng), profile="even")
            size = 6.0 if line.construction else 8.5
            number = seed * 10_000 + 2 * k + again
            strokes.append(_stroke(loose, "pencil", size, 12.0, hand, GRAPHITE, number, light=line.construction))
    return strokes


def _stroke(
    line: Line, pen_id: str, size: float, after: float, hand: Hand, color: tuple[int, int, int], seed: int,
    *, light: bool = False,
) -> Stroke:  # fmt: skip
    return along_pen(line, pen_by_id(pen_id), size, hand, color, seed, after=after, light=light)


def along_pen(
    line: Line, pen: Pen, size: float, hand: Hand, color: tuple[int, int, int], seed: int,
    *, after: float = 40.0, light: bool = False,
) -> Stroke:  # fmt: skip
    """A stroke of a pen along one line."""
    length = float(arc_lengths(line.points)[-1])
    force = np.array(PROFILES[line.profile]) * (0.55 if light else 1.0)
    trace = drawn(line.points, 0.12 + length / PX_PER_S, pressure=force, rate_hz=200, hand=hand, seed=seed)
    return Stroke(trace, pen, size, color, 0.0, after)


def _pieces(line: Line) -> list[Line]:
    """A line cut at its sharp corners: a hand lifts the pen there."""
    steps = np.diff(line.points, axis=0)
    steps = steps / np.maximum(np.hypot(*steps.T), 1e-9)[:, None]
    sharp = np.flatnonzero((steps[1:] * steps[:-1]).sum(axis=1) < np.cos(np.radians(35))) + 1
    cuts = [0, *sharp.tolist(), len(line.points) - 1]
    pieces = [replace(line, points=line.points[a : b + 1]) for a, b in pairwise(cuts)]
    return [p for p in pieces if len(p.points) > 1]


def _loosened(points: Points, rng: np.random.Generator) -> Points:
    """Shifted, bowed and lengthened a little."""
    along = arc_lengths(points)
    length = max(1.0, float(along[-1]))
    share = along / length
    drift = rng.normal(0, 2.2, 2) + np.sin(np.pi * share)[:, None] * rng.normal(0, min(5.0, length * 0.012), 2)
    loose = points + drift
    closed = np.hypot(*(points[0] - points[-1])) < 4
    if len(points) > 3 and not closed:
        over = min(14.0, 0.06 * length) * rng.uniform(0.3, 1.0, 2)
        first = loose[0] - over[0] * _unit(loose[3 if len(loose) > 3 else 1] - loose[0])
        last = loose[-1] + over[1] * _unit(loose[-1] - loose[-4])
        loose = np.vstack([first, loose, last])
    return loose


def _unit(v: Points) -> Points:
    return v / max(1e-9, float(np.hypot(*v)))


def _dense(points: Points, step: float = 6.0) -> Points:
    """Points no farther than `step` px apart along a broken line."""
    along = arc_lengths(points)
    at = np.union1d(np.linspace(0, along[-1], max(2, int(along[-1] / step))), along)
    return np.column_stack([np.interp(at, along, points[:, k]) for k in (0, 1)])


def _runs(line: Line, seen: NDArray[np.bool_]) -> list[Line]:
    if seen.all():
        return [line]
    edges = np.flatnonzero(np.diff(np.concatenate([[0], seen.view(np.int8), [0]])))
    runs = [line.points[a:b] for a, b in zip(edges[::2], edges[1::2], strict=True)]
    return [replace(line, points=run) for run in runs if len(run) > 1 and arc_lengths(run)[-1] > 8]
