"""What sheets are laid out of: rows with a name."""

from __future__ import annotations

from collections.abc import Iterable

from PySide6.QtWidgets import QFormLayout, QWidget

ROW_PX = 10


def form_of(rows: Iterable[tuple[str, QWidget]]) -> QFormLayout:
    form = QFormLayout()
    form.setVerticalSpacing(ROW_PX)
    for words, widget in rows:
        form.addRow(words, widget)
    return form
