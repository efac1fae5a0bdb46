"""A sitting of 3,000 mixed edits on A4 at 300 dpi by a hand that never rests: memory, the journal, and the way back.

Strokes with real pen events in the real window, an eraser, layers, opacity; every fourth is taken back. Then undo to
the start, step by step. Beside it, what the same number of copies of the present pixels would take in NumPy.
"""

from __future__ import annotations

import time
from pathlib import Path

import numpy as np
from PySide6.QtCore import QCoreApplication, QEvent

from bench.board import resident_mb
from bench.opened import opened_window
from bench.timing import quantiles_ms
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import blank_page, pixels_of
from jotsk.desk.board.input.simulated_pen import SimulatedPen

EDITS = 3000
A4_300 = 2480, 3508
STATED = 500


def journal_mb(folder: Path) -> float:
    return sum(path.stat().st_size for path in folder.rglob("*") if path.is_file()) / 1e6


def main() -> None:
    app, window = opened_window()
    document, board = window.document, window.board
    document.take(blank_page(*A4_300), path=None, title="sitting", saved=True)
    app.processEvents()
    rng = np.random.default_rng(4)
    pens = [SimulatedPen(board, DEVICES["display"]), SimulatedPen(board, DEVICES["display"], eraser=True)]
    lifts: list[float] = []
    undos: list[float] = []
    print(f"resident with an empty page: {resident_mb():.0f} MB")

    def timed(do: object, into: list[float]) -> None:
        start = time.perf_counter()
        do()  # type: ignore[operator]
        document.finish_drying()
        app.processEvents()
        into.append((time.perf_counter() - start) * 1e3)

    other: list[float] = []
    for k in range(EDITS):
        way = rng.random()
        if k % 100 == 50:
            timed(document.layers.add, other)
        elif k % 40 == 20:
            timed(
                lambda: document.layers.change_one(
                    document.page_when_dry().active_uid, "Opacity", opacity=float(rng.uniform(0.3, 1))
                ),
                other,
            )
        elif k % 4 == 3:
            timed(document.undo, undos)
        else:
            a = rng.uniform((60, 60), (board.width() - 60, board.height() - 60))
            is_rubbed = way < 0.1
            reach = 10 if is_rubbed else 120
            path = np.clip(np.array([a, a + rng.normal(0, reach, 2), a + rng.normal(0, 2 * reach, 2)]), 5, 640)
            trace = drawn(path, rng.uniform(0.1, 0.8), pressure=[0.2, 0.9, 0.4], device=DEVICES["display"], seed=k)
            events = [event for _, event in pens[is_rubbed]._events_of(trace)]
            for event in events[:-1]:
                QCoreApplication.sendEvent(board, event)
            assert events[-1].type() == QEvent.Type.TabletRelease
            timed(lambda last=events[-1]: QCoreApplication.sendEvent(board, last), lifts)
        if (k + 1) % STATED == 0:
            history = document._history
            print(
                f"after {k + 1} edits: {len(history)} steps, history {history.bytes_used / 1e6:.0f} MB,"
                f" resident {resident_mb():.0f} MB, journal {journal_mb(window.recovery.folder):.0f} MB"
            )
    print(f"    lift to dry ink  {quantiles_ms(lifts)}\n    undo             {quantiles_ms(undos)}")
    back: list[float] = []
    while document.steps.at:
        timed(document.undo, back)
        start = time.perf_counter()
        while window.filing.jobs.is_busy:  # a packed step is opened beside the hand
            app.processEvents()
        back[-1] += (time.perf_counter() - start) * 1e3
    print(f"    back, each step  {quantiles_ms(back)}, mean {np.mean(back):.1f}; resident {resident_mb():.0f} MB")
    one = pixels_of(document.page_when_dry().layers[0].tiles, document.page_when_dry().bounds)
    print(f"    as many copies of the pixels of one layer: {one.nbytes * EDITS / 1e6:.0f} MB")
