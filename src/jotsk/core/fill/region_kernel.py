"""Floods over the distance from the lines, of many regions at once, compiled: see `regions`."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
LEVELS = 1024  # of distance, a quarter of a px each
PER_PX = 4.0
SLACK_PX = 0.75  # by which distance may rise from px to px though the way goes downhill: a px grid is not smooth
NOWHERE = -1


@njit(**OPTIONS)
def go_downhill(labels: NDArray[np.int32], distance: NDArray[np.float32]) -> None:
    """Let labelled regions (labels > 0) go on into px of label 0 whose `distance` from the lines is above 0, downhill;
    of two that meet, each has what it reaches from farther above. Both arrays (H, W); `labels` is changed."""
    h, w = labels.shape
    flat = labels.ravel()
    far = distance.ravel()
    heights = np.empty(h * w, np.int16)  # of px that are still to be reached, else NOWHERE: one look instead of two
    for at in range(h * w):
        is_left = flat[at] == 0 and far[at] > 0
        heights[at] = min(LEVELS - 1, int(far[at] * PER_PX)) if is_left else NOWHERE
    # The px that wait at each level, the last one first: `places[n]`, and after it number `following[n]`.
    first = np.full(LEVELS, NOWHERE, np.int32)
    places, following = np.empty(h * w, np.int32), np.empty(h * w, np.int32)
    count, unused = 0, NOWHERE
    for y in range(h):
        for x in range(w):
            at = y * w + x
            if flat[at] <= 0:
                continue
            if (
                (x > 0 and heights[at - 1] >= 0) or (x < w - 1 and heights[at + 1] >= 0)
                or (y > 0 and heights[at - w] >= 0) or (y < h - 1 and heights[at + w] >= 0)
            ):  # fmt: skip
                k = min(LEVELS - 1, int(far[at] * PER_PX))
                places[count], following[count], first[k] = at, first[k], count
                count += 1
    slack = int(SLACK_PX * PER_PX)
    k = LEVELS - 1
    while k >= 0:
        n = first[k]
        if n == NOWHERE:
            k -= 1
            continue
        at, first[k] = places[n], following[n]
        following[n], unused = unused, n
        y, x = at // w, at % w
        for side in range(4):
            if (
                (side == 0 and x == 0)
                or (side == 1 and x == w - 1)
                or (side == 2 and y == 0)
                or (side == 3 and y == h - 1)
            ):
                continue
            there = at + (-1 if side == 0 else 1 if side == 1 else -w if side == 2 else w)
            if heights[there] < 0 or heights[there] > k + slack:
                continue
            own = min(k, int(heights[there]))
            heights[there], flat[there] = NOWHERE, flat[at]
            if unused == NOWHERE:
                n = count
                count += 1
            else:
                n, unused = unused, following[unused]
            places[n], following[n], first[own] = there, first[own], n


@njit(**OPTIONS)
def climb(distance: NDArray[np.float32], y: int, x: int, enough: float) -> tuple[int, int]:
    """Uphill from a px to where no neighbour is farther from the lines, or it is far enough."""
    h, w = distance.shape
    while distance[y, x] < enough:
        best, by, bx = distance[y, x], y, x
        for dy in range(-1, 2):
            for dx in range(-1, 2):
                v, u = y + dy, x + dx
                if 0 <= v < h and 0 <= u < w and distance[v, u] > best:
                    best, by, bx = distance[v, u], v, u
        if by == y and bx == x:
            break
        y, x = by, bx
    return y, x


@njit(**OPTIONS)
def widest_way(distance: NDArray[np.float32], y: int, x: int) -> NDArray[np.int64]:
    """The way from a px to the rim of the picture that keeps as far from the lines as any does: (N, 2) y, x from the
    rim back to the px; none if there is no way."""
    h, w = distance.shape
    far = distance.ravel()
    came = np.full(h * w, np.int64(-2))
    level = np.zeros(h * w, np.int16)
    first = np.full(LEVELS, NOWHERE, np.int64)
    following = np.full(h * w, NOWHERE, np.int64)
    at = y * w + x
    came[at] = NOWHERE
    k = min(LEVELS - 1, int(far[at] * PER_PX))
    level[at] = k
    first[k] = at
    k = LEVELS - 1
    end = np.int64(-2)
    while k >= 0:
        at = first[k]
        if at == NOWHERE:
            k -= 1
            continue
        first[k] = following[at]
        v, u = at // w, at % w
        if v == 0 or u == 0 or v == h - 1 or u == w - 1:
            end = at
            break
        for side in range(4):
            there = at + (-1 if side == 0 else 1 if side == 1 else -w if side == 2 else w)
            if came[there] != -2 or far[there] <= 0:
                continue
            came[there] = at
            n = min(level[at], min(LEVELS - 1, int(far[there] * PER_PX)))
            level[there] = n
            following[there] = first[n]
            first[n] = there
    count = 0
    at = end
    while at >= 0:
        count += 1
        at = came[at]
    way = np.empty((count, 2), np.int64)
    at = end
    for n in range(count):
        way[n, 0] = at // w
        way[n, 1] = at % w
        at = came[at]
    return way


@njit(**OPTIONS)
def label_runs(labels: NDArray[np.int32], y0: int, x0: int) -> tuple[NDArray[np.int32], NDArray[np.int32]]:
    """The runs of all labels > 0 of a picture, row by row, and the label of each."""
    h, w = labels.shape
    count = 0
    for i in range(h):
        before = np.int32(0)
        for j in range(w):
            if labels[i, j] > 0 and labels[i, j] != before:
                count += 1
            before = labels[i, j]
    out, of = np.empty((count, 3), np.int32), np.empty(count, np.int32)
    n = -1
    for i in range(h):
        before = np.int32(0)
        for j in range(w):
            now = labels[i, j]
            if now != before:
                if before > 0:
                    out[n, 2] = x0 + j
                if now > 0:
                    n += 1
                    out[n, 0], out[n, 1], of[n] = y0 + i, x0 + j, now
            before = now
        if before > 0:
            out[n, 2] = x0 + w
    return out, of


@njit(**OPTIONS)
def farthest_of(labels: NDArray[np.int32], distance: NDArray[np.float32], count: int) -> NDArray[np.int64]:
    """Of every label below `count` the place, y times the width and x, of the px that is farthest from all lines."""
    flat, far = labels.ravel(), distance.ravel()
    most, seeds = np.full(count, np.float32(-1)), np.zeros(count, np.int64)
    for at in range(len(flat)):
        own = flat[at]
        if own > 0 and far[at] > most[own]:
            most[own] = far[at]
            seeds[own] = at
    return seeds


@njit(**OPTIONS)
def names_into(
    at: NDArray[np.int32], nearest: NDArray[np.int32], labels: NDArray[np.int32], firm: NDArray[np.bool_]
) -> None:
    """Note under the number of each px that stays what its label is. The pictures are (H, W)."""
    h, w = labels.shape
    for i in range(h):
        for j in range(w):
            if firm[labels[i, j]]:
                at[nearest[i, j]] = labels[i, j]


@njit(**OPTIONS)
def spread_into(
    labels: NDArray[np.int32], nearest: NDArray[np.int32], at: NDArray[np.int32], away: NDArray[np.float32],
    free: NDArray[np.bool_], outside: NDArray[np.bool_], reach: float,
) -> None:  # fmt: skip
    """Give each px the label of the px it is nearest to: none where that lies outside, or farther away than `reach`
    under a line."""
    h, w = labels.shape
    for i in range(h):
        for j in range(w):
            own = at[nearest[i, j]]
            labels[i, j] = 0 if outside[own] or (away[i, j] > reach and not free[i, j]) else own
