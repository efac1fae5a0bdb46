"""What the hand is held to, and what repeats it: rulers, perspective, symmetry."""

from jotsk.core.guides.choosing import Held, first_motion, holder
from jotsk.core.guides.guide import Guide
from jotsk.core.guides.guide_records import guide_from, guides_of, read_guides
from jotsk.core.guides.holding import Hold, LiveHold, held_line, hold_from
from jotsk.core.guides.rails import Curve, Ellipse, Line, Rail

__all__ = [
    "Curve", "Ellipse", "Guide", "Held", "Hold", "Line", "LiveHold", "Rail", "first_motion", "guide_from", "guides_of",
    "held_line", "hold_from", "holder", "read_guides",
]  # fmt: skip
