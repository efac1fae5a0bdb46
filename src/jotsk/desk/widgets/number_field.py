"""Fields for numbers that are typed or stepped."""

from __future__ import annotations

from typing import TypeVar

from PySide6.QtWidgets import QDoubleSpinBox, QSpinBox

Field = TypeVar("Field", QSpinBox, QDoubleSpinBox)
INSET_PX = 4  # a style sheet's padding does not reach the text of such a field


def number_field(low: float, high: float, decimals: int, suffix: str = "") -> QDoubleSpinBox:
    """It speaks when the number is typed to its end."""
    field = QDoubleSpinBox(decimals=decimals, suffix=suffix)
    field.setRange(low, high)
    return _laid_out(field)


def count_field(low: int, high: int, suffix: str = "") -> QSpinBox:
    """As `number_field`, for whole numbers."""
    field = QSpinBox(suffix=suffix)
    field.setRange(low, high)
    return _laid_out(field)


def _laid_out(field: Field) -> Field:
    field.setKeyboardTracking(False)
    field.lineEdit().setTextMargins(INSET_PX, 0, 0, 0)
    return field
