"""How uneven paper takes ink, compiled.

A paper is a square of heights 0..255 that repeats. A spot of `ink` takes on where the paper is higher than 255 - ink;
a soft step around that height keeps the grains from being jagged. The paper is locked to the page, so
strokes side by side meet the same grains and a stroke renders the same again.
"""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

PAPER_PX = 512
SOFT = 60.0


@lru_cache(maxsize=2)
def paper(seed: int = 7) -> NDArray[np.uint8]:
    """Return the (512, 512) uint8 heights of a paper with fine and middling tooth, evenly distributed."""
    rng = np.random.default_rng(seed)
    f = np.fft.fftfreq(PAPER_PX)
    squared = f[:, None] ** 2 + f[None, : PAPER_PX // 2 + 1] ** 2
    heights = np.zeros((PAPER_PX, PAPER_PX))
    for sigma_px, weight in ((0.7, 1.0), (1.6, 0.9), (4.0, 0.35)):
        # A Gaussian blur by its spectrum: it wraps around, so the paper repeats without a seam.
        spectrum = np.fft.rfft2(rng.normal(size=heights.shape)) * np.exp(-2 * (np.pi * sigma_px) ** 2 * squared)
        layer = np.fft.irfft2(spectrum, s=heights.shape)
        heights += weight * layer / layer.std()
    ranks = heights.ravel().argsort().argsort().reshape(heights.shape)
    out = (ranks * 256 // ranks.size).astype(np.uint8)
    out.setflags(write=False)
    return out


@njit(cache=True, nogil=True)
def grain_into(alpha, x0, y0, heights, grain):
    """Let paper at page position (x0, y0) take the ink of `alpha` (uint8) unevenly, in place."""
    h, w = alpha.shape
    side = heights.shape[0]
    for i in range(h):
        row = heights[(y0 + i) % side]
        for j in range(w):
            ink = float(alpha[i, j])
            if ink == 0.0:
                continue
            bare = 255.0 - float(row[(x0 + j) % side])
            step = min(1.0, max(0.0, (ink - bare) / SOFT + 0.5))
            taken = step * (0.45 * ink + 0.55 * 255.0 * min(1.0, ink / 160.0))
            alpha[i, j] = np.uint8(min(255.0, (1.0 - grain) * ink + grain * taken) + 0.5)
