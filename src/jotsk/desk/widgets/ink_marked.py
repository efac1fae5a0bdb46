"""List items whose chosen one is marked by an ink stroke, as everywhere on the desk."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter
from PySide6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem

from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets.faults import painted_row
from jotsk.desk.widgets.ink_mark import draw_ink_mark

ROW_PX = 26


class InkMarked(QStyledItemDelegate):
    """Paints the text, and the mark beside the chosen item."""

    @painted_row
    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        theme, box = current(), QRectF(option.rect)
        chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        painter.save()
        if chosen:
            draw_ink_mark(painter, QRectF(box.left() + 3, box.top() + 4, 5, box.height() - 8), theme.accent)
        painter.setFont(font(13, weight=font().Weight.DemiBold if chosen else font().Weight.Normal))
        painter.setPen(QColor(theme.text))
        text = painter.fontMetrics().elidedText(str(index.data()), Qt.TextElideMode.ElideRight, int(box.width() - 22))
        painter.drawText(box.adjusted(15, 0, -4, 0), Qt.AlignmentFlag.AlignVCenter, text)
        painter.restore()

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(120, ROW_PX)
