"""JPEG, its colours at full resolution."""

from __future__ import annotations

from typing import IO

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pixels import dpi_of, save_picture
from jotsk.core.page import Page


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    dpi = round(dpi_of(page, export))
    save_picture("JPEG", stream, page, export, report, dpi=(dpi, dpi), quality=export.quality, subsampling=0)


JPEG = Format("jpeg", "JPEG", (".jpg", ".jpeg"), ("rgb", "grey"), write, has_quality=True, most_px=65535)
