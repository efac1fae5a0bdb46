"""The whole page in little, with what the board shows of it."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF, QWheelEvent
from PySide6.QtWidgets import QWidget

from jotsk.core.page.compose.thumbnail import thumbnail
from jotsk.core.words import tr
from jotsk.desk.board.board import Board
from jotsk.desk.board.view.page_view import WHEEL_STEP
from jotsk.desk.document.document import Document
from jotsk.desk.document.latest import Latest
from jotsk.desk.theme import current
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.drawn_beside import DRAWN
from jotsk.desk.widgets.faults import handled, painted

WIDTH, HEIGHT, EDGE = 176, 220, 8
FOLLOW_MS = 250


class Overview(QWidget):
    """Drag the frame, or press anywhere, to show that place; the wheel zooms."""

    def __init__(self, document: Document, board: Board) -> None:
        super().__init__(board)
        self._document, self._board = document, board
        self._image = QImage()
        self.setFixedSize(WIDTH, HEIGHT)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self.setToolTip(tr("The whole page; drag to show another part, turn the wheel to zoom"))
        self.setAccessibleName(tr("Overview"))
        self._drawing = Latest("overview", self, brings_earlier=True)
        self._drawing.came.connect(self._take)
        self._pause = AtPause(self.refresh, lambda: document.is_inking, FOLLOW_MS, self)
        document.changed.connect(self._page_changed)
        board.view_changed.connect(self.update)
        self.hide()

    @handled
    def showEvent(self, event: object) -> None:
        self.refresh()

    def _page_changed(self, *_: object) -> None:
        if not self._pause.is_asked:
            self._pause.ask()

    def refresh(self) -> None:
        if DRAWN.is_held:
            self._pause.ask()
        elif self.isVisible():
            page = self._document.page
            self._drawing.ask(lambda: thumbnail(page, 2 * HEIGHT))

    def _take(self, pixels: NDArray[np.uint8]) -> None:
        h, w = pixels.shape[:2]
        self._image = QImage(pixels.data, w, h, pixels.strides[0], QImage.Format.Format_RGB888).copy()
        self.update()

    @property
    def seen(self) -> QPolygonF:
        """What the board shows, in px of this widget."""
        board, (scale, corner) = self._board, self._place()
        w, h = board._device_size()
        corners = [board.view.to_page(*at) for at in ((0, 0), (w, 0), (w, h), (0, h))]
        return QPolygonF([corner + QPointF(x, y) * scale for x, y in corners])

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, (scale, corner) = current(), self._place()
        page = self._document.page
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setPen(QPen(QColor(theme.hairline), 1))
        painter.setBrush(QColor(theme.sunken))
        painter.drawRect(QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5))
        sheet = QRectF(corner.x(), corner.y(), page.width * scale, page.height * scale)
        painter.drawImage(sheet, self._image)
        painter.setClipRect(self.rect().adjusted(1, 1, -1, -1))
        for color, width in (("#FFFFFF", 3.0), (theme.accent, 1.6)):
            painter.setPen(QPen(QColor(color), width))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPolygon(self.seen)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._show(event.position())

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self._show(event.position())

    @handled
    def wheelEvent(self, event: QWheelEvent) -> None:
        self._board.zoom_by(WHEEL_STEP ** (event.angleDelta().y() / 120))
        event.accept()

    def _show(self, at: QPointF) -> None:
        scale, corner = self._place()
        page, there = self._document.page, (at - corner) / scale
        self._board.center_on(min(page.width, max(0.0, there.x())), min(page.height, max(0.0, there.y())))

    def _place(self) -> tuple[float, QPointF]:
        """Widget px for each page px, and where the page's corner lies."""
        page = self._document.page
        room = QRectF(self.rect()).adjusted(EDGE, EDGE, -EDGE, -EDGE)
        scale = min(room.width() / page.width, room.height() / page.height)
        return scale, room.center() - QPointF(page.width, page.height) * scale / 2
