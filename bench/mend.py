"""Mends on A4 at 600 dpi with 5,000 strokes on one layer; beside them Shapely, which parts the same centre lines by the
same shapes."""

from __future__ import annotations

import gc
import time

import numpy as np
import shapely

from bench.inked_page import A4_600, inked_page
from jotsk.core.geometry.placement import Mesh, placed
from jotsk.core.guides.draft import few_points
from jotsk.core.hand.simulated_pen import Hand, drawn, smooth_path
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.mend import brush, join, snip, whole
from jotsk.core.mend.crossings import crossings

STROKES, TIMES = 5_000, 25


def main() -> None:
    page = inked_page(A4_600, 1, STROKES)
    layer = snip.ink_layer(page)
    strokes = snip.strokes_of(layer)
    for stroke in strokes:
        assert len(stroke.own_ribbon.points)  # worked out, as on a page that was looked at
    gc.collect()
    gc.freeze()
    rng = np.random.default_rng(1)
    chosen = [strokes[k] for k in rng.integers(0, len(strokes), TIMES)]

    def across(stroke, reach):
        points = stroke.own_ribbon.points
        k = len(points) // 2
        along = points[min(k + 2, len(points) - 1), :2] - points[k, :2]
        side = np.array([-along[1], along[0]]) / max(1e-9, np.hypot(*along)) * reach
        return np.array([points[k, :2] - side, points[k, :2] + side], float)

    def on(stroke):
        return stroke.own_ribbon.points[len(stroke.own_ribbon.points) // 2, :2].astype(float)

    def measure(name, work):
        times = []
        for stroke in chosen:
            start = time.perf_counter()
            work(stroke)
            times.append(time.perf_counter() - start)
        print(f"{name:28} median {np.median(times) * 1e3:7.1f} ms, slowest {max(times) * 1e3:7.1f}")

    measure("snip across one line", lambda s: snip.snipped(page, across(s, 4.0)))
    measure("snip, a swipe of 80 px", lambda s: snip.snipped(page, across(s, 40.0)))
    measure("cut in two", lambda s: snip.cut_in_two(page, *s.own_ribbon.points[-20, :2].tolist()))
    measure("join near a swipe", lambda s: join.joined(page, 60.0, near=s.own_ribbon.points[-1:, :2].astype(float)))
    measure("weight, one pass", lambda s: brush.weighed_along(page, np.column_stack([across(s, 60.0), [60, 60]]), 1.4))
    measure("push", lambda s: brush.pushed_along(page, np.array([on(s), across(s, 20.0)[1]]), 60.0))
    measure("push, a frame of its preview", lambda s: brush.pushed_stroke(s, across(s, 20.0), 60.0).own_ribbon)
    measure("simplify one stroke", lambda s: whole.simplified_stroke(s, 1.0))
    many = drawn(smooth_path(rng.uniform(200, 1800, (6, 2))), 10.0, pressure=0.7, rate_hz=200, hand=Hand(0.8), seed=1)
    slow = Stroke(many, pen_by_id("quill-nib"), 20.0, (0, 0, 0), 20.0, 45.0)
    _ = slow.own_ribbon
    measure("simplify 2,000 samples", lambda _: few_points(slow.line.xy, 1.0))
    middles = np.array([s.own_ribbon.points[:, :2].mean(axis=0) for s in strokes])
    some = [strokes[k] for k in np.hypot(*(middles - middles[1000]).T).argsort()[:300]]
    area = some[0].bounds
    for stroke in some:
        area |= stroke.bounds
    mesh = Mesh.over(area, 3, 3)
    bent = Mesh(mesh.frame, mesh.grid + rng.uniform(-60, 60, mesh.grid.shape))
    points = np.concatenate([s.own_ribbon.points[:, :2] for s in some]).astype(float)
    measure("mesh over 300, a frame of it", lambda _: placed([bent], points))
    chosen = chosen[:5]
    measure("mesh over 300, committed", lambda _: whole.placed(page, some, bent))
    near = [s for s in strokes if s.bounds & chosen[0].bounds]
    measure("crossings of a line", lambda s: crossings(s, strokes))
    shapes = [
        shapely.LineString(s.own_ribbon.points[:, :2]).buffer(float(s.own_ribbon.points[:, 2].mean())) for s in near
    ]

    def theirs(stroke):
        line = shapely.LineString(stroke.own_ribbon.points[:, :2])
        for shape in shapes:
            line.intersection(shape)

    measure(f"Shapely, {len(near)} shapes near", theirs)
