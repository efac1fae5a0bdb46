"""The strip of moving lines: how far in numbers, copies, once more; or putting down what a mesh did."""

from __future__ import annotations

import math
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QPushButton

from jotsk.core.geometry import frame_drag as drags
from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.elided_label import ElidedLabel
from jotsk.desk.widgets.number_field import number_field

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board
    from jotsk.desk.tools.mending.move_lines import MoveLines

FARTHEST_PX = 1e5
NODE_WORDS = tr("Drag the rings; beside them everything moves. Then put it down.")


class MoveStrip(HeadStrip):
    """Lies at the head of the board while lines are moved."""

    def __init__(self, board: Board, tool: MoveLines) -> None:
        super().__init__(board)
        self._tool = tool
        self.words = ElidedLabel(NODE_WORDS)
        self.row.addWidget(self.words, 1)
        self._names = []
        self.right, self.down = (number_field(-FARTHEST_PX, FARTHEST_PX, 1, " px") for _ in range(2))
        self.scale, self.angle = number_field(2, 5000, 1, " %"), number_field(-360, 360, 1, "°")
        self._fields = self.right, self.down, self.scale, self.angle
        names = tr("Right"), tr("Down"), tr("Size"), tr("Turn")
        for field, name, width in zip(self._fields, names, (82, 82, 82, 70), strict=True):
            field.setFixedWidth(width)
            field.setToolTip(tr("{name}, for Move and Copy", name=name))
            field.setAccessibleName(name)
            self._names.append(QLabel(name))
            self.row.addWidget(self._names[-1])
            self.row.addWidget(field)
        self._clear()
        self.by_numbers = QPushButton(tr("Move"), toolTip=tr("Move the lines by these numbers"))
        self.copy = QPushButton(tr("Copy"), toolTip=tr("Leave the lines, and move a copy by these numbers"))
        self.again = QPushButton(
            tr("Once more"), toolTip=tr("The same step again, with the lines that are chosen now (Ctrl+R)")
        )
        self.put_down = QPushButton(tr("Put down"), toolTip=tr("Move the lines as they are shown (Enter)"))
        self.give_up = QPushButton(tr("Give up"), toolTip=tr("Leave the lines where they are (Esc)"))
        for button in (self.by_numbers, self.copy, self.again, self.put_down, self.give_up):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            self.row.addWidget(button)
        self.by_numbers.clicked.connect(lambda: self._do(copies=False))
        self.copy.clicked.connect(lambda: self._do(copies=True))
        self.again.clicked.connect(tool.again)
        self.put_down.clicked.connect(tool.put_down)
        self.give_up.clicked.connect(tool.give_up)
        for signal in (tool.told.changed, board.tool_changed, board.resized, board.hand.changed):
            signal.connect(self.refresh)
        board.document.selection.changed.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Only while its tool is taken up."""
        if self._board.tool is not self._tool:
            self.hide()
            return
        has_nodes, lines = self._tool.manner != "whole", bool(self._board.document.selection.at_work)
        self.words.setVisible(has_nodes)
        for widget in (*self._names, *self._fields, self.by_numbers, self.copy):
            widget.setVisible(not has_nodes)
            widget.setEnabled(lines)
        for button in (self.put_down, self.give_up):
            button.setVisible(has_nodes)
            button.setEnabled(self._tool.is_under_way)
        self.again.setEnabled(self._tool.can_repeat and lines)
        self.show_if(True)

    def _do(self, *, copies: bool) -> None:
        frame = self._tool.frame
        if frame is None:
            return
        middle = (frame.x0 + frame.x1) / 2, (frame.y0 + frame.y1) / 2
        turned = drags.turned_by(middle, math.radians(self.angle.value()))
        k = self.scale.value() / 100
        scaled = drags.about(middle, turned[:2, :2] * k)
        self._tool.do(drags.moved(self.right.value(), self.down.value()) @ scaled, copies=copies)

    def _clear(self) -> None:
        for field, value in zip(self._fields, (0.0, 0.0, 100.0, 0.0), strict=True):
            field.setValue(value)
