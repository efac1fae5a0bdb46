"""Refresh docs/screenshots: the main views, from the demo page, with ink by the simulated pen."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from dataclasses import replace
from datetime import datetime, timedelta
from itertools import pairwise
from pathlib import Path

import numpy as np
from PySide6.QtCore import QPoint, QPointF, QRect, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPixmap
from PySide6.QtWidgets import QApplication
from real_motions import draw as draw_real_motions

from jotsk.core.check.practice import diary
from jotsk.core.check.practice.figures import measured
from jotsk.core.check.practice.sheets import DPI as SHEET_DPI
from jotsk.core.check.practice.sheets import sheet_of
from jotsk.core.check.practice.simulated import SKILLS, drawn_sheet
from jotsk.core.check.proposal import proposals
from jotsk.core.files.orders import USUAL
from jotsk.core.hand import Trace
from jotsk.core.hand.simulated_pen import DEVICES, Hand, drawn, smooth_path
from jotsk.core.ink import SHIPPED
from jotsk.core.mend import over_under, snip
from jotsk.demo.playing import traces_on_screen
from jotsk.desk.app.settings_room import settings_sheet
from jotsk.desk.app.window import Window
from jotsk.desk.board.board import Board
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.dialogs import ExportSheet, FeelPad, OrdersSheet, PenMaker
from jotsk.desk.dialogs.heat_sheet import HeatSheet, heat_of
from jotsk.desk.dialogs.manual import Manual
from jotsk.desk.dialogs.mend_sheet import SHARPER, SIDE_PX, MendSheet
from jotsk.desk.dialogs.practice_sheet import PracticeSheet
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.inout.settings import Settings
from jotsk.desk.pens.hand import BLACK
from jotsk.desk.pens.hand import Hand as DeskHand
from jotsk.desk.recovery.recovery_folder import RecoveryFolder
from jotsk.desk.stages import BY_ID as STAGES
from jotsk.desk.theme import DAY, apply_theme
from jotsk.desk.theme.style import ARGUMENTS, load_fonts
from jotsk.desk.widgets.drawn_beside import DRAWN

FOLDER = Path(__file__).parent.parent / "docs" / "screenshots"

FEWEST_WAITS, MOST_WAITS = 40, 1_000
AGAIN_SHARE = 0.6  # of the drawing, when it is looked at while it is drawn again


def settle(app: QApplication) -> None:
    for k in range(MOST_WAITS):
        app.processEvents()
        time.sleep(0.01)
        if k >= FEWEST_WAITS and not DRAWN.is_at_work:
            break


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
    """The pen maker, the feel pad, and every pen on one sheet."""
    maker = PenMaker(window.hand, window.board)
    maker.show()
    settle(app)
    waves(maker.pad, ["brush-pen"], left=110)
    waves(maker.pad, ["dry-brush"], left=560, width=360)
    maker.show_pen(window.hand.library.pen("quill-nib"))
    maker.change(size_px=24.0)
    seen = []
    for _ in ("day", "lamp light"):
        while not maker.specimen.is_inked:
            settle(app)
        settle(app)
        seen.append(maker.grab())
        window.actions_by_id["view.lamp"].trigger()
    below_each_other(folder / "pen-maker.png", seen)
    maker.drop.click()
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

    trial = DeskHand(window.hand.library)
    sheet = ScratchPad(trial)
    sheet.resize(1180, 800)
    sheet.show()
    settle(app)
    pens = [p.id for p in SHIPPED if not p.rubs and p.own_color is None and not p.id.startswith("technical")]
    third = -(-len(pens) // 3)
    for column in range(3):
        waves(sheet, pens[column * third : (column + 1) * third], left=40 + 380 * column, width=320, step=72)
    settle(app)
    sheet.grab().save(str(folder / "pens.png"), "PNG")
    sheet.close()


def below_each_other(path: Path, pictures: list[QPixmap]) -> None:
    """Several views in one file."""
    whole = QImage(max(p.width() for p in pictures), sum(p.height() for p in pictures), QImage.Format.Format_RGB32)
    whole.fill(QColor(DAY.board))
    painter, y = QPainter(whole), 0
    for picture in pictures:
        painter.drawPixmap(0, y, picture)
        y += picture.height()
    painter.end()
    whole.save(str(path), "PNG")


def page_sheets(window: Window, folder: Path, app: QApplication) -> None:
    """Export, handing over, and the drawing while it is drawn again."""
    export = ExportSheet(window.document.page_when_dry(), window.board)
    export.kind.setCurrentIndex(export.kind.findData("tiff"))
    export.color.setCurrentIndex(export.color.findData("bits"))
    export.view.middle = (0.45, 0.33)
    export.layers.item(export.layers.count() - 1).setCheckState(Qt.CheckState.Unchecked)
    orders = OrdersSheet(window.document.page_when_dry(), USUAL, [order.name for order in USUAL[:3]], "", window.board)
    seen = []
    for sheet in (export, orders):
        sheet.show()
        settle(app)
        while orders.isVisible() and orders.is_drawing:
            settle(app)
        seen.append(sheet.grab())
        sheet.close()
    window.show_stage(STAGES["hand-over"])
    while window.filing.jobs.is_busy:  # the page is checked
        settle(app)
    window.actions_by_id["page.drawn_again"].trigger()
    again = window.board.tools["drawn_again"]
    again.set_speed(256)
    while again.now_s < AGAIN_SHARE * again.whole_s:
        app.processEvents()
    again.pause(True)
    settle(app)
    seen.append(window.grab())
    again.drop()
    window.show_stage(STAGES["ink"])
    settle(app)
    below_each_other(folder / "hand-over.png", seen)


def room(window: Window, folder: Path, app: QApplication) -> None:
    """The settings, and the manual."""
    settings, manual = settings_sheet(window), Manual("mending", window.board)
    seen = []
    for sheet in (settings, manual):
        sheet.show()
        settle(app)
        while manual.text.is_loading:
            settle(app)
        seen.append(sheet.grab())
        sheet.close()
    below_each_other(folder / "settings-and-manual.png", seen)


def guides(window: Window, shoot: Callable[[str], None], folder: Path) -> None:
    """Perspective on panel one, symmetry on panel two, and a drafted line beside a shape that settled."""
    seen = []
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
    settle(QApplication.instance())
    seen.append(window.grab())
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
    settle(QApplication.instance())
    seen.append(window.grab())
    below_each_other(folder / "guides.png", seen)
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
    keys.switch("hand.draft")


def mend(window: Window, shoot: Callable[[str], None], folder: Path) -> None:
    """The hair of panel two with the swipe of a snip under the pen; then each tool at work, side by side."""
    board, document = window.board, window.document
    hair = next(layer for layer in document.page_when_dry().layers if layer.name == "Hair")
    document.activate(hair.uid)
    window.show_stage(STAGES["mend"])
    look_at(board, (1940, 760), 0.75)
    window.hold_keys.turn_on("mend.snip")
    swipe = [board.view.to_screen(*place) for place in ((2085, 948), (2225, 896))]
    press = [QPointF(*place) / board.devicePixelRatioF() for place in swipe]
    board.tools["snip"].press(press[0], 0.0, 0.5, True)
    for share in np.linspace(0.1, 1.0, 12):
        board.tools["snip"].move(press[0] + (press[1] - press[0]) * share, 10 * share, 0.5, 0, 0)
    board.point_at(press[1])
    shoot("mend-day")
    board.tools["snip"].cancel()
    tools_at_work(window, folder)
    window.hold_keys.back_to_drawing()


def look_at(board: Board, middle: tuple[float, float], zoom: float) -> None:
    view = replace(board.view, zoom=zoom)
    x, y = view.to_screen(*middle)
    ratio = board.devicePixelRatioF()
    board.set_view(view.panned(board.width() * ratio / 2 - x, board.height() * ratio / 2 - y))


PART = QSize(420, 300)
AT_WORK = (  # tool, layer, what is looked at, zoom, the way of the pen, settings
    ("grow", "Hair", (2160, 890), 1.6, ((2176, 893), (2190, 930)), {}),
    ("join", "Hair", (1800, 640), 1.3, ((1774, 690), (1800, 640)), {"reach_px": 50}),
    ("splice", "Hair", (2080, 660), 1.0, ((2116, 520), (2116, 600), (2060, 770), (1960, 834)), {"reach_px": 30}),
    ("weigh", "Boot", (1490, 2480), 0.55, ((1490, 2300), (1480, 2500), (1456, 2700)), {"amount": 1.8, "reach_px": 120}),
    ("push", "Boot", (2060, 2800), 0.6, ((2150, 2780), (2230, 2760)), {"reach_px": 160}),
    ("points", "Boot", (2000, 2700), 0.5, (), {"tolerance_px": 3}),
    ("move_lines", "Boot", (1800, 2200), 0.42, (), {"frame": "mesh"}),
    ("over", "Boot", (1776, 2130), 1.0, (), {}),
)


def tools_at_work(window: Window, folder: Path) -> None:
    """One picture of them all: each as it is while the pen is down."""
    app, board, document = QApplication.instance(), window.board, window.document
    sheet = QImage(PART.width() * 4, PART.height() * 2, QImage.Format.Format_RGB32)
    painter = QPainter(sheet)
    for number, (tool, name, middle, zoom, way, values) in enumerate(AT_WORK):
        layer = next(layer for layer in document.page_when_dry().layers if layer.name == name)
        document.activate(layer.uid)
        window.hand.set_mending(**values)
        window.hold_keys.back_to_drawing()
        window.hold_keys.turn_on(board.tools[tool].action)
        look_at(board, middle, zoom)
        if tool == "grow":
            page, _ = snip.snipped(document.page_when_dry(), [(2085, 948), (2225, 896)])
            document.step(page, "Snip")
        marks = list(document.page_when_dry().active.marks)
        if tool == "points":
            document.selection.choose([marks[2]])
        elif tool == "move_lines":
            document.selection.choose([mark for mark in marks if mark.pen.cord])
            moving = board.tools[tool]
            grid = moving._grid_of(moving.frame)
            way = (tuple(grid[1, 2]), tuple(grid[1, 2] + (90, -60)))
        elif tool == "over":
            page, _ = over_under.turned(document.page_when_dry(), (1790, 2138), 6.0)
            document.step(page, "Over or under")
        places = [QPointF(*board.view.to_screen(*place)) / board.devicePixelRatioF() for place in way]
        if places:
            board.tools[tool].press(places[0], 0.0, 0.8, True)
            for k, (a, b) in enumerate(pairwise(places)):
                for share in np.linspace(0.1, 1, 8):
                    board.tools[tool].move(a + (b - a) * share, 100.0 * k + 80 * share, 0.8, 0, 0)
            board.point_at(places[-1])
        board._clear_notice()
        settle(app)
        seen = board.grab()
        x, y = (seen.width() - PART.width()) // 2, (seen.height() - PART.height()) // 2
        corner = QPoint(PART.width() * (number % 4), PART.height() * (number // 4))
        painter.drawPixmap(corner, seen, QRect(QPoint(x, y), PART))
        painter.setPen(QPen(QColor("#B9AE9C"), 1))
        painter.drawRect(QRect(corner, PART))
        if places:
            board.tools[tool].cancel()
        document.selection.choose(())
        window.hand.set_mending(frame="whole")
    painter.end()
    sheet.save(str(folder / "mending-tools.png"), "PNG")


def fill(window: Window, shoot: Callable[[str], None]) -> None:
    """The street in flats, and the keeper's face just poured."""
    board, document = window.board, window.document
    window.show_stage(STAGES["fill"])
    window.hold_keys.turn_on("fill.pour")
    look_at(board, (1330, 900), 0.46)
    keeper = next(layer for layer in document.page_when_dry().layers if layer.name == "Hair")
    document.activate(keeper.uid)
    window.hand.set_color((238, 205, 180))
    for x, y in ((1940, 700),):
        place = QPointF(*board.view.to_screen(x, y)) / board.devicePixelRatioF()
        board.tools["pour"].press(place, 0.0, 1.0, False)
        board.tools["pour"].release(place, 10.0)
        while window.filing.jobs.is_busy:
            QApplication.processEvents()
    board.point_at(place)
    shoot("fill-day")
    window.hold_keys.back_to_drawing()


def check(window: Window, folder: Path, app: QApplication) -> None:
    """A leak of the page, walked to; how all leaks would be mended; and its weights as a heat picture."""
    window.show_stage(STAGES["check"])
    window.document.checks.run()
    while window.filing.jobs.is_busy or not window.document.checks.findings:
        QApplication.processEvents()
        time.sleep(0.01)
    window.document.checks.step(2)
    settle(app)
    mendable = [finding for finding in window.document.checks.alike if finding.mend is not None]
    sheet = MendSheet(proposals(window.document.page_when_dry(), mendable, SHARPER * SIDE_PX), window.board)
    sheet.show()
    heat = HeatSheet(heat_of(window.document.page_when_dry()), window.board)
    heat.show()
    settle(app)
    below_each_other(folder / "check-day.png", [window.grab(), sheet.grab(), heat.grab()])
    sheet.close()
    heat.close()
    window.document.checks.put_away()


HALF = QSize(640, 428)


def practice(window: Window, folder: Path, app: QApplication) -> None:
    """A sheet half done; below it how the hand does over days, and the page turned for the next line."""
    board = window.board
    diary.append(window.practice.path, days_of_practice())
    window.pages.open_sheet("lines", "medium")
    window.hand.take(window.hand.library.pen("quill-nib"))
    window.hand.set_color(BLACK)
    window.hand.set_size(20)
    settle(app)
    pen = SimulatedPen(board, DEVICES["display"])
    for each in drawn_sheet(sheet_of("lines"), SKILLS["practised"], SHEET_DPI)[:19]:
        samples = each.trace.samples.copy()
        samples[:, 1:3] = [board.view.to_screen(x, y) for x, y in each.trace.xy]
        pen.draw(Trace(samples))
    settle(app)
    sheet = QImage(1280, 800 + HALF.height(), QImage.Format.Format_RGB32)
    painter = QPainter(sheet)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.drawPixmap(0, 0, window.grab())
    hand = PracticeSheet(window.practice, board)
    hand.show()
    settle(app)
    painter.drawPixmap(QRect(QPoint(0, 800), HALF), hand.grab())
    hand.close()
    window.actions_by_id["view.turn_for_line"].trigger()
    settle(app)
    painter.drawPixmap(QRect(QPoint(HALF.width(), 800), HALF), board.grab())
    painter.end()
    sheet.save(str(folder / "practice.png"), "PNG")
    window.actions_by_id["view.turn_for_line"].trigger()


def days_of_practice() -> list[diary.Entry]:
    """Made up: twelve mornings of a hand that grows steadier, and is steadiest towards itself; every other line with
    steadiness."""
    entries = []
    for day in range(12):
        for kind in ("lines", "hatching"):
            sheet = sheet_of(kind)
            for number, each in enumerate(drawn_sheet(sheet, SKILLS["practised"], SHEET_DPI, seed=day)[:32]):
                found = measured(sheet.tasks[each.task], each.trace, SHEET_DPI)
                better = (1 - 0.05 * day) * (0.6 + 0.4 * abs(np.sin(np.radians(found.direction - 225) / 2)))
                is_steadied = number // 8 % 2 == 0
                better *= 0.85 if is_steadied else 1.0
                found = replace(found, off=found.off * better, wobble=found.wobble * better)
                time = datetime.now() - timedelta(days=int(1.7 * (12 - day)))
                entries.append(diary.Entry(time, kind, "medium", is_steadied, found))
    return entries


def other_languages(folder: Path, scratch: Path) -> None:
    """The window in German and Japanese, each by a process of its own: the language is chosen at the start."""
    pictures = []
    for code in ("de", "ja"):
        path = scratch / f"{code}.png"
        command = [str(Path(sys.executable).parent / "jotsk"), "demo", "--shot", str(path)]
        home = {"XDG_CONFIG_HOME": str(scratch), "XDG_STATE_HOME": str(scratch)}
        subprocess.run(command, env={**os.environ, **home, "LANGUAGE": code, "LANG": "C.UTF-8"}, check=True)
        pictures.append(QPixmap(str(path)))
    below_each_other(folder / "languages.png", pictures)


def main(folder: Path) -> None:
    app = QApplication([*ARGUMENTS])
    load_fonts()
    apply_theme(app, DAY)
    scratch = Path(tempfile.mkdtemp())
    window = Window(Settings(scratch / "settings.json"), RecoveryFolder(scratch))
    window.show()
    window.pages.open_demo()
    while window.filing.jobs.is_busy:
        app.processEvents()

    def shoot(name: str) -> None:
        while window.filing.jobs.is_busy:
            app.processEvents()
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
    board.zoom_to(4.0)
    board.reset_turn()
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
    room(window, folder, app)
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
    check(window, folder, app)
    fill(window, shoot)
    mend(window, shoot, folder)
    window.show_stage(STAGES["ink"])
    guides(window, shoot, folder)
    practice(window, folder, app)
    window.close()
    other_languages(folder, scratch)
    draw_real_motions(folder / "real-motions.png")


if __name__ == "__main__":
    main(Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER)
