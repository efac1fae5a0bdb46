"""Guides as plain data, for pages and for files of their own. One that reads can be drawn."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping
from dataclasses import fields
from pathlib import Path
from typing import Any

import numpy as np

from jotsk.core.errors import DamagedFile
from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.guide import MOST_COPIES, NEEDED, PLACED_BY, Guide
from jotsk.core.guides.handles import handles
from jotsk.core.guides.rails import curve_through, number_from, point_from
from jotsk.core.json_text import json_from

MOST_GUIDES = 200
LONGEST_NAME = 80
LARGEST_FILE = 4_000_000
SAMPLE_AREA, SAMPLE_REACH_PX = Rect(0, 0, 1000, 1000), 100.0

_LIMITS = {
    "between": (1.0, 179.0), "spacing": (0.0, 1e5), "ratio": (0.01, 100.0), "opacity": (0.05, 1.0),
    "thickness": (0.5, 8.0), "angle": (-1e6, 1e6),
}  # fmt: skip
_COUNTS = {"density": (2, 60), "count": (2, MOST_COPIES // 2), "parts": (1, 32)}
_SWITCHES = ("closed", "smooth", "vertical", "mirrored", "on", "shown", "locked", "alone")


def guide_from(record: Mapping[str, Any]) -> Guide:
    """Read a guide. Raises ValueError with the reason, for somebody who wrote the file by hand."""
    if not isinstance(record, Mapping) or not isinstance(record.get("kind"), str):
        raise ValueError('a guide is an object with a "kind"')
    kind = record["kind"]
    if kind not in PLACED_BY:
        raise ValueError(f"there is no guide of the kind “{kind}”; there are {', '.join(PLACED_BY)}")
    for name in NEEDED[kind]:
        if name not in record:
            raise ValueError(f"a guide of the kind “{kind}” needs “{name}”")
    known = {f.name for f in fields(Guide)} - {"kind", "unknown"}
    values: dict[str, Any] = {}
    for name, value in record.items():
        if name in known:
            try:
                values[name] = _value(name, value)
            except (TypeError, ValueError) as error:
                raise ValueError(f"“{name}” of a guide of the kind “{kind}” cannot be used: {error}") from None
    values["unknown"] = tuple((k, v) for k, v in record.items() if k not in known and k != "kind")
    guide = Guide(kind, **values)
    if kind == "french-curve":
        curve_through(list(guide.points), closed=guide.closed)
    elif kind == "perspective" and not 1 <= len(guide.points) <= 3:
        raise ValueError("perspective has one, two or three vanishing points")
    elif kind in ("posts", "circle") and len(guide.points) != 4:
        raise ValueError("it has four points: the ends of two posts, or the corners of a square")
    return drawable(guide)


def drawable(guide: Guide) -> Guide:
    """The same guide, if it can be drawn. Raises ValueError."""
    try:
        with np.errstate(all="ignore"):
            lines = lines_of(guide, SAMPLE_AREA)
        places = [*lines, *(np.array([place]) for place in handles(guide, SAMPLE_REACH_PX).values())]
    except (ArithmeticError, ValueError, IndexError, MemoryError) as error:
        raise ValueError(f"it cannot be drawn where it lies: {error}") from None
    if not all(np.isfinite(line).all() for line in places):
        raise ValueError("it cannot be drawn where it lies")
    return guide


def _value(name: str, value: Any) -> Any:
    if name == "at":
        return point_from(value)
    if name == "radii":
        p, q = value
        return number_from(p, 0.1), number_from(q, 0.1)
    if name == "points":
        if not isinstance(value, list | tuple) or len(value) > 2000:
            raise ValueError("it is a list of at most 2000 points")
        return tuple(point_from(p) for p in value)
    if name in _LIMITS:
        return number_from(value, *_LIMITS[name])
    if name in _COUNTS:
        low, high = _COUNTS[name]
        if not isinstance(value, int) or isinstance(value, bool) or not low <= value <= high:
            raise ValueError(f"it is a whole number, {low} to {high}")
        return value
    if name in _SWITCHES:
        if not isinstance(value, bool):
            raise ValueError("it is true or false")
        return value
    text = str(value)[:LONGEST_NAME]
    if name == "color" and text and not _is_color(text):
        raise ValueError("it is #rrggbb")
    return text


def _is_color(text: str) -> bool:
    return len(text) == 7 and text[0] == "#" and all(c in "0123456789abcdefABCDEF" for c in text[1:])


def guides_of(records: Iterable[Mapping[str, Any]]) -> list[Guide | None]:
    """The guides of a page in their order; None in the place of one this program does not understand."""
    found: list[Guide | None] = []
    for record in records:
        try:
            found.append(guide_from(record))
        except ValueError:
            found.append(None)
    return found


def read_guides(path: Path) -> list[Guide]:
    """Read a set of guides, a JSON list of objects. Raises DamagedFile."""
    try:
        if path.stat().st_size > LARGEST_FILE:
            raise DamagedFile(path, "it is far too long for a list of guides")
        records = json_from(path.read_text(encoding="utf-8"))
    except OSError as error:
        raise DamagedFile(path, (error.strerror or "it cannot be read").lower()) from error
    except (ValueError, RecursionError) as error:
        raise DamagedFile(path, "it is not JSON text") from error
    if not isinstance(records, list) or len(records) > MOST_GUIDES:
        raise DamagedFile(path, f"it is not a list of at most {MOST_GUIDES} guides")
    try:
        return [guide_from(record) for record in records]
    except ValueError as error:
        raise DamagedFile(path, str(error)) from error


def written_guides(guides: Iterable[Guide]) -> str:
    """A set of guides as the text of a file."""
    return json.dumps([guide.record() for guide in guides], indent=1, ensure_ascii=False) + "\n"
