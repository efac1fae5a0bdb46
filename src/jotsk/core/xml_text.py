"""Text in XML. `xml.sax.saxutils` has the same, and loads all that is there for networks."""

from __future__ import annotations

import html

WHITE_SPACE = {9: "&#9;", 10: "&#10;", 13: "&#13;"}  # which an attribute would lose


def escape(text: str) -> str:
    """Text between tags."""
    return html.escape(text, quote=False)


def quoteattr(text: str) -> str:
    """The value of an attribute, with its quotes."""
    return f'"{html.escape(text).translate(WHITE_SPACE)}"'
