"""Paper and tips: evenly distributed, seamless, the same from the same seed."""

from __future__ import annotations

import numpy as np
import pytest

from jotsk.core.geometry import arc_lengths
from jotsk.core.ink.coverage_kernel import paint_ribbon
from jotsk.core.ink.grain_kernel import PAPER_PX, grain_into, paper
from jotsk.core.ink.pens import TIPS
from jotsk.core.ink.swept_kernel import asin_held, finish_into, paint_textured
from jotsk.core.ink.tips import COLUMNS, ROWS, tip

TEXTURED = [name for name in TIPS if name != "smooth"]


def test_a_paper_has_as_much_of_every_height():
    counts = np.bincount(paper().ravel(), minlength=256)
    assert counts.min() >= 0.99 * counts.mean() and counts.max() <= 1.01 * counts.mean()


def seam(picture: np.ndarray, axis: int) -> float:
    """How much rougher the picture is where it meets itself than inside."""
    steps = np.abs(np.diff(np.concatenate([picture, picture.take([0], axis)], axis).astype(float), axis=axis))
    inside, edge = steps.take(range(picture.shape[axis] - 1), axis), steps.take([picture.shape[axis] - 1], axis)
    return float(edge.mean() / inside.mean())


def test_a_paper_repeats_without_a_seam():
    for axis in (0, 1):
        assert seam(paper(), axis) == pytest.approx(1.0, abs=0.15)


@pytest.mark.parametrize("name", TEXTURED)
def test_a_tip_repeats_along_the_line_without_a_seam(name):
    picture = tip(name)
    assert picture.shape == (ROWS, COLUMNS) and picture.max() == 255
    assert seam(picture, 1) == pytest.approx(1.0, abs=0.7)
    edge = picture[[0, -1]].mean()
    assert edge < picture[ROWS // 2 - 8 : ROWS // 2 + 8].mean(), "thinner towards the edges"


@pytest.mark.parametrize("ink", [40, 128, 220])
def test_more_ink_reaches_deeper_into_the_paper(ink):
    alpha = np.full((256, 256), ink, np.uint8)
    grain_into(alpha, 0, 0, paper(), 1.0)
    assert (alpha > 0).mean() == pytest.approx(ink / 255, abs=0.13)
    smooth = np.full((256, 256), ink, np.uint8)
    grain_into(smooth, 0, 0, paper(), 0.0)
    assert (smooth == ink).all(), "without grain the paper takes ink evenly"


def test_grain_is_locked_to_the_page():
    whole = np.full((200, 200), 120, np.uint8)
    grain_into(whole, PAPER_PX - 50, 30, paper(), 0.9)
    part = np.full((80, 90), 120, np.uint8)
    grain_into(part, PAPER_PX - 50 + 40, 30 + 60, paper(), 0.9)
    assert np.array_equal(whole[60:140, 40:130], part)


@pytest.mark.parametrize("step", [2.0, 9.0])
def test_a_textured_line_leaves_no_gap_outside_a_bend(step):
    """A tip that is all ink covers what a smooth line does, round bends much tighter than it is wide."""
    a = np.arange(0.0, 5.0, step / 30)
    ribbon = np.column_stack([150 + 30 * np.cos(a), 130 + 30 * np.sin(a), np.full(len(a), 80.0)]).astype(np.float32)
    levels = np.full(len(a), 255, np.uint8)
    smooth, textured = np.zeros((2, 256, 300), np.uint8)
    paint_ribbon(smooth, 0.0, 0.0, ribbon, levels, 0, len(a), False)
    all_ink = np.full((ROWS, COLUMNS), 255, np.uint8)
    paint_textured(textured, 0.0, 0.0, ribbon, levels, arc_lengths(ribbon), 0, len(a), all_ink, 1.0)
    assert np.abs(smooth.astype(int) - textured).max() <= 60
    assert textured[smooth == 255].min() >= 195, "no spokes"


def test_the_arc_sine_is_that_of_the_library_to_its_stated_error():
    """Abramowitz and Stegun, 4.4.45: 5e-5, rounded coefficients included 7e-5."""
    values = np.linspace(-1.0, 1.0, 4001)
    assert np.abs([asin_held(v) for v in values] - np.arcsin(values)).max() < 7e-5
    assert asin_held(3.0) == pytest.approx(np.pi / 2) and asin_held(-3.0) == pytest.approx(-np.pi / 2)


def test_finishing_makes_edges_hard_before_it_thins_the_ink():
    alpha = np.array([[0, 100, 127, 128, 255]], np.uint8)
    finish_into(alpha, 128, True)
    assert alpha.tolist() == [[0, 0, 0, 128, 128]]
