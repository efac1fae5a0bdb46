"""Lines of an SVG file as strokes: those this program wrote beside their outlines, and the paths of others."""

from __future__ import annotations

import io
import math
from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from itertools import pairwise
from pathlib import Path
from typing import Any
from xml.etree.ElementTree import ParseError

import numpy as np
from defusedxml import DefusedXmlException
from numpy.typing import NDArray

from jotsk.core.errors import CannotRead, DamagedFile, Refused, TooLarge
from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import ResponseCurve, trace_from
from jotsk.core.ink import Color, Pen, pen_by_id
from jotsk.core.ink.pens import Drive, Taper
from jotsk.core.json_text import BAD_RECORD
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page, blank_page, render
from jotsk.core.page.edits.layer_edits import free_name
from jotsk.core.words import tr

LINE = "data-jotsk-line"  # of a path: x y width, ... of its centre line; pieces are parted by semicolons
MOST_BYTES, MOST_LINES, MOST_PLACES = 64 << 20, 20_000, 2_000_000
STEP_PX, PACE_PX_S, LEAST_WIDTH_PX = 3.0, 700.0, 0.3
USUAL_DPI = 300.0
PAPER_SHARE = 0.98
NO_TAPER = Taper()
PROPORTIONAL = Drive(least=0.0, curve=ResponseCurve(((0.0, 0.0), (1.0, 1.0))))
Progress = Callable[[float], None]


@dataclass(frozen=True, eq=False)
class SvgLine:
    """(N, 2) places, page px; the width at each, (N,), or one for all, or None where the file does not say; and the
    colour, or None."""

    xy: NDArray[np.float64]
    widths: NDArray[np.float64] | float | None
    color: Color | None


def read_lines(path: Path, dpi: float, report: Progress = lambda _: None) -> tuple[list[SvgLine], tuple[int, int]]:
    """The lines of a file, and its size, in px of a resolution.

    Raises
    ------
    CannotRead, DamagedFile, TooLarge
    """
    try:
        if path.stat().st_size > MOST_BYTES:
            raise TooLarge(
                tr(
                    "“{name}” is larger than {most_bytes} MB; it is no drawing of lines.",
                    name=path.name,
                    most_bytes=MOST_BYTES >> 20,
                )
            )
        data = path.read_bytes()
    except OSError as error:
        raise CannotRead(path, error.strerror or tr("it cannot be read")) from error
    return lines_in(data, path, dpi, report)


def lines_in(
    data: bytes, path: Path, dpi: float, report: Progress = lambda _: None
) -> tuple[list[SvgLine], tuple[int, int]]:
    """As `read_lines`, of what a file holds, or a clipboard; errors name the `path`."""
    from defusedxml.ElementTree import fromstring  # here: it takes long to import

    try:
        root = fromstring(data)  # refuses entities, before the other reader sees the file
    except (ParseError, DefusedXmlException, ValueError, LookupError, UnicodeError) as error:
        raise DamagedFile(path, tr("it is not well-formed XML")) from error
    if not str(root.tag).endswith("svg"):
        raise DamagedFile(path, tr("it is no SVG"))
    return _parsed(path, data, dpi, report)


def _parsed(path: Path, data: bytes, dpi: float, report: Progress) -> tuple[list[SvgLine], tuple[int, int]]:
    from svgelements import SVG, Shape  # here: only this needs it

    try:
        drawing = SVG.parse(io.BytesIO(data), ppi=dpi, reify=False)
        shapes = [element for element in drawing.elements() if isinstance(element, Shape)]
        size = _size(drawing)
        lines: list[SvgLine] = []
        places = 0
        for number, shape in enumerate(shapes):
            for line in () if _is_paper(shape, size) else _lines_of(shape):
                lines.append(line)
                places += len(line.xy)
            if len(lines) > MOST_LINES or places > MOST_PLACES:
                raise TooLarge(
                    tr(
                        "“{name}” has more lines than fit on a page: more than {most_lines:,}.",
                        name=path.name,
                        most_lines=MOST_LINES,
                    )
                )
            report(number / len(shapes))
    except (*BAD_RECORD, LookupError) as error:
        raise DamagedFile(path, tr("its shapes cannot be read")) from error
    return lines, size


def _size(drawing: Any) -> tuple[int, int]:
    values = [float(v) if v is not None else math.nan for v in (drawing.width, drawing.height)]
    if not all(math.isfinite(v) and v >= 1 for v in values):
        return 0, 0
    return min(30_000, round(values[0])), min(30_000, round(values[1]))


def _is_paper(shape: Any, size: tuple[int, int]) -> bool:
    """Whether it is a filled rectangle that covers the whole file."""
    if type(shape).__name__ != "Rect" or _has_stroke(shape):
        return False
    box = shape.bbox()
    return box is not None and (box[2] - box[0]) * (box[3] - box[1]) >= PAPER_SHARE * size[0] * size[1] > 0


def _lines_of(shape: Any) -> Iterator[SvgLine]:
    color, own = _color(shape), (shape.values or {}).get(LINE)
    if own:
        yield from _own_lines(str(own), shape, color)
        return
    from svgelements import Path as SvgPath

    path = SvgPath(shape)
    path.reify()
    width = float(shape.implicit_stroke_width) if _has_stroke(shape) else None
    for part in path.as_subpaths():
        places = _sampled(SvgPath(part))
        if len(places) > 1 and np.isfinite(places).all():
            yield SvgLine(places, width if width and math.isfinite(width) else None, color)


def _own_lines(text: str, shape: Any, color: Color | None) -> Iterator[SvgLine]:
    """What was written beside an outline, in its hundredths of px."""
    matrix = np.array([[shape.transform.a, shape.transform.c], [shape.transform.b, shape.transform.d]])
    corner = np.array([shape.transform.e, shape.transform.f])
    k = math.sqrt(abs(float(np.linalg.det(matrix))))
    for piece in text.split(";"):
        rows = np.array([float(v) for v in piece.split()]).reshape(-1, 3)
        if len(rows) and np.isfinite(rows).all():
            yield SvgLine(rows[:, :2] @ matrix.T + corner, rows[:, 2] * k, color)


def _sampled(path: Any) -> NDArray[np.float64]:
    from svgelements import Close, Line, Move

    places: list[tuple[float, float]] = []
    for segment in path:
        if isinstance(segment, Move):
            places.append((segment.end.x, segment.end.y))
        elif isinstance(segment, Line | Close):
            if segment.end is not None:
                places.append((segment.end.x, segment.end.y))
        else:
            count = min(2_000, max(4, int(segment.length(error=1e-2) / STEP_PX) + 1))
            places += [(p.x, p.y) for p in (segment.point(k / count) for k in range(1, count + 1))]
    found = np.array(places, np.float64).reshape(-1, 2)
    keep = np.concatenate([[True], np.hypot(*np.diff(found, axis=0).T) > 1e-3]) if len(found) else np.zeros(0, np.bool_)
    return found[keep]


def _has_stroke(shape: Any) -> bool:
    return shape.stroke is not None and shape.stroke.value is not None


def _color(shape: Any) -> Color | None:
    for paint in (shape.stroke, shape.fill):
        if paint is not None and paint.value is not None:
            return int(paint.red), int(paint.green), int(paint.blue)
    return None


# -- as strokes ----------------------------------------------------------------------------------


def stroke_of(line: SvgLine, pen: Pen, size_px: float, color: Color) -> Stroke:
    """A stroke of a pen that runs along a line; where the file says how thick it is, that thick."""
    xy = line.xy
    dense = _dense(xy)
    along, at = arc_lengths(xy), arc_lengths(dense)
    force: NDArray[np.float64] | float = 1.0
    if isinstance(line.widths, np.ndarray):
        size_px = max(LEAST_WIDTH_PX, float(line.widths.max()))
        force = np.clip(np.interp(at, along, line.widths) / size_px, 0.0, 1.0)
        pen = replace(pen_by_id("plain-round"), width=PROPORTIONAL)
    elif line.widths is not None:
        size_px = max(LEAST_WIDTH_PX, line.widths)
    pen = replace(pen, taper_in=NO_TAPER, taper_out=NO_TAPER) if line.widths is not None else pen
    times = at / PACE_PX_S + 1e-6 * np.arange(len(at))
    return Stroke(trace_from(times, dense[:, 0], dense[:, 1], force), pen, size_px, line.color or color, 0.0, 0.0)


def _dense(xy: NDArray[np.float64]) -> NDArray[np.float64]:
    """With places at most a few px apart, so that straight lines stay straight and corners sharp."""
    parts = [xy[:1]]
    for a, b in pairwise(xy):
        count = max(1, math.ceil(float(np.hypot(*(b - a))) / STEP_PX))
        parts.append(a + (b - a) * (np.arange(1, count + 1) / count)[:, None])
    return np.concatenate(parts)


def with_lines(
    page: Page,
    lines: list[SvgLine],
    name: str,
    pen: Pen,
    size_px: float,
    color: Color,
    report: Progress = lambda _: None,
) -> Page:
    """The page with a layer of strokes on top. Raises Refused if there are none."""
    if not lines:
        raise Refused(tr("“{name}” has no lines in it.", name=name))
    strokes = []
    for number, line in enumerate(lines):
        strokes.append(stroke_of(line, pen, size_px, color))
        if number % 64 == 0:
            report(0.7 * number / len(lines))
    layer = InkLayer(page.next_uid(), free_name(page, name))
    layer = replace(layer, marks=type(layer.marks)(strokes), tiles=render(strokes, page.bounds))
    report(1.0)
    return replace(page, layers=(*page.layers, layer), active_uid=layer.uid)


def page_of(path: Path, pen: Pen | None = None, report: Progress = lambda _: None) -> Page:
    """A page of the size of a file, with its lines. Raises as `read_lines`, and Refused."""
    pen = pen or pen_by_id("plain-round")
    lines, (width, height) = read_lines(path, USUAL_DPI, lambda share: report(0.5 * share))
    if not width:
        far = max((float(np.abs(line.xy).max()) for line in lines), default=1000.0)
        width = height = min(10_000, max(16, math.ceil(far) + 20))
    page = with_lines(
        blank_page(width, height, USUAL_DPI), lines, path.stem, pen, pen.size_px, (20, 24, 27),
        lambda share: report(0.5 + 0.5 * share),
    )  # fmt: skip
    return replace(page, layers=page.layers[1:])
