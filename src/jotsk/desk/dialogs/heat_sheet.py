"""The page as a heat picture of line weight, and how much line there is of each weight."""

from __future__ import annotations

from collections.abc import Callable
from typing import NamedTuple

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPaintEvent, QPixmap, QPolygonF
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from jotsk.core.check.lines import width_picture, widths_by_length
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_with_help
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted

PICTURE_PX, PLOT = 620, (320, 200)


class Heat(NamedTuple):
    """The picture, (H, W, 3) RGB, and the lengths of line between weights."""

    picture: np.ndarray
    edges: np.ndarray
    lengths: np.ndarray


def heat_of(page: Page, report: Callable[[float], None] = lambda _: None) -> Heat:
    """What the sheet shows of a page; it takes long where the lines are still to be worked out."""
    picture = width_picture(page, PICTURE_PX, report)
    return Heat(np.ascontiguousarray(picture), *widths_by_length(page))


class HeatSheet(QDialog):
    def __init__(self, heat: Heat, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Heat picture of line weight"))
        pixels = heat.picture
        h, w, _ = pixels.shape
        image = QImage(pixels.data, w, h, 3 * w, QImage.Format.Format_RGB888).copy()
        self.picture = QLabel()
        self.picture.setPixmap(QPixmap.fromImage(image))
        self.plot = WeightPlot(heat.edges, heat.lengths, self)
        words = QLabel(
            tr("Blue lines are thin, red ones thick. A figure stands out where its outside is warmer than its inside.")
        )
        words.setWordWrap(True)
        words.setProperty("role", "quiet")
        close = QPushButton(tr("Close"), default=True)
        close.clicked.connect(self.accept)
        right = QVBoxLayout()
        right.addWidget(QLabel(tr("Length of line by weight")))
        right.addWidget(self.plot)
        right.addWidget(words)
        right.addStretch()
        right.addLayout(foot_with_help(self, "checking", close))
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 16, 20, 16)
        layout.setSpacing(20)
        layout.addWidget(self.picture)
        layout.addLayout(right)


class WeightPlot(QWidget):
    """Bars: how long all lines of a weight are together."""

    def __init__(self, edges: np.ndarray, lengths: np.ndarray, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedSize(*PLOT)
        self._edges, self._lengths = edges, lengths

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, w, h = current(), self.width(), self.height() - 18
        top = float(self._lengths.max(initial=0.0)) or 1.0
        n = max(1, len(self._lengths))
        points = [QPointF(0, h)]
        for k, length in enumerate(self._lengths):
            y = h - float(length) / top * (h - 4)
            points += [QPointF(k * w / n, y), QPointF((k + 1) * w / n, y)]
        painter.setPen(QColor(theme.accent))
        painter.setBrush(QColor(theme.accent))
        painter.drawPolygon(QPolygonF([*points, QPointF(w, h)]))
        painter.setFont(font(SMALL_PX))
        painter.setPen(QColor(theme.quiet))
        last = float(self._edges[-1]) if len(self._edges) else 0.0
        painter.drawText(QRectF(0, h + 2, w, 16), Qt.AlignmentFlag.AlignLeft, tr("0 px"))
        painter.drawText(QRectF(0, h + 2, w, 16), Qt.AlignmentFlag.AlignRight, tr("{last:.0f} px", last=last))
