"""The guides of the page."""

from __future__ import annotations

from PySide6.QtWidgets import QLabel, QVBoxLayout, QWidget


class GuideTray(QWidget):
    """Where rulers, perspective and symmetry will be kept; until then, a sentence."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        heading = QLabel("Guides")
        heading.setProperty("role", "heading")
        sentence = QLabel("Rulers, perspective and symmetry will be kept here, with the page.", wordWrap=True)
        sentence.setProperty("role", "quiet")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(16, 10, 16, 12)
        layout.setSpacing(6)
        layout.addWidget(heading)
        layout.addWidget(sentence)
        layout.addStretch()
