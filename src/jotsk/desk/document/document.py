"""The page being worked on: its history, its file, and every edit made to it."""

from __future__ import annotations

import logging
from collections import deque
from collections.abc import Callable, Iterable, Mapping, Sequence
from concurrent.futures import Future
from dataclasses import dataclass, replace
from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.errors import JotskError, Refused
from jotsk.core.files.opening import Origin
from jotsk.core.geometry import Rect
from jotsk.core.guides.settling import Reading
from jotsk.core.hand import Trace
from jotsk.core.marks import Cut, Stroke
from jotsk.core.page import History, InkLayer, Page, blank_page, edits, prepared
from jotsk.core.page.edits import layer_edits, resizing
from jotsk.core.page.edits.placing import Placement
from jotsk.core.page.history import Step, StepCost, step_cost
from jotsk.core.page.layers.tree import inside
from jotsk.desk.document.background_step import BackgroundStep, StepRunner, takes_long
from jotsk.desk.document.selection import Selection
from jotsk.desk.document.steps import Steps
from jotsk.desk.inout.jobs import result_of

log = logging.getLogger(__name__)

Progress = Callable[[float], None]

MOST_RECENT = 60
PACKING_MS = 100
CHANGE_SHARE = 0.7  # of the time a slow change takes; the rest brings it to the disk


@dataclass(frozen=True, slots=True, eq=False)
class Snapshot:
    """The page as it is now, for a file: its step, and the history that step belongs to."""

    page: Page
    step: Step
    history: History


class Document(QObject):
    """Holds the page value. Widgets call its methods and listen to its signals."""

    changed = Signal(object, object)  # the page before and now
    last_stroke_changed = Signal()
    state_changed = Signal()  # name, saved or not, what can be undone
    leaving = Signal()  # another page is about to be taken: what is under way on this one is finished
    taken = Signal()  # another page, with a history of its own
    opened = Signal()  # that page is there, in everything that listens
    saved = Signal()
    saved_late = Signal(object)  # a page that was left meanwhile is now in its file, as it is here
    stroke_failed = Signal(object)  # the trace of a stroke that could not be inked
    refused = Signal(str)
    layers_chosen = Signal()
    slow = Signal(str, object, object)  # title, work(progress), done(result)

    def __init__(self, parent: QObject | None = None, page: Page | None = None) -> None:
        super().__init__(parent)
        self._history = History(page or blank_page(2480, 3508))
        self._saved: Step | None = self._history.step
        self.path: Path | None = None
        self.origin: Origin | None = None
        self.title = "New page"
        self.pen_is_down = False
        self._last_stroke: Stroke | None = None
        self.last_uid = 0
        self.selection = Selection(self)
        self._more_layers: set[int] = set()  # chosen besides the active one
        self._recent: deque[Stroke] = deque()  # strokes that still hold what mending them needs
        self._dragged = ""  # label of the step a handle is still changing
        self._packing = QTimer(self, singleShot=True, interval=PACKING_MS)
        self._packing.timeout.connect(self._make_room)
        self._dryer = StepRunner(self._take_dried, self)
        self.steps = Steps(lambda: self._history, self.finish_drying)
        self._next_mend: tuple[str, Callable[[Stroke], Stroke], bool] | None = None  # waits for the one before
        self.keep_ahead: Callable[[Page, Progress], None] | None = None  # waits until a large change is on disk

    @property
    def page(self) -> Page:
        """The present value. What is still drying is waited for."""
        self.finish_drying()
        return self._history.page

    @property
    def page_so_far(self) -> Page:
        """As `page`, without what is still drying: for what has nothing to do with ink."""
        return self._history.page

    @property
    def is_unsaved(self) -> bool:
        self.finish_drying()
        return self._history.step is not self._saved

    @property
    def last_stroke(self) -> Stroke | None:
        self.finish_drying()
        return self._last_stroke

    @property
    def undo_label(self) -> str | None:
        self.finish_drying()
        return self._history.undo_label

    @property
    def redo_label(self) -> str | None:
        self.finish_drying()
        return self._history.redo_label

    def take(self, page: Page, *, path: Path | None, title: str, saved: bool, origin: Origin | None = None) -> None:
        """Work on another page from now on, with a history of its own; `origin` is the file it was read from."""
        self.leaving.emit()
        before, old = self.page, self._history
        self._history = History(page)
        old.leave()
        self._saved = self._history.step if saved else None
        self.path, self.title, self.origin = path, title, origin
        self._follow_last(None, 0)
        self.taken.emit()
        self.changed.emit(before, page)
        self.state_changed.emit()
        self.opened.emit()

    def snapshot(self) -> Snapshot:
        """The present page, to be saved while work on it goes on."""
        return Snapshot(self.page, self._history.step, self._history)

    def was_saved(self, snapshot: Snapshot, path: Path) -> None:
        """The page of `snapshot` is now in `path`. Another page that was taken meanwhile keeps its own file."""
        if snapshot.history is not self._history:
            self.saved_late.emit(snapshot.page)
            return
        self._saved, self.origin = snapshot.step, None
        self.path, self.title = path, path.stem
        self.saved.emit()
        self.state_changed.emit()

    def edit(self, label: str, change: Callable[[Page], Page], *, finished: bool = True) -> bool:
        """Apply a change as one step; a refusal is told and leaves the page as it was."""
        before = self.page
        try:
            after = change(before)
        except (JotskError, MemoryError) as error:
            self.refused.emit(str(error) or "There is not enough memory for this; the page is as it was.")
            return False
        except Exception:
            log.exception("%s failed", label)
            self.refused.emit(f"“{label}” did not work because of a fault in Jotsk; the page is as it was.")
            return False
        if after is not before:
            self._step(after, label, finished)
            self._announce(before)
        return True

    def can_draw(self) -> bool:
        """Whether the active layer takes ink; says why not."""
        try:
            edits.drawable(self.page)
        except Refused as error:
            self.refused.emit(str(error))
            return False
        return True

    def add_stroke(self, stroke: Stroke) -> None:
        uid = self.page.active_uid
        if self.edit("Stroke", lambda page: edits.with_mark(page, stroke)):
            self._follow(stroke, uid)
        else:
            self.stroke_failed.emit(stroke.trace)

    def _follow(self, stroke: Stroke, uid: int) -> None:
        """A new stroke is the last one."""
        self._follow_last(stroke, uid)
        self._recent.append(stroke)
        if len(self._recent) > MOST_RECENT:
            self._recent.popleft().forget_computed()

    def rub_out(self, cut: Cut) -> None:
        self.edit("Rub out", lambda page: edits.rubbed_out(page, cut))

    def dry(self, mark: Stroke | Cut, begins: Callable[[], None], ends: Callable[[], None]) -> None:
        """As `add_stroke` and `rub_out`, off the interface's thread, for what takes longer than a hand should wait.

        Whoever asks for the `page` meanwhile waits. `begins` is called right before the page changes, `ends` after.
        """
        before, uid = self.page, self.page.active_uid

        def end(is_done: bool) -> None:
            if is_done and isinstance(mark, Stroke):
                self._follow(mark, uid)
            ends()
            if not is_done and isinstance(mark, Stroke):
                self.stroke_failed.emit(mark.trace)

        if isinstance(mark, Cut):
            self._dryer.begin(BackgroundStep.of("Rub out", lambda: edits.rubbed_out(before, mark), begins, end))
        else:
            self._dryer.begin(BackgroundStep.of("Stroke", lambda: edits.with_mark(before, mark), begins, end))

    @property
    def is_drying(self) -> bool:
        return self._dryer.drying is not None

    @property
    def is_inking(self) -> bool:
        """The pen is down, or what it left is drying: what only follows the page waits."""
        return self.pen_is_down or self.is_drying

    def finish_drying(self) -> None:
        """Wait for what is still drying."""
        self._dryer.finish()

    def _take_dried(self, drying: BackgroundStep) -> None:
        drying.begins()
        drying.ends(self.edit(drying.label, lambda _: drying.after.result(), finished=drying.is_finished))

    def undo(self) -> None:
        self.finish_drying()
        self.go_to_step(self._history.at - 1)

    def redo(self) -> None:
        self.finish_drying()
        self.go_to_step(self._history.at + 1)

    def _make_room(self) -> None:
        """Let go of what was packed meanwhile, and see to what is still being packed."""
        if self._history.settle():
            self._packing.start()

    def go_to_step(self, index: int) -> None:
        """Undo or redo as many steps as it takes, with progress if much of it is packed; it is kept then before it
        becomes the present page, as in `edit_slowly`."""
        before, opening, keep_ahead = self.page, self._history.opening(index), self.keep_ahead

        def go(opened: Page | None) -> None:
            if self.page is not before:
                self.refused.emit("The page was changed meanwhile, so it stays as it is.")
                return
            self._dragged = ""
            if self._history.go_to(index, opened) is not before:
                self._packing.start()
                self._announce(before)

        def wait(opening: Future[Page], progress: Progress) -> Page:
            after = result_of(opening, progress)  # if there was no memory for it, that is told
            if keep_ahead is not None:
                keep_ahead(after, progress)
            return after

        if opening is None:
            go(None)
        else:
            self._packing.start()  # what it takes the place of goes first
            self.slow.emit("Going through the history", partial(wait, opening), go)

    def resteady(self, strength: float, *, finished: bool = True) -> None:
        """Steady the last stroke anew."""
        self.mend_last("Steady the line", lambda stroke: stroke.resteadied(strength), finished=finished)

    def mend_last(self, label: str, change: Callable[[Stroke], Stroke], *, finished: bool = True) -> None:
        """Change the last stroke. While a handle is dragged, only the first call makes a step.

        A long one is worked out off the interface's thread; of changes that come meanwhile the newest is made next.
        """
        if self._dryer.drying is not None and self._dryer.drying.label == label:
            self._next_mend = label, change, finished
            return
        self.finish_drying()
        old = self._last_stroke
        if old is None:
            return
        new, before, uid = change(old), self.page, self.last_uid

        def begin() -> None:
            self._last_stroke = new

        def end(is_done: bool) -> None:
            if not is_done:
                self._last_stroke = old
            following, self._next_mend = self._next_mend, None
            if following is not None:
                self.mend_last(*following[:2], finished=following[2])

        self._dryer.begin(
            BackgroundStep.of(
                label, lambda: edits.with_replaced(before, uid, old, new), begin, end, is_finished=finished,
                beside=takes_long(len(old.trace), len(old.ribbon.cells)),
            )
        )  # fmt: skip

    def settle_last(self, motion: Trace, reading: Reading) -> None:
        """Let the last stroke become a shape, a step of its own: undone, it is the hand's stroke again.

        Called again before `end_step`, it is the same step with another shape.
        """
        self.mend_last(
            "Settle the line", lambda stroke: replace(stroke, trace=motion).settled(reading.hold), finished=False
        )

    def end_step(self) -> None:
        """Whatever is changed next is a step of its own."""
        self._dragged = ""

    def set_layer(self, uid: int, label: str, *, finished: bool = True, **values: object) -> None:
        """Change properties of a layer; not `finished` while a handle is dragged."""
        self.set_layers(label, uids={uid}, finished=finished, **values)

    def set_layers(
        self, label: str, *, uids: Iterable[int] | None = None, finished: bool = True, **values: object
    ) -> None:
        """Change properties of the chosen layers, or of those given."""
        before = after = self.page
        for uid in self.chosen_layers if uids is None else uids:
            layer = after.layer(uid)
            if layer is not None:
                after = after.with_layer(replace(layer, **values))  # type: ignore[arg-type]
        if after is not before:
            self._step(after, label, finished)
            self._announce(before)

    def set_guides(self, label: str, records: Sequence[Mapping[str, Any]], *, finished: bool = True) -> None:
        """Put other guides on the page; not `finished` while a handle is dragged."""
        before = self.page
        self._step(replace(before, guides=tuple(records)), label, finished)
        self._announce(before)

    def part_copies(self) -> None:
        """Make strokes of their own of the chosen lines' copies, or of the last line's."""
        selection = self.selection
        uid, strokes = (selection.uid, selection.lines) if selection.lines else (self.last_uid, (self.last_stroke,))
        repeated = [s for s in strokes if s is not None and s.copies]
        if not repeated:
            self.refused.emit("There are no copies to part; choose lines that were drawn with symmetry.")
            return
        self.edit_slowly(
            "Part the copies", lambda page, _: edits.with_copies_parted(page, uid, repeated), of_lines=True
        )

    @property
    def chosen_layers(self) -> set[int]:
        """The active layer, and those chosen with it."""
        return {self.page.active_uid} | {uid for uid in self._more_layers if self.page.layer(uid) is not None}

    def choose_layers(self, uids: set[int]) -> None:
        """Choose several layers; the active one stays active if it is among them."""
        if not uids:
            return
        self._more_layers = set(uids)
        if self.page.active_uid not in uids:
            self._activate(max(uids, key=self.page.index))
        self.layers_chosen.emit()

    def _step(self, after: Page, label: str, finished: bool) -> None:
        """A step of its own, or more of the one a handle began."""
        if self._dragged == label:
            self._history.amend(after)
        else:
            self._history.push(after, label)
        self._dragged = "" if finished else label

    def choose_layer(self, uid: int) -> None:
        """Make a layer the active one. Part of the page, but not a step to undo."""
        several, self._more_layers = self._more_layers, set()
        self._activate(uid)
        if several:
            self.layers_chosen.emit()

    def _activate(self, uid: int) -> None:
        before = self.page
        if uid != before.active_uid and before.layer(uid) is not None:
            self._history.choose(uid)
            self._announce(before)

    def add_layer(self) -> None:
        self.edit("Add layer", layer_edits.with_new_layer)

    def add_paint_layer(self) -> None:
        self.edit("Add paint layer", layer_edits.with_paint_layer)

    def delete_layers(self) -> None:
        self.edit("Delete layer", lambda page: layer_edits.without_layers(page, self.chosen_layers))

    def duplicate_layers(self) -> None:
        self.edit("Duplicate layer", lambda page: layer_edits.duplicated(page, self.chosen_layers))

    def group_layers(self) -> None:
        self.edit("Group layers", lambda page: layer_edits.grouped(page, self.chosen_layers))

    def ungroup_layers(self) -> None:
        self.edit("Take the group apart", lambda page: layer_edits.ungrouped(page, page.active_uid))

    def merge_down(self) -> None:
        self.edit_slowly("Merge down", lambda page, _: layer_edits.merged_down(page, page.active_uid))

    def merge_visible(self) -> None:
        self.edit_slowly("Merge what is visible", lambda page, _: layer_edits.merged_visible(page))

    def add_flat_copy(self) -> None:
        self.edit_slowly("Flat copy", lambda page, _: layer_edits.with_flat_copy(page))

    def resize_page(
        self, size: tuple[int, int], anchor: tuple[float, float], dpi: float, margins_mm: tuple[float, float, float]
    ) -> None:
        """Another size in px of the present resolution, then another resolution, as one step."""

        self.edit_slowly("Page size", lambda page, p: resizing.with_size(page, size, anchor, dpi, margins_mm, p))

    def crop(self, area: Rect) -> None:
        self.edit_slowly("Crop the page", lambda page, p: resizing.cropped(page, area & page.bounds, p))

    def edit_slowly(
        self, label: str, change: Callable[[Page, Progress], Page], then: Callable[[], None] = lambda: None,
        *, of_lines: bool = False,
    ) -> None:  # fmt: skip
        """As `edit`, off the interface's thread, and kept before it becomes the present page: whatever follows is quick
        to keep. Given up if the page changes meanwhile; else `then` is called before the change is told. A change only
        `of_lines` is never large, and waits for no room in memory."""
        before, keep_ahead, history = self.page, self.keep_ahead, self._history

        def work(progress: Progress) -> tuple[Page, StepCost]:
            if not of_lines:
                history.wait_for_room(progress)
            after = prepared(change(before, lambda share: progress(share * CHANGE_SHARE)))
            if keep_ahead is not None and after is not before:
                keep_ahead(after, lambda share: progress(CHANGE_SHARE + share * (1 - CHANGE_SHARE)))
            return after, step_cost(before, after)

        def done(outcome: tuple[Page, StepCost]) -> None:
            after, cost = outcome
            self.selection.previewed.emit([])
            if self.page is not before:
                self.refused.emit(f"The page was changed meanwhile, so “{label}” was not done.")
            elif after is not before:
                self._dragged = ""
                self._history.push(after, label, cost)
                self._packing.start()
                then()
                self._announce(before)

        self.slow.emit(label, work, done)

    def step_layer(self, up: bool) -> None:
        """Move the active layer one place up or down."""
        self.edit("Move layer", lambda page: layer_edits.stepped(page, page.active_uid, up))

    def place_layers(self, uids: Iterable[int], parent: int, above: int | None) -> None:
        """Move layers into a group, or out of it, directly above one there."""
        self.edit("Move layer", lambda page: layer_edits.placed(page, list(uids), parent, above))

    def trace_under(self) -> None:
        self.edit("Trace under", lambda page: layer_edits.traced_under(page, page.active_uid))

    def settle_pictures(self, placements: Sequence[Placement]) -> None:
        """Put placed pictures onto the page, each on a layer of its own, as one step."""
        count = len(placements)
        self.edit_slowly(
            f"Add {count} pictures" if count > 1 else "Add picture",
            lambda page, progress: layer_edits.with_pictures(page, placements, progress),
        )

    def shift_layers(self, dx: int, dy: int) -> None:
        """Move what is on the chosen layers, groups with all that is in them, by whole px."""
        uids = inside(self.page.layers, self.chosen_layers)
        if dx or dy:
            self.edit_slowly("Move what is on the layer", lambda page, p: resizing.shifted(page, uids, dx, dy, p))

    def _announce(self, before: Page) -> None:
        self._check_last()
        self.selection.follow_page()
        self.changed.emit(before, self.page)
        self.state_changed.emit()

    def _check_last(self) -> None:
        """After an undo the last stroke may be gone: the one before it becomes the last."""
        layer = self.page.layer(self.last_uid)
        if isinstance(layer, InkLayer) and self._last_stroke is not None and layer.marks.holds(self._last_stroke):
            self.last_stroke_changed.emit()
            return
        active = self.page.active
        last = active.marks.last if isinstance(active, InkLayer) else None
        self._follow_last(last if isinstance(last, Stroke) else None, self.page.active_uid)

    def _follow_last(self, stroke: Stroke | None, uid: int) -> None:
        self._last_stroke, self.last_uid = stroke, uid
        self.last_stroke_changed.emit()
