"""Refresh docs/screenshots: the main views, from the demo page, with ink by the simulated pen."""

from __future__ import annotations

import sys
import tempfile
import time
from pathlib import Path

from PySide6.QtCore import QPointF, QSettings
from PySide6.QtWidgets import QApplication

from jotsk.core.hand.simulated_pen import DEVICES
from jotsk.demo.playing import traces_on_screen
from jotsk.desk.keeping import Shelf
from jotsk.desk.simulated_pen import SimulatedPen
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import load_fonts
from jotsk.desk.window import Window

FOLDER = Path(__file__).parent.parent / "docs" / "screenshots"


def settle(app: QApplication) -> None:
    for _ in range(40):
        app.processEvents()
        time.sleep(0.01)


def main(folder: Path) -> None:
    app = QApplication(["jotsk"])
    load_fonts()
    apply_theme(app, DAY)
    scratch = Path(tempfile.mkdtemp())
    window = Window(QSettings(str(scratch / "s.ini"), QSettings.Format.IniFormat), Shelf(scratch))
    window.show()
    window.open_demo()
    while window.filing.is_busy:
        app.processEvents()

    def shoot(name: str) -> None:
        settle(app)
        window.grab().save(str(folder / f"{name}.png"), "PNG")

    shoot("first-start")
    window.hints.dismiss()
    board = window.board
    board.zoom_to(0.36, QPointF(board.width() * 0.68, 30))
    board.turn_by_degrees(-5)
    window.hand.set_size(11)
    pen = SimulatedPen(board, DEVICES["display"])
    for trace in traces_on_screen(board.view, 1.0, DEVICES["display"], count=22):
        pen.draw(trace)
    shoot("ink-day")
    window.actions_by_id["view.lamp"].trigger()
    shoot("ink-lamp")
    window.actions_by_id["view.lamp"].trigger()
    board.zoom_to(1.0)
    board.reset_turn()
    shoot("line-at-100")
    board.zoom_to(4.0)
    shoot("line-at-400")
    window.show_stage(STAGES["sketch"])
    board.fit()
    shoot("sketch-day")
    window.actions_by_id["view.bare"].trigger()
    shoot("bare-board")


if __name__ == "__main__":
    main(Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER)
