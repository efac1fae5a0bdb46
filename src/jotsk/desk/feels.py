"""The feels of devices, in the settings."""

from __future__ import annotations

import json

from PySide6.QtCore import QSettings

from jotsk.core.hand import ResponseCurve

KEY = "hand/feels"


def read_feels(settings: QSettings) -> dict[str, ResponseCurve]:
    """The feels kept for devices; what makes no sense is left out."""
    try:
        record = json.loads(str(settings.value(KEY, "{}")))
        return {str(d): ResponseCurve(tuple((float(x), float(y)) for x, y in points)) for d, points in record.items()}
    except (ValueError, TypeError, AttributeError):
        return {}


def write_feels(settings: QSettings, feels: dict[str, ResponseCurve]) -> None:
    settings.setValue(KEY, json.dumps({device: curve.points for device, curve in feels.items()}))
