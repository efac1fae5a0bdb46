"""Tap or hold: what a key does until it is released, or until it is tapped again."""

from __future__ import annotations

import time

from PySide6.QtCore import QObject
from PySide6.QtGui import QKeyEvent, QKeySequence

from jotsk.core.guides.guidance import FREELY, STEPPED, STRAIGHT
from jotsk.desk.actions import TABLE, Entry, key_of
from jotsk.desk.board import Board
from jotsk.desk.board.ways import Way
from jotsk.desk.hand import Hand

TAP_S = 0.25
STEADINESS = {"hand.steadiest": 100.0, "hand.unsteadied": 0.0}
WAYS = {
    "hand.move": Way.MOVE,
    "hand.turn": Way.TURN,
    "hand.resize": Way.RESIZE,
    "hand.pick": Way.PICK,
    "hand.choose": Way.CHOOSE,
    "page.crop": Way.CROP,
    "layer.shift": Way.SHIFT,
    "guide.place": Way.GUIDE,
    "hand.draft": Way.DRAFT,
    "guide.edges": Way.EDGES,
}
COURSES = {"hand.straight": STRAIGHT, "hand.stepped": STEPPED}


class HoldKeys(QObject):
    """A hold borrows, a tap switches; `borrow` and `give_back` do it by name."""

    def __init__(self, board: Board, hand: Hand) -> None:
        super().__init__(board)
        self._board, self._hand = board, hand
        self._switched: str | None = None
        self._held: tuple[Entry, float, str | None] | None = None
        board.done.connect(lambda: self._apply(None))
        self.set_left_handed(False)

    def set_left_handed(self, left_handed: bool) -> None:
        self._by_key = {
            QKeySequence(key_of(entry, left_handed=left_handed))[0].key(): entry
            for entry in TABLE
            if entry.hold and entry.keys
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
        if self._held is not None:
            return
        self._held = (entry, time.monotonic(), self._switched)
        self._apply(None if self._switched == entry.id else entry.id)

    def give_back(self, entry: Entry) -> None:
        if self._held is None or self._held[0] is not entry:
            return
        _, since, before = self._held
        self._held = None
        tapped = time.monotonic() - since < TAP_S
        if tapped:
            self._apply(None if before == entry.id else entry.id)
        else:
            self._apply(before)

    def let_go(self) -> None:
        """No key is held any more: whatever took the keyboard took the release with it."""
        if self._held is not None:
            _, _, before = self._held
            self._held = None
            self._apply(before)

    def switch(self, entry_id: str) -> None:
        """As if the key were tapped: used by the menu."""
        self._apply(None if self._switched == entry_id else entry_id)

    def _apply(self, entry_id: str | None) -> None:
        if self._switched == "hand.rub" and entry_id != "hand.rub":
            self._hand.take_inking()
        self._switched = entry_id
        self._board.set_way(WAYS.get(entry_id or "", Way.DRAW))
        self._board.set_course(COURSES.get(entry_id or "", FREELY))
        self._board.guiding.set_off(entry_id == "guide.off")
        self._board.hide_sketches(entry_id == "view.line_only")
        self._hand.borrowed_steadiness = STEADINESS.get(entry_id or "")
        if entry_id == "hand.rub":
            self._hand.take(self._hand.eraser())
