"""Sheets about the hand and the room: they are loaded when they are opened first, not at the start."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress
from functools import partial
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, QPoint

from jotsk.core.ink import Pen
from jotsk.core.json_text import BAD_RECORD
from jotsk.core.marks.record import pen_from, pen_record
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.inout.settings import Settings
from jotsk.desk.key_map import KeyMap
from jotsk.desk.pens.hand import Hand
from jotsk.desk.pens.palette import DeskPalette
from jotsk.desk.pens.pressure_curves import write_pressure_curves
from jotsk.desk.widgets.modal import deleted_after, turn_of_the_loop

if TYPE_CHECKING:
    from jotsk.core.check.finding import Finding
    from jotsk.core.check.proposal import Proposal
    from jotsk.desk.dialogs import InkColors, PenMaker
    from jotsk.desk.dialogs.heat_sheet import Heat


DRAFTS = "pens/drafts"


def _drafts_in(records: dict[str, Any]) -> dict[str, Pen]:
    """Those that make sense."""
    found = {}
    for pen_id, record in records.items():
        with suppress(*BAD_RECORD):
            found[pen_id] = pen_from(record)
    return found


class Sheets(QObject):
    def __init__(
        self, document: Document, board: Board, hand: Hand, palette: DeskPalette, keys: KeyMap, settings: Settings,
        tell: Callable[[str], None],
    ) -> None:  # fmt: skip
        super().__init__(board)
        self._document, self._board, self._hand, self._palette = document, board, hand, palette
        self._keys, self._settings, self._tell = keys, settings, tell
        self.colors: InkColors | None = None
        self.maker: PenMaker | None = None

    def show_maker(self, pen: Pen | None = None) -> None:
        """The pen maker, on a pen or the one in the hand; the roll stays where it is, beside it."""
        if self.maker is None:
            from jotsk.desk.dialogs import PenMaker

            self.maker = PenMaker(self._hand, self._board, _drafts_in(self._settings.get(DRAFTS, {})))
            self.maker.left.connect(self.keep_drafts)
            turn_of_the_loop()
            self.maker.move(self._board.mapToGlobal(QPoint(0, 0)))
        if not self.maker.isVisible():
            self.maker.show_pen(pen or self._hand.pen)
        self.maker.show()
        self.maker.raise_()
        self.maker.activateWindow()

    def keep_drafts(self) -> None:
        """Pens that were changed and not kept, for the next time the maker is opened."""
        if self.maker is not None:
            self._settings.set(DRAFTS, {pen_id: pen_record(pen) for pen_id, pen in self.maker.drafts.items()})

    def show_colors(self) -> None:
        """The colours, in a sheet that stays beside the page."""
        if self.colors is None:
            from jotsk.desk.dialogs import InkColors

            self.colors = InkColors(self._hand, self._palette, self._board)
            turn_of_the_loop()
        self.colors.show()
        self.colors.raise_()

    def show_feel(self) -> None:
        """Fit the pressure of a device to the hand, and remember it."""
        from jotsk.desk.dialogs import FeelPad

        with deleted_after(FeelPad(self._hand, self._board, self._board.device_name)) as pad:
            if pad.exec() and pad.device:
                self._hand.feels[pad.device] = pad.curve
                write_pressure_curves(self._settings, self._hand.feels)
                self._tell(tr("The feel of “{device}” is kept.", device=pad.device))

    def show_keys(self) -> None:
        from jotsk.desk.dialogs import KeySheet

        with deleted_after(KeySheet(self._keys, self._board)) as sheet:
            sheet.exec()

    def show_mends(self, findings: list[Finding]) -> None:
        """What mending would do to each of some findings; then mend those that are chosen."""
        from jotsk.core.check.proposal import proposals
        from jotsk.desk.dialogs.mend_sheet import SHARPER, SIDE_PX, MendSheet

        page_for_job = self._document.page_for_job()

        def work(progress: Callable[[float], None]) -> list[Proposal]:
            return proposals(page_for_job(progress), findings, SHARPER * SIDE_PX, progress)

        def show(found: list[Proposal]) -> None:
            with deleted_after(MendSheet(found, self._board)) as sheet:
                if sheet.exec() and sheet.chosen:
                    self._document.checks.mend_these(sheet.chosen)

        self._document.looked_at.emit(tr("Working out what mending would do"), work, show)

    def show_heat(self) -> None:
        """The page as a picture of line weight."""
        from jotsk.desk.dialogs.heat_sheet import HeatSheet, heat_of

        def show(heat: Heat) -> None:
            with deleted_after(HeatSheet(heat, self._board)) as sheet:
                sheet.exec()

        page = self._document.page_when_dry()
        self._document.looked_at.emit(tr("Finding the lines"), partial(heat_of, page), show)
