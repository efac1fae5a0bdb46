"""Hand lettering from single-line letters."""

from __future__ import annotations

import json
from importlib import resources

import numpy as np

from jotsk.demo.drafting import Line, curve, straight

WIDTH, GAP, SPACE = 0.58, 0.20, 0.34


def lettered(text: str, x: float, baseline: float, height: float) -> list[Line]:
    """The strokes of `text`, capitals of `height` px standing on `baseline`."""
    letters = json.loads((resources.files("jotsk.demo") / "lettering.json").read_text())
    lines: list[Line] = []
    for letter in text:
        if letter == " ":
            x += SPACE * height
            continue
        for points in letters[letter]:
            placed = np.array(points) * (WIDTH * height, height) + (x, baseline - height)
            lines.append(curve(placed, "fine", "even") if len(placed) > 2 else straight(*placed, weight="fine"))
        x += (WIDTH + GAP) * height
    return lines
