"""How many px of this screen are a millimetre, measured with a bank card."""

from __future__ import annotations

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QScreen
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QSlider, QVBoxLayout, QWidget

from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.theme import current
from jotsk.desk.widgets.faults import painted
from jotsk.desk.widgets.number_field import number_field

CARD_MM, CORNER_MM = (85.60, 53.98), 3.18  # ISO/IEC 7810, ID-1: what bank cards are
LEAST, MOST = 2.0, 12.0  # px a mm: a large television, and a phone's display
STEPS = 100  # of the slider, to a px a mm


def told_by(screen: QScreen) -> float:
    """Device px a mm, as the screen says; many say something else than they are."""
    told = screen.physicalDotsPerInch() * screen.devicePixelRatio() / MM_PER_INCH
    return min(MOST, max(LEAST, told))


def measure_of(screen: QScreen) -> str:
    """The name of the setting that keeps how many px a mm a screen was measured to have."""
    told = (screen.manufacturer(), screen.model(), screen.serialNumber())
    return f"screen/px_per_mm/{' '.join(part for part in told if part) or screen.name()}"


class ScreenSheet(QDialog):
    """After `exec`: `px_per_mm`, in device px."""

    def __init__(self, px_per_mm: float, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Measure the screen"))
        self.px_per_mm = min(MOST, max(LEAST, px_per_mm))
        words = QLabel(
            tr("Hold a bank card to the screen and move the handle until the frame is as large as the card. Or measure"
            " the frame's width with a ruler and type it."), wordWrap=True,
        )  # fmt: skip
        self.card = CardFrame(self)
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setRange(round(LEAST * STEPS), round(MOST * STEPS))
        self.slider.setAccessibleName(tr("Size of the frame"))
        self.measured = number_field(20, 400, 1, " mm")
        self.measured.setAccessibleName(tr("The frame's width by a ruler"))
        self.measured.setToolTip(tr("How wide the frame is by a ruler"))
        buttons, _ = foot_that_does(self, "drawing", tr("Keep"))
        ruled = QHBoxLayout()
        ruled.addWidget(QLabel(tr("The frame's width by a ruler")))
        ruled.addWidget(self.measured)
        ruled.addStretch()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 18, 20, 16)
        layout.setSpacing(14)
        layout.addWidget(words)
        layout.addWidget(self.card, 1)
        layout.addWidget(self.slider)
        layout.addLayout(ruled)
        layout.addLayout(buttons)
        self.slider.setValue(round(self.px_per_mm * STEPS))
        self.measured.setValue(CARD_MM[0])
        self.slider.valueChanged.connect(self._moved)
        self.measured.editingFinished.connect(self._ruled)
        self.resize(760, 620)

    def _moved(self, value: int) -> None:
        self.px_per_mm = value / STEPS
        self.card.update()

    def _ruled(self) -> None:
        """The frame is so wide: then so many of its px are a mm."""
        width_px, mm = CARD_MM[0] * self.px_per_mm, self.measured.value()
        self.measured.setValue(CARD_MM[0])
        self.slider.setValue(round(min(MOST, max(LEAST, width_px / mm)) * STEPS))


class CardFrame(QWidget):
    """A frame that is as large as a card once the sheet is right."""

    def __init__(self, sheet: ScreenSheet) -> None:
        super().__init__(sheet)
        self._sheet = sheet
        self.setMinimumHeight(360)

    @property
    def frame(self) -> QRectF:
        k = self._sheet.px_per_mm / self.devicePixelRatioF()
        width, height = CARD_MM[0] * k, CARD_MM[1] * k
        return QRectF((self.width() - width) / 2, (self.height() - height) / 2, width, height)

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        theme, frame = current(), self.frame
        corner = CORNER_MM * self._sheet.px_per_mm / self.devicePixelRatioF()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(QColor(theme.accent), 2.0))
        painter.setBrush(QColor(theme.sunken))
        painter.drawRoundedRect(frame, corner, corner)
        painter.setPen(QColor(theme.quiet))
        painter.drawText(frame, Qt.AlignmentFlag.AlignCenter, tr("85.60 x 53.98 mm"))
