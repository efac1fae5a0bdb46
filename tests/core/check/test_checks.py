"""What is found on pages with planted faults, and not on those without."""

from __future__ import annotations

import json
import math
from dataclasses import replace
from itertools import chain, pairwise

import numpy as np
import pytest
import shapely

from jotsk.cli import main
from jotsk.core.check.checks import checked
from jotsk.core.check.corners import corners
from jotsk.core.check.leaks import leaks
from jotsk.core.check.lines import strays, tangents, wobbles
from jotsk.core.check.proposal import mended, proposals, proposed
from jotsk.core.check.stops import stops
from jotsk.core.check.weights import outside_and_inside, weights, width_picture, widths_by_length
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.mend.gap_kernel import gaps
from jotsk.core.mend.snip import shown_ink
from jotsk.core.page import blank_page, edits
from jotsk.core.page.edits.layer_edits import with_new_layer
from jotsk.core.page.frames import frame
from tests.conftest import stroke_along

SIZE = (1400, 1000)


def page_with(*strokes):
    page = blank_page(*SIZE)
    for stroke in strokes:
        page = edits.with_mark(page, stroke)
    return page


def ring(x, y, r, first=0.0, last=360.0, size=12.0):
    t = np.radians(np.linspace(first, last, 100))
    return stroke_along(list(zip(x + r * np.cos(t), y + r * np.sin(t), strict=True)), size=size)


@pytest.mark.parametrize("seed", range(50))
def test_planted_gaps_are_found_mended_and_closed_rings_have_none(seed):
    rng = np.random.default_rng(1000 + seed)
    radius, size = rng.uniform(120, 350), rng.uniform(8, 18)
    gap = rng.uniform(2.0, 7.0)
    turn = rng.uniform(0, 360)
    open_deg = math.degrees((gap + size) / radius)
    page = page_with(ring(700, 500, radius, turn, turn + 360 - open_deg, size))
    found = leaks(page, 9.0)
    assert len(found) == 1
    at = math.radians(turn - open_deg / 2)
    assert math.dist(found[0].at, (700 + radius * math.cos(at), 500 + radius * math.sin(at))) < 12
    assert leaks(found[0].mend(page), 9.0) == [] == leaks(page_with(ring(700, 500, radius, size=size)), 9.0)


def test_dashes_leave_no_gaps_and_nothing_stops_on_them():
    whole = ring(700, 500, 200, size=9)
    dashes = replace(whole, pen=replace(whole.pen, dash=(3.0, 0.6)))
    assert len(dashes.own_ribbon.pieces) > 5
    assert leaks(page_with(dashes), 8.0) == []
    onto = stroke_along([(900 - 250, 500), (900 - 100, 500), (900 - 9, 500)], size=9)
    assert stops(page_with(dashes, onto)) == []


def test_leaks_are_ranked_by_what_would_flood_and_ends_inside_are_none():
    page = page_with(
        ring(300, 400, 100, 4.6, 355.4), ring(900, 500, 300, 1.5, 358.5), stroke_along([(880, 480), (960, 500)], size=8)
    )
    found = leaks(page, 8.0)
    assert len(found) == 2 and found[0].at[0] > 800 and found[0].weight > 4 * found[1].weight
    assert "cm²" in found[0].sentence


def line(y, bow=0.0, size=10.0, x0=200, x1=1200):
    x = np.linspace(x0, x1, 80)
    return stroke_along(list(zip(x, y + bow * np.sin((x - x0) / (x1 - x0) * np.pi), strict=True)), size=size)


@pytest.mark.parametrize("seed", range(30))
def test_planted_tangents_are_found_and_pushed_apart(seed):
    rng = np.random.default_rng(2000 + seed)
    bow, apart = rng.uniform(60, 200), rng.uniform(0.2, 2.0)
    straight, curve = line(600), line(600 - bow - 10 - apart, bow)
    page = page_with(straight, curve)
    near = shapely.LineString(straight.own_ribbon.points[:, :2]).distance(
        shapely.LineString(curve.own_ribbon.points[:, :2])
    )
    (found,) = tangents(page, 3.0)
    assert found.kind == "tangent" and found.size_px == pytest.approx(near - 10, abs=1.5) and 500 < found.at[0] < 900
    after = found.mend(page)
    assert tangents(after, 1.0) == []
    one, two = list(after.active.marks)
    off = (
        gaps(one.own_ribbon.points[:, :2].astype(float), two.own_ribbon.points.astype(float))
        - one.own_ribbon.points[:, 2]
    )
    assert off.min() > near - 10 + 1


@pytest.mark.parametrize("apart", [-0.5, 0.5, 2.0])
def test_two_round_forms_that_touch_are_a_tangent(apart):
    def forms(between):
        return page_with(ring(400, 500, 200, 90, 450), ring(400 + 200 + 120 + 12 + between, 500, 120, 90, 450))

    page = forms(apart)
    (found,) = tangents(page, 3.0)
    assert found.kind == "tangent" and math.dist(found.at, (606, 500)) < 12
    assert tangents(found.mend(page), 3.0) == [] == tangents(forms(6.0), 3.0) == tangents(forms(-60.0), 3.0)


def test_lines_that_cross_or_are_hatching_are_no_tangents_and_double_lines_are_told():
    crossing = page_with(line(500), stroke_along([(300, 300), (900, 700)], size=10))
    hatch = page_with(*(line(400 + 12 * k, size=10, x0=300, x1=700) for k in range(8)))
    assert tangents(crossing, 3.0) == [] == tangents(hatch, 3.0)
    (double,) = tangents(page_with(line(500), line(507)), 3.0)
    assert double.kind == "stray" and "over each other" in double.sentence


@pytest.mark.parametrize("seed", range(30))
def test_an_end_that_stops_exactly_on_a_line_is_found_and_drawn_in(seed):
    rng = np.random.default_rng(3000 + seed)
    thick, size, turn = rng.uniform(8, 24), rng.uniform(4, 12), rng.uniform(-35, 35)
    short = rng.uniform(0.0, 0.5)  # of the tip, from the edge
    tip = np.array([700.0, 600 - thick / 2 - size / 2 - short])
    way = np.array([math.sin(math.radians(turn)), -math.cos(math.radians(turn))])
    ending = stroke_along([tuple(tip + way * far) for far in (250, 120, 0)], size=size)
    page = page_with(line(600, size=thick), ending)
    (found,) = stops(page)
    assert found.kind == "tangent" and math.dist(found.at, tip) < 3 and "exactly on another" in found.sentence
    assert stops(found.mend(page)) == [] and len(found.mend(page).active.marks) == 3
    into = stroke_along([tuple(tip + way * far) for far in (250, 120, -thick / 2 - size / 2)], size=size)
    before = stroke_along([tuple(tip + way * far) for far in (250, 120, 5)], size=size)
    through = stroke_along([tuple(tip + way * far) for far in (250, 120, -90)], size=size)
    for other in (into, before, through):
        assert stops(page_with(line(600, size=thick), other)) == []


def pointed(at, wide=70.0, *, parts, size):
    """Two arms that go down from a point."""
    half = math.radians(wide / 2)
    ends = [(at[0] + 300 * side * math.sin(half), at[1] + 300 * math.cos(half)) for side in (-1, 1)]
    lines = [[ends[0], at, ends[1]]] if parts == 1 else [[end, at] for end in ends]
    return [stroke_along([(x, y) for a, b in pairwise(line) for x, y in between(a, b)], size=size) for line in lines]


def between(a, b):
    return np.linspace(a, b, 100).tolist()


@pytest.mark.parametrize("parts", [1, 2])
@pytest.mark.parametrize("seed", range(10))
def test_a_corner_that_just_meets_a_frame_is_found_and_kept_off(seed, parts):
    """How far the ink of both is apart is measured by shapely."""
    rng = np.random.default_rng(4000 + seed)
    thick, size, wide = rng.uniform(6, 20), rng.uniform(4, 12), rng.uniform(40, 100)
    border = line(300, size=thick, x0=100, x1=1300)

    def apart(page):
        first, *others = [
            shapely.union_all([shapely.Point(x, y).buffer(r) for x, y, r in mark.own_ribbon.points.tolist()])
            for mark in page.active.marks
        ]
        return min(first.distance(other) for other in others)

    def form(off):
        return page_with(border, *pointed((700.0, 300 + thick / 2 + size / 2 + off), wide, parts=parts, size=size))

    page = form(rng.uniform(0.0, 1.5))
    (found,) = corners(page)
    assert (
        found.kind == "tangent" and math.dist(found.at, (700, 300 + thick / 2)) < size + 4 and "frame" in found.sentence
    )
    assert found.size_px == pytest.approx(apart(page), abs=0.5)
    after = found.mend(page)
    assert corners(after) == [] and apart(after) > apart(page) + 4
    for off in (8.0, -60.0):  # well off it, and well over it
        assert corners(form(off)) == []


def test_a_corner_at_the_cut_is_found_and_round_forms_and_the_ends_of_frames_are_none():
    size, trim = 10.0, frame(replace(blank_page(*SIZE), trim_mm=5.0), "trim").y0
    at_cut = replace(page_with(*pointed((700.0, trim + 6.0), parts=1, size=size)), trim_mm=5.0)
    (found,) = corners(at_cut)
    assert math.dist(found.at, (700, trim + 6)) < 6 and corners(found.mend(at_cut)) == []
    assert corners(replace(at_cut, trim_mm=0.0)) == []
    border = line(300, x0=100, x1=1300)
    assert corners(page_with(border, ring(700, 300 + 5 + 200 + 6 + 1, 200, 90, 450))) == []  # two round forms' matter
    panel = [line(300, x0=100, x1=1300), stroke_along(between((100, 300), (100, 900)), size=10)]
    assert corners(page_with(*panel)) == []
    meeting = pointed((100.0, 300.0), parts=2, size=10)
    assert corners(page_with(line(300, x0=100, x1=1300), *meeting)) == []  # three lines that meet


def figure(outer, inner):
    inside = [stroke_along([(500 + 60 * k, 350), (480 + 60 * k, 640)], size=inner) for k in range(6)]
    return page_with(ring(700, 500, 320, size=outer), *inside)


@pytest.mark.parametrize("outer, weak", [(6, True), (8, True), (10, True), (13, False), (20, False)])
def test_weak_outlines_are_found_and_made_heavier(outer, weak):
    page = figure(outer, 8)
    outside, inside = outside_and_inside(page, page.active)
    assert len(outside) == 1 and len(inside) == 6
    found = weights(page)
    assert bool(found) == weak
    if weak:
        assert f"{outer / 8:.1f} times" in found[0].sentence and weights(found[0].mend(page)) == []


@pytest.mark.parametrize("in_one_go", [True, False])
@pytest.mark.parametrize("outer, weak", [(7, True), (13, False)])
def test_frames_of_panels_on_the_layer_are_no_outline_of_the_figure_in_them(outer, weak, in_one_go):
    corners = [(60, 60), (1340, 60), (1340, 940), (60, 940), (60, 60)]
    sides = [between(a, b) for a, b in pairwise(corners)]
    frames = [stroke_along(side, size=20) for side in ([[*chain(*sides)]] if in_one_go else sides)]
    bust = stroke_along(
        between((400, 930), (420, 700)) + between((420, 700), (980, 700)) + between((980, 700), (1000, 930)), size=outer
    )
    page = figure(outer, 8)
    for stroke in (*frames, bust):
        page = edits.with_mark(page, stroke)
    outside, inside = outside_and_inside(page, page.active)
    assert {s.uid for s in outside} == {next(iter(page.active.marks)).uid, bust.uid} and len(inside) == 6
    assert bool(weights(page)) == weak


def test_a_straight_form_that_is_no_frame_has_an_outline():
    house = [
        stroke_along(between(a, b), size=8)
        for a, b in pairwise([(500, 300), (900, 300), (900, 700), (500, 700), (500, 300)])
    ]
    windows = [line(400 + 60 * k, size=8, x0=550, x1=850) for k in range(4)]
    outside, inside = outside_and_inside(page := page_with(*house, *windows), page.active)
    assert len(outside) == 4 == len(inside)


def test_wobble_is_found_and_steadied_and_clean_lines_are_not():
    rng = np.random.default_rng(4)
    x = np.linspace(200, 1200, 160)
    shaky = np.column_stack([x, 500 + np.convolve(rng.normal(0, 9, 160), np.ones(3) / 3, "same")])
    page = page_with(stroke_along([tuple(p) for p in shaky.tolist()]), line(300, 60))
    found = wobbles(page, 0.05)
    assert len(found) == 1 and found[0].at[1] == pytest.approx(500, abs=30)
    left = [finding.size_px for finding in wobbles(found[0].mend(page), 0.05)]
    assert sum(left) < 0.7 * found[0].size_px


def test_stray_marks_are_named_and_taken_away():
    thin = line(300, size=0.6)
    page = page_with(line(600), stroke_along([(700, 200)], size=2), thin)
    page = replace(with_new_layer(page), active_uid=1)
    found = strays(page)
    assert (
        len(found) == 3 and any("speck" in f.sentence for f in found) and any("mm thick" in f.sentence for f in found)
    )
    assert any("is empty" in f.sentence for f in found)
    for finding in found:
        if finding.mend is not None:
            page = finding.mend(page)
    assert [f.sentence for f in strays(page)] == [next(f.sentence for f in found if "empty" in f.sentence)]


def test_weights_are_a_picture_and_a_plot():
    page = page_with(line(300, size=4), line(600, size=20))
    picture = width_picture(page, 700)
    assert picture.shape[1] == 700 and picture[150, 350].tolist() != picture[300, 350].tolist()
    assert picture[10, 10].tolist() == [255, 255, 255]
    edges, lengths = widths_by_length(shown_ink(page))
    assert lengths.sum() == pytest.approx(2000, rel=0.02)
    assert lengths[np.searchsorted(edges, 3.9) - 1 :][:2].sum() == pytest.approx(1000, rel=0.05)


def test_the_command_prints_findings_and_its_status_says_if_there_are_any(tmp_path, capsys):
    write_page(tmp_path / "bad.ora", page_with(ring(700, 500, 300, 1.5, 358.5)))
    write_page(tmp_path / "good.ora", page_with(ring(700, 500, 300)))
    assert main(["check", str(tmp_path / "good.ora"), "--json"]) == 0
    assert json.loads(capsys.readouterr().out) == []
    assert main(["check", str(tmp_path / "bad.ora"), "--json"]) == 3
    (found,) = json.loads(capsys.readouterr().out)
    assert (
        found["kind"] == "leak"
        and found["layer"] == "Ink"
        and set(found) == {"kind", "at", "size_px", "layer", "sentence"}
    )
    assert main(["check", str(tmp_path / "bad.ora"), "--leaks", "1"]) == 0
    assert main(["check", str(tmp_path / "bad.ora")]) == 3 and "gap" in capsys.readouterr().out


def test_what_is_let_be_is_not_found_again():
    page = page_with(ring(700, 500, 300, 1.5, 358.5))
    (found,) = checked(page)
    assert checked(replace(page, let_be=(found.name,))) == []


def test_what_mending_would_do_is_shown_where_it_is_done_and_a_picture_stays_on_the_page():
    page = page_with(ring(200, 200, 180, 2.5, 357.5, size=10), stroke_along([(1396, 996)], size=3))
    leak, speck = checked(page)
    assert (leak.kind, speck.kind) == ("leak", "stray")
    after = mended(page, [leak, speck])
    assert len(after.active.marks) == 2 and checked(after) == []
    bridge = [*after.active.marks][-1]
    edges = proposed(page, mended(page, [leak]))
    assert all(np.allclose(a, b) for a, b in zip(edges, bridge.ribbon.edges(), strict=True))
    (one, other) = proposed(page, mended(page, [speck]))
    assert shapely.LineString(one).crosses(shapely.LineString(other)), "what would go is crossed out"
    for proposal in proposals(page, [leak, speck], 64):
        h, w, depth = proposal.picture.shape
        assert depth == 4 and max(h, w) <= 64 and min(h, w) > 20
    near_the_corner = proposals(page, [speck], 64)[0]
    assert near_the_corner.picture[..., :3].min() < 128, "its ink is in the picture"
    middle = np.concatenate(near_the_corner.lines).mean(axis=0)
    x, y = (round(float(v)) for v in middle)
    assert near_the_corner.picture[y, x, :3].max() < 128, "and what is drawn lies over it"


def test_the_picture_of_an_outline_shows_all_of_it():
    page = figure(8, 8)
    (weak,) = weights(page)
    (proposal,) = proposals(page, [weak], 200)
    lines = np.concatenate(proposal.lines)
    assert lines.min() >= 0 and lines.max() <= 200 and max(proposal.picture.shape) == 200
    assert np.ptp(lines[:, 0]) > 150 and len(proposal.lines) == 2, "both edges of the ring"
