"""Starting the application."""

from __future__ import annotations

import gc
import logging
import os
import signal
import sys
import time
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QGuiApplication, QIcon
from PySide6.QtWidgets import QApplication

from jotsk import integration, language
from jotsk.core import words
from jotsk.core.errors import CannotWrite, JotskError
from jotsk.core.runtime.lanes import on_failure
from jotsk.core.words import tr
from jotsk.desk.app.single import Single, handed_on
from jotsk.desk.app.warming import Warming
from jotsk.desk.app.window import Window
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts
from jotsk.desk.widgets.hand_over import hand_over
from jotsk.folders import cache_folder, config_folder, state_folder

if TYPE_CHECKING:
    from jotsk.core.hand import Trace
    from jotsk.desk.board.input.simulated_pen import SimulatedPen

log = logging.getLogger("jotsk")

CTRL_C_MS = 300
FAULT = tr("Something did not work because of a fault in Jotsk; what is finished is kept, and the log has the rest.")


def run(
    *, file: Path | None = None, demo: bool = False, play: bool = False, finished: bool = False,
    shot: Path | None = None, sheet: tuple[str, str] | None = None,
) -> int:  # fmt: skip
    """Open the window and stay until it is closed; return the exit status.

    With `shot`, draw the window without a screen, write its picture and end.
    """
    if shot is not None:
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    elif not has_screen():
        print(
            "jotsk: there is no screen to open a window on;"
            " `./run demo --shot OUT.png` writes a picture of it instead.",
            file=sys.stderr,
        )
        return 1
    if file is not None and not file.exists():
        raise JotskError(tr("“{name}” could not be opened: it does not exist.", name=file.name))
    _start_log()

    running = QApplication.instance()
    app = running if isinstance(running, QApplication) else QApplication([*ARGUMENTS])
    app.setApplicationName("Jotsk")
    QGuiApplication.setDesktopFileName(integration.ID)
    app.setWindowIcon(QIcon(str(integration.ICON)))
    request = {"file": str(file.resolve()) if file else None, "demo": demo, "finished": finished, "sheet": sheet}
    if shot is None and not play and handed_on(request):
        return 0
    language.translate_qt(app)
    load_fonts(japanese=words.spoken == "ja")
    apply_theme(app, DAY)
    settings = Settings(config_folder() / "settings.json")
    window = Window(settings, RecoveryFolder(state_folder()), config_folder())
    gc.enable()
    _tell_faults(window)

    def begin() -> None:
        if file is not None:
            window.open(file.resolve())
        elif sheet is not None:
            window.pages.open_sheet(*sheet)
        elif finished:
            window.pages.open_finished()
        elif demo:
            window.pages.open_demo()
            if play and shot is None:
                _play(window)
        else:
            window.pages.take_up_kept()

    if shot is not None:
        return _shoot(app, window, begin, play, shot)
    for happened in (window.document.opened, window.document.saved):
        happened.connect(lambda: _note(window.document.path))
    warming = Warming(cache_folder(), window)
    window.show()
    single = Single(window)
    single.asked.connect(lambda asked: _come_up(window, asked))
    warming.when_ready(begin)
    _end_with_ctrl_c(window)
    gc.freeze()  # what is loaded stays: a collection while drawing need not walk over it
    status = app.exec()
    single.close()
    return status


def _note(path: Path | None) -> None:
    """In the desktop's own list of recent files."""
    from jotsk.desk.inout.desktop_recent import note_later  # loaded with the first file

    note_later(path)


def _is_sheet(kind: object, size: object) -> bool:
    from jotsk.core.check.practice.sheets import KINDS, SIZES

    return kind in KINDS and size in SIZES


def _come_up(window: Window, request: dict[str, Any]) -> None:
    """Bring the window to the front, and open what another start was asked for; a file that is open stays as it is."""
    window.setWindowState(window.windowState() & ~Qt.WindowState.WindowMinimized)
    window.show()
    window.raise_()
    window.activateWindow()
    file, sheet = request.get("file"), request.get("sheet")
    if isinstance(file, str):
        if window.document.path is None or window.document.path.resolve() != Path(file):
            window.open(Path(file))
    elif isinstance(sheet, list) and len(sheet) == 2 and _is_sheet(*sheet):
        window.pages.open_sheet(*sheet)
    elif request.get("finished") is True:
        window.pages.open_finished()
    elif request.get("demo") is True:
        window.pages.open_demo()


def _end_with_ctrl_c(window: Window) -> None:
    """Ctrl-C in the terminal closes the window, with all that closing keeps."""
    signal.signal(signal.SIGINT, lambda *_: window.close())
    awake = QTimer(window, interval=CTRL_C_MS)  # Python sees a signal only when it runs
    awake.timeout.connect(lambda: None)
    awake.start()


def has_screen() -> bool:
    """Whether a window can be opened here."""
    platform = os.environ.get("QT_QPA_PLATFORM", "")
    return bool(platform or os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY"))


def _shoot(app: QApplication, window: Window, begin: Callable[[], None], play: bool, shot: Path) -> int:
    window.show()
    begin()
    while window.filing.jobs.is_busy:
        app.processEvents()
    if play:
        pen, traces = _pen_on(window)
        for trace in traces:
            pen.draw(trace)
    for _ in range(50):  # layouts and thumbnails settle
        app.processEvents()
        time.sleep(0.01)
    if not window.grab().save(str(shot), "PNG"):
        raise CannotWrite(shot, tr("the folder does not exist or does not allow it"))
    return 0


def _play(window: Window) -> None:
    """Let the simulated pen ink the keeper at the pace of a hand, once the demo page is there."""
    if window.filing.jobs.is_busy:
        QTimer.singleShot(100, window, lambda: _play(window))
        return
    pen, traces = _pen_on(window)
    pen.play(traces)


def _pen_on(window: Window) -> tuple[SimulatedPen, list[Trace]]:
    """A simulated pen on the board, and what it draws there."""
    from jotsk.core.hand.simulated_pen import DEVICES
    from jotsk.demo.playing import traces_on_screen
    from jotsk.desk.board.input.simulated_pen import SimulatedPen

    window.hand.set_size(9.0)
    device, board = DEVICES["display"], window.board
    return SimulatedPen(board, device), traces_on_screen(board.view, board.devicePixelRatioF(), device)


class _Log(logging.Handler):
    """A file that starts anew when it is large, opened with the first record: what does that takes long to import."""

    def __init__(self, path: Path) -> None:
        super().__init__()
        self._path = path
        self._to: logging.Handler | None = None

    def emit(self, record: logging.LogRecord) -> None:
        if self._to is None:
            from logging.handlers import RotatingFileHandler

            try:
                self._path.parent.mkdir(parents=True, exist_ok=True)
                self._to = RotatingFileHandler(self._path, maxBytes=1 << 20, backupCount=2)
            except OSError:
                self._to = logging.StreamHandler()
            self._to.setFormatter(self.formatter)
        self._to.emit(record)


def _start_log() -> None:
    handler = _Log(state_folder() / "jotsk.log")
    handler.setFormatter(logging.Formatter("%(asctime)s %(levelname)s %(name)s: %(message)s"))
    logging.getLogger().addHandler(handler)
    logging.getLogger().setLevel(logging.INFO)


def _tell_faults(window: Window) -> None:
    """Have what nobody caught logged, and told in a sentence."""

    def unexpected(kind, value, trace):  # type: ignore[no-untyped-def]
        log.error("unexpected", exc_info=(kind, value, trace))
        window.status.tell(FAULT)

    on_failure(lambda _: hand_over(window, window.status.tell, FAULT))
    sys.excepthook = unexpected
