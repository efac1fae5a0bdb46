"""The strip that says how pictures are placed, and puts them down."""

from __future__ import annotations

import math
from dataclasses import replace
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton

from jotsk.core.page.layers.placing import LARGEST_SCALE, LEAST_SCALE
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.number_field import DecimalField, number_field

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

WORDS = tr("Drag to move, a corner to scale, the ring to turn; arrows nudge.")
FARTHEST_PX = 1e6


class PlacingStrip(HeadStrip):
    """Lies at the head of the board while there is something to place."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self.put_down = QPushButton(
            tr("Put down"), toolTip=tr("Put the pictures onto the page, each on a layer (Enter)")
        )
        self.give_up = QPushButton(tr("Give up"), toolTip=tr("Leave the page as it is (Esc)"))
        self.row.addWidget(ElidedLabel(WORDS), 1)
        self.at_x, self.at_y = (number_field(-FARTHEST_PX, FARTHEST_PX, 0, " px") for _ in range(2))
        self.scale = number_field(100 * LEAST_SCALE, 100 * LARGEST_SCALE, 1, " %")
        self.angle = number_field(-180, 180, 1, "°")
        self._fields = self.at_x, self.at_y, self.scale, self.angle
        names = tr("Middle, from the left"), tr("Middle, from the top"), tr("Size"), tr("Angle")
        for field, name, width in zip(self._fields, names, (88, 88, 88, 78), strict=True):
            field.setFixedWidth(width)
            field.setToolTip(tr("{name} of the picture in the hand", name=name))
            field.setAccessibleName(name)
            field.valueChanged.connect(lambda value, f=field: self._typed(f, value))
            self.row.addWidget(field)
        self.row.addWidget(self.put_down)
        self.row.addWidget(self.give_up)
        for button in (self.put_down, self.give_up):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.put_down.clicked.connect(board.pictures.put_down)
        self.give_up.clicked.connect(board.pictures.drop)
        board.pictures.changed.connect(self.place)
        board.pictures.moved.connect(self._show_numbers)
        board.resized.connect(self.place)

    def place(self) -> None:
        self._show_numbers()
        self.show_if(self._board.pictures.placing is not None)

    def _show_numbers(self) -> None:
        placing = self._board.pictures.placing
        if placing is None:
            return
        placed = placing.in_hand
        numbers = placed.x, placed.y, 100 * placed.scale, math.degrees(placed.angle_rad)
        for field, value in zip(self._fields, numbers, strict=True):
            field.blockSignals(True)
            field.setValue(value)
            field.blockSignals(False)

    def _typed(self, field: DecimalField, value: float) -> None:
        changes: dict[DecimalField, dict[str, Any]] = {
            self.at_x: {"x": value}, self.at_y: {"y": value}, self.scale: {"scale": value / 100},
            self.angle: {"angle_rad": math.radians(value)},
        }  # fmt: skip
        self._board.pictures.change(lambda placed: replace(placed, **changes[field]))
