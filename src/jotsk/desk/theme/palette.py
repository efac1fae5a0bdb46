"""The two themes, one table."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Theme:
    """Colours as #rrggbb, named by what they are for."""

    name: str
    board: str
    chrome: str
    raised: str
    sunken: str
    hairline: str
    text: str
    quiet: str
    accent: str
    guide: str
    warning: str
    error: str


DAY = Theme(
    "Day",
    board="#90969A", chrome="#F2EEE6", raised="#FBF9F4", sunken="#E3DED3", hairline="#CDC6B8",
    text="#1D2A32", quiet="#55636B", accent="#0E6B62", guide="#B8432B", warning="#8A5A00", error="#A3262A",
)  # fmt: skip
LAMP = Theme(
    "Lamp",
    board="#3A4044", chrome="#20272C", raised="#2A3238", sunken="#182025", hairline="#3B454C",
    text="#ECE6DA", quiet="#A9B3B8", accent="#58BBAC", guide="#E0795F", warning="#E3B04B", error="#F08A86",
)  # fmt: skip


def luminance(color: str) -> float:
    """Relative luminance of #rrggbb (WCAG 2.2)."""
    channels = [int(color[i : i + 2], 16) / 255 for i in (1, 3, 5)]
    r, g, b = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in channels)
    return 0.2126 * r + 0.7152 * g + 0.0722 * b


def contrast(one: str, other: str) -> float:
    """Contrast ratio of two colours, 1..21 (WCAG 2.2)."""
    high, low = sorted((luminance(one), luminance(other)), reverse=True)
    return (high + 0.05) / (low + 0.05)
