"""What textured tips look like: pictures with v across the line and u along it, made from a seed."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

ROWS, COLUMNS = 128, 1024


@lru_cache(maxsize=8)
def tip(name: str) -> NDArray[np.uint8]:
    """Return the (128, 1024) uint8 picture of a tip; it repeats along u without a seam."""
    made = {"bristle": _bristle, "chalk": _chalk, "sponge": _sponge, "spatter": _spatter}[name]()
    made.setflags(write=False)
    return made


def _blurred(noise: NDArray[np.float64], across: float, along: float) -> NDArray[np.float64]:
    """Gaussian blur by the spectrum, wrapping, to unit variance."""
    f = np.fft.fftfreq(noise.shape[0])[:, None] ** 2 * across**2
    g = np.fft.rfftfreq(noise.shape[1])[None, :] ** 2 * along**2
    blurred = np.fft.irfft2(np.fft.rfft2(noise) * np.exp(-2 * np.pi**2 * (f + g)), s=noise.shape)
    return blurred / blurred.std()


def _stepped(values: NDArray[np.float64], middle: float, soft: float) -> NDArray[np.uint8]:
    return (np.clip((values - middle) / soft + 0.5, 0, 1) * 255 + 0.5).astype(np.uint8)


def _across() -> NDArray[np.float64]:
    """Distance from the middle of the line, 0..1, by row."""
    return np.abs((np.arange(ROWS) + 0.5) / ROWS * 2 - 1)[:, None]


def _bristle() -> NDArray[np.uint8]:
    """Hairs that run dry one by one, more of them towards the edges."""
    rng = np.random.default_rng(11)
    hairs = _blurred(rng.normal(size=(ROWS, COLUMNS)), 1.1, 70.0)
    lasting = _blurred(rng.normal(size=(ROWS, 1)), 1.0, 1.0)
    fine = _blurred(rng.normal(size=(ROWS, COLUMNS)), 0.8, 6.0)
    return _stepped(hairs + 0.8 * lasting + 0.35 * fine - 1.3 * _across() ** 2, -0.75, 0.5)


def _chalk() -> NDArray[np.uint8]:
    """Crumbs, thinner towards the edges."""
    rng = np.random.default_rng(12)
    crumbs = _blurred(rng.normal(size=(ROWS, COLUMNS)), 1.3, 1.6) + 0.6 * _blurred(
        rng.normal(size=(ROWS, COLUMNS)), 4, 6
    )
    return _stepped(crumbs - 1.6 * _across() ** 3, -0.85, 1.1)


def _sponge() -> NDArray[np.uint8]:
    """Pads and holes of several sizes, ragged at the edges."""
    rng = np.random.default_rng(13)
    pads = _blurred(rng.normal(size=(ROWS, COLUMNS)), 3.5, 5.0) + 0.7 * _blurred(
        rng.normal(size=(ROWS, COLUMNS)), 1.2, 1.7
    )
    return _stepped(pads - 2.0 * _across() ** 2, 0.15, 0.5)


def _spatter() -> NDArray[np.uint8]:
    """Drops, small ones many, large ones few, thrown thinner away from the middle."""
    rng = np.random.default_rng(14)
    picture = np.zeros((ROWS, COLUMNS))
    v, u = np.mgrid[-12:13, -12:13]
    for _ in range(420):
        radius = min(9.0, 0.9 / rng.power(1.6) * 0.9)
        row, column = int(np.clip(rng.normal(0.5, 0.2), 0.1, 0.9) * ROWS), int(rng.integers(COLUMNS))
        drop = np.clip(radius - np.hypot(v, u) + 0.5, 0, 1)
        rows, columns = np.clip(row + v, 0, ROWS - 1), (column + u) % COLUMNS
        picture[rows, columns] = np.maximum(picture[rows, columns], drop)
    return (picture * 255).astype(np.uint8)
