"""What brings lines into shape: points, ways of weight and push, parts, growing back, closing, cords turned over."""

from __future__ import annotations

import math

import cv2
import numpy as np
import pytest

from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.geometry import Rect
from jotsk.core.geometry.frame_drag import side_dragged
from jotsk.core.geometry.placement import Mesh, projected
from jotsk.core.mend import brush, points, splice, whole
from jotsk.core.mend.bared import bared
from jotsk.core.mend.brush_kernel import gathered_places, pushed_places
from jotsk.core.mend.closing import bridges_of, with_stroke_closed, with_stroke_spliced
from jotsk.core.mend.connected import connected
from jotsk.core.mend.grow import grown_back
from jotsk.core.mend.over_under import turned
from jotsk.core.mend.parts import parted
from jotsk.core.mend.snip import snipped
from jotsk.core.page import blank_page, edits, flattened, render
from jotsk.core.page.edits.layer_edits import with_new_layer
from jotsk.core.page.edits.selection import strokes_across
from tests.conftest import stroke_along

WAVE = [(40 + 5 * k, 200 + 40 * math.sin(k / 14)) for k in range(100)]


def page_with(*strokes, size=(600, 400)):
    page = blank_page(*size)
    for stroke in strokes:
        page = edits.with_mark(page, stroke)
    return page


def own(page):
    """Its strokes, after a look that its tiles are what they give."""
    assert render(page.active.marks, page.bounds) == page.active.tiles
    return list(page.active.marks)


def places(stroke):
    return stroke.own_ribbon.points[:, :2].astype(float)


def ink_at(page, x, y):
    return (int(flattened(page)[y, x]) & 0xFF) < 128


# -- points --------------------------------------------------------------------------------------


def test_a_line_has_few_points_where_it_bends_and_runs_through_them():
    line = stroke_along(WAVE, size=8)
    found = points.points_of(line, 1.5)
    assert 5 <= len(found) <= 22
    assert points.led_by(line, found) <= 1.5 * 1.05
    assert len(points.points_of(line, 12.0)) < len(found)
    for point in found:
        assert np.hypot(*(places(line) - (point.x, point.y)).T).min() < 0.01
        assert point.radius == pytest.approx(4, abs=0.01)


def test_a_moved_point_takes_the_line_along_up_to_its_neighbours():
    line = stroke_along(WAVE, size=8, pen="dry-brush")
    found = points.points_of(line, 1.5)
    k = len(found) // 2
    moved = points.with_point_moved(line, found, k, (found[k].x, found[k].y - 30))
    after = points.point_at(moved, found[k].t)
    assert (after.x, after.y) == pytest.approx((found[k].x, found[k].y - 30), abs=0.5)
    for other in (*found[: k - 1], *found[k + 2 :]):
        assert points.point_at(moved, other.t)[1:3] == pytest.approx((other.x, other.y), abs=0.01)
    page = edits.with_all_replaced(page_with(line), 1, [(line, moved)])
    changed = np.argwhere(flattened(page) != flattened(page_with(line)))[:, 1]
    assert found[k - 1].x - 12 <= changed.min() and changed.max() <= found[k + 1].x + 12, "texture elsewhere stays"


def test_a_point_has_its_own_weight_and_can_be_a_corner_or_be_taken_away():
    line = stroke_along(WAVE, size=8)
    found = points.points_of(line, 1.5)
    k = len(found) // 2
    heavy = points.with_point_weighed(line, found, k, 3.0)
    assert points.point_at(heavy, found[k].t).radius == pytest.approx(12, rel=0.02)
    assert points.point_at(heavy, found[k + 1].t).radius == pytest.approx(4, rel=0.02)
    sharp = points.sharpened_at(line, found, k)
    middle = (found[k].t + found[k + 1].t) / 2
    at = points.point_at(sharp, middle)
    way = np.array([found[k + 1].x - found[k].x, found[k + 1].y - found[k].y])
    off = (way[0] * (at.y - found[k].y) - way[1] * (at.x - found[k].x)) / np.hypot(*way)
    assert abs(off) < 0.5, "it runs straight to its neighbours"
    smooth = points.point_at(points.smoothed_at(sharp, found, k), middle)
    assert math.dist(smooth[1:3], at[1:3]) > 0.1, "round again"
    without = points.without_point(line, found, k)
    assert points.point_at(without, found[0].t)[1:3] == pytest.approx((found[0].x, found[0].y), abs=0.01)
    assert points.without_point(line, found, 0) is line, "an end stays"


# -- weight and push -----------------------------------------------------------------------------


def test_a_line_is_evened_out_and_sharpened_at_its_end():
    uneven = stroke_along(WAVE, size=8)
    lumps = np.array([[t, 1 + 0.5 * math.sin(9 * t)] for t in np.linspace(*uneven.times, 200)])
    uneven = uneven.mended(uneven.mends.with_weight(lumps))
    way = np.array([(x, y, 60.0) for x, y in WAVE])
    (even,) = own(brush.weighed_along(page_with(uneven), way, 1.0, how="even")[0])
    radii = even.own_ribbon.points[30:-30, 2]
    assert radii.std() < 0.5 * uneven.own_ribbon.points[30:-30, 2].std()
    (sharp,) = own(brush.weighed_along(page_with(uneven), way[-12:], 1.0, how="sharpen")[0])
    assert sharp.own_ribbon.points[-1, 2] < 0.2 and sharp.own_ribbon.points[0, 2] > 2


def test_a_firm_hand_pushes_all_it_holds_alike_and_a_soft_one_less_at_its_edge():
    level = stroke_along([(40, 200), (560, 200)], size=8)
    way = np.array([[300.0, 200.0], [300.0, 220.0]])
    soft, firm = (brush.pushed_stroke(level, way, 60.0, firm=share) for share in (0.0, 0.9))
    at = [np.interp(330, places(s)[:, 0], places(s)[:, 1]) for s in (soft, firm)]
    assert at[1] > at[0] + 3


def test_a_push_is_the_same_however_often_the_way_was_told():
    """A hand of 400 px, followed every 40 px and every 0.1 px."""
    places = np.random.default_rng(5).uniform(-300, 900, (500, 2))
    whole = np.column_stack([np.arange(0.0, 600.1, 40), 50 * np.sin(np.arange(0.0, 600.1, 40) / 90)])
    at = np.arange(0.0, 600.05, 0.1)
    often = np.column_stack([at, np.interp(at, whole[:, 0], whole[:, 1])])
    pushed = [pushed_places(places, way, 400.0) - places for way in (whole, often)]
    assert np.abs(pushed[0] - pushed[1]).max() < 0.03 * np.abs(pushed[0]).max()
    gathered = [gathered_places(places, way, 400.0, 0.5) - places for way in (whole, often)]
    assert np.abs(gathered[0] - gathered[1]).max() < 0.03 * np.abs(gathered[0]).max()


def test_begun_beside_a_line_a_push_moves_only_that_edge():
    level = stroke_along([(40, 200), (560, 200)], size=20)
    page, count = brush.pushed_along(page_with(level), np.array([[300.0, 214.0], [300.0, 230.0]]), 50.0)
    assert count == 1
    (line,) = own(page)
    k = int(np.abs(places(line)[:, 0] - 300).argmin())
    y, radius = places(line)[k, 1], float(line.own_ribbon.points[k, 2])
    assert y - radius == pytest.approx(190, abs=0.3), "the upper edge stays"
    assert y + radius > 217, "the lower one goes along"


def test_smooth_takes_a_bump_out_and_gather_draws_lines_together():
    bump = stroke_along([(40 + 5 * k, 200 + 25 * math.exp(-((k - 50) ** 2) / 20)) for k in range(100)], size=6)
    way = np.column_stack([np.linspace(240, 340, 20), np.full(20, 205.0)])
    smooth = brush.pushed_stroke(bump, way, 50.0, "smooth")
    assert places(smooth)[:, 1].max() < places(bump)[:, 1].max() - 4
    assert places(smooth)[0] == pytest.approx(places(bump)[0]), "its ends stay"
    pair = page_with(stroke_along([(40, 180), (560, 180)]), stroke_along([(40, 220), (560, 220)]))
    page, count = brush.pushed_along(
        pair, np.column_stack([np.linspace(200, 400, 9), np.full(9, 200.0)]), 60.0, how="gather"
    )
    upper, lower = own(page)
    gap = [np.interp(300, places(s)[:, 0], places(s)[:, 1]) for s in (upper, lower)]
    assert count == 2 and gap[1] - gap[0] < 34


def test_what_would_show_white_beside_colour_is_found_and_only_that():
    page = with_new_layer(page_with(stroke_along([(40, 200), (560, 200)], size=30)))
    line_layer = page.layers[0]
    page = edits.with_mark(page, stroke_along([(40, 335), (560, 335)], size=250, color=(200, 60, 60)))
    old = line_layer.marks.last
    new = old.mended(old.mends.with_weight(np.array([[0.0, 0.3], [9.0, 0.3]])))
    found = bared(page, line_layer, [(old, new)], Rect(200, 150, 400, 260))
    ys = np.concatenate([outline[:, 1] for outline in found])
    assert len(found) and ys.min() > 203 and ys.max() < 211, "between the thin line and the colour below it"
    assert bared(page_with(old), page_with(old).active, [(old, new)], Rect(200, 150, 400, 260)) == []


# -- parts, growing back, choosing ---------------------------------------------------------------


def test_a_loop_parts_lines_and_what_is_inside_moves_alone():
    line = stroke_along(WAVE, size=8)
    before = page_with(line)
    loop = np.array([(200.0, 100.0), (300, 100), (300, 300), (200, 300)])
    page, found = parted(before, loop)
    assert len(found) == 1 and len(own(page)) == 2
    x = places(found[0])[:, 0]
    assert x.min() == pytest.approx(200, abs=2) and x.max() == pytest.approx(300, abs=2)
    same = (flattened(page) != flattened(before)).mean()
    assert same < 0.0005, "nothing is seen of it"
    assert parted(page, np.array([(0.0, 0.0), (600, 0), (600, 400), (0, 400)]))[0] is page, "nothing to part"


def test_a_snipped_end_grows_back_as_far_as_it_is_pulled_and_no_farther():
    across = [stroke_along([(x, 40), (x, 360)], size=14) for x in (200, 440)]
    before = page_with(*across, stroke_along([(40, 200), (560, 200)], size=10))
    page, _ = snipped(before, [(500, 150), (500, 250)])
    page, _ = snipped(page, [(300, 150), (300, 250)])
    longer, count = grown_back(page, (208, 200), (320, 230), 12.0)
    assert count == 1
    own(longer)
    assert ink_at(longer, 318, 200) and not ink_at(longer, 330, 200)
    whole_again, _ = grown_back(longer, (321, 200), (900, 200), 12.0)
    assert np.array_equal(flattened(whole_again), flattened(before)), "all of it was there"
    assert grown_back(page, (100, 50), (200, 60)) == (page, 0)


def test_what_hangs_together_is_found_and_a_line_drawn_across_takes_what_it_touches():
    chain = [stroke_along([(40 + 60 * k, 200), (96 + 60 * k, 200)], size=4) for k in range(6)]
    far = stroke_along([(40, 300), (400, 300)], size=4)
    page = page_with(*chain, far)
    layer = page.active
    assert connected(layer, [chain[0]], 1.0) == chain
    assert connected(layer, [chain[2]], -0.5) == [chain[2]], "round ends that only touch"
    assert connected(layer, [far], 150.0)[-1] is far and len(connected(layer, [far], 150.0)) == 7
    assert strokes_across(layer, np.array([(60.0, 150), (60, 350)])) == [chain[0], far]
    assert strokes_across(layer, np.array([(60.0, 250)])) == []


# -- closing and live splices --------------------------------------------------------------------


def ring(first_deg, last_deg, pen="plain-round"):
    angle = np.radians(np.linspace(first_deg, last_deg, 60))
    return stroke_along([(300 + 100 * math.cos(a), 200 + 100 * math.sin(a)) for a in angle], size=8, pen=pen)


def test_a_stroke_that_comes_near_its_start_is_closed_and_one_that_does_not_stays_open():
    nearly, mouth = ring(0, 350), ring(0, 300)
    assert len(bridges_of(blank_page(600, 400), nearly, 25.0)) == 1
    assert bridges_of(blank_page(600, 400), mouth, 25.0) == [] == bridges_of(blank_page(600, 400), nearly, 0.0)
    page = with_stroke_closed(blank_page(600, 400), nearly, 25.0)
    alpha = 255 - flattened(page).view(np.uint8).reshape(400, 600, 4)[..., 0]
    outside = (alpha < 128).astype(np.uint8)
    cv2.floodFill(outside, None, (0, 0), 2)  # an outside reader: no way leads in
    assert outside[200, 300] == 1
    assert len(bridges_of(blank_page(600, 400), mouth, 0.0, to_start=True)) == 1
    assert bridges_of(blank_page(600, 400), stroke_along([(100, 100), (104, 100)], size=8), 25.0) == [], "a dot"


def test_an_end_is_led_to_a_line_that_lies_ahead_of_it():
    wall = stroke_along([(400, 40), (400, 360)], size=10)
    page = page_with(wall)
    short = stroke_along([(100, 200), (380, 200)], size=8)
    (bridge,) = bridges_of(page, short, 20.0)
    assert places(bridge)[-1, 0] == pytest.approx(400, abs=1) and places(bridge)[0, 0] == pytest.approx(380, abs=1)
    away = stroke_along([(380, 100), (100, 100)], size=8)
    assert bridges_of(page, stroke_along([(360, 20), (360, 380)], size=8), 20.0) == [], "it runs beside the wall"
    assert len(bridges_of(page, away, 20.0)) == 1, "a stroke may begin there too"


def test_short_strokes_along_the_last_one_become_one_line_that_gives_them_back():
    first = stroke_along([(40 + 5 * k, 200) for k in range(50)], size=8)
    second = stroke_along([(230 + 5 * k, 203) for k in range(50)], size=8)
    page, line = with_stroke_spliced(page_with(first), second, first)
    assert own(page) == [line] and places(line)[:, 0].max() == pytest.approx(475, abs=3)
    page, count = splice.unspliced(page, [line])
    assert count == 1 and len(own(page)) == 2
    across = stroke_along([(100, 100), (100, 300)], size=8)
    page, line = with_stroke_spliced(page_with(first), across, first)
    assert line is across and len(own(page)) == 2


# -- cords ---------------------------------------------------------------------------------------


def test_a_cord_hides_what_it_crosses_and_a_press_turns_it_under(tmp_path):
    bar = stroke_along([(300, 40), (300, 360)], size=12)
    cord = stroke_along([(100, 200), (500, 200)], size=40, pen="cord")
    page = page_with(bar, cord)
    assert (
        not ink_at(page, 300, 200) and ink_at(page, 300, 150) and ink_at(page, 200, 182) and not ink_at(page, 200, 200)
    )
    under, count = turned(page, (300, 200))
    own(under)
    assert count == 1 and ink_at(under, 300, 200) and not ink_at(under, 200, 200)
    write_page(tmp_path / "a.ora", under)
    read = read_page(tmp_path / "a.ora")
    assert np.array_equal(flattened(read), flattened(under))
    again, _ = turned(read, (300, 200))
    assert np.array_equal(flattened(again), flattened(page))
    with pytest.raises(Refused, match="No cord"):
        turned(page, (200, 300))


def test_a_cord_that_crosses_itself_lies_over_or_under_itself():
    t = np.linspace(0, 2 * np.pi, 160)
    eight = stroke_along(list(zip(300 + 200 * np.cos(t), 200 + 120 * np.sin(2 * t), strict=True)), size=36, pen="cord")
    page = page_with(eight)
    under, _ = turned(page, (300, 200))
    (line,) = own(under)
    assert len(line.mends.unders) == 1
    differs = np.argwhere(flattened(page) != flattened(under))
    assert len(differs) and np.hypot(*(differs - (200, 300)).T).max() < 70, "only at the crossing"
    back, _ = turned(under, (300, 200))
    assert np.array_equal(flattened(back), flattened(page))
    snip, _ = snipped(under, [(480, 150), (480, 250)])
    own(snip)


# -- moving --------------------------------------------------------------------------------------


def test_a_side_stretches_or_skews_and_the_other_one_stays():
    area = Rect(100, 100, 300, 200)
    corners = np.array([(100.0, 100), (300, 100), (300, 200), (100, 200)])
    right = projected(side_dragged(area, 1, (100, 4)), corners)
    assert right == pytest.approx(np.array([(100, 100), (400, 100), (400, 200), (100, 200)]))
    upper = projected(side_dragged(area, 0, (50, -2)), corners)
    assert upper == pytest.approx(np.array([(150, 100), (350, 100), (300, 200), (100, 200)]))
    both = projected(side_dragged(area, 2, (50, 50)), corners)
    assert both == pytest.approx(np.array([(100, 100), (300, 100), (350, 250), (150, 250)]))


def test_a_mesh_moves_lines_folded_over_or_not_and_copies_stay_crisp():
    line = stroke_along(WAVE, size=8)
    page = page_with(line)
    mesh = Mesh.over(Rect(40, 100, 560, 300), 2, 3)
    grid = mesh.grid.copy()
    grid[1, 1] += (20, 60)
    page, copies = whole.copied(page, [line], Mesh(mesh.frame, grid))
    assert len(own(page)) == 2 and copies[0].uid != line.uid
    folded = mesh.grid[:, ::-1].copy()
    page, count = whole.placed(page, copies, Mesh(mesh.frame, folded))
    assert count == 1 and len(own(page)) == 2
    with pytest.raises(Refused, match="out of all sight"):
        whole.placed(page, own(page), np.diag([1e7, 1e7, 1.0]))


def test_all_line_weights_of_a_page_are_scaled_at_once():
    page = page_with(stroke_along(WAVE, size=8), stroke_along(WAVE[::-1], size=3, pen="quill-nib"))
    page, count = whole.line_weights_scaled(page, 1.5)
    assert count == 2 and [s.size_px for s in own(page)] == [12, 4.5]
    with pytest.raises(Refused):
        whole.line_weights_scaled(page, 0.0)
