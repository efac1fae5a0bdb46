"""Lines for the clipboard: with their motions for another page of Jotsk, as SVG and as a picture for other programs."""

from __future__ import annotations

import io
import json
import struct
from collections.abc import Sequence
from dataclasses import replace
from functools import reduce
from operator import or_

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import DamagedFile, Refused
from jotsk.core.files.export import FORMATS, Export, Progress
from jotsk.core.files.records import opened_marks, packed_marks
from jotsk.core.json_text import BAD_RECORD, json_from, number_in
from jotsk.core.marks import Stroke
from jotsk.core.marks.record import PenTable, new_uid, pen_from
from jotsk.core.page import InkLayer, Page, composite_into, edits, render
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.words import tr

KIND = "application/x-jotsk-lines"
SVG_KIND = "image/svg+xml"
NAME = tr("the clipboard")
LEAST_DPI, MOST_DPI = 1.0, 100_000.0


def packed(lines: Sequence[Stroke], dpi: float) -> bytes:
    """The length of a JSON object with their pens and the resolution of their page, the object, and a block of
    strokes."""
    pens = PenTable()
    block = packed_marks(lines, pens)
    head = json.dumps({"dpi": dpi, "pens": pens.records}, allow_nan=False).encode()
    return struct.pack("<I", len(head)) + head + block


def opened(data: bytes, dpi: float) -> list[Stroke]:
    """The lines, each with a number of its own; on a page of another resolution as large in mm as they were. Raises
    DamagedFile."""
    try:
        (length,) = struct.unpack_from("<I", data)
        head = json_from(data[4 : 4 + length])
        scale = dpi / number_in(head["dpi"], LEAST_DPI, MOST_DPI)
        marks = opened_marks(data[4 + length :], [pen_from(record) for record in head["pens"]])
    except (*BAD_RECORD, struct.error) as error:
        raise DamagedFile(NAME, tr("what was copied is not whole")) from error
    lines = [replace(mark, uid=new_uid()) for mark in marks if isinstance(mark, Stroke)]
    if abs(scale - 1.0) < 1e-6:
        return lines
    larger = np.diag([scale, scale, 1.0])
    return [line.mended(line.mends.with_placement(larger)) for line in lines]


def page_of_lines(page: Page, lines: Sequence[Stroke]) -> Page:
    """A page of the same size with these lines alone."""
    layer = InkLayer(page.next_uid(), tr("Lines"))
    layer = replace(layer, marks=type(layer.marks)(lines), tiles=render(lines, page.bounds))
    return replace(page, layers=(layer,), active_uid=layer.uid)


def as_svg(alone: Page, report: Progress = lambda _: None) -> bytes:
    stream = io.BytesIO()
    FORMATS["svg"].write(stream, alone, Export(FORMATS["svg"], color="rgba", transparent=True), report)
    return stream.getvalue()


def as_picture(alone: Page) -> NDArray[np.uint32]:
    """(H, W) premultiplied, no larger than the lines; clear about them."""
    layer = alone.layers[0]
    assert isinstance(layer, InkLayer)
    area = reduce(or_, (mark.bounds for mark in layer.marks)) & alone.bounds
    pixels = np.zeros((max(0, area.height), max(0, area.width)), np.uint32)
    composite_into(pixels, (area.x0, area.y0), alone, area)
    return pixels


def with_pasted(page: Page, lines: Sequence[Stroke]) -> Page:
    """The page with lines on its active layer, where they were. Raises Refused where that cannot be."""
    layer = edits.drawable(page)
    if not isinstance(layer, InkLayer):
        raise Refused(tr("Lines go on an ink layer; choose one first."))
    if not any(line.bounds & page.bounds for line in lines):
        raise Refused(tr("These lines lie beside this page."))
    if layer.locks_alpha:
        lines = [line.as_atop() for line in lines]
    return with_inserted(page, layer.uid, None, list(lines))
