"""The line a pen is made of: where a handle was pulled to is where it lies then."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from jotsk.core.hand import ResponseCurve
from jotsk.core.ink import SHIPPED, pen_by_id
from jotsk.core.marks.specimen import laid_out, reference_motion, specimen_of, with_point
from tests.conftest import stroke_along

WIDTH, HEIGHT = 900, 240


def line_of(pen, **options):
    return specimen_of(pen, reference_motion(WIDTH, HEIGHT), WIDTH, HEIGHT, **options)


@pytest.mark.parametrize("pen", SHIPPED, ids=lambda pen: pen.id)
def test_every_pen_has_a_line_on_its_sheet(pen):
    line = line_of(pen)
    ink = line.ink()
    assert ink.shape == (HEIGHT, WIDTH) and ink.max() > 40
    assert not ink[:, 0].any() and not ink[0].any(), "inside of it"
    assert {"in", "out", "thickest", "opacity", "steady"} <= line.handles.keys()
    for handle in line.handles.values():
        assert 0 <= handle.at[0] < WIDTH and 0 <= handle.at[1] < HEIGHT
        assert np.hypot(*handle.out) == pytest.approx(1.0)


@pytest.mark.parametrize("name", ["thickest", "lightest", "swell"])
@pytest.mark.parametrize("by", [-2.0, 7.0])
def test_a_handle_lies_where_it_was_pulled_to(name, by):
    line = line_of(replace(pen_by_id("quill-nib"), steady_after=0.0))
    handle = line.handles[name]
    x, y = np.array(handle.at) + np.array(handle.out) * by
    pulled = line_of(line.pulled(name, x, y), zoom=line.zoom)
    away = np.hypot(*(np.array(pulled.handles[name].at) - (x, y)))
    assert away < 1.5, "px; numbers are kept to a hundredth"


@pytest.mark.parametrize("name", ["in", "out"])
def test_a_taper_is_as_long_as_it_was_pulled(name):
    line = line_of(pen_by_id("quill-nib"))
    at = line.plain[len(line.plain) // 4 if name == "in" else -(len(line.plain) // 4), :2]
    pulled = line_of(line.pulled(name, *at))
    assert np.hypot(*(np.array(pulled.handles[name].at) - at)) < 0.5 * 20 * line.zoom + 3, "on the edge beside it"


def test_pulls_stay_within_what_a_pen_can_be():
    line = line_of(pen_by_id("quill-nib"))
    assert line.pulled("thickest", 450, -9000).size_px == 500
    assert line.pulled("steady", 0, -5000).steady_after == 100 and line.pulled("steady", 0, 5000).steady_after == 0
    assert line.pulled("opacity", 0, 5000).opacity == 0.05
    assert line.pulled("lightest", *line.plain[int(0.24 * len(line.plain)), :2]).width.least == 0


def test_a_point_that_is_put_into_a_response_keeps_it_rising():
    curve = ResponseCurve(((0.0, 0.0), (0.3, 0.2), (0.8, 0.9), (1.0, 1.0)))
    assert with_point(curve, 0.5, 0.6).points == ((0.0, 0.0), (0.3, 0.2), (0.5, 0.6), (0.8, 0.9), (1.0, 1.0))
    assert with_point(curve, 0.35, 0.95).points == ((0.0, 0.0), (0.35, 0.9), (0.8, 0.9), (1.0, 1.0)), "near: moved"
    assert with_point(curve, 0.5, 0.0).points[2] == (0.5, 0.2)


def test_a_motion_of_ones_own_is_laid_into_the_middle():
    trace = stroke_along([(3000 + 20 * k, 900 - 3 * k) for k in range(300)]).trace
    laid = laid_out(trace, WIDTH, HEIGHT)
    assert laid.xy.min() >= 0 and laid.xy[:, 0].max() <= WIDTH and laid.xy[:, 1].max() <= HEIGHT
    small = laid_out(stroke_along([(0, 0), (30, 10)]).trace, WIDTH, HEIGHT)
    assert np.ptp(small.xy[:, 0]) == pytest.approx(30.0), "it is never enlarged"
