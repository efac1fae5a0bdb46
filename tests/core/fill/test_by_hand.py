"""Areas held by hand: put together, resized, outlined and used, against Shapely, SciPy and scikit-image."""

from __future__ import annotations

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy import ndimage
from skimage.measure import label

from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.fill import by_hand
from jotsk.core.fill.filling import Filling, Inks, filled_runs
from jotsk.core.fill.outline import mask_in
from jotsk.core.geometry import Rect
from jotsk.core.ink import pen_by_id
from jotsk.core.marks.runs import bounds_of, runs_from_mask
from jotsk.core.page import blank_page, edits, flattened, render, rgba
from tests.conftest import circle_path, stroke_along

PAGE = Rect(0, 0, 300, 260)
INKS = Inks((20, 24, 27), (255, 255, 255), pen_by_id("quill-nib"))


def box(x0, y0, x1, y1):
    return by_hand.inside_of("box", [(x0, y0), (x1, y1)], PAGE)


def blobs(seed):
    return ndimage.gaussian_filter(np.random.default_rng(seed).standard_normal((260, 300)), 9) > 0.01


@settings(max_examples=30)
@given(st.integers(0, 99), st.integers(100, 199), st.sampled_from(by_hand.WAYS))
def test_areas_are_put_together_as_numpy_does(a, b, way):
    first, second = blobs(a), blobs(b)
    expected = {"new": second, "add": first | second, "take": first & ~second, "overlap": first & second}[way]
    runs = by_hand.combined(runs_from_mask(first, 0, 0), runs_from_mask(second, 0, 0), way)
    assert np.array_equal(mask_in(runs, PAGE), expected)
    assert np.array_equal(mask_in(by_hand.inverted(runs, PAGE), PAGE), ~expected)


@pytest.mark.parametrize("grow", [-6, -2.5, 3, 11])
def test_larger_and_smaller_are_scipys_distances_and_shapelys_buffers(grow):
    mask = np.zeros((260, 300), np.bool_)
    mask[60:180, 70:220] = True
    runs = by_hand.resized(runs_from_mask(mask, 0, 0), grow, PAGE)
    away = ndimage.distance_transform_edt(~mask) if grow > 0 else ndimage.distance_transform_edt(mask)
    expected = away <= grow if grow > 0 else away > -grow
    assert (mask_in(runs, PAGE) != expected).sum() <= 0.01 * expected.sum()
    square = shapely.box(70, 60, 220, 180).buffer(grow)
    assert mask_in(runs, PAGE).sum() == pytest.approx(square.area, rel=0.02)


def test_the_edge_of_the_page_is_no_edge_of_an_area():
    runs = by_hand.resized(box(0, 0, 300, 100), -10, PAGE)
    assert bounds_of(runs) == Rect(0, 0, 300, 90)


def test_shapes_have_the_areas_shapely_gives_them():
    ellipse = by_hand.inside_of("ellipse", [(20, 40), (260, 200)], PAGE)
    assert mask_in(ellipse, PAGE).sum() == pytest.approx(np.pi * 120 * 80, rel=0.01)
    corners = [(30, 30), (270, 60), (150, 240)]
    assert mask_in(by_hand.inside_of("corners", corners, PAGE), PAGE).sum() == pytest.approx(
        shapely.Polygon(corners).area, rel=0.01
    )
    round_about = [(150 + 100 * np.cos(a), 130 + 100 * np.sin(a)) for a in np.linspace(0, 2 * np.pi, 9)[:-1]]
    curve = mask_in(by_hand.inside_of("curve", round_about, PAGE), PAGE).sum()
    assert curve == pytest.approx(np.pi * 100**2, rel=0.02), "smooth through its points, not from one to the next"
    with pytest.raises(Refused, match="beside the page"):
        by_hand.inside_of("box", [(400, 400), (500, 500)], PAGE)


@pytest.mark.parametrize("seed", range(4))
def test_one_outline_holds_what_all_loops_hold(seed):
    mask = blobs(seed)
    runs = runs_from_mask(mask, 0, 0)
    outline = by_hand.one_outline(runs)
    shape = shapely.make_valid(shapely.unary_union([shapely.Polygon(loop) for loop in by_hand.loops_of(runs)]))
    again = mask_in(by_hand.inside_of("corners", [tuple(p) for p in outline.tolist()], PAGE), PAGE)
    assert (again != mask).mean() < 0.01
    assert len(by_hand.loops_of(runs)) >= label(mask, connectivity=1).max(), "holes are loops too"
    assert shape.area >= mask.sum() - len(outline)


@pytest.fixture
def ringed():
    """A page with a ring of ink, filled red inside."""
    page = edits.with_mark(blank_page(300, 260), stroke_along(circle_path(90, (150, 130))[::50].tolist(), size=12))
    inside = by_hand.inside_of("ellipse", [(70, 50), (230, 210)], page.bounds)
    return filled_runs(page, inside, Filling(), Inks((200, 40, 40), (0, 0, 0), INKS.pen))


def test_px_of_a_colour_are_found_everywhere(ringed):
    red = mask_in(by_hand.of_color(ringed, (150, 130), 8), PAGE)
    expected = np.abs(rgba(flattened(ringed))[..., :3].astype(int) - (200, 40, 40)).max(axis=-1) < 12
    assert (red != expected).mean() < 0.01
    with pytest.raises(Refused, match="beside the page"):
        by_hand.of_color(ringed, (-4, 0), 8)


def test_under_lines_and_around_the_drawing():
    ring = stroke_along(circle_path(90, (150, 130))[60:-60:40].tolist(), size=12)
    page = edits.with_mark(blank_page(300, 260), ring)
    ink = mask_in(by_hand.under([ring], PAGE), PAGE)
    assert np.array_equal(ink, rgba(flattened(page))[..., 0] < 128)
    closed = mask_in(by_hand.around_drawing(page, 40), PAGE)
    assert closed[2, 2] and not closed[130, 150] and not (closed & ink).any()
    assert mask_in(by_hand.around_drawing(page, 0), PAGE)[130, 150], "open, it is entered"
    with pytest.raises(Refused, match="Choose lines"):
        by_hand.under([], PAGE)


@pytest.mark.parametrize("soften", [0.0, 6.0])
def test_a_soft_edge_is_scipys_gaussian_and_is_kept_in_files(tmp_path, soften):
    page = filled_runs(blank_page(300, 260), box(60, 50, 240, 210), Filling(), INKS, soften)
    assert render(page.active.marks, page.bounds) == page.active.tiles
    mask = np.zeros((260, 300))
    mask[50:210, 60:240] = 1
    expected = ndimage.gaussian_filter(mask, soften, truncate=2.5) if soften else mask
    alpha = (rgba(flattened(page, transparent=True))[..., 3]) / 255
    inside = slice(58, 202), slice(68, 232)
    assert np.abs(alpha - expected).max() < 0.02 if soften else np.array_equal(alpha[inside], expected[inside])
    write_page(tmp_path / "a.ora", page)
    again = read_page(tmp_path / "a.ora")
    assert again.active.marks.last.soften_px == soften
    assert np.array_equal(flattened(again), flattened(page))


@pytest.mark.parametrize("soften", [0.0, 5.0])
def test_what_lies_in_it_is_cleared_and_copied(ringed, soften, tmp_path):
    held = by_hand.combined(box(100, 20, 200, 240), box(140, 100, 160, 160), "take")
    less = by_hand.cleared(ringed, held, soften)
    assert render(less.active.marks, less.bounds) == less.active.tiles
    pixels = rgba(flattened(less))
    assert (pixels[60, 150, :3] > 250).all() and pixels[130, 150, 0] > 150 > pixels[130, 150, 1], "the hole is kept"
    copy = by_hand.copied(ringed, held, soften)
    assert copy.active.name.endswith("copy") and len(copy.layers) == len(ringed.layers) + 1
    alone = rgba(flattened(copy, transparent=True, shows=lambda layer: layer.uid == copy.active_uid))
    assert alone[60, 150, 3] > 250 and not alone[130, 60, 3] and alone[130, 150, 3] < (128 if soften else 10)
    write_page(tmp_path / "a.ora", less)
    assert np.array_equal(flattened(read_page(tmp_path / "a.ora")), flattened(less))
    with pytest.raises(Refused, match="shows nothing"):
        by_hand.copied(blank_page(300, 260), held)
