"""What to write, and how it will look at its true size."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from types import MappingProxyType
from typing import Any

import numpy as np
from PySide6.QtCore import QPoint, Qt, QTimer
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QResizeEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QSlider,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.files.export import FORMATS, Export, PressProfile, moire, pixels_for, read_profile
from jotsk.core.files.export.press import as_printed
from jotsk.core.geometry import Rect
from jotsk.core.page import Page
from jotsk.core.page.frames import FRAMES, MM_PER_INCH, frame
from jotsk.core.page.layers.tree import ancestors
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_that_does
from jotsk.desk.theme import current
from jotsk.desk.widgets.asking import ask_file
from jotsk.desk.widgets.faults import handled, painted
from jotsk.desk.widgets.number_field import number_field, put_number
from jotsk.desk.widgets.sheet_form import form_of

COLOR_WORDS = {
    "rgba": tr("RGB and transparency"),
    "rgb": "RGB",
    "grey": tr("Grey"),
    "bits": tr("Black and white, 1 bit"),
    "cmyk": tr("CMYK, for a press"),
}
FRAME_WORDS = {
    "page": tr("The whole page"),
    "bleed": tr("To the bleed"),
    "trim": tr("To the trim"),
    "safe": tr("To the safe frame"),
}
CHECKER_PX = 8
NO_TRIM = tr("The page has a bleed but no trim, so this is the whole page; Page size in the menu sets the trim.")
SOON_MS = 15  # after the sheet was shown


class TrueSize(QWidget):
    """A part of the result, px for px; drag to see another."""

    def __init__(self, sheet: ExportSheet) -> None:
        super().__init__(sheet)
        self._sheet = sheet
        self._pressed: QPoint | None = None
        self.middle: tuple[float, float] | None = None  # shares of the frame
        self.setMinimumSize(420, 420)
        self.setCursor(Qt.CursorShape.OpenHandCursor)
        self.setToolTip(tr("The result at its true size; drag to see another part"))
        self._image: QImage | None = None
        # Worked out in a turn of the loop of its own, once for all that changed meanwhile.
        self._renewing = QTimer(self, singleShot=True)
        self._renewing.timeout.connect(self._work_out)

    def renew(self) -> None:
        """What is written has changed, or which part of it is seen."""
        self._renewing.start(SOON_MS)

    def _work_out(self) -> None:
        self._image = self._sheet.part(self.width(), self.height(), self.middle or (0.5, 0.5))
        self.update()

    @handled
    def resizeEvent(self, event: QResizeEvent) -> None:
        self.renew()

    @painted
    def paintEvent(self, painter: QPainter, event: QPaintEvent) -> None:
        painter.fillRect(self.rect(), QColor(current().board))
        image = self._image
        if image is not None:
            at = QPoint((self.width() - image.width()) // 2, (self.height() - image.height()) // 2)
            if image.hasAlphaChannel():
                for y in range(0, image.height(), CHECKER_PX):
                    for x in range(0, image.width(), CHECKER_PX):
                        shade = "#FFFFFF" if (x + y) // CHECKER_PX % 2 else "#D8D8D8"
                        painter.fillRect(at.x() + x, at.y() + y, CHECKER_PX, CHECKER_PX, QColor(shade))
            painter.drawImage(at, image)

    @handled
    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed = event.position().toPoint()

    @handled
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            return
        now = event.position().toPoint()
        width, height = self._sheet.pixel_size
        x, y = self.middle or (0.5, 0.5)
        by = self._pressed - now
        self.middle = (min(1.0, max(0.0, x + by.x() / width)), min(1.0, max(0.0, y + by.y() / height)))
        self._pressed = now
        self.renew()

    @handled
    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._pressed = None


class ExportSheet(QDialog):
    """After `exec`: `export`, `suffix`, and the `choices`, with which the next sheet begins."""

    def __init__(
        self, page: Page, parent: QWidget | None = None, choices: Mapping[str, Any] = MappingProxyType({})
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Export"))
        self.resize(980, 600)
        self._page = page
        self.kind = QComboBox()
        for each in FORMATS.values():
            self.kind.addItem(each.words, each.name)
        self.color = QComboBox()
        self.frame = QComboBox()
        for name in FRAMES:
            self.frame.addItem(FRAME_WORDS[name], name)
        self.scale = number_field(1, 800, 1, " %")
        self.scale.setValue(100)
        self.transparent = QCheckBox(tr("Leave the paper out"))
        self.shapes = QCheckBox(tr("Lines as shapes"), toolTip=tr("Sharp at any size; what has grain stays a picture"))
        self.profile: PressProfile | None = None
        self._profile_path = ""
        self.press = QPushButton(
            autoDefault=False, toolTip=tr("The ICC profile of the press: who prints the page has it")
        )
        self.press.clicked.connect(self._ask_profile)
        self.threshold = QSlider(Qt.Orientation.Horizontal)
        self.threshold.setRange(1, 255)
        self.threshold.setValue(128)
        self.threshold.setToolTip(tr("What is darker than this becomes ink"))
        threshold_value = number_field(1, 255, 0)
        threshold_value.setValue(128)
        threshold_value.valueChanged.connect(lambda value: self.threshold.setValue(round(value)))
        self.threshold.valueChanged.connect(threshold_value.setValue)
        self._below = QWidget()
        below = QHBoxLayout(self._below)
        below.setContentsMargins(0, 0, 0, 0)
        below.addWidget(self.threshold, 1)
        below.addWidget(threshold_value)
        self.quality = number_field(1, 100, 0)
        self.quality.setValue(92)
        self.sketches = QCheckBox(tr("With sketch layers"))
        self.layers = QListWidget(toolTip=tr("What is written; all that is visible at first, but for sketches"))
        self.layers.setSpacing(3)
        for layer in reversed(page.layers):
            item = QListWidgetItem("    " * len(ancestors(page.layers, layer)) + layer.name)
            item.setData(Qt.ItemDataRole.UserRole, layer.uid)
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            self.layers.addItem(item)
        shown = (x for x in page.layers if x.visible and all(g.visible for g in ancestors(page.layers, x)))
        shown = (x for x in page.layers if x.visible and all(g.visible for g in ancestors(page.layers, x)))
        self._visible = {x.uid for x in shown}
        self._sketches = {x.uid for x in page.layers if x.is_sketch}
        form = self._form = form_of((
            (tr("Kind"), self.kind), (tr("Colours"), self.color), ("", self.shapes), ("", self.transparent),
            (tr("Press"), self.press), (tr("Black below"), self._below),
            (tr("Quality"), self.quality), (tr("Frame"), self.frame), (tr("Scale"), self.scale), ("", self.sketches),
            (tr("Layers"), self.layers),
        ))  # fmt: skip
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.told.setMinimumHeight(36)
        buttons, self.write = foot_that_does(self, "handing-over", tr("Write…"))
        left = QVBoxLayout()
        left.addLayout(form, 1)
        left.addWidget(self.told)
        left.addLayout(buttons)
        self.view = TrueSize(self)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(20)
        whole.addLayout(left)
        whole.addWidget(self.view, 1)
        self.kind.currentIndexChanged.connect(self._kind_chosen)
        for signal in (
            self.color.currentIndexChanged, self.frame.currentIndexChanged, self.scale.valueChanged,
            self.shapes.toggled,
            self.transparent.toggled, self.threshold.valueChanged, self.quality.valueChanged, self.layers.itemChanged,
        ):  # fmt: skip
            signal.connect(self._changed)
        self.sketches.toggled.connect(self._check_layers)
        self._begin_with(choices)
        form.setRowVisible(self.sketches, bool(self._sketches & self._visible))
        self._check_layers()
        self._kind_chosen()

    def _begin_with(self, choices: Mapping[str, Any]) -> None:
        """What was chosen the last time; what makes no sense is left out."""
        for box, name in ((self.kind, "kind"), (self.frame, "frame")):
            if (at := box.findData(choices.get(name))) >= 0:
                box.setCurrentIndex(at)
        self._kind_chosen()
        if (at := self.color.findData(choices.get("color"))) >= 0:
            self.color.setCurrentIndex(at)
        put_number(self.scale, choices.get("scale"))
        put_number(self.quality, choices.get("quality"))
        threshold = choices.get("threshold")
        if isinstance(threshold, int) and 1 <= threshold <= 255:
            self.threshold.setValue(threshold)
        self.transparent.setChecked(choices.get("transparent") is True)
        self.shapes.setChecked(choices.get("shapes") is True)
        self.sketches.setChecked(choices.get("sketches") is True)
        if isinstance(path := choices.get("profile"), str) and path:
            self._take_profile(path, quietly=True)

    @property
    def choices(self) -> dict[str, Any]:
        return {
            "kind": self.kind.currentData(), "color": self.color.currentData(), "frame": self.frame.currentData(),
            "scale": self.scale.value(), "quality": self.quality.value(), "threshold": self.threshold.value(),
            "transparent": self.transparent.isChecked(), "sketches": self.sketches.isChecked(),
            "shapes": self.shapes.isChecked(), "profile": self._profile_path,
        }  # fmt: skip

    def _check_layers(self) -> None:
        """All that are visible; sketches only if they are wanted."""
        wanted = self._visible if self.sketches.isChecked() else self._visible - self._sketches
        self.layers.blockSignals(True)
        for item in map(self.layers.item, range(self.layers.count())):
            is_wanted = item.data(Qt.ItemDataRole.UserRole) in wanted
            item.setCheckState(Qt.CheckState.Checked if is_wanted else Qt.CheckState.Unchecked)
        self.layers.blockSignals(False)
        self._changed()

    @property
    def suffix(self) -> str:
        return FORMATS[self.kind.currentData()].endings[0]

    @property
    def _may_have_shapes(self) -> bool:
        return FORMATS[self.kind.currentData()].may_have_shapes and self.color.currentData() != "bits"

    @property
    def export(self) -> Export:
        layers = self._chosen_layers()
        return Export(
            FORMATS[self.kind.currentData()],
            self.color.currentData(),
            self.frame.currentData(),
            self.scale.value() / 100 if FORMATS[self.kind.currentData()].has_pixels else 1.0,
            self.transparent.isChecked() and self.color.currentData() == "rgba",
            self.threshold.value(),
            round(self.quality.value()),
            None if layers == self._visible else self._with_groups(layers),
            profile=self.profile if self.color.currentData() == "cmyk" else None,
            shapes=self.shapes.isChecked() and self._may_have_shapes,
        )

    @property
    def pixel_size(self) -> tuple[int, int]:
        return self.export.size(self._page)

    def part(self, width: int, height: int, middle: tuple[float, float]) -> QImage | None:
        """`width` x `height` px of the result around a place in it, or as much as there is."""
        export = self.export
        area = frame(self._page, export.frame)
        w, h = min(area.width, int(width / export.scale)), min(area.height, int(height / export.scale))
        x = area.x0 + min(area.width - w, max(0, round(middle[0] * area.width - w / 2)))
        y = area.y0 + min(area.height - h, max(0, round(middle[1] * area.height - h / 2)))
        if w < 1 or h < 1:
            return None
        if export.color == "cmyk" and export.profile is None:
            export = replace(export, color="rgb")
        pixels = pixels_for(self._page, export, part=Rect(x, y, x + w, y + h))
        if export.color == "cmyk" and export.profile is not None:
            pixels = as_printed(pixels, export.profile)
        if pixels.ndim == 2:
            pixels = np.repeat(pixels[..., None], 3, axis=2)
        kind = QImage.Format.Format_RGBA8888 if pixels.shape[2] == 4 else QImage.Format.Format_RGB888
        pixels = np.ascontiguousarray(pixels)
        return QImage(pixels.data, pixels.shape[1], pixels.shape[0], pixels.strides[0], kind).copy()

    def _ask_profile(self) -> None:
        path = ask_file(self, tr("The profile of the press"), tr("ICC profiles (*.icc *.icm)"))
        if path is not None:
            self._take_profile(str(path))

    def _take_profile(self, name: str, *, quietly: bool = False) -> None:
        try:
            self.profile, self._profile_path = read_profile(name), name
        except JotskError as error:
            if not quietly:
                self.told.setText(str(error))
            return
        self._changed()

    def _kind_chosen(self) -> None:
        chosen, before = FORMATS[self.kind.currentData()], self.color.currentData()
        self.color.blockSignals(True)
        self.color.clear()
        for color in chosen.colors:
            self.color.addItem(COLOR_WORDS[color], color)
        wanted = before if before in chosen.colors else "rgb"
        self.color.setCurrentIndex(self.color.findData(wanted))
        self.color.blockSignals(False)
        self._form.setRowVisible(self.quality, chosen.has_quality)
        self._form.setRowVisible(self.scale, chosen.has_pixels)
        self._form.setRowVisible(self.color, len(chosen.colors) > 1)
        self._changed()

    def _changed(self) -> None:
        export = self.export
        self._form.setRowVisible(self.transparent, export.color == "rgba")
        self._form.setRowVisible(self.shapes, self._may_have_shapes)
        self._form.setRowVisible(self.press, export.color == "cmyk")
        self.press.setText(self.profile.name if self.profile is not None else tr("Choose a profile…"))
        self._form.setRowVisible(self._below, export.color == "bits")
        width, height = export.size(self._page)
        dpi = self._page.dpi * export.scale
        try:
            export.check(self._page)
            no_trim = export.frame == "bleed" and self._page.bleed_mm > 0 and self._page.trim_mm <= 0
            self.told.setText(
                tr(
                    "{width} x {height} px at {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm on paper",
                    width=width,
                    height=height,
                    dpi=dpi,
                    mm_wide=width / dpi * MM_PER_INCH,
                    mm_high=height / dpi * MM_PER_INCH,
                )
                + (f". {NO_TRIM}" if no_trim else "")
                + (f". {beats}" if (beats := moire(self._page, export)) else "")
            )
            self.write.setEnabled(True)
        except JotskError as error:
            self.told.setText(str(error))
            self.write.setEnabled(False)
        self.view.renew()

    def _chosen_layers(self) -> set[int]:
        items = [self.layers.item(i) for i in range(self.layers.count())]
        return {item.data(Qt.ItemDataRole.UserRole) for item in items if item.checkState() is Qt.CheckState.Checked}

    def _with_groups(self, uids: set[int]) -> set[int]:
        """A layer shows only with the groups it is in, and a group with something in it."""
        layers = self._page.layers
        return uids | {g.uid for x in layers if x.uid in uids for g in ancestors(layers, x)}
