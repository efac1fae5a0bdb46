"""All keys on one sheet, from the table of actions."""

from __future__ import annotations

from html import escape

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import QDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from jotsk.desk.actions import MENUS, TABLE, key_of

LINES = '<p style="line-height: 128%; margin: 0">{}</p>'
COLUMNS = (("Page", "Edit", "Layer"), ("Hand", "Help"), ("View", "Guides"))


class KeySheet(QDialog):
    """Names and keys by menu, in three columns."""

    def __init__(self, left_handed: bool, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Keys")
        assert {m for column in COLUMNS for m in column} == set(MENUS)
        outer = QHBoxLayout(self)
        outer.setContentsMargins(28, 22, 28, 24)
        outer.setSpacing(44)
        for menus in COLUMNS:
            column = QVBoxLayout()
            column.setSpacing(16)
            for menu in menus:
                column.addLayout(_menu(menu, left_handed))
            column.addStretch()
            outer.addLayout(column)


def _menu(menu: str, left_handed: bool) -> QGridLayout:
    grid = QGridLayout()
    grid.setHorizontalSpacing(24)
    heading = QLabel(menu)
    heading.setProperty("role", "heading")
    grid.addWidget(heading, 0, 0)
    names, keys = [], []
    for entry in TABLE:
        if entry.menu == menu and entry.keys:
            key = QKeySequence(key_of(entry, left_handed=left_handed))
            shown = key.toString(QKeySequence.SequenceFormat.NativeText)
            names.append(entry.name.removesuffix("…"))
            keys.append(f"{shown}, tap or hold" if entry.hold else shown)
    for column, lines in enumerate((names, keys)):  # a label for every line would keep the sheet from opening
        label = QLabel(LINES.format("<br>".join(map(escape, lines))), textFormat=Qt.TextFormat.RichText)
        label.setProperty("role", ("", "second")[column])
        grid.addWidget(label, 1, column)
    grid.setColumnStretch(0, 1)
    return grid
