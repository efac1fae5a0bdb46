"""Pictures, written and read by other libraries: PNG by pypng, TIFF by OpenCV, JPEG and WebP by Pillow."""

from __future__ import annotations

import io
import struct
import zlib

import cv2
import numpy as np
import png
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image

from jotsk.core.errors import CannotWrite, DamagedFile, TooLarge
from jotsk.core.files.pictures import decode_own_png, decode_picture, read_picture, write_png
from jotsk.core.files.premultiply_kernel import premultiplied, straight
from jotsk.core.page import rgba


def saved(tmp_path, rows, **kind):
    path = tmp_path / "p.png"
    with open(path, "wb") as stream:
        png.Writer(width=4, height=2, **kind).write(stream, rows)
    return path


def pixels_in(path) -> list[list[int]]:
    return straight(read_picture(path)[0]).reshape(-1, 4).tolist()


@pytest.mark.parametrize("height", [1, 511, 513, 1100])
def test_both_ways_to_read_a_png_give_what_pypng_wrote(height):
    pixels = np.random.default_rng(height).integers(0, 256, (height, 37, 4), np.uint8)
    stream = io.BytesIO()
    png.Writer(width=37, height=height, greyscale=False, alpha=True).write(stream, pixels.reshape(height, -1))
    wanted = premultiplied(pixels)
    assert np.array_equal(decode_own_png(stream.getvalue(), "p.png"), wanted)
    assert np.array_equal(decode_picture(stream, "p.png")[0], wanted)


@pytest.mark.parametrize("data", [b"", b"nothing", b"\x89PNG\r\n\x1a\n" + bytes(40)])
def test_what_says_it_is_our_png_and_is_none_is_told(data):
    with pytest.raises(DamagedFile, match="damaged"):
        decode_own_png(data, "p.png")


def test_grey_of_16_bits_becomes_8(tmp_path):
    path = saved(tmp_path, [[0, 257, 32896, 65535]] * 2, greyscale=True, bitdepth=16)
    assert pixels_in(path)[:4] == [[0, 0, 0, 255], [1, 1, 1, 255], [128, 128, 128, 255], [255, 255, 255, 255]]


def test_rgba_of_16_bits_becomes_8(tmp_path):
    row = [65535, 0, 32896, 65535] * 4
    path = saved(tmp_path, [row] * 2, greyscale=False, alpha=True, bitdepth=16)
    assert pixels_in(path)[0] == [255, 0, 128, 255]


def test_a_palette_with_alpha(tmp_path):
    palette = [(255, 0, 0, 255), (0, 255, 0, 0), (0, 0, 255, 128), (9, 9, 9, 255)]
    path = saved(tmp_path, [[0, 1, 2, 3]] * 2, palette=palette, bitdepth=2)
    assert pixels_in(path)[:4] == [[255, 0, 0, 255], [0, 0, 0, 0], [0, 0, 255, 128], [9, 9, 9, 255]]


def test_one_bit_line_art(tmp_path):
    path = saved(tmp_path, [[0, 1, 1, 0]] * 2, greyscale=True, bitdepth=1)
    assert [p[0] for p in pixels_in(path)[:4]] == [0, 255, 255, 0]


@given(st.integers(0, 2**32 - 1))
@settings(max_examples=30)
def test_premultiplied_pixels_survive_the_straight_alpha_of_a_file(seed):
    rng = np.random.default_rng(seed)
    alpha = rng.integers(0, 256, (20, 20, 1))
    color = rng.integers(0, 256, (20, 20, 3)) * alpha // 255
    pixels = np.ascontiguousarray(np.dstack([color, alpha]).astype(np.uint8)).view(np.uint32)[..., 0]
    assert np.array_equal(premultiplied(straight(pixels)), pixels)


def test_600_dpi_is_23622_pixels_per_metre(tmp_path):
    # PNG specification (ISO/IEC 15948), 11.3.5.3 pHYs: pixels per unit, unit 1 = metre; 600 / 0.0254 = 23622.05.
    path = tmp_path / "out.png"
    write_png(path, np.full((3, 5), 0xFF102030, np.uint32), dpi=600, opaque=True)
    chunks = dict(png.Reader(bytes=path.read_bytes()).chunks())
    assert struct.unpack(">IIB", chunks[b"pHYs"]) == (23622, 23622, 1)
    width, height, rows, info = png.Reader(bytes=path.read_bytes()).asDirect()
    assert (width, height, info["planes"]) == (5, 3, 3)
    assert list(next(iter(rows)))[:3] == [0x30, 0x20, 0x10]


def test_transparency_is_written_straight(tmp_path):
    path = tmp_path / "out.png"
    write_png(path, np.full((1, 1), 0x80004000, np.uint32), dpi=300, opaque=False)
    assert list(next(iter(png.Reader(bytes=path.read_bytes()).asRGBA()[2]))) == [0, 128, 0, 128]


def huge_png() -> bytes:
    def chunk(kind: bytes, data: bytes) -> bytes:
        return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))

    header = struct.pack(">IIBBBBB", 100_000, 100_000, 8, 6, 0, 0, 0)
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", header) + chunk(b"IDAT", zlib.compress(b"")) + chunk(b"IEND", b"")


def test_a_header_of_100000_squared_is_refused_before_memory_is_taken(tmp_path):
    path = tmp_path / "huge.png"
    path.write_bytes(huge_png())
    with pytest.raises((TooLarge, DamagedFile), match="more"):
        read_picture(path)


@settings(max_examples=60)
@given(st.integers(0, 400), st.integers(0, 255), st.integers(20, 400))
def test_a_damaged_png_gives_a_sentence_or_a_picture(tmp_path_factory, at, value, cut):
    buffer = io.BytesIO()
    png.Writer(width=16, height=16, greyscale=False).write(buffer, [list(range(48))] * 16)
    data = bytearray(buffer.getvalue()[:cut])
    data[at % len(data)] = value
    path = tmp_path_factory.mktemp("d") / "d.png"
    path.write_bytes(data)
    try:
        pixels, _ = read_picture(path)
        assert rgba(pixels).shape[2] == 4
    except (DamagedFile, TooLarge) as error:
        assert str(error).endswith(".")


def test_a_folder_that_is_not_there_is_named(tmp_path):
    with pytest.raises(CannotWrite, match="folder does not exist"):
        write_png(tmp_path / "nowhere" / "out.png", np.zeros((1, 1), np.uint32), dpi=300, opaque=True)


def test_a_failed_write_leaves_the_old_file_and_no_other(tmp_path, monkeypatch):
    import errno
    import os

    path = tmp_path / "out.png"
    path.write_bytes(b"old")

    def full(_):
        raise OSError(errno.ENOSPC, "No space left on device")

    monkeypatch.setattr(os, "fsync", full)
    with pytest.raises(CannotWrite, match="the disk is full"):
        write_png(path, np.zeros((1, 1), np.uint32), dpi=300, opaque=True)
    assert [p.name for p in tmp_path.iterdir() if p.is_file()] == ["out.png"]
    assert path.read_bytes() == b"old"


@pytest.mark.parametrize("orientation", range(1, 9))
def test_a_photograph_comes_in_as_the_camera_was_held(tmp_path, orientation):
    """EXIF 2.3, tag 0x0112: which of the eight ways row 0 and column 0 lie. The upper left quarter is dark."""
    upright = np.full((40, 64), 220, np.uint8)
    upright[:20, :32] = 30
    stored = {
        1: upright, 2: upright[:, ::-1], 3: upright[::-1, ::-1], 4: upright[::-1],
        5: upright.T, 6: upright.T[::-1], 7: upright.T[::-1, ::-1], 8: upright.T[:, ::-1],
    }[orientation]  # fmt: skip
    exif = Image.Exif()
    exif[0x0112] = orientation
    Image.fromarray(np.ascontiguousarray(stored)).save(tmp_path / "p.jpg", exif=exif, quality=95)
    grey = rgba(read_picture(tmp_path / "p.jpg")[0])[..., 0].astype(int)
    assert grey.shape == (40, 64) and np.abs(grey - upright).mean() < 4


@pytest.mark.parametrize("channels", [1, 3, 4])
def test_tiff_of_16_bits_becomes_8(tmp_path, channels):
    rng = np.random.default_rng(1)
    wide = rng.integers(0, 65536, (30, 50, channels), np.uint16)
    if channels == 4:
        wide[..., 3] = 65535
    cv2.imwrite(str(tmp_path / "p.tif"), wide)
    ours = rgba(read_picture(tmp_path / "p.tif")[0]).astype(int)
    expected = wide[..., [0, 0, 0]] if channels == 1 else wide[..., 2::-1]
    assert np.abs(ours[..., :3] - expected / 257).max() <= 1 and (ours[..., 3] == 255).all()


@pytest.mark.parametrize("compression", ["group4", "group3", "tiff_lzw", "raw", "packbits"])
def test_tiff_of_one_bit_becomes_black_and_white(tmp_path, compression):
    bits = np.random.default_rng(3).random((40, 70)) > 0.5
    Image.fromarray(bits).save(tmp_path / "p.tif", compression=compression, dpi=(600, 600))
    pixels, dpi = read_picture(tmp_path / "p.tif")
    assert np.array_equal(rgba(pixels)[..., 0], np.where(bits, 255, 0)) and dpi == 600


def test_webp_with_transparency(tmp_path):
    half = np.dstack([np.full((20, 20), v, np.uint8) for v in (200, 100, 50, 128)])
    Image.fromarray(half).save(tmp_path / "p.webp", lossless=True)
    assert straight(read_picture(tmp_path / "p.webp")[0])[10, 10].tolist() == pytest.approx([200, 100, 50, 128], abs=1)


@pytest.mark.parametrize("channels", [3, 4])
@pytest.mark.parametrize("options", [{"lossless": True, "exact": True}, {"quality": 60}], ids=["lossless", "lossy"])
def test_webp_is_what_pillow_reads(tmp_path, channels, options):
    pixels = np.random.default_rng(channels).integers(0, 256, (700, 45, channels), np.uint8)
    Image.fromarray(pixels).save(tmp_path / "p.webp", **options)
    with Image.open(tmp_path / "p.webp") as picture:
        wanted = np.asarray(picture.convert("RGBA"))
    assert np.array_equal(read_picture(tmp_path / "p.webp")[0], premultiplied(wanted))


def test_webp_that_was_turned_or_moves_is_shown_as_pillow_shows_it(tmp_path):
    first, second = np.random.default_rng(0).integers(0, 256, (2, 20, 30, 3), np.uint8)
    exif = Image.Exif()
    exif[0x0112] = 6
    Image.fromarray(first).save(tmp_path / "turned.webp", lossless=True, exif=exif)
    assert np.array_equal(rgba(read_picture(tmp_path / "turned.webp")[0])[..., :3], np.rot90(first, -1))
    Image.fromarray(first).save(
        tmp_path / "moves.webp", lossless=True, save_all=True, append_images=[Image.fromarray(second)]
    )
    assert np.array_equal(rgba(read_picture(tmp_path / "moves.webp")[0])[..., :3], first)


KINDS = ("png", "jpg", "tif", "webp")


@given(st.sampled_from(KINDS), st.integers(0, 3000), st.integers(0, 255), st.integers(0, 3000))
@settings(max_examples=150)
def test_a_damaged_picture_gives_a_sentence_and_nothing_else(tmp_path_factory, kind, at, byte, cut):
    """Whatever is done to the bytes: pixels, or a DamagedFile or TooLarge whose message can be shown."""
    path = tmp_path_factory.mktemp("fuzz") / f"p.{kind}"
    Image.fromarray(np.random.default_rng(0).integers(0, 255, (24, 32, 3), np.uint8)).save(path)
    data = bytearray(path.read_bytes())
    data[at % len(data)] = byte
    path.write_bytes(bytes(data[: max(10, len(data) - cut % 200)]))
    try:
        assert read_picture(path)[0].ndim == 2
    except DamagedFile as error:
        assert path.name in str(error) and str(error).endswith(".")
    except TooLarge as error:
        assert "px" in str(error)
