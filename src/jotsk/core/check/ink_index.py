"""All lines of a page in one index: which lie near a place or near each other, and which are hatching."""

from __future__ import annotations

from collections import Counter
from itertools import pairwise
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.beside_kernel import (
    Grid,
    apart,
    beside_alike,
    grid_of,
    open_px,
    places_around,
    places_beside,
)
from jotsk.core.geometry import Rect
from jotsk.core.marks import Stroke
from jotsk.core.mend.join import End, ends_of
from jotsk.core.mend.snip import shown_ink, strokes_near
from jotsk.core.page import InkLayer, Page
from jotsk.core.runtime.computed import computed
from jotsk.core.runtime.giving_way import taking_turns

STRAIGHT = 0.93  # chord by length, of a stroke that may be hatching
PARALLEL_COS, ALIKE = 0.955, 2.2  # of hatching beside it: direction, and how many times as long
NEAREST_WIDTHS, FARTHEST_WIDTHS, FARTHEST_SHARE = 0.3, 12.0, 0.5  # apart, in widths and as a share of the length
FEW = 2  # of such neighbours, and it is hatching
NEARLY_PARALLEL = 0.9
STEP_PX, BEYOND = 6.0, 3  # between the places of a line that are looked at for neighbours; so many more at either end


class Beside(NamedTuple):
    """Pairs of strokes by their numbers (N, 2), the first the smaller, and the stretch of each that may run along the
    other, from a place to before another (N, 4)."""

    numbers: NDArray[np.int64]
    places: NDArray[np.int64]


def lie_in(xy: NDArray[np.float64], area: Rect, beyond: NDArray[np.float64] | float = 0.0) -> NDArray[np.bool_]:
    """Which places (N, 2) lie in an area, or at most so far beyond it."""
    (x, y), (x0, y0, x1, y1) = xy.T, area
    return np.asarray((x >= x0 - beyond) & (x < x1 + beyond) & (y >= y0 - beyond) & (y < y1 + beyond))


def _median(values: NDArray[np.float64]) -> float:
    """The upper median; 0 of nothing."""
    k = len(values) // 2
    return float(np.partition(values, k)[k]) if len(values) else 0.0


class InkIndex:
    """The strokes of all shown ink layers, or those that can have ink in `area`, in the order of their layers."""

    def __init__(self, page: Page, area: Rect | None = None) -> None:
        self.strokes: list[Stroke] = []
        self.layers: list[InkLayer] = []  # of each stroke
        for layer in shown_ink(page):
            near = strokes_near(layer, page.bounds if area is None else area)
            self.strokes += near
            self.layers += [layer] * len(near)
        lengths = [len(stroke.own_ribbon.points) for stroke in taking_turns(self.strokes)]
        self.starts = np.concatenate([[0], np.cumsum(lengths)]).astype(np.int64)
        points = [stroke.own_ribbon.points for stroke in self.strokes]
        whole = np.concatenate(points) if points else np.zeros((0, 3), np.float32)
        self.xy, self.radii = whole[:, :2].astype(np.float64), whole[:, 2].astype(np.float64)
        self.owners = np.repeat(np.arange(len(self.strokes)), lengths)
        self.thickest = float(self.radii.max(initial=0.0))
        self._ends: dict[int, list[End]] = {}

    def get_ready(self) -> None:
        """Work out what all checks ask for."""
        _ = self.grid, self.tips, self.widths, self.hatching, self.boxes

    @computed
    def grid(self) -> Grid:
        """All places, to find those around one."""
        return grid_of(self.xy, 2 * STEP_PX + 2 * self.usual_radius)

    @computed
    def boxes(self) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        """The middles of the boxes around all strokes (N, 2), and half their sizes (N, 2)."""
        boxes = np.array([stroke.own_ribbon.bounds for stroke in self.strokes], np.float64).reshape(-1, 4)
        return (boxes[:, :2] + boxes[:, 2:]) / 2, (boxes[:, 2:] - boxes[:, :2]) / 2

    @computed
    def usual_radius(self) -> float:
        """That most places do not exceed."""
        return float(np.percentile(self.radii, 75)) if len(self.radii) else 1.0

    @computed
    def widths(self) -> NDArray[np.float64]:
        """The median width of each stroke, px."""
        return np.array([2 * _median(self.radii[a:b]) for a, b in pairwise(taking_turns(self.starts.tolist()))])

    def around(self, at: NDArray[np.float64], reach: float) -> NDArray[np.int64]:
        """The places within reach of one."""
        return places_around(self.grid, self.xy, float(at[0]), float(at[1]), float(reach))

    def open_px(self, most: float) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        """From each of the tips to what is nearest, edge to edge, at places of other strokes; and to what it may meet:
        other strokes but hatching, and the other tips of its own. `inf` beyond `most`, and for tips of hatching."""
        return open_px(self.grid, self.xy, self.radii, self.owners, self.tips[1], self.hatching, most, self.thickest)

    def ends(self, number: int) -> list[End]:
        """Both ends of a stroke, worked out once."""
        known = self._ends.get(number)
        if known is None:
            known = self._ends[number] = ends_of(self.strokes[number])
        return known

    def end_at(self, place: int) -> End | None:
        """The end whose tip a place is."""
        found = self._which.get(place)
        return None if found is None else self.ends(found[0])[found[1]]

    @computed
    def _which(self) -> dict[int, tuple[int, int]]:
        """By the place of a tip: its stroke, and which of its ends it is."""
        found: dict[int, tuple[int, int]] = {}
        count: Counter[int] = Counter()
        for owner, tip in zip(*(each.tolist() for each in self.tips), strict=True):
            found[tip] = owner, count[owner]
            count[owner] += 1
        return found

    @computed
    def broken(self) -> NDArray[np.bool_]:
        """Which strokes are dashes or motifs, and so are meant to be open."""
        return np.array([bool(s.pen.dash) or s.pen.motif != "none" for s in self.strokes], np.bool_)

    @computed
    def tips(self) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
        """Of every end: the number of its stroke, and its place among all places; in the order of `ends`. Broken lines
        are left out."""
        owners, places = [], []
        for number, stroke in enumerate(taking_turns(self.strokes)):
            if self.broken[number]:
                continue
            for start, stop in stroke.own_ribbon.pieces:
                if stop - start >= 2:
                    owners += [number, number]
                    places += [self.starts[number] + start, self.starts[number] + stop - 1]
        return np.array(owners, np.int64), np.array(places, np.int64)

    def pairs_beside(self, gap_px: float, run_widths: float, run_gaps: float) -> Beside:
        """The strokes that may run within a gap of each other, edge to edge, for so many of their widths and of the
        gap."""
        nothing = Beside(np.zeros((0, 2), np.int64), np.zeros((0, 4), np.int64))
        if len(self.strokes) < 2:
            return nothing
        kept, ways = apart(self.xy, self.starts, STEP_PX)
        xy, radii, owners = self.xy[kept], self.radii[kept], self.owners[kept]
        grid = grid_of(xy, gap_px + STEP_PX + 2 * self.usual_radius)
        near = places_beside(grid, xy, radii, ways, owners, gap_px + STEP_PX, NEARLY_PARALLEL)
        if not len(near):
            return nothing
        codes = owners[near[:, 0]] * len(self.strokes) + owners[near[:, 1]]
        order = np.argsort(codes, kind="stable")
        codes, near = codes[order], near[order]
        firsts = np.flatnonzero(np.diff(codes, prepend=-1))
        low, high = np.minimum.reduceat(near, firsts), np.maximum.reduceat(near, firsts)
        bounds = np.searchsorted(owners, np.arange(len(self.strokes) + 1))
        numbers = np.column_stack(np.divmod(codes[firsts], len(self.strokes)))
        long = np.hypot(*(xy[high[:, 0]] - xy[low[:, 0]]).T) + 4 * STEP_PX
        some = long >= np.maximum(run_widths * self.widths[numbers].min(axis=1), run_gaps * gap_px) / 2
        low = np.maximum(low - BEYOND, bounds[numbers])[some]
        high = np.minimum(high + BEYOND, bounds[numbers + 1] - 1)[some]
        places = np.stack([kept[low], kept[high] + 1], axis=2).reshape(-1, 4)
        return Beside(numbers[some], places)

    @computed
    def hatching(self) -> NDArray[np.bool_]:
        """Which strokes are hatching: nearly straight, and beside at least two that run their way and are about as
        long."""
        out = np.zeros(len(self.strokes), np.bool_)
        owners = np.flatnonzero(np.diff(self.starts))
        if len(owners) < FEW + 1:
            return out
        first, last = self.xy[self.starts[owners]], self.xy[self.starts[owners + 1] - 1]
        steps = np.hypot(*np.diff(self.xy, axis=0, append=self.xy[-1:]).T)
        steps[self.starts[owners + 1] - 1] = 0.0  # from one stroke to the next
        chord, long = np.hypot(*(last - first).T), np.add.reduceat(steps, self.starts[owners])
        is_straight = (chord >= STRAIGHT * long) & (long > 3 * self.widths[owners])
        some = np.flatnonzero(is_straight)
        middles = (first + last) / 2
        some = some[np.argsort(middles[some, 0])]
        ways = (last - first)[some] / chord[some, None]
        beside = beside_alike(
            middles[some], ways, long[some], self.widths[owners[some]],
            PARALLEL_COS, ALIKE, NEAREST_WIDTHS, FARTHEST_WIDTHS, FARTHEST_SHARE, FEW,
        )  # fmt: skip
        out[owners[some]] = beside
        return out
