"""What a line that becomes thinner would lay bare: paper between it and the flat colour that ended under it."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.ink import TILE
from jotsk.core.ink.color import packed
from jotsk.core.marks import Mark, Stroke
from jotsk.core.page import Page, flattened
from jotsk.core.page.layers.layer import InkLayer

HALF = 128
MOST_PX = 4_000_000


def bared(page: Page, layer: InkLayer, pairs: Sequence[tuple[Stroke, Stroke]], area: Rect) -> list[NDArray[np.float64]]:
    """Outlines, (N, 2) page px each, of the paper inside `area` that shows when the first of each pair of strokes on a
    layer becomes the second, and that colour of another layer touches. Nothing is said of areas of more than four
    million px."""
    area &= page.bounds
    if not area or not pairs or area.width * area.height > MOST_PX:
        return []
    olds, news = [old for old, _ in pairs], [new for _, new in pairs]
    left = (_ink_in(olds, area) >= HALF) & (_ink_in(news, area) < HALF)
    if not left.any():
        return []
    known = {id(old) for old in olds}
    others = [mark for mark in layer.marks.touching(area) if id(mark) not in known]
    below = flattened(page, area, shows=lambda each: each.visible and each.uid != layer.uid)
    colored = (below != packed(page.paper)).astype(np.uint8)
    left &= (colored == 0) & (_ink_in(others, area) < HALF)
    if not left.any() or not colored.any():
        return []
    near = cv2.dilate(colored, np.ones((3, 3), np.uint8))
    _, parts = cv2.connectedComponents(left.astype(np.uint8), connectivity=8)
    beside = np.unique(parts[left & (near > 0)])  # those that touch colour
    found, _ = cv2.findContours(np.isin(parts, beside).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    return [outline[:, 0].astype(np.float64) + (area.x0 + 0.5, area.y0 + 0.5) for outline in found]


def _ink_in(marks: Sequence[Mark], area: Rect) -> NDArray[np.uint8]:
    """The most ink of any mark at each px of an area."""
    ink = np.zeros((area.height, area.width), np.uint8)
    for mark in marks:
        for key, alpha in mark.alphas(mark.cells_on(area)).items():
            tile = Rect.of_cell(key, TILE)
            part = tile & area
            seen = ink[part.slices_in(area)]
            np.maximum(seen, alpha[part.slices_in(tile)], out=seen)
    return ink
