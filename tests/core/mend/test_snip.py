"""Snipping and cutting: crossings against Shapely, ends under thick lines, undo and files."""

from __future__ import annotations

from itertools import pairwise

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.mend.crossings import crossings
from jotsk.core.mend.gap_kernel import gaps, in_own_ink
from jotsk.core.mend.snip import cut_in_two, snipped
from jotsk.core.page import blank_page, edits, flattened, render
from tests.conftest import stroke_along


def capsule(a, b):
    """The hull of two circles (x, y, radius), as Shapely has it."""
    return shapely.unary_union([shapely.Point(*p[:2]).buffer(p[2], 256) for p in (a, b)]).convex_hull


@settings(max_examples=200)
@given(st.lists(st.tuples(st.floats(0, 60), st.floats(0, 60), st.floats(0.5, 12)), min_size=2, max_size=5))
def test_the_gap_to_a_ribbon_is_shapelys(points):
    shape = shapely.unary_union([capsule(a, b) for a, b in pairwise(points)])
    places = np.random.default_rng(1).uniform(-20, 80, (25, 2))
    for place, gap in zip(places, gaps(places, np.array(points)), strict=True):
        spot = shapely.Point(*place)
        if gap > 0:
            assert shape.distance(spot) == pytest.approx(gap, abs=0.01)
        else:
            assert shape.contains(spot) or shape.distance(spot) < 0.01


def random_line(rng, turned):
    """A bent line across a square of 200 px, level or upright, of some size."""
    along = np.linspace(0, 200, 4) + rng.uniform(-15, 15, 4)
    across = rng.uniform(60, 140, 4)
    return stroke_along(
        list(zip(*((across, along) if turned else (along, across)), strict=True)), size=rng.uniform(3, 30)
    )


def overlaps(line, ribbon):
    """The parts of a line inside a ribbon, as Shapely has them: (from, to) in px along it."""
    near = np.flatnonzero(shapely.dwithin(line, shapely.points(ribbon[:, :2]), ribbon[:, 2] + 5))
    near = np.unique(np.clip([near - 1, near], 0, len(ribbon) - 2))
    circles = [shapely.buffer(shapely.points(ribbon[k, :2]), ribbon[k, 2], quad_segs=32) for k in (near, near + 1)]
    hulls = shapely.convex_hull(shapely.multipolygons(np.column_stack(circles)))
    parts = shapely.get_parts(shapely.intersection(line, hulls[shapely.intersects(line, hulls)]))
    parts = parts[shapely.length(parts) > 0]
    ends = np.sort([shapely.line_locate_point(line, shapely.get_point(parts, k)) for k in (0, -1)], axis=0).T
    ends = sorted(ends.tolist())
    merged = ends[:1]
    for a, b in ends[1:]:
        if a <= merged[-1][1] + 1e-6:
            merged[-1][1] = max(b, merged[-1][1])
        else:
            merged.append([a, b])
    return np.array(merged).reshape(-1, 2)


def test_crossings_of_a_thousand_pairs_of_ribbons_are_shapelys_to_a_twentieth_of_a_px():
    rng, off, count = np.random.default_rng(20), [], 0
    for _ in range(1000):
        a, b = random_line(rng, False), random_line(rng, True)
        middle = a.own_ribbon.points[:, :2].astype(float)
        far = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(middle, axis=0).T))])
        expected = overlaps(shapely.LineString(middle), b.own_ribbon.points.astype(float))
        found = np.interp([tuple(each) for each in crossings(a, [b])], a.own_ribbon.times, far).reshape(-1, 2)
        count += len(expected)
        if len(found) != len(expected):  # one may graze the other
            assert min(np.ptp(expected, axis=1).min(initial=9), np.ptp(found, axis=1).min(initial=9)) < 0.2
            continue
        off += np.abs(found - expected).ravel().tolist()
    assert count > 800 and len(off) > 1600 and max(off) < 0.05


@pytest.fixture
def grid():
    """A level line that overshoots two upright ones, 20 px and 6 px thick."""
    page = blank_page(600, 300)
    for points, size in (([(300, 20), (300, 280)], 20), ([(450, 20), (450, 280)], 6), ([(40, 150), (560, 150)], 8)):
        page = edits.with_mark(page, stroke_along(points, size=size))
    return page


def ink_at(page, x, y):
    return (int(flattened(page)[round(y), round(x)]) & 0xFF) < 128


def test_an_overshoot_goes_up_to_the_line_it_crossed(grid):
    page, count = snipped(grid, [(520, 100), (520, 200)])
    assert count == 1 and not ink_at(page, 500, 150) and ink_at(page, 400, 150)
    assert not ink_at(page, 455, 150), "no whisker beyond the line"
    assert all(ink_at(page, x, 150) for x in range(60, 447)), "and no notch before it"
    assert render(page.active.marks, page.bounds) == page.active.tiles


def test_a_piece_in_the_middle_goes_between_its_crossings_and_many_at_once(grid):
    page, count = snipped(grid, [(380, 100), (380, 200)])
    assert count == 1 and not ink_at(page, 380, 150) and ink_at(page, 250, 150) and ink_at(page, 520, 150)
    assert len(page.active.marks) == 3, "it stays one stroke"
    first = np.array([flattened(page)[:, x] for x in range(290, 309)])
    assert np.array_equal(first, np.array([flattened(grid)[:, x] for x in range(290, 309)])), (
        "flush inside the thick line"
    )
    page, count = snipped(grid, [(200, 100), (200, 298), (520, 298), (520, 100)])
    assert count == 1 and not ink_at(page, 200, 150) and not ink_at(page, 520, 150) and ink_at(page, 380, 150)


def test_where_nothing_crosses_the_whole_line_goes():
    page = edits.with_mark(blank_page(300, 200), stroke_along([(20, 100), (280, 100)]))
    page, count = snipped(page, [(150, 60), (150, 140)])
    assert count == 1 and not len(page.active.marks) and page.active.tiles.is_empty


def test_only_its_own_crossings_count_if_that_is_asked(grid):
    loop = [(100, 250), (200, 60), (300, 60), (120, 250)]
    page = edits.with_mark(blank_page(400, 300), stroke_along(loop, size=6))
    page = edits.with_mark(page, stroke_along([(60, 120), (360, 120)], size=6))
    both, _ = snipped(page, [(105, 230), (115, 260)], "self")
    line = both.active.marks.last
    assert line.mends.is_none, "the level line is not touched"


def test_what_is_snipped_is_kept_in_files_and_follows_a_steadying(grid, tmp_path):
    page, _ = snipped(grid, [(520, 100), (520, 200)])
    write_page(tmp_path / "a.ora", page)
    again = read_page(tmp_path / "a.ora")
    assert np.array_equal(flattened(again), flattened(page))
    stroke = again.active.marks.last
    steadied = stroke.resteadied(80.0)
    assert steadied.mends.spans == stroke.mends.spans and not any(
        (alpha[:, :] > 0).any() for key, alpha in steadied.alphas({(3, 1)}).items() if key[0] * 128 > 460
    )
    assert np.array_equal(flattened(read_page(tmp_path / "a.ora")), flattened(again))


def test_copies_of_a_symmetric_stroke_are_snipped_too():
    mirror = np.array([[-1.0, 0.0, 600.0], [0.0, 1.0, 0.0]])
    from dataclasses import replace

    page = edits.with_mark(blank_page(600, 300), stroke_along([(150, 20), (150, 280)], size=10))
    page = edits.with_mark(page, replace(stroke_along([(40, 150), (260, 150)]), copies=(mirror,)))
    page, _ = snipped(page, [(220, 100), (220, 200)])
    assert (
        not ink_at(page, 220, 150) and not ink_at(page, 380, 150) and ink_at(page, 100, 150) and ink_at(page, 500, 150)
    )


def test_a_line_is_cut_in_two_where_it_is_pressed(grid):
    page, count = cut_in_two(grid, 200, 152)
    assert count == 1 and len(page.active.marks) == 4
    assert np.abs(flattened(page).view(np.uint8).astype(int) - flattened(grid).view(np.uint8)).max() <= 2, (
        "nothing is seen"
    )
    early, late = list(page.active.marks)[2:]
    assert early.uid != late.uid and early.own_ribbon.points[-1, 0] == pytest.approx(
        late.own_ribbon.points[0, 0], abs=0.01
    )
    with pytest.raises(Refused, match="no line to cut"):
        cut_in_two(grid, 200, 40)


@pytest.mark.parametrize("swipe", [[(5, 5)], [(520, 150), (520, 150)], [(0, 0), (10, 10)]])
def test_a_swipe_that_is_none_changes_nothing_or_what_it_touches(grid, swipe):
    page, count = snipped(grid, swipe)
    assert count == (1 if swipe[0][0] == 520 else 0)
    assert (page is grid) == (count == 0)


def test_a_locked_layer_stays(grid):
    from dataclasses import replace

    with pytest.raises(Refused, match="locked"):
        snipped(grid.with_layer(replace(grid.active, locked=True)), [(520, 100), (520, 200)])


@pytest.mark.parametrize("seed", range(6))
def test_a_line_lies_in_its_own_ink_where_shapely_says_so(seed):
    rng = np.random.default_rng(seed)
    t = np.linspace(0, 6, 500)
    xy = np.column_stack([200 + 120 * np.sin(2.1 * t + seed) + 20 * np.sin(9 * t), 200 + 120 * np.cos(1.7 * t)])
    radius, reach = rng.uniform(1, 9), rng.uniform(20, 60)
    along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(xy, axis=0).T))])
    inside = in_own_ink(np.column_stack([xy, np.full(len(xy), radius)]), along, reach)
    segments = shapely.linestrings(np.stack([xy[:-1], xy[1:]], axis=1))
    for k, place in enumerate(shapely.points(xy)):
        far = np.minimum(np.abs(along[:-1] - along[k]), np.abs(along[1:] - along[k])) > reach
        gap = shapely.distance(segments[far], place).min() - radius
        assert inside[k] == (gap < 0) or abs(gap) < 1e-9
    assert inside.any() and not inside.all()
