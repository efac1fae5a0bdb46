"""Every thread of the application belongs to one of four lanes.

`JOBS` is what a person sees at work, with progress and a stop; `STEPS` what becomes the next page, in order; `DISK`
what is written, in order; `BESIDE` what may come later or runs on all cores. Work of one queue is done in its order,
each queue apart from the others. What may come later, and jobs, step back where the hand needs the cores.

What fails where nobody waits for the outcome is logged, and told to whoever listens: `on_failure`.
"""

from __future__ import annotations

import logging
import os
import threading
from collections.abc import Callable
from concurrent.futures import Future, ThreadPoolExecutor, wait
from contextlib import suppress
from functools import cache
from typing import Any, TypeVar

T = TypeVar("T")

LOOK_S = 0.05  # between two looks at whether a job was stopped
SHARED_PX = 1024  # the side of a picture that OpenCV shares among its threads
NICE = 10  # of threads that step back: they get a tenth of a core that others want

log = logging.getLogger(__name__)

_listeners: list[Callable[[str], None]] = []
_here = threading.local()


def on_failure(tell: Callable[[str], None]) -> Callable[[], None]:
    """Have `tell(what)` called, on any thread, when work fails that nobody waits for; call the result to end it."""
    _listeners.append(tell)
    return lambda: _listeners.remove(tell) if tell in _listeners else None


def watched(what: str, work: Callable[..., Any]) -> Callable[..., None]:
    """`work`, whose failure is logged and told."""

    def run(*arguments: Any) -> None:
        try:
            work(*arguments)
        except Exception as error:
            if isinstance(error, RuntimeError) and "shutdown" in str(error):
                return  # the application ends: nobody misses what came later
            log.exception("%s failed", what)
            for tell in list(_listeners):
                tell(what)

    return run


def _step_back() -> None:
    _here.steps_back = True
    _begin_those_of_opencv()
    with suppress(OSError):  # on Linux each thread has its own: setpriority(2)
        os.setpriority(os.PRIO_PROCESS, threading.get_native_id(), NICE)


@cache
def _begin_those_of_opencv() -> None:
    """Have OpenCV begin its threads while this one is as any other: they keep the priority of the thread that needs
    them first, and the hand would wait for threads that step back."""
    import cv2  # here: it takes long to import
    import numpy as np

    one_px = np.zeros((1, 1), np.uint8)
    cv2.warpAffine(one_px, np.eye(2, 3), (SHARED_PX, SHARED_PX))


def steps_back() -> bool:
    """Whether this thread leaves the cores to others that want them."""
    return getattr(_here, "steps_back", False)


class Queue:
    """Work that is done in its order, one after the other; with more `workers`, several at a time."""

    def __init__(self, name: str, workers: int = 1, begin: Callable[[], None] | None = None) -> None:
        self._name, self._workers, self._begin = name, workers, begin
        self._pool: ThreadPoolExecutor | None = None

    def submit(self, work: Callable[..., T], *arguments: Any) -> Future[T]:
        """For an outcome somebody asks for."""
        if self._pool is None:
            self._pool = ThreadPoolExecutor(self._workers, self._name, self._begin)
        return self._pool.submit(work, *arguments)

    def go(self, work: Callable[..., Any], *arguments: Any) -> None:
        """For work nobody waits for."""
        self.submit(watched(self._name, work), *arguments)

    def finish(self) -> None:
        """Wait until all that was asked for is done; for queues of one worker."""
        self.submit(lambda: None).result()

    def forget(self) -> None:
        """After a fork: threads do not come along."""
        self._pool = None


class Lane:
    """Threads for one kind of work."""

    def __init__(self, name: str, begin: Callable[[], None] | None = None) -> None:
        self._name, self._begin = name, begin
        self._queues: dict[str, Queue] = {}

    def queue(self, name: str, workers: int = 1, *, at_once: bool = False) -> Queue:
        """The queue of that name; somebody waits for one whose work is done `at_once`, and it does not step back."""
        if name not in self._queues:
            self._queues[name] = Queue(f"{self._name}: {name}", workers, None if at_once else self._begin)
        return self._queues[name]

    def pool(self, workers: int) -> ThreadPoolExecutor:
        """Threads for one computation, which ends them."""
        return ThreadPoolExecutor(workers, self._name, self._begin)

    def start(self, name: str, run: Callable[[], Any]) -> threading.Thread:
        """A thread of its own, for what goes on for long; the process does not wait for it."""
        what, begin = f"{self._name}: {name}", self._begin

        def begun() -> None:
            if begin is not None:
                begin()
            run()

        thread = threading.Thread(target=watched(what, begun), name=what, daemon=True)
        thread.start()
        return thread

    def forget(self) -> None:
        for queue in self._queues.values():
            queue.forget()


JOBS, STEPS, DISK, BESIDE = Lane("jobs", _step_back), Lane("steps"), Lane("disk"), Lane("beside", _step_back)


def _forget_all() -> None:
    for lane in (JOBS, STEPS, DISK, BESIDE):
        lane.forget()


os.register_at_fork(after_in_child=_forget_all)


def result_of(future: Future[T], progress: Callable[[float], None]) -> T:
    """Inside a job: wait for what is computed elsewhere, and end if the user stops the job."""
    while not future.done():
        progress(0.0)
        wait([future], LOOK_S)
    return future.result()
