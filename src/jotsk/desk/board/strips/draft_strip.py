"""The strip of a drafted line: how it is joined, ready shapes, and inking it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QCheckBox, QComboBox, QPushButton

from jotsk.core.guides.draft import SHAPES
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.elided_label import ElidedLabel

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

POINTS = "Point by point"
WORDS = "Press to place, drag to move, press the line to bend."
SHAPE_WORDS = "Drag to draw it; then ink it."


class DraftStrip(HeadStrip):
    """Lies at the head of the board while lines are drafted."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._drafting = board.drafting
        self.words = ElidedLabel(WORDS)
        self.shape = QComboBox(toolTip="Place points, or drag a ready shape")
        self.shape.addItem(POINTS, None)
        for shape in SHAPES:
            self.shape.addItem(shape.capitalize(), shape)
        self.smooth = QCheckBox("Smooth", toolTip="Smooth through the points, or straight from one to the next")
        self.closed = QCheckBox("Closed", toolTip="Join the last point to the first")
        self.fan = QCheckBox("Fan", toolTip="Straight lines from the first point to every other")
        self.ink = QPushButton("Ink", toolTip="Draw it with the pen in the hand (Enter)")
        self.keep = QPushButton("Keep as curve", toolTip="Keep it as a French curve among the guides")
        self.give_up = QPushButton("Give up", toolTip="Drop the draft (Esc)")
        for widget in (self.words, self.shape, self.smooth, self.closed, self.fan, self.ink, self.keep, self.give_up):
            if widget is not self.words:
                widget.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            self.row.addWidget(widget)
        self.shape.activated.connect(lambda _: self._drafting.set_shape(self.shape.currentData()))
        self.smooth.clicked.connect(self._drafting.set_smooth)
        self.closed.clicked.connect(self._drafting.set_closed)
        self.fan.clicked.connect(self._drafting.set_fan)
        self.ink.clicked.connect(board.ink_draft)
        self.keep.clicked.connect(self._drafting.keep_as_curve)
        self.give_up.clicked.connect(self._drafting.give_up)
        self._drafting.changed.connect(self.refresh)
        board.tool_changed.connect(self.refresh)
        board.resized.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        drafting = self._drafting
        self.smooth.setChecked(drafting.draft.smooth)
        self.closed.setChecked(drafting.draft.closed)
        self.words.setText(WORDS if drafting.shape is None else SHAPE_WORDS)
        self.fan.setChecked(drafting.draft.fan)
        for widget in (self.smooth, self.closed, self.fan):
            widget.setVisible(drafting.shape is None)
        for widget in (self.smooth, self.closed):
            widget.setEnabled(not drafting.draft.fan)
        self.ink.setEnabled(bool(drafting.holds))
        self.keep.setEnabled(drafting.draft.curve is not None)
        self.give_up.setEnabled(not drafting.is_empty)
        self.show_if(self._board.tool.id == "draft")
