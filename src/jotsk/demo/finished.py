"""The harbour street, finished: panel one of the demo page with blacks, flats, gradients, tones, hatching and effects."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from jotsk.core.errors import Refused
from jotsk.core.fill.by_hand import inside_of
from jotsk.core.fill.filling import Filling, Inks, filled_at, filled_outline
from jotsk.core.geometry import Rect
from jotsk.core.ink import Color, pen_by_id
from jotsk.core.marks import Area
from jotsk.core.marks.fills import Gradient
from jotsk.core.page import InkLayer, Layer, Marks, Page, render
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.edits.resizing import cropped
from jotsk.core.page.layers.effects import Effect
from jotsk.core.page.light import Light
from jotsk.demo.drafting import INK
from jotsk.demo.gull_and_lantern import PANELS

TITLE = "Harbour street"
MARGIN_PX = 40
KEPT = ("Frames", "Street")  # and what fills them
Outline = tuple[tuple[float, float], ...]

# Places and outlines are those of the whole page.
SUN = (180.0, 420.0)
SKY, DUSK = (150, 190, 205), (250, 226, 190)
SKY_AT, SKY_LINE = (571.0, 343.0), ((600.0, 250.0), (700.0, 760.0))
SEA, FOAM = (96, 138, 142), (190, 212, 206)
SEA_AT, SEA_LINE = (1400.0, 1229.0), ((1400.0, 1120.0), (1400.0, 1380.0))
WALL: Outline = ((664.0, 500.0), (1284.0, 640.0), (1284.0, 1290.0), (664.0, 1380.0))  # away from the light
UNDER_EAVES: Outline = ((152.0, 585.0), (656.0, 476.0), (656.0, 506.0), (152.0, 622.0))
STREET: Outline = ((160.0, 1560.0), (700.0, 1640.0), (1490.0, 1450.0), (1490.0, 1690.0), (160.0, 1690.0))
WET: Outline = ((860.0, 1500.0), (1010.0, 1490.0), (1030.0, 1680.0), (820.0, 1680.0))
LAMPS: tuple[tuple[float, float, float], ...] = ((876.0, 405.0, 150.0), (1257.0, 505.0, 130.0))
WARM: Color = (255, 226, 150)


def finished_panel(page: Page, progress: Callable[[float], None] = lambda _: None) -> Page:
    """The panel as a page of its own, made from the demo page."""
    x0, y0, x1, y1 = PANELS[0]
    area = Rect(x0 - MARGIN_PX, y0 - MARGIN_PX, x1 + MARGIN_PX, y1 + MARGIN_PX)
    layers = tuple(layer for layer in page.layers if layer.name in KEPT or _fills(layer))
    page = replace(page, layers=layers, active_uid=layers[-1].uid, guides=page.guides[:1])
    page = cropped(page, area, lambda share: progress(0.5 * share))
    page = replace(page, layers=tuple(_only_on(layer, page.bounds) for layer in page.layers))
    page = replace(page, light=Light.standing(_at(SUN, area), page.bounds))
    page = _graded(page, SKY_AT, SKY_LINE, SKY, DUSK, area)
    page = _graded(page, SEA_AT, SEA_LINE, SEA, FOAM, area)
    progress(0.6)
    page = _with_layer(page, "Shade", blend="multiply", opacity=0.55)
    tone = Filling(kind="tone", lpi=30.0, density=0.2)
    page = filled_outline(page, _moved(WALL, area), tone, _inks((70, 90, 110)))
    page = filled_outline(page, _moved(STREET, area), replace(tone, density=0.16), _inks((60, 78, 86)))
    progress(0.7)
    page = _with_layer(page, "Hatching")
    hatch = Filling(kind="hatch", angle=62.0, spacing_px=13.0, weight_px=5.0, irregular=0.35)
    page = filled_outline(page, _moved(UNDER_EAVES, area), hatch, _inks(INK))
    black = Filling(kind="black", spacing_px=9.0, weight_px=7.0, length_px=46.0)
    page = filled_outline(page, _moved(WET, area), replace(hatch, angle=90.0, spacing_px=15.0), _inks(INK))
    page = filled_outline(page, _moved(_shadow(), area), black, _inks(INK))
    progress(0.8)
    page = _with_layer(page, "Glow", blend="screen", effects=(Effect.of("blur", radius=6.0),))
    glows = [_glow(*_at((x, y), area), radius, page.bounds) for x, y, radius in LAMPS]
    page = with_inserted(page, page.active_uid, None, glows)
    progress(1.0)
    return replace(page, active_uid=next(layer.uid for layer in page.layers if layer.name == "Street"))


def _fills(layer: Layer) -> bool:
    """Whether it holds areas alone. What it is called depends on the language in which they were filled."""
    return isinstance(layer, InkLayer) and bool(layer.marks) and all(isinstance(mark, Area) for mark in layer.marks)


def _only_on(layer: Layer, page: Rect) -> Layer:
    """The layer without what lies wholly off the page, such as the frames of other panels."""
    if not isinstance(layer, InkLayer):
        return layer
    marks = Marks(mark for mark in layer.marks if mark.bounds & page)
    return replace(layer, marks=marks, tiles=render(marks, page))


def _glow(x: float, y: float, radius: float, page: Rect) -> Area:
    """Light that fades to nothing."""
    disc = inside_of("ellipse", [(x - radius, y - radius), (x + radius, y + radius)], page)
    return Area(disc, WARM, fill=Gradient((x, y), (x + radius, y), WARM, None, round=True))


def _shadow() -> Outline:
    """Of the bollard, away from the light."""
    return ((1262.0, 1640.0), (1345.0, 1628.0), (1440.0, 1672.0), (1330.0, 1690.0))


def _graded(
    page: Page, at: tuple[float, float], line: tuple[tuple[float, float], tuple[float, float]], first: Color,
    last: Color, area: Rect,
) -> Page:  # fmt: skip
    """A flat becomes a gradient."""
    inks = Inks(first, last, pen_by_id("quill-nib"))
    try:
        return filled_at(page, _at(at, area), Filling(kind="gradient"), inks, line=_moved(line, area))
    except Refused:  # there is a line just there
        return page


def _with_layer(page: Page, name: str, **values: object) -> Page:
    uid = page.next_uid()
    below = [layer for layer in page.layers if _fills(layer)]
    at = page.layers.index(below[-1]) + 1 if name in ("Shade", "Hatching") else len(page.layers)
    layers = (*page.layers[:at], InkLayer(uid, name, **values), *page.layers[at:])
    return replace(page, layers=layers, active_uid=uid)


def _inks(color: Color) -> Inks:
    return Inks(color, color, pen_by_id("quill-nib"))


def _at(place: tuple[float, float], area: Rect) -> tuple[float, float]:
    return place[0] - area.x0, place[1] - area.y0


def _moved(outline: tuple[tuple[float, float], ...], area: Rect) -> list[tuple[float, float]]:
    return [_at(place, area) for place in outline]
