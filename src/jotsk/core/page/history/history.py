"""Undo and redo over page values, as deep as memory allows."""

from __future__ import annotations

import math
import threading
import time
from collections.abc import Callable
from concurrent.futures import Future
from dataclasses import dataclass, field, replace
from functools import partial
from itertools import chain
from typing import Any, TypeVar

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.marks.sequence import Marks
from jotsk.core.page.compose.flat_tiles import change_between
from jotsk.core.page.compose.thumbnail import thumbnail
from jotsk.core.page.history.open_steps import OpenSteps, StepCost
from jotsk.core.page.history.packing import AFTER, BEFORE, Frame, PackedChange, packed_change, page_from
from jotsk.core.page.history.release import finish_releasing, release_pages
from jotsk.core.page.layers.layer import InkLayer
from jotsk.core.page.page import Page, prepared
from jotsk.core.page.tiles.tiles import unshared_bytes
from jotsk.core.runtime.lanes import BESIDE
from jotsk.core.runtime.memory import share_of_memory

MOST_BYTES = share_of_memory(1 / 64, 128 << 20, 256 << 20)  # all steps of some thousand strokes, most of them packed
STAY_OPEN = 24  # steps on either side of the present that are not packed, unless they are large
PICTURE_PX = 64
AT_A_TIME = 3  # steps packed with each new one: a few ms at most
LARGE_BYTES = 1 << 20  # what a step costs that takes longer, and is packed and opened beside the hand
PAINTED_S = 0.3  # after which that begins: what the step changed is painted first
FOR_ROOM_S = 3.0  # packing may take that long before a large step is opened
FOR_CHANGE_S, LOOK_S = 10.0, 0.05  # and before a large change is made; between two looks at whether that was stopped

T = TypeVar("T")

_packs, _opens = BESIDE.queue("packing history"), BESIDE.queue("opening history")

NOTHING = StepCost(0, 0)


@dataclass(slots=True)
class Step:
    """A page and what made it so. While `page` is None it is packed: as the changes to it from the step before and
    from it to the step after."""

    label: str
    page: Page | None
    takes: StepCost = NOTHING
    change: PackedChange | None = None  # from the step before
    frame: Frame | None = None
    picture: NDArray[np.uint8] | None = None  # (H, W, 3) RGB, if one was taken
    packing: _Packing | None = None
    state: object = field(default_factory=object)  # the same one after what follows from the step was put right

    @property
    def cost(self) -> int:
        """Bytes of what is kept beside the open pages."""
        packed = self.change.cost if self.change is not None else 0
        return self.takes.strokes + packed + (self.picture.nbytes if self.picture is not None else 0)


@dataclass(frozen=True, slots=True)
class _Packing:
    before: Page
    after: Page
    done: Future[PackedChange]


class History:
    """The steps up to now, and those taken back. Values are kept whole: they share what did not change.

    Beyond `most_bytes` of tiles, the steps farthest from the present are compressed, then the oldest given up; never
    the present page. What an open step costs is what it and the open one before it do not share.
    """

    def __init__(self, page: Page, *, most_bytes: int = MOST_BYTES) -> None:
        self._steps = [Step("", page)]
        self._at = 0
        self._packed_bytes = 0
        self._most = most_bytes
        self._open = OpenSteps(self._steps)  # all of them, while there is room
        self._ahead: dict[int, Future[Page]] = {}  # those that are being opened
        self._waiting = 0.0  # bytes that wait until they are packed, inf if that is not known
        self._has_room = threading.Event()  # nothing waits to be packed
        self._has_room.set()

    def hold_at_most(self, most_bytes: int) -> None:
        """From the next step on."""
        self._most = most_bytes

    def __len__(self) -> int:
        return len(self._steps)

    def leave(self) -> None:
        """Give the memory back that nobody else needs, beside the hand. The history is empty from now on."""
        release_pages(part for step in self._steps for part in (step.page, step.change) if part is not None)
        self._steps.clear()
        self._ahead.clear()

    @property
    def at(self) -> int:
        return self._at

    @property
    def labels(self) -> list[str]:
        return [step.label for step in self._steps]

    def label_of(self, index: int) -> str:
        return self._steps[index].label

    @property
    def page(self) -> Page:
        return self._page(self._at)

    @property
    def step(self) -> Step:
        return self._steps[self._at]

    @property
    def state(self) -> object:
        """Stands for what the page is now: the same object whenever the present step is come back to."""
        return self.step.state

    @property
    def bytes_used(self) -> int:
        return self._packed_bytes + self._open.nbytes

    @property
    def undo_label(self) -> str | None:
        return self.step.label if self._at else None

    @property
    def redo_label(self) -> str | None:
        return self._steps[self._at + 1].label if self._at + 1 < len(self._steps) else None

    def page_at(self, index: int) -> Page | None:
        """The page of a step, if it is not packed."""
        return self._steps[index].page

    def picture_of(self, index: int) -> NDArray[np.uint8] | None:
        """A small picture of what a step changed: taken when first asked for; None if it is packed and none was."""
        step = self._steps[index]
        if step.picture is None and step.page is not None:
            before = self._steps[index - 1].page if index else None
            step.picture = thumbnail(step.page, PICTURE_PX, _around_change(before, step.page))
            self._packed_bytes += step.picture.nbytes
        return step.picture

    def push(self, page: Page, label: str, cost: StepCost | None = None) -> None:
        """Take a new page as the present; what had been undone is gone. `cost` is its `step_cost`, if that is known."""
        self.forget_undone()
        self._steps.append(Step(label, page, step_cost(self.page, page) if cost is None else cost))
        self._packed_bytes += self._steps[-1].cost
        self._at += 1
        self._open.steps_changed(self._at)
        self._open.add(self._at)
        self.rebalance()
        while self.bytes_used - self._waiting > self._most and self._steps[0].page is None:
            self._forget_oldest()

    def amend(self, page: Page, *, follows: bool = False) -> None:
        """Replace the present without a step of its own: for a handle still being dragged, or for what only follows
        from the step, which leaves its `state` as it was."""
        self.forget_undone()
        takes = NOTHING
        if self._at:
            if self._steps[self._at - 1].page is None:
                self._take(self._at - 1, self._opener(self._at - 1)())
            takes = step_cost(self._page(self._at - 1), page)
        old = self.step
        self._open.remove(self._at)
        self._steps[self._at] = Step(old.label, page, takes, state=old.state if follows else object())
        self._open.steps_changed(self._at)
        self._open.add(self._at)
        self._packed_bytes += self.step.cost - old.cost

    def alter(self, **values: Any) -> None:
        """Change what is no drawing, such as which layer is active, here and now: no step, and what was undone can
        still be redone."""
        if any(getattr(self.page, name) != value for name, value in values.items()):
            self.step.page = replace(self.page, **values)

    def undo(self) -> Page:
        return self.go_to(self._at - 1)

    def redo(self) -> Page:
        return self.go_to(self._at + 1)

    def opening(self, index: int) -> Future[Page] | None:
        """What is to be done, beside the hand, before a step is gone to; None if nothing takes long."""
        index = self._inside(index)
        return self._begin_opening(index) if index not in self._open and self._takes(index) > LARGE_BYTES else None

    def go_to(self, index: int, opened: Page | None = None) -> Page:
        """Make a step the present; `opened` is what its `opening` gave, if no other step has come since."""
        index = self._inside(index)
        if index not in self._open:
            if opened is None:
                self._has_room.set()  # or it would wait for the thread that waits for it
                ahead = self._ahead.get(index)
                opened = ahead.result() if ahead is not None else self._opener(index)()
            self._take(index, opened)
        self._at = index
        self.rebalance()
        return self.page

    def _inside(self, index: int) -> int:
        return min(max(0, index), len(self._steps) - 1)

    def _page(self, index: int) -> Page:
        page = self._steps[index].page
        assert page is not None
        return page

    def forget_undone(self) -> None:
        """The page goes another way than it did before it was undone."""
        gone = self._steps[self._at + 1 :]
        if gone:
            self._packed_bytes -= sum(step.cost for step in gone)
            if max(step.takes.tiles for step in gone) > LARGE_BYTES:
                opened = [ahead.result() for k, ahead in self._ahead.items() if k > self._at and _is_there(ahead)]
                release_pages(
                    [*opened, *(part for step in gone for part in (step.page, step.change) if part is not None)]
                )
            for k in [k for k in range(self._at + 1, len(self._steps)) if k in self._open]:
                self._open.remove(k)
            del self._steps[self._at + 1 :]
            self._open.steps_changed(self._at + 1)
            self._ahead = {k: ahead for k, ahead in self._ahead.items() if k <= self._at}

    def wait_for_room(self, tell: Callable[[float], None] = lambda _: None, *, at_most_s: float = FOR_CHANGE_S) -> None:
        """Beside the hand, before what may be a large change: until what is far from the present is packed, and its
        memory given back, or three changes of all layers would be there at once. What `tell` raises ends it."""
        until = time.monotonic() + at_most_s
        while not self._has_room.wait(LOOK_S) and time.monotonic() < until:
            tell(0.0)
        finish_releasing()

    # -- what is open --------------------------------------------------------------------------

    def rebalance(self) -> bool:
        """Open what is near the present, and pack what is far from it; return whether some of that is under way."""
        low, high = self._reach(STAY_OPEN)
        for k, ahead in [(k, ahead) for k, ahead in self._ahead.items() if ahead.done()]:
            del self._ahead[k]
            if not _is_there(ahead):
                continue  # there was no memory for it ahead of time
            if low <= k <= high:
                self._take(k, ahead.result())
            else:
                release_pages([ahead.result()])
        self._waiting = self._pack_far(low, high)
        if self._waiting:
            self._has_room.clear()
        else:
            self._has_room.set()
        self._open_near()
        return self._waiting > 0 or bool(self._ahead)

    def _reach(self, most_steps: int) -> tuple[int, int]:
        """The farthest steps before and after the present that are to be open: with those on the way half of what there
        is room for on either side, or one step more; together no more than there is room for, or one step."""

        def far(way: int) -> int:
            k = self._at
            while 0 <= k + way < len(self._steps) and abs(k - self._at) < most_steps and between(k) <= self._most / 2:
                k += way
            return k

        between = partial(self._open.bytes_between, self._at)
        low, high = far(-1), far(1)
        while high - low > 1 and between(low) + between(high) > self._most:
            if between(high) >= between(low):
                high -= 1
            else:
                low += 1
        return low, high

    def _open_near(self) -> None:
        """One step on either side; a large one beside the hand, as soon as a few undos would bring it, if there is
        room for it."""
        low, high = self._reach(STAY_OPEN // 2)
        for way, farthest in ((-1, low), (1, high)):
            for k in range(self._at + way, farthest + way, way):
                if k in self._open:
                    continue
                if k in self._ahead:
                    break
                takes = self._takes(k)
                if takes > LARGE_BYTES:
                    if self.bytes_used + takes <= self._most:
                        self._ahead[k] = _opens.submit(_later, partial(self._open_with_room, self._opener(k)))
                elif k == self._at + way:
                    self._take(k, self._opener(k)())
                break

    def _pack_far(self, low: int, high: int) -> float:
        """Close the steps before `low` and after `high` that were packed before; pack a few of the farthest if they are
        too many still. Return how many bytes wait for that."""
        for k in [k for k in self._open.again if not low <= k <= high]:
            if all(self._steps[j].change is not None for j in self._changes_of(k)):
                self._close(k)
        if self.bytes_used <= self._most:
            return 0
        waiting, tried = 0, 0
        for k in chain(range(self._open.lowest, low), range(self._open.highest, high, -1)):
            if k not in self._open:
                continue
            if tried == AT_A_TIME:
                return math.inf
            tried += 1
            are_packed = [self._begin_packing(j) for j in self._changes_of(k)]
            if not all(are_packed):
                waiting += self._steps[k + 1 if k < self._at else k].takes.tiles
                continue
            self._close(k)
            if self.bytes_used <= self._most:
                return 0
        return waiting

    def _changes_of(self, k: int) -> list[int]:
        """The steps whose change is needed to have step k from its neighbours."""
        return [j for j in (k, k + 1) if 0 < j < len(self._steps)]

    def _begin_packing(self, k: int) -> bool:
        """Pack the change from the step before to step k, a large one beside the hand; return whether it is packed."""
        step = self._steps[k]
        if step.change is not None:
            return True
        before, after = self._page(k - 1), self._page(k)
        if step.takes.tiles <= LARGE_BYTES:
            change = packed_change(before, after)
        else:
            under_way = step.packing
            if under_way is None or under_way.before is not before or under_way.after is not after:
                under_way = step.packing = _Packing(
                    before, after, _packs.submit(_later, partial(packed_change, before, after))
                )
            if not under_way.done.done() or under_way.done.exception() is not None:
                return False  # without memory to pack it, it stays open
            change, step.packing = under_way.done.result(), None
        step.change = change
        self._packed_bytes += change.cost
        return True

    def _close(self, k: int) -> None:
        step, page = self._steps[k], self._page(k)
        step.frame, step.page = Frame.of(page), None
        self._open.remove(k)
        if max(near.takes.tiles for near in self._steps[k : k + 2]) > LARGE_BYTES:
            release_pages([page])

    def _opener(self, k: int) -> Callable[[], Page]:
        """Opens step k from the open step that is nearest, on any thread."""
        near = self._open.nearest(k, self._at)
        steps = self._steps[near + 1 : k + 1] if near < k else self._steps[k + 1 : near + 1][::-1]
        changes = [step.change for step in steps if step.change is not None]
        page, frame, side = self._page(near), self._steps[k].frame, AFTER if near < k else BEFORE
        assert frame is not None and len(changes) == len(steps)
        return lambda: page_from(page, changes, side, frame)

    def _begin_opening(self, k: int) -> Future[Page]:
        """Without delay: somebody waits for it."""
        ahead = self._ahead.get(k)
        if ahead is None or (ahead.done() and ahead.exception() is not None):
            ahead = self._ahead[k] = _opens.submit(self._open_with_room, self._opener(k))
        return ahead

    def _open_with_room(self, open_page: Callable[[], Page]) -> Page:
        self.wait_for_room(at_most_s=FOR_ROOM_S)
        return prepared(open_page())

    def _take(self, k: int, page: Page) -> None:
        """Step k, that was packed, is open."""
        self._steps[k].page, self._steps[k].frame = page, None
        self._open.add(k)
        self._open.again.add(k)
        self._ahead.pop(k, None)

    def _takes(self, k: int) -> int:
        """Bytes of tiles that opening step k brings, at most."""
        return self._open.bytes_between(k, self._open.nearest(k, self._at))

    def _forget_oldest(self) -> None:
        gone, first = self._steps.pop(0), self._steps[0]
        self._packed_bytes -= gone.cost + first.cost
        if first.change is not None and first.takes.tiles > LARGE_BYTES:
            release_pages([first.change])
        first.change, first.takes = None, NOTHING
        self._packed_bytes += first.cost
        self._at -= 1
        self._open.oldest_is_gone()
        self._ahead = {k - 1: future for k, future in self._ahead.items() if k}


def _later(do: Callable[[], T]) -> T:
    time.sleep(PAINTED_S)
    return do()


def _is_there(ahead: Future[Page]) -> bool:
    return ahead.done() and ahead.exception() is None


def _around_change(before: Page | None, after: Page) -> Rect:
    """An upright part of the page with all that changed in it, a quarter of the page at least."""
    change = change_between(before, after).bounds if before is not None else after.bounds
    if not change:
        return after.bounds
    share = max(0.25, 1.1 * change.width / after.width, 1.1 * change.height / after.height)
    if share >= 1:
        return after.bounds
    w, h = round(share * after.width), round(share * after.height)
    x = min(after.width - w, max(0, (change.x0 + change.x1 - w) // 2))
    y = min(after.height - h, max(0, (change.y0 + change.y1 - h) // 2))
    return Rect(x, y, x + w, y + h)


def step_cost(before: Page, after: Page) -> StepCost:
    """Of tiles the larger of what one has and the other does not share, and the other way round. Where all differ,
    finding it takes a while."""
    strokes = 0
    for old in before.layers:
        new = after.layer(old.uid)
        if old is not new and isinstance(old, InkLayer):
            marks = new.marks if isinstance(new, InkLayer) else Marks()
            strokes += sum(stroke.nbytes for stroke in old.marks.missing_in(marks))
    return StepCost(max(_unshared(after, before), _unshared(before, after)), strokes)


def _unshared(page: Page, other: Page) -> int:
    total = 0
    for layer in page.layers:
        old = other.layer(layer.uid)
        if old is not layer:
            total += unshared_bytes(layer.tiles, old.tiles if old is not None else None)
    return total
