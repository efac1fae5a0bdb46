"""The board's picture against another road to the same pixels."""

from __future__ import annotations

import itertools
import math
import time
from dataclasses import replace

import numpy as np
import pytest
from PIL import Image

from jotsk.core.geometry import Rect, View
from jotsk.core.geometry.rects import EMPTY
from jotsk.core.hand import Sample
from jotsk.core.ink import WetInk, pen_by_id
from jotsk.core.ink.color import packed
from jotsk.core.page import (
    InkLayer,
    WetLayer,
    blank_page,
    composite_into,
    edits,
    flattened,
    pixels_of,
    rgba,
    tiles_from,
)
from jotsk.core.page.compose.flat_tiles import change_between
from jotsk.core.page.compose.layer_kernel import INKS, RUBS
from jotsk.core.page.edits import layer_edits
from jotsk.desk.board.view.screen_buffer import BoardPicture
from jotsk.desk.board.view.sheet_memory import SheetMemory
from tests.conftest import stroke_along

DESK = "#90969A"
SIZE = (640, 480)


@pytest.fixture
def page():
    page = blank_page(500, 400)
    page = edits.with_mark(page, stroke_along([(40, 60), (460, 340)], size=24, color=(180, 20, 60)))
    page = edits.with_mark(page, stroke_along([(60, 340), (250, 40), (440, 330)], size=10))
    return edits.with_mark(
        layer_edits.with_new_layer(page), stroke_along([(20, 200), (480, 200)], size=40, color=(20, 90, 160))
    )


def shown(page, view: View) -> np.ndarray:
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page, picture.view = page, view
    picture.draw()
    return picture.frame[..., 2::-1].astype(int)


def by_pillow(page, view: View, *, enlarged: int = 4) -> np.ndarray:
    """The same view by Pillow: bicubic from a page blown up by nearest pixels, a slow road of another make."""
    flat = Image.fromarray(rgba(flattened(page))[..., :3].copy())
    big = flat.resize((flat.width * enlarged, flat.height * enlarged), Image.Resampling.NEAREST)
    frame = Image.new("RGB", (big.width + 2 * enlarged * 8, big.height + 2 * enlarged * 8), DESK)
    frame.paste(big, (enlarged * 8, enlarged * 8))
    m = view.inverse * enlarged
    m[:, 2] += enlarged * 8
    out = frame.transform(SIZE, Image.Transform.AFFINE, tuple(m.ravel()), Image.Resampling.BICUBIC, fillcolor=DESK)
    return np.asarray(out).astype(int)


@pytest.mark.parametrize(
    "view",
    [
        View(1.0, 0.0, False, 70, 40),
        View(0.8, 0.4, False, 150, 20),
        View(0.9, -0.7, True, 500, 200),
        View(1.5, 2.0, False, 600, 200),
    ],
)
def test_the_view_is_pillows_view_of_the_page(page, view):
    off = np.abs(shown(page, view) - by_pillow(page, view))
    assert off.mean() < 1.0
    assert (off.max(axis=2) > 60).mean() < 0.006, "no line is a pixel away from where it belongs"


def test_enlarged_pixels_are_clean_squares(page):
    view = View(8.0, 0.0, False, -800, -400)
    frame = shown(page, view)
    blocks = frame.reshape(60, 8, 80, 8, 3)
    assert (blocks.min(axis=(1, 3)) == blocks.max(axis=(1, 3))).all()
    x, y = 100, 50
    assert np.array_equal(blocks[:, 0, :, 0], rgba(flattened(page, Rect(x, y, x + 80, y + 60)))[..., :3])


@pytest.mark.parametrize("zoom", [0.5, 0.25, 0.125])
def test_reduced_it_is_the_mean_of_what_it_covers(page, zoom):
    """Exactly so for one layer; where edges of several meet, each is averaged before they are put together."""
    page = replace(page, layers=page.layers[:1])
    k = round(1 / zoom)
    frame = shown(page, View(zoom, 0.0, False, 0, 0))
    h, w = 400 // k // 2 * 2, 500 // k // 2 * 2
    flat = rgba(flattened(page))[: h * k, : w * k, :3].astype(float)
    means = flat.reshape(h, k, w, k, 3).mean(axis=(1, 3))
    assert np.abs(frame[: h - 1, : w - 1] - means[: h - 1, : w - 1]).max() <= 2.5


def test_a_long_pan_shows_what_a_fresh_look_shows(page):
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page = page
    for step in range(12):
        picture.view = View(1.2, 0.2, False, 300 - 60 * step, 100 - 30 * step)
        picture.draw()
        assert np.abs(picture.frame[..., 2::-1] - shown(page, picture.view)).max() <= 1


def test_random_edits_repaint_only_what_they_touched_and_all_of_it(page):
    rng = np.random.default_rng(3)
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page, picture.view = page, View(0.7, 0.3, False, 150, 30)
    picture.draw()
    for _ in range(12):
        points = [tuple(p) for p in rng.uniform((0, 0), (500, 400), (2, 2))]
        page = edits.with_mark(page, stroke_along(points, size=float(rng.uniform(2, 30))))
        for changed in picture.set_page(page):
            picture.draw(picture.on_screen(changed))
        assert np.abs(picture.frame[..., 2::-1] - shown(page, picture.view)).max() <= 1


def test_what_looks_the_same_is_not_repainted(page):
    first, second = page.layers
    assert not change_between(page, replace(page, active_uid=first.uid)).bounds
    assert not change_between(page, page.with_layer(replace(first, name="x", locked=True))).bounds
    assert change_between(page, page.with_layer(replace(second, opacity=0.5))).bounds == Rect(0, 128, 500, 256)
    assert change_between(page, replace(page, layers=(second, first))).bounds == page.bounds
    assert change_between(page, replace(page, paper=(0, 0, 0))).bounds == page.bounds


def test_hidden_sketches_are_left_out_of_the_picture_only(page):
    sketch = page.with_layer(replace(page.layers[1], is_sketch=True))
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page, picture.view, picture.hides_sketches = sketch, View(1, 0, False, 0, 0), True
    picture.draw()
    without = page.with_layer(replace(page.layers[1], visible=False))
    assert np.array_equal(picture.frame[..., 2::-1], shown(without, picture.view))


@pytest.mark.parametrize("level", [0, 1, 2])
@pytest.mark.parametrize("rubs", [False, True])
def test_wet_ink_is_composited_as_if_it_had_dried(page, level, rubs):
    """On the active layer, under the layers above it, at the layer's own opacity."""
    lower = replace(page.layers[0], opacity=0.7)
    page = replace(page.with_layer(lower), active_uid=lower.uid)
    wet = WetInk(pen_by_id("eraser" if rubs else "plain-round"), 30.0, 0.0)
    for k in range(60):
        wet.push(Sample(0.005 * k, 60 + 6.0 * k, 80 + 3.0 * k, 1.0))
    rect = page.bounds.halved(level)
    out = np.full((rect.height, rect.width), packed(page.paper), np.uint32)
    layer = WetLayer(lower.uid, wet.alpha, packed((10, 140, 40)), RUBS if rubs else INKS)
    composite_into(out, (0, 0), page, rect, level=level, wets=[layer])

    alpha = np.zeros((512, 512), np.float64)
    for column, row in itertools.product(range(4), range(4)):
        tile = wet.alpha(0, column, row)
        if tile is not None:
            alpha[row * 128 : row * 128 + 128, column * 128 : column * 128 + 128] = tile / 255
    a = alpha[:400, :500, None]
    ink = rgba(pixels_of(lower.tiles, page.bounds)) / 255
    dried = ink * (1 - a) + (0 if rubs else a * np.array([10 / 255, 140 / 255, 40 / 255, 1.0]))
    pixels = np.ascontiguousarray(np.round(dried * 255).astype(np.uint8)).view(np.uint32)[..., 0]
    after = flattened(page.with_layer(InkLayer(lower.uid, "x", tiles_from(pixels), opacity=0.7)))
    k = 1 << level
    expected = rgba(after)[:, :, :3].astype(float).reshape(400 // k, k, 500 // k, k, 3).mean(axis=(1, 3))
    off = np.abs(rgba(out)[..., :3] - expected)
    # Reduced, ink and layer are averaged each for itself, which shows only where their edges meet.
    assert off.max() <= 3 if level == 0 else off.mean() < 0.3


def test_the_screen_rectangle_of_a_patch_holds_every_pixel_it_changes(page):
    view = View(0.63, math.radians(31), True, 520, 40)
    before = shown(page, view)
    after_page = edits.with_mark(page, stroke_along([(200, 150), (230, 160)], size=12))
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page, picture.view = page, view
    picture.draw()
    area = EMPTY
    for rect in picture.set_page(after_page):
        area |= picture.on_screen(rect)
    rows, columns = np.nonzero((shown(after_page, view) != before).any(axis=2))
    assert area.x0 <= columns.min() and columns.max() < area.x1 and area.y0 <= rows.min() and rows.max() < area.y1
    assert area.width < 300 and area.height < 300


def test_wherever_the_view_goes_between_two_rests_the_picture_is_a_fresh_looks_and_its_memory_is_not_new():
    page = blank_page(1700, 1500)
    for k in range(9):
        page = edits.with_mark(page, stroke_along([(20, 160 * k), (1650, 160 * k + 90)], size=30, color=(20 * k, 9, 9)))
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.set_page(page)
    rng = np.random.default_rng(8)
    known: set[int] = set()
    for step in range(60):
        if rng.integers(2):
            view = picture.view.panned(*rng.uniform(-300, 300, 2))
        else:
            view = picture.view.zoomed(rng.uniform(0.1, 2.0) / picture.view.zoom, 320, 240)
        picture.view = replace(view, shift_x=round(view.shift_x), shift_y=round(view.shift_y))
        picture.draw(quick=True)
        if step > 20:
            assert id(picture._sheet.base) in known, "what was got while the hand rested"
        if rng.integers(3) == 0:
            picture.refine(0.0005)  # the hand comes back before all is done
        elif rng.integers(2) == 0:
            while picture.refine(0.01) is not None:
                pass
            off = np.abs(picture.frame[..., 2::-1] - shown(page, picture.view))
            assert off.max() <= 3 and (off > 0).mean() < 0.01, "drawn in bands it is rounded elsewhere"
            if step <= 20:
                known = {id(memory) for memory in (*picture._memory._free, picture._memory._in_use)}


def test_memory_for_sheets_is_got_a_little_at_a_time_and_one_sheet_never_lies_in_anothers():
    memory = SheetMemory()
    assert not memory.get_ready(2_000_000, end=0.0), "the time is over"
    assert memory.get_ready(2_000_000, end=time.perf_counter() + 10)
    first = memory.next(900, 1000)
    assert memory.next(1000, 900).base is first.base
    memory.show(first)
    second = memory.next(1000, 1000)
    memory.show(second)
    assert not np.shares_memory(first, second)
    assert memory.get_ready(2_000_000, end=0.0), "one is on show, the other free"
    third = memory.next(2000, 2000)  # larger than what was got
    assert third.shape == (2000, 2000, 4) and not np.shares_memory(third, second)
    memory.show(third)
    memory.show(memory.next(1000, 1000))
    assert memory.get_ready(10_000, end=time.perf_counter() + 1) and memory.get_ready(10_000, end=0.0)


def test_a_pan_after_a_half_sharp_frame_does_not_pass_for_exact(page):
    picture = BoardPicture(DESK)
    picture.resize(*SIZE)
    picture.page, picture.view = page, View(1.2, 0.0, False, 30, 20)
    picture.draw()
    picture._seconds_a_px = {False: 1.0, True: 1.0}  # filtering is slow here
    picture.view = View(1.3, 0.0, False, 30, 20)
    picture.draw(quick=True)
    assert picture.is_rough
    picture._seconds_a_px = {False: 0.0, True: 0.0}  # and fast again
    picture.view = View(1.3, 0.0, False, 45, 28)
    picture.draw(quick=True)
    assert not picture.is_rough
    assert np.array_equal(picture.frame[..., 2::-1], shown(page, picture.view))
