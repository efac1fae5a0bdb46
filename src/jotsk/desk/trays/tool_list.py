"""The tools of a stage, each as what it does: a picture before and after it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, QSize
from PySide6.QtGui import QAction, QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QVBoxLayout, QWidget

from jotsk.core.fill import samples as filling
from jotsk.core.mend import samples as mending
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.ink_mark import alpha_image

ROW_PX, PICTURE = 36, QSize(35, 21)
SAMPLE_OF = {
    "mend.snip": "snip", "mend.grow": "grow", "mend.cut": "cut", "mend.join": "join", "mend.splice": "splice",
    "mend.weight": "weight", "mend.push": "push", "mend.points": "points", "mend.move": "move", "mend.over": "over",
    "fill.pour": "pour", "fill.inside": "inside", "fill.by_hand": "by_hand",
    "fill.flats": "flats", "fill.join": "join", "fill.light": "light",
}  # fmt: skip


def _before_and_after(entry_id: str) -> NDArray[np.uint8]:
    samples = filling if entry_id.startswith("fill.") else mending
    return np.stack(samples.sample(SAMPLE_OF[entry_id]))


class ToolRow(Choice):
    """One tool: a line before it and after it."""

    def __init__(self, action: QAction, entry_id: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.action, self.entry_id = action, entry_id
        self.setFixedHeight(ROW_PX)
        self._describe()
        action.changed.connect(self._describe)  # a method: the connection ends with the row
        self.setAccessibleName(action.text())
        DRAWN.came.connect(self.update)

    def _describe(self) -> None:
        self.setToolTip(self.action.toolTip())

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        if (pictures := DRAWN.get(_before_and_after, self.entry_id)) is not None:
            for ink, x, color in zip(pictures, (12, 62), (theme.quiet, theme.text), strict=True):
                image = alpha_image(ink, color, filling.WIDTH / PICTURE.width())
                painter.drawImage(QRectF(x, 1, PICTURE.width(), PICTURE.height()), image)
        painter.setPen(QPen(QColor(theme.quiet), 1.2))
        middle = 1 + PICTURE.height() / 2
        painter.drawPolyline([QPointF(54, middle - 3), QPointF(58, middle), QPointF(54, middle + 3)])
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(2, 4, 6, ROW_PX - 10), theme.accent)
        weight = font().Weight.DemiBold if self.is_chosen else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(QColor(theme.text if self.is_chosen or self.hasFocus() else theme.quiet))
        painter.drawText(QRectF(14, ROW_PX - 15, self.width() - 16, 15), self.action.text())

    def choose(self) -> None:
        self.action.trigger()


class ToolList(QWidget):
    """The tools of a stage; nothing for a stage without any."""

    def __init__(self, actions: Mapping[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._actions = actions
        self._made: dict[str, ToolRow] = {}  # by entry: a stage one was in before has its rows already
        self.rows: list[ToolRow] = []
        self._list = QVBoxLayout(self)
        self._list.setContentsMargins(0, 2, 0, 4)
        self._list.setSpacing(0)

    def show_tools(self, entry_ids: Sequence[str]) -> None:
        for row in self.rows:
            self._list.removeWidget(row)
            row.hide()
        for entry_id in entry_ids:
            if entry_id not in self._made:
                self._made[entry_id] = ToolRow(self._actions[entry_id], entry_id, self)
        self.rows = [self._made[entry_id] for entry_id in entry_ids]
        for row in self.rows:
            self._list.addWidget(row)
            row.show()
        self.setVisible(bool(self.rows))

    def mark(self, on: Sequence[str]) -> None:
        for row in self.rows:
            if row.is_chosen != (row.entry_id in on):
                row.is_chosen = row.entry_id in on
