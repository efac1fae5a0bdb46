"""Places of many lines, those near each other, compiled: pairs of lines side by side, open ends, hatching.

The places lie in the cells of a square raster, so that only what is in the cells around is looked at: Bentley and
Friedman, "Data structures for range searching", Computing Surveys 11 (1979).
"""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.mend.gap_kernel import gap_to
from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
MOST_CELLS = 1500  # to a side
STEP_PX = 6.0  # by which an edge may be nearer between two places than at them
FEW_OFF = 0.1  # per cent of the places: so many on either side count as if they lay in the outermost cells


class Grid(NamedTuple):
    """The places in cell k, row by row, are `order[first[k] : first[k + 1]]`."""

    x0: float
    y0: float
    cell_px: float
    columns: int
    rows: int
    first: NDArray[np.int64]
    order: NDArray[np.int64]


def grid_of(xy: NDArray[np.float64], cell_px: float) -> Grid:
    """The grid of places (N, 2), its cells about `cell_px` wide, wider where there would be too many."""
    if not len(xy):
        return Grid(0.0, 0.0, 1.0, 1, 1, np.zeros(2, np.int64), np.zeros(0, np.int64))
    low, high = np.percentile(xy, (FEW_OFF, 100 - FEW_OFF), axis=0)
    cell = max(float(cell_px), float((high - low).max()) / MOST_CELLS)
    columns, rows = (int(v) + 1 for v in (high - low) / cell)
    column = np.clip((xy[:, 0] - low[0]) / cell, 0, columns - 1).astype(np.int64)
    row = np.clip((xy[:, 1] - low[1]) / cell, 0, rows - 1).astype(np.int64)
    codes = row * columns + column
    order = np.argsort(codes, kind="stable").astype(np.int64)
    first = np.searchsorted(codes[order], np.arange(columns * rows + 1)).astype(np.int64)
    return Grid(float(low[0]), float(low[1]), cell, columns, rows, first, order)


@njit(**OPTIONS)
def _cells(at: float, reach: float, start: float, cell: float, count: int) -> tuple[int, int]:
    """The first and last column, or row, of the cells within reach."""
    low, high = np.floor((at - reach - start) / cell), np.floor((at + reach - start) / cell)
    return int(min(max(low, 0.0), count - 1.0)), int(min(max(high, 0.0), count - 1.0))


@njit(**OPTIONS)
def places_around(grid: Grid, xy: NDArray[np.float64], x: float, y: float, reach: float) -> NDArray[np.int64]:
    """The numbers of the places within reach of one."""
    c0, c1 = _cells(x, reach, grid.x0, grid.cell_px, grid.columns)
    r0, r1 = _cells(y, reach, grid.y0, grid.cell_px, grid.rows)
    count = 0
    for row in range(r0, r1 + 1):
        count += grid.first[row * grid.columns + c1 + 1] - grid.first[row * grid.columns + c0]
    out = np.empty(count, np.int64)
    n = 0
    for row in range(r0, r1 + 1):
        for k in range(grid.first[row * grid.columns + c0], grid.first[row * grid.columns + c1 + 1]):
            at = grid.order[k]
            if (xy[at, 0] - x) ** 2 + (xy[at, 1] - y) ** 2 <= reach * reach:
                out[n] = at
                n += 1
    return out[:n]


@njit(**OPTIONS)
def open_px(
    grid: Grid, xy: NDArray[np.float64], radii: NDArray[np.float64], owners: NDArray[np.int64],
    tips: NDArray[np.int64], is_left_out: NDArray[np.bool_], most: float, thickest: float,
) -> tuple[NDArray[np.float64], NDArray[np.float64]]:  # fmt: skip
    """From the edge of each tip to the nearest edge at a place of another line, px; and the same to what may be met:
    another line that is not left out (a flag for each line), or a tip of its own line. `inf` beyond `most`; of lines
    left out it is not looked for."""
    is_tip = np.zeros(len(xy), np.bool_)
    for tip in tips:
        is_tip[tip] = True
    of_any, of_met = np.full(len(tips), np.inf), np.full(len(tips), np.inf)
    for n in range(len(tips)):
        tip = tips[n]
        own = owners[tip]
        if is_left_out[own]:
            continue
        x, y = xy[tip, 0], xy[tip, 1]
        for at in places_around(grid, xy, x, y, most + radii[tip] + thickest):
            is_strange = owners[at] != own
            if not is_strange and (not is_tip[at] or at == tip):
                continue
            gap = np.sqrt((xy[at, 0] - x) ** 2 + (xy[at, 1] - y) ** 2) - radii[at] - radii[tip]
            if gap > most:
                continue
            if is_strange:
                of_any[n] = min(of_any[n], gap)
            if not is_strange or not is_left_out[owners[at]]:
                of_met[n] = min(of_met[n], gap)
    return of_any, of_met


@njit(**OPTIONS)
def places_beside(
    grid: Grid, xy: NDArray[np.float64], radii: NDArray[np.float64], ways: NDArray[np.float64],
    owners: NDArray[np.int64], gap: float, least_cos: float,
) -> NDArray[np.int64]:  # fmt: skip
    """Pairs (N, 2) of places of two lines whose edges are within a gap and whose directions, (M, 2) of length 1, are
    nearly the same; first that of the line with the smaller number. Each pair is found from its thicker place."""
    out = np.empty((1024, 2), np.int64)
    count = 0
    for n in range(len(xy)):
        x, y, own = xy[n, 0], xy[n, 1], owners[n]
        for at in places_around(grid, xy, x, y, gap + 2.0 * radii[n]):
            if owners[at] == own or radii[at] > radii[n] or (radii[at] == radii[n] and at > n):
                continue
            far = gap + radii[n] + radii[at]
            if (xy[at, 0] - x) ** 2 + (xy[at, 1] - y) ** 2 > far * far:
                continue
            if abs(ways[n, 0] * ways[at, 0] + ways[n, 1] * ways[at, 1]) < least_cos:
                continue
            if count == len(out):
                larger = np.empty((2 * count, 2), np.int64)
                larger[:count] = out
                out = larger
            out[count, 0], out[count, 1] = (n, at) if own < owners[at] else (at, n)
            count += 1
    return out[:count]


@njit(**OPTIONS)
def all_longest_beside(
    points: NDArray[np.float64], rows: NDArray[np.int64], most: float, least_cos: float
) -> tuple[NDArray[np.int64], NDArray[np.float64]]:
    """`longest_beside` for many pairs of stretches of one array (N, 3): `rows` (M, 4) says from which row to before
    which each of the two goes. (M, 2) from which row of the first to before which, and (M, 2) how long, and the gap."""
    where, sizes = np.zeros((len(rows), 2), np.int64), np.zeros((len(rows), 2))
    for k in range(len(rows)):
        a, b, c, d = rows[k]
        if b - a >= 4 and d - c >= 4:
            first, last, length, gap = longest_beside(points[a:b], points[c:d], most, least_cos)
            where[k, 0], where[k, 1], sizes[k, 0], sizes[k, 1] = a + first, a + last, length, gap
    return where, sizes


@njit(**OPTIONS)
def longest_beside(
    p: NDArray[np.float64], q: NDArray[np.float64], most: float, least_cos: float
) -> tuple[int, int, float, float]:
    """The longest stretch of one line, (N, 3) x, y, radius, whose edge runs within `most` px of another's, in its
    direction: from which place to before which, how long, and the mean gap on it. (0, 0, 0, 0) if there is none."""
    best_first, best_last, best_length, best_gap = 0, 0, -1.0, 0.0
    first, length, total = -1, 0.0, 0.0
    for n in range(len(p) + 1):
        is_beside, gap = False, 0.0
        if n < len(p):
            nearest, at_most = _nearest(p[n, 0], p[n, 1], q)
            if at_most - p[n, 2] <= most + STEP_PX and _cos(p, n, q, nearest) >= least_cos:
                gap = gap_to(p[n, 0], p[n, 1], q, 0, len(q)) - p[n, 2]
                is_beside = abs(gap) <= most
        if is_beside:
            if first < 0:
                first, length, total = n, 0.0, 0.0
            else:
                length += np.hypot(p[n, 0] - p[n - 1, 0], p[n, 1] - p[n - 1, 1])
            total += gap
        elif first >= 0:
            if length > best_length:
                best_first, best_last, best_length, best_gap = first, n, length, total / (n - first)
            first = -1
    return best_first, best_last, max(0.0, best_length), best_gap


@njit(**OPTIONS)
def all_go_into(points: NDArray[np.float64], rows: NDArray[np.int64]) -> NDArray[np.bool_]:
    """Whether the middle of the first of two lines runs into the ink of the other, for many pairs of one array (N, 3)
    of x, y, radius: `rows` (M, 4) says from which row to before which each of the two goes."""
    found = np.zeros(len(rows), np.bool_)
    for k in range(len(rows)):
        a, b, c, d = rows[k]
        found[k] = _goes_into(points[a:b], points[c:d])
    return found


@njit(**OPTIONS)
def _goes_into(p: NDArray[np.float64], q: NDArray[np.float64]) -> bool:
    x0, y0, x1, y1 = np.inf, np.inf, -np.inf, -np.inf
    for j in range(len(q)):
        x0, x1 = min(x0, q[j, 0] - q[j, 2]), max(x1, q[j, 0] + q[j, 2])
        y0, y1 = min(y0, q[j, 1] - q[j, 2]), max(y1, q[j, 1] + q[j, 2])
    for i in range(len(p)):
        n = min(i + 1, len(p) - 1)
        ax, bx = min(p[i, 0], p[n, 0]), max(p[i, 0], p[n, 0])
        ay, by = min(p[i, 1], p[n, 1]), max(p[i, 1], p[n, 1])
        if ax > x1 or bx < x0 or ay > y1 or by < y0:
            continue
        for j in range(len(q)):
            m = min(j + 1, len(q) - 1)
            r = max(q[j, 2], q[m, 2])
            if (
                ax > max(q[j, 0], q[m, 0]) + r or bx < min(q[j, 0], q[m, 0]) - r
                or ay > max(q[j, 1], q[m, 1]) + r or by < min(q[j, 1], q[m, 1]) - r
            ):  # fmt: skip
                continue
            if gap_to(p[i, 0], p[i, 1], q, j, m + 1) <= 0.0 or _cross(p, i, n, q, j, m):
                return True
    return False


@njit(**OPTIONS)
def _cross(p: NDArray[np.float64], i: int, n: int, q: NDArray[np.float64], j: int, m: int) -> bool:
    """Whether two segments cross: the ends of each lie on either side of the other."""
    ux, uy, vx, vy = p[n, 0] - p[i, 0], p[n, 1] - p[i, 1], q[m, 0] - q[j, 0], q[m, 1] - q[j, 1]
    of_j = ux * (q[j, 1] - p[i, 1]) - uy * (q[j, 0] - p[i, 0])
    of_m = ux * (q[m, 1] - p[i, 1]) - uy * (q[m, 0] - p[i, 0])
    of_i = vx * (p[i, 1] - q[j, 1]) - vy * (p[i, 0] - q[j, 0])
    of_n = vx * (p[n, 1] - q[j, 1]) - vy * (p[n, 0] - q[j, 0])
    return of_j * of_m < 0.0 and of_i * of_n < 0.0


@njit(**OPTIONS)
def _nearest(x: float, y: float, q: NDArray[np.float64]) -> tuple[int, float]:
    """The place of a line that is nearest, and how far the nearest edge at a place is."""
    best, least, gap = 0, np.inf, np.inf
    for k in range(len(q)):
        far = np.sqrt((q[k, 0] - x) ** 2 + (q[k, 1] - y) ** 2)
        if far < least:
            best, least = k, far
        gap = min(gap, far - q[k, 2])
    return best, gap


@njit(**OPTIONS)
def _cos(p: NDArray[np.float64], i: int, q: NDArray[np.float64], j: int) -> float:
    """How alike two lines run at a place of each: the cosine of the angle between them, 0..1."""
    a, b = max(0, i - 1), min(len(p) - 1, i + 1)
    c, d = max(0, j - 1), min(len(q) - 1, j + 1)
    px, py = p[b, 0] - p[a, 0], p[b, 1] - p[a, 1]
    qx, qy = q[d, 0] - q[c, 0], q[d, 1] - q[c, 1]
    return abs(px * qx + py * qy) / max(np.hypot(px, py) * np.hypot(qx, qy), 1e-9)


@njit(**OPTIONS)
def apart(
    xy: NDArray[np.float64], starts: NDArray[np.int64], step: float
) -> tuple[NDArray[np.int64], NDArray[np.float64]]:
    """The places of each line, from one of `starts` to before the next, that are about a step apart along it; and the
    direction there, of length 1."""
    out, ways = np.empty(len(xy), np.int64), np.empty((len(xy), 2))
    count = 0
    for line in range(len(starts) - 1):
        along = step
        for n in range(starts[line], starts[line + 1]):
            if n > starts[line]:
                along += np.hypot(xy[n, 0] - xy[n - 1, 0], xy[n, 1] - xy[n - 1, 1])
            if along < step:
                continue
            along = 0.0
            a, b = max(starts[line], n - 1), min(starts[line + 1] - 1, n + 1)
            x, y = xy[b, 0] - xy[a, 0], xy[b, 1] - xy[a, 1]
            length = max(np.hypot(x, y), 1e-9)
            out[count], ways[count, 0], ways[count, 1] = n, x / length, y / length
            count += 1
    return out[:count], ways[:count]


@njit(**OPTIONS)
def beside_alike(
    middles: NDArray[np.float64], ways: NDArray[np.float64], lengths: NDArray[np.float64], widths: NDArray[np.float64],
    least_cos: float, alike: float, nearest_widths: float, farthest_widths: float, farthest_share: float, enough: int,
) -> NDArray[np.bool_]:  # fmt: skip
    """Which of straight lines, sorted by x of their middles, have `enough` others beside them that run their way and
    are at most `alike` times as long or as short: across from it by more than so many widths, and by less than so many
    and that share of its length."""
    out = np.zeros(len(middles), np.bool_)
    for k in range(len(middles)):
        own, thick, count = lengths[k], widths[k], 0
        most = min(farthest_widths * thick, farthest_share * own)
        for side in (-1, 1):
            n = k + side
            while 0 <= n < len(middles) and abs(middles[n, 0] - middles[k, 0]) <= own and count < enough:
                x, y = middles[n, 0] - middles[k, 0], middles[n, 1] - middles[k, 1]
                across = abs(x * ways[k, 1] - y * ways[k, 0])
                if (
                    x * x + y * y <= own * own
                    and abs(ways[n, 0] * ways[k, 0] + ways[n, 1] * ways[k, 1]) >= least_cos
                    and lengths[n] < alike * own
                    and own < alike * lengths[n]
                    and nearest_widths * thick < across < most
                ):
                    count += 1
                n += side
        out[k] = count >= enough
    return out
