"""The diary of a hand: a CSV file with a row for every line that was measured; it belongs to the one who draws."""

from __future__ import annotations

import csv
import io
import math
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from pathlib import Path
from typing import Any

from jotsk.core.check.practice.figures import NUMBERS, Figures
from jotsk.core.errors import DamagedFile
from jotsk.core.words import tr

COLUMNS = ("time", "sheet", "size", "steadied", *NUMBERS)
MOST_ROWS = 200_000
UNITS = "mm, mm/s, degrees, per cent"


@dataclass(frozen=True, slots=True)
class Entry:
    """One line: when, on which sheet (or `page`, at work), of which size, whether the pen steadied it, and what was
    measured."""

    time: datetime
    sheet: str
    size: str
    steadied: bool
    figures: Figures


def row_of(entry: Entry) -> list[str]:
    numbers = [getattr(entry.figures, name) for name in NUMBERS]
    words = ["" if math.isnan(value) else f"{value:.4f}" for value in numbers]
    return [
        entry.time.isoformat(timespec="seconds"),
        entry.sheet,
        entry.size,
        "yes" if entry.steadied else "no",
        *words,
    ]


def append(path: Path, entries: Iterable[Entry]) -> None:
    """Write entries at the end of a diary, which is begun if it is not there. Raises OSError."""
    text = io.StringIO()
    writer = csv.writer(text, lineterminator="\n")
    if not path.exists():
        path.parent.mkdir(parents=True, exist_ok=True)
        writer.writerow(COLUMNS)
    writer.writerows(row_of(entry) for entry in entries)
    with path.open("a", encoding="utf-8", newline="") as stream:
        stream.write(text.getvalue())


def read(path: Path) -> list[Entry]:
    """All entries, the earliest first; none if there is no diary. Lines that are not understood are left out. Raises
    DamagedFile if it is no diary."""
    if not path.exists():
        return []
    try:
        with path.open(encoding="utf-8", newline="") as stream:
            rows = csv.DictReader(stream)
            if not rows.fieldnames or "time" not in rows.fieldnames:
                raise DamagedFile(path, tr("its first line names no columns"))
            entries = [entry for _, row in zip(range(MOST_ROWS), rows, strict=False) if (entry := _entry(row))]
    except (OSError, UnicodeError, csv.Error) as error:
        raise DamagedFile(path, tr("it cannot be read as a table")) from error
    return sorted(entries, key=lambda entry: entry.time)


def _entry(row: dict[str, Any]) -> Entry | None:
    try:
        time = datetime.fromisoformat(str(row["time"]))
        values = {name: float(row[name]) if row.get(name) else math.nan for name in NUMBERS}
    except (ValueError, KeyError, TypeError):
        return None
    if any(math.isinf(value) for value in values.values()):
        return None
    figures = replace(Figures(), **values)  # type: ignore[arg-type]
    return Entry(time, str(row.get("sheet") or ""), str(row.get("size") or ""), row.get("steadied") == "yes", figures)


def by_day(entries: Sequence[Entry], name: str) -> list[tuple[datetime, float]]:
    """The median of a number on each day that has any, at noon."""
    days: dict[datetime, list[float]] = {}
    for entry in entries:
        value = getattr(entry.figures, name)
        if not math.isnan(value):
            noon = entry.time.replace(hour=12, minute=0, second=0, microsecond=0)
            days.setdefault(noon, []).append(abs(value))
    return [(day, sorted(values)[len(values) // 2]) for day, values in sorted(days.items())]
