"""The lines that are chosen, and what is done to all of them."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, edits

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document


class Selection(QObject):
    """Strokes of one layer, in the order they were chosen. What leaves the page is no longer chosen."""

    changed = Signal()
    previewed = Signal(object)  # (N, 2) arrays: where the chosen lines would run

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.lines: tuple[Stroke, ...] = ()
        self.uid = 0  # of their layer

    def choose(self, strokes: Iterable[Stroke], *, more: bool = False) -> None:
        """Choose strokes of the active layer, instead of those chosen before or besides them."""
        uid = self._document.page_when_dry().active_uid
        before = self.lines if more and uid == self.uid else ()
        known = set(map(id, before))
        self.lines, self.uid = (*before, *(s for s in strokes if id(s) not in known)), uid
        self.changed.emit()

    def choose_all(self) -> None:
        active = self._document.page_when_dry().active
        marks = active.marks if isinstance(active, InkLayer) else ()
        self.choose(mark for mark in marks if isinstance(mark, Stroke))

    def preview(self, strength: float) -> None:
        """Show where the chosen lines would run, steadied by `strength`; those that are not worked out yet follow."""
        ready = [stroke for stroke in self.lines if stroke.is_worked_out]
        self.previewed.emit([line for stroke in ready for line in stroke.lines_at(strength)])

    def steady(self, strength: float) -> None:
        """Steady the chosen lines anew, off the interface's thread, as one step."""
        count = len(self.lines)
        label = f"Steady {count} lines" if count > 1 else "Steady the line"
        self._change(label, [stroke.resteadied(strength) for stroke in self.lines])

    def delete(self) -> None:
        """Take the chosen lines away."""
        if self.lines:
            self._change("Delete lines", [None] * len(self.lines))

    def follow_page(self) -> None:
        """The page has changed."""
        if not self.lines:
            return
        layer = self._document.page_when_dry().layer(self.uid)
        there = {id(s) for s in layer.marks} if isinstance(layer, InkLayer) else set()
        self.lines = tuple(s for s in self.lines if id(s) in there)
        self.changed.emit()

    def _change(self, label: str, new: Sequence[Stroke | None]) -> None:
        uid, pairs = self.uid, list(zip(self.lines, new, strict=True))

        def choose_new() -> None:
            self.lines = tuple(s for s in new if s is not None)

        self._document.edit_slowly(
            label, lambda page, _: edits.with_all_replaced(page, uid, pairs), choose_new, of_lines=True
        )
