"""What was done, step by step, with small pictures: any point can be gone to."""

from __future__ import annotations

from functools import cached_property
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QVBoxLayout, QWidget

from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.faults import handled

if TYPE_CHECKING:
    from jotsk.desk.trays.history_list import StepList

WIDTH = 214
PAUSE_MS = 300


class HistoryTray(QWidget):
    """Floats beside the board; press a step to go there. It takes the pictures of the steps from the start."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setFixedWidth(WIDTH)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self._document = document
        heading = QLabel(tr("History"))
        heading.setProperty("role", "heading")
        self._layout = QVBoxLayout(self)
        self._layout.setContentsMargins(10, 8, 6, 8)
        self._layout.addWidget(heading)
        self._pause = AtPause(self._at_pause, lambda: document.is_inking, PAUSE_MS, self)
        document.state_changed.connect(self._changed)
        self.hide()

    @cached_property
    def list(self) -> StepList:
        """Made when it is shown first."""
        from jotsk.desk.trays.history_list import StepList

        made = StepList(self._document)
        self._layout.addWidget(made, 1)
        return made

    @handled
    def showEvent(self, event: object) -> None:
        self.list.refresh()

    def _changed(self) -> None:
        if self.isVisible() and self.list.steps.rowCount() - 1 not in self._document.steps:
            self.list.refresh()  # steps that are gone are not shown for one frame more
        self._pause.ask()

    def _at_pause(self) -> None:
        """The hand pauses: take the picture of the present step while its page is at hand, and show the list."""
        self._document.steps.picture(self._document.steps.at)
        if self.isVisible():
            self.list.refresh()
