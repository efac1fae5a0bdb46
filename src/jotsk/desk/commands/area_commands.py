"""What is done to the areas of the page."""

from __future__ import annotations

from PySide6.QtCore import QObject
from PySide6.QtGui import QColor

from jotsk.core.errors import Refused
from jotsk.core.fill.flats import with_flats
from jotsk.core.fill.pour import lost_areas
from jotsk.core.marks import Area
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.pens.hand import Hand
from jotsk.desk.tools.filling.pour import Pour


class AreaCommands(QObject):
    def __init__(self, document: Document, board: Board, hand: Hand) -> None:
        super().__init__(board)
        self._document, self._board, self._hand = document, board, hand
        self._next = 0  # of the open areas

    def lay_flats(self) -> None:
        """A flat for every closed area."""
        gap = self._hand.filling.gap_px
        self._document.edit_slowly(tr("Flats"), lambda page, report: with_flats(page, gap, report=report)[0])

    def drop_ink(self, color: QColor, at: tuple[float, float]) -> None:
        """A drop of ink fell on an area."""
        self._hand.set_color((color.red(), color.green(), color.blue()))
        tool = self._board.tools["pour"]
        assert isinstance(tool, Pour)
        tool.fill(at)

    def follow_light(self, page: Page) -> None:
        """Where the page is lit from is shown beside what areas are filled with."""
        if page.light is not None and page.light.angle != self._hand.filling.light:
            self._hand.set_filling(light=page.light.angle)

    def freeze(self) -> None:
        """All areas that follow lines stay as they are."""

        def freeze(page: Page, _: object) -> Page:
            count = 0
            for layer in page.layers:
                if not isinstance(layer, InkLayer):
                    continue
                pairs = [
                    (mark, mark.frozen()) for mark in layer.marks if isinstance(mark, Area) and mark.rule is not None
                ]
                count += len(pairs)
                page = with_all_replaced(page, layer.uid, pairs) if pairs else page
            if not count:
                raise Refused(tr("No area follows its lines; pour one first."))
            return page

        self._document.edit_slowly(tr("Freeze areas"), freeze, of_lines=True)

    def go_to_open(self) -> None:
        """Show the next area whose lines are open."""
        lost = lost_areas(self._document.page_when_dry())
        if not lost:
            self._board.notify(tr("Every area of this page is closed."))
            return
        area = lost[self._next % len(lost)]
        self._next += 1
        board, ratio = self._board, self._board.devicePixelRatioF()
        middle = (area.bounds.x0 + area.bounds.x1) / 2, (area.bounds.y0 + area.bounds.y1) / 2
        x, y = board.view.to_screen(*middle)
        board.set_view(board.view.panned(board.width() * ratio / 2 - x, board.height() * ratio / 2 - y))
        board.notify(tr("%n area(s) open: the lines of this one do not close.", None, len(lost)))
