"""Filling on A4 at 600 dpi with 20 layers; beside it OpenCV's plain flood fill on the same picture."""

from __future__ import annotations

import math
import time
from dataclasses import replace

import cv2
import numpy as np

from bench.inked_page import A4_600, inked_page
from jotsk.core.fill.clear import clear_px
from jotsk.core.fill.flats import with_flats
from jotsk.core.fill.hatching import hatched
from jotsk.core.fill.outline import runs_inside
from jotsk.core.fill.pour import found_again, poured
from jotsk.core.hand import trace_from
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.marks.area import Pour
from jotsk.core.page import Page, render
from jotsk.core.page.edits.mark_edits import with_inserted

LAYERS, STROKES, TIMES = 20, 2_000, 9


def ring(x: float, y: float, radius: float, size: float = 16.0) -> Stroke:
    t = np.radians(np.linspace(0, 360, 200))
    trace = trace_from(t, x + radius * np.cos(t), y + radius * np.sin(t), 1.0)
    return Stroke(trace, pen_by_id("plain-round"), size, (20, 24, 27), 0.0, 0.0)


def cleared(page: Page, x: float, y: float, radius: float) -> Page:
    """The page with a ring on its uppermost layer, and nothing of the others inside of it."""
    layers = []
    for layer in page.layers:
        kept = [
            m for m in layer.marks if math.hypot(*((np.array(m.bounds[:2]) + m.bounds[2:]) / 2 - (x, y))) > 2 * radius
        ]
        layers.append(replace(layer, marks=type(layer.marks)(kept)))
    layers = [replace(layer, tiles=render(layer.marks, page.bounds)) for layer in layers]
    return with_inserted(replace(page, layers=tuple(layers)), layers[-1].uid, None, [ring(x, y, radius)])


def main() -> None:
    page = cleared(inked_page(A4_600, LAYERS, STROKES), 2400.0, 3400.0, 512.0)

    def measure(name, *works, times=TIMES):
        """The median of each, s; by turns, so that all of them meet the machine at the same speed."""
        taken = np.empty((times, len(works)))
        for turn in taken:
            for k, work in enumerate(works):
                start = time.perf_counter()
                work()
                turn[k] = time.perf_counter() - start
        medians = np.median(taken, axis=0)
        print(f"{name:34} median {medians[0] * 1e3:8.1f} ms, slowest {taken[:, 0].max() * 1e3:8.1f}")
        return medians

    rule = Pour((2400.0, 3400.0), gap_px=8.0)
    measure("pour into 1,024 px", lambda: poured(page, rule, (200, 150, 90)))
    filled, area = poured(page, rule, (200, 150, 90))
    measure("the area is found again", lambda: found_again(filled, [(filled.layers[0].uid, area)]))
    wide = Pour((30.0, 30.0), gap_px=8.0)
    picture = clear_px(page, wide, page.bounds).astype(np.uint8)
    ours, theirs = measure(
        "page-wide pour",
        lambda: poured(page, wide, (200, 150, 90), may_leak=True),
        lambda: cv2.floodFill(picture.copy(), None, (30, 30), 2),
    )
    print(f"{'cv2.floodFill, same picture':34} median {theirs * 1e3:8.1f} ms")
    print(f"{'times OpenCV':34} {ours / theirs:8.1f}")
    measure("flats of the whole page", lambda: with_flats(page, 8.0), times=3)
    square = runs_inside([(1000, 1000), (3362, 1000), (3362, 1236), (1000, 1236)], page.bounds)
    pen = pen_by_id("quill-nib")
    measure(
        "hatching 10 cm2",
        lambda: with_inserted(
            page, page.layers[-1].uid, None,
            hatched(square, pen, (20, 24, 27), size_px=6.0, spacing_px=16.0, light=(0.0, 0.0)),
        ),
        times=3,
    )  # fmt: skip
