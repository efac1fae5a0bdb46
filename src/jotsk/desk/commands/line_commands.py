"""What is done to the lines at work by a command, or asked for in a sheet."""

from __future__ import annotations

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QInputDialog

from jotsk.core.marks import Stroke
from jotsk.core.mend import splice, whole
from jotsk.core.page import Page
from jotsk.desk.board.board import Board
from jotsk.desk.dialogs.recast_sheet import RecastSheet
from jotsk.desk.document.document import Document
from jotsk.desk.document.selection import NO_LINE
from jotsk.desk.pens.hand import Hand
from jotsk.desk.tools.mending.move_lines import MoveLines
from jotsk.desk.tools.mending.points import Points
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
            "Give the tries back", give_back, "None of these lines was spliced; choose one that was."
        )

    def move_again(self) -> None:
        self.move.again()

    def simplify(self) -> None:
        self.points.simplify()

    def ask_recast(self) -> None:
        lines = self._document.selection.at_work
        if not lines:
            self._document.refused.emit(NO_LINE)
            return
        sheet = RecastSheet(lines, self._hand, self._board)
        with deleted_after(sheet):
            if sheet.exec():
                self._document.selection.mend("Recast the line", sheet.change)

    def ask_line_weights(self) -> None:
        """How many times as thick the lines of the whole page become."""
        percent, accepted = QInputDialog.getDouble(
            self._board, "Line weights of the page", "All lines become, in % of their weight",
            100.0, LIGHTEST, HEAVIEST, 1,
        )  # fmt: skip
        if accepted and percent != 100.0:
            self._document.edit_slowly(
                "Line weights of the page",
                lambda page, report: whole.line_weights_scaled(page, percent / 100, report)[0],
            )
