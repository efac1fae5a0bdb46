"""What each mend does, in little: a few lines before and after it, drawn by the engine."""

from __future__ import annotations

import math
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.mend.steps import run
from jotsk.core.page import Page, blank_page, flattened
from jotsk.core.page.edits.mark_edits import with_mark

WIDTH, HEIGHT = 120, 72
ROUND = "plain-round"
Line = tuple[list[tuple[float, float]], float, str]  # places, size, pen

_LEVEL = [(8.0 + 5.2 * k, 36 + 2 * math.sin(k / 4)) for k in range(21)]
_UPRIGHT = [(74.0 + k / 3, 4.0 + 3.2 * k) for k in range(21)]
SAMPLES: dict[str, tuple[list[Line], Any]] = {  # lines, and the step, or the steps of which the first comes before
    "snip": ([(_UPRIGHT, 9, ROUND), (_LEVEL, 6, ROUND)], {"do": "snip", "along": [[98, 20], [98, 52]]}),
    "grow": (
        [(_UPRIGHT, 9, ROUND), (_LEVEL, 6, ROUND)],
        [
            {"do": "snip", "along": [[98, 20], [98, 52]]},
            {"do": "grow", "at": [80, 36], "to": [112, 36]},
        ],
    ),
    "cut": ([(_LEVEL, 7, ROUND)], {"do": "snip", "along": [[60, 20], [60, 52]], "against": "layer"}),
    "join": ([(_LEVEL[:9], 7, ROUND), (_LEVEL[12:], 7, ROUND)], {"do": "join", "within": 24}),
    "splice": (
        [
            ([(x, y - 8 + x / 20) for x, y in _LEVEL[:15]], 3, ROUND),
            ([(x, y + 6 - x / 14) for x, y in _LEVEL[4:]], 3, ROUND),
        ],
        {"do": "splice", "strokes": "all"},
    ),
    "weight": ([(_LEVEL, 5, ROUND)], {"do": "weight", "along": [[60, 36, 34]], "by": 3.0}),
    "move": (
        [([(14 + 0.7 * (x - 8), y + 10) for x, y in _LEVEL[:14]], 6, ROUND)],
        {"do": "place", "strokes": "all", "matrix": [[1.3, 0.5, -10], [-0.5, 1.3, 8], [0, 0, 1]]},
    ),
    "push": ([(_LEVEL, 5, ROUND)], {"do": "push", "from": [60, 36], "to": [60, 54], "radius": 34}),
}
_BENT = [(x, 36 + 14 * math.sin(k / 3.2) + 3 * math.sin(k * 1.7)) for k, (x, _) in enumerate(_LEVEL)]
_TILTED = [(30.0 + 2.6 * k, 4.0 + 3.2 * k) for k in range(21)]
SAMPLES["over"] = [(_LEVEL, 22, "cord"), (_TILTED, 22, "cord")], {"do": "over", "at": [56, 36]}
SAMPLES["points"] = [(_BENT, 5, ROUND)], {"do": "simplify", "strokes": "all", "tolerance": 5}
GAP = [(_LEVEL[:10], 7.0, ROUND), (_LEVEL[11:], 7.0, ROUND)]


def sample(name: str) -> tuple[NDArray[np.uint8], NDArray[np.uint8]]:
    """Ink before and after, uint8 (72, 120), 255 all."""
    lines, step = SAMPLES[name]
    before = page_of(lines)
    if name == "cut":
        return ink_of(before), ink_of(page_of(GAP))
    first, *rest = step if isinstance(step, list) else [step]
    if rest:
        before, _ = run(before, [first], pen_by_id)
    after, _ = run(before, rest or [first], pen_by_id)
    return ink_of(before), ink_of(after)


def page_of(lines: list[Line]) -> Page:
    """Lines as the engine draws them, on a page in little."""
    page = blank_page(WIDTH, HEIGHT)
    for places, size, pen in lines:
        xy = np.array(places)
        trace = trace_from(0.02 * np.arange(len(xy)), xy[:, 0], xy[:, 1], 1.0)
        page = with_mark(page, Stroke(trace, pen_by_id(pen), size, (0, 0, 0), 0.0, 0.0))
    return page


def ink_of(page: Page) -> NDArray[np.uint8]:
    """Its ink, uint8 (72, 120), 255 all."""
    return 255 - flattened(page).view(np.uint8).reshape(HEIGHT, WIDTH, 4)[..., 0]
