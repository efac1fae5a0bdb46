"""Colours of ink."""

from __future__ import annotations

import numpy as np

Color = tuple[int, int, int]  # r, g, b of 0..255


def packed(color: Color) -> np.uint32:
    """An opaque colour as one pixel, R in the lowest byte."""
    r, g, b = color
    return np.uint32(r | g << 8 | b << 16 | 0xFF000000)
