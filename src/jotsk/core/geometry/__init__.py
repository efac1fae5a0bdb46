"""Points, curves and rectangles, in page pixels; y grows downward."""

from jotsk.core.geometry.curves import arc_lengths, catmull_rom
from jotsk.core.geometry.rects import Rect
from jotsk.core.geometry.view import View

__all__ = ["Rect", "View", "arc_lengths", "catmull_rom"]
