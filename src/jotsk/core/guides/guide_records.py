"""Guides as plain data, for pages and for files of their own. One that reads can be drawn."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import Any

import numpy as np

from jotsk.core.errors import DamagedFile
from jotsk.core.geometry import Rect
from jotsk.core.guides.drawing import lines_of
from jotsk.core.guides.guide import Guide, specs_of
from jotsk.core.json_text import json_of
from jotsk.core.words import tr

MOST_GUIDES = 200
SWITCHES = ("on", "shown", "alone")
LARGEST_FILE = 4_000_000
SAMPLE_AREA, SAMPLE_REACH_PX = Rect(0, 0, 1000, 1000), 100.0


def guide_from(record: Mapping[str, Any]) -> Guide:
    """Read a guide. Raises ValueError with the reason, for somebody who wrote the file by hand."""
    if not isinstance(record, Mapping) or not isinstance(record.get("kind"), str):
        raise ValueError('a guide is an object with a "kind"')
    from jotsk.core.guides.kinds import KINDS  # here: they are loaded with the first guide

    kind = record["kind"]
    if kind not in KINDS:
        raise ValueError(f"there is no guide of the kind “{kind}”; there are {', '.join(KINDS)}")
    specs = {f.name: spec for f, spec in specs_of(KINDS[kind])}
    values: dict[str, Any] = {}
    for name, spec in specs.items():
        if name not in record:
            if spec.needed:
                raise ValueError(f"a guide of the kind “{kind}” needs “{name}”")
            continue
        try:
            values[name] = spec.read(record[name])
        except (TypeError, ValueError) as error:
            raise ValueError(f"“{name}” of a guide of the kind “{kind}” cannot be used: {error}") from None
    unknown = tuple((name, value) for name, value in record.items() if name not in specs and name != "kind")
    guide = KINDS[kind](**values, unknown=unknown)
    guide.check()
    return drawable(guide)


def drawable(guide: Guide) -> Guide:
    """The same guide, if it can be drawn. Raises ValueError."""
    try:
        with np.errstate(all="ignore"):
            lines = lines_of(guide, SAMPLE_AREA)
        places = [*lines, *(np.array([place]) for place in guide.handles(SAMPLE_REACH_PX).values())]
    except (ArithmeticError, ValueError, IndexError, MemoryError) as error:
        raise ValueError(f"it cannot be drawn where it lies: {error}") from None
    if not all(np.isfinite(line).all() for line in places):
        raise ValueError("it cannot be drawn where it lies")
    return guide


def with_states_of(
    records: tuple[Mapping[str, Any], ...], now: tuple[Mapping[str, Any], ...]
) -> tuple[Mapping[str, Any], ...]:
    """Guides of another state of the page, switched and shown as they are `now`: an undo brings back where they lay.
    Those that are not the same ones stay as they were. A record that is as it was is the same object."""
    if records is now:
        return records
    if len(records) != len(now) or any(a.get("kind") != b.get("kind") for a, b in zip(records, now, strict=True)):
        return records
    switched = (
        {**{k: v for k, v in old.items() if k not in SWITCHES}, **{k: new[k] for k in SWITCHES if k in new}}
        for old, new in zip(records, now, strict=True)
    )
    return tuple(old if made == old else made for old, made in zip(records, switched, strict=True))


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
    records = json_of(path, LARGEST_FILE, tr("it is far too long for a list of guides"))
    if not isinstance(records, list) or len(records) > MOST_GUIDES:
        raise DamagedFile(path, tr("it is not a list of at most {most_guides} guides", most_guides=MOST_GUIDES))
    try:
        return [guide_from(record) for record in records]
    except ValueError as error:
        raise DamagedFile(path, str(error)) from error


def written_guides(guides: Iterable[Guide]) -> str:
    """A set of guides as the text of a file."""
    return json.dumps([guide.record() for guide in guides], indent=1, ensure_ascii=False) + "\n"
