"""Pens and strokes as plain data, for files."""

from __future__ import annotations

import json
from collections.abc import Mapping
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand import ResponseCurve, Trace
from jotsk.core.ink import Color, Cut, Pen, Ribbon, Stroke

Json = Mapping[str, Any]


def pen_record(pen: Pen) -> dict[str, Any]:
    """A pen as JSON-ready data; all its numbers are written."""
    return {
        "id": pen.id,
        "name": pen.name,
        "size_px": pen.size_px,
        "lightest": pen.lightest,
        "response": [list(p) for p in pen.response.points],
        "opacity": pen.opacity,
        "faintest": pen.faintest,
        "taper_in_px": pen.taper_in_px,
        "taper_out_px": pen.taper_out_px,
        "shells": [list(s) for s in pen.shells],
        "grain": pen.grain,
        "steady_now": pen.steady_now,
        "steady_after": pen.steady_after,
        "rubs": pen.rubs,
    }


def pen_from(record: Json) -> Pen:
    """Read a pen; raises ValueError, KeyError or TypeError where the record is not one."""
    numbers = {
        name: _number(record[name], low, high)
        for name, low, high in (
            ("size_px", 0.01, 1e4), ("lightest", 0, 1), ("opacity", 0, 1), ("faintest", 0, 1),
            ("taper_in_px", 0, 1e5), ("taper_out_px", 0, 1e5), ("grain", 0, 1),
            ("steady_now", 0, 100), ("steady_after", 0, 100),
        )
    }  # fmt: skip
    shells = tuple((_number(r, 0, 1), _number(k, 0, 1)) for r, k in record["shells"])
    if not 1 <= len(shells) <= 16:
        raise ValueError("a pen has 1 to 16 shells")
    return Pen(
        id=str(record["id"])[:100],
        name=str(record["name"])[:100],
        response=ResponseCurve(tuple((float(x), float(y)) for x, y in record["response"])),
        shells=shells,
        rubs=bool(record["rubs"]),
        **numbers,
    )


class StrokePacker:
    """Collects the arrays of strokes into one block of numbers, and says in each record where they lie."""

    def __init__(self) -> None:
        self._blocks: list[NDArray[np.float64]] = []
        self._length = 0
        self.pens: list[dict[str, Any]] = []
        self._pen_index: dict[str, int] = {}

    def record(self, stroke: Stroke) -> dict[str, Any]:
        return {
            "kind": "stroke",
            "pen": self._pen(stroke.pen),
            "size_px": stroke.size_px,
            "color": list(stroke.color),
            "steady_now": stroke.steady_now,
            "steady_after": stroke.steady_after,
            "scale": stroke.scale,
            "trace": self._store(stroke.trace.samples),
            "cuts": [
                {
                    "ribbon": self._store(np.column_stack([cut.ribbon.points, cut.ribbon.ink])),
                    "shells": [list(s) for s in cut.shells],
                }
                for cut in stroke.cuts
            ],
        }

    @property
    def numbers(self) -> bytes:
        if not self._blocks:
            return b""
        return np.concatenate(self._blocks).astype("<f8").tobytes()

    def _pen(self, pen: Pen) -> int:
        record = pen_record(pen)
        key = json.dumps(record, sort_keys=True)
        if key not in self._pen_index:
            self._pen_index[key] = len(self.pens)
            self.pens.append(record)
        return self._pen_index[key]

    def _store(self, array: NDArray[Any]) -> list[int]:
        """Append (N, K) numbers; return [offset, N] in float64s and rows."""
        where = [self._length, len(array)]
        self._blocks.append(np.asarray(array, np.float64).ravel())
        self._length += array.size
        return where


def strokes_from(records: list[Json], pens: list[Json], numbers: bytes) -> list[Stroke]:
    """Read strokes; raises ValueError, KeyError or TypeError where the data is not what it should be."""
    block = np.frombuffer(numbers, "<f8").astype(np.float64)
    if not np.isfinite(block).all():
        raise ValueError("a number is not finite")
    read_pens = [pen_from(p) for p in pens]
    return [_stroke_from(r, read_pens, block) for r in records]


def _stroke_from(record: Json, pens: list[Pen], block: NDArray[np.float64]) -> Stroke:
    trace = _taken(block, record["trace"], 6)
    if not len(trace) or (np.diff(trace[:, 0]) <= 0).any() or trace[:, 3].min() < 0 or trace[:, 3].max() > 1:
        raise ValueError("a trace is not one a hand can make")
    cuts = []
    for cut in record["cuts"]:
        columns = _taken(block, cut["ribbon"], 4)
        ribbon = Ribbon(columns[:, :3].astype(np.float32), columns[:, 3].astype(np.uint8), np.zeros(len(columns)))
        cuts.append(Cut(ribbon, tuple((_number(r, 0, 1), _number(k, 0, 1)) for r, k in cut["shells"])))
    index = int(record["pen"])
    if not 0 <= index < len(pens):
        raise ValueError("a stroke names a pen that is not there")
    return Stroke(
        Trace(trace),
        pens[index],
        _number(record["size_px"], 0.01, 1e4),
        _color(record["color"]),
        _number(record["steady_now"], 0, 100),
        _number(record["steady_after"], 0, 100),
        _number(record["scale"], 1e-6, 1e6),
        tuple(cuts),
    )


def _taken(block: NDArray[np.float64], where: Any, width: int) -> NDArray[np.float64]:
    offset, rows = (int(v) for v in where)
    if offset < 0 or rows < 0 or offset + rows * width > len(block):
        raise ValueError("a stroke points outside its numbers")
    return block[offset : offset + rows * width].reshape(rows, width)


def _number(value: Any, low: float, high: float) -> float:
    number = float(value)
    if not low <= number <= high:
        raise ValueError(f"{number} is not between {low} and {high}")
    return number


def _color(value: Any) -> Color:
    r, g, b = (int(_number(v, 0, 255)) for v in value)
    return r, g, b
