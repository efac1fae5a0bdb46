"""The feels of devices, in the settings."""

from __future__ import annotations

from jotsk.core.hand import ResponseCurve
from jotsk.desk.settings import Settings

KEY = "hand/feels"


def read_feels(settings: Settings) -> dict[str, ResponseCurve]:
    """The feels kept for devices; what makes no sense is left out."""
    try:
        record = settings.get(KEY, {})
        return {d: ResponseCurve(tuple((float(x), float(y)) for x, y in points)) for d, points in record.items()}
    except (ValueError, TypeError, AttributeError):
        return {}


def write_feels(settings: Settings, feels: dict[str, ResponseCurve]) -> None:
    settings.set(KEY, {device: curve.points for device, curve in feels.items()})
