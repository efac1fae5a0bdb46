"""The board: from a pen event to the painted patch, undo, and memory, on a page at print size and on a small one.

Beside it, the same strokes on a bare Qt widget that keeps the whole page in one QImage, draws every sample into
it with QPainter and paints the part of it that changed, as the simplest drawing program would.
"""

from __future__ import annotations

import resource
import tempfile
import time
from pathlib import Path

import numpy as np
from PySide6.QtCore import QCoreApplication, QEvent, QPointF, QRect, QSettings, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPaintEvent, QPen, QTabletEvent
from PySide6.QtWidgets import QApplication, QWidget

from bench.timing import quantiles_ms
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import blank_page
from jotsk.core.page.stacking import with_new_layer
from jotsk.desk.board import board as board_module
from jotsk.desk.keeping import Shelf
from jotsk.desk.simulated_pen import SimulatedPen
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import load_fonts
from jotsk.desk.window import Window

A4_600 = (4961, 7016)
SMALL = (1000, 1000)


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


# Here events come as fast as they are done with, and every one is to be painted; at the desk those that come faster
# than a screen can show are painted together.
board_module.FASTEST_PAINT_S = board_module.REST_SHARE = -1.0


def event_times(app: QApplication, widget: QWidget) -> tuple[list[float], list[float]]:
    """Milliseconds of every event with what it paints: samples, and lifts."""
    pen = SimulatedPen(widget, DEVICES["display"])
    samples, lifts = [], []
    for trace in strokes():
        for _, event in pen._events_of(trace):
            start = time.perf_counter()
            QCoreApplication.sendEvent(widget, event)
            app.processEvents()
            (lifts if event.type() == QEvent.Type.TabletRelease else samples).append(
                (time.perf_counter() - start) * 1e3
            )
    return samples, lifts


def layered_page(size: tuple[int, int], layers: int):
    page = blank_page(*size, 600.0)
    for _ in range(layers - 1):
        page = with_new_layer(page)
    return page


def resident_mb() -> float:
    for line in Path("/proc/self/status").read_text().splitlines():
        if line.startswith("VmRSS"):
            return int(line.split()[1]) / 1024
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024


def main() -> None:
    app = QApplication.instance() or QApplication(["bench"])
    load_fonts()
    apply_theme(app, DAY)
    scratch = Path(tempfile.mkdtemp())
    window = Window(QSettings(str(scratch / "s.ini"), QSettings.Format.IniFormat), Shelf(scratch))
    window.show()
    app.processEvents()
    print(f"resident with an empty page: {resident_mb():.0f} MB")
    medians = {}
    for size in (SMALL, A4_600):
        window.document.take(layered_page(size, 10), path=None, title="bench", saved=True)
        for view in ("fit", "100 %"):
            window.board.fit() if view == "fit" else window.board.zoom_to(1.0)
            app.processEvents()
            event_times(app, window.board)  # the first strokes meet cold caches
            samples, lifts = event_times(app, window.board)
            medians[size, view] = float(np.median(samples))
            print(f"{size[0]}x{size[1]}, 10 layers, {view:5}: event to patch {quantiles_ms(samples)}")
            print(f"{'':32} lift to dry ink {np.median(lifts):5.1f} ms median, {max(lifts):5.1f} max")
        undos = []
        while window.document.undo_label is not None:
            start = time.perf_counter()
            window.document.undo()
            app.processEvents()
            undos.append((time.perf_counter() - start) * 1e3)
        print(f"{'':32} undo of {len(undos)} strokes {quantiles_ms(undos)}")
    for view in ("fit", "100 %"):
        print(f"large to small at {view}: x {medians[A4_600, view] / medians[SMALL, view]:.2f}")
    print(f"resident with A4 at 600 dpi, 10 layers, 24 strokes in the history: {resident_mb():.0f} MB")
    for name, zoom in (("fit", 0.0938), ("100 %", 1.0)):
        bare = BareBoard(*A4_600, zoom)
        bare.resize(918, 658)
        bare.show()
        app.processEvents()
        samples, _ = event_times(app, bare)
        print(f"bare Qt widget, one layer, {name:5}:      event to patch {quantiles_ms(samples)}")
        bare.close()
