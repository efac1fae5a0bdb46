"""The page as one looks at it to judge it: in grey, or with half-closed eyes."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect

SQUINT_SHARE = 0.008  # of the longer side of the view, the deviation of the blur: forms are seen, lines are not
SIGMAS = 2.5
FINE_SIGMA_PX = 3.0  # so wide a blur loses nothing on a picture as many times smaller


@dataclass(frozen=True)
class Eyes:
    grey: bool = False
    squint: bool = False

    @property
    def are_plain(self) -> bool:
        return not (self.grey or self.squint)

    def reach_px(self, width: int, height: int) -> int:
        """How far what is seen of a px depends on those around it, in a frame of width x height px."""
        return round(SIGMAS * SQUINT_SHARE * max(width, height)) if self.squint else 0

    def seen(self, frame: NDArray[np.uint8], part: Rect) -> NDArray[np.uint8]:
        """What is seen of a part of a frame, (H, W, 4) BGRA; greys by the luma of ITU-R BT.601."""
        h, w = frame.shape[:2]
        sigma = SQUINT_SHARE * max(h, w)
        k = max(1, int(sigma / FINE_SIGMA_PX)) if self.squint else 1  # px of the frame to one that is blurred
        wide = part.grown(self.reach_px(w, h))
        around = Rect(wide.x0 // k * k, wide.y0 // k * k, -(-wide.x1 // k) * k, -(-wide.y1 // k) * k) & Rect(0, 0, w, h)
        pixels = frame[around.y0 : around.y1, around.x0 : around.x1]
        if self.squint:
            size = -(-around.width // k), -(-around.height // k)
            small = cv2.GaussianBlur(cv2.resize(pixels, size, interpolation=cv2.INTER_AREA), (0, 0), sigma / k)
            pixels = np.asarray(cv2.resize(small, (around.width, around.height)), np.uint8)
        own = pixels[part.slices_in(around)]
        if self.grey:
            own = np.asarray(cv2.cvtColor(cv2.cvtColor(own, cv2.COLOR_BGRA2GRAY), cv2.COLOR_GRAY2BGRA), np.uint8)
        return np.ascontiguousarray(own)
