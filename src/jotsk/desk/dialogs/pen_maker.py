"""The pen maker: a pen's recipe beside a scratch pad to try it on."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QFileDialog,
    QFormLayout,
    QHBoxLayout,
    QInputDialog,
    QLabel,
    QLineEdit,
    QListWidget,
    QPushButton,
    QScrollArea,
    QTabWidget,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.files.penfiles import write_pens
from jotsk.core.hand import ResponseCurve
from jotsk.core.ink import Drive, Pen, Profile, Taper
from jotsk.core.ink.pen_fields import TABS, Maker
from jotsk.core.ink.pens import DRIVERS, PEN_SPECS
from jotsk.core.ink.shipped import ISO_DASHES
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.dialogs.scratch_pad import ScratchPad
from jotsk.desk.pens.hand import Hand
from jotsk.desk.widgets.curve_editor import CurveEditor
from jotsk.desk.widgets.ink_marked import InkMarked
from jotsk.desk.widgets.modal import turn_of_the_loop
from jotsk.desk.widgets.number_field import number_field

FAVOURITE = "favourite"
JSON = "Pens (*.json)"


class PenMaker(QDialog):
    """Edits a copy; the library changes only by Keep and Save as new."""

    def __init__(self, hand: Hand, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("Pen maker")
        self.resize(1010, 690)
        self._hand, self._library = hand, hand.library
        # The scratch pad has a hand of its own, so trying a pen out leaves the one on the desk alone.
        self.trial = Hand(hand.library, self)
        self.trial.color = hand.color
        self.trial.feels = hand.feels
        self.pen = hand.pen
        self._filling = False
        self._shown: list[Callable[[Pen], None]] = []
        self._unbuilt: dict[int, tuple[QScrollArea, Callable[[QFormLayout], None]]] = {}

        self.names = QListWidget()
        self.names.setFixedWidth(176)
        self.names.setItemDelegate(InkMarked(self.names))
        self.names.currentRowChanged.connect(self._choose)
        self.search = QLineEdit(placeholderText="Find a pen")
        self.search.textChanged.connect(self._list)
        self.pad = ScratchPad(self.trial, self)
        turn_of_the_loop()
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self._library.file.trouble.connect(self.told.setText)

        left = QVBoxLayout()
        left.addWidget(self.search)
        left.addWidget(self.names, 1)
        for words, tip, call in (
            ("Import…", "Add the pens of a file to the library", self.take_in),
            ("Export…", "Write this pen to a file", self.give_out),
        ):
            left.addWidget(_button(words, tip, call))
        middle = QVBoxLayout()
        middle.addWidget(self._pages(), 1)
        right = QVBoxLayout()
        right.addWidget(self.pad, 1)
        row = QHBoxLayout()
        row.setSpacing(8)
        above = QHBoxLayout()
        above.addWidget(self.told, 1)
        above.addWidget(_button("Clean sheet", "Throw the scribbles away", self.pad.clear))
        self.restore = _button("As shipped", "Set this pen back to as shipped", self._restore)
        self.remove = _button("Remove", "Take this pen out of the library", self._remove)
        row.addWidget(QuestionMark(self, "drawing"))
        row.addWidget(self.restore)
        row.addWidget(self.remove)
        row.addStretch()
        row.addWidget(_button("Save as new…", "Add it to the library under another name", self.save_as_new))
        self.keep_button = _button("Keep", "Change this pen in the library", self.keep)
        row.addWidget(self.keep_button)
        row.addWidget(_button("Close", "Changes that were not kept are dropped", self.accept))
        right.addLayout(above)
        right.addLayout(row)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 16, 16, 14)
        whole.setSpacing(16)
        whole.addLayout(left)
        whole.addLayout(middle)
        whole.addLayout(right, 1)
        self.show_pen(self.pen)

    # -- the pen -------------------------------------------------------------------------------

    def show_pen(self, pen: Pen) -> None:
        """Edit a pen of the library."""
        self.pen = pen
        self._list()
        self._fill()
        self.restore.setEnabled(self._library.is_changed(self.pen.id))
        self.remove.setEnabled(not self._library.is_shipped(self.pen.id))
        self._try_out()

    def change(self, **changes: Any) -> None:
        """Change the copy, and the pen on the scratch pad with it."""
        if self._filling:
            return
        try:
            self.pen = replace(self.pen, **changes)
        except ValueError as error:
            self.told.setText(str(error))
            return
        self.told.setText("")
        self._try_out()

    def keep(self) -> None:
        self._library.put(self.pen)
        self._hand.forget_settings(self.pen.id)
        self._list()
        self.told.setText(f"“{self.pen.name}” is changed in the library.")

    def save_as_new(self, name: str | None = None) -> None:
        if not name:
            name, accepted = QInputDialog.getText(self, "Save as new", "Name of the pen", text=f"{self.pen.name}, mine")
            if not accepted:
                return
        try:
            made = self._library.put_as_new(self.pen, name)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self._hand.take(made)
        self._list()
        self.show_pen(made)
        self.told.setText(f"“{made.name}” is in the library, and in your hand.")

    def take_in(self, path: Path | None = None) -> None:
        if not path:
            name, _ = QFileDialog.getOpenFileName(self, "Import pens", "", JSON)
            if not name:
                return
            path = Path(name)
        try:
            added = self._library.take_in(path)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self._list()
        self.told.setText(f"{len(added)} pen{'s' if len(added) != 1 else ''} added.")

    def give_out(self, path: Path | None = None) -> None:
        if not path:
            name, _ = QFileDialog.getSaveFileName(self, "Export this pen", f"{self.pen.id}.json", JSON)
            if not name:
                return
            path = Path(name)
        try:
            write_pens(path, [self.pen])
        except JotskError as error:
            self.told.setText(str(error))
            return
        self.told.setText(f"“{self.pen.name}” is in “{path.name}”.")

    def _restore(self) -> None:
        self._library.restore(self.pen.id)
        self._hand.forget_settings(self.pen.id)
        self._list()
        self.show_pen(self._library.pen(self.pen.id))

    def _remove(self) -> None:
        try:
            self._library.remove(self.pen.id)
        except JotskError as error:
            self.told.setText(str(error))
            return
        self._list()
        self.show_pen(self._hand.pen)

    def _try_out(self) -> None:
        self.trial.pen = self.pen
        self.trial.forget_settings(self.pen.id)

    def _list(self) -> None:
        self.names.blockSignals(True)
        self.names.clear()
        self._found = self._library.found(self.search.text())
        for pen in self._found:
            star = "★ " if FAVOURITE in pen.tags else ""
            changed = ", changed" if self._library.is_changed(pen.id) else ""
            self.names.addItem(f"{star}{pen.name}{changed}")
            if pen.id == self.pen.id:
                self.names.setCurrentRow(self.names.count() - 1)
        self.names.blockSignals(False)

    def _choose(self, row: int) -> None:
        if 0 <= row < len(self._found):
            self.show_pen(self._found[row])

    def _fill(self) -> None:
        self._filling = True
        for show in self._shown:
            show(self.pen)
        self._filling = False

    # -- the form ------------------------------------------------------------------------------

    def _pages(self) -> QTabWidget:
        tabs = QTabWidget()
        tabs.setFixedWidth(330)
        tabs.setDocumentMode(True)
        for tab in TABS:
            tabs.addTab(self._page(partial(self._rows, tab)), tab)
        self._build(0)
        tabs.currentChanged.connect(self._build)
        return tabs

    def _page(self, fill: Callable[[QFormLayout], None]) -> QWidget:
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._unbuilt[len(self._unbuilt)] = scroll, fill
        return scroll

    def _build(self, number: int) -> None:
        """Fill a page when it is looked at first: all of them at once would keep the sheet from opening."""
        if number not in self._unbuilt:
            return
        scroll, fill = self._unbuilt.pop(number)
        inside = QWidget()
        form = QFormLayout(inside)
        form.setContentsMargins(10, 12, 10, 12)
        form.setVerticalSpacing(9)
        form.setLabelAlignment(Qt.AlignmentFlag.AlignLeft)
        fill(form)
        scroll.setWidget(inside)
        self._fill()

    def _rows(self, tab: str, form: QFormLayout) -> None:
        """The fields of a page, as the schema of pens has them."""
        if tab == TABS[-1]:
            name = QLabel()
            name.setProperty("role", "name")
            self._shown.append(lambda p: name.setText(p.name))
            form.addRow(name)
        forms = {
            "number": self._number_row, "switch": self._switch_row, "choice": self._choice_row, "drive": self._drive,
            "taper": self._taper, "profile": self._profile, "dash": self._dash, "tags": self._tags, "mark": self._mark,
        }  # fmt: skip
        for field, spec in PEN_SPECS.items():
            if spec.maker is not None and spec.maker.tab == tab:
                forms[spec.maker.form](form, field, spec.maker)

    def _number_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._number(
            form, made.words, made.unit, made.low, made.high, lambda p: getattr(p, name), lambda v: {name: v},
            made.times,
        )  # fmt: skip

    def _switch_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._switch(form, made.words, lambda p: getattr(p, name), lambda v: {name: v})

    def _choice_row(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._list_of(form, made.words, made.choices, lambda p: getattr(p, name), lambda v: {name: v})

    def _profile(self, form: QFormLayout, name: str, made: Maker) -> None:
        self._curve(
            form, made.words, False, lambda p: getattr(p, name).points,
            lambda points: {name: Profile(() if all(y == 1 for _, y in points) else points)},
        )  # fmt: skip

    def _taper(self, form: QFormLayout, name: str, made: Maker) -> None:
        words = made.words

        def part(field: str, value: Any) -> dict[str, Taper]:
            return {name: replace(getattr(self.pen, name), **{field: value})}

        self._number(form, words, "px", 0, 500, lambda p: getattr(p, name).length_px, lambda v: part("length_px", v))
        self._share(form, f"{words}, of the line", lambda p: getattr(p, name).share, lambda v: part("share", v))
        self._switch(
            form, f"{words} longer when fast", lambda p: getattr(p, name).by_speed, lambda v: part("by_speed", v)
        )

    def _dash(self, form: QFormLayout, name: str, made: Maker) -> None:
        known = {pattern: called for called, pattern in ISO_DASHES.items()}
        self._list_of(
            form, made.words, (*ISO_DASHES, "my own"), lambda p: known.get(p.dash, "my own"),
            lambda v: {name: ISO_DASHES.get(v, self.pen.dash)},
        )  # fmt: skip
        own = QLineEdit(placeholderText="12, 3, 0.5, 3")
        own.setToolTip("Dash, gap, dash, gap ... in widths of the line")
        own.editingFinished.connect(lambda: self._own_dash(own.text()))
        self._shown.append(lambda p: own.setText(", ".join(f"{v:g}" for v in p.dash)))
        form.addRow("In widths", own)

    def _tags(self, form: QFormLayout, name: str, made: Maker) -> None:
        tags = QLineEdit(placeholderText="nib, thin, for hair")
        tags.editingFinished.connect(lambda: self.change(tags=_tags(tags.text(), FAVOURITE in self.pen.tags)))
        self._shown.append(lambda p: tags.setText(", ".join(t for t in p.tags if t != FAVOURITE)))
        form.addRow(made.words, tags)
        self._switch(
            form, "Favourite: among the first of the library", lambda p: FAVOURITE in p.tags,
            lambda v: {"tags": _tags(", ".join(t for t in self.pen.tags if t != FAVOURITE), v)},
        )  # fmt: skip

    def _mark(self, form: QFormLayout, name: str, made: Maker) -> None:
        hue = QLineEdit(placeholderText="#0E6B62, or nothing")
        hue.setToolTip("A mark beside the pen in the library")
        hue.editingFinished.connect(lambda: self._hue(hue.text()))
        self._shown.append(lambda p: hue.setText(p.hue))
        form.addRow(made.words, hue)

    def _drive(self, form: QFormLayout, name: str, made: Maker) -> None:
        def part(field: str, value: Any) -> dict[str, Drive]:
            return {name: replace(getattr(self.pen, name), **{field: value})}

        self._list_of(form, made.words, DRIVERS, lambda p: getattr(p, name).by, lambda v: part("by", v))
        self._share(form, "Least", lambda p: getattr(p, name).least, lambda v: part("least", v))
        self._curve(
            form, "Response", True, lambda p: getattr(p, name).curve.points, lambda v: part("curve", ResponseCurve(v))
        )

    def _number(
        self, form: QFormLayout, words: str, unit: str, low: float, high: float, get: Callable[[Pen], float],
        changes: Callable[[float], dict[str, Any]], scale: float = 1.0,
    ) -> None:  # fmt: skip
        box = number_field(low, high, 1, f" {unit}" if unit else "")
        box.setAccessibleName(words)
        box.valueChanged.connect(lambda v: self.change(**changes(v / scale)) if not self._filling else None)
        self._shown.append(lambda p: box.setValue(get(p) * scale))
        form.addRow(words, box)

    def _share(
        self, form: QFormLayout, words: str, get: Callable[[Pen], float], changes: Callable[[float], dict[str, Any]]
    ) -> None:
        self._number(form, words, "%", 0, 100, get, changes, 100.0)

    def _switch(
        self, form: QFormLayout, words: str, get: Callable[[Pen], bool], changes: Callable[[bool], dict[str, Any]]
    ) -> None:
        box = QCheckBox(words)
        box.toggled.connect(lambda v: self.change(**changes(v)) if not self._filling else None)
        self._shown.append(lambda p: box.setChecked(get(p)))
        form.addRow(box)

    def _list_of(
        self, form: QFormLayout, words: str, names: Any, get: Callable[[Pen], str],
        changes: Callable[[str], dict[str, Any]],
    ) -> None:  # fmt: skip
        box = QComboBox()
        box.addItems(list(names))
        box.setAccessibleName(words)
        box.currentTextChanged.connect(lambda v: self.change(**changes(v)) if not self._filling else None)
        self._shown.append(lambda p: box.setCurrentText(get(p)))
        form.addRow(words, box)

    def _curve(
        self, form: QFormLayout, words: str, monotone: bool, get: Callable[[Pen], Any],
        changes: Callable[[Any], dict[str, Any]],
    ) -> None:  # fmt: skip
        editor = CurveEditor(monotone=monotone, tooltip=words)
        editor.changed.connect(lambda points: self.change(**changes(points)))
        self._shown.append(lambda p: editor.set_points(get(p)))
        typed = QLineEdit(placeholderText="even")
        typed.setToolTip("The points of the graph: input and output in per cent; a semicolon between points")
        typed.setAccessibleName(f"{words}, points")

        def show(points: Any) -> None:
            typed.setText("; ".join(f"{100 * x:g} {100 * y:g}" for x, y in points))

        def take() -> None:
            try:
                points = tuple(tuple(float(v) / 100 for v in p.split()) for p in typed.text().split(";") if p.strip())
                self.change(**changes(points))
                editor.set_points(get(self.pen))
            except (ValueError, TypeError):
                self.told.setText(
                    "Points are pairs in per cent, rising from left to right, such as 0 0; 50 40; 100 100."
                )
            show(get(self.pen))

        typed.editingFinished.connect(take)
        editor.changed.connect(show)
        self._shown.append(lambda p: show(get(p)))
        form.addRow(QLabel(words))
        form.addRow(editor)
        form.addRow(typed)

    def _own_dash(self, text: str) -> None:
        try:
            self.change(dash=tuple(float(v) for v in text.replace(";", ",").split(",") if v.strip()))
        except ValueError:
            self.told.setText("Dashes are numbers with commas between them, such as 12, 3.")

    def _hue(self, text: str) -> None:
        try:
            self.change(hue=PEN_SPECS["hue"].read(text.strip()))
        except ValueError:
            self.told.setText("A mark is a colour such as #0E6B62.")


def _tags(text: str, favourite: bool) -> tuple[str, ...]:
    tags = tuple(t.strip() for t in text.split(",") if t.strip())
    return (*tags, FAVOURITE) if favourite else tags


def _button(words: str, tip: str, call: Callable[[], None]) -> QPushButton:
    button = QPushButton(words)
    button.setToolTip(tip)
    button.setAutoDefault(False)
    button.clicked.connect(lambda _=False: call())
    return button
