from __future__ import annotations

import numpy as np
import pytest

from jotsk.core.errors import Refused, TooLarge
from jotsk.core.geometry import Rect
from jotsk.core.marks import Cut
from jotsk.core.page import InkLayer, blank_page, edits, flattened, render, rgba, tiles_from
from jotsk.core.page.edits import layer_edits
from jotsk.core.page.edits.resizing import cropped, rescaled, resized, shifted
from jotsk.core.page.frames import frame
from jotsk.core.page.sizes import BY_NAME, page_of
from tests.conftest import stroke_along


def test_sizes_are_those_of_the_standards():
    # ISO 216 and JIS P 0138, mm, from memory; US sizes in inches (ANSI/ASME Y14.1, from memory).
    for name, size in {
        "A2": (420, 594), "A3": (297, 420), "A4": (210, 297), "A5": (148, 210), "A6": (105, 148), "B3": (353, 500),
        "B4": (250, 353), "B5": (176, 250), "B6": (125, 176), "JIS B3": (364, 515), "JIS B4": (257, 364),
        "JIS B5": (182, 257), "JIS B6": (128, 182), "US letter": (215.9, 279.4), "US legal": (215.9, 355.6),
    }.items():  # fmt: skip
        assert (BY_NAME[name].width_mm, BY_NAME[name].height_mm) == pytest.approx(size), name


def test_a4_at_600_dpi_is_4961_by_7016_and_lies_the_other_way_round_too():
    page = page_of(BY_NAME["A4"], 600.0)
    assert (page.width, page.height) == (4961, 7016)
    assert page_of(BY_NAME["A4"], 600.0, upright=False).bounds == Rect(0, 0, 7016, 4961)


def test_a_comic_page_has_its_bleed_around_its_trim():
    page = page_of(BY_NAME["Manga volume"], 600.0)
    trim = frame(page, "trim")
    assert (trim.width, trim.height) == pytest.approx((128 * 600 / 25.4, 182 * 600 / 25.4), abs=1.1)
    assert frame(page, "bleed") == page.bounds and trim.contains(frame(page, "safe"))


def test_what_memory_does_not_allow_is_refused_first():
    with pytest.raises(TooLarge, match="million pixels"):
        page_of(BY_NAME["A2"], 1200.0)


@pytest.fixture
def page():
    page = edits.with_mark(blank_page(400, 300), stroke_along([(60, 60), (340, 200)], size=20, color=(200, 30, 30)))
    page = edits.rubbed_out(page, Cut(stroke_along([(200, 20), (220, 280)], size=24).ribbon))
    photo = tiles_from(np.full((60, 80), 0xFF406080, np.uint32), 250, 30)
    return layer_edits.with_picture_layer(page, photo, "photo")


def test_a_cropped_page_is_the_part_of_the_picture_and_keeps_its_strokes(page):
    small = cropped(page, Rect(50, 20, 350, 250))
    assert np.abs(rgba(flattened(small)).astype(int) - rgba(flattened(page, Rect(50, 20, 350, 250)))).max() <= 1
    ink = small.layers[0]
    assert isinstance(ink, InkLayer) and len(ink.marks) == 1 and len(ink.marks.last.cuts) == 1
    assert ink.tiles == render(ink.marks, small.bounds)
    again = cropped(small, Rect(-50, -20, 350, 280))
    assert np.abs(rgba(flattened(again)).astype(int) - rgba(flattened(page))).max() <= 1, "ink beyond the edge was kept"
    with pytest.raises(Refused, match="nothing inside"):
        cropped(page, Rect(5, 5, 5, 90))


def test_a_larger_page_puts_the_drawing_where_its_anchor_says(page):
    wide = resized(page, 600, 300, anchor=(1.0, 0.5))
    assert np.abs(rgba(flattened(wide, Rect(200, 0, 600, 300))).astype(int) - rgba(flattened(page))).max() <= 1


def test_at_another_resolution_ink_is_rendered_anew_and_not_resampled(page):
    fine = rescaled(page, 900.0)
    assert (fine.width, fine.height, fine.dpi) == (1200, 900, 900.0)
    stroke = fine.layers[0].marks.last
    assert stroke.size_px == pytest.approx(60) and stroke.trace.xy[0].tolist() == [180, 180]
    pixels = rgba(flattened(fine))
    edge = pixels[:, 600, 1].astype(int)
    # A rendered edge is a pixel or two wide; one enlarged three times would be three or more.
    assert ((edge > 40) & (edge < 240)).sum() <= 6
    import cv2

    back = cv2.resize(pixels, (400, 300), interpolation=cv2.INTER_AREA)
    assert np.abs(back.astype(int) - rgba(flattened(page))).mean() < 0.5


def test_a_layer_is_moved_unless_its_position_is_locked(page):
    from dataclasses import replace

    moved = shifted(page, {1}, 30, -20)
    assert moved.layers[1] is page.layers[1]
    before, after = (rgba(flattened(replace(p, layers=p.layers[:1]))) for p in (page, moved))
    assert np.array_equal(after[:280, 30:], before[20:, :370])
    locked = page.with_layer(replace(page.layers[0], locks_place=True))
    with pytest.raises(Refused, match="position"):
        shifted(locked, {1}, 5, 5)
