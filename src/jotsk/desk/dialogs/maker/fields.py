"""The fields of a pen that are typed or switched, as the schema of pens has them, each below the pictures it is of."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Any

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QCheckBox, QComboBox, QFormLayout, QLabel, QLineEdit, QVBoxLayout, QWidget

from jotsk.core.ink import Pen, Profile, Taper
from jotsk.core.ink.pen_fields import Maker
from jotsk.core.ink.pens import PEN_SPECS
from jotsk.core.words import mark, tr
from jotsk.desk.dialogs.maker.pictures import Pictures
from jotsk.desk.widgets.curve_editor import CurveEditor
from jotsk.desk.widgets.number_field import number_field

FAVOURITE = "favourite"
# Under each heading its pictures, and the tab of the schema whose fields follow them.
HEADINGS = {
    mark("Tip"): "", mark("Paper"): "Ink", mark("Ends"): "", mark("Dashes"): "Ends", mark("Figure"): "Figure",
    mark("Weight"): "Weight", mark("Steadiness"): "Hand", mark("Library"): "Name",
}  # fmt: skip
# Chosen among pictures or in the table of what moves what.
SHOWN_ELSEWHERE = {"tip", "motif", "tilt_widens", "tilt_softens"}


class Fields(QWidget):
    """`changed` brings the pen."""

    changed = Signal(object)
    told = Signal(str)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.pen: Pen | None = None
        self._filling = False
        self._shown: list[Callable[[Pen], None]] = []
        self.pictures: dict[str, Pictures] = {}
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 6, 0)
        whole.setSpacing(4)
        for heading, tab in HEADINGS.items():
            label = QLabel(tr(heading))
            label.setProperty("role", "heading")
            label.setContentsMargins(0, 8 if whole.count() else 0, 0, 0)
            whole.addWidget(label)
            if heading in ("Tip", "Paper", "Ends", "Dashes", "Figure"):
                pictures = self.pictures[heading] = Pictures(heading)
                pictures.chosen.connect(lambda changes: self.change(**changes))
                whole.addWidget(pictures)
            if tab:
                form = QFormLayout()
                form.setVerticalSpacing(7)
                form.setContentsMargins(14, 4, 0, 0)
                self._rows(tab, form)
                whole.addLayout(form)

    def show_pen(self, pen: Pen) -> None:
        self.pen = pen
        self._filling = True
        for show in self._shown:
            show(pen)
        self._filling = False

    def show_pictures(self) -> None:
        """Draw the pictures anew: when a pull has ended, not at each of its steps."""
        if self.pen is not None:
            for pictures in self.pictures.values():
                pictures.show_pen(self.pen)

    def change(self, **changes: Any) -> None:
        if self._filling or self.pen is None:
            return
        try:
            pen = replace(self.pen, **changes)
        except ValueError as error:
            self.told.emit(str(error))
            return
        self.changed.emit(pen)

    def _rows(self, tab: str, form: QFormLayout) -> None:
        forms = {
            "number": self._number_row, "switch": self._switch_row, "choice": self._choice_row,
            "taper": self._taper, "profile": self._profile, "dash": self._dash, "tags": self._tags, "mark": self._mark,
        }  # fmt: skip
        for field, spec in PEN_SPECS.items():
            made = spec.maker
            if made is not None and made.tab == tab and made.form in forms and field not in SHOWN_ELSEWHERE:
                forms[made.form](form, field, made)

    def _number_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._number(
            form, made.words, made.unit, made.low, made.high, lambda p: getattr(p, name), lambda v: {name: v},
            made.times,
        )  # fmt: skip

    def _switch_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._switch(form, made.words, lambda p: getattr(p, name), lambda v: {name: v})

    def _choice_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        box = QComboBox()
        for choice in made.choices:
            box.addItem(tr(choice), choice)
        box.setAccessibleName(made.words)
        box.currentIndexChanged.connect(lambda k: self.change(**{name: box.itemData(k)}))
        self._shown.append(lambda p: box.setCurrentIndex(box.findData(getattr(p, name))))
        form.addRow(made.words, box)

    def _profile(self, form: QFormLayout, name: str, made: Maker) -> None:
        editor = CurveEditor(monotone=False, tooltip=made.words)

        def take(points: Any) -> None:
            self.change(**{name: Profile(() if all(y == 1 for _, y in points) else points)})

        def show(pen: Pen) -> None:
            points = getattr(pen, name).points
            if editor.points != (points or ((0.0, 1.0), (1.0, 1.0))):
                editor.set_points(points)
            typed.setText("; ".join(f"{100 * x:g} {100 * y:g}" for x, y in points))

        def take_typed() -> None:
            try:
                points = [tuple(float(v) / 100 for v in p.split()) for p in typed.text().split(";") if p.strip()]
                take(tuple(points))
            except (ValueError, TypeError):
                self.told.emit(tr("Points are pairs in per cent, from left to right, such as 0 20; 50 100; 100 20."))
                assert self.pen is not None
                show(self.pen)

        typed = QLineEdit(placeholderText=tr("even"))
        typed.setToolTip(tr("The points of the graph: place and width in per cent; a semicolon between points"))
        typed.setAccessibleName(tr("{words}, points", words=made.words))
        typed.editingFinished.connect(take_typed)
        editor.changed.connect(take)
        self._shown.append(show)
        form.addRow(QLabel(made.words))
        form.addRow(editor)
        form.addRow(typed)

    def _taper(self, form: QFormLayout, name: str, made: Maker) -> None:
        words = made.words

        def part(field: str, value: Any) -> dict[str, Taper]:
            return {name: replace(getattr(self.pen, name), **{field: value})}

        self._number(form, words, "px", 0, 500, lambda p: getattr(p, name).length_px, lambda v: part("length_px", v))
        self._number(
            form, tr("{words}, of the line", words=words), "%", 0, 100, lambda p: getattr(p, name).share,
            lambda v: part("share", v),
            100.0,
        )  # fmt: skip
        self._switch(
            form,
            tr("{words} longer when fast", words=words),
            lambda p: getattr(p, name).by_speed,
            lambda v: part("by_speed", v),
        )

    def _dash(self, form: QFormLayout, name: str, made: Maker) -> None:
        own = QLineEdit(placeholderText="12, 3, 0.5, 3")
        own.setToolTip(tr("A pattern of your own: dash, gap, dash, gap ... in widths of the line"))
        own.setAccessibleName(tr("Dashes in widths"))
        own.editingFinished.connect(lambda: self.own_dash(own.text()))
        self._shown.append(lambda p: own.setText(", ".join(f"{v:g}" for v in p.dash)))
        form.addRow(tr("In widths"), own)

    def own_dash(self, text: str) -> None:
        try:
            dash = tuple(float(v) for v in text.replace(";", ",").split(",") if v.strip())
        except ValueError:
            self.told.emit(tr("Dashes are numbers with commas between them, such as 12, 3."))
            return
        if self.pen is not None and dash != self.pen.dash:
            self.change(dash=dash)

    def _tags(self, form: QFormLayout, name: str, made: Maker) -> None:
        tags = QLineEdit(placeholderText=tr("nib, thin, for hair"))
        tags.setAccessibleName(made.words)

        def own() -> str:
            assert self.pen is not None
            return ", ".join(tag for tag in self.pen.tags if tag != FAVOURITE)

        def take() -> None:
            if self.pen is not None and tags.text() != own():
                self.change(tags=_tags_of(tags.text(), FAVOURITE in self.pen.tags))

        tags.editingFinished.connect(take)
        self._shown.append(lambda p: tags.setText(own()))
        form.addRow(made.words, tags)
        self._switch(
            form, tr("Favourite: among the first of the library"), lambda p: FAVOURITE in p.tags,
            lambda v: {"tags": _tags_of(own(), v)},
        )  # fmt: skip

    def _mark(self, form: QFormLayout, name: str, made: Maker) -> None:
        hue = QLineEdit(placeholderText=tr("#0E6B62, or nothing"))
        hue.setToolTip(tr("A mark beside the pen in the library"))
        hue.setAccessibleName(made.words)
        hue.editingFinished.connect(lambda: self.own_hue(hue.text()))
        self._shown.append(lambda p: hue.setText(p.hue))
        form.addRow(made.words, hue)

    def own_hue(self, text: str) -> None:
        try:
            hue = PEN_SPECS["hue"].read(text.strip())
        except ValueError:
            self.told.emit(tr("A mark is a colour such as #0E6B62."))
            return
        if self.pen is not None and hue != self.pen.hue:
            self.change(hue=hue)

    def _number(
        self, form: QFormLayout, words: str, unit: str, low: float, high: float, get: Callable[[Pen], float],
        changes: Callable[[float], dict[str, Any]], times: float = 1.0,
    ) -> None:  # fmt: skip
        box = number_field(low, high, 1, f" {unit}" if unit else "")
        box.setAccessibleName(words)
        box.valueChanged.connect(lambda v: self.change(**changes(v / times)) if not self._filling else None)
        self._shown.append(lambda p: box.setValue(get(p) * times))
        form.addRow(words, box)

    def _switch(
        self, form: QFormLayout, words: str, get: Callable[[Pen], bool], changes: Callable[[bool], dict[str, Any]]
    ) -> None:
        box = QCheckBox(words)
        box.toggled.connect(lambda v: self.change(**changes(v)) if not self._filling else None)
        self._shown.append(lambda p: box.setChecked(get(p)))
        form.addRow(box)


def _tags_of(text: str, is_favourite: bool) -> tuple[str, ...]:
    tags = tuple(tag.strip() for tag in text.split(",") if tag.strip())
    return (*tags, FAVOURITE) if is_favourite else tags
