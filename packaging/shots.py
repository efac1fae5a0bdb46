"""Refresh docs/screenshots: the main views, from the demo page, with ink by the simulated pen."""

from __future__ import annotations

import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtWidgets import QApplication
from real_motions import draw as draw_real_motions

from jotsk.core.hand.simulated_pen import DEVICES, Hand, drawn, smooth_path
from jotsk.core.ink import SHIPPED
from jotsk.demo.playing import traces_on_screen
from jotsk.desk.app.window import Window
from jotsk.desk.board.board import Board
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.dialogs import ExportSheet, FeelPad, MilestoneSheet, NewPage, PenMaker
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.inout.settings import Settings
from jotsk.desk.pens.hand import BLACK
from jotsk.desk.pens.hand import Hand as DeskHand
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import load_fonts

FOLDER = Path(__file__).parent.parent / "docs" / "screenshots"


def settle(app: QApplication) -> None:
    for _ in range(40):
        app.processEvents()
        time.sleep(0.01)


def waves(pad: Board, pens: list[str], *, left: float = 60, width: float = 420, step: float = 105) -> None:
    """A wave by each pen on a scratch pad."""
    hand = pad.hand
    pen = SimulatedPen(pad, DEVICES["display"])
    share = np.linspace(0, 1, 100)
    for k, pen_id in enumerate(pens):
        hand.pen = hand.library.pen(pen_id)
        path = np.column_stack([left + width * share, 70 + step * k + 30 * np.sin(7 * share + k)])
        pen.draw(drawn(path, 0.8, pressure=[0.1, 0.9, 0.5, 0.1], seed=k))


def sheets(window: Window, folder: Path, app: QApplication) -> None:
    """The pen maker, the feel pad, the colours, and every pen on one sheet."""
    maker = PenMaker(window.hand, window.board)
    maker.show()
    settle(app)
    waves(maker.pad, ["quill-nib", "brush-pen", "dry-brush", "charcoal", "marker"])
    maker.show_pen(window.hand.library.pen("dry-brush"))
    settle(app)
    maker.grab().save(str(folder / "pen-maker.png"), "PNG")
    maker.close()

    feel = FeelPad(window.hand, window.board)
    feel.show()
    settle(app)
    pen = SimulatedPen(feel.pad, DEVICES["display"])
    share = np.linspace(0, 1, 300)
    for k, (touch, force) in enumerate((("light", 0.15), ("normal", 0.35), ("hard", 0.7))):
        feel.choose(touch)
        for row in (2 * k, 2 * k + 1):
            path = np.column_stack([40 + 440 * share, 50 + 62 * row + 20 * np.sin(40 * share)])
            pen.draw(drawn(path, 1.6, pressure=[0.02, force, force, 0.02], hand=Hand(0.5, 0.04), seed=row))
    feel.fit()
    settle(app)
    feel.grab().save(str(folder / "feel-pad.png"), "PNG")
    feel.close()

    window.show_colors()
    for color in ((30, 90, 140), (40, 110, 80), (134, 44, 36)):
        window.hand.set_color(color)
        window.hand.used_color(color)
    settle(app)
    window.colors.grab().save(str(folder / "ink-colours.png"), "PNG")
    window.colors.close()
    window.hand.set_color(BLACK)

    trial = DeskHand(window.hand.library)
    sheet = ScratchPad(trial)
    sheet.resize(1180, 800)
    sheet.show()
    settle(app)
    pens = [p.id for p in SHIPPED if not p.rubs and p.own_color is None and not p.id.startswith("technical")]
    half = (len(pens) + 1) // 2
    waves(sheet, pens[:half], width=480, step=80)
    waves(sheet, pens[half:], left=630, width=480, step=80)
    settle(app)
    sheet.grab().save(str(folder / "pens.png"), "PNG")
    sheet.close()


def page_sheets(window: Window, folder: Path, app: QApplication) -> None:
    """New page, export and milestones."""
    new = NewPage(window.board)
    new.sizes.setCurrentText("Comic book")
    export = ExportSheet(window.document.page_when_dry(), window.board)
    export.kind.setCurrentIndex(export.kind.findData("tiff"))
    export.color.setCurrentIndex(export.color.findData("bits"))
    export.view.middle = (0.45, 0.33)
    export.layers.item(export.layers.count() - 1).setCheckState(Qt.CheckState.Unchecked)
    milestones = MilestoneSheet(window.pages.milestones, window.document, window.board)
    milestones.show()
    settle(app)
    milestones.list.setCurrentRow(milestones.list.count() - 1)
    for sheet, name in ((new, "new-page"), (export, "export"), (milestones, "milestones")):
        sheet.show()
        settle(app)
        sheet.grab().save(str(folder / f"{name}.png"), "PNG")
        sheet.close()


def guides(window: Window, shoot: Callable[[str], None]) -> None:
    """Perspective on panel one, symmetry on panel two, and a drafted line beside a shape that settled."""
    board, keys = window.board, window.hold_keys
    pen = SimulatedPen(board, DEVICES["display"])

    def draw(path: np.ndarray, *, last: bool = True) -> None:
        places = np.array([board.view.to_screen(x, y) for x, y in path])
        trace = drawn(places, 1.0, pressure=[0.2, 0.9, 0.4], seed=3)
        for _, event in list(pen._events_of(trace))[: None if last else -1]:
            QApplication.sendEvent(board, event)

    window.guides._switch(0, "on")
    board.guiding.select(0)
    board.zoom_to(0.42)
    board.center_on(825, 925)
    keys.switch("guide.place")
    shoot("guides-perspective")
    keys.switch("guide.place")
    window.guides._switch(0, "on")
    window.guides._switch(0, "shown")
    window.guides._switch(1, "on")
    board.zoom_to(0.6)
    board.center_on(1940, 700)
    for path in (
        [(1965, 455), (2062, 510), (2098, 640), (2076, 770), (2012, 860), (1940, 884)],
        [(2010, 560), (2035, 540), (2075, 556)], [(1940, 752), (1968, 756), (2000, 746)],
    ):  # fmt: skip
        draw(smooth_path(path))
    shoot("guides-mirror")
    window.guides._switch(1, "on")
    window.guides._switch(1, "shown")
    board.center_on(1940, 1150)
    window.hand.settles_after_s = 0.3
    turn = np.linspace(0, 2 * np.pi, 200)
    draw(np.column_stack([1940 + 52 * 2 * np.cos(turn), 1220 + 46 * 2 * np.sin(turn)]), last=False)
    while board.session is not None and board.session.shape is None:
        QApplication.processEvents()
    board._release(QPointF(float("nan"), 0.0), 0.0)
    board.settler.set_bending(True)
    shoot("settled-shape")
    board.settler.accept()
    keys.switch("hand.draft")
    for k, at in enumerate(((1700, 1480), (1760, 1180), (1880, 1010), (2040, 1030), (2150, 1240), (2190, 1480))):
        board.drafting.press(at, board.view.zoom)
        board.drafting.release()
        if k == 4:
            board.ink_draft()
    shoot("drafted-line")
    keys.switch("hand.draft")


def mend(window: Window, shoot: Callable[[str], None]) -> None:
    """Locks of hair that overshoot, one of them snipped, with the swipe for the next under the pen."""
    board = window.board
    window.show_stage(STAGES["ink"])
    window.hand.set_size(14)
    pen = SimulatedPen(board, DEVICES["display"])
    for k in range(5):
        path = np.array([(430 + 24 * k, 150), (400 + 30 * k, 260), (440 + 34 * k, 380), (420 + 40 * k, 500)], float)
        pen.draw(drawn(smooth_path(path), 0.7, pressure=[0.2, 0.9, 0.7, 0.3], seed=k))
    pen.draw(drawn(smooth_path(np.array([(360, 420), (500, 455), (660, 400)], float)), 0.7, pressure=0.8, seed=9))
    window.show_stage(STAGES["mend"])
    window.hold_keys.turn_on("mend.snip")
    pen.draw(drawn(np.array([(400, 480), (520, 490)], float), 0.3, pressure=0.5, seed=3))
    while window.filing.jobs.is_busy:
        QApplication.processEvents()
    board.point_at(QPointF(545, 490))
    shoot("mend-day")
    window.hold_keys.back_to_drawing()


def main(folder: Path) -> None:
    app = QApplication(["jotsk"])
    load_fonts()
    apply_theme(app, DAY)
    scratch = Path(tempfile.mkdtemp())
    window = Window(Settings(scratch / "settings.json"), RecoveryFolder(scratch))
    window.show()
    window.pages.open_demo()
    while window.filing.jobs.is_busy:
        app.processEvents()

    def shoot(name: str) -> None:
        settle(app)
        window.grab().save(str(folder / f"{name}.png"), "PNG")

    window.hints.dismiss()
    window.pages.milestones.keep("Sketch approved")
    settle(app)
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
    board.zoom_to(0.36, QPointF(board.width() * 0.68, 30))
    board.fit()
    sheets(window, folder, app)
    window.pages.milestones.keep()
    window.filing.save(scratch / "gull-and-lantern.ora")
    while window.filing.jobs.is_busy:
        app.processEvents()
    settle(app)
    page_sheets(window, folder, app)
    board.zoom_to(0.5)
    board.turn_by_degrees(30)
    for entry in ("view.overview", "view.history"):
        window.actions_by_id[entry].trigger()
    shoot("history-and-overview")
    board.reset_turn()
    for entry in ("view.overview", "view.history"):
        window.actions_by_id[entry].trigger()
    window.show_stage(STAGES["sketch"])
    board.fit()
    shoot("sketch-day")
    mend(window, shoot)
    window.show_stage(STAGES["ink"])
    guides(window, shoot)
    window.close()
    draw_real_motions(folder / "real-motions.png")


if __name__ == "__main__":
    main(Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER)
