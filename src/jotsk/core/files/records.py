"""Pens and strokes as plain data, for files."""

from __future__ import annotations

import json
import struct
import zlib
from collections.abc import Mapping, Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.guides import hold_from
from jotsk.core.hand import Trace
from jotsk.core.hand.steady_after import USUAL_TREMOR_PX
from jotsk.core.ink import Color, Cut, Pen, Ribbon, Stroke
from jotsk.core.ink.pens import PEN_SPECS
from jotsk.core.json_text import BAD_RECORD, beyond, json_from, merged, number_in, with_unknown

Json = Mapping[str, Any]

MOST_BLOCK = 256 << 20
_OF_STROKE = frozenset(
    {
        "pen",
        "size_px",
        "color",
        "steady_now",
        "steady_after",
        "scale",
        "atop",
        "hold",
        "copies",
        "trace",
        "cuts",
        "tremor_px",
        "method",
    }
)
_OF_CUT = frozenset({"ribbon", "pieces", "shells"})


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
    """Pens by number: strokes name theirs by it."""

    def __init__(self) -> None:
        self._numbers: dict[Pen, int] = {}

    def number(self, pen: Pen) -> int:
        return self._numbers.setdefault(pen, len(self._numbers))

    @property
    def records(self) -> list[dict[str, Any]]:
        return [pen_record(pen) for pen in self._numbers]


def packed_strokes(strokes: Sequence[Stroke], pens: PenTable) -> bytes:
    """Strokes as one compressed block: the length of a JSON list of records, the list, and their numbers."""
    numbers: list[NDArray[np.float64]] = []
    length = 0

    def store(array: NDArray[Any]) -> list[int]:
        nonlocal length
        where = [length, len(array)]
        numbers.append(np.asarray(array, np.float64).ravel())
        length += array.size
        return where

    records = [
        with_unknown(
            {
                "pen": pens.number(stroke.pen),
                "size_px": stroke.size_px,
                "color": list(stroke.color),
                "steady_now": stroke.steady_now,
                "steady_after": stroke.steady_after,
                "scale": stroke.scale,
                "tremor_px": stroke.tremor_px,
                "method": stroke.method,
                "atop": stroke.atop,
                "hold": stroke.hold.record() if stroke.hold else None,
                "copies": [m.ravel().tolist() for m in stroke.copies],
                "trace": store(stroke.trace.samples),
                "cuts": [
                    with_unknown(
                        {
                            "ribbon": store(np.column_stack([cut.ribbon.points, cut.ribbon.ink])),
                            "pieces": [list(piece) for piece in cut.ribbon.pieces],
                            "shells": [list(s) for s in cut.shells],
                        },
                        cut.unknown,
                    )
                    for cut in stroke.cuts
                ],
            },
            stroke.unknown,
        )
        for stroke in strokes
    ]
    listed = json.dumps(records, allow_nan=False).encode()
    block = np.concatenate(numbers).astype("<f8").tobytes() if numbers else b""
    return zlib.compress(struct.pack("<I", len(listed)) + listed + block, 1)


def opened_strokes(data: bytes, pens: Sequence[Pen], most_bytes: int = MOST_BLOCK) -> list[Stroke]:
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
        return [_stroke_from(record, pens, block) for record in records]
    except BAD_RECORD as error:
        raise ValueError(f"a stroke makes no sense: {error}") from error


def _stroke_from(record: Json, pens: Sequence[Pen], block: NDArray[np.float64]) -> Stroke:
    trace = _taken(block, record["trace"], 6)
    if not len(trace) or (np.diff(trace[:, 0]) <= 0).any() or trace[:, 3].min() < 0 or trace[:, 3].max() > 1:
        raise ValueError("a trace is not one a hand can make")
    cuts = []
    for cut in record.get("cuts", ()):
        columns = _taken(block, cut["ribbon"], 4)
        pieces = tuple(_piece(piece, len(columns)) for piece in cut.get("pieces", ()))  # older files have one
        points, ink = columns[:, :3].astype(np.float32), columns[:, 3].astype(np.uint8)
        ribbon = Ribbon(points, ink, np.zeros(len(columns)), pieces)
        shells = tuple((number_in(r, 0, 1), number_in(k, 0, 1)) for r, k in cut.get("shells", [(1, 1)]))
        cuts.append(Cut(ribbon, shells, beyond(cut, _OF_CUT)))
    index = int(record.get("pen", 0))
    if not 0 <= index < len(pens):
        raise ValueError("a stroke names a pen that is not there")
    pen = pens[index]
    return Stroke(
        Trace(trace),
        pen,
        number_in(record.get("size_px", pen.size_px), 0.01, 1e4),
        _color(record.get("color", (0, 0, 0))),
        number_in(record.get("steady_now", pen.steady_now), 0, 100),
        number_in(record.get("steady_after", pen.steady_after), 0, 100),
        number_in(record.get("scale", 1.0), 1e-6, 1e6),
        tuple(cuts),
        bool(record.get("atop")),
        hold_from(record["hold"]) if record.get("hold") else None,
        tuple(_copy(m) for m in record.get("copies", ())),
        beyond(record, _OF_STROKE),
        number_in(record.get("tremor_px", USUAL_TREMOR_PX), 0, 100),
        int(number_in(record.get("method", 1), 1, 1000)),
    )


def _piece(value: Any, count: int) -> tuple[int, int]:
    start, stop = (int(v) for v in value)
    if not 0 <= start < stop <= count:
        raise ValueError("a piece of a line lies outside it")
    return start, stop


def _copy(value: Any) -> NDArray[np.float64]:
    """The map to a copy: it may turn, reflect and move, and nothing else."""
    m = np.array([number_in(v, -1e9, 1e9) for v in value]).reshape(2, 3)
    if not np.allclose(m[:, :2] @ m[:, :2].T, np.eye(2), atol=1e-6):
        raise ValueError("a copy is not the shape of its stroke")
    return m


def _taken(block: NDArray[np.float64], where: Any, width: int) -> NDArray[np.float64]:
    offset, rows = (int(v) for v in where)
    if offset < 0 or rows < 0 or offset + rows * width > len(block):
        raise ValueError("a stroke points outside its numbers")
    return block[offset : offset + rows * width].reshape(rows, width)


def _color(value: Any) -> Color:
    r, g, b = (int(number_in(v, 0, 255)) for v in value)
    return r, g, b
