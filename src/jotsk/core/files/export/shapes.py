"""A page as what it is made of, for formats that hold shapes: groups, outlines, and pictures of what has no outline."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, replace
from functools import reduce
from operator import or_

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.ink.blend_kernel import rub_into
from jotsk.core.ink.ribbon import TILE
from jotsk.core.marks import Mark, Stroke
from jotsk.core.marks.outlines import Outline, has_outline, outline_of
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page, composite_into
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.layers.layer import render
from jotsk.core.page.layers.tree import ROOT, children
from jotsk.core.page.layers.tree import inside as inside_of
from jotsk.core.runtime.parallel import on_all_cores

Shows = Callable[[Layer], bool]


@dataclass(frozen=True, slots=True)
class Opens:
    """What follows lies in a layer, until it `Closes`."""

    layer: Layer


@dataclass(frozen=True, slots=True)
class Closes:
    layer: Layer


@dataclass(frozen=True, slots=True, eq=False)
class Shape:
    """The outline of a mark, in one colour."""

    mark: Mark
    outline: Outline
    color: Color


@dataclass(frozen=True, slots=True, eq=False)
class Picture:
    """(H, W) premultiplied px at a place of the page; of so many marks."""

    pixels: NDArray[np.uint32]
    at: Rect
    marks: int = 0


Part = Opens | Closes | Shape | Picture


def parts_of(page: Page, area: Rect, shows: Shows, parent: int = ROOT) -> Iterator[Part]:
    """What the layers in a group are made of inside `area`, the lowest first."""
    inside = children(page.layers, parent)
    k = 0
    while k < len(inside):
        layer, k = inside[k], k + 1
        clipping: list[Layer] = []
        while k < len(inside) and inside[k].clips:
            clipping, k = [*clipping, inside[k]], k + 1
        if not shows(layer):
            continue
        clipping = [each for each in clipping if shows(each)]
        yield Opens(layer)
        if clipping:
            alone = replace(layer, opacity=1.0, blend=NORMAL, clips=False)
            yield from _picture_of(page, area, [alone, *clipping], shows)
        elif isinstance(layer, GroupLayer):
            yield from parts_of(page, area, shows, layer.uid)
        elif isinstance(layer, InkLayer) and not layer.effects and not any(mark.atop for mark in layer.marks):
            yield from _marks(layer, area)
        else:
            yield from _picture_of(page, area, [replace(layer, opacity=1.0, blend=NORMAL, clips=False)], shows)
        yield Closes(layer)


def _marks(layer: InkLayer, area: Rect) -> Iterator[Part]:
    marks = [mark for mark in layer.marks if mark.reach & area]
    cords = [k for k, mark in enumerate(marks) if isinstance(mark, Stroke) and mark.pen.cord]

    def above(k: int) -> list[Mark]:
        return [marks[other] for other in cords if other > k]

    def outline(k: int) -> Outline | None:
        return outline_of(marks[k], above(k)) if has_outline(marks[k]) else None

    run: list[Mark] = []  # marks without an outline that follow each other are one picture
    for k, of_mark in enumerate(on_all_cores(outline, range(len(marks)))):
        if of_mark is None:
            run.append(marks[k])
            continue
        if run:
            yield from _picture_of_marks(run, above(k - 1), area, layer.tint)
            run = []
        if of_mark[0]:
            yield Shape(marks[k], of_mark, layer.tint or marks[k].color)
    if run:
        yield from _picture_of_marks(run, [], area, layer.tint)


def _picture_of_marks(
    marks: Sequence[Mark], above: Sequence[Mark], area: Rect, tint: Color | None
) -> Iterator[Picture]:
    """Marks as one picture, without what the cords `above` them hide."""
    part = reduce(or_, (mark.bounds for mark in marks)) & area
    if not part:
        return
    alone = InkLayer(1, "", tiles=render(marks, area), tint=tint)
    pixels = _composed(Page(area.x1, area.y1, layers=(alone,)), part, lambda _: True)
    for cord in above:
        for key, gone in cord.hides(set(part.cells(TILE))).items():
            tile = Rect.of_cell(key, TILE)
            cell = part & tile
            seen = cell.slices_in(part)
            rubbed = np.ascontiguousarray(pixels[seen])
            rub_into(rubbed, np.ascontiguousarray(gone[cell.slices_in(tile)]))
            pixels[seen] = rubbed
    if pixels.any():
        yield Picture(pixels, part, len(marks))


def _picture_of(page: Page, area: Rect, layers: Sequence[Layer], shows: Shows) -> Iterator[Picture]:
    """Layers of one group as one picture."""
    arranged: list[Layer] = []
    for layer in layers:
        held = inside_of(page.layers, [layer.uid])
        own = [other for other in page.layers if other.uid in held and other.uid != layer.uid]
        arranged += [*own, replace(layer, parent=ROOT)]
    part = replace(page, layers=tuple(arranged))
    pixels = _composed(part, area, shows)
    rows, columns = np.flatnonzero(pixels.any(axis=1)), np.flatnonzero(pixels.any(axis=0))
    if not len(rows):
        return
    box = Rect(int(columns[0]), int(rows[0]), int(columns[-1]) + 1, int(rows[-1]) + 1)
    cropped = np.ascontiguousarray(pixels[box.y0 : box.y1, box.x0 : box.x1])
    yield Picture(cropped, Rect(box.x0 + area.x0, box.y0 + area.y0, box.x1 + area.x0, box.y1 + area.y0))


def _composed(page: Page, area: Rect, shows: Shows) -> NDArray[np.uint32]:
    pixels = np.zeros((area.height, area.width), np.uint32)
    composite_into(pixels, (area.x0, area.y0), page, area, shows=shows)
    return pixels
