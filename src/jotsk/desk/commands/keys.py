"""Tap or hold: what a key does until it is released, or until it is tapped again. Several can be held together."""

from __future__ import annotations

import time
from dataclasses import dataclass
from typing import TypeVar

from PySide6.QtCore import QObject, Qt, Signal
from PySide6.QtGui import QKeyEvent, QKeySequence

from jotsk.core.guides.guidance import FREELY, STEPPED, STRAIGHT
from jotsk.desk.actions import TABLE, Entry
from jotsk.desk.board.board import Board
from jotsk.desk.key_map import KeyMap
from jotsk.desk.pens.hand import Hand

TAP_S = 0.25
STEADINESS = {"hand.steadiest": 100.0, "hand.unsteadied": 0.0}
COURSES = {"hand.straight": STRAIGHT, "hand.stepped": STEPPED}
RUB, GUIDES_OFF, LINE_ALONE = "hand.rub", "guide.off", "view.line_only"
KEYPAD = Qt.KeyboardModifier.KeypadModifier


V = TypeVar("V")


@dataclass(slots=True)
class _Held:
    since: float
    before: str | None  # what was switched on when the key went down
    key: int = 0
    scan_code: int = 0  # of the key itself, which is the same with another modifier
    is_used: bool = False  # something was done meanwhile: it is no tap


class HoldKeys(QObject):
    """A hold borrows, a tap switches; `borrow` and `give_back` do it by name.

    One action is switched on at most. Those of held keys come on top of it; of two that want the same, the last counts.
    The key of what is switched on takes it away while it is held.
    """

    changed = Signal()

    def __init__(self, board: Board, hand: Hand, keys: KeyMap) -> None:
        super().__init__(board)
        self._board, self._hand, self._keys = board, hand, keys
        self._tools = {tool.action: tool.id for tool in board.tools.values() if tool.action}
        self._switched: str | None = None
        self._held: dict[str, _Held] = {}
        self._rubs = False
        self._by_key: dict[int, Entry] = {}
        self.on: list[str] = []  # what is switched on and held, the last on top
        board.done.connect(self.back_to_drawing)
        board.pressed.connect(self.use)
        keys.changed.connect(self._read_keys)
        self._read_keys()

    def _read_keys(self) -> None:
        pairs = [(self._keys.key(entry), entry) for entry in TABLE if entry.hold]
        self._by_key = {QKeySequence(key)[0].toCombined(): entry for key, entry in pairs if key}  # type: ignore[index]  # (its stub has no __getitem__)

    def pressed(self, event: QKeyEvent) -> bool:
        """Take a key event of the window that no field wanted; False if it is not a hold key."""
        entry = self._entry(event)
        if event.isAutoRepeat():
            return entry is not None
        self.use()
        if entry is not None:
            self.borrow(entry, event.key(), event.nativeScanCode())
        return entry is not None

    def released(self, event: QKeyEvent) -> bool:
        """A key is up, whatever modifiers came since it was pressed."""
        if event.isAutoRepeat():
            return self._entry(event) is not None
        key, scan_code = event.key(), event.nativeScanCode()
        ended = [i for i, h in self._held.items() if h.key == key or (scan_code and h.scan_code == scan_code)]
        for entry_id in ended:
            self.give_back(entry_id)
        return bool(ended)

    def _entry(self, event: QKeyEvent) -> Entry | None:
        """What a key is held for. With a modifier that makes nothing else of it, a tool's key still takes up the tool:
        with Ctrl and Space down nobody means to ink."""
        modifiers = event.modifiers() & ~KEYPAD
        entry = self._by_key.get(modifiers.value | event.key())
        if entry is None and modifiers:
            entry = self._by_key.get(event.key())
            return entry if entry is not None and entry.id in self._tools else None
        return entry

    def use(self) -> None:
        """Something is done: the keys that are down are not tapped."""
        for held in self._held.values():
            held.is_used = True

    def borrow(self, entry: Entry, key: int = 0, scan_code: int = 0) -> None:
        if entry.id not in self._held:
            self._held[entry.id] = _Held(time.monotonic(), self._switched, key, scan_code)
            self._apply()

    def give_back(self, entry_id: str) -> None:
        held = self._held.pop(entry_id, None)
        if held is None:
            return
        if time.monotonic() - held.since < TAP_S and not held.is_used:
            self._switched = None if held.before == entry_id else entry_id
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

    def turn_on(self, entry_id: str) -> None:
        if self._switched != entry_id:
            self.switch(entry_id)

    def back_to_drawing(self) -> None:
        """Nothing is switched on or held."""
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
        if on != self.on:
            self.on = on
            self.changed.emit()


def _last(values: dict[str, V], on: list[str]) -> V | None:
    """The value of the last of `on` that has one."""
    return next((values[entry_id] for entry_id in reversed(on) if entry_id in values), None)
