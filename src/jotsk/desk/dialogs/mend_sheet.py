"""Every finding of a kind with what mending would do to it, before it is done: those one does not want are left out."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QColor, QIcon, QPainter, QPen, QPixmap
from PySide6.QtWidgets import QAbstractItemView, QDialog, QLabel, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from jotsk.core.check.finding import Finding
from jotsk.core.check.proposal import Proposal
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.theme import current
from jotsk.desk.widgets.ink_mark import pixels_image
from jotsk.desk.widgets.polygon import draw_line, line_of
from jotsk.desk.widgets.thumbnail_delegate import ThumbnailDelegate

SIDE_PX, SHARPER = 148, 2  # of a picture, logical px; it has twice as many px
LINE_PX = 1.4
AS_IT_IS = np.eye(2, 3)
SIZE = QSize(916, 640)


class MendSheet(QDialog):
    def __init__(self, proposals: Sequence[Proposal], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("What mending would do"))
        self.resize(SIZE)
        self._proposals = proposals
        words = QLabel(tr("The coloured lines are what mending would do. Press those that are to stay as they are."))
        words.setProperty("role", "quiet")
        self.list = QListWidget()
        self.list.setAccessibleName(self.windowTitle())
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setSelectionMode(QAbstractItemView.SelectionMode.MultiSelection)
        self.list.setUniformItemSizes(True)
        self.list.setItemDelegate(ThumbnailDelegate(QSize(SIDE_PX, SIDE_PX), below=True, parent=self.list))
        for proposal in proposals:
            item = QListWidgetItem(QIcon(_picture(proposal)), _words(proposal.finding))
            item.setToolTip(proposal.finding.sentence)
            self.list.addItem(item)
        self.list.selectAll()
        foot, self.do = foot_that_does(self, "checking", "")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 16, 20, 16)
        layout.setSpacing(10)
        layout.addWidget(words)
        layout.addWidget(self.list, 1)
        layout.addLayout(foot)
        self.list.itemSelectionChanged.connect(self._show_count)
        self._show_count()

    @property
    def chosen(self) -> list[Finding]:
        """The findings that are to be mended."""
        return [each.finding for row, each in enumerate(self._proposals) if self.list.item(row).isSelected()]

    def _show_count(self) -> None:
        count = len(self.chosen)
        self.do.setText(tr("Mend %n", None, count))
        self.do.setEnabled(count > 0)


def _words(finding: Finding) -> str:
    size = tr("{size:.1f} px", size=finding.size_px)
    return f"{size}\n{finding.layer}"


def _picture(proposal: Proposal) -> QPixmap:
    """The page there, with the lines over it."""
    image = pixels_image(proposal.picture)
    side = SHARPER * SIDE_PX
    shown = QPixmap.fromImage(image).scaled(
        side, side, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
    )
    painter = QPainter(shown)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(QColor(current().guide), LINE_PX * SHARPER))
    scale = shown.width() / image.width()
    for line in proposal.lines:
        draw_line(painter, line_of(line * scale, AS_IT_IS))
    painter.end()
    shown.setDevicePixelRatio(SHARPER)
    return shown
