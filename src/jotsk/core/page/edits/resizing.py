"""Another size for a page: its strokes are rendered anew, only paint is resampled."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.marks.sequence import Marks
from jotsk.core.page.layers.layer import GroupLayer, InkLayer, Layer, render
from jotsk.core.page.page import Page, check_size
from jotsk.core.page.tiles.tiles import Tiles, pixels_of, tiles_from
from jotsk.core.runtime.giving_way import taking_turns
from jotsk.core.words import tr

Progress = Callable[[float], None]


def cropped(page: Page, area: Rect, progress: Progress = lambda _: None) -> Page:
    """Make `area` (page px) the whole page; it may reach beyond the page, which adds room."""
    if not area:
        raise Refused(tr("There is nothing inside that frame."))
    check_size(area.width, area.height)
    size = replace(page, width=area.width, height=area.height)
    return _mapped(size, 1.0, -area.x0, -area.y0, page.bounds, progress)


def resized(
    page: Page,
    width: int,
    height: int,
    *,
    anchor: tuple[float, float] = (0.5, 0.5),
    progress: Progress = lambda _: None,
) -> Page:
    """Give the page another size in px; the drawing keeps its own, and its place by `anchor`: (0, 0) top left."""
    x, y = round((page.width - width) * anchor[0]), round((page.height - height) * anchor[1])
    return cropped(page, Rect(x, y, x + width, y + height), progress)


def with_size(
    page: Page, size: tuple[int, int], anchor: tuple[float, float], dpi: float,
    margins_mm: tuple[float, float, float], progress: Progress = lambda _: None,
) -> Page:  # fmt: skip
    """Another size in px of the present resolution, then another resolution; and trim, bleed and safe margins."""
    if size != (page.width, page.height):
        page = resized(page, *size, anchor=anchor, progress=lambda share: progress(share / 2))
    if dpi != page.dpi:
        page = rescaled(page, dpi, progress=lambda share: progress(0.5 + share / 2))
    trim, bleed, safe = margins_mm
    if margins_mm != (page.trim_mm, page.bleed_mm, page.safe_mm):
        page = replace(page, trim_mm=trim, bleed_mm=bleed, safe_mm=safe)
    return page


def rescaled(page: Page, dpi: float, progress: Progress = lambda _: None) -> Page:
    """Change the resolution and keep the size on paper."""
    k = dpi / page.dpi
    width, height = max(1, round(page.width * k)), max(1, round(page.height * k))
    check_size(width, height)
    return _mapped(replace(page, width=width, height=height, dpi=dpi), k, 0, 0, page.bounds, progress)


def shifted(page: Page, uids: set[int], dx: int, dy: int, progress: Progress = lambda _: None) -> Page:
    """Move what is on some layers by whole px."""
    for layer in page.layers:
        if layer.uid in uids and (layer.locked or layer.locks_place):
            raise Refused(tr("The position of “{name}” is locked; unlock it to move it.", name=layer.name))
    moving = replace(page, layers=tuple(x for x in page.layers if x.uid in uids))
    moved = {x.uid: x for x in _mapped(moving, 1.0, dx, dy, page.bounds, progress, clip=False).layers}
    return replace(page, layers=tuple(moved.get(x.uid, x) for x in page.layers))


def flipped(page: Page, uids: set[int], *, upside_down: bool, progress: Progress = lambda _: None) -> Page:
    """Flip what is on some layers about the middle of the page, left to right or upside down."""
    layers = list(page.layers)
    for number, layer in enumerate(page.layers):
        progress(number / len(layers))
        if layer.uid not in uids or isinstance(layer, GroupLayer):
            continue
        if layer.locked or layer.locks_place:
            raise Refused(tr("“{name}” is locked; unlock it to flip it.", name=layer.name))
        if isinstance(layer, InkLayer):
            m = mirror_of(page.bounds, upside_down)
            marks = [mark.turned_over(m) for mark in taking_turns(layer.marks)]
            layers[number] = replace(layer, marks=Marks(marks), tiles=render(marks, page.bounds))
            for mark in marks:
                mark.forget_computed(shape=True)
        else:
            pixels = pixels_of(layer.tiles, page.bounds)
            turned = np.ascontiguousarray(pixels[::-1] if upside_down else pixels[:, ::-1])
            layers[number] = replace(layer, tiles=tiles_from(turned, 0, 0))
    progress(1.0)
    return replace(page, layers=tuple(layers))


def mirror_of(area: Rect, upside_down: bool) -> NDArray[np.float64]:
    """The (2, 3) map that flips about the middle of `area`."""
    if upside_down:
        return np.array([[1.0, 0.0, 0.0], [0.0, -1.0, area.y0 + area.y1]])
    return np.array([[-1.0, 0.0, area.x0 + area.x1], [0.0, 1.0, 0.0]])


def _mapped(page: Page, k: float, dx: int, dy: int, before: Rect, progress: Progress, *, clip: bool = True) -> Page:
    """The page with everything on it k times as large, then moved. It already has its new size."""
    layers: list[Layer] = []
    for number, layer in enumerate(page.layers):
        progress(number / len(page.layers))
        if isinstance(layer, GroupLayer):
            layers.append(layer)
            continue
        layer = replace(layer, effects=tuple(effect.mapped(k, dx, dy) for effect in layer.effects))
        if isinstance(layer, InkLayer):
            strokes = [stroke.mapped(k, dx, dy) for stroke in taking_turns(layer.marks)]
            layers.append(replace(layer, marks=Marks(strokes), tiles=render(strokes, page.bounds)))
            for stroke in strokes:
                stroke.forget_computed(shape=True)  # of thousands it is more than their tiles
        else:
            layers.append(replace(layer, tiles=_mapped_tiles(layer.tiles, k, dx, dy, before, page.bounds, clip)))
    guides = tuple(_mapped_guide(guide, k, dx, dy) for guide in page.guides)
    progress(1.0)
    light = page.light.mapped(k, dx, dy) if page.light else None
    return replace(page, layers=tuple(layers), guides=guides, light=light, seen_as=None)


def _mapped_tiles(tiles: Tiles, k: float, dx: int, dy: int, before: Rect, page: Rect, clip: bool) -> Tiles:
    area = tiles.bounds & before if clip else tiles.bounds
    if not area:
        return Tiles()
    pixels = pixels_of(tiles, area)
    x, y = area.x0, area.y0
    if k != 1.0:
        size = max(1, round(area.width * k)), max(1, round(area.height * k))
        way = cv2.INTER_AREA if k < 1 else cv2.INTER_CUBIC
        rgba = cv2.resize(pixels.view(np.uint8).reshape(*pixels.shape, 4), size, interpolation=way)
        rgba[..., :3] = np.minimum(rgba[..., :3], rgba[..., 3:])  # cubic overshoots
        pixels = np.ascontiguousarray(rgba).view(np.uint32)[..., 0]
        x, y = round(x * k), round(y * k)
    moved = Rect(x + dx, y + dy, x + dx + pixels.shape[1], y + dy + pixels.shape[0])
    seen = moved & page
    if not seen:
        return Tiles()
    part = pixels[seen.slices_in(moved)]
    return tiles_from(np.ascontiguousarray(part), seen.x0, seen.y0)


def _mapped_guide(guide: Mapping[str, Any], k: float, dx: int, dy: int) -> Mapping[str, Any]:
    """A guide's places move with the page; what they are called is the guides' business."""

    def point(value: list[float]) -> list[float]:
        return [value[0] * k + dx, value[1] * k + dy]

    moved = dict(guide)
    if isinstance(moved.get("at"), list):
        moved["at"] = point(moved["at"])
    if isinstance(moved.get("points"), list):
        moved["points"] = [point(p) for p in moved["points"]]
    if isinstance(moved.get("radii"), list):
        moved["radii"] = [r * k for r in moved["radii"]]
    if isinstance(moved.get("spacing"), int | float):
        moved["spacing"] = moved["spacing"] * k
    return moved
