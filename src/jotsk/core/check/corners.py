"""Corners that meet a frame: the point of a form just touches the border of a panel, or where the page is cut."""

from __future__ import annotations

import math
from collections.abc import Iterator
from functools import partial
from itertools import combinations, pairwise
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import USUAL, Finding
from jotsk.core.check.ink_index import InkIndex
from jotsk.core.check.pushing import pushed_off
from jotsk.core.check.sides import STRAY_RADII, Side, least_side_px, sides_of
from jotsk.core.geometry import Rect
from jotsk.core.guides.fitting import distances_to_polygon
from jotsk.core.page import Page
from jotsk.core.page.frames import frame
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.words import tr

ARM_WIDTHS, LEAST_ARM_PX = 2.5, 8.0  # along both arms of a corner, where their directions are taken
INSIDE_SHARE = 0.03  # of a border, from its ends
WIDEST_COS, LEAVES_COS = -0.57, 0.2  # a corner is at most 125 degrees wide, and both arms leave the frame


class _Corner(NamedTuple):
    """Its place and radius, (2, 2) unit vectors along its arms, and the numbers of their strokes."""

    at: NDArray[np.float64]
    radius: float
    arms: NDArray[np.float64]
    owners: tuple[int, ...]


def corners(
    page: Page, within_px: float = USUAL.tangent_px, *, index: InkIndex | None = None, area: Rect | None = None
) -> list[Finding]:
    """Corners whose point touches a frame within so many px, edge to edge, and does not go through it; only those in an
    `area`, if there is one. A frame is a long straight line of any layer, or where the page is cut."""
    index = index or InkIndex(page, area)
    found = []
    for border in _borders(page, index):
        for corner in _corners_at(index, border, within_px):
            way = _way_off(corner, border)
            at = (float(corner.at[0]), float(corner.at[1]))
            if way is None or (area is not None and not area.holds(*at)):
                continue
            strokes = [index.strokes[number] for number in corner.owners]
            off = (corner.at - _nearest(index, border, corner.at)) @ way
            gap = float(off) - corner.radius - border.radius
            if gap > within_px or off < -max(border.radius, within_px):
                continue
            words = tr("A corner just meets a frame; keep it off, or draw it well over.")
            mend = partial(
                pushed_off, uids=frozenset(s.uid for s in strokes), at=corner.at, way=way, within_px=within_px,
                reach_px=0.0,
            )  # fmt: skip
            layer, size = index.layers[corner.owners[0]], max(s.size_px for s in strokes)
            mark = strokes[0].uid ^ (index.strokes[border.owner].uid if border.owner >= 0 else 0)
            found.append(Finding("tangent", at, max(0.0, gap), layer.name, words, size, mend, mark))
    return found


def _borders(page: Page, index: InkIndex) -> Iterator[Side]:
    """The long straight parts of all lines, and where the page is cut."""
    least = least_side_px(page)
    _, sizes = index.boxes
    is_long = (2 * sizes.max(axis=1, initial=0.0) >= least) & ~index.broken & ~index.hatching
    for number in taking_turns(np.flatnonzero(is_long).tolist()):
        yield from sides_of(index.strokes[number], least, number)
    x0, y0, x1, y1 = frame(page, "trim")  # the page's edge, if it is not trimmed
    for a, b in pairwise(np.array([(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)], np.float64)):
        yield Side(a, b, 0.0, -1)


def _corners_at(index: InkIndex, border: Side, within_px: float) -> Iterator[_Corner]:
    """The corners of lines that touch a border, and those of two ends that meet at one."""
    reach = border.radius + within_px + STRAY_RADII * border.radius
    tips = {}
    for number in taking_turns(_strokes_at(index, border, reach)):
        if number == border.owner or index.broken[number] or index.hatching[number]:
            continue
        own = slice(index.starts[number], index.starts[number + 1])
        xy, radii = index.xy[own], index.radii[own]
        near = np.flatnonzero(_away(xy, border) <= reach + radii)
        if not len(near):
            continue
        for start, stop in index.strokes[number].own_ribbon.pieces:
            part = near[(near >= start) & (near < stop)]
            for run in np.split(part, np.flatnonzero(np.diff(part) > 1) + 1) if len(part) else ():
                corner = _corner_in(xy[start:stop], radii[start:stop], run - start, border, number)
                if corner is not None:
                    yield corner
        for k, end in enumerate(index.ends(number)):
            if _away(end.tip[None], border)[0] <= reach + end.tip_radius:
                tips[number, k] = end
    for (one, end), (other, further) in combinations(((key[0], end) for key, end in tips.items()), 2):
        if math.dist(end.tip, further.tip) <= end.radius + further.radius:
            arms = np.stack([-end.towards, -further.towards])
            off = [_away(e.tip[None], border)[0] - e.tip_radius for e in (end, further)]
            first = end if off[0] <= off[1] else further
            yield _Corner(first.tip, first.tip_radius, arms, (one, other))


def _away(xy: NDArray[np.float64], border: Side) -> NDArray[np.float64]:
    """How far places (N, 2) are from the middle of a border."""
    return distances_to_polygon(xy, np.stack([border.a, border.b]), closed=False)


def _strokes_at(index: InkIndex, border: Side, reach: float) -> list[int]:
    """The strokes whose bounds a border may touch."""
    half = (border.b - border.a) / 2
    long = float(np.hypot(*half))
    along = half / long
    centers, sizes = index.boxes
    off = centers - (border.a + half)
    across = np.array((-along[1], along[0]))
    is_near = np.abs(off @ across) <= sizes @ np.abs(across) + reach
    is_near &= np.abs(off @ along) <= sizes @ np.abs(along) + long + reach
    return np.flatnonzero(is_near).tolist()


def _corner_in(
    xy: NDArray[np.float64], radii: NDArray[np.float64], run: NDArray[np.int64], border: Side, number: int
) -> _Corner | None:
    """The corner of a line where a run of its places comes nearest to a border; None where it ends."""
    k = int(run[(_away(xy[run], border) - radii[run]).argmin()])
    far = np.hypot(*(xy - xy[k]).T) >= max(LEAST_ARM_PX, ARM_WIDTHS * 2 * radii[k])
    before, after = np.flatnonzero(far[:k]), np.flatnonzero(far[k:])
    if not len(before) or not len(after):
        return None
    arms = xy[[before[-1], k + after[0]]] - xy[k]
    return _Corner(xy[k], float(radii[k]), arms / np.hypot(*arms.T)[:, None], (number,))


def _way_off(corner: _Corner, border: Side) -> NDArray[np.float64] | None:
    """The unit vector across a border to the side where both arms of a corner lie; None if it is no corner, one arm
    runs along the border or through it, or the border ends there: then three lines meet."""
    long = math.dist(border.a, border.b)
    along = (border.b - border.a) / long
    if not INSIDE_SHARE * long <= (corner.at - border.a) @ along <= (1 - INSIDE_SHARE) * long:
        return None
    way = np.array((-along[1], along[0]))
    leave = corner.arms @ way
    if (leave < 0).all():
        leave, way = -leave, -way
    if corner.arms[0] @ corner.arms[1] < WIDEST_COS or (leave < LEAVES_COS).any():
        return None
    return way


def _nearest(index: InkIndex, border: Side, at: NDArray[np.float64]) -> NDArray[np.float64]:
    """The place of a border that is nearest: a hand's line is never quite straight."""
    if border.owner < 0:
        way = border.b - border.a
        return np.asarray(border.a + (at - border.a) @ way / (way @ way) * way)
    own = index.xy[index.starts[border.owner] : index.starts[border.owner + 1]]
    return np.asarray(own[np.hypot(*(own - at).T).argmin()])
