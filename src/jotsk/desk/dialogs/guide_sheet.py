"""A guide in numbers: where it lies, and how it looks. Stays beside the page while one draws."""

from __future__ import annotations

from PySide6.QtGui import QColor, QIcon, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QColorDialog,
    QDialog,
    QDoubleSpinBox,
    QFormLayout,
    QLabel,
    QPushButton,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.guides import Guide
from jotsk.core.guides.fields import Row
from jotsk.core.guides.numbers import rows_of, typed, with_typed
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import foot_with_help
from jotsk.desk.guides.guiding import Guiding, titled
from jotsk.desk.theme import current
from jotsk.desk.widgets.at_pause import AtPause
from jotsk.desk.widgets.number_field import count_field, number_field
from jotsk.desk.widgets.track import STEPS_END_MS


class GuideSheet(QDialog):
    """Fields for the guide in hand; each change is a step of the page's history."""

    def __init__(self, guiding: Guiding, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Guide in numbers"))
        self.resize(340, 380)
        self._guiding = guiding
        self._kind: object = None
        self.fields: dict[str, QDoubleSpinBox | QSpinBox | QCheckBox] = {}
        self._rows: dict[str, Row] = {}
        self.heading = QLabel()
        self.heading.setProperty("role", "heading")
        self.color = QPushButton(toolTip=tr("Colour of this guide"), autoDefault=False)
        self.color.clicked.connect(self._ask_color)
        self._form_place = QVBoxLayout()
        close = QPushButton(tr("Close"), autoDefault=False)
        close.clicked.connect(self.close)
        foot = foot_with_help(self, "guides", close)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(20, 16, 20, 16)
        layout.setSpacing(12)
        layout.addWidget(self.heading)
        layout.addLayout(self._form_place)
        layout.addStretch()
        layout.addLayout(foot)
        self._stepped: tuple[int, str] | None = None  # the guide and the field that are changed step by step
        self._steps_end = AtPause(guiding.end_step, lambda: False, STEPS_END_MS, self)
        guiding.changed.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Show the guide in hand as it is now."""
        guide = self._guiding.guide(self._guiding.selected)
        kind = (self._guiding.selected, guide.kind, [key for key, _ in rows_of(guide)]) if guide else None
        if kind != self._kind:
            self._kind = kind
            self._build(guide)
        self.heading.setText(titled(guide) if guide else tr("Take a guide in hand: press it in the list."))
        if guide is None:
            return
        for key, box in self.fields.items():
            box.blockSignals(True)
            value = typed(guide, key, self._rows[key])
            if isinstance(box, QCheckBox):
                box.setChecked(bool(value))
            else:
                box.setValue(value)  # type: ignore[arg-type]
            box.blockSignals(False)
        self.color.setText(guide.color or tr("As all guides"))
        swatch = QColor(guide.color or current().guide)
        self.color.setIcon(_swatch(swatch))

    def _build(self, guide: Guide | None) -> None:
        for box in self.fields.values():
            box.blockSignals(True)  # as it goes it would give what was typed last to the guide that comes
        while (item := self._form_place.takeAt(0)) is not None:
            if item.widget():
                item.widget().hide()  # at once, or the next one would lie over it for a moment
                item.widget().deleteLater()
        self.fields, self._rows = {}, {}
        self.color.setParent(self)
        self.color.setVisible(guide is not None)
        if guide is None:
            return
        holder = QWidget()
        form = QFormLayout(holder)
        form.setContentsMargins(0, 0, 0, 0)
        form.setVerticalSpacing(8)
        for key, row in rows_of(guide):
            box = self._field(key, row)
            self.fields[key], self._rows[key] = box, row
            form.addRow("" if row.is_switch else row.words, box)
        form.addRow(tr("Colour"), self.color)
        self._form_place.addWidget(holder)

    def _field(self, key: str, row: Row) -> QDoubleSpinBox | QSpinBox | QCheckBox:
        if row.is_switch:
            check = QCheckBox(row.words)
            check.toggled.connect(lambda on: self._set(key, row, on))
            return check
        if row.whole:
            whole = count_field(int(row.low), int(row.high))
            whole.valueChanged.connect(lambda value: self._set(key, row, value))
            return whole
        box = number_field(row.low, row.high, row.decimals, row.unit)
        box.valueChanged.connect(lambda value: self._set(key, row, value))
        return box

    def _set(self, key: str, row: Row, value: float | bool) -> None:
        guiding = self._guiding
        index, guide = guiding.selected, guiding.guide(guiding.selected)
        if index is not None and guide is not None:
            label = tr("Place guide") if " " in key else tr("Change guide")
            self._steps_end.ask()
            if (index, key) != self._stepped:
                self._guiding.end_step()  # another field is another change
            self._stepped = index, key
            guiding.change(index, label, finished=False, **with_typed(guide, key, row, value))

    def _ask_color(self) -> None:
        guiding = self._guiding
        guide = guiding.guide(guiding.selected)
        if guide is None or guiding.selected is None:
            return
        color = QColorDialog.getColor(QColor(guide.color or current().guide), self, tr("Colour of the guide"))
        if color.isValid():
            guiding.change(guiding.selected, tr("Change guide"), color=color.name())


def _swatch(color: QColor) -> QIcon:
    pixmap = QPixmap(32, 32)
    pixmap.fill(color)
    return QIcon(pixmap)
