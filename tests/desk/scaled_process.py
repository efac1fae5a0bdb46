"""Looks at a page on a scaled screen: run by test_scaled_screen, for the scale is set before Qt starts.

Prints a line of JSON for each place looked at: how far the screen is from the page, px for px.
"""

from __future__ import annotations

import json
import math
import sys
from pathlib import Path

import numpy as np
from PySide6.QtCore import QPoint, QPointF
from PySide6.QtGui import QImage, QScreen
from PySide6.QtWidgets import QApplication, QWidget

from jotsk.core.hand import trace_from
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.page import blank_page, edits, flattened, rgba
from jotsk.desk.board.board import Board
from jotsk.desk.board.input.simulated_pen import SimulatedPen
from jotsk.desk.document.document import Document
from jotsk.desk.pens.hand import Hand
from jotsk.desk.pens.pen_library import PenLibrary
from tests.conftest import stroke_along

AT = QPoint(113, 41)  # of the board in its window: no whole px of most scaled screens


def shown(host: QWidget, board: Board) -> np.ndarray:
    """(H, W, 3) device px of the board, but for those at its edges."""
    image = host.grab().toImage().convertToFormat(QImage.Format.Format_RGB888)
    pixels = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.bytesPerLine())
    ratio = board.devicePixelRatioF()
    x, y = (math.floor(v * ratio + 0.5) for v in (AT.x(), AT.y()))
    w, h = (math.floor(v * ratio) for v in (board.width(), board.height()))
    return pixels[:, : 3 * image.width()].reshape(image.height(), image.width(), 3)[y : y + h, x : x + w].copy()


def look(host: QWidget, board: Board) -> None:
    """Tell how far what is seen is from the page."""
    while board._rest_timer.isActive():
        QApplication.processEvents()
    board.point_at(None)
    picture = shown(host, board)
    h, w = picture.shape[:2]
    x, y = board.view.to_page(0, 0)
    page = rgba(flattened(board.document.page_when_dry()))[..., :3].astype(int)
    off = int(np.abs(page[round(y) : round(y) + h, round(x) : round(x) + w] - picture).max())
    print(json.dumps({"ratio": board.devicePixelRatioF(), "size": [w, h], "corner": [x, y], "off": off}))


def draw(board: Board) -> None:
    """A stroke of the pen, and how far from its place it begins."""
    path = np.column_stack([np.linspace(60, 540, 60), np.linspace(80, 330, 60)])
    SimulatedPen(board, DEVICES["display"]).draw(drawn(path, 0.4, pressure=0.8, seed=1))
    begun = board.document.page_when_dry().active.marks.last.trace.samples[0, 1:3]
    ratio = board.devicePixelRatioF()
    print(json.dumps({"pen": math.dist(board.view.to_page(60 * ratio, 80 * ratio), begun)}))


def draw_on_a_mapped_tablet(board: Board, screen: QScreen) -> None:
    """A stroke on a tablet whose face is the screen that the window is on, and no more: from within the board to the
    left edge of the tablet, where the pen stays, and back. Told is how far its ends lie from where the screen shows
    the pen, and its leftmost place from the edge of the screen, page px."""
    face, origin = screen.geometry(), board.mapToGlobal(QPointF(0.0, 0.0))
    left = np.concatenate([np.linspace(0.3, -0.05, 40), np.linspace(-0.05, 0.3, 40)]).clip(0.0)
    on_tablet = np.column_stack([left, np.linspace(0.2, 0.35, 80)])
    on_board = on_tablet * (face.width(), face.height()) + (face.x() - origin.x(), face.y() - origin.y())
    SimulatedPen(board, DEVICES["display"]).draw(trace_from(np.linspace(0, 0.8, 80), *on_board.T, 0.7))
    line = board.document.page_when_dry().active.marks.last.trace.xy
    wanted = np.array([board.view.to_page(*place) for place in on_board * board.devicePixelRatioF()])
    off = [math.dist(line[0], wanted[0]), math.dist(line[-1], wanted[-1]), line[:, 0].min() - wanted[:, 0].min()]
    print(json.dumps({"mapped": screen.name(), "off_by": np.abs(off).tolist()}))


def board_of_lines(folder: Path) -> tuple[QWidget, Board]:
    """A board with a page of lines, in a window."""
    document = Document()
    page = blank_page(2600, 2000)
    for k in range(12):
        page = edits.with_mark(page, stroke_along([(40 + 150 * k, 60), (1900 - 140 * k, 1500)], size=3 + k))
    document.take(page, path=None, title="scaled", saved=True)
    host = QWidget()
    host.resize(1100, 740)
    board = Board(document, Hand(PenLibrary(folder)), host)
    board.shows_frames = False
    board.setGeometry(AT.x(), AT.y(), 918, 658)
    host.show()
    return host, board


def main(folder: Path) -> None:
    app = QApplication([])
    host, board = board_of_lines(folder)
    for step in range(3):
        board.zoom_to(1.0)
        board.center_on(1200 + 37 * step, 900 + 23 * step)
        look(host, board)
    draw(board)
    look(host, board)  # painted patch by patch
    for screen in app.screens()[1:]:  # and on each other one
        host.windowHandle().setScreen(screen)
        host.move(screen.geometry().topLeft() + QPoint(20, 20))
        app.processEvents()
        middle = board.view.to_page(board.width() * board.devicePixelRatioF() / 2, 0)[0]
        print(json.dumps({"moved": board.view.zoom, "to": screen.name(), "middle": middle}))
        board.zoom_to(1.0)
        look(host, board)
        draw(board)
        look(host, board)
        draw_on_a_mapped_tablet(board, screen)


if __name__ == "__main__":
    main(Path(sys.argv[1]))
