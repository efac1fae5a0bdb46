"""What each way of filling does, in little: lines before and after it, drawn by the engine."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.fill.by_hand import combined, inside_of, outline_of_shape
from jotsk.core.fill.filling import Filling, Inks, filled_at, filled_outline, filled_runs
from jotsk.core.fill.flats import joined, with_flats
from jotsk.core.fill.pour import area_at
from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import Page, blank_page, flattened
from jotsk.core.page.edits.mark_edits import with_mark

WIDTH, HEIGHT = 120, 72
GREY, DARK = (150, 150, 150), (90, 90, 90)
NAMES = ("pour", "inside", "by_hand", "flats", "join", "light")


def sample(name: str) -> tuple[NDArray[np.uint8], NDArray[np.uint8]]:
    """Ink before and after, uint8 (72, 120), 255 all."""
    t = np.linspace(0, 2 * np.pi, 60)
    leaf = np.column_stack([60 - 50 * np.cos(t), 36 - 26 * np.sin(t) * np.abs(np.sin(t)) ** 0.2])
    lines = [leaf, np.column_stack([np.full(20, 60.0), np.linspace(6, 66, 20)])]
    page = _page(lines[:1] if name in ("pour", "inside") else lines)
    inks = Inks(GREY, GREY, pen_by_id("plain-round"))
    if name == "pour":
        after = filled_at(page, (60.0, 36.0), Filling(), inks)
    elif name == "inside":
        page = _page([])
        after = filled_outline(page, [tuple(p) for p in leaf.tolist()], Filling(), Inks((0, 0, 0), GREY, inks.pen))
        page = _page([leaf], size=2.0)
    elif name == "light":
        ink, corners = Inks((0, 0, 0), GREY, pen_by_id("quill-nib")), [tuple(p) for p in leaf[:31].tolist()]
        page = filled_outline(_page([]), corners, Filling(), ink)
        runs_out = Filling(kind="black", weight_px=7.0, spacing_px=7.0, length_px=34.0, light=80.0)
        after = filled_outline(_page([]), corners, runs_out, ink)
    elif name == "by_hand":
        page = _page([])
        shapes = (("box", [(14.0, 12.0), (84.0, 60.0)]), ("ellipse", [(58.0, 8.0), (106.0, 56.0)]))
        box, round_ = (inside_of(shape, ends, page.bounds) for shape, ends in shapes)
        after = filled_runs(page, combined(box, round_, "add"), Filling(), inks)
        page = _page([side for shape, ends in shapes for side in _sides(outline_of_shape(shape, ends))], size=2.5)
    else:
        after, _ = with_flats(page, 3.0, least_px2=20)
        if name == "join":
            page = after
            found = [area_at(after, x, 36.0) for x in (35.0, 85.0)]
            after, _ = joined(after, [each for each in found if each is not None])
    return _ink(page), _ink(after)


def _page(lines: list[NDArray[np.float64]], size: float = 5.0) -> Page:
    page = blank_page(WIDTH, HEIGHT)
    for xy in lines:
        trace = trace_from(0.02 * np.arange(len(xy)), xy[:, 0], xy[:, 1], 1.0)
        page = with_mark(page, Stroke(trace, pen_by_id("plain-round"), size, (0, 0, 0), 0.0, 0.0))
    return page


def _sides(outline: NDArray[np.float64]) -> list[NDArray[np.float64]]:
    """A closed outline as lines: each side of a box, or all of a round one."""
    closed = np.concatenate([outline, outline[:1]])
    if len(outline) > 4:
        return [closed[::4]]
    return [np.linspace(closed[k], closed[k + 1], 12) for k in range(len(outline))]


def _ink(page: Page) -> NDArray[np.uint8]:
    """How dark it is; flats of different colours are told apart by that."""
    rgb = flattened(page).view(np.uint8).reshape(HEIGHT, WIDTH, 4)[..., :3].astype(np.float64)
    darkness = 255 - rgb @ (0.5, 0.2, 0.3)
    return np.ascontiguousarray(np.where(darkness > 200, 255, np.minimum(255, darkness * 1.6)).astype(np.uint8))
