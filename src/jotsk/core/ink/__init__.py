"""What the pen leaves: pens, ribbons, coverage, and the wet ink under the pen."""

from jotsk.core.ink.color import Color
from jotsk.core.ink.pens import Drive, Pen, Profile, Taper
from jotsk.core.ink.ribbon import TILE, Ribbon, ribbon_of
from jotsk.core.ink.shipped import SHIPPED, pen_by_id
from jotsk.core.ink.wet import WetInk

__all__ = [
    "SHIPPED",
    "TILE",
    "Color",
    "Drive",
    "Pen",
    "Profile",
    "Ribbon",
    "Taper",
    "WetInk",
    "pen_by_id",
    "ribbon_of",
]
