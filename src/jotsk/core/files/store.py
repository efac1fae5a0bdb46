"""States of a page in one SQLite file, in which everything that states share lies once.

A state is a tree of blobs: page, layers, rows of tiles, tiles; and chunks of strokes, strokes, pens. A blob is named by
its number and found again by its hash, so a state costs what no state before it had. Every `put` is one transaction of
a write-ahead log that is flushed to disk: a crash leaves the states before it, whole.

A store may lean on a page that is kept elsewhere (its *base*): what a state shares with that is named by its place
there, with a number of 0 or less, and not written.
"""

from __future__ import annotations

import hashlib
import json
import sqlite3
import struct
import time
import zlib
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager, suppress
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import Any

from jotsk.core.errors import CannotWrite, DamagedFile
from jotsk.core.files.layer_records import KINDS, layer_record, layer_values, page_record, page_values, whole
from jotsk.core.files.records import PenTable, opened_strokes, packed_strokes, pen_from, pen_record
from jotsk.core.ink import TILE, Pen, Stroke
from jotsk.core.page import InkLayer, Layer, Marks, Page, Tiles, check_size
from jotsk.core.page.stack import arranged
from jotsk.core.page.tiles import Key, Stored, tile_bytes, tile_from

FORMAT = 1
TILE_BYTES = TILE * TILE * 4
MOST_BLOB = 64 << 20
BUSY_S = 5.0

_SCHEMA = """
CREATE TABLE IF NOT EXISTS blobs (id INTEGER PRIMARY KEY, hash BLOB NOT NULL UNIQUE, data BLOB NOT NULL);
CREATE TABLE IF NOT EXISTS states (
    id INTEGER PRIMARY KEY, at REAL NOT NULL, kind TEXT NOT NULL, name TEXT NOT NULL, root INTEGER NOT NULL,
    picture BLOB
);
CREATE TABLE IF NOT EXISTS notes (key TEXT PRIMARY KEY, value TEXT NOT NULL);
"""


@dataclass(frozen=True, slots=True)
class State:
    """What is known of a state without reading its page. `at` is in seconds since 1970; `picture` is a PNG."""

    id: int
    at: float
    kind: str
    name: str
    picture: bytes | None


@dataclass(slots=True)
class _LayerMemo:
    """Which blobs hold the parts of a layer, by the identity of the parts. In the base the layer is -uid, a row and a
    tile are 0, and the chunks and strokes -1, -2 ... from the first."""

    layer: Layer
    blob: int = 0
    rows: dict[int, tuple[Mapping[int, Stored], int, dict[int, tuple[Stored, int]]]] = field(default_factory=dict)
    chunks: dict[int, tuple[tuple[Stroke, ...], int, list[int]]] = field(default_factory=dict)  # own blob, its strokes'


@dataclass(slots=True)
class Known:
    """Where the parts of a page lie in a store, so that a store opened later need not look for them."""

    layers: dict[int, _LayerMemo] = field(default_factory=dict)  # by uid
    pens: dict[Pen, int] = field(default_factory=dict)


def _in_base(layer: Layer) -> _LayerMemo:
    memo = _LayerMemo(layer, -layer.uid)
    for row in layer.tiles.rows:
        mapping = layer.tiles.row(row)
        memo.rows[row] = mapping, 0, {column: (tile, 0) for column, tile in mapping.items()}
    count = 0
    for k, chunk in enumerate(layer.marks.chunks if isinstance(layer, InkLayer) else ()):
        memo.chunks[id(chunk)] = chunk, -k - 1, [-count - n - 1 for n in range(len(chunk))]
        count += len(chunk)
    return memo


def _strokes_of_former_chunks(old: _LayerMemo, layer: InkLayer) -> dict[int, int]:
    """The blobs of strokes, by identity, in those chunks that are not on the layer any more: a new one shares most."""
    present = {id(chunk) for chunk in layer.marks.chunks}
    former = [entry for key, entry in old.chunks.items() if key not in present]
    return {id(s): number for chunk, _, numbers in former for s, number in zip(chunk, numbers, strict=True)}


class PageStore:
    """Keeps and gives back states of pages. One thread uses it at a time.

    Raises
    ------
    CannotWrite, DamagedFile
        For everything the disk or the file can do wrong.
    """

    def __init__(self, path: Path, clock: Callable[[], float] = time.time) -> None:
        self.path, self._clock = path, clock
        self._known = Known()
        with self._writing():
            self._db = sqlite3.connect(path, timeout=BUSY_S, isolation_level=None, check_same_thread=False)
            self._db.execute("PRAGMA journal_mode=WAL")
            self._db.execute("PRAGMA synchronous=FULL")
            self._db.executescript(_SCHEMA)
            if self.note("format") is None:
                self.set_notes(format=str(FORMAT))
        if self.note("format") != str(FORMAT):
            self._db.close()
            raise DamagedFile(path, "it was made by a later version")

    def close(self) -> None:
        self._db.close()

    def lean_on(self, base: Page) -> None:
        """Write nothing more that is a part of `base`: whoever reads the states has to have it."""
        self._known = Known({layer.uid: _in_base(layer) for layer in base.layers})

    def recall(self, known: Known) -> None:
        """Go on from a page that `get` read from this file."""
        self._known = known

    # -- writing -------------------------------------------------------------------------------

    def put(
        self, page: Page, *, kind: str, name: str = "", picture: bytes | None = None, instead_of: str | None = None
    ) -> int:
        """Add a state; return its number. States of the kind `instead_of` before it are given up."""
        with self._writing(), self._transaction():
            memo: dict[int, _LayerMemo] = {}
            layers = [self._put_layer(layer, memo) for layer in page.layers]
            extras = {name: self._blob(b"x", data) for name, data in page.extras.items()}
            root = self._put_json(page_record(page) | {"layers": layers, "extras": extras})
            if instead_of is not None:
                self._db.execute("DELETE FROM states WHERE kind = ?", (instead_of,))
            cursor = self._db.execute(
                "INSERT INTO states (at, kind, name, root, picture) VALUES (?, ?, ?, ?, ?)",
                (self._clock(), kind, name, root, picture),
            )
            self._known.layers = memo
            return int(cursor.lastrowid or 0)

    def set_notes(self, **notes: str) -> None:
        """Keep a few words beside the states."""
        with self._writing(), self._transaction():
            self._db.executemany("INSERT OR REPLACE INTO notes VALUES (?, ?)", list(notes.items()))

    def rename(self, state: int, name: str) -> None:
        with self._writing(), self._transaction():
            self._db.execute("UPDATE states SET name = ? WHERE id = ?", (name, state))

    def set_picture(self, state: int, picture: bytes) -> None:
        with self._writing(), self._transaction():
            self._db.execute("UPDATE states SET picture = ? WHERE id = ?", (picture, state))

    def forget(self, states: list[int]) -> None:
        """Give states up; `sweep` frees what only they held."""
        with self._writing(), self._transaction():
            self._db.executemany("DELETE FROM states WHERE id = ?", [(s,) for s in states])

    def sweep(self) -> int:
        """Delete all blobs no state holds; return how many."""
        with self._writing(), self._transaction():
            held: set[int] = set()
            for (root,) in self._db.execute("SELECT root FROM states").fetchall():
                self._mark(root, held)
            gone = [(i,) for (i,) in self._db.execute("SELECT id FROM blobs").fetchall() if i not in held]
            self._db.executemany("DELETE FROM blobs WHERE id = ?", gone)
            known = self._known
            known.layers = {uid: m for uid, m in known.layers.items() if m.blob < 0 or m.blob in held}
            known.pens = {pen: blob for pen, blob in known.pens.items() if blob in held}
        with self._writing():
            self._db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        return len(gone)

    def _put_layer(self, layer: Layer, memo: dict[int, _LayerMemo]) -> int:
        old = self._known.layers.get(layer.uid)
        if old is not None and old.layer is layer:
            memo[layer.uid] = old
            return old.blob
        new = memo[layer.uid] = _LayerMemo(layer)
        rows = {row: self._put_row(layer.tiles, row, old, new) for row in layer.tiles.rows}
        record = layer_record(layer) | {"rows": rows}
        if isinstance(layer, InkLayer):
            known = _strokes_of_former_chunks(old, layer) if old is not None else {}
            record["chunks"] = [self._put_chunk(chunk, old, new, known) for chunk in layer.marks.chunks]
        new.blob = self._put_json(record)
        return new.blob

    def _put_row(self, tiles: Tiles, row: int, old: _LayerMemo | None, new: _LayerMemo) -> int:
        mapping = tiles.row(row)
        before = old.rows.get(row) if old is not None else None
        if before is not None and before[0] is mapping:
            new.rows[row] = before
            return before[1]
        known = before[2] if before is not None else {}
        kept: dict[int, tuple[Stored, int]] = {}
        for column, tile in mapping.items():
            same = known.get(column)
            kept[column] = same if same is not None and same[0] is tile else (tile, self._blob(b"t", tile_bytes(tile)))
        blob = self._put_json([[column, kept[column][1]] for column in sorted(kept)])
        new.rows[row] = mapping, blob, kept
        return blob

    def _put_chunk(
        self, chunk: tuple[Stroke, ...], old: _LayerMemo | None, new: _LayerMemo, known: dict[int, int]
    ) -> int:
        before = old.chunks.get(id(chunk)) if old is not None else None
        if before is None:
            numbers = [known[id(s)] if id(s) in known else self._put_stroke(s) for s in chunk]
            before = chunk, self._put_json(numbers), numbers
        new.chunks[id(chunk)] = before
        return before[1]

    def _put_stroke(self, stroke: Stroke) -> int:
        pen = self._known.pens.get(stroke.pen)
        if pen is None:
            pen = self._known.pens[stroke.pen] = self._put_json(pen_record(stroke.pen))
        return self._blob(b"s", struct.pack("<q", pen) + packed_strokes([stroke], PenTable()), is_packed=True)

    def _put_json(self, value: Any) -> int:
        return self._blob(b"j", json.dumps(value, allow_nan=False).encode())

    def _blob(self, kind: bytes, data: bytes, *, is_packed: bool = False) -> int:
        digest = hashlib.sha256(kind + data).digest()
        found = self._db.execute("SELECT id FROM blobs WHERE hash = ?", (digest,)).fetchone()
        if found:
            return int(found[0])
        stored = data if is_packed else zlib.compress(data, 1)
        return int(self._db.execute("INSERT INTO blobs (hash, data) VALUES (?, ?)", (digest, stored)).lastrowid or 0)

    def _mark(self, root: int, held: set[int]) -> None:
        """Add to `held` every blob of a state."""
        page = self._json(root)
        held.add(root)
        held.update(page.get("extras", {}).values())
        for layer_id in page["layers"]:
            if layer_id < 0 or layer_id in held:
                continue
            held.add(layer_id)
            layer = self._json(layer_id)
            for row in layer["rows"].values():
                if row > 0 and row not in held:
                    held.add(row)
                    held.update(tile for _, tile in self._json(row))
            for chunk in layer.get("chunks", ()):
                if chunk > 0 and chunk not in held:
                    held.add(chunk)
                    for stroke in (number for number in self._json(chunk) if number > 0):
                        held.add(stroke)
                        held.add(struct.unpack("<q", self._raw(stroke)[:8])[0])

    # -- reading -------------------------------------------------------------------------------

    def states(self, kind: str | None = None) -> list[State]:
        """What is kept, the latest first."""
        where = "" if kind is None else "WHERE kind = ?"
        with self._reading():
            rows = self._db.execute(
                f"SELECT id, at, kind, name, picture FROM states {where} ORDER BY id DESC",
                () if kind is None else (kind,),
            ).fetchall()
        return [State(*row) for row in rows]

    def note(self, key: str) -> str | None:
        with self._reading():
            found = self._db.execute("SELECT value FROM notes WHERE key = ?", (key,)).fetchone()
        return found[0] if found else None

    def get(self, state: int, *, base: Callable[[], Page] | None = None, known: Known | None = None) -> Page:
        """The page of a state. Its parts are noted in `known`, for `recall`; `base` reads the page it may lean on."""
        with self._reading():
            found = self._db.execute("SELECT root FROM states WHERE id = ?", (state,)).fetchone()
            if not found:
                raise DamagedFile(self.path, "that state is no longer in it")
            record = self._json(found[0])
            width, height = whole(record.get("width"), 1, 1 << 20, 0), whole(record.get("height"), 1, 1 << 20, 0)
            check_size(width, height)
            reader = _Reader(self._raw, self._json, base, known if known is not None else Known())
            layers = arranged(reader.layer(number) for number in record["layers"])
            page = Page(width, height, layers=layers, active_uid=record["active"], **page_values(record))
            extras = {str(name): _open(self._raw(blob)) for name, blob in record.get("extras", {}).items()}
            if page.active is None:
                page = replace(page, active_uid=layers[-1].uid)
            return replace(page, extras=extras)

    def _json(self, number: int) -> Any:
        return json.loads(_open(self._raw(number)))

    def _raw(self, number: int) -> bytes:
        found = self._db.execute("SELECT data FROM blobs WHERE id = ?", (number,)).fetchone()
        if not found:
            raise ValueError("a part is missing")
        return bytes(found[0])

    # -- the file ------------------------------------------------------------------------------

    @contextmanager
    def _transaction(self) -> Iterator[None]:
        self._db.execute("BEGIN IMMEDIATE")
        try:
            yield
        except BaseException:
            with suppress(sqlite3.Error):
                self._db.execute("ROLLBACK")
            self._known = Known()  # what it names may not have been written
            raise
        self._db.execute("COMMIT")

    @contextmanager
    def _writing(self) -> Iterator[None]:
        try:
            yield
        except sqlite3.DatabaseError as error:
            if isinstance(error, sqlite3.OperationalError):
                reason = "the disk is full" if "full" in str(error) else _reason(error)
                raise CannotWrite(self.path, reason) from error
            raise DamagedFile(self.path, "it is damaged") from error
        except (ValueError, KeyError, TypeError, zlib.error, struct.error) as error:
            raise DamagedFile(self.path, "it is damaged") from error

    @contextmanager
    def _reading(self) -> Iterator[None]:
        try:
            yield
        except (
            sqlite3.Error, ValueError, KeyError, TypeError, IndexError, AttributeError, RecursionError, zlib.error,
            struct.error,
        ) as error:  # fmt: skip
            raise DamagedFile(self.path, "a part of it is damaged") from error


class _Reader:
    """Reads the layers of one state."""

    def __init__(
        self, raw: Callable[[int], bytes], read_json: Callable[[int], Any], base: Callable[[], Page] | None,
        known: Known,
    ) -> None:  # fmt: skip
        self._raw, self._json, self._known = raw, read_json, known
        self._read_base = base
        self._base: Page | None = None
        self._base_parts: dict[int, _LayerMemo] = {}
        self._base_strokes: dict[int, list[Stroke]] = {}
        self._tiles: dict[int, Stored] = {}  # a layer and its copy go on sharing
        self._pens: dict[int, Pen] = {}

    def layer(self, number: int) -> Layer:
        if number < 0:
            memo = self._known.layers[-number] = self._parts_of_base(-number)
            return memo.layer
        record = self._json(number)
        values = layer_values(record)
        uid = values["uid"]
        rows = {int(row): (blob, self._row(uid, int(row), blob)) for row, blob in record["rows"].items()}
        values["tiles"] = Tiles().with_tiles(
            {(column, row): tile for row, (_, tiles) in rows.items() for column, (tile, _) in tiles.items()}
        )
        chunks = []
        if record["kind"] == "group":
            values["isolated"] = record.get("isolated") is not False
        if record["kind"] == "ink":
            chunks = [self._chunk(uid, blob) for blob in record["chunks"]]
            values["marks"] = Marks.of_chunks([chunk for chunk, _, _ in chunks])
        layer = KINDS[record["kind"]](**values)
        memo = self._known.layers[layer.uid] = _LayerMemo(layer, number)
        for row, (blob, tiles) in rows.items():
            mapping = layer.tiles.row(row)  # as they are kept, which may not be as they were read
            numbers = {column: (tile, tiles[column][1]) for column, tile in mapping.items()}
            memo.rows[row] = mapping, blob, numbers
        memo.chunks = {id(chunk): (chunk, blob, numbers) for chunk, blob, numbers in chunks}
        return layer

    def _row(self, uid: int, row: int, blob: int) -> dict[int, tuple[Stored, int]]:
        """The tiles of a row by column, and their blobs."""
        if blob <= 0:
            return self._parts_of_base(uid).rows[row][2]
        return {int(column): (self._tile(uid, (int(column), row), tile), tile) for column, tile in self._json(blob)}

    def _tile(self, uid: int, key: Key, number: int) -> Stored:
        if number <= 0:
            return self._parts_of_base(uid).rows[key[1]][2][key[0]][0]
        if number not in self._tiles:
            self._tiles[number] = tile_from(_open(self._raw(number), TILE_BYTES))
        return self._tiles[number]

    def _chunk(self, uid: int, blob: int) -> tuple[tuple[Stroke, ...], int, list[int]]:
        if blob < 0:
            return list(self._parts_of_base(uid).chunks.values())[-blob - 1]
        numbers = [int(number) for number in self._json(blob)]
        return tuple(self._stroke(uid, number) for number in numbers), blob, numbers

    def _parts_of_base(self, uid: int) -> _LayerMemo:
        if self._base is None:
            if self._read_base is None:
                raise ValueError("what it leans on is not there")
            self._base = self._read_base()
        if uid not in self._base_parts:
            layer = self._base.layer(uid)
            if layer is None:
                raise ValueError("a part is missing")
            self._base_parts[uid] = _in_base(layer)
        return self._base_parts[uid]

    def _stroke(self, uid: int, number: int) -> Stroke:
        if number < 0:
            if uid not in self._base_strokes:
                self._base_strokes[uid] = [s for c, _, _ in self._parts_of_base(uid).chunks.values() for s in c]
            return self._base_strokes[uid][-number - 1]
        raw = self._raw(number)
        (pen,) = struct.unpack("<q", raw[:8])
        if pen not in self._pens:
            self._pens[pen] = pen_from(self._json(pen))
            self._known.pens[self._pens[pen]] = pen
        (stroke,) = opened_strokes(raw[8:], [self._pens[pen]])
        return stroke


def _open(data: bytes, most: int = MOST_BLOB) -> bytes:
    opener = zlib.decompressobj()
    plain = opener.decompress(data, most)
    if opener.unconsumed_tail or not opener.eof:
        raise ValueError("a part is cut short, or unpacks to more than it can need")
    return plain


def _reason(error: sqlite3.OperationalError) -> str:
    words = str(error)
    if "readonly" in words or "read-only" in words:
        return "the folder does not allow it"
    if "locked" in words:
        return "another program is using it"
    if "unable to open" in words:
        return "the folder does not exist or does not allow it"
    return words
