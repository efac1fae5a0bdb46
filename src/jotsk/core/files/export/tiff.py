"""TIFF 6.0."""

from __future__ import annotations

from typing import IO

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pixels import dpi_of, save_picture
from jotsk.core.page import Page


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    dpi = dpi_of(page, export)
    compression = "group4" if export.color == "bits" else "tiff_adobe_deflate"
    save_picture("TIFF", stream, page, export, report, dpi=(dpi, dpi), compression=compression)


TIFF = Format("tiff", "TIFF", (".tif", ".tiff"), ("rgb", "grey", "bits", "cmyk"), write)
