"""How each kind of pen puts a ribbon into a buffer, and what becomes of the buffer."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from functools import lru_cache, partial
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.blend_kernel import for_reading
from jotsk.core.ink.cord_kernel import paint_cord
from jotsk.core.ink.coverage_kernel import paint_ribbon, paint_tiles
from jotsk.core.ink.depth_kernel import deepen_tiles
from jotsk.core.ink.grain_kernel import grain_into, paper
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE, Ribbon
from jotsk.core.ink.swept_kernel import covered_into, crisp_deposit, finish_into, paint_textured, soft_deposit
from jotsk.core.ink.tips import ROWS, tip
from jotsk.core.runtime.parallel import THREADS, in_shares

Key = tuple[int, int]
Shells = tuple[tuple[float, float], ...]
PROFILE_STEPS = 64
MOST_FLOW = 0.98
WORTH_THREADS = 48  # tiles
WHOLE = ((1.0, 1.0),)  # the shells of one smooth line from edge to edge
CRISP_SHELLS = 2  # so few are an edge, more are a soft fall


def new_buffer(pen: Pen, height: int, width: int) -> NDArray[Any]:
    """An empty buffer of the kind the pen paints into: a deposit (float32) if it builds, else ink (uint8)."""
    return np.zeros((height, width), np.float32 if pen.builds else np.uint8)


def paint(
    pen: Pen, size_px: float, buffer: NDArray[Any], corner: tuple[float, float],
    points: NDArray[np.float32], ink: NDArray[np.uint8], along: NDArray[np.float64], first: int, last: int,
    *, starts: bool = True, ends: bool = True,
) -> None:  # fmt: skip
    """Put segments `first` .. `last` - 1 of a ribbon into `buffer`, whose corner lies at page px `corner`.

    The ribbon `starts` and `ends` a line, or is a part of one that goes on.
    """
    x, y = corner
    if pen.builds:
        profile, strength, crisp = flow_profile(pen)
        if crisp:
            crisp_deposit(buffer, x, y, points, ink, first, last, strength, starts, ends)
        else:
            soft_deposit(buffer, x, y, points, ink, first, last, profile, strength)
    elif pen.tip != "smooth" and len(points) > 1:
        paint_textured(buffer, x, y, points, ink, along, first, last, tip(pen.tip), ROWS / size_px)
    else:
        paint_shells(pen.shells, buffer, corner, points, ink, first, last)


def paint_shells(
    shells: Shells, buffer: NDArray[np.uint8], corner: tuple[float, float], points: NDArray[np.float32],
    ink: NDArray[np.uint8], first: int, last: int,
) -> None:  # fmt: skip
    """Concentric smooth lines, combined by maximum."""
    x, y = corner
    for p, k in _lines(shells, points, ink):
        paint_ribbon(buffer, x, y, p, k, first, last, False)


def shelled_tiles(shells: Shells, ribbon: Ribbon, keys: Sequence[Key]) -> NDArray[np.uint8]:
    """Return (K, 128, 128): a smooth ribbon on the tiles `keys`, all of which it can touch."""
    alphas = np.zeros((len(keys), TILE, TILE), np.uint8)
    of_piece: dict[tuple[int, int], list[tuple[int, int, int, int, int]]] = {}
    for k, (column, row) in enumerate(keys):
        for start, stop, first, last in ribbon.cells[column, row].tolist():
            of_piece.setdefault((start, stop), []).append((k, column * TILE, row * TILE, first, last))
    for (start, stop), parts in of_piece.items():
        table = np.array(parts)
        shares = [table]
        if len(parts) >= WORTH_THREADS:  # a tile is in one share
            shares = [table[table[:, 0] % THREADS == k] for k in range(THREADS)]
        for points, ink in _lines(shells, ribbon.points[start:stop], ribbon.ink[start:stop]):
            in_shares(partial(paint_tiles, alphas, points, ink), shares)
    return alphas


def depths_of(ribbon: Ribbon) -> tuple[NDArray[np.int64], NDArray[np.uint8]]:
    """The (K, 2) columns and rows of the tiles a smooth ribbon touches, and (K, 128, 128) how deep their px lie in it:
    `EDGE` is its edge, and each px of depth is `PER_PX` more."""
    touched, is_first = ribbon.touched, ribbon.begins_cell
    depths = np.zeros((int(is_first.sum()), TILE, TILE), np.uint8)
    parts = np.column_stack([np.cumsum(is_first) - 1, touched[:, :2] * TILE, touched[:, 2:]])
    deepen_tiles(depths, ribbon.points, parts)
    return touched[is_first, :2], depths


def inked_tiles(
    pen: Pen, size_px: float, ribbon: Ribbon, keys: Sequence[Key], unders: Sequence[tuple[float, float]] = ()
) -> list[NDArray[np.uint8]]:
    """Return the (128, 128) alphas that a whole ribbon leaves on the tiles `keys`, all of which it can touch. At the
    times `unders` a cord goes under itself."""
    corners = [(column * TILE, row * TILE) for column, row in keys]
    if pen.cord > 0:
        buffers: list[NDArray[Any]] = [_cord_tile(pen, ribbon, key, unders) for key in keys]
    elif pen.tip == "smooth" and not pen.builds:
        buffers = list(shelled_tiles(pen.shells, ribbon, keys))
    else:
        buffers = [new_buffer(pen, TILE, TILE) for _ in keys]
        for key, buffer, corner in zip(keys, buffers, corners, strict=True):
            for start, stop, first, last in ribbon.cells[key].tolist():
                piece = slice(start, stop)
                paint(
                    pen, size_px, buffer, corner, ribbon.points[piece], ribbon.ink[piece], ribbon.along[piece],
                    first, last,
                )  # fmt: skip
    return [finished(pen, buffer, corner) for buffer, corner in zip(buffers, corners, strict=True)]


def _cord_tile(pen: Pen, ribbon: Ribbon, key: Key, unders: Sequence[tuple[float, float]]) -> NDArray[np.uint8]:
    ink, covered = np.zeros((TILE, TILE), np.float32), np.zeros((TILE, TILE), np.float32)
    parts = sorted(ribbon.cells[key].tolist(), key=lambda piece: piece[0] + piece[2])
    rows = [np.arange(start + max(0, first), min(stop, start + last + 1)) for start, stop, first, last in parts]
    starts = np.concatenate([np.arange(len(r)) == 0 for r in rows])
    at = np.concatenate(rows)
    times = ribbon.times[at]
    is_under = np.zeros(len(at), np.bool_)
    for begin, end in unders:
        is_under |= (times >= begin) & (times <= end)
    points, levels, along = ribbon.points[at], ribbon.ink[at], ribbon.along[at]
    if ribbon.turns > 1:  # a copy is another visit, however short the line is
        along = along + at // (len(ribbon) // ribbon.turns) * (2.0 * ribbon.along[-1] + 1e4)
    paint_cord(
        ink, covered, float(key[0] * TILE), float(key[1] * TILE), points, levels, along, is_under, starts, pen.cord
    )
    return np.ascontiguousarray((np.clip(ink, 0, 1) * 255 + 0.5).astype(np.uint8))


def _lines(
    shells: Shells, points: NDArray[np.float32], ink: NDArray[np.uint8]
) -> Iterator[tuple[NDArray[np.float32], NDArray[np.uint8]]]:
    for radius_share, ink_share in shells:
        p, k = points, ink
        if radius_share != 1.0:
            p = points * np.array([1.0, 1.0, radius_share], np.float32)
        if ink_share != 1.0:
            k = (ink * ink_share + 0.5).astype(np.uint8)
        yield for_reading(p), for_reading(k)


def is_plain(pen: Pen) -> bool:
    """Whether what the pen paints into a buffer is the alpha already."""
    return not (pen.builds or pen.grain or pen.hard) and pen.opacity >= 1.0


def finished(pen: Pen, buffer: NDArray[Any], corner: tuple[int, int]) -> NDArray[np.uint8]:
    """The alpha a buffer stands for, after paper, edge and opacity."""
    if buffer.dtype == np.float32:  # a deposit
        alpha = np.zeros(buffer.shape, np.uint8)
        covered_into(alpha, buffer)
    else:
        alpha = buffer
    if pen.grain:
        grain_into(alpha, corner[0], corner[1], paper(), pen.grain)
    if pen.hard or pen.opacity < 1.0:
        finish_into(alpha, round(pen.opacity * 255), pen.hard)
    return alpha


def flow_profile(pen: Pen) -> tuple[NDArray[np.float64], float, bool]:
    """p at even steps of d / r, the strength at which one straight pass covers `pen.builds` in its middle, and whether
    its edge is crisp."""
    return _flow_profile(pen.shells, pen.builds)


@lru_cache(maxsize=32)
def _flow_profile(shells: Shells, flow: float) -> tuple[NDArray[np.float64], float, bool]:
    q = np.linspace(0.0, 1.0, PROFILE_STEPS + 1)
    if len(shells) <= CRISP_SHELLS:
        profile = 1 / np.sqrt(np.maximum(1 - q * q, 1 / PROFILE_STEPS))
    else:
        radius, ink = np.array(sorted(shells)).T
        profile = np.interp(q, np.concatenate([radius, [1.0 + 1e-9]]), np.concatenate([ink, [0.0]]))
    middle = 2 * np.trapezoid(profile, q)
    return profile, float(-np.log(1 - min(flow, MOST_FLOW)) / middle), len(shells) <= CRISP_SHELLS
