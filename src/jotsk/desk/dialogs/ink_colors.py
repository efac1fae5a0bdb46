"""Colours: a picker by lightness, chroma and hue as the eye sees them, the palette, and the last inks used."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import numpy as np
from PySide6.QtCore import QPointF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import (
    QAbstractButton,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from jotsk.core.errors import JotskError
from jotsk.core.hex_color import color_as_typed, hex_of
from jotsk.core.ink import Color
from jotsk.core.ink.oklch import MOST_CHROMA, from_oklch, to_oklch
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.pens.hand import Hand
from jotsk.desk.pens.palette import DeskPalette
from jotsk.desk.theme import current
from jotsk.desk.widgets.asking import ask_file, ask_new_file
from jotsk.desk.widgets.faults import handled, painted

PLANE = 220
STRIP = 22
COLUMNS = 8
SWATCH = 28
TEXT = tr("Palettes (*.txt)")


class Plane(QWidget):
    """Lightness upward and chroma to the right at one hue, and the hues in a strip beside them."""

    picked = Signal(tuple)

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setFixedSize(PLANE + 14 + STRIP, PLANE)
        self.setCursor(Qt.CursorShape.CrossCursor)
        self.setAccessibleName(tr("Colour by lightness, chroma and hue"))
        self._lch = np.zeros(3)
        self._plane = self._strip = QImage()  # made when they are looked at
        self._plane_hue = 0.0

    def show_color(self, color: Color) -> None:
        lch = to_oklch(np.array(color) / 255)
        if lch[1] < 1e-3:
            lch[2] = self._lch[2]  # a grey has no hue: keep the one that was shown
        self._show(lch)

    def _show(self, lch: np.ndarray) -> None:
        self._lch = lch
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        lightness, chroma, hue = map(float, self._lch)
        if self._strip.isNull():
            self._strip = _image(_strip_colors())
        if self._plane.isNull() or hue != self._plane_hue:
            self._plane, self._plane_hue = _image(_plane_colors(hue)), hue
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.drawImage(0, 0, self._plane)
        painter.drawImage(PLANE + 14, 0, self._strip)
        at = QPointF(chroma / MOST_CHROMA * PLANE, (1 - lightness) * PLANE)
        y = (hue % (2 * np.pi)) / (2 * np.pi) * PLANE
        for color, width in (("#FFFFFF", 3.0), ("#1D2A32", 1.2)):
            painter.setPen(QPen(QColor(color), width))
            painter.drawEllipse(at, 6, 6)
            painter.drawLine(QPointF(PLANE + 10, y), QPointF(PLANE + 18 + STRIP, y))

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pick(event.position())

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        self._pick(event.position())

    def _pick(self, at: QPointF) -> None:
        lch = self._lch.copy()
        up = min(1.0, max(0.0, at.y() / PLANE))
        if at.x() > PLANE + 7:
            lch[2] = up * 2 * np.pi
        else:
            lch[0], lch[1] = 1 - up, min(1.0, max(0.0, at.x() / PLANE)) * MOST_CHROMA
        while not from_oklch(lch)[1] and lch[1] > 1e-3:
            lch[1] -= 0.002  # beyond what a screen can show: the strongest there is
        self._show(lch)
        srgb, _ = from_oklch(lch)
        r, g, b = (int(v) for v in np.round(srgb * 255))
        self.picked.emit((r, g, b))


class Swatch(QAbstractButton):
    """One colour to press. It paints itself: a style sheet for each would keep the sheet from opening."""

    def __init__(self, color: Color, name: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.color = color
        self.setFixedSize(SWATCH, SWATCH)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        words = f"{name} {hex_of(color)}".strip()
        self.setToolTip(words)
        self.setAccessibleName(words)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.fillRect(self.rect(), QColor(*self.color))
        painter.setPen(QPen(QColor(current().accent if self.hasFocus() else current().quiet), 1))
        painter.drawRect(self.rect().adjusted(0, 0, -1, -1))
        if self.hasFocus():
            painter.setPen(QPen(QColor(current().raised), 1))
            painter.drawRect(self.rect().adjusted(1, 1, -2, -2))


class InkColors(QDialog):
    """Stays open beside the page; every choice goes to the hand at once."""

    def __init__(self, hand: Hand, palette: DeskPalette, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Ink colour"))
        self._hand, self._palette = hand, palette
        self.plane = Plane(self)
        self.plane.picked.connect(hand.set_color)
        self.hex = QLineEdit(maxLength=7)
        self.hex.setAccessibleName(tr("sRGB, #rrggbb"))
        self.hex.setToolTip(tr("The colour as sRGB, #rrggbb"))
        self.hex.setFixedWidth(80)
        self.hex.editingFinished.connect(self._typed)
        self.told = QLabel()
        self.told.setProperty("role", "quiet")
        self._grid, self._recent = QGridLayout(), QHBoxLayout()
        for box in (self._grid, self._recent):
            box.setSpacing(4)
        self._recent.setAlignment(Qt.AlignmentFlag.AlignLeft)
        self._grid.setAlignment(Qt.AlignmentFlag.AlignLeft)
        row = QHBoxLayout()
        row.addWidget(self.hex)
        row.addWidget(
            self._button(tr("Before"), tr("The colour before this one"), lambda: hand.set_color(hand.previous_color))
        )
        row.addStretch()
        buttons = QHBoxLayout()
        buttons.addWidget(QuestionMark(self, "drawing"))
        for words, tip, call in (
            (tr("Add"), tr("Add this colour to the palette"), lambda: palette.add(hand.color)),
            (tr("Take out"), tr("Take this colour out of the palette"), lambda: palette.remove(hand.color)),
            (tr("Open…"), tr("Open a palette"), self.open),
            (tr("Save…"), tr("Save the palette as a text file"), self.save),
        ):
            buttons.addWidget(self._button(words, tip, call))
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 16, 18, 16)
        layout.setSpacing(10)
        layout.addWidget(self.plane)
        layout.addLayout(row)
        layout.addWidget(_quiet(tr("Palette")))
        layout.addLayout(self._grid)
        layout.addLayout(buttons)
        layout.addWidget(_quiet(tr("Used last")))
        layout.addLayout(self._recent)
        layout.addWidget(self.told)
        hand.changed.connect(self._show)
        palette.changed.connect(self._fill)
        self._fill()

    def open(self, path: Path | None = None) -> None:
        if path is None:
            path = ask_file(self, tr("Open a palette"), TEXT)
        if path is not None:
            self._tried(lambda: self._palette.open(path))

    def save(self, path: Path | None = None) -> None:
        if path is None:
            path = ask_new_file(self, tr("Save the palette"), TEXT, "palette.txt", ".txt")
        if path is not None:
            self._tried(lambda: self._palette.save(path))

    def _tried(self, call: Callable[[], None]) -> None:
        try:
            call()
            self.told.setText("")
        except JotskError as error:
            self.told.setText(str(error))

    def _fill(self) -> None:
        _emptied(self._grid)
        for at, (color, name) in enumerate(self._palette.colors):
            self._grid.addWidget(self._swatch(color, name), at // COLUMNS, at % COLUMNS)
        self._show()

    def _show(self) -> None:
        self.plane.show_color(self._hand.color)
        if not self.hex.hasFocus():
            self.hex.setText(hex_of(self._hand.color))
        shown = [self._recent.itemAt(i).widget().color for i in range(self._recent.count())]
        if shown != self._hand.recent[:COLUMNS]:
            _emptied(self._recent)
            for color in self._hand.recent[:COLUMNS]:
                self._recent.addWidget(self._swatch(color, ""))

    def _swatch(self, color: Color, name: str) -> Swatch:
        swatch = Swatch(color, name, self)
        swatch.clicked.connect(lambda: self._hand.set_color(color))
        return swatch

    def _typed(self) -> None:
        try:
            self._hand.set_color(color_as_typed(self.hex.text().strip()))
            self.told.setText("")
        except ValueError:
            self.told.setText(tr("A colour is typed as #rrggbb, such as #1D2A32."))

    def _button(self, words: str, tip: str, call: Callable[[], None]) -> QPushButton:
        button = QPushButton(words, toolTip=tip, autoDefault=False)
        button.clicked.connect(lambda _=False: call())
        return button


def _emptied(layout: QGridLayout | QHBoxLayout) -> None:
    while layout.count():
        widget = layout.takeAt(0).widget()
        widget.hide()
        widget.deleteLater()


def _quiet(words: str) -> QLabel:
    label = QLabel(words)
    label.setProperty("role", "quiet")
    return label


def _plane_colors(hue: float) -> np.ndarray:
    """(PLANE, PLANE, 4) sRGB; what no screen can show is left clear."""
    up, right = np.linspace(1, 0, PLANE, dtype=np.float32), np.linspace(0, MOST_CHROMA, PLANE, dtype=np.float32)
    lightness, chroma = np.meshgrid(up, right, indexing="ij")
    srgb, inside = from_oklch(np.stack([lightness, chroma, np.full_like(chroma, hue)], axis=-1))
    return np.concatenate([srgb, inside[..., None]], axis=-1)


def _strip_colors() -> np.ndarray:
    hue = np.linspace(0, 2 * np.pi, PLANE)
    srgb, _ = from_oklch(np.stack([np.full(PLANE, 0.7), np.full(PLANE, 0.12), hue], axis=-1))
    return np.repeat(np.concatenate([srgb, np.ones((PLANE, 1))], axis=-1)[:, None], STRIP, axis=1)


def _image(colors: np.ndarray) -> QImage:
    pixels = np.ascontiguousarray((colors * 255 + 0.5).astype(np.uint8))
    h, w, _ = pixels.shape
    return QImage(pixels.data, w, h, w * 4, QImage.Format.Format_RGBA8888).copy()
