"""The strip of a drafted line: how it is joined, ready shapes, and inking it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QCheckBox, QComboBox, QPushButton

from jotsk.core.guides.draft import LEAST_BULGE, LEAST_SIDES, MOST_BULGE, MOST_SIDES, SHAPES
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.number_field import count_field, number_field

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board

POINTS = tr("Point by point")
WORDS = tr("Press to place, drag to move, press the line to bend.")
SHAPE_WORDS = tr("Drag to draw it, its ends to change it; then ink it.")


class DraftStrip(HeadStrip):
    """Lies at the head of the board while lines are drafted."""

    def __init__(self, board: Board) -> None:
        super().__init__(board)
        self._drafting = board.drafting
        self.words = ElidedLabel(WORDS)
        self.shape = QComboBox(toolTip=tr("Place points, or drag a ready shape"))
        self.shape.addItem(POINTS, None)
        for shape in SHAPES:
            self.shape.addItem(shape.capitalize(), shape)
        self.smooth = QCheckBox(tr("Smooth"), toolTip=tr("Smooth through the points, or straight from one to the next"))
        self.closed = QCheckBox(tr("Closed"), toolTip=tr("Join the last point to the first"))
        self.fan = QCheckBox(tr("Fan"), toolTip=tr("Straight lines from the first point to every other"))
        self.corner = QCheckBox(tr("Corner"), toolTip=tr("A corner at the point that was pressed last"))
        self.square = QCheckBox(tr("Square"), toolTip=tr("All sides alike"))
        self.upright = QCheckBox(tr("Upright"), toolTip=tr("Upright as the page is seen, however it is turned"))
        self.sides = count_field(LEAST_SIDES, MOST_SIDES, tr(" sides", "of a polygon"))
        self.bulge = number_field(100 * LEAST_BULGE, 100 * MOST_BULGE, 0, " %")
        self.bulge.setToolTip(tr("How high the arc is, to half its width"))
        self.ink = QPushButton(tr("Ink"), toolTip=tr("Draw it with the pen in the hand (Enter)"))
        self.keep = QPushButton(tr("Keep as curve"), toolTip=tr("Keep it as a French curve among the guides"))
        self.give_up = QPushButton(tr("Give up"), toolTip=tr("Drop the draft (Esc)"))
        for widget in (
            self.words, self.shape, self.smooth, self.corner, self.closed, self.fan, self.square, self.upright,
            self.sides, self.bulge, self.ink, self.keep, self.give_up,
        ):  # fmt: skip
            if widget not in (self.words, self.sides, self.bulge):
                widget.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            self.row.addWidget(widget)
        change = self._drafting.change_ready
        self.corner.clicked.connect(self._drafting.set_corner)
        self.square.clicked.connect(lambda on: change(even=on))
        self.upright.clicked.connect(lambda on: change(upright=on))
        self.sides.valueChanged.connect(lambda value: change(sides=value))
        self.bulge.valueChanged.connect(lambda value: change(bulge=value / 100))
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
        for widget in (self.smooth, self.corner, self.closed, self.fan):
            widget.setVisible(drafting.shape is None)
        self.corner.setEnabled(drafting.draft.smooth and 0 <= drafting.point < len(drafting.draft.points))
        self.corner.setChecked(drafting.point in drafting.draft.sharp)
        for field, kind in (
            (self.square, "box"), (self.upright, "box"), (self.sides, "polygon"), (self.bulge, "arc"),
        ):  # fmt: skip
            field.setVisible(drafting.shape == kind)
        for number in (self.sides, self.bulge):
            number.blockSignals(True)
        self.sides.setValue(drafting.sides)
        self.bulge.setValue(100 * drafting.bulge)
        for number in (self.sides, self.bulge):
            number.blockSignals(False)
        for widget in (self.smooth, self.closed):
            widget.setEnabled(not drafting.draft.fan)
        self.ink.setEnabled(bool(drafting.holds))
        self.keep.setEnabled(drafting.draft.curve is not None)
        self.give_up.setEnabled(not drafting.is_empty)
        self.show_if(self._board.tool.id == "draft")
