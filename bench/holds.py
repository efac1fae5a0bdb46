"""What holds the interface: the longest time between two turns of its loop while one thing after another is done.

Every command that changes many strokes, all px or all widgets is here, on a page at print size seen whole. Beside it,
how long one call of scipy.ndimage.zoom, that halves one such layer, would hold it.
"""

from __future__ import annotations

import time
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from tempfile import TemporaryDirectory

import numpy as np
from PySide6.QtCore import QCoreApplication, QMimeData, QTimer
from PySide6.QtGui import QImage
from PySide6.QtPrintSupport import QPrinter
from PySide6.QtWidgets import QApplication
from scipy.ndimage import zoom

from bench.board import settle, strokes
from bench.inked_page import A4_600, page_file
from bench.opened import opened_window
from bench.timing import stolen_ms
from jotsk.core.files.export import FORMATS, Export
from jotsk.core.files.opening import Origin, read_any
from jotsk.core.geometry import Rect
from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import blank_page, prepared
from jotsk.desk.app.window import Window
from jotsk.desk.board.input.simulated_pen import SimulatedPen

AFTER_S = 0.6  # what follows a change, such as small pictures and the look at rest, is counted too
LIMIT_MS = 50.0
WAIT_S = 0.0005


@dataclass
class Held:
    """By one thing: the most ms it held the interface, how long the machine's host had the cores of it, together, in
    that time, and how long it took until it was done."""

    name: str
    longest_ms: float = 0.0
    stolen_ms: float = 0.0
    done_ms: float = 0.0


class Watch:
    """Does one thing after another, and measures how long each holds the interface."""

    def __init__(self, app: QApplication, window: Window) -> None:
        self.app, self.window = app, window
        self.held: list[Held] = []
        self._last = self._stolen = 0.0
        self._timer = QTimer(interval=0)
        self._timer.timeout.connect(self._beat)
        settle(app, window.board)

    def __call__(self, name: str, begin: Callable[[], object]) -> None:
        start, done = time.perf_counter(), None
        self._last, self._stolen = start, stolen_ms()
        self.held.append(Held(name))
        self._timer.start()
        begin()
        while done is None or self._last < done + AFTER_S:
            self.app.processEvents()
            if done is None and not self._is_at_work():
                done = time.perf_counter()
            time.sleep(WAIT_S)  # as an event loop waits, so that others get to work
        self._timer.stop()
        self.held[-1].done_ms = (done - start) * 1e3
        settle(self.app, self.window.board)

    def _is_at_work(self) -> bool:
        return self.window.document.is_drying or self.window.dressing.is_at_work or self.window.filing.jobs.is_busy

    def _beat(self) -> None:
        """Every turn of the loop, of the one in a sheet too."""
        now, stolen, held = time.perf_counter(), stolen_ms(), self.held[-1]
        if (now - self._last) * 1e3 > held.longest_ms:
            held.longest_ms, held.stolen_ms = (now - self._last) * 1e3, stolen - self._stolen
        self._last, self._stolen = now, stolen


def tell(all_held: list[Held]) -> None:
    for held in all_held:
        stolen = f"   (the machine was away for {held.stolen_ms:.0f})" if held.stolen_ms else ""
        print(
            f"{held.name:>40} holds the interface for {held.longest_ms:5.1f} ms at most, "
            f"done after {held.done_ms:6.0f} ms{stolen}"
        )
    over = [held for held in all_held if held.longest_ms > LIMIT_MS]
    print(
        f"{len(over)} of {len(all_held)} over {LIMIT_MS:.0f} ms{': ' if over else ''}{', '.join(h.name for h in over)}"
    )
    if over:
        away = [held for held in over if held.stolen_ms >= held.longest_ms - LIMIT_MS]
        print(f"{len(away)} of them while the machine's host had that much of it, as proc(5) says (steal)")


def open_bench_page(window: Window) -> None:
    """A4 at 600 dpi with 20 layers and 5,000 strokes, seen whole."""
    path = page_file(A4_600, 20, 5000)
    page = prepared(read_any(path, path.stem))
    window.document.take(page, path=path, title="bench", saved=True, origin=Origin.of(path))
    window.board.fit()


def longest_holds(app: QApplication, window: Window) -> list[Held]:
    """Of each command."""
    board, document, commands = window.board, window.document, window.actions_by_id
    watch = Watch(app, window)

    def lift(pen: SimulatedPen, trace: Trace) -> Callable[[], object]:
        """Draw a stroke but for its lift, which is returned."""
        *moves, (_, last) = pen._events_of(trace)
        for _, event in moves:
            QCoreApplication.sendEvent(board, event)
            app.processEvents()
        return lambda: QCoreApplication.sendEvent(board, last)

    def read(entry: str) -> None:
        """Open a sheet, and close it once it is painted."""

        def close() -> None:
            sheet = app.activeModalWidget()
            QTimer.singleShot(0, sheet.reject if sheet is not None else close)

        QTimer.singleShot(0, close)
        commands[entry].trigger()

    turns = np.linspace(0, 24, 2000)
    spiral = np.column_stack([440 + 10 * turns * np.cos(turns), 330 + 9 * turns * np.sin(turns)])
    long = drawn(spiral, 6.0, pressure=[0.2, 0.9, 0.4], rate_hz=200, device=DEVICES["display"], seed=1)
    watch("6 s, lift", lift(SimulatedPen(board, DEVICES["display"]), long))
    watch("steadied anew", lambda: document.last_line.resteady(90.0))
    eraser = SimulatedPen(board, DEVICES["display"], eraser=True)
    for trace in strokes(2):
        watch("rubbed out", lift(eraser, trace))
    for command in (
        "edit.all", "edit.delete", "edit.undo", "layer.add", "layer.duplicate", "layer.delete", "edit.undo",
        "layer.down", "layer.merge_down", "layer.flat_copy", "layer.merge_visible", "edit.undo",
        "view.flip", "view.overview", "view.history", "view.history", "view.overview", "view.bare", "view.bare",
        "view.hand", "view.hand", "view.left_handed", "view.left_handed", "view.lamp", "view.lamp",
    ):  # fmt: skip
        watch(commands[command].text().replace("&", ""), commands[command].trigger)
    middle = document.page_when_dry().layers[len(document.page_when_dry().layers) // 2].uid
    watch("another layer", lambda: document.layers.choose(middle))
    watch("multiply", lambda: document.layers.change("Blend layer", blend="multiply"))
    watch("choose all", document.selection.choose_all)
    watch(f"steady {len(document.selection.lines)} lines", lambda: document.selection.steady(60.0))
    watch("move what is on the layer", lambda: document.layers.shift(40, 30))
    copied = QMimeData()
    copied.setImageData(
        QImage(document.page_when_dry().width, document.page_when_dry().height, QImage.Format.Format_RGB32)
    )
    watch("paste", lambda: window.pages.take(copied, may_open=False))
    watch("settle the picture", board.pictures.put_down)
    watch("crop", lambda: document.page_edits.crop(Rect(300, 300, 4000, 5000)))
    watch("undo crop", document.undo)
    for command in ("page.new", "page.size", "page.export", "page.milestones", "hand.maker", "hand.feel", "help.keys"):
        watch(commands[command].text(), lambda command=command: read(command))
    for command in ("hand.colors", "guide.numbers"):
        watch(commands[command].text(), commands[command].trigger)
    with TemporaryDirectory() as folder:
        watch("save", lambda: window.filing.save(Path(folder) / "saved.ora"))
        watch("save again", lambda: window.filing.save(Path(folder) / "saved.ora"))
        watch("export", lambda: window.filing.export(Path(folder) / "page.png", Export(FORMATS["png"])))
        printer = QPrinter(QPrinter.PrinterMode.HighResolution)
        printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
        printer.setOutputFileName(str(Path(folder) / "print.pdf"))
        watch("print", lambda: window.pages.giving_out.print_on(printer))
        watch("open", lambda: window.filing.open(Path(folder) / "saved.ora"))
        document.layers.add()
        settle(app, board)
        window.autosave.keep()
        slot = window.autosave.slot
        watch("leave", lambda: document.take(blank_page(400, 300), path=None, title="new", saved=True))
        watch(commands["page.recent"].text(), lambda: read("page.recent"))
        watch("put back", lambda: window.pages.take_up_kept(slot))
    return watch.held


def main() -> None:
    app, window = opened_window()
    open_bench_page(window)
    holds = longest_holds(app, window)
    tell(holds)
    layer = np.zeros((A4_600[1], A4_600[0]), np.uint8)
    start = time.perf_counter()
    zoom(layer, 0.5, order=1)
    print(f"{'one call of scipy.ndimage.zoom':>40} {(time.perf_counter() - start) * 1e3:6.0f} ms")
