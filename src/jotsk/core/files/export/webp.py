"""WebP, lossless at quality 100."""

from __future__ import annotations

from typing import IO

from PIL import Image

from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pixels import dpi_of, save_picture
from jotsk.core.page import Page

LARGEST_PX = 16383  # VP8 keeps sizes in 14 bits


def write(stream: IO[bytes], page: Page, export: Export, report: Progress) -> None:
    dpi, exif = dpi_of(page, export), Image.Exif()
    exif[0x011A], exif[0x011B], exif[0x0128] = dpi, dpi, 2  # TIFF 6.0: X and Y resolution, in inches
    save_picture(
        "WEBP", stream, page, export, report,
        quality=export.quality, method=4, exif=exif.tobytes(), lossless=export.quality >= 100,
    )  # fmt: skip


WEBP = Format("webp", "WebP", (".webp",), ("rgba", "rgb"), write, has_quality=True, most_px=LARGEST_PX)
