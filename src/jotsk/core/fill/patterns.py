"""A piece of a page as a pattern."""

from __future__ import annotations

from jotsk.core.errors import Refused
from jotsk.core.geometry import Rect
from jotsk.core.marks.fills import LEAST_PIECE_PX, MOST_PIECE_PX, Pattern, seamless
from jotsk.core.page import Page, flattened
from jotsk.core.page.layers.layer import Layer
from jotsk.core.words import tr


def pattern_of(page: Page, area: Rect) -> Pattern:
    """What the page shows in a rectangle, without sketches and paper, repeated without a seam. Raises Refused."""
    area &= page.bounds
    if min(area.width, area.height) < LEAST_PIECE_PX or max(area.width, area.height) > MOST_PIECE_PX:
        raise Refused(
            tr(
                "A pattern is made of {least_piece_px} to {most_piece_px} px a side; hold another area.",
                least_piece_px=LEAST_PIECE_PX,
                most_piece_px=MOST_PIECE_PX,
            )
        )

    def shows(layer: Layer) -> bool:
        return layer.visible and not layer.is_sketch

    pixels = flattened(page, area, transparent=True, shows=shows)
    if not pixels.any():
        raise Refused(tr("The page shows nothing in there to repeat."))
    return seamless(pixels, (float(area.x0), float(area.y0)))
