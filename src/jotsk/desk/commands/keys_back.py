"""The keys belong to the pen: a field, a list or a button has them only as long as it is used."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, Qt, QTimer
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QAbstractButton, QAbstractSlider, QApplication, QComboBox, QWidget

from jotsk.desk.tools.tool import is_enter


class KeysBack(QObject):
    """Gives the focus back to the board: after Enter and Escape in a field or a list, after a choice in a box, and
    after a press on a button. Presses on the board take it anyway."""

    def __init__(self, window: QWidget, board: QWidget) -> None:
        super().__init__(window)
        self._window, self._board = window, board
        self._watched: QWidget | None = None
        app = QApplication.instance()
        assert isinstance(app, QApplication)
        app.focusChanged.connect(self._focus_changed)

    def _focus_changed(self, old: QWidget | None, new: QWidget | None) -> None:
        if self._watched is not None:
            self._watched.removeEventFilter(self)
            self._watched = None
        if new is None or new is self._board or new.window() is not self._window:
            return
        self._watched = new
        new.installEventFilter(self)
        if isinstance(new, QComboBox):
            new.activated.connect(self.give_back, Qt.ConnectionType.UniqueConnection)
        elif isinstance(new, QAbstractButton | QAbstractSlider) and QApplication.mouseButtons():
            QTimer.singleShot(0, self, self.give_back)  # it was pressed, not gone to by the tabulator

    def give_back(self) -> None:
        self._board.setFocus()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.KeyPress and isinstance(event, QKeyEvent):
            is_typed = is_enter(event.key()) and not isinstance(watched, QAbstractButton)
            if is_typed or event.key() == Qt.Key.Key_Escape:
                QTimer.singleShot(0, self, self.give_back)  # it takes what was typed first
        return False
