"""A label that gives way: what does not fit ends in an ellipsis, and is whole in the tooltip."""

from __future__ import annotations

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QSizePolicy, QWidget

from jotsk.desk.widgets.faults import painted

LEAST_PX = 24


class ElidedLabel(QLabel):
    """Plain text in one line."""

    def __init__(self, text: str = "", parent: QWidget | None = None) -> None:
        super().__init__(text, parent)
        self.setTextFormat(Qt.TextFormat.PlainText)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)

    def minimumSizeHint(self) -> QSize:
        whole = super().minimumSizeHint()
        return QSize(min(LEAST_PX, whole.width()), whole.height())

    @property
    def shown(self) -> str:
        """What there is room for."""
        return self.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, self.contentsRect().width())

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        shown = self.shown
        painter.drawText(self.contentsRect(), self.alignment() | Qt.AlignmentFlag.AlignVCenter, shown)
        if shown != self.text() and not self.toolTip():
            self.setToolTip(self.text())
        elif shown == self.text() and self.toolTip() == self.text():
            self.setToolTip("")
