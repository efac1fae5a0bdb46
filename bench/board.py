"""The board: from a pen event to the painted patch, undo, and memory, on a page at print size and on a small one.

Beside it, the same strokes on a bare Qt widget that keeps the whole page in one QImage, draws every sample into
it with QPainter and paints the part of it that changed, as the simplest drawing program would.
"""

from __future__ import annotations

import math
import resource
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

import numpy as np
from PySide6.QtCore import QCoreApplication, QEvent, QPointF, QRect, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPaintEvent, QPen, QTabletEvent
from PySide6.QtWidgets import QApplication, QWidget

from bench.inked_page import A4_600, SMALL, page_file
from bench.opened import opened_window
from bench.timing import quantiles_ms
from jotsk.core.files.opening import Origin, read_any
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import prepared
from jotsk.desk.app.window import Window
from jotsk.desk.board.board import Board
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.tools import draw as draw_module

YARDSTICK = 25_000  # numbers to sum, for about as long as an undo takes


class BareBoard(QWidget):
    """One QImage, drawn into and scaled by QPainter."""

    def __init__(self, width: int, height: int, zoom: float) -> None:
        super().__init__()
        self.image = QImage(width, height, QImage.Format.Format_RGB32)
        self.image.fill(0xFFFFFFFF)
        self.zoom = zoom
        self._last: QPointF | None = None

    def tabletEvent(self, event: QTabletEvent) -> None:
        event.accept()
        at = event.position() / self.zoom
        if event.type() == QEvent.Type.TabletPress:
            self._last = at
        elif event.type() == QEvent.Type.TabletRelease:
            self._last = None
        elif self._last is not None:
            width = 20 * event.pressure()
            painter = QPainter(self.image)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(QColor(0, 0, 0), width, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
            painter.drawLine(self._last, at)
            painter.end()
            x, y = (v * self.zoom for v in (min(self._last.x(), at.x()), min(self._last.y(), at.y())))
            w, h = abs(self._last.x() - at.x()) * self.zoom, abs(self._last.y() - at.y()) * self.zoom
            reach = width * self.zoom / 2 + 2
            self.update(QRect(int(x - reach), int(y - reach), int(w + 2 * reach) + 2, int(h + 2 * reach) + 2))
            self._last = at

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.scale(self.zoom, self.zoom)
        painter.drawImage(0, 0, self.image)
        painter.end()


def strokes(count: int = 6) -> list:
    share = np.linspace(0, 1, 300)
    traces = []
    for k in range(count):
        path = np.column_stack([200 + 480 * share, 180 + 50 * k + 60 * np.sin(7 * share + k)])
        traces.append(drawn(path, 1.2, pressure=[0.2, 0.9, 0.4], rate_hz=200, device=DEVICES["display"], seed=k))
    return traces


@contextmanager
def every_event_painted() -> Iterator[None]:
    """Here events come as fast as they are done with, and every one is to be painted; at the desk those that come
    faster than a screen can show are painted together."""
    kept = draw_module.FASTEST_PAINT_S, draw_module.REST_SHARE
    draw_module.FASTEST_PAINT_S = draw_module.REST_SHARE = -1.0
    yield
    draw_module.FASTEST_PAINT_S, draw_module.REST_SHARE = kept


def event_times(app: QApplication, widget: QWidget) -> tuple[list[float], list[float]]:
    """Milliseconds of every event with what it paints: samples, and lifts."""
    pen = SimulatedPen(widget, DEVICES["display"])
    samples, lifts = [], []
    with every_event_painted():
        for trace in strokes():
            pause(app)
            for _, event in pen._events_of(trace):
                start = time.perf_counter()
                QCoreApplication.sendEvent(widget, event)
                app.processEvents()
                (lifts if event.type() == QEvent.Type.TabletRelease else samples).append(
                    (time.perf_counter() - start) * 1e3
                )
    return samples, lifts


def resident_mb() -> float:
    for line in Path("/proc/self/status").read_text().splitlines():
        if line.startswith("VmRSS"):
            return int(line.split()[1]) / 1024
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024


def frame_times(app: QApplication, board: Board) -> dict[str, list[float]]:
    """Milliseconds of every frame while the view moves, zooms through all sizes, and turns; and at rest after it."""
    times: dict[str, list[float]] = {"pan": [], "zoom": [], "turn": [], "rest": []}
    middle = QPointF(board.rect().center())

    def frame(kind: str, change: Callable[[], None]) -> None:
        start = time.perf_counter()
        change()
        app.processEvents()
        times[kind].append((time.perf_counter() - start) * 1e3)

    def rest() -> None:
        while board.is_moving:
            frame("rest", lambda: time.sleep(0))

    for zoom in (0.1, 0.25, 0.5, 1.0):
        board.zoom_to(zoom)
        board.center_on(A4_600[0] / 2, A4_600[1] / 2)
        rest()
        for k in range(60):
            frame("pan", lambda k=k: board._pan(QPointF(30 * np.cos(k / 9), 24 * np.sin(k / 7))))
        rest()
    for factor in (1.2, 1 / 1.2):
        for _ in range(26):
            frame("zoom", lambda f=factor: board.zoom_by(f, middle + QPointF(60, 40)))
        rest()
    board.zoom_to(0.5)
    for _ in range(72):
        frame("turn", lambda: board.turn_by(math.radians(5)))
    rest()
    return times


def layer_times(app: QApplication, window: Window) -> list[float]:
    """Milliseconds until an eye or another opacity shows, for every layer, at three zooms."""
    times = []
    for zoom in (0.11, 0.3, 1.0):
        window.board.zoom_to(zoom)
        settle(app, window.board)
        for layer in window.document.page_when_dry().layers:
            for values in ({"visible": False}, {"visible": True}, {"opacity": 0.4}, {"opacity": 1.0}):
                start = time.perf_counter()
                window.document.layers.change_one(layer.uid, "bench", finished=False, **values)
                app.processEvents()
                times.append((time.perf_counter() - start) * 1e3)
                settle(app, window.board)
    return times


def settle(app: QApplication, board: Board) -> None:
    """Until all is exact and flattened ahead."""
    while board._rest_timer.isActive():
        app.processEvents()


def undo_times(app: QApplication, window: Window) -> tuple[list[float], list[float]]:
    """Milliseconds of every undo and redo; and of a piece of work between them that is always the same."""
    times, same = [], []
    back, forth = window.document.undo, window.document.redo
    for step in (back, forth, back, forth, back):
        while (window.document.redo_label if step == forth else window.document.undo_label) is not None:
            start = time.perf_counter()
            step()
            app.processEvents()
            times.append((time.perf_counter() - start) * 1e3)
            pause(app)
            start = time.perf_counter()
            sum(k * k for k in range(YARDSTICK))
            same.append((time.perf_counter() - start) * 1e3)
    return times, same


def pause(app: QApplication) -> None:
    """As long as a hand leaves between two presses of a key: what follows the page catches up."""
    end = time.perf_counter() + 0.06
    while time.perf_counter() < end:
        app.processEvents()
        time.sleep(0.002)


def main() -> None:
    app, window = opened_window()
    board = window.board
    print(f"resident with an empty page: {resident_mb():.0f} MB")
    medians = {}
    for size, layers, strokes in ((SMALL, 2, 500), (A4_600, 20, 5000)):
        path = page_file(size, layers, strokes)
        origin = Origin.of(path)
        page = prepared(read_any(path, path.stem))
        window.document.take(page, path=path, title="bench", saved=True, origin=origin)
        name = f"{size[0]}x{size[1]}, {layers} layers, {strokes} strokes"
        board.zoom_to(1.0)
        settle(app, board)
        samples, _ = event_times(app, board)
        print(f"{name}, just opened: event to patch {quantiles_ms(samples)}")
        start = time.perf_counter()
        trouble = window.autosave.keep() or ""
        later_ms = (time.perf_counter() - start) * 1e3
        print(f"{'':32} the last stroke in the journal {later_ms:.1f} ms later {trouble}")
        for view in ("fit", "100 %"):
            board.fit() if view == "fit" else board.zoom_to(1.0)
            settle(app, board)
            for place, uid in (("middle", page.layers[layers // 2].uid), ("top", page.layers[-1].uid)):
                window.document.layers.choose(uid)
                event_times(app, board)  # the first strokes meet cold caches
                samples, lifts = event_times(app, board)
                medians[size, view, place] = float(np.median(samples))
                print(f"{name}, {view:5}, {place:6} layer: event to patch {quantiles_ms(samples)}")
                print(f"{'':32} lift to dry ink {np.median(lifts):5.1f} ms median, {max(lifts):5.1f} max")
        times, same = undo_times(app, window)
        print(f"{'':32} undo and redo of 48 strokes {quantiles_ms(times)}")
        print(f"{'':32} how even this machine is: a sum {quantiles_ms(same)}")
    for view in ("fit", "100 %"):
        for place in ("middle", "top"):
            ratio = medians[A4_600, view, place] / medians[SMALL, view, place]
            print(f"large to small at {view}, {place} layer: x {ratio:.2f}")
    print(f"{'':32} eye or opacity to the view {quantiles_ms(layer_times(app, window))}")
    print(f"resident with A4 at 600 dpi, 20 layers, 5,000 strokes and 48 steps of history: {resident_mb():.0f} MB")
    for width, height in ((1280, 800), (2560, 1440)):
        alone = Board(window.document, window.hand)
        alone.resize(width, height)
        alone.show()
        settle(app, alone)
        for kind, times in frame_times(app, alone).items():
            if times:
                print(f"board of {width}x{height}: {kind:5} frames {quantiles_ms(times)}")
        alone.close()
    for name, zoom in (("fit", 0.0938), ("100 %", 1.0)):
        bare = BareBoard(*A4_600, zoom)
        bare.resize(918, 658)
        bare.show()
        app.processEvents()
        samples, _ = event_times(app, bare)
        print(f"bare Qt widget, one layer, {name:5}:      event to patch {quantiles_ms(samples)}")
        bare.close()
