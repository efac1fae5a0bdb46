"""What leaves the window: pictures, several orders at once, and paper."""

from __future__ import annotations

import logging
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any

from jotsk.core.errors import Refused
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.document.document import Document
from jotsk.desk.inout.filing import Filing
from jotsk.desk.inout.last_folder import LastFolder
from jotsk.desk.inout.settings import Settings
from jotsk.desk.widgets.asking import ask_folder, ask_new_file, ask_whether
from jotsk.desk.widgets.modal import deleted_after

if TYPE_CHECKING:
    from PySide6.QtPrintSupport import QPrinter

    from jotsk.core.files.orders import Order

log = logging.getLogger(__name__)


class GivingOut:
    def __init__(
        self, document: Document, board: Board, filing: Filing, settings: Settings, last_folder: LastFolder,
        tell: Callable[[str], None],
    ) -> None:  # fmt: skip
        self._document, self._board, self._filing = document, board, filing
        self._settings, self._last_folder, self._tell = settings, last_folder, tell

    def ask_export(self) -> None:
        from jotsk.desk.dialogs import ExportSheet

        page, choices = self._document.page_when_dry(), self._settings.get("export/choices", {})
        with deleted_after(ExportSheet(page, self._board, choices)) as sheet:
            if not sheet.exec():
                return
            self._settings.set("export/choices", sheet.choices)
            suffix, export = sheet.suffix, sheet.export
        suggested, kind = self._last_folder.suggested(self._document, suffix), tr("Pictures (*{suffix})", suffix=suffix)
        path = ask_new_file(self._board, tr("Export"), kind, suggested, suffix)
        if path is not None:
            self._last_folder.remember(path)
            self._filing.export(path, export)

    def ask_orders(self, checked: str) -> None:
        """Write several orders at once; `checked` says what the last check of the page found."""
        from jotsk.core.files.orders import USUAL
        from jotsk.desk.dialogs import OrdersSheet

        kept, ticked = self._orders(), self._settings.get("hand over/ticked", [order.name for order in USUAL[:2]])
        found = (
            tr("The last check found {checked}.", checked=checked)
            if checked
            else tr("Check the page (F9) looks for leaks and weak lines.")
        )
        sheet = OrdersSheet(self._document.page_when_dry(), kept, ticked, found, self._board)
        with deleted_after(sheet):
            accepted = bool(sheet.exec())
            orders, chosen = sheet.orders, sheet.chosen
            self._settings.set("hand over/orders", {"orders": [order.record() for order in orders]})
            self._settings.set("hand over/ticked", sheet.names)
        if not accepted or not chosen:
            return
        folder = ask_folder(self._board, tr("Hand over to a folder"), self._last_folder.path)
        stem = self._document.path.stem if self._document.path else self._document.title
        if folder is not None and self._may_replace([order.file_of(folder, stem) for order in chosen]):
            self._filing.hand_over(folder, stem, chosen)

    def _may_replace(self, files: Sequence[Path]) -> bool:
        """Asks, if some of the files are there already."""
        there = [file.name for file in files if file.exists()]
        if not there:
            return True
        names = ", ".join(f"“{name}”" for name in there)
        return ask_whether(self._board, tr("Hand over"), tr("{names}: there already. Replace?", names=names))

    def _orders(self) -> list[Order]:
        """Those that were kept; as shipped, if they cannot be read."""
        from jotsk.core.files.orders import USUAL, orders_from

        kept: dict[str, Any] = self._settings.get("hand over/orders", {})
        try:
            return orders_from(kept["orders"]) if "orders" in kept else list(USUAL)
        except Refused:
            log.warning("the orders kept in the settings cannot be read")
            return list(USUAL)

    def ask_print(self) -> None:
        """Print through the system's dialog, at true size where the paper allows."""
        from jotsk.desk.inout.printing import ask_printer

        printer = ask_printer(self._document.page_when_dry(), self._document.title, self._board)
        if printer is not None:
            self.print_on(printer)

    def print_on(self, printer: QPrinter) -> None:
        from jotsk.desk.inout.printing import print_page

        page, title = self._document.page_when_dry(), self._document.title
        self._filing.jobs.run(
            tr("Printing {title}", title=title), lambda report: print_page(page, printer, report),
            lambda _: self._tell(tr("“{title}” went to the printer.", title=title)),
        )  # fmt: skip
