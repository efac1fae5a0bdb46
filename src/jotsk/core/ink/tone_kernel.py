"""Screen tones: dots, lines, crosses and noise at every px of a page, compiled."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
DOTS, LINES, CROSSES, NOISE = 0, 1, 2, 3
FULL = np.uint64(0xFFFFFFFF)


@njit(**OPTIONS)
def hashed(x: int, y: int) -> float:
    """A number of 0..1 for a place, always the same: the finalizer of MurmurHash3."""
    h = (np.uint64(x) * np.uint64(0x9E3779B1) ^ np.uint64(y) * np.uint64(0x85EBCA77)) & FULL
    h ^= h >> np.uint64(16)
    h = h * np.uint64(0x85EBCA6B) & FULL
    h ^= h >> np.uint64(13)
    h = h * np.uint64(0xC2B2AE35) & FULL
    h ^= h >> np.uint64(16)
    return float(h) / 4294967296.0


@njit(**OPTIONS)
def spot(kind: int, u: float, v: float) -> float:
    """The share of a cell that is inked before the place (u, v) of it, -0.5..0.5, is: a spot function whose values are
    spread evenly over 0..1, so that a density inks as much of a cell."""
    if kind == LINES:
        return 2.0 * abs(v)
    if kind == CROSSES:
        a = 2.0 * min(abs(u), abs(v))
        return 1.0 - (1.0 - a) * (1.0 - a)
    r = math.sqrt(u * u + v * v)  # a disc grows until discs touch, then what is left around it shrinks
    if r <= 0.5:
        return math.pi * r * r
    angle = math.acos(min(1.0, 0.5 / r))
    return (math.pi - 4.0 * angle) * r * r + 2.0 * math.sqrt(r * r - 0.25)


@njit(**OPTIONS)
def tone_into(
    alpha: NDArray[np.uint8], x0: int, y0: int, kind: int, cell_px: float, angle_rad: float, density: float
) -> None:
    """Keep of (H, W) `alpha`, whose corner lies at page px (x0, y0), only what a tone inks; every px all or none."""
    c, s = math.cos(angle_rad), math.sin(angle_rad)
    h, w = alpha.shape
    for i in range(h):
        for j in range(w):
            if not alpha[i, j]:
                continue
            if kind == NOISE:
                grain = max(1.0, cell_px / 4.0)
                at = hashed(int(math.floor((x0 + j) / grain)), int(math.floor((y0 + i) / grain)))
            else:
                x, y = x0 + j + 0.5, y0 + i + 0.5
                u, v = (c * x + s * y) / cell_px, (c * y - s * x) / cell_px
                at = spot(kind, u - math.floor(u) - 0.5, v - math.floor(v) - 0.5)
            alpha[i, j] = 255 if at < density and alpha[i, j] >= 128 else 0


@njit(**OPTIONS)
def screen_into(ink: NDArray[np.uint8], density: NDArray[np.float32], x0: int, y0: int, kind: int, cell_px: float,
                angle_rad: float) -> None:  # fmt: skip
    """Set (H, W) `ink`, whose corner lies at page px (x0, y0), to a tone of the `density`, 0..1, at every px."""
    c, s = math.cos(angle_rad), math.sin(angle_rad)
    h, w = ink.shape
    for i in range(h):
        for j in range(w):
            x, y = x0 + j + 0.5, y0 + i + 0.5
            u, v = (c * x + s * y) / cell_px, (c * y - s * x) / cell_px
            at = spot(kind, u - math.floor(u) - 0.5, v - math.floor(v) - 0.5)
            ink[i, j] = 255 if at < density[i, j] else 0
