"""The page at print size, on the screen it is seen on."""

from __future__ import annotations

from collections.abc import Callable

from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.inout.settings import Settings
from jotsk.desk.widgets.modal import deleted_after


class PrintSize:
    """Each screen is measured for itself; `tell` says a sentence in passing."""

    def __init__(self, board: Board, settings: Settings, tell: Callable[[str], None]) -> None:
        self._board, self._settings, self._tell = board, settings, tell

    @property
    def _measure(self) -> str:
        """The setting of the screen that the window is on."""
        from jotsk.desk.dialogs.screen_sheet import measure_of  # loaded when it is asked for first

        return measure_of(self._board.window().screen())

    @property
    def _px_per_mm(self) -> float:
        """As it was measured, else as the screen says."""
        from jotsk.desk.dialogs.screen_sheet import told_by

        return self._settings.get(self._measure, told_by(self._board.window().screen()))

    def show(self) -> None:
        """A mm of the page as a mm of this screen."""
        dpi = self._board.document.page.dpi
        self._board.zoom_to(self._px_per_mm * MM_PER_INCH / dpi, self._board.pointer)
        if not self._settings.has(self._measure):
            self._tell(tr("By what the screen says of itself; Measure the screen in the menu is exact."))

    def measure(self) -> None:
        """Ask how large a bank card is on this screen."""
        from jotsk.desk.dialogs.screen_sheet import ScreenSheet

        with deleted_after(ScreenSheet(self._px_per_mm, self._board.window())) as sheet:
            if sheet.exec():
                self._settings.set(self._measure, sheet.px_per_mm)
                self.show()
