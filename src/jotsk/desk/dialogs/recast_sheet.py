"""Recast: another pen, size, colour, response or steadiness for lines, with a picture of how they will look."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import partial

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import QComboBox, QDialog, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from jotsk.core.geometry.rects import EMPTY
from jotsk.core.ink.pens import DRIVERS
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, Marks, blank_page, flattened, render
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.document.latest import Latest
from jotsk.desk.pens.hand import Hand
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.ink_mark import pixels_image
from jotsk.desk.widgets.number_field import number_field
from jotsk.desk.widgets.sheet_form import form_of

PICTURE = 380, 330
MOST_SHOWN, LARGEST_SHOWN = 120, 2.0
LEAST_SIZE, LARGEST_SIZE = 0.01, 1e4
AS_IS = tr("As they are")
PAUSE_MS = 60


class RecastSheet(QDialog):
    """Whatever is left as it is stays so, line by line."""

    def __init__(self, lines: Sequence[Stroke], hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Recast the lines"))
        self._hand = hand
        self.pen = QComboBox()
        self.pen.addItem(AS_IS, None)
        for pen in hand.library.pens:
            if not pen.rubs:
                self.pen.addItem(tr(pen.name), pen)
        self.size_field = number_field(1, 2000, 0, " %")
        self.size_field.setValue(100)
        self.color = QComboBox()
        self.color.addItems((AS_IS, tr("The ink in the hand")))
        self.response = QComboBox()
        self.response.addItem(AS_IS, None)
        for driver in DRIVERS:
            self.response.addItem(
                tr("Width by {driver}", driver=tr(driver)) if driver != "nothing" else tr("Even width"), driver
            )
        self.steadiness = number_field(-1, 100, 0)
        self.steadiness.setSpecialValueText(AS_IS)
        self.steadiness.setValue(-1)
        self.picture = QLabel(alignment=Qt.AlignmentFlag.AlignCenter)
        self.picture.setFixedSize(*PICTURE)
        self.picture.setStyleSheet("background: white;")
        count = len(lines)
        heading = QLabel(tr("%n lines", None, count) if count > 1 else tr("One line"))
        heading.setProperty("role", "heading")
        foot, _ = foot_that_does(self, "mending", tr("Recast"))
        left = QVBoxLayout()
        left.addWidget(heading)
        left.addLayout(
            form_of(
                (
                    (tr("Pen"), self.pen), (tr("Size"), self.size_field), (tr("Colour"), self.color),
                    (tr("Response"), self.response),
                    (tr("Steady after"), self.steadiness),
                )
            )
        )  # fmt: skip
        left.addStretch()
        left.addLayout(foot)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 16, 20, 16)
        layout.setSpacing(20)
        layout.addLayout(left)
        layout.addWidget(self.picture)
        self._shown = list(lines[:MOST_SHOWN])
        self._inking = Latest("recast", self, brings_earlier=True)
        self._inking.came.connect(self._show)
        self._pause = AtPause(self._draw, lambda: False, PAUSE_MS, self)
        for box in (self.pen, self.color, self.response):
            box.currentIndexChanged.connect(self._pause.ask)
        for field in (self.size_field, self.steadiness):
            field.valueChanged.connect(self._pause.ask)
        self._draw()

    def asked(self) -> Callable[[Stroke], Stroke]:
        """What makes a line as it is asked for here now; it may be called on any thread."""
        pen, driver, percent = self.pen.currentData(), self.response.currentData(), self.size_field.value()
        steadiness = self.steadiness.value()
        color = self._hand.color if self.color.currentIndex() else pen.own_color if pen is not None else None

        def change(stroke: Stroke) -> Stroke:
            size = min(LARGEST_SIZE, max(LEAST_SIZE, stroke.size_px * percent / 100))
            stroke = replace(stroke, pen=pen or stroke.pen, size_px=size, color=color or stroke.color)
            if driver is not None:
                stroke = replace(stroke, pen=replace(stroke.pen, width=replace(stroke.pen.width, by=driver)))
            return stroke if steadiness < 0 else stroke.resteadied(steadiness)

        return change

    def _draw(self) -> None:
        self._inking.ask(partial(_picture_of, self._shown, self.asked()))

    def _show(self, pixels: NDArray[np.uint32]) -> None:
        self.picture.setPixmap(QPixmap.fromImage(pixels_image(pixels)))


def _picture_of(lines: Sequence[Stroke], change: Callable[[Stroke], Stroke]) -> NDArray[np.uint32]:
    """The lines as they will be, as large as fits. Many long ones take long: drawn beside the interface."""
    width, height = PICTURE
    area = EMPTY
    for line in lines:
        area |= line.ribbon.bounds
    area = area.grown(8)
    k = min(LARGEST_SHOWN, width / max(1, area.width), height / max(1, area.height))
    dx, dy = (width - k * area.width) / 2 - k * area.x0, (height - k * area.height) / 2 - k * area.y0
    marks = Marks(change(stroke).mapped(k, dx, dy) for stroke in lines)
    page = blank_page(width, height)
    layer = page.active
    assert isinstance(layer, InkLayer)
    page = page.with_layer(replace(layer, marks=marks, tiles=render(marks, page.bounds)))
    return np.ascontiguousarray(flattened(page))
