"""Blend modes, clipping and groups, against Skia's float compositing and the W3C text."""

from __future__ import annotations

import numpy as np
import pytest
import skia

from jotsk.core.page import GroupLayer, Page, PaintLayer, flattened, rgba, tiles_from
from jotsk.core.page.compose.mode_kernel import blend_into
from jotsk.core.page.compose.modes import MODES, NUMBER

SIZE = 64
SKIA = {
    name: getattr(
        skia.BlendMode, "k" + ("SrcOver" if name == "normal" else "".join(p.title() for p in name.split("-")))
    )
    for name in MODES
}


def pixels(seed: int, *, opaque: bool = False) -> np.ndarray:
    rng = np.random.default_rng(seed)
    alpha = np.full((SIZE, SIZE, 1), 255) if opaque else rng.integers(0, 256, (SIZE, SIZE, 1))
    straight = np.concatenate([(rng.integers(0, 256, (SIZE, SIZE, 3)) * alpha + 127) // 255, alpha], axis=2)
    return np.ascontiguousarray(straight.astype(np.uint8)).view(np.uint32)[..., 0]


def channels(values: np.ndarray) -> np.ndarray:
    return rgba(np.ascontiguousarray(values)).astype(float)


class Float:
    """A Skia surface of 32-bit floats: nothing is rounded before the end."""

    def __init__(self, paper: tuple[int, int, int] | None = None) -> None:
        self.info = skia.ImageInfo.Make(SIZE, SIZE, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
        self.surface = skia.Surface.MakeRaster(self.info)
        self.canvas = self.surface.getCanvas()
        self.canvas.clear(skia.ColorSetRGB(*paper) if paper else 0)

    def draw(self, values: np.ndarray, mode: skia.BlendMode, opacity: float = 1.0) -> None:
        floats = (channels(values) / 255).astype(np.float32)
        picture = skia.Image.fromarray(floats, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
        self.canvas.drawImage(picture, 0, 0, skia.SamplingOptions(), skia.Paint(Alphaf=opacity, BlendMode=mode))

    def read(self) -> np.ndarray:
        out = np.zeros((SIZE, SIZE, 4), np.float32)
        self.surface.readPixels(self.info, out)
        return out * 255


@pytest.mark.parametrize("mode", MODES)
@pytest.mark.parametrize("opacity", [255, 128])
def test_every_mode_is_skias(mode, opacity):
    below, above = pixels(1), pixels(2)
    out = below.copy()
    blend_into(out, above, opacity, np.uint32(0), False, NUMBER[mode], False)
    reference = Float()
    reference.draw(below, skia.BlendMode.kSrc)
    reference.draw(above, SKIA[mode], opacity / 255)
    assert np.abs(channels(out) - reference.read()).max() <= 0.6, "rounded once, at the end"
    assert (channels(out)[..., :3] <= channels(out)[..., 3:]).all(), "still premultiplied"


def test_worked_cases_of_the_standards_formulas():
    """By hand from W3C Compositing and Blending 1, section 10, opaque colours: backdrop 0.8, source 0.4."""
    wanted = {
        "multiply": 0.32, "screen": 0.88, "overlay": 0.76, "darken": 0.4, "lighten": 0.8, "color-dodge": 1.0,
        "color-burn": 0.5, "hard-light": 0.64, "difference": 0.4, "exclusion": 0.56, "soft-light": 0.768,
    }  # fmt: skip
    for mode, value in wanted.items():
        out = np.array([[0xFFCCCCCC]], np.uint32)
        blend_into(out, np.array([[0xFF666666]], np.uint32), 255, np.uint32(0), False, NUMBER[mode], False)
        assert channels(out)[0, 0, 0] / 255 == pytest.approx(value, abs=0.003), mode


def page_of(*layers: PaintLayer) -> Page:
    return Page(SIZE, SIZE, paper=(250, 240, 200), layers=layers, active_uid=layers[0].uid)


def test_a_layer_that_clips_shows_only_where_the_one_below_has_ink():
    base, top, free = pixels(3), pixels(4), pixels(5)
    page = page_of(
        PaintLayer(1, "base", tiles_from(base), opacity=0.6),
        PaintLayer(2, "clips", tiles_from(top), clips=True, opacity=0.8),
        PaintLayer(3, "free", tiles_from(free)),
    )
    inner = Float()
    inner.draw(base, skia.BlendMode.kSrc)
    inner.draw(top, skia.BlendMode.kSrcATop, round(0.8 * 255) / 255)
    reference = Float((250, 240, 200))
    reference.canvas.drawImage(
        inner.surface.makeImageSnapshot(), 0, 0, skia.SamplingOptions(), skia.Paint(Alphaf=round(0.6 * 255) / 255)
    )
    reference.draw(free, skia.BlendMode.kSrcOver)
    assert np.abs(channels(flattened(page)) - reference.read()).max() <= 3


def test_what_clips_to_a_hidden_layer_is_hidden_with_it():
    from dataclasses import replace

    page = page_of(
        PaintLayer(1, "base", tiles_from(pixels(3)), visible=False),
        PaintLayer(2, "x", tiles_from(pixels(4)), clips=True),
    )
    assert (channels(flattened(page))[..., :3] == (250, 240, 200)).all()
    alone = replace(page, layers=page.layers[1:])
    assert not (channels(flattened(alone))[..., :3] == (250, 240, 200)).all(), "with nothing below, nothing is clipped"


@pytest.mark.parametrize("isolated", [True, False])
def test_a_group_blends_as_one_picture_unless_it_is_not_isolated(isolated):
    low, a, b = pixels(6, opaque=True), pixels(7), pixels(8)
    page = page_of(
        PaintLayer(1, "low", tiles_from(low)),
        PaintLayer(2, "a", tiles_from(a), parent=9, blend="multiply"),
        PaintLayer(3, "b", tiles_from(b), parent=9),
        GroupLayer(9, "group", isolated=isolated),
    )
    reference = Float((250, 240, 200))
    reference.draw(low, skia.BlendMode.kSrcOver)
    if isolated:
        inner = Float()
        inner.draw(a, skia.BlendMode.kMultiply)
        inner.draw(b, skia.BlendMode.kSrcOver)
        reference.canvas.drawImage(inner.surface.makeImageSnapshot(), 0, 0)
    else:
        reference.draw(a, skia.BlendMode.kMultiply)
        reference.draw(b, skia.BlendMode.kSrcOver)
    assert np.abs(channels(flattened(page)) - reference.read()).max() <= 3
