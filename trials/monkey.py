"""Random actions, keys, pen, mouse, touch, trays and sheets on the real window: ./run monkey [--seed N] [--minutes M].

What must hold is checked as it goes: the strokes of every layer render to its pixels, the journal holds the page, undo
to the start and redo to the end give the same pixels, nothing raises, no kernel is left to be compiled, and nothing
holds the window for 200 ms. That last one needs a machine that does nothing else; `--patient` only tells of it. Of a
freeze is told how much of it the host of a virtual machine had the cores. The window speaks the language of the
desktop.
"""

from __future__ import annotations

import argparse
import faulthandler
import logging
import os
import random
import sys
import tempfile
import threading
import time
from collections import Counter, deque
from collections.abc import Callable, Iterator
from contextlib import suppress
from dataclasses import fields
from pathlib import Path
from types import FrameType
from typing import NamedTuple

import numba.core.event
import numpy as np
from PySide6.QtCore import QCoreApplication, QEvent, QPoint, QPointF, Qt, QTimer
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPointingDevice, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QApplication,
    QColorDialog,
    QDialog,
    QFileDialog,
    QInputDialog,
    QListView,
    QWidget,
)  # fmt: skip

from bench.timing import stolen_ms
from jotsk import language

language.speak()  # that of the desktop, before anything that holds a text is imported

from jotsk.core import words
from jotsk.core.files.pictures import write_png
from jotsk.core.hand import trace_from
from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.core.page import InkLayer, Page, blank_page, flattened, pixels_of
from jotsk.core.page.layers.layer import render
from jotsk.desk.actions import BY_ID
from jotsk.desk.app.warming import load_ahead
from jotsk.desk.app.window import Window
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.stages import STAGES
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts
from jotsk.desk.widgets import Track

FREEZE_S = 0.2
LONG_FREEZE_S = 5.0  # that is told of, however busy the machine
CHECK_EVERY = 150  # steps
SIZES = ((500, 700), (900, 600), (1300, 1700), (240, 240))
LEFT_OUT = {"page.quit", "page.print", "view.full"}
TOLD = 15  # last steps that are named with a trouble
MOST_LATER = 5  # places where it was after the first, the most frequent ones
NO_MODIFIER = Qt.KeyboardModifier.NoModifier


class Freeze(NamedTuple):
    held_s: float
    stolen_s: float  # how long the host of the machine had each core of it
    computed_s: float  # how long the window's thread had one
    doing: str
    where: str

    @property
    def own_s(self) -> float:
        return self.held_s - self.stolen_s


class Monkey:
    """One seed, one window, one run."""

    def __init__(self, seed: int, folder: Path, *, verbose: bool = False) -> None:
        self._verbose = verbose
        self.random = random.Random(seed)
        self.pokes = random.Random(seed)  # of sheets, which are open for as long as they take
        self.folder = folder
        self.troubles: list[str] = []
        self.compiled: list[str] = []
        self.longest: list[Freeze] = []
        self._held_in: tuple[float, str, Counter[str]] = 0.0, "", Counter()  # the beat that is late, where, and after
        self._is_over = threading.Event()
        self.steps = 0
        self._done: deque[str] = deque(maxlen=TOLD)
        self._streams: list[Iterator[QEvent]] = []  # strokes on their way
        self._begin_beating()
        sys.excepthook = lambda kind, value, _: self._trouble(f"{kind.__name__}: {value}", value)
        logging.getLogger().addHandler(_Listener(self))
        numba.core.event.register("numba:compile", _Compiled(self))
        self._answer_questions()
        self._make_files()
        self.window = Window(Settings(folder / "settings.json"), RecoveryFolder(folder / "state"), folder / "own")
        self.window.show()
        self.window.document.take(blank_page(*SIZES[0]), path=None, title="New page", saved=True)
        board = self.window.board
        self._pens = [
            SimulatedPen(board, DEVICES["display"]), SimulatedPen(board, DEVICES["display"], eraser=True),
            SimulatedPen(board, DEVICES["mouse"]),
        ]  # fmt: skip
        self._touch = QTest.createTouchDevice(QPointingDevice.DeviceType.TouchScreen)
        self._fingers: dict[int, QPoint] = {}
        self._heart = QTimer(interval=5)
        self._heart.timeout.connect(self._beats)
        self._sheets = QTimer(singleShot=True, interval=20)  # started again by each poke: a sheet may open another
        self._sheets.timeout.connect(self._poke_sheet)
        self._next = QTimer(singleShot=True, interval=0)
        self._next.timeout.connect(self._step)
        self._kinds: list[tuple[int, str, Callable[[], str]]] = [
            (30, "stroke", self._begin_stroke), (40, "samples", self._go_on), (12, "action", self._act),
            (8, "key", self._key), (8, "undo", self._undo), (6, "tray", self._tray), (5, "wheel", self._wheel),
            (4, "touch", self._finger), (3, "mouse", self._click), (2, "window", self._window),
            (1, "page", self._page), (1, "file", self._file),
        ]  # fmt: skip

    def run(self, seconds: float, most_steps: int | None = None) -> None:
        """Go on for so long, or so many steps; then check all once more."""
        self._until, self._most = time.monotonic() + seconds, most_steps
        self._begin_beating()
        threading.Thread(target=self._watch, daemon=True).start()
        for timer in (self._heart, self._sheets, self._next):
            timer.start()
        QApplication.exec()
        self._heart.stop()
        self._is_over.set()
        self.check(to_the_ends=True)
        self._sheets.stop()

    # -- what it does --------------------------------------------------------------------------

    def _step(self) -> None:
        if time.monotonic() > self._until or (self._most is not None and self.steps >= self._most):
            QCoreApplication.exit(0)  # `quit` would close the window
            return
        self.steps += 1
        (weight, name, do), = self.random.choices(self._kinds, [weight for weight, _, _ in self._kinds])  # fmt: skip
        self._note(name, is_new=True)
        self._note(f"{name} {do()}")
        if self.steps % CHECK_EVERY == 0:
            self.check(to_the_ends=self.steps % (4 * CHECK_EVERY) == 0)
        self._next.start()

    def _note(self, what: str, *, is_new: bool = False) -> None:
        if is_new:
            self._done.append(what)
        self._done[-1] = what
        if self._verbose:
            print(self.steps, what, file=sys.stderr, flush=True)

    def _places(self, count: int) -> np.ndarray:
        """A wandering motion on the board and a little beyond, logical px."""
        rng = np.random.default_rng(self.random.randrange(1 << 30))
        board = self.window.board
        start = rng.uniform((-20, -20), (board.width() + 20, board.height() + 20))
        turns = np.cumsum(rng.normal(0, 0.3, count)) + rng.uniform(0, 6.3)
        speed = rng.choice([1.0, 4.0, 15.0, 60.0])
        return start + speed * np.cumsum(np.column_stack([np.cos(turns), np.sin(turns)]), axis=0)

    def _begin_stroke(self) -> str:
        self._beats()
        pen = self.random.choice(self._pens)
        count = self.random.choice([1, 2, 5, 40, 120, 400])
        xy = self._places(count)
        pressure = np.clip(0.5 + 0.4 * np.sin(np.arange(count) / 9), 0, 1)
        if self.random.random() < 0.05:
            xy[count // 2] = self.random.choice([(np.nan, 5.0), (1e7, -1e7), (np.inf, np.inf)])
        motion = trace_from(0.005 * np.arange(count), xy[:, 0], xy[:, 1], pressure)
        events = [event for _, event in pen._events_of(motion)]
        if self.random.random() < 0.1:
            events.pop()  # a lift that is lost
        self._streams.append(iter(events))
        self._begin_beating()  # they take long to make, which is not the window's
        return f"of {count}"

    def _go_on(self) -> str:
        """More of one of the strokes that were begun; several may be, of different devices."""
        if not self._streams:
            return ""
        stream = self.random.choice(self._streams)
        for _ in range(self.random.choice([5, 60, 1000])):
            event = next(stream, None)
            if event is None:
                self._streams.remove(stream)
                return "to the end"
            self._begin_beating()
            QCoreApplication.sendEvent(self.window.board, event)
            self._beats()
        return ""

    def _act(self) -> str:
        entry = self.random.choice(sorted(set(BY_ID) - LEFT_OUT))
        self._note(entry)
        self.window.actions_by_id[entry].trigger()
        return entry

    def _key(self) -> str:
        """A key down, up, or lost."""
        letters = [Qt.Key(ord(c)) for c in "QWERASDFGZXCVB1234567HYNMT"]
        key = self.random.choice([*letters, Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Escape, Qt.Key.Key_Delete])
        kinds = [QEvent.Type.KeyPress, QEvent.Type.KeyRelease]
        if self.random.random() < 0.15:
            kinds.pop()
        for kind in kinds:
            QCoreApplication.sendEvent(self.window.board, QKeyEvent(kind, key, NO_MODIFIER))
        return f"{key.name} {'' if len(kinds) > 1 else 'held'}"

    def _undo(self) -> str:
        document, count = self.window.document, self.random.choice([1, 1, 2, 5])
        for _ in range(count):  # as many keys
            self._begin_beating()
            (document.undo if self.random.random() < 0.7 else document.redo)()
            self._beats()
        return f"{count}"

    def _tray(self) -> str:
        widgets = [w for w in self.window.findChildren(QWidget) if w.isVisible() and w is not self.window.board]
        return self._poke(self.random.choice(widgets)) if widgets else ""

    def _wheel(self) -> str:
        at = QPointF(self.random.uniform(0, 900), self.random.uniform(0, 600))
        turn = QPoint(0, self.random.choice([-240, -120, 120, 240]))
        pixels = self.random.choice([QPoint(), QPoint(self.random.randint(-50, 50), self.random.randint(-50, 50))])
        modifiers = self.random.choice(
            [NO_MODIFIER, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier]
        )
        board = self.window.board
        event = QWheelEvent(
            at, at, pixels, turn, Qt.MouseButton.NoButton, modifiers, Qt.ScrollPhase.NoScrollPhase, False
        )
        QCoreApplication.sendEvent(board, event)
        return ""

    def _finger(self) -> str:
        board = self.window.board
        event = QTest.touchEvent(board, self._touch)
        for number in list(self._fingers):
            place = self._fingers[number] + QPoint(self.random.randint(-40, 40), self.random.randint(-40, 40))
            if self.random.random() < 0.4:
                event.release(number, place, board)
                del self._fingers[number]
            else:
                event.move(number, place, board)
                self._fingers[number] = place
        if len(self._fingers) < 3 and self.random.random() < 0.6:
            number = next(k for k in range(4) if k not in self._fingers)
            place = QPoint(self.random.randint(0, board.width()), self.random.randint(0, board.height()))
            event.press(number, place, board)
            self._fingers[number] = place
        event.commit()
        return f"{len(self._fingers)}"

    def _click(self) -> str:
        board, at = self.window.board, QPointF(self.random.uniform(0, 900), self.random.uniform(0, 600))
        button = self.random.choice(
            [Qt.MouseButton.LeftButton, Qt.MouseButton.MiddleButton, Qt.MouseButton.RightButton]
        )
        kind = self.random.choice(
            [QEvent.Type.MouseButtonPress, QEvent.Type.MouseMove, QEvent.Type.MouseButtonRelease]
        )  # fmt: skip
        down = button if kind == QEvent.Type.MouseButtonPress else Qt.MouseButton.NoButton
        QCoreApplication.sendEvent(board, QMouseEvent(kind, at, at, button, down, NO_MODIFIER))
        return kind.name

    def _window(self) -> str:
        way = self.random.choice(["size", "activation", "stage"])
        if way == "size":
            self.window.resize(self.random.randint(700, 1500), self.random.randint(500, 1000))
        elif way == "activation":
            QCoreApplication.sendEvent(self.window, QEvent(QEvent.Type.ActivationChange))
        else:
            self.window.show_stage(self.random.choice(STAGES))
        return way

    def _page(self) -> str:
        if not self.window.filing.jobs.is_busy and self.window.pages.keep_unsaved():
            size = self.random.choice(SIZES)
            self.window.document.take(blank_page(*size), path=None, title="New page", saved=True)
            return f"{size}"
        return ""

    def _file(self) -> str:
        filing = self.window.filing
        if filing.jobs.is_busy:
            return "busy"
        if self.random.random() < 0.5:
            path = self._some_file(self.random)
            self.window.open(path)
            return f"open {path.name}"
        path = self.folder / f"saved-{self.random.randrange(4)}.ora"
        self.window.document.when_dry(lambda: filing.save(path))  # as the command does
        return "save"

    # -- trays and sheets ----------------------------------------------------------------------

    def _poke(self, widget: QWidget) -> str:
        """Do something to a widget that it is made for."""
        name = f"{type(widget).__name__} {widget.accessibleName()[:30]}"
        self._note(name)
        if isinstance(widget, QAbstractSpinBox):
            widget.setFocus()
            QTest.keyClicks(widget, str(self.pokes.choice([0, 1, -5, 77, 100000, "x"])))
        elif isinstance(widget, QAbstractButton):
            widget.click()
        elif isinstance(widget, QListView | Track) or self.pokes.random() < 0.7:
            width, height = max(1, widget.width()), max(1, widget.height())
            at = QPoint(self.pokes.randrange(width), self.pokes.randrange(height))
            QTest.mousePress(widget, Qt.MouseButton.LeftButton, pos=at)
            if self.pokes.random() < 0.5:
                at = QPoint(self.pokes.randrange(width), self.pokes.randrange(height))
                QTest.mouseMove(widget, at)
            QTest.mouseRelease(widget, Qt.MouseButton.LeftButton, pos=at)
        return name

    def _poke_sheet(self) -> None:
        """A menu or a sheet is open, in a loop of its own: do something to it, and close it sooner or later."""
        self._sheets.start()
        popup, sheet = QApplication.activePopupWidget(), QApplication.activeModalWidget()
        if popup is not None:
            popup.close()
        elif isinstance(sheet, QDialog):
            if self.pokes.random() < 0.35:
                self.pokes.choice([sheet.accept, sheet.reject])()
                return
            widgets = [w for w in sheet.findChildren(QWidget) if w.isVisible()]
            if widgets:
                self._poke(self.pokes.choice(widgets))

    def _answer_questions(self) -> None:
        """The system's own dialogs answer at random."""

        def open_file(*_: object, **__: object) -> tuple[str, str]:
            return str(self._some_file(self.pokes)) if self.pokes.random() < 0.7 else "", ""

        def new_file(*_: object, **__: object) -> tuple[str, str]:
            return str(self.folder / f"saved-{self.pokes.randrange(4)}") if self.pokes.random() < 0.7 else "", ""

        def text(*_: object, **more: str) -> tuple[str, bool]:
            return self.pokes.choice(["", "Ink", "A" * 300, "“Ünïcode” \u2603", "x\n\0y"]), self.pokes.random() < 0.7

        setattr(QFileDialog, "getOpenFileName", open_file)  # noqa: B010 (it is a static method of Qt's)
        setattr(QFileDialog, "getOpenFileNames", lambda *_, **__: ([open_file()[0]], ""))  # noqa: B010
        setattr(QFileDialog, "getSaveFileName", new_file)  # noqa: B010
        setattr(QInputDialog, "getText", text)  # noqa: B010
        setattr(QInputDialog, "getDouble", lambda *_, **__: (self.pokes.uniform(-50, 50), True))  # noqa: B010
        setattr(QColorDialog, "getColor", lambda *_, **__: QColor(self.pokes.choice(["#ff0000", "bogus"])))  # noqa: B010

    def _make_files(self) -> None:
        pixels = np.random.default_rng(1).integers(0, 1 << 32, (300, 400), np.uint32) | np.uint32(0xFF000000)
        write_png(self.folder / "sketch.png", pixels, dpi=300.0, opaque=True)
        (self.folder / "broken.ora").write_bytes(b"PK\x03\x04 and no more")

    def _some_file(self, chance: random.Random) -> Path:
        return chance.choice(sorted(p for p in self.folder.iterdir() if p.suffix in (".ora", ".png", ".json")))

    # -- what must hold ------------------------------------------------------------------------

    def check(self, *, to_the_ends: bool) -> None:
        """Compare the page with what it is made of, with its journal, and with itself after undo and redo."""
        document, window = self.window.document, self.window
        window.board.finish_stroke()
        document.come_to_rest()
        self._wait_for_files()
        page = document.page_when_dry()
        for layer in page.layers:
            if isinstance(layer, InkLayer):
                rendered = pixels_of(render(layer.marks, page.bounds), page.bounds)
                if not (rendered == pixels_of(layer.tiles, page.bounds)).all():
                    self._trouble(f"the strokes of “{layer.name}” do not render to its pixels")
        seen = flattened(page)
        self._begin_beating()  # what is compared here holds the window, but that is not the window's
        if document.is_unsaved:
            reason = window.autosave.keep()
            slot = window.autosave.slot
            if document.page is not page:
                return  # while it was waited for another was taken
            kept = RecoveryFolder(window.recovery.folder).look(slot) if reason is None and slot else None
            if kept is None or not np.array_equal(flattened(kept.page), seen):
                self._trouble(f"the journal does not hold the page ({reason}; {kept and unlike(page, kept.page)})")
        self._begin_beating()
        if to_the_ends:
            at = document.steps.at
            for target in (0, len(document.steps) - 1, at):
                document.go_to_step(target)
                self._wait_for_files()
                if document.steps.at != target:
                    self._trouble(f"step {target} was not reached")
            again = document.page_when_dry()
            if not np.array_equal(flattened(again), seen):
                self._trouble(f"undo to the start and redo to the end give other pixels ({unlike(page, again)})")
        self._begin_beating()

    def _wait_for_files(self) -> None:
        until = time.monotonic() + 60
        while self.window.filing.jobs.is_busy and time.monotonic() < until:
            QApplication.processEvents()
            time.sleep(0.002)

    def _begin_beating(self) -> None:
        self._beat, self._stolen_ms, self._computed_s = time.perf_counter(), stolen_ms(), time.thread_time()

    def _beats(self) -> None:
        held_s = time.perf_counter() - self._beat
        if held_s > FREEZE_S:
            beat, where, later = self._held_in
            if beat == self._beat:
                where += "".join(f"\n    then {count}x {place}" for place, count in later.most_common(MOST_LATER))
            else:
                where = ""
            stolen_s = (stolen_ms() - self._stolen_ms) / 1e3 / (os.cpu_count() or 1)
            computed_s = time.thread_time() - self._computed_s
            self.longest.append(Freeze(held_s, stolen_s, computed_s, self._done[-1] if self._done else "", where))
        self._begin_beating()

    def _watch(self) -> None:
        """Note what the window's thread is doing when it has not answered for a while."""
        main_thread = threading.main_thread().ident
        while not self._is_over.wait(FREEZE_S / 8):
            beat = self._beat
            if time.perf_counter() - beat > FREEZE_S / 2 and main_thread is not None:
                frames = sys._current_frames()
                held = _places_in(frames.pop(main_thread), whole=True)
                if self._held_in[0] == beat:
                    self._held_in[2][" < ".join(held[:-4:-1])] += 1
                    continue
                where = "\n".join(f"    {place}" for place in held[-12:])
                beside = [places[-1] for frame in frames.values() if (places := _places_in(frame))]
                self._held_in = beat, where + "".join(f"\n    beside: {place}" for place in beside), Counter()

    def _trouble(self, what: str, error: BaseException | None = None) -> None:
        if len(self.troubles) < 20:
            logging.getLogger("trials").warning("step %s: %s", self.steps, what, exc_info=error)
            self.troubles.append(f"step {self.steps}: {what}\n    after {' | '.join(self._done)}")


def unlike(page: Page, other: Page) -> str:
    """How two pages differ that should be the same."""
    found = [f.name for f in fields(Page) if f.name != "layers" and getattr(page, f.name) != getattr(other, f.name)]
    if [layer.uid for layer in page.layers] != [layer.uid for layer in other.layers]:
        return f"{found}, {len(page.layers)} and {len(other.layers)} layers"
    for a, b in zip(page.layers, other.layers, strict=True):
        mine = {f.name for f in fields(a) if f.name not in ("tiles", "marks")}
        parts = sorted(name for name in mine if getattr(a, name) != getattr(b, name))
        if isinstance(a, InkLayer) and isinstance(b, InkLayer) and len(a.marks) != len(b.marks):
            parts.append(f"{len(a.marks)} and {len(b.marks)} marks")
        if isinstance(a, InkLayer) and (pixels_of(a.tiles, page.bounds) != pixels_of(b.tiles, page.bounds)).any():
            parts.append("pixels")
        if parts:
            found.append(f"{type(a).__name__} “{a.name}”: {', '.join(parts)}")
    return "; ".join(found) or "all parts are alike"


def _places_in(innermost: FrameType, *, whole: bool = False) -> list[str]:
    """Where a thread is in this program, the innermost last; with `whole` anywhere, if it is not in this program."""
    places: list[tuple[str, str]] = []
    frame: FrameType | None = innermost
    with suppress(AttributeError):  # the thread goes on meanwhile: what was a frame may be none any more
        while frame is not None:  # `traceback` would read the source, too
            filename = frame.f_code.co_filename
            places.append((filename, f"{Path(filename).name}:{frame.f_lineno} {frame.f_code.co_name}"))
            frame = frame.f_back
    ours = [place for filename, place in places if "jotsk" in filename]
    return (ours or ([place for _, place in places] if whole else []))[::-1]


class _Listener(logging.Handler):
    """Every error that is logged is a trouble."""

    def __init__(self, monkey: Monkey) -> None:
        super().__init__(logging.ERROR)
        self._monkey = monkey

    def emit(self, record: logging.LogRecord) -> None:
        self._monkey._trouble(f"logged: {record.getMessage()}", record.exc_info[1] if record.exc_info else None)


class _Compiled(numba.core.event.Listener):  # type: ignore[misc]  # numba ships no types
    """A kernel that was not compiled ahead holds the hand for seconds, as a freeze does."""

    def __init__(self, monkey: Monkey) -> None:
        self._monkey = monkey

    def on_start(self, event: numba.core.event.Event) -> None:
        data = event.data
        self._monkey.compiled.append(f"{data['dispatcher'].py_func.__name__} was compiled late, for {data['args']}")

    def on_end(self, event: numba.core.event.Event) -> None:
        pass


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run monkey", description=__doc__)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--minutes", type=float, default=1.0)
    parser.add_argument("--steps", type=int, help="stop after so many, however long they take")
    parser.add_argument("--patient", action="store_true", help="no freeze is an error: the machine is busy")
    parser.add_argument("--verbose", action="store_true", help="name every step, before it is made and after")
    arguments = parser.parse_args()
    logging.basicConfig(level=logging.WARNING)
    faulthandler.enable()
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    app = QApplication([*ARGUMENTS])
    load_fonts()
    apply_theme(app, DAY)
    load_ahead()
    print(f"seed {arguments.seed}, {words.spoken}", flush=True)
    with tempfile.TemporaryDirectory() as folder:
        monkey = Monkey(arguments.seed, Path(folder), verbose=arguments.verbose)
        monkey.run(60 * arguments.minutes, arguments.steps)
        monkey.window.close()
    for told in (*monkey.troubles, *monkey.compiled):
        print(told)
    in_order = sorted(monkey.longest, key=lambda freeze: -freeze.own_s)
    for freeze in in_order[:10]:
        print(
            f"held the window {freeze.held_s * 1e3:.0f} ms, of which the host had each core "
            f"{freeze.stolen_s * 1e3:.0f} ms and the window's thread computed {freeze.computed_s * 1e3:.0f} ms: "
            f"{freeze.doing}\n{freeze.where}"
        )
    freezes = [freeze for freeze in in_order if freeze.own_s > FREEZE_S]
    print(
        f"{monkey.steps} steps, {len(monkey.troubles)} troubles, {len(freezes)} freezes over {FREEZE_S * 1e3:.0f} ms, "
        f"besides {len(monkey.longest) - len(freezes)} while the host had the cores"
    )
    longest_s = LONG_FREEZE_S if arguments.patient else FREEZE_S
    too_long = [freeze for freeze in monkey.longest if freeze.held_s > longest_s]
    late = [] if arguments.patient else monkey.compiled
    return int(bool(monkey.troubles or late or too_long))


if __name__ == "__main__":
    sys.exit(main())
