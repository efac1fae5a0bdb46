"""What one presses to choose it, painted by its own code."""

from __future__ import annotations

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent
from PySide6.QtWidgets import QAbstractButton, QWidget

from jotsk.desk.widgets.faults import handled

PRESSES = (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space)


class Choice(QAbstractButton):
    """Chosen already as the pen comes down. To a screen reader it is a button, pressed if it is chosen; arrows go to
    the one beside it."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setCheckable(True)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.toggled.connect(self.choose)  # a screen reader toggles it

    @property
    def is_chosen(self) -> bool:
        return self.isChecked()

    @is_chosen.setter
    def is_chosen(self, is_chosen: bool) -> None:
        with QSignalBlocker(self):
            self.setChecked(is_chosen)

    def choose(self) -> None:
        """Make it the chosen one."""
        raise NotImplementedError

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.choose()

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        event.accept()

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in PRESSES:
            self.choose()
        else:
            super().keyPressEvent(event)

    @handled
    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        event.ignore()
