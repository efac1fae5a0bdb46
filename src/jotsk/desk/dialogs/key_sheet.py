"""All keys on one sheet, from the table of actions."""

from __future__ import annotations

from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import QDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from jotsk.desk.actions import MENUS, TABLE, key_of

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
    grid.setVerticalSpacing(5)
    heading = QLabel(menu)
    heading.setProperty("role", "heading")
    grid.addWidget(heading, 0, 0)
    rows = [entry for entry in TABLE if entry.menu == menu and entry.keys]
    for row, entry in enumerate(rows, 1):
        key = QKeySequence(key_of(entry, left_handed=left_handed))
        shown = key.toString(QKeySequence.SequenceFormat.NativeText)
        label = QLabel(f"{shown}, tap or hold" if entry.hold else shown)
        label.setProperty("role", "quiet")
        grid.addWidget(QLabel(entry.name.removesuffix("…")), row, 0)
        grid.addWidget(label, row, 1)
    grid.setColumnStretch(0, 1)
    return grid
