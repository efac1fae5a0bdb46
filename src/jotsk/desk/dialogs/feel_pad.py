"""The feel pad: scribble lightly, normally and hard, and the pressure of the device is fitted to the hand."""

from __future__ import annotations

from PySide6.QtGui import QTabletEvent
from PySide6.QtWidgets import QButtonGroup, QComboBox, QDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from jotsk.core.hand import LINEAR, ResponseCurve
from jotsk.core.hand.feel import fitted_feel, histogram
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.pens.hand import Hand
from jotsk.desk.widgets.curve_editor import CurveEditor
from jotsk.desk.widgets.faults import handled
from jotsk.desk.widgets.number_field import number_field

TOUCHES = (
    ("light", tr("1. Lightly"), tr("Scribble as lightly as you would ever draw")),
    ("normal", tr("2. As always"), tr("Scribble as you draw most of the time")),
    ("hard", tr("3. Hard"), tr("Scribble as hard as you like to press")),
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

    def __init__(self, hand: Hand, parent: QWidget | None = None, device: str = "") -> None:
        """`device` is the pen that was near last."""
        super().__init__(parent)
        self.setWindowTitle(tr("Feel of the device"))
        self.resize(860, 620)
        self._hand = Hand(hand.library, self)
        self._hand.feels, self._hand.tremors = dict(hand.feels), hand.tremors
        self.tremor = QLabel(wordWrap=True)
        self.tremor.setProperty("role", "quiet")
        self.device = ""
        self.devices = QComboBox(toolTip=tr("Devices that were used here; draw with another, and it is listed too"))
        self.devices.setAccessibleName(tr("Device"))
        self.curve: ResponseCurve = LINEAR
        self._pressures: dict[str, list[float]] = {name: [] for name, _, _ in TOUCHES}
        self._touch = "light"
        self.pad = PressurePad(self._hand, self)
        self.editor = CurveEditor(
            monotone=True, tooltip=tr("From the pressure of the device to the pressure of the pen")
        )
        self.editor.setMinimumSize(240, 190)
        self.editor.changed.connect(self._edited)
        self.typed = number_field(0, 100, 1, " %"), number_field(0, 100, 1, " %")
        for field, words in zip(self.typed, (tr("Pressure of the hand"), tr("Pressure of the pen")), strict=True):
            field.setToolTip(tr("{words} at the point that was pressed last", words=words))
            field.setAccessibleName(words)
            field.valueChanged.connect(self._typed)
        self.editor.chosen.connect(self._show_point)
        point = QHBoxLayout()
        point.addWidget(QLabel(tr("Point")))
        for part in (self.typed[0], QLabel(tr("becomes")), self.typed[1]):
            point.addWidget(part)
        point.addStretch()
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
        right.setSpacing(6)
        whose = QHBoxLayout()
        whose.addWidget(self.devices, 1)
        whose.addWidget(QuestionMark(self, "drawing"))
        right.addLayout(whose)
        right.addWidget(QLabel(tr("Pressure of your hand, and what becomes of it")))
        right.addWidget(self.editor)
        right.addLayout(point)
        right.addWidget(self.told)
        right.addWidget(self.tremor)
        right.addStretch()
        self.fits = QPushButton(tr("Fit to the scribbles"), autoDefault=False)
        self.fits.setToolTip(tr("Bring your light, normal and hard pressure to 12, 50 and 95 %"))
        self.fits.clicked.connect(lambda _=False: self.fit())
        right.addWidget(self.fits)
        for words, tip, call in (
            (tr("Keep this feel"), tr("Use it from now on for this device"), self.accept),
            (tr("Begin anew"), tr("Forget these scribbles; the curve stays"), self.begin),
            (tr("Even again"), tr("Back to the device's own pressure"), self.reset),
            (tr("Close"), tr("Leave the feel as it was"), self.reject),
        ):
            button = QPushButton(words, toolTip=tip, autoDefault=False)
            button.clicked.connect(lambda _=False, c=call: c())
            right.addWidget(button)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(18, 16, 18, 16)
        whole.setSpacing(18)
        whole.addLayout(left, 1)
        whole.addLayout(right)
        known = sorted({*hand.feels, *hand.tremors, *([device] if device else [])})
        self.devices.addItems(known)
        self.devices.setEnabled(bool(known))
        self.devices.setPlaceholderText(tr("Draw, and your device is listed here"))
        self.devices.currentTextChanged.connect(self._take_device)
        self.begin()
        self.devices.setCurrentText(device or (known[0] if known else ""))
        self._take_device(self.devices.currentText())

    def begin(self) -> None:
        for samples in self._pressures.values():
            samples.clear()
        self.pad.clear()
        self.choose("light")
        self.editor.histogram = None
        self.fits.setEnabled(False)
        self.tremor.setText(self._said_of_tremor())
        self.editor.update()

    def choose(self, touch: str) -> None:
        """Which kind of scribble comes next."""
        self._touch = touch
        self.buttons[touch].setChecked(True)
        self.told.setText(next(tip for name, _, tip in TOUCHES if name == touch) + ".")

    def felt(self, device: str, pressure: float) -> None:
        """Take one pressure from the device. The curve stays until a fit is asked for."""
        if device != self.device:
            if self.devices.findText(device) < 0:
                self.devices.addItem(device)
                self.devices.setEnabled(True)
            self.devices.setCurrentText(device)
            self._take_device(device)
        self._pressures[self._touch].append(pressure)
        everything = [p for samples in self._pressures.values() for p in samples]
        self.fits.setEnabled(True)
        if len(everything) % 25 == 0:
            self.editor.histogram = histogram(everything)
            self.editor.update()

    def _take_device(self, device: str) -> None:
        """Show what is kept for a device; the scribbles of another say nothing of it."""
        if device == self.device:
            return
        self.device = device
        for samples in self._pressures.values():
            samples.clear()
        self.editor.histogram = None
        self.fits.setEnabled(False)
        self.tremor.setText(self._said_of_tremor())
        self._set(self._hand.feels.get(device, LINEAR))

    def fit(self) -> None:
        """Fit the curve to what was scribbled."""
        try:
            self._set(fitted_feel(*(self._pressures[name] for name, _, _ in TOUCHES)))
            self.told.setText(tr("Fitted to what came so far; drag or type the points if you like it otherwise."))
        except ValueError as error:
            self.told.setText(f"{str(error).capitalize()}.")
            self.editor.update()

    def _said_of_tremor(self) -> str:
        meter = self._hand.tremors.get(self.device)
        if meter is None or not meter.found:
            return tr("The tremor of your hand is learnt from slow lines while you draw.")
        strokes = tr("a slow line") if len(meter.found) == 1 else tr("%n slow lines", None, len(meter.found))
        return tr(
            "The tremor of your hand with this device: {tremor_px:.1f} px, learnt from {strokes}.",
            tremor_px=meter.tremor_px,
            strokes=strokes,
        )

    def reset(self) -> None:
        self._set(LINEAR)

    def _show_point(self) -> None:
        for field, share in zip(self.typed, self.editor.chosen_point, strict=True):
            field.blockSignals(True)
            field.setValue(100 * share)
            field.blockSignals(False)

    def _typed(self) -> None:
        x, y = (field.value() / 100 for field in self.typed)
        self.editor.put_chosen(x, y)

    def _edited(self, points: tuple[tuple[float, float], ...]) -> None:
        self._set(ResponseCurve(points))

    def _set(self, curve: ResponseCurve) -> None:
        self.curve = curve
        self.editor.set_points(curve.points)
        if self.device:
            self._hand.feels[self.device] = curve
