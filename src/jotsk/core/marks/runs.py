"""The px of an area as runs, and what they cover."""

from __future__ import annotations

import math

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink.mask_kernel import even_edged_into, runs_between, runs_into
from jotsk.core.ink.painting import Key
from jotsk.core.ink.ribbon import TILE

SIGMAS = 2.5  # of a Gaussian, beyond which nothing of it is left
MOST_RUN, MOST_SOFTENED_PX = 1 << 24, 200.0
Runs = NDArray[np.int32]  # (N, 3) y, from x, up to x, row by row


def reach_of(soft: bool, soften_px: float) -> int:
    """How far beyond its px an area covers others: its edge evened over a px, or softened by a Gaussian."""
    return math.ceil(SIGMAS * soften_px) if soften_px > 0 else int(soft)


def coverage_of(runs: Runs, key: Key, soft: bool, soften_px: float = 0.0) -> NDArray[np.uint8]:
    """How much of each px of a tile is covered, (128, 128)."""
    x, y = key[0] * TILE, key[1] * TILE
    if soft and soften_px <= 0:
        out = np.empty((TILE, TILE), np.uint8)
        even_edged_into(out, runs, x, y)
        return out
    pad = reach_of(soft, soften_px)
    x0, y0 = x - pad, y - pad
    tile = np.zeros((TILE + 2 * pad, TILE + 2 * pad), np.uint8)
    first, last = runs_between(runs, y0, y0 + len(tile))
    runs_into(tile, runs, first, last, x0, y0)
    return blurred_within(tile, pad, soften_px) if soften_px > 0 else tile


def blurred_within(padded: NDArray[np.uint8], pad: int, sigma_px: float) -> NDArray[np.uint8]:
    """An alpha with a soft edge, without the `pad` px around it."""
    side = 2 * pad + 1
    blurred = cv2.GaussianBlur(padded, (side, side), sigma_px, borderType=cv2.BORDER_CONSTANT)
    return np.ascontiguousarray(blurred[pad:-pad, pad:-pad])


def moved_runs(runs: Runs, m: NDArray[np.float64]) -> Runs:
    """The px of an area elsewhere, turned, reflected or larger: each px that has its middle in it then. Moved by whole
    px they are the same."""
    if not len(runs):
        return runs
    by = m[:, 2]
    if np.array_equal(m[:, :2], np.eye(2)) and np.array_equal(by, np.round(by)):
        return np.asarray(runs + np.array([int(by[1]), int(by[0]), int(by[0])], np.int32))
    area = bounds_of(runs)
    mask = np.zeros((area.height, area.width), np.uint8)
    runs_into(mask, runs, 0, len(runs), area.x0, area.y0)
    corners = np.array([(x, y) for x in (area.x0, area.x1) for y in (area.y0, area.y1)]) @ m[:, :2].T + by
    low, high = np.floor(corners.min(axis=0)).astype(int), np.ceil(corners.max(axis=0)).astype(int)
    shift = m.copy()
    shift[:, 2] = m[:, :2] @ (area.x0 + 0.5, area.y0 + 0.5) + by - low - 0.5
    size = int(high[0] - low[0]), int(high[1] - low[1])
    moved = cv2.warpAffine(mask, shift, size, flags=cv2.INTER_LINEAR) >= 128
    return runs_from_mask(moved, int(low[0]), int(low[1]))


def runs_from_mask(mask: NDArray[np.bool_], x0: int, y0: int) -> Runs:
    """The runs of a mask whose corner lies at (x0, y0)."""
    edges = np.diff(np.pad(mask, ((0, 0), (1, 1))).astype(np.int8), axis=1)
    starts, stops = np.argwhere(edges == 1), np.argwhere(edges == -1)
    return np.column_stack([starts[:, 0] + y0, starts[:, 1] + x0, stops[:, 1] + x0]).astype(np.int32)


def bounds_of(runs: Runs) -> Rect:
    if not len(runs):
        return EMPTY
    return Rect(int(runs[:, 1].min()), int(runs[0, 0]), int(runs[:, 2].max()), int(runs[-1, 0]) + 1)


def steps_of(runs: Runs) -> NDArray[np.float64]:
    """Each run as it differs from the one before, which packs well."""
    return np.diff(runs.astype(np.float64), axis=0, prepend=np.zeros((1, 3)))


def runs_from_steps(steps: NDArray[np.float64]) -> Runs:
    runs = np.cumsum(steps, axis=0)
    if not np.isfinite(runs).all() or np.abs(runs).max(initial=0.0) > MOST_RUN or (np.diff(runs[:, 0]) < 0).any():
        raise ValueError("the rows of an area do not follow each other")
    if (runs[:, 2] <= runs[:, 1]).any():
        raise ValueError("a run of an area ends before it begins")
    return np.asarray(runs, np.int32)
