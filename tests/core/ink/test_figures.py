"""Cords and motifs: where their lines lie, against Shapely, and as pens like any other."""

from __future__ import annotations

import json
from dataclasses import replace

import numpy as np
import pytest
import shapely

from jotsk.core.geometry import Rect
from jotsk.core.hand import Sample, trace_from
from jotsk.core.ink import Drive, Pen, pen_by_id
from jotsk.core.ink.motifs import NAMES, shape_from
from jotsk.core.ink.ribbon import NO_TAPER
from jotsk.core.ink.wet_figure import wet_ink
from jotsk.core.marks import Stroke
from jotsk.core.marks.record import pen_from, pen_record
from jotsk.core.page import blank_page, edits, flattened, render

MOTIFS = [name for name in NAMES if name not in ("none", "own")]


def stroke(pen, size=30.0, pressure=1.0, y=100.0):
    x = np.linspace(40, 440, 80)
    return Stroke(trace_from(np.linspace(0, 2, 80), x, y + 0 * x, pressure), pen, size, (0, 0, 0), 0.0, 0.0)


@pytest.mark.parametrize("name", MOTIFS)
def test_a_motif_runs_along_the_line_within_its_width_and_grows_with_pressure(name):
    pen = pen_by_id(f"motif-{name.replace(' ', '-')}")
    ribbon = stroke(pen).own_ribbon
    line = max(1.0, ribbon.points[:, 2].max())
    assert np.abs(ribbon.points[:, 1] - 100).max() <= 15 * 1.7 + line
    assert np.abs(ribbon.points[:, 1] - 100).max() > 6
    assert ribbon.points[:, 0].min() > 10 and ribbon.points[:, 0].max() < 470
    light = stroke(pen, pressure=0.1).own_ribbon
    assert np.abs(light.points[:, 1] - 100).max() < np.abs(ribbon.points[:, 1] - 100).max()
    assert (np.diff(ribbon.times) >= 0).all() and ribbon.pieces[-1][1] == len(ribbon)


def test_motifs_are_as_far_apart_as_their_pen_says_and_turn_with_it():
    pen = Pen("p", "P", 20.0, width=Drive("nothing", 1.0), motif="stitches", motif_spacing=2.0)
    ribbon = stroke(pen, 20.0).own_ribbon
    middles = np.array([ribbon.points[a:b, 0].mean() for a, b in ribbon.pieces])
    assert np.diff(middles) == pytest.approx(np.full(len(middles) - 1, 40.0), abs=0.1)
    by_force = Pen("p", "P", 20.0, width=Drive("nothing", 1.0), motif="stitches", spaced_by=Drive("pressure", 0.5))
    assert len(stroke(by_force, 20.0, 0.0).own_ribbon.pieces) == pytest.approx(
        2 * len(stroke(by_force, 20.0).own_ribbon.pieces), abs=2
    )
    upright = Pen(
        "p",
        "P",
        20.0,
        width=Drive("nothing", 1.0),
        motif="own",
        motif_shape=(((0.0, 0, 1), (1, 0, 1)),),
        motif_turn=90.0,
    )
    piece = slice(*stroke(upright, 20.0).own_ribbon.pieces[2])
    assert np.ptp(stroke(upright, 20.0).own_ribbon.points[piece, 0]) < 0.5


def test_a_motif_of_ones_own_is_made_of_lines_and_kept_in_files():
    shape = shape_from([np.array([(10.0, 0, 2), (20, 10, 2), (30, 0, 1)]), np.array([(10.0, 10, 1), (30, 10, 1)])])
    pen = Pen("my", "My", 24.0, motif="own", motif_shape=shape)
    again = pen_from(json.loads(json.dumps(pen_record(pen))))
    assert again == pen
    assert len(stroke(pen).own_ribbon.pieces) % 2 == 0
    with pytest.raises(ValueError, match="has a shape"):
        Pen("my", "My", 24.0, motif="own")


def test_the_edges_of_a_cord_are_what_shapely_leaves_between_two_outlines():
    pen = Pen("c", "C", 40.0, width=Drive("nothing", 1.0), cord=0.1)
    line = stroke(pen, 40.0)
    middle = shapely.LineString([(40, 100), (440, 100)])
    area = middle.buffer(20, 64).area - middle.buffer(16, 64).area
    ink = sum(float(alpha.sum()) for alpha in line.alphas(line.cells_on(blank_page(500, 200).bounds)).values()) / 255
    assert ink == pytest.approx(area, rel=0.01)
    hidden = sum(float(alpha.sum()) for alpha in line.hides(list(line.ribbon.cells)).values()) / 255
    assert hidden == pytest.approx(middle.buffer(20, 64).area, rel=0.01)


def test_flow_makes_the_edges_of_a_cord_no_rougher():
    even = stroke(pen_by_id("cord"), 40.0)
    flowing = replace(even, pen=replace(even.pen, builds=0.5))
    keys = even.cells_on(blank_page(500, 200).bounds)
    inked, same = even.alphas(keys), flowing.alphas(keys)
    assert inked.keys() == same.keys() and all((inked[key] == same[key]).all() for key in inked)


def test_a_cord_hides_ink_of_any_colour_and_paint():
    page = blank_page(500, 200)
    for color, y in (((0, 0, 0), 90.0), ((200, 0, 0), 110.0)):
        x = np.full(20, 100.0 + y)
        trace = trace_from(np.linspace(0, 1, 20), x, np.linspace(20, 180, 20), 1.0)
        page = edits.with_mark(page, Stroke(trace, pen_by_id("plain-round"), 10.0, color, 0.0, 0.0))
    page = edits.with_mark(page, stroke(pen_by_id("cord"), 40.0))
    assert render(page.active.marks, page.bounds) == page.active.tiles
    pixels = flattened(page)
    assert pixels[100, 190] == pixels[100, 210] == pixels[100, 320] == np.uint32(0xFFFFFFFF)
    assert pixels[30, 190] != np.uint32(0xFFFFFFFF) != pixels[30, 210]


@pytest.mark.parametrize("name", ["none", "leaves", "saw", "stitches"])
@pytest.mark.parametrize("copies", [(), (np.array([[-1.0, 0.0, 1000.0], [0.0, 1.0, 0.0]]),)])
def test_the_tiles_that_a_changed_line_leaves_alone_are_the_same(name, copies):
    """Ink of both strokes rendered whole, on every tile."""
    pen = replace(pen_by_id("plain-round"), motif=name, taper_out=NO_TAPER)
    rng = np.random.default_rng(5)
    t = np.linspace(0.0, 1.0, 120)
    for _ in range(12):
        x, y = 40 + 900 * t, 300 + 200 * np.sin(6 * t)
        first, last = sorted(rng.integers(0, 121, 2).tolist())
        bent = np.where((np.arange(120) >= first) & (np.arange(120) < last), 6.0, 0.0)
        kept = slice(0, None if rng.random() < 0.5 else int(rng.integers(20, 120)))
        one, two = (
            replace(Stroke(trace_from(s, a, b, 0.7), pen, 24.0, (0, 0, 0), 0.0, 0.0), copies=copies)
            for s, a, b in ((t, x, y), (t[kept], x[kept], (y + bent)[kept]))
        )
        unlike = one.ribbon.cells_unlike(two.ribbon)
        inked, other = (each.alphas({*one.ribbon.cells, *two.ribbon.cells}) for each in (one, two))
        empty = np.zeros((128, 128), np.uint8)
        differ = {key for key in {*inked, *other} if (inked.get(key, empty) != other.get(key, empty)).any()}
        assert differ <= unlike
        begins = x[min(first, 119 if kept.stop is None else kept.stop)]  # where they part
        if not copies:
            assert all((column + 1) * 128 > begins - 100 for column, _ in unlike), "nothing of what both share"


def test_thousands_of_motifs_on_one_line_are_bounded():
    pen = replace(pen_by_id("plain-round"), motif="rope", motif_spacing=0.05)
    t = np.linspace(0.0, 1.0, 400)
    line = Stroke(trace_from(t, 20 + 9000 * t, 100 + 0 * t, 1.0), pen, 0.6, (0, 0, 0), 0.0, 0.0)
    assert len(line.ribbon.pieces) <= 3 * 5_000
    assert line.ribbon.points[:, 0].max() == pytest.approx(20 + 5_000, abs=3), "each is a px from the next at least"


@pytest.mark.parametrize("pen_id", ["cord", "lock-of-hair", "motif-rope", "motif-leaves"])
def test_a_wet_figure_is_shown_small_as_it_is_shown_large(pen_id):
    """Against the mean of the px it stands for; what it hides is what the dry stroke does."""
    line = stroke(pen_by_id(pen_id), 40.0)
    wet = wet_ink(line.pen, 40.0, 0.0, page=Rect(0, 0, 1024, 512))
    assert wet.alpha(1, 0, 0) is None and wet.hidden(0, 0, 0) is None, "nothing is drawn yet"
    for row in line.trace.samples.tolist():
        wet.push(Sample(*row))
    large = _picture(wet.alpha, 0)
    for level in (1, 2):
        small, n = _picture(wet.alpha, level), 1 << level
        mean = large.reshape(len(large) // n, n, -1, n).mean(axis=(1, 3))
        assert mean.max() > 60 and np.abs(small - mean).mean() < 0.3
        assert small.sum() == pytest.approx(mean.sum(), rel=0.12), "of fine lines side by side the darker counts"
    hidden, dry = _picture(wet.hidden, 0), line.hides(line.cells_on(Rect(0, 0, 1024, 512)))
    assert (hidden > 0).any() == bool(dry) == (line.pen.cord > 0)
    assert np.array_equal(hidden, _picture(lambda _, *key: dry.get(key), 0))


def _picture(tile, level: int) -> np.ndarray:
    """The first 1,024 x 512 px of the page, halved `level` times."""
    rows, columns = 4 >> level, 8 >> level
    empty = np.zeros((128, 128), np.uint8)
    tiles = [[tile(level, column, row) for column in range(columns)] for row in range(rows)]
    return np.block([[empty if each is None else each for each in row] for row in tiles]).astype(float)
