"""An area that is held by hand: put together of outlines, colours and lines, and what is done with it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.clear import clear_px, free_px
from jotsk.core.fill.outline import mask_in, runs_inside
from jotsk.core.fill.regions import grown
from jotsk.core.geometry import Rect
from jotsk.core.geometry.contour_kernel import SIDE, contours
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.guides import Curve
from jotsk.core.ink import TILE
from jotsk.core.ink.blend_kernel import rub_into
from jotsk.core.ink.painting import Key
from jotsk.core.marks import Area, AreaCut, Stroke
from jotsk.core.marks.area import Pour
from jotsk.core.marks.runs import Runs, bounds_of, runs_from_mask
from jotsk.core.page import GroupLayer, Page, PaintLayer, Tiles
from jotsk.core.page.edits.layer_edits import free_name
from jotsk.core.page.edits.mark_edits import rubbed_out
from jotsk.core.words import tr

WAYS = ("new", "add", "take", "overlap")
SHAPES = ("free", "corners", "curve", "box", "ellipse", "color")
ELLIPSE_CORNERS = 180
HALF, MOST_OFF_PX, MOST_CORNERS = 128, 0.3, 4_900
NO_RUNS: Runs = np.zeros((0, 3), np.int32)
Point = tuple[float, float]
Loop = NDArray[np.float64]  # (N, 2) page px


def combined(before: Runs, found: Runs, way: str) -> Runs:
    """Both areas as one of `WAYS` says: the new one alone, added, taken away, or what both have."""
    if way == "new" or (way == "add" and not len(before)):
        return found
    area = bounds_of(before) | bounds_of(found)
    if not area:
        return NO_RUNS
    a, b = mask_in(before, area), mask_in(found, area)
    both = a | b if way == "add" else a & ~b if way == "take" else a & b
    return runs_from_mask(both, area.x0, area.y0)


def resized(runs: Runs, grow_px: float, page: Rect) -> Runs:
    """Larger by so many px in every direction, or smaller by as many if they are below 0; the edge of the page is no
    edge of the area."""
    pad = int(np.ceil(abs(grow_px))) + 1
    around = bounds_of(runs).grown(pad)
    mask = np.pad(mask_in(runs, around & page), _beyond(around, page), mode="edge")
    part = around & page
    changed = grown(mask, grow_px)[part.y0 - around.y0 :, part.x0 - around.x0 :][: part.height, : part.width]
    return runs_from_mask(changed, part.x0, part.y0)


def _beyond(around: Rect, page: Rect) -> tuple[tuple[int, int], tuple[int, int]]:
    part = around & page
    return (part.y0 - around.y0, around.y1 - part.y1), (part.x0 - around.x0, around.x1 - part.x1)


def inverted(runs: Runs, page: Rect) -> Runs:
    """All of the page besides."""
    return runs_from_mask(~mask_in(runs, page), page.x0, page.y0)


def inside_of(shape: str, places: Sequence[Point], page: Rect) -> Runs:
    """What lies inside one of `SHAPES`: a loop or corners as they are, a smooth curve through points, or a box or an
    ellipse between the first and the last of them. Raises Refused."""
    return runs_inside(outline_of_shape(shape, places), page)


def outline_of_shape(shape: str, places: Sequence[Point]) -> NDArray[np.float64]:
    (x0, y0), (x1, y1) = places[0], places[-1]
    if shape == "box":
        return np.array([(x0, y0), (x1, y0), (x1, y1), (x0, y1)], np.float64)
    if shape == "ellipse":
        turn = np.linspace(0, 2 * np.pi, ELLIPSE_CORNERS, endpoint=False)
        middle, half = ((x0 + x1) / 2, (y0 + y1) / 2), (abs(x1 - x0) / 2, abs(y1 - y0) / 2)
        return np.column_stack([middle[0] + half[0] * np.cos(turn), middle[1] + half[1] * np.sin(turn)])
    distinct = tuple(dict.fromkeys(places))
    if shape == "curve" and len(distinct) > 2:
        return np.asarray(Curve(distinct, closed=True).dense[0])
    return np.array(places, np.float64)


def of_color(page: Page, at: Point, tolerance: float) -> Runs:
    """All px of the page of the colour of one, within a tolerance in hundredths of OKLab. Raises Refused."""
    if not Rect(int(at[0]), int(at[1]), int(at[0]) + 1, int(at[1]) + 1) & page.bounds:
        raise Refused(tr("That lies beside the page."))
    return runs_from_mask(free_px(page, Pour(at, "all", tolerance=tolerance), page.bounds).mask(), 0, 0)


def under(strokes: Sequence[Stroke], page: Rect) -> Runs:
    """The px that are at least half covered by strokes. Raises Refused if there are none."""
    area = EMPTY
    for stroke in strokes:
        area |= stroke.bounds
    area &= page
    if not area:
        raise Refused(tr("Choose lines first; then the area beneath them can be held."))
    mask = np.zeros((area.height, area.width), np.bool_)
    for stroke in strokes:
        for key, alpha in stroke.alphas(stroke.cells_on(page)).items():
            tile = Rect.of_cell(key, TILE)
            part = tile & area
            own = alpha[part.slices_in(tile)]
            mask[part.slices_in(area)] |= own >= HALF
    return runs_from_mask(mask, area.x0, area.y0)


def around_drawing(page: Page, gap_px: float) -> Runs:
    """Everything outside the drawing: what can be reached from the edge of the page without crossing its ink, slits of
    up to `gap_px` taken as closed."""
    free = clear_px(page, Pour((0.0, 0.0), gap_px=gap_px), page.bounds)
    padded = np.pad(free, 1, constant_values=True)
    distance = cv2.distanceTransform(padded.view(np.uint8), cv2.DIST_L2, 5)
    core = distance > (gap_px + 1) / 2
    core[[0, -1]] = core[:, [0, -1]] = True
    _, labels = cv2.connectedComponents(core.view(np.uint8), connectivity=4)
    outside = grown(np.asarray(labels == labels[0, 0]), (gap_px + 1) / 2) & padded
    return runs_from_mask(outside[1:-1, 1:-1], 0, 0)


def loops_of(runs: Runs) -> list[Loop]:
    """The closed outlines of an area, (N, 2) page px each, along the edges of its px, corners cut by half a px."""
    area = bounds_of(runs)
    if not area:
        return []
    column, row = area.x0 // SIDE, area.y0 // SIDE
    columns, rows = (area.x1 - 1) // SIDE - column + 1, (area.y1 - 1) // SIDE - row + 1
    whole = Rect(column * SIDE, row * SIDE, (column + columns) * SIDE, (row + rows) * SIDE)
    mask = mask_in(runs, whole).astype(np.uint8) * 255
    tiles = np.ascontiguousarray(mask.reshape(rows, SIDE, columns, SIDE).swapaxes(1, 2).reshape(-1, SIDE, SIDE))
    cells = np.argwhere(np.ones((rows, columns), np.bool_))[:, ::-1] + (column, row)
    return contours(tiles, cells, 127.5)


def one_outline(runs: Runs) -> NDArray[np.float64]:
    """The outline of an area as one closed line, by the even-odd rule: its loops, joined by lines that are gone there
    and back. So coarse that it has few corners, but at least so fine that it is nowhere off by more than that."""
    loops = [loop.astype(np.float32) for loop in loops_of(runs)]
    if not loops:
        raise Refused(tr("There is nothing inside."))
    off = MOST_OFF_PX
    while True:
        fewer = [cv2.approxPolyDP(loop[:, None], off, True)[:, 0] for loop in loops]
        fewer = [loop for loop in fewer if len(loop) > 2] or fewer[:1]
        if sum(len(loop) + 2 for loop in fewer) <= MOST_CORNERS or off > 64:
            break
        off *= 2
    start = fewer[0][:1]
    parts = [fewer[0], start]
    for loop in fewer[1:]:
        parts += [loop, loop[:1], start]
    return np.concatenate(parts).astype(np.float64)[:MOST_CORNERS]


# -- what is done with it ------------------------------------------------------------------------


def cleared(page: Page, runs: Runs, soften_px: float = 0.0) -> Page:
    """Take away what the active layer has in it; its strokes are cut there."""
    return rubbed_out(page, AreaCut(one_outline(runs), soften_px=soften_px))


def copied(page: Page, runs: Runs, soften_px: float = 0.0) -> Page:
    """What the active layer shows in it, on a paint layer of its own above, which becomes the active one. Raises
    Refused."""
    active = page.active
    if active is None or isinstance(active, GroupLayer):
        raise Refused(tr("Choose a layer to copy from; a group has no px of its own."))
    there = Area(runs, (0, 0, 0), soften_px=soften_px)
    tiles: dict[Key, NDArray[np.uint32] | None] = {}
    for key in there.cells_on(page.bounds):
        shown = active.seen.get(*key)
        if shown is not None:
            tiles[key] = pixels = shown.copy()
            rub_into(pixels, 255 - there.coverage(key))
    copy = Tiles().with_tiles({key: pixels for key, pixels in tiles.items() if pixels is not None and pixels.any()})
    if copy.is_empty:
        raise Refused(tr("“{name}” shows nothing in there.", name=active.name))
    uid, at = page.next_uid(), page.layers.index(active) + 1
    made = PaintLayer(
        uid, free_name(page, tr("{name} copy", name=active.name)), copy, opacity=active.opacity, blend=active.blend,
        parent=active.parent,
    )  # fmt: skip
    return replace(page, layers=(*page.layers[:at], made, *page.layers[at:]), active_uid=uid)
