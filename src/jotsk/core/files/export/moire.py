"""Tones that would show a coarse pattern of their own (moire) at the scale of an export: found by trying it."""

from __future__ import annotations

import math
from collections.abc import Iterator
from functools import lru_cache

import cv2
import numpy as np

from jotsk.core.files.export.options import Export
from jotsk.core.ink.tone_kernel import NOISE, tone_into
from jotsk.core.marks import Area
from jotsk.core.marks.fills import SHAPES, Tone
from jotsk.core.page import InkLayer, Page
from jotsk.core.words import tr

CELLS, MOST_PX = 60, 600  # of the piece that is tried
BLUR_CELLS = 2.2  # what is left of a tone after such a blur is no dots but a pattern of them
SEEN, TIMES = 0.004, 1.8  # of full range, RMS; and of what the tone has by itself: more is seen as a pattern
MOST_TONES = 6
PERCENTS = (100, 75, 50, 80, 60, 90, 40, 30, 25, 20, 125, 150, 200, 300, 400)


def moire(page: Page, export: Export) -> str | None:
    """A sentence if a tone would shimmer in an export, with a scale at which it does not; else None. Only what goes
    out in one bit does: greys keep the mean of what a px covers, and that is even."""
    if export.scale == 1.0 or export.color != "bits" or not export.format.has_pixels:
        return None
    tones = {tone for uid, tone in tones_of(page) if export.layers is None or uid in export.layers}
    chosen = sorted(tones)[:MOST_TONES]
    if not any(_shimmers(*tone, export.scale, export.threshold) for tone in chosen):
        return None
    percent = round(100 * export.scale)
    for better in sorted(PERCENTS, key=lambda k: abs(k - percent)):
        if not any(_shimmers(*tone, better / 100, export.threshold) for tone in chosen):
            return tr(
                "A tone may shimmer (moire) at {percent} %; at {better} % it does not.", percent=percent, better=better
            )
    return tr("A tone may shimmer (moire) at {percent} %.", percent=percent)


Key = tuple[int, float, float, float]  # shape, cell in px, angle in degrees, density


def tones_of(page: Page) -> Iterator[tuple[int, Key]]:
    """The uid of its layer, and what it is, of every tone that shows."""
    for layer in page.layers:
        if not layer.visible:
            continue
        for effect in layer.effects:
            if effect.on and effect.kind == "screen":
                yield layer.uid, (round(effect["shape"]), effect["cell"], effect["angle"], 0.3)
        if isinstance(layer, InkLayer):
            for mark in layer.marks:
                if isinstance(mark, Area) and isinstance(mark.fill, Tone):
                    tone = mark.fill
                    yield layer.uid, (SHAPES[tone.shape], tone.cell_px, tone.angle, tone.density)


@lru_cache(maxsize=256)
def _shimmers(shape: int, cell_px: float, angle: float, density: float, scale: float, threshold: int) -> bool:
    if shape == NOISE:
        return False
    found = ripple(shape, cell_px, angle, density, scale, threshold)
    return found > SEEN and found > TIMES * ripple(shape, cell_px, angle, density, 1.0, threshold)


def ripple(shape: int, cell_px: float, angle: float, density: float, scale: float, threshold: int) -> float:
    """How much of a coarse pattern a tone has in one bit at a scale: RMS, of full range 1, of its mean over some
    cells."""
    side = min(MOST_PX, math.ceil(CELLS * cell_px))
    ink = np.full((side, side), 255, np.uint8)
    tone_into(ink, 0, 0, shape, cell_px, math.radians(angle), density)
    grey = 255 - ink
    if scale != 1.0:
        size = max(1, round(side * scale))
        grey = np.asarray(
            cv2.resize(grey, (size, size), interpolation=cv2.INTER_AREA if scale < 1 else cv2.INTER_CUBIC)
        )
    printed = (grey >= threshold).astype(np.float32)
    sigma = BLUR_CELLS * cell_px * scale
    pad = math.ceil(2.5 * sigma)
    even = cv2.GaussianBlur(printed, (2 * pad + 1, 2 * pad + 1), sigma)[pad:-pad, pad:-pad]
    return float(even.std()) if even.size else 0.0
