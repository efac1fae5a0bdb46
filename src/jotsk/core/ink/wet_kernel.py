"""The tip of a line shown over its fixed ink, tile by tile, in one call each, compiled.

It is done with every event of the pen: a call for each step would cost more than the steps.
"""

from __future__ import annotations

import numpy as np

from jotsk.core.ink.blend_kernel import OPTIONS, carray, halve_alpha_through, pointer
from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.runtime.kernels import njit


@njit(**OPTIONS)
def show_tip(tiles, side, fixed, x0, y0, x1, y1, tip, levels):
    """Show the fixed ink of a tile and the tip of the line inside a part of it, and halve that part.

    `tiles` (K,) int64 are addresses: what is shown of the tile, then the tiles of the page halved once, twice ... that
    hold it. `fixed` is the address of its fixed ink, or 0 for none. All are uint8, `side` px wide and high. The
    part is in page px. `tip` (N, 3) and `levels` (N,) are as for `paint_ribbon`; no px outside the part is touched by
    them.
    """
    shown = carray(pointer(tiles[0]), (side, side), np.uint8)
    left = x0 // side * side
    top = y0 // side * side
    dry = carray(pointer(fixed if fixed else tiles[0]), (side, side), np.uint8)
    for i in range(y0 - top, y1 - top):
        for j in range(x0 - left, x1 - left):
            shown[i, j] = dry[i, j] if fixed else 0
    paint_ribbon(shown, float(left), float(top), tip, levels, 0, len(tip), False)
    halve_alpha_through(tiles, side, x0, y0, x1, y1)
