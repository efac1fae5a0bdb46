"""InkML (W3C Ink Markup Language, 2011): the motions of the hand as they came, of all strokes that are shown."""

from __future__ import annotations

from typing import IO

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.inkml import traces_into
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    layers = [layer for layer in page.layers if isinstance(layer, InkLayer) and export.shows(layer)]
    report(0.1)
    traces_into(stream, [mark.trace for layer in layers for mark in layer.marks if isinstance(mark, Stroke)])


INKML = Format("inkml", tr("InkML, motions of the hand"), (".inkml",), ("rgb",), write, has_pixels=False)
