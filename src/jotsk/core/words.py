"""The words a person reads: English in the code, another language where a translation was loaded.

The language is chosen before the modules that hold texts are imported (`jotsk.language`), so that tables made
at import are in it too. Texts are gathered for Qt Linguist by the name `tr`, and by `mark` where a text is also an id
or a name that files keep: such a text is translated when it is shown.
"""

from __future__ import annotations

import string
from collections.abc import Callable
from typing import Any

Find = Callable[[str, str, int], str]  # of a text, its comment and its number (-1: none); empty if there is none

spoken = "en"  # the code of the language
_find: Find | None = None
_marks: dict[str, str] = {}  # of decimals and thousands
_has_small_nouns = True


def speak(code: str, find: Find | None, *, decimal: str = ".", thousands: str = ",", small_nouns: bool = True) -> None:
    """Take the words of another language from now on; no `find`: English. Its numbers have their own marks.
    `small_nouns`: nouns within a sentence begin with a small letter."""
    global spoken, _find, _marks, _has_small_nouns
    spoken, _find, _has_small_nouns = code, find, small_nouns
    _marks = {".": decimal, ",": thousands}


def tr(text: str, comment: str | None = None, n: int | None = None, /, **parts: Any) -> str:
    """Return a text in the language of the person, with its parts put in.

    `comment` says what a text is for where the same English text needs several translations. `n` stands for %n and
    chooses the plural; the English one is written "line(s)". Parts are named in braces, as `str.format` takes them;
    numbers get the decimal mark of the language.
    """
    found = _find(text, comment or "", -1 if n is None else n) if _find is not None else ""
    if n is not None:
        found = (found or text.replace("(s)", "" if n == 1 else "s")).replace("%n", str(n))
    found = found or text
    return _FORMAT.vformat(found, (), parts) if parts else found


def mark(text: str) -> str:
    """The text itself: it is an id, or kept in files, and is translated by `tr` when it is shown."""
    return text


def in_sentence(text: str) -> str:
    """A name that begins with a capital of its own, as it stands within a sentence."""
    return text[:1].lower() + text[1:] if _has_small_nouns else text


def capitalized(text: str) -> str:
    return text[:1].upper() + text[1:]


def decimal(value: float, digits: int) -> str:
    """A number of so many decimals, with the decimal mark of the language."""
    return _FORMAT.format_field(value, f".{digits}f")


class _Formatter(string.Formatter):
    def format_field(self, value: Any, format_spec: str) -> str:
        shown = str(super().format_field(value, format_spec))
        if isinstance(value, (int, float)) and _marks:
            return "".join(_marks.get(letter, letter) for letter in shown)
        return shown


_FORMAT = _Formatter()
