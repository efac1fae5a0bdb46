"""Tiles of one colour, and the flattened page kept tile by tile, against compositing anew."""

from __future__ import annotations

import time
from dataclasses import replace

import cv2
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.geometry import Rect
from jotsk.core.ink.blend_kernel import ink_into, pixels_into
from jotsk.core.page import (
    History,
    Page,
    PaintLayer,
    Tiles,
    blank_page,
    edits,
    flattened,
    rgba,
    tiles_from,
)  # fmt: skip
from jotsk.core.page.compose import flat_tiles, plain_stack
from jotsk.core.page.compose.flat_tiles import Change, FlatTiles, change_between
from jotsk.core.page.compose.modes import MODES
from jotsk.core.page.compose.recent_composites import Content, RecentComposites
from jotsk.core.page.compose.thumbnail import thumbnail
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.tiles.tiles import InkTile, opened, tile_bytes, tile_from
from tests.conftest import stroke_along

SIZE = (600, 500)


def some_page(blend: str = "normal"):
    page = blank_page(*SIZE)
    page = edits.with_mark(page, stroke_along([(30, 40), (560, 450)], size=26, color=(20, 24, 27)))
    noise = np.random.default_rng(1).integers(0, 256, (200, 260, 4), np.uint8)
    noise[..., :3] = noise[..., :3] * (noise[..., 3:] / 255)
    picture = tiles_from(noise.view(np.uint32)[..., 0], 130, 90)
    page = layer_edits.with_layer_above(page, PaintLayer(page.next_uid(), "paint", picture, opacity=0.6, blend=blend))
    page = edits.with_mark(layer_edits.with_new_layer(page), stroke_along([(40, 400), (500, 60)], size=12))
    page = edits.with_mark(
        layer_edits.with_new_layer(page), stroke_along([(300, 30), (310, 470)], size=9, color=(200, 30, 20))
    )
    return page.with_layer(replace(page.layers[2], tint=(0, 90, 200), opacity=0.8))


def whole(flat: FlatTiles, level: int) -> np.ndarray:
    size = flat.level_size(level)
    columns, rows = -(-size.width // 128), -(-size.height // 128)
    out = np.zeros((rows * 128, columns * 128, 4), np.uint8)
    flat.copy_into(out, (0, 0), [(level, c, r) for c in range(columns) for r in range(rows)])
    return out[: size.height, : size.width, 2::-1]


@pytest.mark.parametrize("blend", ["normal", "multiply"])
@pytest.mark.parametrize("active", range(4))
def test_kept_tiles_are_the_page_through_any_edits(blend, active):
    page = some_page(blend)
    page = replace(page, active_uid=page.layers[active].uid)
    flat = FlatTiles()
    flat.set_page(page)
    for k in range(6):
        assert np.array_equal(whole(flat, 0), rgba(flattened(page))[..., :3]), k
        part = Rect(100, 80, 420, 330)
        out = np.zeros((part.height, part.width, 4), np.uint8)
        flat.part_into(out, (part.x0, part.y0), part, 0)
        assert np.array_equal(out[..., 2::-1], rgba(flattened(page, part))[..., :3]), "from the layers kept apart"
        before = page
        if k in (2, 3):
            page = page.with_layer(replace(page.layers[1], visible=k == 3))
        elif k == 4:
            page = replace(page, active_uid=page.layers[(active + 1) % 4].uid)
        else:
            page = edits.with_mark(page, stroke_along([(50 + 90 * k, 60), (500 - 80 * k, 400)], size=15))
        change = flat.set_page(page)
        assert change == change_between(before, page)


def test_where_nearly_all_of_many_layers_changed_all_of_the_page_has(monkeypatch):
    noise = np.random.default_rng(3).integers(1, 1 << 24, (6, *SIZE[::-1]), np.uint32) | np.uint32(0xFF000000)
    layers = tuple(PaintLayer(k + 1, str(k), tiles_from(pixels)) for k, pixels in enumerate(noise))
    before = Page(*SIZE, layers=layers, active_uid=1)
    after = replace(before, layers=tuple(replace(x, tiles=tiles_from(pixels[::-1].copy())) for x, pixels in
                                         zip(layers, noise, strict=True)))  # fmt: skip
    flat = FlatTiles()
    flat.set_page(before)
    whole(flat, 0)
    assert flat.set_page(after) == change_between(before, after) == Change(area=before.bounds)
    assert np.array_equal(whole(flat, 0), rgba(flattened(after))[..., :3])
    assert change_between(before, before.with_layer(after.layers[2])).cells, "of one layer, which tiles"


@pytest.mark.parametrize(("opacity", "tint"), [(1.0, None), (0.5, None), (0.5, (0, 90, 200)), (1.0, (0, 90, 200))])
def test_a_sketch_below_the_ink_is_flattened_in_one_go_with_it(opacity, tint, monkeypatch):
    page = some_page()
    page = page.with_layer(replace(page.layers[1], opacity=opacity, tint=tint))
    flat = FlatTiles()
    flat.set_page(page)
    monkeypatch.setattr(FlatTiles, "_put_down", lambda *_: pytest.fail("layer by layer"))
    assert np.array_equal(whole(flat, 0), rgba(flattened(page))[..., :3])


@pytest.mark.parametrize("blend", MODES)
def test_layers_that_blend_are_flattened_in_one_go_with_the_others(blend, monkeypatch):
    """Against the composite of `composite_into`, which is checked against the W3C text on its own."""
    page = some_page(blend)
    page = page.with_layer(replace(page.layers[2], blend=blend, tint=None))
    page = page.with_layer(replace(page.layers[3], blend=blend, opacity=0.7, tint=(0, 90, 200)))
    flat = FlatTiles()
    flat.set_page(page)
    monkeypatch.setattr(FlatTiles, "_put_down", lambda *_: pytest.fail("layer by layer"))
    assert np.array_equal(whole(flat, 0), rgba(flattened(page))[..., :3])


def test_a_change_names_only_the_tiles_it_touches():
    page = some_page()
    flat = FlatTiles()
    flat.set_page(page)
    whole(flat, 0)
    after = edits.with_mark(page, stroke_along([(20, 20), (60, 30)], size=4))
    change = flat.set_page(after)
    assert change.cells == {(0, 0)} and change.places(1, page.bounds.halved()) == {(1, 0, 0)}
    assert not flat.has((0, 0, 0)) and flat.has((0, 1, 0))


@given(
    st.lists(st.tuples(st.integers(0, 2), st.integers(0, 255), st.integers(0, 127)), min_size=1, max_size=12),
    st.tuples(*[st.integers(0, 255)] * 3),
)
@settings(max_examples=60)
def test_ink_comes_out_the_same_whether_alphas_or_pixels_are_kept(layers, color):
    """Layers of ink, most of one colour, put down on alphas where that goes, and on pixels alone."""
    inks = [color, (9, 8, 7), color]
    pixels = np.zeros((128, 128), np.uint32)
    page = blank_page(128, 128)
    for which, alpha, row in layers:
        tile = np.zeros((128, 128), np.uint8)
        tile[row:] = alpha
        r, g, b = inks[which]
        packed = np.uint32(r | g << 8 | b << 16 | 0xFF000000)
        ink_into(pixels, tile, packed)
        from jotsk.core.page.layers.layer import _inked

        stored = page.active.tiles.stored(0, 0)
        new = _inked(stored, tile, packed, atop=False, is_own=False)
        page = page.with_layer(replace(page.active, tiles=page.active.tiles.with_tiles({(0, 0): new})))
    tile = page.active.tiles.get(0, 0)
    assert np.array_equal(np.zeros_like(pixels) if tile is None else tile, pixels)


def test_a_tile_of_one_colour_is_kept_as_its_alpha_and_survives_being_written():
    page = edits.with_mark(blank_page(300, 300), stroke_along([(20, 20), (280, 250)], color=(20, 24, 27)))
    tiles = page.active.tiles
    assert all(isinstance(tiles.stored(*key), InkTile) for key in tiles.cells)
    assert tiles.nbytes == 128 * 128 * len(tiles)
    for key in tiles.cells:
        tile = tiles.stored(*key)
        pixels = np.empty((128, 128), np.uint32)
        pixels_into(pixels, tile.alpha, tile.color)
        assert np.array_equal(opened(tile), pixels) and np.array_equal(opened(tile_from(tile_bytes(tile))), pixels)
        assert isinstance(Tiles().with_tiles({key: pixels}).stored(*key), InkTile), "found again from its pixels"
    two = edits.with_mark(page, stroke_along([(20, 250), (280, 20)], color=(200, 0, 0))).active.tiles
    assert any(not isinstance(two.stored(*key), InkTile) for key in two.cells)
    mixed = next(two.stored(*key) for key in two.cells if not isinstance(two.stored(*key), InkTile))
    assert np.array_equal(tile_from(tile_bytes(mixed)), mixed)
    opaque = np.random.default_rng(3).integers(0, 1 << 24, mixed.shape, np.uint32) | np.uint32(255 << 24)
    assert len(tile_bytes(opaque)) == 3 * opaque.size and np.array_equal(tile_from(tile_bytes(opaque)), opaque)
    for y, x, pixel in ((0, 0, 0xFE010101), (5, 9, 0xFE010101), (127, 127, 0)):
        other = opaque.copy()
        other[y, x] = pixel
        assert np.array_equal(tile_from(tile_bytes(other)), other)


def test_a_miniature_is_the_page_reduced():
    """Against OpenCV's area filter on the flattened page."""
    page = some_page()
    small = thumbnail(page, 100)
    assert small.shape == (83, 100, 3)
    expected = cv2.resize(rgba(flattened(page)), (100, 83), interpolation=cv2.INTER_AREA)[..., :3]
    assert np.abs(small.astype(int) - expected).mean() < 2
    part = thumbnail(page, 64, Rect(300, 200, 428, 328))
    expected = cv2.resize(rgba(flattened(page, Rect(300, 200, 428, 328))), (64, 64), interpolation=cv2.INTER_AREA)
    assert np.abs(part.astype(int) - expected[..., :3]).max() <= 2


def test_tiles_that_were_prepared_show_the_same_and_none_is_prepared_when_time_is_up():
    page = replace(some_page(), active_uid=some_page().layers[1].uid)
    flat, plain = FlatTiles(), FlatTiles()
    places = [(0, c, r) for c in range(3) for r in range(2)]
    for tiles in (flat, plain):
        tiles.set_page(page)
    assert not flat.prepare(places, 0.0) and not any(map(flat._active_cache.has, places))
    assert flat.prepare(places, np.inf) and all(map(flat._active_cache.has, places))
    after = edits.with_mark(page, stroke_along([(20, 20), (300, 200)], size=14))
    for tiles in (flat, plain):
        tiles.set_page(after)
    assert np.array_equal(whole(flat, 0), whole(plain, 0))


@pytest.mark.parametrize("level", [0, 1])
@given(
    steps=st.lists(
        st.tuples(st.sampled_from(["ink", "undo", "redo", "opacity", "active", "jump", "wet"]), st.integers(0, 99)),
        min_size=4, max_size=14,
    )
)  # fmt: skip
@settings(max_examples=25)
def test_tiles_put_away_come_back_only_where_the_page_is_as_it_was(level, steps):
    """Any walk over values of a page, against flattening that knows nothing of what was before."""
    history, flat = History(some_page()), FlatTiles()
    flat.set_page(history.page)
    for what, n in steps:
        page, layer = history.page, history.page.layers[n % 4]
        if what == "ink":
            line = stroke_along([(5 * n, 30), (590 - 5 * n, 470)], size=7)
            history.push(edits.with_mark(replace(page, active_uid=page.layers[2 + n % 2].uid), line), what)
        elif what == "opacity":
            history.push(page.with_layer(replace(layer, opacity=0.3 + n / 150)), what)
        elif what == "active":
            history.alter(active_uid=layer.uid)
        elif what == "jump":
            history.go_to(n % len(history))
        elif what == "wet":
            flat.drop(Rect(0, 0, 200, 5 * n + 1))
        else:
            history.undo() if what == "undo" else history.redo()
        flat.set_page(history.page)
        if n % 3:
            for k in {max(0, history.at - 1), min(len(history) - 1, history.at + 1)}:
                flat.expect(history.page_at(k), level, flat.level_size(level), np.inf)
        anew = FlatTiles()
        anew.set_page(history.page)
        assert np.array_equal(whole(flat, level), whole(anew, level)), what


def test_what_an_undo_brings_is_flattened_ahead(monkeypatch):
    page = some_page()
    after = edits.with_mark(page, stroke_along([(20, 20), (300, 200)], size=14))
    flat = FlatTiles()
    flat.set_page(after)
    whole(flat, 0)
    area = flat.level_size(0)
    assert not flat.expect(page, 0, area, 0.0), "no time"
    assert flat.expect(page, 0, area, np.inf)
    made: list[int] = []
    monkeypatch.setattr(flat, "_made", lambda places, of=flat._made: made.append(len(places)) or of(places))
    for value in (page, after, page):
        assert flat.set_page(value).cells
        whole(flat, 0)
    assert not any(made), "and what was shown before it is still there"


def test_what_is_expected_gets_done_in_slices_however_long_it_takes_to_find(monkeypatch):
    page = some_page()
    flat = FlatTiles()
    flat.set_page(edits.with_mark(page, stroke_along([(20, 20), (300, 200)], size=14)))

    def slow(before, after):
        time.sleep(0.02)
        return change_between(before, after)

    monkeypatch.setattr(flat_tiles, "change_between", slow)
    area = flat.level_size(0)
    done = [flat.expect(page, 0, area, time.perf_counter() + 0.01) for _ in range(60)]
    assert done[0] is False and done[-1] is True


def test_the_tiles_kept_for_later_are_those_asked_for_last():
    kept: RecentComposites[str] = RecentComposites(2)
    tile = np.zeros((128, 128), np.uint32)
    contents = [Content([tile, None]), Content([None, tile]), Content([tile, tile])]
    for content, name in zip(contents, "abc", strict=True):
        kept.get((0, 0, 0), contents[0])
        kept.keep((0, 0, 0), content, name)
    assert len(kept) == 3 and not kept.tidy() and len(kept) == 2, "at rest one is given back"
    assert [kept.get((0, 0, 0), content) for content in contents] == ["a", None, "c"]
    assert kept.get((0, 0, 0), Content([tile, None])) == "a" and kept.get((0, 1, 0), contents[0]) is None
    assert kept.get((0, 0, 0), Content([tile.copy(), None])) is None, "the same object, not the same px"
    for column in range(9):
        kept.keep((0, column, 0), contents[0], "d")
    assert len(kept) == 4, "and without rest no more than twice as many stay"


def test_where_tiles_differ_is_the_same_whether_one_came_of_the_other_or_not():
    before = some_page().layers[2].tiles
    after = edits.with_mark(some_page(), stroke_along([(20, 20), (300, 200)], size=14)).layers[3].tiles
    mixed = before.with_tiles({key: after.stored(*key) for key in after.cells})
    same = mixed.with_tiles({(0, 0): mixed.stored(0, 0), (3, 3): None})
    for a, b in ((mixed, before), (before, mixed), (same, mixed), (same, before), (after, before)):
        anyhow = {k for k in a.cells | b.cells if a.stored(*k) is not b.stored(*k)}
        assert a.changed_since(b) == anyhow and b.changed_since(a) == anyhow


def test_a_blank_page_is_shown_without_a_kernel(monkeypatch):
    """It is there before one is loaded from the disk, with the same px as the kernel would make."""
    page = replace(blank_page(300, 200), paper=(250, 240, 200))
    tiles = FlatTiles()
    tiles.set_page(page)
    shown = np.zeros((256, 384, 4), np.uint8)
    with monkeypatch.context() as without:
        without.setattr(plain_stack, "flatten_into", None)
        tiles.copy_into(shown, (0, 0), [(0, x, y) for x in range(3) for y in range(2)])
    assert np.array_equal(shown[:200, :300, 2::-1], rgba(flattened(page))[..., :3])
    assert (shown[..., 3] == 255).all() and (shown[200:, :, :3] == 0).all(), "the desk around it"
