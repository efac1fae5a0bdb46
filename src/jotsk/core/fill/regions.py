"""Regions between lines: found with gaps closed, and led under the lines to their middle."""

from __future__ import annotations

from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.fill.region_kernel import climb, go_downhill, led_under
from jotsk.core.runtime.parallel import bands, in_shares

Mask = NDArray[np.bool_]  # (H, W)


class Core(NamedTuple):
    """What is farther from the lines than half a gap: `OWN` where it is the part that is meant, else `OTHERS`; how far
    every px is."""

    labels: NDArray[np.int32]
    distance: NDArray[np.float32]
    half: float


OTHERS, OWN = 1, 2
NEAR_PX, WORTH_BANDS_PX = 128, 1_000_000
CORNER_PX = 96  # beyond its core, where the corners of a region are looked for first
MIDDLE_PX = 96  # under a line thicker than twice that, a region does not go on to its middle


def distance_of(free: Mask) -> NDArray[np.float32]:
    """How far every px is from the next one that is not free, px, to two hundredths of that; 0 on those."""
    return np.asarray(cv2.distanceTransform(free.view(np.uint8), cv2.DIST_L2, 5), np.float32)


def near_distance_of(free: Mask) -> NDArray[np.float32]:
    """As `distance_of` as far as `NEAR_PX`; a px that is farther away may be said to be farther than it is. Worked out
    on all cores, in bands that reach so far into each other."""
    if free.size < WORTH_BANDS_PX:
        return distance_of(free)
    out = np.empty(free.shape, np.float32)

    def band(rows: slice) -> None:
        y0, y1 = rows.start, rows.stop
        top = max(0, y0 - NEAR_PX)
        out[rows] = distance_of(free[top : y1 + NEAR_PX])[y0 - top : y1 - top]

    in_shares(band, bands(len(free)))
    return out


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


def core_at(free: Mask, y: int, x: int, gap_px: float) -> Core:
    """What of the region around a px no gap leads out of."""
    distance = near_distance_of(free)
    top_y, top_x = climb(distance, y, x)
    room = float(distance[top_y, top_x])
    half = min((gap_px + 1) / 2, room - 0.5) if gap_px > 0 else 0.0
    labels = (distance > half).astype(np.int32)  # OTHERS
    cv2.floodFill(labels, None, (top_x, top_y), OWN, flags=4)
    return Core(labels, distance, half)


def region_of(core: Core) -> Mask:
    """The region of a core: its corners are reached."""
    own = core.labels == OWN
    if core.half <= 0:
        return np.asarray(own)
    rows, columns = (np.flatnonzero(own.any(axis=axis)) for axis in (1, 0))
    h, w = own.shape
    beyond = CORNER_PX
    while True:
        y0, y1 = max(0, rows[0] - beyond), min(h, rows[-1] + 1 + beyond)
        x0, x1 = max(0, columns[0] - beyond), min(w, columns[-1] + 1 + beyond)
        labels = core.labels[y0:y1, x0:x1].copy()
        go_downhill(labels, np.ascontiguousarray(core.distance[y0:y1, x0:x1]))
        near = labels == OWN
        sides = (y0 > 0, near[0]), (y1 < h, near[-1]), (x0 > 0, near[:, 0]), (x1 < w, near[:, -1])
        if not any(is_inside and side.any() for is_inside, side in sides):
            break
        beyond *= 8  # a corner that is longer
    own[y0:y1, x0:x1] = near
    return np.asarray(own)


def region_at(free: Mask, y: int, x: int, gap_px: float) -> Mask:
    """The region of free px around one of them: slits of up to `gap_px` are not passed, corners are reached.

    Where all around is narrower than that, slits as wide as half of what is there are passed.
    """
    return region_of(core_at(free, y, x, gap_px))


def under_lines(region: Mask, free: Mask, most_px: float | None = None) -> Mask:
    """The region with what lies under the lines around it, up to their middle, or up to `most_px`."""
    reach = MIDDLE_PX if most_px is None else most_px
    if reach <= 0:
        return region
    others = free & ~region
    if most_px is None and others.any():
        from_own, from_others = in_shares(_away_from, [region, others])
    else:
        from_own = from_others = _away_from(region)
    out = np.empty_like(region)
    in_shares(
        lambda part: led_under(out[part], region[part], free[part], from_own[part], from_others[part], reach),
        bands(len(out)),
    )
    return out


def _away_from(mask: Mask) -> NDArray[np.float32]:
    return np.asarray(cv2.distanceTransform((~mask).view(np.uint8), cv2.DIST_L2, 5), np.float32)


def grown(mask: Mask, px: float) -> Mask:
    """Larger by so many px, or smaller by as many if they are below 0; the mask needs that much room around it."""
    if px == 0:
        return mask
    if px > 0:
        return np.asarray(_away_from(mask) <= px)
    return np.asarray(cv2.distanceTransform(mask.view(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_PRECISE) > -px)
