"""Lines of SVG files as strokes: our own come back as they were drawn, others' as resvg draws them."""

from __future__ import annotations

import io

import numpy as np
import pytest
import resvg_py
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image

from jotsk.core.errors import CannotRead, JotskError, TooLarge
from jotsk.core.files import svg_lines
from jotsk.core.files.export import FORMATS, Export, write_export
from jotsk.core.files.opening import read_any
from jotsk.core.files.svg_lines import page_of, read_lines, with_lines
from jotsk.core.ink import pen_by_id
from jotsk.core.page import blank_page, edits, flattened, render, rgba
from tests.conftest import stroke_along

CHART = """<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" viewBox="0 0 400 300">
  <rect width="400" height="300" fill="white"/>
  <g transform="translate(20 10) rotate(8)" fill="none" stroke="#203040" stroke-width="6" stroke-linecap="round"
     stroke-linejoin="round">
    <path d="M20 40 C 80 0 160 120 240 30 S 300 80 340 60"/>
    <path d="M30 120 L 120 150 L 60 200 Z M 160 120 h 60 v 50"/>
    <circle cx="280" cy="190" r="45" stroke="#c02010" stroke-width="10"/>
    <ellipse cx="150" cy="235" rx="60" ry="18"/>
    <polyline points="300,100 330,120 310,140"/>
  </g>
</svg>"""


def wave(size=14):
    xy = [(40 + 12 * k, 200 + 70 * float(np.sin(k / 6))) for k in range(60)]
    return stroke_along(xy, size=size, pen="quill-nib")


def rms(a, b):
    return float(np.sqrt(((rgba(a)[..., :3].astype(float) - rgba(b)[..., :3]) ** 2).mean()))


def test_our_own_file_is_opened_as_strokes_with_their_widths(tmp_path):
    page = edits.with_mark(blank_page(800, 400), wave())
    page = edits.with_mark(page, stroke_along([(100, 350), (700, 330)], size=30, color=(200, 30, 30)))
    write_export(tmp_path / "a.svg", page, Export(FORMATS["svg"]))
    again = read_any(tmp_path / "a.svg", "a")
    assert (again.width, again.height) == (800, 400) and len(again.layers) == 1
    first, second = again.active.marks
    assert second.color == (200, 30, 30) and len(again.active.marks) == 2, "the paper is no line"
    assert render(again.active.marks, again.bounds) == again.active.tiles
    assert rms(flattened(again), flattened(page)) < 4
    widest = max(first.own_ribbon.points[:, 2])
    assert widest == pytest.approx(max(page.active.marks.touching(page.bounds)[0].own_ribbon.points[:, 2]), rel=0.03)


def test_the_lines_of_others_are_drawn_as_resvg_draws_them(tmp_path):
    path = tmp_path / "chart.svg"
    path.write_text(CHART)
    page = page_of(path)
    k = page.width / 400
    assert k == pytest.approx(300 / 96, rel=0.01) or k == 1.0
    theirs = Image.open(io.BytesIO(bytes(resvg_py.svg_to_bytes(svg_string=CHART, width=page.width)))).convert("RGB")
    ours = rgba(flattened(page))[..., :3].astype(float)
    off = ours - np.asarray(theirs.resize((page.width, page.height)), float)
    assert np.sqrt((off**2).mean()) < 8
    assert len(page.active.marks) == 6 and {mark.color for mark in page.active.marks} == {(32, 48, 64), (192, 32, 16)}


def test_lines_without_a_width_come_in_with_the_pen_in_the_hand(tmp_path):
    path = tmp_path / "line.svg"
    path.write_text('<svg xmlns="http://www.w3.org/2000/svg" width="100" height="80"><path d="M5 5 L 90 60"/></svg>')
    lines, size = read_lines(path, 96.0)
    assert size == (100, 80) and len(lines) == 1 and lines[0].widths is None
    pen = pen_by_id("brush-pen")
    page = with_lines(blank_page(100, 80), lines, "line", pen, 9.0, (1, 2, 3))
    (stroke,) = page.active.marks
    assert stroke.pen == pen and stroke.size_px == 9.0 and page.active.name == "line"
    assert stroke.trace.xy[0].tolist() == [5.0, 5.0] and stroke.trace.xy[-1].tolist() == [90.0, 60.0]


@pytest.mark.parametrize(
    "text", [
        "", "<svg", "<html/>", "not xml", '<svg xmlns="http://www.w3.org/2000/svg"/>',
        '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg">&b;</svg>',
        '<svg xmlns="http://www.w3.org/2000/svg"><path d="M nan nan L 1e999 3"/></svg>',
    ],
)  # fmt: skip
def test_what_is_no_drawing_of_lines_gives_one_sentence(tmp_path, text):
    path = tmp_path / "bad.svg"
    path.write_text(text)
    with pytest.raises(JotskError):
        page_of(path)


def test_a_file_too_large_or_not_there_is_refused(tmp_path, monkeypatch):
    with pytest.raises(CannotRead):
        read_lines(tmp_path / "none.svg", 96.0)
    path = tmp_path / "a.svg"
    path.write_text(CHART)
    monkeypatch.setattr(svg_lines, "MOST_LINES", 3)
    with pytest.raises(TooLarge, match="more lines"):
        read_lines(path, 96.0)
    monkeypatch.setattr(svg_lines, "MOST_BYTES", 10)
    with pytest.raises(TooLarge, match="larger than"):
        read_lines(path, 96.0)


@settings(max_examples=120)
@given(st.data())
def test_a_damaged_file_is_read_or_refused(tmp_path_factory, data):
    text = bytearray(CHART.encode())
    for _ in range(data.draw(st.integers(1, 6))):
        text[data.draw(st.integers(0, len(text) - 1))] = data.draw(st.integers(32, 126))
    path = tmp_path_factory.mktemp("svg") / "c.svg"
    path.write_bytes(bytes(text))
    try:
        lines, _ = read_lines(path, 96.0)
    except JotskError:
        return
    assert all(np.isfinite(line.xy).all() for line in lines)


@pytest.mark.parametrize("transform", ["rotate()", "scale()", "matrix(1)", "translate(,)", "skewX()"])
def test_a_transform_without_its_numbers_is_told(tmp_path, transform):
    path = tmp_path / "t.svg"
    path.write_text(
        f'<svg xmlns="http://www.w3.org/2000/svg"><g transform="{transform}"><path d="M0 0L9 9"/></g></svg>'
    )
    try:
        lines, _ = read_lines(path, 96.0)
    except JotskError as error:
        assert "cannot be read" in str(error)
    else:
        assert all(np.isfinite(line.xy).all() for line in lines)
