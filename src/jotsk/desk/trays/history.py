"""What was done, step by step, with small pictures: any point can be gone to."""

from __future__ import annotations

from PySide6.QtCore import QAbstractListModel, QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtWidgets import QLabel, QListView, QStyledItemDelegate, QStyleOptionViewItem, QVBoxLayout, QWidget

from jotsk.core.words import tr
from jotsk.desk.document.document import Document
from jotsk.desk.theme import current
from jotsk.desk.theme.style import font
from jotsk.desk.widgets import draw_ink_mark
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.faults import handled, painted_row

WIDTH = 214
ROW_PX, PICTURE = 52, QSize(34, 44)
PAUSE_MS = 300
FIRST = tr("As it was opened")


class Steps(QAbstractListModel):
    """The steps, the oldest first."""

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self._count = 0
        self.refresh()

    def rowCount(self, parent: QModelIndex | QPersistentModelIndex | None = None) -> int:
        return self._count

    def data(self, index: QModelIndex | QPersistentModelIndex, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return (self._document.steps.label(index.row()) or FIRST) if index.row() in self._document.steps else ""
        return None

    def refresh(self) -> None:
        self.beginResetModel()
        self._count = len(self._document.steps)
        self.endResetModel()


class StepDelegate(QStyledItemDelegate):
    """Picture and name; what was taken back is faint."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self._document = document

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(WIDTH - 20, ROW_PX)

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


class HistoryTray(QWidget):
    """Floats beside the board; press a step to go there."""

    def __init__(self, document: Document, parent: QWidget) -> None:
        super().__init__(parent)
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setFixedWidth(WIDTH)
        self.setCursor(Qt.CursorShape.ArrowCursor)
        self._document = document
        heading = QLabel(tr("History"))
        heading.setProperty("role", "heading")
        self.steps = Steps(document)
        self.view = QListView()
        self.view.setModel(self.steps)
        self.view.setItemDelegate(StepDelegate(document, self.view))
        self.view.setUniformItemSizes(True)
        self.view.setSelectionMode(QListView.SelectionMode.NoSelection)
        self.view.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.view.setAccessibleName(tr("What was done; press a step to go there"))
        self.view.setToolTip(tr("Press a step to go there; what comes after it can be done again"))
        layout = QVBoxLayout(self)
        layout.setContentsMargins(10, 8, 6, 8)
        layout.addWidget(heading)
        layout.addWidget(self.view, 1)
        self._pause = AtPause(self._at_pause, lambda: document.is_inking, PAUSE_MS, self)
        self.view.clicked.connect(lambda index: document.go_to_step(index.row()))
        document.state_changed.connect(self._changed)
        self.hide()

    @handled
    def showEvent(self, event: object) -> None:
        self.refresh()

    def refresh(self) -> None:
        self.steps.refresh()
        self.view.scrollTo(self.steps.index(self._document.steps.at), QListView.ScrollHint.EnsureVisible)

    def _changed(self) -> None:
        if self.isVisible() and self.steps.rowCount() - 1 not in self._document.steps:
            self.refresh()  # steps that are gone are not shown for one frame more
        self._pause.ask()

    def _at_pause(self) -> None:
        """The hand pauses: take the picture of the present step while its page is at hand, and show the list."""
        self._document.steps.picture(self._document.steps.at)
        if self.isVisible():
            self.refresh()
