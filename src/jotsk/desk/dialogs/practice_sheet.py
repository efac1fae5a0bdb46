"""Choosing a practice sheet; and how the hand does: its steadiest direction, its numbers over days, what follows."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QPointF, QSize, Qt, QUrl
from PySide6.QtGui import QColor, QDesktopServices, QIcon, QPainter, QPen, QPixmap, QPolygonF
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.check.practice import advice, diary
from jotsk.core.check.practice.figures import WORDS
from jotsk.core.check.practice.sheets import COLUMNS, HEIGHT, KINDS, LINES, SIZES, WIDTH, Task, sheet_of
from jotsk.core.words import capitalized, tr
from jotsk.desk.dialogs.help_mark import foot_with_help
from jotsk.desk.document.practice import Practice
from jotsk.desk.theme import current
from jotsk.desk.widgets.day_plot import DayPlot
from jotsk.desk.widgets.rose import Rose
from jotsk.desk.widgets.thumbnail_delegate import ThumbnailDelegate

PICTURE, MARGIN_PX = QSize(48, 38), 24.0
UNTRIED = tr("Draw a sheet of parallel lines: then the rose shows the directions your hand is steadiest in.")


def _picture(kind: str) -> QPixmap:
    """What one cell of a sheet asks for, in little."""
    picture = QPixmap(PICTURE)
    picture.fill(Qt.GlobalColor.transparent)
    tasks = [
        task for task in sheet_of(kind, "medium").tasks
        if task.path[:, 0].max() < WIDTH / COLUMNS and task.path[:, 1].max() < HEIGHT / LINES
    ]  # fmt: skip
    places = np.concatenate([_repeated(task, task.repeats - 1) for task in tasks] + [task.path for task in tasks])
    low, high = places.min(axis=0) - MARGIN_PX, places.max(axis=0) + MARGIN_PX
    zoom = min(PICTURE.width() / (high[0] - low[0]), PICTURE.height() / (high[1] - low[1]))
    corner = (low + high) / 2 - np.array([PICTURE.width(), PICTURE.height()]) / 2 / zoom

    def seen(xy: np.ndarray) -> QPolygonF:
        return QPolygonF([QPointF(x, y) for x, y in ((xy - corner) * zoom).tolist()])

    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(QColor(current().text), 1.3))
    for task in tasks:
        if task.kind == "dots":
            painter.setBrush(QColor(current().text))
            painter.drawEllipse(seen(task.path).at(0), 1.2, 1.2)
        elif task.widths is not None:
            way = (task.path[-1] - task.path[0]) / task.length
            side = np.outer(task.widths, (-way[1], way[0])) / 2
            painter.setBrush(QColor(current().text))
            painter.drawPolygon(seen(np.concatenate([task.path + side, (task.path - side)[::-1]])))
        else:
            for k in range(0, task.repeats, 2):
                painter.drawPolyline(seen(_repeated(task, k)))
    painter.end()
    return picture


def _repeated(task: Task, k: int) -> np.ndarray:
    way = (task.path[-1] - task.path[0]) / max(1e-9, float(np.hypot(*(task.path[-1] - task.path[0]))))
    return task.path + np.array([-way[1], way[0]]) * k * task.spacing


class PracticeSheet(QDialog):
    """Accepted with `plan`, the sheets to draw, the first of them now."""

    def __init__(self, practice: Practice, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Practice"))
        self.resize(900, 640)
        self._practice, self._entries = practice, practice.entries()
        self.plan: list[tuple[str, str]] = []
        self.steadiness: int | None = None  # to be taken for the pen in the hand
        self.kinds = QListWidget()
        self.kinds.setItemDelegate(ThumbnailDelegate(PICTURE, below=False, parent=self.kinds))
        self.kinds.setAccessibleName(tr("Sheets"))
        for kind, (words, _) in KINDS.items():
            item = QListWidgetItem(words)
            item.setData(Qt.ItemDataRole.UserRole, kind)
            item.setIcon(QIcon(_picture(kind)))
            self.kinds.addItem(item)
        self.kinds.setCurrentRow(0)
        self.size_box = QComboBox()
        self.size_box.setAccessibleName(tr("Size"))
        for size in SIZES:
            self.size_box.addItem(capitalized(tr(size)), size)
        self.size_box.setCurrentIndex(1)
        self.begin = QPushButton(tr("Draw this sheet"), default=True)
        self.warm_up = QPushButton(
            tr("Warm up, five minutes"), autoDefault=False, toolTip=tr("Five sheets, made of what went worst")
        )
        self.quietly = QCheckBox(
            tr("Measure pages at work too"), toolTip=tr("Quietly: wobble and speed of straight lines")
        )
        self.quietly.setChecked(practice.at_work)
        self.folder = QPushButton(
            tr("Show the diary"),
            autoDefault=False,
            toolTip=tr("A table (CSV) that is yours: {path}", path=practice.path),
        )
        left = QVBoxLayout()
        left.addWidget(self.kinds, 1)
        left.addWidget(self.size_box)
        left.addWidget(self.begin)
        left.addWidget(self.warm_up)
        left.addSpacing(10)
        left.addWidget(self.quietly)
        left.addWidget(self.folder)
        self.rose, self.plot = Rose(), DayPlot()
        self.number = QComboBox()
        self.number.setAccessibleName(tr("Number over days"))
        for name, (words, unit) in WORDS.items():
            self.number.addItem(f"{capitalized(words)}, {unit}", name)
        self.words = QLabel(wordWrap=True)
        self.take = QPushButton(tr("Take this steadiness"), autoDefault=False)
        right = QVBoxLayout()
        heading = QLabel(tr("Your hand"))
        heading.setProperty("role", "heading")
        right.addWidget(heading)
        top = QHBoxLayout()
        top.addWidget(self.rose)
        beside = QVBoxLayout()
        beside.addWidget(self.words)
        beside.addWidget(self.take, 0, Qt.AlignmentFlag.AlignLeft)
        beside.addStretch()
        top.addLayout(beside, 1)
        right.addLayout(top)
        right.addWidget(self.number)
        right.addWidget(self.plot, 1)
        close = QPushButton(tr("Close"), autoDefault=False)
        right.addLayout(foot_with_help(self, "practice", close))
        whole = QHBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(24)
        whole.addLayout(left, 3)
        whole.addLayout(right, 5)
        self.begin.clicked.connect(self._begin)
        self.kinds.itemDoubleClicked.connect(self._begin)
        self.warm_up.clicked.connect(self._warm_up)
        self.take.clicked.connect(self._take)
        self.number.activated.connect(self._show_plot)
        self.quietly.toggled.connect(lambda on: setattr(practice, "at_work", on))
        self.folder.clicked.connect(lambda: QDesktopServices.openUrl(QUrl.fromLocalFile(str(practice.path.parent))))
        close.clicked.connect(self.reject)
        self._show()

    def _show(self) -> None:
        best = advice.steadiest(self._entries)
        self.rose.show_spokes(advice.rose(self._entries), best)
        told = []
        if best is not None:
            told.append(
                tr(
                    "Your hand is steadiest at {best:.0f}°, counted from the right against the clock. “Turn for the "
                    "next line” in the View menu turns the page for it.",
                    best=best,
                )
            )
        worst = advice.worst_first(self._entries)
        if worst:
            told.append(tr("What went worst: {what}. The warm-up begins with it.", what=WORDS[worst[0]][0]))
        self._steadiness = advice.steadiness_for(self._entries)
        if self._steadiness is not None:
            told.append(
                tr(
                    "By your wobble, a steadiness after the lift of about {steadiness} suits you.",
                    steadiness=self._steadiness,
                )
            )
        if (both := advice.with_and_without(self._entries)) is not None:
            kind, with_it, without = both
            told.append(
                tr(
                    "{where}: the hand is {with_it:.2f} mm off with steadiness, {without:.2f} mm without.",
                    where=KINDS[kind][0] if kind in KINDS else tr("At work"),
                    with_it=with_it,
                    without=without,
                )
            )
        told += advice.proposals(self._entries)[:2]
        self.take.setVisible(self._steadiness is not None)
        self.words.setText("\n\n".join(told) or UNTRIED)
        self.folder.setEnabled(self._practice.path.exists())
        self._show_plot()

    def _show_plot(self) -> None:
        name = self.number.currentData()
        lines = {
            words: diary.by_day([entry for entry in self._entries if entry.steadied is steadied], name)
            for words, steadied in ((tr("with steadiness"), True), ("without", False))
        }
        self.plot.show_days(self.number.currentText(), lines, WORDS[name][1])

    def _begin(self) -> None:
        item = self.kinds.currentItem()
        if item is not None:
            self.plan = [(item.data(Qt.ItemDataRole.UserRole), self.size_box.currentData())]
            self.accept()

    def _warm_up(self) -> None:
        self.plan = advice.warm_up(self._entries)
        self.accept()

    def _take(self) -> None:
        self.steadiness = self._steadiness
        self.accept()
