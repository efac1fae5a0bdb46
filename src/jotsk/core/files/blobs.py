"""Pieces of data in a SQLite file, each once: named by its number, and found again by its hash."""

from __future__ import annotations

import hashlib
import json
import sqlite3
import zlib
from collections.abc import Iterator, Sequence
from typing import Any

from jotsk.core.json_text import json_from
from jotsk.core.runtime.parallel import on_all_cores

MOST_BYTES = 64 << 20
AT_ONCE = 100  # that are deleted together

SCHEMA = "CREATE TABLE IF NOT EXISTS blobs (id INTEGER PRIMARY KEY, hash BLOB NOT NULL UNIQUE, data BLOB NOT NULL);"


class Blobs:
    """The table of blobs in an open database. `kind` is part of the hash, so that kinds are never mixed up."""

    def __init__(self, db: sqlite3.Connection) -> None:
        self._db = db

    def put(self, kind: bytes, data: bytes, *, is_packed: bool = False) -> int:
        """Return the number of `data`, written if it is new; compressed unless it `is_packed` already."""
        digest = _digest(kind, data)
        found = self._found(digest)
        return found if found is not None else self._insert(digest, data if is_packed else _packed(data))

    def put_all(self, kind: bytes, pieces: Sequence[bytes]) -> list[int]:
        """As `put` for many at once, on all cores."""
        digests = list(on_all_cores(lambda piece: _digest(kind, piece), pieces))
        new = {digest: piece for digest, piece in zip(digests, pieces, strict=True) if self._found(digest) is None}
        numbers = {
            digest: self._insert(digest, packed)
            for digest, packed in zip(new, on_all_cores(_packed, list(new.values())), strict=True)
        }
        return [numbers[d] if d in numbers else self._found(d) or 0 for d in digests]

    def put_json(self, value: Any) -> int:
        return self.put(b"j", json.dumps(value, allow_nan=False).encode())

    def raw(self, number: int) -> bytes:
        """The data as it is stored. Raises ValueError if there is none."""
        found = self._db.execute("SELECT data FROM blobs WHERE id = ?", (number,)).fetchone()
        if not found:
            raise ValueError("a part is missing")
        return bytes(found[0])

    def get(self, number: int, most_bytes: int = MOST_BYTES) -> bytes:
        """The data as it was given. Raises ValueError or zlib.error."""
        opener = zlib.decompressobj()
        plain = opener.decompress(self.raw(number), most_bytes)
        if opener.unconsumed_tail or not opener.eof:
            raise ValueError("a part is cut short, or unpacks to more than it can need")
        return plain

    def get_json(self, number: int) -> Any:
        return json_from(self.get(number))

    def others_than(self, held: set[int]) -> Iterator[list[int]]:
        """The numbers that are not in `held`, some at a time; to be gone through while blobs are added and deleted."""
        numbers = [number for (number,) in self._db.execute("SELECT id FROM blobs").fetchall()]
        for start in range(0, len(numbers), AT_ONCE):
            if some := [number for number in numbers[start : start + AT_ONCE] if number not in held]:
                yield some

    def delete(self, numbers: Sequence[int]) -> None:
        self._db.executemany("DELETE FROM blobs WHERE id = ?", [(number,) for number in numbers])

    def _found(self, digest: bytes) -> int | None:
        found = self._db.execute("SELECT id FROM blobs WHERE hash = ?", (digest,)).fetchone()
        return int(found[0]) if found else None

    def _insert(self, digest: bytes, packed: bytes) -> int:
        return int(self._db.execute("INSERT INTO blobs (hash, data) VALUES (?, ?)", (digest, packed)).lastrowid or 0)


def _digest(kind: bytes, data: bytes) -> bytes:
    digest = hashlib.blake2b(kind, digest_size=32)
    digest.update(data)
    return digest.digest()


def _packed(data: bytes) -> bytes:
    return zlib.compress(data, 1)
