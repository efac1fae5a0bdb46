"""The kernel against exact areas: shapely's union of the hulls of consecutive circles, cut by every pixel."""

from __future__ import annotations

import itertools

import numpy as np
import pytest
import shapely

from jotsk.core.geometry import catmull_rom
from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.ink.depth_kernel import EDGE, PER_PX
from jotsk.core.ink.painting import depths_of
from jotsk.core.ink.ribbon import Ribbon

SIDE = 96


def shape_of(ribbon: np.ndarray) -> shapely.Geometry:
    """Circles as polygons of 256 corners, of the same area as the circle."""
    grown = np.sqrt(2 * np.pi / 256 / np.sin(2 * np.pi / 256))
    discs = [shapely.Point(x, y).buffer(r * grown, quad_segs=64) for x, y, r in ribbon.tolist()]
    hulls = [shapely.convex_hull(shapely.union(a, b)) for a, b in itertools.pairwise(discs)]
    return shapely.union_all(hulls or discs)


def exact_coverage(ribbon: np.ndarray) -> np.ndarray:
    """Coverage 0..255 of every pixel."""
    shape = shape_of(ribbon)
    y, x = np.mgrid[:SIDE, :SIDE]
    pixels = shapely.box(x, y, x + 1, y + 1)
    shapely.prepare(shape)
    coverage = np.where(shapely.contains_properly(shape, pixels), 255.0, 0.0)
    edge = shapely.intersects(shape, pixels) & (coverage == 0)
    coverage[edge] = 255.0 * shapely.area(shapely.intersection(shape, pixels[edge]))
    return coverage


def painted(ribbon: np.ndarray, level: int = 255) -> np.ndarray:
    buffer = np.zeros((SIDE, SIDE), np.uint8)
    ribbon = ribbon.astype(np.float32)
    paint_ribbon(buffer, 0.0, 0.0, ribbon, np.full(len(ribbon), level, np.uint8), 0, len(ribbon), False)
    return buffer


def wave(width: float, steepness: float = 1.0) -> np.ndarray:
    x = np.linspace(18.3, 77.9, 24)
    y = 48 + 14 * np.sin(x / 22) * steepness  # bends of 35 px and more
    r = width / 2 * (0.75 + 0.25 * np.sin(x / 14))
    return catmull_rom(np.column_stack([x, y, r]), 3.0)


@pytest.mark.parametrize("width", [0.5, 1, 1.5, 2, 3, 4, 6, 8, 12, 16, 20, 30])
@pytest.mark.parametrize("steepness", [0.0, 1.0])
def test_coverage_is_exact_to_a_few_levels(width, steepness):
    ribbon = wave(width, steepness)
    exact = exact_coverage(ribbon)
    error = painted(ribbon) - exact
    assert np.abs(error).max() <= 6
    edges = (exact % 255 != 0) | (error != 0)
    assert np.sqrt((error[edges] ** 2).mean()) <= 1


@pytest.mark.parametrize("width", [1, 5, 17, 30])
def test_ink_adds_up_to_steiners_area(width):
    # A capsule of length L and width w covers L w + pi w^2 / 4 (Steiner).
    ends = np.array([[25.2, 30.1, width / 2], [65.7, 61.3, width / 2]])
    length = np.hypot(40.5, 31.2)
    assert painted(ends).sum() / 255 == pytest.approx(length * width + np.pi * width**2 / 4, rel=0.004)


@pytest.mark.parametrize("radius", [0.4, 1, 2.5, 9])
def test_a_touch_without_movement_leaves_a_round_dot(radius):
    dot = painted(np.array([[40.25, 50.6, radius]]))
    assert dot.sum() / 255 == pytest.approx(np.pi * radius**2, rel=0.02)


def test_a_stroke_does_not_darken_where_it_crosses_itself():
    a = np.linspace(0, 2 * np.pi, 60)
    eight = np.column_stack([48 + 30 * np.sin(a), 48 + 20 * np.sin(2 * a), np.full(60, 5.0)])
    assert painted(eight, level=128).max() == 128


def test_a_tile_gets_what_the_whole_picture_gets():
    ribbon = wave(9).astype(np.float32)
    levels = np.full(len(ribbon), 255, np.uint8)
    part = np.zeros((40, 50), np.uint8)
    paint_ribbon(part, 20.0, 30.0, ribbon, levels, 0, len(ribbon), False)
    assert np.abs(part.astype(int) - painted(ribbon)[30:70, 20:70]).max() <= 1


def test_a_ribbon_outside_leaves_the_buffer_alone():
    assert painted(wave(10) + np.array([500, 0, 0])).max() == 0


@pytest.mark.parametrize("ribbon", [wave(1.0), wave(5.0), wave(17.0), wave(30.0, 0.3), np.array([[40.3, 41.8, 6.2]])])
def test_the_depth_of_each_px_is_how_far_it_lies_from_the_edge(ribbon):
    """Outside, its distance as Shapely measures it; inside, no more than that, for of several hulls one is deepest."""
    cells, depths = depths_of(Ribbon(ribbon.astype(np.float32), np.full(len(ribbon), 255, np.uint8), ribbon[:, 0]))
    assert cells.tolist() == [[0, 0]]
    values = depths[0, :SIDE, :SIDE].astype(float)
    shape = shape_of(ribbon)
    middles = shapely.points(*(np.mgrid[:SIDE, :SIDE][::-1] + 0.5))
    away = shapely.distance(shape.boundary, middles)
    is_in = shapely.contains(shape, middles)
    wanted = EDGE + PER_PX * np.where(is_in, away, -away)
    told = (values > 0) & (values < 255)
    assert np.abs(values - wanted)[told & ~is_in].max() < 1.5
    assert (values - wanted)[told & is_in].max() < 1.5
    assert (is_in == (values >= EDGE))[np.abs(away) > 0.02].all()
    assert values[~told & is_in].min(initial=255) == 255 and values[~told & ~is_in].max() == 0
