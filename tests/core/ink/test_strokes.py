from __future__ import annotations

import threading

import numpy as np
import pytest
from shapely import LineString, Point

from jotsk.core.geometry import Rect, catmull_rom
from jotsk.core.hand import Sample, trace_from
from jotsk.core.hand.simulated_pen import DEVICES, drawn
from jotsk.core.ink import SHIPPED, TILE, WetInk, pen_by_id, ribbon_of
from jotsk.core.marks import Cut, Stroke
from jotsk.core.marks.figures import figures_of, unrolled
from jotsk.core.page import pixels_of, render, rgba
from tests.conftest import stroke_along

PAGE = Rect(0, 0, 400, 300)


def ink_of(stroke: Stroke) -> np.ndarray:
    """Alpha of a black stroke on the page, uint8."""
    return rgba(pixels_of(render([stroke], PAGE), PAGE))[..., 3]


def test_plain_round_is_as_wide_as_size_times_pressure():
    t = np.linspace(0, 1, 50)
    trace = trace_from(t, 20 + 300 * t, np.full(50, 80.0), 0.2 + 0.6 * t)
    ribbon = ribbon_of(trace, pen_by_id("plain-round"), 24.0)
    pressure_there = 0.2 + 0.6 * (ribbon.points[:, 0] - 20) / 300
    assert 2 * ribbon.points[:, 2] == pytest.approx(24 * pressure_there, abs=0.02)
    assert (ribbon.ink == 255).all()


def test_the_quill_nib_swells_from_15_per_cent_to_its_size():
    # A "G" nib: lightest touch 15 %, S-shaped to 100 % (common practice).
    pen = pen_by_id("quill-nib")
    widths = [
        2 * ribbon_of(stroke_along([(0, 0), (200, 0)], pressure=p).trace, pen, 20.0).points[:, 2].max()
        for p in (0, 0.5, 1)
    ]
    assert widths[0] == pytest.approx(3.0, abs=0.01) and widths[2] == pytest.approx(20.0, abs=0.01)
    assert 3 < widths[1] < 12, "below half way at half pressure"


def test_ribbon_steps_are_short_and_ends_are_kept():
    trace = drawn(np.array([[10, 10], [300, 200], [320, 40]]), 0.5, rate_hz=125)
    ribbon = ribbon_of(trace, pen_by_id("plain-round"), 5.0)
    steps = np.hypot(*np.diff(ribbon.points[:, :2], axis=0).T)
    assert steps.max() <= 3.0
    assert ribbon.points[0, :2] == pytest.approx(trace.xy[0], abs=1e-3)
    assert ribbon.points[-1, :2] == pytest.approx(trace.xy[-1], abs=1e-3)


def test_a_wide_line_has_longer_steps_and_lies_where_shapely_puts_it():
    """shapely buffers the line in steps of 0.2 px."""
    a = np.linspace(0, 4.0, 30)
    trace = trace_from(a, 190 + 60 * np.cos(2 * a) + 20 * a, 150 + 40 * np.sin(2 * a), np.full(30, 1.0))
    stroke = Stroke(trace, pen_by_id("technical-0.5"), 160.0, (0, 0, 0), 0.0, 0.0)
    fine = catmull_rom(trace.xy, 0.2)
    assert len(stroke.ribbon) < len(catmull_rom(trace.xy, 3.0)) / 2
    assert ink_of(stroke).sum() / 255 == pytest.approx(LineString(fine).buffer(80.0, quad_segs=90).area, rel=1e-3)
    line = LineString(stroke.ribbon.points[:, :2].astype(float))
    assert max(line.distance(Point(*place)) for place in fine) <= 80.0 / 500


@pytest.mark.parametrize("pen", SHIPPED, ids=lambda p: p.id)
def test_a_stroke_renders_the_same_again(pen):
    trace = drawn(np.array([[30, 40], [200, 160], [330, 90]]), 0.8, pressure=[0.2, 1, 0.4], seed=4)
    first, second = (Stroke(trace, pen, pen.size_px, (0, 0, 0), 20.0, 45.0) for _ in range(2))
    assert np.array_equal(ink_of(first), ink_of(second))
    assert ink_of(first).any()


@pytest.mark.parametrize("pen_id", ["quill-nib", "pencil"])
def test_wet_ink_is_the_ink_that_dries(pen_id):
    """Without steadying after the lift, what was shown while drawing is what stays, but for the tapers."""
    pen = pen_by_id(pen_id)
    trace = drawn(np.array([[30, 60], [200, 200], [370, 80]]), 1.2, pressure=0.8, device=DEVICES["display"], seed=2)
    wet = WetInk(pen, 12.0, 0.0)
    for row in trace.samples.tolist():
        wet.push(Sample(*row))
    dry = ink_of(Stroke(trace, pen, 12.0, (0, 0, 0), 0.0, 0.0)).astype(int)
    shown = np.zeros((3 * TILE, 4 * TILE), int)
    for column in range(4):
        for row in range(3):
            tile = wet.alpha(0, column, row)
            if tile is not None:
                shown[row * TILE : (row + 1) * TILE, column * TILE : (column + 1) * TILE] = tile
    middle = (slice(90, 190), slice(100, 320))
    assert np.abs(shown[middle] - dry[middle]).mean() < 0.6


@pytest.mark.parametrize("pen", SHIPPED, ids=lambda pen: pen.id)
def test_what_lies_far_from_the_motion_is_known_not_to_touch_and_nothing_that_does_is_missed(pen):
    rng, touched = np.random.default_rng(4), 0
    for seed in range(20):
        path = rng.uniform(0, 400, (4, 2))
        trace = drawn(path, 0.4, pressure=1.0, device=DEVICES["mouse"], seed=seed)
        stroke = Stroke(trace, pen, 30.0, (0, 0, 0), 60.0, 100.0)
        areas = [Rect(x, y, x + 90, y + 90) for x, y in rng.integers(-300, 700, (40, 2)).tolist()]
        unknown = [bool(stroke.reach & area) for area in areas]
        for area, may in zip(areas, unknown, strict=True):
            assert may or not stroke.bounds & area
            touched += bool(stroke.bounds & area)
    assert touched > 20
    far = Stroke(trace, pen, 30.0, (0, 0, 0), 60.0, 100.0)
    assert not far.reach & Rect(5000, 5000, 5100, 5100) and "ribbon" not in far.__dict__


def test_wet_ink_is_halved_as_a_mean():
    wet = WetInk(pen_by_id("plain-round"), 20.0, 0.0)
    for k in range(40):
        wet.push(Sample(0.005 * k, 20 + 5.0 * k, 60 + 2.0 * k, 1.0))
    full, half = wet.alpha(0, 0, 0), wet.alpha(1, 0, 0)
    means = full.reshape(64, 2, 64, 2).astype(float).mean(axis=(1, 3))
    assert np.abs(half[:64, :64] - means).max() <= 0.5


@pytest.mark.parametrize("pen_id", ["plain-round", "quill-nib", "eraser"])
def test_one_smooth_line_is_shown_just_as_any_line_at_every_halving(pen_id):
    """What most pens paint goes a way of its own; here beside the way of all the others, beyond the page's edge too."""
    trace = drawn(np.array([[-90, -60], [300, 200], [-70, 330], [390, 30]]), 1.2, pressure=[0.2, 0.9, 0.4], seed=2)
    quick, plain = (WetInk(pen_by_id(pen_id), 25.0, 30.0) for _ in range(2))
    plain._is_one_line = False
    assert quick._is_one_line
    for k, row in enumerate(trace.samples.tolist()):
        assert quick.push(Sample(*row)) == plain.push(Sample(*row))
        if k % 9 and k != len(trace.samples) - 1:
            continue
        assert quick.cells == plain.cells
        for level in range(k % 4 + 1):
            for column, line in {(c >> level, r >> level) for c, r in quick.cells}:
                tile = quick.alpha(level, column, line)
                assert np.array_equal(tile, plain.alpha(level, column, line))
    assert quick.alpha(3, 0, 0).any() and min(quick.cells) < (0, 0)


def test_a_cut_takes_ink_away_and_stays_when_the_stroke_is_steadied_anew():
    trace = drawn(np.array([[20, 150], [380, 150]]), 2.0, pressure=1.0, seed=9)
    stroke = Stroke(trace, pen_by_id("plain-round"), 14.0, (0, 0, 0), 0.0, 0.0)
    cut = Cut(stroke_along([(200, 100), (200, 200)], size=30).ribbon)
    for strength in (0, 50, 100):
        ink = ink_of(stroke.with_cut(cut).resteadied(strength))
        assert not ink[:, 187:213].any()
        assert ink[140:160, 100].max() == 255 and ink[140:160, 300].max() == 255


def test_figures_of_a_worked_case():
    figures = figures_of(stroke_along([(10 + 10 * k, 50) for k in range(21)], size=8))
    assert figures.samples == 21
    assert figures.duration_s == pytest.approx(1.0)
    assert figures.length_px == pytest.approx(200, abs=0.01)
    assert (figures.width_min_px, figures.width_max_px) == pytest.approx((8, 8))
    assert figures.wobble_before_px == pytest.approx(0, abs=1e-6)


def test_unrolled_shows_the_hand_beside_the_line():
    t = np.arange(0, 2, 0.005)
    trace = trace_from(t, 20 + 150 * t, 150 + 1.5 * np.sin(2 * np.pi * 10 * t))
    laid_out = unrolled(Stroke(trace, pen_by_id("plain-round"), 10.0, (0, 0, 0), 0.0, 80.0), 400)
    assert laid_out.half_width_px == pytest.approx(np.full(400, 5.0), abs=0.01)
    assert np.abs(laid_out.off_px[20:-20]).max() == pytest.approx(1.5, abs=0.2)


def test_an_unknown_pen_is_named_with_those_that_exist():
    with pytest.raises(ValueError, match="quill-nib"):
        pen_by_id("goose")


def test_wet_ink_is_halved_once_though_many_threads_ask_for_it():
    """The board flattens on all cores: two that made the same tile would leave one of them writing to what is gone."""
    trace = drawn([(0, 100), (3000, 900), (200, 1800)], 1.0, pressure=[0.5, 0.9], device=DEVICES["display"])

    def wet() -> WetInk:
        ink = WetInk(pen_by_id("plain-round"), 60.0, 0.0)
        for row in trace.samples.tolist():
            ink.push(Sample(*row))
        return ink

    one, keys = wet(), [(c, r) for c in range(4) for r in range(3)]
    expected = [one.alpha(3, c, r) for c, r in keys]
    for _ in range(10):
        many, tiles = wet(), []
        gate = threading.Barrier(6)

        def ask(many=many, gate=gate, tiles=tiles):
            gate.wait()
            tiles.append([many.alpha(3, c, r) for c, r in keys])

        threads = [threading.Thread(target=ask) for _ in range(6)]
        for thread in threads:
            thread.start()
        for thread in threads:
            thread.join()
        for found in tiles:
            for tile, other in zip(found, expected, strict=True):
                assert (tile is None) == (other is None) and (tile is None or np.array_equal(tile, other))
