"""Flats: every closed area of a page at once, each with a colour of its own."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.clear import clear_px
from jotsk.core.fill.pour import with_fill_layer
from jotsk.core.fill.region_kernel import farthest_of, go_downhill, label_runs, names_into, spread_into
from jotsk.core.fill.regions import MIDDLE_PX, near_distance_of
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import Color
from jotsk.core.ink.mask_kernel import runs_into
from jotsk.core.ink.oklch import from_oklch
from jotsk.core.marks import Area
from jotsk.core.marks.area import Pour
from jotsk.core.marks.runs import runs_from_mask
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.runtime.parallel import bands, in_shares
from jotsk.core.words import tr

LEAST_PX2, MOST_AREAS = 60, 4_000
MOST_PLACES = 40  # of a drag, where an area is bounded by its colour
GOLDEN = math.pi * (3 - math.sqrt(5))  # turns of hue, so that neighbours in the list differ
LIGHTNESS, CHROMA = (0.84, 0.78, 0.72), 0.055


def with_flats(
    page: Page, gap_px: float = 6.0, *, least_px2: float = LEAST_PX2, onto: int | None = None,
    report: Callable[[float], None] = lambda _: None,
) -> tuple[Page, int]:  # fmt: skip
    """Give every closed area between the inked lines a flat in a muted colour, on a layer below the ink; also how many.
    What reaches the edge of the page is left; what is smaller than `least_px2` px goes to its neighbour. Raises Refused
    where no area is closed."""
    bounds = page.bounds
    report(0.02)
    free = clear_px(page, Pour((0.0, 0.0)), bounds)
    report(0.2)
    distance = near_distance_of(free)
    half = (gap_px + 1) / 2
    _, labels = cv2.connectedComponents((distance > half).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    report(0.4)
    go_downhill(labels, distance)
    report(0.6)
    rims = np.unique(np.concatenate([labels[0], labels[-1], labels[:, 0], labels[:, -1]]))
    counts = np.bincount(labels.ravel())
    kept = counts >= least_px2
    kept[0] = False
    kept[rims] = False
    if not kept.any():
        raise Refused(tr("No area of this page is closed; close its lines, or let larger gaps be closed."))
    if kept.sum() > MOST_AREAS:
        kept &= counts >= np.sort(counts[kept])[-MOST_AREAS]
    outside = np.zeros(len(counts), np.bool_)
    outside[rims[rims > 0]] = True
    labels = _to_neighbours(labels, free, kept, outside)
    report(0.8)
    runs, of = label_runs(labels, bounds.y0, bounds.x0)
    order = np.argsort(of, kind="stable")
    runs, of = runs[order], of[order]
    starts = np.flatnonzero(np.diff(of, prepend=-1))
    seeds = farthest_of(labels, distance, len(counts))
    areas, colors = [], muted(len(starts))
    for number, part in enumerate(np.split(runs, starts[1:])):
        y, x = divmod(int(seeds[of[starts[number]]]), bounds.width)
        rule = Pour((x + bounds.x0 + 0.5, y + bounds.y0 + 0.5), gap_px=gap_px)
        areas.append(Area(np.ascontiguousarray(part), colors[number], rule))
    report(0.95)
    page, uid = with_fill_layer(page) if onto is None else (page, onto)
    return with_inserted(page, uid, None, areas), len(areas)


def seeds_inside(page: Page, loop: NDArray[np.float64], rule: Pour) -> list[tuple[float, float]]:
    """A place in each closed area that lies, at least by half, in a loop, (N, 2) page px."""
    area = rect_around(loop, 2.0) & page.bounds
    if not area:
        return []
    free = clear_px(page, rule, area)
    distance = near_distance_of(free)
    half = (rule.gap_px + 1) / 2
    _, labels = cv2.connectedComponents((distance > half).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    rims = np.unique(np.concatenate([labels[0], labels[-1], labels[:, 0], labels[:, -1]]))
    mask = np.zeros((area.height, area.width), np.uint8)
    cv2.fillPoly(mask, [np.round(loop - (area.x0, area.y0)).astype(np.int32)], 1)
    whole = np.bincount(labels.ravel())
    within = np.bincount(labels[mask > 0], minlength=len(whole))
    seeds = farthest_of(labels, distance, len(whole))
    kept = [k for k in range(1, len(whole)) if within[k] >= whole[k] / 2 and k not in set(rims.tolist())]
    places = [divmod(int(seeds[k]), area.width) for k in kept]
    return [(x + area.x0 + 0.5, y + area.y0 + 0.5) for y, x in places]


def seeds_along(page: Page, way: NDArray[np.float64], rule: Pour) -> list[tuple[float, float]]:
    """The first place of a drag, (N, 2) page px, in each closed area it passes; its first place if that is none."""
    if rule.look == "all":
        return [(x, y) for x, y in way[:: max(1, len(way) // MOST_PLACES)].tolist()]
    bounds = page.bounds
    distance = near_distance_of(clear_px(page, rule, bounds))
    room = (distance > (rule.gap_px + 1) / 2).view(np.uint8)
    _, labels = cv2.connectedComponents(room, connectivity=4, ltype=cv2.CV_32S)
    been = {0, *np.unique(np.concatenate([labels[0], labels[-1], labels[:, 0], labels[:, -1]])).tolist()}
    found = []
    for x, y in _every_px(way):
        if bounds.x0 <= x < bounds.x1 and bounds.y0 <= y < bounds.y1:
            own = int(labels[int(y) - bounds.y0, int(x) - bounds.x0])
            if own not in been:
                been.add(own)
                found.append((x, y))
    return found or [(float(way[0, 0]), float(way[0, 1]))]


def _every_px(way: NDArray[np.float64]) -> list[tuple[float, float]]:
    length = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(way, axis=0).T))])
    at = np.arange(0.0, length[-1] + 1.0, 1.0)
    x, y = (np.interp(at, length, way[:, k]).tolist() for k in (0, 1))
    return list(zip(x, y, strict=True))


def muted(count: int) -> list[Color]:
    """The colours of so many flats."""
    number = np.arange(count)
    lch = np.column_stack([
        np.array(LIGHTNESS)[number % len(LIGHTNESS)], np.full(count, CHROMA), (number * GOLDEN) % math.tau,
    ])  # fmt: skip
    rgb, _ = from_oklch(lch)
    return [(r, g, b) for r, g, b in np.round(rgb * 255).astype(int).tolist()]


def joined(page: Page, areas: list[tuple[int, Area]]) -> tuple[Page, int]:
    """Make one area of several on their layer, in the colour of the first; it no longer follows the lines between them,
    and has none of them for a rule."""
    of_layer = [area for uid, area in areas if uid == areas[0][0]] if areas else []
    if len(of_layer) < 2:
        return page, 0
    first = of_layer[0]
    whole = _union([area.runs for area in of_layer])
    pairs: list[tuple[Area, Area | None]] = [(first, replace(first, runs=whole, rule=None))]
    pairs += [(area, None) for area in of_layer[1:]]
    return with_all_replaced(page, areas[0][0], pairs), len(of_layer)


def _union(parts: list[NDArray[np.int32]]) -> NDArray[np.int32]:
    """The px of any of several areas, and of the seams of up to two px between them."""
    whole = np.concatenate(parts)
    y0, x0, y1, x1 = int(whole[:, 0].min()), int(whole[:, 1].min()), int(whole[:, 0].max()) + 1, int(whole[:, 2].max())
    mask = np.zeros((y1 - y0, x1 - x0), np.uint8)
    for part in parts:
        runs_into(mask, part, 0, len(part), x0, y0)
    closed = cv2.morphologyEx(mask, cv2.MORPH_CLOSE, np.ones((3, 3), np.uint8))
    return runs_from_mask(closed > 0, x0, y0)


def _to_neighbours(
    labels: NDArray[np.int32], free: NDArray[np.bool_], kept: NDArray[np.bool_], outside: NDArray[np.bool_]
) -> NDArray[np.int32]:
    """Labels that go on to the middle of the lines, and over what is too small; nothing of what lies outside."""
    firm, reach = kept | outside, float(MIDDLE_PX)
    sure = firm[labels]
    away, nearest = cv2.distanceTransformWithLabels(
        (~sure).view(np.uint8), cv2.DIST_L2, 5, labelType=cv2.DIST_LABEL_PIXEL
    )
    at = np.zeros(labels.size + 1, np.int32)  # the label of the px that each is nearest to
    rows = bands(len(labels))
    in_shares(lambda part: names_into(at, nearest[part], labels[part], firm), rows)
    in_shares(lambda part: spread_into(labels[part], nearest[part], at, away[part], free[part], outside, reach), rows)
    return labels
