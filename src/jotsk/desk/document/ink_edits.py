"""What the pen leaves on the page: strokes, and what is rubbed out; at once, or while it dries."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from jotsk.core.errors import Refused
from jotsk.core.marks import AnyCut, Stroke
from jotsk.core.page import Page, edits
from jotsk.core.words import tr
from jotsk.desk.document.background_step import BackgroundStep

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

PutDown = Callable[[Page, Stroke], tuple[Page, Stroke]]  # a stroke on a page: the page, and which line it became

MOST_WET = 8  # strokes that may still dry when another begins: whoever needs the page waits for all of them


def with_stroke(page: Page, stroke: Stroke) -> tuple[Page, Stroke]:
    return edits.with_mark(page, stroke), stroke


class InkEdits:
    """Each is a step of the page's history."""

    def __init__(self, document: Document) -> None:
        self._document = document

    def can_draw(self) -> bool:
        """Whether the active layer takes ink; says why not. Strokes may still be drying on it."""
        self._document.step_runner.finish(MOST_WET if self._document.step_runner.is_all_plain_ink else 0)
        try:
            edits.drawable(self._document.page)
        except Refused as error:
            self._document.refused.emit(str(error))
            return False
        return True

    def add_stroke(self, stroke: Stroke, put: PutDown = with_stroke) -> None:
        """Put a stroke on the active layer, in a way that says which line it became."""
        before, line = self._document.page_when_dry(), stroke

        def add(page: Page) -> Page:
            nonlocal line
            page, line = put(page, stroke)
            return page

        if self._document.edit(tr("Stroke"), add):
            if self._document.page is not before:
                self._document.last_line.follow(line, before.active_uid)
        else:
            self._document.stroke_failed.emit(stroke.trace)

    def rub_out(self, cut: AnyCut) -> None:
        self._document.edit(tr("Rub out"), lambda page: edits.rubbed_out(page, cut))

    def dry(
        self, mark: Stroke | AnyCut, begins: Callable[[], None], ends: Callable[[], None], put: PutDown = with_stroke,
        *, is_plain_ink: bool = True, shows: Callable[[bool], None] = lambda is_wet: None,
    ) -> None:  # fmt: skip
        """As `add_stroke` and `rub_out`, off the interface's thread, for what takes longer than a hand should wait.

        Whoever needs the page with it waits: `page_when_dry`. What is dried meanwhile comes after it. `begins` is
        called right before the page changes, `ends` after. `is_plain_ink`: the next stroke may begin before. The mark
        may also be undone before, and done again: `shows` hides its wet ink, or shows it.
        """
        line, present, last = mark, self._document.page, self._document.step_runner.drying

        def add(page: Page) -> Page:
            nonlocal line
            if not isinstance(mark, Stroke):
                return edits.rubbed_out(page, mark)
            page, line = put(page, mark)
            return page

        def begin() -> None:
            nonlocal present
            present = self._document.page
            begins()

        def end(is_done: bool) -> None:
            if is_done and isinstance(line, Stroke) and self._document.page is not present:
                self._document.last_line.follow(line, present.active_uid)
            ends()
            if not is_done and isinstance(mark, Stroke):
                self._document.stroke_failed.emit(mark.trace)

        label = tr("Stroke") if isinstance(mark, Stroke) else tr("Rub out")
        before = last.after if last is not None else lambda: present
        self._document.step_runner.begin(
            BackgroundStep.of(
                label, add, before, begin, end, is_plain_ink=is_plain_ink, can_be_undone=is_plain_ink, shows=shows
            )
        )
        self._document.drying_changed.emit()
