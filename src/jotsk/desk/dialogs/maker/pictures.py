"""What a pen can be besides, each as a picture of its line with that choice."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRectF, QSize, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QGridLayout, QWidget

from jotsk.core.ink import Pen, Taper
from jotsk.core.ink.motifs import NAMES
from jotsk.core.ink.pens import TIPS
from jotsk.core.ink.ribbon import NO_TAPER
from jotsk.core.ink.shipped import ISO_DASHES
from jotsk.core.marks.preview import preview
from jotsk.core.words import mark, tr
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.ink_mark import SCALE, alpha_image, draw_ink_mark

PICTURE, BOX = QSize(84, 24), QSize(102, 46)
WIDEST_PX = 7.0
IN_A_ROW = 3
TAPERED, CORD = Taper(share=0.3), 0.16
GRAINS = {mark("smooth paper"): 0.0, mark("fine paper"): 0.35, mark("rough paper"): 0.8}
ENDS = {
    mark("round ends"): (NO_TAPER, NO_TAPER), mark("starts thin"): (TAPERED, NO_TAPER),
    mark("ends thin"): (NO_TAPER, TAPERED), mark("both taper"): (TAPERED, TAPERED),
}  # fmt: skip

Changes = dict[str, Any]


def _figures(pen: Pen) -> dict[str, Changes]:
    found: dict[str, Changes] = {mark("a line"): {"motif": "none", "cord": 0.0}}
    found[mark("cord")] = {"motif": "none", "cord": pen.cord or CORD}
    for name in NAMES:
        if name != "none" and (name != "own" or pen.motif_shape):
            found[mark("my own") if name == "own" else name] = {"motif": name, "cord": 0.0}
    return found


# By the heading they stand under: what each picture is called, and what it changes.
GROUPS: dict[str, Callable[[Pen], dict[str, Changes]]] = {
    "Tip": lambda pen: {name: {"tip": name} for name in TIPS},
    "Paper": lambda pen: {words: {"grain": grain} for words, grain in GRAINS.items()},
    "Ends": lambda pen: {words: {"taper_in": a, "taper_out": b} for words, (a, b) in ENDS.items()},
    "Dashes": lambda pen: {name: {"dash": dash} for name, dash in ISO_DASHES.items()},
    "Figure": _figures,
}


def _ink_of(pen: Pen) -> NDArray[np.uint8]:
    return preview(pen, PICTURE.width() * SCALE, PICTURE.height() * SCALE, WIDEST_PX * SCALE)


class Picture(Choice):
    """The pen's line, but for one thing."""

    chosen = Signal(dict)

    def __init__(self, words: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.words, self.changes = tr(words), Changes()
        self.pen: Pen | None = None
        self.setFixedSize(BOX)
        self.setAccessibleName(self.words)
        DRAWN.came.connect(self.update)

    def show_choice(self, pen: Pen, changes: Changes, is_so: bool) -> None:
        self.changes, self.is_chosen = changes, is_so
        self.pen = pen if is_so else replace(pen, **changes)
        self.update()

    def choose(self) -> None:
        self.chosen.emit(self.changes)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform | QPainter.RenderHint.Antialiasing)
        if self.pen is not None and (ink := DRAWN.get(_ink_of, self.pen)) is not None:
            box = QRectF(12, 2, PICTURE.width(), PICTURE.height())
            painter.drawImage(box, alpha_image(ink, theme.text, SCALE))
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(2, 4, 6, self.height() - 10), theme.accent)
        weight = font().Weight.DemiBold if self.is_chosen else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(QColor(theme.text if self.is_chosen or self.hasFocus() else theme.quiet))
        painter.drawText(QRectF(14, self.height() - 18, self.width() - 14, 16), self.words)


class Pictures(QWidget):
    """Those of one heading. `chosen` brings what changes."""

    chosen = Signal(dict)

    def __init__(self, heading: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._choices = GROUPS[heading]
        self.pictures: dict[str, Picture] = {}
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setHorizontalSpacing(2)
        self._grid.setVerticalSpacing(2)

    def show_pen(self, pen: Pen) -> None:
        choices = self._choices(pen)
        for words in [words for words in self.pictures if words not in choices]:
            gone = self.pictures.pop(words)
            self._grid.removeWidget(gone)
            gone.hide()
            gone.deleteLater()
        for number, (words, changes) in enumerate(choices.items()):
            picture = self.pictures.get(words)
            if picture is None:
                picture = self.pictures[words] = Picture(words, self)
                picture.chosen.connect(self.chosen)
                self._grid.addWidget(picture, number // IN_A_ROW, number % IN_A_ROW)
            picture.show_choice(pen, changes, _is_so(pen, changes))


def _is_so(pen: Pen, changes: Changes) -> bool:
    """Whether a pen is so already; of a taper or a grain only whether there is one."""
    for name, value in changes.items():
        own = getattr(pen, name)
        if isinstance(value, Taper):
            if (own.length_px > 0 or own.share > 0) != (value.share > 0):
                return False
        elif name == "grain":
            if min(GRAINS.values(), key=lambda grain: abs(grain - own)) != value:
                return False
        elif name == "cord":
            if (own > 0) != (value > 0):
                return False
        elif own != value:
            return False
    return True
