"""What there is: the page, its layers and tiles, edits, compositing, history."""

from jotsk.core.marks.sequence import Marks
from jotsk.core.page.compose.compositing import WetLayer, color_at, composite_into, flattened
from jotsk.core.page.history import History
from jotsk.core.page.layers.layer import GroupLayer, InkLayer, Layer, PaintLayer, render
from jotsk.core.page.page import Page, blank_page, check_size, prepared
from jotsk.core.page.tiles.tiles import Tiles, pixels_of, rgba, tiles_from

__all__ = [
    "GroupLayer",
    "History",
    "InkLayer",
    "Layer",
    "Marks",
    "Page",
    "PaintLayer",
    "Tiles",
    "WetLayer",
    "blank_page",
    "check_size",
    "color_at",
    "composite_into",
    "flattened",
    "pixels_of",
    "prepared",
    "render",
    "rgba",
    "tiles_from",
]
