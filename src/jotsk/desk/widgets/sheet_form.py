"""What sheets are laid out of: rows with a name, and the buttons at the foot."""

from __future__ import annotations

from collections.abc import Iterable

from PySide6.QtWidgets import QDialog, QFormLayout, QHBoxLayout, QPushButton, QWidget

ROW_PX = 10


def form_of(rows: Iterable[tuple[str, QWidget]]) -> QFormLayout:
    form = QFormLayout()
    form.setVerticalSpacing(ROW_PX)
    for words, widget in rows:
        form.addRow(words, widget)
    return form


def foot_of(sheet: QDialog, does: str) -> tuple[QHBoxLayout, QPushButton]:
    """Close, and the button of Enter, which accepts the sheet."""
    close, do = QPushButton("Close", autoDefault=False), QPushButton(does, default=True)
    close.clicked.connect(sheet.reject)
    do.clicked.connect(sheet.accept)
    foot = QHBoxLayout()
    foot.addStretch()
    foot.addWidget(close)
    foot.addWidget(do)
    return foot, do
