"""Patterns, ways that gradients and hatching follow, and the light of a page."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import shapely

from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.fill.filling import Filling, Inks, filled_at, filled_outline
from jotsk.core.fill.patterns import pattern_of
from jotsk.core.geometry import Rect
from jotsk.core.ink import pen_by_id
from jotsk.core.marks.fills import Gradient, fill_from, seamless
from jotsk.core.page import blank_page, edits, flattened, render, rgba
from jotsk.core.page.edits import resizing
from jotsk.core.page.light import Light, light_from
from tests.conftest import circle_path, stroke_along

INKS = Inks((20, 24, 27), (240, 240, 240), pen_by_id("quill-nib"))
BOX = [(40.0, 40.0), (360.0, 40.0), (360.0, 260.0), (40.0, 260.0)]


def cross_hatched():
    page = blank_page(400, 300)
    for k in range(6):
        page = edits.with_mark(page, stroke_along([(100, 90 + 20 * k), (220, 110 + 17 * k)], size=5))
    return page


def test_a_pattern_repeats_every_period_and_its_seams_are_no_sharper_than_its_inside():
    piece = pattern_of(cross_hatched(), Rect(100, 90, 180, 170))
    h, w = piece.piece.shape
    page = filled_outline(blank_page(400, 300), BOX, Filling(kind="pattern", pattern=piece), INKS)
    grey = rgba(flattened(page))[..., 0].astype(int)
    inside = slice(60, 60 + h), slice(60, 60 + w)
    again = slice(60, 60 + h), slice(60 + w, 60 + 2 * w)
    assert np.array_equal(grey[inside], grey[again]) and np.ptp(grey[inside]) > 150
    steps = np.abs(np.diff(grey[42:258, 42:358], axis=1)).mean(axis=0)
    seams = [x - 43 for x in range(44, 356) if (x - 100) % w == 0]
    assert steps[seams].max() <= 1.3 * steps.max() and len(seams) > 2
    raw = np.abs(
        rgba(flattened(cross_hatched()))[90:170, 100].astype(int) - rgba(flattened(cross_hatched()))[90:170, 179]
    )
    assert steps[seams].max() < raw[:, 0].mean(), "without fading, its sides would not meet"


@pytest.mark.parametrize(
    "turned", [np.array([[0.0, 1.0, 7.0], [-1.0, 0.0, 400.0]]), np.array([[-1.0, 0.0, 390.0], [0.0, 1.0, 0.0]])]
)
def test_a_pattern_goes_along_when_its_area_is_turned_or_flipped(turned):
    piece = pattern_of(cross_hatched(), Rect(100, 90, 180, 170))
    whole = np.full((128, 128), 255, np.uint8)
    before = {key: rgba(piece.pixels(whole, key)) for key in ((0, 0), (1, 0), (0, 1), (1, 1))}
    after = {(c, r): rgba(piece.moved(turned).pixels(whole, (c, r))) for c in range(4) for r in range(4)}
    off = []
    for x, y in np.random.default_rng(3).integers(4, 250, (60, 2)).tolist():
        u, v = turned[:, :2] @ (x + 0.5, y + 0.5) + turned[:, 2]
        if 0 <= u < 512 and 0 <= v < 512:
            there = after[int(u) // 128, int(v) // 128][int(v) % 128, int(u) % 128]
            off.append(np.abs(there.astype(int) - before[x // 128, y // 128][y % 128, x % 128]).max())
    assert len(off) > 20 and max(off) <= 3


def test_a_pattern_is_kept_in_files_and_bad_ones_are_refused(tmp_path):
    piece = pattern_of(cross_hatched(), Rect(100, 90, 180, 170))
    page = filled_outline(blank_page(400, 300), BOX, Filling(kind="pattern", pattern=piece), INKS)
    write_page(tmp_path / "a.ora", page)
    again = read_page(tmp_path / "a.ora")
    assert np.array_equal(flattened(again), flattened(page))
    assert render(again.active.marks, again.bounds) == again.active.tiles
    record = piece.record()
    for bad in ({"piece": "%%"}, {"size": [4000, 3]}, {"size": [79, 80]}, {"piece": record["piece"][:40]}):
        with pytest.raises((ValueError, KeyError)):
            fill_from({**record, **bad})
    with pytest.raises(Refused, match="no pattern yet"):
        filled_outline(blank_page(400, 300), BOX, Filling(kind="pattern"), INKS)
    with pytest.raises(Refused, match="shows nothing"):
        pattern_of(blank_page(400, 300), Rect(0, 0, 80, 80))
    with pytest.raises(Refused, match="a side"):
        pattern_of(cross_hatched(), Rect(0, 0, 2, 80))
    with pytest.raises(ValueError, match="a side"):
        seamless(np.zeros((3, 3), np.uint32), (0.0, 0.0))


def test_a_gradient_along_a_way_is_shapelys_length_along_it():
    way = [(50.0, 60.0), (120.0, 200.0), (240.0, 180.0), (230.0, 60.0)]
    fill = Gradient(way[0], way[-1], (0, 0, 0), None, way=tuple(way))
    whole = np.full((128, 128), 255, np.uint8)
    line = shapely.LineString(way)
    for key in ((0, 0), (1, 0), (1, 1)):
        alpha = rgba(fill.pixels(whole, key))[..., 3] / 255
        for x, y in np.random.default_rng(1).integers(0, 128, (40, 2)).tolist():
            spot = shapely.Point(128 * key[0] + x + 0.5, 128 * key[1] + y + 0.5)
            assert alpha[y, x] == pytest.approx(1 - line.project(spot, normalized=True), abs=0.012)
    moved = fill.moved(np.array([[2.0, 0.0, 5.0], [0.0, 2.0, 7.0]]))
    assert moved.way[1] == (245.0, 407.0) and fill_from(moved.record()) == moved


def test_hatching_follows_a_drawn_line_at_its_spacing():
    page = edits.with_mark(blank_page(400, 400), stroke_along(circle_path(150, (200, 200))[::40].tolist(), size=16))
    way = [(x, 200 + 40 * np.sin((x - 80) / 40)) for x in np.linspace(80, 320, 60)]
    how = Filling(kind="hatch", follows=True, spacing_px=24, irregular=0.0, uses_light=False, weight_px=4)
    made = list(filled_at(page, (200.0, 120.0), how, INKS, line=way).active.marks)[1:]
    assert len(made) >= 10
    straight = list(filled_at(page, (200.0, 120.0), replace(how, follows=False), INKS, line=way).active.marks)[1:]
    bent = lambda marks: max(  # noqa: E731
        shapely.LineString(m.trace.xy).length / max(1.0, np.hypot(*(m.trace.xy[-1] - m.trace.xy[0]))) for m in marks
    )
    assert bent(made) > 1.1 > bent(straight)
    drawn = shapely.LineString(way)
    nearest = min(made, key=lambda m: shapely.LineString(m.trace.xy).hausdorff_distance(drawn))
    assert max(drawn.distance(shapely.Point(p)) for p in nearest.trace.xy if 90 < p[0] < 310) < 1.0
    with pytest.raises(Refused, match="from one place to another"):
        filled_at(page, (200.0, 120.0), how, INKS, line=[(5.0, 5.0), (5.0, 5.0)])


def test_the_light_of_a_page_is_kept_moves_with_it_and_decides(tmp_path):
    page = replace(blank_page(400, 300), light=Light.standing((390.0, 20.0), Rect(0, 0, 400, 300)))
    assert page.light.angle == pytest.approx(np.degrees(np.arctan2(130, 190)))
    write_page(tmp_path / "a.ora", page)
    assert read_page(tmp_path / "a.ora").light == page.light
    larger = resizing.with_size(page, (400, 300), (0.0, 0.0), 600.0, (0.0, 0.0, 0.0), lambda _: None)
    assert larger.light.at == (780.0, 40.0)
    how = Filling(kind="black", spacing_px=10, length_px=30, weight_px=6)
    spikes = [m.trace.xy for m in filled_outline(page, BOX, how, INKS).active.marks if m.kind == "stroke"]
    way = np.mean([xy[-1] - xy[0] for xy in spikes], axis=0)
    assert way[0] > 0 > way[1], "they run out towards the light"
    for bad in (None, 5, {"at": [1]}, {"at": ["x", 2]}, {"angle": float("nan")}):
        assert light_from(bad) is None
