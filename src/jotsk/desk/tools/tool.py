"""What a tool is: what pressing, moving and lifting the pen on the board does."""

from __future__ import annotations

from typing import TYPE_CHECKING, ClassVar

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPainter

if TYPE_CHECKING:
    from jotsk.desk.board.board import Board
    from jotsk.desk.board.strips.head_strip import HeadStrip

SMALL_RING_PX = 6.0


class Tool:
    """One of the board's tools. Places are logical px of the board, times those of the events, ms.

    The board presses one tool at a time, moves it until the pen lifts, and then releases it, or cancels it if the press
    was not meant: then all is as it was before.
    """

    id: ClassVar[str]
    action: ClassVar[str] = ""  # the entry of the table of actions that takes it up; its key is there
    words: ClassVar[str] = ""  # told when it is taken up

    def __init__(self, board: Board) -> None:
        self.board = board

    def taken_up(self) -> None:
        if self.words:
            self.board.notify(self.words)

    def laid_down(self) -> None:
        """Another tool is taken up."""

    def press(self, at: QPointF, t_ms: float, pressure: float, has_pressure: bool) -> None:
        raise NotImplementedError

    def move(self, at: QPointF, t_ms: float, pressure: float, tilt_x: float, tilt_y: float) -> bool:
        """The pen moved while it is down; True if the tool shows where it is by itself."""
        return False

    def release(self, at: QPointF, t_ms: float) -> None:
        pass

    def cancel(self) -> None:
        pass

    def drop(self) -> bool:
        """Escape, with nothing under the pen: give up what the tool has on its way; False if there is nothing."""
        return False

    @property
    def can_undo(self) -> bool:
        """Whether the tool has something on its way that an undo takes back before the page changes."""
        return False

    def undo(self) -> None:
        """Take that back."""

    def key(self, key: int) -> bool:
        """A key was pressed while the tool is taken up; False if it means nothing to it."""
        return False

    def draw(self, painter: QPainter, ratio: float) -> None:
        """Draw over the board. `ratio` is device px for each logical px."""

    @property
    def outline(self) -> list[QPointF]:
        """A line around something, on the board."""
        return []

    def footprint(self, at: QPointF) -> tuple[QPointF, list[float]]:
        """Where the rings at the pen are drawn, and their radii."""
        return at, [SMALL_RING_PX]

    def strip(self) -> HeadStrip | None:
        """What lies at the head of the board while the tool is taken up; made once."""
        return None

    # -- for those that need it ----------------------------------------------------------------

    def on_page(self, at: QPointF) -> tuple[float, float]:
        return self.board.to_page(at)


def is_enter(key: int) -> bool:
    return key in (Qt.Key.Key_Return, Qt.Key.Key_Enter)
