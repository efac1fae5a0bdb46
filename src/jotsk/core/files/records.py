"""Marks as compressed blocks, for files."""

from __future__ import annotations

import json
import struct
import zlib
from collections.abc import Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.ink import Pen
from jotsk.core.json_text import BAD_RECORD, json_from
from jotsk.core.marks import KINDS, Mark, Stroke
from jotsk.core.marks.record import Numbers, PenTable

MOST_BLOCK = 256 << 20


def packed_marks(marks: Sequence[Mark], pens: PenTable) -> bytes:
    """Marks as one compressed block: the length of a JSON list of records, the list, and their numbers."""
    numbers: list[NDArray[np.float64]] = []
    length = 0

    def store(array: NDArray[Any]) -> list[int]:
        nonlocal length
        where = [length, len(array)]
        numbers.append(np.asarray(array, np.float64).ravel())
        length += array.size
        return where

    records = []
    for mark in marks:
        record = mark.record(store, pens)
        records.append(record if mark.kind == Stroke.kind else {"kind": mark.kind, **record})
    listed = json.dumps(records, allow_nan=False).encode()
    block = np.concatenate(numbers).astype("<f8").tobytes() if numbers else b""
    return zlib.compress(struct.pack("<I", len(listed)) + listed + block, 1)


def opened_marks(data: bytes, pens: Sequence[Pen], most_bytes: int = MOST_BLOCK) -> list[Mark]:
    """Read a block; raises ValueError where the data is not what it should be."""
    opener = zlib.decompressobj()
    try:
        plain = opener.decompress(data, most_bytes)
    except zlib.error as error:
        raise ValueError("a block of strokes is damaged") from error
    if opener.unconsumed_tail or not opener.eof or len(plain) < 4:
        raise ValueError("a block of strokes is cut short, or unpacks to more than it can need")
    (length,) = struct.unpack("<I", plain[:4])
    records = json_from(plain[4 : 4 + length])
    numbers = plain[4 + length :]
    block = np.frombuffer(numbers[: len(numbers) // 8 * 8], "<f8").astype(np.float64)
    if not isinstance(records, list) or not np.isfinite(block).all():
        raise ValueError("a number is not finite")
    try:
        return [KINDS[r.get("kind", Stroke.kind)].from_record(r, pens, Numbers(block)) for r in records]
    except BAD_RECORD as error:
        raise ValueError(f"a stroke makes no sense: {error}") from error
