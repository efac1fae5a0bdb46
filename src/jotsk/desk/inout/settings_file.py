"""All settings in one file, for another machine: with the pens of one's own and the palette."""

from __future__ import annotations

import json
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from jotsk.core.errors import DamagedFile
from jotsk.core.files.writing import whole_file
from jotsk.core.hex_color import color_from_hex, hex_of
from jotsk.core.ink import Color, Pen
from jotsk.core.json_text import BAD_RECORD, json_of
from jotsk.core.marks.record import pen_from, pen_record
from jotsk.core.words import tr

MOST_BYTES = 8 << 20
# What belongs to the machine it was set on, and goes to no other.
OF_THE_MACHINE = ("desk/window", "files/recent", "files/folder", "screen/px_per_mm")


@dataclass(frozen=True)
class AllSettings:
    values: dict[str, Any]
    pens: tuple[Pen, ...]
    palette: tuple[tuple[Color, str], ...]


def write_settings(path: Path, everything: AllSettings) -> None:
    """Raises CannotWrite."""
    record = {
        "jotsk_settings": 1,
        "settings": {name: value for name, value in everything.values.items() if name not in OF_THE_MACHINE},
        "pens": [pen_record(pen) for pen in everything.pens],
        "palette": [[hex_of(color), name] for color, name in everything.palette],
    }
    with whole_file(path) as stream:
        stream.write(json.dumps(record, indent=1, ensure_ascii=False).encode())


def read_settings(path: Path) -> AllSettings:
    """Raises DamagedFile; what a value means is for those who read it."""
    record = json_of(path, MOST_BYTES, tr("it is larger than a file of settings can be"))
    values = record.get("settings") if isinstance(record, dict) and record.get("jotsk_settings") == 1 else None
    if not isinstance(values, dict):
        raise DamagedFile(path, tr("it holds no settings"))
    try:
        pens = tuple(pen_from(entry) for entry in record.get("pens", []))
        palette = tuple((color_from_hex(color), str(name)) for color, name in record.get("palette", []))
    except BAD_RECORD as error:
        raise DamagedFile(path, tr("a pen or a colour in it makes no sense ({error})", error=error)) from error
    return AllSettings({n: v for n, v in values.items() if n not in OF_THE_MACHINE}, pens, palette)
