"""Buttons on the board, for those who have no keyboard beside the display: moved by their grip, tapped or held."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QPoint, QSize, Qt
from PySide6.QtGui import QAction, QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QToolButton, QVBoxLayout, QWidget

from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID, Entry
from jotsk.desk.board.board import Board
from jotsk.desk.icons import icon
from jotsk.desk.inout.settings import Settings
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import handled, painted

if TYPE_CHECKING:
    from jotsk.desk.commands.keys import HoldKeys

SIDE, GRIP_PX, EDGE_PX = 40, 18, 8  # a pen hits at least 32 px
AT = "desk/buttons_at"
SHOWN = (
    ("edit.undo", "undo-2"), ("edit.redo", "redo-2"), ("hand.rub", "eraser"), ("hand.steadiest", "spline"),
    ("view.zoom_in", "plus"), ("view.zoom_out", "minus"), ("view.turn_left", "turn-left"),
    ("view.turn_right", "turn-right"),
)  # fmt: skip


class _Grip(QWidget):
    """What one moves the buttons by."""

    def __init__(self, parent: OnScreenButtons) -> None:
        super().__init__(parent)
        self._buttons = parent
        self._from = QPoint()
        self.setFixedHeight(GRIP_PX)
        self.setCursor(Qt.CursorShape.SizeAllCursor)
        self.setToolTip(tr("Drag the buttons elsewhere"))

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.setPen(QPen(QColor(current().quiet), 1.4))
        for k in (-3, 1):
            painter.drawLine(self.width() // 2 - 9, GRIP_PX // 2 + k, self.width() // 2 + 9, GRIP_PX // 2 + k)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._from = event.position().toPoint()

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        self._buttons.move_by(event.position().toPoint() - self._from)

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._buttons.keep_place()


class OnScreenButtons(QWidget):
    def __init__(self, board: Board, actions: dict[str, QAction], keys: HoldKeys, settings: Settings) -> None:
        super().__init__(board)
        self._board, self._keys, self._settings = board, keys, settings
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self.setAccessibleName(tr("Buttons on the board"))
        layout = QVBoxLayout(self)
        layout.setContentsMargins(4, 0, 4, 4)
        layout.setSpacing(2)
        layout.addWidget(_Grip(self))
        self.buttons: dict[str, QToolButton] = {}
        for entry_id, _ in SHOWN:
            self.buttons[entry_id] = button = self._button(BY_ID[entry_id], actions[entry_id])
            layout.addWidget(button)
        keys.changed.connect(self._mark)
        board.resized.connect(self.place)
        self.theme_changed()
        self.hide()

    def _button(self, entry: Entry, action: QAction) -> QToolButton:
        button = QToolButton(self)
        button.setFixedSize(SIDE, SIDE)
        button.setIconSize(QSize(20, 20))
        button.setAccessibleName(entry.name)
        button.setToolTip(tr("{name}: hold it, or tap it to keep it on", name=entry.name) if entry.hold else entry.name)
        button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        if entry.hold:
            button.setCheckable(True)
            button.pressed.connect(lambda: self._keys.borrow(entry))
            button.released.connect(lambda: self._keys.give_back(entry.id))
            button.clicked.connect(self._mark)
        else:
            button.clicked.connect(action.trigger)
            button.setAutoRepeat(entry.id.startswith(("view.", "edit.")))
            button.setEnabled(action.isEnabled())
            action.enabledChanged.connect(button.setEnabled)
        return button

    def _mark(self) -> None:
        for entry_id, button in self.buttons.items():
            if button.isCheckable():
                button.setChecked(entry_id in self._keys.on)

    def theme_changed(self) -> None:
        for entry_id, name in SHOWN:
            self.buttons[entry_id].setIcon(icon(name, current().text, 20))

    def set_wanted(self, wanted: bool) -> None:
        self._settings.set("desk/buttons", wanted)
        self.setVisible(wanted)
        self.place()
        self.raise_()

    def place(self) -> None:
        """Where it was left, as a share of the board; at first at its left edge, in the middle."""
        kept = self._settings.get(AT, {})
        x, y = (
            min(1.0, max(0.0, v)) if isinstance(v := kept.get(k), float) else o for k, o in (("x", 0.0), ("y", 0.5))
        )
        self.adjustSize()
        room = self._room
        self.move(EDGE_PX + round(x * room.width()), EDGE_PX + round(y * room.height()))

    @property
    def _room(self) -> QSize:
        edge = 2 * EDGE_PX
        return QSize(
            max(0, self._board.width() - self.width() - edge), max(0, self._board.height() - self.height() - edge)
        )

    def move_by(self, by: QPoint) -> None:
        room, to = self._room, self.pos() + by
        self.move(min(EDGE_PX + room.width(), max(EDGE_PX, to.x())), min(EDGE_PX + room.height(), max(EDGE_PX, to.y())))

    def keep_place(self) -> None:
        room = self._room
        self._settings.set(
            AT, {"x": (self.x() - EDGE_PX) / max(1, room.width()), "y": (self.y() - EDGE_PX) / max(1, room.height())}
        )
