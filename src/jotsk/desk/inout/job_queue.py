"""What is slow is done beside the interface: files one after the other, and a change of the page at the same time."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Signal

from jotsk.core.words import tr
from jotsk.desk.inout.jobs import Job

Done = Callable[[Any], None]


class JobQueue(QObject):
    """Jobs with files wait for each other. A change of the page waits for none of them: an export holds up no undo. It
    is refused while another is under way, for it would be made of a page that is no more."""

    began = Signal(object)  # a job
    emptied = Signal()  # nothing is under way any more
    told = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._file_job: Job | None = None
        self._page_job: Job | None = None
        self._waiting: deque[Job] = deque()

    @property
    def jobs(self) -> list[Job]:
        """Those under way, the latest last."""
        return [job for job in (self._file_job, self._page_job) if job is not None]

    @property
    def is_busy(self) -> bool:
        return bool(self.jobs)

    def run(self, title: str, work: Callable[..., Any], done: Done) -> None:
        """Do work with a file, after what was asked for before it."""
        self._waiting.append(self._job(title, work, done))
        if self._file_job is None:
            self._begin_next()

    def change_page(self, title: str, work: Callable[..., Any], done: Done) -> None:
        """Work out a change of the page."""
        if self._page_job is not None:
            self.told.emit(tr("{title} is still going on; try again when it is done.", title=self._page_job.title))
            return
        job = self._page_job = self._job(title, work, done)
        self._begin(job)

    def stop(self) -> None:
        """Ask all that is under way to end; what waits is not begun."""
        self._waiting.clear()
        for job in self.jobs:
            job.stop()

    def _job(self, title: str, work: Callable[..., Any], done: Done) -> Job:
        job = Job(title, work, self)
        job.done.connect(done)
        job.failed.connect(self.told)
        job.stopped.connect(lambda: self.told.emit(tr("{title} was stopped; nothing was changed.", title=title)))
        job.ended.connect(lambda: self._ended(job))
        return job

    def _begin(self, job: Job) -> None:
        self.began.emit(job)
        job.start()

    def _begin_next(self) -> None:
        if self._waiting:
            self._file_job = self._waiting.popleft()
            self._begin(self._file_job)

    def _ended(self, job: Job) -> None:
        if job is self._page_job:
            self._page_job = None
        else:
            self._file_job = None
            self._begin_next()
        if not self.is_busy:
            self.emptied.emit()
