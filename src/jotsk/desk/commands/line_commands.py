"""What is done to the lines at work by a command, or asked for in a sheet."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from PySide6.QtCore import QObject

from jotsk.core.errors import Refused
from jotsk.core.ink import pen_by_id
from jotsk.core.ink.motifs import shape_from
from jotsk.core.ink.pen_fields import MOST_LINES
from jotsk.core.marks import Stroke
from jotsk.core.mend import splice, whole
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.document.selection import NO_LINE
from jotsk.desk.pens.hand import Hand
from jotsk.desk.tools.mending.move_lines import MoveLines
from jotsk.desk.tools.mending.points import Points
from jotsk.desk.widgets.asking import ask_number, ask_text
from jotsk.desk.widgets.modal import deleted_after

LIGHTEST, HEAVIEST = 10.0, 1000.0  # % of the line weights of a page


class LineCommands(QObject):
    def __init__(self, document: Document, board: Board, hand: Hand) -> None:
        super().__init__(board)
        self._document, self._board, self._hand = document, board, hand
        move, points = board.tools["move_lines"], board.tools["points"]
        assert isinstance(move, MoveLines) and isinstance(points, Points)
        self.move, self.points = move, points

    def give_tries_back(self) -> None:
        def give_back(page: Page, lines: list[Stroke], uid: int) -> tuple[Page, int]:
            return splice.unspliced(page, lines, uid)

        self._document.selection.mend_lines(
            tr("Give the tries back"), give_back, tr("None of these lines was spliced; choose one that was.")
        )

    def move_again(self) -> None:
        self.move.again()

    def simplify(self) -> None:
        self.points.simplify()

    def ask_motif(self) -> None:
        """A pen whose motif is the lines at work, taken up."""
        lines = [
            line.own_ribbon.points[start:stop].astype(np.float64)
            for line in self._document.selection.at_work
            for start, stop in line.own_ribbon.pieces
            if stop - start > 1
        ]
        if not lines:
            self._document.refused.emit(NO_LINE)
            return
        if len(lines) > MOST_LINES:
            self._document.refused.emit(
                tr("A motif is made of at most {most_lines} lines; choose fewer.", most_lines=MOST_LINES)
            )
            return
        name = ask_text(self._board, tr("Motif of the lines"), tr("Name of the pen"), tr("My motif"))
        if name:
            motif = replace(pen_by_id("motif-wave"), motif="own", motif_shape=shape_from(lines), tags=("figure",))
            thick = max(float(line[:, 2].max()) for line in lines)
            high = max(float(line[:, 1].max()) for line in lines) - min(float(line[:, 1].min()) for line in lines)
            share = min(1.0, max(0.005, 2 * thick / max(high, 1.0)))
            wide = max(float(line[:, 0].max()) for line in lines) - min(float(line[:, 0].min()) for line in lines)
            spacing = min(50.0, max(0.05, wide / max(high, 1.0)))
            pen = replace(motif, size_px=min(500.0, max(4.0, high)), motif_line=share, motif_spacing=spacing)
            try:
                self._hand.take(self._hand.library.put_as_new(pen, name))
            except Refused as error:
                self._document.refused.emit(str(error))

    def ask_recast(self) -> None:
        lines = self._document.selection.at_work
        if not lines:
            self._document.refused.emit(NO_LINE)
            return
        from jotsk.desk.dialogs.recast_sheet import RecastSheet  # loaded when it is asked for first

        sheet = RecastSheet(lines, self._hand, self._board)
        with deleted_after(sheet):
            if sheet.exec():
                self._document.selection.mend(tr("Recast the line"), sheet.asked())

    def ask_line_weights(self) -> None:
        """How many times as thick the lines of the whole page become."""
        what, why = tr("Line weights of the page"), tr("All lines become, in % of their weight")
        percent = ask_number(self._board, what, why, 100.0, LIGHTEST, HEAVIEST, 1)
        if percent is not None and percent != 100.0:
            self._document.edit_slowly(
                tr("Line weights of the page"),
                lambda page, report: whole.line_weights_scaled(page, percent / 100, report)[0],
            )
