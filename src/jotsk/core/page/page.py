"""The page, a value."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Any

from jotsk.core.errors import TooLarge
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color
from jotsk.core.page.layers.layer import InkLayer, Layer, following_each_other
from jotsk.core.page.light import Light
from jotsk.core.page.tiles.tiles import MOST_HALVINGS
from jotsk.core.words import tr

MOST_PIXELS = 200_000_000
LARGEST_SIDE = 30_000
WHITE: Color = (255, 255, 255)


@dataclass(frozen=True, eq=False)
class Page:
    """Size in px, resolution, paper, layers from the lowest to the topmost, and which one is drawn on.

    The page is cut (trimmed) `trim_mm` inside its edge; ink that goes to the cut goes on `bleed_mm` beyond it, and what
    must not be cut stays `safe_mm` inside it. `guides` are plain data. `seen_as` is how it was looked at when it was
    saved: zoom, angle in rad, whether flipped, and the page px at the middle of the board. `let_be` are the names
    of findings that are meant so. `light` is where it is lit from, if that was said, and `sheet` the
    kind and size of the practice sheet it is, if it is one. `extras` are parts of its file
    that this program does not know, by their names, and `unknown` is JSON of what else it says of the page.
    """

    width: int
    height: int
    dpi: float = 300.0
    paper: Color = WHITE
    layers: tuple[Layer, ...] = ()
    active_uid: int = 0
    trim_mm: float = 0.0
    bleed_mm: float = 0.0
    safe_mm: float = 0.0
    guides: tuple[Mapping[str, Any], ...] = ()
    seen_as: tuple[float, float, bool, float, float] | None = None
    let_be: tuple[tuple[str, int, int, int], ...] = ()
    light: Light | None = None
    sheet: tuple[str, str] | None = None
    extras: Mapping[str, bytes] = field(default_factory=dict)
    unknown: str = ""

    def __post_init__(self) -> None:
        object.__setattr__(self, "layers", following_each_other(self.layers))

    @property
    def bounds(self) -> Rect:
        return Rect(0, 0, self.width, self.height)

    @property
    def is_blank(self) -> bool:
        """Whether there is nothing on any layer."""
        return all(layer.tiles.is_empty for layer in self.layers)

    @property
    def active(self) -> Layer | None:
        return self.layer(self.active_uid)

    def layer(self, uid: int) -> Layer | None:
        return next((layer for layer in self.layers if layer.uid == uid), None)

    def index(self, uid: int) -> int:
        return next(i for i, layer in enumerate(self.layers) if layer.uid == uid)

    def next_uid(self) -> int:
        return max((layer.uid for layer in self.layers), default=0) + 1

    def with_layer(self, changed: Layer) -> Page:
        """The page with the layer of the same uid replaced."""
        return replace(self, layers=tuple(changed if layer.uid == changed.uid else layer for layer in self.layers))


def prepared(page: Page) -> Page:
    """Halve every layer now, off the interface's thread, so that the first look at the whole page is quick."""
    for layer in page.layers:
        layer.seen.at_level(MOST_HALVINGS)
    return page


def check_size(width: int, height: int) -> None:
    """Raise TooLarge for a page or picture that memory is not taken for."""
    if width < 1 or height < 1:
        raise TooLarge(
            tr(
                "A page of {width} x {height} px has no room to draw; both sides need 1 px or more.",
                width=width,
                height=height,
            )
        )
    if max(width, height) > LARGEST_SIDE or width * height > MOST_PIXELS:
        raise TooLarge(
            tr(
                "{width} x {height} px is more than fits: at most {largest_side:,} px a side and {most_pixels} "
                "million pixels in all.",
                width=width,
                height=height,
                largest_side=LARGEST_SIDE,
                most_pixels=MOST_PIXELS // 1000000,
            )
        )


def blank_page(width: int, height: int, dpi: float = 300.0) -> Page:
    """Return a white page with one empty ink layer."""
    check_size(width, height)
    return Page(width, height, dpi, layers=(InkLayer(1, tr("Ink")),), active_uid=1)
