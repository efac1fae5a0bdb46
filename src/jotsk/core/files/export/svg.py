"""SVG (W3C Scalable Vector Graphics 1.1, Second Edition): lines as outlines in the layers' groups; what has grain, soft
edges or effects as pictures in their places. Beside each outline stands the centre line of its stroke."""

from __future__ import annotations

import base64
import io
from typing import IO

import numpy as np
from numpy.typing import NDArray
from PIL import Image

from jotsk.core.files.export.numbers_kernel import closed_path, numbers_text
from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.shapes import Closes, Opens, Part, Picture, Shape, parts_of
from jotsk.core.files.premultiply_kernel import straight
from jotsk.core.files.svg_lines import LINE
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.marks import Mark, Stroke
from jotsk.core.marks.outlines import Outline
from jotsk.core.page import GroupLayer, InkLayer, Layer, Page
from jotsk.core.page.compose.modes import NORMAL
from jotsk.core.page.frames import MM_PER_INCH, frame
from jotsk.core.xml_text import escape, quoteattr

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
    for part in parts_of(page, area, export.shows):
        stream.write(_text_of(part).encode())
        done += part.marks if isinstance(part, Picture) else isinstance(part, Shape)
        report(0.95 * min(1.0, done / total))
    stream.write(b"</svg>\n")


def _text_of(part: Part) -> str:
    if isinstance(part, Opens):
        return f"<g{_manner(part.layer)}><title>{escape(part.layer.name)}</title>\n"
    if isinstance(part, Closes):
        return "</g>\n"
    if isinstance(part, Shape):
        return _path(part.outline, part.color, _line_of(part.mark))
    return _image(part.pixels, part.at)


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
        points, along = mark.ribbon.points[start:stop], mark.ribbon.along[start:stop]
        between = (along[-1] - along[0]) / max(1, len(points) - 1)
        step = max(1, round(LINE_STEP_PX / max(0.2, between))) if between > 0 else 1
        rows = np.concatenate([points[:-1:step], points[-1:]])
        grid = np.round(rows * (100.0, 100.0, 200.0)).astype(np.int64)
        pieces.append(_text(grid))
    return ";".join(pieces)


def _ring(ring: NDArray[np.float32]) -> str:
    """A closed polygon in hundredths of a px, in relative steps, which are short."""
    return closed_path(ring, 100.0).tobytes().decode("ascii")


def _text(numbers: NDArray[np.int64]) -> str:
    return numbers_text(numbers.ravel(), 0).tobytes().decode("ascii")


def _image(pixels: NDArray[np.uint32], at: Rect) -> str:
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
