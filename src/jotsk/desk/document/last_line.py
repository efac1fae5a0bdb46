"""The last line of the page: what it is, and its mending."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable
from dataclasses import replace
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from jotsk.core.guides.settling import Reading
from jotsk.core.hand import Trace
from jotsk.core.marks import Stroke
from jotsk.core.mend.snip import strokes_near
from jotsk.core.page import InkLayer, edits
from jotsk.core.words import tr
from jotsk.desk.document.background_step import BackgroundStep, takes_long

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

MOST_RECENT = 60
MANY_NEAR = 60  # strokes that are inked again with one


class LastLine(QObject):
    """The stroke that was drawn last, and the layer `uid` it is on."""

    changed = Signal()

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.stroke: Stroke | None = None
        self.uid = 0
        self._recent: deque[Stroke] = deque()  # strokes that still hold what mending them needs
        self._next_mend: tuple[str, Callable[[Stroke], Stroke], bool] | None = None  # waits for the one before

    def when_dry(self) -> Stroke | None:
        """The last stroke; one that is still drying is waited for."""
        self._document.finish_drying()
        return self.stroke

    def forget(self) -> None:
        """Another page is taken."""
        self._show(None, 0)

    def resteady(self, strength: float, *, finished: bool = True) -> None:
        """Steady the last stroke anew."""
        is_so = self.stroke is not None and self.stroke.steady_after == strength and not self._document.is_drying
        if finished and is_so:
            self._document.end_step()
            return
        self.mend(tr("Steady the line"), lambda stroke: stroke.resteadied(strength), finished=finished)

    def mend(self, label: str, change: Callable[[Stroke], Stroke], *, finished: bool = True) -> None:
        """Change the last stroke. While a handle is dragged, only the first call makes a step.

        A long one is worked out off the interface's thread; of changes that come meanwhile the newest is made next.
        """
        if self._document.step_runner.drying is not None and self._document.step_runner.drying.label == label:
            self._next_mend = label, change, finished
            return
        self._document.finish_drying()
        old = self.stroke
        if old is None:
            return
        new, page, uid = change(old), self._document.page, self.uid

        def begin() -> None:
            self.stroke = new

        def end(is_done: bool) -> None:
            if not is_done:
                self.stroke = old
            following, self._next_mend = self._next_mend, None
            if following is not None:
                self.mend(*following[:2], finished=following[2])

        self._document.step_runner.begin(
            BackgroundStep.of(
                label, lambda page: edits.with_replaced(page, uid, old, new), lambda: page, begin, end,
                is_finished=finished, beside=self._takes_long(old),
            )
        )  # fmt: skip

    def _takes_long(self, old: Stroke) -> bool:
        """Whether inking another line in the place of one holds the hand up: what lies there is inked again, too."""
        if takes_long(len(old.trace), len(old.ribbon.cells), old.pen, old.size_px):
            return True
        layer = self._document.page.layer(self.uid)
        near = strokes_near(layer, old.bounds) if isinstance(layer, InkLayer) else []
        return len(near) > MANY_NEAR or any(
            not s.has_shape or takes_long(len(s.trace), len(s.ribbon.cells), s.pen, s.size_px) for s in near
        )

    def settle(self, motion: Trace, reading: Reading) -> None:
        """Let the last stroke become a shape, a step of its own: undone, it is the hand's stroke again.

        Called again before `end_step`, it is the same step with another shape.
        """
        self.mend(
            tr("Settle the line"), lambda stroke: replace(stroke, trace=motion).settled(reading.hold), finished=False
        )

    def check(self) -> None:
        """After an undo the last stroke may be gone: the one before it becomes the last."""
        page = self._document.page
        layer = page.layer(self.uid)
        if isinstance(layer, InkLayer) and self.stroke is not None and layer.marks.holds(self.stroke):
            self.changed.emit()
            return
        active = page.active
        last = active.marks.last if isinstance(active, InkLayer) else None
        self._show(last if isinstance(last, Stroke) else None, page.active_uid)

    def follow(self, stroke: Stroke, uid: int) -> None:
        """A new stroke is the last one."""
        self._show(stroke, uid)
        self._recent.append(stroke)
        if len(self._recent) > MOST_RECENT:
            self._recent.popleft().forget_computed()

    def _show(self, stroke: Stroke | None, uid: int) -> None:
        self.stroke, self.uid = stroke, uid
        self.changed.emit()
