"""Every pen, and what drives it."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jotsk.core.geometry import Rect
from jotsk.core.hand import Sample, trace_from
from jotsk.core.ink import SHIPPED, Drive, Pen, Profile, Taper, pen_by_id, ribbon_of
from jotsk.core.ink.oklch import from_oklch, to_oklch
from jotsk.core.ink.painting import flow_profile
from jotsk.core.ink.shipped import ISO_DASHES, ISO_WIDTHS_MM
from jotsk.core.ink.wet_figure import wet_ink
from jotsk.core.marks import Stroke
from jotsk.core.marks.preview import preview
from jotsk.core.page import pixels_of, render, rgba
from tests.conftest import stroke_along

PAGE = Rect(0, 0, 512, 384)
PLAIN = pen_by_id("plain-round")


def straight(pen: Pen, *, speed: float = 300.0, size: float = 30.0, tilt: float = 0.0, pressure: float = 1.0) -> Stroke:
    """A level line of 400 px, drawn at an even speed."""
    n = 120
    t = np.linspace(0, 400 / speed, n)
    trace = trace_from(t, np.linspace(50, 450, n), np.full(n, 192.0), pressure, tilt, 0.0)
    return Stroke(trace, pen, size, (0, 0, 0), 0.0, 0.0)


def alpha_of(*strokes: Stroke) -> np.ndarray:
    return rgba(pixels_of(render(strokes, PAGE), PAGE))[..., 3].astype(int)


def middle_width(stroke: Stroke) -> float:
    ribbon = stroke.ribbon
    return float(2 * ribbon.points[len(ribbon) // 2, 2])


def test_there_are_pens_enough_and_each_is_its_own():
    assert len(SHIPPED) >= 18
    assert len({pen.id for pen in SHIPPED}) == len({pen.name for pen in SHIPPED}) == len(SHIPPED)
    pictures = [preview(pen, 120, 40, 12.0).tobytes() for pen in SHIPPED if not pen.rubs]
    assert len(set(pictures)) >= len(pictures) - 3, "the technical pens differ in width only"


def test_the_mapping_nib_runs_from_10_to_50_per_cent():
    # A "maru" nib: 10 % to 50 % (common practice).
    pen = pen_by_id("mapping-nib")
    assert pen.width([0.0, 1.0]) == pytest.approx([0.1, 0.5], abs=1e-9)


def test_technical_pens_have_the_widths_of_iso_128():
    # ISO 128-20: 0.13 to 2 mm, each root 2 times the one before (values rounded by the standard).
    steps = np.array(ISO_WIDTHS_MM[1:]) / np.array(ISO_WIDTHS_MM[:-1])
    assert steps == pytest.approx(np.full(8, np.sqrt(2)), rel=0.035)
    assert pen_by_id("technical-0.5").size_px == pytest.approx(0.5 / 25.4 * 600, abs=0.01)
    assert {middle_width(straight(pen_by_id("technical-0.5"), size=12.0, pressure=p)) for p in (0.1, 1.0)} == {12.0}


def test_speed_thins_the_flick_pen_and_direction_the_slant_nib():
    flick = pen_by_id("flick-pen")
    slow, fast = (middle_width(straight(flick, speed=v)) for v in (100.0, 3000.0))
    assert fast < 0.6 * slow
    nib = pen_by_id("slant-nib")
    along = stroke_along([(100, 300), (300, 100)]).trace  # up to the right: along a nib held at 45 degrees
    across = stroke_along([(100, 100), (300, 300)]).trace
    thin, broad = (ribbon_of(t, nib, 40.0).points[:, 2].max() * 2 for t in (along, across))
    assert thin == pytest.approx(6.0, abs=0.1) and broad == pytest.approx(40.0, abs=0.1)


def test_tilt_widens_and_softens_the_pencil():
    pencil = pen_by_id("pencil")
    upright, flat = straight(pencil, size=8.0), straight(pencil, size=8.0, tilt=60.0)
    assert middle_width(flat) == pytest.approx(4 * middle_width(upright), rel=0.01)
    assert flat.ribbon.ink.max() < 0.5 * upright.ribbon.ink.max()


def test_tapers_in_px_in_shares_and_by_speed():
    pen = replace(PLAIN, taper_in=Taper(40.0), taper_out=Taper(share=0.25))
    radius = straight(pen, size=12.0).ribbon.points[:, 2]
    along = straight(pen, size=12.0).ribbon.along
    assert radius[0] < 1 and radius[-1] < 1
    assert radius[(along > 41) & (along < 299)] == pytest.approx(6.0)
    quick = replace(PLAIN, taper_out=Taper(40.0, by_speed=True))
    slow_tail, fast_tail = (
        400 - s.ribbon.along[s.ribbon.points[:, 2] < 5.9][0]
        for s in (straight(quick, size=12, speed=50), straight(quick, size=12, speed=5000))
    )
    assert fast_tail > 1.8 * slow_tail


def test_a_profile_is_the_width_along_the_line():
    pen = replace(PLAIN, width=Drive("nothing", 1.0), profile=Profile(((0.0, 0.2), (0.5, 1.0), (1.0, 0.0))))
    ribbon = straight(pen, size=20.0, pressure=0.3).ribbon
    at = ribbon.along / ribbon.along[-1]
    assert 2 * np.interp([0.0, 0.5, 1.0], at, ribbon.points[:, 2]) == pytest.approx([4.0, 20.0, 0.0], abs=0.05)


@given(st.lists(st.floats(0, 1), min_size=2, max_size=6))
def test_a_profile_never_leaves_the_range_of_its_points(heights):
    shares = np.linspace(0, 1, len(heights))
    values = Profile(tuple(zip(shares.tolist(), heights, strict=True)))(np.linspace(0, 1, 200))
    assert values.min() >= min(heights) - 1e-9 and values.max() <= max(heights) + 1e-9


@pytest.mark.parametrize("pen_id", ["quill-nib", "pencil", "dry-brush", "charcoal", "hard-round"])
def test_a_stroke_does_not_darken_where_it_crosses_itself(pen_id):
    pen = replace(pen_by_id(pen_id), opacity=0.5)
    a = np.linspace(0, 2 * np.pi, 200)
    trace = trace_from(a, 256 + 150 * np.sin(a), 192 + 100 * np.sin(2 * a), 1.0)
    assert alpha_of(Stroke(trace, pen, 40.0, (0, 0, 0), 0.0, 0.0)).max() <= 129


def test_the_marker_darkens_where_it_crosses_itself_and_one_pass_leaves_its_flow():
    marker = replace(pen_by_id("marker"), opacity=1.0)
    once = alpha_of(straight(marker, size=40.0))[192, 150:350]
    assert once.mean() / 255 == pytest.approx(marker.builds, abs=0.03)
    there = np.linspace(0, 1, 100)
    back = np.concatenate([there, there[::-1]])
    trace = trace_from(np.arange(200) * 0.01, 60 + 380 * back, np.full(200, 192.0))
    twice = alpha_of(Stroke(trace, marker, 40.0, (0, 0, 0), 0.0, 0.0))[192, 150:350]
    # Two passes of flow f cover 1 - (1 - f)^2.
    assert twice.mean() / 255 == pytest.approx(1 - (1 - marker.builds) ** 2, abs=0.03)


def test_low_flow_does_not_stall():
    pen = replace(pen_by_id("wash"), builds=0.004, opacity=1.0, ink=Drive("nothing", 1.0))
    share = np.abs(np.mod(np.arange(1200) / 50, 2) - 1)
    trace = trace_from(np.arange(1200) * 0.01, 60 + 380 * share, np.full(1200, 192.0))
    cover = alpha_of(Stroke(trace, pen, 60.0, (0, 0, 0), 0.0, 0.0))[192, 200:300]
    assert cover.mean() / 255 == pytest.approx(1 - (1 - 0.004) ** 24, abs=0.02)


def test_a_crisp_marker_is_even_from_edge_to_edge():
    # The Abel transform of 1 / sqrt(1 - q^2) is constant (Bracewell, The Fourier Transform, table of transforms, from memory).
    assert flow_profile(pen_by_id("marker"))[0][0] == pytest.approx(1.0)
    across = alpha_of(straight(replace(pen_by_id("marker"), opacity=1.0), size=80.0))[160:224, 250]
    assert across.std() < 0.05 * across.mean()


def test_hard_edges_are_all_ink_or_none():
    assert set(np.unique(alpha_of(straight(pen_by_id("hard-nib"))))) == {0, 255}


def test_the_same_grain_lies_under_every_stroke():
    pen = pen_by_id("charcoal")
    left, right = straight(pen), Stroke(straight(pen).trace, pen, 30.0, (0, 0, 0), 0.0, 0.0)
    assert np.array_equal(alpha_of(left), alpha_of(right))
    moved = trace_from(left.trace.t, left.trace.xy[:, 0] + 3, left.trace.xy[:, 1])
    one, other = alpha_of(left) > 0, alpha_of(Stroke(moved, replace(pen, tip="smooth"), 30.0, (0, 0, 0), 0.0, 0.0)) > 0
    assert one.sum() > 500 and other.sum() > 500


@pytest.mark.parametrize("name", [n for n in ISO_DASHES if n != "whole"])
def test_dashes_and_gaps_have_their_lengths_as_seen(name):
    # ISO 128-20: dash 12 d, gap 3 d, long dash 24 d, dot at most 0.5 d; seen along the middle of a line of width d.
    pattern = ISO_DASHES[name]
    d = 4.0
    pen = replace(PLAIN, dash=pattern)
    stroke = straight(pen, size=d)
    row = alpha_of(stroke)[191:193].mean(axis=0) > 127
    edges = np.flatnonzero(np.diff(np.concatenate([[0], row.view(np.int8), [0]])))
    runs, gaps = (edges[1::2] - edges[::2])[1:-1], (edges[2::2] - edges[1:-1:2])[1:-1]
    dots_are = d  # a dot cannot be shorter than the line is thick: it is a round spot
    wanted = {max(v * d, dots_are) for v in pattern[::2]}
    assert all(min(abs(run - w) for w in wanted) <= 1.5 for run in runs)
    assert all(3 * d - dots_are - 1 <= gap <= 3 * d + 1.5 for gap in gaps)


def test_a_dash_respects_the_width_it_has_there():
    t = np.linspace(0, 1, 100)
    trace = trace_from(t, 50 + 400 * t, np.full(100, 192.0), 0.2 + 0.8 * t)
    ribbon = ribbon_of(trace, replace(PLAIN, dash=(3.0, 2.0)), 16.0)
    assert len(ribbon.pieces) > 3
    for start, stop in ribbon.pieces[1:-1]:
        first, last = ribbon.points[start], ribbon.points[stop - 1]
        seen = (last[0] + last[2]) - (first[0] - first[2])
        assert seen == pytest.approx(48.0, abs=2.5)


@pytest.mark.parametrize("pen", SHIPPED, ids=lambda p: p.id)
def test_every_pen_shows_wet_about_what_dries(pen):
    stroke = straight(pen, size=min(pen.size_px, 40.0), pressure=0.8)
    wet = wet_ink(pen, stroke.size_px, 0.0)
    for row in stroke.trace.samples.tolist():
        wet.push(Sample(*row))
    dry, shown = [], []
    for column in range(1, 3):
        tile = wet.alpha(0, column, 1)
        dried = stroke.alpha(column, 1)
        shown.append(0 if tile is None else int(tile.sum()))
        dry.append(0 if dried is None else int(dried.sum()))
    assert sum(dry) > 0
    assert sum(shown) == pytest.approx(sum(dry), rel=0.2 if not pen.profile.points else 1.0)


@pytest.mark.parametrize(
    "make",
    [
        lambda: Drive("mood"),
        lambda: Drive(least=1.5),
        lambda: Profile(((0.0, 1.0),)),
        lambda: Profile(((0.5, 1.0), (0.2, 1.0))),
        lambda: Pen("x", "X", 5.0, dash=(1.0, 2.0, 3.0)),
        lambda: Pen("x", "X", 5.0, tip="feather"),
    ],
)
def test_recipes_that_make_no_sense_are_refused(make):
    with pytest.raises(ValueError):
        make()


def test_oklch_is_that_of_its_author():
    # Ottosson 2020: white has lightness 1 and no chroma; red is about (0.628, 0.2577, 29.23 degrees), from memory.
    white, red = to_oklch([[1, 1, 1], [1, 0, 0]])
    assert white[:2] == pytest.approx([1, 0], abs=1e-4)
    assert (red[0], red[1], np.degrees(red[2])) == pytest.approx((0.628, 0.2577, 29.23), abs=0.01)


@given(st.tuples(*[st.integers(0, 255)] * 3))
def test_every_colour_survives_the_way_there_and_back(color):
    srgb, inside = from_oklch(to_oklch(np.array(color) / 255))
    assert np.round(srgb * 255).astype(int).tolist() == list(color) and inside


def test_a_marker_ends_as_evenly_as_it_runs():
    marker = replace(pen_by_id("marker"), opacity=1.0)
    ink = alpha_of(straight(marker, size=60.0))
    middle = ink[180:204, 200:300].mean()
    for cap in (ink[186:198, 32:46], ink[186:198, 454:468]):
        assert cap.mean() == pytest.approx(middle, rel=0.12)
    dot = Stroke(trace_from([0.0], [256.0], [192.0]), marker, 60.0, (0, 0, 0), 0.0, 0.0)
    assert alpha_of(dot)[180:204, 244:268].mean() == pytest.approx(middle, rel=0.12)


def test_a_marker_is_as_even_round_a_bend_and_its_edge_is_smooth():
    marker = replace(pen_by_id("marker"), opacity=1.0, width=Drive("nothing", 1.0), ink=Drive("nothing", 1.0))
    turn = np.linspace(0, 1.5, 200)
    trace = trace_from(turn, 60 + 250 * np.sin(turn), 350 - 250 * np.cos(turn), np.full(200, 0.5))
    ink = alpha_of(Stroke(trace, marker, 40.0, (0, 0, 0), 0.0, 0.0)).astype(float)
    y, x = np.mgrid[: ink.shape[0], : ink.shape[1]] + 0.5
    off = np.hypot(x - 60, y - 350) - 250
    angle = np.arctan2(x - 60, 350 - y)
    middle = (np.abs(off) < 6) & (angle > 0.3) & (angle < 1.2)
    assert ink[middle].std() < 1.0, "no weave"
    rim = (np.abs(np.abs(off) - 20) < 0.4) & (angle > 0.3) & (angle < 1.2)
    share = ink[rim] / ink[middle].mean()
    assert ((share > 0.1) & (share < 0.9)).mean() > 0.5, "the edge is anti-aliased"
