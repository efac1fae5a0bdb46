"""The page being worked on: its history, its file, and every edit made to it."""

from __future__ import annotations

import logging
import weakref
from collections.abc import Callable
from concurrent.futures import Future
from dataclasses import dataclass
from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QTimer, Signal

from jotsk.core.errors import JotskError, Refused
from jotsk.core.files.opening import Origin
from jotsk.core.guides.guide_records import with_states_of
from jotsk.core.page import History, Page, blank_page, prepared
from jotsk.core.page.history import StepCost, step_cost
from jotsk.core.page.history.history import MOST_BYTES
from jotsk.core.runtime.lanes import result_of
from jotsk.core.words import tr
from jotsk.desk.document.background_step import BackgroundStep, StepRunner
from jotsk.desk.document.checks import PageChecks
from jotsk.desk.document.following import AreaFollower
from jotsk.desk.document.held_area import HeldArea
from jotsk.desk.document.ink_edits import InkEdits
from jotsk.desk.document.last_line import LastLine
from jotsk.desk.document.layer_commands import LayerCommands
from jotsk.desk.document.line_weights import LineWeights
from jotsk.desk.document.page_edits import PageEdits
from jotsk.desk.document.selection import Selection
from jotsk.desk.document.steps import Steps

log = logging.getLogger(__name__)

NEW_PX = (2480, 3508)  # A4 at 300 dpi, of a page that nobody asked for

Progress = Callable[[float], None]
Outcome = tuple[Page, Page, StepCost] | Refused  # the page before a change and after it

PACKING_MS = 100
MOST_TRIES = 5  # of a change beside which strokes come
CHANGE_SHARE = 0.7  # of the time a slow change takes; the rest brings it to the disk


@dataclass(frozen=True, slots=True, eq=False)
class Snapshot:
    """The page as it is now, for a file: its state, and the history it belongs to."""

    page: Page
    state: object
    history: History


@dataclass(eq=False)
class Aside:
    """A page that is open and not the present one."""

    history: History
    saved: object | None  # the state of the history that is in the file
    path: Path | None
    title: str
    origin: Origin | None = None

    @property
    def page(self) -> Page:
        return self.history.page

    @property
    def is_unsaved(self) -> bool:
        return self.history.state is not self.saved


class Document(QObject):
    """Holds the page value. Widgets call its methods and listen to its signals."""

    changed = Signal(object, object)  # the page before and now
    state_changed = Signal()  # name, saved or not, what can be undone
    drying_changed = Signal()  # a stroke dries, or one that does was undone: the page is as it was
    leaving = Signal()  # another page is about to be taken: what is under way on this one is finished
    taken = Signal()  # another page, with a history of its own
    opened = Signal()  # that page is there, in everything that listens
    saved = Signal()
    aside_saved = Signal()  # a page that is open beside this one is now in its file
    saved_late = Signal(object)  # a page that was left meanwhile is now in its file, as it is here
    stroke_failed = Signal(object)  # the trace of a stroke that could not be inked
    refused = Signal(str)
    slow = Signal(str, object, object)  # title, work(progress), done(result)
    in_turn = Signal(str, object, object)  # title, begin, which gives the work when its turn comes, done(result)
    looked_at = Signal(str, object, object)  # the same, of what changes nothing: no change of the page waits for it

    def __init__(self, parent: QObject | None = None, page: Page | None = None) -> None:
        super().__init__(parent)
        self._history_bytes = MOST_BYTES
        self._history = History(page or blank_page(*NEW_PX))
        self._saved: object | None = self._history.state
        self.path: Path | None = None
        self.origin: Origin | None = None
        self.title = tr("New page")
        self.pen_is_down = False
        self.last_line = LastLine(self)
        self.selection = Selection(self)
        self.ink, self.layers, self.page_edits = InkEdits(self), LayerCommands(self), PageEdits(self)
        self.follower, self.checks = AreaFollower(self), PageChecks(self)
        self.line_weights = LineWeights(self, self.checks)
        self.held_area = HeldArea(self)
        self._dragged = ""  # label of the step a handle is still changing
        self._packing = QTimer(self, singleShot=True, interval=PACKING_MS)
        self._packing.timeout.connect(self._make_room)
        self.step_runner = StepRunner(self._take_dried, self._take_undone, self)
        self.steps = Steps(lambda: self._history, self.finish_drying)
        # Whether a page that is left is kept, as it is, for those who go back to it.
        self.keep_aside: Callable[[Aside], bool] = lambda aside: False
        self._aside: weakref.WeakSet[Aside] = weakref.WeakSet()
        self.take_back: Callable[[], bool] = lambda: False  # give up the last change that still waits for its turn
        self.keep_ahead: Callable[[Page, Progress], None] | None = None  # waits until a large change is on disk

    @property
    def page(self) -> Page:
        """The present value, without what is still drying."""
        return self._history.page

    def page_when_dry(self) -> Page:
        """The present value; what is still drying is waited for."""
        self.finish_drying()
        return self._history.page

    def page_as_arranged(self) -> Page:
        """The present value with its layers in their order; ink that is still drying on them is not waited for."""
        if not self.step_runner.is_all_plain_ink:
            self.finish_drying()
        return self._history.page

    def page_for_job(self) -> Callable[[Progress], Page]:
        """The page that `page_when_dry` would give, for a job: what is still drying is waited for there."""
        present, drying = self.page, self.step_runner.drying
        return lambda progress: present if drying is None else drying.after(progress)

    @property
    def is_unsaved(self) -> bool:
        return self.is_drying or self._history.state is not self._saved

    @property
    def undo_label(self) -> str | None:
        drying = self.step_runner.drying
        return self._history.undo_label if drying is None else drying.label

    @property
    def redo_label(self) -> str | None:
        undone = self.step_runner.undone
        if undone is not None and self._history.redo_label is None:
            return undone.label
        return None if self.is_drying else self._history.redo_label

    def take(self, page: Page, *, path: Path | None, title: str, saved: bool, origin: Origin | None = None) -> None:
        """Work on another page from now on, with a history of its own; `origin` is the file it was read from."""
        history = History(page, most_bytes=self._history_bytes)
        self.take_up(Aside(history, history.state if saved else None, path, title, origin))

    def when_left(self, take: Callable[[], None]) -> None:
        """Finish what is under way on this page, and `take` another when nothing dries on it any more; the window
        does not wait for that."""
        self.leaving.emit()
        self.step_runner.when_done(take)

    def take_up(self, next_page: Aside) -> None:
        """Go on with a page that was put aside."""
        self.leaving.emit()
        self.step_runner.hand_undone_over()
        before, old = self.page_when_dry(), self._aside_of_this()
        self._history, self._saved = next_page.history, next_page.saved
        self.path, self.title, self.origin = next_page.path, next_page.title, next_page.origin
        self._aside.discard(next_page)
        if self.keep_aside(old):
            self._aside.add(old)
        else:
            old.history.leave()
        self._dragged = ""
        self.last_line.forget()
        self.taken.emit()
        self.changed.emit(before, self.page)
        self.state_changed.emit()
        self.opened.emit()

    def _aside_of_this(self) -> Aside:
        return Aside(self._history, self._saved, self.path, self.title, self.origin)

    def snapshot(self) -> Snapshot:
        """The present page, to be saved while work on it goes on."""
        return Snapshot(self.page_when_dry(), self._history.state, self._history)

    def was_saved(self, snapshot: Snapshot, path: Path) -> None:
        """The page of `snapshot` is now in `path`. Another page that was taken meanwhile keeps its own file."""
        if snapshot.history is not self._history:
            for aside in [aside for aside in self._aside if aside.history is snapshot.history]:
                aside.saved, aside.path, aside.title, aside.origin = snapshot.state, path, path.stem, None
                self.aside_saved.emit()
            self.saved_late.emit(snapshot.page)
            return
        self._saved, self.origin = snapshot.state, None
        self.path, self.title = path, path.stem
        self.saved.emit()
        self.state_changed.emit()

    def edit(self, label: str, change: Callable[[Page], Page], *, finished: bool = True) -> bool:
        """Apply a change as one step; a refusal is told and leaves the page as it was."""
        self.finish_drying()
        self.step_runner.forget_undone()
        return self._edit(label, change, finished)

    def edit_when_dry(self, label: str, change: Callable[[Page], Page], *, finished: bool = True) -> None:
        """As `edit`, after what is still drying, which is not waited for: the change may be made on another thread.
        Of a drag that goes on meanwhile only the newest change is made."""
        last = self.step_runner.drying
        if last is not None and not last.is_finished and last.label == label:
            last = self.step_runner.drop_last()
        if last is None:
            self.edit(label, change, finished=finished)
            return
        self.step_runner.begin(
            BackgroundStep.of(
                label, change, last.after, lambda: None, lambda is_done: None, is_finished=finished,
                can_be_undone=finished and last.is_finished,
            )
        )  # fmt: skip
        self.drying_changed.emit()

    def is_still(self, page: Page) -> bool:
        """Whether a page is the present one. What is still drying makes another one of it."""
        self.step_runner.take_ready()
        return not self.is_drying and self.page is page

    def _edit(self, label: str, change: Callable[[Page], Page], finished: bool) -> bool:
        before = self.page
        try:
            after = change(before)
        except (JotskError, MemoryError) as error:
            self.refused.emit(str(error) or tr("There is not enough memory for this; the page is as it was."))
            return False
        except Exception:
            log.exception("%s failed", label)
            self.refused.emit(
                tr("“{label}” did not work because of a fault in Jotsk; the page is as it was.", label=label)
            )
            return False
        if after is not before:
            self._step(after, label, finished)
            self._announce(before)
        elif finished:
            self.end_step()
        return True

    @property
    def is_drying(self) -> bool:
        return self.step_runner.drying is not None

    @property
    def is_inking(self) -> bool:
        """The pen is down, or what it left is drying: what only follows the page waits."""
        return self.pen_is_down or self.is_drying

    def when_dry(self, then: Callable[[], object]) -> None:
        """Call `then` when nothing dries any more, without waiting here; never if this page was left by then."""
        history = self._history
        self.step_runner.when_done(lambda: then() if self._history is history else None)

    def finish_drying(self) -> None:
        """Wait for what is still drying."""
        self.step_runner.finish()

    def come_to_rest(self) -> None:
        """Wait for what is still drying, and for what was to be done when it is dry."""
        self.step_runner.come_to_rest()

    def _take_dried(self, drying: BackgroundStep) -> None:
        drying.begins()
        drying.ends(self._edit(drying.label, drying.on, drying.is_finished))

    def _take_undone(self, undone: list[BackgroundStep]) -> None:
        """Steps that were undone on their way are done again like any others from now on."""
        history, at = self._history, self._history.at
        history.go_to(len(history) - 1)
        try:
            for step in undone:
                history.push(step.on(history.page), step.label)
        except Exception:  # nobody sees it: it was undone
            log.exception("what was undone while it dried failed")
        history.go_to(at)
        self.state_changed.emit()

    def hold_history(self, most_bytes: int) -> None:
        """How much the steps back may take, of this page and those that come."""
        self._history_bytes = most_bytes
        self._history.hold_at_most(most_bytes)

    def undo(self) -> None:
        if self.step_runner.undo():
            self._history.forget_undone()
            self.drying_changed.emit()
            return
        if self.take_back():
            return
        self.finish_drying()
        self.go_to_step(self._history.at - 1)

    def redo(self) -> None:
        if self._history.redo_label is None and self.step_runner.redo():
            self.drying_changed.emit()
        elif self.redo_label is not None:
            self.go_to_step(self._history.at + 1)

    def _make_room(self) -> None:
        """Let go of what was packed meanwhile, and see to what is still being packed."""
        if self._history.rebalance():
            self._packing.start()

    def go_to_step(self, index: int) -> None:
        """Undo or redo as many steps as it takes, with progress if much of it is packed; it is kept then before it
        becomes the present page, as in `edit_slowly`."""
        before, opening, keep_ahead = self.page_when_dry(), self._history.opening(index), self.keep_ahead

        def go(opened: Page | None) -> None:
            if not self.is_still(before):
                self.refused.emit(tr("The page was changed meanwhile, so it stays as it is."))
                return
            self._dragged = ""
            goes_on = index > self._history.at
            after = self._history.go_to(index, opened)
            comes_with_it = goes_on and before.layer(after.active_uid) is None
            if after.layer(before.active_uid) is not None and not comes_with_it:
                self._history.alter(active_uid=before.active_uid)  # what was drawn comes back, not where one drew
            self._history.alter(guides=with_states_of(after.guides, before.guides))
            if after is not before:
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
            self.slow.emit(tr("Going through the history"), partial(wait, opening), go)

    def end_step(self) -> None:
        """Whatever is changed next is a step of its own."""
        self._dragged = ""

    def step(self, after: Page, label: str, *, finished: bool = True) -> None:
        """Make `after` the page, as a step; not `finished` while a handle is dragged."""
        before = self.page_when_dry()
        if after is not before:
            self.step_runner.forget_undone()
            self._step(after, label, finished)
            self._announce(before)

    def amend(self, after: Page) -> None:
        """Make `after` the present page as part of the last step: what follows from that. A file that holds the step
        holds it too."""
        self.step_runner.hand_undone_over()
        before = self.page
        self._history.amend(after, follows=True)
        self._announce(before)

    def activate(self, uid: int) -> None:
        """Make a layer the active one. Part of the page, but not a step to undo."""
        self.alter(active_uid=uid)

    def alter(self, **values: Any) -> None:
        """Change what is no drawing, such as which guides are on: part of the page, but not a step to undo."""
        before = self.page_when_dry()
        self.step_runner.hand_undone_over()
        self._history.alter(**values)
        if self.page is not before:
            self._announce(before)

    def _step(self, after: Page, label: str, finished: bool) -> None:
        """A step of its own, or more of the one a handle began."""
        if self._dragged == label:
            self._history.amend(after)
        else:
            self._history.push(after, label)
        self._dragged = "" if finished else label

    def mend(
        self, label: str, change: Callable[[Page], tuple[Page, int]], nothing: str,
        then: Callable[[], None] = lambda: None,
    ) -> None:  # fmt: skip
        """Change lines off the interface's thread, as one step in its turn; say `nothing` if there were none to
        change."""

        def mended(page: Page, _: Progress) -> Page:
            after, count = change(page)
            if not count:
                raise Refused(nothing)
            return after

        self.edit_slowly(label, mended, then, of_lines=True, in_turn=True)

    def edit_slowly(
        self, label: str, change: Callable[[Page, Progress], Page], then: Callable[[], None] = lambda: None,
        *, of_lines: bool = False, always: bool = False, failed: Callable[[Exception], bool] | None = None,
        in_turn: bool = False,
    ) -> None:  # fmt: skip
        """As `edit`, off the interface's thread, and kept before it becomes the present page: whatever follows is quick
        to keep. Given up if the page changes meanwhile; else `then` is called before the change is told, `always` or
        only if there is one. A change only `of_lines` is never large, and waits for no room in memory. What went wrong
        is told, unless `failed` says that it has seen to it. With `in_turn` it comes after the changes that were asked
        for before it, instead of being refused while they are worked out, and is done anew if a stroke came meanwhile:
        `change` takes the page as it is then."""
        keep_ahead, history = self.keep_ahead, self._history
        tries = MOST_TRIES

        def begin() -> Callable[[Progress], Outcome] | None:
            return partial(work, self.page_for_job()) if self._history is history else None

        def work(page: Callable[[Progress], Page], progress: Progress) -> Outcome:
            before = page(progress)
            if not of_lines:
                history.wait_for_room(progress)
            try:
                after = prepared(change(before, lambda share: progress(share * CHANGE_SHARE)))
            except Refused as error:
                if failed is None:
                    raise
                return error
            if keep_ahead is not None and after is not before:
                keep_ahead(after, lambda share: progress(CHANGE_SHARE + share * (1 - CHANGE_SHARE)))
            return before, after, step_cost(before, after)

        def done(outcome: Outcome) -> None:
            nonlocal tries
            self.selection.previewed.emit([])
            if isinstance(outcome, Refused):
                if failed is None or not failed(outcome):
                    self.refused.emit(str(outcome))
                return
            before, after, cost = outcome
            if not self.is_still(before):
                tries -= 1
                if in_turn and tries and self.redo_label is None and self._history is history:  # nothing was undone
                    self.in_turn.emit(label, begin, done)
                else:
                    self.refused.emit(tr("The page was changed meanwhile, so “{label}” was not done.", label=label))
            elif after is not before:
                self._dragged = ""
                self.step_runner.forget_undone()
                self._history.push(after, label, cost)
                self._packing.start()
                then()
                self._announce(before)
            elif always:
                then()

        if in_turn:
            self.in_turn.emit(label, begin, done)
        else:
            self.slow.emit(label, begin(), done)

    def _announce(self, before: Page) -> None:
        self.last_line.check()
        self.selection.follow_page()
        self.changed.emit(before, self.page)
        self.state_changed.emit()
