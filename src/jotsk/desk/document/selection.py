"""The lines at work: those that are chosen, or else the last one; and what is done to all of them."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace
from functools import cache, reduce
from operator import or_
from typing import TYPE_CHECKING, Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, Signal

from jotsk.core.errors import Refused
from jotsk.core.ink import Color
from jotsk.core.marks import Stroke
from jotsk.core.mend.connected import connected
from jotsk.core.mend.parts import parted
from jotsk.core.mend.snip import shown_ink
from jotsk.core.page import InkLayer, Page, edits
from jotsk.core.page.edits.resizing import mirror_of
from jotsk.core.runtime.giving_way import giving_way
from jotsk.core.words import tr

if TYPE_CHECKING:
    from jotsk.desk.document.document import Document

MANY_SAMPLES = 2_000  # of lines whose distances are found in about 20 ms
NO_LINE = tr("There is no line to change; draw one, or choose some.")
ALIKE: dict[str, Callable[[Stroke], Any]] = {
    "pen": lambda stroke: stroke.pen.id,
    "color": lambda stroke: stroke.color,
    "weight": lambda stroke: round(stroke.size_px, 1),
}


class Selection(QObject):
    """Strokes of a layer, or of all visible ink layers, in the order they were chosen. What leaves the page is no
    longer chosen."""

    changed = Signal()
    previewed = Signal(object)  # (N, 2) arrays: where the chosen lines would run

    def __init__(self, document: Document) -> None:
        super().__init__(document)
        self._document = document
        self.lines: tuple[Stroke, ...] = ()
        self.is_across_layers = False  # strokes of all ink layers are chosen together
        self._layer_of: dict[int, int] = {}  # uid of a stroke -> uid of its layer

    def layers(self) -> list[InkLayer]:
        """Those that strokes are chosen on: the active one, or all ink layers that show and are not locked."""
        page = self._document.page
        if not self.is_across_layers:
            return [page.active] if isinstance(page.active, InkLayer) else []
        return [layer for layer in shown_ink(page) if not layer.locked]

    def choose(self, strokes: Iterable[Stroke], *, more: bool = False) -> None:
        """Choose strokes of these layers, instead of those chosen before or besides them."""
        strokes = tuple(strokes)
        if not strokes:
            if self.lines and not more:
                self.lines, self._layer_of = (), {}
                self.changed.emit()
            return
        of_layers = {id(mark): layer.uid for layer in self.layers() for mark in layer.marks}
        before = tuple(line for line in self.lines if id(line) in of_layers) if more else ()
        known = set(map(id, before))
        lines = (*before, *(s for s in strokes if id(s) not in known and id(s) in of_layers))
        if lines or self.lines:
            self.lines = lines
            self._layer_of = {line.uid: of_layers[id(line)] for line in lines}
            self.changed.emit()

    def choose_all(self) -> None:
        self.choose(self._of_layers())

    def choose_connected(self, within_px: float) -> None:
        """Choose what hangs together with the lines at work, within so many px of them."""
        page, lines = self._document.page, dict(self.by_layer())
        layers = [layer for layer in map(page.layer, lines) if isinstance(layer, InkLayer)]

        def take(found: list[Stroke]) -> None:
            if found:
                self.choose(found)
            else:
                self._document.refused.emit(tr("There is no line to find others at; draw one, or choose one."))

        strokes = (mark for layer in layers for mark in layer.marks if isinstance(mark, Stroke))
        self.find(
            layers, lambda layer: connected(layer, lines[layer.uid], within_px), take,
            takes_long=sum(len(stroke.trace) for stroke in strokes) > MANY_SAMPLES,
        )  # fmt: skip

    def find(
        self, layers: Sequence[InkLayer], on_layer: Callable[[InkLayer], list[Stroke]],
        take: Callable[[list[Stroke]], None], *, takes_long: bool,
    ) -> None:  # fmt: skip
        """Look for lines on layers: at once, or with progress where it takes long."""

        def work(progress: Callable[[float], None]) -> list[Stroke]:
            found: list[Stroke] = []
            for k, layer in enumerate(layers):
                progress(k / len(layers))
                found += on_layer(layer)
            return found

        if takes_long:
            self._document.slow.emit(tr("Finding the lines"), work, take)
        else:
            take(work(lambda _: None))

    def choose_parts(self, loop: NDArray[np.float64]) -> None:
        """Part lines where a loop, (N, 2) page px, crosses them, and choose what lies inside."""
        uids, found = [layer.uid for layer in self.layers()], []

        def part(page: Page, _: object) -> Page:
            for uid in uids:
                page, inside = parted(page, loop, uid)
                found.extend(inside)
            if not found:
                raise Refused(tr("No line lies in there."))
            return page

        def choose() -> None:
            self.choose(found)

        self._document.edit_slowly(tr("Choose parts"), part, choose, of_lines=True, always=True)

    def by_layer(self) -> list[tuple[int, list[Stroke]]]:
        """The lines at work, by the uid of their layer."""
        if not self.lines:
            last = self._document.last_line
            return [(last.uid, [last.stroke])] if last.stroke is not None else []
        layers: dict[int, list[Stroke]] = {}
        for line in self.lines:
            layers.setdefault(self._layer_of[line.uid], []).append(line)
        return list(layers.items())

    def drop(self, strokes: Iterable[Stroke]) -> None:
        """Choose these no longer."""
        gone = set(map(id, strokes))
        self.lines = tuple(line for line in self.lines if id(line) not in gone)
        self.changed.emit()

    def choose_alike(self, what: str) -> None:
        """Choose every line that has the pen, color or size_px of one at work; see `ALIKE`."""
        of = ALIKE[what]
        wanted = {of(line) for line in self.at_work}
        if not wanted:
            self._document.refused.emit(tr("There is no line to find others like it; draw one, or choose one."))
            return
        self.choose(line for line in self._of_layers() if of(line) in wanted)

    def invert(self) -> None:
        """Choose the lines that are not chosen."""
        chosen = set(map(id, self.lines))
        self.choose([line for line in self._of_layers() if id(line) not in chosen])

    def _of_layers(self) -> list[Stroke]:
        return [mark for layer in self.layers() for mark in layer.marks if isinstance(mark, Stroke)]

    @property
    def at_work(self) -> tuple[Stroke, ...]:
        """The chosen lines, or else the last one if there is one."""
        last = self._document.last_line.stroke
        return self.lines or ((last,) if last is not None else ())

    def mend(self, label: str, change: Callable[[Stroke], Stroke], *, finished: bool = True) -> None:
        """Change the lines at work, as one step. While a handle is dragged the last line follows it; chosen ones, which
        may be thousands, are changed when it comes to rest."""
        if not self.lines:
            self._document.last_line.mend(label, change, finished=finished)
        elif finished:
            count = len(self.lines)
            words = (
                label.replace(tr("the line", "part of a label"), tr("%n lines", "part of a label", count))
                if count > 1
                else label
            )
            self._change(words, change)

    def flip(self, *, upside_down: bool) -> None:
        """Flip the lines at work about their own middle."""
        lines = self.at_work
        if not lines:
            self._document.refused.emit(tr("There is no line to flip; draw one, or choose some."))
            return

        @cache
        def mirror() -> NDArray[np.float64]:
            return mirror_of(reduce(or_, (line.bounds for line in lines)), upside_down)

        words = tr("Flip the line upside down") if upside_down else tr("Flip the line")
        self.mend(words, lambda stroke: stroke.turned_over(mirror()))

    def recolor(self, color: Color) -> None:
        self.mend(tr("Colour of the line"), lambda stroke: replace(stroke, color=color))

    def preview(self, strength: float) -> None:
        """Show where the chosen lines would run, steadied by `strength`; those that are not worked out yet follow."""
        ready = [stroke for stroke in self.lines if stroke.is_worked_out]
        self.previewed.emit([line for stroke in ready for line in stroke.lines_at(strength)])

    def steady(self, strength: float) -> None:
        """Steady the chosen lines anew, off the interface's thread, as one step."""
        self.mend(tr("Steady the line"), lambda stroke: stroke.resteadied(strength))

    def delete(self) -> None:
        """Take the chosen lines away."""
        if self.lines:
            self._change(tr("Delete lines"), lambda stroke: None)

    def mend_lines(
        self, label: str, change: Callable[[Page, list[Stroke], int], tuple[Page, int]], nothing: str,
        made: list[Stroke] | None = None,
    ) -> None:  # fmt: skip
        """Change the lines at work, of each layer together, as one step in its turn; say `nothing` if none changed.
        Those that are `made` meanwhile are chosen afterwards."""
        wanted = {uid: [line.uid for line in lines] for uid, lines in self.by_layer()}
        if not wanted:
            self._document.refused.emit(NO_LINE)
            return

        def of_all(page: Page) -> tuple[Page, int]:
            total = 0
            if made is not None:
                made.clear()
            for uid, uids in wanted.items():
                there = _strokes_of(page, uid)
                if lines := [there[each] for each in uids if each in there]:
                    page, count = change(page, lines, uid)
                    total += count
            return page, total

        def choose_made() -> None:
            if made:
                self.choose(made)

        self._document.mend(label, of_all, nothing, choose_made)

    def follow_page(self) -> None:
        """The page has changed."""
        if not self.lines:
            return
        page = self._document.page
        there: dict[int, Stroke] = {}
        for uid in set(self._layer_of.values()):
            there |= _strokes_of(page, uid)
        now = (there.get(line.uid) for line in self.lines)
        self.lines = tuple(line for line in now if line is not None)  # as they are now, also after an undo
        self.changed.emit()

    def _change(self, label: str, of: Callable[[Stroke], Stroke | None]) -> None:
        lines, layer_of, new = self.lines, dict(self._layer_of), list[Stroke]()

        def change(page: Page, _: object) -> Page:
            layers: dict[int, list[tuple[Stroke, Stroke | None]]] = {}
            for old in giving_way(lines):
                changed = of(old)
                layers.setdefault(layer_of[old.uid], []).append((old, changed))
                if changed is not None:
                    new.append(changed)
            for uid, pairs in layers.items():
                page = edits.with_all_replaced(page, uid, pairs)
            return page

        def choose_new() -> None:
            self.lines = tuple(new)

        self._document.edit_slowly(label, change, choose_new, of_lines=True)


def _strokes_of(page: Page, uid: int) -> dict[int, Stroke]:
    """The strokes of a layer as they are now, by their uid."""
    layer = page.layer(uid)
    return {mark.uid: mark for mark in layer.marks if isinstance(mark, Stroke)} if isinstance(layer, InkLayer) else {}
