"""How heavy lines are: the outside ones against the inside ones, as a picture, and how much line is of each weight."""

from __future__ import annotations

import math
from collections import Counter
from collections.abc import Callable, Collection
from functools import partial
from itertools import pairwise
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from jotsk.core.check.finding import ENOUGH, USUAL, Finding
from jotsk.core.check.ink_index import InkIndex
from jotsk.core.check.sides import Side, least_side_px, sides_of
from jotsk.core.fill.clear import clear_px
from jotsk.core.fill.regions import distance_of, halved, halvings
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.marks import Stroke
from jotsk.core.marks.area import Pour
from jotsk.core.mend.brush import heavier
from jotsk.core.mend.snip import shown_ink, strokes_of
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced
from jotsk.core.runtime.giving_way import giving_way
from jotsk.core.words import tr

MOST_PX = 6_000_000
MOSTLY, AROUND_SHARE = 0.8, 0.6  # of the lines outside; of the page, that frames lie around
GROUND_SHARE, PLACES = 0.4, 100  # of a side of a frame, along which the ground lies; where it is looked at


class Silhouette(NamedTuple):
    """The outside strokes of a layer, how thick they are, and how thick the inside ones are: medians, px."""

    strokes: tuple[Stroke, ...]
    thick_px: float
    thin_px: float

    @property
    def times(self) -> float:
        """As thick as the inside lines."""
        return self.thick_px / max(1e-6, self.thin_px)


def silhouette_of(page: Page, layer: InkLayer) -> Silhouette | None:
    """None if a layer has no outside, or next to nothing inside."""
    outer, inner = outside_and_inside(page, layer)
    if len(outer) < 1 or len(inner) < 3:
        return None
    thick, thin = (float(np.median([_width(stroke) for stroke in strokes])) for strokes in (outer, inner))
    return Silhouette(tuple(outer), thick, thin)


def with_silhouette(page: Page, uid: int, silhouette: Silhouette, times: float) -> Page:
    """The outside strokes of a layer made so many times as thick as the inside ones, each as much as the others, from
    what they were when its outline was found. Those that are gone since are left out."""
    by = times / max(1e-6, silhouette.times)
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer):
        return page
    were = {stroke.uid: stroke for stroke in silhouette.strokes}
    strokes = [stroke for stroke in strokes_of(layer) if stroke.uid in were]
    return with_all_replaced(page, uid, [(stroke, heavier(were[stroke.uid], by)) for stroke in strokes])


def weights(page: Page, ratio: float = USUAL.outside, *, index: InkIndex | None = None) -> list[Finding]:
    """Layers whose outside lines are not `ratio` times as thick as the inside ones: nothing stands out. Layers of
    hatching have no outside."""
    index = index or InkIndex(page)
    found = []
    for layer in shown_ink(page):
        silhouette = silhouette_of(page, layer)
        if silhouette is None or silhouette.times >= ratio * ENOUGH or _are_hatching(silhouette.strokes, index):
            continue
        points = min(silhouette.strokes, key=_width).own_ribbon.points
        at = (float(points[len(points) // 2, 0]), float(points[len(points) // 2, 1]))
        words = tr(
            "The outside is {times:.1f} times as thick as the inside; {ratio:g} times stands out.",
            times=silhouette.times,
            ratio=ratio,
        )
        mend = partial(with_silhouette, uid=layer.uid, silhouette=silhouette, times=ratio)
        found.append(
            Finding("weight", at, silhouette.thick_px, layer.name, words, ratio - silhouette.times, mend, layer.uid)
        )
    return found


def _are_hatching(strokes: Collection[Stroke], index: InkIndex) -> bool:
    """Whether most of some strokes are hatching."""
    hatching = {stroke.uid for stroke, is_hatching in zip(index.strokes, index.hatching, strict=True) if is_hatching}
    return 2 * sum(stroke.uid in hatching for stroke in strokes) > len(strokes)


def outside_and_inside(page: Page, layer: InkLayer) -> tuple[list[Stroke], list[Stroke]]:
    """The strokes of a layer that border what lies outside of its figures, and those that lie inside. Where nothing but
    the frames of panels borders the outside, it goes on inside of them, and frames are neither."""
    strokes = [stroke for stroke in strokes_of(layer) if len(stroke.own_ribbon.points) > 3]
    if len(strokes) < 4:
        return [], []
    regions = _regions(page, layer)
    outside = regions.labels == regions.outside
    outer, inner = _parted(strokes, regions, outside)
    frames = _frames(page, outer)
    if frames:
        grounds = _grounds(regions, frames)
        known = {stroke.uid for stroke, _ in frames}
        figures = [stroke for stroke in strokes if stroke.uid not in known]
        outer, inner = _parted(figures, regions, outside | np.isin(regions.labels, grounds))
    return outer, inner


class _Regions(NamedTuple):
    """The regions of a layer between its lines, gaps closed, `k` px of the page to one; the number of that outside of
    all lines; and how far they end from the lines, px of theirs."""

    labels: NDArray[np.int32]
    outside: int
    k: int
    gap: float


def _regions(page: Page, layer: InkLayer) -> _Regions:
    times = halvings(page.width * page.height, MOST_PX)
    free, k = halved(clear_px(page, Pour((0.0, 0.0), "layer", layer.uid), page.bounds), times), 1 << times
    gap = max(2.0, 8.0 / k)
    _, labels = cv2.connectedComponents((distance_of(free) > gap).view(np.uint8), connectivity=4, ltype=cv2.CV_32S)
    rims = np.unique(np.concatenate([labels[0], labels[-1], labels[:, 0], labels[:, -1]]))
    rims = rims[rims > 0]
    first = int(rims[0]) if len(rims) else -1
    labels[np.isin(labels, rims[1:])] = first
    return _Regions(labels, first, k, gap)


def _parted(strokes: list[Stroke], regions: _Regions, outside: NDArray[np.bool_]) -> tuple[list[Stroke], list[Stroke]]:
    """The strokes that border what is outside along most of their length, and the others."""
    if not strokes:
        return [], []
    away = cv2.distanceTransform((~outside).view(np.uint8), cv2.DIST_L2, 5)
    lengths = [len(stroke.own_ribbon.points) for stroke in strokes]
    points = np.concatenate([stroke.own_ribbon.points for stroke in strokes])
    near = away[_cells(points, regions)] <= points[:, 2] / regions.k + regions.gap + 2.0
    shares = np.add.reduceat(near, np.cumsum([0, *lengths[:-1]]), dtype=np.int64) / lengths
    outer = [stroke for stroke, share in zip(strokes, shares.tolist(), strict=True) if share > 0.5]
    inner = [stroke for stroke, share in zip(strokes, shares.tolist(), strict=True) if share <= 0.5]
    return outer, inner


def _cells(places: NDArray[np.floating[Any]], regions: _Regions) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """The rows and columns of places (N, 2 or more) of the page."""
    x = np.clip(places[:, 0] / regions.k, 0, regions.labels.shape[1] - 1)
    y = np.clip(places[:, 1] / regions.k, 0, regions.labels.shape[0] - 1)
    return y.astype(np.int64), x.astype(np.int64)


def _frames(page: Page, outer: list[Stroke]) -> list[tuple[Stroke, list[Side]]]:
    """The frames of panels, with their sides: outside strokes of long straight parts, if next to nothing else is
    outside and they lie around most of the page."""
    least = least_side_px(page)
    found = []
    for stroke in outer:
        sides = list(sides_of(stroke, least))
        if sum(math.dist(side.a, side.b) for side in sides) >= MOSTLY * stroke.own_ribbon.length_px:
            found.append((stroke, sides))
    long = sum(stroke.own_ribbon.length_px for stroke, _ in found)
    if not found or long < MOSTLY * sum(stroke.own_ribbon.length_px for stroke in outer):
        return []
    around = EMPTY
    for stroke, _ in found:
        around |= stroke.own_ribbon.bounds
    is_around = around.width >= AROUND_SHARE * page.width and around.height >= AROUND_SHARE * page.height
    return found if is_around else []


def _grounds(regions: _Regions, frames: list[tuple[Stroke, list[Side]]]) -> list[int]:
    """The regions that lie along two sides of a frame or more: the ground that figures in a panel stand out from. A
    figure that is cut off by the frame lies along one."""
    counts: Counter[int] = Counter()
    for side in (side for _, sides in frames for side in sides):
        way = (side.b - side.a) / math.dist(side.a, side.b)
        across = np.array((-way[1], way[0])) * (side.radius + (regions.gap + 3.0) * regions.k)
        along = side.a + np.linspace(0.02, 0.98, PLACES)[:, None] * (side.b - side.a)
        for places in (along + across, along - across):
            labels, found = np.unique(regions.labels[_cells(places, regions)], return_counts=True)
            counts.update(
                labels[(labels > 0) & (labels != regions.outside) & (found >= GROUND_SHARE * PLACES)].tolist()
            )
    return [label for label, count in counts.items() if count >= 2]


def _width(stroke: Stroke) -> float:
    return 2.0 * stroke.own_ribbon.median_radius


def width_picture(
    page: Page, most_px: int = 900, report: Callable[[float], None] = lambda _: None
) -> NDArray[np.uint8]:
    """The page as a heat picture of line weight, (H, W, 3) RGB: thin lines blue, thick ones red, on white."""
    scale = min(1.0, most_px / max(page.width, page.height))
    h, w = max(1, round(page.height * scale)), max(1, round(page.width * scale))
    heat = np.zeros((h, w), np.float32)
    layers = shown_ink(page)
    for number, layer in enumerate(layers):
        strokes = strokes_of(layer)
        for k, stroke in enumerate(giving_way(strokes)):
            report((number + k / len(strokes)) / len(layers))
            for start, stop in stroke.ribbon.pieces:
                p = stroke.ribbon.points[start:stop]
                places = np.rint(p[:, :2] * scale).astype(int)
                moves = np.flatnonzero((places[1:] != places[:-1]).any(1)) + 1  # most lie on the px of the one before
                for k, (a, b) in enumerate(pairwise(places[[0, *moves]].tolist())):
                    width = 2 * float(p[moves[k], 2])
                    cv2.line(heat, a, b, (width,), max(1, round(width * scale)))
    values = heat[heat > 0]
    top = float(np.percentile(values, 98)) if len(values) else 1.0
    share = np.clip(heat / max(1e-6, top), 0, 1)
    colors = cv2.applyColorMap((share * 255).astype(np.uint8), cv2.COLORMAP_TURBO)[..., ::-1].copy()
    colors[heat <= 0] = 255
    return np.asarray(colors, np.uint8)


def widths_by_length(layers: Collection[InkLayer], bins: int = 40) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """(bins + 1,) full widths, px, and the length of all lines of some layers between each two of them, (bins,) px."""
    widths, lengths = [np.zeros(0)], [np.zeros(0)]
    for layer in layers:
        for stroke in strokes_of(layer):
            for start, stop in stroke.ribbon.pieces:
                p = stroke.ribbon.points[start:stop].astype(np.float64)
                if len(p) > 1:
                    widths.append(p[:-1, 2] + p[1:, 2])
                    lengths.append(np.hypot(*np.diff(p[:, :2], axis=0).T))
    every, long = np.concatenate(widths), np.concatenate(lengths)
    top = float(np.percentile(every, 99.5)) if len(every) else 1.0
    counts, edges = np.histogram(every, bins=bins, range=(0.0, max(1e-6, top)), weights=long)
    return np.asarray(edges, np.float64), np.asarray(counts, np.float64)
