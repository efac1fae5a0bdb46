"""A 1000 Hz pen with a 40 px textured tip and steady-now 60: how busy the interface is, and that nothing is dropped.

Events are sent at their own pace by the clock; busy is the processor time of the interface's thread over the time that
passed, less what the sending itself takes: that is measured on a widget that does nothing. Beside it, the same events
on the bare Qt widget of `board`, whose line has no texture and no steadying.
"""

from __future__ import annotations

import time

import numpy as np
from PySide6.QtCore import QCoreApplication
from PySide6.QtGui import QTabletEvent
from PySide6.QtWidgets import QApplication, QWidget

from bench.board import BareBoard
from bench.opened import opened_window
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.desk.board.input.simulated_pen import SimulatedPen

SECONDS = 4.0


class IdleWidget(QWidget):
    """Takes events and does nothing with them."""

    def tabletEvent(self, event: QTabletEvent) -> None:
        event.accept()


def busy_share(app: QApplication, widget: QWidget) -> tuple[float, int]:
    """Share of the time spent working while one stroke is drawn at its pace, and samples sent."""
    share = np.linspace(0, 1, 500)
    path = np.column_stack([150 + 600 * share, 320 + 180 * np.sin(14 * share)])
    trace = drawn(path, SECONDS, pressure=[0.3, 1.0, 0.5], rate_hz=1000, device=DEVICES["display"], seed=5)
    events = list(SimulatedPen(widget, DEVICES["display"])._events_of(trace))[:-1]
    begin, worked = time.perf_counter(), time.thread_time()
    for ms, event in events:
        wait = begin + ms / 1000 - time.perf_counter()
        if wait > 0:
            time.sleep(wait)
        QCoreApplication.sendEvent(widget, event)
        app.processEvents()
    return (time.thread_time() - worked) / (time.perf_counter() - begin), len(events)


def main() -> None:
    app, window = opened_window()
    window.board.zoom_to(1.0)
    idle = IdleWidget()
    idle.resize(900, 650)
    idle.show()
    app.processEvents()
    sending = min(busy_share(app, idle)[0] for _ in range(2))
    idle.close()
    print(f"sending the events takes {sending:4.0%}")
    for pen in ("quill-nib", "dry-brush", "charcoal", "pencil"):
        window.hand.take(window.hand.library.pen(pen))
        window.hand.set_size(40)
        window.hand.set_steady_now(60)
        busy_share(app, window.board)
        window.board.drop_stroke()
        share, sent = busy_share(app, window.board)
        kept = len(window.board.session.stroke().trace)
        window.board.drop_stroke()
        print(
            f"{pen:12} 40 px: interface busy {share - sending:4.0%}, with the sending {share:4.0%};"
            f" {sent} samples sent, {kept} in the stroke"
        )
    bare = BareBoard(2480, 3508, 1.0)
    bare.resize(900, 650)
    bare.show()
    app.processEvents()
    share = busy_share(app, bare)[0]
    print(f"bare Qt widget:     interface busy {share - sending:4.0%}, with the sending {share:4.0%}")
    bare.close()
