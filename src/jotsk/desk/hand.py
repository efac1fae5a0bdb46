"""What is in the hand: the pen, its size, how it is steadied, the colour."""

from __future__ import annotations

from dataclasses import dataclass

from PySide6.QtCore import QObject, Signal

from jotsk.core.ink import Color, Pen, pen_by_id
from jotsk.core.ink.pens import LARGEST_PX, SMALLEST_PX

SKETCH_PENS = ("pencil", "mapping-nib", "eraser")
INK_PENS = ("quill-nib", "mapping-nib", "pencil", "eraser")
BLACK: Color = (0x14, 0x18, 0x1B)


@dataclass
class Hold:
    """How one pen is held: it keeps its own size and steadiness while others are used."""

    size_px: float
    steady_now: float
    steady_after: float


class Hand(QObject):
    """The pen in the hand and its settings."""

    changed = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.pen: Pen = pen_by_id("quill-nib")
        self.color: Color = BLACK
        self._holds: dict[str, Hold] = {}
        self._last_inking = self.pen

    @property
    def hold(self) -> Hold:
        return self.hold_of(self.pen)

    def hold_of(self, pen: Pen) -> Hold:
        """How `pen` is held now, or as shipped if it was not used yet."""
        return self._holds.setdefault(pen.id, Hold(pen.size_px, pen.steady_now, pen.steady_after))

    def take(self, pen: Pen) -> None:
        if pen is not self.pen:
            if not self.pen.rubs:
                self._last_inking = self.pen
            self.pen = pen
            self.changed.emit()

    def take_inking(self) -> None:
        """Put the eraser down and take up the pen that was used before it."""
        self.take(self._last_inking)

    def set_size(self, px: float) -> None:
        self._set("size_px", min(LARGEST_PX, max(SMALLEST_PX, px)))

    def set_steady_now(self, strength: float) -> None:
        self._set("steady_now", min(100.0, max(0.0, strength)))

    def set_steady_after(self, strength: float) -> None:
        self._set("steady_after", min(100.0, max(0.0, strength)))

    def set_color(self, color: Color) -> None:
        if color != self.color:
            self.color = color
            self.changed.emit()

    def step_size(self, steps: int) -> None:
        """Larger or smaller by steps of a tenth, at least half a px."""
        size = self.hold.size_px
        change = max(0.5, size * 0.1)
        self.set_size(round(2 * (size + steps * change)) / 2)

    def _set(self, name: str, value: float) -> None:
        if getattr(self.hold, name) != value:
            setattr(self.hold, name, value)
            self.changed.emit()
