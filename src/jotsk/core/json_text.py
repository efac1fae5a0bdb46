"""JSON from files nobody vouches for: its numbers are finite, and fields this program does not know are kept.

A record is read with a default for every field that is missing. What is in it beyond the known fields is carried along
as JSON text, an `unknown` of pen, stroke, cut, layer or page, and written again with them.
"""

from __future__ import annotations

import json
import math
from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import Any

from jotsk.core.errors import DamagedFile, why_unreadable
from jotsk.core.words import tr

# What reading a record that makes no sense may raise.
BAD_RECORD = (
    ValueError, KeyError, TypeError, IndexError, AttributeError, ArithmeticError, RecursionError,
)  # fmt: skip
LARGEST_WHOLE = 1 << 63
MOST_UNKNOWN = 1 << 20  # characters carried along for one record


def json_from(data: bytes | str) -> Any:
    """Parse JSON text; NaN, infinities, and numbers that no double or 64-bit integer holds become None.

    They are no JSON (RFC 8259, 6), but other programs write them; a record with one could be read, and never be written
    again.

    Raises
    ------
    ValueError, RecursionError
        If it is no JSON.
    """
    return json.loads(data, parse_constant=lambda _: None, parse_float=_finite, parse_int=_whole)


def json_of(path: Path, most_bytes: int, too_large: str) -> Any:
    """The JSON of a file of at most so many bytes. Raises DamagedFile, with `too_large` where it is larger."""
    try:
        if path.stat().st_size > most_bytes:
            raise DamagedFile(path, too_large)
        return json_from(path.read_bytes())
    except OSError as error:
        raise DamagedFile(path, why_unreadable(error)) from error
    except (ValueError, RecursionError) as error:
        raise DamagedFile(path, tr("it is not JSON")) from error


def number_in(value: Any, low: float, high: float) -> float:
    """A number of a record. Raises ValueError or TypeError if it is none in low..high."""
    number = float(value)
    if not low <= number <= high:
        raise ValueError(f"{number} is not between {low} and {high}")
    return number


def merged(record: Mapping[str, Any], more: Mapping[str, Any]) -> dict[str, Any]:
    """`record` with the fields of `more` in it; objects that both have are merged in the same way."""
    both = dict(record)
    for name, value in more.items():
        old = both.get(name)
        both[name] = merged(old, value) if isinstance(old, Mapping) and isinstance(value, Mapping) else value
    return both


def beyond(record: Mapping[str, Any], known: Mapping[str, Any] | Iterable[str]) -> str:
    """The fields of `record` that are not in `known`, as JSON text; "" if there are none, or far too much.

    If `known` is a mapping, so are those inside the objects both have.
    """
    names = known if isinstance(known, Mapping) else dict.fromkeys(known)
    left = _beyond(record, names)
    text = json.dumps(left, sort_keys=True) if left else ""
    return text if len(text) <= MOST_UNKNOWN else ""


def with_unknown(record: dict[str, Any], unknown: str) -> dict[str, Any]:
    """A record to be written, with the fields that `beyond` found in the one that was read."""
    return merged(json.loads(unknown), record) if unknown else record


def _beyond(record: Mapping[str, Any], known: Mapping[str, Any]) -> dict[str, Any]:
    left: dict[str, Any] = {}
    for name, value in record.items():
        if name not in known:
            left[name] = value
        elif isinstance(value, Mapping) and isinstance(known[name], Mapping):
            inner = _beyond(value, known[name])
            if inner:
                left[name] = inner
    return left


def _finite(text: str) -> float | None:
    number = float(text)
    return number if math.isfinite(number) else None


def _whole(text: str) -> int | None:
    if len(text) > 20:
        return None
    number = int(text)
    return number if -LARGEST_WHOLE <= number < LARGEST_WHOLE else None
