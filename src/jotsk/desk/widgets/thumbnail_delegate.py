"""List items that are pictures with words; the chosen one is marked by an ink stroke."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex, QObject, QPersistentModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QIcon, QPainter
from PySide6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem

from jotsk.desk.theme import current
from jotsk.desk.theme.style import SMALL_PX, font
from jotsk.desk.widgets.faults import painted_row
from jotsk.desk.widgets.ink_mark import draw_ink_mark

WORDS_PX, GAP_PX = 44, 10


class ThumbnailDelegate(QStyledItemDelegate):
    """The first line of an item's text is its name, the others are quiet; beside its picture, or `below` it."""

    def __init__(self, picture: QSize, *, below: bool, parent: QObject) -> None:
        super().__init__(parent)
        self._picture, self._below = picture, below

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        if self._below:
            return self._picture + QSize(2 * GAP_PX, WORDS_PX + 2 * GAP_PX)
        return QSize(200, self._picture.height() + GAP_PX)

    @painted_row
    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        theme, box = current(), QRectF(option.rect)
        is_chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        picture = QRectF(box.x() + 14, box.y() + GAP_PX / 2, self._picture.width(), self._picture.height())
        if self._below:
            picture.moveLeft(box.center().x() - picture.width() / 2)
            words = QRectF(picture.x(), picture.bottom() + 6, picture.width(), WORDS_PX)
            mark = QRectF(picture.x(), picture.bottom() + 1, picture.width(), 6)
            words.translate(0, 4)
        else:
            words = QRectF(picture.right() + GAP_PX, box.y(), box.right() - picture.right() - 2 * GAP_PX, box.height())
            mark = QRectF(box.x() + 4, box.y() + 8, 6, box.height() - 16)
        painter.save()
        icon = index.data(Qt.ItemDataRole.DecorationRole)
        if isinstance(icon, QIcon):
            icon.paint(painter, picture.toRect(), Qt.AlignmentFlag.AlignCenter)
        if is_chosen:
            draw_ink_mark(painter, mark, theme.accent)
        name, *more = str(index.data()).split("\n")
        weight = font().Weight.DemiBold if is_chosen else font().Weight.Normal
        across = Qt.AlignmentFlag.AlignHCenter if self._below else Qt.AlignmentFlag.AlignLeft
        line = 18.0
        y = words.y() if self._below else words.center().y() - line * (1 + len(more)) / 2
        for k, text in enumerate((name, *more)):
            painter.setFont(font(13, weight=weight) if k == 0 else font(SMALL_PX))
            painter.setPen(QColor(theme.text if k == 0 else theme.quiet))
            shown = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(words.width()))
            painter.drawText(QRectF(words.x(), y + line * k, words.width(), line), across, shown)
        painter.restore()
