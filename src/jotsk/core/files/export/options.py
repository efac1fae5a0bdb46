"""What is to be written of a page, and what a format of files can hold."""

from __future__ import annotations

from collections.abc import Callable, Collection
from dataclasses import dataclass
from typing import IO, TYPE_CHECKING

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.page import Layer, Page, check_size
from jotsk.core.page.frames import FRAMES, frame
from jotsk.core.words import tr

if TYPE_CHECKING:
    from jotsk.core.files.export.press import PressProfile

Progress = Callable[[float], None]


@dataclass(frozen=True, slots=True)
class Format:
    """A format of files.

    `endings` of file names, the usual one first; `colors` it can hold; `most_px` a side, if there is a limit.
    `write(stream, page, export, report)` writes a page; `report` takes shares of 0..1, and may raise to stop it.
    """

    name: str
    words: str
    endings: tuple[str, ...]
    colors: tuple[str, ...]
    write: Callable[[IO[bytes], Page, Export, Progress], None]
    has_quality: bool = False
    most_px: int | None = None
    has_pixels: bool = True  # and so a resolution of its own
    may_have_shapes: bool = False


@dataclass(frozen=True, slots=True)
class Export:
    """What is to be written. `layers`: uids of those that alone are shown, or all that are visible.

    `color` is one of rgba, rgb, grey, cmyk (in the inks of a press, by its `profile`) and bits (1 bit a pixel: black
    where the page is darker than `threshold`, 0..255).
    `scale` changes the number of pixels, and the resolution with it, so that the size on paper stays.
    """

    format: Format
    color: str = "rgb"
    frame: str = "page"
    scale: float = 1.0
    transparent: bool = False
    threshold: int = 128
    quality: int = 92
    layers: Collection[int] | None = None
    title: str = ""
    profile: PressProfile | None = None
    shapes: bool = False  # lines as shapes, in a format that can hold both those and pixels

    def check(self, page: Page) -> None:
        """Raise Refused or TooLarge where this cannot be."""
        if self.color not in self.format.colors:
            raise Refused(tr("A {words} file cannot be written as {color}.", words=self.format.words, color=self.color))
        if self.color == "cmyk" and self.profile is None:
            raise Refused(tr("Choose the ICC profile of the press first: who prints the page has it."))
        if self.shapes and not self.format.may_have_shapes:
            raise Refused(tr("A {words} file holds no shapes.", words=self.format.words))
        if self.shapes and self.color == "bits":
            raise Refused(tr("Lines as shapes have soft edges of their own; choose colour or grey."))
        if self.transparent and self.color != "rgba":
            raise Refused(tr("Without paper only a picture with transparency (RGBA) can be written."))
        if self.frame not in FRAMES:
            raise Refused(tr("There is no frame “{frame}”.", frame=self.frame))
        width, height = self.size(page)
        check_size(width, height)
        most = self.format.most_px
        if most and max(width, height) > most:
            raise Refused(
                tr(
                    "{width} x {height} px is more than {words} can hold: {most} px a side.",
                    width=width,
                    height=height,
                    words=self.format.words,
                    most=most,
                )
            )

    def shows(self, layer: Layer) -> bool:
        """Whether a layer, or a group, is written."""
        return layer.visible if self.layers is None else layer.uid in self.layers

    def size(self, page: Page) -> tuple[int, int]:
        """Width and height in px."""
        return self.scaled(frame(page, self.frame))

    def scaled(self, area: Rect) -> tuple[int, int]:
        """Width and height in px of what `area` of the page becomes."""
        return max(1, round(area.width * self.scale)), max(1, round(area.height * self.scale))
