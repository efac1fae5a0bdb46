"""States of a page in one SQLite file, in which everything that states share lies once.

A state is a tree of blobs: page, layers, rows of tiles, tiles; and chunks of strokes, strokes, pens. A state costs what
no state before it had. Every `put` is one transaction of a write-ahead log: a crash leaves the states before it, whole.

A store may lean on a page that is kept elsewhere (its *base*): what a state shares with that is named by its place
there, and not written.
"""

from __future__ import annotations

import sqlite3
import struct
import time
import zlib
from collections.abc import Callable, Iterator
from contextlib import contextmanager, suppress
from dataclasses import dataclass
from pathlib import Path

from jotsk.core.errors import CannotRead, CannotWrite, DamagedFile, LaterVersion
from jotsk.core.files import blobs
from jotsk.core.files.blobs import Blobs
from jotsk.core.files.layer_records import layer_record, page_record
from jotsk.core.files.records import packed_marks
from jotsk.core.files.state_reader import Opened, StateReader
from jotsk.core.files.stored_parts import Known, LayerParts, Where, pens_ahead, pens_of
from jotsk.core.ink import Pen
from jotsk.core.json_text import BAD_RECORD
from jotsk.core.marks import Mark
from jotsk.core.marks.record import PenTable, pen_record
from jotsk.core.page import InkLayer, Layer, Page, Tiles
from jotsk.core.page.tiles.tiles import Stored, tile_bytes
from jotsk.core.runtime.giving_way import give_way
from jotsk.core.words import tr

FORMAT = 1
HEADER = b"SQLite format 3\0"
BUSY_S = 5.0
TILES_AT_ONCE = 16  # a few ms for each core
PROMPTLY = 64  # new tiles and strokes that are written in one go: one stroke has no more, and is not to wait
READ_AT_ONCE = 100  # blobs, while a sweep looks for what is held
MOST_LOG = 16 << 20  # bytes of a log that lie on when it begins anew

_SCHEMA = """
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


class PageStore:
    """Keeps and gives back states of pages. One thread uses it at a time.

    Every state is flushed to the disk before `put` returns, unless another thread does so with a `Flusher` (not
    `flushes`): then it outlives the process, and after the flush the power too.

    Raises
    ------
    CannotWrite, CannotRead
        The disk, its permissions or another program are in the way; the file is as it was.
    DamagedFile, LaterVersion
        The file itself.
    """

    def __init__(self, path: Path, clock: Callable[[], float] = time.time, *, flushes: bool = True) -> None:
        self.path, self._clock = path, clock
        self._known = Known()
        self._new = 0  # tiles and strokes of the state that is being put
        self._unmarked: list[int] | None = None  # roots of states that a sweep under way has not seen
        _check_header(path)
        with self._writing():
            self._db = sqlite3.connect(path, timeout=BUSY_S, isolation_level=None, check_same_thread=False)
        try:
            self._begin(flushes)
        except BaseException:
            self._db.close()
            raise

    def _begin(self, flushes: bool) -> None:
        with self._writing():
            self._db.execute("PRAGMA journal_mode=WAL")
            if flushes:
                self._db.execute("PRAGMA synchronous=FULL")
            else:
                self._db.execute("PRAGMA synchronous=NORMAL")
                self._db.execute("PRAGMA wal_autocheckpoint=0")
                self._db.execute(f"PRAGMA journal_size_limit={MOST_LOG}")
            self._db.executescript(blobs.SCHEMA + _SCHEMA)
            self._blobs = Blobs(self._db)
        found = self.note("format")
        if found is None:
            self.set_notes(format=str(FORMAT))
        elif found != str(FORMAT):
            raise LaterVersion(self.path) if found.isdigit() else DamagedFile(self.path, tr("it is damaged"))

    def close(self) -> None:
        self._db.close()

    def lean_on(self, base: Page) -> None:
        """Write nothing more that is a part of `base`: whoever reads the states has to have it."""
        self._known = Known.in_base(base)

    def recall(self, known: Known) -> None:
        """Go on from a page that `get` read from this file."""
        self._known = known

    # -- writing -------------------------------------------------------------------------------

    def put(
        self, page: Page, *, kind: str, name: str = "", picture: bytes | None = None, instead_of: str | None = None
    ) -> int:
        """Add a state; return its number. States of the kind `instead_of` before it are given up."""
        with self._writing(), self._transaction():
            parts: dict[int, LayerParts] = {}
            self._new = 0
            layers = [self._put_layer(layer, parts) for layer in page.layers]
            extras = {name: self._blobs.put(b"x", data) for name, data in page.extras.items()}
            root = self._blobs.put_json(page_record(page) | {"layers": layers, "extras": extras})
            if instead_of is not None:
                self._db.execute("DELETE FROM states WHERE kind = ?", (instead_of,))
            cursor = self._db.execute(
                "INSERT INTO states (at, kind, name, root, picture) VALUES (?, ?, ?, ?, ?)",
                (self._clock(), kind, name, root, picture),
            )
            self._known.layers = parts
            if self._unmarked is not None:
                self._unmarked.append(root)
            return int(cursor.lastrowid or 0)

    def putting_tiles(self, page: Page) -> Iterator[float]:
        """Write the tiles of a page that will be put, some at each step, and yield the share of them that is there.

        Other states may be put between the steps. A sweep under way is given up: it would not know of these tiles.
        """
        self._unmarked = None
        new = [
            tile for layer in page.layers for row in layer.tiles.rows for tile in layer.tiles.row(row).values()
            if self._known.tiles.get(tile) is None
        ]  # fmt: skip
        for start in range(0, len(new), TILES_AT_ONCE):
            some = new[start : start + TILES_AT_ONCE]
            with self._writing(), self._transaction():
                numbers = self._blobs.put_all(b"t", [tile_bytes(tile) for tile in some])
            for tile, number in zip(some, numbers, strict=True):
                self._known.tiles[tile] = number
            yield (start + len(some)) / len(new)

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
        count = sum(self.sweeping())
        with self._writing():
            self._db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        return count

    def sweeping(self, *, all_known: bool = False) -> Iterator[int]:
        """As `sweep`, a few ms at each step; yield how many were deleted. States may be put between the steps.

        With `all_known`, what a page that was put before would need stays too, as long as its tiles and strokes live.
        It ends early, with all that is needed still there, once another sweep begins.
        """
        held = self._known.blobs if all_known else set()
        with self._writing():
            unmarked = self._unmarked = [root for (root,) in self._db.execute("SELECT root FROM states").fetchall()]
            yield from self._mark(unmarked, held)
            if self._unmarked is not unmarked:
                return
            self._known.keep(held)
            for some in self._blobs.others_than(held):
                if self._unmarked is not unmarked:
                    return
                with self._transaction():
                    self._blobs.delete(some)
                yield len(some)
                yield from self._mark(unmarked, held)
            if self._unmarked is unmarked:
                self._unmarked = None

    def _put_layer(self, layer: Layer, parts: dict[int, LayerParts]) -> int:
        old = self._known.layers.get(layer.uid)
        if old is not None and old.layer is layer:
            parts[layer.uid] = old
            return old.blob
        new = parts[layer.uid] = LayerParts(layer)
        rows = {row: self._put_row(layer.tiles, row, old, new) for row in layer.tiles.rows}
        record = layer_record(layer) | {"rows": rows}
        if isinstance(layer, InkLayer):
            record["chunks"] = [self._put_chunk(chunk, old, new) for chunk in layer.marks.chunks]
        new.blob = self._blobs.put_json(record)
        return new.blob

    def _put_row(self, tiles: Tiles, row: int, old: LayerParts | None, new: LayerParts) -> int:
        mapping = tiles.row(row)
        before = old.rows.get(row) if old is not None else None
        if before is None or before[0] is not mapping:
            places = [[column, self._put_tile(mapping[column])] for column in sorted(mapping)]
            before = mapping, self._blobs.put_json(places)
        new.rows[row] = before
        return before[1]

    def _put_tile(self, tile: Stored) -> Where:
        where = self._known.tiles.get(tile)
        if where is None:
            where = self._known.tiles[tile] = self._blobs.put(b"t", tile_bytes(tile))
            self._one_more()
        return where

    def _put_chunk(self, chunk: tuple[Mark, ...], old: LayerParts | None, new: LayerParts) -> int:
        before = old.chunks.get(id(chunk)) if old is not None else None
        if before is None:
            before = chunk, self._blobs.put_json([self._put_mark(mark) for mark in chunk])
        new.chunks[id(chunk)] = before
        return before[1]

    def _put_mark(self, mark: Mark) -> Where:
        """With the blobs of its pens before it."""
        where = self._known.marks.get(mark)
        if where is None:
            pens = PenTable()
            packed = packed_marks([mark], pens)
            blobs = [self._put_pen(pen) for pen in pens.pens]
            data = pens_ahead(blobs) + packed
            where = self._known.marks[mark] = self._blobs.put(b"s", data, is_packed=True)
            self._one_more()
        return where

    def _put_pen(self, pen: Pen) -> int:
        blob = self._known.pens.get(pen)
        if blob is None:
            blob = self._known.pens[pen] = self._blobs.put_json(pen_record(pen))
        return blob

    def _one_more(self) -> None:
        self._new += 1
        if self._new > PROMPTLY:
            give_way()

    def _mark(self, roots: list[int], held: set[int]) -> Iterator[int]:
        """Add to `held` every blob of the states, and empty `roots`; stop where another sweep has begun."""
        read = 0
        while roots and self._unmarked is roots:
            for part in self._parts(roots.pop(), held):
                held.add(part)
                give_way()
                read += 1
                if read % READ_AT_ONCE == 0:
                    yield 0
                    if self._unmarked is not roots:
                        return

    def _parts(self, root: int, held: set[int]) -> Iterator[int]:
        """Every blob of a state, but for what lies in parts that are in `held`."""
        page = self._blobs.get_json(root)
        yield root
        yield from page.get("extras", {}).values()
        for layer_id in page["layers"]:
            if layer_id < 0 or layer_id in held:
                continue
            layer = self._blobs.get_json(layer_id)
            for row in layer["rows"].values():
                if row > 0 and row not in held:
                    yield row
                    yield from (tile for _, tile in self._blobs.get_json(row) if isinstance(tile, int))
            for chunk in layer.get("chunks", ()):
                if chunk > 0 and chunk not in held:
                    for stroke in self._blobs.get_json(chunk):
                        if isinstance(stroke, int) and stroke not in held:
                            yield stroke
                            yield from pens_of(self._blobs.raw(stroke))[0]
                    yield chunk
            yield layer_id

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

    def get(
        self, state: int, *, base: Callable[[], Page] | None = None, known: Known | None = None,
        opened: Opened | None = None, report: Callable[[float], None] = lambda _: None,
    ) -> Page:  # fmt: skip
        """The page of a state. Its parts are noted in `known`, for `recall`; `base` reads the page it may lean on.

        What lives of the states read before with the same `opened` is not read again, nor noted in `known`. The share
        that is read is told to `report`.
        """
        with self._reading(), self._as_it_is():
            found = self._db.execute("SELECT root FROM states WHERE id = ?", (state,)).fetchone()
            if not found:
                raise DamagedFile(self.path, tr("that state is no longer in it"))
            reader = StateReader(self._blobs, base, known if known is not None else Known(), opened or Opened())
            return reader.page(found[0], report)

    # -- the file ------------------------------------------------------------------------------

    @contextmanager
    def _as_it_is(self) -> Iterator[None]:
        """Whatever others delete meanwhile is still there to be read."""
        self._db.execute("BEGIN")
        try:
            yield
        finally:
            self._db.execute("ROLLBACK")

    @contextmanager
    def _transaction(self) -> Iterator[None]:
        self._db.execute("BEGIN IMMEDIATE")
        try:
            yield
            self._db.execute("COMMIT")  # which a full disk may refuse
        except BaseException:
            with suppress(sqlite3.Error):
                self._db.execute("ROLLBACK")
            self._known = Known()  # what it names may not have been written
            raise

    @contextmanager
    def _writing(self) -> Iterator[None]:
        try:
            yield
        except sqlite3.Error as error:
            if _is_damage(error):
                raise DamagedFile(self.path, tr("it is damaged")) from error
            raise CannotWrite(self.path, _reason(error)) from error
        except (*BAD_RECORD, zlib.error, struct.error) as error:
            raise DamagedFile(self.path, tr("it is damaged")) from error

    @contextmanager
    def _reading(self) -> Iterator[None]:
        try:
            yield
        except sqlite3.Error as error:
            if _is_damage(error):
                raise DamagedFile(self.path, tr("a part of it is damaged")) from error
            raise CannotRead(self.path, _reason(error)) from error
        except (*BAD_RECORD, zlib.error, struct.error) as error:
            raise DamagedFile(self.path, tr("a part of it is damaged")) from error


# What SQLite says of a file that is not as it should be: a statement that does not fit it, damage, no database at all.
_DAMAGE = (sqlite3.SQLITE_ERROR, sqlite3.SQLITE_CORRUPT, sqlite3.SQLITE_NOTADB, sqlite3.SQLITE_MISMATCH)


def _check_header(path: Path) -> None:
    """Raise DamagedFile for what is no database: opened and closed as one, it would lose the log beside it."""
    try:
        with open(path, "rb") as stream:
            header = stream.read(len(HEADER))
    except OSError:
        return  # not there yet, or for SQLite to say
    if header and header != HEADER:
        raise DamagedFile(path, tr("it is damaged"))


def _is_damage(error: sqlite3.Error) -> bool:
    """Whether the file is at fault, and not the disk, its permissions or another program."""
    code = getattr(error, "sqlite_errorcode", None)
    return code is None or code & 0xFF in _DAMAGE


def _reason(error: sqlite3.Error) -> str:
    words = str(error)
    if "full" in words:
        return tr("the disk is full")
    if "disk I/O" in words:
        return tr("the disk does not take or give it")
    if "readonly" in words or "read-only" in words:
        return tr("the folder does not allow it")
    if "locked" in words:
        return tr("another program is using it")
    if "unable to open" in words:
        return tr("the folder does not exist or does not allow it")
    return words
