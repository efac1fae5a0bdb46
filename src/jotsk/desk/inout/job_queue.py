"""What is slow is done beside the interface: files one after the other; a change of the page, and looks at it, at the
same time."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Signal

from jotsk.core.words import tr
from jotsk.desk.inout.jobs import Job

Done = Callable[[Any], None]
Begin = Callable[[], Callable[..., Any] | None]
MOST_TURNS = 100


class JobQueue(QObject):
    """Jobs with files wait for each other. A change of the page waits for none of them: an export holds up no undo. It
    is refused while another is under way, for it would be made of a page that is no more; or it takes its turn. Nothing
    waits for what only looks at the page."""

    began = Signal(object)  # a job
    emptied = Signal()  # nothing is under way any more
    told = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._file_job: Job | None = None
        self._page_job: Job | None = None
        self._turns: deque[tuple[str, Begin, Done]] = deque()
        self._turn: Job | None = None  # the change that took its turn, until it is made
        self._looks: list[Job] = []
        self._waiting: deque[Job] = deque()

    @property
    def jobs(self) -> list[Job]:
        """Those under way, the latest last."""
        return [job for job in (self._file_job, self._page_job) if job is not None] + self._looks

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

    def change_in_turn(self, title: str, begin: Begin, done: Done) -> None:
        """Work out a change of the page after those that were asked for before it. `begin` gives the work when its turn
        comes, or None if it is to be done no more."""
        if len(self._turns) >= MOST_TURNS:
            self.told.emit(tr("Too much waits already; try again when some of it is done."))
            return
        self._turns.append((title, begin, done))
        self._next_turn()

    def take_back(self) -> bool:
        """Give up the last change that took its turn; False if it is made already."""
        if self._turns:
            self._turns.pop()
        elif self._turn is not None:
            self._turn.give_up()
            self._turn = None
        else:
            return False
        return True

    def _next_turn(self) -> None:
        while self._turns and self._page_job is None:
            title, begin, done = self._turns.popleft()
            if (work := begin()) is not None:
                job = self._page_job = self._turn = self._job(title, work, done)
                self._begin(job)

    def look(self, title: str, work: Callable[..., Any], done: Done) -> None:
        """Work out what changes nothing; a look of the same title takes the place of one that is under way."""
        for before in self._looks:
            if before.title == title:
                before.give_up()
        job = self._job(title, work, done)
        self._looks.append(job)
        self._begin(job)

    def stop_looks(self) -> None:
        for job in self._looks:
            job.stop()

    def stop(self) -> None:
        """Ask all that is under way to end; what waits is not begun."""
        self._waiting.clear()
        self._turns.clear()
        for job in self.jobs:
            job.stop()

    def _job(self, title: str, work: Callable[..., Any], done: Done) -> Job:
        job = Job(title, work, self)

        def come(outcome: Any) -> None:
            if job is self._turn:
                self._turn = None
            done(outcome)

        def wanted(tell: Callable[..., object]) -> Callable[..., None]:
            def call(*what: Any) -> None:
                if not job.is_given_up:
                    tell(*what)

            return call

        job.done.connect(wanted(come))
        job.failed.connect(wanted(self.told.emit))
        job.stopped.connect(
            wanted(lambda: self.told.emit(tr("{title} was stopped; nothing was changed.", title=title)))
        )
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
        if job in self._looks:
            self._looks.remove(job)
        elif job is self._page_job:
            self._page_job = self._turn = None
            self._next_turn()
        else:
            self._file_job = None
            self._begin_next()
        if not self.is_busy:
            self.emptied.emit()
