"""What is found on lines and between them: tangents, wobble, stray marks."""

from __future__ import annotations

import weakref
from collections import Counter
from collections.abc import Callable
from functools import partial
from operator import methodcaller
from typing import NamedTuple

import numpy as np

from jotsk.core.check.beside_kernel import all_go_into, all_longest_beside
from jotsk.core.check.finding import USUAL, Finding
from jotsk.core.check.ink_index import InkIndex
from jotsk.core.check.pushing import pushed_off
from jotsk.core.fill.clear import holds_fills
from jotsk.core.geometry import Rect
from jotsk.core.hand import trace_from, wobble_px
from jotsk.core.hand.smoother_kernel import smoothed_away
from jotsk.core.hand.steady_after import lowest_cutoff_hz, penalty
from jotsk.core.hand.wobble import MEANT_STRENGTH
from jotsk.core.marks import Stroke
from jotsk.core.mend.brush import heavier
from jotsk.core.mend.crossings import crossings
from jotsk.core.mend.snip import strokes_of
from jotsk.core.page import InkLayer, Page
from jotsk.core.page.edits.mark_edits import with_all_replaced
from jotsk.core.page.frames import MM_PER_INCH
from jotsk.core.runtime.giving_way import giving_way, taking_turns
from jotsk.core.words import tr

PARALLEL_COS = 0.97
LEAST_RUN_WIDTHS, LEAST_RUN_GAPS = 1.5, 4.0  # of a run: two round forms touch on a short stretch
MOST_BESIDE = 4  # lines that run along one; more, or two of its whole length, are hatching
MOST_SHARE = 0.75  # of a line that runs along another: more is a second try of it, a double line
THINNEST_MM = 0.1  # that prints (common practice)
SPECK_MM = 0.4
WOBBLE_STEP_S = 0.008  # a hand wobbles at 3 to 12 Hz


def tangents(
    page: Page, within_px: float = USUAL.tangent_px, *, index: InkIndex | None = None, area: Rect | None = None
) -> list[Finding]:
    """Lines that touch or run along each other within so many px without crossing; and double lines. Lines that run
    along several others are hatching, and meant so. Only what lies in an `area`, if there is one."""
    index = index or InkIndex(page)
    runs = _runs_along(index, within_px)
    beside = Counter(number for run in runs for number in run.numbers)
    found: list[Finding] = []
    for ((one, two), share, at, gap, length), crosses in zip(runs, _cross(index, runs), strict=True):
        a, b, layer = index.strokes[one], index.strokes[two], index.layers[one]
        most = max(beside[one], beside[two])
        if most > MOST_BESIDE or (most > 1 and share >= MOST_SHARE):
            continue
        if area is not None and not area.holds(*at):
            continue
        if share >= MOST_SHARE:
            words = tr("Two lines lie over each other; splice them, or take one away.")
            found.append(Finding("stray", at, gap, layer.name, words, length, None, a.uid ^ b.uid))
        elif not crosses:
            words = tr(
                "Two lines run along each other for {length:.0f} px, {gap:.1f} px apart.",
                length=length,
                gap=max(0.0, gap),
            )
            mend = partial(_pushed_apart, uid=layer.uid, one=a.uid, two=b.uid, at=at, by=within_px, reach=length)
            found.append(Finding("tangent", at, gap, layer.name, words, length, mend, a.uid ^ b.uid))
    return found


class _Run(NamedTuple):
    """The longest stretch on which two lines run side by side: their numbers, its share of the shorter line, where, how
    far apart, how long."""

    numbers: tuple[int, int]
    share: float
    at: tuple[float, float]
    gap_px: float
    length_px: float


def _runs_along(index: InkIndex, within_px: float) -> list[_Run]:
    """Of each two lines of a layer that are not both hatching."""
    numbers, places = index.pairs_beside(within_px, LEAST_RUN_WIDTHS, LEAST_RUN_GAPS)
    layers, hatching = np.array([layer.uid for layer in index.layers], np.int64), index.hatching
    some = (layers[numbers[:, 0]] == layers[numbers[:, 1]]) & ~hatching[numbers].all(axis=1)
    points = np.column_stack([index.xy, index.radii])
    where, sizes = all_longest_beside(points, places[some], within_px, PARALLEL_COS)
    found = []
    for (one, two), (first, last), (length, gap) in taking_turns(
        zip(numbers[some].tolist(), where.tolist(), sizes.tolist(), strict=True)
    ):
        if last <= first or length < LEAST_RUN_GAPS * within_px:
            continue
        if length < LEAST_RUN_WIDTHS * 2 * float(points[first:last, 2].mean()):
            continue
        x, y, _ = points[(first + last) // 2].tolist()
        shorter = min(index.strokes[number].own_ribbon.length_px for number in (one, two))
        found.append(_Run((one, two), length / max(1e-6, shorter), (x, y), gap, length))
    return found


def _cross(index: InkIndex, runs: list[_Run]) -> list[bool]:
    """Whether the two lines of each run cross somewhere."""
    numbers = np.array([run.numbers for run in runs], np.int64).reshape(-1, 2)
    points = np.column_stack([index.xy, index.radii])
    rows = np.stack([index.starts[numbers], index.starts[numbers + 1]], axis=2).reshape(-1, 4)
    crosses: list[bool] = all_go_into(points, rows).tolist()
    for k, (one, two) in enumerate(numbers.tolist()):
        a, b = index.strokes[one], index.strokes[two]
        if b.ribbon.turns > 1 or len(a.own_ribbon.pieces) + len(b.own_ribbon.pieces) > 2:  # dashes, copies
            crosses[k] = bool(crossings(a, [b]))
    return crosses


def _pushed_apart(
    page: Page, *, uid: int, one: int, two: int, at: tuple[float, float], by: float, reach: float
) -> Page:
    """The first of two lines pushed off the other, most where they are nearest."""
    layer = page.layer(uid)
    if not isinstance(layer, InkLayer):
        return page
    known = {stroke.uid: stroke for stroke in strokes_of(layer)}
    if one not in known or two not in known:
        return page
    p, q = (known[uid].own_ribbon.points[:, :2].astype(np.float64) for uid in (one, two))
    nearest = p[np.hypot(*(p - at).T).argmin()]
    out = nearest - q[np.hypot(*(q - nearest).T).argmin()]
    way = out / max(1e-6, float(np.hypot(*out)))
    return pushed_off(page, uids=(one,), at=nearest, way=way, within_px=by, reach_px=reach)


def wobbles(
    page: Page, most_mm: float = USUAL.wobble_mm, *, index: InkIndex | None = None, area: Rect | None = None
) -> list[Finding]:
    """Strokes whose line still strays from what was meant by more than so many mm, RMS."""
    index = index or InkIndex(page, area)
    most_px = most_mm / MM_PER_INCH * page.dpi
    strokes = [
        (layer, stroke) for layer, stroke in zip(index.layers, index.strokes, strict=True)
        if stroke.hold is None and len(stroke.trace) >= 12 and not stroke.pen.is_figure
        and (area is None or stroke.bounds & area)
    ]  # fmt: skip
    found = []
    for layer, stroke in giving_way(strokes):
        off = _wobble_of(stroke, 0.9 * most_px)
        if off <= most_px:
            continue
        points = stroke.own_ribbon.points
        at = (float(points[len(points) // 2, 0]), float(points[len(points) // 2, 1]))
        steadier = min(100.0, max(60.0, stroke.steady_after + 25.0))
        mend = partial(_changed, uid=layer.uid, one=stroke.uid, change=methodcaller("resteadied", steadier))
        words = tr("This line wobbles by {off:.1f} px; it can be steadied.", off=off)
        found.append(Finding("wobble", at, off, layer.name, words, off, mend, stroke.uid))
    return found


_wobbles: weakref.WeakKeyDictionary[Stroke, tuple[float, float]] = weakref.WeakKeyDictionary()


def _wobble_of(stroke: Stroke, least_px: float) -> float:
    """Of a stroke that was measured already it is known: a stroke never changes."""
    known = _wobbles.get(stroke)
    if known is None or known[0] != least_px:
        known = _wobbles[stroke] = least_px, _measured_wobble(stroke, least_px)
    return known[1]


def _measured_wobble(stroke: Stroke, least_px: float) -> float:
    """Of its centre line as it is inked: that is there already, the steadied motion is not. What was meant is nowhere
    smoothed more than by the strongest smoothing, so what that takes away is at least its wobble, and quick to tell."""
    ribbon = stroke.own_ribbon
    strongest = penalty(lowest_cutoff_hz(MEANT_STRENGTH), WOBBLE_STEP_S)
    if smoothed_away(ribbon.times, ribbon.points, WOBBLE_STEP_S, strongest) <= least_px:
        return 0.0
    rows = np.concatenate([[True], np.diff(np.floor(ribbon.times / WOBBLE_STEP_S)) > 0])
    times, points = ribbon.times[rows], ribbon.points[rows].astype(np.float64)
    if len(times) < 12 or (np.diff(times) <= 0).any():
        return 0.0
    return wobble_px(trace_from(times, points[:, 0], points[:, 1], 1.0))


def _changed(page: Page, *, uid: int, one: int, change: Callable[[Stroke], Stroke | None]) -> Page:
    """One stroke of a layer changed, or taken away; nothing if it is gone."""
    layer = page.layer(uid)
    strokes = strokes_of(layer) if isinstance(layer, InkLayer) else []
    pairs = [(stroke, change(stroke)) for stroke in strokes if stroke.uid == one]
    return with_all_replaced(page, uid, pairs) if pairs else page


def strays(page: Page, *, area: Rect | None = None) -> list[Finding]:
    """Specks, strokes off the page, lines thinner than prints, hidden and empty layers. In an `area`, only the lines
    there."""
    found: list[Finding] = []
    px_per_mm = page.dpi / MM_PER_INCH
    middle = (page.width / 2, page.height / 2)
    for layer in page.layers:
        if not isinstance(layer, InkLayer) or layer.is_sketch or holds_fills(layer):
            continue
        if not len(layer.marks) and layer.uid == page.active_uid:
            continue  # one is about to draw on it
        if area is None and not len(layer.marks):
            found.append(
                Finding(
                    "stray", middle, 0.0, layer.name, tr("“{name}” is empty.", name=layer.name), 0.1, None, layer.uid
                )
            )
        elif area is None and not layer.visible:
            words = tr("“{name}” is hidden, so it will not be printed.", name=layer.name)
            found.append(Finding("stray", middle, 0.0, layer.name, words, 0.5, None, layer.uid))
        marks = layer.marks if area is None else layer.marks.touching(area)
        for stroke in (mark for mark in marks if isinstance(mark, Stroke)) if layer.visible else ():
            finding = _stray(page, layer, stroke, px_per_mm)
            if finding is not None:
                found.append(finding)
    return found


def _stray(page: Page, layer: InkLayer, stroke: Stroke, px_per_mm: float) -> Finding | None:
    ribbon, taken = stroke.own_ribbon, partial(_changed, uid=layer.uid, one=stroke.uid, change=lambda _: None)
    if not len(ribbon.points):
        return None
    x, y, _ = (float(v) for v in ribbon.points[len(ribbon.points) // 2])
    if not stroke.bounds & page.bounds:
        return Finding(
            "stray", (x, y), 0.0, layer.name, tr("This line lies wholly off the page."), 3.0, taken, stroke.uid
        )
    size = max(ribbon.bounds.width, ribbon.bounds.height) - 2
    if size < SPECK_MM * px_per_mm and ribbon.length_px < 2 and stroke.pen.motif == "none":
        words = tr("A speck of {size:.0f} px.", size=size)
        return Finding("stray", (x, y), size, layer.name, words, 1.0, taken, stroke.uid)
    at = 3 * len(ribbon.points) // 4
    width = 2 * float(np.partition(ribbon.points[:, 2], at)[at])
    if 0 < width < THINNEST_MM * px_per_mm and ribbon.length_px > 4 and not stroke.pen.is_figure:
        words = tr(
            "This line is {width:.2f} mm thick; below {least} mm it may not print.",
            width=width / px_per_mm,
            least=THINNEST_MM,
        )
        by = 1.05 * THINNEST_MM * px_per_mm / width
        mend = partial(_changed, uid=layer.uid, one=stroke.uid, change=partial(heavier, by=by))
        return Finding("stray", (x, y), width, layer.name, words, 1.5, mend, stroke.uid)
    return None
