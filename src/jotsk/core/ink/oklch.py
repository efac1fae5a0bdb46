"""Colours by lightness, chroma and hue as the eye sees them: OKLCH.

Björn Ottosson, "A perceptual color space for image processing" (2020), whose matrices these are; sRGB by IEC 61966-2-1.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

_LMS = np.array(
    [[0.4122214708, 0.5363325363, 0.0514459929], [0.2119034982, 0.6806995451, 0.1073969566],
     [0.0883024619, 0.2817188376, 0.6299787005]]
)  # fmt: skip
_LAB = np.array(
    [[0.2104542553, 0.7936177850, -0.0040720468], [1.9779984951, -2.4285922050, 0.4505937099],
     [0.0259040371, 0.7827717662, -0.8086757660]]
)  # fmt: skip
_LMS_INVERSE, _LAB_INVERSE = np.linalg.inv(_LMS), np.linalg.inv(_LAB)
MOST_CHROMA = 0.33  # of any sRGB colour, rounded up


def linear(srgb: ArrayLike) -> NDArray[np.float64]:
    """sRGB 0..1 to light 0..1."""
    v = np.asarray(srgb, np.float64)
    return np.where(v <= 0.04045, v / 12.92, ((np.maximum(v, 0) + 0.055) / 1.055) ** 2.4)


def encoded(light: NDArray[np.floating]) -> NDArray[np.floating]:
    """Light to sRGB, not clipped."""
    return np.where(light <= 0.0031308, light * 12.92, 1.055 * np.maximum(light, 0) ** (1 / 2.4) - 0.055)


def to_oklab(srgb: ArrayLike) -> NDArray[np.float64]:
    """(..., 3) sRGB 0..1 to (..., 3) L, a, b of OKLab."""
    return np.asarray(np.cbrt(linear(srgb) @ _LMS.T) @ _LAB.T, np.float64)


def from_oklab(lab: NDArray[np.float64]) -> NDArray[np.float64]:
    """(..., 3) OKLab to sRGB, clipped to 0..1."""
    light = (lab @ _LAB_INVERSE.T) ** 3 @ _LMS_INVERSE.T
    return np.clip(np.asarray(encoded(np.clip(light, 0, 1)), np.float64), 0, 1)


def to_oklch(srgb: ArrayLike) -> NDArray[np.float64]:
    """(..., 3) sRGB 0..1 to (..., 3) lightness 0..1, chroma, hue in radians."""
    lab = to_oklab(srgb)
    return np.stack([lab[..., 0], np.hypot(lab[..., 1], lab[..., 2]), np.arctan2(lab[..., 2], lab[..., 1])], axis=-1)


def from_oklch(lch: NDArray[np.floating]) -> tuple[NDArray[np.floating], NDArray[np.bool_]]:
    """(..., 3) OKLCH to sRGB clipped to 0..1, and whether it was inside without clipping; as exact as `lch` is."""
    lightness, chroma, hue = lch[..., 0], lch[..., 1], lch[..., 2]
    lab = np.stack([lightness, chroma * np.cos(hue), chroma * np.sin(hue)], axis=-1)
    roots = lab @ _LAB_INVERSE.T.astype(lab.dtype)
    light = (roots * roots * roots) @ _LMS_INVERSE.T.astype(lab.dtype)
    inside = (light > -1e-4) & (light < 1 + 1e-4)
    return np.clip(encoded(np.clip(light, 0, 1)), 0, 1), inside[..., 0] & inside[..., 1] & inside[..., 2]
