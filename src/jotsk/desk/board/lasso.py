"""What a line drawn around something does."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.page.choosing import stroke_at, strokes_inside
from jotsk.desk.document import Document

PRESS_PX = 8.0  # device px within which a drag is a press, and a press finds a line

Places = NDArray[np.float64]  # (N, 2) page px


def choose_by(document: Document, places: Places, zoom: float, *, more: bool) -> None:
    """Choose the lines a lasso holds; one that went nowhere is a press on one line."""
    layer = document.page.active
    if np.ptp(places, axis=0).max() * zoom < PRESS_PX:
        one = stroke_at(layer, *places[0], PRESS_PX / zoom)
        document.choice.choose([one] if one is not None else [], more=more)
    else:
        document.choice.choose(strokes_inside(layer, places), more=more)


def crop_by(document: Document, places: Places, zoom: float) -> bool:
    """Make what a lasso goes around the page; False if it went nowhere."""
    if np.ptp(places, axis=0).min() * zoom < PRESS_PX:
        return False
    document.crop(rect_around(places))
    return True


def cropped_area(document: Document, places: Places) -> Rect:
    """The page as it would be cropped."""
    return rect_around(places) & document.page.bounds
