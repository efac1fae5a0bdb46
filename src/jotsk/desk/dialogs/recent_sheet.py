"""Pages worked on lately, and pages left with unsaved work, by their pictures."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QColor, QIcon, QImage, QPainter, QPixmap
from PySide6.QtWidgets import (
    QDialog,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.recovery.recent_file import RecentFile
from jotsk.desk.recovery.recovery_folder import KeptNote
from jotsk.desk.theme import current
from jotsk.desk.widgets.dates import moment
from jotsk.desk.widgets.thumbnail_delegate import ThumbnailDelegate

PICTURE = QSize(150, 190)
EMPTY = tr("Nothing yet: pages that are saved or opened appear here, and those that are left with unsaved work.")


@dataclass(frozen=True, slots=True)
class Choice:
    """A page that can be taken up: kept work in a slot, or a file."""

    slot: str | None = None
    path: Path | None = None


class RecentSheet(QDialog):
    """After `exec`: `choice`."""

    def __init__(self, kept: list[KeptNote], files: list[RecentFile], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Recent pages"))
        self.resize(760, 560)
        self.choice = Choice()
        self.list = QListWidget()
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setItemDelegate(ThumbnailDelegate(PICTURE, below=True, parent=self.list))
        self.list.setSpacing(6)
        for note in kept:
            words = tr("{title}\nnot saved, {when}", title=note.title, when=moment(note.when))
            self._add(words, note.picture, Choice(slot=note.slot), tr("Left with unsaved work; open it to go on"))
        for file in files:
            words = f"{file.path.stem}\n{moment(file.when)}"
            self._add(words, file.picture, Choice(path=file.path), str(file.path))
        told = QLabel(EMPTY if not self.list.count() else "", wordWrap=True)
        told.setProperty("role", "quiet")
        buttons, self.open_button = foot_that_does(self, "drawing", tr("Open"))
        buttons.insertWidget(0, told, 1)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 18, 20, 16)
        layout.addWidget(self.list, 1)
        layout.addLayout(buttons)
        self.list.itemActivated.connect(lambda _: self.accept())
        self.list.setCurrentRow(0)
        self.open_button.setEnabled(self.list.count() > 0)

    def _add(self, words: str, picture: bytes | None, choice: Choice, tooltip: str) -> None:
        item = QListWidgetItem(QIcon(_on_card(picture)), words)
        item.setData(Qt.ItemDataRole.UserRole, choice)
        item.setToolTip(tooltip)
        self.list.addItem(item)

    def accept(self) -> None:
        item = self.list.currentItem()
        if item is not None:
            self.choice = item.data(Qt.ItemDataRole.UserRole)
            super().accept()


def _on_card(picture: bytes | None) -> QPixmap:
    """The picture in the middle of a card of one size for all."""
    card = QPixmap(PICTURE * 2)
    card.setDevicePixelRatio(2.0)
    card.fill(QColor(current().sunken))
    image = QImage.fromData(picture) if picture else QImage()
    if not image.isNull():
        shown = image.scaled(
            (PICTURE - QSize(12, 12)) * 2,
            Qt.AspectRatioMode.KeepAspectRatio,
            Qt.TransformationMode.SmoothTransformation,
        )
        painter = QPainter(card)
        x, y = (PICTURE.width() - shown.width() / 2) / 2, (PICTURE.height() - shown.height() / 2) / 2
        shown.setDevicePixelRatio(2.0)
        painter.drawImage(int(x), int(y), shown)
        painter.end()
    return card
