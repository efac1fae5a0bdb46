"""A guide in the list: a switch, what it is, whether it is shown, and more."""

from __future__ import annotations

import math

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QHBoxLayout, QSizePolicy, QToolButton, QWidget

from jotsk.core.geometry import Rect
from jotsk.core.guides import Guide
from jotsk.core.guides.drawing import lines_of
from jotsk.core.words import tr
from jotsk.desk.guides.guiding import titled
from jotsk.desk.icons import icon
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.pixmap_cache import cached_pixmap

ROW_PX, BUTTON_PX, SIGN_PX = 30, 26, 18


class GuideRow(QWidget):
    """One guide. `switched` names what its buttons change."""

    chosen = Signal(int)
    switched = Signal(int, str)
    asked = Signal(int, object)  # where on the screen its menu opens
    renamed = Signal(int)

    def __init__(self, index: int, guide: Guide | None, parent: QWidget) -> None:
        super().__init__(parent)
        self.index, self.guide = index, guide
        self.is_selected = self.is_lit = False
        self.setFixedHeight(ROW_PX)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setToolTip(tr("Press to take this guide in hand, twice to rename it"))
        layout = QHBoxLayout(self)
        layout.setContentsMargins(12, 0, 8, 0)
        layout.setSpacing(0)
        self.switch = self._button("on", tr("Switch this guide on or off"))
        self.eye = self._button("shown", tr("Show or hide it; a hidden guide can hold the hand"))
        self.more = self._button("more", tr("More of this guide"))
        layout.addWidget(self.switch)
        layout.addStretch()
        layout.addWidget(self.eye)
        layout.addWidget(self.more)
        self.show_guide(guide, is_selected=False, is_lit=False)

    def show_guide(self, guide: Guide | None, *, is_selected: bool, is_lit: bool) -> None:
        theme = current()
        self.guide, self.is_selected, self.is_lit = guide, is_selected, is_lit
        for button in (self.switch, self.eye):
            button.setEnabled(guide is not None)
        if guide is not None:
            self.switch.setIcon(icon("check" if guide.on else "minus", theme.accent if guide.on else theme.quiet))
            self.eye.setIcon(icon("eye" if guide.shown else "eye-off", theme.text if guide.shown else theme.quiet))
        self.more.setIcon(icon("ellipsis", theme.quiet))
        self.update()

    def _button(self, what: str, tooltip: str) -> QToolButton:
        button = QToolButton(self, toolTip=tooltip)
        button.setAccessibleName(tooltip)
        button.setFixedSize(BUTTON_PX, BUTTON_PX)
        if what == "more":
            button.clicked.connect(lambda: self.asked.emit(self.index, button.mapToGlobal(button.rect().bottomLeft())))
        else:
            button.clicked.connect(lambda: self.switched.emit(self.index, what))
        return button

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, guide = current(), self.guide
        if self.is_selected:
            painter.fillRect(self.rect(), QColor(theme.raised))
            draw_ink_mark(painter, QRectF(3, 4, 6, ROW_PX - 8), theme.accent)
        left = 12 + BUTTON_PX + 4
        is_on = guide is not None and guide.on
        if guide is not None:
            ink = theme.accent if self.is_lit else (guide.color or theme.guide) if is_on else theme.quiet
            sign = cached_pixmap(_draw_sign, SIGN_PX, SIGN_PX, self.devicePixelRatioF(), ink, guide.as_sample())
            painter.drawPixmap(QPointF(left, (ROW_PX - SIGN_PX) / 2), sign)
        painter.setPen(QColor(theme.text if is_on else theme.quiet))
        weight = font().Weight.DemiBold if self.is_selected or self.is_lit else font().Weight.Normal
        painter.setFont(font(13, weight=weight))
        text = left + SIGN_PX + 8
        room = self.width() - text - 2 * BUTTON_PX - 12
        words = titled(guide)
        name = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, room)
        painter.drawText(QRectF(text, 0, room, ROW_PX), Qt.AlignmentFlag.AlignVCenter, name)

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self.chosen.emit(self.index)

    @handled
    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self.guide is not None:
            self.renamed.emit(self.index)


def _draw_sign(painter: QPainter, sample: Guide) -> None:
    """The kind of guide in little, drawn as it is on the page."""
    painter.setPen(QPen(Qt.GlobalColor.black, 1.3))
    k = SIGN_PX / 100
    for line in lines_of(sample, Rect(0, 0, 100, 100)):
        painter.drawPolyline(QPolygonF([QPointF(x * k, y * k) for x, y in line.tolist() if math.isfinite(x + y)]))
