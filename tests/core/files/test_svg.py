"""SVG files, read by a grammar and drawn by renderers that had no part in writing them."""

from __future__ import annotations

import base64
import io
import xml.etree.ElementTree as ET
from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest
import resvg_py
import skia
from PIL import Image
from scipy.spatial import KDTree
from shapely import LineString, Point, Polygon, union_all
from skimage.measure import find_contours
from svgelements import Path as ShapePath

from jotsk.core.files.export import FORMATS, Export, write_export
from jotsk.core.files.export.numbers_kernel import closed_path, numbers_text
from jotsk.core.fill.outline import filled_inside
from jotsk.core.geometry.contour_kernel import contours
from jotsk.core.marks.cut import Cut
from jotsk.core.marks.outlines import outline_of
from jotsk.core.page import GroupLayer, InkLayer, blank_page, edits, flattened, rgba
from jotsk.core.page.edits.mark_edits import with_inserted
from jotsk.core.page.layers.effects import Effect
from tests.conftest import stroke_along

NS = {"svg": "http://www.w3.org/2000/svg"}
HREF = "{http://www.w3.org/1999/xlink}href"
DPI = 300.0


def written(tmp_path, page, **wanted):
    """The text of a page as SVG, and its root."""
    file = tmp_path / "page.svg"
    write_export(file, page, Export(FORMATS["svg"], **wanted))
    text = file.read_text()
    return text, ET.fromstring(text)


def by_resvg(text: str, times: int = 4) -> np.ndarray:
    """Drawn so many times as large and averaged: its edges alone are only in steps of 1/16 of a px."""
    data = bytes(resvg_py.svg_to_bytes(svg_string=text, dpi=times * DPI))
    drawn = np.array(Image.open(io.BytesIO(data)).convert("RGBA")).astype(float)
    height, width, _ = drawn.shape
    return drawn.reshape(height // times, times, width // times, times, 4).mean(axis=(1, 3))


def by_cairo(text: str, times: int = 4) -> np.ndarray:
    """(H, W, 4) as CairoSVG draws it, which needs the system's Cairo."""
    cairosvg = pytest.importorskip("cairosvg", exc_type=OSError)  # if Cairo is missing
    data = cairosvg.svg2png(bytestring=text.encode(), dpi=times * DPI)
    drawn = np.array(Image.open(io.BytesIO(data)).convert("RGBA")).astype(float)
    height, width, _ = drawn.shape
    return drawn.reshape(height // times, times, width // times, times, 4).mean(axis=(1, 3))


def by_skia(text: str, width: int, height: int) -> np.ndarray:
    surface = skia.Surface(width, height)
    picture = skia.SVGDOM.MakeFromStream(skia.MemoryStream(text.encode()))
    picture.setContainerSize(skia.Size(width, height))
    picture.render(surface.getCanvas())
    return np.array(surface.makeImageSnapshot().toarray(colorType=skia.kRGBA_8888_ColorType))


def rms(a: np.ndarray, b: np.ndarray) -> float:
    return float(np.sqrt(np.mean((a.astype(float) - b.astype(float)) ** 2)))


def test_numbers_are_written_as_python_writes_them():
    numbers = np.array([0, -1, 10, -2010, 7, 2**62, -(2**62), 99999], np.int64)
    assert numbers_text(numbers, 0).tobytes().decode() == " ".join(map(str, numbers.tolist()))
    assert numbers_text(numbers[:4], ord("l")).tobytes() == b"0 -1 l 10 -2010 l"
    assert not len(numbers_text(numbers[:0], 0))
    ring = np.array([(-1.004, 2), (3.25, -0.5), (3.252, -0.501), (0, 7)], np.float32)
    assert closed_path(ring, 100.0).tobytes() == b"M-100 200l425 -250 -325 750z"
    assert closed_path(ring[:1], 100.0).tobytes() == b"M-100 200z"


@pytest.fixture
def page():
    page = replace(blank_page(600, 420, DPI), paper=(250, 244, 230))
    lines = [
        stroke_along([(30 + 90 * k, 40), (80 + 80 * k, 200), (20 + 95 * k, 380)], size=1.5 + 2 * k, color=(10, 90, 160))
        for k in range(6)
    ]
    page = with_inserted(page, 1, None, lines)
    page, _ = filled_inside(page, [(300, 60), (560, 90), (500, 300), (320, 260)], (180, 60, 20), uid=1)
    return edits.with_mark(page, stroke_along([(40, 350), (560, 330)], pen="cord", size=24))


@pytest.mark.parametrize("drawn_by", [by_resvg, by_cairo])
def test_renderers_draw_what_the_page_shows(tmp_path, page, drawn_by):
    """A file of shapes alone, so that no px of ours is in it."""
    text, root = written(tmp_path, page)
    assert not root.findall(".//svg:image", NS) and len(root.findall(".//svg:path", NS)) == 8
    assert rms(drawn_by(text)[..., :3], rgba(flattened(page))[..., :3]) < 3


def test_skia_draws_it_too_though_its_edges_are_in_steps(tmp_path, page):
    text, root = written(tmp_path, page)
    sized = text.replace(root.get("width"), "600").replace(root.get("height"), "420")
    assert rms(by_skia(sized, 600, 420)[..., :3], rgba(flattened(page))[..., :3]) < 4


def test_the_size_on_paper_and_the_groups(tmp_path, page):
    page = replace(page, layers=(*page.layers, GroupLayer(7, "Figures & co", opacity=0.5, blend="multiply")))
    page = replace(page, layers=(InkLayer(6, "Hands", parent=7), *page.layers))
    text, root = written(tmp_path, page, title="A < B")
    assert root.get("width") == f"{600 / DPI * 25.4:.4f}mm" and root.get("viewBox") == "0 0 600 420"
    names = [each.text for each in root.findall(".//svg:g/svg:title", NS)]
    assert names == ["Ink", "Figures & co", "Hands"]
    assert root.find("svg:title", NS).text == "A < B"
    group = root.find("svg:g[@id='layer-7']", NS)
    assert group.get("opacity") == "0.5" and "mix-blend-mode:multiply" in group.get("style")
    assert group.find("svg:g[@id='layer-6']", NS) is not None


def test_paths_are_read_by_their_grammar_and_lie_where_the_ink_is(tmp_path):
    """svgelements, a reader of SVG's path grammar; distances by shapely to a line of even width, its round ends too."""
    stroke = stroke_along([(100, 100), (300, 200)], size=11, color=(0, 0, 0))
    _, root = written(tmp_path, with_inserted(blank_page(600, 420, DPI), 1, None, [stroke]))
    (path,) = root.findall(".//svg:path", NS)
    corners = np.array([(p.x, p.y) for p in map(ShapePath(path.get("d")).point, np.linspace(0, 1, 400))]) / 100
    points = stroke.ribbon.points.astype(float)
    assert np.ptp(points[:, 2]) < 0.01
    edge = LineString(points[:, :2]).buffer(points[0, 2], quad_segs=64).exterior
    assert max(edge.distance(Point(p)) for p in corners) < 0.1


@pytest.mark.parametrize("size", [0.8, 2.0, 5.0, 20.0])
def test_a_line_that_tapers_is_one_path_to_its_tips(size):
    path = [(30 + 8 * k, 60 + 20 * np.sin(k / 5)) for k in range(41)]
    stroke = stroke_along(path, pen="mapping-nib", size=size, pressure=np.linspace(0.1, 0.9, 41))
    (ring,), opacity = outline_of(stroke)
    assert opacity == 1.0
    points = stroke.ribbon.points.astype(float)
    discs = [Point(x, y).buffer(max(r, 1e-6), quad_segs=32) for x, y, r in points]
    whole = union_all([a.union(b).convex_hull for a, b in pairwise(discs)])
    outline = Polygon(ring)
    assert outline.is_valid and abs(outline.area - whole.area) < 0.02 * whole.area
    assert max(Point(p).distance(whole.exterior) for p in ring) < 0.1


def test_what_was_rubbed_out_and_what_a_cord_hides_is_missing(tmp_path):
    below = stroke_along([(50, 100), (350, 100)], size=9, color=(0, 0, 0))
    page = with_inserted(blank_page(400, 200, DPI), 1, None, [below])
    page = edits.with_mark(page, stroke_along([(200, 20), (200, 180)], pen="cord", size=40))
    page = edits.rubbed_out(page, Cut(stroke_along([(100, 20), (100, 180)], size=20).ribbon))
    text, root = written(tmp_path, page, color="rgba", transparent=True)
    assert not root.findall(".//svg:rect", NS)
    drawn = by_resvg(text)
    assert drawn[100, 100, 3] == 0 and drawn[100, 200, 3] == 0 and drawn[100, 150, 3] == 255
    assert rms(drawn[..., 3], rgba(flattened(page, transparent=True))[..., 3]) < 3


def test_grain_effects_and_clipping_are_pictures_in_their_places(tmp_path, page):
    pencil = [stroke_along([(50, 60 + 90 * k), (540, 90 * k + 40)], pen="pencil", size=30) for k in range(3)]
    soft = InkLayer(8, "Soft", effects=(Effect.of("blur", radius=4.0),))
    clipped = InkLayer(9, "Clipped", clips=True)
    page = replace(page, layers=(*page.layers, InkLayer(5, "Base"), clipped, soft))
    page = with_inserted(page, 1, None, pencil)
    page = with_inserted(page, 5, None, [stroke_along([(80, 60), (520, 220)], size=60, color=(40, 120, 60))])
    page = with_inserted(page, 9, None, [stroke_along([(80, 220), (520, 60)], size=40, color=(200, 20, 60))])
    page = with_inserted(page, 8, None, [stroke_along([(80, 300), (520, 380)], size=20, color=(90, 20, 160))])
    text, root = written(tmp_path, page)
    pictures = root.findall(".//svg:image", NS)
    assert len(pictures) == 3  # three pencil lines in a row are one
    for each in pictures:
        data = base64.b64decode(each.get(HREF).partition(",")[2])
        assert Image.open(io.BytesIO(data)).size == (int(each.get("width")), int(each.get("height")))
    assert rms(by_resvg(text, 1)[..., :3], rgba(flattened(page))[..., :3]) < 4


@pytest.mark.parametrize("level", [0.5, 61.3, 127.5, 200.7, 254.5])
def test_contours_enclose_what_those_of_scikit_image_do(level):
    """skimage.measure.find_contours (the same marching squares) on noise over four tiles."""
    rng = np.random.default_rng(5)
    whole = np.kron(rng.integers(0, 256, (64, 64)), np.ones((4, 4))).astype(np.uint8)
    whole[100:150, 100:150] = rng.integers(0, 256, (50, 50))
    tiles = np.ascontiguousarray(whole.reshape(2, 128, 2, 128).transpose(0, 2, 1, 3).reshape(4, 128, 128))
    found = contours(tiles, np.array([(0, 0), (1, 0), (0, 1), (1, 1)]), level)
    # Saddles may be joined either way there; places on the grid's edges are the same in both.
    theirs = np.concatenate(find_contours(np.pad(whole, 1).astype(float), level))[:, ::-1] - 0.5
    ours = np.concatenate(found)
    for some, others in ((ours, theirs), (theirs, ours)):
        assert KDTree(others).query(some)[0].max() < 1e-6
    assert all(len(ring) >= 4 for ring in found)
