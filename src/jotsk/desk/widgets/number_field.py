"""Fields for numbers that are typed or stepped."""

from __future__ import annotations

import math
from typing import Any, TypeVar

from PySide6.QtCore import QPoint
from PySide6.QtGui import QValidator
from PySide6.QtWidgets import QDoubleSpinBox, QSpinBox, QToolTip, QWidget

from jotsk.core.words import tr

INSET_PX = 4  # a style sheet's padding does not reach the text of such a field
TOLD_MS = 4000


def say_range(field: QWidget, low: float, high: float, unit: str = "") -> None:
    """Tell, below a field, what it can hold: a number beyond that was typed."""
    sentence = tr("From {low:g} to {high:g} {unit}", low=low, high=high, unit=unit.strip()).rstrip()
    QToolTip.showText(field.mapToGlobal(QPoint(0, field.height())), sentence, field, field.rect(), TOLD_MS)


class _SaysRange:
    """A number beyond the range can be typed; it becomes the nearest there is, and the range is told."""

    def _number(self: Any, text: str) -> float | None:
        text = text.removesuffix(self.suffix()).strip().replace(",", ".")
        try:
            number = float(text)
        except ValueError:
            return None
        return number if math.isfinite(number) else None

    def validate(self: Any, text: str, at: int) -> Any:
        outcome = super().validate(text, at)  # type: ignore[misc]
        number = self._number(text)
        if number is not None and not self.minimum() <= number <= self.maximum():
            return QValidator.State.Intermediate, text, at
        return outcome

    def fixup(self: Any, text: str) -> str:
        number = self._number(text)
        if number is None:
            return str(super().fixup(text))  # type: ignore[misc]
        say_range(self, self.minimum(), self.maximum(), self.suffix())
        nearest = min(max(number, self.minimum()), self.maximum())
        return f"{self.textFromValue(nearest if isinstance(self, QDoubleSpinBox) else round(nearest))}{self.suffix()}"


class DecimalField(_SaysRange, QDoubleSpinBox):
    pass


class CountField(_SaysRange, QSpinBox):
    pass


Field = TypeVar("Field", DecimalField, CountField)


def number_field(low: float, high: float, decimals: int, suffix: str = "") -> DecimalField:
    """It speaks when the number is typed to its end."""
    field = DecimalField(decimals=decimals, suffix=suffix)
    field.setRange(low, high)
    return _laid_out(field)


def count_field(low: int, high: int, suffix: str = "") -> CountField:
    """As `number_field`, for whole numbers."""
    field = CountField(suffix=suffix)
    field.setRange(low, high)
    return _laid_out(field)


def put_number(field: DecimalField, value: Any) -> None:
    """Show a number that was kept, if it is one and lies inside the range."""
    if isinstance(value, int | float) and field.minimum() <= value <= field.maximum():
        field.setValue(value)


def _laid_out(field: Field) -> Field:
    field.setKeyboardTracking(False)
    field.lineEdit().setTextMargins(INSET_PX, 0, 0, 0)
    return field
