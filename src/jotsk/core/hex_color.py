"""Colours as text: #rrggbb, as in CSS Color 4."""

from __future__ import annotations

import re

from jotsk.core.words import tr

_HEX = re.compile(r"#([0-9A-Fa-f]{6})")


def color_from_hex(text: str) -> tuple[int, int, int]:
    """Read a colour. Raises ValueError."""
    found = _HEX.fullmatch(text)
    if found is None:
        raise ValueError(tr("“{text}” is no colour such as #1d2a32", text=text))
    r, g, b = bytes.fromhex(found[1])
    return r, g, b


def color_as_typed(text: str) -> tuple[int, int, int]:
    """As `color_from_hex`, for what a person types: the # may be missing."""
    return color_from_hex("#" + text.removeprefix("#"))


def hex_of(color: tuple[int, int, int]) -> str:
    """A colour as #RRGGBB."""
    return "#{:02X}{:02X}{:02X}".format(*color)
