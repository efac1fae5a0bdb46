"""Regions between lines: found with gaps closed, and led under the lines to their middle.

A region is first what is farther from all lines than half a gap: there no slit is passed. From its rim it goes on
downhill, to where lines are nearer and nearer: so it reaches every corner, and stops in the neck of a slit, behind
which lines are farther again.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import lru_cache
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.fill.bits import PX, Bits, Mask
from jotsk.core.fill.bits_kernel import downhill, farther_into, flood, go_under
from jotsk.core.fill.region_kernel import climb
from jotsk.core.runtime.parallel import bands, in_shares


class Core(NamedTuple):
    """What of the room around a px is farther from the lines than half a gap, as bits, and the px that are farther than
    each of some distances up to that: the first of `levels` (K + 1, H, N) are those that are free."""

    own: Bits
    levels: NDArray[np.uint64]
    highest: NDArray[np.int64]  # the level up to which the way may rise again at each

    @property
    def others(self) -> Bits:
        """What is as far from the lines elsewhere."""
        return Bits(self.levels[-1], self.own.width).but(self.own)


MIDDLE_PX = 96  # under a line thicker than twice that, a region does not go on to its middle
NEAR_PX, WORTH_BANDS_PX = 128, 1_000_000
AROUND_PX = 64  # a px, where room is looked for first
LEVEL_PX, MOST_LEVELS = 0.5, 24
SLACK_PX = 0.75  # by which the distance may rise from px to px though the way goes downhill: a px grid is not smooth
BESIDE_PX = 64  # of a region, where others are followed into slits
MOST_OFFSETS_PX = 12.0  # half a gap: a wider one is taken from the distances of all px


def distance_of(free: Mask) -> NDArray[np.float32]:
    """How far every px is from the next one that is not free, px, to two hundredths of that; 0 on those."""
    return np.asarray(cv2.distanceTransform(free.view(np.uint8), cv2.DIST_L2, 5), np.float32)


def near_distance_of(free: Mask) -> NDArray[np.float32]:
    """As `distance_of` as far as `NEAR_PX`; a px that is farther away may be said to be farther than it is. Worked out
    on all cores, in bands that reach so far into each other."""
    if free.size < WORTH_BANDS_PX:
        return distance_of(free)
    out = np.empty(free.shape, np.float32)
    _in_bands(out, NEAR_PX, lambda rows: distance_of(free[rows]))
    return out


def _in_bands(out: NDArray[Any], reach: int, work: Callable[[slice], NDArray[Any]]) -> None:
    """Fill a picture on all cores, in bands of rows, each worked out with so many rows above and below it."""

    def band(rows: slice) -> None:
        top = max(0, rows.start - reach)
        out[rows] = work(slice(top, rows.stop + reach))[rows.start - top : rows.stop - top]

    in_shares(band, bands(len(out)))


def halvings(px: int, most_px: int) -> int:
    """How often a picture of so many px is halved until it has at most `most_px`."""
    times = 0
    while px >> (2 * times) > most_px:
        times += 1
    return times


def halved(free: Mask, times: int) -> Mask:
    """A mask halved so often: only what is free wholly stays free."""
    for _ in range(times):
        h, w = free.shape[0] // 2 * 2, free.shape[1] // 2 * 2
        rows = free[0:h:2] & free[1:h:2]
        free = rows[:, 0:w:2] & rows[:, 1:w:2]
    return free


def core_at(free: Bits, y: int, x: int, gap_px: float) -> Core:
    """What of the region around a px no gap leads out of. Where all around is narrower than the gap, slits as wide as
    half of what is there are passed."""
    if gap_px <= 0:
        return Core(Bits(flood(free.words, y, x), free.width), free.words[None], np.zeros(0, np.int64))
    top_y, top_x, room = _room_beside(free, y, x, (gap_px + 1) / 2)
    half = min((gap_px + 1) / 2, room - 0.5)
    if half <= MOST_OFFSETS_PX:
        offsets, distances = _offsets(half)
        lines = free.opposite().words
        levels = np.empty((len(distances), *lines.shape), np.uint64)
        levels[0] = free.words
        in_shares(lambda part: farther_into(levels, lines, offsets, part.start, part.stop), bands(len(lines)))
    else:
        distances = np.linspace(0.0, half, MOST_LEVELS + 1)
        distance = near_distance_of(free.mask())
        levels = np.stack([Bits.of(distance > each).words for each in distances])
    reached = np.append(distances[1:], half) + SLACK_PX
    highest = np.maximum(np.searchsorted(distances, reached, side="right") - 1, np.arange(1, len(distances) + 1))
    return Core(Bits(flood(levels[-1], top_y, top_x), free.width), levels, highest[:-1])


def _room_beside(free: Bits, y: int, x: int, enough_px: float) -> tuple[int, int, float]:
    """Uphill from a px, to where it is farther from the lines than is enough, or than at all px beside it: y, x, and
    how far."""
    reach = AROUND_PX + int(2 * enough_px)
    while True:
        y0, x0 = max(0, y - reach), max(0, x - reach) // PX * PX
        part = free.part(slice(y0, y + reach), slice(x0, min(free.width, x + reach))).mask()
        distance = distance_of(part)
        top_y, top_x = climb(distance, y - y0, x - x0, enough_px + 0.5)
        room = float(distance[top_y, top_x])
        is_inside = min(top_y, top_x) > 0 and top_y < len(part) - 1 and top_x < part.shape[1] - 1
        if is_inside or room >= enough_px + 0.5 or part.shape == (len(free.words), free.width):
            return y0 + top_y, x0 + top_x, room
        reach *= 4


@lru_cache(maxsize=16)
def _offsets(half: float) -> tuple[NDArray[np.int64], NDArray[np.float64]]:
    """(M, 3) the level and the place, y and x, of every px within a distance of one, below it and to its right; how far
    those of each level are at most, 0 for the first."""
    r = int(half)
    y, x = np.mgrid[: r + 1, : r + 1].reshape(2, -1)
    far = np.hypot(y, x)
    near = (far > 0) & (far <= half)
    step = np.floor(far[near] / max(LEVEL_PX, half / MOST_LEVELS))
    steps, level = np.unique(step, return_inverse=True)
    distances = np.array([0.0, *(far[near][step == each].max() for each in steps)])
    order = np.argsort(level, kind="stable")
    return np.column_stack([level + 1, y[near], x[near]])[order].astype(np.int64), distances


def region_of(core: Core) -> Bits:
    """The region of a core: its corners are reached, and no slit as wide as the gap is passed."""
    own = Bits(core.own.words.copy(), core.own.width)
    if len(core.highest):
        downhill(core.levels, core.highest, own.words, core.others.words, _beside(own.words))
    return own


def _beside(words: NDArray[np.uint64]) -> NDArray[np.bool_]:
    """Which words of a picture lie beside one that has px, or not much farther away than `BESIDE_PX`."""
    rows = BESIDE_PX // 2
    whole = np.zeros((-(-len(words) // rows) * rows, words.shape[1]), np.bool_)
    whole[: len(words)] = words != 0
    inked = whole.reshape(-1, rows, words.shape[1]).any(axis=1)
    near = cv2.dilate(inked.view(np.uint8), np.ones((5, 2 * (BESIDE_PX // PX) + 1), np.uint8)).view(np.bool_)
    return np.repeat(near, rows, axis=0)[: len(words)]


def under_lines(region: Bits, free: Bits, most_px: float | None = None) -> Bits:
    """The region with what lies under the lines around it, up to their middle, or up to `most_px`."""
    reach = MIDDLE_PX if most_px is None else round(most_px)

    def under(rows: slice) -> NDArray[np.uint64]:
        own, around = (Bits(of.words[rows], of.width) for of in (region, free))
        reached = own.words.copy()
        others = around.but(own).words if most_px is None else np.zeros_like(reached)
        go_under(reached, others, around.opposite().words, reach)
        return reached

    if free.words.size * PX < WORTH_BANDS_PX:
        return Bits(under(slice(0, len(free.words))), region.width)
    out = np.empty_like(free.words)
    _in_bands(out, reach, under)
    return Bits(out, region.width)


def _away_from(mask: Mask) -> NDArray[np.float32]:
    return np.asarray(cv2.distanceTransform((~mask).view(np.uint8), cv2.DIST_L2, 5), np.float32)


def grown(mask: Mask, px: float) -> Mask:
    """Larger by so many px, or smaller by as many if they are below 0; the mask needs that much room around it."""
    if px == 0:
        return mask
    if px > 0:
        return np.asarray(_away_from(mask) <= px)
    return np.asarray(cv2.distanceTransform(mask.view(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_PRECISE) > -px)
