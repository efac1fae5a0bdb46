"""All settings on one sheet, to be found by a word; what is changed holds at once."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QAction, QDesktopServices
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from jotsk.core.errors import JotskError
from jotsk.core.words import tr
from jotsk.desk.dialogs.help_mark import QuestionMark
from jotsk.desk.widgets.asking import ask_file, ask_new_file, ask_whether
from jotsk.desk.widgets.number_field import count_field, number_field

JSON = tr("Settings of Jotsk (*.json)")
NOTHING = tr("No setting has that in its words.")
FIELD_PX = 190


class Row(QWidget):
    """One setting: its words on the left, what changes it on the right, and below what it is for."""

    def __init__(self, heading: str, words: str, why: str, field: QWidget) -> None:
        super().__init__()
        self.searched = f"{heading} {words} {why}".lower()
        name = QLabel(words)
        told = QLabel(why, wordWrap=True)
        told.setProperty("role", "quiet")
        text = QVBoxLayout()
        text.setSpacing(1)
        text.addWidget(name)
        text.addWidget(told)
        field.setAccessibleName(words)
        if not isinstance(field, QCheckBox):
            field.setFixedWidth(FIELD_PX)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 3, 8, 3)
        row.addLayout(text, 1)
        row.addWidget(field, 0, Qt.AlignmentFlag.AlignVCenter)


class SettingsSheet(QDialog):
    """Built by those who know what can be set: `heading`, then its rows."""

    def __init__(
        self, actions: Mapping[str, QAction], *, give_out: Callable[[Path], None], take_in: Callable[[Path], None],
        as_shipped: Callable[[], None], parent: QWidget | None = None,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self.setWindowTitle(tr("Settings"))
        self.resize(640, 660)
        self._actions = actions
        self._give_out, self._take_in, self._as_shipped = give_out, take_in, as_shipped
        self._heading = ""
        self.rows: list[Row] = []
        self._headings: list[tuple[QLabel, list[Row]]] = []
        self.search = QLineEdit(placeholderText=tr("Find a setting"), clearButtonEnabled=True)
        self.search.setAccessibleName(tr("Find a setting"))
        self.search.textChanged.connect(self._find)
        inside = QWidget()
        self._list = QVBoxLayout(inside)
        self._list.setContentsMargins(0, 0, 0, 0)
        self._list.setSpacing(2)
        self._none = QLabel(NOTHING)
        self._none.setProperty("role", "quiet")
        self._none.hide()
        self._list.addWidget(self._none)
        self._list.addStretch()
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(inside)
        self.told = QLabel(wordWrap=True)
        self.told.setProperty("role", "quiet")
        self.told.hide()  # until there is something to tell
        foot = QHBoxLayout()
        foot.addWidget(QuestionMark(self, "settings"))
        for words, tip, act in (
            (tr("Export…"), tr("Write all settings, your pens and your palette to a file"), self._ask_give_out),
            (tr("Import…"), tr("Take all settings, pens and colours of such a file"), self._ask_take_in),
            (tr("All as shipped"), tr("Set everything on this sheet back; your pens and pages stay"),
                self._ask_as_shipped),
        ):  # fmt: skip
            button = QPushButton(words, toolTip=tip, autoDefault=False)
            button.clicked.connect(lambda _=False, act=act: act())
            foot.addWidget(button)
        foot.addStretch()
        close = QPushButton(tr("Close"), default=True)
        close.clicked.connect(self.accept)
        foot.addWidget(close)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(20, 18, 20, 16)
        whole.setSpacing(10)
        for part in (self.search, scroll, self.told):
            whole.addWidget(part, 1 if part is scroll else 0)
        whole.addLayout(foot)

    # -- what can be set -------------------------------------------------------------------------

    def heading(self, words: str) -> None:
        label = QLabel(words)
        label.setProperty("role", "heading")
        label.setContentsMargins(0, 10 if self._headings else 0, 0, 2)
        self._list.insertWidget(self._list.count() - 2, label)
        self._heading = words
        self._headings.append((label, []))

    def _row(self, words: str, why: str, field: QWidget) -> None:
        row = Row(self._heading, words, why, field)
        self._list.insertWidget(self._list.count() - 2, row)
        self._headings[-1][1].append(row)
        self.rows.append(row)

    def switch(self, action_id: str, why: str = "") -> None:
        """A box for an action of the menus that is on or off."""
        action = self._actions[action_id]
        box = QCheckBox()
        box.setChecked(action.isChecked())
        box.toggled.connect(lambda on: action.trigger() if on != action.isChecked() else None)
        action.toggled.connect(box.setChecked)
        self._row(action.text(), why or action.toolTip(), box)

    def own_switch(self, words: str, why: str, is_on: bool, take: Callable[[bool], None]) -> None:
        box = QCheckBox()
        box.setChecked(is_on)
        box.toggled.connect(take)
        self._row(words, why, box)

    def choice(self, words: str, why: str, choices: Mapping[str, str], now: str, take: Callable[[str], None]) -> None:
        """`choices` by what they are kept as."""
        box = QComboBox()
        for kept, name in choices.items():
            box.addItem(name, kept)
        box.setCurrentIndex(max(0, box.findData(now)))
        box.currentIndexChanged.connect(lambda at: take(box.itemData(at)))
        self._row(words, why, box)

    def count(
        self, words: str, why: str, low: int, high: int, unit: str, now: int, take: Callable[[int], None],
        none: str = "",
    ) -> None:  # fmt: skip
        """A whole number; the least one is called `none`, if that is given."""
        field = count_field(low, high, f" {unit}")
        field.setSpecialValueText(none)
        field.setValue(now)
        field.valueChanged.connect(take)
        self._row(words, why, field)

    def number(
        self, words: str, why: str, low: float, high: float, unit: str, now: float, take: Callable[[float], None]
    ) -> None:
        field = number_field(low, high, 1, f" {unit}")
        field.setValue(now)
        field.valueChanged.connect(take)
        self._row(words, why, field)

    def sheet(self, action_id: str, why: str = "") -> None:
        """A button that opens another sheet."""
        action = self._actions[action_id]
        button = QPushButton(action.text(), autoDefault=False)
        button.clicked.connect(action.trigger)
        self._row(action.text().rstrip("…"), why or action.toolTip(), button)

    def folder(self, words: str, path: Path) -> None:
        button = QPushButton(tr("Show the folder"), autoDefault=False)
        button.clicked.connect(lambda: QDesktopServices.openUrl(QUrl.fromLocalFile(str(path))))
        self._row(words, str(path), button)

    # -- finding ---------------------------------------------------------------------------------

    def _find(self, text: str) -> None:
        wanted = text.lower().split()
        for label, rows in self._headings:
            for row in rows:
                row.setVisible(all(word in row.searched for word in wanted))
            label.setVisible(any(not row.isHidden() for row in rows))
        self._none.setVisible(all(row.isHidden() for row in self.rows))

    # -- all of it -------------------------------------------------------------------------------

    def _ask_give_out(self) -> None:
        path = ask_new_file(self, tr("Export all settings"), JSON, "jotsk-settings.json", ".json")
        if path is not None:
            self.do(lambda: self._give_out(path), tr("All settings are in “{name}”.", name=path.name))

    def _ask_take_in(self) -> None:
        path = ask_file(self, tr("Import settings"), JSON)
        if path is not None and self.do(lambda: self._take_in(path), ""):
            self.accept()

    def _ask_as_shipped(self) -> None:
        what = tr("Set everything on this sheet back to as shipped, keys too? Your pens and pages stay.")
        if ask_whether(self, tr("Settings"), what) and self.do(self._as_shipped, ""):
            self.accept()

    def do(self, act: Callable[[], None], words: str) -> bool:
        """Whether it went well; why not is told."""
        try:
            act()
        except JotskError as error:
            self.told.setText(str(error))
            return False
        else:
            self.told.setText(words)
            return True
        finally:
            self.told.setVisible(bool(self.told.text()))
