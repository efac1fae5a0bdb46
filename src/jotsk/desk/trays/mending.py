"""The mending tools, each as what it does to a line; and what they are set to."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from functools import lru_cache

from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QAction, QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from jotsk.core.mend.samples import WIDTH, sample
from jotsk.desk.pens.hand import Hand
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets import Track, TrackKind, draw_ink_mark
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import alpha_image

ROW_PX, PICTURE = 42, QSize(40, 24)
AGAINST = (("layer", "Lines of this layer"), ("visible", "All visible ink"), ("self", "The line itself"))
SAMPLE_OF = {
    "mend.snip": "snip", "mend.cut": "cut", "mend.join": "join", "mend.splice": "splice", "mend.weight": "weight",
    "mend.push": "push", "mend.move": "move",
}  # fmt: skip


@lru_cache(maxsize=32)
def _picture(name: str, is_after: bool, color: str) -> QImage:
    return alpha_image(sample(name)[is_after], color, WIDTH / PICTURE.width())


class ToolRow(QWidget):
    """One tool: a line before it and after it."""

    def __init__(self, action: QAction, entry_id: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.action, self.entry_id, self.is_on = action, entry_id, False
        self.setFixedHeight(ROW_PX)
        self._describe()
        action.changed.connect(self._describe)  # a method: the connection ends with the row
        self.setAccessibleName(action.text())
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def _describe(self) -> None:
        self.setToolTip(self.action.toolTip())

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, name = current(), SAMPLE_OF[self.entry_id]
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        for is_after, x in ((False, 12), (True, 62)):
            box = QRectF(x, 3, PICTURE.width(), PICTURE.height())
            painter.drawImage(box, _picture(name, is_after, theme.text if is_after else theme.quiet))
        painter.setPen(QPen(QColor(theme.quiet), 1.2))
        middle = 3 + PICTURE.height() / 2
        painter.drawPolyline([QPointF(54, middle - 3), QPointF(58, middle), QPointF(54, middle + 3)])
        if self.is_on:
            draw_ink_mark(painter, QRectF(2, 4, 6, ROW_PX - 10), theme.accent)
        weight = font().Weight.DemiBold if self.is_on else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(QColor(theme.text if self.is_on or self.hasFocus() else theme.quiet))
        painter.drawText(QRectF(14, ROW_PX - 16, self.width() - 16, 15), self.action.text())

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.action.trigger()

    @handled
    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space):
            self.action.trigger()
        else:
            super().keyPressEvent(event)


class ToolList(QWidget):
    """The tools of a stage; nothing for a stage without any."""

    def __init__(self, actions: Mapping[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._actions = actions
        self.rows: list[ToolRow] = []
        self._list = QVBoxLayout(self)
        self._list.setContentsMargins(0, 2, 0, 4)
        self._list.setSpacing(0)

    def show_tools(self, entry_ids: Sequence[str]) -> None:
        for row in self.rows:
            self._list.removeWidget(row)
            row.hide()
            row.deleteLater()
        self.rows = [ToolRow(self._actions[entry_id], entry_id, self) for entry_id in entry_ids]
        for row in self.rows:
            self._list.addWidget(row)
        self.setVisible(bool(self.rows))

    def mark(self, on: Sequence[str]) -> None:
        for row in self.rows:
            if row.is_on != (row.entry_id in on):
                row.is_on = row.entry_id in on
                row.update()


class MendingTray(QWidget):
    """Where size and steadiness stand while one draws."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        self.reach = Track("Reach", TrackKind.SIZE, 4, 400, unit="px", tooltip="How far the hand reaches, page px")
        self.amount = Track(
            "Weight",
            TrackKind.SIZE,
            25,
            400,
            unit="%",
            tooltip="How thick a line becomes in one pass: below 100 thinner",
        )
        self.against = QComboBox(toolTip="What ends a piece that is snipped")
        self.against.setAccessibleName("Snip up to")
        for value, words in AGAINST:
            self.against.addItem(words, value)
        box = QVBoxLayout()
        box.setSpacing(4)
        box.addWidget(QLabel("Snip up to"))
        box.addWidget(self.against)
        box.addStretch()
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(28)
        layout.addWidget(self.reach, 1)
        layout.addWidget(self.amount, 1)
        layout.addLayout(box, 1)
        self.reach.changed.connect(lambda value, _: hand.set_mending(reach_px=value))
        self.amount.changed.connect(lambda value, _: hand.set_mending(amount=value / 100))
        self.against.activated.connect(lambda k: hand.set_mending(against=self.against.itemData(k)))
        hand.changed.connect(self._show)
        self._show()

    def _show(self) -> None:
        mending = self._hand.mending
        self.reach.set_value(mending.reach_px)
        self.amount.set_value(100 * mending.amount)
        self.amount.remark.setText(
            "thicker" if mending.amount > 1 else "thinner" if mending.amount < 1 else "no change"
        )
        self.against.setCurrentIndex(self.against.findData(mending.against))
