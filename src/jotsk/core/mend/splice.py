"""Splice: one stroke along the middle of several tries, with the weight of their outline."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry import arc_lengths
from jotsk.core.hand import trace_from
from jotsk.core.ink.pens import ALWAYS
from jotsk.core.ink.ribbon import NO_TAPER
from jotsk.core.marks import Stroke
from jotsk.core.marks.mends import NONE
from jotsk.core.marks.record import new_uid
from jotsk.core.mend.snip import ink_layer
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_all_replaced, with_inserted
from jotsk.core.words import tr

STEP_PX, PACE_PX_S = 2.0, 600.0
NEAR_WIDTHS, NEAR_PX = 3.0, 12.0  # how far a try may lie from the others and still count
SMOOTH_STEPS = 3.0  # of the middle and the weight, where tries begin and end
MOST_STROKES = 200

Places = NDArray[np.float64]


def spliced(page: Page, strokes: Sequence[Stroke], uid: int | None = None) -> tuple[Page, int]:
    """Put one stroke in the place of several on a layer, where the first of them lay. Raises Refused for fewer than
    two, or where they do not overlap."""
    layer = ink_layer(page, uid)
    if not 2 <= len(strokes) <= MOST_STROKES:
        raise Refused(tr("A splice takes two to {most_strokes} lines that overlap.", most_strokes=MOST_STROKES))
    new = splice(strokes)
    return with_all_replaced(page, layer.uid, [(strokes[0], new), *((s, None) for s in strokes[1:])]), len(strokes)


def unspliced(page: Page, strokes: Sequence[Stroke], uid: int | None = None) -> tuple[Page, int]:
    """Give back the tries that strokes were spliced of, in their place; what was moved since moves them too."""
    layer = ink_layer(page, uid)
    found = [stroke for stroke in strokes if stroke.parents]
    for stroke in found:
        tries = [_placed_as(parent, stroke).as_another() for parent in stroke.parents]
        page = with_all_replaced(page, layer.uid, [(stroke, tries[0])])
        page = with_inserted(page, layer.uid, tries[0], tries[1:])
    return page, len(found)


def _placed_as(parent: Stroke, child: Stroke) -> Stroke:
    mends = parent.mends
    for placement in child.mends.placements:
        mends = mends.with_placement(placement.map, scaled=placement.scaled)
    return parent.mended(mends) if child.mends.placements else parent


def splice(strokes: Sequence[Stroke]) -> Stroke:
    """The stroke along their middle.

    The longest is gone along, and on beyond its ends along those that overlap it there; at each place the tries that
    pass near are averaged, and their outline gives the weight.
    """
    lines = [_even(stroke) for stroke in strokes]
    order = sorted(range(len(lines)), key=lambda k: -len(lines[k]))
    near = NEAR_WIDTHS * 2 * max(float(line[:, 2].max()) for line in lines) + NEAR_PX
    base, left = lines[order[0]], [lines[k] for k in order[1:]]
    used = [base]
    while left:
        k = next((k for k, line in enumerate(left) if _gap(line, base) <= near), None)
        if k is None:
            raise Refused(tr("These lines do not all overlap; a splice follows tries of one line."))
        line = left.pop(k)
        used.append(line)
        base = _extended(base, line)
    middle, radius = _middle(base, used, near)
    times, widest = arc_lengths(middle) / PACE_PX_S, float(radius.max())
    first = strokes[order[0]]
    pen = replace(first.pen, width=ALWAYS, taper_in=NO_TAPER, taper_out=NO_TAPER, dash=(), tilt_widens=1.0)
    keep = np.concatenate([[True], np.diff(times) > 1e-9])
    weight = np.column_stack([times, np.maximum(radius, 1e-3) / widest])[keep]
    trace = trace_from(times[keep], middle[keep, 0], middle[keep, 1], 1.0)
    return replace(
        first, trace=trace, pen=pen, size_px=2.0 * widest, steady_now=0.0, steady_after=0.0, hold=None, cuts=(),
        uid=new_uid(), mends=replace(NONE, weight=weight), parents=tuple(strokes),
    )  # fmt: skip


def _even(stroke: Stroke) -> Places:
    """(N, 3) x, y, radius of a stroke's own line, at even steps."""
    points = stroke.own_ribbon.points.astype(np.float64)
    along = arc_lengths(points[:, :2])
    at = np.linspace(0, along[-1], max(3, int(along[-1] / STEP_PX)))
    return np.column_stack([np.interp(at, along, column) for column in points.T])


def _gap(line: Places, base: Places) -> float:
    return float(min(np.hypot(*(base[:, :2] - p).T).min() for p in line[:: max(1, len(line) // 50), :2]))


def _extended(base: Places, line: Places) -> Places:
    """The base, and what of another line goes on beyond its ends."""
    nearest = np.array([int(np.hypot(*(base[:, :2] - p).T).argmin()) for p in line[:, :2]])
    if nearest[-1] < nearest[0]:
        line, nearest = line[::-1], nearest[::-1]
    last = len(base) - 1
    inner = np.flatnonzero((nearest > 0) & (nearest < last))
    if not len(inner):  # it only touches an end
        return np.concatenate([base, line]) if nearest[0] == last else np.concatenate([line, base])
    before, after = line[: inner[0]], line[inner[-1] + 1 :]
    before = before[nearest[: inner[0]] == 0]
    after = after[nearest[inner[-1] + 1 :] == last]
    along = base[-1, :2] - base[-min(len(base), 4), :2]
    after = after[((after[:, :2] - base[-1, :2]) @ along) > 0] if len(after) else after
    along = base[0, :2] - base[min(len(base), 4) - 1, :2]
    before = before[((before[:, :2] - base[0, :2]) @ along) > 0] if len(before) else before
    return np.concatenate([before, base, after])


def _middle(base: Places, lines: Sequence[Places], near: float) -> tuple[Places, Places]:
    """The mean of the tries along the base, (N, 2), and half the width of their outline there, (N,)."""
    from scipy.ndimage import gaussian_filter1d  # here: it takes long to import

    along = arc_lengths(base[:, :2])
    at = np.linspace(0, along[-1], max(3, int(along[-1] / STEP_PX)))
    path = np.column_stack([np.interp(at, along, base[:, k]) for k in (0, 1)])
    path = gaussian_filter1d(path, SMOOTH_STEPS, axis=0, mode="nearest")
    slope = np.gradient(path, axis=0)
    slope /= np.maximum(np.hypot(*slope.T), 1e-12)[:, None]
    normal = np.column_stack([-slope[:, 1], slope[:, 0]])
    offset, half = np.zeros(len(path)), np.zeros(len(path))
    for k, (place, side) in enumerate(zip(path, normal, strict=True)):
        offsets, uppers, lowers = [], [], []
        for line in lines:
            away = line[:, :2] - place
            beside = np.abs(away @ slope[k]) <= STEP_PX
            if not beside.any():
                continue
            off = away[beside] @ side
            j = int(np.abs(off).argmin())
            if abs(off[j]) <= near:
                radius = line[beside, 2][j]
                offsets.append(off[j])
                uppers.append(off[j] + radius)
                lowers.append(off[j] - radius)
        if offsets:
            offset[k], half[k] = float(np.mean(offsets)), (max(uppers) - min(lowers)) / 2
        else:
            half[k] = half[k - 1] if k else base[0, 2]
    offset = gaussian_filter1d(offset, SMOOTH_STEPS, mode="nearest")
    half = gaussian_filter1d(half, SMOOTH_STEPS, mode="nearest")
    return path + offset[:, None] * normal, half
