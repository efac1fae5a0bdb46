from __future__ import annotations

import io
import json
import struct
import zipfile
import zlib
from dataclasses import fields, replace
from xml.etree import ElementTree

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from pyora import Project

from jotsk.core.errors import DamagedFile, JotskError, TooLarge
from jotsk.core.files.openraster import read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.records import opened_marks
from jotsk.core.marks import Cut
from jotsk.core.page import (
    GroupLayer,
    InkLayer,
    Page,
    PaintLayer,
    blank_page,
    edits,
    flattened,
    render,
    rgba,
    tiles_from,
)
from jotsk.core.page.edits import layer_edits
from tests.conftest import stroke_along

STACK = '<image version="0.0.6" w="40" h="30"><stack><layer name="a" src="data/a.png"/></stack></image>'


def sample_page():
    page = edits.with_mark(
        blank_page(420, 300, 600.0), stroke_along([(30, 40), (390, 260)], size=20, color=(10, 90, 160))
    )
    page = edits.with_mark(page, stroke_along([(30, 260), (390, 60)], pen="pencil", size=12))
    page = edits.rubbed_out(page, Cut(stroke_along([(200, 20), (220, 280)], size=24).ribbon))
    page = layer_edits.traced_under(page, 1)
    page = edits.with_mark(page, stroke_along([(60, 60), (300, 80), (350, 250)], pen="quill-nib", size=16, after=40))
    picture = tiles_from(np.full((50, 60), 0x80402010, np.uint32), 33, 21)
    page = layer_edits.with_picture_layer(page, picture, "Photo & <note>")
    return replace(page.with_layer(replace(page.layers[1], opacity=0.6)), active_uid=2)


@pytest.fixture
def page():
    return sample_page()


@pytest.fixture
def path(tmp_path, page):
    write_page(tmp_path / "page.ora", page)
    return tmp_path / "page.ora"


def test_everything_survives_the_round_trip(page, path):
    again = read_page(path)
    assert (again.width, again.height, again.dpi, again.active_uid) == (420, 300, 600.0, 2)
    for before, after in zip(page.layers, again.layers, strict=True):
        assert type(before) is type(after)
        for name in ("uid", "name", "visible", "opacity", "locked", "tint", "is_sketch"):
            assert getattr(after, name) == getattr(before, name)
        assert after.tiles == before.tiles, "pixel-equal"
        if isinstance(before, InkLayer):
            for one, other in zip(before.marks, after.marks, strict=True):
                assert np.array_equal(one.trace.samples, other.trace.samples)
                assert one.pen == other.pen
                assert (one.size_px, one.color, one.steady_now, one.steady_after) == (
                    other.size_px, other.color, other.steady_now, other.steady_after,
                )  # fmt: skip
                assert all(
                    np.array_equal(a.ribbon.points, b.ribbon.points) for a, b in zip(one.cuts, other.cuts, strict=True)
                )
            assert render(after.marks, again.bounds) == after.tiles, "its strokes give its pixels"


def test_an_independent_reader_sees_size_layers_and_pixels(page, path):
    project = Project.load(str(path))
    assert project.dimensions == (420, 300)
    layers = list(project.children_recursive)[::-1]  # it lists the topmost first, as the file does
    assert [layer.name for layer in layers] == ["Paper", *(layer.name for layer in page.layers)]
    assert layers[2].opacity == pytest.approx(0.6)
    own = np.asarray(layers[2].get_image_data(raw=False).convert("RGBA"))
    alone = rgba(flattened(replace(page, layers=(replace(page.layers[1], opacity=1.0),)), transparent=True))
    assert np.array_equal(own[..., 3], alone[..., 3])


def test_the_parts_the_standard_asks_for(page, path):
    # OpenRaster file layout: mimetype first and stored; merged image of full size; thumbnail of at most 256 px.
    with zipfile.ZipFile(path) as archive:
        first = archive.infolist()[0]
        assert (first.filename, first.compress_type) == ("mimetype", zipfile.ZIP_STORED)
        assert archive.read("mimetype") == b"image/openraster"
        merged = np.asarray(Image.open(io.BytesIO(archive.read("mergedimage.png"))).convert("RGB"))
        thumbnail = Image.open(io.BytesIO(archive.read("Thumbnails/thumbnail.png")))
    assert np.array_equal(merged, rgba(flattened(page))[..., :3])
    assert max(thumbnail.size) <= 256 and thumbnail.format == "PNG"


def test_a_layer_another_program_changed_opens_as_the_paint_it_now_is(path, tmp_path):
    changed = tmp_path / "changed.ora"
    buffer = io.BytesIO()
    Image.new("RGBA", (10, 10), (1, 2, 3, 255)).save(buffer, "PNG")
    with zipfile.ZipFile(path) as old, zipfile.ZipFile(changed, "w") as new:
        for entry in old.infolist():
            data = buffer.getvalue() if entry.filename == "data/layer001.png" else old.read(entry)
            new.writestr(entry, data)
    layers = read_page(changed).layers
    assert isinstance(layers[0], InkLayer) and isinstance(layers[1], PaintLayer)


def test_a_file_made_elsewhere_opens(tmp_path):
    project = Project.new(64, 48)
    project.add_layer(Image.new("RGBA", (20, 10), (255, 0, 0, 255)), "red", offsets=(5, 7))
    project.save(str(tmp_path / "elsewhere.ora"))
    page = read_page(tmp_path / "elsewhere.ora")
    assert (page.width, page.height) == (64, 48)
    assert rgba(flattened(page))[10, 10].tolist() == [255, 0, 0, 255]
    assert rgba(flattened(page))[0, 0].tolist() == [255, 255, 255, 255]


def made(tmp_path, stack=STACK, **parts: bytes):
    path = tmp_path / "made.ora"
    buffer = io.BytesIO()
    Image.new("RGBA", (4, 4)).save(buffer, "PNG")
    entries = {
        "mimetype": b"image/openraster",
        "stack.xml": stack.encode(),
        "data/a.png": buffer.getvalue(),
    } | parts
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, data in entries.items():
            archive.writestr(name, data)
    return path


BOMB = '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><image w="4" h="4"><stack>&b;</stack></image>'
OUTSIDE = '<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><image w="4" h="4"><stack>&a;</stack></image>'


@pytest.mark.parametrize(
    ("stack", "parts", "words"),
    [
        (STACK, {"../../escape.txt": b"x"}, "outside the file"),
        (STACK, {"/etc/escape": b"x"}, "outside the file"),
        (BOMB, {}, "list of layers is damaged"),
        (OUTSIDE, {}, "list of layers is damaged"),
        ("<image w='4' h='4'><stack>", {}, "list of layers is damaged"),
        (STACK.replace('w="40"', ""), {}, "gives no size"),
        (STACK.replace("data/a.png", "data/none.png"), {}, "are missing"),
        (STACK, {"data/a.png": b"not a picture"}, "not a picture"),
        (STACK, {"jotsk/page.json": b"{"}, "list of its strokes is damaged"),
        (STACK, {"data/zeros": bytes(80_000_000)}, None),
        ("<image w='9' h='9'>" + "<stack>" * 99 + "</stack>" * 99 + "</image>", {}, "nested deeper"),
    ],
)
def test_hostile_and_damaged_files_give_one_sentence(tmp_path, stack, parts, words):
    path = made(tmp_path, stack, **parts)
    if words is None:
        assert read_page(path).width == 40  # a part we do not read is none of our business
        return
    with pytest.raises(DamagedFile, match=words) as caught:
        read_page(path)
    assert str(caught.value).count(".") <= 3 and "\n" not in str(caught.value)


def test_a_page_of_100000_squared_is_refused(tmp_path):
    with pytest.raises(TooLarge, match="100000 x 100000"):
        read_page(made(tmp_path, STACK.replace('w="40" h="30"', 'w="100000" h="100000"')))


@settings(max_examples=80)
@given(data=st.data())
def test_no_damage_does_more_than_a_sentence(data, tmp_path_factory):
    whole = _bytes_of_a_page(tmp_path_factory)
    kind = data.draw(st.sampled_from(["cut", "flip"]))
    at = data.draw(st.integers(0, len(whole) - 1))
    if kind == "cut":
        damaged = whole[:at]
    else:
        damaged = whole[:at] + bytes([whole[at] ^ data.draw(st.integers(1, 255))]) + whole[at + 1 :]
    path = tmp_path_factory.mktemp("damaged") / "page.ora"
    path.write_bytes(damaged)
    try:
        assert read_page(path).width > 0
    except JotskError as error:
        assert "\n" not in str(error)


_whole: list[bytes] = []


def _bytes_of_a_page(tmp_path_factory) -> bytes:
    if not _whole:
        path = tmp_path_factory.mktemp("whole") / "page.ora"
        write_page(path, sample_page())
        _whole.append(path.read_bytes())
    return _whole[0]


def rewritten(old_path, new_path, **changes) -> None:
    """Copy a file with some parts changed: a function from bytes to bytes by the part's name."""
    with zipfile.ZipFile(old_path) as old, zipfile.ZipFile(new_path, "w") as new:
        for entry in old.infolist():
            change = next(
                (c for name, c in changes.items() if entry.filename.startswith(name.replace("__", "/"))), bytes
            )
            new.writestr(entry, change(old.read(entry)))


@pytest.mark.parametrize(
    "damage",
    [
        lambda r: r["pens"][0]["width"].update(curve=[[0, 1], [1, 0]]),
        lambda r: r["pens"][0].update(tip="feather"),
        lambda r: r["pens"][0].update(dash=[1, 2, 3]),
        lambda r: r["pens"][0].update(way="magic"),
        lambda r: r["layers"][0].update(strokes=7),
        lambda r: r["layers"][0].update(strokes=["jotsk/strokes/none"]),
        lambda r: r.pop("pens"),
    ],
)
def test_pens_and_lists_of_strokes_that_make_no_sense_are_refused(path, tmp_path, damage):
    def change(data: bytes) -> bytes:
        record = json.loads(data)
        damage(record)
        return json.dumps(record).encode()

    rewritten(path, tmp_path / "bad.ora", jotsk__page=change)
    with pytest.raises(DamagedFile, match="strokes"):
        read_page(tmp_path / "bad.ora")


@pytest.mark.parametrize(
    "damage",
    [
        lambda r: r[0].update(trace=[0, 10**9]),
        lambda r: r[0].update(trace=[-6, 2]),
        lambda r: r[0].update(pen=99),
        lambda r: r[0].update(size_px=float("1e9")),
        lambda r: r[0].pop("trace"),
        lambda r: r[0].update(hold=7),
    ],
)
def test_strokes_that_make_no_sense_are_refused(path, tmp_path, damage):
    def change(data: bytes) -> bytes:
        plain = zlib.decompress(data)
        (length,) = struct.unpack("<I", plain[:4])
        records = json.loads(plain[4 : 4 + length])
        damage(records)
        listed = json.dumps(records).encode()
        return zlib.compress(struct.pack("<I", len(listed)) + listed + plain[4 + length :])

    rewritten(path, tmp_path / "bad.ora", jotsk__strokes=change)
    with pytest.raises(DamagedFile, match="strokes"):
        read_page(tmp_path / "bad.ora")


def test_a_block_of_strokes_that_unpacks_without_end_is_refused():
    with pytest.raises(ValueError, match="more than it can need"):
        opened_marks(zlib.compress(bytes(5_000_000)), [], most_bytes=1_000_000)


def stacked_page():
    """Groups in groups, clipping in two ways, blends, locks; all over colour and half-clear edges."""

    def noise(uid: int, **values) -> PaintLayer:
        rng = np.random.default_rng(uid)
        alpha = np.where(rng.random((90, 120, 1)) < 0.3, 0, 255)
        straight = np.concatenate([rng.integers(0, 256, (90, 120, 3)) * (alpha > 0), alpha], axis=2).astype(np.uint8)
        tiles = tiles_from(np.ascontiguousarray(straight).view(np.uint32)[..., 0], 3 * uid, 2 * uid)
        return PaintLayer(uid, f"layer {uid}", tiles, **values)

    layers = (
        noise(1),
        noise(2, parent=20, blend="multiply", opacity=0.6),
        noise(3, parent=20, clips=True, locks_alpha=True),
        noise(4, parent=20, clips=True, visible=False),
        GroupLayer(20, "inner", parent=21, blend="screen", opacity=0.8),
        noise(5, parent=21, locks_place=True),
        GroupLayer(21, "outer", isolated=False),
        noise(6, blend="difference", tint=(0, 142, 195)),
        noise(7, clips=True, blend="luminosity", opacity=0.9),
        noise(8, extras=(("my-attribute", "7"),)),
    )
    guides = ({"kind": "mirror", "at": [3, 4], "angle": 90},)
    seen_as, let_be = (0.4, 0.1, True, 70.0, 60.0), (("leak", 1 << 50, 3, -4), ("stray", 0, 1, 2))
    return Page(150, 120, 350.0, (250, 240, 220), layers, 3, 4.0, 3.0, 5.0, guides, seen_as, let_be)


def test_groups_blends_clipping_locks_and_all_else_survive(tmp_path):
    page = stacked_page()
    write_page(tmp_path / "a.ora", page)
    again = read_page(tmp_path / "a.ora")
    for name in (
        "width",
        "height",
        "dpi",
        "paper",
        "active_uid",
        "trim_mm",
        "bleed_mm",
        "safe_mm",
        "guides",
        "seen_as",
        "let_be",
    ):
        assert getattr(again, name) == getattr(page, name), name
    for before, after in zip(page.layers, again.layers, strict=True):
        for field in fields(before):
            assert getattr(after, field.name) == getattr(before, field.name), (before.name, field.name)
    assert np.array_equal(flattened(again), flattened(page))


def put_together(path) -> np.ndarray:
    """The picture that the standard's text gives for a file, composited here in floats and on its own.

    OpenRaster 0.0.6, layer stack: `composite-op` names a blend with source-over, or an operator of Porter and Duff;
    a stack is isolated unless it says otherwise and is plain.
    """

    def lum(c):
        return c @ np.array([0.3, 0.59, 0.11])

    def set_lum(c, target):
        c = c + (target - lum(c))[..., None]
        l, low, high = lum(c)[..., None], c.min(-1, keepdims=True), c.max(-1, keepdims=True)
        c = np.where(low < 0, l + (c - l) * l / np.where(low < 0, l - low, 1), c)
        return np.where(high > 1, l + (c - l) * (1 - l) / np.where(high > 1, high - l, 1), c)

    blends = {
        "src-over": lambda b, s: s,
        "multiply": lambda b, s: b * s,
        "screen": lambda b, s: b + s - b * s,
        "difference": lambda b, s: np.abs(b - s),
        "luminosity": lambda b, s: set_lum(b, lum(s)),
    }

    def draw(archive, stack, below):
        for element in reversed(list(stack)):
            if element.get("visibility") == "hidden":
                continue
            op, opacity = element.get("composite-op", "svg:src-over")[4:], float(element.get("opacity", "1"))
            if element.tag == "stack":
                if element.get("isolation") == "auto" and op == "src-over" and opacity == 1:
                    below = draw(archive, element, below)
                    continue
                source = draw(archive, element, np.zeros_like(below))
            else:
                source = np.zeros_like(below)
                with Image.open(io.BytesIO(archive.read(element.get("src")))) as picture:
                    data = np.asarray(picture.convert("RGBA"), float) / 255
                x, y = int(element.get("x", "0")), int(element.get("y", "0"))
                h, w = min(data.shape[0], below.shape[0] - y), min(data.shape[1], below.shape[1] - x)
                source[y : y + h, x : x + w] = data[:h, :w] * np.dstack([data[:h, :w, 3:]] * 3 + [np.ones((h, w))])
            source = source * opacity
            a_s, a_b = source[..., 3:], below[..., 3:]
            if op == "dst-in":
                below = below * a_s
                continue
            if op == "src-atop":
                below = source * a_b + below * (1 - a_s)
                continue
            s = source[..., :3] / np.maximum(a_s, 1e-9)
            b = below[..., :3] / np.maximum(a_b, 1e-9)
            color = (1 - a_b) * source[..., :3] + (1 - a_s) * below[..., :3] + a_s * a_b * blends[op](b, s)
            below = np.concatenate([color, a_s + a_b * (1 - a_s)], axis=2)
        return below

    with zipfile.ZipFile(path) as archive:
        root = ElementTree.fromstring(archive.read("stack.xml"))
        whole = draw(archive, root.find("stack"), np.zeros((int(root.get("h")), int(root.get("w")), 4)))
    return whole[..., :3] * 255


def test_any_reader_that_follows_the_standard_sees_the_right_picture(tmp_path):
    page = stacked_page()
    write_page(tmp_path / "a.ora", page)
    ours = rgba(flattened(page))[..., :3].astype(float)
    assert np.abs(put_together(tmp_path / "a.ora") - ours).max() <= 4, "but for rounding to 8 bits on the way"


def test_unknown_parts_are_kept_and_written_back(tmp_path):
    path = made(
        tmp_path,
        STACK.replace('name="a"', 'name="a" theirs="yes" composite-op="svg:plus"'),
        **{"theirs/note.txt": b"hello"},
    )
    page = read_page(path)
    write_page(tmp_path / "again.ora", page)
    with zipfile.ZipFile(tmp_path / "again.ora") as archive:
        assert archive.read("theirs/note.txt") == b"hello"
        stack = archive.read("stack.xml").decode()
    assert 'theirs="yes"' in stack and 'composite-op="svg:plus"' in stack


def test_what_did_not_change_is_not_encoded_again(tmp_path, monkeypatch):
    from jotsk.core.files import openraster_writing

    page = sample_page()
    writer, packed = openraster_writing.PageWriter(), []
    really = openraster_writing.pack_bands
    monkeypatch.setattr(
        openraster_writing, "pack_bands", lambda makers, level: packed.extend(makers) or really(makers, level)
    )
    writer.write(tmp_path / "a.ora", page)
    first = len(packed)
    assert first > 10
    packed.clear()
    later = edits.with_mark(page, stroke_along([(10, 20), (60, 20)], size=4))
    writer.write(tmp_path / "b.ora", later)
    assert len(packed) == 2, "one row of tiles, in its layer and in the whole picture"
    assert np.array_equal(flattened(read_page(tmp_path / "b.ora")), flattened(later))
    packed.clear()
    writer.write(tmp_path / "c.ora", later)
    assert not packed


def test_writing_that_is_stopped_leaves_the_file_that_was_there(page, path):
    before = path.read_bytes()

    def stop(share):
        if share > 0.5:
            raise KeyboardInterrupt

    with pytest.raises(KeyboardInterrupt):
        write_page(path, page, progress=stop)
    assert path.read_bytes() == before
    assert [p.name for p in path.parent.iterdir() if p.is_file()] == [path.name]
