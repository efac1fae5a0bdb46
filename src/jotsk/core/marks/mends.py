"""What is mended of a stroke: small values in the trace's own time, so that steadying, size and pen can still change.

A stroke is worked out in this order: trace, steadying, guide, shift, placement, weight, spans, cuts, copies.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.hand import Trace
from jotsk.core.ink.ribbon import Ribbon
from jotsk.core.json_text import number_in
from jotsk.core.marks.record import Json

FARTHEST_S, FARTHEST_PX, MOST_WEIGHT = 1e6, 1e6, 100.0
MOST_KNOTS = 20_000
Span = tuple[float, float]
Matrix = NDArray[np.float64]  # (3, 3)


@dataclass(frozen=True, eq=False)
class Mends:
    """`shift`: (N, 3) t, dx, dy, by which the line lies elsewhere, page px; `placement`: the projective map (3, 3) it
    was moved by, if any, with its weights `scaled` or kept; `weight`: (N, 2) t, factor, by which it is thicker;
    `spans`: what is kept of it, from one time to another. Between their times curves are linear, beyond them level.
    """

    shift: NDArray[np.float64] | None = None
    placement: Matrix | None = None
    scaled: bool = True
    weight: NDArray[np.float64] | None = None
    spans: tuple[Span, ...] | None = None

    @property
    def is_none(self) -> bool:
        return self.shift is None and self.placement is None and self.weight is None and self.spans is None

    def shifted(self, line: Trace) -> Trace:
        """The line where it was pushed to."""
        if self.shift is None or not len(line):
            return line
        times = line.t
        knots = self.shift[(self.shift[:, 0] > times[0]) & (self.shift[:, 0] < times[-1]), 0]
        at = np.unique(np.concatenate([times, knots]))  # between two samples that are far apart it may bend too
        rows = np.column_stack([at, *(np.interp(at, times, column) for column in line.samples[:, 1:].T)])
        for k in (1, 2):
            rows[:, k] += np.interp(rows[:, 0], self.shift[:, 0], self.shift[:, k])
        return Trace(rows)

    def shaped(self, ribbon: Ribbon) -> Ribbon:
        """The ribbon of the shifted line, placed, re-weighted and cut to what is kept."""
        if not len(ribbon.points):
            return ribbon
        points = ribbon.points.astype(np.float64)
        if self.placement is not None:
            grown = local_scale(self.placement, points[:, :2]) if self.scaled else np.ones(len(points))
            points = np.column_stack([projected(self.placement, points[:, :2]), points[:, 2] * grown])
        if self.weight is not None:
            points[:, 2] *= np.interp(ribbon.times, self.weight[:, 0], self.weight[:, 1])
        shaped = Ribbon(points.astype(np.float32), ribbon.ink.copy(), ribbon.times.copy(), ribbon.pieces)
        return shaped if self.spans is None else kept_of(shaped, self.spans)

    # -- one mend more -------------------------------------------------------------------------

    def with_shift(self, more: NDArray[np.float64]) -> Mends:
        """Shifted by `more`, (N, 3), besides."""
        return replace(self, shift=_summed(self.shift, more, np.add))

    def with_weight(self, more: NDArray[np.float64]) -> Mends:
        """`more`, (N, 2), times as thick."""
        return replace(self, weight=_summed(self.weight, more, np.multiply))

    def with_placement(self, m: Matrix, *, scaled: bool = True) -> Mends:
        return replace(self, placement=m if self.placement is None else m @ self.placement, scaled=scaled)

    def without(self, gone: Sequence[Span], whole: Span) -> Mends:
        """Without these times of what is kept; `whole` is all the times of the stroke."""
        spans = [whole] if self.spans is None else list(self.spans)
        for first, last in gone:
            spans = [
                piece for a, b in spans for piece in ((a, min(b, first)), (max(a, last), b)) if piece[1] - piece[0] > 0
            ]
        return replace(self, spans=tuple(spans))

    def moved(self, m: NDArray[np.float64]) -> Mends:
        """On a page whose content was moved by the (2, 3) similarity `m`."""
        shift, placement = self.shift, self.placement
        if shift is not None:
            shift = np.column_stack([shift[:, 0], shift[:, 1:] @ m[:, :2].T])
        if placement is not None:
            whole = np.vstack([m, [0.0, 0.0, 1.0]])
            placement = whole @ placement @ np.linalg.inv(whole)
        return replace(self, shift=shift, placement=placement)

    # -- files ---------------------------------------------------------------------------------

    def record(self) -> dict[str, Any]:
        record: dict[str, Any] = {}
        if self.shift is not None:
            record["shift"] = self.shift.tolist()
        if self.placement is not None:
            record["placement"], record["scaled"] = self.placement.tolist(), self.scaled
        if self.weight is not None:
            record["weight"] = self.weight.tolist()
        if self.spans is not None:
            record["spans"] = [list(span) for span in self.spans]
        return record

    @classmethod
    def from_record(cls, record: Json) -> Mends:
        """Read what `record` wrote. Raises ValueError, TypeError or KeyError."""
        placement = record.get("placement")
        if placement is not None:
            placement = matrix_from(placement)
        spans = record.get("spans")
        if spans is not None:
            spans = tuple((_time(a), _time(b)) for a, b in spans)
        return cls(
            _curve(record.get("shift"), 3, -FARTHEST_PX, FARTHEST_PX), placement, bool(record.get("scaled", True)),
            _curve(record.get("weight"), 2, 0.0, MOST_WEIGHT), spans,
        )  # fmt: skip


NONE = Mends()


def kept_of(ribbon: Ribbon, spans: Sequence[Span]) -> Ribbon:
    """Those times of a ribbon, each a piece of its own, with its ends just there."""
    columns = np.column_stack([ribbon.points.astype(np.float64), ribbon.ink, ribbon.times])
    parts: list[NDArray[np.float64]] = []
    pieces: list[tuple[int, int]] = []
    count = 0
    for start, stop in ribbon.pieces:
        times = np.maximum.accumulate(ribbon.times[start:stop])
        for first, last in spans:
            low, high = max(first, times[0]), min(last, times[-1])
            if high < low:
                continue
            at = np.concatenate([[low], times[(times > low) & (times < high)], [high] if high > low else []])
            part = np.column_stack([np.interp(at, times, column) for column in columns[start:stop].T])
            parts.append(part)
            pieces.append((count, count + len(part)))
            count += len(part)
    kept = np.concatenate(parts) if parts else np.zeros((0, 5))
    ink = np.minimum(np.maximum(kept[:, 3] + 0.5, 0), 255).astype(np.uint8)
    return Ribbon(kept[:, :3].astype(np.float32), ink, kept[:, 4].copy(), tuple(pieces) or ((0, 0),))


def projected(m: Matrix, xy: NDArray[np.float64]) -> NDArray[np.float64]:
    """(N, 2) places under a projective map."""
    out = xy @ m[:2, :2].T + m[:2, 2]
    w = xy @ m[2, :2] + m[2, 2]
    return out / np.where(np.abs(w) < 1e-12, 1e-12, w)[:, None]


def local_scale(m: Matrix, xy: NDArray[np.float64]) -> NDArray[np.float64]:
    """How many times as large the map makes what lies at (N, 2) places: the root of its Jacobian determinant."""
    w = xy @ m[2, :2] + m[2, 2]
    return np.sqrt(np.abs(np.linalg.det(m)) / np.maximum(np.abs(w) ** 3, 1e-12))


def matrix_from(value: Any) -> Matrix:
    """Read [[a, b, c], [d, e, f], [g, h, i]]. Raises ValueError where it maps nothing, or everything to one line."""
    m = np.array([[number_in(v, -1e9, 1e9) for v in row] for row in value])
    if m.shape != (3, 3) or abs(np.linalg.det(m)) < 1e-12:
        raise ValueError("a matrix has three rows of three numbers, and does not flatten what it maps")
    return m


def _summed(
    curve: NDArray[np.float64] | None, more: NDArray[np.float64],
    add: Callable[[NDArray[np.float64], NDArray[np.float64]], NDArray[np.float64]],
) -> NDArray[np.float64]:  # fmt: skip
    if curve is None:
        return more
    at = np.unique(np.concatenate([curve[:, 0], more[:, 0]]))
    columns = [
        add(np.interp(at, curve[:, 0], curve[:, k]), np.interp(at, more[:, 0], more[:, k]))
        for k in range(1, more.shape[1])
    ]
    return np.column_stack([at, *columns])


def _time(value: Any) -> float:
    return number_in(value, -FARTHEST_S, FARTHEST_S)


def _curve(value: Any, width: int, low: float, high: float) -> NDArray[np.float64] | None:
    if value is None:
        return None
    if not isinstance(value, list) or not 0 < len(value) <= MOST_KNOTS:
        raise ValueError("a curve has a list of places in time")
    rows = np.array([[_time(row[0]), *(number_in(v, low, high) for v in row[1:])] for row in value])
    if rows.shape[1] != width or (np.diff(rows[:, 0]) <= 0).any():
        raise ValueError("the times of a curve rise")
    return rows
