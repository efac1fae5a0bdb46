"""What takes long to become a page does so off the interface's thread; the board shows its wet ink meanwhile."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import Future
from dataclasses import dataclass

from PySide6.QtCore import QObject, Signal

from jotsk.core.ink import TILE, Pen
from jotsk.core.page import Page
from jotsk.core.runtime.lanes import STEPS

MANY_SAMPLES, MANY_CELLS = 800, 120  # of a stroke of one smooth line that takes 20 to 30 ms
SWEPT_COSTS, MANY_SWEPT_PX = 4, 4_000.0  # of others: a tile by one smooth line, samples by their width


def takes_long(samples: int, cells: int, pen: Pen, size_px: float) -> bool:
    """Whether a stroke of so many samples, on so many tiles, holds the interface for longer than a hand should wait."""
    is_swept = pen.tip != "smooth" or pen.builds > 0 or pen.is_figure
    if samples > MANY_SAMPLES or cells * len(pen.shells) > MANY_CELLS:
        return True
    visits = cells * (1.0 + size_px / TILE) ** 2  # how often a tile is inked, the wider the more
    return is_swept and (samples * size_px > MANY_SWEPT_PX or visits * SWEPT_COSTS > MANY_CELLS)


@dataclass(frozen=True, slots=True)
class BackgroundStep:
    """A step on its way."""

    label: str
    after: Future[Page]
    begins: Callable[[], None]  # called right before the page changes
    ends: Callable[[bool], None]  # and after, with whether it was not refused
    is_finished: bool = True  # not a part of a step that goes on

    @classmethod
    def of(
        cls, label: str, work: Callable[[], Page], begins: Callable[[], None], ends: Callable[[bool], None],
        *, is_finished: bool = True, beside: bool = True,
    ) -> BackgroundStep:  # fmt: skip
        """Begin the work, `beside` the interface; or do it."""
        if beside:
            return cls(label, STEPS.queue("drying").submit(work), begins, ends, is_finished)
        done: Future[Page] = Future()
        try:
            done.set_result(work())
        except Exception as error:  # told by whoever asks for the result
            done.set_exception(error)
        return cls(label, done, begins, ends, is_finished)


class StepRunner(QObject):
    """At most one step on its way; `take` gets it when it is there, or when somebody waits for it."""

    _arrived = Signal()  # emitted on the other thread

    def __init__(self, take: Callable[[BackgroundStep], None], parent: QObject) -> None:
        super().__init__(parent)
        self.drying: BackgroundStep | None = None
        self._take = take
        self._arrived.connect(self._look)

    def begin(self, drying: BackgroundStep) -> None:
        self.drying = drying
        drying.after.add_done_callback(lambda _: self._arrived.emit())

    def finish(self) -> None:
        """Wait until nothing is on its way, what follows on it included."""
        while self.drying is not None:
            self._take_one()

    def _look(self) -> None:
        if self.drying is not None and self.drying.after.done():
            self._take_one()

    def _take_one(self) -> None:
        drying, self.drying = self.drying, None
        if drying is not None:
            self._take(drying)
