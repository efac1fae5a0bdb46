"""A long sitting: ten thousand strokes on one page, every third taken back, and what that does to latency and memory.

Strokes are a dozen samples long, as short quick ones are, drawn at 100 % all over an A4 page at 600 dpi with real pen
events in the real window, with journal and history as always. Stated for the first and for the last thousand.
"""

from __future__ import annotations

import time

import numpy as np
from PySide6.QtCore import QCoreApplication, QEvent

from bench.board import resident_mb
from bench.inked_page import A4_600
from bench.opened import opened_window
from bench.timing import quantiles_ms
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import blank_page
from jotsk.core.runtime.memory import give_back_memory
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.tools import draw as draw_module

STROKES, STATED = 10_000, 1_000


def main() -> None:
    app, window = opened_window()
    window.document.take(blank_page(*A4_600, 600.0), path=None, title="soak", saved=True)
    board = window.board
    board.zoom_to(1.0)
    app.processEvents()
    draw_module.FASTEST_PAINT_S = draw_module.REST_SHARE = -1.0
    rng = np.random.default_rng(9)
    pen = SimulatedPen(board, DEVICES["display"])
    samples: list[float] = []
    lifts: list[float] = []
    undos: list[float] = []
    print(f"resident with an empty page: {resident_mb():.0f} MB")
    begin = time.perf_counter()
    for k in range(STROKES):
        if k % 20 == 0:
            board.center_on(*(rng.uniform(500, size - 500) for size in A4_600))
            app.processEvents()
        a = rng.uniform((60, 60), (board.width() - 60, board.height() - 60))
        path = np.clip(np.array([a, a + rng.normal(0, 120, 2), a + rng.normal(0, 200, 2)]), 5, 640)
        trace = drawn(path, 0.06, pressure=[0.2, 0.9, 0.4], rate_hz=200, device=DEVICES["display"], seed=k)
        for _, event in pen._events_of(trace):
            start = time.perf_counter()
            QCoreApplication.sendEvent(board, event)
            app.processEvents()
            took = (time.perf_counter() - start) * 1e3
            (lifts if event.type() == QEvent.Type.TabletRelease else samples).append(took)
        if k % 3 == 2:
            start = time.perf_counter()
            window.document.undo()
            app.processEvents()
            undos.append((time.perf_counter() - start) * 1e3)
        if k + 1 in (STATED, STROKES // 2, STROKES):
            n = len(window.document.page_when_dry().active.marks)
            print(f"after {k + 1} strokes ({n} on the page), {time.perf_counter() - begin:.0f} s:")
            for name, times in (("event to patch", samples), ("lift to dry ink", lifts), ("undo", undos)):
                print(f"    {name:16} {quantiles_ms(times)}")
                times.clear()
            history = window.document._history
            print(
                f"    history: {len(history)} steps, {history.bytes_used / 1e6:.0f} MB;"
                f" resident {resident_mb():.0f} MB",
                end="",
            )
            give_back_memory()
            print(f", {resident_mb():.0f} when what is free is given back"
            )  # fmt: skip
        elif k == STROKES // 2 + 1 or k == STROKES - STATED:
            for times in (samples, lifts, undos):
                times.clear()
