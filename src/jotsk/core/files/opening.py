"""A page from any file that can be opened: a page, or a picture as a sketch on a page of its own."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path

from jotsk.core.files.writing import signature
from jotsk.core.page import Page, tiles_from
from jotsk.core.page.edits.layer_edits import with_picture_layer, without_layers
from jotsk.core.page.page import blank_page

PAGE_SUFFIX = ".ora"
USUAL_DPI = 300.0  # where a picture does not say


@dataclass(frozen=True, slots=True)
class Origin:
    """The file a page was read from, and its signature before that."""

    path: Path
    signature: tuple[int, int]

    @classmethod
    def of(cls, path: Path) -> Origin:
        return cls(path, signature(path))

    @property
    def is_unchanged(self) -> bool:
        return signature(self.path) == self.signature


def is_svg(path: Path) -> bool:
    return path.suffix.lower() == ".svg"


def is_picture(path: Path) -> bool:
    """Whether a file becomes a page, instead of holding one."""
    from jotsk.core.files.pictures import PICTURE_SUFFIXES  # here: what reads files takes long to import

    return path.suffix.lower() in PICTURE_SUFFIXES or is_svg(path)


def read_any(path: Path, name: str, *, progress: Callable[[float], None] | None = None) -> Page:
    """Read a page; a picture becomes the sketch `name` on a page of its size, and an SVG its lines. The same file gives
    the same page.

    Raises
    ------
    DamagedFile, TooLarge
    """
    from jotsk.core.files.openraster import read_page
    from jotsk.core.files.pictures import read_picture

    if not is_picture(path):
        return read_page(path, progress=progress)
    if is_svg(path):
        from jotsk.core.files.svg_lines import page_of

        return page_of(path, report=progress or (lambda _: None))
    pixels, dpi = read_picture(path)
    h, w = pixels.shape
    page = with_picture_layer(blank_page(w, h, dpi or USUAL_DPI), tiles_from(pixels), name)
    return without_layers(page, [1])
