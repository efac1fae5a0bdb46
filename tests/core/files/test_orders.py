"""Orders: what is written at once, read back by other libraries."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pypdfium2
import pytest
import tifffile
from PIL import Image

from jotsk.core.errors import Refused
from jotsk.core.files.inkml import read_inkml
from jotsk.core.files.openraster import read_page
from jotsk.core.files.orders import USUAL, Order, doubts_about, orders_from, picture_of, write_orders
from jotsk.core.page import InkLayer, blank_page, edits
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.frames import frame
from tests.conftest import stroke_along


@pytest.fixture
def page():
    page = replace(blank_page(3000, 2000, 600.0), trim_mm=5.0, bleed_mm=3.0)
    page = edits.with_mark(page, stroke_along([(300, 400), (2600, 1800)], size=40, color=(10, 90, 160)))
    page = replace(page, layers=(InkLayer(9, "Sketch", is_sketch=True), *page.layers))
    return with_inserted(page, 9, None, [stroke_along([(300, 1800), (2600, 300)], size=60, color=(0, 0, 0))])


def test_the_usual_orders_are_written_at_once(tmp_path, page):
    files = write_orders(tmp_path, "gull", page, USUAL)
    assert [file.name for file in files] == [
        "gull-print.tif", "gull-web.png", "gull-proof.pdf", "gull-shapes.svg", "gull-layers.ora",
    ]  # fmt: skip
    assert sorted(tmp_path.iterdir()) == sorted(files)
    with tifffile.TiffFile(files[0]) as tiff:
        bleed = frame(page, "bleed")
        assert tiff.pages[0].bitspersample == 1
        assert (tiff.pages[0].imagewidth, tiff.pages[0].imagelength) == (bleed.width, bleed.height)
    web = Image.open(files[1])
    assert max(web.size) == 2000 and web.getpixel((1000, 200)) == (255, 255, 255)  # no sketch
    with pypdfium2.PdfDocument(str(files[2])) as pdf:
        assert np.allclose(pdf[0].get_size(), (3000 / 600 * 72, 2000 / 600 * 72), atol=0.01)
    assert [layer.name for layer in read_page(files[4]).layers] == ["Sketch", "Ink"]


def test_motions_are_written_as_they_came(tmp_path, page):
    (file,) = write_orders(tmp_path, "gull", page, [Order("Motions", "inkml")])
    (trace,) = read_inkml(file)  # the sketch stays at home
    (stroke,) = page.active.marks
    assert np.allclose(trace.samples, stroke.trace.samples, atol=1e-3)


def test_all_are_written_or_none(tmp_path, page):
    old = tmp_path / "gull-web.png"
    old.write_bytes(b"older")

    class Stopped(Exception):
        pass

    def stop(share: float) -> None:
        if share > 0.5:
            raise Stopped

    with pytest.raises(Stopped):
        write_orders(tmp_path, "gull", page, USUAL, progress=stop)
    assert [file.name for file in tmp_path.iterdir()] == ["gull-web.png"] and old.read_bytes() == b"older"


def test_two_orders_cannot_be_one_file(tmp_path, page):
    with pytest.raises(Refused, match="endings of their own"):
        write_orders(tmp_path, "gull", page, [Order("A"), Order("B")])
    assert not list(tmp_path.iterdir())


def test_orders_are_read_as_they_were_kept_and_nonsense_is_refused():
    assert orders_from([order.record() for order in USUAL]) == list(USUAL)
    assert orders_from([{"name": "Short", "of another version": 3}]) == [Order("Short")]
    for nonsense in (
        3, [3], [{}], [{"name": " "}], [{"name": "A", "kind": "exe"}], [{"name": "A", "ending": "../up"}],
        [{"name": "A", "color": "cmyk"}], [{"name": "A", "longest_px": float("nan")}], [{"name": "A"}, {"name": "A"}],
        [{"name": "A", "quality": "best"}], [{"name": "A", "frame": 5}],
    ):  # fmt: skip
        with pytest.raises(Refused):
            orders_from(nonsense)


def test_small_pictures_show_what_goes_out(page):
    bits = picture_of(page, USUAL[0], 120)
    assert max(bits.shape) == 120 and (np.ptp(bits, axis=2) == 0).all() and bits.min() < 30
    with_sketch = picture_of(page, replace(USUAL[0], sketches=True), 120)
    assert (with_sketch < 99).sum() > 1.5 * (bits < 99).sum()


def test_doubts_are_said(page):
    assert doubts_about(page, USUAL[0]) == []
    assert doubts_about(page, replace(USUAL[0], sketches=True)) == ["The sketch goes out with it."]
    coarse = doubts_about(replace(page, dpi=300.0, trim_mm=0.0), USUAL[0])
    assert len(coarse) == 2 and "300 dpi" in coarse[1]
    hidden = replace(page, layers=tuple(replace(layer, visible=False) for layer in page.layers))
    assert doubts_about(hidden, USUAL[1]) == ["Hidden and so left out: “Ink”.", "Nothing is to be seen on it."]
