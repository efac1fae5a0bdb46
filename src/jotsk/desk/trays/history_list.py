"""The list of the history: a step a row, with its picture."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QRectF, QSize, QStringListModel, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtWidgets import QListView, QStyledItemDelegate, QStyleOptionViewItem, QWidget

from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.faults import painted_row

ROW_PX, PICTURE = 52, QSize(34, 44)
FIRST = tr("As it was opened")


class Steps(QStringListModel):
    """The names of the steps, the oldest first. A list asks for its rows by the thousand: Qt's own model answers at
    once."""

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.refresh()

    def refresh(self) -> None:
        steps = self._document.steps
        self.setStringList([steps.label(row) or FIRST for row in range(len(steps))])


class StepDelegate(QStyledItemDelegate):
    """Picture and name; what was taken back is faint."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self._document = document

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(0, ROW_PX)

    @painted_row
    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        theme, row = current(), index.row()
        box = QRectF(option.rect)
        if row not in self._document.steps:  # the list is behind
            return
        present = self._document.steps.at_so_far
        is_present = row == present
        if is_present:
            painter.fillRect(box, QColor(theme.raised))
            draw_ink_mark(painter, QRectF(box.x() + 2, box.y() + 8, 6, box.height() - 16), theme.accent)
        painter.setOpacity(0.45 if row > present else 1.0)
        room = QRectF(box.x() + 14, box.y() + 4, PICTURE.width(), PICTURE.height())
        pixels = self._document.steps.picture(row)
        if pixels is not None:
            h, w = pixels.shape[:2]
            image = QImage(pixels.data, w, h, pixels.strides[0], QImage.Format.Format_RGB888)
            k = min(room.width() / w, room.height() / h)
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            shown = QRectF(room.center().x() - w * k / 2, room.center().y() - h * k / 2, w * k, h * k)
            painter.drawImage(shown, image)
            painter.setPen(QColor(theme.hairline))
            painter.drawRect(shown)
        painter.setPen(QColor(theme.text))
        painter.setFont(font(13, weight=font().Weight.Bold if is_present else font().Weight.Normal))
        words = box.adjusted(14 + PICTURE.width() + 10, 0, -6, 0)
        text = painter.fontMetrics().elidedText(str(index.data()), Qt.TextElideMode.ElideRight, int(words.width()))
        painter.drawText(words, Qt.AlignmentFlag.AlignVCenter, text)


class StepList(QListView):
    def __init__(self, document: Document) -> None:
        super().__init__()
        self._document = document
        self.steps = Steps(document)
        self.setModel(self.steps)
        self.setItemDelegate(StepDelegate(document, self))
        self.setUniformItemSizes(True)
        self.setSelectionMode(QListView.SelectionMode.NoSelection)
        self.setEditTriggers(QListView.EditTrigger.NoEditTriggers)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(tr("What was done; press a step to go there"))
        self.setToolTip(tr("Press a step to go there; what comes after it can be done again"))
        self.clicked.connect(lambda index: document.go_to_step(index.row()))

    def refresh(self) -> None:
        self.steps.refresh()
        self.scrollTo(self.steps.index(self._document.steps.at), QListView.ScrollHint.EnsureVisible)
