"""Live effects of layers: each against an outside reading, all of them followed, saved and left in files for others."""

from __future__ import annotations

from dataclasses import replace
from zipfile import ZipFile

import cv2
import numpy as np
import pytest
from PIL import Image
from scipy import ndimage

from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.geometry import Rect
from jotsk.core.page import InkLayer, PaintLayer, blank_page, edits, flattened, pixels_of, rgba, tiles_from
from jotsk.core.page.compose.flat_tiles import change_between
from jotsk.core.page.edits.resizing import with_size
from jotsk.core.page.layers import effects
from jotsk.core.page.layers.effects import KINDS, Effect, effects_from, hue_matrix, seen_tiles
from jotsk.core.page.tiles.tiles import Tiles
from tests.conftest import stroke_along

RANDOM = np.random.default_rng(3)


def picture(h=200, w=260):
    """A soft picture of many colours, wholly opaque."""
    rgb = cv2.GaussianBlur(RANDOM.integers(0, 256, (h, w, 3)).astype(np.float32), (0, 0), 3)
    rgb = np.clip((rgb - rgb.mean()) * 6 + 128, 0, 255).astype(np.uint8)
    return np.dstack([rgb, np.full((h, w), 255, np.uint8)])


def seen_of(pixels, *effects, corner=(40, 30)):
    tiles = tiles_from(np.ascontiguousarray(pixels).view(np.uint32)[..., 0], *corner)
    area = Rect(corner[0], corner[1], corner[0] + pixels.shape[1], corner[1] + pixels.shape[0])
    return rgba(pixels_of(seen_tiles(1, tiles, effects), area))


def test_blur_is_scipys_gaussian():
    pixels = picture()
    seen = seen_of(pixels, Effect.of("blur", radius=5)).astype(float)
    expected = np.stack(
        [ndimage.gaussian_filter(pixels[..., k].astype(float), 5, mode="constant") for k in range(4)], -1
    )
    assert np.abs(seen - expected)[20:-20, 20:-20].max() < 2.0


@pytest.mark.parametrize("degrees, saturation", [(0, 1.0), (90, 1.0), (-60, 1.0), (0, 0.0), (0, 2.0), (30, 0.5)])
def test_hue_and_saturation_are_the_matrices_of_the_w3c(degrees, saturation):
    # Filter Effects Module Level 1, 9.6 feColorMatrix, written out once more.
    c, s, k = np.cos(np.radians(degrees)), np.sin(np.radians(degrees)), saturation
    turn = np.array([
        [0.213 + c * 0.787 - s * 0.213, 0.715 - c * 0.715 - s * 0.715, 0.072 - c * 0.072 + s * 0.928],
        [0.213 - c * 0.213 + s * 0.143, 0.715 + c * 0.285 + s * 0.140, 0.072 - c * 0.072 - s * 0.283],
        [0.213 - c * 0.213 - s * 0.787, 0.715 - c * 0.715 + s * 0.715, 0.072 + c * 0.928 + s * 0.072],
    ])  # fmt: skip
    full = np.array([
        [0.213 + 0.787 * k, 0.715 - 0.715 * k, 0.072 - 0.072 * k], [0.213 - 0.213 * k, 0.715 + 0.285 * k, 0.072 - 0.072 * k],
        [0.213 - 0.213 * k, 0.715 - 0.715 * k, 0.072 + 0.928 * k],
    ])  # fmt: skip
    assert hue_matrix(degrees, saturation) == pytest.approx(full @ turn, abs=1e-9)
    pixels = picture()
    seen = seen_of(pixels, Effect.of("hue", hue=degrees, saturation=100 * saturation))
    expected = np.clip(pixels[..., :3] / 255 @ (full @ turn).T, 0, 1) * 255
    assert np.abs(seen[..., :3] - expected).max() <= 1.0


def test_white_becomes_clear_specks_go_and_what_is_drawn_stays():
    scan = np.full((200, 260, 4), 255, np.uint8)
    scan[..., :3] = 240
    cv2.line(scan, (20, 100), (240, 110), (10, 10, 10, 255), 9)
    scan[40, 40, :3] = scan[160:162, 200:202, :3] = 20
    seen = seen_of(scan, Effect.of("clear", specks=3))
    assert seen[10, 10, 3] == 0 and seen[40, 40, 3] == 0 and seen[161, 201, 3] == 0, "paper and specks are clear"
    assert seen[104, 120].tolist() == [0, 0, 0, 255]
    red = scan.copy()
    cv2.line(red, (20, 50), (240, 50), (190, 20, 20, 255), 9)
    kept = seen_of(red, Effect.of("clear", specks=0, color=1))
    assert kept[50, 100, 3] > 200 and kept[50, 100, 0] > 120 and kept[50, 100, 1] < 40


def test_an_outline_lies_so_many_px_around_what_is_there():
    dot = np.zeros((200, 260, 4), np.uint8)
    cv2.circle(dot, (130, 100), 30, (200, 30, 30, 255), -1)
    seen = seen_of(dot, Effect.of("outline", width=10, shade=0))
    away = ndimage.distance_transform_edt(dot[..., 3] == 0)
    assert (seen[(away > 0.5) & (away < 9), 3] == 255).all() and (seen[away > 12, 3] == 0).all()
    assert seen[100, 130].tolist() == [200, 30, 30, 255]


def test_tone_ripple_inside_and_reflection_do_what_they_say():
    pixels = picture()
    bright = seen_of(pixels, Effect.of("tone", brightness=20))
    assert np.abs(bright[..., :3].astype(int) - np.minimum(255, pixels[..., :3].astype(int) + 51)).max() <= 2
    flat = seen_of(pixels, Effect.of("tone", contrast=-100))
    assert np.ptp(flat[..., :3].astype(int)) <= 2
    waves = seen_of(pixels, Effect.of("ripple", height=6, length=50))
    assert (waves[60:100, 60:100] != pixels[60:100, 60:100]).mean() > 0.5
    half = replace(Effect.of("inside"), outline=((40.0, 30.0), (170.0, 30.0), (170.0, 230.0), (40.0, 230.0)))
    inside = seen_of(pixels, half)
    assert (inside[5:-5, 135:, 3] == 0).all() and np.array_equal(inside[5:-5, 5:125], pixels[5:-5, 5:125])
    upper = pixels.copy()
    upper[100:] = 0
    below = seen_of(upper, Effect.of("mirror", axis=130, opacity=50, fade=1e4))
    assert below[101, 50, 3] == pytest.approx(127, abs=3) and np.array_equal(below[:100], upper[:100])
    assert np.abs(below[110, :, :3].astype(int) - (upper[89, :, :3] * 0.5)).max() <= 4


def layered(*effects):
    page = edits.with_mark(blank_page(500, 400), stroke_along([(60, 100), (300, 300), (440, 80)], size=30))
    return page.with_layer(replace(page.active, effects=tuple(effects)))


@pytest.mark.parametrize("kind", [k for k in KINDS if k != "inside"])
def test_after_a_stroke_only_what_it_reaches_is_worked_out_and_it_is_the_same_as_all(kind):
    effect = Effect.of(kind, axis=200) if kind == "mirror" else Effect.of(kind)
    page = layered(effect, Effect.of("blur", radius=2))
    _ = flattened(page)
    after = edits.with_mark(page, stroke_along([(200, 60), (260, 200)], size=20, color=(200, 30, 30)))
    fresh = after.with_layer(
        replace(after.active, uid=after.active.uid, tiles=tiles_from(pixels_of(after.active.tiles, after.bounds)))
    )
    assert np.array_equal(flattened(after), flattened(fresh))
    change = change_between(page, after)
    seen = np.argwhere(flattened(page) != flattened(after))
    cells = change.cells
    assert all((x // 128, y // 128) in cells for y, x in seen[:: max(1, len(seen) // 200)].tolist())


@pytest.mark.parametrize("kind", [*KINDS, "ripple by a layer"])
def test_a_tile_is_the_same_with_others_and_alone(kind):
    """Or a page that is read again, and one after an undo, would be another by a px."""
    rng = np.random.default_rng(5)
    page = blank_page(700, 500)
    for k in range(24):
        line = stroke_along([tuple(rng.uniform((0, 0), (700, 500))) for _ in range(3)], size=2.0 + 3 * k)
        page = edits.with_mark(page, replace(line, color=tuple(int(v) for v in rng.integers(0, 256, 3))))
    tiles = page.active.tiles
    effect = Effect.of(kind.split()[0], axis=203, height=8.4, length=18.4)
    if kind == "inside":
        effect = replace(effect, outline=((50.0, 40.0), (600.0, 100.0), (300.0, 450.0)))
    if kind.endswith("layer"):
        effect = replace(effect, source=1, grey=tiles)
    for stack in ((effect,), (effect, Effect.of("blur", radius=3))):
        keys = effects._keys_of(effects._spread(tiles.bounds, stack))
        together, alone = effects._worked_out(Tiles(), tiles, stack, keys), Tiles()
        for key in keys:
            alone = effects._worked_out(alone, tiles, stack, {key})
        area = Rect(-256, -256, 1024, 1024)
        assert np.array_equal(pixels_of(together, area), pixels_of(alone, area))


def rippled_by_a_layer():
    """Stripes moved by the grey of the layer above them."""
    ripple = replace(Effect.of("ripple", height=12, length=2), source=2)
    page = blank_page(400, 300)
    for y in range(20, 300, 30):
        page = edits.with_mark(page, stroke_along([(5, y), (395, y)], size=6))
    page = page.with_layer(replace(page.active, effects=(ripple,)))
    return replace(page, layers=(*page.layers, InkLayer(2, "Folds")), active_uid=2)


def test_a_ripple_by_the_grey_of_a_layer_moves_as_far_as_it_is_black_or_white():
    page = rippled_by_a_layer()
    still = rgba(pixels_of(page.layers[0].seen, page.bounds))[..., 3]
    assert np.array_equal(still, rgba(pixels_of(page.layers[0].tiles, page.bounds))[..., 3]), "nothing moves it yet"
    for color, down in ((0, 6), (255, -6), (128, 0)):
        after = edits.with_mark(page, stroke_along([(200, 140), (200, 160)], size=120, color=(color,) * 3))
        seen = rgba(pixels_of(after.layers[0].seen, after.bounds))[..., 3]
        moved = ndimage.shift(still.astype(float), (down, 2 * down), order=1)
        inside = seen[120:180, 170:230].astype(float)  # farther from its edge than it is softened
        assert np.abs(inside - moved[120:180, 170:230]).max() <= (2 if color != 128 else 16)  # 128 is not quite half
        assert np.array_equal(seen[:, :100], still[:, :100])


def test_a_ripple_follows_its_layer_in_part_and_back_and_is_read_again(tmp_path):
    page = rippled_by_a_layer()
    soft = page.layers[0].effects[0].with_value("length", 40)
    page = page.with_layer(replace(page.layers[0], effects=(soft,)))
    _ = flattened(page)
    once = edits.with_mark(page, stroke_along([(60, 60), (90, 90)], size=30))
    seen_once = flattened(once)
    twice = edits.with_mark(once, stroke_along([(300, 200), (340, 240)], size=30))
    seen_twice = flattened(twice)
    change = change_between(once, twice)
    assert change.cells and change.cells <= {(x, y) for x in (1, 2, 3) for y in (1, 2)}
    write_page(tmp_path / "a.ora", twice)
    assert np.array_equal(flattened(read_page(tmp_path / "a.ora")), seen_twice), "as worked out anew"
    assert np.array_equal(flattened(once), seen_once) and not np.array_equal(seen_once, seen_twice)
    gone = replace(twice, layers=twice.layers[:1], active_uid=1)
    assert gone.layers[0].seen is twice.layers[0].seen, "it stays as it was without its layer"


def test_effects_are_saved_switched_scaled_and_seen_by_other_readers(tmp_path):
    page = layered(Effect.of("blur", radius=6), replace(Effect.of("tone", brightness=50), on=False))
    write_page(tmp_path / "a.ora", page)
    read = read_page(tmp_path / "a.ora")
    assert read.active.effects == page.active.effects and np.array_equal(flattened(read), flattened(page))
    assert len(read.active.marks) == 1 and read.active.tiles == page.active.tiles, "the ink itself is as it was"
    with ZipFile(tmp_path / "a.ora") as archive, archive.open("data/layer000.png") as entry:
        theirs = np.asarray(Image.open(entry))
    assert ((theirs[..., 3] > 20) & (theirs[..., 3] < 230)).sum() > 3000, "others see the blurred line"
    without = page.with_layer(replace(page.active, effects=()))
    assert not np.array_equal(flattened(without), flattened(page))
    larger = with_size(page, (1000, 800), (0.0, 0.0), 600.0, (0.0, 0.0, 0.0), lambda _: None)
    assert larger.active.effects[0]["radius"] == pytest.approx(12)


def test_records_that_make_no_sense_are_left_out():
    assert effects_from([{"kind": "fog"}, {"kind": "blur", "radius": 1e9}, 7, {"kind": "blur"}]) == (Effect.of("blur"),)
    assert effects_from("x") == ()
    layer = PaintLayer(1, "x", effects=(Effect.of("blur"),))
    assert layer.seen is layer.tiles, "nothing is there to blur"


@pytest.mark.parametrize("shape", [0, 1, 2])
def test_a_tone_of_its_grey_has_as_much_ink_as_it_is_dark(shape):
    for grey in (230, 128, 40):
        pixels = np.full((240, 240, 4), grey, np.uint8)
        pixels[..., 3] = 255
        seen = seen_of(pixels, Effect.of("screen", cell=9, angle=30, shape=shape))
        assert set(np.unique(seen[..., 3])) <= {0, 255}
        assert (seen[..., 3] > 0).mean() == pytest.approx(1 - grey / 255, abs=0.02)
