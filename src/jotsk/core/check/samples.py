"""What each check looks for, in little, drawn by the engine."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from jotsk.core.mend.samples import GAP, ROUND, Line, ink_of, page_of

_X = [8.0 + 5.2 * k for k in range(21)]
SAMPLES: dict[str, list[Line]] = {
    "leak": GAP,
    "tangent": [
        ([(x, 33 - (x - 60) ** 2 / 260) for x in _X], 6, ROUND),
        ([(x, 39 + (x - 60) ** 2 / 260) for x in _X], 6, ROUND),
    ],
    "weight": [([(x, y) for x in _X], size, ROUND) for y, size in ((26, 5), (36, 5), (46, 5))],
    "wobble": [([(x, 36 + 4 * math.sin(1.9 * k) + 3 * math.sin(3.1 * k)) for k, x in enumerate(_X)], 6, ROUND)],
    "stray": [([(x, y), (x + 1, y)], 7, ROUND) for x, y in ((20, 44), (47, 26), (66, 50), (93, 34))],
}


def sample(kind: str) -> NDArray[np.uint8]:
    """Ink, uint8 (36, 120), 255 all."""
    return np.ascontiguousarray(ink_of(page_of(SAMPLES[kind]))[18:54])
