"""A page as a file for others. A new format is a file here, and a line in `FORMATS`."""

from __future__ import annotations

from pathlib import Path

from jotsk.core.errors import Refused
from jotsk.core.files.export.jpeg import JPEG
from jotsk.core.files.export.moire import moire
from jotsk.core.files.export.motions import INKML
from jotsk.core.files.export.options import Export, Format, Progress
from jotsk.core.files.export.pdf import PDF
from jotsk.core.files.export.pixels import pixels_for, srgb_profile
from jotsk.core.files.export.png import PNG
from jotsk.core.files.export.press import PressProfile, read_profile
from jotsk.core.files.export.svg import SVG
from jotsk.core.files.export.tiff import TIFF
from jotsk.core.files.export.webp import WEBP
from jotsk.core.files.writing import whole_file
from jotsk.core.page import Page
from jotsk.core.words import tr

FORMATS = {each.name: each for each in (PNG, TIFF, JPEG, WEBP, PDF, SVG, INKML)}
ENDINGS = {ending: each for each in FORMATS.values() for ending in each.endings}


def format_of(path: Path) -> Format:
    """The format a name asks for; Refused if none is meant."""
    found = ENDINGS.get(path.suffix.lower())
    if found is None:
        raise Refused(tr("“{name}” ends in none of {names}.", name=path.name, names=", ".join(ENDINGS)))
    return found


def write_export(path: str | Path, page: Page, export: Export, *, progress: Progress | None = None) -> None:
    """Write a page for others, whole or not at all; what `progress` (0..1) raises stops it."""
    report = progress or (lambda _: None)
    export.check(page)
    with whole_file(path) as stream:
        export.format.write(stream, page, export, report)
        report(0.95)
    report(1.0)


__all__ = [
    "ENDINGS", "FORMATS", "Export", "Format", "PressProfile", "Progress", "format_of", "moire", "pixels_for",
    "read_profile", "srgb_profile", "write_export",
]  # fmt: skip
