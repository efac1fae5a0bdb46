"""Marks as outlines: polygons around their ink, for files that hold shapes."""

from __future__ import annotations

import math
from collections.abc import Iterator, Mapping, Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry.contour_kernel import contours
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.depth_kernel import EDGE
from jotsk.core.ink.painting import CRISP_SHELLS, WHOLE, Key, depths_of, finished, inked_tiles, shelled_tiles
from jotsk.core.ink.ribbon import TILE
from jotsk.core.marks.area import Area
from jotsk.core.marks.cut import AnyCut, Cut
from jotsk.core.marks.fills import Flat
from jotsk.core.marks.mark import Mark
from jotsk.core.marks.stroke import Stroke

MOST_OFF_PX = 0.05  # an outline may lie off its ink
LOOKED_AT_PX = 6.0  # a line is looked at so large that it is at least so wide
LEAST_TIMES, MOST_TIMES = 1.5, 16.0  # a tip that is much thinner than a px would be lost
CRUMB_PX = 0.25  # px of area, less than which a ring beside larger ones is a crumb of a tip
MOST_TILES = 4096  # of one mark, looked at so large
FAINT = 3  # of 255, that ink may differ within a mark that has one opacity

Alpha = NDArray[np.uint8]
Outline = tuple[list[NDArray[np.float32]], float]  # closed polygons by the even-odd rule, page px, and an opacity


def has_outline(mark: Mark) -> bool:
    """Whether a mark is one shape of one opacity. Grain, soft edges, flow and gradients are not."""
    if mark.atop or not all(map(_is_crisp, getattr(mark, "cuts", ()))):
        return False
    if isinstance(mark, Area):
        return isinstance(mark.fill, Flat) and not mark.soften_px
    if not isinstance(mark, Stroke):
        return False
    pen, ink = mark.pen, mark.ribbon.ink
    is_even = not len(ink) or int(ink.max()) - int(ink.min()) <= FAINT
    return pen.tip == "smooth" and not pen.builds and not pen.grain and len(pen.shells) <= CRISP_SHELLS and is_even


def outline_of(mark: Mark, above: Sequence[Mark] = ()) -> Outline:
    """Return the shape of a mark that `has_outline`, without what the cords `above` hide of it."""
    times = _times(mark)
    cells, tiles, level, opacity = _looked_at(mark, times)
    if not opacity:
        return [], 1.0
    cords = [cord for cord in above if isinstance(cord, Stroke) and cord.bounds & mark.bounds]
    cuts = mark.cuts if isinstance(mark, Stroke) else ()  # an area is seen without what was cut away
    if cords or cuts:
        seen = dict(zip(map(tuple, cells.tolist()), tiles, strict=True))
        for gone in [*_cut_away(cuts, seen, times), *(_hidden(cord, seen, times) for cord in cords)]:
            for key, alpha in gone.items():
                np.minimum(seen[key], 255 - alpha, out=seen[key])
    rings = [(ring / times).astype(np.float32) for ring in contours(tiles, cells, level)]
    kept = [cv2.approxPolyDP(ring[:, None], MOST_OFF_PX, True)[:, 0] for ring in rings]
    sizes = [cv2.contourArea(ring) for ring in kept]
    least = min(CRUMB_PX, max(sizes, default=0.0) / 4)
    return [
        np.asarray(ring, np.float32) for ring, size in zip(kept, sizes, strict=True) if len(ring) > 2 and size >= least
    ], opacity


def _times(mark: Mark) -> float:
    """How many times as large as the page a mark is looked at."""
    if not isinstance(mark, Stroke) or not len(mark.ribbon):
        return 1.0
    width = 2.0 * mark.ribbon.median_radius
    if mark.pen.cord:  # it is seen by how much of a px its edges cover, which tells less than a depth
        width *= mark.pen.cord / 2
    times = min(MOST_TIMES, max(LEAST_TIMES, LOOKED_AT_PX / max(width, 1e-9)))
    return min(times, max(1.0, math.sqrt(MOST_TILES / len(mark.ribbon.touched))))


def _looked_at(mark: Mark, times: float) -> tuple[NDArray[np.int64], NDArray[np.uint8], float, float]:
    """The (K, 2) tiles a mark covers on a page `times` as large, (K, 128, 128) what is to be seen on them, its level at
    the edge, and the opacity of the mark."""
    if isinstance(mark, Stroke) and not mark.pen.cord:
        pen, ribbon = mark.pen, mark.ribbon
        most = max(ink for _, ink in pen.shells)
        edge = max(radius for radius, ink in pen.shells if 2.0 * ink >= most)
        cells, depths = depths_of(ribbon.scaled(times, edge))
        ink = np.full((1, 1), int(ribbon.ink.max(initial=0)) * most + 0.5, np.uint8)
        return cells, depths, float(EDGE), int(finished(pen, ink, (0, 0))[0, 0]) / 255
    if isinstance(mark, Stroke):
        ribbon = mark.ribbon.scaled(times)
        keys = list(ribbon.cells)
        tiles = inked_tiles(mark.pen, mark.size_px * times, ribbon, keys, mark.mends.unders)
    else:
        assert isinstance(mark, Area)
        alphas = mark.alphas(mark.cells)
        keys, tiles = list(alphas), list(alphas.values())
    stacked = np.array(tiles, np.uint8).reshape(-1, TILE, TILE)
    most = int(stacked.max(initial=0))
    return np.array(keys, np.int64).reshape(-1, 2), stacked, most / 2, most / 255


def _cut_away(cuts: Sequence[AnyCut], seen: Mapping[Key, Alpha], times: float) -> Iterator[dict[Key, Alpha]]:
    """How much cuts take away on the tiles that are `seen`."""
    return (cut.mapped(times, 0.0, 0.0).alphas(seen) for cut in cuts)


def _hidden(cord: Stroke, seen: Mapping[Key, Alpha], times: float) -> dict[Key, Alpha]:
    """How much a cord hides on the tiles that are `seen`."""
    if not cord.pen.cord or cord.atop:
        return {}
    ribbon = cord.ribbon.scaled(times)
    touched = [key for key in seen if key in ribbon.cells]
    gone = dict(zip(touched, shelled_tiles(WHOLE, ribbon, touched), strict=True))
    for cut in _cut_away(cord.cuts, gone, times):
        for key, alpha in cut.items():
            scale_alpha_into(gone[key], alpha)
    return gone


def _is_crisp(cut: AnyCut) -> bool:
    return len(cut.shells) <= CRISP_SHELLS if isinstance(cut, Cut) else not cut.soften_px
