"""Text in XML. `xml.sax.saxutils` has the same, and loads all that is there for networks."""

from __future__ import annotations

MARKS = str.maketrans({"&": "&amp;", "<": "&lt;", ">": "&gt;"})
# An attribute would lose white space.
IN_ATTRIBUTES = MARKS | str.maketrans({'"': "&quot;", "'": "&#x27;", "\t": "&#9;", "\n": "&#10;", "\r": "&#13;"})


def escape(text: str) -> str:
    """Text between tags."""
    return text.translate(MARKS)


def quoteattr(text: str) -> str:
    """The value of an attribute, with its quotes."""
    return f'"{text.translate(IN_ATTRIBUTES)}"'
