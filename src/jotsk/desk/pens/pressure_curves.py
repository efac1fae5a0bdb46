"""The feels of devices, and the tremor of the hand with each, in the settings."""

from __future__ import annotations

from jotsk.core.hand import ResponseCurve, TremorMeter
from jotsk.desk.inout.settings import Settings

KEY, TREMOR_KEY = "hand/feels", "hand/tremor"


def read_pressure_curves(settings: Settings) -> dict[str, ResponseCurve]:
    """The feels kept for devices; what makes no sense is left out."""
    try:
        record = settings.get(KEY, {})
        return {d: ResponseCurve(tuple((float(x), float(y)) for x, y in points)) for d, points in record.items()}
    except (ValueError, TypeError, AttributeError):
        return {}


def write_pressure_curves(settings: Settings, feels: dict[str, ResponseCurve]) -> None:
    settings.set(KEY, {device: curve.points for device, curve in feels.items()})


def read_tremors(settings: Settings) -> dict[str, TremorMeter]:
    """What was learnt of the tremor with each device; what makes no sense is left out."""
    try:
        record = settings.get(TREMOR_KEY, {})
        return {device: TremorMeter(float(v) for v in found) for device, found in record.items()}
    except (ValueError, TypeError, AttributeError):
        return {}


def write_tremors(settings: Settings, tremors: dict[str, TremorMeter]) -> None:
    settings.set(TREMOR_KEY, {device: [round(v, 3) for v in meter.found] for device, meter in tremors.items()})
