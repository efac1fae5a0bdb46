"""Records of other versions and of other programs: nothing is lost, and nothing that is no number gets in."""

from __future__ import annotations

import json
import zipfile

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from jotsk.core.errors import DamagedFile
from jotsk.core.files.inkml import read_inkml
from jotsk.core.files.openraster import OURS, read_page
from jotsk.core.files.openraster_writing import write_page
from jotsk.core.files.penfiles import read_pens
from jotsk.core.files.records import opened_marks, packed_marks
from jotsk.core.files.store import PageStore
from jotsk.core.ink import SHIPPED
from jotsk.core.json_text import beyond, json_from, merged, with_unknown
from jotsk.core.marks.record import PenTable, pen_from, pen_record
from jotsk.core.page import blank_page, edits
from tests.conftest import stroke_along

values = st.recursive(
    st.none() | st.booleans() | st.integers(-(2**53), 2**53) | st.text(max_size=5),
    lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=3), inner, max_size=3),
    max_leaves=6,
)
records = st.dictionaries(st.sampled_from("abcd"), values, max_size=4)


@pytest.mark.parametrize("text", ["NaN", "-Infinity", "1e999", "1" * 400, str(1 << 80)])
def test_what_no_number_holds_is_none(text):
    """RFC 8259, 6: numbers such as Infinity and NaN are not permitted."""
    assert json_from(f'{{"a": [{text}, 2.5]}}') == {"a": [None, 2.5]}


@given(values)
def test_all_other_json_is_read_as_the_standard_library_reads_it(value):
    assert json_from(json.dumps(value)) == value


@given(records, records)
def test_what_is_beyond_the_known_comes_back_with_it(record, known):
    written = with_unknown(dict(known), beyond(record, known))
    assert all(written[name] == value for name, value in record.items() if name not in known)
    assert merged(written, known) == written, "what is known is as it is now"


def test_a_pen_of_another_version_keeps_what_it_says_and_lacks_nothing():
    record = pen_record(SHIPPED[3]) | {"scent": "cedar"}
    record["width"]["lag"] = 3
    for name in ("taper_in", "grain", "ink", "tags"):
        del record[name]
    again = pen_record(pen_from(record))
    assert again["scent"] == "cedar" and again["width"]["lag"] == 3
    assert again["grain"] == 0.0 and again["taper_in"] == {"length_px": 0.0, "share": 0.0, "by_speed": False}
    assert hash(pen_from(record)) == hash(pen_from(again)), "pens are known by what they are"


def changed_strokes(change):
    """One stroke whose record was changed in its file."""
    import struct
    import zlib

    pens = PenTable()
    plain = zlib.decompress(packed_marks([stroke_along([(10, 10), (90, 70)])], pens))
    (length,) = struct.unpack("<I", plain[:4])
    listed = json.loads(plain[4 : 4 + length])
    change(listed[0])
    text = json.dumps(listed).encode()
    data = zlib.compress(struct.pack("<I", len(text)) + text + plain[4 + length :])
    return opened_marks(data, [pen_from(record) for record in pens.records])


def test_a_stroke_of_another_version_keeps_what_it_says_and_lacks_nothing():
    def change(record):
        record |= {"mood": {"calm": True}}
        for name in ("size_px", "color", "steady_now", "steady_after", "scale", "atop", "cuts", "copies", "hold"):
            record.pop(name)

    (stroke,) = changed_strokes(change)
    assert (stroke.size_px, stroke.scale, stroke.color) == (stroke.pen.size_px, 1.0, (0, 0, 0))
    (again,) = opened_marks(packed_marks([stroke], PenTable()), [stroke.pen])
    assert json.loads(again.unknown) == {"mood": {"calm": True}} and len(again.ribbon.points)


@pytest.mark.parametrize("hold", [7, "line", [1, 2], {"rail": "line", "at": [1e400, 0], "along": [1, 0]}])
def test_a_hold_that_makes_no_sense_is_damage_and_no_fault(hold):
    with pytest.raises(ValueError, match="makes no sense"):
        changed_strokes(lambda record: record.update(hold=hold))


def with_record(path, change):
    """The same file with its own record of the page changed."""
    with zipfile.ZipFile(path) as archive:
        parts = [(entry, archive.read(entry)) for entry in archive.infolist()]
    with zipfile.ZipFile(path, "w") as archive:
        for entry, data in parts:
            archive.writestr(entry, change(data) if entry.filename == OURS else data)


@pytest.fixture
def page():
    return edits.with_mark(blank_page(300, 200), stroke_along([(20, 20), (280, 180)]))


def test_page_and_layers_keep_what_they_do_not_know_through_file_and_journal(page, tmp_path):
    path = tmp_path / "harbour.ora"
    write_page(path, page)

    def change(data):
        record = json.loads(data) | {"weather": [1, {"wind": "north"}]}
        record["layers"][0]["paper_side"] = "smooth"
        return json.dumps(record).encode()

    with_record(path, change)
    read = read_page(path)
    store = PageStore(tmp_path / "a.journal")
    kept = store.get(store.put(read, kind="step"))
    store.close()
    write_page(path, kept)
    with zipfile.ZipFile(path) as archive:
        record = json.loads(archive.read(OURS))
    assert record["weather"] == [1, {"wind": "north"}] and record["layers"][0]["paper_side"] == "smooth"


def test_a_page_with_nan_in_a_guide_opens_and_can_be_saved_and_kept(page, tmp_path):
    path = tmp_path / "harbour.ora"
    write_page(path, page)
    guide = b'{"kind": "mirror", "at": [NaN, 20], "angle": 1e999}'
    with_record(path, lambda data: data.replace(b'"guides": []', b'"guides": [' + guide + b"]"))
    read = read_page(path)
    assert len(read.guides) == 1 and len(read.active.marks) == 1
    write_page(path, read)
    store = PageStore(tmp_path / "a.journal")
    store.put(read, kind="step")
    store.close()
    assert np.array_equal(read_page(path).active.marks.last.trace.samples, page.active.marks.last.trace.samples)


@pytest.mark.parametrize("encoding", ["shift_jis", "utf-7", "bogus", "hex", "idna", "utf-16"])
def test_xml_in_an_encoding_nobody_can_read_is_a_sentence(page, tmp_path, encoding):
    path = tmp_path / "harbour.ora"
    write_page(path, page)
    with zipfile.ZipFile(path) as archive:
        parts = [(entry, archive.read(entry)) for entry in archive.infolist()]
    with zipfile.ZipFile(path, "w") as archive:
        for entry, data in parts:
            archive.writestr(
                entry, data.replace(b"UTF-8", encoding.encode()) if entry.filename == "stack.xml" else data
            )
    with pytest.raises(DamagedFile, match="list of layers"):
        read_page(path)
    (tmp_path / "a.inkml").write_bytes(f"<?xml version='1.0' encoding='{encoding}'?><ink/>".encode())
    with pytest.raises(DamagedFile, match="XML"):
        read_inkml(tmp_path / "a.inkml")


@pytest.mark.parametrize(
    "inside",
    [
        "<traceGroup>" * 2000 + "<trace>1 2</trace>" + "</traceGroup>" * 2000,
        f"<trace>1 2, #{'f' * 400} 3</trace>",
        f"<trace>1 2, {'9' * 400} 3</trace>",
        "<trace>1 2, 1e400 3</trace>",
    ],
    ids=["nested", "hex", "digits", "exponent"],
)
def test_ink_no_hand_makes_is_a_sentence_or_left_out(tmp_path, inside):
    (tmp_path / "a.inkml").write_text(f"<ink>{inside}</ink>")
    try:
        traces = read_inkml(tmp_path / "a.inkml")
    except DamagedFile as error:
        assert "deeper" in str(error) or "no point" in str(error)
    else:
        assert all(np.isfinite(trace.samples).all() for trace in traces)


def test_a_whole_number_no_machine_holds_in_a_pen_is_a_sentence(tmp_path):
    record = json.dumps({"jotsk_pens": 1, "pens": [pen_record(SHIPPED[0])]}).replace(
        '"grain": 0.0', '"grain": ' + "1" * 500
    )
    (tmp_path / "p.json").write_text(record)
    with pytest.raises(DamagedFile, match="pen 1 makes no sense"):
        read_pens(tmp_path / "p.json")
