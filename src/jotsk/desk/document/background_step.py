"""What takes long to become a page does so off the interface's thread; the board shows its wet ink meanwhile."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import Future, wait
from dataclasses import dataclass

from PySide6.QtCore import QObject, QTimer

from jotsk.core.ink import TILE, Pen
from jotsk.core.page import Page
from jotsk.core.runtime.lanes import STEPS, result_of
from jotsk.desk.widgets.hand_over import hand_over

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
    """A step on its way: what `work` makes of the page that `before` gives."""

    label: str
    work: Callable[[Page], Page]
    made: Future[tuple[Page, Page] | None]  # the page it was worked out on, and what became of it; None without a page
    begins: Callable[[], None]  # called right before the page changes
    ends: Callable[[bool], None]  # and after, with whether it was not refused
    is_finished: bool = True  # not a part of a step that goes on
    is_plain_ink: bool = False  # the next stroke may begin before it is there
    can_be_undone: bool = False  # before it is there
    shows: Callable[[bool], None] = lambda is_wet: None  # show or hide its wet ink

    @classmethod
    def of(
        cls, label: str, work: Callable[[Page], Page], before: Callable[[], Page], begins: Callable[[], None],
        ends: Callable[[bool], None], *, is_finished: bool = True, is_plain_ink: bool = False,
        can_be_undone: bool = False, beside: bool = True, shows: Callable[[bool], None] = lambda is_wet: None,
    ) -> BackgroundStep:  # fmt: skip
        """Begin the work, `beside` the interface; or do it."""

        def make() -> tuple[Page, Page] | None:
            try:
                page = before()
            except Exception:  # told where that step is taken
                return None
            after = work(page)
            for layer in after.layers if beside else ():
                _ = layer.seen  # what effects leave of it is worked out here, too
            return page, after

        if beside:
            made = STEPS.queue("drying").submit(make)
        else:
            made = Future()
            try:
                made.set_result(make())
            except Exception as error:  # told by whoever asks for the result
                made.set_exception(error)
        return cls(label, work, made, begins, ends, is_finished, is_plain_ink, can_be_undone, shows)

    def after(self, progress: Callable[[float], None] = lambda share: None) -> Page:
        """What the page becomes, if nothing else changes it before. What `progress` raises ends the wait."""
        made = result_of(self.made, progress)
        if made is None:
            raise LookupError(f"the step before {self.label!r} failed")
        return made[1]

    def on(self, page: Page) -> Page:
        """What becomes of `page`; worked out here and now if it is another one than it was begun with. Raises what
        the work raises."""
        made = self.made.result()
        return made[1] if made is not None and made[0] is page else self.work(page)


class StepRunner(QObject):
    """The steps on their way, in their order; `take` gets each when it is there, or when somebody waits for it.

    The last ones may be undone before they are there, and be done again. `undone` gets those, the first one first, when
    they are there or when somebody is about to change the page that they belong to.
    """

    def __init__(
        self, take: Callable[[BackgroundStep], None], undone: Callable[[list[BackgroundStep]], None], parent: QObject
    ) -> None:
        super().__init__(parent)
        self._drying: list[BackgroundStep] = []
        self._undone: list[BackgroundStep] = []  # the last one first
        self._then: list[Callable[[], object]] = []  # what comes when none is on its way
        self._take, self._take_undone = take, undone

    @property
    def drying(self) -> BackgroundStep | None:
        """The last of them."""
        return self._drying[-1] if self._drying else None

    @property
    def undone(self) -> BackgroundStep | None:
        """What would be done again."""
        return self._undone[-1] if self._undone else None

    @property
    def is_all_plain_ink(self) -> bool:
        return all(step.is_plain_ink for step in self._drying)

    def begin(self, drying: BackgroundStep) -> None:
        self.forget_undone()
        self._drying.append(drying)
        drying.made.add_done_callback(lambda _: hand_over(self, self._look))

    def drop_last(self) -> BackgroundStep | None:
        """Another takes the place of the last one; return the one before it. It is worked out all the same: a job may
        wait for the page it makes."""
        self._drying.pop()
        return self.drying

    def finish(self, all_but: int = 0) -> None:
        """Wait until no more than so many are on their way, what follows on the others included."""
        while len(self._drying) > all_but:
            self._take_one()

    def come_to_rest(self) -> None:
        """Wait until none is on its way, and do what waits for that."""
        self.finish()
        self._look()

    def is_done_within(self, seconds: float) -> bool:
        """Wait so long until none is on its way."""
        wait([step.made for step in self._drying], seconds)
        self.take_ready()
        return not self._drying

    def when_done(self, then: Callable[[], object]) -> None:
        """Call `then` when none is on its way, without waiting here: at once, if that is so now."""
        self._then.append(then)
        self._look()

    def undo(self) -> bool:
        """Hide the last step that is on its way; return False if there is none that can be undone by that."""
        if self.drying is None or not self.drying.can_be_undone:
            return False
        self._undone.append(self._drying.pop())
        self._undone[-1].shows(False)
        return True

    def redo(self) -> bool:
        """Show the last one that was hidden again; return False if there is none."""
        if not self._undone:
            return False
        step = self._undone.pop()
        self._drying.append(step)
        step.shows(True)
        self.take_ready()
        return True

    def forget_undone(self) -> None:
        """The page goes another way."""
        undone, self._undone = self._undone, []  # first: what is cancelled arrives at once
        for step in undone:
            step.made.cancel()

    def hand_undone_over(self) -> None:
        """Wait for what was undone on its way, so that it can be done again whatever becomes of the page."""
        if self._undone:
            self.finish()
            undone, self._undone = self._undone[::-1], []
            self._take_undone(undone)

    def _look(self) -> None:
        """Take one that is worked out: between two of them the window lives."""
        if self._drying and self._drying[0].made.done():
            self._take_one()
            QTimer.singleShot(0, self, self._look)
        else:
            self._see_to_undone()
        while self._then and not self._drying:
            self._then.pop(0)()

    def take_ready(self) -> None:
        """Take what is worked out, and wait for nothing."""
        while self._drying and self._drying[0].made.done():
            self._take_one()
        self._see_to_undone()

    def _see_to_undone(self) -> None:
        if not self._drying and all(step.made.done() for step in self._undone):
            self.hand_undone_over()

    def _take_one(self) -> None:
        drying, *others = self._drying
        self._drying = []  # whoever sees the page change does not wait for the others
        try:
            self._take(drying)
        finally:
            self._drying += others
