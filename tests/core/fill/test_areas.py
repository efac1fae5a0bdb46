"""Areas as marks: poured, followed, recoloured, filled with tones and gradients, saved; flats; hatching and stipple."""

from __future__ import annotations

import math
from dataclasses import replace

import cv2
import numpy as np
import pytest

from jotsk.core.errors import Refused
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.fill import pour, regions
from jotsk.core.fill.clear import clear_px
from jotsk.core.fill.flats import joined, with_flats
from jotsk.core.fill.hatching import along_outline, hatched, run_out, stippled
from jotsk.core.fill.outline import filled_inside, runs_inside
from jotsk.core.fill.pour import Leaks, area_at, areas_to_find_again, found_again, lost_areas, poured, runs_around
from jotsk.core.geometry import Rect
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Area, Cut
from jotsk.core.marks.area import Pour
from jotsk.core.marks.fills import Gradient, Tone, fill_from
from jotsk.core.marks.runs import runs_from_mask
from jotsk.core.mend import brush
from jotsk.core.page import blank_page, edits, flattened, render
from jotsk.core.page.edits.layer_edits import grouped, with_new_layer
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.edits.resizing import cropped
from tests.conftest import stroke_along

RED, BLUE = (200, 60, 50), (40, 80, 200)


def ring(x, y, r, first=0.0, last=360.0, size=14):
    t = np.radians(np.linspace(first, last, 90))
    return stroke_along(list(zip(x + r * np.cos(t), y + r * np.sin(t), strict=True)), size=size)


def page_with(*strokes, size=(600, 400)):
    page = blank_page(*size)
    for stroke in strokes:
        page = edits.with_mark(page, stroke)
    return page


def check(page):
    for layer in page.layers:
        assert render(layer.marks, page.bounds) == layer.tiles
    return page


def colors(page, rect):
    return flattened(page, rect).view(np.uint8).reshape(rect.height, rect.width, 4)[..., :3]


# -- pouring -------------------------------------------------------------------------------------


@pytest.mark.parametrize("window", [Rect(0, 0, 700, 420), Rect(75, 31, 641, 400), Rect(130, 200, 140, 210)])
def test_what_is_clear_of_lines_is_what_the_flattened_layers_cover_less_than_half(window):
    """Layers that are faint, blended otherwise, clipped, of two colours, or in a group, against the whole picture."""
    page = page_with(ring(180, 150, 100), size=(700, 420))
    changes = [{"opacity": 0.45}, {"blend": "multiply"}, {"clips": True}, {"opacity": 0.7}]
    for k, change in enumerate(changes):
        page = with_new_layer(page)
        for x in (120 + 90 * k, 220 + 90 * k):
            line = stroke_along([(x, 20), (x + 60, 400)], size=40)
            page = edits.with_mark(page, replace(line, color=(0, 0, 0) if x % 20 else RED))
        page = page.with_layer(replace(page.active, **change))
    for whole in (page, grouped(page, [page.layers[2].uid, page.layers[3].uid])):
        clear = clear_px(whole, Pour((0.0, 0.0)), window)
        alpha = flattened(whole, window, transparent=True) >> np.uint32(24)
        sure = np.abs(alpha.astype(int) - 127.5) > 1.5
        assert np.array_equal(clear[sure], (alpha < 128)[sure]) and sure.mean() > 0.9


def test_a_pour_fills_to_the_middle_of_its_line_without_a_fringe():
    page, area = poured(page_with(ring(300, 200, 120)), Pour((300, 200)), RED)
    check(page)
    assert page.layers[0].name == "Fills" and page.active.name == "Ink"
    rows = np.unique(area.runs[:, 0])
    assert rows[0] == pytest.approx(80, abs=2) and rows[-1] == pytest.approx(320, abs=2)
    seen = colors(page, Rect(300, 60, 301, 140)).astype(int)[:, 0]
    expected = np.array(RED)
    for pixel in seen:  # white, black, red, and mixtures of neighbours: none is paler than the red beside the ink
        assert pixel[0] >= 199 or (pixel <= expected + 1).all() or (pixel == pixel[0]).all()
    inner = seen[20:]
    assert (inner.min(axis=1) <= expected.min() + 1).all(), "no pale rim within the line"


@pytest.mark.parametrize("seed", range(12))
def test_an_area_is_the_same_however_much_of_the_page_is_looked_at(seed, monkeypatch):
    rng = np.random.default_rng(seed)
    x, y = rng.uniform(500, 900, 2)
    radius, size = rng.uniform(20, 440), rng.uniform(3, 40)
    page = page_with(ring(x, y, radius, size=size), ring(x + 2 * radius + 9, y, radius), size=(1400, 1400))
    page = edits.with_mark(
        page, stroke_along([(x - radius, y + 9), (x, y + 3), (x - radius, y - 9)], size=2)
    )  # a wedge
    rule = Pour((x + 0.6 * radius, y), gap_px=rng.choice([0.0, 4.0, 9.0]))
    runs = runs_around(page, rule)
    monkeypatch.setattr(pour, "FIRST_PX", 4096)
    monkeypatch.setattr(regions, "AROUND_PX", 4096)
    assert np.array_equal(runs, runs_around(page, rule))


def test_a_leak_is_shown_at_its_gap_and_nothing_is_filled():
    page = page_with(ring(300, 200, 120, 20, 350))
    with pytest.raises(Leaks) as told:
        poured(page, Pour((300, 200)), RED)
    leak = told.value.leak
    angle = math.atan2(leak.at[1] - 200, leak.at[0] - 300)
    assert -10 <= math.degrees(angle) <= 20 and math.dist(leak.at, (300, 200)) == pytest.approx(120, abs=16)
    gap = 2 * 120 * math.sin(math.radians(15)) - 14
    assert leak.width_px == pytest.approx(gap, abs=6) and "run out at" in str(told.value)
    closed, _ = poured(page, Pour((300, 200), gap_px=gap + 4), RED)
    check(closed)
    with pytest.raises(Leaks):
        poured(page, Pour((20, 20)), RED)
    whole, _ = poured(page, Pour((20, 20)), RED, may_leak=True)
    assert (colors(whole, Rect(2, 2, 5, 5)) == RED).all()
    with pytest.raises(Leaks):
        poured(page_with(ring(300, 200, 190)), Pour((300, 200)), RED, seen=Rect(290, 190, 320, 220))


def test_a_seed_on_a_line_or_beside_the_page_is_refused():
    page = page_with(ring(300, 200, 120))
    for at in ((700.0, 20.0), (-3.0, 5.0)):
        with pytest.raises(Refused, match="beside the page"):
            poured(page, Pour(at), RED)


def test_poured_twice_it_is_recoloured_and_a_tolerance_tells_colours_apart():
    page, first = poured(page_with(ring(300, 200, 120)), Pour((300, 200)), RED)
    again, second = poured(page, Pour((310, 190)), BLUE)
    assert second.uid == first.uid and len(again.layers[0].marks) == 1
    assert (colors(again, Rect(300, 200, 302, 202)) == BLUE).all()
    frozen = edits.with_replaced(page, page.layers[0].uid, first, first.frozen())
    runs = runs_around(frozen, Pour((300, 200), look="all", tolerance=5.0, grow_px=0.0))
    inside = np.hypot(runs[:, 0] + 0.5 - 200, (runs[:, 1] + runs[:, 2]) / 2 - 300)
    assert inside.max() < 120, "of its colour alone"


def test_an_area_follows_its_line_and_is_lost_where_it_opens(tmp_path):
    page, area = poured(page_with(ring(300, 200, 120, size=30)), Pour((300, 200)), RED)
    (line,) = page.active.marks
    thin, _ = brush.weighed(page, [line], 0.2)
    bare = colors(thin, Rect(300, 84, 301, 116))[:, 0]
    follows = check(found_again(thin, [(thin.layers[0].uid, area)]))
    after = colors(follows, Rect(300, 84, 301, 116))[:, 0]
    assert (after[:, 0] > 150).sum() >= (bare[:, 0] > 150).sum()
    assert not (after == 255).all(axis=1).any(), "no white hole"
    (line,) = follows.active.marks
    opened, _ = brush.changed(follows, [line], lambda s: s.mended(s.mends.without([(0.2, 1.0)], s.times)))
    lost = found_again(opened, [(opened.layers[0].uid, follows.layers[0].marks.last)])
    assert len(lost_areas(lost)) == 1 and np.array_equal(
        lost.layers[0].marks.last.runs, follows.layers[0].marks.last.runs
    )
    write_page(tmp_path / "a.ora", lost)
    read = read_page(tmp_path / "a.ora")
    assert np.array_equal(flattened(read), flattened(lost)) and lost_areas(read)[0].rule == lost_areas(lost)[0].rule


def test_an_area_is_moved_rubbed_out_mirrored_and_resized_with_its_page():
    page, area = poured(page_with(ring(300, 200, 120)), Pour((300, 200)), RED)
    cut = area.with_cut(Cut(stroke_along([(200, 200), (400, 200)], size=20).ribbon))
    check(edits.with_replaced(page, page.layers[0].uid, area, cut))
    there = area.mapped(1.0, 40.0, -10.0)
    assert np.array_equal(there.runs, area.runs + np.array([-10, 40, 40]))
    double = area.mapped(2.0, 0.0, 0.0)
    count = [int((a.runs[:, 2] - a.runs[:, 1]).sum()) for a in (area, double)]
    assert count[1] == pytest.approx(4 * count[0], rel=0.02) and double.rule.at == (600, 400)
    over = area.turned_over(np.array([[-1.0, 0, 600], [0, 1.0, 0]]))
    assert int((over.runs[:, 2] - over.runs[:, 1]).sum()) == count[0]
    check(cropped(page, Rect(100, 50, 500, 350)))
    assert area.gap_to(300, 200) == 0 and area.gap_to(300, 20) == pytest.approx(60, abs=4)
    assert area.share_inside(np.array([(0.0, 0), (300, 0), (300, 400), (0, 400)])) == pytest.approx(0.5, abs=0.02)


@pytest.mark.parametrize("kept", [Rect(0, 0, 250, 150), Rect(330, 230, 600, 400)])
def test_an_area_whose_place_is_no_more_on_the_page_keeps_what_it_had_and_is_lost(kept):
    page, area = poured(page_with(ring(300, 200, 120)), Pour((300, 200)), RED)
    page = cropped(page, kept)
    (left,) = [mark for layer in page.layers for mark in layer.marks if isinstance(mark, Area)]
    page = found_again(page, areas_to_find_again(page, page.bounds))
    (again,) = [mark for layer in page.layers for mark in layer.marks if isinstance(mark, Area)]
    assert again.lost and np.array_equal(again.runs, left.runs) and len(left.runs)
    check(page)


def test_symmetric_copies_of_an_area_are_the_same_area():
    runs = runs_inside([(50, 50), (150, 60), (100, 150)], Rect(0, 0, 600, 400))
    mirror = np.array([[-1.0, 0.0, 600.0], [0.0, 1.0, 0.0]])
    page = check(with_inserted(page_with(), 1, None, [Area(runs, RED, copies=(mirror,))]))
    pixels = colors(page, page.bounds)
    assert np.array_equal(pixels, pixels[:, ::-1]) and (pixels[80, 500] == RED).all()
    assert len(page.active.marks.last.parted()) == 2


# -- fills ---------------------------------------------------------------------------------------


@pytest.mark.parametrize("shape", ["dots", "lines", "crosses", "noise"])
@pytest.mark.parametrize("density", [0.1, 0.3, 0.5, 0.8])
def test_a_tone_inks_its_share_of_the_px_all_or_none(shape, density):
    tone = Tone(shape, 11.3, 30.0, density)
    ink = np.concatenate([tone.alpha(np.full((128, 128), 255, np.uint8), (k, 2)) for k in range(6)])
    assert set(np.unique(ink)) <= {0, 255}
    assert (ink > 0).mean() == pytest.approx(density, abs=0.03)


def test_a_tone_of_whole_cells_has_as_many_levels_as_px_in_a_cell_and_one():
    # Handbooks of halftoning: a cell of (dpi / lpi) squared px gives that many greys and white.
    cell = 6
    shares = {
        int(
            (
                Tone("dots", cell, 0.0, d).alpha(np.full((128, 128), 255, np.uint8), (0, 0))[: cell * 4, : cell * 4] > 0
            ).sum()
        )
        for d in np.linspace(0, 1, 400)
    }
    assert len(shares) <= cell**2 + 1


def test_a_gradient_is_mixed_in_oklab_as_its_author_has_it():
    # Björn Ottosson, https://bottosson.github.io/posts/oklab/, written out once more.
    def oklab(rgb):
        c = [v / 12.92 if v <= 0.04045 else ((v + 0.055) / 1.055) ** 2.4 for v in rgb]
        l, m, s = (sum(a * b for a, b in zip(row, c, strict=True)) ** (1 / 3) for row in (
            (0.4122214708, 0.5363325363, 0.0514459929), (0.2119034982, 0.6806995451, 0.1073969566),
            (0.0883024619, 0.2817188376, 0.6299787005)))  # fmt: skip
        return np.array([
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s, 1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s])  # fmt: skip

    fill = Gradient((0.5, 0.0), (100.5, 0.0), RED, BLUE)
    pixels = fill.pixels(np.full((128, 128), 255, np.uint8), (0, 0)).view(np.uint8).reshape(128, 128, 4)
    for x in (0, 25, 50, 100):
        mixed = oklab(np.array(RED) / 255) * (1 - x / 100) + oklab(np.array(BLUE) / 255) * x / 100
        assert oklab(pixels[3, x, :3] / 255) == pytest.approx(mixed, abs=0.004)
    clear = Gradient((0.5, 0.0), (100.5, 0.0), RED, None, round=True)
    alpha = clear.pixels(np.full((128, 128), 255, np.uint8), (0, 0)).view(np.uint8).reshape(128, 128, 4)[0, :, 3]
    assert alpha[0] > 250 and alpha[110] == 0 and (np.diff(alpha.astype(int)) <= 0).all()


def test_fills_lie_on_the_page_are_saved_and_nonsense_is_refused(tmp_path):
    page = page_with(stroke_along([(10, 10), (500, 300)], size=30, color=BLUE))
    for fill, x in ((Tone("lines", 9, 20, 0.4), 40), (Gradient((200, 50), (300, 200), RED, None), 200), (None, 380)):
        page, _ = filled_inside(page, [(x, 40), (x + 120, 60), (x + 60, 300)], RED, fill=fill)
    check(page)
    write_page(tmp_path / "a.ora", page)
    read = read_page(tmp_path / "a.ora")
    assert np.array_equal(flattened(read), flattened(page)) and read.active.marks.last.kind == "area"
    for bad in (
        {"kind": "fog"},
        {"kind": "tone", "shape": "stars"},
        {"kind": "tone", "cell_px": 0},
        {"kind": "gradient"},
    ):
        with pytest.raises((ValueError, KeyError)):
            fill_from(bad)
    for outline in ([(1, 1), (2, 2)], [(math.nan, 0), (1, 1), (2, 2)], [(900, 900), (950, 900), (950, 950)]):
        with pytest.raises(Refused):
            filled_inside(page, outline, RED)


# -- flats, hatching, stipple --------------------------------------------------------------------


def test_every_closed_area_gets_a_flat_and_areas_are_joined():
    page = page_with(
        ring(180, 200, 120),
        ring(420, 200, 100),
        stroke_along([(60, 200), (300, 200)], size=8),
        ring(180, 250, 12, size=4),
    )
    flats, count = with_flats(page, 6.0, least_px2=200)
    check(flats)
    assert count == 4 and len({area.color for area in flats.layers[0].marks}) == 4
    covered = (colors(flats, flats.bounds) < 250).any(axis=-1)
    assert covered[200, 420] and covered[140, 180] and covered[260, 180] and not covered[10, 10]
    few, count = with_flats(page, 6.0, least_px2=1000)
    assert count == 3, "the small one went to its neighbour"
    upper, lower = area_at(flats, 180, 140), area_at(flats, 180, 285)
    merged, count = joined(flats, [upper, lower])
    assert count == 2 and area_at(check(merged), 180, 285)[1].uid == upper[1].uid
    with pytest.raises(Refused, match="closed"):
        with_flats(page_with(), 6.0)


def area(page=None):
    return runs_inside([(100, 80), (500, 100), (460, 350), (140, 320)], Rect(0, 0, 600, 400))


def test_hatching_stays_inside_runs_out_towards_the_light_and_is_strokes():
    pen = pen_by_id("plain-round")
    even = hatched(area(), pen, RED, size_px=3, spacing_px=10, irregular=0.0)
    gap = np.sort([float(s.trace.xy[0] @ (math.sin(math.pi / 4), math.cos(math.pi / 4))) for s in even])
    assert np.median(np.diff(gap)) == pytest.approx(10, abs=0.5)
    mask = np.zeros((400, 600), np.bool_)
    for y, a, b in area().tolist():
        mask[y, a:b] = True
    near = cv2.dilate(mask.view(np.uint8), np.ones((5, 5), np.uint8)) > 0
    for stroke in even:
        x, y = stroke.trace.xy.astype(int).T
        assert near[y, x].all()
    lit = hatched(area(), pen, RED, size_px=3, spacing_px=10, light=(100.0, 80.0))
    places = np.concatenate([s.trace.xy for s in lit])
    assert np.hypot(*(places - (100, 80)).T).min() > 20 and len(
        hatched(area(), pen, RED, size_px=3, spacing_px=10, angles=(0, 90))
    ) > len(even)
    assert all(s.trace.xy.shape[0] >= 2 for s in along_outline(area(), pen, RED, size_px=3, spacing_px=12))
    with pytest.raises(Refused, match="wider"):
        hatched(area(), pen, RED, size_px=3, spacing_px=0.01)


def test_stipple_has_the_spectrum_of_blue_noise_and_its_least_distance():
    square = runs_from_mask(np.ones((512, 512), np.bool_), 0, 0)
    dots = stippled(square, pen_by_id("plain-round"), RED, size_px=3, spacing_px=10.0)
    places = np.array([s.trace.xy[0] for s in dots])
    away = np.hypot(places[:, None, 0] - places[:, 0], places[:, None, 1] - places[:, 1])
    np.fill_diagonal(away, np.inf)
    assert away.min() >= 10.0
    # R. Ulichney, "Dithering with blue noise" (1988): little power below the principal frequency.
    picture = np.zeros((512, 512))
    picture[places[:, 1].astype(int) % 512, places[:, 0].astype(int) % 512] = 1
    power = np.abs(np.fft.fft2(picture - picture.mean())) ** 2 / len(places)
    f = np.hypot(np.fft.fftfreq(512)[:, None], np.fft.fftfreq(512))
    low, high = power[(f > 0.004) & (f < 0.04)].mean(), power[(f > 0.08) & (f < 0.3)].mean()
    assert low < 0.25 * high


def test_a_black_runs_out_towards_the_light_only():
    strokes = run_out(area(), pen_by_id("quill-nib"), RED, size_px=8, spacing_px=10, length_px=60, light=(800.0, 200.0))
    ends = np.array([s.trace.xy[-1] for s in strokes])
    assert len(strokes) > 10 and ends[:, 0].min() > 300 and ends[:, 0].max() > 480
