"""Cuts: what was rubbed out of a mark, along a line or inside an outline."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink.outline_kernel import fill_outline
from jotsk.core.ink.painting import Key, shelled_tiles
from jotsk.core.ink.ribbon import TILE, Ribbon
from jotsk.core.json_text import beyond, number_in, with_unknown
from jotsk.core.marks.record import UID_BITS, Json, Numbers, Store
from jotsk.core.marks.runs import MOST_SOFTENED_PX, blurred_within, reach_of


@dataclass(frozen=True, eq=False)
class Cut:
    """An erasure: the ribbon of the eraser, in page px, belonging to one mark; or, where that goes `under` another, the
    room it leaves for it.

    `unknown` is JSON of what its file says beyond that; so it is for marks.
    """

    ribbon: Ribbon
    shells: tuple[tuple[float, float], ...] = ((1.0, 1.0),)
    unknown: str = ""
    under: int = 0  # uid of that mark; 0: it was rubbed out

    @property
    def bounds(self) -> Rect:
        return self.ribbon.bounds

    @property
    def nbytes(self) -> int:
        return self.ribbon.nbytes

    def cells_on(self, page: Rect) -> list[Key]:
        """(column, row) of the tiles inside `page` that it can touch."""
        return cells_on(self.ribbon, page)

    def mapped(self, k: float, dx: float, dy: float) -> Cut:
        """The same erasure on a page whose content is k times as large and moved."""
        points = (self.ribbon.points * k + np.array([dx, dy, 0.0])).astype(np.float32)
        ribbon = Ribbon(points, self.ribbon.ink.copy(), self.ribbon.times.copy(), self.ribbon.pieces)
        return replace(self, ribbon=ribbon)

    def turned_over(self, m: NDArray[np.float64]) -> Cut:
        """The same erasure, turned or reflected by the isometry `m`, (2, 3)."""
        points = self.ribbon.points.copy()
        points[:, :2] = points[:, :2] @ m[:, :2].T + m[:, 2]
        ribbon = Ribbon(points, self.ribbon.ink.copy(), self.ribbon.times.copy(), self.ribbon.pieces)
        return replace(self, ribbon=ribbon)

    def alphas(self, keys: Iterable[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What is taken away, uint8, on those of the tiles `keys` that the eraser can have touched."""
        touched = [key for key in keys if key in self.ribbon.cells]
        return dict(zip(touched, shelled_tiles(self.shells, self.ribbon, touched), strict=True))

    def record(self, store: Store) -> dict[str, Any]:
        """As it is kept in files; `store` puts an array of numbers down and says where."""
        record = {
            "ribbon": store(np.column_stack([self.ribbon.points, self.ribbon.ink])),
            "pieces": [list(piece) for piece in self.ribbon.pieces],
            "shells": [list(s) for s in self.shells],
        }
        if self.under:
            record["under"] = self.under
        return with_unknown(record, self.unknown)

    @classmethod
    def from_record(cls, record: Json, numbers: Numbers) -> Cut:
        """Read what `record` wrote. Raises one of `BAD_RECORD`."""
        columns = numbers.taken(record["ribbon"], 4)
        pieces = tuple(_piece(piece, len(columns)) for piece in record.get("pieces", ()))  # older files have one
        points, ink = columns[:, :3].astype(np.float32), columns[:, 3].astype(np.uint8)
        ribbon = Ribbon(points, ink, np.zeros(len(columns)), pieces)
        shells = tuple((number_in(r, 0, 1), number_in(k, 0, 1)) for r, k in record.get("shells", [(1, 1)]))
        under = int(number_in(record.get("under", 0), 0, 1 << UID_BITS))
        return cls(ribbon, shells, beyond(record, _KNOWN), under)


_KNOWN = frozenset({"ribbon", "pieces", "shells", "under"})


@dataclass(frozen=True, eq=False)
class AreaCut:
    """An erasure of all that is inside a closed outline: (N, 2) corners, page px, by the even-odd rule; its edge is
    softened by a Gaussian of deviation `soften_px`."""

    outline: NDArray[np.float64]
    unknown: str = ""
    soften_px: float = 0.0

    @property
    def bounds(self) -> Rect:
        return rect_around(self.outline, 1.0 + reach_of(False, self.soften_px))

    @property
    def nbytes(self) -> int:
        return self.outline.nbytes

    def mapped(self, k: float, dx: float, dy: float) -> AreaCut:
        return replace(self, outline=self.outline * k + (dx, dy), soften_px=self.soften_px * k)

    def turned_over(self, m: NDArray[np.float64]) -> AreaCut:
        return replace(self, outline=self.outline @ m[:, :2].T + m[:, 2])

    def cells_on(self, page: Rect) -> list[Key]:
        """(column, row) of the tiles inside `page` that it can touch."""
        area = self.bounds & page
        return [
            (c, r)
            for r in range(area.y0 // TILE, -(-area.y1 // TILE))
            for c in range(area.x0 // TILE, -(-area.x1 // TILE))
        ]

    def alphas(self, keys: Iterable[Key]) -> dict[Key, NDArray[np.uint8]]:
        """What is taken away, uint8, on those of the tiles `keys` that it can touch."""
        alphas, pad, bounds = {}, reach_of(False, self.soften_px), self.bounds
        for c, r in keys:
            if Rect.of_cell((c, r), TILE) & bounds:
                alpha = np.zeros((TILE + 2 * pad, TILE + 2 * pad), np.uint8)
                fill_outline(alpha, self.outline, float(c * TILE - pad), float(r * TILE - pad))
                alphas[c, r] = blurred_within(alpha, pad, self.soften_px) if pad else alpha
        return alphas

    def record(self, store: Store) -> dict[str, Any]:
        record: dict[str, Any] = {"outline": store(self.outline)}
        if self.soften_px:
            record["soften_px"] = self.soften_px
        return with_unknown(record, self.unknown)

    @classmethod
    def from_record(cls, record: Json, numbers: Numbers) -> AreaCut:
        """Read what `record` wrote. Raises one of `BAD_RECORD`."""
        outline = numbers.taken(record["outline"], 2)
        if len(outline) < 3 or not np.isfinite(outline).all() or np.abs(outline).max() > FARTHEST_PX:
            raise ValueError("an outline needs three corners near the page")
        soften = number_in(record.get("soften_px", 0), 0, MOST_SOFTENED_PX)
        return cls(outline.copy(), beyond(record, {"outline", "soften_px"}), soften)


AnyCut = Cut | AreaCut
FARTHEST_PX = 1e6


def cut_from(record: Json, numbers: Numbers) -> AnyCut:
    """Read a cut of either kind. Raises one of `BAD_RECORD`."""
    kind = AreaCut if "outline" in record else Cut
    return kind.from_record(record, numbers)


def _piece(value: Any, count: int) -> tuple[int, int]:
    start, stop = (int(v) for v in value)
    if not 0 <= start < stop <= count:
        raise ValueError("a piece of a line lies outside it")
    return start, stop


def cells_on(ribbon: Ribbon, page: Rect) -> list[Key]:
    """(column, row) of the tiles inside `page` that a ribbon can touch."""
    return [
        (c, r)
        for c, r in ribbon.cells
        if c * TILE < page.x1 and r * TILE < page.y1 and (c + 1) * TILE > page.x0 and (r + 1) * TILE > page.y0
    ]
