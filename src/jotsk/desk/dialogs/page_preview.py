"""A small picture of a page with its frames."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from jotsk.core.geometry import View
from jotsk.core.page import Page
from jotsk.desk.board.overlays import overlays
from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted

MARGIN = 26.0


class PagePreview(QWidget):
    """Shows size and frames of `page`, with `picture` on it if there is one."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.page: Page | None = None
        self.picture: QImage | None = None
        self.words = ""
        self.setMinimumSize(240, 300)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def show_page(self, page: Page | None, words: str = "", picture: QImage | None = None) -> None:
        self.page, self.words, self.picture = page, words, picture
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme = current()
        painter.fillRect(self.rect(), QColor(theme.board))
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        room = QRectF(self.rect()).adjusted(MARGIN, MARGIN, -MARGIN, -MARGIN)
        if self.page is not None:
            scale = min(room.width() / self.page.width, room.height() / self.page.height)
            size = QPointF(self.page.width, self.page.height) * scale
            sheet = QRectF(room.center() - size / 2, room.center() + size / 2)
            painter.fillRect(sheet, QColor(*self.page.paper))
            if self.picture is not None:
                painter.drawImage(sheet, self.picture)
            overlays.draw_frames(painter, View(scale, shift_x=sheet.x(), shift_y=sheet.y()), 1.0, self.page)
        painter.setFont(font(SMALL_PX))
        painter.setPen(QColor("#FFFFFF" if theme.name == "Lamp" else theme.text))
        line = QRectF(0, self.height() - MARGIN, self.width(), MARGIN)
        painter.drawText(line, Qt.AlignmentFlag.AlignCenter, self.words)
