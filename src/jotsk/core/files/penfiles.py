"""Pens in files of their own: documented JSON, one pen or a library of them."""

from __future__ import annotations

import json
from collections.abc import Iterable
from pathlib import Path

from jotsk.core.errors import DamagedFile
from jotsk.core.files.writing import whole_file
from jotsk.core.ink import Pen
from jotsk.core.json_text import BAD_RECORD, json_of
from jotsk.core.marks.record import pen_from, pen_record
from jotsk.core.words import tr

MOST_BYTES = 4 << 20
MOST_PENS = 2000


def write_pens(path: str | Path, pens: Iterable[Pen]) -> None:
    """Write pens as JSON, whole or not at all."""
    record = {"jotsk_pens": 1, "pens": [pen_record(pen) for pen in pens]}
    with whole_file(path) as stream:
        stream.write(json.dumps(record, indent=1, ensure_ascii=False, allow_nan=False).encode())


def read_pens(path: str | Path) -> list[Pen]:
    """Read pens from JSON.

    Raises
    ------
    DamagedFile
        With which pen is wrong, and how.
    """
    record = json_of(Path(path), MOST_BYTES, tr("it is larger than a file of pens can be"))
    if not isinstance(record, dict) or record.get("jotsk_pens") != 1 or not isinstance(record.get("pens"), list):
        raise DamagedFile(path, tr("it holds no pens"))
    if len(record["pens"]) > MOST_PENS:
        raise DamagedFile(path, tr("it holds more than {most_pens} pens", most_pens=MOST_PENS))
    pens = []
    for number, entry in enumerate(record["pens"], 1):
        try:
            pens.append(pen_from(entry))
        except BAD_RECORD as error:
            raise DamagedFile(
                path, tr("its pen {number} makes no sense ({error})", number=number, error=error)
            ) from error
    return pens
