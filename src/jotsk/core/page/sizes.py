"""Paper sizes by name, and pages made to them."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace

from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.page.page import Page, blank_page
from jotsk.core.words import tr

MOST_DPI, LEAST_DPI = 1200.0, 72.0
UNITS_MM = {"mm": 1.0, "inches": MM_PER_INCH}


@dataclass(frozen=True, slots=True)
class PaperSize:
    """Upright. For comic trims `width_mm` and `height_mm` are of the trimmed page, and the bleed is added around it."""

    name: str
    width_mm: float
    height_mm: float
    bleed_mm: float = 0.0
    safe_mm: float = 0.0


def _iso(series: str, number: int) -> PaperSize:
    """ISO 216: A0 has 1 m^2 and sides of 1 : root 2; B is the geometric mean of neighbours; halves rounded down."""
    long = 1000 * 2**0.25 if series == "A" else 1000 * 2**0.5
    width, height = math.floor(long / 2**0.5 + 0.5), math.floor(long + 0.5)
    for _ in range(number):
        width, height = height // 2, width
    return PaperSize(f"{series}{number}", float(width), float(height))


# JIS P 0138: B0 is 1030 x 1456 mm, halved like the A series, rounded down.
def _jis(number: int) -> PaperSize:
    width, height = 1030, 1456
    for _ in range(number):
        width, height = height // 2, width
    return PaperSize(tr("JIS B{number}", number=number), float(width), float(height))


def _inches(name: str, width: float, height: float, *margins_mm: float) -> PaperSize:
    return PaperSize(name, width * MM_PER_INCH, height * MM_PER_INCH, *margins_mm)


# Trims, bleeds and safe margins of comics are common practice; printers state their own.
SIZES: tuple[PaperSize, ...] = (
    *(_iso("A", n) for n in (2, 3, 4, 5, 6)),
    *(_iso("B", n) for n in (3, 4, 5, 6)),
    *(_jis(n) for n in (3, 4, 5, 6)),
    _inches(tr("US letter"), 8.5, 11),
    _inches(tr("US legal"), 8.5, 14),
    _inches(tr("Comic book"), 6.625, 10.25, 3.175, 6.35),
    _inches(tr("Digest comic"), 5.5, 8.5, 3.175, 6.35),
    PaperSize(tr("Album"), 225.0, 297.0, 5.0, 8.0),
    PaperSize(tr("Manga magazine"), 182.0, 257.0, 5.0, 10.0),
    PaperSize(tr("Manga volume"), 128.0, 182.0, 5.0, 10.0),
)
BY_NAME = {size.name: size for size in SIZES}


def pixels(mm: float, dpi: float) -> int:
    return max(1, round(mm * dpi / MM_PER_INCH))


def page_of(size: PaperSize, dpi: float, *, upright: bool = True) -> Page:
    """A blank page: of a comic trim with its bleed around it; TooLarge before memory is taken."""
    width_mm, height_mm = (size.width_mm, size.height_mm) if upright else (size.height_mm, size.width_mm)
    edge = 2 * size.bleed_mm
    page = blank_page(pixels(width_mm + edge, dpi), pixels(height_mm + edge, dpi), dpi)
    return replace(page, trim_mm=size.bleed_mm, bleed_mm=size.bleed_mm, safe_mm=size.safe_mm)
