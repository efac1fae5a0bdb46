"""Moire of tones that are scaled: measured on what is written, with SciPy."""

from __future__ import annotations

import pytest
from scipy import ndimage

from jotsk.core.files.export import FORMATS, Export, moire, pixels_for
from jotsk.core.files.orders import Order, doubts_about
from jotsk.core.fill.filling import Filling, Inks, filled_outline
from jotsk.core.ink import pen_by_id
from jotsk.core.page import blank_page

INKS = Inks((0, 0, 0), (255, 255, 255), pen_by_id("plain-round"))
ALL = [(-5.0, -5.0), (605.0, -5.0), (605.0, 605.0), (-5.0, 605.0)]


def toned(cell, angle):
    how = Filling(kind="tone", shape="dots", lpi=30, angle=angle, density=0.3)
    return filled_outline(blank_page(600, 600, 30.0 * cell), ALL, how, INKS)


def export(scale, color="bits"):
    return Export(FORMATS["tiff"], color, scale=scale)


def written_ripple(page, cell, scale, color="bits"):
    """The coarse pattern of what is written: its mean over a few cells, RMS."""
    pixels = pixels_for(page, export(scale, color)).reshape(round(600 * scale), round(600 * scale), -1)[..., 0] / 255
    even, edge = ndimage.gaussian_filter(pixels, 2.2 * cell * scale), int(6.6 * cell * scale)
    return even[edge:-edge, edge:-edge].std()


@pytest.mark.parametrize("angle", [0, 15, 45])
@pytest.mark.parametrize("cell", [6, 8, 10])
def test_what_is_warned_of_has_a_coarse_pattern_and_what_is_not_has_little(cell, angle):
    page = toned(cell, angle)
    own = written_ripple(page, cell, 1.0)
    for percent in (37, 50, 60, 75, 90, 125, 200):
        ripple = written_ripple(page, cell, percent / 100)
        if moire(page, export(percent / 100)):
            assert ripple > 0.003 and ripple > 1.4 * own, percent
        else:
            assert ripple < 0.006 or ripple < 2.2 * own, percent


def test_the_better_scale_is_better_and_greys_are_not_warned_of():
    page = toned(8, 0)
    said = moire(page, export(0.37))
    assert said == "A tone may shimmer (moire) at 37 %; at 40 % it does not."
    assert written_ripple(page, 8, 0.37) > 5 * written_ripple(page, 8, 0.4)
    assert moire(page, export(1.0)) is None and moire(page, export(0.37, "grey")) is None
    assert written_ripple(page, 8, 0.37, "grey") < 0.002
    order = Order("Print", "tiff", color="bits", longest_px=round(600 * 0.37))
    assert any("moire" in doubt for doubt in doubts_about(page, order))
    assert moire(blank_page(60, 60), export(0.37)) is None
