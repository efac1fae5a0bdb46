"""A selection of 200 strokes on A4 at 600 dpi, steadied anew: a frame of the preview, and the commit.

Beside it, the same 200 traces through scipy's Savitzky-Golay filter, which knows no corners, ends or shapes.
"""

from __future__ import annotations

import gc
import time

import numpy as np
from scipy.signal import savgol_filter

from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import blank_page, edits

COUNT = 200


def page_of_strokes():
    """Short strokes all over an A4 page at 600 dpi, each about 600 px long and half a second, 200 Hz."""
    rng = np.random.default_rng(2)
    page, strokes = blank_page(4961, 7016, 600.0), []
    for k in range(COUNT):
        start = rng.uniform((200, 200), (4200, 6600))
        share = np.linspace(0, 1, 60)
        path = start + np.column_stack([560 * share, 80 * np.sin(5 * share + k)])
        trace = drawn(path, 0.6, pressure=[0.2, 0.9, 0.3], rate_hz=200, device=DEVICES["display"], seed=k)
        stroke = Stroke(trace, pen_by_id("quill-nib"), 20.0, (0, 0, 0), 20.0, 45.0, 0.25)
        strokes.append(stroke)
        page = edits.with_mark(page, stroke)
    for layer in page.layers:
        layer.tiles.at_level(7)
    return page, strokes


def main() -> None:
    page, strokes = page_of_strokes()
    gc.collect()
    gc.freeze()  # as the application does once it is up
    frames, commits, outside = [], [], []
    for strength in (10.0, 30.0, 50.0, 70.0, 90.0, 100.0):
        start = time.perf_counter()
        for stroke in strokes:
            stroke.steadier.places(strength)
        frames.append(time.perf_counter() - start)
        start = time.perf_counter()
        for stroke in strokes:
            savgol_filter(stroke.trace.xy, 41, 3, axis=0)
        outside.append(time.perf_counter() - start)
        start = time.perf_counter()
        new = [stroke.resteadied(strength) for stroke in strokes]
        page = edits.with_all_replaced(page, page.active_uid, list(zip(strokes, new, strict=True)))
        commits.append(time.perf_counter() - start)
        strokes = new
    print(f"{COUNT} strokes: preview {np.median(frames) * 1e3:.0f} ms a frame ({1 / np.median(frames):.0f} a second),"
          f" slowest {max(frames) * 1e3:.0f} ms")  # fmt: skip
    print(f"commit {np.median(commits) * 1e3:.0f} ms, slowest {max(commits) * 1e3:.0f} ms")
    print(f"Savitzky-Golay (scipy) on the same traces: {np.median(outside) * 1e3:.0f} ms")
