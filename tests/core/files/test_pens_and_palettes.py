from __future__ import annotations

import json

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from jotsk.core.errors import DamagedFile
from jotsk.core.files.palettes import read_palette, write_palette
from jotsk.core.files.penfiles import read_pens, write_pens
from jotsk.core.ink import SHIPPED


def test_every_shipped_pen_survives_its_file(tmp_path):
    write_pens(tmp_path / "pens.json", SHIPPED)
    assert read_pens(tmp_path / "pens.json") == list(SHIPPED)


@pytest.mark.parametrize(
    ("damage", "words"),
    [
        (lambda r: r.pop("jotsk_pens"), "holds no pens"),
        (lambda r: r["pens"][1].update(width=None), "pen 2 makes no sense"),
        (lambda r: r["pens"][0].update(size_px="wide"), "pen 1 makes no sense"),
        (lambda r: r["pens"][0].update(size_px=1e9), "pen 1 makes no sense"),
        (lambda r: r["pens"].append(7), "makes no sense"),
        (lambda r: r["pens"][0].update(hue="blue"), "no colour"),
    ],
)
def test_a_damaged_pen_file_names_the_pen_that_is_wrong(tmp_path, damage, words):
    path = tmp_path / "pens.json"
    write_pens(path, SHIPPED[:3])
    record = json.loads(path.read_text())
    damage(record)
    path.write_text(json.dumps(record))
    with pytest.raises(DamagedFile, match=words):
        read_pens(path)


@pytest.mark.parametrize("content", [b"", b"{", b"\xff\xfe", b"[" * 100_000])
def test_what_is_no_pen_file_gives_a_sentence(tmp_path, content):
    (tmp_path / "p.json").write_bytes(content)
    with pytest.raises(DamagedFile, match="not JSON"):
        read_pens(tmp_path / "p.json")


def test_a_palette_survives_its_file(tmp_path):
    colors = [((1, 2, 3), "Night"), ((255, 255, 255), ""), ((16, 32, 48), "Prussian blue, thin")]
    write_palette(tmp_path / "p.txt", colors)
    assert read_palette(tmp_path / "p.txt") == colors
    assert "#010203 Night" in (tmp_path / "p.txt").read_text()


def test_remarks_and_empty_lines_are_passed_over(tmp_path):
    (tmp_path / "p.txt").write_text("# mine\n\n#ff0000 Red\n  #00FF00\n")
    assert read_palette(tmp_path / "p.txt") == [((255, 0, 0), "Red"), ((0, 255, 0), "")]


@pytest.mark.parametrize("content", ["#ff00", "red", "#GG0000 x"])
def test_a_line_that_is_no_colour_is_named(tmp_path, content):
    (tmp_path / "p.txt").write_text(f"#ff0000 Red\n{content}\n")
    with pytest.raises(DamagedFile, match="line 2"):
        read_palette(tmp_path / "p.txt")


JSON = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=8),
    lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=8), inner, max_size=3),
    max_leaves=8,
)


@given(data=st.data())
@settings(max_examples=150)
def test_anything_in_the_place_of_anything_in_a_pen_gives_a_pen_or_a_sentence(tmp_path_factory, data):
    path = tmp_path_factory.mktemp("fuzz") / "pens.json"
    write_pens(path, SHIPPED[:2])
    record = json.loads(path.read_text())
    pen = record["pens"][0]
    field = data.draw(st.sampled_from(sorted(pen)))
    value = data.draw(JSON)
    inner = pen[field]
    if isinstance(inner, dict) and inner and data.draw(st.booleans()):
        inner[data.draw(st.sampled_from(sorted(inner)))] = value
    else:
        pen[field] = value
    path.write_text(json.dumps(record))
    try:
        assert len(read_pens(path)) == 2
    except DamagedFile as error:
        assert path.name in str(error)


@given(st.binary(max_size=200))
@settings(max_examples=100)
def test_any_bytes_are_a_palette_or_a_sentence(tmp_path_factory, content):
    path = tmp_path_factory.mktemp("fuzz") / "p.txt"
    path.write_bytes(content)
    try:
        assert all(0 <= v <= 255 for color, _ in read_palette(path) for v in color)
    except DamagedFile as error:
        assert path.name in str(error)
