"""The page as a heat picture of line weight, and how much line there is of each weight."""

from __future__ import annotations

from collections.abc import Callable
from typing import NamedTuple

import numpy as np
from PySide6.QtGui import QImage, QPixmap
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from jotsk.core.check.weights import width_picture, widths_by_length
from jotsk.core.mend.snip import shown_ink
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_with_help
from jotsk.desk.widgets.weight_plot import WeightPlot

PICTURE_PX, PLOT = 620, (320, 200)


class Heat(NamedTuple):
    """The picture, (H, W, 3) RGB, and the lengths of line between weights."""

    picture: np.ndarray
    edges: np.ndarray
    lengths: np.ndarray


def heat_of(page: Page, report: Callable[[float], None] = lambda _: None) -> Heat:
    """What the sheet shows of a page; it takes long where the lines are still to be worked out."""
    picture = width_picture(page, PICTURE_PX, report)
    return Heat(np.ascontiguousarray(picture), *widths_by_length(shown_ink(page)))


class HeatSheet(QDialog):
    def __init__(self, heat: Heat, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Heat picture of line weight"))
        pixels = heat.picture
        h, w, _ = pixels.shape
        image = QImage(pixels.data, w, h, 3 * w, QImage.Format.Format_RGB888).copy()
        self.picture = QLabel()
        self.picture.setPixmap(QPixmap.fromImage(image))
        self.plot = WeightPlot(self)
        self.plot.setFixedSize(*PLOT)
        self.plot.show_lengths(heat.edges, heat.lengths)
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
