"""How far something has come."""

from __future__ import annotations

from PySide6.QtWidgets import QProgressBar


class ProgressBar(QProgressBar):
    """Painted with everything else: Qt's own paints itself for every value at once, and what lies below it, too."""

    def setValue(self, value: int) -> None:
        self.setUpdatesEnabled(False)
        super().setValue(value)
        self.setUpdatesEnabled(True)
