"""The frames of a page: where it is cut, how far ink must reach beyond, and where it is safe from the knife.

Measured from the page's edge inwards: `trim_mm` to the cut; bleed lies outside the cut, the safe frame inside it.
"""

from __future__ import annotations

from jotsk.core.geometry import Rect
from jotsk.core.page.page import Page

MM_PER_INCH = 25.4
FRAMES = ("page", "bleed", "trim", "safe")


def frame(page: Page, name: str) -> Rect:
    """The rectangle of a frame in page px; never empty."""
    inset_mm = {
        "page": 0.0,
        "bleed": page.trim_mm - page.bleed_mm,
        "trim": page.trim_mm,
        "safe": page.trim_mm + page.safe_mm,
    }[name]
    most = (min(page.width, page.height) - 1) // 2
    inset = min(most, max(0, round(inset_mm * page.dpi / MM_PER_INCH)))
    return Rect(inset, inset, page.width - inset, page.height - inset)


def has_frames(page: Page) -> bool:
    return page.trim_mm > 0 or page.safe_mm > 0
