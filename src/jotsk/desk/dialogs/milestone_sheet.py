"""The milestones of a page: look, compare side by side, name, go back, thin out."""

from __future__ import annotations

from datetime import datetime

from PySide6.QtCore import QRect, QSize, Qt
from PySide6.QtGui import QIcon, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import (
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.files.store import State
from jotsk.core.geometry import View
from jotsk.core.page import Page
from jotsk.core.words import tr
from jotsk.desk.board.view.page_view import MARGIN_PX, PageView
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.document.document import Document
from jotsk.desk.recovery.milestones import BY_CLOCK, Milestones
from jotsk.desk.theme import current
from jotsk.desk.widgets.dates import moment
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.number_field import count_field
from jotsk.desk.widgets.thumbnail_delegate import ThumbnailDelegate

PICTURE = QSize(72, 96)
EMPTY = tr("Nothing is kept yet. Keep the page as it is now, and it can be looked at and gone back to at any time.")


class _Small(QWidget):
    """The small picture of a state in the middle, as large as the page will be."""

    def __init__(self) -> None:
        super().__init__()
        self._picture = QPixmap()

    def show_state(self, state: State | None) -> None:
        self._picture = QPixmap()
        if state is not None and state.picture:
            self._picture.loadFromData(state.picture)
        self.update()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.fillRect(self.rect(), current().board)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        margin = round(View.margin(self.width(), self.height(), MARGIN_PX))
        room = self.rect().adjusted(margin, margin, -margin, -margin)
        size = self._picture.size().scaled(room.size(), Qt.AspectRatioMode.KeepAspectRatio)
        place = QRect(0, 0, size.width(), size.height())
        place.moveCenter(room.center())
        painter.drawPixmap(place, self._picture)


def _called(state: State) -> str:
    return state.name or moment(datetime.fromtimestamp(state.at))


class MilestoneSheet(QDialog):
    """On the left what is kept; on the right the chosen state beside the page as it is now."""

    def __init__(self, milestones: Milestones, document: Document, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Milestones"))
        self.resize(1000, 680)
        self._milestones, self._document = milestones, document
        self.page: Page | None = None  # the chosen state, once it is read
        self._shown: int | None = None  # the number of that state
        self._reading: int | None = None  # and of one that is being read
        self.list = QListWidget()
        self.list.setItemDelegate(ThumbnailDelegate(PICTURE, below=False, parent=self.list))
        self.name = QLineEdit(placeholderText=tr("Name, if it needs one"))
        self.name.setAccessibleName(tr("Name of a new milestone, or of the chosen one"))
        self.keep = QPushButton(tr("Keep the page as it is now"), default=True)
        self.rename = QPushButton(tr("Name it"), autoDefault=False, toolTip=tr("Give the chosen milestone this name"))
        self.delete = QPushButton(tr("Delete"), autoDefault=False, toolTip=tr("Give the chosen milestone up"))
        self.thin = QPushButton(
            tr("Thin out"), autoDefault=False,
            toolTip=tr(
                "Of those kept by the clock, leave one an hour for a day, one a day for a month, then one a week"
            ),
        )  # fmt: skip
        self.minutes = count_field(0, 240, " min")
        self.minutes.setSpecialValueText(tr("never"))
        self.minutes.setAccessibleName(tr("Minutes of work between two"))
        self.minutes.setToolTip(tr("Minutes of work between two"))
        self.minutes.setValue(milestones.minutes)
        self.told = QLabel(EMPTY, wordWrap=True)
        self.told.setProperty("role", "quiet")
        naming = QHBoxLayout()
        naming.addWidget(self.name, 1)
        naming.addWidget(self.rename)
        thinning = QHBoxLayout()
        for widget in (QLabel(tr("By the clock")), self.minutes, self.thin, self.delete):
            thinning.addWidget(widget)
        left = QVBoxLayout()
        left.addWidget(self.keep)
        left.addLayout(naming)
        left.addWidget(self.list, 1)
        left.addWidget(self.told)
        left.addLayout(thinning)
        self.then, self.now = PageView(), PageView()
        self.small = _Small()
        self.then_stack = QStackedWidget()
        for widget in (self.small, self.then):
            self.then_stack.addWidget(widget)
        views = QHBoxLayout()
        views.setSpacing(10)
        self.then_words, self.now_words = QLabel(tr("Then")), QLabel(tr("Now"))
        for view, words in ((self.then_stack, self.then_words), (self.now, self.now_words)):
            words.setProperty("role", "heading")
            column = QVBoxLayout()
            column.addWidget(words)
            column.addWidget(view, 1)
            views.addLayout(column, 1)
        hint = QLabel(tr("Both move together: drag, or turn the wheel."))
        hint.setProperty("role", "quiet")
        self.back = QPushButton(tr("Go back to this"), autoDefault=False, toolTip=tr("As a step that can be undone"))
        close = QPushButton(tr("Close"), autoDefault=False)
        buttons = QHBoxLayout()
        buttons.addWidget(QuestionMark(self, "drawing"))
        buttons.addWidget(hint)
        buttons.addStretch()
        buttons.addWidget(close)
        buttons.addWidget(self.back)
        right = QVBoxLayout()
        right.addLayout(views, 1)
        right.addLayout(buttons)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(20)
        whole.addLayout(left)
        whole.addLayout(right, 1)
        close.clicked.connect(self.reject)
        self.keep.clicked.connect(self._keep)
        self.rename.clicked.connect(self._rename)
        self.delete.clicked.connect(self._delete)
        self.thin.clicked.connect(milestones.thin_out)
        self.minutes.valueChanged.connect(lambda value: setattr(milestones, "minutes", value))
        self.back.clicked.connect(self._go_back)
        self.list.currentItemChanged.connect(lambda *_: self._show_chosen())
        self.then.view_changed.connect(lambda: self._follow(self.then, self.now))
        self.now.view_changed.connect(lambda: self._follow(self.now, self.then))
        milestones.changed.connect(self.refresh)
        milestones.trouble.connect(self.told.setText)
        self.now.show_page(document.page_when_dry())
        self.refresh()

    def refresh(self) -> None:
        """Show what is kept now."""
        chosen = self._chosen.id if self._chosen else None
        self.list.blockSignals(True)
        self.list.clear()
        try:
            states = self._milestones.states()
            self.told.setText(tr("%n kept", "milestones", len(states)) if states else EMPTY)
        except JotskError as error:
            states = []
            self.told.setText(str(error))
        for state in states:
            when = moment(datetime.fromtimestamp(state.at))
            how = tr("by the clock") if state.kind == BY_CLOCK else tr("by hand")
            item = QListWidgetItem(f"{state.name}\n{when}\n{how}" if state.name else f"{when}\n{how}")
            if state.picture:
                pixmap = QPixmap()
                pixmap.loadFromData(state.picture)
                item.setIcon(QIcon(pixmap))
            item.setData(Qt.ItemDataRole.UserRole, state)
            self.list.addItem(item)
            if state.id == chosen:
                self.list.setCurrentItem(item)
        if self.list.currentItem() is None and states:
            self.list.setCurrentRow(0)
        self.list.blockSignals(False)
        self._show_chosen()

    @property
    def _chosen(self) -> State | None:
        item = self.list.currentItem()
        return item.data(Qt.ItemDataRole.UserRole) if item else None

    def _rename(self) -> None:
        if self._chosen is not None:
            self._milestones.rename(self._chosen.id, self.name.text())

    def _delete(self) -> None:
        if self._chosen is not None:
            self._milestones.forget([self._chosen.id])

    def _keep(self) -> None:
        self.keep.setEnabled(False)
        self.list.clearSelection()
        self.list.setCurrentItem(None)
        self._milestones.keep(self.name.text().strip())
        self.name.clear()

    def _show_chosen(self) -> None:
        state = self._chosen
        self.keep.setEnabled(not self._milestones.is_busy)
        for button in (self.rename, self.delete):
            button.setEnabled(state is not None)
        if state is not None and state.id == self._shown:
            self.then_words.setText(_called(state))
            return
        self._shown, self.page = None, None
        self.back.setEnabled(False)
        self.small.show_state(state)
        self.then_stack.setCurrentWidget(self.small)
        self.then_words.setText(tr("{name}, being read", name=_called(state)) if state else tr("Then"))
        if state is not None and self._reading is None:
            self._read(state)

    def _read(self, state: State) -> None:
        """A page at print size takes seconds, in which its small picture is looked at."""
        self._reading = state.id
        job = self._milestones.reading(state.id)
        job.done.connect(self._was_read)
        job.failed.connect(self._was_not_read)
        job.start()

    def _was_read(self, outcome: tuple[int, Page]) -> None:
        number, page = outcome
        self._reading = None
        state = self._chosen
        if state is None or state.id != number:
            self._show_chosen()  # another was chosen meanwhile
            return
        self._shown, self.page = number, page
        self.then_words.setText(_called(state))
        self.then.show_page(page)
        self.then_stack.setCurrentWidget(self.then)
        self._follow(self.now, self.then)
        self.back.setEnabled(True)

    def _was_not_read(self, reason: str) -> None:
        number, self._reading = self._reading, None
        state = self._chosen
        if state is not None and state.id != number:
            self._show_chosen()
            return
        self.told.setText(reason)
        self.then_words.setText(_called(state) if state else tr("Then"))

    def _follow(self, moved: PageView, other: PageView) -> None:
        if other.page is not None and moved.page is not None and other.view != moved.view:
            other.set_view(moved.view)

    def _go_back(self) -> None:
        if self.page is not None:
            self._milestones.go_back(self.page)
            self.accept()
