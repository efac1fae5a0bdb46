"""The long straight parts of lines, of which the frames of panels are made."""

from __future__ import annotations

import math
from collections.abc import Iterator
from itertools import pairwise
from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.marks import Stroke
from jotsk.core.page import Page

LEAST_SHARE = 0.12  # of the page's shorter side: as long as the side of a frame is, at least
STRAY_RADII = 2.0  # from its straight: a side that is drawn by hand, at most


class Side(NamedTuple):
    """From `a` to `b`, page px, half as thick as `radius`; the number of its stroke, -1 for none."""

    a: NDArray[np.float64]
    b: NDArray[np.float64]
    radius: float
    owner: int


def least_side_px(page: Page) -> float:
    """As long as a straight line is that may be the side of a frame."""
    return LEAST_SHARE * min(page.width, page.height)


def sides_of(stroke: Stroke, least_px: float, owner: int = -1) -> Iterator[Side]:
    """The straight parts of a stroke that are so long; of a frame that is drawn in one go each of its sides."""
    for start, stop in stroke.own_ribbon.pieces:
        points = stroke.own_ribbon.points[start:stop]
        if len(points) < 3:
            continue
        radius = float(np.median(points[:, 2]))
        # Without its last point: of a line that ends where it began OpenCV leaves out the last side.
        shape = cv2.approxPolyDP(points[:-1, None, :2].copy(), STRAY_RADII * radius, False)
        for a, b in pairwise(shape[:, 0].astype(np.float64)):
            if math.dist(a, b) >= least_px:
                yield Side(a, b, radius, owner)
