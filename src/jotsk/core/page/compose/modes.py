"""The blend modes of W3C Compositing and Blending 1, by their names there."""

from __future__ import annotations

from jotsk.core.words import mark

MODES = (
    mark("normal"), mark("multiply"), mark("screen"), mark("overlay"), mark("darken"), mark("lighten"),
    mark("color-dodge"), mark("color-burn"), mark("hard-light"),
    mark("soft-light"), mark("difference"), mark("exclusion"), mark("hue"), mark("saturation"), mark("color"),
    mark("luminosity"),
)  # fmt: skip
NORMAL = MODES[0]
NUMBER = {name: number for number, name in enumerate(MODES)}  # as `mode_kernel` counts them
