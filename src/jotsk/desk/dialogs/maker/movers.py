"""What of a pen is moved by what: a small table whose cells are response curves, and the cell that is open."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

import numpy as np
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QLineEdit, QPushButton, QVBoxLayout, QWidget

from jotsk.core.hand import ResponseCurve
from jotsk.core.ink import Drive, Pen
from jotsk.core.ink.pens import ALWAYS, DRIVERS, PEN_SPECS
from jotsk.core.words import capitalized, tr
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.choice import Choice
from jotsk.desk.widgets.curve_editor import CurveEditor, Points
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.ink_mark import draw_ink_mark
from jotsk.desk.widgets.number_field import number_field

MOVERS = tuple(name for name in DRIVERS if name != "nothing")
COLUMNS = {
    "width": tr("width"), "ink": tr("ink"), "softness": tr("softness"), "spaced_by": tr("spacing"),
    "turned_by": tr("turning"),
}  # fmt: skip
OF_MOTIFS = ("spaced_by", "turned_by")
# What lying flat does to a pencil is a number: by mover and column.
NUMBERS = {("tilt", "width"): "tilt_widens", ("tilt", "softness"): "tilt_softens"}
CELL = QSize(66, 28)
NOTHING = tr("Nothing moves it; press a cell of its column.")


class Cell(Choice):
    """How one mover moves one quantity."""

    chosen = Signal(str, str)

    def __init__(self, mover: str, column: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.mover, self.column = mover, column
        self.curve: ResponseCurve | None = None
        self.least = 0.0
        self.words = ""
        self.setFixedSize(CELL)

    def show_moved(self, curve: ResponseCurve | None, least: float, words: str) -> None:
        if self.toolTip() and (curve, least, words) == (self.curve, self.least, self.words):
            return
        self.curve, self.least, self.words = curve, least, words
        does = tr("moves") if curve is not None else words or tr("does not move")
        self.setAccessibleName(f"{capitalized(tr(self.mover))} {does} {COLUMNS[self.column]}")
        self.setToolTip(tr("{what}; press to change it", what=self.accessibleName()))
        self.update()

    def choose(self) -> None:
        self.chosen.emit(self.mover, self.column)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(7, 0.5, -0.5, -0.5)
        painter.setPen(QPen(QColor(theme.accent if self.hasFocus() else theme.hairline), 1))
        painter.setBrush(QColor(theme.raised))
        painter.drawRoundedRect(box, 4, 4)
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(0, 3, 6, self.height() - 6), theme.accent)
        inside = box.adjusted(6, 6, -6, -6)
        if self.curve is not None:
            share = np.linspace(0, 1, 30)
            y = self.least + (1 - self.least) * self.curve(share)
            places = zip(
                (inside.left() + share * inside.width()).tolist(), (inside.bottom() - y * inside.height()).tolist(),
                strict=True,
            )  # fmt: skip
            painter.setPen(QPen(QColor(theme.text), 1.8))
            painter.drawPolyline(QPolygonF([QPointF(a, b) for a, b in places]))
        else:
            painter.setFont(font(SMALL_PX))
            painter.setPen(QColor(theme.text if self.words else theme.quiet))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, self.words or "–")


class Movers(QWidget):
    """`changed` brings the pen; one quantity is moved by one mover."""

    changed = Signal(object)
    told = Signal(str)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._pen: Pen | None = None
        self.open_cell = ("pressure", "width")
        self.cells: dict[tuple[str, str], Cell] = {}
        self._heads: dict[str, QLabel] = {}
        table = QGridLayout()
        table.setHorizontalSpacing(5)
        table.setVerticalSpacing(5)
        corner = QLabel(tr("Moved by"))
        corner.setProperty("role", "heading")
        table.addWidget(corner, 0, 0)
        for j, (column, words) in enumerate(COLUMNS.items(), 1):
            head = self._heads[column] = QLabel(words)
            head.setProperty("role", "quiet")
            head.setContentsMargins(9, 0, 0, 0)
            table.addWidget(head, 0, j)
        for i, mover in enumerate(MOVERS, 1):
            table.addWidget(QLabel(tr(mover)), i, 0)
            for j, column in enumerate(COLUMNS, 1):
                if column == "softness" and (mover, column) not in NUMBERS:
                    continue
                cell = self.cells[mover, column] = Cell(mover, column, self)
                cell.chosen.connect(self._open)
                table.addWidget(cell, i, j)
        self.title = QLabel()
        self.title.setProperty("role", "heading")
        self.curve = CurveEditor(monotone=True, tooltip=tr("Response"))
        self.curve.setFixedSize(180, 112)
        self.least = number_field(0, 100, 1, " %")
        self.least.setAccessibleName(tr("Least"))
        self.least.setToolTip(tr("What is left of it when the mover is at its least"))
        self.points = QLineEdit()
        self.points.setAccessibleName(tr("Response, points"))
        self.points.setToolTip(tr("The points of the graph: input and output in per cent; a semicolon between points"))
        self.number = number_field(0, 100, 1)
        self.none = QPushButton(autoDefault=False)
        self.none.setProperty("role", "small")
        self._labels = QLabel(tr("Least")), QLabel(tr("Points")), QLabel(tr("Lying flat"))
        side = QVBoxLayout()
        side.setSpacing(3)
        for label, field in zip(self._labels, (self.least, self.points, self.number), strict=True):
            label.setProperty("role", "quiet")
            field.setFixedWidth(104)
            side.addWidget(label)
            side.addWidget(field)
        side.addWidget(self.none)
        side.addStretch()
        opened = QVBoxLayout()
        opened.setSpacing(5)
        opened.addWidget(self.title)
        row = QHBoxLayout()
        row.setSpacing(10)
        row.addWidget(self.curve, 0, Qt.AlignmentFlag.AlignTop)
        row.addLayout(side)
        opened.addLayout(row)
        opened.addStretch()
        left = QVBoxLayout()
        left.addLayout(table)
        left.addStretch()
        whole = QHBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(18)
        whole.addLayout(left)
        whole.addLayout(opened)
        self.curve.changed.connect(self._take_curve)
        self.least.valueChanged.connect(self._take_least)
        self.points.editingFinished.connect(self._take_points)
        self.number.valueChanged.connect(self._take_number)
        self.none.clicked.connect(self._let_be)

    def show_pen(self, pen: Pen) -> None:
        is_other = self._pen is None or self._pen.id != pen.id
        self._pen = pen
        has_motif = pen.motif != "none"
        if is_other or (self.open_cell[1] in OF_MOTIFS and not has_motif):
            self.open_cell = (pen.width.by if pen.width.by in MOVERS else "pressure", "width")
        for column in OF_MOTIFS:
            self._heads[column].setVisible(has_motif)
        for (mover, column), cell in self.cells.items():
            drive, number = self._drive(column), self._number(mover, column)
            is_on = drive is not None and drive.by == mover
            cell.show_moved(drive.curve if drive is not None and is_on else None, drive.least if drive else 0.0, number)
            cell.is_chosen = (mover, column) == self.open_cell
            cell.setVisible(column not in OF_MOTIFS or has_motif)
        self._show_open()

    def _drive(self, column: str) -> Drive | None:
        return None if column == "softness" else getattr(self._pen, column)

    def _number(self, mover: str, column: str) -> str:
        """What lying flat does, in short; nothing if it does nothing."""
        name = NUMBERS.get((mover, column))
        if name is None:
            return ""
        value = getattr(self._pen, name)
        if name == "tilt_widens":
            return tr("x {value:g}", value=value) if value != 1.0 else ""
        return f"{100 * value:g} %" if value else ""

    def _show_open(self) -> None:
        mover, column = self.open_cell
        drive, number = self._drive(column), NUMBERS.get(self.open_cell)
        is_on = drive is not None and drive.by == mover
        self.title.setText(
            tr("{mover} moves {what}", mover=tr(mover), what=COLUMNS[column]) if is_on or number else NOTHING
        )
        for widget in (self.curve, self.least, self.points, *self._labels[:2]):
            widget.setVisible(is_on)
        self.none.setVisible(drive is not None)
        self.none.setText(tr("Nothing") if is_on else tr("Let {mover} move it", mover=tr(mover)))
        self.none.setToolTip(
            tr("It is always the same")
            if is_on
            else tr("{what} by {mover} alone", what=capitalized(COLUMNS[column]), mover=tr(mover))
        )
        for widget in (self.number, self._labels[2]):
            widget.setVisible(number is not None)
        for field in (self.least, self.number):
            field.blockSignals(True)
        if drive is not None and is_on:
            if self.curve.points != drive.curve.points:
                self.curve.set_points(drive.curve.points)
            self.least.setValue(100 * drive.least)
            self.points.setText("; ".join(f"{100 * x:g} {100 * y:g}" for x, y in drive.curve.points))
            self.points.setCursorPosition(0)
        if number is not None:
            made = PEN_SPECS[number].maker
            assert made is not None
            self.number.setRange(made.low, made.high)
            self.number.setSuffix(f" {made.unit}")
            self.number.setAccessibleName(made.words)
            self._labels[2].setText(made.words)
            self.number.setValue(getattr(self._pen, number) * made.times)
        for field in (self.least, self.number):
            field.blockSignals(False)

    # -- changes ---------------------------------------------------------------------------------

    def _open(self, mover: str, column: str) -> None:
        """Open a cell; what is moved by something else is moved by this from now on."""
        self.open_cell = (mover, column)
        drive = self._drive(column)
        if drive is not None and drive.by != mover and (mover, column) not in NUMBERS:
            self._put(replace(drive, by=mover, least=0.0 if drive.by == "nothing" else drive.least))
        elif self._pen is not None:
            self.show_pen(self._pen)

    def _put(self, drive: Drive) -> None:
        if self._pen is not None:
            changes: dict[str, Any] = {self.open_cell[1]: drive}
            self.changed.emit(replace(self._pen, **changes))

    def _opened(self) -> Drive | None:
        """What the open cell moves; None if that is nothing. A field says its number once more when it is hidden."""
        mover, column = self.open_cell
        drive = self._drive(column)
        return drive if drive is not None and drive.by == mover else None

    def _take_curve(self, points: Points) -> None:
        drive = self._opened()
        if drive is not None:
            self._put(replace(drive, curve=ResponseCurve(points)))

    def _take_least(self, value: float) -> None:
        drive = self._opened()
        if drive is not None:
            self._put(replace(drive, least=value / 100))

    def _take_points(self) -> None:
        drive = self._opened()
        if drive is None:
            return
        try:
            points = tuple((float(x) / 100, float(y) / 100) for x, y in map(str.split, self._pairs()))
            curve = ResponseCurve(points)
        except ValueError:
            self.told.emit(tr("Points are pairs in per cent, rising from left to right, such as 0 0; 50 40; 100 100."))
            self._show_open()
            return
        if curve.points != drive.curve.points:
            self._put(replace(drive, curve=curve))

    def _pairs(self) -> list[str]:
        return [pair for pair in self.points.text().split(";") if pair.strip()]

    def _take_number(self, value: float) -> None:
        name = NUMBERS.get(self.open_cell)
        if name is None:  # as above
            return
        made = PEN_SPECS[name].maker
        assert made is not None and self._pen is not None
        changes: dict[str, Any] = {name: value / made.times}
        self.changed.emit(replace(self._pen, **changes))

    def _let_be(self) -> None:
        """Have nothing move what is moved, or move it by this."""
        mover, drive = self.open_cell[0], self._drive(self.open_cell[1])
        if drive is not None:
            self._put(ALWAYS if drive.by == mover else replace(drive, by=mover))
