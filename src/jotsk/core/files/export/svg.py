"""SVG (W3C Scalable Vector Graphics 1.1, Second Edition): lines as outlines in the layers' groups; what has grain, soft
edges or effects as pictures in their places. Beside each outline stands the centre line of its stroke."""

from __future__ import annotations

import base64
import io
from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace
from functools import reduce
from operator import or_
from typing import IO
from xml.sax.saxutils import escape, quoteattr

import numpy as np
from numpy.typing import NDArray
from PIL import Image

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.files.svg_lines import LINE
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.ink.blend_kernel import rub_into
from jotsk.core.ink.ribbon import TILE
from jotsk.core.marks import Mark, Stroke
from jotsk.core.marks.outlines import Outline, has_outline, outline_of
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page, composite_into
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.frames import MM_PER_INCH, frame
from jotsk.core.page.layers.layer import render
from jotsk.core.page.layers.tree import ROOT, children
from jotsk.core.page.layers.tree import inside as inside_of
from jotsk.core.runtime.parallel import on_all_cores

Shows = Callable[[Layer], bool]
LINE_STEP_PX = 4.0  # between the places of a centre line


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    area = frame(page, export.frame)
    width, height = (f"{side / page.dpi * MM_PER_INCH:.4f}mm" for side in (area.width, area.height))
    stream.write(
        f'<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" '
        f'xmlns:xlink="http://www.w3.org/1999/xlink" width="{width}" height="{height}" '
        f'viewBox="{area.x0} {area.y0} {area.width} {area.height}">\n'.encode()
    )
    if export.title:
        stream.write(f"<title>{escape(export.title)}</title>\n".encode())
    if not export.transparent:
        stream.write(
            f'<rect x="{area.x0}" y="{area.y0}" width="{area.width}" height="{area.height}" '
            f'fill="{_hex(page.paper)}"/>\n'.encode()
        )

    total = max(
        1, sum(len(layer.marks) for layer in page.layers if isinstance(layer, InkLayer) and export.shows(layer))
    )
    done = 0
    for text, marks in _group(page, area, ROOT, export.shows):
        stream.write(text.encode())
        done += marks
        report(0.95 * min(1.0, done / total))
    stream.write(b"</svg>\n")


def _group(page: Page, area: Rect, parent: int, shows: Shows) -> Iterator[tuple[str, int]]:
    """The elements of the layers in a group, each with how many marks it is of."""
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
        yield f"<g{_manner(layer)}><title>{escape(layer.name)}</title>\n", 0
        if clipping:
            alone = replace(layer, opacity=1.0, blend=NORMAL, clips=False)
            yield _picture_of(page, area, [alone, *clipping], shows), 0
        elif isinstance(layer, GroupLayer):
            yield from _group(page, area, layer.uid, shows)
        elif isinstance(layer, InkLayer) and not layer.effects and not any(mark.atop for mark in layer.marks):
            yield from _marks(layer, area)
        else:
            yield _picture_of(page, area, [replace(layer, opacity=1.0, blend=NORMAL, clips=False)], shows), 0
        yield "</g>\n", 0


def _manner(layer: Layer) -> str:
    says = f' id="layer-{layer.uid}"'
    if layer.opacity < 1:
        says += f' opacity="{layer.opacity:.4g}"'
    style = []
    if layer.blend != NORMAL:
        style.append(f"mix-blend-mode:{layer.blend}")
    if isinstance(layer, GroupLayer) and layer.isolated:
        style.append("isolation:isolate")
    return says + (f" style={quoteattr(';'.join(style))}" if style else "")


def _marks(layer: InkLayer, area: Rect) -> Iterator[tuple[str, int]]:
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
            yield _picture_of_marks(run, above(k - 1), area, layer.tint), len(run)
            run = []
        if of_mark[0]:
            yield _path(of_mark, layer.tint or marks[k].color, _line_of(marks[k])), 1
    if run:
        yield _picture_of_marks(run, [], area, layer.tint), len(run)


def _path(outline: Outline, color: Color, line: str = "") -> str:
    rings, opacity = outline
    faint = f' fill-opacity="{opacity:.4g}"' if opacity < 1 else ""
    shape = "".join(map(_ring, rings))
    beside = f' {LINE}="{line}"' if line else ""
    return f'<path transform="scale(.01)" fill="{_hex(color)}"{faint} fill-rule="evenodd"{beside} d="{shape}"/>\n'


def _line_of(mark: Mark) -> str:
    """The centre line of a stroke and its widths, in hundredths of px, so that it can be read as a stroke again; of one
    that was rubbed at, and of an area, nothing."""
    if not isinstance(mark, Stroke) or mark.cuts or mark.pen.is_figure:
        return ""
    pieces = []
    for start, stop in mark.ribbon.pieces:
        points = mark.ribbon.points[start:stop]
        steps = np.hypot(*np.diff(points[:, :2], axis=0).T)
        step = max(1, round(LINE_STEP_PX / max(0.2, float(steps.mean()) if len(steps) else LINE_STEP_PX)))
        rows = np.concatenate([points[:-1:step], points[-1:]])
        grid = np.round(rows * (100.0, 100.0, 200.0)).astype(np.int64)
        pieces.append(" ".join(map(str, grid.ravel().tolist())))
    return ";".join(pieces)


def _ring(ring: NDArray[np.float32]) -> str:
    """A closed polygon in hundredths of a px, in relative steps, which are short."""
    grid = np.round(ring * 100.0).astype(np.int64)
    steps = np.diff(grid, axis=0)
    steps = steps[(steps != 0).any(axis=1)]
    return f"M{grid[0, 0]} {grid[0, 1]}l" + " ".join(map(str, steps.ravel().tolist())) + "z"


def _picture_of_marks(marks: Sequence[Mark], above: Sequence[Mark], area: Rect, tint: Color | None) -> str:
    """Marks as one picture, without what the cords `above` them hide."""
    part = reduce(or_, (mark.bounds for mark in marks)) & area
    if not part:
        return ""
    alone = InkLayer(1, "", tiles=render(marks, area), tint=tint)
    pixels = _composed(Page(area.x1, area.y1, layers=(alone,)), part, lambda _: True)
    for cord in above:
        for (column, row), gone in cord.hides(set(part.cells(TILE))).items():
            x, y = column * TILE, row * TILE
            cell = part & Rect(x, y, x + TILE, y + TILE)
            seen = slice(cell.y0 - part.y0, cell.y1 - part.y0), slice(cell.x0 - part.x0, cell.x1 - part.x0)
            rubbed = np.ascontiguousarray(pixels[seen])
            rub_into(rubbed, np.ascontiguousarray(gone[cell.y0 - y : cell.y1 - y, cell.x0 - x : cell.x1 - x]))
            pixels[seen] = rubbed
    return _image(pixels, part)


def _picture_of(page: Page, area: Rect, layers: Sequence[Layer], shows: Shows) -> str:
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
        return ""
    box = Rect(int(columns[0]), int(rows[0]), int(columns[-1]) + 1, int(rows[-1]) + 1)
    cropped = np.ascontiguousarray(pixels[box.y0 : box.y1, box.x0 : box.x1])
    return _image(cropped, Rect(box.x0 + area.x0, box.y0 + area.y0, box.x1 + area.x0, box.y1 + area.y0))


def _composed(page: Page, area: Rect, shows: Shows) -> NDArray[np.uint32]:
    pixels = np.zeros((area.height, area.width), np.uint32)
    composite_into(pixels, (area.x0, area.y0), page, area, shows=shows)
    return pixels


def _image(pixels: NDArray[np.uint32], at: Rect) -> str:
    if not pixels.any():
        return ""
    buffer = io.BytesIO()
    Image.fromarray(straight(pixels)).save(buffer, "PNG", compress_level=6)
    data = base64.b64encode(buffer.getvalue()).decode()
    return (
        f'<image x="{at.x0}" y="{at.y0}" width="{at.width}" height="{at.height}" '
        f'xlink:href="data:image/png;base64,{data}"/>\n'
    )


def _hex(color: Color) -> str:
    return "#{:02x}{:02x}{:02x}".format(*color)


SVG = Format("svg", "SVG", (".svg",), ("rgba", "rgb"), write, has_pixels=False)
