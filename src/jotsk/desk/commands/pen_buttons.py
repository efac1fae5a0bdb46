"""The buttons on the side of a pen: each holds a tool while it is down, or does something as it is pressed."""

from __future__ import annotations

from collections.abc import Mapping

from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QAction

from jotsk.core.words import tr
from jotsk.desk.actions import BY_ID
from jotsk.desk.board.board import Board
from jotsk.desk.commands.keys import HoldKeys
from jotsk.desk.inout.settings import Settings

KEY = "pen/buttons"  # of the settings: what each does, by its place on the pen
DRAGS, NOTHING = "drag", "nothing"
# As Qt calls them: the lower one, nearer to the tip, is the right one of a mouse.
PLACES = {Qt.MouseButton.RightButton: "lower", Qt.MouseButton.MiddleButton: "upper"}
OFFERED = (
    "hand.rub", "hand.resize", "hand.pick", "hand.choose", "hand.turn", "hand.zoom", "hand.steadiest",
    "hand.unsteadied", "hand.straight", "guide.off", "mend.snip", "edit.undo", "edit.redo", "view.flip",
)  # fmt: skip


def choices() -> dict[str, str]:
    """What a button can do, and in which words."""
    return {DRAGS: tr("Move the page")} | {i: BY_ID[i].name for i in OFFERED} | {NOTHING: tr("Nothing")}


class PenButtons(QObject):
    def __init__(self, board: Board, keys: HoldKeys, actions: Mapping[str, QAction], settings: Settings) -> None:
        super().__init__(board)
        self._keys, self._actions, self._settings = keys, actions, settings
        self._held: dict[Qt.MouseButton, str] = {}
        board.side_button = self.pressed

    def does(self, place: str) -> str:
        """What the `lower` or the `upper` button does; as shipped both move the page."""
        wanted = self._settings.get(KEY, {}).get(place, DRAGS)
        return wanted if wanted in choices() else DRAGS

    def choose(self, place: str, what: str) -> None:
        self._settings.set(KEY, self._settings.get(KEY, {}) | {place: what})

    def pressed(self, button: Qt.MouseButton, down: bool) -> bool:
        """A side button went down or up; False if it moves the page, which is the board's own."""
        if not down:
            held = self._held.pop(button, None)
            if held is not None:
                self._keys.give_back(held)
            return held is not None
        what = self.does(PLACES.get(button, "upper"))
        if what == DRAGS:
            return False
        if what in BY_ID and BY_ID[what].hold:
            self._held[button] = what
            self._keys.borrow(BY_ID[what])
            self._keys.use()  # a button is held and never tapped
        elif what != NOTHING and self._actions[what].isEnabled():
            self._actions[what].trigger()
        return True
