"""Motifs: small figures that run along the hand, one after the other, each as large as the line is wide there."""

from __future__ import annotations

from collections.abc import Callable
from functools import lru_cache
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import arc_lengths
from jotsk.core.ink.motif_kernel import FINE, placed, starts_of
from jotsk.core.words import mark

if TYPE_CHECKING:
    from jotsk.core.ink.pens import Pen

Line = NDArray[np.float64]  # (N, 3): along, 0..1 from one motif to the next; across, 1 at the line's edge; weight 0..1
Shape = tuple[tuple[tuple[float, float, float], ...], ...]
TANGENT_PX = 2.0
NAMES = (
    mark("none"), mark("scales"), mark("saw"), mark("wave"), mark("loops"), mark("loops in loops"), mark("stitches"),
    mark("chain"), mark("rope"), mark("leaves"), mark("own"),
)  # fmt: skip
UNBROKEN = {"saw", "wave", "loops", "loops in loops"}  # one figure goes over into the next


def motif_ribbon(
    columns: NDArray[np.float64], along: NDArray[np.float64], pen: Pen, spacing: NDArray[np.float64],
    turn_rad: NDArray[np.float64],
) -> tuple[NDArray[np.float64], tuple[tuple[int, int], ...]]:  # fmt: skip
    """The pieces of a motif along a line.

    `columns` is (N, 5) x, y, radius, ink, time, `along` (N,) the length up to each; `spacing` (N,) how many times as
    far as usual the next motif is, `turn_rad` (N,) how far a motif is turned where it lies. Returns such columns, and
    where each piece starts and stops.
    """
    lines, is_unbroken = shape_of(pen), pen.motif in UNBROKEN
    if not along[-1] > 0:
        return columns[:0], ((0, 0),)
    starts = starts_of(along, np.ascontiguousarray(columns[:, 2]), spacing, pen.motif_spacing, is_unbroken)
    rows, stops = placed(
        columns, along, _normals(columns, along), turn_rad, starts, np.concatenate(lines),
        np.cumsum([len(line) for line in lines]), pen.motif_line, is_unbroken,
    )  # fmt: skip
    if not len(rows):
        return columns[:0], ((0, 0),)
    return rows, tuple(zip([0, *stops[:-1].tolist()], stops.tolist(), strict=True))


def _normals(columns: NDArray[np.float64], along: NDArray[np.float64]) -> NDArray[np.float64]:
    """(N, 2) to the left of the line as it runs on the screen, judged over as far as it is wide."""
    reach = np.maximum(TANGENT_PX, columns[:, 2])
    early, late = np.maximum(along - reach, 0.0), np.minimum(along + reach, along[-1])
    way = np.column_stack([np.interp(late, along, c) - np.interp(early, along, c) for c in columns[:, :2].T])
    length = np.hypot(*way.T)
    way = np.where(length[:, None] > 1e-9, way / np.maximum(length, 1e-9)[:, None], (1.0, 0.0))
    return np.column_stack([way[:, 1], -way[:, 0]])


def shape_of(pen: Pen) -> tuple[Line, ...]:
    """The figure of a pen, in motif units."""
    return _own(pen.motif_shape) if pen.motif == "own" else _ready(pen.motif)


def shape_from(lines: list[NDArray[np.float64]]) -> Shape:
    """A figure of one's own from (N, 3) x, y, radius lines: from its left edge to its right one is the way to the next,
    its height is the width of the line."""
    whole = np.concatenate(lines)
    left, right = float((whole[:, 0] - whole[:, 2]).min()), float((whole[:, 0] + whole[:, 2]).max())
    top, bottom = float(whole[:, 1].min()), float(whole[:, 1].max())
    width, half = max(1e-6, right - left), max(1e-6, (bottom - top) / 2, (right - left) / 8)
    middle, heaviest = (top + bottom) / 2, max(1e-6, float(whole[:, 2].max()))
    shape = []
    for line in lines:
        at = np.linspace(0.0, 1.0, min(FINE + 1, len(line)))
        share = arc_lengths(line[:, :2]) / max(1e-9, float(arc_lengths(line[:, :2])[-1]))
        x, y, r = (np.interp(at, share, column) for column in line.T)
        rows = np.column_stack([(x - left) / width, (middle - y) / half, r / heaviest])
        shape.append(tuple((float(u), float(v), float(w)) for u, v, w in np.round(rows, 4)))
    return tuple(shape)


@lru_cache(maxsize=64)
def _own(shape: Shape) -> tuple[Line, ...]:
    return tuple(np.array(line, np.float64) for line in shape)


@lru_cache(maxsize=32)
def _ready(name: str) -> tuple[Line, ...]:
    t = np.linspace(0.0, 1.0, FINE + 1)
    return tuple(np.column_stack([u, v, w + 0 * t]) for u, v, w in FIGURES[name](t))


def _saw(t: Line) -> list[tuple[Line, Line, float]]:
    return [(t, 1 - np.abs(4 * t - 2), 1.0)]


def _wave(t: Line) -> list[tuple[Line, Line, float]]:
    return [(t, np.sin(2 * np.pi * t), 1.0)]


def _scales(t: Line) -> list[tuple[Line, Line, float]]:
    """Half circles side by side, open at the foot."""
    return [((1 - np.cos(np.pi * t)) / 2, 2 * np.sin(np.pi * t) - 1, 1.0)]


def _loops(t: Line) -> list[tuple[Line, Line, float]]:
    """A trochoid that goes back on itself."""
    return [(t - 0.36 * np.sin(2 * np.pi * t), -np.cos(2 * np.pi * t), 1.0)]


def _loops_in_loops(t: Line) -> list[tuple[Line, Line, float]]:
    """A limaçon that is carried along: each loop has another in it."""
    turn = 2 * np.pi * t
    reach = 0.62 + np.cos(turn)
    return [(t + 0.8 * reach * np.sin(turn), 0.6 - reach * np.cos(turn), 1.0)]


def _stitches(t: Line) -> list[tuple[Line, Line, float]]:
    return [(0.16 + 0.62 * t, 0.5 * (2 * t - 1), 1.0)]


def _chain(t: Line) -> list[tuple[Line, Line, float]]:
    """A link from the front, and half over it the next one from the side."""
    turn = 2 * np.pi * t
    return [
        (0.5 - 0.4 * np.cos(turn), 0.72 * np.sin(turn), 1.0),
        (0.8 + 0.4 * t, 0.0 * t, 1.4),
    ]


def _rope(t: Line) -> list[tuple[Line, Line, float]]:
    """Strands that run slantwise from one edge to the other, each with its bulge."""
    bulge = 0.16 * np.sin(np.pi * t)
    return [
        (t + 0.1 * np.sin(2 * np.pi * t), -np.cos(np.pi * t), 1.0),
        (t, 1.0 + bulge, 1.0),
        (t, -1.0 - bulge, 1.0),
    ]


def _leaves(t: Line) -> list[tuple[Line, Line, float]]:
    """A stem with a leaf to either side in turn."""

    def leaf(at: float, side: float) -> list[tuple[Line, Line, float]]:
        x, open_ = t * 0.62, 0.3 * np.sin(np.pi * t)
        edge = [(at + x + s * open_ * 0.45, side * (t + s * open_ * -0.55), 1.0) for s in (1, -1)]
        return [*edge, (at + 0.62 * t * 0.72, side * t * 0.72, 0.5)]

    return [(t, 0.0 * t, 1.0), *leaf(0.08, 1.0), *leaf(0.58, -1.0)]


FIGURES: dict[str, Callable[[Line], list[tuple[Line, Line, float]]]] = {
    "scales": _scales, "saw": _saw, "wave": _wave, "loops": _loops, "loops in loops": _loops_in_loops,
    "stitches": _stitches, "chain": _chain, "rope": _rope, "leaves": _leaves,
}  # fmt: skip
