"""Areas by hand: inside an outline that was drawn."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import ArrayLike

from jotsk.core.errors import Refused
from jotsk.core.fill.regions import grown
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import Color
from jotsk.core.marks import Area
from jotsk.core.marks.area import Runs, runs_from_mask
from jotsk.core.marks.fills import Fill, Flat
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import drawable, with_inserted

SUBPIXEL_BITS = 4
FARTHEST_PX = 1 << 20


def runs_inside(outline: ArrayLike, page: Rect, grow_px: float = 0.0) -> Runs:
    """The px of the page inside a closed (N, 2) outline, by the even-odd rule, or `grow_px` larger or smaller."""
    places = np.clip(np.asarray(outline, np.float64).reshape(-1, 2), -FARTHEST_PX, FARTHEST_PX)
    if len(places) < 3 or not np.isfinite(places).all():
        raise Refused("An outline has three corners or more.")
    area = rect_around(places, 2.0 + max(0.0, grow_px)) & page
    if not area:
        raise Refused("That lies beside the page.")
    mask = np.zeros((area.height, area.width), np.uint8)
    # OpenCV counts from px centres.
    corners = np.round((places - (area.x0 + 0.5, area.y0 + 0.5)) * (1 << SUBPIXEL_BITS)).astype(np.int32)
    cv2.fillPoly(mask, [corners], 1, cv2.LINE_8, SUBPIXEL_BITS)
    return runs_from_mask(grown(mask > 0, grow_px), area.x0, area.y0)


def filled_inside(
    page: Page, outline: ArrayLike, color: Color, *, fill: Fill | None = None, uid: int | None = None,
    grow_px: float = 0.0,
) -> tuple[Page, Area]:  # fmt: skip
    """Fill what lies inside an outline on the active ink layer, or another; also the area. Raises Refused."""
    if uid is not None:
        layer = page.layer(uid)
    else:
        layer = drawable(page)
    if not isinstance(layer, InkLayer):
        raise Refused("Areas lie on ink layers; choose one.")
    area = Area(runs_inside(outline, page.bounds, grow_px), color, fill=fill or Flat())
    if not len(area.runs):
        raise Refused("There is nothing inside.")
    return with_inserted(page, layer.uid, None, [area]), area
