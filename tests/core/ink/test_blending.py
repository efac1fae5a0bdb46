from __future__ import annotations

import numpy as np
import skia
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.ink.blend_kernel import halve_into, rub_into, tinted
from jotsk.core.ink.color import packed
from jotsk.core.page.compose.layer_kernel import layer_into


def random_pixels(seed: int, n: int = 64) -> np.ndarray:
    """(n, n) premultiplied uint32."""
    rng = np.random.default_rng(seed)
    alpha = rng.integers(0, 256, (n, n, 1))
    color = rng.integers(0, 256, (n, n, 3))
    straight = np.concatenate([(color * alpha + 127) // 255, alpha], axis=2).astype(np.uint8)
    return np.ascontiguousarray(straight).view(np.uint32)[..., 0]


def channels(pixels: np.ndarray) -> np.ndarray:
    return pixels.view(np.uint8).reshape(*pixels.shape, 4).astype(int)


def skia_over(below: np.ndarray, above: np.ndarray, opacity: float) -> np.ndarray:
    """Source over by Skia, in float, rounded at the end."""
    info = skia.ImageInfo.Make(64, 64, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
    surface = skia.Surface.MakeRaster(info)
    with surface as canvas:
        for pixels, alpha in ((below, 1.0), (above, opacity)):
            floats = (channels(pixels) / 255).astype(np.float32)
            picture = skia.Image.fromarray(floats, skia.kRGBA_F32_ColorType, skia.kPremul_AlphaType)
            canvas.drawImage(picture, 0, 0, skia.SamplingOptions(), _at(alpha))
    out = np.zeros((64, 64, 4), np.float32)
    surface.readPixels(info, out)
    return out * 255


@settings(max_examples=15)
@given(st.integers(0, 10_000), st.sampled_from([0, 3, 77, 128, 254, 255]))
def test_source_over_is_skias_within_a_level_or_two(seed, opacity):
    below, above = random_pixels(seed), random_pixels(seed + 1)
    out = below.copy()
    layer_into(out, above, opacity, np.uint32(0), False)
    assert np.abs(channels(out) - skia_over(below, above, opacity / 255)).max() <= 1.6


def test_every_channel_times_every_share_is_the_product_rounded():
    v, k = np.meshgrid(np.arange(256), np.arange(256))
    channels = np.stack([v, 255 - v, v ^ 0x55, v ^ 0xF0], axis=-1).astype(np.uint8)
    pixels = channels.copy().view(np.uint32)[..., 0]
    rub_into(pixels, (255 - k).astype(np.uint8))
    exact = np.floor(channels * k[..., None] / 255 + 0.5)
    assert np.array_equal(pixels[..., None].view(np.uint8), exact.astype(np.uint8))


def test_what_is_over_stays_premultiplied():
    out = random_pixels(1)
    layer_into(out, random_pixels(2), 200, np.uint32(0), False)
    rgba = channels(out)
    assert (rgba[..., :3] <= rgba[..., 3:]).all()


def test_a_tint_turns_black_into_itself_and_leaves_white():
    tint = packed((0xA4, 0xDD, 0xED))
    black = np.array([tinted(np.uint32(0xFF000000), tint)], np.uint32)
    assert channels(black).tolist() == [[0xA4, 0xDD, 0xED, 255]]
    assert tinted(np.uint32(0xFFFFFFFF), tint) == 0xFFFFFFFF
    assert tinted(np.uint32(0), tint) == 0


def test_halving_is_the_mean_of_four():
    large = random_pixels(5)
    small = np.zeros((32, 32), np.uint32)
    halve_into(small, large)
    means = channels(large).reshape(32, 2, 32, 2, 4).mean(axis=(1, 3))
    assert np.abs(channels(small) - means).max() <= 0.5


def _at(opacity: float) -> skia.Paint:
    paint = skia.Paint()
    paint.setAlphaf(opacity)
    return paint
