"""The pens, each shown as the stroke it makes, in groups; those that the stage uses come first."""

from __future__ import annotations

from collections.abc import Mapping

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QAction, QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from jotsk.core.ink import Pen
from jotsk.core.marks.preview import preview
from jotsk.core.words import mark, tr
from jotsk.desk.pens.hand import Hand
from jotsk.desk.stages import STAGES, Stage
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.ink_mark import SCALE, alpha_image, draw_ink_mark

ROW_PX, HEADING_PX = 37, 22
LEAST_PX = 30  # of the list, in a low window
PREVIEW = (84, 22)
WIDEST_PX = 6.0  # the preview's width of the widest pen, on the screen
# By the first of these tags a pen has; those of the stage come first.
GROUPS = {
    mark("favourite"): tr("Favourites"), mark("nib"): tr("Nibs"), mark("brush"): tr("Brushes"),
    mark("even"): tr("Even lines"), mark("plain"): tr("Round"), mark("mouse"): tr("For the mouse"),
    mark("figure"): tr("Cords and motifs"), mark("sketch"): tr("Pencils"), mark("texture"): tr("Textures"),
    mark("tone"): tr("Tones"), mark("one bit"): tr("One bit"), mark("white"): tr("White"),
}  # fmt: skip
OTHERS, ERASERS = tr("Others"), tr("Erasers")


def _ink_of(pen: Pen) -> NDArray[np.uint8]:
    return preview(pen, PREVIEW[0] * SCALE, PREVIEW[1] * SCALE, WIDEST_PX * SCALE)


class PenRow(Choice):
    """One pen."""

    chosen = Signal(object)
    made = Signal(object)  # it was pressed twice

    def __init__(self, pen: Pen, parent: QWidget) -> None:
        super().__init__(parent)
        self.pen = pen
        self.setToolTip(
            tr(
                "{name}, {size_px:g} px as shipped; press twice for the pen maker",
                name=tr(pen.name),
                size_px=pen.size_px,
            )
        )
        self.setAccessibleName(tr(pen.name))
        self.setFixedHeight(ROW_PX)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        DRAWN.came.connect(self.update)

    def sizeHint(self) -> QSize:
        return QSize(112, ROW_PX)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self.pen.rubs or self.pen.own_color == (255, 255, 255):
            # An eraser, or a white, shows what it leaves: a gap in a patch of ink.
            patch = QRectF(18, 4, 76, 15)
            painter.fillRect(patch, theme.text)
            self._draw_stroke(painter, theme.chrome)
        else:
            self._draw_stroke(painter, theme.text)
        if self.pen.hue:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(QColor(theme.quiet), 1))
            painter.setBrush(QColor(self.pen.hue))
            painter.drawEllipse(QRectF(self.width() - 14, 24, 7, 7))
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(2, 3, 6, ROW_PX - 8), theme.accent)
        weight = font().Weight.DemiBold if self.is_chosen else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(theme.text if self.is_chosen or self.hasFocus() else theme.quiet)
        painter.drawText(QRectF(18, 20, self.width() - 20, 15), tr(self.pen.name))

    @handled
    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.made.emit(self.pen)

    def _draw_stroke(self, painter: QPainter, color: str) -> None:
        if (ink := DRAWN.get(_ink_of, self.pen)) is not None:
            painter.drawImage(QRectF(14, 1, *PREVIEW), alpha_image(ink, color, SCALE))

    def choose(self) -> None:
        self.chosen.emit(self.pen)


class PenTray(QWidget):
    """The pen library, the stage's own pens first."""

    made = Signal(object)  # a pen is to be opened in the maker

    def __init__(self, hand: Hand, actions: Mapping[str, QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand, self._actions = hand, actions
        self._stage = STAGES[0]
        self.rows: list[PenRow] = []
        self._headings: dict[str, QLabel] = {}
        self._shown: list[QWidget] = []  # headings and rows, from the top
        self.search = QLineEdit(placeholderText=tr("Find a pen"))
        self.search.setToolTip(tr("Type part of a name or a tag: nib, brush, sketch, texture, tone, mouse, one bit"))
        self.search.setAccessibleName(tr("Find a pen"))
        self.search.setClearButtonEnabled(True)
        self._sentence = QLabel(wordWrap=True)
        self._sentence.setProperty("role", "quiet")
        self._sentence.setContentsMargins(14, 6, 8, 4)
        inside = QWidget()
        self._list = QVBoxLayout(inside)
        self._list.setContentsMargins(0, 0, 0, 0)
        self._list.setSpacing(0)
        self._list.addStretch()
        self._scroll = QScrollArea(self)
        self._scroll.setAccessibleName(tr("Pens"))
        self._scroll.setWidgetResizable(True)
        self._scroll.setMinimumHeight(LEAST_PX)
        self._scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._scroll.setWidget(inside)
        find = QHBoxLayout()
        find.setContentsMargins(14, 6, 8, 2)
        find.addWidget(self.search)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        layout.addLayout(find)
        layout.addWidget(self._scroll, 1)
        layout.addWidget(self._sentence)
        self._offers = QVBoxLayout()
        self._offers.setContentsMargins(8, 4, 8, 6)
        self._offers.setSpacing(4)
        layout.addLayout(self._offers)
        self.search.textChanged.connect(lambda _: self._rebuild())
        hand.changed.connect(self._mark)
        hand.library.changed.connect(self._rebuild)

    @staticmethod
    def group_of(pen: Pen) -> str:
        return group_of(pen)

    @property
    def scroll_position(self) -> int:
        return self._scroll.verticalScrollBar().value()

    @property
    def sentence(self) -> str:
        return self._sentence.text()

    def show_stage(self, stage: Stage) -> None:
        self._stage = stage
        while (item := self._offers.takeAt(0)) is not None:
            item.widget().hide()
            item.widget().deleteLater()
        for action in map(self._actions.__getitem__, stage.offers):
            button = QPushButton(action.text(), autoDefault=False, toolTip=action.toolTip())
            button.setProperty("role", "small")
            button.clicked.connect(action.trigger)
            if action.isCheckable():
                button.setCheckable(True)
                button.setChecked(action.isChecked())
                action.toggled.connect(button.setChecked)
            self._offers.addWidget(button)
        self._rebuild()

    def _rebuild(self) -> None:
        stage, before = self._stage, {row.pen.id: row for row in self.rows}
        found = self._hand.library.found(self.search.text())
        groups: dict[str, list[Pen]] = {}
        for pen in found:
            groups.setdefault(group_of(pen), []).append(pen)
        first = [GROUPS[tag] for tag in stage.first if tag in GROUPS]
        order = [GROUPS["favourite"], *first, *GROUPS.values(), OTHERS, ERASERS]
        self.rows, shown = [], list[QWidget]()
        for name in sorted(groups, key=order.index):
            if name not in self._headings:
                self._headings[name] = _heading(name)
            rows = [
                before.pop(pen.id) if pen.id in before and before[pen.id].pen == pen else self._row(pen)
                for pen in groups[name]
            ]
            self.rows += rows
            shown += [self._headings[name], *rows]
        self._lay_out(shown)
        for row in before.values():
            row.deleteLater()
        self._sentence.setText("" if self.rows else tr("No pen has that in its name or tags."))
        self._sentence.setVisible(bool(self._sentence.text()))
        self._mark()

    def _lay_out(self, shown: list[QWidget]) -> None:
        """What stands where it stood is left there: a layout takes half a ms for each that is put in."""
        same = 0
        while same < min(len(self._shown), len(shown)) and self._shown[same] is shown[same]:
            same += 1
        for widget in self._shown[same:]:
            self._list.removeWidget(widget)
            widget.setVisible(widget in shown)
        for k, widget in enumerate(shown[same:], same):
            self._list.insertWidget(k, widget)
            widget.show()
        self._shown = shown

    def _row(self, pen: Pen) -> PenRow:
        row = PenRow(pen, self)
        row.chosen.connect(self._hand.take)
        row.made.connect(self.made)
        return row

    def _mark(self) -> None:
        for row in self.rows:
            chosen = row.pen.id == self._hand.pen.id
            if chosen != row.is_chosen:
                row.is_chosen = chosen
                row.update()


def _heading(name: str) -> QLabel:
    heading = QLabel(name)
    heading.setProperty("role", "quiet")
    heading.setContentsMargins(14, 5, 0, 0)
    heading.setFixedHeight(HEADING_PX)
    return heading


def group_of(pen: Pen) -> str:
    """Under which heading a pen is found."""
    if pen.rubs:
        return ERASERS
    return next((name for tag, name in GROUPS.items() if tag in pen.tags), OTHERS)
