"""Points, curves and rectangles, in page pixels; y grows downward."""

from jotsk.core.geometry.curves import arc_lengths, catmull_rom
from jotsk.core.geometry.rects import Rect
from jotsk.core.geometry.view import View
from jotsk.core.runtime import quick_numba as _quick_numba  # noqa: F401 - before the first kernel is loaded

__all__ = ["Rect", "View", "arc_lengths", "catmull_rom"]
