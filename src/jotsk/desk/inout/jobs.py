"""Slow work off the interface's thread, with progress, and a way to stop it."""

from __future__ import annotations

import logging
import threading
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import JotskError
from jotsk.core.runtime.lanes import JOBS
from jotsk.core.runtime.memory import give_back_memory
from jotsk.core.words import tr

log = logging.getLogger(__name__)


class Stopped(Exception):
    """Raised inside the work when the user stopped it."""


class Job(QObject):
    """One run of `work(progress)` on a thread of its own. Signals arrive on the thread that made the job."""

    progressed = Signal(float)
    done = Signal(object)
    failed = Signal(str)
    stopped = Signal()
    ended = Signal()

    def __init__(self, title: str, work: Callable[[Callable[[float], None]], Any], parent: QObject) -> None:
        super().__init__(parent)
        self.title = title
        self._work: Callable[..., Any] | None = work
        self.ended.connect(self._forget)
        self._stop = threading.Event()
        self.is_given_up = False
        self._thread: threading.Thread | None = None

    def start(self) -> Job:
        self._thread = JOBS.start(self.title, self._run)
        return self

    def stop(self) -> None:
        """Ask the work to end; it does so at its next report of progress."""
        self._stop.set()

    def give_up(self) -> None:
        """Ask it to end, and have nothing told of how it did."""
        self.is_given_up = True
        self.stop()

    def wait(self) -> None:
        if self._thread is not None:
            self._thread.join()

    def _forget(self) -> None:
        """Its parent would keep it, and it the pages it was about."""
        self.wait()  # until all that listen were told
        self.deleteLater()

    def _report(self, share: float) -> None:
        if self._stop.is_set():
            raise Stopped
        self.progressed.emit(share)

    def _run(self) -> None:
        work, self._work = self._work, None
        assert work is not None
        try:
            self.done.emit(work(self._report))
        except Stopped:
            self.stopped.emit()
        except JotskError as error:
            self.failed.emit(str(error))
        except MemoryError:
            self.failed.emit(tr("There is not enough memory for this; the page is as it was."))
        except Exception:
            log.exception("%s failed", self.title)
            self.failed.emit(
                tr("{title} did not work because of a fault in Jotsk; the page is as it was.", title=self.title)
            )
        finally:
            del work
            give_back_memory()
            self.ended.emit()
