"""What the pen leaves: pens, ribbons, coverage, strokes, and the wet stroke under the pen."""

from jotsk.core.ink.pens import Drive, Pen, Profile, Taper
from jotsk.core.ink.ribbon import TILE, Ribbon, ribbon_of
from jotsk.core.ink.shipped import SHIPPED, pen_by_id
from jotsk.core.ink.stroke import Color, Cut, Stroke
from jotsk.core.ink.wet import WetInk

__all__ = [
    "SHIPPED",
    "TILE",
    "Color",
    "Cut",
    "Drive",
    "Pen",
    "Profile",
    "Ribbon",
    "Stroke",
    "Taper",
    "WetInk",
    "pen_by_id",
    "ribbon_of",
]
