"""Marks as plain data: a record of JSON, whose long arrays lie beside it as numbers."""

from __future__ import annotations

import hashlib
import secrets
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink.pens import PEN_SPECS, Pen
from jotsk.core.json_text import beyond, merged, with_unknown

Json = Mapping[str, Any]
Store = Callable[[NDArray[Any]], list[int]]  # puts an array down; returns its place and its length

UID_BITS = 53  # that a double holds exactly


def new_uid() -> int:
    """A number that no other mark has."""
    return secrets.randbits(UID_BITS) | 1


def uid_of(numbers: NDArray[np.float64]) -> int:
    """The number of a mark whose file gives it none: always the same."""
    digest = hashlib.blake2b(np.ascontiguousarray(numbers).tobytes(), digest_size=8).digest()
    return int.from_bytes(digest, "little") >> (64 - UID_BITS) | 1


@dataclass(frozen=True, slots=True, eq=False)
class Numbers:
    """The arrays that records name by place and length."""

    block: NDArray[np.float64]

    def taken(self, where: Any, width: int) -> NDArray[np.float64]:
        """(rows, width) of them. Raises ValueError if they are not there."""
        offset, rows = (int(v) for v in where)
        if offset < 0 or rows < 0 or offset + rows * width > len(self.block):
            raise ValueError("a mark points outside its numbers")
        return self.block[offset : offset + rows * width].reshape(rows, width)


def pen_record(pen: Pen) -> dict[str, Any]:
    """A pen as JSON-ready data; everything it has is written."""
    return with_unknown({name: spec.write(getattr(pen, name)) for name, spec in PEN_SPECS.items()}, pen.unknown)


_USUAL = pen_record(Pen("pen", "Pen", 8.0))


def pen_from(record: Json) -> Pen:
    """Read a pen; a field that is missing is as usual, one that is not known is kept.

    Raises one of `BAD_RECORD` where the record is not one of a pen.
    """
    unknown, whole = beyond(record, _USUAL), merged(_USUAL, record)
    return Pen(**{name: spec.read(whole[name]) for name, spec in PEN_SPECS.items()}, unknown=unknown)


class PenTable:
    """Pens by number: marks name theirs by it."""

    def __init__(self) -> None:
        self._numbers: dict[Pen, int] = {}

    def number(self, pen: Pen) -> int:
        return self._numbers.setdefault(pen, len(self._numbers))

    @property
    def pens(self) -> list[Pen]:
        return list(self._numbers)

    @property
    def records(self) -> list[dict[str, Any]]:
        return [pen_record(pen) for pen in self._numbers]
