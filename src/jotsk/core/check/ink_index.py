"""All lines of a page in one index: which lie near a place or near each other, and which are hatching."""

from __future__ import annotations

import math
from collections import Counter
from itertools import pairwise
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from jotsk.core.geometry import Rect
from jotsk.core.marks import Stroke
from jotsk.core.mend.join import End, ends_of
from jotsk.core.mend.snip import shown_ink, strokes_near
from jotsk.core.page import InkLayer, Page
from jotsk.core.runtime.computed import computed

STRAIGHT = 0.93  # chord by length, of a stroke that may be hatching
PARALLEL_COS, ALIKE = 0.955, 2.2  # of hatching beside it: direction, and how many times as long
NEAREST_WIDTHS, FARTHEST_WIDTHS, FARTHEST_SHARE = 0.3, 12.0, 0.5  # apart, in widths and as a share of the length
FEW = 2  # of such neighbours, and it is hatching
NEARLY_PARALLEL = 0.9
STEP_PX = 6.0  # between the places of a line that are looked at for neighbours


def _ways(xy: NDArray[np.float64]) -> NDArray[np.float64]:
    """The direction of a line at each of its places, of length 1."""
    way = np.gradient(xy, axis=0) if len(xy) > 1 else np.zeros_like(xy)
    return way / np.maximum(np.hypot(*way.T), 1e-9)[:, None]


class Beside(NamedTuple):
    """Two strokes by their numbers, the first the smaller, and the stretch of each that may run along the other."""

    one: int
    two: int
    of_one: slice
    of_two: slice


class InkIndex:
    """The strokes of all shown ink layers, or those that can have ink in `area`, in the order of their layers."""

    def __init__(self, page: Page, area: Rect | None = None) -> None:
        self.strokes: list[Stroke] = []
        self.layers: list[InkLayer] = []  # of each stroke
        for layer in shown_ink(page):
            near = strokes_near(layer, page.bounds if area is None else area)
            self.strokes += near
            self.layers += [layer] * len(near)
        lengths = [len(stroke.own_ribbon.points) for stroke in self.strokes]
        self.starts = np.concatenate([[0], np.cumsum(lengths)]).astype(np.int64)
        points = [stroke.own_ribbon.points for stroke in self.strokes]
        whole = np.concatenate(points) if points else np.zeros((0, 3), np.float32)
        self.xy, self.radii = whole[:, :2].astype(np.float64), whole[:, 2].astype(np.float64)
        self.owners = np.repeat(np.arange(len(self.strokes)), lengths)
        self.thickest = float(self.radii.max(initial=0.0))
        self._ends: dict[int, list[End]] = {}
        self._strides: dict[int, int] = {}

    @computed
    def tree(self) -> Any:
        """A k-d tree of all places: Maneewongvatana and Mount, "It's okay to be skinny, if your friends are fat"
        (1999), as SciPy has it."""
        from scipy.spatial import cKDTree  # here: it takes long to import, and only checks need it

        return cKDTree(self.xy)

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
    def tips(self) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
        """Of every end: the number of its stroke, and its place among all places; in the order of `ends`."""
        owners, places = [], []
        for number, stroke in enumerate(self.strokes):
            for start, stop in stroke.own_ribbon.pieces:
                if stop - start >= 2:
                    owners += [number, number]
                    places += [self.starts[number] + start, self.starts[number] + stop - 1]
        return np.array(owners, np.int64), np.array(places, np.int64)

    def pairs_beside(self, gap_px: float, run_widths: float) -> list[Beside]:
        """The strokes that may run within a gap of each other, edge to edge, for so many of their widths."""
        if len(self.strokes) < 2:
            return []
        from scipy.spatial import cKDTree

        kept = np.concatenate([np.arange(a, b, self._stride(a, b)) for a, b in self._parts()])
        xy, radii, owners = self.xy[kept], self.radii[kept], self.owners[kept]
        ways = np.concatenate([_ways(self.xy[a:b])[:: self._stride(a, b)] for a, b in self._parts()])
        found = []
        thick = radii > np.percentile(radii, 95)
        limit = float(radii[~thick].max(initial=0.0))
        tree = cKDTree(xy)
        close = tree.query_pairs(gap_px + 2 * limit + STEP_PX, output_type="ndarray")
        found.append(close)
        for k in np.flatnonzero(thick):  # few, and each reaches farther
            others = np.array(tree.query_ball_point(xy[k], gap_px + radii[k] + self.thickest + STEP_PX), np.int64)
            found.append(np.column_stack([np.full(len(others), k), others]))
        near = np.concatenate(found)
        far = np.hypot(*(xy[near[:, 0]] - xy[near[:, 1]]).T) - radii[near].sum(axis=1)
        cos = np.abs((ways[near[:, 0]] * ways[near[:, 1]]).sum(axis=1))
        near = near[(far <= gap_px + STEP_PX) & (cos >= NEARLY_PARALLEL) & (owners[near[:, 0]] != owners[near[:, 1]])]
        if not len(near):
            return []
        swaps = owners[near[:, 0]] > owners[near[:, 1]]
        near[swaps] = near[swaps][:, ::-1]
        codes = owners[near[:, 0]] * len(self.strokes) + owners[near[:, 1]]
        order = np.argsort(codes, kind="stable")
        codes, places = codes[order], kept[near[order]]
        firsts = np.flatnonzero(np.diff(codes, prepend=-1))
        low, high = np.minimum.reduceat(places, firsts), np.maximum.reduceat(places, firsts)
        widths = np.array([2 * float(np.median(self.radii[a:b])) if b > a else 0.0 for a, b in pairwise(self.starts)])
        found = []
        for code, lows, highs in zip(codes[firsts].tolist(), low.tolist(), high.tolist(), strict=True):
            one, two = divmod(code, len(self.strokes))
            least = run_widths * max(min(widths[one], widths[two]), gap_px)
            if math.dist(self.xy[lows[0]], self.xy[highs[0]]) + 4 * STEP_PX >= least / 2:
                found.append(
                    Beside(one, two, *(self._stretch(n, a, b) for n, a, b in zip((one, two), lows, highs, strict=True)))
                )
        return found

    def _stretch(self, number: int, low: int, high: int) -> slice:
        """From one place of a stroke to another, and a little beyond, by its own count."""
        start, stop = int(self.starts[number]), int(self.starts[number + 1])
        beyond = 3 * self._stride(start, stop)
        return slice(max(0, low - start - beyond), min(stop, high + beyond + 1) - start)

    def _parts(self) -> list[tuple[int, int]]:
        return [(int(a), int(b)) for a, b in zip(self.starts[:-1], self.starts[1:], strict=True) if b > a]

    def _stride(self, start: int, stop: int) -> int:
        """Every how many places of a stroke are about `STEP_PX` apart."""
        known = self._strides.get(start)
        if known is None:
            steps = np.hypot(*np.diff(self.xy[start:stop], axis=0).T)
            known = max(1, int(STEP_PX / max(0.1, float(np.median(steps)) if len(steps) else STEP_PX)))
            self._strides[start] = known
        return known

    @computed
    def hatching(self) -> NDArray[np.bool_]:
        """Which strokes are hatching: nearly straight, and beside at least two that run their way and are about as
        long."""
        count = len(self.strokes)
        out = np.zeros(count, np.bool_)
        if count < FEW + 1:
            return out
        from scipy.spatial import cKDTree

        parts = self._parts()
        owners = np.array([self.owners[a] for a, _ in parts])
        first, last = (np.array([self.xy[k] for k in ks]) for ks in zip(*((a, b - 1) for a, b in parts), strict=True))
        chord = np.hypot(*(last - first).T)
        long = np.array([float(np.hypot(*np.diff(self.xy[a:b], axis=0).T).sum()) for a, b in parts])
        width = np.array([2 * float(np.median(self.radii[a:b])) for a, b in parts])
        is_straight = (chord >= STRAIGHT * long) & (long > 3 * width)
        some = np.flatnonzero(is_straight)
        if len(some) < FEW + 1:
            return out
        middle, way = (first + last)[some] / 2, (last - first)[some] / chord[some, None]
        tree = cKDTree(middle)
        for k, near in enumerate(tree.query_ball_point(middle, long[some])):
            near = np.array([n for n in near if n != k], np.int64)
            if len(near) < FEW:
                continue
            off = middle[near] - middle[k]
            across = np.abs(off[:, 0] * way[k, 1] - off[:, 1] * way[k, 0])
            own, theirs, thick = long[some[k]], long[some[near]], width[some[k]]
            beside = (
                (np.abs(way[near] @ way[k]) >= PARALLEL_COS) & (theirs < ALIKE * own) & (own < ALIKE * theirs)
                & (across > NEAREST_WIDTHS * thick) & (across < min(FARTHEST_WIDTHS * thick, FARTHEST_SHARE * own))
            )  # fmt: skip
            out[owners[some[k]]] = beside.sum() >= FEW
        return out
