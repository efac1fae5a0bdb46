"""The strip that tells what happened, and how far slow work has come."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QWidget

from jotsk.core.words import tr
from jotsk.desk.inout.jobs import Job
from jotsk.desk.widgets.progress_bar import ProgressBar

SHOWN_MS = 6000
ROOM_PX, MIN_PX = 60, 120


class StatusStrip(QWidget):
    """Floats over the foot of the board; hidden while there is nothing to say."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setObjectName("chrome")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self._text = QLabel()
        self._bar = ProgressBar(textVisible=False)
        self._bar.setRange(0, 1000)
        self._bar.setFixedWidth(160)
        self._stop = QPushButton(tr("Stop"))
        layout = QHBoxLayout(self)
        layout.setContentsMargins(14, 6, 14, 6)
        layout.setSpacing(12)
        layout.addWidget(self._text)
        layout.addWidget(self._bar)
        layout.addWidget(self._stop)
        self._timer = QTimer(self, singleShot=True, interval=SHOWN_MS)
        self._timer.timeout.connect(self.hide)
        self._jobs: list[Job] = []  # under way; the last is shown
        self._stop.clicked.connect(self._stop_shown)
        self.hide()

    @property
    def text(self) -> str:
        return self._text.text()

    def tell(self, sentence: str) -> None:
        """Show a sentence for a while."""
        self._show(sentence, working=False)
        self._timer.start()

    def follow(self, job: Job) -> None:
        """Show a job's progress until it ends."""
        self._jobs.append(job)
        self._show(f"{job.title}…", working=True)
        self._bar.setValue(0)
        job.progressed.connect(lambda share: self._progressed(job, share))
        job.ended.connect(lambda: self._ended(job))

    def _stop_shown(self) -> None:
        if self._jobs:
            self._jobs[-1].stop()

    def _progressed(self, job: Job, share: float) -> None:
        if job is self._jobs[-1]:
            self._bar.setValue(int(share * 1000))

    def add(self, sentence: str) -> None:
        """Say something else of the job that is shown."""
        self._text.setText(sentence)
        self.place()

    def place(self) -> None:
        parent = self.parentWidget()
        room = parent.width() - ROOM_PX - (self._bar.width() + self._stop.width() if self._bar.isVisibleTo(self) else 0)
        wide = self._text.fontMetrics().horizontalAdvance(self._text.text()) + 4
        self._text.setWordWrap(wide > room)
        self._text.setFixedWidth(max(MIN_PX, min(wide, room)))
        self.adjustSize()
        self.move((parent.width() - self.width()) // 2, parent.height() - self.height() - 14)

    def _show(self, sentence: str, *, working: bool) -> None:
        self._timer.stop()
        self._text.setText(sentence)
        self._bar.setVisible(working)
        self._stop.setVisible(working)
        self.place()
        self.show()
        self.raise_()

    def _ended(self, job: Job) -> None:
        self._jobs.remove(job)
        if not self._bar.isVisible():  # its outcome was told
            return
        if self._jobs:
            self._show(f"{self._jobs[-1].title}…", working=True)
        else:
            self.hide()
