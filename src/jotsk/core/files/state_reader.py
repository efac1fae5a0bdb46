"""Reads a state from a store: the tree of its blobs, as a page."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from weakref import WeakValueDictionary

from jotsk.core.files.blobs import Blobs
from jotsk.core.files.layer_records import KINDS, layer_values, page_values, whole
from jotsk.core.files.records import opened_marks
from jotsk.core.files.stored_parts import Known, LayerParts, Where, pens_of
from jotsk.core.ink import Pen
from jotsk.core.marks import Mark
from jotsk.core.marks.record import pen_from
from jotsk.core.page import Layer, Marks, Page, Tiles, check_size
from jotsk.core.page.layers.tree import arranged, distinct
from jotsk.core.page.tiles.tiles import TILE_BYTES, Stored, tile_from


class Opened:
    """Parts read from a store that is not swept meanwhile, by the numbers of their blobs, for as long as they live."""

    def __init__(self) -> None:
        self.layers: WeakValueDictionary[int, Layer] = WeakValueDictionary()
        self.tiles: WeakValueDictionary[int, Stored] = WeakValueDictionary()


class StateReader:
    """Reads one state. What is damaged raises whatever comes of it; the store says what that means."""

    def __init__(self, blobs: Blobs, base: Callable[[], Page] | None, known: Known, opened: Opened) -> None:
        self._blobs, self._known, self._opened = blobs, known, opened
        self._read_base = base
        self._base: Page | None = None
        self._base_parts: dict[int, LayerParts] = {}
        self._base_strokes: dict[int, list[Mark]] = {}
        self._tiles: dict[int, Stored] = {}  # a layer and its copy go on sharing
        self._pens: dict[int, Pen] = {}

    def page(self, root: int, report: Callable[[float], None]) -> Page:
        """The page whose record is the blob `root`; the share that is read is told to `report`. Raises TooLarge."""
        record = self._blobs.get_json(root)
        width, height = whole(record.get("width"), 1, 1 << 20, 0), whole(record.get("height"), 1, 1 << 20, 0)
        check_size(width, height)
        read: list[Layer] = []
        for number in record["layers"]:
            read.append(self._layer(number))
            report(len(read) / len(record["layers"]))
        layers = arranged(distinct(read))
        page = Page(width, height, layers=layers, active_uid=record["active"], **page_values(record))
        extras = {str(name): self._blobs.get(blob) for name, blob in record.get("extras", {}).items()}
        if page.active is None:
            page = replace(page, active_uid=layers[-1].uid)
        return replace(page, extras=extras)

    def _layer(self, number: int) -> Layer:
        if number < 0:
            parts = self._known.layers[-number] = self._parts_of_base(-number)
            return parts.layer
        before = self._opened.layers.get(number)
        if before is not None:
            return before
        record = self._blobs.get_json(number)
        values = layer_values(record)
        uid = values["uid"]
        rows = {int(row): (blob, self._row(uid, int(row), blob)) for row, blob in record["rows"].items()}
        values["tiles"] = Tiles().with_tiles(
            {(column, row): self._tile(where) for row, (_, tiles) in rows.items() for column, where in tiles.items()}
        )
        chunks = []
        if record["kind"] == "group":
            values["isolated"] = record.get("isolated") is not False
        if record["kind"] == "ink":
            chunks = [(self._chunk(uid, blob), blob) for blob in record["chunks"]]
            values["marks"] = Marks.of_chunks([chunk for chunk, _ in chunks])
        layer = KINDS[record["kind"]](**values)
        parts = self._known.layers[layer.uid] = LayerParts(layer, number)
        for row, (blob, tiles) in rows.items():
            mapping = layer.tiles.row(row)
            parts.rows[row] = mapping, blob
            for column, tile in mapping.items():  # as they are kept, which may not be as they were read
                where = self._known.tiles[tile] = tiles[column]
                if isinstance(where, int):
                    self._opened.tiles[where] = tile
        parts.chunks = {id(chunk): (chunk, blob) for chunk, blob in chunks}
        self._opened.layers[number] = layer
        return layer

    def _row(self, uid: int, row: int, blob: int) -> dict[int, Where]:
        """Where the tiles of a row are, by column."""
        if blob <= 0:
            return {column: [uid, column, row] for column in self._parts_of_base(uid).rows[row][0]}
        return {int(column): where for column, where in self._blobs.get_json(blob)}

    def _tile(self, where: Where) -> Stored:
        if isinstance(where, list):
            uid, column, row = where
            return self._parts_of_base(uid).rows[row][0][column]
        tile = self._tiles.get(where)
        if tile is None:
            tile = self._opened.tiles.get(where)
        if tile is None:
            tile = tile_from(self._blobs.get(where, TILE_BYTES))
        self._tiles[where] = tile
        return tile

    def _chunk(self, uid: int, blob: int) -> tuple[Mark, ...]:
        if blob < 0:
            return list(self._parts_of_base(uid).chunks.values())[-blob - 1][0]
        return tuple(self._stroke(where) for where in self._blobs.get_json(blob))

    def _stroke(self, where: Where) -> Mark:
        if isinstance(where, list):
            uid, index = where
            if uid not in self._base_strokes:
                self._base_strokes[uid] = [s for chunk, _ in self._parts_of_base(uid).chunks.values() for s in chunk]
            return self._base_strokes[uid][index]
        raw = self._blobs.raw(where)
        pens, packed = pens_of(raw)
        for pen in pens:
            if pen not in self._pens:
                self._pens[pen] = pen_from(self._blobs.get_json(pen))
                self._known.pens[self._pens[pen]] = pen
        (mark,) = opened_marks(packed, [self._pens[pen] for pen in pens])
        self._known.marks[mark] = where
        return mark

    def _parts_of_base(self, uid: int) -> LayerParts:
        if self._base is None:
            if self._read_base is None:
                raise ValueError("what it leans on is not there")
            self._base = self._read_base()
        if uid not in self._base_parts:
            layer = self._base.layer(uid)
            if layer is None:
                raise ValueError("a part is missing")
            self._base_parts[uid] = LayerParts.in_base(layer)
            self._known.add_base(layer)
        return self._base_parts[uid]
