"""What trays of options are made of: choices with a title, and widgets beside or below each other."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtWidgets import QBoxLayout, QComboBox, QHBoxLayout, QLabel, QVBoxLayout, QWidget

HEAD_PX = 30  # of a title: as high as that of a track, which has its number beside it


def choice(title: str, values: Sequence[tuple[object, str]], tooltip: str) -> QComboBox:
    box = QComboBox(toolTip=tooltip)
    box.setAccessibleName(title)
    for value, words in values:
        box.addItem(words, value)
    return box


def titled(box: QComboBox) -> QWidget:
    title = QLabel(box.accessibleName())
    title.setMinimumHeight(HEAD_PX)
    return below(title, box)


def below(*widgets: QWidget) -> QWidget:
    return _held(QVBoxLayout(), widgets)


def beside(*widgets: QWidget) -> QWidget:
    return _held(QHBoxLayout(), widgets)


def _held(layout: QBoxLayout, widgets: Sequence[QWidget]) -> QWidget:
    holder = QWidget()
    layout.setContentsMargins(0, 0, 0, 0)
    layout.setSpacing(4)
    for widget in widgets:
        layout.addWidget(widget)
    layout.addStretch()
    holder.setLayout(layout)
    return holder
