"""The strip of an area held by hand: where else it can come from, and what can be done with it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QPushButton

from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board
    from jotsk.desk.tools.filling.by_hand import ByHand


class HeldStrip(HeadStrip):
    """Lies at the head of the board while the tool is taken up; what needs an area waits for one."""

    def __init__(self, board: Board, tool: ByHand) -> None:
        super().__init__(board)
        self._tool = tool
        self.under = self._button(tr("Under lines"), tr("Hold what lies beneath the chosen lines"), tool.under_lines)
        self.around = self._button(
            tr("Around the drawing"), tr("Hold all that lies outside the ink"), tool.around_drawing
        )
        self._line()
        self.invert = self._button(tr("All but this"), tr("Hold the rest of the page instead"), tool.invert)
        self.larger = self._button(tr("Larger"), tr("Larger by the step that is set"), lambda: tool.resize(1))
        self.smaller = self._button(tr("Smaller"), tr("Smaller by the step that is set"), lambda: tool.resize(-1))
        self._line()
        self.fill = self._button(tr("Fill"), tr("Fill it on the active layer (Enter)"), tool.fill)
        self.clear = self._button(tr("Rub out"), tr("Take away what the active layer has in it"), tool.clear)
        self.copy = self._button(tr("Copy"), tr("What the active layer shows in it, on a layer of its own"), tool.copy)
        self.only = self._button(tr("Only here"), tr("Show the active layer only in it: a live effect"), tool.show_only)
        self.pattern = self._button(
            tr("Pattern"), tr("What the page shows in it becomes the pattern"), tool.make_pattern
        )
        for signal in (tool.held.changed, board.tool_changed, board.resized):
            signal.connect(self.refresh)
        self.refresh()

    def _button(self, words: str, tooltip: str, act: object) -> QPushButton:
        button = QPushButton(words, toolTip=tooltip)
        button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        button.clicked.connect(lambda: act())  # type: ignore[operator]
        self.row.addWidget(button)
        return button

    def _line(self) -> None:
        line = QFrame(self)
        line.setFrameShape(QFrame.Shape.VLine)
        self.row.addWidget(line)

    def refresh(self) -> None:
        is_taken = self._board.tool is self._tool
        for button in (
            self.invert,
            self.larger,
            self.smaller,
            self.fill,
            self.clear,
            self.copy,
            self.only,
            self.pattern,
        ):
            button.setEnabled(self._tool.held.is_there)
        if is_taken or self.isVisible():
            self.show_if(is_taken)
