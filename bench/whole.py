"""Changes of all layers, one after the other, and the way back and forth through them: what holds the interface, and
the most memory that takes. Beside it, what one such page takes in NumPy, without tiles.
"""

from __future__ import annotations

import resource

from bench.board import resident_mb, settle, strokes
from bench.holds import Watch, open_bench_page, tell
from bench.inked_page import A4_600
from bench.opened import opened_window
from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.desk.board.input.simulated_pen import SimulatedPen


def resident_gb() -> float:
    return resident_mb() * 1024**2 / 1e9


def most_resident_gb() -> float:
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss * 1024 / 1e9


def main() -> None:
    app, window = opened_window()
    open_bench_page(window)
    document, watch = window.document, Watch(app, window)
    print(f"resident with the page: {resident_gb():.2f} GB")
    document.layers.choose_several({layer.uid for layer in document.page_when_dry().layers})
    for _ in range(3):
        watch("move all layers", lambda: document.layers.shift(7, 3))
    print(f"after three changes of all layers: {resident_gb():.2f} GB, {most_resident_gb():.2f} at most")
    pen = SimulatedPen(window.board, DEVICES["display"])
    for trace in strokes(3):
        pen.draw(trace)
        settle(app, window.board)
    newest = document.steps.at
    for step in (*range(newest - 1, -1, -1), *range(1, newest + 1)):
        watch(f"to step {step} of {newest}", lambda step=step: document.go_to_step(step))
    for step in (0, newest, 1, newest, 0, 2):
        watch(f"to step {step} of {newest}", lambda step=step: document.go_to_step(step))
    tell(watch.held)
    print(f"resident {resident_gb():.2f} GB, {most_resident_gb():.2f} at most")
    print(
        f"20 arrays of (7016, 4961, 4) uint8 in NumPy: {20 * 4 * A4_600[0] * A4_600[1] / 1e9:.2f} GB for one step alone"
    )
