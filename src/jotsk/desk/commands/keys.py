"""Tap or hold: what a key does until it is released, or until it is tapped again. Several can be held together."""

from __future__ import annotations

import time
from typing import NamedTuple, TypeVar

from PySide6.QtCore import QKeyCombination, QObject, Qt
from PySide6.QtGui import QKeyEvent, QKeySequence

from jotsk.core.guides.guidance import FREELY, STEPPED, STRAIGHT
from jotsk.desk.actions import TABLE, Entry, key_of
from jotsk.desk.board.board import Board
from jotsk.desk.pens.hand import Hand

TAP_S = 0.25
STEADINESS = {"hand.steadiest": 100.0, "hand.unsteadied": 0.0}
COURSES = {"hand.straight": STRAIGHT, "hand.stepped": STEPPED}
RUB, GUIDES_OFF, LINE_ALONE = "hand.rub", "guide.off", "view.line_only"


V = TypeVar("V")


class _Held(NamedTuple):
    since: float
    before: str | None  # what was switched on when the key went down


class HoldKeys(QObject):
    """A hold borrows, a tap switches; `borrow` and `give_back` do it by name.

    One action is switched on at most. Those of held keys come on top of it; of two that want the same, the last counts.
    The key of what is switched on takes it away while it is held.
    """

    def __init__(self, board: Board, hand: Hand) -> None:
        super().__init__(board)
        self._board, self._hand = board, hand
        self._tools = {tool.action: tool.id for tool in board.tools.values() if tool.action}
        self._switched: str | None = None
        self._held: dict[str, _Held] = {}
        self._rubs = False
        board.done.connect(self._done)
        self.set_left_handed(False)

    def set_left_handed(self, left_handed: bool) -> None:
        self._by_key = {
            _key(key_of(entry, left_handed=left_handed)): entry for entry in TABLE if entry.hold and entry.keys
        }

    def pressed(self, event: QKeyEvent) -> bool:
        """Take a key event of the window that no field wanted; False if it is not a hold key."""
        entry = self._entry(event)
        if entry is not None and not event.isAutoRepeat():
            self.borrow(entry)
        return entry is not None

    def released(self, event: QKeyEvent) -> bool:
        entry = self._entry(event)
        if entry is not None and not event.isAutoRepeat():
            self.give_back(entry)
        return entry is not None

    def _entry(self, event: QKeyEvent) -> Entry | None:
        return None if event.modifiers() else self._by_key.get(event.key())

    def borrow(self, entry: Entry) -> None:
        if entry.id not in self._held:
            self._held[entry.id] = _Held(time.monotonic(), self._switched)
            self._apply()

    def give_back(self, entry: Entry) -> None:
        held = self._held.pop(entry.id, None)
        if held is None:
            return
        if time.monotonic() - held.since < TAP_S:
            self._switched = None if held.before == entry.id else entry.id
        self._apply()

    def release_all(self) -> None:
        """No key is held any more: whatever took the keyboard took the releases with it."""
        if self._held:
            self._held.clear()
            self._apply()

    def switch(self, entry_id: str) -> None:
        """As if the key were tapped: used by the menu."""
        self._switched = None if self._switched == entry_id else entry_id
        self._apply()

    def _done(self) -> None:
        self._switched = None
        self._held.clear()
        self._apply()

    def _apply(self) -> None:
        on = [] if self._switched is None or self._switched in self._held else [self._switched]
        on += [entry_id for entry_id in self._held if entry_id != self._switched]
        board, hand = self._board, self._hand
        if self._rubs and RUB not in on:
            hand.take_inking()
        board.take_up(_last(self._tools, on) or "draw")
        board.set_course(_last(COURSES, on) or FREELY)
        board.guiding.set_off(GUIDES_OFF in on)
        board.hide_sketches(LINE_ALONE in on)
        hand.borrowed_steadiness = _last(STEADINESS, on)
        if RUB in on and not self._rubs:
            hand.take(hand.eraser())
        self._rubs = RUB in on


def _last(values: dict[str, V], on: list[str]) -> V | None:
    """The value of the last of `on` that has one."""
    return next((values[entry_id] for entry_id in reversed(on) if entry_id in values), None)


def _key(text: str) -> Qt.Key:
    combination: QKeyCombination = QKeySequence(text)[0]  # type: ignore[index]  # (its stub has no __getitem__)
    return combination.key()
