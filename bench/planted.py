"""A hundred figures with each kind of fault, drawn by the simulated hand, from seeds that nothing was tuned on; and as
many without. Found is what stands where the fault was planted. Distances are measured by SciPy's k-d tree."""

from __future__ import annotations

import math
from collections import Counter

import numpy as np
from scipy.spatial import KDTree

from jotsk.core.check.checks import checked
from jotsk.core.hand.simulated_pen import drawn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Stroke
from jotsk.core.page import Page, blank_page, edits

FIRST_SEED, TIMES = 710_000, 100
SIZE, MIDDLE = (1600, 1200), np.array((800.0, 600.0))
ARCS, OVERLAP = 4, 0.04  # an outline is drawn in so many strokes, each so many turns into the next
INNER = 6  # lines inside
STEADINESS = (30.0, 60.0)  # while drawing, and after
GAP_PX, NEAR_PX = (1.5, 7.0), (0.2, 2.5)  # between edges: of planted gaps and tangents; asked for are 8 and 3
OWN_PX = 30.0  # around a planted place


def main() -> None:
    for plant in (gap, tangent, corner, weak_outline):
        found, false = 0, Counter()
        for k in range(TIMES):
            page, at = plant(np.random.default_rng(FIRST_SEED + k), is_faulty=True)
            own = [f for f in checked(page) if f.kind == plant.kind and (at is None or math.dist(f.at, at) < OWN_PX)]
            found += bool(own)
            page, _ = plant(np.random.default_rng(FIRST_SEED + k), is_faulty=False)
            false.update({f.kind for f in checked(page)})
        told = ", ".join(f"{kind} on {count}" for kind, count in sorted(false.items())) or "none"
        print(f"{plant.__name__:14} {found:3} of {TIMES} found [95]; on the {TIMES} without: {told}", flush=True)


def gap(rng: np.random.Generator, *, is_faulty: bool) -> tuple[Page, tuple[float, float] | None]:
    """A closed figure; faulty is one whose last arc ends before the first begins."""
    size = rng.uniform(6, 16)
    outline = a_figure(rng)
    turn = rng.uniform(0, 1)
    arcs = arcs_from(turn)
    if not is_faulty:
        return page_of([an_arc(outline, *arc, size, rng) for arc in arcs]), None
    arcs[0] = turn, arcs[0][1]
    strokes = [an_arc(outline, *arc, size, rng) for arc in arcs[:-1]]
    wanted = rng.uniform(*GAP_PX)
    seed, low, high = rng.integers(1 << 30), -OVERLAP, OVERLAP
    for _ in range(12):  # until its end lies as far from the first as wanted
        back = (low + high) / 2
        last = an_arc(outline, arcs[-1][0], turn + 1 - back, size, np.random.default_rng(seed))
        away, _ = between(last, strokes[0])
        low, high = (low, back) if away > wanted else (back, high)
    return page_of([*strokes, last]), between(last, strokes[0])[1]


def tangent(rng: np.random.Generator, *, is_faulty: bool) -> tuple[Page, tuple[float, float] | None]:
    """Two figures beside each other; faulty are two that almost touch."""
    size = rng.uniform(6, 14)
    one, other = a_figure(rng) * 0.6, a_figure(rng) * 0.6
    strokes = [a_ring(one + MIDDLE - (300, 0), size, rng), a_ring(other + MIDDLE + (300, 0), size, rng)]
    way = rng.uniform(-0.5, 0.5)
    wanted = rng.uniform(*NEAR_PX) if is_faulty else rng.uniform(20, 60)
    low, high = 0.0, 700.0
    for _ in range(20):  # until they are as far from each other as wanted
        near = (low + high) / 2
        moved = strokes[1].mapped(1.0, -near * math.cos(way), near * math.sin(way))
        away, at = between(strokes[0], moved)
        low, high = (near, high) if away > wanted else (low, near)
    return page_of([strokes[0], moved]), at


def corner(rng: np.random.Generator, *, is_faulty: bool) -> tuple[Page, tuple[float, float] | None]:
    """A pointed form beside the border of a panel, drawn in one go or in two lines that meet; faulty is one whose point
    just meets the border."""
    border_size, size, angle = rng.uniform(6, 16), rng.uniform(4, 12), rng.uniform(-0.25, 0.25)
    border = a_stroke(
        MIDDLE + np.linspace(-500, 500, 60)[:, None] * (math.cos(angle), math.sin(angle)), border_size, rng
    )
    lean, opening = rng.uniform(-0.5, 0.5), rng.uniform(0.5, 1.5)
    ways = angle + np.pi / 2 + lean + np.array((-opening, opening)) / 2
    arms = [np.linspace(0, rng.uniform(150, 350), 40)[:, None] * (math.cos(way), math.sin(way)) for way in ways]
    lines = [np.concatenate([arms[0][::-1], arms[1]])] if rng.random() < 0.5 else arms
    forms = [a_stroke(MIDDLE + line, size, rng) for line in lines]
    wanted = rng.uniform(*NEAR_PX) if is_faulty else rng.uniform(15, 60)
    low, high = -100.0, 300.0
    for _ in range(20):  # until its point is as far from the border as wanted
        off = (low + high) / 2
        moved = [form.mapped(1.0, -off * math.sin(angle), off * math.cos(angle)) for form in forms]
        away, at = min(between(form, border) for form in moved)
        low, high = (low, off) if away > wanted else (off, high)
    return page_of([border, *moved]), at


def weak_outline(rng: np.random.Generator, *, is_faulty: bool) -> tuple[Page, None]:
    """A figure with lines inside; faulty is one whose outline is no heavier."""
    inner = rng.uniform(4, 9)
    outer = inner * (rng.uniform(0.6, 1.3) if is_faulty else rng.uniform(1.8, 2.6))
    outline, turn = a_figure(rng), rng.uniform(0, 1)
    strokes = [an_arc(outline, *arc, outer, rng) for arc in arcs_from(turn)]
    for k in range(INNER):  # apart from each other and from the outline
        at = 85 * np.array((math.cos(2 * math.pi * k / INNER), math.sin(2 * math.pi * k / INNER))) + MIDDLE
        way = rng.uniform(0, 2 * np.pi)
        along = np.linspace(-32, 32, 40)[:, None] * (math.cos(way), math.sin(way))
        strokes.append(a_stroke(at + along, inner, rng))
    return page_of(strokes), None


gap.kind, tangent.kind, corner.kind, weak_outline.kind = "leak", "tangent", "tangent", "weight"


def a_figure(rng: np.random.Generator) -> np.ndarray:
    """A closed outline around the origin, (720, 2)."""
    t = np.linspace(0, 2 * np.pi, 720, endpoint=False)
    radius = rng.uniform(240, 330) * np.ones_like(t)
    for n in (2, 3, 4, 5):
        radius += rng.uniform(0, 60 / n) * np.cos(n * t + rng.uniform(0, 2 * np.pi))
    return np.column_stack([radius * np.cos(t), radius * np.sin(t)])


def arcs_from(turn: float) -> list[tuple[float, float]]:
    """From which turn to which each arc of an outline goes."""
    return [(turn + k / ARCS - OVERLAP / 2, turn + (k + 1) / ARCS + OVERLAP / 2) for k in range(ARCS)]


def an_arc(outline: np.ndarray, first: float, last: float, size: float, rng: np.random.Generator) -> Stroke:
    """The part of an outline between two turns."""
    at = np.linspace(first, last, 160) * len(outline)
    whole = np.concatenate([outline, outline[:1]])
    return a_stroke(
        MIDDLE + np.column_stack([np.interp(at % len(outline), np.arange(721), c) for c in whole.T]), size, rng
    )


def a_ring(outline: np.ndarray, size: float, rng: np.random.Generator) -> Stroke:
    return a_stroke(np.concatenate([outline, outline[:40]]), size, rng)


def a_stroke(path: np.ndarray, size: float, rng: np.random.Generator) -> Stroke:
    seconds = 0.3 + float(np.hypot(*np.diff(path, axis=0).T).sum()) / 900
    trace = drawn(path, seconds, pressure=[0.8, 0.95, 0.8], seed=int(rng.integers(1 << 30)))
    return Stroke(trace, pen_by_id("plain-round"), size, (0, 0, 0), *STEADINESS)


def between(one: Stroke, other: Stroke) -> tuple[float, tuple[float, float]]:
    """How far the edges of two lines are from each other, and where."""
    a, b = one.own_ribbon.points.astype(float), other.own_ribbon.points.astype(float)
    far, nearest = KDTree(b[:, :2]).query(a[:, :2])
    gaps = far - a[:, 2] - b[nearest, 2]
    k = int(gaps.argmin())
    x, y = (a[k, :2] + b[nearest[k], :2]) / 2
    return float(gaps[k]), (float(x), float(y))


def page_of(strokes: list[Stroke]) -> Page:
    page = blank_page(*SIZE, 300.0)
    for stroke in strokes:
        page = edits.with_mark(page, stroke)
    return page


if __name__ == "__main__":
    main()
