"""The pens of the stage, each shown as the stroke it makes."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QSizePolicy, QVBoxLayout, QWidget

from jotsk.core.ink import Pen, pen_by_id
from jotsk.core.ink.preview import preview
from jotsk.desk.hand import Hand
from jotsk.desk.stages import Stage
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.ink_mark import SCALE, alpha_image, draw_ink_mark

ROW_PX = 60
PREVIEW = (84, 30)
WIDEST_PX = 7.0  # the preview's width of the widest pen, on the screen


class PenRow(QWidget):
    """One pen."""

    chosen = Signal(object)

    def __init__(self, pen: Pen, parent: QWidget) -> None:
        super().__init__(parent)
        self.pen = pen
        self.is_chosen = False
        self._ink = preview(pen, PREVIEW[0] * SCALE, PREVIEW[1] * SCALE, WIDEST_PX * SCALE)
        self.setToolTip(f"{pen.name}, {pen.size_px:g} px as shipped")
        self.setAccessibleName(pen.name)
        self.setFixedHeight(ROW_PX)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(112, ROW_PX)

    def paintEvent(self, event: QPaintEvent) -> None:
        theme = current()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self.pen.rubs:
            # An eraser shows what it leaves: a gap in a patch of ink.
            patch = QRectF(18, 10, 76, 22)
            painter.fillRect(patch, theme.text)
            painter.drawImage(QRectF(14, 6, *PREVIEW), alpha_image(self._ink, theme.chrome, SCALE))
        else:
            painter.drawImage(QRectF(14, 6, *PREVIEW), alpha_image(self._ink, theme.text, SCALE))
        if self.is_chosen:
            draw_ink_mark(painter, QRectF(2, 6, 6, ROW_PX - 16), theme.accent)
        weight = font().Weight.DemiBold if self.is_chosen else font().Weight.Normal
        painter.setFont(font(SMALL_PX, weight=weight))
        painter.setPen(theme.text if self.is_chosen or self.hasFocus() else theme.quiet)
        painter.drawText(QRectF(18, 37, self.width() - 20, 18), self.pen.name)
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.chosen.emit(self.pen)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space):
            self.chosen.emit(self.pen)
        else:
            super().keyPressEvent(event)


class PenTray(QWidget):
    """The pens of a stage, or the sentence that says what it will hold."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        self.rows: list[PenRow] = []
        self._sentence = QLabel(wordWrap=True)
        self._sentence.setProperty("role", "quiet")
        self._sentence.setContentsMargins(14, 6, 8, 0)
        self._layout = QVBoxLayout(self)
        self._layout.setContentsMargins(0, 4, 0, 0)
        self._layout.setSpacing(0)
        self._layout.addWidget(self._sentence)
        self._layout.addStretch()
        hand.changed.connect(self._mark)

    @property
    def sentence(self) -> str:
        return self._sentence.text()

    def show_stage(self, stage: Stage) -> None:
        for row in self.rows:
            self._layout.removeWidget(row)
            row.deleteLater()
        self.rows = [PenRow(pen_by_id(i), self) for i in stage.pens]
        for at, row in enumerate(self.rows):
            row.chosen.connect(self._hand.take)
            self._layout.insertWidget(at, row)
        self._sentence.setText(stage.sentence)
        self._sentence.setVisible(bool(stage.sentence))
        self._mark()

    def _mark(self) -> None:
        for row in self.rows:
            chosen = row.pen.id == self._hand.pen.id
            if chosen != row.is_chosen:
                row.is_chosen = chosen
                row.update()
