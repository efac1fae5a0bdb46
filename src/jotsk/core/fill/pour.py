"""Pouring: an area is found from a place in it, and put on a layer below the ink."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.bits import PX, Bits, Mask
from jotsk.core.fill.bits_kernel import flood, runs_of
from jotsk.core.fill.clear import free_px, holds_fills, looked_at
from jotsk.core.fill.region_kernel import PER_PX, widest_way
from jotsk.core.fill.regions import core_at, distance_of, region_of, under_lines
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink import TILE, Color
from jotsk.core.marks import Area
from jotsk.core.marks.area import Pour
from jotsk.core.marks.fills import Fill, Flat
from jotsk.core.marks.runs import Runs
from jotsk.core.page import GroupLayer, InkLayer, Page
from jotsk.core.page.edits.layer_edits import free_name
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.words import tr

FIRST_PX = 768  # of the window an area is looked for in; then four times as large, until it lies within
MOST_TIMES_SEEN = 8.0  # as large as what is seen: larger, it is none that was meant
OPEN, BEYOND_GAP = 0.8, 40  # a gap as wide as that of the room is none; px of the way shown beyond it
LEAK_PX = 2_000_000  # of the picture on which the way of a leak is looked for
FILLS = tr("Fills")


@dataclass(frozen=True)
class Leak:
    """The way out of an area, (N, 2) page px, the place of its narrowest gap, how wide that is, px, and where the lines
    on both sides of it are."""

    way: NDArray[np.float64]
    at: tuple[float, float]
    width_px: float
    sides: tuple[tuple[float, float], tuple[float, float]]


class Leaks(Refused):
    """An area is not closed."""

    def __init__(self, leak: Leak | None) -> None:
        self.leak = leak
        if leak is None:
            super().__init__(tr("This area is open to the edge of the page; nothing was filled."))
        else:
            x, y = (round(v) for v in leak.at)
            super().__init__(
                tr(
                    "It would run out at ({x}, {y}), through a gap of {width_px:.0f} px.",
                    x=x,
                    y=y,
                    width_px=leak.width_px,
                )
            )


def poured(
    page: Page, rule: Pour, color: Color, *, fill: Fill | None = None, onto: int | None = None,
    seen: Rect | None = None, may_leak: bool = False,
) -> tuple[Page, Area]:  # fmt: skip
    """Fill the area around a place, on a layer below the ink, which is made if there is none; also the area. An area
    that lies there already is changed instead. Raises Leaks if it reaches the edge of the page, or is far larger than
    what is `seen`; Refused where nothing can be filled."""
    there = area_at(page, *rule.at)
    if there is not None and there[1].rule is not None and not there[1].lost:
        uid, old = there
        new = replace(old, color=color, fill=fill or Flat())
        return with_all_replaced(page, uid, [(old, new)]), new
    runs = runs_around(page, rule, seen=seen, may_leak=may_leak)
    area = Area(runs, color, rule, fill or Flat())
    page, uid = with_fill_layer(page) if onto is None else (page, onto)
    return with_inserted(page, uid, None, [area]), area


def runs_around(page: Page, rule: Pour, *, seen: Rect | None = None, may_leak: bool = False) -> Runs:
    """The px of the area around a place. Raises Leaks, and Refused on a line and beside the page."""
    x, y = int(np.floor(rule.at[0])), int(np.floor(rule.at[1]))
    if not Rect(x, y, x + 1, y + 1) & page.bounds:
        raise Refused(tr("That lies beside the page."))
    clear = _clear_around(page, rule, x // TILE, y // TILE)
    side = FIRST_PX
    while True:
        window = _window(page.bounds, x, y, side, clear)
        free = free_px(page, rule, window)
        if not free.has(y - window.y0, x - window.x0):
            raise Refused(tr("That lies on a line; press beside it."))
        core = core_at(free, y - window.y0, x - window.x0, rule.gap_px)
        if window == page.bounds or not _touches(core.own, window, page.bounds):
            region = region_of(core)
            if window == page.bounds or not _touches(region, window, page.bounds):
                break
        side *= 4
    is_open = _is_at_edge(region, window, page.bounds)
    too_large = seen is not None and region.total() > MOST_TIMES_SEEN * seen.width * seen.height
    if (is_open or too_large) and not may_leak:
        raise Leaks(leak_of(page, rule) if is_open else None)
    rows, columns = region.rows(), region.columns()
    pad = 2 + int(96 if rule.grow_px is None else rule.grow_px)
    x0, y0 = window.x0 + int(columns[0]), window.y0 + int(rows[0])
    own = Rect(x0, y0, window.x0 + int(columns[-1]) + 1, window.y0 + int(rows[-1]) + 1)
    around = own.grown(pad) & page.bounds  # with what lies beyond the lines: an area goes on to their middle
    around = Rect(around.x0 // PX * PX, around.y0, around.x1, around.y1)
    if around & window != around:
        near = np.zeros((around.height, around.width), np.bool_)
        near[own.slices_in(around)] = region.mask()[own.slices_in(window)]
        free, region = free_px(page, rule, around), Bits.of(near)
    elif around != window:
        free, region = (each.part(*around.slices_in(window)) for each in (free, region))
    return runs_of(under_lines(region, free, rule.grow_px).words, around.y0, around.x0)


def _clear_around(page: Page, rule: Pour, column: int, row: int) -> Rect:
    """Around the tiles that have no ink and hang together with one: an area there is at least as large."""
    layers = [layer for layer in looked_at(page, rule) if not isinstance(layer, GroupLayer)]
    if rule.look == "all" or not layers:
        return EMPTY
    rows, columns = -(-page.height // TILE), -(-page.width // TILE)
    clear = np.ones((rows, columns), np.bool_)
    seen = [layer.seen for layer in layers]
    for y in range(rows):
        inked: set[int] = set().union(*(tiles.row(y) for tiles in seen))
        clear[y, [x for x in inked if x < columns]] = False
    if not clear[row, column]:
        return EMPTY
    found = Bits(flood(Bits.of(clear).words, row, column), columns)
    (top, bottom), (left, right) = ((int(px[0]), int(px[-1]) + 1) for px in (found.rows(), found.columns()))
    return Rect(left * TILE, top * TILE, right * TILE, bottom * TILE)


def _window(page: Rect, x: int, y: int, side: int, clear: Rect) -> Rect:
    """Around a place, and around what is `clear` with a tile beyond it, in whole tiles, inside the page."""
    x0, y0 = (x - side // 2) // TILE * TILE, (y - side // 2) // TILE * TILE
    return (Rect(x0, y0, x0 + side, y0 + side) | (clear.grown(TILE) if clear else EMPTY)) & page


def _touches(region: Bits, window: Rect, page: Rect) -> bool:
    """Whether a region goes on beyond its window."""
    return _reaches(
        region, window.y0 > page.y0, window.y1 < page.y1, window.x0 > page.x0, window.x1 < page.x1
    )  # fmt: skip


def _is_at_edge(region: Bits, window: Rect, page: Rect) -> bool:
    return _reaches(
        region, window.y0 == page.y0, window.y1 == page.y1, window.x0 == page.x0, window.x1 == page.x1
    )  # fmt: skip


def _reaches(region: Bits, top: bool, bottom: bool, left: bool, right: bool) -> bool:
    """Whether a region has px at one of these sides of its picture."""
    words, last = region.words, np.uint64((region.width - 1) % PX)
    return bool(
        (top and words[0].any()) or (bottom and words[-1].any())
        or (left and (words[:, 0] & np.uint64(1)).any()) or (right and (words[:, -1] >> last & np.uint64(1)).any())
    )  # fmt: skip


def leak_of(page: Page, rule: Pour) -> Leak | None:
    """How an area is open: the widest way from its place to the edge of the page, and the narrowest gap on it; None if
    it is open all the way."""
    bounds = page.bounds
    free = free_px(page, rule, bounds).mask()
    k = 1
    while bounds.width * bounds.height > LEAK_PX * k * k:
        k *= 2
    h, w = free.shape[0] // k * k, free.shape[1] // k * k
    small = np.ascontiguousarray(free[:h, :w].reshape(h // k, k, w // k, k).all(axis=(1, 3)))
    distance = distance_of(small)
    y, x = min(h // k - 1, int(rule.at[1]) // k), min(w // k - 1, int(rule.at[0]) // k)
    way = widest_way(distance, y, x)
    if not len(way) and k > 1:  # a gap that is too narrow for so small a picture
        k, small = 1, free
        distance = distance_of(free)
        way = widest_way(distance, int(rule.at[1]), int(rule.at[0]))
    if not len(way):
        return None
    way = way[::-1]  # from the place to the edge
    widths = np.floor(distance[way[:, 0], way[:, 1]] * PER_PX)
    narrow = int(widths.argmin())  # the first of those that are as narrow as any
    gy, gx = (int(v) for v in way[narrow])
    reach = float(distance[gy, gx])
    if reach > OPEN * float(distance[way[: narrow + 1, 0], way[: narrow + 1, 1]].max()):
        return None
    (ay, ax), (by, bx) = _sides_of(small, gy, gx, reach)
    a, b = ((ax + 0.5) * k, (ay + 0.5) * k), ((bx + 0.5) * k, (by + 0.5) * k)
    places = (way[: narrow + BEYOND_GAP, ::-1].astype(np.float64) + 0.5) * k
    return Leak(places, ((gx + 0.5) * k, (gy + 0.5) * k), max(1.0, math.dist(a, b) - k), (a, b))


def _sides_of(free: Mask, y: int, x: int, reach: float) -> tuple[tuple[int, int], tuple[int, int]]:
    """The nearest px of a line beside a gap, and the nearest one across from it."""
    r = int(2 * reach) + 3
    y0, x0 = max(0, y - r), max(0, x - r)
    lines = np.argwhere(~free[y0 : y + r + 1, x0 : x + r + 1]) + (y0, x0)
    if not len(lines):
        return (y, x), (y, x)
    away = lines - (y, x)
    far = np.hypot(*away.T)
    first = int(far.argmin())
    across = (away @ away[first]) / np.maximum(far * far[first], 1e-9) < -0.3
    second = int(np.where(across, far, np.inf).argmin()) if across.any() else first
    (ay, ax), (by, bx) = lines[first].tolist(), lines[second].tolist()
    return (ay, ax), (by, bx)


# -- layers --------------------------------------------------------------------------------------


def with_fill_layer(page: Page) -> tuple[Page, int]:
    """The page with a layer for areas below its ink, and that layer's uid: the one that holds poured areas already, if
    it is not locked; the active layer stays."""
    known = [layer for layer in page.layers if holds_fills(layer) and not layer.locked]
    if known:
        return page, known[0].uid
    uid = max((layer.uid for layer in page.layers), default=0) + 1
    layers = page.layers
    ink = [k for k, each in enumerate(layers) if isinstance(each, InkLayer) and not each.is_sketch and not each.parent]
    at = ink[0] if ink else len(layers)
    made = InkLayer(uid, free_name(page, FILLS))
    return replace(page, layers=(*layers[:at], made, *layers[at:])), uid


def area_at(page: Page, x: float, y: float) -> tuple[int, Area] | None:
    """The uid of its layer, and the topmost area that lies at a place and can be changed."""
    here = Rect(int(x), int(y), int(x) + 1, int(y) + 1)
    for layer in reversed(page.layers):
        if not isinstance(layer, InkLayer) or layer.locked or not layer.visible:
            continue
        for mark in reversed(layer.marks.touching(here)):
            if isinstance(mark, Area) and mark.gap_to(x, y) <= 0:
                return layer.uid, mark
    return None


# -- following -----------------------------------------------------------------------------------


def areas_to_find_again(page: Page, changed: Rect) -> list[tuple[int, Area]]:
    """The areas that follow lines in a part of the page, with the uids of their layers."""
    return [
        (layer.uid, mark)
        for layer in page.layers if isinstance(layer, InkLayer) and holds_fills(layer)
        for mark in layer.marks.touching(changed)
        if isinstance(mark, Area) and mark.follows_lines
    ]  # fmt: skip


def found_again(page: Page, areas: Sequence[tuple[int, Area]]) -> Page:
    """The page with areas as its lines bound them now; those that are not closed any more keep their px, and are
    lost."""
    pairs: dict[int, list[tuple[Area, Area]]] = {}
    for uid, area in areas:
        assert area.rule is not None
        try:
            runs: Runs | None = runs_around(page, area.rule)
        except Refused:
            runs = None
        new = area.found_again(runs)
        if new is not area:
            pairs.setdefault(uid, []).append((area, new))
    for uid, of_layer in pairs.items():
        page = with_all_replaced(page, uid, of_layer)
    return page


def lost_areas(page: Page) -> list[Area]:
    return [
        mark for layer in page.layers if isinstance(layer, InkLayer) for mark in layer.marks
        if isinstance(mark, Area) and mark.lost
    ]  # fmt: skip
