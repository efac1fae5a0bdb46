"""The lines at work: those that are chosen, or else the last one; and what is done to all of them."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, Signal

from jotsk.core.ink import Color
from jotsk.core.marks import Stroke
from jotsk.core.page import InkLayer, edits
from jotsk.core.page.edits.resizing import mirror_of

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

ALIKE: dict[str, Callable[[Stroke], Any]] = {
    "pen": lambda stroke: stroke.pen.id,
    "color": lambda stroke: stroke.color,
    "weight": lambda stroke: round(stroke.size_px, 1),
}


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
        lines = (*before, *(s for s in strokes if id(s) not in known))
        if lines or self.lines:
            self.lines, self.uid = lines, uid
            self.changed.emit()

    def choose_all(self) -> None:
        self.choose(self._of_layer())

    def drop(self, strokes: Iterable[Stroke]) -> None:
        """Choose these no longer."""
        gone = set(map(id, strokes))
        self.lines = tuple(line for line in self.lines if id(line) not in gone)
        self.changed.emit()

    def choose_alike(self, what: str) -> None:
        """Choose every line of the layer that has the pen, color or size_px of one at work; see `ALIKE`."""
        of = ALIKE[what]
        wanted = {of(line) for line in self.at_work}
        if not wanted:
            self._document.refused.emit("There is no line to find others like it; draw one, or choose one.")
            return
        self.choose(line for line in self._of_layer() if of(line) in wanted)

    def invert(self) -> None:
        """Choose the lines of the layer that are not chosen."""
        chosen = set(map(id, self.lines))
        self.choose([line for line in self._of_layer() if id(line) not in chosen])

    def _of_layer(self) -> list[Stroke]:
        active = self._document.page_when_dry().active
        marks = active.marks if isinstance(active, InkLayer) else ()
        return [mark for mark in marks if isinstance(mark, Stroke)]

    @property
    def at_work(self) -> tuple[Stroke, ...]:
        """The chosen lines, or else the last one if there is one."""
        last = self._document.last_line.when_dry()
        return self.lines or ((last,) if last is not None else ())

    def mend(self, label: str, change: Callable[[Stroke], Stroke], *, finished: bool = True) -> None:
        """Change the lines at work, as one step. While a handle is dragged the last line follows it; chosen ones, which
        may be thousands, are changed when it comes to rest."""
        if not self.lines:
            self._document.last_line.mend(label, change, finished=finished)
        elif finished:
            count = len(self.lines)
            words = label.replace("the line", f"{count} lines") if count > 1 else label
            self._change(words, [change(stroke) for stroke in self.lines])

    def flip(self, *, upside_down: bool) -> None:
        """Flip the lines at work about their own middle."""
        lines = self.at_work
        if not lines:
            self._document.refused.emit("There is no line to flip; draw one, or choose some.")
            return
        area = lines[0].bounds
        for line in lines[1:]:
            area |= line.bounds
        m = mirror_of(area, upside_down)
        words = "Flip the line upside down" if upside_down else "Flip the line"
        self.mend(words, lambda stroke: stroke.turned_over(m))

    def recolor(self, color: Color) -> None:
        self.mend("Colour of the line", lambda stroke: replace(stroke, color=color))

    def preview(self, strength: float) -> None:
        """Show where the chosen lines would run, steadied by `strength`; those that are not worked out yet follow."""
        ready = [stroke for stroke in self.lines if stroke.is_worked_out]
        self.previewed.emit([line for stroke in ready for line in stroke.lines_at(strength)])

    def steady(self, strength: float) -> None:
        """Steady the chosen lines anew, off the interface's thread, as one step."""
        self.mend("Steady the line", lambda stroke: stroke.resteadied(strength))

    def delete(self) -> None:
        """Take the chosen lines away."""
        if self.lines:
            self._change("Delete lines", [None] * len(self.lines))

    def follow_page(self) -> None:
        """The page has changed."""
        if not self.lines:
            return
        layer = self._document.page_when_dry().layer(self.uid)
        there = {mark.uid: mark for mark in layer.marks} if isinstance(layer, InkLayer) else {}
        now = (there.get(line.uid) for line in self.lines)
        self.lines = tuple(line for line in now if isinstance(line, Stroke))  # as they are now, also after an undo
        self.changed.emit()

    def _change(self, label: str, new: Sequence[Stroke | None]) -> None:
        uid, pairs = self.uid, list(zip(self.lines, new, strict=True))

        def choose_new() -> None:
            self.lines = tuple(s for s in new if s is not None)

        self._document.edit_slowly(
            label, lambda page, _: edits.with_all_replaced(page, uid, pairs), choose_new, of_lines=True
        )
