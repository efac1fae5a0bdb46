"""Exports, read back by libraries that had no part in writing them."""

from __future__ import annotations

import struct
import zlib
from dataclasses import replace

import numpy as np
import pikepdf
import png
import pypdfium2
import pytest
import tifffile
from PIL import Image

from jotsk.core.errors import Refused
from jotsk.core.files.export import FORMATS, Export, format_of, srgb_profile, write_export
from jotsk.core.page import PaintLayer, blank_page, edits, flattened, rgba
from jotsk.core.page.frames import frame
from tests.conftest import stroke_along

DPI = 300.0


@pytest.fixture
def page():
    page = replace(blank_page(600, 420, DPI), trim_mm=5.0, bleed_mm=3.0, safe_mm=4.0, paper=(250, 244, 230))
    page = edits.with_mark(page, stroke_along([(30, 40), (560, 380)], size=20, color=(10, 90, 160)))
    return edits.with_mark(page, stroke_along([(40, 380), (560, 60)], pen="pencil", size=30))


@pytest.fixture
def flat(page):
    return rgba(flattened(page))[..., :3]


def grey_of(rgb: np.ndarray) -> np.ndarray:
    """Luma of ITU-R BT.601, as a greyscale picture is usually made."""
    return rgb @ np.array([0.299, 0.587, 0.114])


def chunks(data: bytes) -> dict[bytes, bytes]:
    """The chunks of a PNG, their checksums looked at (W3C PNG 3, 5.3)."""
    found, at = {}, 8
    while at < len(data):
        length, kind = struct.unpack(">I4s", data[at : at + 8])
        body = data[at + 8 : at + 8 + length]
        assert struct.unpack(">I", data[at + 8 + length : at + 12 + length])[0] == zlib.crc32(kind + body)
        found[kind] = body
        at += 12 + length
    return found


def test_png_in_all_its_colours(page, flat, tmp_path):
    for color in ("rgba", "rgb", "grey", "bits"):
        path = tmp_path / f"{color}.png"
        write_export(path, page, Export(FORMATS["png"], color))
        width, height, rows, info = png.Reader(bytes=path.read_bytes()).read()
        values = np.array([list(row) for row in rows], int).reshape(height, width, -1)
        if color in ("rgb", "rgba"):
            assert np.array_equal(values[..., :3], flat)
        else:
            grey = grey_of(flat)
            wanted = (grey >= 128) if color == "bits" else grey
            unsure = np.abs(grey - 128) < 1 if color == "bits" else np.zeros(grey.shape, bool)
            assert np.abs(values[..., 0] - wanted)[~unsure].max() <= 1
            assert info["bitdepth"] == (1 if color == "bits" else 8)
        found = chunks(path.read_bytes())
        # 300 dpi is 11811 px a metre (W3C PNG 3, 11.3.4.3).
        assert struct.unpack(">IIB", found[b"pHYs"]) == (11811, 11811, 1)
        assert b"iCCP" in found or b"sRGB" in found


def test_without_paper_the_ink_stands_alone(page, tmp_path):
    write_export(tmp_path / "a.png", page, Export(FORMATS["png"], "rgba", transparent=True))
    alpha = np.asarray(Image.open(tmp_path / "a.png"))[..., 3]
    assert alpha[5, 5] == 0 and alpha.max() == 255
    with pytest.raises(Refused, match="Without paper"):
        write_export(tmp_path / "b.jpg", page, Export(FORMATS["jpeg"], "rgb", transparent=True))


def test_tiff_by_another_reader(page, flat, tmp_path):
    write_export(tmp_path / "rgb.tif", page, Export(FORMATS["tiff"], "rgb"))
    with tifffile.TiffFile(tmp_path / "rgb.tif") as tiff:
        (sheet,) = tiff.pages
        assert sheet.compression == tifffile.COMPRESSION.ADOBE_DEFLATE and sheet.shape == flat.shape
        assert sheet.tags["XResolution"].value == (300, 1) and 34675 in sheet.tags
    write_export(tmp_path / "bits.tif", page, Export(FORMATS["tiff"], "bits", threshold=200))
    with tifffile.TiffFile(tmp_path / "bits.tif") as tiff:
        (sheet,) = tiff.pages
        assert sheet.compression == tifffile.COMPRESSION.CCITT_T6 and sheet.bitspersample == 1
    bits = np.asarray(Image.open(tmp_path / "bits.tif").convert("L")) > 0
    grey = grey_of(flat)
    assert (bits == (grey >= 200))[np.abs(grey - 200) > 1].all()


def test_jpeg_and_webp_are_close_and_say_their_resolution_and_colours(page, flat, tmp_path):
    for kind, suffix in (("jpeg", "jpg"), ("webp", "webp")):
        write_export(tmp_path / f"a.{suffix}", page, Export(FORMATS[kind], "rgb", quality=95))
        with Image.open(tmp_path / f"a.{suffix}") as picture:
            # Pencil grain is what such compression is worst at.
            assert np.abs(np.asarray(picture.convert("RGB")).astype(int) - flat).mean() < 2.5
            assert picture.info["icc_profile"] == srgb_profile()
            dpi = picture.info.get("dpi") or (picture.getexif()[0x011A],)
            assert float(dpi[0]) == pytest.approx(300)
    write_export(tmp_path / "exact.webp", page, Export(FORMATS["webp"], "rgb", quality=100))
    assert np.array_equal(np.asarray(Image.open(tmp_path / "exact.webp").convert("RGB")), flat)


@pytest.mark.parametrize("name", ["page", "bleed", "trim", "safe"])
def test_the_trim_box_is_where_the_page_is_cut_whatever_frame_is_written(tmp_path, name):
    """Boxes of ISO 32000-1, 14.11.2, worked by hand: 72 points an inch, counted from the lower left corner."""
    page = replace(blank_page(1200, 900, 254.0), trim_mm=6.0, bleed_mm=3.0, safe_mm=5.0)  # ten px a mm
    path = tmp_path / "a.pdf"
    write_export(path, page, Export(FORMATS["pdf"], "rgb", frame=name, title="Gull & Lantern"))
    mm = 72 / 25.4
    left = {"page": 0.0, "bleed": 3.0, "trim": 6.0, "safe": 6.0}[name]
    with pikepdf.open(path) as pdf:
        sheet = pdf.pages[0]
        trim = [(6 - left) * mm, (6 - left) * mm, (114 - left) * mm, (84 - left) * mm]
        assert [float(v) for v in sheet.TrimBox] == pytest.approx(trim, abs=0.01)
        media, bleed = ([float(v) for v in box] for box in (sheet.MediaBox, sheet.BleedBox))
        assert all(m <= b + 0.01 for m, b in zip(media[:2], bleed[:2], strict=True))
        assert all(m >= b - 0.01 for m, b in zip(media[2:], bleed[2:], strict=True))
        assert ("/CropBox" in sheet) == (name == "safe")
        intent = pdf.Root.OutputIntents[0]
        assert intent.Type == "/OutputIntent" and bytes(intent.DestOutputProfile.read_bytes())[36:40] == b"acsp"
        assert pdf.open_metadata().get("dc:title") == "Gull & Lantern"
    document = pypdfium2.PdfDocument(path)
    width, height = {"page": (120, 90), "bleed": (114, 84), "trim": (108, 78), "safe": (98, 68)}[name]
    assert document[0].get_size() == pytest.approx((width * mm, height * mm), abs=0.02)
    assert document.get_metadata_dict()["Title"] == "Gull & Lantern"


def test_a_pdf_has_its_true_size_its_boxes_and_its_picture(page, flat, tmp_path):
    path = tmp_path / "a.pdf"
    write_export(path, page, Export(FORMATS["pdf"], "rgb"))
    document = pypdfium2.PdfDocument(path)
    sheet = document[0]
    assert sheet.get_size() == pytest.approx((600 * 72 / 300, 420 * 72 / 300))
    mm = 72 / 25.4
    for box, inset in ((sheet.get_trimbox(), 5), (sheet.get_bleedbox(), 2)):
        assert box == pytest.approx((inset * mm, inset * mm, 144 - inset * mm, 100.8 - inset * mm), abs=0.13)
    (picture,) = sheet.get_objects()
    inside = picture.get_bitmap().to_numpy()
    assert np.array_equal(inside[..., 2::-1], flat), "blue, green, red as it counts them"
    assert picture.get_bounds() == pytest.approx((0, 0, 144, 100.8))
    write_export(tmp_path / "bits.pdf", page, Export(FORMATS["pdf"], "bits"))
    assert pypdfium2.PdfDocument(tmp_path / "bits.pdf")[0].get_size() == pytest.approx((144, 100.8))


def test_frames_are_cut_where_they_lie(page, flat, tmp_path):
    # 5 mm at 300 dpi are 59 px, 2 mm are 24 (25.4 mm an inch).
    assert frame(page, "trim").x0 == 59 and frame(page, "bleed").x0 == 24 and frame(page, "safe").x0 == 106
    write_export(tmp_path / "trim.png", page, Export(FORMATS["png"], "rgb", frame="trim"))
    assert np.array_equal(np.asarray(Image.open(tmp_path / "trim.png")), flat[59:-59, 59:-59])


def test_half_the_pixels_are_the_same_size_on_paper(page, tmp_path):
    write_export(tmp_path / "half.png", page, Export(FORMATS["png"], "rgb", scale=0.5))
    with Image.open(tmp_path / "half.png") as picture:
        assert picture.size == (300, 210) and picture.info["dpi"][0] == pytest.approx(150, abs=0.02)


def test_only_the_layers_asked_for(page, tmp_path):
    page = replace(page, layers=(*page.layers, PaintLayer(7, "empty")))
    write_export(tmp_path / "a.png", page, Export(FORMATS["png"], "rgb", layers={7}))
    assert np.unique(np.asarray(Image.open(tmp_path / "a.png")).reshape(-1, 3), axis=0).tolist() == [[250, 244, 230]]


def test_what_a_format_cannot_do_is_refused(page, tmp_path):
    from pathlib import Path

    with pytest.raises(Refused, match="cannot be written as bits"):
        write_export(tmp_path / "a.jpg", page, Export(FORMATS["jpeg"], "bits"))
    with pytest.raises(Refused, match="16383"):
        write_export(tmp_path / "a.webp", replace(page, width=20000, height=10), Export(FORMATS["webp"], "rgb"))
    with pytest.raises(Refused, match="ends in none of"):
        format_of(Path("a.gif"))


def test_an_export_that_is_stopped_leaves_nothing(page, tmp_path):
    def stop(share):
        if share > 0.5:
            raise KeyboardInterrupt

    with pytest.raises(KeyboardInterrupt):
        write_export(tmp_path / "a.png", page, Export(FORMATS["png"]), progress=stop)
    assert not list(tmp_path.iterdir())


@pytest.mark.parametrize("color", ["rgb", "grey"])
def test_a_pdf_with_lines_as_shapes_is_drawn_as_our_pixels_by_pdfium(page, tmp_path, color):
    page = replace(page, layers=(*page.layers, replace(page.layers[0], uid=7, opacity=0.5, blend="multiply")))
    page = edits.with_mark(
        replace(page, active_uid=7), stroke_along([(300, 20), (320, 400)], size=40, color=(200, 40, 30))
    )
    path = tmp_path / "a.pdf"
    write_export(path, page, Export(FORMATS["pdf"], color, shapes=True))
    document = pypdfium2.PdfDocument(path)
    kinds = [each.type for each in document[0].get_objects(max_depth=3)]
    assert kinds.count(pypdfium2.raw.FPDF_PAGEOBJ_PATH) >= 3, "paper and two lines"
    assert kinds.count(pypdfium2.raw.FPDF_PAGEOBJ_IMAGE) >= 1, "the pencil has grain"
    times = 4
    drawn = document[0].render(scale=times * DPI / 72).to_numpy()[..., 2::-1].astype(float)
    h, w = page.height, page.width
    small = drawn[: h * times, : w * times].reshape(h, times, w, times, 3).mean(axis=(1, 3))
    ours = rgba(flattened(page))[..., :3].astype(float)
    ours = np.repeat(grey_of(ours)[..., None], 3, axis=2) if color == "grey" else ours
    assert np.sqrt(((small - ours) ** 2).mean()) < 4, "PDFium smooths the pencil's grain"
    large = document[0].render(scale=16 * DPI / 72, crop=(0, 0, 0, 0)).to_numpy()
    assert large.shape[0] == pytest.approx(16 * h, abs=16)
    with pikepdf.open(path) as pdf:
        assert float(pdf.pages[0].TrimBox[0]) > 0 and pdf.Root.OutputIntents


def test_shapes_are_refused_where_they_cannot_be(page, tmp_path):
    for name, color in (("png", "rgb"), ("pdf", "bits")):
        with pytest.raises(Refused, match="shapes"):
            write_export(tmp_path / f"a.{name}", page, Export(FORMATS[name], color, shapes=True))
    cropped = Export(FORMATS["pdf"], "rgb", "trim", shapes=True)
    write_export(tmp_path / "trim.pdf", page, cropped)
    sheet = pypdfium2.PdfDocument(tmp_path / "trim.pdf")[0]
    area = frame(page, "trim")
    assert sheet.get_size() == pytest.approx((area.width * 72 / DPI, area.height * 72 / DPI), abs=0.01)
    drawn = sheet.render(scale=DPI / 72).to_numpy()[..., 2::-1].astype(float)
    ours = rgba(flattened(page, area))[..., :3]
    off = drawn[: area.height, : area.width] - ours[: drawn.shape[0], : drawn.shape[1]]
    assert np.abs(off).mean() < 3
