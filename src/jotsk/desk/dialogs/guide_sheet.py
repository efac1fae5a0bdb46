"""A guide in numbers: where it lies, and how it looks. Stays beside the page while one draws."""

from __future__ import annotations

from dataclasses import fields

from PySide6.QtGui import QColor, QIcon, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QColorDialog,
    QDialog,
    QDoubleSpinBox,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.guides import Guide
from jotsk.core.guides.guide import PLACED_BY
from jotsk.desk.guiding import Guiding
from jotsk.desk.theme import current
from jotsk.desk.trays.guide_row import titled
from jotsk.desk.widgets.number_field import count_field, number_field

FARTHEST_PX = 10_000_000
# What is typed: name, words, lowest, highest, decimals, unit.
NUMBERS = {
    "angle": ("Angle", -360.0, 360.0, 2, " °"),
    "between": ("Between the two", 1.0, 179.0, 2, " °"),
    "spacing": ("Spacing", 0.0, 100_000.0, 1, " px"),
    "ratio": ("Height to width", 0.01, 100.0, 3, ""),
    "opacity": ("Opacity", 5.0, 100.0, 0, " %"),
    "thickness": ("Thickness", 0.5, 8.0, 1, " px"),
}
COUNTS = {"count": ("How many", 2, 32), "density": ("Lines", 2, 60), "parts": ("Parts between", 1, 32)}
SWITCHES = {
    "closed": "Closed", "smooth": "Smooth, without corners", "vertical": "Upright lines stay upright",
    "mirrored": "Mirrored",
}  # fmt: skip


class GuideSheet(QDialog):
    """Fields for the guide in hand; each change is a step of the page's history."""

    def __init__(self, guiding: Guiding, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("Guide in numbers")
        self.resize(340, 380)
        self._guiding = guiding
        self._kind: object = None
        self.fields: dict[str, QDoubleSpinBox | QSpinBox | QCheckBox] = {}
        self.heading = QLabel()
        self.heading.setProperty("role", "heading")
        self.color = QPushButton(toolTip="Colour of this guide", autoDefault=False)
        self.color.clicked.connect(self._ask_color)
        self._form_place = QVBoxLayout()
        close = QPushButton("Close", autoDefault=False)
        close.clicked.connect(self.close)
        foot = QHBoxLayout()
        foot.addStretch()
        foot.addWidget(close)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 16, 20, 16)
        layout.setSpacing(12)
        layout.addWidget(self.heading)
        layout.addLayout(self._form_place)
        layout.addStretch()
        layout.addLayout(foot)
        guiding.changed.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Show the guide in hand as it is now."""
        guide = self._guiding.guide(self._guiding.selected)
        kind = (self._guiding.selected, guide.kind, len(guide.points)) if guide else None
        if kind != self._kind:
            self._kind = kind
            self._build(guide)
        self.heading.setText(titled(guide) if guide else "Take a guide in hand: press it in the list.")
        if guide is None:
            return
        for name, box in self.fields.items():
            box.blockSignals(True)
            value = _value(guide, name)
            if isinstance(box, QCheckBox):
                box.setChecked(bool(value))
            else:
                box.setValue(value)  # type: ignore[arg-type]
            box.blockSignals(False)
        self.color.setText(guide.color or "As all guides")
        swatch = QColor(guide.color or current().guide)
        self.color.setIcon(_swatch(swatch))

    def _build(self, guide: Guide | None) -> None:
        while (item := self._form_place.takeAt(0)) is not None:
            if item.widget():
                item.widget().deleteLater()
        self.fields = {}
        self.color.setParent(self)
        self.color.setVisible(guide is not None)
        if guide is None:
            return
        holder = QWidget()
        form = QFormLayout(holder)
        form.setContentsMargins(0, 0, 0, 0)
        form.setVerticalSpacing(8)
        for name, words in _rows(guide):
            box = self._field(name)
            self.fields[name] = box
            form.addRow("" if isinstance(box, QCheckBox) else words, box)
        form.addRow("Colour", self.color)
        self._form_place.addWidget(holder)

    def _field(self, name: str) -> QDoubleSpinBox | QSpinBox | QCheckBox:
        if name in SWITCHES:
            check = QCheckBox(SWITCHES[name])
            check.toggled.connect(lambda on: self._set(name, on))
            return check
        if name in COUNTS:
            _, low, high = COUNTS[name]
            whole = count_field(low, high)
            whole.valueChanged.connect(lambda value: self._set(name, value))
            return whole
        _, low, high, decimals, unit = NUMBERS.get(name, ("", -FARTHEST_PX, FARTHEST_PX, 1, " px"))
        box = number_field(low, high, decimals, unit)
        box.valueChanged.connect(lambda value: self._set(name, value))
        return box

    def _set(self, name: str, value: float | bool) -> None:
        guiding = self._guiding
        index, guide = guiding.selected, guiding.guide(guiding.selected)
        if index is None or guide is None:
            return
        field, *which = name.split()
        if which:
            k, axis = divmod(int(which[0]), 2)
            if field == "points":
                points = [list(p) for p in guide.points]
                points[k][axis] = float(value)
                guiding.change(index, "Place guide", points=tuple((x, y) for x, y in points))
            else:
                pair = list(getattr(guide, field))
                pair[axis] = float(value)
                guiding.change(index, "Place guide", **{field: (pair[0], pair[1])})
        else:
            guiding.change(index, "Change guide", **{field: value / 100 if field == "opacity" else value})

    def _ask_color(self) -> None:
        guiding = self._guiding
        guide = guiding.guide(guiding.selected)
        if guide is None or guiding.selected is None:
            return
        color = QColorDialog.getColor(QColor(guide.color or current().guide), self, "Colour of the guide")
        if color.isValid():
            guiding.change(guiding.selected, "Change guide", color=color.name())


def _rows(guide: Guide) -> list[tuple[str, str]]:
    """The fields of a guide and their words. A pair is named by the number of its part."""
    placed = PLACED_BY[guide.kind]
    rows: list[tuple[str, str]] = []
    if "at" in placed:
        rows += [("at 0", "Across"), ("at 1", "Down")]
    if "points" in placed and guide.kind != "french-curve":
        for k in range(len(guide.points)):
            rows += [(f"points {2 * k}", f"Point {k + 1} across"), (f"points {2 * k + 1}", f"Point {k + 1} down")]
    if "radii" in placed:
        rows += [("radii 0", "First radius"), ("radii 1", "Second radius")]
    names = [f.name for f in fields(Guide) if f.name in placed]
    rows += [(name, (NUMBERS.get(name) or COUNTS[name])[0]) for name in names if name in NUMBERS or name in COUNTS]
    rows += [(name, "") for name in names if name in SWITCHES]
    return [*rows, ("opacity", NUMBERS["opacity"][0]), ("thickness", NUMBERS["thickness"][0])]


def _swatch(color: QColor) -> QIcon:
    pixmap = QPixmap(32, 32)
    pixmap.fill(color)
    return QIcon(pixmap)


def _value(guide: Guide, name: str) -> float | bool:
    field, *which = name.split()
    value = getattr(guide, field)
    if which:
        k, axis = divmod(int(which[0]), 2)
        return value[k][axis] if field == "points" else value[axis]
    return value * 100 if field == "opacity" else value
