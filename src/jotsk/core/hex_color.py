"""Colours as text: #rrggbb, as in CSS Color 4."""

from __future__ import annotations

import re

_HEX = re.compile(r"#?([0-9A-Fa-f]{6})")


def color_from_hex(text: str) -> tuple[int, int, int]:
    """Read a colour, its # being optional. Raises ValueError."""
    found = _HEX.fullmatch(text.strip())
    if found is None:
        raise ValueError(f"“{text}” is no colour such as #1d2a32")
    r, g, b = bytes.fromhex(found[1])
    return r, g, b


def hex_of(color: tuple[int, int, int]) -> str:
    """A colour as #RRGGBB."""
    return "#{:02X}{:02X}{:02X}".format(*color)
