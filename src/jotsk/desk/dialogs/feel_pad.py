"""The feel pad: scribble lightly, normally and hard, and the pressure of the device is fitted to the hand."""

from __future__ import annotations

from PySide6.QtGui import QTabletEvent
from PySide6.QtWidgets import QButtonGroup, QDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from jotsk.core.hand import LINEAR, ResponseCurve
from jotsk.core.hand.feel import fitted_feel, histogram
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.pens.hand import Hand
from jotsk.desk.widgets.curve_editor import CurveEditor
from jotsk.desk.widgets.faults import handled

TOUCHES = (
    ("light", "1. Lightly", "Scribble as lightly as you would ever draw"),
    ("normal", "2. As always", "Scribble as you draw most of the time"),
    ("hard", "3. Hard", "Scribble as hard as you like to press"),
)


class PressurePad(ScratchPad):
    """A scratch pad that tells what pressures come, before any feel is put on them."""

    def __init__(self, hand: Hand, pad: FeelPad) -> None:
        super().__init__(hand, pad)
        self._pad = pad

    @handled
    def tabletEvent(self, event: QTabletEvent) -> None:
        if event.pressure() > 0:
            self._pad.felt(event.pointingDevice().name(), event.pressure())
        super().tabletEvent(event)


class FeelPad(QDialog):
    """After `exec`: `device` and its `curve`."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("Feel of the device")
        self.resize(860, 520)
        self._hand = Hand(hand.library, self)
        self._hand.feels, self._hand.tremors = dict(hand.feels), hand.tremors
        self.tremor = QLabel(wordWrap=True)
        self.tremor.setProperty("role", "quiet")
        self.device = ""
        self.curve: ResponseCurve = LINEAR
        self._pressures: dict[str, list[float]] = {name: [] for name, _, _ in TOUCHES}
        self._touch = "light"
        self.pad = PressurePad(self._hand, self)
        self.editor = CurveEditor(monotone=True, tooltip="From the pressure of the device to the pressure of the pen")
        self.editor.setMinimumSize(240, 190)
        self.editor.changed.connect(self._edited)
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.told.setMinimumHeight(40)
        self.buttons: dict[str, QPushButton] = {}
        group = QButtonGroup(self)
        row = QHBoxLayout()
        for name, words, tip in TOUCHES:
            button = self.buttons[name] = QPushButton(words, checkable=True, toolTip=tip, autoDefault=False)
            button.clicked.connect(lambda _=False, n=name: self.choose(n))
            group.addButton(button)
            row.addWidget(button)
        row.addStretch()
        left = QVBoxLayout()
        left.addLayout(row)
        left.addWidget(self.pad, 1)
        right = QVBoxLayout()
        right.addWidget(QLabel("Pressure of your hand, and what becomes of it"))
        right.addWidget(self.editor)
        right.addWidget(self.told)
        right.addWidget(self.tremor)
        right.addStretch()
        for words, tip, call in (
            ("Keep this feel", "Use it from now on for this device", self.accept),
            ("Begin anew", "Forget these scribbles", self.begin),
            ("Even again", "Back to the device's own pressure", self.reset),
            ("Close", "Leave the feel as it was", self.reject),
        ):
            button = QPushButton(words, toolTip=tip, autoDefault=False)
            button.clicked.connect(lambda _=False, c=call: c())
            right.addWidget(button)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(18, 16, 18, 16)
        whole.setSpacing(18)
        whole.addLayout(left, 1)
        whole.addLayout(right)
        self.begin()

    def begin(self) -> None:
        for samples in self._pressures.values():
            samples.clear()
        self.pad.clear()
        self.choose("light")
        self.editor.histogram = None
        self.tremor.setText(self._said_of_tremor())
        self.reset()

    def choose(self, touch: str) -> None:
        """Which kind of scribble comes next."""
        self._touch = touch
        self.buttons[touch].setChecked(True)
        self.told.setText(next(tip for name, _, tip in TOUCHES if name == touch) + ".")

    def felt(self, device: str, pressure: float) -> None:
        """Take one pressure from the device; the curve follows."""
        if device != self.device:
            self.device = device
            self.tremor.setText(self._said_of_tremor())
            self.curve = self._hand.feels.get(device, LINEAR)
        self._pressures[self._touch].append(pressure)
        if sum(map(len, self._pressures.values())) % 25 == 0:
            self.fit()

    def fit(self) -> None:
        everything = [p for samples in self._pressures.values() for p in samples]
        self.editor.histogram = histogram(everything)
        try:
            self._set(fitted_feel(*(self._pressures[name] for name, _, _ in TOUCHES)))
            self.told.setText("Fitted to what came so far; drag the points if you like it otherwise.")
        except ValueError as error:
            self.told.setText(f"{str(error).capitalize()}.")
            self.editor.update()

    def _said_of_tremor(self) -> str:
        meter = self._hand.tremors.get(self.device)
        if meter is None or not meter.found:
            return "The tremor of your hand is learnt from slow lines while you draw."
        strokes = "a slow line" if len(meter.found) == 1 else f"{len(meter.found)} slow lines"
        return f"The tremor of your hand with this device: {meter.tremor_px:.1f} px, learnt from {strokes}."

    def reset(self) -> None:
        self._set(LINEAR)

    def _edited(self, points: tuple[tuple[float, float], ...]) -> None:
        self._set(ResponseCurve(points))

    def _set(self, curve: ResponseCurve) -> None:
        self.curve = curve
        self.editor.set_points(curve.points)
        if self.device:
            self._hand.feels[self.device] = curve
