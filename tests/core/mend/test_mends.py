"""Join, weight, push, simplify, place, recast; and steps from a file."""

from __future__ import annotations

import json
import math
from dataclasses import replace

import cv2
import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.cli import main
from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.geometry import Rect, arc_lengths
from jotsk.core.geometry.placement import Mesh, projected
from jotsk.core.guides.draft import few_points
from jotsk.core.guides.rails import Curve
from jotsk.core.hand.simulated_pen import Hand, drawn, smooth_path
from jotsk.core.ink import pen_by_id
from jotsk.core.marks.mends import Mends, Placement
from jotsk.core.mend import brush, join, splice, whole
from jotsk.core.mend.steps import STEPS, WrongStep, run
from jotsk.core.page import blank_page, edits, flattened, render
from tests.conftest import circle_path, shaky, stroke_along


def page_with(*strokes, size=(600, 400)):
    page = blank_page(*size)
    for stroke in strokes:
        page = edits.with_mark(page, stroke)
    return page


def wavy(left, right):
    """A level line of a hand."""
    x = np.linspace(left, right, 40)
    return stroke_along([(a, 200 + 3 * math.sin(a / 40)) for a in x], size=8)


def arc(first_deg, last_deg, radius=120.0, size=10.0, pen="plain-round"):
    angle = np.radians(np.linspace(first_deg, last_deg, 40))
    return stroke_along([(300 + radius * math.cos(a), 200 + radius * math.sin(a)) for a in angle], size=size, pen=pen)


# -- join ----------------------------------------------------------------------------------------


def test_a_bridge_goes_on_in_direction_and_weight():
    a, b = arc(0, 160, size=8), arc(180, 340, size=12)
    page, count = join.joined(page_with(a, b), 60.0)
    assert count == 2, "both gaps of the circle"
    for bridge in list(page.active.marks)[2:]:
        points = bridge.own_ribbon.points.astype(float)
        away = np.hypot(points[:, 0] - 300, points[:, 1] - 200)
        assert away == pytest.approx(120, abs=1.0), "round as the circle is"
        for end, inner in ((points[0], points[3]), (points[-1], points[-4])):
            radial = np.array([end[0] - 300, end[1] - 200])
            along = inner[:2] - end[:2]
            angle = math.degrees(math.acos(abs(radial @ along) / np.hypot(*radial) / np.hypot(*along)))
            assert angle == pytest.approx(90, abs=2.5)
        radii = sorted((points[0, 2], points[-1, 2]))
        assert radii == pytest.approx([4, 6], rel=0.05)
    assert render(page.active.marks, page.bounds) == page.active.tiles


def test_tapered_ends_meet_at_full_weight():
    a = stroke_along([(40, 200), (140, 200), (240, 200)], size=20, pen="quill-nib")
    b = stroke_along([(270, 200), (370, 200), (470, 200)], size=20, pen="quill-nib")
    page, count = join.joined(page_with(a, b), 40.0)
    assert count == 1
    dark = (flattened(page).view(np.uint8).reshape(400, 600, 4)[:, 60:450, 0] < 128).sum(axis=0)
    assert dark.min() > 0.75 * np.median(dark), "no waist is left"


def test_ends_that_point_apart_or_lie_too_far_are_not_joined():
    side_by_side = page_with(stroke_along([(40, 100), (240, 100)]), stroke_along([(40, 130), (240, 130)]))
    assert join.joined(side_by_side, 35.0)[1] == 0
    assert join.joined(page_with(arc(0, 160), arc(180, 340)), 5.0)[1] == 0
    empty = blank_page(50, 50)
    assert join.joined(empty, 10.0) == (empty, 0)


# -- splice --------------------------------------------------------------------------------------


@pytest.mark.parametrize("seed", range(3))
def test_a_splice_of_five_tries_lies_along_their_mean(seed):
    x = np.linspace(60, 540, 120)
    y = 200 + 60 * np.sin(x / 90)
    rng = np.random.default_rng(seed)
    tries, offsets = [], []
    for _ in range(5):
        off = rng.uniform(-6, 6) + 1.5 * np.sin(x / 60 + rng.uniform(0, 6))
        offsets.append(off)
        places = list(zip(x, y + off, strict=True))
        tries.append(stroke_along(places if rng.random() < 0.5 else places[::-1], size=6))
    page, count = splice.spliced(page_with(*tries), tries)
    assert count == 5 and len(page.active.marks) == 1
    points = page.active.marks.last.own_ribbon.points.astype(float)
    mean = np.interp(points[10:-10, 0], x, y + np.mean(offsets, axis=0))
    slope = np.gradient(y, x)
    lean = np.sqrt(1 + np.interp(points[10:-10, 0], x, slope) ** 2)
    assert np.abs((points[10:-10, 1] - mean) / lean).max() < 0.5
    assert points[:, 2].max() > 5, "as wide as their outline"
    assert render(page.active.marks, page.bounds) == page.active.tiles


def test_a_line_of_short_pieces_becomes_one_from_end_to_end():
    pieces = [[(60 + 4 * k, 200 + rise) for k in range(a, a + 40)] for a, rise in ((0, 0.0), (32, 1.5), (64, -1.0))]
    strokes = [stroke_along(piece, size=8) for piece in pieces]
    page, count = splice.spliced(page_with(*strokes), strokes)
    points = page.active.marks.last.own_ribbon.points
    assert count == 3 and points[:, 0].min() < 64 and points[:, 0].max() > 60 + 4 * 102
    assert np.abs(points[:, 1] - 200).max() < 3 and page.active.marks.last.own_ribbon.length_px < 430


def test_lines_that_have_nothing_to_do_with_each_other_are_not_spliced():
    apart = [stroke_along([(40, 50), (300, 50)]), stroke_along([(40, 350), (300, 350)])]
    with pytest.raises(Refused, match="do not all overlap"):
        splice.spliced(page_with(*apart), apart)
    with pytest.raises(Refused, match="two to"):
        splice.spliced(page_with(*apart), apart[:1])


# -- weight and push -----------------------------------------------------------------------------


def test_a_hand_that_passes_thickens_softly_and_twice_is_more():
    page = page_with(stroke_along([(50, 200), (550, 200)], size=10))
    once, count = brush.weighed_along(page, [(300, 150, 60), (300, 250, 60)], 2.0)
    assert count == 1
    ribbon = once.active.marks.last.own_ribbon
    at = lambda x: float(np.interp(x, ribbon.points[:, 0], ribbon.points[:, 2]))  # noqa: E731
    assert at(300) == pytest.approx(10, rel=0.02) and at(200) == pytest.approx(5) and 5 < at(270) < 10
    assert np.abs(np.diff(ribbon.points[:, 2])).max() < 0.5, "soft at its ends"
    twice, _ = brush.weighed_along(once, [(300, 150, 60), (300, 250, 60)], 2.0)
    assert twice.active.marks.last.own_ribbon.points[:, 2].max() == pytest.approx(20, rel=0.03)
    untouched, count = brush.weighed_along(page, [(300, 20, 30)], 2.0)
    assert untouched is page and count == 0


@pytest.mark.parametrize("pen", ["quill-nib", "pencil", "dry-brush", "technical-0.5"])
def test_whole_lines_of_any_pen_become_thicker(pen):
    stroke = stroke_along([(60, 80), (300, 240), (540, 120)], size=14, pen=pen)
    page = page_with(stroke)
    thick, count = brush.weighed(page, list(page.active.marks), 1.5)
    assert count == 1
    before, after = (p.active.marks.last.own_ribbon.points for p in (page, thick))
    assert after[:, 2] == pytest.approx(1.5 * before[:, 2], rel=1e-5) and np.array_equal(after[:, :2], before[:, :2])


def test_pushing_moves_what_is_in_the_middle_and_less_at_the_edge():
    page = page_with(stroke_along([(50, 200), (550, 200)], size=6))
    moved, count = brush.pushed_along(page, np.array([[300.0, 200.0], [300.0, 225.0]]), 80.0)
    ribbon = moved.active.marks.last.own_ribbon
    dy = np.interp([300, 340, 378, 430], ribbon.points[:, 0], ribbon.points[:, 1]) - 200
    assert count == 1 and 15 < dy[0] <= 25 and dy[0] > dy[1] > dy[2] >= 0 and dy[3] == 0
    assert ribbon.points[:, 2] == pytest.approx(3.0, abs=0.01), "weight stays"
    assert brush.pushed_along(page, np.array([[300.0, 20.0], [320.0, 20.0]]), 40.0) == (page, 0)


# -- whole strokes -------------------------------------------------------------------------------


@pytest.mark.parametrize("tolerance", [0.5, 2.0])
def test_simplifying_stays_within_its_tolerance(tolerance):
    path = circle_path(120, (300, 200))[:300]
    stroke = replace(stroke_along([(0, 0), (1, 1)]), trace=shaky(path, 1.5, seed=3), steady_after=60.0)
    page = page_with(stroke)
    simple, count = whole.simplified(page, list(page.active.marks), tolerance)
    new = simple.active.marks.last
    assert count == 1 and len(new.hold.rail.points) < len(stroke.trace) / 4
    curve = shapely.LineString(new.hold.rail.dense[0])
    assert max(curve.distance(shapely.Point(p)) for p in stroke.line.xy) <= tolerance + 0.01


def test_simplifying_a_practised_hand_leaves_about_half_the_points_of_douglas_and_peucker_at_equal_error():
    shares = []
    for seed in range(8):
        path = smooth_path(np.cumsum(np.random.default_rng(seed).normal(0, 120, (6, 2)), axis=0) + 500)
        motion = drawn(path, 1.5, pressure=0.7, rate_hz=300, hand=Hand(0.8), seed=seed)
        line = replace(stroke_along([(0, 0), (1, 1)]), trace=motion, steady_after=45.0).line.xy
        points = few_points(line, 1.5)
        curve = shapely.LineString(Curve(points).dense[0])
        error = max(curve.distance(shapely.Point(p)) for p in line)
        assert error <= 1.5
        shares.append(len(points) / len(shapely.LineString(line).simplify(error, preserve_topology=False).coords))
    assert np.mean(shares) <= 0.52


@settings(max_examples=25)
@given(st.lists(st.floats(-0.4, 0.4), min_size=4, max_size=4), st.floats(-0.0004, 0.0004), st.floats(-0.0004, 0.0004))
def test_a_placement_is_opencvs(linear, g, h):
    m = np.array([[1 + linear[0], linear[1], 30], [linear[2], 1 + linear[3], -20], [g, h, 1.0]])
    if abs(np.linalg.det(m)) < 0.05:
        return
    stroke = stroke_along([(60, 80), (300, 240), (540, 120)], size=14)
    placed = stroke.mended(stroke.mends.with_placement(m))
    before = stroke.own_ribbon.points[:, :2].astype(np.float64)
    theirs = cv2.perspectiveTransform(before[None], m)[0]
    assert projected(m, before) == pytest.approx(theirs, abs=1e-6)
    ours = placed.own_ribbon.points[:, :2].astype(np.float64)
    assert max(np.hypot(*(ours - place).T).min() for place in theirs) < 0.01, "all of its points are there"
    assert np.hypot(*np.diff(ours, axis=0).T).max() < 3.1, "and more between them, where it became larger"
    kept = stroke.mended(stroke.mends.with_placement(m, scaled=False))
    assert kept.own_ribbon.points[:, 2] == pytest.approx(stroke.own_ribbon.points[0, 2])


def test_twice_as_large_is_twice_as_thick_or_as_thick_as_before():
    stroke = stroke_along([(60, 80), (140, 120)], size=8)
    page = page_with(stroke)
    double = np.diag([2.0, 2.0, 1.0])
    for scaled, radius in ((True, 8.0), (False, 4.0)):
        placed, _ = whole.placed(page, list(page.active.marks), double, scaled=scaled)
        assert placed.active.marks.last.own_ribbon.points[:, 2].max() == pytest.approx(radius, rel=1e-3)


def test_mends_follow_the_page_when_it_is_resized():
    stroke = stroke_along([(60, 80), (300, 240), (540, 120)], size=14)
    page = page_with(stroke)
    for mend in (
        lambda p: brush.pushed_along(p, np.array([[300.0, 240.0], [310.0, 270.0]]), 90.0)[0],
        lambda p: whole.placed(p, list(p.active.marks), np.array([[1, 0.2, 5], [0, 0.9, 8], [0, 0, 1.0]]))[0],
        lambda p: brush.weighed_along(p, [(300, 240, 60)], 1.6)[0],
    ):
        page = mend(page)
    once = page.active.marks.last
    twice = once.mapped(2.0, 10.0, -30.0)
    assert twice.own_ribbon.length_px == pytest.approx(2 * once.own_ribbon.length_px, rel=1e-3)
    ends = once.own_ribbon.points[[0, -1], :2] * 2 + (10, -30)
    assert twice.own_ribbon.points[[0, -1], :2] == pytest.approx(ends, abs=0.05)


@pytest.mark.parametrize("pen", ["plain-round", "quill-nib", "dry-brush", "soft-pencil"])
def test_what_a_mend_leaves_alone_keeps_every_px_also_of_a_texture(pen):
    line = stroke_along([(30 + 6 * k, 200 + 20 * math.sin(k / 9)) for k in range(90)], size=18, pen=pen)
    before = page_with(line)
    snipped = line.mended(line.mends.without([(1.5, 2.0)], line.times))
    pushed = brush.pushed_stroke(line, np.array([[400.0, 200.0], [400.0, 230.0]]), 60.0)
    for new, x0, x1 in ((snipped, 195, 285), (pushed, 320, 480)):
        page = edits.with_replaced(before, before.active_uid, line, new)
        assert render(page.active.marks, page.bounds) == page.active.tiles
        changed = np.argwhere(flattened(page) != flattened(before))[:, 1]
        assert len(changed) and x0 <= changed.min() and changed.max() <= x1


def test_a_record_of_mends_is_read_again_and_nonsense_is_refused():
    mends = Mends(
        np.array([[0.0, 1.0, 2.0], [0.5, 0.0, 0.0]]),
        (Placement(np.eye(3) + 0.1, False), Placement(Mesh.over(Rect(0, 0, 50, 40), 2, 3))),
        np.array([[0.1, 2.0]]), ((0.0, 0.2),),
    )  # fmt: skip
    again = Mends.from_record(json.loads(json.dumps(mends.record())))
    assert again.record() == mends.record()
    old = Mends.from_record({"placement": np.eye(3).tolist(), "scaled": False})
    assert len(old.placements) == 1 and not old.placements[0].scaled
    for bad in (
        {"placement": [[1, 0, 0], [2, 0, 0], [0, 0, 1]]}, {"weight": [[0, 1], [0, 2]]}, {"weight": [[0, -1]]},
        {"placements": [{"mesh": {"frame": [[1, 0, 0], [1, 0, 0]], "grid": [[[0, 0], [1, 0]], [[0, 1], [1, 1]]]}}]},
        {"placements": [{"mesh": {"frame": [[1, 0, 0], [0, 1, 0]], "grid": [[[0, 0], [1, 0]]]}}]},
        {"shift": [[0, 1]]}, {"spans": [[0]]}, {"shift": []}, {"weight": [[0, 1e9]]}, {"spans": [[0, "x"]]},
    ):  # fmt: skip
        with pytest.raises((ValueError, TypeError)):
            Mends.from_record(bad)


# -- steps ---------------------------------------------------------------------------------------


EXAMPLES = [
    {"do": "splice", "strokes": {"inside": [[30, 150], [600, 150], [600, 250], [30, 250]]}},
    {"do": "snip", "along": [[300, 60], [320, 300]], "against": "visible"},
    {"do": "grow", "at": [257, 200], "to": [300, 200]},
    {"do": "unsplice", "strokes": "all"},
    {"do": "cut", "at": [150, 200]},
    {"do": "join", "within": 25},
    {"do": "weight", "strokes": "all", "by": 1.2},
    {"do": "weight", "along": [[100, 200, 40], [180, 200, 40]], "by": 0.7},
    {"do": "push", "from": [120, 200], "to": [130, 215], "radius": 60},
    {"do": "push", "from": [120, 200], "to": [300, 215], "radius": 60, "as": "smooth"},
    {"do": "weight", "along": [[100, 200, 40], [180, 200, 40]], "by": 1, "as": "sharpen"},
    {"do": "weights", "by": 1.5},
    {"do": "over", "at": [440, 330]},
    {"do": "simplify", "strokes": {"touching": [[100, 100], [100, 300]]}, "tolerance": 1.5},
    {"do": "place", "strokes": "all", "matrix": [[1, 0, 4], [0, 1, 2], [0, 0, 1]], "weights": "kept", "layer": "Ink"},
    {"do": "recast", "strokes": {"inside": [[0, 0], [600, 0], [600, 400], [0, 400]]}, "pen": "brush-pen", "size": 12},
]


@pytest.fixture
def lines():
    return page_with(
        wavy(40, 420), stroke_along([(250, 40), (250, 360)], size=14),
        wavy(440, 560),
        stroke_along([(380, 330), (560, 330)], size=24, pen="cord"), stroke_along([(430, 290), (450, 380)], size=24, pen="cord"),
    )  # fmt: skip


def test_every_step_changes_something_and_its_page_is_its_marks(lines):
    assert {step["do"] for step in EXAMPLES} == set(STEPS)
    before = {"grow": EXAMPLES[1], "unsplice": EXAMPLES[0]}
    for step in EXAMPLES:
        first, _ = run(lines, [before[step["do"]]] if step["do"] in before else [], pen_by_id)
        page, (count,) = run(first, [step], pen_by_id)
        assert count >= 1 and page is not first, step
        assert render(page.active.marks, page.bounds) == page.active.tiles, step


def test_the_command_does_them_and_says_how_many(lines, tmp_path, capsys):
    write_page(tmp_path / "a.ora", lines)
    (tmp_path / "steps.json").write_text(json.dumps(EXAMPLES))
    arguments = ["do", str(tmp_path / "a.ora"), str(tmp_path / "steps.json"), "--out", str(tmp_path / "b.ora")]
    assert main([*arguments, "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    page, counts = run(lines, EXAMPLES, pen_by_id)
    assert told == [{"do": step["do"], "changed": count} for step, count in zip(EXAMPLES, counts, strict=True)]
    assert np.array_equal(flattened(read_page(tmp_path / "b.ora")), flattened(page))


@pytest.mark.parametrize("wrong, says", [
    ({"do": "dance"}, "there are snip, grow"), ({"do": "cut"}, "needs 'at'"), ({"do": "cut", "at": [5, 5]}, "no line to cut"),
    ({"do": "snip", "along": "x"}, "list of places"), ({"do": "snip", "along": [[1, 2, 3]]}, "2 numbers"),
    ({"do": "weight", "strokes": "some", "by": 2}, "strokes are"), ({"do": "weight", "strokes": "all", "by": 0}, "0.01 to 100"),
    ({"do": "place", "strokes": "all", "matrix": [[0, 0, 0]] * 3}, "flatten"), ({"do": "join", "within": 5, "layer": "x"}, "named"),
    ({"do": "recast", "strokes": "all"}, "changes pen"), ({"do": "recast", "strokes": "all", "pen": "feather"}, "feather"),
    ({"do": "push", "from": [1, 2], "to": [3, None], "radius": 5}, "no sense"), (7, "none there is"),
])  # fmt: skip
def test_a_wrong_step_names_itself_and_leaves_no_file(lines, tmp_path, capsys, wrong, says):
    good = {"do": "weight", "strokes": "all", "by": 1.1}
    with pytest.raises(WrongStep, match="Step 2") as told:
        run(lines, [good, wrong], pen_by_id)
    assert says in str(told.value)
    write_page(tmp_path / "a.ora", lines)
    (tmp_path / "s.json").write_text(json.dumps([good, wrong]))
    out = tmp_path / "b.ora"
    assert main(["do", str(tmp_path / "a.ora"), str(tmp_path / "s.json"), "--out", str(out)]) == 1
    assert "Step 2" in capsys.readouterr().err and not out.exists()


def test_files_that_are_no_steps_are_told(lines, tmp_path, capsys):
    write_page(tmp_path / "a.ora", lines)
    for text, says in (("{", "no JSON"), ('{"do": 1}', "are a list")):
        (tmp_path / "s.json").write_text(text)
        assert main(["do", str(tmp_path / "a.ora"), str(tmp_path / "s.json"), "--out", str(tmp_path / "b.ora")]) == 1
        assert says in capsys.readouterr().err


@settings(max_examples=20)
@given(st.lists(st.sampled_from(EXAMPLES), min_size=1, max_size=6))
def test_any_sequence_of_mends_is_its_marks_and_survives_a_file(tmp_path_factory, sequence):
    page = page_with(
        wavy(40, 420), stroke_along([(250, 40), (250, 360)], size=14),
        wavy(440, 560),
        stroke_along([(380, 330), (560, 330)], size=24, pen="cord"), stroke_along([(430, 290), (450, 380)], size=24, pen="cord"),
    )  # fmt: skip
    for step in sequence:
        try:
            page, _ = run(page, [step], pen_by_id)
        except WrongStep as told:
            assert any(
                why in str(told)
                for why in ("no line to cut", "nothing to part", "A splice takes", "not all overlap", "No cord")
            )
    assert render(page.active.marks, page.bounds) == page.active.tiles
    path = tmp_path_factory.mktemp("mends") / "a.ora"
    write_page(path, page)
    assert np.array_equal(flattened(read_page(path)), flattened(page))


def test_the_bend_of_a_bridge_has_no_kink():
    page, _ = join.joined(page_with(arc(10, 120), arc(150, 300)), 80.0)
    p = page.active.marks.last.own_ribbon.points[:, :2].astype(float)
    turns = np.diff(np.unwrap(np.arctan2(*np.diff(p, axis=0).T[::-1])))
    assert np.abs(turns).max() < 0.2 and arc_lengths(p)[-1] > 40
