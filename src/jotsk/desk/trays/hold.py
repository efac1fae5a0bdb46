"""How the hand is held: size, and steadiness now and after."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QWidget

from jotsk.core.ink import Pen
from jotsk.desk.hand import Hand
from jotsk.desk.widgets import Track, TrackKind


class HoldTray(QWidget):
    """Three tracks for the pen in the hand."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._hand = hand
        self.size = Track("Size", TrackKind.SIZE, 0.5, 200, unit="px", tooltip="Full width of the line, in page px")
        self.now = Track(
            "Steady now", TrackKind.STEADINESS, 0, 100,
            tooltip="How strongly the line is held while the pen is down; more trails further behind a slow hand",
        )  # fmt: skip
        self.after = Track(
            "Steady after", TrackKind.STEADINESS, 0, 100,
            tooltip="How strongly the line is smoothed when the pen lifts; it costs no lag, and can be changed later",
        )  # fmt: skip
        layout = QHBoxLayout(self)
        layout.setContentsMargins(20, 8, 20, 6)
        layout.setSpacing(28)
        for track in (self.size, self.now, self.after):
            layout.addWidget(track, 1)
        self.size.changed.connect(lambda value, _: hand.set_size(value))
        self.now.changed.connect(lambda value, _: hand.set_steady_now(value))
        self.after.changed.connect(lambda value, _: hand.set_steady_after(value))
        hand.changed.connect(self._show)
        self._show()

    def _show(self) -> None:
        hold, pen = self._hand.hold, self._hand.pen
        self.size.set_value(hold.size_px)
        self.now.set_value(hold.steady_now)
        self.after.set_value(hold.steady_after)
        self.size.remark.setText(_thinnest(pen, hold.size_px))
        self.now.remark.setText(_way(pen) if hold.steady_now else "the hand as it is")
        self.after.remark.setText("ends and corners kept" if hold.steady_after else "the hand as it is")


def _thinnest(pen: Pen, size_px: float) -> str:
    words = {"pressure": "lightest touch", "speed": "fastest", "tilt": "upright", "direction": "along the nib"}
    by = pen.width.by
    return f"{words[by]} {size_px * pen.width.least:.1f} px" if by in words else "one width throughout"


def _way(pen: Pen) -> str:
    return f"{pen.way}, less when fast" if pen.less_when_fast and pen.way != "tow" else pen.way
