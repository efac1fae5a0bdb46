"""Pouring: an area is found from a place in it, and put on a layer below the ink."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.region_kernel import PER_PX, runs_of, widest_way
from jotsk.core.fill.regions import OWN, Mask, core_at, distance_of, region_of, under_lines
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink import TILE, Color
from jotsk.core.ink.oklch import to_oklab
from jotsk.core.marks import Area
from jotsk.core.marks.area import Pour
from jotsk.core.marks.fills import Fill, Flat
from jotsk.core.marks.runs import Runs
from jotsk.core.page import GroupLayer, InkLayer, Page, flattened, rgba
from jotsk.core.page.compose.compositing import nodes_of, put_down
from jotsk.core.page.edits.layer_edits import free_name
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.page.layers.layer import Layer
from jotsk.core.page.layers.tree import ancestors
from jotsk.core.runtime.parallel import THREADS, in_shares
from jotsk.core.words import tr

FIRST_PX = 768  # of the window an area is looked for in; then twice as large, until it lies within
HALF_INK = np.uint32(128 << 24)  # premultiplied: alpha is the highest byte
WORTH_THREADS_PX = 1 << 19
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
    x, y = rule.at
    if not (page.bounds.x0 <= x < page.bounds.x1 and page.bounds.y0 <= y < page.bounds.y1):
        raise Refused(tr("That lies beside the page."))
    there = area_at(page, x, y)
    if there is not None and there[1].rule is not None and not there[1].lost:
        uid, old = there
        new = replace(old, color=color, fill=fill or Flat())
        return with_all_replaced(page, uid, [(old, new)]), new
    runs = runs_around(page, rule, seen=seen, may_leak=may_leak)
    area = Area(runs, color, rule, fill or Flat())
    page, uid = with_fill_layer(page) if onto is None else (page, onto)
    return with_inserted(page, uid, None, [area]), area


def runs_around(page: Page, rule: Pour, *, seen: Rect | None = None, may_leak: bool = False) -> Runs:
    """The px of the area around a place. Raises Leaks."""
    x, y = int(rule.at[0]), int(rule.at[1])
    clear = _clear_around(page, rule, x // TILE, y // TILE)
    side = FIRST_PX
    while True:
        window = _window(page.bounds, x, y, side, clear)
        free = free_px(page, rule, window)
        if not free[y - window.y0, x - window.x0]:
            raise Refused(tr("That lies on a line; press beside it."))
        core = core_at(free, y - window.y0, x - window.x0, rule.gap_px)
        if window == page.bounds or not _touches(core.labels, OWN, window, page.bounds):
            region = region_of(core)
            if window == page.bounds or not _touches(region, True, window, page.bounds):
                break
        side *= 2
    is_open = _is_at_edge(region, window, page.bounds)
    too_large = seen is not None and region.sum() > MOST_TIMES_SEEN * seen.width * seen.height
    if (is_open or too_large) and not may_leak:
        raise Leaks(leak_of(page, rule) if is_open else None)
    rows, columns = np.flatnonzero(region.any(axis=1)), np.flatnonzero(region.any(axis=0))
    pad = 2 + int(96 if rule.grow_px is None else rule.grow_px)
    x0, y0 = window.x0 + int(columns[0]), window.y0 + int(rows[0])
    own = Rect(x0, y0, window.x0 + int(columns[-1]) + 1, window.y0 + int(rows[-1]) + 1)
    around = own.grown(pad) & page.bounds  # with what lies beyond the lines: an area goes on to their middle
    if around & window != around:
        free, near = free_px(page, rule, around), np.zeros((around.height, around.width), np.bool_)
        near[_inside(own, around)] = region[_inside(own, window)]
    else:
        free, near = (np.ascontiguousarray(each[_inside(around, window)]) for each in (free, region))
    return runs_of(under_lines(near, free, rule.grow_px), around.y0, around.x0)


def _inside(part: Rect, whole: Rect) -> tuple[slice, slice]:
    """Where a part lies in the picture of a whole."""
    return slice(part.y0 - whole.y0, part.y1 - whole.y0), slice(part.x0 - whole.x0, part.x1 - whole.x0)


def free_px(page: Page, rule: Pour, window: Rect) -> Mask:
    """Which px of a window an area around the seed can have: those without a line, or, where the rule looks at all,
    those of the seed's colour."""
    if rule.look == "all":
        x, y = int(rule.at[0]), int(rule.at[1])
        return _alike(flattened(page, window), flattened(page, Rect(x, y, x + 1, y + 1))[0, 0], rule.tolerance)
    return clear_px(page, rule, window)


def clear_px(page: Page, rule: Pour, window: Rect) -> Mask:
    """Which px of a window are less than half covered by the lines a rule looks at. Tile by tile, on all cores: most
    have no line, and the picture of all of them would be four times as large as what comes of it."""
    shown = {layer.uid for layer in looked_at(page, rule)}
    nodes = nodes_of(page.layers, 0, (), lambda layer: layer.uid in shown)
    free = np.ones((window.height, window.width), np.bool_)

    def clear(rows: Sequence[int]) -> None:
        for row in rows:
            held = [(node, node.tiles.row(row)) for node in nodes]
            for column in range(window.x0 // TILE, (window.x1 - 1) // TILE + 1):
                there = [node for node, tiles in held if column in tiles or not node.is_alone]
                if there:
                    x, y = column * TILE, row * TILE
                    part = window & Rect(x, y, x + TILE, y + TILE)
                    ink = np.zeros((part.height, part.width), np.uint32)
                    put_down(there, ink, 0, (column, row), _inside(part, Rect(x, y, x + TILE, y + TILE)))
                    np.less(ink, HALF_INK, out=free[_inside(part, window)])

    rows = range(window.y0 // TILE, (window.y1 - 1) // TILE + 1)
    in_shares(clear, [rows[k::THREADS] for k in range(THREADS)] if free.size >= WORTH_THREADS_PX else [rows])
    return free


def looked_at(page: Page, rule: Pour) -> list[Layer]:
    """The layers that make the lines of an area: one, or all ink that shows, without sketches and without areas that
    were poured; groups that hold them too."""
    layers = [
        layer for layer in page.layers
        if isinstance(layer, InkLayer)
        and (layer.uid == rule.layer if rule.look == "layer" else not layer.is_sketch and not holds_fills(layer))
        and layer.visible and all(group.visible for group in ancestors(page.layers, layer))
    ]  # fmt: skip
    return [*layers, *(group for layer in layers for group in ancestors(page.layers, layer))]


def holds_fills(layer: Layer) -> bool:
    return isinstance(layer, InkLayer) and layer.marks.follow_lines


def _alike(pixels: NDArray[np.uint32], own: np.uint32, tolerance: float) -> Mask:
    """Px whose colour is within a tolerance of one, in hundredths of OKLab."""
    colors, at = np.unique(pixels, return_inverse=True)
    channels = rgba(np.append(colors, np.uint32(own)).reshape(1, -1))[0].astype(np.float64) / 255
    over_white = channels[:, :3] + 1 - channels[:, 3:]
    lab = to_oklab(np.clip(over_white, 0, 1))
    near = np.hypot(np.hypot(*(lab[:-1, :2] - lab[-1, :2]).T), lab[:-1, 2] - lab[-1, 2]) * 100 <= tolerance
    return np.asarray(near[at].reshape(pixels.shape))


def _clear_around(page: Page, rule: Pour, column: int, row: int) -> Rect:
    """Around the tiles that have no ink and hang together with one: an area there is at least as large."""
    layers = [layer for layer in looked_at(page, rule) if not isinstance(layer, GroupLayer)]
    if rule.look == "all" or not layers:
        return EMPTY
    on_page = set(page.bounds.cells(TILE))
    inked: dict[int, set[int]] = {}  # the columns that have ink, row by row
    met = {(column, row)}
    waiting = [(column, row)]
    area = EMPTY
    while waiting:
        column, row = waiting.pop()
        if row not in inked:
            inked[row] = set().union(*(layer.seen.row(row) for layer in layers))
        if column in inked[row]:
            continue
        area |= Rect(column * TILE, row * TILE, (column + 1) * TILE, (row + 1) * TILE)
        beside = {(column - 1, row), (column + 1, row), (column, row - 1), (column, row + 1)} & on_page - met
        met |= beside
        waiting += beside
    return area


def _window(page: Rect, x: int, y: int, side: int, clear: Rect) -> Rect:
    """Around a place, and around what is `clear` with a tile beyond it, in whole tiles, inside the page."""
    x0, y0 = (x - side // 2) // TILE * TILE, (y - side // 2) // TILE * TILE
    return (Rect(x0, y0, x0 + side, y0 + side) | (clear.grown(TILE) if clear else EMPTY)) & page


def _touches(labels: NDArray[Any], own: int | bool, window: Rect, page: Rect) -> bool:
    """Whether a region goes on beyond its window."""
    return bool(
        (window.y0 > page.y0 and (labels[0] == own).any()) or (window.y1 < page.y1 and (labels[-1] == own).any())
        or (window.x0 > page.x0 and (labels[:, 0] == own).any())
        or (window.x1 < page.x1 and (labels[:, -1] == own).any())
    )  # fmt: skip


def _is_at_edge(region: Mask, window: Rect, page: Rect) -> bool:
    return bool(
        (window.y0 == page.y0 and region[0].any()) or (window.y1 == page.y1 and region[-1].any())
        or (window.x0 == page.x0 and region[:, 0].any()) or (window.x1 == page.x1 and region[:, -1].any())
    )  # fmt: skip


def leak_of(page: Page, rule: Pour) -> Leak | None:
    """How an area is open: the widest way from its place to the edge of the page, and the narrowest gap on it; None if
    it is open all the way."""
    bounds = page.bounds
    free = free_px(page, rule, bounds)
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
        for layer in page.layers if isinstance(layer, InkLayer)
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
