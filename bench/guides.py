"""What guides cost a sample, how exactly they hold, and how well settling reads shapes.

Beside the projections of our own, shapely's nearest point on the same lines and curves, the general library for it.
"""

from __future__ import annotations

import time
from collections import Counter

import numpy as np
import shapely

from jotsk.core.guides import Hold, LiveHold, guide_from, held_line
from jotsk.core.guides.choosing import first_motion, holder
from jotsk.core.guides.settling import readings, settled
from jotsk.core.hand import Sample
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from tests.core.guides.test_settling import KINDS, by_hand

GUIDES = {
    "straightedge": {"at": [100, 300], "angle": 10},
    "cross": {"angle": 10},
    "spokes": {"at": [1_000_000, 400_000]},
    "rings": {"at": [700, 500]},
    "ellipse": {"at": [700, 500], "radii": [420, 260], "angle": 20},
    "french-curve": {"points": [[100, 300], [400, 700], [800, 200], [1300, 600]]},
    "perspective": {"points": [[-3000, 200], [4000, 300], [700, 9000]], "vertical": False},
}
SHAPES_A_KIND = 100


def hands_line():
    share = np.linspace(0, 1, 600)
    path = np.column_stack([100 + 1200 * share, 300 + 300 * share + 60 * np.sin(5 * share)])
    return drawn(path, 4.0, pressure=0.6, rate_hz=500, device=DEVICES["display"], seed=3)


def main() -> None:
    trace = hands_line()
    start, towards, _ = first_motion(trace.xy)
    print(f"{'':14} {'live':>9} {'after':>9} {'choosing':>9} {'shapely':>9}   us a sample; farthest off, px")
    for kind, values in GUIDES.items():
        guide = guide_from({"kind": kind, **values})
        begin = time.perf_counter()
        for _ in range(50):
            held = holder([guide], start, towards)
        choosing = (time.perf_counter() - begin) / 50
        samples = [Sample(*row) for row in trace.samples.tolist()]
        live, rail = LiveHold(held.rail), held.rail
        live.push(samples[0])
        begin = time.perf_counter()
        for sample in samples:
            live.push(sample)
            live.peek(sample)
        pushed = (time.perf_counter() - begin) / len(samples)
        held_line(trace, Hold(rail))
        begin = time.perf_counter()
        line = held_line(trace, Hold(rail))
        after = (time.perf_counter() - begin) / len(trace)
        u = rail.measure(trace.xy)
        reach = np.linspace(u.min() - 1, u.max() + 1, 20_000)
        dense = shapely.LineString(rail.places(reach))
        begin = time.perf_counter()
        for x, y in trace.xy[:200].tolist():
            dense.interpolate(dense.project(shapely.Point(x, y)))
        outside = (time.perf_counter() - begin) / 200
        off = max(dense.distance(shapely.Point(p)) for p in line.xy[::7])
        print(
            f"{kind:14} {pushed * 1e6:9.1f} {after * 1e6:9.1f} {choosing * 1e6:9.1f} {outside * 1e6:9.1f}   {off:.5f}"
        )  # fmt: skip
    for kind in KINDS:
        seen: Counter[str] = Counter()
        took = 0.0
        for seed in range(9000, 9000 + SHAPES_A_KIND):
            _, hand = by_hand(kind, seed)
            found = settled(hand)
            seen[found[1][0].kind if found else "nothing"] += 1
            begin = time.perf_counter()
            readings(found[0] if found else hand)
            took += time.perf_counter() - begin
        print(f"{kind:14} read rightly {seen[kind]} of {SHAPES_A_KIND}, {took / SHAPES_A_KIND * 1e3:.0f} ms each")


if __name__ == "__main__":
    main()
