"""Flats for the street, a tone for the keeper, hatching for the wet stair: what filling looks like on the demo page."""

from __future__ import annotations

from dataclasses import replace

from jotsk.core.fill.filling import Filling, Inks, filled_outline
from jotsk.core.fill.pour import poured
from jotsk.core.ink import Color, pen_by_id
from jotsk.core.marks.area import Pour
from jotsk.core.page import Page
from jotsk.demo.drafting import INK

GAP_PX = 6.0
FLATS: tuple[tuple[Color, tuple[tuple[float, float], ...]], ...] = (
    ((205, 224, 228), ((571, 343),)),
    ((238, 214, 180), ((500, 657), (500, 914), (429, 1100))),
    ((216, 184, 138), ((1014, 714), (1014, 943))),
    ((226, 200, 160), ((700, 657), (700, 943), (714, 1200))),
    ((176, 191, 182), ((429, 1543), (1429, 1429), (1400, 1600))),
    ((150, 178, 176), ((1400, 1229),)),
)
SHADOW = ((1772.0, 500.0), (2108.0, 500.0), (2096.0, 560.0), (1940.0, 590.0), (1784.0, 560.0))
STAIR = ((1190.0, 3024.0), (1960.0, 3018.0), (1900.0, 3120.0), (1560.0, 3150.0), (1190.0, 3180.0))


def colored(page: Page) -> Page:
    """The page with them; the tone lies on the layer of the hair, the hatching on that of the boot."""
    for color, places in FLATS:
        for at in places:
            page, _ = poured(page, Pour(at, gap_px=GAP_PX), color)
    inks = Inks(INK, INK, pen_by_id("quill-nib"))
    active = page.active_uid
    uids = {layer.name: layer.uid for layer in page.layers}
    tone = Filling(kind="tone", lpi=34.0, density=0.22)
    page = filled_outline(_on(page, uids["Hair"]), SHADOW, tone, inks)
    hatch = Filling(kind="hatch", angle=24.0, spacing_px=17.0, weight_px=7.0, light=60.0)
    page = filled_outline(_on(page, uids["Boot"]), STAIR, hatch, inks)
    return _on(page, active)


def _on(page: Page, uid: int) -> Page:
    return replace(page, active_uid=uid)
