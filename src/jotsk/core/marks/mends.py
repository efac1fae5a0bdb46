"""What is mended of a stroke: small values in the trace's own time, so that steadying, size and pen can still change.

A stroke is worked out in this order: trace, steadying, guide, shift, placements, weight, spans, cuts, copies.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import catmull_rom
from jotsk.core.geometry.placement import MOST_NODES, Map, Matrix, Mesh, jacobians, local_scale, placed
from jotsk.core.ink.ribbon import LONGEST_STEP_PX, Ribbon
from jotsk.core.json_text import number_in
from jotsk.core.marks.record import Json

FARTHEST_S, FARTHEST_PX, MOST_WEIGHT = 1e6, 1e6, 100.0
MOST_KNOTS, MOST_PLACEMENTS = 20_000, 100
SLACK = 1.02
Span = tuple[float, float]
Columns = NDArray[np.float64]  # (N, 6) x, y, radius, ink, time, length
Pieces = tuple[tuple[int, int], ...]


@dataclass(frozen=True, eq=False)
class Placement:
    """A map a stroke was moved by, and whether its weight is `scaled` with it or kept."""

    map: Map
    scaled: bool = True

    def moved(self, m: NDArray[np.float64]) -> Placement:
        """On a page whose content was moved by the (2, 3) similarity `m`."""
        if isinstance(self.map, Mesh):
            return replace(self, map=self.map.moved(m))
        whole = np.vstack([m, [0.0, 0.0, 1.0]])
        return replace(self, map=whole @ self.map @ np.linalg.inv(whole))

    def record(self) -> dict[str, Any]:
        if isinstance(self.map, Mesh):
            return {"mesh": self.map.record(), "scaled": self.scaled}
        return {"matrix": self.map.tolist(), "scaled": self.scaled}


@dataclass(frozen=True, eq=False)
class Mends:
    """`shift`: (N, 3) t, dx, dy, by which the line lies elsewhere, page px; `placements`: the maps it was moved by, the
    first of them first; `weight`: (N, 2) t, factor, by which it is thicker; `spans`: what is kept of it, from one time
    to another; `unders`: when a cord goes under itself. Between their times curves are linear, beyond them level.
    """

    shift: NDArray[np.float64] | None = None
    placements: tuple[Placement, ...] = ()
    weight: NDArray[np.float64] | None = None
    spans: tuple[Span, ...] | None = None
    unders: tuple[Span, ...] = ()

    @property
    def is_none(self) -> bool:
        """Whether the line is what it would be without them."""
        return self.shift is None and not self.placements and self.weight is None and self.spans is None

    @property
    def maps(self) -> list[Map]:
        return [placement.map for placement in self.placements]

    def before_placing(self, xy: NDArray[np.float64], by: NDArray[np.float64]) -> NDArray[np.float64]:
        """The small steps (N, 2), at (N, 2) places of the shifted line, that become the steps `by` on the page."""
        if not self.placements:
            return by
        return np.asarray(np.linalg.solve(jacobians(self.maps, xy), by[..., None])[..., 0], np.float64)

    def moved_places(self, times: NDArray[np.float64], xy: NDArray[np.float64]) -> NDArray[np.float64]:
        """Where (N, 2) places of the line, at (N,) times, come to lie: shifted and placed."""
        return placed(self.maps, self.shifted(times, xy))

    def shifted(self, times: NDArray[np.float64], xy: NDArray[np.float64]) -> NDArray[np.float64]:
        """Where the places of the line were pushed to."""
        if self.shift is None:
            return xy
        return xy + np.column_stack([np.interp(times, self.shift[:, 0], self.shift[:, k]) for k in (1, 2)])

    def shaped(self, ribbon: Ribbon) -> Ribbon:
        """The ribbon of a line shifted, placed, re-weighted and cut to what is kept."""
        if not len(ribbon.points):
            return ribbon
        points = ribbon.points.astype(np.float64)
        points[:, :2] = self.shifted(ribbon.times, points[:, :2])
        for placement in self.placements:
            grown = local_scale([placement.map], points[:, :2]) if placement.scaled else 1.0
            points = np.column_stack([placed([placement.map], points[:, :2]), points[:, 2] * grown])
        if self.weight is not None:
            points[:, 2] *= np.interp(ribbon.times, self.weight[:, 0], self.weight[:, 1])
        columns = np.column_stack([points, ribbon.ink, ribbon.times, ribbon.along])
        step_px = max(LONGEST_STEP_PX, *(_longest_step(ribbon.points[start:stop]) for start, stop in ribbon.pieces))
        columns, pieces = _refined(columns, ribbon.pieces, step_px)
        return _ribbon(columns, pieces) if self.spans is None else _kept_of(columns, pieces, self.spans)

    # -- one mend more -------------------------------------------------------------------------

    def with_shift(self, more: NDArray[np.float64]) -> Mends:
        """Shifted by `more`, (N, 3), besides."""
        return replace(self, shift=_summed(self.shift, more, np.add))

    def with_weight(self, more: NDArray[np.float64]) -> Mends:
        """`more`, (N, 2), times as thick."""
        weight = _summed(self.weight, more, np.multiply)
        return replace(self, weight=np.column_stack([weight[:, 0], np.minimum(weight[:, 1], MOST_WEIGHT)]))

    def with_placement(self, new: Map, *, scaled: bool = True) -> Mends:
        """Moved by a map besides; two projective ones after each other are one."""
        before = self.placements
        if before and before[-1].scaled == scaled and not isinstance(new, Mesh):
            last = before[-1].map
            if not isinstance(last, Mesh):
                return replace(self, placements=(*before[:-1], Placement(new @ last, scaled)))
        return replace(self, placements=(*before, Placement(new, scaled)))

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
        shift = self.shift
        if shift is not None:
            shift = np.column_stack([shift[:, 0], shift[:, 1:] @ m[:, :2].T])
        return replace(self, shift=shift, placements=tuple(placement.moved(m) for placement in self.placements))

    # -- files ---------------------------------------------------------------------------------

    def record(self) -> dict[str, Any]:
        record: dict[str, Any] = {}
        if self.shift is not None:
            record["shift"] = self.shift.tolist()
        if self.placements:
            record["placements"] = [placement.record() for placement in self.placements]
        if self.weight is not None:
            record["weight"] = self.weight.tolist()
        if self.spans is not None:
            record["spans"] = [list(span) for span in self.spans]
        if self.unders:
            record["unders"] = [list(span) for span in self.unders]
        return record

    @classmethod
    def from_record(cls, record: Json) -> Mends:
        """Read what `record` wrote. Raises ValueError, TypeError or KeyError."""
        placements = [_placement(each) for each in record.get("placements", ())]
        if "placement" in record:  # as it was written before there were meshes
            placements.append(Placement(matrix_from(record["placement"]), bool(record.get("scaled", True))))
        if len(placements) > MOST_PLACEMENTS:
            raise ValueError("a line was placed too often")
        spans = record.get("spans")
        if spans is not None:
            spans = _spans(spans)
        return cls(
            _curve(record.get("shift"), 3, -FARTHEST_PX, FARTHEST_PX), tuple(placements),
            _curve(record.get("weight"), 2, 0.0, MOST_WEIGHT), spans, _spans(record.get("unders", ())),
        )  # fmt: skip


NONE = Mends()


def _longest_step(line: NDArray[np.floating[Any]]) -> float:
    return float(np.hypot(*np.diff(line[:, :2], axis=0).T).max(initial=0.0))


def _refined(columns: Columns, pieces: Pieces, step_px: float) -> tuple[Columns, Pieces]:
    """The same line in steps of at most `step_px`, also where it was pulled longer."""
    parts, found, count = [], [], 0
    for start, stop in pieces:
        part = columns[start:stop]
        if _longest_step(part) > step_px * SLACK:
            part = catmull_rom(part, step_px)
            part[:, 2] = np.maximum(part[:, 2], 0.0)
        parts.append(part)
        found.append((count, count + len(part)))
        count += len(part)
    return np.concatenate(parts), tuple(found)


def _kept_of(columns: Columns, pieces: Pieces, spans: Sequence[Span]) -> Ribbon:
    """Those times of a line, each a piece of its own, with its ends just there."""
    parts: list[Columns] = []
    kept: list[tuple[int, int]] = []
    count = 0
    for start, stop in pieces:
        times = np.maximum.accumulate(columns[start:stop, 4])
        for first, last in spans:
            low, high = max(first, times[0]), min(last, times[-1])
            if high < low:
                continue
            at = np.concatenate([[low], times[(times > low) & (times < high)], [high] if high > low else []])
            part = np.column_stack([np.interp(at, times, column) for column in columns[start:stop].T])
            parts.append(part)
            kept.append((count, count + len(part)))
            count += len(part)
    return _ribbon(np.concatenate(parts) if parts else np.zeros((0, 6)), tuple(kept) or ((0, 0),))


def _ribbon(columns: Columns, pieces: Pieces) -> Ribbon:
    """Of x, y, radius, ink, time, length: the texture stays where it was before anything was mended."""
    ink = np.minimum(np.maximum(columns[:, 3] + 0.5, 0), 255).astype(np.uint8)
    return Ribbon(columns[:, :3].astype(np.float32), ink, columns[:, 4].copy(), pieces).measured(columns[:, 5].copy())


def _placement(record: Json) -> Placement:
    scaled = bool(record.get("scaled", True))
    if "mesh" not in record:
        return Placement(matrix_from(record["matrix"]), scaled)
    return Placement(mesh_from(record["mesh"]), scaled)


def mesh_from(record: Json) -> Mesh:
    """Read the record of a mesh. Raises ValueError, TypeError or KeyError."""
    frame = np.array([[number_in(v, -1e9, 1e9) for v in row] for row in record["frame"]])
    rows = record["grid"]
    if not 2 <= len(rows) * len(rows[0]) <= MOST_NODES:
        raise ValueError(f"a mesh has at most {MOST_NODES} nodes")
    grid = np.array([[[number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in node] for node in row] for row in rows])
    if frame.shape != (2, 3) or grid.ndim != 3 or grid.shape[2] != 2 or min(grid.shape[:2]) < 2:
        raise ValueError("a mesh has a frame of two rows, and rows of nodes")
    if abs(np.linalg.det(frame[:, :2])) < 1e-15:
        raise ValueError("the frame of a mesh is flat")
    return Mesh(frame, grid)


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


def _spans(value: Any) -> tuple[Span, ...]:
    return tuple((_time(a), _time(b)) for a, b in value)


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
