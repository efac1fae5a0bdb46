"""The blend modes of W3C Compositing and Blending 1, by their names there."""

from __future__ import annotations

MODES = (
    "normal", "multiply", "screen", "overlay", "darken", "lighten", "color-dodge", "color-burn", "hard-light",
    "soft-light", "difference", "exclusion", "hue", "saturation", "color", "luminosity",
)  # fmt: skip
NORMAL = MODES[0]
NUMBER = {name: number for number, name in enumerate(MODES)}  # as `mode_kernel` counts them
