"""New pages, and another size for the present one."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from types import MappingProxyType
from typing import Any

from PySide6.QtGui import QColor
from PySide6.QtWidgets import (
    QButtonGroup,
    QColorDialog,
    QComboBox,
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.page import Page, blank_page
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.page.sizes import BY_NAME, LEAST_DPI, MOST_DPI, SIZES, page_of
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.dialogs.page_preview import PagePreview
from jotsk.desk.theme import current
from jotsk.desk.widgets.number_field import number_field, put_number
from jotsk.desk.widgets.sheet_form import form_of

OWN_SIZE = tr("A size of your own")
NO_TRIM = tr("A bleed needs a trim: without one nothing is cut, and there is nothing for the ink to go beyond.")
UNITS = {"mm": "mm", "inches": tr("inches"), "px": "px"}
TILE_SHARE = 0.35  # of a page that ink usually covers, for the guess of memory


PLACES = (
    (tr("Above"), tr("left")),
    (tr("In the middle"), tr("in the middle")),
    (tr("Below"), tr("right")),
)  # by row and by column


class Measure(QWidget):
    """Width and height in px, mm or inches. `pixels` at a resolution."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.width_box, self.height_box = number_field(0.01, 100_000, 2), number_field(0.01, 100_000, 2)
        self.unit = QComboBox()
        for field, words in ((self.width_box, tr("Width")), (self.height_box, tr("Height")), (self.unit, tr("Unit"))):
            field.setAccessibleName(words)
        for unit, words in UNITS.items():
            self.unit.addItem(words, unit)
        self._was = "mm"
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        for widget in (self.width_box, QLabel("x"), self.height_box, self.unit):
            layout.addWidget(widget)

    def set_pixels(self, width: int, height: int, dpi: float) -> None:
        for box, px in ((self.width_box, width), (self.height_box, height)):
            box.blockSignals(True)
            box.setDecimals(0 if self.unit.currentData() == "px" else 2)
            box.setValue(px / self._px_per_unit(dpi))
            box.blockSignals(False)

    def show_nominal(self, short_mm: float, long_mm: float) -> None:
        """A size has these names; its px are only the nearest to them."""
        if self.unit.currentData() == "mm":
            sizes = short_mm, long_mm
            if self.width_box.value() > self.height_box.value():
                sizes = long_mm, short_mm
            for box, mm in zip((self.width_box, self.height_box), sizes, strict=True):
                box.blockSignals(True)
                box.setValue(mm)
                box.blockSignals(False)

    def pixels(self, dpi: float) -> tuple[int, int]:
        k = self._px_per_unit(dpi)
        return max(1, round(self.width_box.value() * k)), max(1, round(self.height_box.value() * k))

    def change_unit(self, dpi: float) -> None:
        """The unit was changed: the same size in the new one."""
        now, before = self.unit.currentData(), self._was
        self.unit.setCurrentIndex(self.unit.findData(before))
        size = self.pixels(dpi)
        self.unit.setCurrentIndex(self.unit.findData(now))
        self._was = now
        self.set_pixels(*size, dpi)

    def _px_per_unit(self, dpi: float) -> float:
        return {"px": 1.0, "mm": dpi / MM_PER_INCH, "inches": dpi}[self.unit.currentData()]


class NewPage(QDialog):
    """After `exec`: `page`, and the `choices`, with which the next sheet begins."""

    def __init__(self, parent: QWidget | None = None, choices: Mapping[str, Any] = MappingProxyType({})) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("New page"))
        self.resize(760, 480)
        self.page: Page = page_of(BY_NAME["A4"], 600.0)
        self.sizes = QComboBox()
        self.sizes.addItems([size.name for size in SIZES] + [OWN_SIZE])
        self.sizes.setCurrentText("A4")
        self.upright = QComboBox()
        self.upright.addItems([tr("Upright"), tr("Lying")])
        self.measure = Measure()
        self.dpi = number_field(LEAST_DPI, MOST_DPI, 0, " dpi")
        self.dpi.setValue(600)
        self.trim, self.bleed, self.safe = (number_field(0, 50, 2, " mm") for _ in range(3))
        self.trim.setToolTip(tr("From the edge of the page to where it will be cut"))
        self.bleed.setToolTip(tr("How far ink goes on beyond the cut"))
        self.safe.setToolTip(tr("From the cut to where nothing will be cut"))
        self.paper = QPushButton(tr("White"), toolTip=tr("Colour of the paper"), autoDefault=False)
        self.color = QColor("#FFFFFF")
        form = form_of((
            (tr("Size"), self.sizes), (tr("Lies"), self.upright), (tr("Width x height"), self.measure),
            (tr("Resolution"), self.dpi), (tr("Paper"), self.paper), (tr("Trim"), self.trim), (tr("Bleed"), self.bleed),
            (tr("Safe"), self.safe),
        ))  # fmt: skip
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.told.setMinimumHeight(36)
        self.preview = PagePreview()
        buttons, self.make_button = foot_that_does(self, "drawing", tr("Make the page"))
        left = QVBoxLayout()
        left.addLayout(form)
        left.addWidget(self.told)
        left.addStretch()
        left.addLayout(buttons)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(20)
        whole.addLayout(left)
        whole.addWidget(self.preview, 1)
        self.sizes.currentTextChanged.connect(self._named)
        self.upright.currentTextChanged.connect(self._turned)
        self.dpi.valueChanged.connect(self._named)
        self.measure.unit.activated.connect(lambda: self.measure.change_unit(self.dpi.value()))
        for box in (self.measure.width_box, self.measure.height_box):
            box.valueChanged.connect(self._own)
        for box in (self.trim, self.bleed, self.safe):
            box.valueChanged.connect(self._make)
        self.paper.clicked.connect(self._choose_paper)
        self._begin_with(choices)

    def _begin_with(self, choices: Mapping[str, Any]) -> None:
        """What was chosen the last time; what makes no sense is left out."""
        if choices.get("size") in {*BY_NAME, OWN_SIZE}:
            self.sizes.setCurrentText(choices["size"])
        self.upright.setCurrentIndex(1 if choices.get("lies") is True else 0)
        if choices.get("unit") in UNITS:
            self.measure.unit.setCurrentText(choices["unit"])
            self.measure.change_unit(self.dpi.value())
        put_number(self.dpi, choices.get("dpi"))
        self._named()
        if self.sizes.currentText() == OWN_SIZE:
            for box, name in ((self.measure.width_box, "width"), (self.measure.height_box, "height")):
                put_number(box, choices.get(name))
        for box, name in ((self.trim, "trim"), (self.bleed, "bleed"), (self.safe, "safe")):
            put_number(box, choices.get(name))
        self._set_paper(QColor(str(choices.get("paper", "#FFFFFF"))))

    @property
    def choices(self) -> dict[str, Any]:
        return {
            "size": self.sizes.currentText(), "lies": self.upright.currentIndex() == 1,
            "unit": self.measure.unit.currentData(), "dpi": self.dpi.value(),
            "width": self.measure.width_box.value(), "height": self.measure.height_box.value(),
            "trim": self.trim.value(), "bleed": self.bleed.value(), "safe": self.safe.value(),
            "paper": self.color.name(),
        }  # fmt: skip

    def _named(self) -> None:
        """A size was chosen by its name, or the resolution changed."""
        size = BY_NAME.get(self.sizes.currentText())
        if size is not None:
            try:
                page = page_of(size, self.dpi.value(), upright=self.upright.currentIndex() == 0)
            except JotskError as error:
                self._refuse(str(error))
                return
            for box, mm in ((self.trim, page.trim_mm), (self.bleed, page.bleed_mm), (self.safe, page.safe_mm)):
                box.blockSignals(True)
                box.setValue(mm)
                box.blockSignals(False)
            self.measure.set_pixels(page.width, page.height, page.dpi)
            self.measure.show_nominal(size.width_mm + 2 * size.bleed_mm, size.height_mm + 2 * size.bleed_mm)
        self._make()

    def _turned(self) -> None:
        width, height = self.measure.pixels(self.dpi.value())
        lies = self.upright.currentIndex() == 1
        if (width > height) != lies and width != height:
            self.measure.set_pixels(height, width, self.dpi.value())
        self._make()

    def _own(self) -> None:
        self.sizes.blockSignals(True)
        self.sizes.setCurrentText(OWN_SIZE)
        self.sizes.blockSignals(False)
        self._make()

    def _make(self) -> None:
        dpi = self.dpi.value()
        try:
            page = blank_page(*self.measure.pixels(dpi), dpi)
        except JotskError as error:
            self._refuse(str(error))
            return
        color = self.color.red(), self.color.green(), self.color.blue()
        self.page = replace(
            page, paper=color, trim_mm=self.trim.value(), bleed_mm=self.bleed.value(), safe_mm=self.safe.value()
        )
        megapixels = page.width * page.height / 1e6
        self.told.setText(
            tr(
                "{megapixels:.1f} million px; a layer with ink on a third of it takes about {megabytes:.0f} MB.",
                megapixels=megapixels,
                megabytes=megapixels * 4 * TILE_SHARE * 4 / 3,
            )
            + (f" {NO_TRIM}" if self.bleed.value() > 0 and not self.trim.value() else "")
        )
        self.preview.show_page(self.page, tr("{width} x {height} px", width=page.width, height=page.height))
        self.make_button.setEnabled(True)

    def _refuse(self, sentence: str) -> None:
        self.told.setText(sentence)
        self.preview.show_page(None)
        self.make_button.setEnabled(False)

    def _choose_paper(self) -> None:
        self._set_paper(QColorDialog.getColor(self.color, self, tr("Colour of the paper")))

    def _set_paper(self, color: QColor) -> None:
        if color.isValid():
            self.color = color
            self.paper.setText(tr("White") if color.name() == "#ffffff" else color.name())
            self._make()


class PageSize(QDialog):
    """Another size or resolution. After `exec`: `size`, `anchor` and `dpi`."""

    def __init__(self, page: Page, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Page size"))
        self.resize(560, 340)
        self._page = page
        self.anchor = (0.5, 0.5)
        self.measure = Measure()
        self.measure.set_pixels(page.width, page.height, page.dpi)
        self.dpi_box = number_field(LEAST_DPI, MOST_DPI, 0, " dpi")
        self.dpi_box.setValue(page.dpi)
        self.frames = [number_field(0, 50, 2, " mm") for _ in range(3)]
        for box, mm in zip(self.frames, (page.trim_mm, page.bleed_mm, page.safe_mm), strict=True):
            box.setValue(mm)
        anchors = QWidget()
        grid = QGridLayout(anchors)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setSpacing(2)
        group = QButtonGroup(self)
        for row in range(3):
            for column in range(3):
                button = QToolButton(checkable=True, toolTip=tr("Where the drawing stays"))
                button.setAccessibleName(f"{PLACES[row][0]}, {PLACES[column][1]}")
                button.setFixedSize(24, 24)
                button.setStyleSheet(
                    f"QToolButton {{ background: {current().sunken}; }}"
                    f" QToolButton:checked {{ background: {current().accent}; }}"
                )
                button.setChecked((row, column) == (1, 1))
                button.clicked.connect(lambda _=False, a=(column / 2, row / 2): setattr(self, "anchor", a))
                group.addButton(button)
                grid.addWidget(button, row, column)
        form = form_of((
            (tr("Width x height"), self.measure), (tr("The drawing stays"), anchors), (tr("Resolution"), self.dpi_box),
            *zip((tr("Trim"), tr("Bleed"), tr("Safe")), self.frames, strict=True),
        ))  # fmt: skip
        told = QLabel(
            tr(
                "Another width or height adds or cuts paper around the drawing. Another resolution keeps the size on"
                " paper; ink is rendered anew from its strokes, and only paint is resampled."
            ),
            wordWrap=True,
        )
        told.setProperty("role", "quiet")
        buttons, _ = foot_that_does(self, "drawing", tr("Change the page"))
        whole = QVBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.addLayout(form)
        whole.addWidget(told)
        whole.addStretch()
        whole.addLayout(buttons)
        self.measure.unit.activated.connect(lambda: self.measure.change_unit(page.dpi))

    @property
    def page_size(self) -> tuple[int, int]:
        """In px of the present resolution."""
        return self.measure.pixels(self._page.dpi)

    @property
    def dpi(self) -> float:
        return self.dpi_box.value()

    @property
    def margins_mm(self) -> tuple[float, float, float]:
        """Trim, bleed, safe."""
        trim, bleed, safe = (box.value() for box in self.frames)
        return trim, bleed, safe
