"""The strip of a fill that would run out: where, and what can be done about it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QPushButton

from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board
    from jotsk.desk.tools.filling.pour import Pour


class LeakStrip(HeadStrip):
    """Lies at the head of the board while a leak is shown."""

    def __init__(self, board: Board, tool: Pour) -> None:
        super().__init__(board)
        self._tool = tool
        self.words = QLabel()
        self.row.addWidget(self.words)
        self.join = QPushButton(tr("Join the lines"), toolTip=tr("Bridge the gap in direction and weight, and fill"))
        self.close_now = QPushButton(
            tr("Close for now"), toolTip=tr("Fill as if the gap were closed; the lines stay as they are")
        )
        self.fill_all = QPushButton(tr("Fill all"), toolTip=tr("Fill everything it runs into"))
        for button, act in (
            (self.join, tool.join_lines), (self.close_now, tool.close_for_now), (self.fill_all, tool.fill_all),
        ):  # fmt: skip
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            button.clicked.connect(act)
            self.row.addWidget(button)
        for signal in (tool.told.changed, board.tool_changed, board.resized):
            signal.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        leak = self._tool.leak if self._board.tool is self._tool else None
        if leak is not None:
            self.words.setText(tr("It would run out here, through {width_px:.0f} px.", width_px=leak.width_px))
        if leak is not None or self.isVisible():
            self.show_if(leak is not None)
