"""Where the motifs of a line lie, and their places on the page, compiled: a line may have thousands of them."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
FINE = 48  # steps of a whole figure; its corners lie at quarters of it
STEP_PX = 3.0
STRIDES = (12, 8, 6, 4, 3, 2)
LEAST_STEP_PX = 1.0  # from one motif to the next
MOST_MOTIFS = 5_000
LEAST_RADIUS_PX = 0.15


@njit(**OPTIONS)
def _between(x: float, along: NDArray[np.float64]) -> int:
    """The piece of the line a place lies on."""
    after: int = np.searchsorted(along, x, side="right")  # type: ignore[assignment]
    return min(max(0, after - 1), len(along) - 2)


@njit(**OPTIONS)
def _near(k: int, x: float, along: NDArray[np.float64]) -> int:
    """As `_between`, for a place near piece k."""
    while k < len(along) - 2 and x >= along[k + 1]:
        k += 1
    while k > 0 and x < along[k]:
        k -= 1
    return k


@njit(**OPTIONS)
def _at(x: float, k: int, along: NDArray[np.float64], column: NDArray[np.float64]) -> float:
    """Linear interpolation on piece k; the ends go on level."""
    if x <= along[0]:
        return column[0]
    if x >= along[-1]:
        return column[-1]
    return (column[k + 1] - column[k]) / (along[k + 1] - along[k]) * (x - along[k]) + column[k]


@njit(**OPTIONS)
def _slopes(along: NDArray[np.float64], columns: NDArray[np.float64]) -> NDArray[np.float64]:
    """How each column rises on each piece."""
    slope = np.empty(columns.shape)
    for k in range(len(along) - 1):
        for column in range(columns.shape[1]):
            slope[k, column] = (columns[k + 1, column] - columns[k, column]) / (along[k + 1] - along[k])
    return slope


@njit(**OPTIONS)
def _on(
    x: float, k: int, along: NDArray[np.float64], columns: NDArray[np.float64], slope: NDArray[np.float64], column: int
) -> float:
    """As `_at`, of one of many columns whose slopes are worked out."""
    if x <= along[0]:
        return columns[0, column]
    if x >= along[-1]:
        return columns[-1, column]
    return slope[k, column] * (x - along[k]) + columns[k, column]


@njit(**OPTIONS)
def starts_of(
    along: NDArray[np.float64], radius: NDArray[np.float64], spacing: NDArray[np.float64], motif_spacing: float,
    is_unbroken: bool,
) -> NDArray[np.float64]:  # fmt: skip
    """(M, 2) where each motif begins, and how far it is to the next. `along`, `radius` and `spacing` are (N,), px and
    times."""
    total, at = along[-1], 0.0
    found = np.empty((MOST_MOTIFS, 2))
    count = 0
    while at < total and count < MOST_MOTIFS:
        k = _between(at, along)
        times = _at(at, k, along, spacing)
        step = max(LEAST_STEP_PX, 2.0 * _at(at, k, along, radius) * motif_spacing * times)
        ahead = at + step / 2
        middle = _at(ahead, _between(ahead, along), along, radius)  # that of a line that grows counts
        step = max(LEAST_STEP_PX, 2.0 * middle * motif_spacing * times)
        if at + step > total and count and not is_unbroken:
            break
        found[count, 0], found[count, 1] = at, step
        count += 1
        at += step
    return found[:count].copy()


@njit(**OPTIONS)
def _stride(step: float, radius: float) -> int:
    """Every how many points of a figure are enough."""
    for every in STRIDES:
        if every * (step + 4.0 * radius) / FINE <= STEP_PX:
            return every
    return 1


@njit(**OPTIONS)
def placed(
    columns: NDArray[np.float64], along: NDArray[np.float64], normal: NDArray[np.float64],
    turn_rad: NDArray[np.float64], starts: NDArray[np.float64], figure: NDArray[np.float64], ends: NDArray[np.int64],
    motif_line: float, is_unbroken: bool,
) -> tuple[NDArray[np.float64], NDArray[np.int64]]:  # fmt: skip
    """The points of all motifs, (P, 5) x, y, radius, ink, time, and where each piece stops.

    `columns` is (N, 5), `along` and `turn_rad` (N,), `normal` (N, 2), `starts` (M, 2); `figure` is (K, 3) along,
    across, weight of all lines of the figure, each up to its place in `ends`.
    """
    total = along[-1]
    slope, slope_n = _slopes(along, columns), _slopes(along, normal)
    rows = np.empty((len(starts) * (len(figure) + len(ends)), 5))
    stops = np.empty(len(starts) * len(ends), np.int64)
    count, pieces = 0, 0
    is_over = False
    for m in range(len(starts)):
        if is_over:
            break
        at, step = starts[m]
        middle = at + step / 2
        k = _between(middle, along)
        radius, turn = _at(middle, k, along, columns[:, 2]), _at(middle, k, along, turn_rad)
        c, s = math.cos(turn), math.sin(turn)
        every = _stride(step, radius)
        begin = 0
        for end in ends:
            long = end - begin
            hop = min(every, max(1, long - 1)) if long > FINE // 2 else 1
            first = count
            for i in range(begin, end, hop):
                u, v, weight = figure[i]
                if turn != 0.0:
                    x, y = (u - 0.5) * step, v * radius
                    u, v = 0.5 + (c * x - s * y) / step, (s * x + c * y) / max(radius, 1e-6)
                place = at + u * step
                if is_unbroken and place > total:  # it ends where the line does
                    is_over = True
                    break
                k = _near(k, place, along)
                beyond = place if place < 0.0 else max(place - total, 0.0)  # goes on straight
                nx, ny = _on(place, k, along, normal, slope_n, 0), _on(place, k, along, normal, slope_n, 1)
                for column in range(5):
                    rows[count, column] = _on(place, k, along, columns, slope, column)
                reach = rows[count, 2]
                rows[count, 0] += nx * v * reach + ny * beyond
                rows[count, 1] += ny * v * reach - nx * beyond
                rows[count, 2] = max(reach * motif_line * weight, LEAST_RADIUS_PX)
                count += 1
            begin = end
            if count == first:
                continue
            if is_unbroken and pieces:
                stops[0] = count  # one piece that goes on
            else:
                stops[pieces] = count
                pieces += 1
    for i in range(1, count):
        rows[i, 4] = max(rows[i, 4], rows[i - 1, 4])
    return rows[:count].copy(), stops[:pieces].copy()
