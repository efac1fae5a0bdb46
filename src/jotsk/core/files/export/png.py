"""PNG (W3C Portable Network Graphics 3)."""

from __future__ import annotations

from typing import IO, Any

from PIL.PngImagePlugin import PngInfo

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pixels import dpi_of, save_picture
from jotsk.core.page import Page


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    dpi = dpi_of(page, export)
    options: dict[str, Any] = {"dpi": (dpi, dpi), "compress_level": 6}
    if export.color in ("grey", "bits"):  # an ICC profile is for RGB; a chunk says the same of grey
        options["pnginfo"] = PngInfo()
        options["pnginfo"].add(b"sRGB", b"\x00")
    save_picture("PNG", stream, page, export, report, **options)


PNG = Format("png", "PNG", (".png",), ("rgba", "rgb", "grey", "bits"), write)
