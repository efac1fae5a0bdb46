"""Areas by hand: inside an outline that was drawn."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.errors import Refused
from jotsk.core.fill.bits import Mask
from jotsk.core.fill.regions import grown
from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink import Color
from jotsk.core.ink.mask_kernel import runs_into
from jotsk.core.marks import Area
from jotsk.core.marks.fills import Fill, Flat
from jotsk.core.marks.runs import Runs, bounds_of, runs_from_mask
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import drawable, with_inserted
from jotsk.core.words import tr

FARTHEST_PX = 1 << 20


def runs_inside(outline: ArrayLike, page: Rect, grow_px: float = 0.0) -> Runs:
    """The px of the page whose middle lies inside a closed (N, 2) outline, by the even-odd rule; or `grow_px` larger or
    smaller. Raises Refused."""
    places = np.clip(np.asarray(outline, np.float64).reshape(-1, 2), -FARTHEST_PX, FARTHEST_PX)
    if len(places) < 3 or not np.isfinite(places).all():
        raise Refused(tr("An outline has three corners or more."))
    if not rect_around(places, 2.0 + max(0.0, grow_px)) & page:
        raise Refused(tr("That lies beside the page."))
    runs = _scanned(places, page)
    if not grow_px or not len(runs):
        return runs
    around = bounds_of(runs).grown(int(np.ceil(abs(grow_px))) + 1)
    mask = grown(mask_in(runs, around), grow_px)
    part = around & page
    inside = mask[part.slices_in(around)]
    return runs_from_mask(inside, part.x0, part.y0)


def mask_in(runs: Runs, area: Rect) -> Mask:
    """The px of a rectangle that runs cover."""
    mask = np.zeros((area.height, area.width), np.uint8)
    runs_into(mask, runs, 0, len(runs), area.x0, area.y0)
    return mask > 0


def _scanned(places: NDArray[np.float64], page: Rect) -> Runs:
    """Every row of px between the places where its middle crosses the outline, two by two."""
    a, b = places, np.roll(places, -1, axis=0)
    top, bottom = np.minimum(a[:, 1], b[:, 1]), np.maximum(a[:, 1], b[:, 1])
    first = np.clip(np.ceil(top - 0.5), page.y0, page.y1).astype(np.int64)
    counts = np.clip(np.ceil(bottom - 0.5), page.y0, page.y1).astype(np.int64) - first
    edge = np.repeat(np.arange(len(a)), counts)
    row = first[edge] + np.arange(len(edge)) - np.repeat(np.cumsum(counts) - counts, counts)
    share = (row + 0.5 - a[edge, 1]) / (b[edge, 1] - a[edge, 1])
    x = a[edge, 0] + share * (b[edge, 0] - a[edge, 0])
    order = np.lexsort((x, row))
    at = np.clip(np.ceil(x[order] - 0.5), page.x0, page.x1).astype(np.int64)
    runs = np.column_stack([row[order][::2], at[::2], at[1::2]])
    return np.ascontiguousarray(runs[runs[:, 2] > runs[:, 1]], np.int32)


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
        raise Refused(tr("Areas lie on ink layers; choose one."))
    area = Area(runs_inside(outline, page.bounds, grow_px), color, fill=fill or Flat())
    if not len(area.runs):
        raise Refused(tr("There is nothing inside."))
    return with_inserted(page, layer.uid, None, [area]), area
