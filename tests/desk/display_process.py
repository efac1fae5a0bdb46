"""Works in the window on the display server of its environment: run by test_display_servers, a process to each.

Prints JSON: the platform, what was drawn, and what is seen of it.
"""

from __future__ import annotations

import json
import sys
from pathlib import Path

import numpy as np
from PySide6.QtGui import QGuiApplication, QImage
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.desk.app.window import Window
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.inout.settings import Settings
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts


def dark_px(window: Window) -> int:
    image = window.board.grab().toImage().convertToFormat(QImage.Format.Format_Grayscale8)
    pixels = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.bytesPerLine())
    return int((pixels[:, : image.width()] < 60).sum())


def main(folder: Path) -> None:
    app = QApplication([*ARGUMENTS])
    load_fonts()
    apply_theme(app, DAY)
    window = Window(Settings(folder / "settings.json"), RecoveryFolder(folder / "state"))
    window.resize(1280, 800)
    window.show()
    exposed = QTest.qWaitForWindowExposed(window, 20_000)
    QTest.qWait(200)
    middle = np.array([window.board.width() / 2, window.board.height() / 2])
    path = middle + np.array([[-90.0, -20.0], [90.0, 60.0]])
    SimulatedPen(window.board, DEVICES["display"]).draw(drawn(path, 0.6, pressure=[0.3, 0.9, 0.4], seed=1))
    page, inked = window.document.page_when_dry(), dark_px(window)
    window.document.undo()
    app.processEvents()
    undone = dark_px(window)
    window.resize(1100, 700)
    QTest.qWait(200)
    frame = window.board.picture.frame.shape
    ratio = window.board.devicePixelRatioF()
    window.document.redo()
    told = {
        "platform": QGuiApplication.platformName(),
        "exposed": exposed,
        "ratio": ratio,
        "strokes": len(page.active.marks),
        "dark": [inked, undone, dark_px(window)],
        "frame": [frame[1], frame[0]],
        "board": [window.board.width() * ratio, window.board.height() * ratio],
    }
    print(json.dumps(told))
    window.document.was_saved(window.document.snapshot(), folder / "x.ora")
    window.close()


if __name__ == "__main__":
    main(Path(sys.argv[1]))
