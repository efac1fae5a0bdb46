"""Areas: how one was found, what fills it, and its px, kept as runs."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence, Set
from dataclasses import dataclass, field, replace
from typing import Any, ClassVar

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.geometry.polygon_kernel import inside
from jotsk.core.guides.symmetry import Map, after, inverse
from jotsk.core.ink.blend_kernel import scale_alpha_into
from jotsk.core.ink.color import Color
from jotsk.core.ink.mask_kernel import stretches_of
from jotsk.core.ink.painting import Key
from jotsk.core.ink.pens import Pen
from jotsk.core.ink.ribbon import TILE
from jotsk.core.json_text import beyond, number_in, with_unknown
from jotsk.core.marks.cut import AnyCut, cut_from
from jotsk.core.marks.fills import Fill, Flat, fill_from
from jotsk.core.marks.mark import Mark
from jotsk.core.marks.record import UID_BITS, Json, Numbers, PenTable, Store, new_uid
from jotsk.core.marks.runs import (
    MOST_SOFTENED_PX,
    Runs,
    bounds_of,
    coverage_of,
    moved_runs,
    reach_of,
    runs_from_steps,
    steps_of,
)
from jotsk.core.runtime.computed import computed

LOOKS = ("ink", "layer", "all")
PLACES = (0.125, 0.375, 0.625, 0.875)  # of a run, looked at to tell how much of it lies in something
FARTHEST_PX = 1e6


@dataclass(frozen=True)
class Pour:
    """The rule of an area that was poured: from where, what it looked at (the ink, one layer by its uid, or all), how
    wide a gap is closed, how far it goes under lines (None: to their middle) and how unlike its seed a px may be, in
    hundredths of OKLab's lightness."""

    at: tuple[float, float]
    look: str = "ink"
    layer: int = 0
    gap_px: float = 6.0
    grow_px: float | None = None
    tolerance: float = 10.0

    def moved(self, m: NDArray[np.float64]) -> Pour:
        k = float(np.sqrt(abs(np.linalg.det(m[:, :2]))))
        x, y = m[:, :2] @ np.array(self.at) + m[:, 2]
        grow = None if self.grow_px is None else self.grow_px * k
        return replace(self, at=(float(x), float(y)), gap_px=self.gap_px * k, grow_px=grow)

    def record(self) -> dict[str, Any]:
        return {
            "at": list(self.at), "look": self.look, "layer": self.layer, "gap_px": self.gap_px, "grow_px": self.grow_px,
            "tolerance": self.tolerance,
        }  # fmt: skip


@dataclass(frozen=True, eq=False)
class Area:
    """`runs` are its px; while it has a `rule` it follows the lines it was found between, and is `lost` if it is not
    found there any more. `soft` evens its edge over a px, `soften_px` softens it by a Gaussian of that deviation."""

    runs: Runs
    color: Color
    rule: Pour | None = None
    fill: Fill = field(default_factory=Flat)
    soft: bool = True
    lost: bool = False
    cuts: tuple[AnyCut, ...] = ()
    atop: bool = False
    copies: tuple[Map, ...] = ()
    unknown: str = ""
    uid: int = field(default_factory=new_uid)
    soften_px: float = 0.0

    kind: ClassVar[str] = "area"

    @computed
    def bounds(self) -> Rect:
        own = bounds_of(self.runs)
        for m in self.copies:
            corners = np.array([(x, y) for x in (own.x0, own.x1) for y in (own.y0, own.y1)]) @ m[:, :2].T + m[:, 2]
            low, high = np.floor(corners.min(axis=0)), np.ceil(corners.max(axis=0))
            own |= Rect(int(low[0]), int(low[1]), int(high[0]), int(high[1]))
        return own.grown(self._reach) if own else own

    @property
    def follows_lines(self) -> bool:
        return self.rule is not None

    @property
    def _reach(self) -> int:
        return reach_of(self.soft, self.soften_px)

    @property
    def reach(self) -> Rect:
        return self.bounds

    @property
    def nbytes(self) -> int:
        return self.runs.nbytes + sum(cut.nbytes for cut in self.cuts)

    @computed
    def _all_runs(self) -> Runs:
        """With those of its copies."""
        if not self.copies:
            return self.runs
        whole = np.concatenate([self.runs, *(moved_runs(self.runs, m) for m in self.copies)])
        return np.ascontiguousarray(whole[np.argsort(whole[:, 0], kind="stable")])

    @computed
    def cells(self) -> frozenset[Key]:
        cells = set[Key]()
        for row, first, last in set(map(tuple, stretches_of(self._all_runs, self._reach, TILE).tolist())):
            cells.update((column, row) for column in range(first, last + 1))
        return frozenset(cells)

    def cells_on(self, page: Rect) -> list[Key]:
        low, high = (page.x0 // TILE, page.y0 // TILE), ((page.x1 - 1) // TILE, (page.y1 - 1) // TILE)
        return [(c, r) for c, r in self.cells if low[0] <= c <= high[0] and low[1] <= r <= high[1]]

    def cells_unlike(self, other: Mark, page: Rect) -> set[Key]:
        keys = {*self.cells_on(page), *other.cells_on(page)}
        if not isinstance(other, Area) or any(
            getattr(self, name) != getattr(other, name)
            for name in ("color", "fill", "soft", "soften_px", "atop", "cuts", "copies")
        ):
            return keys
        return {key for key in keys if not np.array_equal(self._runs_of(key), other._runs_of(key))}

    def _runs_of(self, key: Key) -> Runs:
        runs, x, y, pad = self._all_runs, key[0] * TILE, key[1] * TILE, max(1, self._reach)
        rows = runs[np.searchsorted(runs[:, 0], y - pad) : np.searchsorted(runs[:, 0], y + TILE + pad)]
        return rows[(rows[:, 2] > x - pad) & (rows[:, 1] < x + TILE + pad)]

    def coverage(self, key: Key) -> NDArray[np.uint8]:
        """How much of each px of a tile it covers, (128, 128)."""
        return coverage_of(self._all_runs, key, self.soft, self.soften_px)

    def alphas(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        is_small = not isinstance(keys, Set | Mapping) or len(keys) < len(self.cells)
        touched = [key for key in keys if key in self.cells] if is_small else [k for k in self.cells if k in keys]
        alphas = {key: self.fill.alpha(self.coverage(key), key) for key in touched}
        for cut in self.cuts:
            for key, gone in cut.alphas(touched).items():
                scale_alpha_into(alphas[key], gone)
        return alphas

    def pixels(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint32]]:
        """Its premultiplied px on tiles, if they have more than one colour."""
        if isinstance(self.fill, Flat):
            return {}
        found = {key: self.fill.pixels(alpha, key) for key, alpha in self.alphas(keys).items()}
        return {key: pixels for key, pixels in found.items() if pixels is not None}

    def hides(self, keys: Collection[Key]) -> dict[Key, NDArray[np.uint8]]:
        return {}

    def found_again(self, runs: Runs | None) -> Area:
        """The same area with the px it has now; lost, with those it had, if there are none."""
        if runs is None:
            return self if self.lost else replace(self, lost=True)
        if not self.lost and np.array_equal(runs, self.runs):
            return self
        return replace(self, runs=runs, lost=False)

    def frozen(self) -> Area:
        """As it is now, whatever becomes of the lines."""
        return replace(self, rule=None, lost=False)

    def as_another(self) -> Area:
        return replace(self, uid=new_uid())

    def as_atop(self) -> Area:
        return self if self.atop else replace(self, atop=True)

    def with_cut(self, cut: AnyCut) -> Area:
        return replace(self, cuts=(*self.cuts, cut))

    def mapped(self, k: float, dx: float, dy: float) -> Area:
        m, there = np.array([[k, 0.0, dx], [0.0, k, dy]]), inverse(np.array([[k, 0.0, dx], [0.0, k, dy]]))
        copies = tuple(after(m, after(copy, there)) for copy in self.copies)
        cuts = tuple(cut.mapped(k, dx, dy) for cut in self.cuts)
        return replace(self._moved(m), copies=copies, cuts=cuts)

    def turned_over(self, m: Map) -> Area:
        copies = tuple(after(m, after(copy, inverse(m))) for copy in self.copies)
        return replace(self._moved(m), copies=copies, cuts=tuple(cut.turned_over(m) for cut in self.cuts))

    def _moved(self, m: NDArray[np.float64]) -> Area:
        rule = self.rule.moved(m) if self.rule else None
        soften = self.soften_px * float(np.sqrt(abs(np.linalg.det(m[:, :2]))))
        return replace(self, runs=moved_runs(self.runs, m), rule=rule, fill=self.fill.moved(m), soften_px=soften)

    def parted(self) -> list[Area]:
        alone = replace(self, copies=())
        return [alone, *(replace(alone._moved(m), uid=new_uid()) for m in self.copies)]

    def gap_to(self, x: float, y: float) -> float:
        runs = self._all_runs
        if not len(runs):
            return float("inf")
        away = np.hypot(
            np.maximum(np.maximum(runs[:, 1] - x, x - runs[:, 2]), 0),
            np.maximum(np.maximum(runs[:, 0] - y, y - runs[:, 0] - 1), 0),
        )
        return float(away.min())

    def share_inside(self, polygon: NDArray[np.float64]) -> float:
        runs = self.runs[:: max(1, len(self.runs) // 400)]
        if not len(runs):
            return 0.0
        widths = (runs[:, 2] - runs[:, 1]).astype(np.float64)
        shares = [inside(np.column_stack([runs[:, 1] + share * widths, runs[:, 0] + 0.5]), polygon) for share in PLACES]
        return float((np.mean(shares, axis=0) * widths).sum() / widths.sum())

    def forget_computed(self, *, shape: bool = False) -> None:
        for name in ("_all_runs", "cells"):
            self.__dict__.pop(name, None)

    def record(self, store: Store, pens: PenTable) -> dict[str, Any]:
        record = {
            "kind": self.kind, "uid": self.uid, "color": list(self.color), "runs": store(steps_of(self.runs)),
            "rule": self.rule.record() if self.rule else None, "fill": self.fill.record(), "soft": self.soft,
            "lost": self.lost, "atop": self.atop, "copies": [m.ravel().tolist() for m in self.copies],
            "cuts": [cut.record(store) for cut in self.cuts],
        }  # fmt: skip
        if self.soften_px:
            record["soften_px"] = self.soften_px
        return with_unknown(record, self.unknown)

    @classmethod
    def from_record(cls, record: Json, pens: Sequence[Pen], numbers: Numbers) -> Area:
        runs = runs_from_steps(numbers.taken(record["runs"], 3))
        rule = record.get("rule")
        r, g, b = (int(number_in(v, 0, 255)) for v in record["color"])
        return cls(
            runs, (r, g, b), _rule_from(rule) if rule else None, fill_from(record.get("fill", {})),
            bool(record.get("soft", True)), bool(record.get("lost")),
            tuple(cut_from(cut, numbers) for cut in record.get("cuts", ())), bool(record.get("atop")),
            tuple(np.array(m, np.float64).reshape(2, 3) for m in record.get("copies", ())), beyond(record, _KNOWN),
            int(number_in(record["uid"], 1, 1 << UID_BITS)), number_in(record.get("soften_px", 0), 0, MOST_SOFTENED_PX),
        )  # fmt: skip


_KNOWN = frozenset(
    {"kind", "uid", "color", "runs", "rule", "fill", "soft", "soften_px", "lost", "atop", "copies", "cuts"}
)  # fmt: skip


def _rule_from(record: Json) -> Pour:
    x, y = (number_in(v, -FARTHEST_PX, FARTHEST_PX) for v in record["at"])
    look, grow = str(record.get("look", "ink")), record.get("grow_px")
    if look not in LOOKS:
        raise ValueError(f"an area looks at one of {', '.join(LOOKS)}")
    return Pour(
        (x, y), look, int(number_in(record.get("layer", 0), 0, 1 << UID_BITS)),
        number_in(record.get("gap_px", 6), 0, 1e4), None if grow is None else number_in(grow, 0, 1e4),
        number_in(record.get("tolerance", 10), 0, 100),
    )  # fmt: skip
