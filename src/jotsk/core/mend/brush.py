"""A round hand that passes over lines, soft at its edge: weight and shape."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from numpy.typing import ArrayLike, NDArray

from jotsk.core.errors import Refused
from jotsk.core.geometry import arc_lengths
from jotsk.core.geometry.rects import rect_around
from jotsk.core.ink.ribbon import taper_share
from jotsk.core.marks import Stroke
from jotsk.core.mend.brush_kernel import gathered_places, pushed_places, touch
from jotsk.core.mend.snip import ink_layer, strokes_near
from jotsk.core.page import Page
from jotsk.core.page.edits.mark_edits import with_all_replaced
from jotsk.core.words import tr

Places = NDArray[np.float64]
Change = Callable[[Stroke], Stroke]
LEAST_CHANGE = 1e-3
LIGHTEST, HEAVIEST = 0.01, 100.0  # times as thick
EVEN_STEP_PX = 1.0
LEAST_RADIUS_PX = 0.15  # of a line whose edge is pushed in
SWEEP_SHARE = 0.25  # of the way a push goes is added to its radius: wider sweeps reach farther
PULL = 0.5  # of the way to the middle of a hand that gathers, in one radius

WEIGHT_WAYS = ("weight", "even", "sharpen")
PUSH_WAYS = ("push", "smooth", "gather")


# -- weight --------------------------------------------------------------------------------------


def weighed(page: Page, strokes: Sequence[Stroke], by: float, uid: int | None = None) -> tuple[Page, int]:
    """Whole strokes `by` times as thick."""
    check_weight(by)
    return changed(page, strokes, lambda stroke: heavier(stroke, by), uid)


def heavier(stroke: Stroke, by: float) -> Stroke:
    first, last = stroke.times
    return stroke.mended(stroke.mends.with_weight(np.array([[first, by], [last + 1e-3, by]])))


def check_weight(by: float) -> None:
    """Raise Refused if lines do not become so many times as thick."""
    if not LIGHTEST <= by <= HEAVIEST:
        raise Refused(
            tr(
                "A line becomes {lightest:g} to {heaviest:g} times as thick, not {by:g}.",
                lightest=LIGHTEST,
                heaviest=HEAVIEST,
                by=by,
            )
        )


def weighed_along(
    page: Page, along: ArrayLike, by: float, uid: int | None = None, *, how: str = "weight", firm: float = 0.0
) -> tuple[Page, int]:
    """Where the hand passes `along`, (N, 3) x, y, radius in page px or (N, 4) with its strength 0..1, lines become up
    to `by` times as thick; or, `how`, even, or their ends sharp. Up to the share `firm` of its radius, 0..0.9, the hand
    works fully, from there less and less; so it does in all that follows."""
    check_weight(by)
    layer, way = ink_layer(page, uid), _with_strength(along)
    area = rect_around(way[:, :2], float(way[:, 2].max()))
    return changed(page, strokes_near(layer, area), lambda stroke: weighed_stroke(stroke, way, by, how, firm), uid)


def weighed_stroke(stroke: Stroke, way: Places, by: float, how: str = "weight", firm: float = 0.0) -> Stroke:
    """A stroke re-weighted along (N, 4) x, y, radius, strength; the same one if the hand did not touch it."""
    ribbon = stroke.own_ribbon
    amount = touch(ribbon.points[:, :2].astype(np.float64), way, firm)
    if amount.max(initial=0.0) < LEAST_CHANGE:
        return stroke
    if how == "even":
        factor = _evening(stroke, float(way[:, 2].max())) ** amount
    elif how == "sharpen":
        factor = _sharpening(stroke, amount)
    else:
        factor = by**amount
    return stroke.mended(stroke.mends.with_weight(_by_time(ribbon.times, factor)))


def _evening(stroke: Stroke, reach: float) -> Places:
    """The factors that make a line as thick as it is on average within reach."""
    from scipy.ndimage import gaussian_filter1d  # here: it takes long to import

    ribbon, factor = stroke.own_ribbon, np.ones(len(stroke.own_ribbon))
    for start, stop in ribbon.pieces:
        radius = ribbon.points[start:stop, 2].astype(np.float64)
        along = arc_lengths(ribbon.points[start:stop, :2].astype(np.float64))
        at = np.arange(0.0, along[-1] + EVEN_STEP_PX, EVEN_STEP_PX)
        mean = gaussian_filter1d(np.interp(at, along, radius), max(1.0, reach / EVEN_STEP_PX), mode="nearest")
        factor[start:stop] = np.clip(np.interp(along, at, mean) / np.maximum(radius, 1e-3), 0.2, 5.0)
    return factor


def _sharpening(stroke: Stroke, amount: Places) -> Places:
    """The factors that let the ends that were touched run out to a point, from where the hand left the line."""
    ribbon, factor = stroke.own_ribbon, np.ones(len(stroke.own_ribbon))
    for start, stop in ribbon.pieces:
        along = arc_lengths(ribbon.points[start:stop, :2].astype(np.float64))
        touched = amount[start:stop] > LEAST_CHANGE
        for from_end in (along, along[-1] - along):
            order = np.argsort(from_end, kind="stable")
            first_off = np.flatnonzero(~touched[order])
            reach = float(from_end[order][first_off[0]]) if len(first_off) else float(along[-1]) / 2
            if reach > 0:
                factor[start:stop] *= taper_share(from_end, reach)
    return np.maximum(factor, 0.0)


# -- shape ---------------------------------------------------------------------------------------


def pushed_along(
    page: Page, way: Places, radius_px: float, uid: int | None = None, *, how: str = "push", firm: float = 0.0
) -> tuple[Page, int]:
    """Push, smooth or gather (`how`) lines along (N, 2) places. A push that begins beside all lines pushes their nearer
    edges instead of their shape."""
    layer = ink_layer(page, uid)
    if radius_px <= 0:
        raise Refused(tr("A hand that pushes has a size."))
    near = strokes_near(layer, rect_around(way, swept_radius(way, radius_px)))
    beside = how == "push" and begins_beside(near, way)

    def push(stroke: Stroke) -> Stroke:
        return pushed_stroke(stroke, way, radius_px, how, beside=beside, firm=firm)

    return changed(page, near, push, uid)


def begins_beside(strokes: Sequence[Stroke], way: Places) -> bool:
    """Whether a push begins on no line."""
    x, y = way[0].tolist()
    return all(stroke.gap_to(x, y) > 0 for stroke in strokes)


def swept_radius(way: Places, radius_px: float) -> float:
    return radius_px + SWEEP_SHARE * float(arc_lengths(way)[-1])


def pushed_stroke(
    stroke: Stroke, way: Places, radius_px: float, how: str = "push", *, beside: bool = False, firm: float = 0.0
) -> Stroke:
    """A stroke pushed, smoothed or gathered along (N, 2) places; the same one if the hand did not touch it."""
    ribbon = stroke.own_ribbon
    first = ribbon.points[:, :2].astype(np.float64)
    if not len(first):
        return stroke
    if how == "smooth":
        by = _smoothing(stroke, radius_px)
        hand = np.column_stack([way, np.full(len(way), radius_px), np.ones(len(way))])
        by *= touch(first, hand, firm)[:, None]
    elif how == "gather":
        by = gathered_places(first, way, radius_px, PULL, firm) - first
    elif beside:
        return _edge_pushed(stroke, way, swept_radius(way, radius_px), firm)
    else:
        by = pushed_places(first, way, swept_radius(way, radius_px), firm) - first
    return stroke if np.abs(by).max() < LEAST_CHANGE else shifted_by(stroke, ribbon.times, by)


def _smoothing(stroke: Stroke, radius_px: float) -> Places:
    """How far each place of a line is from its mean over a radius of its length; the ends stay."""
    from scipy.ndimage import gaussian_filter1d  # here: it takes long to import

    ribbon, by = stroke.own_ribbon, np.zeros((len(stroke.own_ribbon), 2))
    for start, stop in ribbon.pieces:
        places = ribbon.points[start:stop, :2].astype(np.float64)
        along = arc_lengths(places)
        if along[-1] <= 2 * EVEN_STEP_PX:
            continue
        at = np.linspace(0.0, along[-1], int(along[-1] / EVEN_STEP_PX) + 1)
        even = np.column_stack([np.interp(at, along, column) for column in places.T])
        around = min(radius_px / 2, along[-1] / 4) / EVEN_STEP_PX
        rim = max(1, int(4 * around))  # mirrored through its end points, a line keeps them where they are
        before, after = 2 * even[0] - even[rim:0:-1], 2 * even[-1] - even[-2 : -rim - 2 : -1]
        mean = gaussian_filter1d(np.concatenate([before, even, after]), around, axis=0, mode="nearest")
        mean = mean[len(before) : len(before) + len(even)]
        by[start:stop] = np.column_stack([np.interp(along, at, column) for column in mean.T]) - places
    return by


def _edge_pushed(stroke: Stroke, way: Places, radius_px: float, firm: float) -> Stroke:
    """A stroke of which only the edge on the side of the hand goes along; the other one stays where it is."""
    ribbon = stroke.own_ribbon
    places, radius = ribbon.points[:, :2].astype(np.float64), ribbon.points[:, 2].astype(np.float64)
    along = np.gradient(places, axis=0) if len(places) > 1 else np.array([[1.0, 0.0]])
    along /= np.maximum(np.hypot(*along.T), 1e-9)[:, None]
    normal = np.column_stack([-along[:, 1], along[:, 0]])
    nearest = int(np.hypot(*(places - way[0]).T).argmin())
    if (way[0] - places[nearest]) @ normal[nearest] < 0:
        normal = -normal
    edge = places + normal * radius[:, None]
    out = ((pushed_places(edge, way, radius_px, firm) - edge) * normal).sum(axis=1)
    out = np.maximum(out, 2 * (LEAST_RADIUS_PX - radius))
    if np.abs(out).max() < LEAST_CHANGE:
        return stroke
    moved = shifted_by(stroke, ribbon.times, normal * out[:, None] / 2)
    factor = np.clip((radius + out / 2) / np.maximum(radius, 1e-3), LIGHTEST, HEAVIEST)
    return moved.mended(moved.mends.with_weight(_by_time(ribbon.times, factor)))


def shifted_by(stroke: Stroke, times: Places, by: Places) -> Stroke:
    """A stroke moved `by` (N, 2) px on the page at (N,) times of its ribbon; kept as it is before the stroke is
    placed."""
    if stroke.mends.placements:
        line = stroke.line
        at = np.column_stack([np.interp(times, line.t, column) for column in line.xy.T])
        by = stroke.mends.before_placing(stroke.mends.shifted(times, at), by)
    return stroke.mended(stroke.mends.with_shift(_by_time(times, by)))


def changed(page: Page, strokes: Sequence[Stroke], change: Change, uid: int | None = None) -> tuple[Page, int]:
    """Change strokes of a layer each by itself; also how many came out different."""
    layer = ink_layer(page, uid)
    pairs = [(old, new) for old in strokes if (new := change(old)) is not old]
    return (with_all_replaced(page, layer.uid, pairs) if pairs else page), len(pairs)


def _with_strength(along: ArrayLike) -> Places:
    way = np.atleast_2d(np.asarray(along, np.float64))
    return way if way.shape[1] == 4 else np.column_stack([way, np.ones(len(way))])


def _by_time(times: Places, values: Places) -> Places:
    """A curve over the trace's time, its times rising; where it is level only the ends of that are kept."""
    order = np.unique(times, return_index=True)[1]
    curve = np.column_stack([times[order], values[order]])
    moves = (np.diff(curve[:, 1:], axis=0) != 0).any(axis=1)
    kept = np.concatenate([[True], moves]) | np.concatenate([moves, [True]])
    return curve[kept]
