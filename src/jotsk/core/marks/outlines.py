"""Marks as outlines: polygons around their ink, for files that hold shapes."""

from __future__ import annotations

import math
from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry.contour_kernel import contours
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.painting import CRISP_SHELLS, Key, inked_tiles, shelled_tiles
from jotsk.core.ink.ribbon import TILE, Ribbon
from jotsk.core.marks.area import Area
from jotsk.core.marks.cut import AnyCut, Cut
from jotsk.core.marks.fills import Flat
from jotsk.core.marks.mark import Mark
from jotsk.core.marks.stroke import WHOLE, Stroke

MOST_OFF_PX = 0.05  # an outline may lie off its ink
FINE = ((3.0, 4), (6.0, 3), (math.inf, 2))  # lines no thicker than so many px are looked at so many times as fine
MOST_TILES = 4096  # of one mark, looked at finely
FAINT = 3  # of 255, that ink may differ within a mark that has one opacity

Outline = tuple[list[NDArray[np.float32]], float]  # closed polygons by the even-odd rule, page px, and an opacity


def has_outline(mark: Mark) -> bool:
    """Whether a mark is one shape of one opacity. Grain, soft edges, flow and gradients are not."""
    if mark.atop or not all(_is_crisp(cut) for cut in getattr(mark, "cuts", ())):
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
    keys, tiles = _looked_at(mark, times)
    if not keys:
        return [], 1.0
    over = mark.bounds
    for other in above:
        if isinstance(other, Stroke) and other.bounds & over:
            gone = _hidden(other, times, keys)
            for key, tile in zip(keys, tiles, strict=True):
                if key in gone:
                    scale_alpha_into(tile, gone[key])
    stacked = np.array(tiles)
    most = int(stacked.max())
    if not most:
        return [], 1.0
    columns, rows = np.array(keys).T
    left, top = int(columns.min()), int(rows.min())
    index = np.full((int(rows.max()) - top + 1, int(columns.max()) - left + 1), -1, np.int32)
    index[rows - top, columns - left] = np.arange(len(keys))
    corner = left * TILE, top * TILE
    rings = [((ring + corner) / times).astype(np.float32) for ring in contours(stacked, index, most / 2)]
    kept = [cv2.approxPolyDP(ring[:, None], MOST_OFF_PX, True)[:, 0] for ring in rings]
    return [np.asarray(ring, np.float32) for ring in kept if len(ring) > 2], most / 255


def _times(mark: Mark) -> int:
    if not isinstance(mark, Stroke) or not len(mark.ribbon):
        return 1
    width = 2 * mark.ribbon.median_radius * (mark.pen.cord or 1.0)  # of a cord, that of its edges
    fine = next(times for thickest, times in FINE if width <= thickest)
    while fine > 1 and len(mark.ribbon.cells) * fine * fine > MOST_TILES:
        fine //= 2
    return fine


def _looked_at(mark: Mark, times: int) -> tuple[list[Key], list[NDArray[np.uint8]]]:
    """The tiles a mark covers on a page `times` as fine, and its ink there."""
    if isinstance(mark, Stroke):
        ribbon = _finer(mark.ribbon, times)
        keys = list(ribbon.cells)
        tiles = inked_tiles(mark.pen, mark.size_px * times, ribbon, keys, mark.mends.unders)
        alphas = dict(zip(keys, tiles, strict=True))
        for cut in mark.cuts:
            for key, gone in cut.mapped(times, 0.0, 0.0).alphas(alphas).items():
                scale_alpha_into(alphas[key], gone)
    else:
        assert isinstance(mark, Area)
        alphas = mark.alphas(mark.cells)
    return list(alphas), list(alphas.values())


def _hidden(cord: Stroke, times: int, keys: Sequence[Key]) -> dict[Key, NDArray[np.uint8]]:
    if not cord.pen.cord or cord.atop:
        return {}
    ribbon = _finer(cord.ribbon, times)
    touched = [key for key in keys if key in ribbon.cells]
    gone = dict(zip(touched, shelled_tiles(WHOLE, ribbon, touched), strict=True))
    for cut in cord.cuts:
        for key, alpha in cut.mapped(times, 0.0, 0.0).alphas(gone).items():
            scale_alpha_into(gone[key], alpha)
    return gone


def _finer(ribbon: Ribbon, times: int) -> Ribbon:
    if times == 1:
        return ribbon
    points = ribbon.points * np.float32(times)
    finer = Ribbon(points, ribbon.ink, ribbon.times, ribbon.pieces, ribbon.turns)
    return finer.measured(ribbon.along * times)


def _is_crisp(cut: AnyCut) -> bool:
    return len(cut.shells) <= CRISP_SHELLS if isinstance(cut, Cut) else not cut.soften_px
