"""Colours of a press, by a profile made for the test, read back by tifffile, pikepdf and Little CMS."""

from __future__ import annotations

import io
import struct
import warnings
from dataclasses import replace

import numpy as np
import pikepdf
import pypdfium2
import pytest
import tifffile
from PIL import Image, ImageCms
from skimage.color import lab2rgb, rgb2lab

from jotsk.cli import main
from jotsk.core.errors import DamagedFile, Refused
from jotsk.core.files.export import FORMATS, Export, read_profile, srgb_profile, write_export
from jotsk.core.files.export.press import as_printed, to_press
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.orders import Order
from jotsk.core.ink import pen_by_id
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along


def curves(channels):
    return np.tile(np.array([0, 65535], ">u2"), channels).tobytes()


def table(sources, targets, grid, clut):
    """A lut16Type of ISO 15076-1, 10.10, with straight curves."""
    matrix = struct.pack(">9i", *(65536 if k % 4 == 0 else 0 for k in range(9)))
    head = b"mft2" + bytes(4) + bytes([sources, targets, grid, 0]) + matrix + struct.pack(">2H", 2, 2)
    return head + curves(sources) + np.ascontiguousarray(clut, ">u2").tobytes() + curves(targets)


def lab16(lab):
    scaled = np.stack([lab[..., 0] * 652.8, (lab[..., 1] + 128) * 256, (lab[..., 2] + 128) * 256], axis=-1)
    return np.clip(np.round(scaled), 0, 65535)


def simple_press():
    """An invented press: its inks are the complements of red, green and blue, and black is taken out of all three."""
    axes = np.meshgrid(*4 * [np.linspace(0, 1, 7)], indexing="ij")
    c, m, y, k = (axis.ravel() for axis in axes)
    rgb = np.stack([(1 - c) * (1 - k), (1 - m) * (1 - k), (1 - y) * (1 - k)], axis=-1)
    to_lab = table(4, 3, 7, lab16(rgb2lab(rgb[None])[0]))
    light, a, b = (
        axis.ravel()
        for axis in np.meshgrid(
            np.linspace(0, 65535 / 652.8, 21), np.linspace(-128, 128, 21), np.linspace(-128, 128, 21), indexing="ij"
        )
    )
    with warnings.catch_warnings():  # of colours no light has
        warnings.simplefilter("ignore")
        rgb = np.clip(lab2rgb(np.stack([np.minimum(light, 100), a, b], axis=-1)[None])[0], 0, 1)
    black = 1 - rgb.max(axis=-1)
    cmy = np.where(black[:, None] < 1, (1 - rgb - black[:, None]) / np.maximum(1 - black[:, None], 1e-6), 0)
    from_lab = table(3, 4, 21, np.round(65535 * np.column_stack([cmy, black])))
    text = b"A press for tests"
    described = b"desc" + bytes(4) + struct.pack(">I", len(text) + 1) + text + b"\0" + bytes(79)
    white = b"XYZ " + bytes(4) + struct.pack(">3i", 63190, 65536, 54061)
    tags = {b"desc": described, b"wtpt": white, b"cprt": b"text" + bytes(4) + b"CC0\0"}
    tags |= {b"A2B0": to_lab, b"A2B1": to_lab, b"B2A0": from_lab, b"B2A1": from_lab}
    body, index, at = b"", b"", 128 + 4 + 12 * len(tags)
    for name, data in tags.items():
        data += bytes(-len(data) % 4)
        index += name + struct.pack(">2I", at + len(body), len(data))
        body += data
    size = at + len(body)
    head = struct.pack(">I4sI4s4s4s", size, bytes(4), 0x02400000, b"prtr", b"CMYK", b"Lab ")
    head += bytes(12) + b"acsp" + bytes(24) + struct.pack(">I", 1) + struct.pack(">3i", 63190, 65536, 54061)
    return head.ljust(128, b"\0") + struct.pack(">I", len(tags)) + index + body


@pytest.fixture(scope="module")
def press(tmp_path_factory):
    path = tmp_path_factory.mktemp("press") / "press.icc"
    path.write_bytes(simple_press())
    return path


@pytest.fixture
def page():
    page = edits.with_mark(blank_page(300, 200), stroke_along([(30, 40), (270, 60)], size=24, color=(20, 24, 27)))
    return edits.with_mark(page, stroke_along([(30, 140), (270, 150)], size=40, color=(200, 60, 40)))


def test_colours_become_ink_and_greys_are_black_ink_alone(press):
    profile = read_profile(press)
    assert profile.name == "A press for tests"
    colors = np.array(
        [[(200, 60, 40), (40, 160, 90), (255, 255, 255), (0, 0, 0), (20, 24, 27), (128, 128, 128)]], np.uint8
    )
    ink = to_press(colors, profile)[0].astype(int)
    assert ink[2].tolist() == [0, 0, 0, 0] and ink[3].tolist() == [0, 0, 0, 255] == ink[4].tolist()
    assert (ink[5, :3] == 0).all() and 100 < ink[5, 3] < 180
    assert ink[0, 1] > 120 and ink[0, 2] > 150 > ink[0, 0] and ink[1, 0] > 120 > ink[1, 1]
    back = as_printed(to_press(colors, profile), profile)[0].astype(int)
    assert np.abs(back[:3] - colors[0, :3]).max() < 26, "as the press shows it"
    theirs = ImageCms.applyTransform(
        Image.fromarray(colors), ImageCms.buildTransform(
            ImageCms.ImageCmsProfile(io.BytesIO(srgb_profile())), ImageCms.ImageCmsProfile(io.BytesIO(profile.data)),
            "RGB", "CMYK", ImageCms.Intent.RELATIVE_COLORIMETRIC, ImageCms.Flags.BLACKPOINTCOMPENSATION,
        ),
    )  # fmt: skip
    assert np.array_equal(ink[:2], np.asarray(theirs)[0, :2])


def test_a_tiff_of_inks_carries_the_profile(page, press, tmp_path):
    path = tmp_path / "a.tif"
    write_export(path, page, Export(FORMATS["tiff"], "cmyk", profile=read_profile(press)))
    with tifffile.TiffFile(path) as file:
        sheet = file.pages[0]
        assert sheet.photometric == tifffile.PHOTOMETRIC.SEPARATED and sheet.shape == (200, 300, 4)
        assert bytes(sheet.tags["InterColorProfile"].value) == press.read_bytes()
        assert sheet.asarray()[50, 150].tolist() == [0, 0, 0, 255]


def test_the_command_line_writes_in_the_inks_of_a_press_and_refuses_where_a_format_has_none(
    page, press, tmp_path, capsys
):
    write_page(tmp_path / "a.ora", page)
    command = ["export", str(tmp_path / "a.ora"), "--color", "cmyk", "--profile", str(press)]
    assert main([*command, str(tmp_path / "a.tif")]) == 0
    with Image.open(tmp_path / "a.tif") as picture:
        assert picture.mode == "CMYK" and picture.getpixel((150, 50)) == (0, 0, 0, 255)
    assert main([*command, str(tmp_path / "a.jpg")]) == 1 and not (tmp_path / "a.jpg").exists()
    assert "cannot be written as cmyk" in capsys.readouterr().err


def test_a_pdf_of_inks_is_what_pdfx4_asks_for(page, press, tmp_path):
    path = tmp_path / "a.pdf"
    write_export(path, page, Export(FORMATS["pdf"], "cmyk", title="Gull", profile=read_profile(press)))
    with pikepdf.open(path) as pdf:
        (intent,) = pdf.Root.OutputIntents
        assert intent.S == "/GTS_PDFX" and str(intent.OutputConditionIdentifier) == "A press for tests"
        assert intent.DestOutputProfile.N == 4 and intent.DestOutputProfile.read_bytes() == press.read_bytes()
        assert pdf.pdf_version >= "1.6" and pdf.docinfo["/Trapped"] == "/False" and pdf.trailer.ID
        sheet = pdf.pages[0]
        assert "/TrimBox" in sheet and "/MediaBox" in sheet
        (picture,) = sheet.resources.XObject.values()
        assert picture.ColorSpace[0] == "/ICCBased" and len(picture.read_bytes()) == 300 * 200 * 4
        with pdf.open_metadata() as metadata:
            assert metadata["{http://www.npes.org/pdfx/ns/id/}GTS_PDFXVersion"] == "PDF/X-4"
            assert metadata["dc:title"] == "Gull" and "xmp:CreateDate" in metadata
    drawn = pypdfium2.PdfDocument(path)[0].render(scale=300 / 72).to_numpy()
    assert (drawn[50, 150, :3] < 90).all() and (drawn[5, 5, :3] > 245).all()


def test_a_pdf_of_shapes_in_inks_is_drawn_by_pdfium_as_one_of_px(page, press, tmp_path):
    page = replace(page, layers=(*page.layers, replace(page.layers[0], uid=7, opacity=0.5, blend="multiply")))
    pencil = replace(stroke_along([(60, 90), (240, 95)], size=16, color=(20, 24, 27)), pen=pen_by_id("pencil"))
    page = edits.with_mark(replace(page, active_uid=7), pencil)
    drawn = []
    for shapes in (False, True):
        path = tmp_path / f"{shapes}.pdf"
        export = Export(FORMATS["pdf"], "cmyk", title="Gull", profile=read_profile(press), shapes=shapes)
        write_export(path, page, export)
        pixels = pypdfium2.PdfDocument(path)[0].render(scale=4 * 300 / 72).to_numpy()[:800, :1200, :3]
        drawn.append(pixels.reshape(200, 4, 300, 4, 3).mean(axis=(1, 3)))
    assert np.sqrt(((drawn[0] - drawn[1]) ** 2).mean()) < 4
    with pikepdf.open(tmp_path / "True.pdf") as pdf:
        sheet = pdf.pages[0]
        assert sheet.obj.Group.CS[1].N == 4 and pdf.docinfo["/GTS_PDFXVersion"] == "PDF/X-4"
        forms = [each for each in sheet.resources.XObject.values() if each.Subtype == "/Form"]
        inks = [
            [float(part) for part in operands] for form in forms
            for operands, operator in pikepdf.parse_content_stream(form) if str(operator) == "sc"
        ]  # fmt: skip
        assert [0, 0, 0, 1] in inks, "a line of black ink alone, in register with nothing"
        assert all(len(parts) == 4 for parts in inks) and len({tuple(parts) for parts in inks}) == 2
        (grain,) = [each for form in forms for each in form.Resources.XObject.values() if each.Subtype == "/Image"]
        assert len(grain.read_bytes()) == 4 * grain.Width * grain.Height


def test_what_is_no_press_is_refused(page, press, tmp_path):
    with pytest.raises(Refused, match="Choose the ICC profile"):
        write_export(tmp_path / "a.tif", page, Export(FORMATS["tiff"], "cmyk"))
    (tmp_path / "rgb.icc").write_bytes(srgb_profile())
    with pytest.raises(Refused, match="one of a press"):
        read_profile(tmp_path / "rgb.icc")
    (tmp_path / "bad.icc").write_bytes(press.read_bytes()[:300])
    with pytest.raises((DamagedFile, Refused)):
        profile = read_profile(tmp_path / "bad.icc")
        to_press(np.zeros((2, 2, 3), np.uint8), profile)
    order = Order("Press", "tiff", color="cmyk", profile=str(press))
    assert Order.from_record(order.record()).export_of(page).profile.name == "A press for tests"
