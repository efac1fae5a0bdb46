from __future__ import annotations

import cv2
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.errors import Refused, TooLarge
from jotsk.core.ink import TILE
from jotsk.core.marks import Cut
from jotsk.core.page import History, InkLayer, Tiles, blank_page, edits, flattened, pixels_of, render, rgba, tiles_from
from jotsk.core.page.edits import layer_edits
from tests.conftest import stroke_along

SIZE = (300, 260)
point = st.tuples(st.integers(-20, 320), st.integers(-20, 280))
line = st.lists(point, min_size=1, max_size=4, unique=True)
edit = st.one_of(
    st.tuples(st.just("draw"), line, st.integers(2, 24), st.sampled_from(["plain-round", "pencil", "quill-nib"])),
    st.tuples(st.just("rub"), line, st.integers(4, 40)),
    st.tuples(st.just("steady"), st.integers(0, 10), st.integers(0, 100)),
    st.tuples(st.just("delete"), st.integers(0, 10)),
)


def edited(page, step):
    marks = list(page.active.marks)
    if step[0] == "draw":
        return edits.with_mark(page, stroke_along(step[1], size=step[2], pen=step[3], after=30, color=(200, 30, 90)))
    if step[0] == "rub":
        return edits.rubbed_out(page, Cut(stroke_along(step[1], size=step[2]).ribbon))
    if not marks:
        return page
    old = marks[step[1] % len(marks)]
    new = old.resteadied(step[2]) if step[0] == "steady" else None
    return edits.with_replaced(page, page.active_uid, old, new)


@settings(max_examples=40)
@given(st.lists(edit, max_size=7))
def test_tiles_are_always_what_the_marks_render_to(steps):
    page = blank_page(*SIZE)
    for step in steps:
        page = edited(page, step)
    assert render(page.active.marks, page.bounds) == page.active.tiles


@settings(max_examples=25)
@given(st.lists(edit, min_size=1, max_size=6))
def test_undoing_everything_gives_the_first_page_and_redoing_the_last(steps):
    first = blank_page(*SIZE)
    history = History(first)
    for step in steps:
        page = edited(history.page, step)
        if page is not history.page:
            history.push(page, step[0])
    last = history.page
    while history.undo_label is not None:
        history.undo()
    assert history.page is first
    while history.redo_label is not None:
        history.redo()
    assert history.page is last


def test_an_edit_shares_every_tile_it_did_not_touch():
    page = blank_page(1000, 1000)
    page = edits.with_mark(page, stroke_along([(50, 50), (900, 900)]))
    before = page.active.tiles
    after = edits.with_mark(page, stroke_along([(700, 100), (720, 110)])).active.tiles
    changed = after.changed_since(before)
    assert changed <= {(5, 0), (5, 1)}
    assert all(after.stored(*key) is before.stored(*key) for key in before.cells - changed)


def test_an_erasure_belongs_to_the_strokes_it_touched():
    page = blank_page(*SIZE)
    page = edits.with_mark(page, stroke_along([(20, 60), (280, 60)]))
    page = edits.with_mark(page, stroke_along([(20, 200), (280, 200)]))
    untouched = page.active.marks.last
    page = edits.rubbed_out(page, Cut(stroke_along([(150, 20), (150, 100)], size=20).ribbon))
    upper, lower = page.active.marks
    assert len(upper.cuts) == 1
    assert lower is untouched
    page = edits.with_mark(page, stroke_along([(140, 60), (160, 60)], color=(255, 0, 0)))
    assert rgba(flattened(page))[60, 150, :3].tolist() == [255, 0, 0], "a stroke drawn later is not erased"


def test_a_stroke_rubbed_out_whole_is_gone():
    page = edits.with_mark(blank_page(*SIZE), stroke_along([(100, 100), (120, 100)], size=6))
    page = edits.rubbed_out(page, Cut(stroke_along([(80, 100), (140, 100)], size=40).ribbon))
    assert len(page.active.marks) == 0
    assert len(page.active.tiles) == 0


def test_rubbing_where_nothing_is_changes_nothing():
    page = edits.with_mark(blank_page(*SIZE), stroke_along([(20, 20), (60, 20)]))
    assert edits.rubbed_out(page, Cut(stroke_along([(200, 200), (220, 220)]).ribbon)) is page


@pytest.mark.parametrize("change, words", [({"locked": True}, "is locked"), ({"visible": False}, "is hidden")])
def test_locked_and_hidden_layers_refuse_ink_with_a_sentence(change, words):
    from dataclasses import replace

    page = blank_page(*SIZE)
    page = page.with_layer(replace(page.active, **change))
    with pytest.raises(Refused, match=words):
        edits.with_mark(page, stroke_along([(1, 1), (9, 9)]))


def test_trace_under_dims_tints_and_locks_and_puts_ink_above():
    page = edits.with_mark(blank_page(*SIZE), stroke_along([(20, 130), (280, 130)], size=40))
    traced = layer_edits.traced_under(page, 1)
    under, above = traced.layers
    assert (under.opacity, under.locked, under.is_sketch) == (0.3, True, True)
    assert isinstance(above, InkLayer) and traced.active is above and not len(above.marks)
    r, g, b, _ = rgba(flattened(traced))[130, 150].tolist()
    # Black under glass prints as non-photo blue, #A4DDED (from memory), within a few levels.
    assert (r, g, b) == pytest.approx((0xA4, 0xDD, 0xED), abs=16)


def test_layers_move_and_go():
    page = layer_edits.with_new_layer(layer_edits.with_new_layer(blank_page(*SIZE)))
    uids = [layer.uid for layer in page.layers]
    assert [layer.uid for layer in layer_edits.placed(page, [uids[0]], 0, uids[2]).layers] == [
        uids[1],
        uids[2],
        uids[0],
    ]
    less = layer_edits.without_layers(page, [page.active_uid])
    assert less.active_uid == uids[1]
    with pytest.raises(Refused, match="at least one layer"):
        layer_edits.without_layers(blank_page(*SIZE), [1])


def test_half_a_picture_is_opencvs_area_mean():
    page = edits.with_mark(
        blank_page(512, 512), stroke_along([(20, 30), (480, 300), (100, 460)], size=30, color=(9, 99, 200))
    )
    tiles = page.active.tiles
    whole = rgba(pixels_of(tiles, page.bounds))
    half = rgba(pixels_of(tiles.half, page.bounds.halved()))
    assert np.abs(half.astype(int) - cv2.resize(whole, (256, 256), interpolation=cv2.INTER_AREA)).max() <= 1


def test_halves_kept_up_to_date_are_halves_made_anew():
    page = edits.with_mark(blank_page(700, 500), stroke_along([(20, 30), (600, 400)], size=9))
    page.active.tiles.at_level(3)
    page = edits.with_mark(page, stroke_along([(300, 30), (350, 480)], size=25))
    kept = page.active.tiles.at_level(3)
    fresh = Tiles().with_tiles(dict(page.active.tiles)).at_level(3)
    assert kept == fresh


@given(st.integers(-300, 300), st.integers(-300, 300))
def test_a_picture_cut_into_tiles_is_the_picture(x, y):
    rng = np.random.default_rng(1)
    pixels = rng.integers(1, 1 << 32, (150, 140), np.uint32)
    tiles = tiles_from(pixels, x, y)
    from jotsk.core.geometry import Rect

    assert np.array_equal(pixels_of(tiles, Rect(x, y, x + 140, y + 150)), pixels)
    assert tiles.bounds.width % TILE == 0


@pytest.mark.parametrize("size", [(0, 10), (100_000, 100_000), (29_999, 29_999)])
def test_sizes_that_cannot_be_are_refused(size):
    with pytest.raises(TooLarge):
        blank_page(*size)


@settings(max_examples=12)
@given(st.lists(st.tuples(st.floats(0.05, 1), st.booleans(), st.integers(0, 999)), min_size=1, max_size=5))
def test_visible_layers_are_put_over_each_other_as_skia_does(layers):
    """Any number of layers, at their opacities, on the paper; hidden ones left out."""
    import skia

    from jotsk.core.page import Page, PaintLayer

    built, pictures = [], []
    for uid, (opacity, visible, seed) in enumerate(layers, 1):
        rng = np.random.default_rng(seed)
        alpha = rng.integers(0, 256, (60, 70, 1))
        straight = np.concatenate([rng.integers(0, 256, (60, 70, 3)) * alpha // 255, alpha], axis=2).astype(np.uint8)
        built.append(
            PaintLayer(uid, "x", tiles_from(straight.view(np.uint32)[..., 0]), visible=visible, opacity=opacity)
        )
        pictures.append((straight, opacity, visible))
    page = Page(70, 60, paper=(240, 230, 220), layers=tuple(built), active_uid=1)
    info = skia.ImageInfo.Make(70, 60, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
    surface = skia.Surface.MakeRaster(info)
    canvas = surface.getCanvas()
    canvas.clear(skia.ColorSetRGB(240, 230, 220))
    for straight, opacity, visible in pictures:
        if visible:
            floats = (straight / 255).astype(np.float32)
            paint = skia.Paint()
            paint.setAlphaf(round(opacity * 255) / 255)
            image = skia.Image.fromarray(floats, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
            canvas.drawImage(image, 0, 0, skia.SamplingOptions(), paint)
    out = np.zeros((60, 70, 4), np.float32)
    surface.readPixels(info, out)
    assert np.abs(rgba(flattened(page)).astype(float) - out * 255).max() <= 1 + len(layers)


def test_a_mark_that_is_replaced_keeps_its_place_among_the_others():
    from jotsk.core.page import Marks

    strokes = [stroke_along([(k, 0), (k, 9)]) for k in range(200)]
    marks = Marks()
    for stroke in strokes:
        marks = marks.appended(stroke)
    new = stroke_along([(0, 0), (5, 5)])
    changed = marks.replaced({id(strokes[70]): new, id(strokes[130]): None})
    expected = [*strokes[:70], new, *strokes[71:130], *strokes[131:]]
    assert list(changed) == expected and len(changed) == 199 and list(marks) == strokes
    assert changed.last is strokes[-1] and changed.holds(new) and not changed.holds(strokes[130])
    assert changed.hold_all([new, strokes[0]]) and not changed.hold_all([new, strokes[70]])
    assert Marks(strokes).last is strokes[-1] and Marks().last is None


def test_choosing_a_layer_is_no_step_and_what_was_undone_can_still_be_redone():
    page = layer_edits.with_new_layer(blank_page(*SIZE))
    history = History(page)
    drawn = edits.with_mark(page, stroke_along([(5, 5), (90, 90)]))
    history.push(drawn, "Stroke")
    history.undo()
    history.alter(active_uid=1)
    assert history.page.active_uid == 1 and history.redo_label == "Stroke"
    assert history.redo() is drawn
    history.amend(page)
    assert history.redo_label is None and history.undo_label == "Stroke"
