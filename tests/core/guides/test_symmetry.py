"""Copies against scipy's rotations, group tables and pixels."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from scipy.spatial.transform import Rotation

from jotsk.core.guides import guide_from
from jotsk.core.guides.symmetry import after, copies, inverse, reflection, turn
from jotsk.core.ink import pen_by_id
from jotsk.core.marks import Cut
from jotsk.core.marks.guided import guided
from jotsk.core.page import blank_page, flattened, rgba
from jotsk.core.page.edits.mark_edits import rubbed_out, with_mark
from tests.conftest import stroke_along

MIRROR = {"kind": "mirror", "at": [200, 150], "angle": 90}
WAVE = [(40, 60), (90, 130), (150, 80), (230, 160)]  # crosses the axis


def page_of(stroke):
    return with_mark(blank_page(400, 300), stroke)


@pytest.mark.parametrize("degrees", [0, 30, 90, 123.4, 300])
def test_a_turn_is_scipys(degrees):
    expected = Rotation.from_euler("z", -degrees, degrees=True).as_matrix()[:2, :2]  # y grows downward
    assert turn((5.0, 7.0), degrees)[:, :2] == pytest.approx(expected, abs=1e-12)
    assert turn((5.0, 7.0), degrees) @ (5.0, 7.0, 1.0) == pytest.approx((5.0, 7.0))


def test_a_reflection_undoes_itself_and_keeps_its_axis():
    m = reflection((10.0, 20.0), 33.0)
    assert after(m, m) == pytest.approx(np.eye(2, 3)) and inverse(m) == pytest.approx(m)
    on_axis = np.array([10.0, 20.0]) + 50 * np.array([np.cos(np.radians(33)), -np.sin(np.radians(33))])
    assert m @ np.append(on_axis, 1.0) == pytest.approx(on_axis)


@pytest.mark.parametrize(
    "records, count",
    [
        ([MIRROR], 1),
        ([{"kind": "quarter", "at": [0, 0], "angle": 0}], 3),
        ([{"kind": "rosette", "at": [0, 0], "count": 7}], 6),
        ([{"kind": "rosette", "at": [0, 0], "count": 5, "mirrored": True}], 9),
        ([MIRROR, {"kind": "mirror", "at": [200, 150], "angle": 0}], 3),
        ([{**MIRROR, "on": False}], 0),
    ],
)
def test_the_copies_are_the_group_without_the_stroke_itself(records, count):
    """Orders of the cyclic and dihedral groups: n, 2 n (textbook)."""
    maps = copies(guide_from(r) for r in records)
    assert len(maps) == count
    whole = [np.eye(2, 3), *maps]
    for a in whole:
        for b in whole:
            assert any(np.allclose(after(a, b), m) for m in whole)


@pytest.mark.parametrize("at", [200.0, 200.5])
@pytest.mark.parametrize("pen", ["quill-nib", "plain-round", "brush-pen", "hard-round"])
def test_a_mirror_on_a_pixel_axis_gives_equal_pixels(at, pen):
    stroke = replace(stroke_along(WAVE, size=17.3), pen=pen_by_id(pen))
    pixels = flattened(page_of(guided(stroke, [guide_from({**MIRROR, "at": [at, 0]})])))
    shifted = pixels if at == 200.0 else pixels[:, 1:]
    assert (pixels != pixels[0, 0]).any() and np.array_equal(shifted, shifted[:, ::-1])


def test_a_stroke_joins_its_copy_without_a_double_dark_overlap():
    pen = replace(pen_by_id("plain-round"), opacity=0.5)
    pixels = rgba(flattened(page_of(guided(replace(stroke_along(WAVE, size=24), pen=pen), [guide_from(MIRROR)]))))
    darkest = pixels[..., 0].min()
    assert darkest >= 126, "half opaque ink over its copy is still half opaque"


def test_copies_are_one_stroke_until_they_are_parted():
    stroke = guided(stroke_along(WAVE), [guide_from({"kind": "rosette", "at": [200, 150], "count": 3})])
    page = page_of(stroke)
    assert len(page.active.marks) == 1
    parts = stroke.parted()
    assert len(parts) == 3 and all(not part.copies for part in parts)
    for part, (points, _) in zip(parts, stroke.ribbon.each_turn(), strict=True):
        assert part.ribbon.points == pytest.approx(points, abs=2e-3)
    larger = stroke.mapped(2.0, 30.0, -10.0)
    for (before, _), (now, _) in zip(stroke.ribbon.each_turn(), larger.ribbon.each_turn(), strict=True):
        assert now[-1, :2] == pytest.approx(before[-1, :2] * 2 + (30, -10), abs=0.01)


def test_rubbing_out_is_repeated_too():
    page = page_of(guided(stroke_along(WAVE), [guide_from(MIRROR)]))
    eraser = guided(
        replace(stroke_along([(60, 60), (60, 140)], size=20), pen=pen_by_id("eraser")), [guide_from(MIRROR)]
    )
    pixels = flattened(rubbed_out(page, Cut(eraser.ribbon)))
    assert np.array_equal(pixels, pixels[:, ::-1])
    assert (pixels[:, 56:64] == pixels[0, 0]).all() and (pixels[:, 190:210] != pixels[0, 0]).any()
