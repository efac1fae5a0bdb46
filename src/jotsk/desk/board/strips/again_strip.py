"""The strip of a drawing that is drawn again: how far it is, how fast, and its end."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QLabel, QPushButton

from jotsk.core.words import tr
from jotsk.desk.board.strips.head_strip import HeadStrip
from jotsk.desk.widgets.progress_bar import ProgressBar

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board
    from jotsk.desk.tools.drawn_again import Again

STEPS, BAR_PX = 1000, 220


class AgainStrip(HeadStrip):
    def __init__(self, board: Board, tool: Again, speeds: Sequence[int]) -> None:
        super().__init__(board)
        self._tool = tool
        self.bar = ProgressBar(maximum=STEPS, textVisible=False)
        self.bar.setAccessibleName(tr("How far it is drawn"))
        self.bar.setFixedWidth(BAR_PX)
        self.speed = QComboBox()
        self.speed.setAccessibleName(tr("Speed"))
        self.speed.setToolTip(tr("Times as fast as the hand"))
        self.speed.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        for speed in speeds:
            self.speed.addItem(tr("{speed} times", speed=speed) if speed > 1 else tr("As drawn"), speed)
        self.pause = QPushButton(tr("Pause"), checkable=True)
        self.end = QPushButton(tr("End"), toolTip=tr("Back to the page (Escape, or a press)"))
        for widget in (QLabel(tr("Drawn again")), self.bar, self.speed, self.pause, self.end):
            self.row.addWidget(widget)
        for button in (self.pause, self.end):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.speed.activated.connect(lambda k: tool.set_speed(self.speed.itemData(k)))
        self.pause.toggled.connect(tool.pause)
        self.end.clicked.connect(lambda: board.done.emit())
        for signal in (tool.told.changed, board.tool_changed, board.resized):
            signal.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        tool = self._tool
        is_shown = self._board.tool is tool and tool.whole_s > 0
        self.bar.setValue(round(STEPS * tool.now_s / tool.whole_s) if tool.whole_s else 0)
        self.speed.setCurrentIndex(max(0, self.speed.findData(tool.speed)))
        self.pause.setEnabled(tool.now_s < tool.whole_s)
        if is_shown != self.isVisible():
            self.pause.setChecked(False)
            self.show_if(is_shown)
