"""The page as one looks at it to judge it: in grey, or with half-closed eyes."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect

SQUINT_SHARE = 0.008  # of the longer side of the view, the deviation of the blur: forms are seen, lines are not
SIGMAS = 2.5


@dataclass(frozen=True)
class Eyes:
    grey: bool = False
    squint: bool = False

    @property
    def are_plain(self) -> bool:
        return not (self.grey or self.squint)

    def seen(self, frame: NDArray[np.uint8], part: Rect) -> NDArray[np.uint8]:
        """What is seen of a part of a frame, (H, W, 4) BGRA; greys by the luma of ITU-R BT.601."""
        h, w = frame.shape[:2]
        sigma = SQUINT_SHARE * max(h, w)
        pad = round(SIGMAS * sigma) if self.squint else 0
        around = part.grown(pad) & Rect(0, 0, w, h)
        pixels = frame[around.y0 : around.y1, around.x0 : around.x1]
        if self.squint:
            pixels = np.asarray(cv2.GaussianBlur(pixels, (2 * pad + 1, 2 * pad + 1), sigma), np.uint8)
        own = pixels[part.y0 - around.y0 : part.y1 - around.y0, part.x0 - around.x0 : part.x1 - around.x0]
        if self.grey:
            own = np.asarray(cv2.cvtColor(cv2.cvtColor(own, cv2.COLOR_BGRA2GRAY), cv2.COLOR_GRAY2BGRA), np.uint8)
        return np.ascontiguousarray(own)
